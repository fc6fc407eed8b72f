<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\FollowUpKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A small job that a finished session left for later.
 *
 * @property      int                  $id
 * @property      int                  $checklist_id
 * @property      FollowUpKind         $job
 * @property      CarbonImmutable      $due_from
 * @property      CarbonImmutable      $due_until
 * @property      CarbonImmutable|null $done_at
 * @property-read Checklist            $checklist
 */
final class FollowUp extends Record
{
    public $timestamps = false;

    protected $table = 'follow_ups';

    protected $fillable = ['job', 'due_from', 'due_until', 'done_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'job' => FollowUpKind::class, 'due_from' => 'immutable_datetime', 'due_until' => 'immutable_datetime', 'done_at' => 'immutable_datetime',
            'checklist_id' => 'integer',
        ];
    }

    /**
     * Those that are to be done now.
     *
     * @param Builder<self> $query
     */
    public function scopeDue(Builder $query): void
    {
        $now = CarbonImmutable::now();
        $query->open()->where('due_from', '<=', $now);
    }

    /**
     * Those that still say something, now or later.
     *
     * @param Builder<self> $query
     */
    public function scopeOpen(Builder $query): void
    {
        $query->whereNull('done_at')->where('due_until', '>=', CarbonImmutable::now());
    }

    /** @return BelongsTo<Checklist, $this> */
    public function checklist(): BelongsTo
    {
        return $this->belongsTo(Checklist::class);
    }
}
