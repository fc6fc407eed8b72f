<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Devices;
use App\Http\Requests\JarRequest;
use App\Models\Jar;
use App\Models\SpoonTrial;
use App\Units\Amount;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\MixingFault;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Mixing\Spoon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The keeper's jars: salts and labelled products, what is left of them, and what a spoon of each weighs. */
final class ShelfController extends Controller
{
    public function index(Request $request): View
    {
        return view('shelf.index', ['show' => $this->keeper($request)->show(), 'jars' => $this->keeper($request)->jars()->with('trials')->orderBy('name')->get()]);
    }

    public function create(Request $request): View
    {
        return view('shelf.form', ['show' => $this->keeper($request)->show(), 'jar' => new Jar(['name' => '', 'salt' => is_string($request->query('salt')) ? $request->query('salt') : null, 'unit' => $request->query('salt') === Jar::FEED ? 'mL' : 'g', 'label' => null, 'purity' => 1.0, 'price' => 0.0, 'stock' => null])]);
    }

    public function store(JarRequest $request): RedirectResponse
    {
        $this->keeper($request)->jars()->create($request->fields());

        return redirect('/supplies/products')->with('status', __('said.done.on_shelf'));
    }

    public function edit(Request $request, Jar $jar): View
    {
        return view('shelf.form', ['show' => $this->keeper($request)->show(), 'jar' => $jar]);
    }

    public function update(JarRequest $request, Jar $jar): RedirectResponse
    {
        $fields = $request->fields();
        // A bottle that was made up here stays one.
        $jar->update($jar->isHomeMade() && $fields['salt'] === Jar::FEED && is_array($fields['label']) ? ['label' => [Jar::HOME => 1.0] + $fields['label']] + $fields : $fields);

        return redirect('/supplies/products')->with('status', __('said.done.kept'));
    }

    public function destroy(Jar $jar): RedirectResponse
    {
        $jar->delete();

        return redirect('/supplies/products')->with('status', __('said.done.off_shelf', ['name' => $jar->name]));
    }

    /** Calibration of a spoon, in three steps. */
    public function spoon(Request $request, Jar $jar): View
    {
        abort_unless($jar->isForBench(), 404);
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
        [$volumes, $pen] = [$keeper->show()->volumes(), $keeper->show()->values(Parameter::Conductivity)];
        abort_unless($jar->isForBench(), 404);
        $this->checked($request, [
            'spoons' => ['required', 'integer', 'between:1,100'],
            'grams' => [$method === 'scale' && !$fromDevice ? 'required' : 'nullable', new Amount(0.01, 5000, 'g', '48.2')],
            'litres' => [$method === 'pen' ? 'required' : 'nullable', $volumes->rule(0.05, 1000.0, 1.0)],
            'before' => ['nullable', $pen->rule(0.0, 5000.0, 12.0)],
            'rise' => [$method === 'pen' && !$fromDevice ? 'required' : 'nullable', $pen->rule(1.0, 20000.0, 310.0)],
        ], [
            'required' => __('said.number.needed'),
            'spoons.integer' => __('said.whole.spoons'),
            'spoons.between' => __('said.whole.spoons_between'),
        ]);
        $spoons = $request->integer('spoons');
        $number = static fn(string $field): float => match ($field) {
            'litres' => $volumes->parse($request->input($field)),
            'before', 'rise' => $pen->parse($request->input($field)),
            default => Amount::parse($request->input($field)),
        } ?? 0.0;
        $perGram = Spoon::risePerGram($jar->toCore());
        try {
            $grams = $method === 'scale'
                ? Spoon::weighed($fromDevice ? Devices::scale($keeper, $jar, $spoons)?->read() ?? 0.0 : $number('grams'), $spoons)
                : Spoon::byPen($fromDevice ? Devices::spoonPen($keeper, $jar, $spoons, $number('litres'), $perGram) ?? 0.0 : $number('rise') - $number('before'), $number('litres'), $spoons, $perGram);
        } catch (MixingFault $fault) {
            throw ValidationException::withMessages([$method === 'scale' ? 'grams' : 'rise' => say($fault)]);
        }
        $before = $jar->spoon();
        $jar->trials()->create(['method' => $method, 'spoons' => $spoons, 'grams_each' => $grams, 'taken_at' => CarbonImmutable::now()]);
        $isOdd = $before !== null && $before->disagreesWith($grams, $spoons);

        return redirect('/products/'.$jar->id.'/spoon?by='.$method)->with('status', $isOdd
            ? __('said.done.spoon_far', ['mean' => sprintf('%.2f', $before->mean)])
            : __('said.done.spoon', ['grams' => sprintf('%.2f', $grams)]));
    }

    public function dropTrial(Jar $jar, int $trial): RedirectResponse
    {
        SpoonTrial::query()->where('jar_id', $jar->id)->whereKey($trial)->delete();

        return redirect('/products/'.$jar->id.'/spoon')->with('status', __('said.done.taken_out'));
    }
}
