<?php

declare(strict_types=1);

namespace Tests\Core\Numeric;

use Cresco\Core\Numeric\Bisection;
use Cresco\Core\Numeric\Median;
use Cresco\Core\Numeric\NormalTail;
use Cresco\Core\Numeric\StudentBell;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The small tools that everything else computes with. */
final class SmallTest extends TestCase
{
    /**
     * @return iterable<string, array{float, float, float}> Student's t by the tables (Fisher and Yates, 1963), degrees of freedom, and
     *     deviations that are as rare
     */
    public static function students(): iterable
    {
        foreach ([
            [1, 12.706, 1.960], [2, 4.303, 1.960], [5, 2.571, 1.960], [10, 2.228, 1.960], [30, 2.042, 1.960], [5, 4.032, 2.576], [10, 3.169, 2.576],
            [20, 3.850, 3.291], [5, 1.476, 1.2816],
        ] as [$freedom, $t, $z]) {
            yield "$t of $freedom" => [$t, (float) $freedom, $z];
        }
    }

    #[DataProvider('students')]
    public function testStudentsDeviationsAreAsRareAsThoseOfTheBell(float $t, float $freedom, float $z): void
    {
        self::assertEqualsWithDelta($z, StudentBell::deviations($t, $freedom), [1 => 0.12, 2 => 0.03][(int) $freedom] ?? 0.02);
        self::assertSame(-StudentBell::deviations($t, $freedom), StudentBell::deviations(-$t, $freedom));
    }

    public function testOfManyReadingsStudentIsTheBell(): void
    {
        foreach ([0.0, 0.7, 1.96, 3.0] as $t) {
            self::assertEqualsWithDelta($t, StudentBell::deviations($t, 1e7), 1e-5);
        }
        // The rarer the further, whatever the freedom.
        for ($t = 0.1; $t < 20.0; $t += 0.1) {
            self::assertGreaterThan(StudentBell::deviations($t - 0.1, 3.0), StudentBell::deviations($t, 3.0));
            self::assertLessThan($t, StudentBell::deviations($t, 3.0));
        }
    }

    public function testTheTailOfTheBellIsThatOfTheTables(): void
    {
        // Abramowitz and Stegun (1964), table 26.1.
        foreach (['0' => 0.5, '0.5' => 0.6914624613, '1' => 0.8413447461, '1.96' => 0.9750021049, '3' => 0.9986501020, '4.5' => 0.9999966023] as $z => $below) {
            self::assertEqualsWithDelta($below, NormalTail::below((float) $z), 2e-7, (string) $z);
            self::assertEqualsWithDelta(1.0 - $below, NormalTail::below(-(float) $z), 2e-7, (string) $z);
        }
    }

    public function testTheMiddleHasAsManyBelowItAsAbove(): void
    {
        $chance = new Randomizer(new Mt19937(3));
        for ($count = 1; $count < 60; ++$count) {
            $values = array_map(static fn(): float => (float) $chance->getInt(-50, 50), range(1, $count));
            $median = Median::of($values);
            $below = count(array_filter($values, static fn(float $x): bool => $x < $median));
            $above = count(array_filter($values, static fn(float $x): bool => $x > $median));
            self::assertLessThanOrEqual($count / 2, $below);
            self::assertLessThanOrEqual($count / 2, $above);
            // In whatever order, and moved by a wild value no further than to its neighbour.
            self::assertSame($median, Median::of(array_reverse($values)));
            $wild = Median::of([...$values, 1e9]);
            self::assertTrue($wild >= $median && ($count === 1 || $wild <= max($values)));
        }
        self::assertSame(2.5, Median::of([4.0, 1.0, 3.0, 2.0]));
    }

    public function testAnEdgeIsFoundToTheLastDigits(): void
    {
        foreach ([1e-6, 0.1, M_PI, 99.999] as $edge) {
            self::assertEqualsWithDelta($edge, Bisection::edge(0.0, 100.0, static fn(float $x): bool => $x < $edge), 1e-12);
        }
        // Where nothing changes it is one of the ends.
        self::assertEqualsWithDelta(100.0, Bisection::edge(0.0, 100.0, static fn(float $x): bool => true), 1e-9);
        self::assertEqualsWithDelta(0.0, Bisection::edge(0.0, 100.0, static fn(float $x): bool => false), 1e-9);
        // Each round halves what is left.
        self::assertEqualsWithDelta(30.0, Bisection::edge(0.0, 100.0, static fn(float $x): bool => $x < 30.0, 10), 100.0 / 2 ** 11);
        // What must not pass the edge lies before it, within the last halving.
        foreach ([3, 5, 10] as $rounds) {
            $within = Bisection::within(0.0, 100.0, static fn(float $x): bool => $x < 30.0, $rounds);
            self::assertLessThan(30.0, $within);
            self::assertGreaterThanOrEqual(30.0 - 100.0 / 2 ** $rounds, $within);
        }
        self::assertSame(0.0, Bisection::within(0.0, 100.0, static fn(float $x): bool => false, 5));
    }
}
