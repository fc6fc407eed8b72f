<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Cresco\Core\Planning\CatchUp;
use Cresco\Core\Substrate\ZoneRotation;

/** Work that asks too much of the filter on one day, and what of it waits. */
final readonly class FilterStrain
{
    /** Days after a cleaning in which the filter is not disturbed once more. House default. */
    public const FILTER_RESTS = 7.0;

    /**
     * @param string     $reason nitrogen, filter, young or age
     * @param list<Task> $waits  what is left for another day
     */
    private function __construct(public string $reason, public array $waits) {}

    /**
     * @param float|null $age       days since the tank was filled; null where nobody said
     * @param bool       $isCycling whether its filter is being grown, or ammonium or nitrite was read in it
     * @param float|null $cleaned   days since filter media were last rinsed; null where it was not noted
     *
     * @return list<self>
     */
    public static function of(Session $session, ?float $age, bool $isCycling, ?float $cleaned): array
    {
        $does = static fn(Task ...$tasks): array => array_values(array_filter($tasks, $session->does(...)));
        $disturbs = $does(Task::Media, Task::Vacuum);
        if ($isCycling && $disturbs !== []) {
            return [new self('nitrogen', $disturbs)];
        }
        if ($cleaned !== null && $cleaned < self::FILTER_RESTS && $disturbs !== []) {
            return [new self('filter', $disturbs)];
        }
        $isLarge = $session->changesWater() && $session->plan->share() >= CatchUp::LARGE;
        $load = $does(Task::Vacuum, Task::Trim, Task::Media);
        if ($age !== null && $age < ZoneRotation::YOUNG_DAYS && count($load) + ($isLarge ? 1 : 0) > 1) {
            return [new self('young', $isLarge ? $load : array_slice($load, 1))];
        }

        return $age === null && $isLarge && count($disturbs) > 1 ? [new self('age', [Task::Media])] : [];
    }
}
