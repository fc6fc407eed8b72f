<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One thing that a helper is asked to do.
 *
 * @property      int             $id
 * @property      int             $helper_id
 * @property      string          $text      in plain words, with the amount
 * @property      string|null     $caution
 * @property      int             $every     days; 0 for once
 * @property      CarbonImmutable $first_on  in the keeper's calendar
 * @property-read Helper          $helper
 */
final class HelperJob extends Record
{
    public $timestamps = false;

    protected $table = 'helper_jobs';

    protected $fillable = ['text', 'caution', 'every', 'first_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['helper_id' => 'integer', 'every' => 'integer', 'first_on' => 'immutable_date:Y-m-d'];
    }

    /** @return BelongsTo<Helper, $this> */
    public function helper(): BelongsTo
    {
        return $this->belongsTo(Helper::class);
    }

    /** @return HasMany<HelperTick, $this> */
    public function ticks(): HasMany
    {
        return $this->hasMany(HelperTick::class)->orderBy('day');
    }
}
