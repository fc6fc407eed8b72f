<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

/**
 * When a tank that is being started is ready for animals. Where ammonia is dosed: 1 to 2 mg/L of its nitrogen is gone within a day, with
 * nitrite below what the kit can show. Where it is not: both lie below that on two readings, a day apart or more, under the food to come.
 */
final readonly class CyclingReadiness
{
    /** mg/L N below which ammonia or nitrite is called nothing when no kit says its step. House default. */
    public const NEAR_NOTHING = 0.1;

    /** mg/L N that are to be gone within a day. */
    public const DOSE = [1.0, 2.0];

    /** Days within which a dose is to be gone, and how much later the reading may be. House defaults. */
    private const WITHIN = [0.75, 1.5];

    /** Days between two readings that count as two. House default. */
    private const APART = 0.9;

    private function __construct(public bool $isReady, public string $why, public int $clear) {}

    /**
     * @param list<array{float, float, float}> $readings day, ammonia and nitrite as mg/L N, read together, oldest first
     * @param array<int, float>                $doses    mg/L N given at the beginning of a day, by day
     * @param float                            $step     mg/L N that the coarser of the two kits can tell from nothing, above 0
     */
    public static function of(array $readings, array $doses, float $step = self::NEAR_NOTHING): self
    {
        if (!($step > 0.0)) {
            throw CyclingFault::range();
        }
        $isClear = static fn(array $one): bool => $one[1] <= $step && $one[2] <= $step;
        foreach (array_reverse($readings) as $reading) {
            if (!$isClear($reading)) {
                break;
            }
            foreach ($doses as $day => $dose) {
                $after = $reading[0] - $day;
                if ($dose >= self::DOSE[0] - 1e-9 && $after >= self::WITHIN[0] && $after <= self::WITHIN[1]) {
                    return new self(true, 'dose_gone', 1);
                }
            }
        }
        $clear = [];
        foreach (array_reverse($readings) as $reading) {
            if (!$isClear($reading)) {
                break;
            }
            if ($clear === [] || $clear[count($clear) - 1] - $reading[0] >= self::APART) {
                $clear[] = $reading[0];
            }
        }
        // Nothing was there on the first days either: before bacteria have work there is nothing to read.
        $worked = array_filter($readings, static fn(array $one): bool => !$isClear($one)) !== [];

        return match (true) {
            $readings === [] => new self(false, 'not_read', 0),
            $clear === [] => new self(false, 'not_clear', 0),
            count($clear) < 2 => new self(false, 'once', 1),
            default => new self($worked || $clear[0] >= self::QUIET, $worked || $clear[0] >= self::QUIET ? 'twice' : 'too_early', count($clear)),
        };
    }

    /** Day from which readings near nothing count even where nothing else was ever read. House default. */
    public const QUIET = 14.0;
}
