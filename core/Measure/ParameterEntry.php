<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

use Closure;

/** Everything that one parameter brings: how it is called, read and shown, and how it behaves when waters mix. */
final readonly class ParameterEntry
{
    /**
     * @param string                               $symbol        in formulas
     * @param array{float, float}                  $range         what fresh water can hold at all, in the base unit: wide enough for every tap and tank,
     *                                                            narrow enough to catch a slipped decimal point
     * @param float                                $accuracy      by which a well-kept meter may be off beyond its last digit, a standard deviation in the base
     *                                                            unit. House default
     * @param float                                $accuracyShare the same as a share of the value. House default
     * @param float|null                           $beyond        how far the truth may lie beyond the end of a chart, in the base unit; null where it may be as
     *                                                            much again as the end itself. House default
     * @param ReadingMethod                        $method        most keepers read it with. House default, like the two that follow
     * @param float                                $step          worth of a drop or of the last digit, in the usual unit
     * @param list<float>                          $fields        of a colour chart, in the usual unit
     * @param bool                                 $mixes         by volume; pH does not
     * @param bool                                 $isDissolved   whether a sample can be thinned to read more than the kit shows
     * @param bool                                 $ofTanks       whether it is read in tanks; else only in the waters that go in
     * @param bool                                 $isSideline    shown only where it was read
     * @param array{float, float}|null             $fine          range that suits all animals; null where it goes by the group. House default
     * @param LevelPrior|null                      $balance       of parameters that are conserved; null of others
     * @param Nutrient|null                        $food          of parameters that plants are fed with
     * @param float                                $wander        by which a meter strays further in each month since it was last set against a standard, a standard
     *                                                            deviation in the base unit. House default, like the two that follow
     * @param float                                $wanderShare   the same as a share of the value
     * @param int|null                             $setDays       days after which a meter is to be set again; null where that is not done
     * @param Closure(float): non-empty-list<Unit> $units         it may be read in, the usual one first; given the factor of the keeper's TDS meter
     */
    public function __construct(
        public string $symbol,
        public array $range,
        public Closure $units,
        public float $accuracy = 0.0,
        public float $accuracyShare = 0.05,
        public ?float $beyond = null,
        public ReadingMethod $method = ReadingMethod::AtField,
        public float $step = 0.0,
        public array $fields = [],
        public bool $mixes = true,
        public bool $isDissolved = true,
        public bool $ofTanks = true,
        public bool $isSideline = false,
        public ?array $fine = null,
        public float $wander = 0.0,
        public float $wanderShare = 0.0,
        public ?int $setDays = null,
        public ?LevelPrior $balance = null,
        public ?Nutrient $food = null,
    ) {}

    /** Whether it is looked at as food of plants and as nothing else. */
    public function isFoodAlone(): bool
    {
        return $this->food !== null && $this->isSideline;
    }
}
