<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Gauge;

/**
 * What was read of the equipment of a tank on a day.
 *
 * @property int             $id
 * @property int             $tank_id
 * @property Gauge           $gauge
 * @property CarbonImmutable $day
 * @property float           $value   in the unit of the gauge
 */
final class GaugeNote extends Record
{
    public $timestamps = false;

    protected $table = 'gauge_notes';

    protected $fillable = ['gauge', 'day', 'value'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tank_id' => 'integer', 'gauge' => Gauge::class, 'day' => 'immutable_date', 'value' => 'float'];
    }
}
