<?php

declare(strict_types=1);

namespace App\View;

use App\Known\FoodOf;
use App\Known\GasOf;
use App\Known\LightOf;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\Growth;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\DissolvedGas;
use Cresco\Core\Water\WaterState;
use Cresco\Core\Working\Computation;

/** Carbon dioxide as it is drawn below the nutrients, on the same days: no stock that is used up, but what the gas is set to. */
final readonly class GasStrip
{
    /** Highest value on the scale, mg/L. */
    public float $top;

    public string $line;

    /** @var list<array{x: float, low: float, y: float, high: float}> */
    public array $points;

    /** @var array{at: int, gas: DissolvedGas, water: WaterState} the last one */
    public array $last;

    private Plot $plot;

    /** @param non-empty-list<array{at: int, gas: DissolvedGas, water: WaterState}> $seen in the order of their days */
    private function __construct(array $seen, float $today, private Show $show, private bool $isGiven)
    {
        $this->last = $seen[count($seen) - 1];
        $this->top = max(1.15 * DissolvedGas::HARMS, 1.05 * max(array_map(static fn(array $one): float => $one['gas']->high, $seen)));
        $this->plot = new Plot(new Axis($today - FoodOf::SHOWN, $today + FoodOf::AHEAD, 0.0, CourseStrip::WIDE), new Axis(0.0, $this->top, CourseStrip::HIGH, 0.0));
        $this->line = $this->plot->line(array_map(static fn(array $one): array => [$one['at'] / 86400.0, $one['gas']->level], $seen));
        $this->points = array_map(fn(array $one): array => ['x' => $this->plot->x->at($one['at'] / 86400.0), 'low' => $this->y($one['gas']->low), 'y' => $this->y($one['gas']->level), 'high' => $this->y($one['gas']->high)], $seen);
    }

    /** Null where pH and KH were not read together in the days that are shown, or where KH is too low to say. */
    public static function of(FoodOf $food, Show $show): ?self
    {
        $now = CarbonImmutable::now();
        $seen = GasOf::of($food->tank, $now->subDays(FoodOf::SHOWN), $now);

        return $seen === [] ? null : new self($seen, $food->day($now), $show, LightOf::carbonDioxide($food->tank) >= Growth::IS_GAS);
    }

    private function y(float $value): float
    {
        return $this->plot->y->at($value);
    }

    /** Where it begins to harm animals, on the scale. */
    public function harms(): float
    {
        return $this->y(DissolvedGas::HARMS);
    }

    public function harmsFrom(): string
    {
        return Show::plain(DissolvedGas::HARMS, 0);
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

        return $gas->level < DissolvedGas::HARMS ? [] : [new Finding($gas->low >= DissolvedGas::ALARM ? Finding::BEYOND : Finding::HEED, __('standing.carbon_dioxide.head'), __('standing.carbon_dioxide.why', ['value' => Show::plain($gas->level, 0), 'limit' => Show::plain(DissolvedGas::HARMS, 0)]).' '.__('food.gas.breathe'))];
    }

    public function working(): Computation
    {
        return Carbonate::carbonDioxideOf($this->last['water'], $this->show->unit(Parameter::CarbonateHardness))->note(__('food.gas.misleads'));
    }
}
