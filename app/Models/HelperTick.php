<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A day on which a helper said that it was done.
 *
 * @property int             $id
 * @property int             $helper_job_id
 * @property CarbonImmutable $day           in the keeper's calendar
 * @property CarbonImmutable $ticked_at
 */
final class HelperTick extends Record
{
    public $timestamps = false;

    protected $table = 'helper_ticks';

    protected $fillable = ['day', 'ticked_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['helper_job_id' => 'integer', 'day' => 'immutable_date:Y-m-d', 'ticked_at' => 'immutable_datetime'];
    }
}
