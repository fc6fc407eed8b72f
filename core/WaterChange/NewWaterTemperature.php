<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\Parameter;

/**
 * How warm the new water goes in: as warm as the tank is, unless the keeper wants the tank moved; then no further at once than its
 * animals stand, and never so far from the tank that those at the inlet meet hot or ice-cold water. All in degC.
 */
final readonly class NewWaterTemperature
{
    /** What goes in is at most so much warmer or colder than the tank, whose animals meet it before it has mixed. House default. */
    public const APART = 6.0;

    public const LANDING = 'landing = tank + max(0 - step, min(step, wish - tank))';

    public const STREAM = 'stream = tank + max(0 - apart, min(apart, (landing - tank) / max(f, 0.001)))';

    public const LANDS = 'lands = (1 - f) * tank + f * stream';

    private function __construct(
        public float $tank,
        public float $wish,
        public float $stream,
        public float $lands,
        public bool $isRead,
        public Computation $working,
    ) {}

    /**
     * @param float|null $wish where the keeper wants the tank; null to leave it where it is
     * @param float      $step that its animals stand in one change, above 0
     *
     * @throws WaterChangeFault when the wish or the step is no temperature
     */
    public static function of(ChangePlan $plan, ?float $wish, float $step): self
    {
        if (($wish !== null && !is_finite($wish)) || !is_finite($step) || $step <= 0.0) {
            throw WaterChangeFault::amount();
        }
        $known = $plan->tank->get(Parameter::Temperature);
        // A tank that was not read is as warm as its heater is to hold it.
        $tank = $known ?? new ExactValue($plan->warmth);
        $unit = $plan->unit(Parameter::Temperature);
        $working = $plan->addShare(Computation::of('warmth.title'))
            ->given(
                'tank',
                $known === null ? 'warmth.temperature_heater_to_hold_tank_was' : 'warmth.temperature_of_tank',
                $unit->distributionFromBase($tank),
                $unit->label,
                $known === null ? Grade::Guess : null,
            )
            ->given(
                'wish',
                $wish === null ? 'warmth.where_it_should_stay' : 'warmth.where_keeper_wants_it',
                $unit->fromBase($wish ?? $tank->central()),
                $unit->label,
            )
            ->given('step', 'warmth.most_that_these_animals_stand_in', $unit->widthFromBase($step), $unit->label, Grade::Guess)
            ->constant(
                'apart',
                'warmth.most_that_new_water_may_differ',
                $unit->widthFromBase(self::APART),
                $unit->label,
                'animals_at_inlet_meet_it_unmixed',
                Grade::Guess,
            )
            ->line(self::LANDING, 'warmth.where_one_change_may_bring_it', $unit->label)
            ->line(self::STREAM, 'warmth.temperature_of_new_water', $unit->label)
            ->line(self::LANDS, 'warmth.where_tank_lands', $unit->label);

        return new self(
            $tank->central(),
            $wish ?? $tank->central(),
            $unit->toBase($working->value('stream')),
            $unit->toBase($working->value('lands')),
            $known !== null,
            $working->endingAt('stream'),
        );
    }

    /** Changes like this one until the wish is met; 1 when this one does it. */
    public function changes(): int
    {
        $left = abs($this->wish - $this->lands);
        $moved = abs($this->lands - $this->tank);

        return $left < 0.05 ? 1 : ($moved < 0.01 ? 0 : 1 + Sizing::rounds($left / $moved));
    }
}
