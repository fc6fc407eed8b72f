<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A day on which the lamps of a tank were on for longer or shorter than they are set: left on, a power cut, forgotten.
 *
 * @property int             $id
 * @property int             $tank_id
 * @property CarbonImmutable $day
 * @property float           $hours
 */
final class LightDay extends Record
{
    use ChangesPlants;

    public $timestamps = false;

    protected $table = 'light_days';

    protected $fillable = ['day', 'hours'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tank_id' => 'integer', 'day' => 'immutable_date', 'hours' => 'float'];
    }

    /** @return list<int> */
    public function tanksOfPlants(): array
    {
        return [$this->tank_id];
    }
}
