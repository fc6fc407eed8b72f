<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Cresco\Core\Tank\DeviceKind;

/** How long things stand out of their usual place in a session: devices off, animals at low water, plants out. */
final readonly class ExposureTimes
{
    /** Minutes after which a closed filter that stands still is checked and rinsed before it runs again. House default. */
    public const STALE_FILTER = 60;

    /**
     * @param int|null $off     minutes that devices are off; null when none goes off
     * @param int|null $filter  minutes that the filter stands still; null without one that goes off
     * @param int|null $low     minutes that the animals stand at the mark; null without a change
     * @param int|null $plants  minutes that floating plants are out; null when they stay
     * @param bool     $isStale whether the filter stands still for too long
     */
    private function __construct(public ?int $off, public ?int $filter, public ?int $low, public ?int $plants, public bool $isStale) {}

    public static function of(Session $session, Timetable $table): self
    {
        $off = $table->between('off', 'on');
        $filter = null;
        if ($off !== null && $session->has(DeviceKind::Canister, DeviceKind::InternalFilter, DeviceKind::HangOnFilter)) {
            // Herding cuttings it runs until they are netted; by the other practice it runs again in the course of the refill.
            $from = $table->between('flow_off', 'on') === null ? 'off' : 'flow_off';
            $until = $session->school(PracticeChoice::FilterOn) === 'covered' && $session->changesWater() ? 'refill' : 'on';
            $filter = $table->between($from, $until);
        }

        return new self(
            $off,
            $filter,
            $table->atTheMark(),
            $table->between('floaters_out', 'floaters_back'),
            $filter !== null && $filter > self::STALE_FILTER && $session->has(DeviceKind::Canister),
        );
    }
}
