<?php

declare(strict_types=1);

namespace App\Change;

use App\Known\Waters;
use App\Models\Tank;
use App\Models\WaterChange;
use Cresco\Core\Change\Allowance;
use Cresco\Core\Change\ChangePlan;
use Cresco\Core\Change\Forecast;
use Cresco\Core\Change\Warmth;
use Cresco\Core\Tank\DeviceLevel;
use Cresco\Core\Working\Computation;

/** A change worked out: the plan, what it will do, and what stands in its way. */
final readonly class Draft
{
    /**
     * @param list<DeviceLevel>      $levels
     * @param float            $mark          drain mark, mm below the rim
     * @param Computation|null $needed        share of water that the reason needs, with its spread
     * @param float|null       $neededShare   share that was aimed at, before any limit
     * @param Allowance        $allowed       largest share within the animals' limits, and what sets it
     * @param bool             $depthLimits   whether the depth that the fish need sets it
     * @param WaterChange|null $lately        a change so short a time ago that both count as one
     * @param string|null      $impossible    why the reason cannot be met with this water
     * @param bool             $isUntested    whether that is for want of a test
     * @param int              $series        changes it takes within the limits; 1 when one does
     */
    public function __construct(
        public Tank $tank,
        public ChangeInput $input,
        public ChangePlan $plan,
        public Forecast $forecast,
        public array $levels,
        public float $mark,
        public ?Computation $needed,
        public ?float $neededShare,
        public Allowance $allowed,
        public bool $depthLimits,
        public ?WaterChange $lately,
        public ?string $impossible,
        public bool $isUntested,
        public int $series,
        public Waters $waters,
        public Warmth $warmth,
    ) {}

    public function share(): float
    {
        return $this->plan->share();
    }
}
