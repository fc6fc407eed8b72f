<?php

declare(strict_types=1);

namespace Tests\Core\Change;

use Cresco\Core\Change\CarriedOn;
use Cresco\Core\Change\ChangeFault;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CarriedOnTest extends TestCase
{
    /** @return iterable<string, array{float, float, float, float, float, float, float}> read and spread, made a day and spread, days; then the middle and its spread, by hand */
    public static function figures(): iterable
    {
        // 20 + 9 x 2 = 38; the spread is the root of 3^2 + (9 x 0.4)^2 = 4.686.
        yield 'a tank that makes two a day' => [20.0, 3.0, 2.0, 0.4, 9.0, 38.0, 4.6861];
        yield 'the same day' => [20.0, 3.0, 2.0, 0.4, 0.0, 20.0, 3.0];
        yield 'plants that take it all' => [5.0, 1.0, -1.0, 0.0, 9.0, 0.0, 1.0];
    }

    #[DataProvider('figures')]
    public function testItGoesOnByWhatTheTankMakesAndIsKnownLessWell(float $read, float $off, float $made, float $madeOff, float $days, float $now, float $spread): void
    {
        $carried = CarriedOn::now(new Normal($read, $off), new Normal($made, $madeOff), $days);
        self::assertEqualsWithDelta($now, $carried->central(), 1e-9);
        self::assertEqualsWithDelta($spread, $carried->spread(), 1e-3);
    }

    public function testTheWorkingComesToTheSameInTheUnitOfTheKeeper(): void
    {
        $unit = Unit::of(Parameter::Nitrate, 'no3_n');
        $working = CarriedOn::working('x', new Normal(20.0, 3.0), new Normal(2.0, 0.4), 9.0, $unit);
        $carried = CarriedOn::now(new Normal(20.0, 3.0), new Normal(2.0, 0.4), 9.0);
        self::assertEqualsWithDelta($unit->fromBase($carried->central()), $working->value('now'), 1e-9);
        self::assertEqualsWithDelta($unit->widthFromBase($carried->quantile(0.9) - $carried->quantile(0.1)), $working->estimate()->quantile(0.9) - $working->estimate()->quantile(0.1), 0.1);
    }

    public function testDaysThatAreNoneAreNamed(): void
    {
        $this->expectException(ChangeFault::class);
        CarriedOn::now(new Normal(20.0, 3.0), new Normal(2.0, 0.4), -1.0);
    }
}
