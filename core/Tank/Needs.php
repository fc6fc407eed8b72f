<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Water\Ammonia;

/**
 * What the animals of one tank need: the figures of their group, never milder than the most sensitive of what is noted to live there asks
 * for, and the keeper's own where there are some. Whatever depends on who lives in a tank asks here.
 */
final readonly class Needs
{
    /** Days to leave between two changes that go as far as the limits: of sensitive animals, and of others. House defaults. */
    private const DAYS_BETWEEN = [3, 2];

    /**
     * @param array<string, array{float, float}> $ranges the keeper's own, in the base unit, by parameter value
     * @param array<string, float>               $swings the keeper's own for one change, in the base unit; of conductivity a share
     */
    public function __construct(
        public AnimalGroup $group,
        private array $ranges = [],
        private array $swings = [],
        public Inhabitants $living = new Inhabitants(),
    ) {}

    /** @return array{float, float}|null range in the base unit; null where none is set */
    public function range(Parameter $parameter): ?array
    {
        return $this->ranges[$parameter->value] ?? $this->group->range($parameter);
    }

    /**
     * How far a water lies outside what these animals are kept at, in steps that they stand at once: nothing when it is all within. What
     * is not known counts as one step.
     *
     * @param array<string, float> $water base units, by parameter value
     */
    public function distance(array $water): float
    {
        $sum = 0.0;
        foreach ([Parameter::GeneralHardness, Parameter::CarbonateHardness] as $parameter) {
            $range = $this->range($parameter);
            $step = $this->swingLimits()->allowed($parameter, 0.0) ?? 1.0;
            $value = $water[$parameter->value] ?? null;
            $sum += match (true) {
                $range === null => 0.0,
                $value === null => 1.0,
                default => max(0.0, $range[0] - $value, $value - $range[1]) / max(1e-9, $step),
            };
        }

        return $sum;
    }

    /** Whether the keeper set a figure of the parameter. */
    public function isOwn(Parameter $parameter): bool
    {
        return isset($this->ranges[$parameter->value]) || isset($this->swings[$parameter->value]);
    }

    /** Whether shrimp, fry or soft-water fish live there: by the group, or as noted. */
    public function isSensitive(): bool
    {
        return $this->group->isSensitive() || $this->hasSmall();
    }

    /** Whether animals live there that a hose draws in: shrimp, by the group or as noted, and fry. */
    public function hasSmall(): bool
    {
        return $this->hasShrimp() || $this->living->fry;
    }

    public function hasShrimp(): bool
    {
        return $this->living->shrimp || $this->group->steersByConductivity();
    }

    /** Whether peroxide and liquid carbon harm what lives or grows there at doses that others tolerate. */
    public function isHarmedByOxidisers(): bool
    {
        return $this->isSensitive() || $this->living->tenderPlants;
    }

    /** Whether three days without light and food can be tolerated: not by fry, which starve, and not by carpets that ask for much light. */
    public function toleratesDarkness(): bool
    {
        return !$this->living->fry && !$this->living->carpets;
    }

    /** Free ammonia at which to raise the alarm, mg/L NH3-N. */
    public function ammoniaAlarm(): float
    {
        return $this->isSensitive() ? Ammonia::ALARM_SENSITIVE : Ammonia::ALARM_ALL;
    }

    /** Days to leave between the changes of a series. */
    public function daysBetween(): int
    {
        return self::DAYS_BETWEEN[$this->isSensitive() ? 0 : 1];
    }

    /** What they tolerate in one change where the keeper has not said otherwise. */
    public function usualSwings(): SwingLimits
    {
        return $this->isSensitive() ? SwingLimits::ofSensitive() : SwingLimits::ofOthers();
    }

    /** What these animals tolerate in one change. */
    public function swingLimits(): SwingLimits
    {
        $usual = $this->usualSwings();
        $own = fn(Parameter $parameter): ?float => $this->swings[$parameter->value] ?? null;
        $kh = $own(Parameter::CarbonateHardness);
        $gh = $own(Parameter::GeneralHardness);

        return new SwingLimits(
            $own(Parameter::Acidity) ?? $usual->ph,
            $kh === null ? $usual->kh : Alkalinity::fromMilliequivalentPerLitre($kh)->degrees(),
            $gh === null ? $usual->gh : Hardness::fromMillimolePerLitre($gh)->degrees(),
            $own(Parameter::Conductivity) ?? $usual->ecShare,
            $own(Parameter::Temperature) ?? $usual->celsius,
            $usual->unreadShare,
        );
    }
}
