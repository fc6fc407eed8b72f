<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Text;

/**
 * Litres that were counted in up to some heights above the inner floor, with everything in its place: bed, stone and wood are in the count.
 * Between two marks the water is taken to rise evenly.
 */
final readonly class HeightTable
{
    /** mm by which a mark is read off a tape at the glass, a standard deviation. House default. */
    public const MARK_ERROR = 2.0;

    /** Marks that a table has at most. House limit. */
    public const MOST_MARKS = 40;

    /** @param non-empty-list<array{float, float}> $rows mm above the inner floor and litres, rising from the floor */
    private function __construct(private array $rows) {}

    /**
     * @param list<array{float, float}> $marks mm above the inner floor and litres below that height, in any order
     *
     * @throws TankFault when less than two marks are given, or more water stands lower
     */
    public static function of(array $marks): self
    {
        if (count($marks) < 2 || count($marks) > self::MOST_MARKS) {
            throw TankFault::marks(Text::of('tank.marks_number', most: self::MOST_MARKS));
        }
        usort($marks, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $rows = [[0.0, 0.0]];
        foreach ($marks as [$height, $litres]) {
            if (!is_finite($height) || !is_finite($litres) || $height <= 0.0) {
                throw TankFault::marks('tank.mark');
            }
            [$below, $less] = $rows[count($rows) - 1];
            if ($height - $below < 1.0) {
                throw TankFault::marks('tank.marks_equal');
            }
            if ($litres <= $less) {
                throw TankFault::marks('tank.marks_fall');
            }
            $rows[] = [$height, $litres];
        }

        return new self($rows);
    }

    public function top(): float
    {
        return $this->rows[count($this->rows) - 1][0];
    }

    /**
     * The mark below a height and the one above it.
     *
     * @param float $height mm above the inner floor, up to top()
     *
     * @return array{float, float, float, float} lower height, its litres, upper height, its litres
     */
    public function around(float $height): array
    {
        $last = count($this->rows) - 1;
        for ($i = 1; $i < $last && $this->rows[$i][0] < $height; ++$i);

        return [...$this->rows[$i - 1], ...$this->rows[$i]];
    }

    /** Area of water at a height, mm2: what a mm more takes. */
    public function areaAt(float $height): float
    {
        [$low, $less, $high, $more] = $this->around($height);

        return ($more - $less) / ($high - $low) * 1e6;
    }

    /** @return list<float> heights of the marks, mm above the inner floor */
    public function heights(): array
    {
        return array_column($this->rows, 0);
    }
}
