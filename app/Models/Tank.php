<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Gauge;
use Cresco\Core\Fertilising\DosingMethod;
use Cresco\Core\Light\GlassCover;
use Cresco\Core\Light\WaterTint;
use Cresco\Core\Livestock\AnimalKind;
use Cresco\Core\Livestock\AnimalKinds;
use Cresco\Core\Mixing\Spoon;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Inhabitants;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Tank\PassiveSource;
use Cresco\Core\Tank\Shape;
use Cresco\Core\WaterChange\TopOffDrift;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A tank as its keeper measured it: lengths in mm, levels in mm below the rim.
 *
 * @property      int                                    $id
 * @property      int                                    $keeper_id
 * @property      string                                 $name
 * @property      Shape                                  $shape
 * @property      float                                  $outer_length
 * @property      float|null                             $outer_depth
 * @property      float|null                             $middle_depth
 * @property      float|null                             $outer_height
 * @property      float                                  $glass
 * @property      float                                  $water_below_rim
 * @property      float                                  $substrate_back
 * @property      float                                  $substrate_front
 * @property      float                                  $porosity
 * @property      float                                  $stone_kg
 * @property      float                                  $stone_height
 * @property      float                                  $wood_kg
 * @property      float                                  $wood_height
 * @property      float|null                             $measured_litres
 * @property      float|null                             $measured_spread
 * @property      list<array{float|int, float|int}>|null $marks                  mm below the rim and litres counted up to there
 * @property      PassiveSource                          $passive
 * @property      AnimalGroup                            $animals
 * @property      float                                  $fish_height
 * @property      float                                  $warmth
 * @property      float|null                             $ph_set_point
 * @property      float                                  $nitrate_per_day
 * @property      float                                  $routine_share
 * @property      int                                    $routine_days
 * @property      int|null                               $source_water_id
 * @property      int|null                               $second_source_water_id
 * @property      float                                  $second_share
 * @property      float                                  $hose_bore              mm
 * @property      float                                  $hose_length            m
 * @property      float                                  $hose_drop              mm from the rim down to the open end
 * @property      array<string, string>|null             $schools                choices where practice differs
 * @property      array<string, mixed>|null              $limits                 the keeper's own ranges and swings, in base units, by parameter
 * @property      CarbonImmutable|null                   $started_on
 * @property      GlassCover                             $glass_cover
 * @property      WaterTint                              $water_tint
 * @property      float|null                             $carbon_dioxide         mg/L while the lamps are on
 * @property      DosingMethod|null                      $dosing_method          that its plants are fed by; null while the keeper has not said
 * @property      float|null                             $food_grams             food of the animals in a day
 * @property      float|null                             $food_pinches           a day, where it is given so
 * @property      float                                  $food_protein           percent as fed
 * @property      int|null                               $fasting_day            of the week, 0 for Sunday
 * @property      CarbonImmutable|null                   $doses_look_on          when to look whether a changed dose did anything
 * @property      int                                    $plants_version         another one whenever its plants or lamps change
 * @property-read Keeper                                 $keeper
 */
final class Tank extends Record
{
    protected $table = 'tanks';

    /** What lives in a tank and is fed, and the nitrate that it makes of it, mg/L a day. House defaults, until the log says better. */
    public const STOCKS = [
        'none' => 0.2,
        'shrimp' => 0.4,
        'few' => 0.8,
        'usual' => 1.5,
        'many' => 3.0,
        'heavy' => 5.0,
    ];

    /** What `needs()` reads of other tables; to load them for several tanks at once. */
    public const INHABITANTS = ['animalKinds.events', 'plantGroups.plantKind'];

    private ?Needs $needs = null;

    /** @var list<mixed> what it was made of */
    private array $needsOf = [];

    /** Days of top-offs that say what is lost in a day now. House default. */
    private const SEASON = 90;

    protected $fillable = [
        'name', 'shape', 'outer_length', 'outer_depth', 'middle_depth', 'outer_height', 'glass', 'water_below_rim',
        'substrate_back', 'substrate_front', 'porosity', 'stone_kg', 'stone_height', 'wood_kg', 'wood_height',
        'measured_litres', 'measured_spread', 'marks', 'passive', 'animals', 'fish_height', 'warmth', 'ph_set_point', 'nitrate_per_day',
        'routine_share', 'routine_days', 'source_water_id', 'second_source_water_id', 'second_share', 'started_on',
        'hose_bore', 'hose_length', 'hose_drop', 'schools', 'limits', 'glass_cover', 'water_tint', 'carbon_dioxide', 'dosing_method', 'food_grams', 'food_pinches', 'food_protein', 'fasting_day', 'doses_look_on',
    ];

    protected $attributes = [
        'hose_bore' => 12, 'hose_length' => 2, 'hose_drop' => 900, 'schools' => '[]', 'limits' => '[]', 'passive' => 'none', 'glass_cover' => 'open',
        'water_tint' => 'clear', 'food_protein' => 42,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        $lengths = array_fill_keys([
            'outer_length', 'outer_depth', 'middle_depth', 'outer_height', 'glass', 'water_below_rim', 'substrate_back', 'substrate_front',
            'porosity', 'stone_kg', 'stone_height', 'wood_kg', 'wood_height', 'measured_litres', 'measured_spread',
            'hose_bore', 'hose_length', 'hose_drop',
            'fish_height', 'warmth', 'ph_set_point', 'nitrate_per_day', 'routine_share', 'second_share', 'carbon_dioxide', 'food_grams', 'food_pinches', 'food_protein',
        ], 'float');

        return $lengths + [
            'dosing_method' => DosingMethod::class, 'fasting_day' => 'integer',
            'shape' => Shape::class, 'animals' => AnimalGroup::class, 'passive' => PassiveSource::class, 'glass_cover' => GlassCover::class, 'water_tint' => WaterTint::class, 'keeper_id' => 'integer', 'source_water_id' => 'integer',
            'second_source_water_id' => 'integer', 'routine_days' => 'integer', 'schools' => 'array', 'limits' => 'array', 'marks' => 'array', 'started_on' => 'immutable_date', 'doses_look_on' => 'immutable_date:Y-m-d',
        ];
    }

    /**
     * What is kept of the plants of these tanks is old from now on. A number that is drawn, not counted: one that was counted would come round again when
     * a backup is laid back.
     *
     * @param list<int> $ids
     */
    public static function turnPlants(array $ids): void
    {
        self::query()->whereKey($ids)->toBase()->update(['plants_version' => random_int(1, 2_147_483_647)]);
    }

    /** A tank as many keepers have one, to begin with. */
    public static function usual(AnimalGroup $animals): self
    {
        [$share, $days, $height] = $animals->routine();

        return new self([
            'name' => '', 'shape' => Shape::Box, 'outer_length' => 600.0, 'outer_depth' => 300.0, 'middle_depth' => 360.0,
            'outer_height' => 360.0, 'glass' => 6.0, 'water_below_rim' => 25.0, 'substrate_back' => 60.0, 'substrate_front' => 40.0,
            'porosity' => 0.42, 'stone_kg' => 0.0, 'stone_height' => 0.0, 'wood_kg' => 0.0, 'wood_height' => 0.0,
            'measured_litres' => null, 'measured_spread' => null, 'animals' => $animals, 'fish_height' => $height,
            'warmth' => $animals->warmth(), 'ph_set_point' => null, 'nitrate_per_day' => 1.0, 'routine_share' => $share, 'routine_days' => $days,
            'source_water_id' => null, 'second_source_water_id' => null, 'second_share' => 0.0, 'started_on' => null,
        ]);
    }

    /** What its animals need: the figures of their group, of what is noted to live in it, and the keeper's own. */
    public function needs(): Needs
    {
        $this->loadMissing(self::INHABITANTS);
        $of = [
            $this->attributes['limits'] ?? null, $this->attributes['animals'] ?? null, $this->relations['animalKinds'] ?? null,
            $this->relations['plantGroups'] ?? null,
        ];
        if ($this->needs !== null && $this->needsOf === $of) {
            return $this->needs;
        }
        $this->needsOf = $of;
        $ranges = $swings = [];
        $kept = $this->limits ?? [];
        foreach (is_array($kept['ranges'] ?? null) ? $kept['ranges'] : [] as $name => $range) {
            if (is_array($range) && is_numeric($range[0] ?? null) && is_numeric($range[1] ?? null)) {
                $ranges[(string) $name] = [(float) $range[0], (float) $range[1]];
            }
        }
        foreach (is_array($kept['swings'] ?? null) ? $kept['swings'] : [] as $name => $swing) {
            if (is_numeric($swing)) {
                $swings[(string) $name] = (float) $swing;
            }
        }

        return $this->needs = new Needs($this->animals, $ranges, $swings, $this->inhabitants());
    }

    /** Days since it was filled, by its own date or by the start that was noted; null where nobody said. */
    public function age(): ?float
    {
        $since = $this->started_on ?? $this->loadMissing('cycling')->cycling?->begun_on;

        return $since === null ? null : max(0.0, (CarbonImmutable::now()->getTimestamp() - $since->getTimestamp()) / 86400.0);
    }

    private function inhabitants(): Inhabitants
    {
        $kinds = $this->animalKinds->filter(static fn(Animal $animal): bool => $animal->count() > 0)
            ->map(static fn(Animal $animal): AnimalKind => AnimalKinds::of($animal->kind));

        return new Inhabitants(
            shrimp: $kinds->contains(static fn(AnimalKind $kind): bool => $kind->sort === 'shrimp'),
            fry: $kinds->contains(static fn(AnimalKind $kind): bool => $kind->key === AnimalKinds::FRY),
            tenderPlants: $this->plantGroups->contains(static fn(PlantGroup $plantGroup): bool => $plantGroup->toKind()->isTender()),
            eatsShrimp: $kinds->contains(static fn(AnimalKind $kind): bool => in_array('shrimp', $kind->eats, true)),
            carpets: $this->plantGroups->contains(static fn(PlantGroup $plantGroup): bool => $plantGroup->toKind()->isCarpetOfMuchLight()),
        );
    }

    /** @return BelongsTo<Keeper, $this> */
    public function keeper(): BelongsTo
    {
        return $this->belongsTo(Keeper::class);
    }

    /** @return HasMany<Device, $this> */
    public function devices(): HasMany
    {
        return $this->hasMany(Device::class);
    }

    /** @return BelongsTo<SourceWater, $this> */
    public function water(): BelongsTo
    {
        return $this->belongsTo(SourceWater::class, 'source_water_id');
    }

    /** @return BelongsTo<SourceWater, $this> */
    public function secondWater(): BelongsTo
    {
        return $this->belongsTo(SourceWater::class, 'second_source_water_id');
    }

    /** @return HasMany<Checklist, $this> */
    public function checklists(): HasMany
    {
        return $this->hasMany(Checklist::class);
    }

    /** @return HasMany<Entry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(Entry::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class);
    }

    /** @return HasMany<SubstrateZone, $this> */
    public function zones(): HasMany
    {
        return $this->hasMany(SubstrateZone::class);
    }

    /** @return HasMany<Dose, $this> */
    public function doses(): HasMany
    {
        return $this->hasMany(Dose::class)->orderBy('given_at')->orderBy('id');
    }

    /** @return HasMany<DosePlan, $this> */
    public function dosePlans(): HasMany
    {
        return $this->hasMany(DosePlan::class)->orderBy('id');
    }

    /** @return HasMany<PinchTrial, $this> */
    public function pinchTrials(): HasMany
    {
        return $this->hasMany(PinchTrial::class)->orderBy('taken_at')->orderBy('id');
    }

    /** What a pinch of food weighs, learned as a spoon is; null before one was weighed. */
    public function pinch(): ?Spoon
    {
        $trials = array_values($this->loadMissing('pinchTrials')->pinchTrials
            ->map(static fn(PinchTrial $trial): array => [$trial->grams_each, $trial->pinches])->all());

        return $trials === [] ? null : Spoon::learned($trials, Spoon::PINCH_SPREAD);
    }

    /** @return HasMany<FeedingOverride, $this> */
    public function feedingOverrides(): HasMany
    {
        return $this->hasMany(FeedingOverride::class)->orderBy('from_day')->orderBy('id');
    }

    /** @return HasMany<Lamp, $this> */
    public function lamps(): HasMany
    {
        return $this->hasMany(Lamp::class)->orderBy('id');
    }

    /** @return HasMany<LightReading, $this> */
    public function lightReadings(): HasMany
    {
        return $this->hasMany(LightReading::class)->orderBy('taken_at')->orderBy('id');
    }

    /** @return HasMany<GaugeNote, $this> */
    public function gaugeNotes(): HasMany
    {
        return $this->hasMany(GaugeNote::class)->orderByDesc('day')->orderByDesc('id');
    }

    /** What a gauge showed on a day, in place of what was noted for it before. */
    public function note(Gauge $gauge, CarbonImmutable $day, float $value): void
    {
        $this->gaugeNotes()->updateOrCreate(['gauge' => $gauge, 'day' => CarbonImmutable::parse($day->format('Y-m-d'))], ['value' => $value]);
    }

    /** @return HasMany<LightDay, $this> */
    public function lightDays(): HasMany
    {
        return $this->hasMany(LightDay::class)->orderByDesc('day');
    }

    /** @return HasMany<PlantGroup, $this> those that stand in it */
    public function plantGroups(): HasMany
    {
        return $this->hasMany(PlantGroup::class)->whereNull('gone_at')->orderBy('id');
    }

    /** @return HasMany<LayoutIssue, $this> */
    public function layoutIssues(): HasMany
    {
        return $this->hasMany(LayoutIssue::class);
    }

    /** @return HasMany<Problem, $this> */
    public function problems(): HasMany
    {
        return $this->hasMany(Problem::class)->orderByDesc('opened_at')->orderByDesc('id');
    }

    /** @return HasMany<Chore, $this> */
    public function chores(): HasMany
    {
        return $this->hasMany(Chore::class)->orderBy('id');
    }

    /** @return HasMany<Animal, $this> */
    public function animalKinds(): HasMany
    {
        return $this->hasMany(Animal::class)->orderBy('id');
    }

    /** @return HasMany<Arrival, $this> */
    public function arrivals(): HasMany
    {
        return $this->hasMany(Arrival::class)->orderByDesc('arrived_at')->orderByDesc('id');
    }

    /** @return HasMany<Helper, $this> */
    public function helpers(): HasMany
    {
        return $this->hasMany(Helper::class)->orderByDesc('id');
    }

    /** @return HasOne<TankCycle, $this> */
    public function cycling(): HasOne
    {
        return $this->hasOne(TankCycle::class);
    }

    /** @return HasMany<TopOff, $this> */
    public function topOffs(): HasMany
    {
        return $this->hasMany(TopOff::class)->orderBy('taken_at')->orderBy('id');
    }

    /** @return list<array{float, float, float}> days since the one before, litres and day of each top-off but the first */
    public function topUpsSeen(): array
    {
        // What is lost in a day changes with the season.
        $season = CarbonImmutable::now()->subDays(self::SEASON);
        $since = $season->max(LearningReset::ofTank($this->id, LearningReset::EVAPORATION) ?? $season);

        return TopOffDrift::spells(array_values($this->topOffs->filter(static fn(TopOff $one): bool => !$one->taken_at->lessThan($since))
            ->map(static fn(TopOff $one): array => [
                $one->taken_at->getTimestamp() / 86400.0, $one->litres,
            ])->all()));
    }
}
