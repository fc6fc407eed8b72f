<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Days on which a keeper is away.
 *
 * @property int             $id
 * @property int             $keeper_id
 * @property CarbonImmutable $from_day  in the keeper's calendar
 * @property CarbonImmutable $until_day the last of them
 * @property string|null     $note
 */
final class Absence extends Record
{
    public $timestamps = false;

    protected $table = 'absences';

    protected $fillable = ['from_day', 'until_day', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['keeper_id' => 'integer', 'from_day' => 'immutable_date:Y-m-d', 'until_day' => 'immutable_date:Y-m-d'];
    }
}
