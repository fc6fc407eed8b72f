<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\StartUp\Source;
use Cresco\Core\StartUp\Way;

/**
 * A tank that is being started.
 *
 * @property int $id
 * @property int $tank_id
 * @property Way $way
 * @property CarbonImmutable $begun_on in the keeper's calendar
 * @property Source $source of its ammonia
 * @property float|null $dosed mg/L of nitrogen that is given at a time
 * @property CarbonImmutable|null $ready_at
 */
final class StartUp extends Record
{
    public $timestamps = false;

    protected $fillable = ['way', 'begun_on', 'source', 'dosed', 'ready_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tank_id' => 'integer', 'way' => Way::class, 'begun_on' => 'immutable_date:Y-m-d', 'source' => Source::class, 'dosed' => 'float', 'ready_at' => 'immutable_datetime'];
    }
}
