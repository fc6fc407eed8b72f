<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** Litres against height above the inner floor, both ways, with straight lines between near points. */
final readonly class HeightCurve
{
    /** mm between two points of the curve. */
    private const STEP_MM = 8.0;

    /** mm: no tank is taller than a house. House limit. */
    private const TALLEST = 1e4;

    /**
     * @param non-empty-list<float> $heights mm, rising from 0
     * @param non-empty-list<float> $litres  rising from 0
     */
    private function __construct(private array $heights, private array $litres) {}

    /**
     * Integrates a cross-section, which may jump at the given heights, from the floor to $top.
     *
     * @param callable(float): float $area   mm2 at a height in mm
     * @param list<float>            $breaks heights at which the cross-section jumps or bends, mm
     */
    public static function integrate(callable $area, float $top, array $breaks): self
    {
        if (!($top > 0.0 && $top <= self::TALLEST)) {
            throw TankFault::notPositive('outer_height', 'height');
        }
        $marks = [0.0, $top];
        for ($height = self::STEP_MM; $height < $top; $height += self::STEP_MM) {
            $marks[] = $height;
        }
        foreach ($breaks as $break) {
            if ($break > 0.0 && $break < $top) {
                $marks[] = $break;
            }
        }
        sort($marks);
        $heights = $litres = [0.0];
        $sum = 0.0;
        $last = 0.0;
        foreach ($marks as $mark) {
            $width = $mark - $last;
            if ($width < 1e-6) {
                continue;
            }
            $half = $width / 2.0;
            $offset = $half * 0.5773502691896257;
            $sum += $half * ($area($last + $half - $offset) + $area($last + $half + $offset)) / 1e6;
            $heights[] = $mark;
            $litres[] = $sum;
            $last = $mark;
        }

        return new self($heights, $litres);
    }

    public function total(): float
    {
        return $this->litres[count($this->litres) - 1];
    }

    /** Litres below a height in mm; nothing below the floor, all above the top. */
    public function litresAt(float $height): float
    {
        return self::interpolate($this->heights, $this->litres, $height);
    }

    /** Height in mm below which so many litres lie. */
    public function heightAt(float $litres): float
    {
        return self::interpolate($this->litres, $this->heights, $litres);
    }

    /** The same curve for a measured total. */
    public function scaledTo(float $total): self
    {
        $ratio = $total / $this->total();

        return new self($this->heights, array_map(static fn(float $litres): float => $litres * $ratio, $this->litres));
    }

    /**
     * @param non-empty-list<float> $from
     * @param non-empty-list<float> $to
     */
    private static function interpolate(array $from, array $to, float $at): float
    {
        $last = count($from) - 1;
        if ($at <= $from[0]) {
            return $to[0];
        }
        if ($at >= $from[$last]) {
            return $to[$last];
        }
        $low = 0;
        $high = $last;
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($from[$middle] <= $at) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        $width = $from[$high] - $from[$low];

        return $width <= 0.0 ? $to[$low] : $to[$low] + ($to[$high] - $to[$low]) * ($at - $from[$low]) / $width;
    }
}
