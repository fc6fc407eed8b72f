<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Density;
use Cresco\Core\Measure\NormalValue;
use PHPUnit\Framework\TestCase;

final class ComputationTest extends TestCase
{
    public function testSpreadsAddByTheirSquares(): void
    {
        $sum = Computation::of('sum')
            ->given('a', 'first', new NormalValue(10, 3), '')
            ->given('b', 'second', new NormalValue(5, 4), '')
            ->line('c = a + b', 'both', '');

        self::assertEqualsWithDelta(15.0, $sum->estimate()->central(), 1e-9);
        self::assertEqualsWithDelta(5.0, $sum->estimate()->spread(), 0.2);
        // 80 % of a bell curve lie within 1.2816 deviations.
        self::assertEqualsWithDelta(15 - 6.408, $sum->estimate()->low(), 0.3);
        self::assertEqualsWithDelta(15 + 6.408, $sum->estimate()->high(), 0.3);
    }

    public function testOfTwentyInputsEachPairIsAsFarApartAsItsBellsSay(): void
    {
        $computation = Computation::of('Pairs');
        for ($i = 0; $i < 20; ++$i) {
            $computation->given("x$i", 'an input', new NormalValue(0.0, 1.0), '');
        }
        for ($i = 0; $i < 20; ++$i) {
            for ($j = $i + 1; $j < 20; ++$j) {
                $computation->line("s{$i}_$j = x$i + x$j", 'sum', '')->line("d{$i}_$j = x$i - x$j", 'difference', '');
            }
        }
        // The sum and the difference of two bells of one have a deviation of the root of two.
        $exact = 2.0 * 1.2815515655 * M_SQRT2;
        $off = [];
        for ($i = 0; $i < 20; ++$i) {
            for ($j = $i + 1; $j < 20; ++$j) {
                foreach (["s{$i}_$j", "d{$i}_$j"] as $name) {
                    $off[] = abs(($computation->estimate($name)->high() - $computation->estimate($name)->low()) / $exact - 1.0);
                }
            }
        }
        sort($off);
        self::assertCount(380, $off);
        self::assertLessThan(0.1, $off[379]);
        self::assertLessThan(0.03, $off[190]);
    }

    public function testAQuotientAgreesWithOneHundredThousandDraws(): void
    {
        $computation = Computation::of('quotient')
            ->given('a', 'a', Density::flat(20, 40), '')
            ->given('b', 'b', new NormalValue(50, 4), '')
            ->given('c', 'c', Density::peaked(0, 0, 6), '')
            ->line('d = (a - c) / b', 'd', '');
        mt_srand(7);
        $draws = [];
        $any = static fn(): float => (mt_rand() + 0.5) / (mt_getrandmax() + 1.0);
        for ($i = 0; $i < 100000; ++$i) {
            $b = 50 + 4 * sqrt(-2 * log($any())) * cos(2 * M_PI * $any());
            $draws[] = (20 + 20 * $any() - 6 * (1 - sqrt($any()))) / $b;
        }
        sort($draws);

        self::assertEqualsWithDelta($draws[10000], $computation->estimate()->low(), 0.012);
        self::assertEqualsWithDelta($draws[90000], $computation->estimate()->high(), 0.012);
    }

    public function testTheSameInputsGiveTheSameBand(): void
    {
        $run = static fn(): float => Computation::of('x')->given('a', 'a', new NormalValue(1, 1), '')->line('b = exp(a)', 'b', '')->estimate()->high();

        self::assertSame($run(), $run());
    }

    public function testAnEquationIsSolvedInEveryCase(): void
    {
        $root = Computation::of('root')
            ->given('area', 'area', Density::flat(4, 9), '')
            ->solve(['half = side / 2', 'area = 4 * half^2'], 'side', 'side', '', [0.5, 10]);

        self::assertEqualsWithDelta(sqrt(6.5), $root->estimate('side')->central(), 1e-6);
        self::assertEqualsWithDelta(sqrt(4.5), $root->estimate('side')->low(), 0.01);
        self::assertEqualsWithDelta(sqrt(8.5), $root->estimate('side')->high(), 0.01);
    }

    public function testAnEquationWithoutSolutionSaysSo(): void
    {
        $root = static fn(float $area): Computation => Computation::of('root')->given('area', 'area', new NormalValue($area, 1.0), '')
            ->solve(['area = side^2'], 'side', 'side', '', [0, 10])->line('twice = 2 * side', 'twice', '');

        self::assertTrue($root(81.0)->isSolved());
        self::assertFalse($root(400.0)->isSolved('side'));
        self::assertFalse($root(400.0)->isSolved());
        self::assertNan($root(400.0)->estimate()->central());
    }

    public function testWhatMovesTheResultMostComesFirst(): void
    {
        $computation = Computation::of('x')
            ->given('a', 'little', new NormalValue(10, 1), '')
            ->given('b', 'much', new NormalValue(10, 1), '')
            ->constant('k', 'fixed', 7.0, '', 'definition')
            ->line('c = a + 5 * b + k', 'c', '');
        $moves = $computation->sensitivities();

        self::assertSame(['b', 'a'], array_map(static fn($move) => $move->given->symbol, $moves));
        self::assertEqualsWithDelta(5.0, $moves[0]->effect, 1e-9);
    }

    public function testItCanBeAskedWhatIf(): void
    {
        $computation = Computation::of('x')->given('a', 'a', 2.0, '')->line('b = a^2', 'b', '')->line('c = b + 1', 'c', '');

        self::assertEqualsWithDelta(10.0, $computation->at(['a' => 3.0]), 1e-12);
        self::assertEqualsWithDelta(9.0, $computation->at(['a' => 3.0], 'b'), 1e-12);
        self::assertEqualsWithDelta(5.0, $computation->estimate()->central(), 1e-12);
    }

    public function testTheShareOfCasesUnderALimit(): void
    {
        $estimate = Computation::of('x')->given('a', 'a', Density::flat(0, 10), '')->line('b = a', 'b', '')->estimate();

        self::assertEqualsWithDelta(0.3, $estimate->shareAtMost(3.0), 0.005);
    }

    public function testAWorkingCutOffHoldsOnlyWhatItUses(): void
    {
        $computation = Computation::of('x')->given('a', 'a', 2.0, '')->given('z', 'z', 5.0, '')->line('b = a^2', 'b', '')->line('c = b + z', 'c', '');
        $short = $computation->endingAt('b');

        self::assertEqualsWithDelta(4.0, $short->estimate()->central(), 1e-12);
        self::assertSame(['a'], array_map(static fn($given) => $given->symbol, $short->givens()));
        self::assertCount(1, $short->lines());
        self::assertEqualsWithDelta(9.0, $computation->estimate()->central(), 1e-12);
    }
}
