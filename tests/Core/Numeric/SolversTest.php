<?php

declare(strict_types=1);

namespace Tests\Core\Numeric;

use Cresco\Core\Numeric\LinearProgram;
use Cresco\Core\Numeric\NonNegativeLeastSquares;
use Cresco\Core\Numeric\NumericFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SolversTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            yield "problem $seed" => [$seed];
        }
    }

    /** The conditions of Karush, Kuhn and Tucker: no slope where an amount is above nothing, no gain where it is nothing. */
    #[DataProvider('seeds')]
    public function testLeastSquaresMeetTheConditionsOfAnOptimum(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $rows = $random->getInt(2, 12);
        $count = $random->getInt(1, 17);
        $columns = [];
        for ($j = 0; $j < $count; ++$j) {
            $columns[] = self::row($random, $rows, -1.0, 2.0);
        }
        if ($count > 3) {
            $columns[3] = $columns[1];
        }
        $b = self::row($random, $rows, -1.0, 3.0);
        $x = NonNegativeLeastSquares::solve($columns, $b);
        $residual = $b;
        foreach ($columns as $j => $column) {
            foreach ($column as $i => $v) {
                $residual[$i] -= $v * $x[$j];
            }
        }
        foreach ($columns as $j => $column) {
            $slope = array_sum(array_map(static fn(float $v, float $r): float => $v * $r, $column, $residual));
            self::assertGreaterThanOrEqual(0.0, $x[$j]);
            self::assertLessThan(1e-8, $x[$j] > 0.0 ? abs($slope) : $slope, "unknown $j");
        }
    }

    #[DataProvider('seeds')]
    public function testAStartNearTheAnswerChangesNothing(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $columns = array_map(static fn(): array => self::row($random, 8, 0.0, 1.0), range(1, 6));
        $b = self::row($random, 8, 0.0, 2.0);
        $x = NonNegativeLeastSquares::solve($columns, $b);
        $again = NonNegativeLeastSquares::solve($columns, $b, array_keys(array_filter($x, static fn(float $v): bool => $v > 0.0)));

        self::assertEqualsWithDelta($x, $again, 1e-9);
    }

    /** Every corner of the feasible set is tried: no corner is cheaper. */
    #[DataProvider('seeds')]
    public function testALinearProgramFindsTheCheapestCorner(int $seed): void
    {
        $random = new Randomizer(new Mt19937(100 + $seed));
        [$a, $b, $cost] = [self::row($random, 4, 0.1, 2.0), self::row($random, 4, -1.0, 1.5), self::row($random, 4, -1.0, 1.0)];
        [$most, $exact] = [self::row($random, 1, 1.0, 4.0)[0], self::row($random, 1, 0.1, 1.0)[0]];
        $program = new LinearProgram(4);
        $program->atMost($a, $most);
        $program->equal($b, $exact);
        $x = $program->minimise($cost);

        $best = INF;
        for ($i = 0; $i < 4; ++$i) {
            if ($b[$i] != 0.0) {
                $corner = [0.0, 0.0, 0.0, 0.0];
                $corner[$i] = $exact / $b[$i];
                $best = self::better($best, $corner, $a, $most, $cost);
            }
            for ($j = 0; $j < $i; ++$j) {
                $determinant = $a[$i] * $b[$j] - $a[$j] * $b[$i];
                $corner = [0.0, 0.0, 0.0, 0.0];
                $corner[$i] = ($most * $b[$j] - $a[$j] * $exact) / $determinant;
                $corner[$j] = ($a[$i] * $exact - $most * $b[$i]) / $determinant;
                $best = self::better($best, $corner, $a, $most, $cost);
            }
        }
        if ($best === INF) {
            self::assertNull($x);

            return;
        }
        self::assertNotNull($x);
        self::assertEqualsWithDelta($best, self::dot($cost, $x), 1e-7);
        self::assertEqualsWithDelta($exact, self::dot($b, $x), 1e-7);
        self::assertLessThanOrEqual($most + 1e-7, self::dot($a, $x));
    }

    public function testConditionsThatContradictEachOtherHaveNoAnswer(): void
    {
        $program = new LinearProgram(2);
        $program->atLeast([1.0, 1.0], 3.0);
        $program->atMost([1.0, 1.0], 2.0);

        self::assertNull($program->minimise([1.0, 0.0]));
    }

    public function testACostWithoutAnEndIsRefused(): void
    {
        $program = new LinearProgram(2);
        $program->atMost([1.0, 0.0], 2.0);

        $this->expectException(NumericFault::class);
        $program->minimise([0.0, -1.0]);
    }

    public function testATwiceGivenConditionDoesNoHarm(): void
    {
        $program = new LinearProgram(2);
        $program->equal([1.0, 1.0], 1.0);
        $program->equal([2.0, 2.0], 2.0);

        self::assertEqualsWithDelta([0.0, 1.0], $program->minimise([2.0, 1.0]), 1e-9);
    }

    /** @return list<float> */
    private static function row(Randomizer $random, int $count, float $low, float $high): array
    {
        return array_map(static fn(): float => $low + ($high - $low) * $random->getInt(0, 1000000) / 1000000.0, range(1, $count));
    }

    /**
     * @param list<float> $corner
     * @param list<float> $a
     * @param list<float> $cost
     */
    private static function better(float $best, array $corner, array $a, float $most, array $cost): float
    {
        return min([INF, ...$corner]) >= -1e-9 && self::dot($a, $corner) <= $most + 1e-9 ? min($best, self::dot($cost, $corner)) : $best;
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    private static function dot(array $a, array $b): float
    {
        return array_sum(array_map(static fn(float $x, float $y): float => $x * $y, $a, $b));
    }
}
