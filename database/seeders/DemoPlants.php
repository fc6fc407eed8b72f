<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\PlantGroup;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Plants\PlantCatalogue;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Plants\Regrowth;
use Cresco\Core\Plants\Spread;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Half a year of the plants of the demo: each grows at its own rate, is measured by a tape that is a little off, and is cut when it is too tall. */
final class DemoPlants
{
    /** Days between two looks. */
    private const EVERY = 14;

    private readonly Randomizer $chance;

    /** @param int $last days since the last cut */
    private function __construct(private readonly Tank $tank, private readonly CarbonImmutable $today, private readonly int $last)
    {
        $this->chance = new Randomizer(new Mt19937(crc32('plants of '.$tank->name)));
    }

    public static function grow(Tank $tank, CarbonImmutable $today): void
    {
        match ($tank->name) {
            'Long Meadow' => (new self($tank, $today, 12))->meadow(),
            'Ember Shelf' => (new self($tank, $today, 12))->shelf(),
            'Lantern' => (new self($tank, $today, 5))->lantern(),
            default => null,
        };
    }

    private function meadow(): void
    {
        $this->tank->lamps()->create([
            'kind' => 'panel', 'told_by' => 'lumens', 'told' => 9600, 'colour' => 'white', 'type' => 'led', 'length' => 1080, 'width' => 180, 'above' => 90, 'angle' => 120,
            'dimmer' => 0.6, 'hours' => 7.5, 'ramp' => 30,
        ]);
        $this->tank->lightReadings()->create([
            'light' => 58, 'across' => 0.5, 'front' => 0.2, 'depth' => 330, 'band' => 0.25,
            'taken_at' => $this->today->subDays(60)->setTime(19, 0)->utc(),
        ]);
        $this->stand('vallisneria_nana', [0.01, 0.17, 0.66, 1.0], 180, 0.9, null, 0.0);
        $this->stand('rotala_rotundifolia', [0.19, 0.44, 0.64, 1.0], 120, 0.75, 300, 130);
        $this->stand('limnophila_sessiliflora', [0.7, 0.99, 0.38, 1.0], 140, 1.05, 330, 150);
        $this->stand('ludwigia_repens', [0.47, 0.62, 0.55, 0.9], 100, 0.8, 230, 110);
        $this->stand('cryptocoryne_wendtii', [0.04, 0.28, 0.3, 0.58], 90, 1.1, 170, 115, leaves: true);
        $this->stand('microsorum_pteropus', [0.29, 0.42, 0.34, 0.58], 120, 1.0, null, 0.0, perch: 140);
        $this->stand('micranthemum_tweediei', [0.3, 0.68, 0.02, 0.3], 12, 0.9, null, 15, cover: 0.5);
        $this->stand('staurogyne_repens', [0.74, 0.97, 0.34, 0.62], 40, 0.5, 90, 55);
    }

    private function shelf(): void
    {
        $this->tank->lamps()->create([
            'kind' => 'bar', 'told_by' => 'watts', 'told' => 9, 'colour' => 'white', 'type' => 'led', 'length' => 380, 'width' => 60, 'above' => 60, 'angle' => 120, 'dimmer' => 0.8, 'hours' => 8, 'ramp' => 0,
        ]);
        $this->stand('taxiphyllum_barbieri', [0.3, 0.72, 0.4, 0.85], 22, 0.9, null, 24, perch: 70);
        $this->stand('bucephalandra_motleyana', [0.36, 0.5, 0.28, 0.46], 45, 1.0, null, 0.0, perch: 30);
        $this->stand('anubias_barteri', [0.68, 0.94, 0.5, 0.9], 70, 0.9, null, 0.0, perch: 20);
        $this->stand('cryptocoryne_parva', [0.05, 0.3, 0.05, 0.35], 40, 1.0, null, 0.0);
    }

    private function lantern(): void
    {
        // Bought with leaves that grew in air, and planted nine days ago.
        $new = $this->tank->plantGroups()->create([
            'kind' => 'cryptocoryne_wendtii', 'left_edge' => 0.7, 'right_edge' => 0.94, 'front_edge' => 0.45, 'back_edge' => 0.85, 'planted_on' => $this->today->subDays(9)->format('Y-m-d'), 'from_air' => true,
            'melted_at' => $this->today->subDays(3)->setTime(18, 0)->utc(),
        ]);
        $new->looks()->create(['happened_at' => $this->today->subDays(9)->setTime(18, 20)->utc(), 'height' => 70, 'cover' => 0.6]);
        $this->tank->lamps()->create([
            'kind' => 'spots', 'told_by' => 'watts', 'told' => 7, 'colour' => 'white', 'type' => 'led', 'length' => 80, 'width' => 80, 'above' => 120, 'angle' => 90, 'dimmer' => 1, 'hours' => 9, 'ramp' => 0,
        ]);
        $this->stand('limnobium_laevigatum', [0.0, 1.0, 0.0, 1.0], 20, 1.0, null, 0.0, cover: 0.3);
        $this->stand('taxiphyllum_barbieri', [0.22, 0.6, 0.3, 0.7], 25, 0.8, null, 25);
    }

    /**
     * @param array{float, float, float, float} $place  left, right, front, back
     * @param float                             $height at which it was planted, mm
     * @param float                             $pace   against what is usual
     * @param float                             $to     it is cut to, mm; 0 for never
     */
    private function stand(
        string $kind,
        array $place,
        float $height,
        float $pace,
        ?float $wished,
        float $to,
        float $cover = 1.0,
        float $perch = 0.0,
        bool $leaves = false,
    ): void {
        $of = PlantCatalogue::all()[$kind];
        $planted = $this->last + self::EVERY * intdiv(168, self::EVERY);
        /** @var PlantGroup $plantGroup */
        $plantGroup = $this->tank->plantGroups()->create([
            'kind' => $kind, 'left_edge' => $place[0], 'right_edge' => $place[1], 'front_edge' => $place[2], 'back_edge' => $place[3], 'perch' => $perch, 'wished' => $wished,
            'planted_on' => $this->today->subDays($planted)->format('Y-m-d'), 'looked_at' => $this->today->subDays($this->last)->utc(),
        ]);
        $vessel = VesselQuery::tank($this->tank);
        $room = $vessel->waterHeight() - $vessel->bed->front - ($vessel->bed->back - $vessel->bed->front) * ($place[2] + $place[3]) / 2.0 - $perch;
        $ceiling = PlantModel::ceiling($of, $room);
        $growth = new Regrowth($ceiling, max(0.3, 0.75 * $pace * $of->usualRate()));
        $spread = new Spread(max(1.0, $of->form->doublingDays($of->pace) * ($of->form->entry()->floats ? 1.0 : 0.4)));
        $floats = $of->form->entry()->floats;
        $limit = match (true) {
            $wished !== null => 1.05 * $wished,
            $of->form->limit() > 1.0 => $of->form->limit(),
            default => $room - 20.0,
        };
        $looks = [];
        for ($ago = $planted; $ago >= $this->last; $ago -= self::EVERY) {
            $at = $this->today->subDays($ago)->setTime(18, $this->chance->getInt(0, 50));
            $found = max(5.0, $height + $this->chance->getInt(-7, 7));
            $look = [
                'plant_group_id' => $plantGroup->id, 'happened_at' => $at->utc()->format('Y-m-d H:i:s'), 'height' => round($found),
                'cover' => round($cover, 3), 'before' => null, 'cover_before' => null, 'guessed' => false,
            ];
            if ($floats && $cover > 0.45) {
                $look = ['cover_before' => round($cover, 2), 'cover' => 0.25] + $look;
                $cover = 0.25;
            } elseif ($to > 0.0 && $height > $limit) {
                $left = $leaves ? max($to, 0.7 * $height) : $to;
                $look = ['before' => round($found), 'height' => round($left)] + $look;
                $height = $left;
            }
            // Long ago only every other look was written down.
            if ($ago <= 80 || $ago === $planted || $look['before'] !== null || $look['cover_before'] !== null || intdiv($ago, self::EVERY) % 2 === 0) {
                $looks[] = $look;
            }
            $height = $growth->after($height, self::EVERY / 7.0 * (0.85 + 0.3 * $this->chance->getInt(0, 1000) / 1000.0));
            $cover = $of->form->entry()->doubling === null ? $cover : $spread->after($cover, self::EVERY);
        }
        $plantGroup->looks()->insert($looks);
        Tank::turnPlants([$this->tank->id]);
    }
}
