<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Water\IonAnalysis;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A laboratory's or a utility's analysis of a water, whole or in part.
 *
 * @property int                  $id
 * @property int                  $keeper_id
 * @property int                  $source_water_id
 * @property CarbonImmutable      $sampled_on
 * @property array<string, float> $milligrams      mg/L by ion, those that are known
 * @property float|null           $hardness        mmol/L
 * @property float|null           $alkalinity      meq/L
 * @property float|null           $ph
 * @property float|null           $conductivity    uS/cm at 25 degC
 * @property string|null          $note
 */
final class Analysis extends Record
{
    protected $table = 'analyses';

    protected $fillable = ['source_water_id', 'sampled_on', 'milligrams', 'hardness', 'alkalinity', 'ph', 'conductivity', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'keeper_id' => 'integer', 'source_water_id' => 'integer', 'sampled_on' => 'immutable_date', 'milligrams' => 'array',
            'hardness' => 'float', 'alkalinity' => 'float', 'ph' => 'float', 'conductivity' => 'float',
        ];
    }

    /** @return BelongsTo<SourceWater, $this> */
    public function water(): BelongsTo
    {
        return $this->belongsTo(SourceWater::class, 'source_water_id');
    }

    public function toCore(): IonAnalysis
    {
        return IonAnalysis::complete(array_map(floatval(...), $this->milligrams), $this->hardness, $this->alkalinity, $this->conductivity);
    }
}
