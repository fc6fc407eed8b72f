<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Conductivity before and behind a membrane.
 *
 * @property int             $id
 * @property float           $conductivity_in      uS/cm
 * @property float           $conductivity_out     uS/cm
 * @property float|null      $millilitres_a_minute that came out, where it was measured
 * @property bool            $is_first             the first output after standing
 * @property CarbonImmutable $taken_at
 */
final class Rejection extends Record
{
    public $timestamps = false;

    protected $table = 'rejections';

    protected $fillable = ['conductivity_in', 'conductivity_out', 'millilitres_a_minute', 'is_first', 'taken_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'conductivity_in' => 'float', 'conductivity_out' => 'float', 'millilitres_a_minute' => 'float', 'is_first' => 'boolean',
            'taken_at' => 'immutable_datetime',
        ];
    }
}
