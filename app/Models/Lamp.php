<?php

declare(strict_types=1);

namespace App\Models;

use Cresco\Core\Light\Flux;
use Cresco\Core\Light\LampKind;
use Cresco\Core\Light\LampModel;
use Cresco\Core\Light\LampType;
use Cresco\Core\Light\LightColour;

/**
 * A lamp over a tank; lengths in mm.
 *
 * @property int         $id
 * @property int         $tank_id
 * @property LampKind    $kind
 * @property LampSource  $told_by
 * @property float       $told
 * @property LightColour $colour
 * @property LampType    $type
 * @property float       $length
 * @property float       $width
 * @property float       $above
 * @property float       $angle
 * @property float       $dimmer
 * @property float       $hours
 * @property float       $ramp    minutes
 * @property float       $across
 * @property float       $front
 * @property int         $spots
 */
final class Lamp extends Record
{
    use ChangesPlants;

    public $timestamps = false;

    protected $table = 'lamps';

    protected $fillable = [
        'kind', 'told_by', 'told', 'colour', 'type', 'length', 'width', 'above', 'angle', 'dimmer', 'hours', 'ramp', 'across', 'front', 'spots',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['told', 'length', 'width', 'above', 'angle', 'dimmer', 'hours', 'ramp', 'across', 'front'], 'float')
            + [
                'tank_id' => 'integer', 'spots' => 'integer', 'kind' => LampKind::class, 'told_by' => LampSource::class,
                'colour' => LightColour::class, 'type' => LampType::class,
            ];
    }

    public function flux(): float
    {
        return match ($this->told_by) {
            LampSource::Maker => Flux::checked($this->told),
            LampSource::Lumens => Flux::ofLumens($this->told, $this->colour, $this->type),
            LampSource::Watts => Flux::ofWatts($this->told, $this->type),
        };
    }

    public function toCore(): LampModel
    {
        return new LampModel(
            $this->kind,
            $this->flux(),
            $this->length,
            $this->width,
            $this->above,
            $this->angle,
            $this->dimmer,
            $this->hours,
            $this->ramp,
            $this->across,
            $this->front,
            $this->spots,
        );
    }

    /** @return list<int> */
    public function tanksOfPlants(): array
    {
        return [$this->tank_id];
    }
}
