<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\Tank;
use App\Models\WaterChange;
use App\Tanks\WatersQuery;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Tank\DeviceLevel;
use Cresco\Core\WaterChange\Allowance;
use Cresco\Core\WaterChange\ChangePlan;
use Cresco\Core\WaterChange\Forecast;
use Cresco\Core\WaterChange\NewWaterTemperature;

/** A change worked out: the plan, what it will do, and what stands in its way. */
final readonly class ChangeDraft
{
    /**
     * @param list<DeviceLevel> $levels
     * @param float             $mark        drain mark, mm below the rim
     * @param Computation|null  $needed      share of water that the reason needs, with its spread
     * @param float|null        $neededShare share that was aimed at, before any limit
     * @param Allowance         $allowed     largest share within the animals' limits, and what sets it
     * @param bool              $depthLimits whether the depth that the fish need sets it
     * @param WaterChange|null  $lately      a change so short a time ago that both count as one
     * @param string|null       $impossible  why the reason cannot be met with this water
     * @param bool              $isUntested  whether that is for want of a test
     * @param int               $series      changes it takes within the limits; 1 when one does
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
        public WatersQuery $waters,
        public NewWaterTemperature $warmth,
    ) {}

    public function share(): float
    {
        return $this->plan->share();
    }
}
