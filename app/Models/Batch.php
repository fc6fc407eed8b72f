<?php

declare(strict_types=1);

namespace App\Models;

use App\Data\BatchChecks;
use App\Data\BatchRecord;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A batch of new water: its card as it was written, and what the meter said of it.
 *
 * @property int                  $id
 * @property int                  $keeper_id
 * @property int|null             $tank_id
 * @property int|null             $source_water_id
 * @property float                $litres
 * @property BatchRecord          $card
 * @property BatchChecks          $checks
 * @property CarbonImmutable|null $made_at
 * @property CarbonImmutable      $created_at
 */
final class Batch extends Record
{
    protected $table = 'batches';

    protected $fillable = ['tank_id', 'source_water_id', 'litres', 'card', 'checks', 'made_at'];

    protected $attributes = ['checks' => '[]'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'keeper_id' => 'integer', 'tank_id' => 'integer', 'source_water_id' => 'integer', 'litres' => 'float', 'card' => BatchRecord::class, 'checks' => BatchChecks::class,
            'made_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime',
        ];
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

    /** @return BelongsTo<SourceWater, $this> */
    public function water(): BelongsTo
    {
        return $this->belongsTo(SourceWater::class, 'source_water_id');
    }
}
