<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Plants\GrowthForm;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A plant group was looked at or cut: how tall it is then, and how tall it was before, where it was cut. Heights in mm, covers 0 to 1.
 *
 * @property      int             $id
 * @property      int             $plant_group_id
 * @property      int|null        $checklist_id
 * @property      CarbonImmutable $happened_at
 * @property      float           $height
 * @property      float           $cover
 * @property      float|null      $before
 * @property      float|null      $cover_before
 * @property      bool            $guessed
 * @property      float|null      $foreseen       what had been forecast of the height that was found
 * @property      float|null      $foreseen_low
 * @property      float|null      $foreseen_high
 * @property      float|null      $fresh          g
 * @property      int             $replanted      tops
 * @property      int             $surplus        tops that are left over
 * @property-read PlantGroup      $plantGroup
 */
final class PlantMeasurement extends Record
{
    use ChangesPlants;

    public $timestamps = false;

    protected $table = 'plant_measurements';

    protected $fillable = [
        'checklist_id', 'happened_at', 'height', 'cover', 'before', 'cover_before', 'guessed', 'foreseen', 'foreseen_low', 'foreseen_high', 'fresh', 'replanted', 'surplus',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['height', 'cover', 'before', 'cover_before', 'foreseen', 'foreseen_low', 'foreseen_high', 'fresh'], 'float') + [
            'plant_group_id' => 'integer', 'checklist_id' => 'integer', 'happened_at' => 'immutable_datetime', 'guessed' => 'boolean', 'replanted' => 'integer', 'surplus' => 'integer',
        ];
    }

    /** @return BelongsTo<PlantGroup, $this> */
    public function plantGroup(): BelongsTo
    {
        return $this->belongsTo(PlantGroup::class);
    }

    /** Whether its figures that matter are covers: of floating plants all, of others where a cut thinned them out. */
    public function isOfCover(GrowthForm $form): bool
    {
        return $form->entry()->floats || $this->cover_before !== null;
    }

    public function isCut(): bool
    {
        return $this->before !== null || $this->cover_before !== null;
    }

    /** Height that was found, before anything was cut. */
    public function found(): float
    {
        return $this->before ?? $this->height;
    }

    /** @return list<int> */
    public function tanksOfPlants(): array
    {
        return array_values(array_map(
            static fn(mixed $id): int => is_numeric($id) ? (int) $id : 0,
            PlantGroup::query()->whereKey($this->plant_group_id)->pluck('tank_id')->all(),
        ));
    }
}
