<?php

declare(strict_types=1);

namespace App\Models;

use App\Data\Phrase;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One thing that happened, in the log of a tank or of a water.
 *
 * @property int                       $id
 * @property int                       $keeper_id
 * @property int|null                  $tank_id
 * @property int|null                  $source_water_id
 * @property int|null                  $checklist_id
 * @property EntryKind                 $kind
 * @property string                    $title
 * @property string|null               $body
 * @property CarbonImmutable           $happened_at
 * @property array<string, mixed>|null $took            products and stores that something went out of, with amounts, and the batch that was made or got acid
 */
final class Entry extends Record
{
    protected $table = 'entries';

    protected $fillable = ['tank_id', 'source_water_id', 'checklist_id', 'kind', 'title', 'body', 'happened_at', 'took'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => EntryKind::class, 'title' => Phrase::class, 'body' => Phrase::class, 'happened_at' => 'immutable_datetime', 'keeper_id' => 'integer', 'tank_id' => 'integer',
            'source_water_id' => 'integer', 'checklist_id' => 'integer', 'took' => 'array',
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

    /** @return BelongsTo<Checklist, $this> */
    public function checklist(): BelongsTo
    {
        return $this->belongsTo(Checklist::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class);
    }
}
