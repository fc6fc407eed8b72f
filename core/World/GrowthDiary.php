<?php

declare(strict_types=1);

namespace Cresco\Core\World;

use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Plants\LearnedRate;
use Cresco\Core\Plants\Regrowth;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Heights of a plant group between its cuts: its true rate, that of the next stretch, and the pairs that a tape read. */
final readonly class GrowthDiary
{
    /** Height that stems stop at, as it is held, mm. House default. */
    public const CEILING = 450.0;

    /** What the tape is off by, mm, a standard deviation. House default. */
    public const TAPE = 10.0;

    /** @param list<array{float, float, float}> $pairs height, height later, and weeks between */
    private function __construct(public float $usual, public float $rate, public float $next, public array $pairs) {}

    public static function of(int $pairs, int $seed): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $even = static fn(float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1e6;
        $bell = static fn(): float => NormalValue::standardQuantile($even(1e-6, 1.0 - 1e-6));
        $usual = [15.0, 35.0, 70.0][abs($seed) % 3];
        $rate = $usual * LearnedRate::DOUBT ** $bell();
        $stretch = static fn(): float => $rate * exp(LearnedRate::STRETCH * $bell());
        $ceiling = self::CEILING * exp(LearnedRate::CEILING * $bell());
        $seen = [];
        for ($i = 0; $i < $pairs; ++$i) {
            [$first, $weeks] = [$even(70.0, 200.0), $even(1.0, 5.0)];
            $seen[] = [max(10.0, $first + self::TAPE * $bell()), max(
                10.0,
                (new Regrowth($ceiling, $stretch()))->after($first, $weeks) + self::TAPE * $bell(),
            ), $weeks];
        }

        return new self($usual, $rate, $stretch(), $seen);
    }
}
