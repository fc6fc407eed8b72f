<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A water that goes into tanks: tap, rain, reverse osmosis, or one made up in a reservoir.
 *
 * @property int               $id
 * @property int               $keeper_id
 * @property string            $name
 * @property SourceWaterKind   $kind
 * @property string|null       $note
 * @property Disinfectant|null $disinfectant null where the keeper does not know
 */
final class SourceWater extends Record
{
    protected $table = 'source_waters';

    protected $fillable = ['name', 'kind', 'note', 'disinfectant'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => SourceWaterKind::class, 'disinfectant' => Disinfectant::class, 'keeper_id' => 'integer'];
    }

    /** Whether it needs a dechlorinator: tap water of which nobody said that nothing is added. */
    public function holdsDisinfectant(): bool
    {
        return $this->kind === SourceWaterKind::Tap && $this->disinfectant !== Disinfectant::None;
    }

    /** @return BelongsTo<Keeper, $this> */
    public function keeper(): BelongsTo
    {
        return $this->belongsTo(Keeper::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class);
    }

    /** @return HasMany<Analysis, $this> */
    public function analyses(): HasMany
    {
        return $this->hasMany(Analysis::class)->orderByDesc('sampled_on')->orderByDesc('id');
    }

    /** @return HasMany<Batch, $this> */
    public function batches(): HasMany
    {
        return $this->hasMany(Batch::class);
    }
}
