<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Pinches of food that were weighed together.
 *
 * @property int             $id
 * @property int             $tank_id
 * @property int             $pinches
 * @property float           $grams_each g in one pinch
 * @property CarbonImmutable $taken_at
 */
final class PinchTrial extends Record
{
    public $timestamps = false;

    protected $table = 'pinch_trials';

    protected $fillable = ['pinches', 'grams_each', 'taken_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tank_id' => 'integer', 'pinches' => 'integer', 'grams_each' => 'float', 'taken_at' => 'immutable_datetime'];
    }
}
