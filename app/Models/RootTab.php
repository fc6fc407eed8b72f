<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\RootTabKind;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Root tabs that were set at a stand on a day.
 *
 * @property      int             $id
 * @property      int             $plant_group_id
 * @property      RootTabKind     $kind
 * @property      int             $number
 * @property      CarbonImmutable $placed_on
 * @property-read PlantGroup      $plantGroup
 */
final class RootTab extends Record
{
    public $timestamps = false;

    protected $table = 'root_tabs';

    protected $fillable = ['kind', 'number', 'placed_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['plant_group_id' => 'integer', 'kind' => RootTabKind::class, 'number' => 'integer', 'placed_on' => 'immutable_date:Y-m-d'];
    }

    /** @return BelongsTo<PlantGroup, $this> */
    public function plantGroup(): BelongsTo
    {
        return $this->belongsTo(PlantGroup::class);
    }
}
