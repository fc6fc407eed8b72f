<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Drawing\Chart;
use App\Drawing\ChartPoint;
use App\Tanks\CarbonDioxideQuery;
use App\Tanks\LightQuery;
use App\Units\Show;
use App\View\Finding;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\Growth;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\DissolvedGas;
use Cresco\Core\Water\WaterState;

/** Carbon dioxide as it is drawn below the nutrients, on the same days: no stock that is used up, but what the gas is set to. */
final readonly class CarbonDioxideChart
{
    public Chart $chart;

    /** mg/L from which on it harms animals, in words. */
    public string $harmsFrom;

    /** @var array{at: int, gas: DissolvedGas, water: WaterState} the last one */
    public array $last;

    /** @param non-empty-list<array{at: int, gas: DissolvedGas, water: WaterState}> $seen in the order of their days */
    private function __construct(array $seen, float $today, private Show $show, private bool $isGiven)
    {
        $this->last = $seen[count($seen) - 1];
        $this->harmsFrom = Show::plain(DissolvedGas::HARMS, 0);
        $said = trans_choice('food.gas.course', count($seen), ['figure' => $this->figure(), 'day' => $this->day(), 'harms' => $this->harmsFrom]);
        $this->chart = new Chart(
            'gas',
            (string) __('food.gas.name'),
            'mg/L',
            $said,
            NutrientChart::time($today, $show),
            tests: array_map($this->point(...), $seen),
            limit: DissolvedGas::HARMS,
        );
    }

    /** @param array{at: int, gas: DissolvedGas, water: WaterState} $one */
    private function point(array $one): ChartPoint
    {
        $gas = $one['gas'];

        return new ChartPoint((float) $one['at'], $gas->level, $gas->low, $gas->high, (string) __('chart.band', [
            'day' => $this->show
                ->day(CarbonImmutable::createFromTimestamp($one['at'])), 'value' => Show::joined(self::number($gas->level), 'mg/L'), 'low' => self::number($gas->low), 'high' => self::number($gas->high),
        ]));
    }

    /** Null where pH and KH were not read together in the days that are shown, or where KH is too low to say. */
    public static function of(FertilisingQuery $food, Show $show): ?self
    {
        $now = CarbonImmutable::now();
        $seen = CarbonDioxideQuery::of($food->tank, $now->subDays(FertilisingQuery::SHOWN), $now);

        return $seen === [] ? null : new self($seen, $food->day($now), $show, LightQuery::carbonDioxide($food->tank) >= Growth::IS_GAS);
    }

    /** "24 (18 to 31)" */
    public function figure(): string
    {
        $gas = $this->last['gas'];

        return __('food.figure', ['value' => self::number($gas->level), 'low' => self::number($gas->low), 'high' => self::number($gas->high)]);
    }

    private static function number(float $milligrams): string
    {
        return Show::plain($milligrams, $milligrams < 10.0 ? 1 : 0);
    }

    /** Day of the last pH. */
    public function day(): string
    {
        return $this->show->day(CarbonImmutable::createFromTimestamp($this->last['at']));
    }

    /** What it does for plants, of what 30 mg/L do. */
    public function feeds(): string
    {
        $does = static fn(float $gas): float => $gas / ($gas + Growth::HALF);

        return $this->show->percent($does($this->last['gas']->level) / $does(Growth::WITH_GAS));
    }

    /** What holds it where it is. */
    public function stays(): string
    {
        return (string) __($this->isGiven ? 'food.gas.stays' : 'food.gas.open');
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $gas = $this->last['gas'];

        return $gas->level < DissolvedGas::HARMS
            ? []
            : [new Finding(
                $gas->low >= DissolvedGas::ALARM ? Finding::BEYOND : Finding::HEED,
                __('standing.carbon_dioxide.head'),
                __(
                    'standing.carbon_dioxide.why',
                    ['value' => Show::plain($gas->level, 0), 'limit' => Show::plain(DissolvedGas::HARMS, 0)],
                ).' '.__('food.gas.breathe'),
            )];
    }

    public function working(): Computation
    {
        return Carbonate::carbonDioxideOf($this->last['water'], $this->show->unit(Parameter::CarbonateHardness))->note('carbonate.what_misleads');
    }
}
