<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;

/** What the animals of one tank need: the figures of their group, and the keeper's own where there are some. */
final readonly class Needs
{
    /**
     * @param array<string, array{float, float}> $ranges the keeper's own, in the base unit, by parameter value
     * @param array<string, float>               $swings the keeper's own for one change, in the base unit; of conductivity a share
     */
    public function __construct(public AnimalGroup $group, private array $ranges = [], private array $swings = []) {}

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

    /** What these animals stand in one change. */
    public function swingLimits(): SwingLimits
    {
        $usual = $this->group->swingLimits();
        $own = fn(Parameter $parameter): ?float => $this->swings[$parameter->value] ?? null;
        $kh = $own(Parameter::CarbonateHardness);
        $gh = $own(Parameter::GeneralHardness);

        return new SwingLimits(
            $own(Parameter::Acidity) ?? $usual->ph,
            $kh === null ? $usual->kh : Alkalinity::fromMilliequivalentPerLitre($kh)->degrees(),
            $gh === null ? $usual->gh : Hardness::fromMillimolePerLitre($gh)->degrees(),
            $own(Parameter::Conductivity) ?? $usual->ecShare,
            $own(Parameter::Temperature) ?? $usual->celsius,
        );
    }
}
