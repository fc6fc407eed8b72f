<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Plants\Emersed;
use Cresco\Core\Plants\PlantCatalogue;
use Cresco\Core\Plants\PlantSpecies;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * Plants of one kind in one place of a tank; edges as shares of the plan, heights in mm.
 *
 * @property      int                   $id
 * @property      int                   $tank_id
 * @property      string|null           $kind          of the catalogue
 * @property      int|null              $plant_kind_id
 * @property      float                 $left_edge     from the left pane
 * @property      float                 $right_edge
 * @property      float                 $front_edge    from the front pane
 * @property      float                 $back_edge
 * @property      float                 $perch         above the substrate
 * @property      float|null            $wished
 * @property      float|null            $ceiling
 * @property      CarbonImmutable|null  $planted_on
 * @property      bool                  $from_air      grown above the water before it was planted
 * @property      CarbonImmutable|null  $melted_at     when melting leaves were last taken out
 * @property      CarbonImmutable|null  $gone_at
 * @property      string|null           $note
 * @property      CarbonImmutable|null  $looked_at     when its looks last changed
 * @property-read PlantKind|null        $plantKind
 * @property-read PlantMeasurement|null $latestLook
 */
final class PlantGroup extends Record
{
    use ChangesPlants;

    public $timestamps = false;

    protected $table = 'plant_groups';

    protected $fillable = [
        'kind', 'plant_kind_id', 'left_edge', 'right_edge', 'front_edge', 'back_edge', 'perch', 'wished', 'ceiling', 'planted_on', 'from_air', 'gone_at', 'note', 'looked_at', 'melted_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['left_edge', 'right_edge', 'front_edge', 'back_edge', 'perch', 'wished', 'ceiling'], 'float') + [
            'tank_id' => 'integer', 'plant_kind_id' => 'integer', 'planted_on' => 'immutable_date', 'from_air' => 'boolean', 'gone_at' => 'immutable_datetime', 'looked_at' => 'immutable_datetime', 'melted_at' => 'immutable_datetime',
        ];
    }

    /**
     * Those that stand in their tank.
     *
     * @param Builder<self> $query
     */
    public function scopeStanding(Builder $query): void
    {
        $query->whereNull('gone_at');
    }

    /**
     * Those whose leaves may still die back.
     *
     * @param Builder<self> $query
     */
    public function scopeSettling(Builder $query): void
    {
        $query->whereNull('gone_at')->where('from_air', true)->where('planted_on', '>=', CarbonImmutable::now()->subDays(Emersed::LASTS)->toDateString());
    }

    /** @return BelongsTo<Tank, $this> */
    public function tank(): BelongsTo
    {
        return $this->belongsTo(Tank::class);
    }

    /** @return BelongsTo<PlantKind, $this> */
    public function plantKind(): BelongsTo
    {
        return $this->belongsTo(PlantKind::class);
    }

    /** @return HasMany<PlantMeasurement, $this> */
    public function looks(): HasMany
    {
        return $this->hasMany(PlantMeasurement::class)->orderBy('happened_at')->orderBy('id');
    }

    /** @return HasMany<RootTab, $this> */
    public function rootTabs(): HasMany
    {
        return $this->hasMany(RootTab::class)->orderBy('placed_on')->orderBy('id');
    }

    /** @return HasOne<PlantMeasurement, $this> */
    public function latestLook(): HasOne
    {
        return $this->hasOne(PlantMeasurement::class)->ofMany(['happened_at' => 'max', 'id' => 'max']);
    }

    /** What is known of its kind; a kind that the catalogue no longer has counts as the first one of it. */
    public function toKind(): PlantSpecies
    {
        $all = PlantCatalogue::all();

        return $this->plantKind?->toCore() ?? $all[(string) $this->kind] ?? $all[array_key_first($all)];
    }

    /** @return list<int> */
    public function tanksOfPlants(): array
    {
        return [$this->tank_id];
    }
}
