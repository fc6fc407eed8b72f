<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Litres that replaced what evaporated.
 *
 * @property int             $id
 * @property float           $litres
 * @property CarbonImmutable $taken_at
 * @property int|null        $source_water_id what it was topped up with
 */
final class TopOff extends Record
{
    public $timestamps = false;

    protected $table = 'top_offs';

    protected $fillable = ['litres', 'taken_at', 'source_water_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['litres' => 'float', 'taken_at' => 'immutable_datetime', 'source_water_id' => 'integer'];
    }
}
