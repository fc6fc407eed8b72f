<?php

declare(strict_types=1);

namespace App\Schedule;

use Carbon\CarbonImmutable;

/** Something that must be begun, ready or ordered by a time. */
final readonly class WeekReady
{
    /**
     * @param bool $isLate whether that time has gone by
     * @param bool $alarms whether a calendar should call at that time
     */
    public function __construct(
        public CarbonImmutable $by,
        public string $what,
        public string $why,
        public string $url,
        public bool $isLate = false,
        public bool $alarms = false,
    ) {}
}
