<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Units\LengthUnit;
use App\Units\Scale;
use App\Units\VolumeUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is typed in whichever unit is kept in one; NIST Special Publication 811 has what each is of another. */
final class ScaleTest extends TestCase
{
    /** @return iterable<string, array{Scale, string, float}> the field, what is typed, and what that is in the unit that is kept */
    public static function typed(): iterable
    {
        $sizes = Scale::sizes(LengthUnit::Metric);
        $inches = Scale::sizes(LengthUnit::Inches);
        yield 'centimetres in their field' => [$sizes, '60', 600.0];
        yield 'a comma' => [$sizes, '60,5', 605.0];
        yield 'inches in a field of centimetres' => [$sizes, '48 in', 1219.2];
        yield 'inches in their field' => [$inches, '48', 1219.2];
        yield 'feet and inches' => [$inches, '4 ft 2 in', 1270.0];
        yield 'feet and inches by their marks' => [$sizes, "4' 2\"", 1270.0];
        yield 'metres' => [$inches, '1.2 m', 1200.0];
        yield 'millimetres' => [Scale::levels(LengthUnit::Inches), '12.5mm', 12.5];
        yield 'a bore in inches' => [Scale::levels(LengthUnit::Metric), '.5 in', 12.7];
        yield 'a hose in feet' => [Scale::hoseLengths(LengthUnit::Inches), '10', 3.048];
        yield 'a hose in feet where metres are usual' => [Scale::hoseLengths(LengthUnit::Metric), '10 feet', 3.048];
        yield 'pounds' => [Scale::weights(LengthUnit::Inches), '10', 4.5359237];
        yield 'pounds and ounces' => [Scale::weights(LengthUnit::Metric), '2 lb 8 oz', 1.133980925];
        yield 'grams of stone' => [Scale::weights(LengthUnit::Inches), '850 g', 0.85];
        yield 'litres' => [Scale::volumes(VolumeUnit::Litre), '12', 12.0];
        yield 'a gallon of the States' => [Scale::volumes(VolumeUnit::UsGallon), '20', 75.70823568];
        yield 'an imperial gallon' => [Scale::volumes(VolumeUnit::ImperialGallon), '20', 90.9218];
        yield 'gallons where litres are usual' => [Scale::volumes(VolumeUnit::Litre), '20 gal', 75.70823568];
        yield 'imperial gallons named as such' => [Scale::volumes(VolumeUnit::UsGallon), '1 imp gal', 4.54609];
        yield 'a teaspoon in Europe' => [Scale::liquids(VolumeUnit::Litre), '1 tsp', 5.0];
        yield 'a teaspoon in the States' => [Scale::liquids(VolumeUnit::UsGallon), '1 tsp', 4.92892159375];
        yield 'a tablespoon is three of them' => [Scale::liquids(VolumeUnit::UsGallon), '1 tbsp', 14.78676478125];
        yield 'an ounce of the States' => [Scale::liquids(VolumeUnit::UsGallon), '2 fl oz', 59.147059125];
        yield 'an imperial ounce' => [Scale::liquids(VolumeUnit::ImperialGallon), '2 fl oz', 56.826125];
        yield 'drops' => [Scale::liquids(VolumeUnit::Litre), '20 drops', 1.0];
        yield 'capitals and room' => [$sizes, '  48 IN ', 1219.2];
    }

    #[DataProvider('typed')]
    public function testAUnitThatIsTypedCountsWhicheverTheFieldHas(Scale $scale, string $typed, float $kept): void
    {
        self::assertEqualsWithDelta($kept, $scale->parse($typed), 1e-9 * max(1.0, $kept));
    }

    /** @return iterable<string, array{mixed}> */
    public static function nonsense(): iterable
    {
        foreach (['', ' ', 'in', '4 elephants', '4 ft in', '4 ft 2', 'twelve', '1e3', '--4', '4-', str_repeat('9', 60).' in', '4 in 3 furlong'] as $text) {
            yield "“{$text}”" => [$text];
        }
        yield 'nothing' => [null];
        yield 'a list' => [['4']];
    }

    #[DataProvider('nonsense')]
    public function testWhatIsNoQuantityIsNone(mixed $typed): void
    {
        self::assertNull(Scale::sizes(LengthUnit::Inches)->parse($typed));
    }

    /** @return iterable<string, array{Scale}> */
    public static function scales(): iterable
    {
        foreach (LengthUnit::cases() as $unit) {
            yield 'sizes in '.$unit->value => [Scale::sizes($unit)];
            yield 'levels in '.$unit->value => [Scale::levels($unit)];
            yield 'hoses in '.$unit->value => [Scale::hoseLengths($unit)];
            yield 'weights by '.$unit->value => [Scale::weights($unit)];
        }
        foreach (VolumeUnit::cases() as $unit) {
            yield 'water in '.$unit->value => [Scale::volumes($unit)];
            yield 'liquids by '.$unit->value => [Scale::liquids($unit)];
        }
    }

    #[DataProvider('scales')]
    public function testAFieldThatIsLeftAsItStandsChangesNothingAndOneThatIsTypedDoes(Scale $scale): void
    {
        $chance = new Randomizer(new Mt19937(7));
        for ($i = 0; $i < 200; ++$i) {
            $kept = $chance->getInt(1, 10_000_000) / 7919.0;
            self::assertSame($kept, $scale->keep($scale->show($kept), $kept));
            self::assertSame($kept, $scale->keep('  '.$scale->show($kept).' ', $kept));
            // What is shown is as near as its decimals are.
            self::assertEqualsWithDelta(
                $kept,
                $scale->parse($scale->show($kept)),
                ($scale->toBase(1.0) - $scale->toBase(0.0)) * 0.5000001 * 10.0 ** -$scale->decimals,
            );
            self::assertEqualsWithDelta($kept, $scale->toBase($scale->fromBase($kept)), 1e-9 * $kept);
        }
        self::assertEqualsWithDelta($scale->toBase(3.5), $scale->keep('3.5', 100.0), 1e-9);
        self::assertNull($scale->keep('', null));
        self::assertSame('', $scale->show(null));
        // A text has its unit, held to its number by a space that does not break.
        self::assertStringEndsWith("\u{00A0}".$scale->label, $scale->text(100.0));
    }
}
