<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Cresco\Core\Formula\Formula;
use Cresco\Core\Formula\FormulaFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FormulaTest extends TestCase
{
    /** @return iterable<string, array{string, float}> */
    public static function equations(): iterable
    {
        yield 'products before sums' => ['x = 2 + 3 * 4', 14.0];
        yield 'from left to right' => ['x = 20 - 5 - 3', 12.0];
        yield 'quotients from left to right' => ['x = 24 / 4 / 2', 3.0];
        yield 'powers from right to left' => ['x = 2^3^2', 512.0];
        yield 'a minus binds less than a power' => ['x = -2^2', -4.0];
        yield 'a negative power' => ['x = 10^-2', 0.01];
        yield 'a minus after a product' => ['x = 2 * -3', -6.0];
        yield 'groups' => ['x = (2 + 3) * (4 - 1)', 15.0];
        yield 'functions in functions' => ['x = sqrt(max(9, min(16, 25)))', 4.0];
        yield 'logarithms' => ['x = log10(1000) + ln(exp(2))', 5.0];
        yield 'symbols' => ['x = a * (b - 1) + abs(-a)', 8.0];
        yield 'small numbers' => ['x = 1.6e-5 * 100', 0.0016];
    }

    #[DataProvider('equations')]
    public function testArithmeticIsAsOnPaper(string $text, float $expected): void
    {
        self::assertEqualsWithDelta($expected, Formula::of($text)->number(['a' => 2.0, 'b' => 4.0]), 1e-12);
    }

    public function testAListGivesTheSameAsOneByOne(): void
    {
        $formula = Formula::of('after = s + (c - s) * (1 - f)^n / max(c, 1)');
        $c = [3.0, 30.0, 0.4];
        $f = [0.1, 0.5, 0.9];
        $all = $formula->evaluate(['s' => 5.0, 'c' => $c, 'f' => $f, 'n' => 2.0]);

        self::assertIsArray($all);
        foreach ($c as $i => $value) {
            self::assertEqualsWithDelta($formula->number(['s' => 5.0, 'c' => $value, 'f' => $f[$i], 'n' => 2.0]), $all[$i], 1e-12);
        }
    }

    /**
     * A term at random, as it is written and as PHP itself computes it.
     *
     * @param array<string, float> $symbols
     *
     * @return array{string, float}
     */
    private static function term(Randomizer $chance, array $symbols, int $deep): array
    {
        if ($deep === 0 || $chance->getInt(0, 4) === 0) {
            $name = array_keys($symbols)[$chance->getInt(0, count($symbols) - 1)];

            return $chance->getInt(0, 1) === 0 ? [$name, $symbols[$name]] : [(string) ($n = $chance->getInt(1, 900) / 100.0), $n];
        }
        [$left, $a] = self::term($chance, $symbols, $deep - 1);
        [$right, $b] = self::term($chance, $symbols, $deep - 1);

        return match ($chance->getInt(0, 8)) {
            0 => ["($left + $right)", $a + $b],
            1 => ["($left - $right)", $a - $b],
            2 => ["$left * ($right)", $a * $b],
            3 => ["($left) / (abs($right) + 1)", $a / (abs($b) + 1.0)],
            4 => ["sqrt(abs($left))", sqrt(abs($a))],
            5 => ["max($left, $right)", max($a, $b)],
            6 => ["min($left, min($right, 3))", min($a, $b, 3.0)],
            7 => ["ln(abs($left) + 1)", log(abs($a) + 1.0)],
            default => ["(abs($left) + 0.5)^2", (abs($a) + 0.5) ** 2],
        };
    }

    public function testWhateverIsWrittenIsReckonedAsPhpReckonsItOneByOneAndAsAList(): void
    {
        $chance = new Randomizer(new Mt19937(20260301));
        for ($i = 0; $i < 400; ++$i) {
            $symbols = ['a' => $chance->getInt(-500, 500) / 100.0, 'b2' => $chance->getInt(1, 500) / 10.0, 'share' => $chance->getInt(0, 100) / 100.0];
            [$text, $value] = self::term($chance, $symbols, 4);
            $formula = Formula::of('x = '.$text);
            self::assertEqualsWithDelta($value, $formula->number($symbols), 1e-9 * max(1.0, abs($value)), $text);
            $all = $formula->evaluate(array_map(static fn(float $one): array => [$one, $one], $symbols));
            self::assertEqualsWithDelta([$value, $value], is_array($all) ? $all : [$all, $all], 1e-9 * max(1.0, abs($value)), $text);
        }
    }

    public function testNumbersCanBeWrittenIntoIt(): void
    {
        self::assertSame(
            '(1 - 0.4) * 30 + 0.4 * 5',
            Formula::of('after = (1 - f) * tank + f * source')->filledIn(['f' => '0.4', 'tank' => '30', 'source' => '5']),
        );
    }

    public function testAFunctionIsNotTakenForASymbol(): void
    {
        self::assertSame('exp(3) + 3', Formula::of('y = exp(e) + e')->filledIn(['e' => '3', 'exp' => 'wrong']));
    }

    /** @return iterable<string, array{string}> */
    public static function broken(): iterable
    {
        foreach ([
            'no equals sign', 'x =', 'x = 2 +', 'x = (2', 'x = 2)', 'x = 2 3', 'x = sin(2)', 'x = 2 $ 3', '2 = x', 'x = min(4)', 'x = min(4, 5, 3)',
            'x = min(1, 2, 3) + min(4)', 'x = exp(1, 2)', 'x = (1, 2)', 'x = 1, 2', 'x = min(4, )', 'x = ()',
        ] as $text) {
            yield $text => [$text];
        }
    }

    #[DataProvider('broken')]
    public function testWhatIsNoEquationIsRefused(string $text): void
    {
        $this->expectException(FormulaFault::class);
        Formula::of($text)->number(['x' => 1.0]);
    }

    public function testAMissingSymbolIsNamed(): void
    {
        $this->expectExceptionMessage('"symbol":"f"');
        Formula::of('y = 1 - f')->number([]);
    }
}
