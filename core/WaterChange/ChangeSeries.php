<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

/** Several changes in a row that reach a goal while no single one moves the water further than the animals stand. */
final readonly class ChangeSeries
{
    /**
     * @param list<float> $fractions of each change, 0 to 1
     * @param list<float> $values    before the first change and after each
     */
    private function __construct(public array $fractions, public array $values) {}

    /**
     * The least number of equal changes; the first, which moves most, stays within the limit.
     *
     * @param float $swing           largest move in one change, in the unit of the values
     * @param float $largestFraction largest share of the water in one change
     *
     * @throws WaterChangeFault when the goal cannot be reached with this source
     */
    public static function equal(float $tank, float $source, float $goal, float $swing, float $largestFraction): self
    {
        $needed = Dilution::needed($tank, $source, $goal);
        if (!($needed < 1.0 && $swing > 0.0 && $largestFraction > 0.0)) {
            throw WaterChangeFault::fraction(1.0);
        }
        if ($needed <= 0.0) {
            return new self([], [$tank]);
        }
        $allowed = min($largestFraction, $swing / abs($tank - $source), 0.999);
        $times = Sizing::rounds(log1p(-$needed) / log1p(-$allowed));
        $each = 1.0 - (1.0 - $needed) ** (1.0 / $times);
        $values = [$tank];
        for ($i = 1; $i <= $times; ++$i) {
            $values[] = Dilution::repeated($tank, $source, $each, $i);
        }

        return new self(array_fill(0, $times, $each), $values);
    }

    /**
     * Changes of growing size, each as large as the limit allows.
     *
     * @throws WaterChangeFault when the goal cannot be reached with this source
     */
    public static function growing(float $tank, float $source, float $goal, float $swing, float $largestFraction): self
    {
        if (!(Dilution::needed($tank, $source, $goal) < 1.0 && $swing > 0.0 && $largestFraction > 0.0)) {
            throw WaterChangeFault::fraction(1.0);
        }
        $fractions = [];
        $values = [$tank];
        $now = $tank;
        $near = 1e-9 * max(1.0, abs($tank), abs($goal));
        while (abs($now - $goal) > $near) {
            if (count($fractions) >= Sizing::MOST_CHANGES) {
                throw WaterChangeFault::tooManySteps();
            }
            $fraction = min($largestFraction, 1.0, $swing / abs($now - $source), max(0.0, ($now - $goal) / ($now - $source)));
            $now = Dilution::once($now, $source, $fraction);
            $fractions[] = $fraction;
            $values[] = $now;
        }

        return new self($fractions, $values);
    }

    public function count(): int
    {
        return count($this->fractions);
    }
}
