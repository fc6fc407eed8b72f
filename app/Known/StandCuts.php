<?php

declare(strict_types=1);

namespace App\Known;

use Cresco\Core\Planning\Due;
use Cresco\Core\Plants\Planting;
use Cresco\Core\Plants\PlantStand;
use Cresco\Core\Plants\StandDue;

/** When the stands of a tank want cutting, as its planting foresees it. */
final readonly class StandCuts
{
    /**
     * @param array<int, Due>    $dues  of each stand that is foreseen to want cutting, by key, the first first
     * @param array<int, string> $names of all stands, by key
     */
    private function __construct(public array $dues, public array $names) {}

    public static function of(Planting $planting): self
    {
        return new self(
            array_combine(array_map(static fn(StandDue $due): int => $due->stand->key, $planting->dues()), array_map(static fn(StandDue $due): Due => $due->due, $planting->dues())),
            array_map(static fn(PlantStand $stand): string => $stand->name, $planting->stands),
        );
    }
}
