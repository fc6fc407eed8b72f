<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Devices;
use App\Models\Jar;
use App\Models\SpoonTrial;
use App\Rules\Amount;
use Carbon\CarbonImmutable;
use Cresco\Core\Recipe\RecipeFault;
use Cresco\Core\Recipe\Salts;
use Cresco\Core\Recipe\Spoon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The keeper's jars: salts and labelled products, what is left of them, and what a spoon of each weighs. */
final class ShelfController extends Controller
{
    public function index(Request $request): View
    {
        return view('shelf.index', ['jars' => $this->keeper($request)->jars()->with('trials')->orderBy('name')->get()]);
    }

    public function create(): View
    {
        return view('shelf.form', ['jar' => new Jar(['name' => '', 'salt' => null, 'unit' => 'g', 'label' => null, 'purity' => 1.0, 'price' => 0.0, 'stock' => null])]);
    }

    public function store(Request $request): RedirectResponse
    {
        $this->keeper($request)->jars()->create($this->fields($request));

        return redirect('/shelf')->with('status', 'On the shelf.');
    }

    public function edit(Jar $jar): View
    {
        return view('shelf.form', ['jar' => $jar]);
    }

    public function update(Request $request, Jar $jar): RedirectResponse
    {
        $jar->update($this->fields($request));

        return redirect('/shelf')->with('status', 'Kept.');
    }

    public function destroy(Jar $jar): RedirectResponse
    {
        $jar->delete();

        return redirect('/shelf')->with('status', $jar->name.' is off the shelf.');
    }

    /** Calibration of a spoon, in three steps. */
    public function spoon(Request $request, Jar $jar): View
    {
        $keeper = $this->keeper($request);
        $method = $request->query('by') === 'pen' ? 'pen' : 'scale';

        return view('shelf.spoon', [
            'jar' => $jar->load('trials'), 'keeper' => $keeper, 'method' => $method, 'show' => $keeper->show(),
            'perGram' => Spoon::risePerGram($jar->toCore()),
            'hasDevice' => Devices::has($keeper, $method === 'pen' ? Devices::PEN : Devices::SCALE),
        ]);
    }

    public function keepTrial(Request $request, Jar $jar): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $jar->load('trials');
        $method = $request->input('by') === 'pen' ? 'pen' : 'scale';
        $fromDevice = $request->input('from') === 'device';
        $this->checked($request, [
            'spoons' => ['required', 'integer', 'between:1,100'],
            'grams' => [$method === 'scale' && !$fromDevice ? 'required' : 'nullable', new Amount(0.01, 5000, 'g', '48.2')],
            'litres' => [$method === 'pen' ? 'required' : 'nullable', new Amount(0.05, 1000, 'L', '1')],
            'before' => ['nullable', new Amount(0, 5000, 'µS/cm', '12')],
            'rise' => [$method === 'pen' && !$fromDevice ? 'required' : 'nullable', new Amount(1, 20000, 'µS/cm', '310')],
        ], [
            'required' => 'Write a number here.',
            'spoons.integer' => 'A whole number of level spoons, such as 10.',
            'spoons.between' => 'Between 1 and 100 level spoons.',
        ]);
        $spoons = $request->integer('spoons');
        $number = static fn(string $field): float => Amount::parse($request->input($field)) ?? 0.0;
        $perGram = Spoon::risePerGram($jar->toCore());
        try {
            $grams = $method === 'scale'
                ? Spoon::weighed($fromDevice ? Devices::scale($keeper, $jar, $spoons)?->read() ?? 0.0 : $number('grams'), $spoons)
                : Spoon::byPen($fromDevice ? Devices::spoonPen($keeper, $jar, $spoons, $number('litres'), $perGram) ?? 0.0 : $number('rise') - $number('before'), $number('litres'), $spoons, $perGram);
        } catch (RecipeFault $fault) {
            throw ValidationException::withMessages([$method === 'scale' ? 'grams' : 'rise' => $fault->getMessage()]);
        }
        $before = $jar->spoon();
        $jar->trials()->create(['method' => $method, 'spoons' => $spoons, 'grams_each' => $grams, 'taken_at' => CarbonImmutable::now()]);
        $isOdd = $before !== null && $before->disagreesWith($grams, $spoons);

        return redirect('/jars/'.$jar->id.'/spoon?by='.$method)->with('status', $isOdd
            ? sprintf('Kept, but it is far from the %.2f g of before: another spoon, another bag? If so, take the old trials out.', $before->mean)
            : sprintf('Kept: %.2f g in a level spoon.', $grams));
    }

    public function dropTrial(Jar $jar, int $trial): RedirectResponse
    {
        SpoonTrial::query()->where('jar_id', $jar->id)->whereKey($trial)->delete();

        return redirect('/jars/'.$jar->id.'/spoon')->with('status', 'Taken out.');
    }

    /** @return array<string, mixed> */
    private function fields(Request $request): array
    {
        $isLabel = $request->input('salt') === 'label' || $request->input('salt') === null;
        $need = $isLabel ? 'required' : 'nullable';
        $this->checked($request, [
            'name' => ['required', 'string', 'max:60'],
            'salt' => ['required', Rule::in([...array_keys(Salts::all()), 'label'])],
            'unit' => ['required', Rule::in(['g', 'mL'])],
            'purity' => ['required', new Amount(1, 100, '%', '99')],
            'price' => ['nullable', new Amount(0, 100000, '', '1.20')],
            'stock' => ['nullable', new Amount(0, 1000000, '', '500')],
            'label.dose' => [$need, new Amount(0.01, 10000, '', '6')],
            'label.litres' => [$need, new Amount(0.1, 100000, 'L', '20')],
            'label.gh' => ['nullable', new Amount(0, 100, '°', '6')],
            'label.kh' => ['nullable', new Amount(0, 100, '°', '0')],
            'label.ec' => ['nullable', new Amount(0, 20000, 'µS/cm', '300')],
            'label.ratio' => ['nullable', new Amount(0.05, 50, ': 1', '3')],
        ], [
            'name.required' => 'A name is needed, such as what the jar says.',
            'name.max' => 'A name of at most 60 letters.',
            'salt.*' => 'Choose what is in it.',
            'unit.*' => 'Choose grams or millilitres.',
            'required' => 'Write a number here.',
        ]);
        $number = static fn(string $field): ?float => Amount::parse($request->input($field));
        $label = ['dose' => $number('label.dose'), 'litres' => $number('label.litres'), 'gh' => $number('label.gh') ?? 0.0, 'kh' => $number('label.kh') ?? 0.0, 'ec' => $number('label.ec') ?? 0.0, 'ratio' => $number('label.ratio')];
        if ($isLabel && $label['gh'] + $label['kh'] + $label['ec'] <= 0.0) {
            throw ValidationException::withMessages(['label.gh' => 'It raises GH, KH or conductivity by something: write at least one of them.']);
        }

        return [
            'name' => (string) $request->string('name'),
            'salt' => $isLabel ? null : (string) $request->string('salt'),
            'unit' => $isLabel ? (string) $request->string('unit') : 'g',
            'purity' => ($number('purity') ?? 100.0) / 100.0,
            'price' => $number('price') ?? 0.0,
            'stock' => $number('stock'),
            'label' => $isLabel ? $label : null,
        ];
    }
}
