<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Tank;
use Cresco\Core\Light\LampModel;
use Cresco\Core\Light\LampReading;
use Cresco\Core\Light\LightField;
use Cresco\Core\Plants\GrowingGroup;

/** The plant groups of a tank as they were last looked at, with the rates that they were learned to have, and its lamps: kept until one of them changes. */
final class PlantGroupsQuery
{
    private ?LightField $light = null;

    /**
     * @param array<int, array{GrowingGroup, int|null}> $plantGroups as they were then, and when that was, seconds since 1970
     * @param array<int, GroupSeen>                     $seen
     * @param list<LampModel>                           $lamps
     * @param list<LampReading>                         $readings
     */
    public function __construct(
        public readonly array $plantGroups,
        public readonly array $seen,
        private readonly array $lamps,
        private readonly array $readings,
    ) {}

    public function light(Tank $tank): LightField
    {
        return $this->light ??= new LightField($this->lamps, VesselQuery::tank($tank)->plan, $tank->glass_cover, $tank->water_tint, $this->readings);
    }

    /** @return list<string> */
    public function __sleep(): array
    {
        return ['plantGroups', 'seen', 'lamps', 'readings'];
    }
}
