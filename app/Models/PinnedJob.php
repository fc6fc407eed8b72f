<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A day that a keeper laid a job on by hand.
 *
 * @property int                  $id
 * @property int                  $keeper_id
 * @property string               $job
 * @property CarbonImmutable      $day       in the keeper's calendar
 * @property CarbonImmutable|null $due_on    day that it was due on when it was laid elsewhere
 */
final class PinnedJob extends Record
{
    public $timestamps = false;

    protected $table = 'pinned_jobs';

    protected $fillable = ['job', 'day', 'due_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['keeper_id' => 'integer', 'day' => 'immutable_date:Y-m-d', 'due_on' => 'immutable_date:Y-m-d'];
    }
}
