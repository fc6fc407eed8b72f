<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Tank;
use Cresco\Core\Planning\UpcomingJob;

/** What is done at one tank on one day; at home where there is none. */
final readonly class WeekSession
{
    /**
     * @param int               $minutes with setting up
     * @param list<UpcomingJob> $jobs
     * @param string|null       $url     on which it is planned
     */
    public function __construct(public ?Tank $tank, public int $minutes, public array $jobs, public ?string $url, public int $day) {}

    public function name(): string
    {
        return $this->tank->name ?? (string) __('week.at_home');
    }
}
