<?php

declare(strict_types=1);

namespace Cresco\Core\World;

use Cresco\Core\Cycling\Nitrification;
use Cresco\Core\Cycling\NitrogenCourse;
use Cresco\Core\Measure\NormalValue;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A tank that is cycled: what was guessed of it, its true course, and its results until a day. */
final readonly class CyclingDiary
{
    /**
     * Share by which what brings ammonia, the growth of bacteria and their first number differ from the guess, standard deviations of
     * logarithms. House defaults.
     */
    private const DIFFER = [0.336, 0.095, 0.69];

    /** mg/L that a kit shows at the least, a standard deviation, and what it and the eye are off by as a share. House defaults. */
    private const READ = [0.03, 0.08];

    /** Days that are looked at. */
    public const DAYS = 63;

    /** @param list<array{float, string, NormalValue}> $readings day, what, value */
    private function __construct(public Nitrification $guess, public NitrogenCourse $truth, public array $readings, public int $now) {}

    public static function of(int $seed): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $even = static fn(float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1e6;
        $bell = static fn(): float => NormalValue::standardQuantile($even(1e-6, 1.0 - 1e-6));
        $guess = new Nitrification([0.1, 0.3][abs($seed) % 2]);
        $truth = $guess->times(...array_map(static fn(float $off): float => exp($off * $bell()), self::DIFFER))->course(self::DAYS);
        $now = $chance->getInt(7, 22);
        $kits = ['ammonia' => 1.0 + self::READ[1] * $bell(), 'nitrite' => 1.0 + self::READ[1] * $bell()];
        $readings = [];
        for ($day = $chance->getInt(2, 4); $day <= $now; $day += $chance->getInt(2, 4)) {
            foreach ($kits as $what => $factor) {
                $value = ($what === 'ammonia' ? $truth->points[$day]->ammonia : $truth->points[$day]->nitrite) * $factor * (1.0 + self::READ[1] * $bell());
                $spread = self::READ[0] + 0.05 * $value;
                $readings[] = [(float) $day, $what, new NormalValue(max(0.0, $value + $spread * $bell()), $spread)];
            }
        }

        return new self($guess, $truth, $readings, $now);
    }
}
