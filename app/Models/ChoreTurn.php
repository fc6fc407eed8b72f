<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Rhythm\Found;

/**
 * One time that a job was done.
 *
 * @property int $id
 * @property int $chore_id
 * @property CarbonImmutable $done_at
 * @property float|null $since days since it was done before
 * @property Found|null $found
 */
final class ChoreTurn extends Record
{
    public $timestamps = false;

    protected $table = 'chore_turns';

    protected $fillable = ['done_at', 'since', 'found'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['chore_id' => 'integer', 'done_at' => 'immutable_datetime', 'since' => 'float', 'found' => Found::class];
    }
}
