<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A friend who looks after one tank by a link that works without an account until a day.
 *
 * @property      int                  $id
 * @property      int                  $keeper_id
 * @property      int                  $tank_id
 * @property      string               $name
 * @property      string               $hash       of the secret in the link
 * @property      CarbonImmutable      $from_day   in the keeper's calendar
 * @property      CarbonImmutable      $until_day  the last of them
 * @property      string|null          $note
 * @property      list<string>         $reads      parameters that are asked for
 * @property      CarbonImmutable|null $revoked_at
 * @property      CarbonImmutable      $made_at
 * @property-read Tank                 $tank
 * @property-read Keeper               $keeper
 */
final class Helper extends Record
{
    public $timestamps = false;

    protected $table = 'helpers';

    protected $fillable = ['tank_id', 'name', 'from_day', 'until_day', 'note', 'reads', 'revoked_at', 'made_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'keeper_id' => 'integer', 'tank_id' => 'integer', 'from_day' => 'immutable_date:Y-m-d', 'until_day' => 'immutable_date:Y-m-d',
            'reads' => 'array', 'revoked_at' => 'immutable_datetime', 'made_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Tank, $this> */
    public function tank(): BelongsTo
    {
        return $this->belongsTo(Tank::class);
    }

    /** @return BelongsTo<Keeper, $this> */
    public function keeper(): BelongsTo
    {
        return $this->belongsTo(Keeper::class);
    }

    /** @return HasMany<HelperJob, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(HelperJob::class)->orderBy('id');
    }
}
