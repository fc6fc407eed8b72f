<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\RangeViolation;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestResult;

/** One parameter of a tank as it stands now, against the range its animals are kept in. */
final readonly class WaterFigure
{
    public ?Distribution $value;

    public bool $isCarried;

    public bool $isCarriedOn;

    public ?CarbonImmutable $at;

    /** @var array{float, float}|null */
    public ?array $range;

    /** The last result where drops were counted: the colour turned somewhere within the last of them. */
    private ?TestResult $drops;

    public function __construct(public Parameter $parameter, TankWaterQuery $water)
    {
        $this->value = $water->state()->get($parameter);
        $this->isCarried = $water->isCarried($parameter);
        $this->isCarriedOn = $water->isCarriedOn($parameter);
        $this->at = $water->at($parameter);
        $last = ($water->readings[$parameter->value] ?? null)?->toCore();
        $this->drops = $last?->method === ReadingMethod::Drops && $last->value > 0.0 ? $last : null;
        $this->range = $water->tank->needs()->range($parameter);
    }

    /** Without its unit, as exactly as its band allows. */
    public function number(Show $show): string
    {
        return $this->value === null
            ? ''
            : $show->number($this->parameter, $this->value->central(), ($this->value->quantile(0.9) - $this->value->quantile(0.1)) / 2.0);
    }

    /** When it was tested, or that it is a forecast since. */
    public function when(Show $show): string
    {
        if ($this->at === null) {
            return '';
        }
        $drops = $this->isCarried ? null : $this->drops;
        $unit = $show->unit($this->parameter);
        // Drops are counted: 3, not 3.0.
        $counted = static fn(float $base): string => Show::plain($unit->fromBase($base), $unit->decimals);

        return (string) __($this->isCarried
            ? 'tank.water.changed'
            : ($drops === null ? 'tank.water.tested' : 'tank.water.drops'), ['day' => $show->day($this->at)] + ($drops === null ? [] : [
                'typed' => $counted($drops->value), 'low' => $counted($drops->low), 'high' => $counted($drops->high),
            ]));
    }

    /** "low", "high" or null: only when the whole band lies beyond. */
    public function beyond(): string
    {
        return $this->value === null || $this->range === null ? '' : label(RangeViolation::of($this->value, $this->range));
    }
}
