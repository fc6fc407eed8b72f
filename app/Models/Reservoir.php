<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Mixing\Membrane;
use Cresco\Core\Mixing\RoSupply;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A store of reverse-osmosis water and the unit that fills it.
 *
 * @property int                  $id
 * @property int                  $keeper_id
 * @property int|null             $source_water_id
 * @property string               $name
 * @property float                $capacity        L
 * @property float                $level           L
 * @property float                $litres_per_day
 * @property float                $waste           litres run off for each made
 * @property CarbonImmutable|null $membrane_on
 * @property CarbonImmutable|null $resin_on
 * @property CarbonImmutable      $updated_at      when the level was last written down
 */
final class Reservoir extends Record
{
    protected $table = 'reservoirs';

    /** Days that a resin lasts when nothing is known of it. House default. */
    public const RESIN_DAYS = 365;

    protected $fillable = ['source_water_id', 'name', 'capacity', 'level', 'litres_per_day', 'waste', 'membrane_on', 'resin_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'keeper_id' => 'integer', 'source_water_id' => 'integer', 'capacity' => 'float', 'level' => 'float', 'litres_per_day' => 'float',
            'waste' => 'float', 'membrane_on' => 'immutable_date', 'resin_on' => 'immutable_date', 'updated_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<SourceWater, $this> */
    public function water(): BelongsTo
    {
        return $this->belongsTo(SourceWater::class, 'source_water_id');
    }

    /** @return HasMany<Rejection, $this> */
    public function rejections(): HasMany
    {
        return $this->hasMany(Rejection::class)->orderBy('taken_at')->orderBy('id');
    }

    public function supply(): RoSupply
    {
        return new RoSupply($this->litres_per_day, $this->waste, $this->capacity, $this->level);
    }

    /** @return Collection<int, Rejection> readings of the membrane that is in now; what was kept before it was asked back does not count */
    public function ofThisMembrane(): Collection
    {
        return $this->rejections->filter(fn(Rejection $r): bool => $r->conductivity_in > 0.0
            && $r->conductivity_out <= $r->conductivity_in
            && ($this->membrane_on === null || $r->taken_at->greaterThanOrEqualTo($this->membrane_on)));
    }

    /** How well the membrane that is in now holds back. */
    public function membrane(): ?Membrane
    {
        $readings = $this->ofThisMembrane()->map(static fn(Rejection $r): array => [
            $r->taken_at->getTimestamp() / 86400.0, $r->conductivity_in, $r->conductivity_out, $r->is_first,
        ])->values()->all();

        return Membrane::trend(array_values($readings), CarbonImmutable::now()->getTimestamp() / 86400.0);
    }
}
