<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** What a session wants of the water that it drains, before the rest goes. */
enum WantedWater: string
{
    case Tub = 'tub';
    case Rinsing = 'rinsing';
    case Inspection = 'inspection';

    /** Litres that it takes. House default. */
    public function litres(): float
    {
        return match ($this) {
            self::Tub => 6.0,
            self::Rinsing => 8.0,
            self::Inspection => 5.0,
        };
    }

    /** @return array<string, float> litres by what they are for, first things first */
    public static function of(Session $session): array
    {
        $wanted = [];
        // Plants that come out, and shrimp that hide in cuttings, wait in a tub.
        if ($session->does(Task::Floaters) || ($session->does(Task::Trim) && $session->needs->hasSmall())) {
            $wanted[self::Tub->value] = self::Tub->litres();
        }
        if ($session->does(Task::Media) && $session->school(PracticeChoice::RinsingMedia) === 'same') {
            $wanted[self::Rinsing->value] = self::Rinsing->litres();
        }
        if ($session->needs->hasSmall()) {
            $wanted[self::Inspection->value] = self::Inspection->litres();
        }

        return $wanted;
    }
}
