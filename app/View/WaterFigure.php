<?php

declare(strict_types=1);

namespace App\View;

use App\Known\TankWater;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Beyond;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;

/** One parameter of a tank as it stands now, against the range its animals are kept in. */
final readonly class WaterFigure
{
    public ?Distribution $value;

    public bool $isCarried;

    public bool $isCarriedOn;

    public ?CarbonImmutable $at;

    /** @var array{float, float}|null */
    public ?array $range;

    public function __construct(public Parameter $parameter, TankWater $water)
    {
        $this->value = $water->state()->get($parameter);
        $this->isCarried = $water->isCarried($parameter);
        $this->isCarriedOn = $water->isCarriedOn($parameter);
        $this->at = $water->at($parameter);
        $this->range = $water->tank->needs()->range($parameter);
    }

    /** Without its unit, as exactly as its band allows. */
    public function number(Show $show): string
    {
        return $this->value === null ? '' : $show->number($this->parameter, $this->value->central(), ($this->value->quantile(0.9) - $this->value->quantile(0.1)) / 2.0);
    }

    /** When it was tested, or that it is a forecast since. */
    public function when(Show $show): string
    {
        return $this->at === null ? '' : (string) __($this->isCarried ? 'tank.water.changed' : 'tank.water.tested', ['day' => $show->day($this->at)]);
    }

    /** "low", "high" or null: only when the whole band lies beyond. */
    public function beyond(): ?string
    {
        return $this->value === null || $this->range === null ? null : Beyond::of($this->value, $this->range)?->value;
    }
}
