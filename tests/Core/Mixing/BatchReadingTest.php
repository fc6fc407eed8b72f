<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Cresco\Core\Mixing\BatchReading;
use Cresco\Core\Mixing\MixingFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What the meter asks for, held against a vessel that is mixed by hand. */
final class BatchReadingTest extends TestCase
{
    public function testWaterWithoutAnythingInItIsOrdinaryAndLessThanNothingIsNot(): void
    {
        // Water of the membrane that reads nothing; salts for 200: it reads 150, so a third of each product more.
        self::assertEqualsWithDelta(1.0 / 3.0, BatchReading::of(150.0, 200.0, 0.0, 20.0, 0.0)->more, 1e-9);
        self::assertTrue(BatchReading::of(0.0, 0.0, 0.0, 20.0, 0.0)->isGood());
        foreach ([
            [-1.0, 200.0, 0.0, 20.0, 0.0], [150.0, -200.0, 0.0, 20.0, 0.0], [150.0, 200.0, -0.1, 20.0, 0.0], [150.0, 200.0, 0.0, 0.0, 0.0],
            [150.0, 200.0, 0.0, 20.0, -1.0],
        ] as $odd) {
            try {
                BatchReading::of(...$odd);
                self::fail(implode(', ', $odd));
            } catch (MixingFault $fault) {
                self::assertSame('recipe.batch_check', $fault->text->key);
            }
        }
    }

    public function testWhatItAsksForBringsTheVesselToTheExpectedReading(): void
    {
        $chance = new Randomizer(new Mt19937(31));
        $between = static fn(float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 100000) / 100000;
        $weak = $strong = 0;
        for ($i = 0; $i < 300; ++$i) {
            $start = $between(0.0, 200.0);
            $expected = $start + $between(40.0, 600.0);
            $litres = $between(2.0, 200.0);
            $soft = $between(0.0, 20.0);
            // In the vessel: the waters, and salts that bring so much more; both by litre.
            $salt = ($expected - $start) * $between(0.55, 1.5);
            $check = BatchReading::of($start + $salt, $expected, $start, $litres, $soft);
            if ($check->isGood()) {
                self::assertLessThanOrEqual(max(3.0, 0.03 * $expected) + 1e-9, abs($start + $salt - $expected));
                continue;
            }
            if ($check->isOdd) {
                continue;
            }
            if ($check->more > 0.0) {
                ++$weak;
                self::assertSame(0.0, $check->water);
                self::assertEqualsWithDelta($expected, $start + $salt * (1.0 + $check->more), 1e-6);
            } else {
                ++$strong;
                $together = (($start + $salt) * $litres + $soft * $check->water) / ($litres + $check->water);
                self::assertEqualsWithDelta($expected, $together, 1e-6);
            }
            self::assertNotNull($check->working);
        }
        self::assertGreaterThan(40, $weak);
        self::assertGreaterThan(40, $strong);
    }

    /** @return iterable<string, array{float, float, float, float, float, bool, bool}> read, expected, start, litres, soft; good, odd */
    public static function edges(): iterable
    {
        yield 'on the spot' => [250.0, 250.0, 10.0, 20.0, 5.0, true, false];
        yield 'within three of a hundred' => [257.0, 250.0, 10.0, 20.0, 5.0, true, false];
        yield 'just beyond' => [258.0, 250.0, 10.0, 20.0, 5.0, false, false];
        yield 'within three, of next to nothing' => [12.0, 10.0, 10.0, 20.0, 5.0, true, false];
        yield 'nothing dissolved' => [10.0, 250.0, 10.0, 20.0, 5.0, false, true];
        yield 'less than the water alone' => [2.0, 250.0, 10.0, 20.0, 5.0, false, true];
        yield 'less than half' => [100.0, 250.0, 10.0, 20.0, 5.0, false, true];
        yield 'more than twice' => [600.0, 250.0, 10.0, 20.0, 5.0, false, true];
        yield 'too strong, and the softest water is as strong' => [300.0, 250.0, 10.0, 20.0, 260.0, false, true];
        yield 'a dead pen' => [0.0, 250.0, 10.0, 20.0, 5.0, false, true];
        yield 'waters alone, without a jar' => [8.0, 10.0, 10.0, 20.0, 5.0, true, false];
    }

    #[DataProvider('edges')]
    public function testWhereItSaysGoodAndWhereItAsksForTheMistake(
        float $read,
        float $expected,
        float $start,
        float $litres,
        float $soft,
        bool $good,
        bool $odd,
    ): void {
        $check = BatchReading::of($read, $expected, $start, $litres, $soft);

        self::assertSame($good, $check->isGood());
        self::assertSame($odd, $check->isOdd);
        self::assertGreaterThanOrEqual(0.0, $check->more);
        self::assertGreaterThanOrEqual(0.0, $check->water);
    }

    public function testTheWorkingShowsTheNumbersOfTheCard(): void
    {
        $check = BatchReading::of(190.0, 250.0, 10.0, 40.0, 5.0);

        self::assertEqualsWithDelta(60.0 / 180.0, $check->more, 1e-9);
        self::assertEqualsWithDelta($check->more, (float) $check->working?->value('share'), 1e-12);
        $strong = BatchReading::of(275.0, 250.0, 10.0, 40.0, 5.0);
        self::assertEqualsWithDelta(40.0 * 25.0 / 245.0, $strong->water, 1e-9);
        self::assertEqualsWithDelta($strong->water, (float) $strong->working?->value('litres'), 1e-12);
    }
}
