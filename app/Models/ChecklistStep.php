<?php

declare(strict_types=1);

namespace App\Models;

use App\Data\StepContent;
use App\Words\StepWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Planning\AmountFound;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One step of a checklist, with its texts as they stood when the checklist was written.
 *
 * @property      int                  $id
 * @property      int                  $checklist_id
 * @property      int                  $position
 * @property      string               $job
 * @property      StepContent          $content
 * @property      string|null          $note
 * @property      CarbonImmutable|null $opened_at
 * @property      CarbonImmutable|null $done_at
 * @property      bool                 $skipped
 * @property      AmountFound|null     $found        how much there was to do
 * @property      float|null           $since        days since the same was done before at this tank
 * @property-read Checklist            $checklist
 */
final class ChecklistStep extends Record
{
    public $timestamps = false;

    protected $table = 'checklist_steps';

    protected $fillable = ['position', 'job', 'content'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'content' => StepContent::class, 'opened_at' => 'immutable_datetime', 'done_at' => 'immutable_datetime', 'skipped' => 'boolean',
            'position' => 'integer', 'checklist_id' => 'integer', 'found' => AmountFound::class, 'since' => 'float',
        ];
    }

    /** What it is called, also after the words have changed; a step of an older checklist as it was written. */
    public function title(): string
    {
        return $this->content->wrote('title') ?? StepWords::of($this->job, 'title');
    }

    /** Word on the button that ends it. */
    public function act(): string
    {
        return $this->content->wrote('act') ?? StepWords::of($this->job, 'act');
    }

    /** Why it is at its place. */
    public function why(): string
    {
        return $this->content->wrote('why') ?? StepWords::of($this->job, 'why');
    }

    /** @return BelongsTo<Checklist, $this> */
    public function checklist(): BelongsTo
    {
        return $this->belongsTo(Checklist::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class);
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }
}
