<?php

declare(strict_types=1);

namespace App\Units;

use Carbon\CarbonInterface;

/** Time between two moments, to the second, whatever zones they are held in; below 0 where the second comes first. */
final class TimeDifference
{
    private const DAY = 86400.0;

    private const MINUTE = 60.0;

    public static function days(CarbonInterface $from, CarbonInterface $until): float
    {
        return ($until->getTimestamp() - $from->getTimestamp()) / self::DAY;
    }

    public static function minutes(CarbonInterface $from, CarbonInterface $until): float
    {
        return ($until->getTimestamp() - $from->getTimestamp()) / self::MINUTE;
    }
}
