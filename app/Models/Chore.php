<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\JobKind;
use Cresco\Core\Planning\JobKinds;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A job that a keeper set up: of a tank, or of the household.
 *
 * @property int                  $id
 * @property int                  $keeper_id
 * @property int|null             $tank_id
 * @property string               $kind       of the catalogue
 * @property string|null          $name       the keeper's own
 * @property int|null             $every      days that the keeper set; null to be learned
 * @property int|null             $minutes    that the keeper set
 * @property CarbonImmutable|null $next_on    in the keeper's calendar, until it was done once
 * @property CarbonImmutable|null $last_at
 * @property float|null           $wears_most readings, litres or hours that it stands, where it wears by use
 * @property Parameter|null       $wears_of   that reagents read
 */
final class Chore extends Record
{
    public $timestamps = false;

    protected $table = 'chores';

    protected $fillable = ['tank_id', 'kind', 'name', 'every', 'minutes', 'next_on', 'last_at', 'wears_most', 'wears_of'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'keeper_id' => 'integer', 'tank_id' => 'integer', 'every' => 'integer', 'minutes' => 'integer', 'next_on' => 'immutable_date:Y-m-d',
            'last_at' => 'immutable_datetime', 'wears_most' => 'float', 'wears_of' => Parameter::class,
        ];
    }

    /** @return BelongsTo<Tank, $this> */
    public function tank(): BelongsTo
    {
        return $this->belongsTo(Tank::class);
    }

    /** @return HasMany<ChoreTurn, $this> */
    public function turns(): HasMany
    {
        return $this->hasMany(ChoreTurn::class)->orderBy('done_at');
    }

    public function toKind(): JobKind
    {
        return JobKinds::of($this->kind);
    }
}
