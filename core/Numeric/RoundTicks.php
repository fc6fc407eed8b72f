<?php

declare(strict_types=1);

namespace Cresco\Core\Numeric;

/** Round values along an axis: multiples of 1, 2 or 5 times a power of ten, from at or below its least value to at or above its greatest. */
final readonly class RoundTicks
{
    /** Steps within a power of ten. */
    private const STEPS = [1.0, 2.0, 5.0, 10.0];

    /** Share of a step by which a value may be off a multiple and count as one. */
    private const HAIR = 1e-6;

    /** @param non-empty-list<float> $values in rising order */
    private function __construct(public array $values, public int $decimals) {}

    /**
     * @param float $low  finite
     * @param float $high finite; where it is not above the least the axis is one wide
     * @param int   $most how many steps at most, 1 and more
     */
    public static function between(float $low, float $high, int $most): self
    {
        if ($high - $low <= 1e-9 * max(1.0, abs($high))) {
            [$low, $high] = [$low - 0.5, $high + 0.5];
        }
        $power = 10.0 ** floor(log10(($high - $low) / $most));
        for (;; $power *= 10.0) {
            foreach (self::STEPS as $each) {
                $step = $each * $power;
                [$first, $last] = [floor($low / $step + self::HAIR), ceil($high / $step - self::HAIR)];
                if ($last - $first <= $most) {
                    $decimals = max(0, -(int) floor(log10($step) + self::HAIR));

                    return new self(array_map(static fn(int $n): float => round($n * $step, $decimals), range((int) $first, (int) $last)), $decimals);
                }
            }
        }
    }

    public function low(): float
    {
        return $this->values[0];
    }

    public function high(): float
    {
        return $this->values[count($this->values) - 1];
    }
}
