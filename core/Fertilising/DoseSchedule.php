<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

use Cresco\Core\Measure\Parameter;

/** When pumps give what in a day, and which of it meets too soon. */
final class DoseSchedule
{
    /** Hours that iron and phosphate are given apart: together they fall out before the water has thinned them. House default. */
    public const APART = 4.0;

    /**
     * Two that bring iron and phosphate within too few hours of each other.
     *
     * @param list<array{string, float, array<string, float>}> $given name, hour of the day (0 to 24) and mg/L by parameter value
     *
     * @return array{string, string, float}|null their names and the hours between them
     *
     * @throws FertilisingFault when an hour is none of a day
     */
    public static function tooClose(array $given): ?array
    {
        foreach ($given as [, $hour]) {
            if (!($hour >= 0.0 && $hour < 24.0)) {
                throw FertilisingFault::event();
            }
        }
        foreach ($given as [$one, $at, $brings]) {
            foreach ($given as [$other, $later, $too]) {
                $hours = min(abs($at - $later), 24.0 - abs($at - $later));
                if (
                    $one !== $other
                    && $hours < self::APART
                    && ($brings[Parameter::Iron->value] ?? 0.0) > 0.0
                    && ($too[Parameter::Phosphate->value] ?? 0.0) > 0.0
                ) {
                    return [$one, $other, $hours];
                }
            }
        }

        return null;
    }
}
