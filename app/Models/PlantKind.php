<?php

declare(strict_types=1);

namespace App\Models;

use Cresco\Core\Plants\GrowthForm;
use Cresco\Core\Plants\GrowthPace;
use Cresco\Core\Plants\LightDemand;
use Cresco\Core\Plants\PlantSpecies;

/**
 * A kind of plant that a keeper added.
 *
 * @property int         $id
 * @property int         $keeper_id
 * @property string      $name
 * @property GrowthForm  $form
 * @property GrowthPace  $pace
 * @property LightDemand $demand
 * @property float       $roots
 * @property bool        $bicarbonate
 * @property float|null  $ceiling     mm
 */
final class PlantKind extends Record
{
    use ChangesPlants;

    public $timestamps = false;

    protected $table = 'plant_kinds';

    protected $fillable = ['name', 'form', 'pace', 'demand', 'roots', 'bicarbonate', 'ceiling'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'keeper_id' => 'integer', 'form' => GrowthForm::class, 'pace' => GrowthPace::class, 'demand' => LightDemand::class,
            'roots' => 'float', 'bicarbonate' => 'boolean', 'ceiling' => 'float',
        ];
    }

    public function toCore(): PlantSpecies
    {
        return new PlantSpecies('own-'.$this->id, $this->form, $this->pace, $this->demand, $this->roots, $this->bicarbonate, $this->ceiling, name: $this->name);
    }

    /** @return list<int> */
    public function tanksOfPlants(): array
    {
        return array_values(array_map(
            static fn(mixed $id): int => is_numeric($id) ? (int) $id : 0,
            PlantGroup::query()->where('plant_kind_id', $this->id)->distinct()->pluck('tank_id')->all(),
        ));
    }
}
