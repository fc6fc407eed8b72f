<?php

declare(strict_types=1);

namespace Tests\Core\Working;

use Cresco\Core\Working\Formula;
use Cresco\Core\Working\FormulaFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

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

    public function testNumbersCanBeWrittenIntoIt(): void
    {
        self::assertSame('(1 - 0.4) * 30 + 0.4 * 5', Formula::of('after = (1 - f) * tank + f * source')->filledIn(['f' => '0.4', 'tank' => '30', 'source' => '5']));
    }

    public function testAFunctionIsNotTakenForASymbol(): void
    {
        self::assertSame('exp(3) + 3', Formula::of('y = exp(e) + e')->filledIn(['e' => '3', 'exp' => 'wrong']));
    }

    /** @return iterable<string, array{string}> */
    public static function broken(): iterable
    {
        foreach (['no equals sign', 'x =', 'x = 2 +', 'x = (2', 'x = 2)', 'x = 2 3', 'x = sin(2)', 'x = 2 $ 3', '2 = x'] as $text) {
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
        $this->expectExceptionMessage('needs a value for "f"');
        Formula::of('y = 1 - f')->number([]);
    }
}
