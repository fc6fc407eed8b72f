<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Animals of one kind in a tank.
 *
 * @property      int         $id
 * @property      int         $tank_id
 * @property      string      $kind    of the catalogue
 * @property      string|null $name    the keeper's own
 * @property      float|null  $length  mm when grown, where the keeper knows better
 * @property-read Tank        $tank
 */
final class Animal extends Record
{
    public $timestamps = false;

    protected $table = 'animals';

    protected $fillable = ['kind', 'name', 'length'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tank_id' => 'integer', 'length' => 'float'];
    }

    /** How many there are, as what came and went says. */
    public function count(): int
    {
        $count = 0;
        foreach ($this->events as $event) {
            $count = $event->kind->after($count, $event->count);
        }

        return $count;
    }

    /** @return BelongsTo<Tank, $this> */
    public function tank(): BelongsTo
    {
        return $this->belongsTo(Tank::class);
    }

    /** @return HasMany<AnimalEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(AnimalEvent::class)->orderBy('day')->orderBy('id');
    }
}
