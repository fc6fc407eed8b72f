<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** A density drawn with straight lines between points: flat, slanted or peaked. */
final readonly class Density implements Distribution
{
    /**
     * @param non-empty-list<array{float, float}> $points [value, weight], values rising, weights 0 or more and not all 0
     */
    private function __construct(private array $points, private float $area) {}

    /** Each value from $low to $high equally likely. */
    public static function flat(float $low, float $high): self
    {
        return self::through([[$low, 1.0], [$high, 1.0]]);
    }

    /** From $low to $high, with the weights at the two ends in between joined by a straight line. */
    public static function slanted(float $low, float $high, float $weightLow, float $weightHigh): self
    {
        return self::through([[$low, $weightLow], [$high, $weightHigh]]);
    }

    /** Most likely at $peak, falling to nothing at $low and $high. */
    public static function peaked(float $low, float $peak, float $high): self
    {
        return self::through([[$low, 0.0], [$peak, 1.0], [$high, 0.0]]);
    }

    /**
     * @param non-empty-list<array{float, float}> $points
     *
     * @throws MeasureFault when the values do not rise
     */
    private static function through(array $points): self
    {
        $area = 0.0;
        for ($i = 1, $n = count($points); $i < $n; ++$i) {
            if ($points[$i][0] < $points[$i - 1][0]) {
                throw MeasureFault::unordered();
            }
            $area += ($points[$i][0] - $points[$i - 1][0]) * ($points[$i][1] + $points[$i - 1][1]) / 2.0;
        }
        if ($area <= 0.0) {
            throw MeasureFault::unordered();
        }

        return new self($points, $area);
    }

    public function quantile(float $share): float
    {
        $left = min(1.0, max(0.0, $share)) * $this->area;
        for ($i = 1, $n = count($this->points); $i < $n; ++$i) {
            [$a, $wa] = $this->points[$i - 1];
            [$b, $wb] = $this->points[$i];
            $width = $b - $a;
            $piece = $width * ($wa + $wb) / 2.0;
            if ($left > $piece && $i < $n - 1) {
                $left -= $piece;
                continue;
            }
            if ($width <= 0.0 || $piece <= 0.0) {
                continue;
            }
            $slope = ($wb - $wa) / $width;
            if (abs($slope) * $width < 1e-9 * max($wa, $wb)) {
                return $a + min($width, $left / $wa);
            }
            $root = sqrt(max(0.0, $wa * $wa + 2.0 * $slope * $left));

            return $a + min($width, max(0.0, ($root - $wa) / $slope));
        }

        return $this->points[count($this->points) - 1][0];
    }

    public function central(): float
    {
        return $this->quantile(0.5);
    }

    public function spread(): float
    {
        $first = $second = 0.0;
        for ($i = 1, $n = count($this->points); $i < $n; ++$i) {
            [$a, $wa] = $this->points[$i - 1];
            [$b, $wb] = $this->points[$i];
            $width = $b - $a;
            $first += $width * ($wa * (2.0 * $a + $b) + $wb * ($a + 2.0 * $b)) / 6.0;
            $second += $width * ($wa * (3.0 * $a * $a + 2.0 * $a * $b + $b * $b) + $wb * ($a * $a + 2.0 * $a * $b + 3.0 * $b * $b)) / 12.0;
        }
        $mean = $first / $this->area;

        return sqrt(max(0.0, $second / $this->area - $mean * $mean));
    }

    public function scaled(float $scale, float $offset = 0.0): self
    {
        return self::through(array_map(
            static fn(array $point): array => [$point[0] * $scale + $offset, $point[1]],
            $this->points,
        ));
    }
}
