<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A photo taken in a step of a checklist or outside of one: made small, without what the camera wrote into it, for its keeper alone.
 *
 * @property int             $id
 * @property int             $keeper_id
 * @property int             $tank_id
 * @property int|null        $checklist_id
 * @property int|null        $checklist_step_id
 * @property bool            $is_intent         as the tank is meant to look
 * @property string          $file              within the private photos
 * @property int             $width
 * @property int             $height
 * @property CarbonImmutable $taken_at
 */
final class Photo extends Record
{
    public $timestamps = false;

    protected $table = 'photos';

    protected $fillable = ['tank_id', 'checklist_id', 'checklist_step_id', 'file', 'width', 'height', 'taken_at', 'is_intent'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'keeper_id' => 'integer', 'tank_id' => 'integer', 'checklist_id' => 'integer', 'checklist_step_id' => 'integer', 'width' => 'integer',
            'height' => 'integer', 'is_intent' => 'boolean', 'taken_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<ChecklistStep, $this> */
    public function step(): BelongsTo
    {
        return $this->belongsTo(ChecklistStep::class, 'checklist_step_id');
    }
}
