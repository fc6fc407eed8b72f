<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Light\LampReading;

/**
 * Light that a sensor or a phone showed at a place of a tank.
 *
 * @property int             $id
 * @property int             $tank_id
 * @property float           $light    µmol/m2s
 * @property float           $across
 * @property float           $front
 * @property float           $depth    mm
 * @property float           $band
 * @property CarbonImmutable $taken_at
 */
final class LightReading extends Record
{
    use ChangesPlants;

    public $timestamps = false;

    protected $table = 'light_readings';

    protected $fillable = ['light', 'across', 'front', 'depth', 'band', 'taken_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tank_id' => 'integer', 'light' => 'float', 'across' => 'float', 'front' => 'float', 'depth' => 'float', 'band' => 'float',
            'taken_at' => 'immutable_datetime',
        ];
    }

    public function toCore(): LampReading
    {
        return new LampReading($this->light, $this->across, $this->front, $this->depth, $this->band, $this->taken_at->getTimestamp() / 86400.0);
    }

    /** @return list<int> */
    public function tanksOfPlants(): array
    {
        return [$this->tank_id];
    }
}
