<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Cycling\AmmoniaSource;
use Cresco\Core\Cycling\CyclingMethod;

/**
 * A tank that is being started.
 *
 * @property int                  $id
 * @property int                  $tank_id
 * @property CyclingMethod        $way
 * @property CarbonImmutable      $begun_on in the keeper's calendar
 * @property AmmoniaSource        $source   of its ammonia
 * @property array<string, float> $doses    mg/L of nitrogen that was given, by day of the keeper's calendar
 * @property bool                 $plenty   whether young soil is changed as much as one school of practice does
 */
final class TankCycle extends Record
{
    public $timestamps = false;

    protected $table = 'tank_cycles';

    protected $fillable = ['way', 'begun_on', 'source', 'doses', 'plenty'];

    protected $attributes = ['doses' => '[]', 'plenty' => true];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tank_id' => 'integer', 'way' => CyclingMethod::class, 'begun_on' => 'immutable_date:Y-m-d', 'source' => AmmoniaSource::class,
            'doses' => 'array', 'plenty' => 'boolean',
        ];
    }
}
