<?php

declare(strict_types=1);

namespace App\Models;

use Cresco\Core\Measure\Kit as CoreKit;
use Cresco\Core\Measure\Method;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Illuminate\Database\Eloquent\Model;

/**
 * What a keeper measures one parameter with, and the unit it reads in; step and fields are kept in the base unit.
 *
 * @property Parameter        $parameter
 * @property Method           $method
 * @property string           $unit
 * @property float            $step
 * @property list<float>|null $fields
 */
final class Kit extends Model
{
    protected $fillable = ['parameter', 'method', 'unit', 'step', 'fields'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['parameter' => Parameter::class, 'method' => Method::class, 'step' => 'float', 'fields' => 'array'];
    }

    public function toCore(float $penFactor): CoreKit
    {
        $unit = Unit::of($this->parameter, $this->unit, $penFactor);

        return new CoreKit(
            $this->parameter,
            $this->method,
            $unit,
            round($unit->widthFromBase($this->step), 6),
            array_map(static fn(float|int $field): float => round($unit->fromBase((float) $field), 6), $this->fields ?? []),
        );
    }
}
