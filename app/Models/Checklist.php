<?php

declare(strict_types=1);

namespace App\Models;

use App\Data\ChecklistPlan;
use App\Data\ForecastRecord;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A session at a tank, with a water change or without: what was planned, what was forecast, and how it went.
 *
 * @property      int                  $id
 * @property      int                  $keeper_id
 * @property      int                  $tank_id
 * @property      ChecklistState       $state
 * @property      ChecklistPlan        $plan
 * @property      ForecastRecord       $forecast
 * @property      CarbonImmutable|null $started_at
 * @property      CarbonImmutable|null $finished_at
 * @property      CarbonImmutable|null $planned_for     the day it is meant for
 * @property      bool                 $changes_water
 * @property      int|null             $guessed_minutes what the keeper thought it would take
 * @property      string|null          $holds           the place of its tank that one checklist alone can have; null once it is closed
 * @property      CarbonImmutable      $created_at
 * @property-read Tank                 $tank
 */
final class Checklist extends Record
{
    protected $table = 'checklists';

    protected $fillable = ['tank_id', 'state', 'plan', 'forecast', 'started_at', 'finished_at', 'planned_for', 'changes_water', 'guessed_minutes'];

    protected $attributes = ['state' => 'planned', 'changes_water' => true];

    protected static function booted(): void
    {
        parent::booted();
        static::saving(static function (self $checklist): void {
            $checklist->holds = self::holding($checklist->state, $checklist->planned_for);
        });
    }

    /** One sheet of a tank is under way, and one is written for a day: the database holds it. */
    public static function holding(ChecklistState $state, ?CarbonImmutable $day): ?string
    {
        return match ($state) {
            ChecklistState::Running => 'running',
            ChecklistState::Planned => trim('planned '.($day?->format('Y-m-d') ?? '')),
            default => null,
        };
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => ChecklistState::class, 'plan' => ChecklistPlan::class, 'forecast' => ForecastRecord::class, 'keeper_id' => 'integer', 'tank_id' => 'integer', 'changes_water' => 'boolean', 'guessed_minutes' => 'integer',
            'started_at' => 'immutable_datetime', 'finished_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime', 'planned_for' => 'immutable_date',
        ];
    }

    /**
     * Runs that are not closed, with how many steps they have and how many are done: the one under way first, then those for
     * no day, then by day.
     *
     * @param Builder<self> $query
     */
    public function scopeOpen(Builder $query): void
    {
        $query->whereIn('state', [ChecklistState::Planned, ChecklistState::Running])
            ->withCount(['steps', 'steps as done_count' => static fn(Builder $steps) => $steps->whereNotNull('done_at')])
            ->orderByRaw('state = ? desc', [ChecklistState::Running->value])->orderByRaw('planned_for is not null')->orderBy('planned_for')->orderByDesc('id');
    }

    /**
     * Finished water changes.
     *
     * @param Builder<self> $query
     */
    public function scopeChanged(Builder $query): void
    {
        $query->where('state', ChecklistState::Done)->where('changes_water', true);
    }

    /** Minutes that it was to take, hands and water side by side; one after the other in checklists that were written before these were kept. */
    public function plannedMinutes(): int
    {
        return $this->plan->minutes ?? (int) round((float) $this->steps->sum(static fn(ChecklistStep $step): int => $step->content->minutes));
    }

    /** "step 4 of 12", of a run found by open(). */
    public function progress(): string
    {
        $steps = $this->getAttribute('steps_count');
        $done = $this->getAttribute('done_count');
        $steps = is_numeric($steps) ? (int) $steps : 0;

        return (string) __('run.progress', ['step' => min($steps, (is_numeric($done) ? (int) $done : 0) + 1), 'steps' => $steps]);
    }

    /** @return BelongsTo<Keeper, $this> */
    public function keeper(): BelongsTo
    {
        return $this->belongsTo(Keeper::class);
    }

    /** @return BelongsTo<Tank, $this> */
    public function tank(): BelongsTo
    {
        return $this->belongsTo(Tank::class);
    }

    /** @return HasMany<ChecklistStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(ChecklistStep::class)->orderBy('position');
    }

    /** @return HasMany<FollowUp, $this> */
    public function followUps(): HasMany
    {
        return $this->hasMany(FollowUp::class);
    }

    /** @return HasMany<SwitchTick, $this> */
    public function switches(): HasMany
    {
        return $this->hasMany(SwitchTick::class);
    }
}
