<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Planning\AmountFound;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One time that a job was done.
 *
 * @property int              $id
 * @property int              $chore_id
 * @property CarbonImmutable  $done_at
 * @property float|null       $since    days since it was done before
 * @property AmountFound|null $found
 * @property int|null         $entry_id of the log, that takes it along
 * @property Chore            $chore
 */
final class ChoreTurn extends Record
{
    public $timestamps = false;

    protected $table = 'chore_turns';

    protected $fillable = ['done_at', 'since', 'found', 'entry_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['chore_id' => 'integer', 'entry_id' => 'integer', 'done_at' => 'immutable_datetime', 'since' => 'float', 'found' => AmountFound::class];
    }

    /** @return BelongsTo<Chore, $this> */
    public function chore(): BelongsTo
    {
        return $this->belongsTo(Chore::class);
    }
}
