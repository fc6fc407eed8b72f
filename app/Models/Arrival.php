<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Animals or plants that came, how they were let in, and how long they stay apart.
 *
 * @property int                  $id
 * @property int                  $tank_id
 * @property string               $what
 * @property string               $group
 * @property array<string, float> $bag              as it was read
 * @property string               $way
 * @property CarbonImmutable      $arrived_at
 * @property CarbonImmutable|null $quarantine_until in the keeper's calendar
 * @property CarbonImmutable|null $ended_at
 * @property int|null             $step             at which a bag that is being let in stands, from 0; none once they are in
 * @property CarbonImmutable|null $step_at
 */
final class Arrival extends Record
{
    public $timestamps = false;

    protected $table = 'arrivals';

    protected $fillable = ['what', 'group', 'bag', 'way', 'arrived_at', 'quarantine_until', 'ended_at', 'step', 'step_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tank_id' => 'integer', 'bag' => 'array', 'arrived_at' => 'immutable_datetime', 'quarantine_until' => 'immutable_date:Y-m-d',
            'ended_at' => 'immutable_datetime', 'step' => 'integer', 'step_at' => 'immutable_datetime',
        ];
    }
}
