<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A zone of substrate was cleaned.
 *
 * @property int             $id
 * @property int             $substrate_zone_id
 * @property int|null        $checklist_id
 * @property CarbonImmutable $cleaned_at
 */
final class ZoneVacuuming extends Record
{
    public $timestamps = false;

    protected $table = 'zone_vacuumings';

    protected $fillable = ['substrate_zone_id', 'checklist_id', 'cleaned_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['substrate_zone_id' => 'integer', 'checklist_id' => 'integer', 'cleaned_at' => 'immutable_datetime'];
    }
}
