<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Days on which the animals of a tank were, or will be, given more or less than usual.
 *
 * @property int             $id
 * @property int             $tank_id
 * @property CarbonImmutable $from_day
 * @property CarbonImmutable $until_day
 * @property float           $grams     a day
 * @property string|null     $note
 */
final class FeedingOverride extends Record
{
    public $timestamps = false;

    protected $table = 'feeding_overrides';

    protected $fillable = ['from_day', 'until_day', 'grams', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tank_id' => 'integer', 'from_day' => 'immutable_date:Y-m-d', 'until_day' => 'immutable_date:Y-m-d', 'grams' => 'float'];
    }
}
