<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\SourceWater;

/** What a keeper asks of a change, in base units. */
final readonly class ChangeInput
{
    /** mg/L of nitrate that is aimed at when no other goal is named. House default. */
    public const NITRATE_GOAL = 20.0;

    /** Share of a treatment that should leave when no other is named. House default. */
    public const TREATMENT_OUT = 0.75;

    /**
     * @param float       $nitrateGoal      mg/L
     * @param float|null  $conductivityGoal uS/cm; null when none is named
     * @param float       $treatmentOut     share of what was dosed that should leave, 0 to 1
     * @param AmountField $way              which figure $amount is
     * @param float|null  $amount           litres, share (0 to 1), mm below the rim, or buckets
     * @param float       $waterline        mm below the rim, now
     * @param float|null  $stream           degC of the water that goes in; null for its own
     * @param float|null  $landing          degC that the keeper wants the tank at; null to leave it where it is
     * @param float       $inflow           what runs in while the level falls, as a share of what runs out
     */
    public function __construct(
        public ChangeReason $reason,
        public float $nitrateGoal,
        public ?float $conductivityGoal,
        public float $treatmentOut,
        public AmountField $way,
        public ?float $amount,
        public int $drains,
        public SourceWater $first,
        public ?SourceWater $second,
        public float $secondShare,
        public float $waterline,
        public ?float $stream,
        public float $inflow = 0.0,
        public ?float $landing = null,
    ) {}

    /** The same without any water changed. */
    public function dry(): self
    {
        return new self(
            ChangeReason::Amount,
            $this->nitrateGoal,
            $this->conductivityGoal,
            $this->treatmentOut,
            AmountField::Litres,
            0.0,
            1,
            $this->first,
            $this->second,
            $this->secondShare,
            $this->waterline,
            $this->stream,
        );
    }
}
