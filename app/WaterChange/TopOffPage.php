<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Drawing\Chart;
use App\Drawing\ChartPoint;
use App\Drawing\ChartTime;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use App\Models\Tank;
use App\Models\TopOff;
use App\Tanks\EvaporationQuery;
use App\Tanks\VesselQuery;
use App\Tanks\WatersQuery;
use App\Units\Show;
use App\View\Finding;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Posterior;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\TopOffDrift;

/** A year of top-off: what evaporates, what stays, and where GH and conductivity go. */
final class TopOffPage
{
    private const DAYS = 365;

    private const LISTED = 12;

    public readonly ?SourceWater $topOff;

    public readonly ?SourceWater $change;

    private readonly Show $show;

    public readonly Posterior $evaporation;

    /** @var list<TopOff> newest first */
    public readonly array $topOffs;

    /** What is followed over a year. */
    private const FOLLOWED = [Parameter::Conductivity, Parameter::GeneralHardness, Parameter::CarbonateHardness];

    private readonly WaterState $state;

    /** @var array<string, Distribution> what bed and stones do in a day, as far as it is used */
    private readonly array $makes;

    private readonly WaterState $changeState;

    private readonly WaterState $topUpState;

    public function __construct(private readonly Tank $tank, ?int $topOff, ?int $change)
    {
        $keeper = $tank->keeper;
        $this->show = $keeper->show();
        $waters = $keeper->waters;
        $this->topOff = $waters->firstWhere('id', $topOff ?? $tank->topOffs()->latest('taken_at')->latest('id')->value('source_water_id')) ?? $waters
            ->first(static fn(SourceWater $water): bool => $water->kind === SourceWaterKind::ReverseOsmosis) ?? $waters->first();
        $this->change = $waters->firstWhere('id', $change) ?? $waters->firstWhere('id', $tank->source_water_id) ?? $waters->first();
        $ids = array_values(array_filter([$this->topOff?->id, $this->change?->id, $change === null ? $tank->second_source_water_id : null]));
        $known = WatersQuery::around($tank, $ids);
        $this->state = $known->tank();
        $this->makes = $known->now->makes();
        $second = $change === null ? $waters->firstWhere('id', $tank->second_source_water_id) : null;
        $this->changeState = $this->change === null ? new WaterState('nothing', []) : $known->blend($this->change, $second, $tank->second_share);
        $this->topUpState = $this->topOff === null ? new WaterState('nothing', []) : $known->source($this->topOff);
        $this->evaporation = EvaporationQuery::of($tank);
        $this->topOffs = array_values($tank->topOffs->reverse()->take(self::LISTED)->all());
    }

    /** What bed and stones do beside it, in words; nothing where nothing is used. */
    public function passive(): string
    {
        $moved = [];
        foreach (self::FOLLOWED as $parameter) {
            $moves = ($this->makes[$parameter->value] ?? null)?->central() ?? 0.0;
            // What rounds to nothing is not told.
            if ($this->show->rate($parameter, abs($moves)) !== $this->show->rate($parameter, 0.0)) {
                $moved[$moves < 0.0 ? 'made.lower' : 'made.raise'][] = __(
                    'made.by',
                    ['amount' => $this->show->rate($parameter, abs($moves)), 'what' => word($parameter)],
                );
            }
        }
        $parts = array_map(static fn(string $how, array $what): string => __($how, ['list' => Names::list($what)]), array_keys($moved), $moved);

        return $parts === [] ? '' : __('made.by_itself', ['list' => implode(', ', $parts)]);
    }

    public function changeName(): string
    {
        return $this->changeState->name;
    }

    /** "1.3 L a day, 9 L a week" */
    public function evaporates(): string
    {
        return (string) __(
            'creep.evaporates',
            ['day' => $this->show->volume($this->evaporation->value, 1), 'week' => $this->show->volume(7.0 * $this->evaporation->value, 1)],
        );
    }

    public function restsOn(): string
    {
        $guess = $this->show->levels()->text(3.0);
        if ($this->evaporation->count === 0) {
            return __('made.evaporates_guess', ['guess' => $guess]);
        }
        $aside = count($this->evaporation->aside);

        return trans_choice(
            'made.evaporates',
            $this->evaporation->count,
            ['count' => $this->evaporation->count, 'guess' => $guess],
        ).($aside === 0 ? '' : ' '.trans_choice('made.evaporates_aside', $aside, ['count' => $aside]));
    }

    /**
     * Hardness and conductivity over a year.
     *
     * @return list<array{parameter: Parameter, label: string, now: string, settled: string, low: string, chart: Chart|null, missing: string|null}>
     */
    public function courses(): array
    {
        $rows = [];
        $today = CarbonImmutable::now();
        $time = new ChartTime((float) $today->getTimestamp(), (float) $today->addDays(self::DAYS)->getTimestamp(), $this->show);
        foreach (self::FOLLOWED as $parameter) {
            $creep = $this->creep($parameter);
            $label = label($parameter);
            if ($creep === null || !$this->state->has($parameter)) {
                $rows[] = [
                    'parameter' => $parameter, 'label' => $label, 'now' => '–', 'settled' => '–', 'low' => '–', 'chart' => null,
                    'missing' => (string) __('creep.missing', ['what' => word($parameter)]),
                ];
                continue;
            }
            $now = $this->state->central($parameter, 0.0);
            $course = $creep->course($now, self::DAYS);
            $pure = $creep->withPureWater()->course($now, self::DAYS);
            [$before, $after] = [$this->show->value(
                $parameter,
                self::ends($course, $this->tank->routine_days)[1],
            ), $this->show->number($parameter, self::ends($course, $this->tank->routine_days)[0])];
            $rows[] = [
                'parameter' => $parameter, 'label' => $label,
                'now' => $this->show->number($parameter, $now),
                'settled' => $before, 'low' => $after,
                'chart' => new Chart(
                    $parameter->value,
                    $label,
                    $this->show->unit($parameter)->label,
                    (string) __('creep.chart', ['what' => $label, 'now' => $this->show->number($parameter, $now), 'settled' => $before]),
                    $time,
                    course: $this->points($parameter, $course),
                    planned: $this->points($parameter, $pure),
                ),
                'missing' => null,
            ];
        }

        return $rows;
    }

    /** What to do about it, in numbers. */
    public function advice(): ?Finding
    {
        $parameter = Parameter::Conductivity;
        $creep = $this->creep($parameter);
        if ($creep === null || !$this->state->has($parameter)) {
            return null;
        }
        $working = $creep->working($this->show->unit($parameter)->label);
        $rise = 7.0 * $creep->evaporation * $creep->topOff / $creep->litres;
        $course = $creep->course($this->state->central($parameter, 0.0), self::DAYS);
        $pure = $creep->withPureWater()->course($this->state->central($parameter, 0.0), self::DAYS);
        $more = end($course) - end($pure);
        if ($rise < 1.0) {
            return new Finding(Finding::GOOD, __('creep.pure.head'), __('creep.pure.why'));
        }

        return new Finding($more > 0.1 * $this->state->central($parameter, 1.0) ? Finding::HEED : Finding::GOOD, __(
            'creep.adds.head',
            ['water' => $this->topOff->name ?? __('creep.this'), 'rise' => $this->show->value($parameter, $rise)],
        ), __($working->value('rise') > 0.0 ? 'creep.adds.before' : 'creep.adds.why', [
            'more' => $this->show->value($parameter, max(0.0, $more)), 'level' => $this->show
                ->value($parameter, self::ends($course, $this->tank->routine_days)[1]),
        ]));
    }

    public function working(string $name): ?Computation
    {
        $parameter = Parameter::tryFrom($name);

        $creep = $parameter === null ? null : $this->creep($parameter);
        if ($parameter === null || $creep === null) {
            return null;
        }
        // In the keeper's units: all of it is proportional to them.
        $unit = $this->show->unit($parameter);
        $volume = $this->tank->keeper->volume_unit;

        return (new TopOffDrift(
            $volume->fromLitres($creep->litres),
            $volume->fromLitres($creep->evaporation),
            $unit->fromBase($creep->topOff),
            $unit->fromBase($creep->change),
            $creep->fraction,
            $creep->days,
            $unit->widthFromBase($creep->passive),
        ))->working($unit->label, $volume->label());
    }

    private function creep(Parameter $parameter): ?TopOffDrift
    {
        if (!$this->topUpState->has($parameter) || !$this->changeState->has($parameter)) {
            return null;
        }

        return new TopOffDrift(
            VesselQuery::tank($this->tank)->litres(),
            $this->evaporation->value,
            $this->topUpState->central($parameter, 0.0),
            $this->changeState->central($parameter, 0.0),
            $this->tank->routine_share,
            (float) $this->tank->routine_days,
            ($this->makes[$parameter->value] ?? null)?->central() ?? 0.0,
        );
    }

    /**
     * Least and most of the last days.
     *
     * @param non-empty-list<float> $course
     *
     * @return array{float, float}
     */
    private static function ends(array $course, int $days): array
    {
        $low = $high = end($course);
        foreach (array_slice($course, -$days - 1) as $value) {
            $low = min($low, $value);
            $high = max($high, $value);
        }

        return [$low, $high];
    }

    /**
     * @param list<float> $course a value a day, from today on
     *
     * @return list<ChartPoint>
     */
    private function points(Parameter $parameter, array $course): array
    {
        $today = (float) CarbonImmutable::now()->getTimestamp();

        return array_map(fn(int $day, float $value): ChartPoint => new ChartPoint(
            $today + 86_400.0 * $day,
            $this->show->unit($parameter)->fromBase($value),
            said: (string) __(
                'chart.at',
                [
                    'day' => $this->show->day(CarbonImmutable::createFromTimestamp((int) $today + 86_400 * $day)),
                    'value' => $this->show->value($parameter, $value),
                ],
            ),
        ), array_keys($course), $course);
    }
}
