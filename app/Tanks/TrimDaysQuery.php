<?php

declare(strict_types=1);

namespace App\Tanks;

use Cresco\Core\Planning\DueBand;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Plants\TrimDue;

/** When the plant groups of a tank want cutting, as its planting foresees it. */
final readonly class TrimDaysQuery
{
    /**
     * @param array<int, DueBand> $dues  of each plant group that is foreseen to want cutting, by key, the first first
     * @param array<int, string>  $names of all plant groups, by key
     */
    private function __construct(public array $dues, public array $names) {}

    public static function of(PlantModel $planting): self
    {
        return new self(
            array_combine(
                array_map(static fn(TrimDue $due): int => $due->plantGroup->key, $planting->dues()),
                array_map(static fn(TrimDue $due): DueBand => $due->due, $planting->dues()),
            ),
            array_map(static fn(GrowingGroup $plantGroup): string => $plantGroup->name, $planting->plantGroups),
        );
    }
}
