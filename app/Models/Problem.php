<?php

declare(strict_types=1);

namespace App\Models;

use App\Data\GivenAnswers;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Something that grows or looks wrong in a tank: what its keeper answered, what was done about it and what it turned out to be.
 *
 * @property      int                  $id
 * @property      int                  $tank_id
 * @property      ProblemSubject       $about
 * @property      string|null          $place
 * @property      ProblemAim           $aim
 * @property      int|null             $plant_group_id
 * @property      GivenAnswers         $answers
 * @property      string|null          $kind           what it turned out to be
 * @property      string|null          $cause
 * @property      TreatmentResult|null $outcome
 * @property      CarbonImmutable      $opened_at
 * @property      CarbonImmutable|null $ended_at
 * @property-read Tank                 $tank
 * @property-read PlantGroup|null      $plantGroup
 */
final class Problem extends Record
{
    public $timestamps = false;

    protected $table = 'problems';

    protected $attributes = ['answers' => '[]', 'aim' => 'none'];

    protected $fillable = ['about', 'place', 'aim', 'plant_group_id', 'answers', 'kind', 'cause', 'outcome', 'opened_at', 'ended_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tank_id' => 'integer', 'plant_group_id' => 'integer', 'about' => ProblemSubject::class, 'aim' => ProblemAim::class, 'answers' => GivenAnswers::class, 'outcome' => TreatmentResult::class,
            'opened_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Tank, $this> */
    public function tank(): BelongsTo
    {
        return $this->belongsTo(Tank::class);
    }

    /** @return BelongsTo<PlantGroup, $this> */
    public function plantGroup(): BelongsTo
    {
        return $this->belongsTo(PlantGroup::class);
    }

    /** @return HasMany<Treatment, $this> */
    public function treatments(): HasMany
    {
        return $this->hasMany(Treatment::class)->orderBy('check_on')->orderBy('id');
    }

    /**
     * Those that are not ended.
     *
     * @param Builder<self> $query
     */
    public function scopeOpen(Builder $query): void
    {
        $query->whereNull('ended_at');
    }

    /** @return BelongsToMany<Photo, $this> by day, the oldest first */
    public function photos(): BelongsToMany
    {
        return $this->belongsToMany(Photo::class, 'problem_photos')->orderBy('taken_at')->orderBy('photos.id');
    }
}
