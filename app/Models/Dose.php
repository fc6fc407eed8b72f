<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * What a tank was given of a product on a day, or that it was left out.
 *
 * @property int                  $id
 * @property int                  $tank_id
 * @property int|null             $product_id
 * @property int|null             $entry_id   where it stands in the log
 * @property string               $name       of the product then
 * @property float                $amount
 * @property string               $unit
 * @property array<string, float> $brings     mg/L by parameter value, to the water it went into
 * @property CarbonImmutable      $given_at
 * @property CarbonImmutable      $day        of the keeper
 * @property bool                 $missed
 * @property float|null           $taken      from stock; null where it was not noted, and was all of it
 */
final class Dose extends Record
{
    public $timestamps = false;

    protected $table = 'doses';

    protected $fillable = ['product_id', 'entry_id', 'name', 'amount', 'unit', 'brings', 'given_at', 'day', 'missed', 'taken'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tank_id' => 'integer', 'product_id' => 'integer', 'entry_id' => 'integer', 'amount' => 'float', 'brings' => 'array',
            'given_at' => 'immutable_datetime', 'day' => 'immutable_date:Y-m-d', 'missed' => 'boolean', 'taken' => 'float',
        ];
    }
}
