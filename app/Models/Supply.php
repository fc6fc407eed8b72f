<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that runs out: how much is left, what a week takes, how long more of it takes to come.
 *
 * @property int                  $id
 * @property int                  $keeper_id
 * @property string               $name
 * @property string               $unit
 * @property float                $left       when it was counted
 * @property float                $weekly
 * @property int                  $lead_days
 * @property CarbonImmutable      $counted_on in the keeper's calendar
 * @property CarbonImmutable|null $expires_on
 * @property int|null             $product_id of the shelf
 */
final class Supply extends Record
{
    public $timestamps = false;

    protected $table = 'supplies';

    protected $fillable = ['name', 'unit', 'left', 'weekly', 'lead_days', 'counted_on', 'expires_on', 'product_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'keeper_id' => 'integer', 'left' => 'float', 'weekly' => 'float', 'lead_days' => 'integer', 'counted_on' => 'immutable_date:Y-m-d',
            'expires_on' => 'immutable_date:Y-m-d', 'product_id' => 'integer',
        ];
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }
}
