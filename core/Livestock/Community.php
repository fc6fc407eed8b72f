<?php

declare(strict_types=1);

namespace Cresco\Core\Livestock;

use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Tank\SwingLimits;

/** What all kinds that live together ask for: where their ranges meet, and no more of a change than the tenderest stand. */
final readonly class Community
{
    /** @param list<AnimalKind> $kinds that live there */
    public function __construct(public array $kinds) {}

    /** The group of shrimp among them; null where none live. */
    public function shrimp(): ?AnimalGroup
    {
        $keys = array_map(
            static fn(AnimalKind $kind): string => $kind->key,
            array_filter($this->kinds, static fn(AnimalKind $kind): bool => $kind->sort === 'shrimp'),
        );

        return $keys === [] ? null : (in_array('bee_shrimp', $keys, true) ? AnimalGroup::SoftWaterShrimp : AnimalGroup::HardyShrimp);
    }

    /**
     * Where the ranges of all of them meet, base units; null where nothing is known of them, or they do not meet.
     *
     * @return array{float, float}|null
     */
    public function range(Parameter $parameter): ?array
    {
        $ranges = array_values(array_filter(array_map(static fn(AnimalKind $kind): ?array => self::ofKind($kind, $parameter), $this->kinds)));
        $shrimp = $parameter === Parameter::Nitrate ? $this->shrimp()?->range($parameter) : null;
        if ($shrimp !== null) {
            $ranges[] = $shrimp;
        }
        if ($ranges === []) {
            return null;
        }
        $range = [max(array_column($ranges, 0)), min(array_column($ranges, 1))];

        return $range[0] < $range[1] ? $range : null;
    }

    /**
     * Two of them that no water suits both.
     *
     * @return array{AnimalKind, AnimalKind, Parameter}|null
     */
    public function apart(): ?array
    {
        foreach ([Parameter::Temperature, Parameter::GeneralHardness] as $parameter) {
            foreach ($this->kinds as $i => $one) {
                foreach (array_slice($this->kinds, $i + 1) as $other) {
                    [$a, $b] = [self::ofKind($one, $parameter), self::ofKind($other, $parameter)];
                    if ($a !== null && $b !== null && max($a[0], $b[0]) >= min($a[1], $b[1])) {
                        return [$one, $other, $parameter];
                    }
                }
            }
        }

        return null;
    }

    /**
     * Which of them may eat which.
     *
     * @return list<array{AnimalKind, list<AnimalKind>}>
     */
    public function prey(): array
    {
        $found = [];
        foreach ($this->kinds as $kind) {
            $eaten = array_values(array_filter($this->kinds, static fn(AnimalKind $other): bool => $kind->mayEat($other)));
            if ($eaten !== []) {
                $found[] = [$kind, $eaten];
            }
        }

        return $found;
    }

    /**
     * Ranges of a tank that are wider than what lives there is kept at, narrowed to it.
     *
     * @return array<string, array{float, float}> base units, by parameter value
     */
    public function narrowed(Needs $needs): array
    {
        $found = [];
        foreach ([Parameter::Temperature, Parameter::GeneralHardness, Parameter::Nitrate] as $parameter) {
            [$has, $asks] = [$needs->range($parameter), $this->range($parameter)];
            if ($has === null || $asks === null) {
                continue;
            }
            $range = [max($has[0], $asks[0]), min($has[1], $asks[1])];
            // Where the tank is kept beside what they ask for, theirs counts.
            $range = $range[0] < $range[1] ? $range : $asks;
            if (abs($range[0] - $has[0]) > 1e-6 || abs($range[1] - $has[1]) > 1e-6) {
                $found[$parameter->value] = $range;
            }
        }

        return $found;
    }

    /** Whether a tank that is kept so is one for them: their ranges and its own meet. */
    public function suits(Needs $needs): bool
    {
        foreach ([Parameter::Temperature, Parameter::GeneralHardness] as $parameter) {
            [$has, $asks] = [$needs->range($parameter), $this->range($parameter)];
            if ($has !== null && ($asks === null || max($has[0], $asks[0]) >= min($has[1], $asks[1]))) {
                return false;
            }
        }

        return true;
    }

    /** What shrimp among them stand in one change, where that is less than what the tank is held to; null where it is not. */
    public function gentler(Needs $needs): ?SwingLimits
    {
        $shrimp = $this->shrimp() === null ? null : SwingLimits::ofSensitive();
        $has = $needs->swingLimits();

        return $shrimp === null || ($shrimp->ph >= $has->ph && $shrimp->kh >= $has->kh && $shrimp->gh >= $has->gh && $shrimp->ecShare >= $has->ecShare && $shrimp->celsius >= $has->celsius) ? null
            : new SwingLimits(
                min($shrimp->ph, $has->ph),
                min($shrimp->kh, $has->kh),
                min($shrimp->gh, $has->gh),
                min($shrimp->ecShare, $has->ecShare),
                min($shrimp->celsius, $has->celsius),
                min($shrimp->unreadShare, $has->unreadShare),
            );
    }

    /** @return array{float, float}|null base units */
    private static function ofKind(AnimalKind $kind, Parameter $parameter): ?array
    {
        return match ($parameter) {
            Parameter::Temperature => $kind->celsius,
            Parameter::GeneralHardness => [
                Hardness::fromDegrees($kind->hardness[0])->millimolePerLitre, Hardness::fromDegrees($kind->hardness[1])->millimolePerLitre,
            ],
            default => null,
        };
    }
}
