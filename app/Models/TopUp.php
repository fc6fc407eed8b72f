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
 * @property int|null        $water_id what it was topped up with
 */
final class TopUp extends Record
{
    public $timestamps = false;

    protected $table = 'top_ups';

    protected $fillable = ['litres', 'taken_at', 'water_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['litres' => 'float', 'taken_at' => 'immutable_datetime', 'water_id' => 'integer'];
    }
}
