<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Minutes of a day that something else takes.
 *
 * @property int             $id
 * @property int             $keeper_id
 * @property CarbonImmutable $day       in the keeper's calendar
 * @property int             $minutes
 * @property string|null     $title
 */
final class CalendarBlock extends Record
{
    public $timestamps = false;

    protected $table = 'calendar_blocks';

    protected $fillable = ['day', 'minutes', 'title'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['keeper_id' => 'integer', 'day' => 'immutable_date:Y-m-d', 'minutes' => 'integer'];
    }
}
