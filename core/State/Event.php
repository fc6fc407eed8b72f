<?php

declare(strict_types=1);

namespace Cresco\Core\State;

/** Something that happens to one level in the water of a tank, in its base unit, on a day counted from any first one. */
final readonly class Event
{
    private function __construct(
        public EventKind $kind,
        public float $day,
        public float $value,
        public float $spread,
        public float $share,
        public bool $isDose = false,
        public ?float $low = null,
        public ?float $high = null,
        public float $eye = 0.0,
        public float $kit = Course::KIT,
    ) {
        if (!(is_finite($day)
            && is_finite($value)
            && $spread >= 0.0
            && $spread < INF
            && $share >= 0.0
            && $share <= 1.0
            && $kit >= 0.0
            && $kit < 1.0
            && ($low === null || $high === null || ($low < $high && is_finite($low))))) {
            throw StateFault::event();
        }
    }

    /**
     * @param float $spread of the reading alone, a standard deviation: the kit is off beside that
     * @param float $kit    by which the kit is off in all that it reads, as a share, a standard deviation; another one is another kit
     *
     * @throws StateFault
     */
    public static function read(float $day, float $value, float $spread, float $kit = Course::KIT): self
    {
        return new self(EventKind::Read, $day, $value, $spread, 0.0, kit: $kit);
    }

    /**
     * A field of a chart, or a drop: somewhere between two ends; of the top field from its lower end on.
     *
     * @param float $eye share by which the eye is off, a standard deviation
     * @param float $kit by which the kit is off in all that it reads, as a share, a standard deviation
     *
     * @throws StateFault
     */
    public static function field(float $day, float $low, float $high, float $eye, float $kit = Course::KIT): self
    {
        // Beyond the top field less and less likely, up to twice its lower end.
        [$middle, $spread] = is_finite($high)
            ? [($low + $high) / 2.0, ($high - $low) / sqrt(12.0)]
            : [max($low, 1e-6) * 4.0 / 3.0, max($low, 1e-6) / sqrt(18.0)];

        return new self(EventKind::Read, $day, $middle, hypot($spread, $eye * $middle), 0.0, low: $low, high: $high, eye: $eye * $middle, kit: $kit);
    }

    /**
     * @param float $share  of the water that was changed, 0 to 1
     * @param float $source what the new water held
     * @param float $spread of that, a standard deviation
     *
     * @throws StateFault
     */
    public static function changed(float $day, float $share, float $source, float $spread = 0.0): self
    {
        return new self(EventKind::Changed, $day, $source, $spread, $share);
    }

    /**
     * A dose, a meal, what a top-off held.
     *
     * @throws StateFault
     */
    public static function added(float $day, float $value): self
    {
        return new self(EventKind::Added, $day, $value, 0.0, 0.0);
    }

    /**
     * The same, of what a keeper gave.
     *
     * @throws StateFault
     */
    public static function dosed(float $day, float $value): self
    {
        return new self(EventKind::Added, $day, $value, 0.0, 0.0, true);
    }

    /**
     * A cut or another event after which the rate may be another one.
     *
     * @param float $spread by which it may have moved, mg/L a day, a standard deviation
     *
     * @throws StateFault
     */
    public static function turned(float $day, float $spread): self
    {
        return new self(EventKind::Turned, $day, 0.0, $spread, 0.0);
    }

    /**
     * @param list<self> $events
     *
     * @return list<self> by day; on one day what is read comes first, then changes, then what is added
     */
    public static function inOrder(array $events): array
    {
        // Most differ by their day already.
        usort(
            $events,
            static fn(self $a, self $b): int => $a->day <=> $b->day ?: [$a->kind->turn(), $a->value, $a->share] <=> [$b->kind->turn(), $b->value, $b->share],
        );

        return $events;
    }
}
