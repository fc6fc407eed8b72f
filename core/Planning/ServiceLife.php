<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Text;

/** A part that wears by what it does, and not by the days: when it has done as much as it stands. */
final readonly class ServiceLife
{
    /** Days beyond which nothing is said. House limit. */
    private const FAR = 3650;

    /**
     * @param float $done  readings, litres or hours since it was new, 0 or more
     * @param float $most  that it stands, above 0, in the same unit
     * @param float $aDay  what a day takes of late, 0 or more
     * @param int   $since days since it was new, 0 or more
     *
     * @throws PlanningFault when one of them is out of its range
     */
    public function __construct(public float $done, public float $most, public float $aDay, public int $since)
    {
        if (!($done >= 0.0) || !($most > 0.0) || !($aDay >= 0.0) || $since < 0 || !is_finite($done + $most + $aDay)) {
            throw PlanningFault::stock();
        }
    }

    /** Days until it is worn; 0 once it is; null where nothing is taken of it. */
    public function days(): ?int
    {
        return match (true) {
            $this->done >= $this->most => 0,
            $this->aDay <= 0.0 => null,
            default => (int) min((float) self::FAR, floor(($this->most - $this->done) / $this->aDay)),
        };
    }

    /** Days that a new one lasts at this pace; null where nothing is taken of it. */
    public function lasts(): ?int
    {
        return $this->aDay <= 0.0 ? null : (int) max(1, min((float) self::FAR, floor($this->most / $this->aDay)));
    }

    public function working(string $name, string $unit): Computation
    {
        return Computation::of(Text::of('wear.title', name: $name))
            ->given('most', 'wear.that_it_stands', new ExactValue($this->most), $unit)
            ->given('done', 'wear.since_it_was_new', new ExactValue($this->done), $unit)
            ->given('pace', 'wear.day_takes_of_late', new ExactValue(max(1e-9, $this->aDay)), $unit)
            ->line('left = max(most - done, 0) / pace', 'wear.until_it_worn', 'd');
    }
}
