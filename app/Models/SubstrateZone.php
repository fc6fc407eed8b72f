<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Substrate\Cover;
use Cresco\Core\Substrate\Zone;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A rectangle of a tank's substrate; edges as shares of the plan.
 *
 * @property int                  $id
 * @property int                  $tank_id
 * @property float                $left_edge  from the left pane
 * @property float                $right_edge
 * @property float                $front_edge from the front pane
 * @property float                $back_edge
 * @property Cover                $cover
 * @property CarbonImmutable|null $cleaned_at
 */
final class SubstrateZone extends Record
{
    public $timestamps = false;

    protected $table = 'substrate_zones';

    protected $fillable = ['left_edge', 'right_edge', 'front_edge', 'back_edge', 'cover', 'cleaned_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tank_id' => 'integer', 'left_edge' => 'float', 'right_edge' => 'float', 'front_edge' => 'float', 'back_edge' => 'float',
            'cover' => Cover::class, 'cleaned_at' => 'immutable_datetime',
        ];
    }

    /** @return HasMany<ZoneVacuuming, $this> */
    public function cleanings(): HasMany
    {
        return $this->hasMany(ZoneVacuuming::class);
    }

    public function toCore(): Zone
    {
        return new Zone(
            $this->id,
            $this->left_edge,
            $this->right_edge,
            $this->front_edge,
            $this->back_edge,
            $this->cover,
            $this->cleaned_at === null ? null : max(0.0, (CarbonImmutable::now()->getTimestamp() - $this->cleaned_at->getTimestamp()) / 86400.0),
        );
    }
}
