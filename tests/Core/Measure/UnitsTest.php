<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Conductivity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Length;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\MeasureFault;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Temperature;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Measure\Volume;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class UnitsTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> published figure, ours, tolerance in percent */
    public static function published(): iterable
    {
        yield 'one degree of hardness in mmol/L' => [0.178324, Hardness::fromDegrees(1)->millimolePerLitre, 0.01];
        yield 'one degree of hardness as CaCO3' => [17.848, Hardness::fromDegrees(1)->calciumCarbonate(), 0.01];
        yield 'one degree of carbonate hardness in meq/L' => [0.356648, Alkalinity::fromDegrees(1)->milliequivalentPerLitre, 0.01];
        yield 'one degree of carbonate hardness as CaCO3' => [17.848, Alkalinity::fromDegrees(1)->calciumCarbonate(), 0.01];
        yield 'US gallon' => [3.785411784, Volume::fromUsGallons(1)->litres, 0.0];
        yield 'imperial gallon' => [4.54609, Volume::fromImperialGallons(1)->litres, 0.0];
        yield 'an inch' => [25.4, Length::fromInches(1)->millimetres, 0.0];
        yield 'blood heat in Fahrenheit' => [98.6, Temperature::fromCelsius(37)->fahrenheit(), 1e-9];
        yield 'freezing point' => [273.15, Temperature::fromFahrenheit(32)->kelvin(), 1e-9];
        yield 'nitrate from its nitrogen' => [4.4268, MassConcentration::NITRATE_PER_NITROGEN, 0.01];
        yield 'nitrite from its nitrogen' => [3.2845, MassConcentration::NITRITE_PER_NITROGEN, 0.01];
        yield 'nitrogen in ammonium' => [0.7765, 1.0 / MassConcentration::AMMONIUM_PER_NITROGEN, 0.01];
        yield 'ammonia from its nitrogen' => [1.2159, MassConcentration::AMMONIA_PER_NITROGEN, 0.01];
        yield 'phosphate from its phosphorus' => [3.0662, MassConcentration::PHOSPHATE_PER_PHOSPHORUS, 0.01];
        yield 'a salt-scale pen shows half' => [150.0, Conductivity::fromMicrosiemens(300)->penTds(Conductivity::FACTOR_SALT), 0.0];
        yield 'an uncompensated pen in cold water' => [400.0, Conductivity::uncompensated(320, 15)->microsiemensPerCentimetre, 1e-9];
    }

    #[DataProvider('published')]
    public function testAConversionIsAsPublished(float $published, float $ours, float $percent): void
    {
        self::assertEqualsWithDelta($published, $ours, max(1e-12, $published * $percent / 100));
    }

    /** @return iterable<string, array{Parameter, Unit}> */
    public static function units(): iterable
    {
        foreach (Parameter::cases() as $parameter) {
            foreach (Unit::for($parameter, 0.67) as $unit) {
                yield $parameter->value.' in '.$unit->key => [$parameter, $unit];
            }
        }
    }

    #[DataProvider('units')]
    public function testWhatWasTypedComesBackToTheLetter(Parameter $parameter, Unit $unit): void
    {
        for ($hundredths = 0; $hundredths < 50000; $hundredths += 37) {
            $typed = number_format($hundredths / 100, 2, '.', '');
            self::assertSame($typed, number_format($unit->fromBase($unit->toBase((float) $typed)), 2, '.', ''), $parameter->value);
        }
    }

    #[DataProvider('units')]
    public function testAWidthDoesNotKnowWhereZeroIs(Parameter $parameter, Unit $unit): void
    {
        $step = $unit->fromBase(7.0) - $unit->fromBase(6.0);

        self::assertEqualsWithDelta($step, $unit->widthFromBase(1.0), 1e-9, $parameter->value);
        self::assertEqualsWithDelta(1.0, $unit->widthToBase($unit->widthFromBase(1.0)), 1e-12);
    }

    public function testAPenFactorThatNoPenHasIsRefused(): void
    {
        $this->expectException(MeasureFault::class);
        Conductivity::fromPenTds(150, 2.0);
    }

    public function testAUnitOfAnotherParameterIsRefused(): void
    {
        $this->expectException(MeasureFault::class);
        Unit::of(Parameter::Nitrate, 'fahrenheit');
    }
}
