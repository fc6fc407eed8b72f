<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\RootTabKind;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Root capsules that were set at a stand on a day.
 *
 * @property int             $id
 * @property int             $stand_id
 * @property RootTabKind     $kind
 * @property int             $number
 * @property CarbonImmutable $placed_on
 * @property-read Stand      $stand
 */
final class Capsule extends Record
{
    public $timestamps = false;

    protected $table = 'capsules';

    protected $fillable = ['kind', 'number', 'placed_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['stand_id' => 'integer', 'kind' => RootTabKind::class, 'number' => 'integer', 'placed_on' => 'immutable_date:Y-m-d'];
    }

    /** @return BelongsTo<Stand, $this> */
    public function stand(): BelongsTo
    {
        return $this->belongsTo(Stand::class);
    }
}
