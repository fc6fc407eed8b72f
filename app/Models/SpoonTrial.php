<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * One trial of a spoon, by scale or by meter.
 *
 * @property int             $id
 * @property string          $method     "scale" or "pen"
 * @property int             $spoons
 * @property float           $grams_each g in one level spoon
 * @property CarbonImmutable $taken_at
 */
final class SpoonTrial extends Record
{
    public $timestamps = false;

    protected $table = 'spoon_trials';

    protected $fillable = ['method', 'spoons', 'grams_each', 'taken_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['spoons' => 'integer', 'grams_each' => 'float', 'taken_at' => 'immutable_datetime'];
    }
}
