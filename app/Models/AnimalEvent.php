<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Livestock\CountKind;

/**
 * Animals that came or went, or were counted.
 *
 * @property int             $id
 * @property int             $animal_id
 * @property CountKind       $kind
 * @property int             $count
 * @property CarbonImmutable $day       in the keeper's calendar
 * @property string|null     $note
 * @property int|null        $entry_id  of the log, that takes it along
 */
final class AnimalEvent extends Record
{
    public $timestamps = false;

    protected $table = 'animal_events';

    protected $fillable = ['kind', 'count', 'day', 'note', 'entry_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['animal_id' => 'integer', 'entry_id' => 'integer', 'kind' => CountKind::class, 'count' => 'integer', 'day' => 'immutable_date:Y-m-d'];
    }
}
