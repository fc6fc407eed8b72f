<?php

declare(strict_types=1);

namespace App\Models;

use App\Data\ForecastRecord;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A water change that was made, by a checklist or noted afterwards: what every page works on from.
 *
 * @property int             $id
 * @property int             $keeper_id
 * @property int             $tank_id
 * @property int|null        $checklist_id
 * @property int             $entry_id
 * @property int|null        $source_water_id
 * @property string          $source          name of what went in
 * @property float           $litres          that left
 * @property float           $share           of new water, 0 to 1
 * @property ForecastRecord  $forecast        as it stood then
 * @property CarbonImmutable $changed_at
 * @property Tank            $tank            whose water it was
 */
final class WaterChange extends Record
{
    public $timestamps = false;

    protected $table = 'water_changes';

    protected $fillable = ['tank_id', 'checklist_id', 'entry_id', 'source_water_id', 'source', 'litres', 'share', 'forecast', 'changed_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'keeper_id' => 'integer', 'tank_id' => 'integer', 'checklist_id' => 'integer', 'entry_id' => 'integer', 'source_water_id' => 'integer',
            'litres' => 'float', 'share' => 'float', 'forecast' => ForecastRecord::class, 'changed_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Tank, $this> */
    public function tank(): BelongsTo
    {
        return $this->belongsTo(Tank::class);
    }

    /** @return BelongsTo<Checklist, $this> */
    public function checklist(): BelongsTo
    {
        return $this->belongsTo(Checklist::class);
    }
}
