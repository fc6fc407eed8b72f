<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * What the keeper's TDS meter showed in a water whose conductivity is known.
 *
 * @property int             $id
 * @property float           $shown    mg/L
 * @property float           $known    uS/cm at 25 degC
 * @property CarbonImmutable $taken_at
 */
final class MeterTrial extends Record
{
    public $timestamps = false;

    protected $table = 'meter_trials';

    protected $fillable = ['shown', 'known', 'taken_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['shown' => 'float', 'known' => 'float', 'taken_at' => 'immutable_datetime'];
    }
}
