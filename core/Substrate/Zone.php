<?php

declare(strict_types=1);

namespace Cresco\Core\Substrate;

/** A rectangle of the plan, from the left and from the front pane, 0 to 1. */
final readonly class Zone
{
    /** About what an arm cleans in one go, mm. House default. */
    private const REACH = 300.0;

    /** Zones that a substrate is cut into at most, across and from front to back. House limits. */
    private const MOST = [8, 4];

    /**
     * Into how many zones a substrate is cut to begin with, across and from front to back.
     *
     * @param float $length of the plan, mm, above 0
     * @param float $depth  of it, mm, above 0
     *
     * @return array{int, int}
     *
     * @throws SubstrateFault when one of them is none
     */
    public static function grid(float $length, float $depth): array
    {
        if (!($length > 0.0 && $depth > 0.0 && max($length, $depth) < INF)) {
            throw SubstrateFault::patch();
        }
        $parts = static fn(float $size, int $most): int => (int) max(1.0, min((float) $most, round($size / self::REACH)));

        return [$parts($length, self::MOST[0]), $parts($depth, self::MOST[1])];
    }

    /**
     * @param float|null $days since it was cleaned; null for never
     *
     * @throws SubstrateFault when it has no width or depth, or lies outside
     */
    public function __construct(
        public int $key,
        public float $left,
        public float $right,
        public float $front,
        public float $back,
        public Cover $cover,
        public ?float $days,
    ) {
        if ($left < -1e-9 || $right > 1.0 + 1e-9 || $front < -1e-9 || $back > 1.0 + 1e-9 || $right - $left < 0.01 || $back - $front < 0.01) {
            throw SubstrateFault::patch();
        }
    }

    /** Share of the plan. */
    public function area(): float
    {
        return ($this->right - $this->left) * ($this->back - $this->front);
    }

    /** Whether they share an edge. */
    public function touches(self $other): bool
    {
        $apart = static fn(float $a, float $b, float $c, float $d): bool => min($b, $d) - max($a, $c) <= 1e-6;
        $meets = static fn(float $a, float $b): bool => abs($a - $b) < 1e-6;
        $sides = ($meets($this->right, $other->left) || $meets($this->left, $other->right)) && !$apart($this->front, $this->back, $other->front, $other->back);

        return $sides
            || (($meets($this->back, $other->front) || $meets($this->front, $other->back)) && !$apart($this->left, $this->right, $other->left, $other->right));
    }

    /**
     * The rectangle that two zones make together, or null when they make none.
     *
     * @return array{float, float, float, float}|null left, right, front, back
     */
    public function with(self $other): ?array
    {
        $same = static fn(float $a, float $b): bool => abs($a - $b) < 1e-6;
        $fits = $this->touches($other)
            && (($same($this->front, $other->front) && $same($this->back, $other->back))
                || ($same($this->left, $other->left) && $same($this->right, $other->right)));

        return $fits
            ? [min($this->left, $other->left), max($this->right, $other->right), min($this->front, $other->front), max($this->back, $other->back)]
            : null;
    }

    /**
     * Two halves across its longer side.
     *
     * @param float $length of the tank over its depth
     *
     * @return array{array{float, float, float, float}, array{float, float, float, float}}
     */
    public function halves(float $length): array
    {
        if (($this->right - $this->left) * $length >= $this->back - $this->front) {
            $middle = ($this->left + $this->right) / 2.0;

            return [[$this->left, $middle, $this->front, $this->back], [$middle, $this->right, $this->front, $this->back]];
        }
        $middle = ($this->front + $this->back) / 2.0;

        return [[$this->left, $this->right, $this->front, $middle], [$this->left, $this->right, $middle, $this->back]];
    }
}
