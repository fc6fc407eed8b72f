<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A patch of bed was cleaned.
 *
 * @property int             $id
 * @property int             $bed_patch_id
 * @property int|null        $run_id
 * @property CarbonImmutable $cleaned_at
 */
final class BedCleaning extends Record
{
    public $timestamps = false;

    protected $table = 'bed_cleanings';

    protected $fillable = ['bed_patch_id', 'run_id', 'cleaned_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bed_patch_id' => 'integer', 'run_id' => 'integer', 'cleaned_at' => 'immutable_datetime'];
    }
}
