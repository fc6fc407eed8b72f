<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestKit;
use Cresco\Core\Measure\Unit;

/**
 * What a keeper measures one parameter with, and the unit it reads in; step and fields are kept in the base unit.
 *
 * @property Parameter            $parameter
 * @property ReadingMethod        $method
 * @property string               $unit
 * @property float                $step
 * @property list<float>|null     $fields
 * @property CarbonImmutable|null $set_at    when a meter was last set against a standard
 */
final class Kit extends Record
{
    protected $table = 'kits';

    protected $fillable = ['parameter', 'method', 'unit', 'step', 'fields', 'set_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['parameter' => Parameter::class, 'method' => ReadingMethod::class, 'step' => 'float', 'fields' => 'array', 'set_at' => 'immutable_datetime'];
    }

    /** As it was at a moment: a meter strays from the day on which it was set. */
    public function toCore(float $penFactor, ?CarbonImmutable $at = null): TestKit
    {
        $unit = Unit::of($this->parameter, $this->unit, $penFactor);

        return new TestKit(
            $this->parameter,
            $this->method,
            $unit,
            round($unit->widthFromBase($this->step), 6),
            array_map(static fn(float|int $field): float => round($unit->fromBase((float) $field), 6), $this->fields ?? []),
            $this->set_at === null ? null : max(0.0, (($at ?? CarbonImmutable::now())->getTimestamp() - $this->set_at->getTimestamp()) / 86400.0),
        );
    }
}
