<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Devices;
use App\Models\Jar;
use App\Models\SpoonTrial;
use App\Units\Amount;
use App\Units\Scale;
use Carbon\CarbonImmutable;
use Cresco\Core\Food\Chelate;
use Cresco\Core\Food\Feed;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Recipe\RecipeFault;
use Cresco\Core\Recipe\Salts;
use Cresco\Core\Recipe\Spoon;
use Cresco\Core\Water\AcidKind;
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
        return view('shelf.index', ['show' => $this->keeper($request)->show(), 'jars' => $this->keeper($request)->jars()->with('trials')->orderBy('name')->get()]);
    }

    public function create(Request $request): View
    {
        return view('shelf.form', ['show' => $this->keeper($request)->show(), 'jar' => new Jar(['name' => '', 'salt' => null, 'unit' => 'g', 'label' => null, 'purity' => 1.0, 'price' => 0.0, 'stock' => null])]);
    }

    public function store(Request $request): RedirectResponse
    {
        $this->keeper($request)->jars()->create($this->fields($request));

        return redirect('/shelf')->with('status', __('said.on_the_shelf'));
    }

    public function edit(Request $request, Jar $jar): View
    {
        return view('shelf.form', ['show' => $this->keeper($request)->show(), 'jar' => $jar]);
    }

    public function update(Request $request, Jar $jar): RedirectResponse
    {
        $fields = $this->fields($request);
        // A bottle that was made up here stays one.
        $jar->update($jar->isHomeMade() && $fields['salt'] === Jar::FEED && is_array($fields['label']) ? ['label' => [Jar::HOME => 1.0] + $fields['label']] + $fields : $fields);

        return redirect('/shelf')->with('status', __('said.kept'));
    }

    public function destroy(Jar $jar): RedirectResponse
    {
        $jar->delete();

        return redirect('/shelf')->with('status', $jar->name.' is off the shelf.');
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
            'required' => __('said.write_a_number_here'),
            'spoons.integer' => __('said.a_whole_number_of'),
            'spoons.between' => __('said.between_1_and_100'),
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
        } catch (RecipeFault $fault) {
            throw ValidationException::withMessages([$method === 'scale' ? 'grams' : 'rise' => $fault->getMessage()]);
        }
        $before = $jar->spoon();
        $jar->trials()->create(['method' => $method, 'spoons' => $spoons, 'grams_each' => $grams, 'taken_at' => CarbonImmutable::now()]);
        $isOdd = $before !== null && $before->disagreesWith($grams, $spoons);

        return redirect('/jars/'.$jar->id.'/spoon?by='.$method)->with('status', $isOdd
            ? __('said.kept_but_it_is', ['mean' => sprintf('%.2f', $before->mean)])
            : __('said.kept_grams', ['grams' => sprintf('%.2f', $grams)]));
    }

    public function dropTrial(Jar $jar, int $trial): RedirectResponse
    {
        SpoonTrial::query()->where('jar_id', $jar->id)->whereKey($trial)->delete();

        return redirect('/jars/'.$jar->id.'/spoon')->with('status', __('said.taken_out'));
    }

    /** @return array<string, mixed> */
    private function fields(Request $request): array
    {
        $show = $this->keeper($request)->show();
        $jar = $request->route('jar');
        $was = $jar instanceof Jar ? $jar : null;
        $kind = is_string($request->input('salt')) ? $request->input('salt') : 'label';
        $isLabel = $kind === 'label';
        $isConditioner = $kind === Jar::CONDITIONER;
        $isAcid = $kind === Jar::ACID;
        $isFeed = $kind === Jar::FEED;
        $acid = AcidKind::tryFrom(is_string($request->input('label.kind')) ? $request->input('label.kind') : '');
        // A label in percent by weight is reckoned over to what a millilitre brings to a litre.
        $byWeight = $isFeed && $request->filled('label.density');
        $need = $isLabel || $isConditioner || ($isFeed && !$byWeight) ? 'required' : 'nullable';
        // A dose is weighed, or it is a liquid: then spoons and ounces are understood.
        $isLiquid = $isConditioner || $isFeed || $request->input('unit') === 'mL';
        $scales = [
            'dose' => $isLiquid ? $show->liquids() : new Scale('g', 1.0, 3, ['g' => 1.0, 'kg' => 1000.0]),
            'litres' => $show->volumes(),
            'gh' => $show->widths(Parameter::GeneralHardness),
            'kh' => $show->widths(Parameter::CarbonateHardness),
            'ec' => $show->widths(Parameter::Conductivity),
            'strength' => new Scale('mg/L', 1.0, 2),
        ];
        $this->checked($request, [
            'name' => ['required', 'string', 'max:60'],
            'salt' => ['required', Rule::in([...array_keys(Salts::all()), 'label', Jar::CONDITIONER, Jar::ACID, Jar::FEED])],
            'unit' => ['required', Rule::in(['g', 'mL'])],
            'purity' => [$isConditioner || $isAcid || $isFeed ? 'nullable' : 'required', new Amount(1, 100, '%', '99')],
            'price' => ['nullable', new Amount(0, 100000, '', '1.20')],
            'stock' => ['nullable', new Amount(0, 1000000, '', '500')],
            'label.dose' => [$need, $scales['dose']->rule(0.01, 10000.0, 6.0)],
            'label.litres' => [$need, $scales['litres']->rule(0.1, 100000.0, 20.0)],
            'label.gh' => ['nullable', $scales['gh']->rule(0.0, Hardness::fromDegrees(100.0)->millimolePerLitre, Hardness::fromDegrees(6.0)->millimolePerLitre)],
            'label.kh' => ['nullable', $scales['kh']->rule(0.0, Alkalinity::fromDegrees(100.0)->milliequivalentPerLitre, 0.0)],
            'label.ec' => ['nullable', $scales['ec']->rule(0.0, 20000.0, 300.0)],
            'label.ratio' => ['nullable', new Amount(0.05, 50, ': 1', '3')],
            'label.strength' => [$isConditioner ? 'required' : 'nullable', $scales['strength']->rule(0.05, 20.0, 1.0)],
            ...array_fill_keys(array_map(static fn(Parameter $nutrient): string => 'label.'.$nutrient->value, Parameter::nutrients()), ['nullable', $byWeight ? new Amount(0, 100, '%', '1.5') : new Amount(0, 100000, 'mg/L', '1.5')]),
            'label.chelate' => ['nullable', Rule::enum(Chelate::class)],
            'label.density' => ['nullable', new Amount(0.5, 2.5, 'g/mL', '1.1')], 'label.declared' => ['nullable', 'boolean'],
            'label.kind' => [$isAcid ? 'required' : 'nullable', Rule::enum(AcidKind::class)],
            'label.percent' => [$isAcid ? 'required' : 'nullable', new Amount(0.1, $acid?->most() ?? 85.0, '%', '10')],
        ], [
            'label.kind' => __('said.choose_which_acid'),
            'name.required' => __('said.a_name_is_needed'),
            'name.max' => __('said.a_name_of_at'),
            'name.string' => __('said.a_name_in_letters'),
            'salt' => __('said.choose_what_is_in_it'),
            'unit' => __('said.choose_grams_or_millilitres'),
            'required' => __('said.write_a_number_here'),
        ]);
        $plain = static fn(string $field): ?float => Amount::parse($request->input($field));
        // Kept in degrees, microsiemens, litres, grams or millilitres; a field that was left as it stood moves nothing.
        $kept = static fn(string $field): ?float => isset($was->label[$field]) ? (float) $was->label[$field] : null;
        $base = static function (string $field) use ($scales, $kept, $request): ?float {
            $perDegree = match ($field) {
                'gh' => Hardness::MILLIMOLE_PER_DEGREE,
                'kh' => Alkalinity::MILLIEQUIVALENT_PER_DEGREE,
                default => 1.0,
            };
            $before = $kept($field);
            $typed = $scales[$field]->keep($request->input('label.'.$field), $before === null ? null : $before * $perDegree);

            return match (true) {
                $typed === null => null,
                $before !== null && abs($typed - $before * $perDegree) < 1e-12 => $before,
                default => $typed / $perDegree,
            };
        };
        $label = $isAcid ? ['kind' => $acid?->value, 'percent' => $plain('label.percent')] : ($isConditioner
            ? ['dose' => $base('dose'), 'litres' => $base('litres'), 'strength' => $base('strength')]
            : ['dose' => $base('dose'), 'litres' => $base('litres'), 'gh' => $base('gh') ?? 0.0, 'kh' => $base('kh') ?? 0.0, 'ec' => $base('ec') > 0.0 ? $base('ec') : null, 'ratio' => $plain('label.ratio')]);
        if ($isFeed) {
            $brings = array_filter(array_combine(array_map(static fn(Parameter $nutrient): string => $nutrient->value, Parameter::nutrients()), array_map(static fn(Parameter $nutrient): float => $plain('label.'.$nutrient->value) ?? 0.0, Parameter::nutrients())));
            if ($brings === []) {
                throw ValidationException::withMessages(['label.nitrate' => __('said.it_brings_something_write')]);
            }
            $density = $plain('label.density') ?? 1.0;
            $declared = $request->boolean('label.declared');
            $label = $byWeight
                ? ['dose' => 1.0, 'litres' => 1.0] + array_combine(array_keys($brings), array_map(static fn(string $name, float $percent): float => round(Feed::ofPercent(Parameter::from($name), $density, $percent, $declared), 3), array_keys($brings), $brings))
                : ['dose' => $base('dose'), 'litres' => $base('litres')] + $brings;
            if (isset($brings[Parameter::Iron->value]) && $request->filled('label.chelate')) {
                $label['chelate'] = (string) $request->string('label.chelate');
            }
        }
        if ($isLabel && ($label['gh'] ?? 0.0) + ($label['kh'] ?? 0.0) + ($label['ec'] ?? 0.0) <= 0.0) {
            throw ValidationException::withMessages(['label.gh' => __('said.it_raises_gh_kh')]);
        }

        return [
            'name' => (string) $request->string('name'),
            'salt' => $isLabel ? null : $kind,
            'unit' => match (true) {
                $isConditioner, $isAcid, $isFeed => 'mL',
                $isLabel => (string) $request->string('unit'),
                default => 'g',
            },
            'purity' => ($plain('purity') ?? 100.0) / 100.0,
            'price' => $plain('price') ?? 0.0,
            'stock' => $plain('stock'),
            'label' => $isLabel || $isConditioner || $isAcid || $isFeed ? $label : null,
        ];
    }
}
