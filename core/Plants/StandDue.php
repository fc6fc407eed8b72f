<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Planning\Due;

/** When a stand wants cutting, and why. */
final readonly class StandDue
{
    /**
     * @param float    $limit  mm, or cover from 0 to 1, that it comes to then
     * @param int|null $shaded the stand whose light it takes, where that is the reason
     */
    public function __construct(public PlantStand $stand, public Due $due, public TrimReason $reason, public float $limit, public ?int $shaded = null) {}
}
