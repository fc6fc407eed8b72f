<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Product;
use App\Models\Reservoir;
use App\Units\Show;
use App\View\Finding;
use App\View\Names;
use App\View\PageQuery;
use App\Words\StepWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\Caution;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Sentence;
use Cresco\Core\Mixing\Advice;
use Cresco\Core\Mixing\Mixture;
use Cresco\Core\Mixing\Preference;
use Cresco\Core\Mixing\RecipeAim;
use Cresco\Core\Mixing\Spoon;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Text;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\Ion;
use Cresco\Core\WaterChange\Dilution;

/** The water bench in the keeper's units and words. */
final class MixingPage
{
    /** Dissolved carbon dioxide that planted tanks are commonly run with, mg/L. */
    private const PLANTED_CO2 = 30.0;

    public readonly HardnessMap $map;

    /** @param list<Reservoir> $reservoirs of the keeper */
    public function __construct(public readonly MixingDraft $draft, public readonly Show $show, private readonly array $reservoirs)
    {
        $this->map = new HardnessMap($draft, $show);
    }

    public function litres(): string
    {
        return $this->show->volumePlain($this->draft->input->litres);
    }

    /** @return list<array{name: string, litres: string, place: int}> waters that go in */
    public function waters(): array
    {
        $lines = [];
        foreach ($this->draft->batch->recipe->sources as $i => $source) {
            $litres = $this->draft->batch->recipe->shares[$i] * $this->draft->input->litres;
            if ($litres > 0.005 * $this->draft->input->litres) {
                $lines[] = ['name' => $source->name, 'litres' => $this->show->volume($litres, $litres < 10.0 ? 2 : 1), 'place' => $i];
            }
        }

        return $lines;
    }

    /** @return list<BatchLine> in the order of dissolving */
    public function products(): array
    {
        $lines = [];
        foreach ($this->draft->batch->order() as $j) {
            $product = $this->draft->products[$j];
            $lines[] = self::line($j, $product, $this->draft->batch->amounts[$j], $this->draft->input->step, $this->draft->spoons[$j] ?? null);
        }

        return $lines;
    }

    private static function line(int $place, Product $product, float $amount, float $step, ?Spoon $spoon): BatchLine
    {
        return new BatchLine(
            $place,
            $product->name,
            $product->toCore()->salt === null ? (string) __('names.by_label') : $product->toCore()->salt->formula,
            Show::grams($amount, $spoon === null ? $step : 0.1),
            $product->unit,
            $spoon === null ? null : self::spoons($amount / $spoon->mean),
            $product->stock !== null && $product->stock < $amount ? Names::figure($product->stock, 3).' '.$product->unit : null,
        );
    }

    /** "2 ½ level spoons" */
    public static function spoons(float $count): string
    {
        $halves = (int) round(2.0 * $count);
        $text = trim((intdiv($halves, 2) > 0 ? (string) intdiv($halves, 2) : '').($halves % 2 === 1 ? ' ½' : ''));

        return $text === '' ? (string) __('bench.no_spoon') : trans_choice('bench.level_spoons', $halves > 2 ? 2 : 1, ['count' => $text]);
    }

    /**
     * What the batch makes beside what was wanted.
     *
     * @return list<array{key: string, label: string, unit: string, wanted: string, made: string, misses: bool, range: string|null}>
     */
    public function results(): array
    {
        $missed = array_map(static fn(RecipeAim $aim): string => $aim->value, $this->missed(false));
        $rows = [];
        foreach (RecipeAim::cases() as $aim) {
            $off = $this->off($aim);
            $made = $this->draft->batch->water->isKnown($aim) ? $this->draft->batch->water->value($aim) : null;
            $wanted = $this->draft->input->target->value($aim);
            $parameter = self::parameter($aim);
            $range = $parameter === null ? null : $this->draft->input->needs()->range($parameter);
            $rows[] = [
                'key' => $aim->value,
                'label' => Sentence::from(label($aim)),
                'unit' => $parameter === null ? ': 1' : $this->show->unit($parameter)->label,
                'wanted' => $wanted === null ? (string) __('bench.open') : $this->aimNumber($aim, $wanted),
                // What scale or spoon may be off is said where it decides.
                'made' => $made === null
                    ? '–'
                    : $this->aimNumber($aim, $made).($wanted !== null && $off > 0.5 * $aim->near($wanted) ? ' ± '.$this->aimNumber($aim, $off) : ''),
                'misses' => in_array($aim->value, $missed, true),
                'range' => $range === null || $made === null || $parameter === null ? null : match (true) {
                    $made > $range[1] + 1e-6 => (string) __('names.high'),
                    $made < $range[0] - 1e-6 => (string) __('names.low'),
                    default => null,
                },
            ];
        }

        return $rows;
    }

    /** By how much scale or spoon may be off, four times out of five, in the unit of the aim. */
    private function off(RecipeAim $aim): float
    {
        return 1.2816 * $this->draft->batch->water->spread($aim, $this->amountSpreads(), $this->draft->batch->litres);
    }

    /**
     * What is not known is not missed.
     *
     * @param bool $isWithTools whether what scale and spoon may be off counts
     *
     * @return list<RecipeAim> that the batch misses
     */
    private function missed(bool $isWithTools = true): array
    {
        $water = $this->draft->batch->water;
        $target = $this->draft->input->target;

        return array_values(array_filter($target->aims(), function (RecipeAim $aim) use ($water, $target, $isWithTools): bool {
            $wanted = (float) $target->value($aim);
            $value = $water->value($aim);

            return match (true) {
                !$water->isKnown($aim) => false,
                $value === null => $water->ions->hardness() > 1e-6,
                default => abs($value - $wanted) + ($isWithTools ? $this->off($aim) : 0.0) > $aim->near($wanted),
            };
        }));
    }

    /** @return list<RecipeAim> that are wanted, and of which a label in the batch says nothing */
    private function unknown(): array
    {
        return array_values(array_filter($this->draft->input->target->aims(), fn(RecipeAim $aim): bool => !$this->draft->batch->water->isKnown($aim)));
    }

    public function aimNumber(RecipeAim $aim, float $value): string
    {
        $parameter = self::parameter($aim);

        return $parameter === null
            ? Show::plain($value, 1)
            : Show::rounded($this->show->unit($parameter)->fromBase($value), max($this->show->unit($parameter)->decimals, 0));
    }

    private function aimValue(RecipeAim $aim, float $value): string
    {
        $parameter = self::parameter($aim);

        return $parameter === null ? Show::plain($value, 1).' : 1' : $this->show->value($parameter, $value);
    }

    private static function parameter(RecipeAim $aim): ?Parameter
    {
        return match ($aim) {
            RecipeAim::Hardness => Parameter::GeneralHardness,
            RecipeAim::Alkalinity => Parameter::CarbonateHardness,
            RecipeAim::Conductivity => Parameter::Conductivity,
            RecipeAim::Ratio => null,
        };
    }

    /**
     * The ions of the batch, each with its limit.
     *
     * @return list<array{ion: Ion, milligrams: float, cap: float|null, at: float, capAt: float|null, over: bool, unknown: bool}>
     */
    public function ions(): array
    {
        $water = $this->draft->batch->water;
        $caps = $this->draft->input->target->caps;
        $most = 20.0;
        foreach (IonsQuery::SHOWN as $ion) {
            $most = max($most, $water->ions->milligramsOf($ion), min($caps[$ion->value] ?? 0.0, 150.0));
        }
        $unknown = $water->unknown();
        $rows = [];
        foreach (IonsQuery::SHOWN as $ion) {
            $value = $water->ions->milligramsOf($ion);
            $cap = $caps[$ion->value] ?? null;
            $rows[] = [
                'ion' => $ion, 'milligrams' => $value, 'cap' => $cap,
                'at' => round(100.0 * $value / $most, 1),
                'capAt' => $cap === null || $cap > $most ? null : round(100.0 * $cap / $most, 1),
                'over' => $cap !== null && $value > 1.005 * $cap + 0.05,
                'unknown' => in_array($ion, $unknown, true),
            ];
        }

        return $rows;
    }

    /**
     * Recipes that are equally close, side by side.
     *
     * @return list<array{preference: Preference, isShown: bool, jars: int, pure: string, sodium: string, ratio: string, ions: string, cost: string|null}>
     */
    public function recipes(): array
    {
        $rows = [];
        $litres = $this->draft->input->litres;
        foreach ($this->draft->recipes as $name => $recipe) {
            $preference = Preference::from($name);
            $pure = 0.0;
            foreach ($recipe->sources as $i => $source) {
                $pure += $source->isPure ? $recipe->shares[$i] : 0.0;
            }
            $ratio = $recipe->value(RecipeAim::Ratio);
            $ions = [];
            foreach (IonsQuery::SHOWN as $ion) {
                $value = $recipe->ions->milligramsOf($ion);
                if ($value >= 0.05 && $ion !== Ion::Sodium) {
                    $ions[] = label($ion).' '.Names::figure($value, 2);
                }
            }
            $cost = $this->cost($recipe) * $litres;
            $rows[] = [
                'preference' => $preference,
                'isShown' => $recipe === $this->draft->batch->recipe,
                'jars' => count(array_filter($recipe->amounts, static fn(float $amount): bool => $amount > 1e-6)),
                'pure' => $this->show->volume($pure * $litres),
                'sodium' => Names::figure($recipe->ions->milligramsOf(Ion::Sodium), 2),
                'ratio' => $ratio === null ? 'no Mg' : Show::plain($ratio, 1).' : 1',
                'ions' => implode(', ', $ions),
                'cost' => $cost > 0.0 ? Show::rounded($cost, 2) : null,
            ];
        }

        return $rows;
    }

    private function cost(Mixture $mixture): float
    {
        $cost = 0.0;
        foreach ($mixture->products as $j => $product) {
            $cost += $product->price * $mixture->amounts[$j];
        }

        return $cost;
    }

    /** What the products of the batch cost, in the keeper's money; null when no prices are known. */
    public function batchCost(): ?string
    {
        $cost = $this->cost($this->draft->batch->water) * $this->draft->input->litres;

        return $cost > 0.0 ? Show::rounded($cost, 2) : null;
    }

    /**
     * The way of the tank to the target: one line for each change.
     *
     * @return list<array{day: string, water: string, tank: string}>
     */
    public function way(): array
    {
        $passage = $this->draft->passage;
        $lines = [];
        $today = CarbonImmutable::now();
        foreach ($passage->waters ?? [] as $i => $water) {
            $state = $passage->states[$i + 1] ?? [];
            $lines[] = [
                'day' => $this->show->day($today->addDays($i * $this->draft->input->needs()->daysBetween())),
                'water' => $this->figures($water),
                'tank' => $this->figures($state),
            ];
        }

        return $lines;
    }

    /** The target of the first change on the way, as fields of the mixing page; null when the batch is that water already. */
    public function firstWater(): ?string
    {
        $water = $this->draft->passage->waters[0] ?? null;
        $target = $this->draft->input->target;
        if ($water === null) {
            return null;
        }
        $fields = [];
        $isSame = true;
        foreach ([[RecipeAim::Hardness, 'gh'], [RecipeAim::Alkalinity, 'kh'], [RecipeAim::Conductivity, 'ec']] as [$aim, $field]) {
            $parameter = self::parameter($aim);
            $value = $parameter === null ? null : $water[$parameter->value] ?? null;
            $wanted = $target->value($aim);
            if ($parameter === null || $value === null || $wanted === null) {
                continue;
            }
            $isSame = $isSame && abs($value - $wanted) <= $aim->tolerance($wanted);
            $fields[$field] = Show::plain($this->show->unit($parameter)->fromBase($value), $this->show->unit($parameter)->decimals);
        }

        return $isSame || $fields === [] ? null : $this->link($fields);
    }

    /** @param array<string, float> $values by parameter */
    private function figures(array $values): string
    {
        return implode(' · ', array_map(function (string $name, float $value): string {
            $parameter = Parameter::from($name);

            return ($parameter === Parameter::Conductivity ? '' : label($parameter).' ').$this->show->value($parameter, $value);
        }, array_keys($values), $values));
    }

    /** @param array<string, string|array<mixed>> $fields of the mixing page that are changed; the rest stays as it was asked */
    public function link(array $fields): string
    {
        return '/mix-water?'.http_build_query([...PageQuery::kept(request(), array_keys($fields)), ...$fields]);
    }

    /**
     * Where conductivity can lie with this GH and KH, for its strip.
     *
     * @return array{most: float, reach: array{float, float}|null, range: array{float, float}|null, target: float|null, made: float, tank: float|null}
     */
    public function strip(): array
    {
        $reach = $this->draft->conductivity;
        $made = $this->draft->batch->water->conductivity;
        $range = $this->draft->input->needs()->range(Parameter::Conductivity);
        $tank = $this->draft->tank !== null && $this->draft->tank->has(Parameter::Conductivity)
            ? $this->draft->tank->central(Parameter::Conductivity, 0.0)
            : null;
        $most = 1.15 * max([$made, $this->draft->input->target->conductivity ?? 0.0, $tank ?? 0.0, $range[1] ?? 0.0, 100.0]);

        return [
            'most' => $most,
            'ticks' => HardnessMap::ticks($this->show->unit(Parameter::Conductivity)->fromBase($most)),
            'reach' => $reach === null ? null : [min($most, $reach[0]), min($most, $reach[1])],
            'range' => $range,
            'target' => $this->draft->input->target->conductivity,
            'made' => $made,
            'tank' => $tank,
        ];
    }

    /** @return list<Finding> most serious first */
    public function findings(): array
    {
        $findings = [
            ...$this->advice(),
            ...$this->rounding(),
            ...$this->stock(),
            ...$this->shock(),
            ...$this->plants(),
            ...$this->knowledge(),
            ...$this->store(),
            ...$this->carbonDioxide(),
        ];
        if ($this->draft->advice === null && $this->missed() === [] && $this->unknown() === []) {
            $findings[] = new Finding(Finding::GOOD, __('bench.lands.head'), __('bench.lands.why'));
        }
        usort($findings, static fn(Finding $a, Finding $b): int => $a->rank() <=> $b->rank());

        return $findings;
    }

    /** @return list<Finding> what cannot be had, and the ways out */
    private function advice(): array
    {
        $advice = $this->draft->advice;
        if ($advice === null) {
            return [];
        }
        $target = $this->draft->input->target;
        $reach = $advice->reach === null || $advice->reachOf === null ? '' : $this->reach($advice->reachOf, $advice->reach);
        $found = [];
        if ($advice->alone !== []) {
            $aim = $advice->alone[0];
            $found[] = new Finding(
                Finding::BEYOND,
                __('bench.alone.head', ['aim' => Sentence::from(label($aim)), 'value' => $this->aimValue($aim, (float) $target->value($aim))]),
                $reach.($advice->reach !== null && $advice->reach[0] > (float) $target->value($aim) ? ' '.__('bench.alone.softer') : ''),
            );
        } elseif ($advice->pair !== null) {
            [$first, $second] = $advice->pair;
            $found[] = new Finding(
                Finding::BEYOND,
                __('bench.pair.head', ['one' => label($first), 'other' => label($second)]),
                __('bench.pair.why', ['aim' => label($first), 'value' => $this->aimValue($first, (float) $target->value($first)), 'reach' => lcfirst($reach)]),
            );
        } elseif ($advice->missed !== []) {
            $names = Names::list(array_map(static fn(RecipeAim $aim): string => label($aim), $advice->missed));
            $found[] = new Finding(Finding::BEYOND, __('bench.rest', ['aims' => Sentence::from($names)]), $reach);
        }
        foreach ($advice->over as $ion) {
            $found[] = new Finding(
                Finding::BEYOND,
                __('bench.over.head', ['ion' => label($ion)]),
                __(
                    'bench.over.why',
                    ['least' => Names::figure(
                        $this->draft->batch->water->ions->milligramsOf($ion),
                        3,
                    ), 'most' => Names::figure((float) ($target->caps[$ion->value] ?? 0.0), 3)],
                ),
            );
        }
        if ($advice->wanting !== []) {
            $names = array_map(static fn($salt): string => __('names.salt.'.$salt->key).' ('.$salt->formula.')', $advice->wanting);
            $found[] = new Finding(
                Finding::HEED,
                __('bench.wanting.head'),
                __('bench.wanting.why', ['jars' => implode(' '.__('bench.wanting.or').' ', $names)]),
            );
        }
        if (in_array(RecipeAim::Alkalinity, $advice->missed, true) && $this->draft->closest->ions->alkalinity() > (float) $target->kh) {
            $found[] = new Finding(Finding::HEED, __('bench.acid.head'), StepWords::caution(Caution::Acid).' '.__('bench.acid.why'));
        }
        if ($advice->pureShare !== null) {
            $found[] = new Finding(Finding::HEED, __('bench.pure.head'), __('bench.pure.why', ['share' => $this->show->percent($advice->pureShare)]));
        }

        return $found;
    }

    /**
     * Ways out of a target that cannot be had, cheapest first: what gives way, and the mixing page with that.
     *
     * @return list<array{text: string, link: string}>
     */
    public function concessions(): array
    {
        $ways = [];
        foreach (array_slice($this->draft->advice->concessions ?? [], 0, 3) as $concession) {
            if ($concession->what instanceof Ion) {
                $instead = ceil($concession->instead);
                $caps = request()->input('cap');
                $ways[] = [
                    'text' => (string) __('bench.way.allow', ['amount' => Show::plain($instead, 0), 'ion' => strtolower(label($concession->what))]),
                    'link' => $this->link(['cap' => [...(is_array($caps) ? $caps : []), $concession->what->value => Show::plain($instead, 0)]]),
                ];
                continue;
            }
            $aim = $concession->what;
            $parameter = self::parameter($aim);
            $value = $parameter === null ? $concession->instead : $this->show->unit($parameter)->fromBase($concession->instead);
            $ways[] = [
                'text' => (string) __(
                    'bench.way.instead',
                    ['aim' => label($aim), 'value' => $this->aimValue($aim, $concession->instead), 'wanted' => $this->aimNumber($aim, $concession->wanted)],
                ),
                'link' => $this->link([$aim->value => Show::plain($value, $parameter === null ? 1 : max(1, $this->show->unit($parameter)->decimals))]),
            ];
        }

        return $ways;
    }

    /** @param array{float, float} $reach */
    private function reach(RecipeAim $aim, array $reach): string
    {
        return match (true) {
            is_infinite($reach[1]) => (string) __('bench.reach.more', ['aim' => label($aim), 'value' => $this->aimValue($aim, $reach[0])]),
            abs($reach[1] - $reach[0]) <= $aim->tolerance($reach[0]) => (string) __(
                'bench.reach.fixed',
                ['aim' => label($aim), 'value' => $this->aimValue($aim, $reach[0])],
            ),
            default => (string) __(
                'bench.reach.between',
                ['aim' => label($aim), 'low' => $this->aimNumber($aim, $reach[0]), 'high' => $this->aimValue($aim, $reach[1])],
            ),
        };
    }

    /** @return list<Finding> when the scale or the spoon is too coarse for so little */
    private function rounding(): array
    {
        $target = $this->draft->input->target;
        $before = array_map(static fn(RecipeAim $aim): string => $aim->value, Advice::missed($target, $this->draft->batch->recipe));
        $lost = array_filter($this->missed(), static fn(RecipeAim $aim): bool => !in_array($aim->value, $before, true));
        if ($lost === []) {
            return [];
        }

        return [new Finding(
            Finding::HEED,
            __('bench.rounding.head'),
            __('bench.rounding.why', ['aims' => Names::list(array_map(static fn(RecipeAim $aim): string => label($aim), array_values($lost)))]),
        )];
    }

    /** @return list<Finding> */
    private function stock(): array
    {
        $short = [];
        foreach ($this->products() as $line) {
            if ($line->short !== null) {
                $short[] = (string) __('bench.stock.one', ['jar' => $line->name, 'amount' => $line->amount, 'unit' => $line->unit, 'left' => $line->short]);
            }
        }

        return $short === [] ? [] : [new Finding(Finding::BEYOND, __('bench.stock.head'), implode('; ', $short).'.')];
    }

    /** @return list<Finding> shrimp and a jump of what is dissolved */
    private function shock(): array
    {
        $tank = $this->draft->tank;
        if ($tank === null || !$this->draft->input->animals->steersByConductivity() || !$tank->has(Parameter::Conductivity)) {
            return [];
        }
        $now = $tank->central(Parameter::Conductivity, 0.0);
        $after = Dilution::landing(Parameter::Conductivity, $now, $this->draft->batch->water->conductivity, $this->draft->input->fraction);
        $allowed = (float) $this->draft->input->needs()->swingLimits()->allowed(Parameter::Conductivity, $now);
        if (abs($after - $now) <= $allowed) {
            return [];
        }

        return [new Finding(Finding::BEYOND, __('bench.shock.head'), __('bench.shock.why', [
            'share' => $this->show->percent($this->draft->input->fraction), 'now' => $this->show
                ->number(Parameter::Conductivity, $now), 'after' => $this->show->value(Parameter::Conductivity, $after),
            'allowed' => $this->show->width(Parameter::Conductivity, $allowed),
        ]).' '.StepWords::caution(Caution::Osmotic))];
    }

    /** @return list<Finding> */
    private function plants(): array
    {
        $sodium = $this->draft->batch->water->ions->milligramsOf(Ion::Sodium);
        $cap = AnimalGroup::PlantsFirst->caps()['Na'];

        return $this->draft->input->animals !== AnimalGroup::PlantsFirst || $sodium <= $cap ? [] : [
            new Finding(
                Finding::HEED,
                __('bench.sodium.head', ['amount' => Names::figure($sodium, 2)]),
                StepWords::caution(Caution::SodiumPlants).' '.__('bench.sodium.why'),
            ),
        ];
    }

    /** @return list<Finding> what the figures rest on */
    private function knowledge(): array
    {
        $found = [];
        foreach ($this->waters() as $line) {
            $source = $this->draft->batch->recipe->sources[$line['place']];
            $known = $this->draft->waters[(int) $source->key];
            if ($known->analysis?->isBad === true) {
                $found[] = new Finding(Finding::HEED, __('bench.known.odd', ['water' => $source->name]), __('bench.known.odd_why'));
            } elseif (!$known->isAnalysed && !$source->isPure && $known->analysis !== null && $known->analysis->assumptions !== []) {
                $found[] = new Finding(
                    Finding::GOOD,
                    __('bench.known.kits', ['water' => $source->name]),
                    implode(
                        ' ',
                        array_map(static fn(Text $one): string => say($one, 'analysis'), array_slice($known->analysis->assumptions, 0, 2)),
                    ).' '.__('bench.known.kits_why'),
                );
            }
        }
        foreach ($this->draft->batch->order() as $j) {
            $product = $this->draft->products[$j];
            if (!$product->toCore()->isHardnessKnown()) {
                $found[] = new Finding(Finding::HEED, __('bench.known.silent'), __('bench.known.silent_why', ['jar' => $product->name]));
            }
            $against = $product->salt === null ? $product->coreLabel()->contradiction() : null;
            if ($against !== null) {
                $found[] = new Finding(Finding::HEED, __('bench.known.label', ['jar' => $product->name]), say($against, 'bench'));
            }
        }
        $unknown = $this->draft->batch->water->unknown();
        if ($unknown !== []) {
            $found[] = new Finding(
                Finding::GOOD,
                __('bench.known.ions'),
                __('bench.known.ions_why', ['ions' => implode(', ', array_map(static fn(Ion $ion): string => strtolower(label($ion)), $unknown))]),
            );
        }

        return $found;
    }

    /** @return list<Finding> when to start the unit */
    private function store(): array
    {
        foreach ($this->draft->batch->recipe->sources as $i => $source) {
            $litres = $this->draft->batch->recipe->shares[$i] * $this->draft->input->litres;
            $reservoir = $this->storeOf((int) $source->key);
            if ($reservoir === null || $litres < 0.1 || $litres <= $reservoir->level + 1e-6) {
                continue;
            }
            $hours = $reservoir->supply()->hoursFor($litres);
            $text = __('bench.store.why', [
                'litres' => $this->show->volume($litres), 'level' => $this->show->volume($reservoir->level), 'time' => Show::minutes((int) ceil(60.0 * $hours)),
                'there' => $this->show->when(CarbonImmutable::now()->addMinutes((int) ceil(60.0 * $hours))), 'waste' => $this->show
                    ->volume($reservoir->supply()->wasteFor($litres)),
            ]);

            return [new Finding(
                Finding::HEED,
                __('bench.store.head', ['water' => $source->name]),
                $text.($litres > $reservoir->capacity ? ' '.__('bench.store.twice') : ''),
            )];
        }

        return [];
    }

    private function storeOf(int $waterId): ?Reservoir
    {
        foreach ($this->reservoirs as $reservoir) {
            if ($reservoir->source_water_id === $waterId) {
                return $reservoir;
            }
        }

        return null;
    }

    /** @return list<Finding> which pH goes with this KH and a planted tank's carbon dioxide */
    private function carbonDioxide(): array
    {
        $working = $this->carbonDioxideWorking();

        return $working === null
            ? []
            : [new Finding(Finding::GOOD, __('bench.gas.head', ['ph' => Show::rounded($working->value('pH'), 1)]), __('bench.gas.why'))];
    }

    private function carbonDioxideWorking(): ?Computation
    {
        $degrees = $this->draft->batch->water->ions->alkalinity() / Alkalinity::MILLIEQUIVALENT_PER_DEGREE;

        return $this->draft->input->animals !== AnimalGroup::PlantsFirst || $this->draft->batch->water->ions->alkalinity() < Carbonate::SOFT
            ? null
            : Computation::of('bench_sheet.title')
            ->given('KH', 'bench_sheet.kh_of_batch', $degrees, '°')
            ->given('CO2', 'bench_sheet.dissolved_carbon_dioxide', self::PLANTED_CO2, 'mg/L')
            ->line('pH = 7 - log10(CO2 / (3 * KH))', 'bench_sheet.ph', '', 'common_rule_from_first_dissociation_of')
            ->note('bench_sheet.rule_takes_all_alkalinity_as_bicarbonate');
    }

    /** The working of one figure, by the name used in the page; null for an unknown name. */
    public function working(string $name): ?Computation
    {
        [$what, $of] = explode('.', $name.'.');
        $batch = $this->draft->batch;
        $litres = $this->draft->input->litres;

        return match ($what) {
            'gh', 'kh', 'ratio' => $batch->water->working(RecipeAim::from($what), $litres, $this->amountSpreads()),
            'ec' => $batch->water->working(RecipeAim::Conductivity, $litres, $this->amountSpreads()),
            'model' => $batch->water->conductance->working($batch->water->ions),
            'ion' => ($ion = Ion::tryFrom($of)) === null ? null : $batch->water->ionWorking($ion, $litres),
            'jar' => $this->productWorking((int) $of),
            'water' => $this->waterWorking((int) $of),
            'co2' => $this->carbonDioxideWorking(),
            'run' => $this->runWorking(),
            default => null,
        };
    }

    /** @return list<float> standard deviation of each amount, as the scale or the spoon has it */
    private function amountSpreads(): array
    {
        $spreads = [];
        foreach (array_keys($this->draft->products) as $j) {
            $spoon = $this->draft->spoons[$j] ?? null;
            $spreads[] = $spoon === null ? $this->draft->input->step / sqrt(12.0) : $spoon->spreadOf($this->draft->batch->amounts[$j] / $spoon->mean);
        }

        return $spreads;
    }

    private function productWorking(int $j): ?Computation
    {
        if (!isset($this->draft->products[$j])) {
            return null;
        }
        $product = $this->draft->products[$j];
        $spoon = $this->draft->spoons[$j] ?? null;
        $working = Computation::of(Text::of('mixture.product', name: $product->name))
            ->given('a', 'bench_sheet.of_recipe_in_one_litre', $this->draft->batch->recipe->amounts[$j], $product->unit.'/L')
            ->given('V', 'bench_sheet.litres_made', $this->draft->input->litres, 'L')
            ->line('m = a * V', 'bench_sheet.for_batch', $product->unit);
        if ($spoon !== null) {
            $working->given('s', 'bench_sheet.one_level_spoon', $spoon->mean, $product->unit)->line('n = m / s', 'bench_sheet.level_spoons', '');
        }

        return $working->note(Text::of(
            $spoon === null ? 'bench_sheet.rounded_to_scale' : 'bench_sheet.rounded_to_spoons',
            step: Names::figure($this->draft->input->step, 2),
            amount: Show::grams($this->draft->batch->amounts[$j], $spoon === null ? $this->draft->input->step : 0.1),
            unit: $product->unit,
        ));
    }

    private function waterWorking(int $i): ?Computation
    {
        $recipe = $this->draft->batch->recipe;

        return isset($recipe->sources[$i]) ? Computation::of(Text::of('mixture.product', name: $recipe->sources[$i]->name))
            ->given('f', 'bench_sheet.share_in_recipe', $recipe->shares[$i], '')
            ->given('V', 'bench_sheet.litres_made', $this->draft->input->litres, 'L')
            ->line('v = f * V', 'bench_sheet.for_batch', 'L') : null;
    }

    private function runWorking(): ?Computation
    {
        foreach ($this->draft->batch->recipe->sources as $i => $source) {
            $reservoir = $this->storeOf((int) $source->key);
            if ($reservoir !== null) {
                return $reservoir->supply()->working($this->draft->batch->recipe->shares[$i] * $this->draft->input->litres);
            }
        }

        return null;
    }
}
