<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Data\ForecastRecord;
use App\Tanks\SourceLevelsQuery;
use App\Tanks\WatersQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;

final class WatersTest extends FeatureCase
{
    public function testOfMadeWaterItIsSaidHowMuchIsLeftHowOldItIsAndForWhichTank(): void
    {
        $this->travelTo('2026-03-01 12:00');
        [$keeper, $tank, $ro, $tap] = $this->bench();
        $batch = $this->writeBatch(
            $keeper,
            [
                'tank' => (string) $tank->id, 'litres' => '40', 'sources' => [(string) $tap->id, (string) $ro->id], 'gh' => '6', 'kh' => '4',
                'ec' => '300', 'name' => 'Half and half',
            ],
        );
        $this->actingAs($keeper)->post("/batches/$batch->id/made");
        $this->get('/source-waters')->assertSeeText("about 40\u{A0}L of 40\u{A0}L left. Made today.")->assertSeeText('for '.$tank->name);
        $this->travelTo('2026-03-04 12:00');
        $this->actingAs($keeper->fresh() ?? $keeper)->post(
            "/tanks/$tank->id/water-changes",
            ['changed_at' => '2026-03-04T10:00', 'litres' => '15', 'water' => (string) $batch->source_water_id],
        )->assertSessionHasNoErrors();
        $tank->topOffs()->create(['litres' => 2.0, 'taken_at' => '2026-03-04 11:00', 'source_water_id' => $batch->source_water_id]);
        $this->get('/source-waters')->assertSeeText("about 23\u{A0}L of 40\u{A0}L left. 3 days old.")->assertDontSeeText('Stir it');
        $this->travelTo('2026-03-20 12:00');
        $this->get('/source-waters')->assertSeeText('19 days old. Stir it, and test its conductivity before it goes in.');
        // What another tank of water took says nothing of it.
        $this->post("/tanks/$tank->id/water-changes", ['changed_at' => '2026-03-20T10:00', 'litres' => '10', 'water' => (string) $tap->id])
            ->assertSessionHasNoErrors();
        $this->get('/source-waters')->assertSeeText("about 23\u{A0}L of 40\u{A0}L left");
    }

    public function testReverseOsmosisIsTakenAsPureUntilItIsRead(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper);
        $ro = $this->water($keeper, 'RO unit', 'reverse_osmosis');
        $pure = WatersQuery::around($tank, [$ro->id])->source($ro);
        self::assertSame(0.0, $pure->central(Parameter::GeneralHardness, -1));
        self::assertTrue($pure->isAssumed(Parameter::Nitrate));

        $this->read($keeper, $ro, ['conductivity' => '31']);
        $read = WatersQuery::around($tank, [$ro->id])->source($ro);
        self::assertEqualsWithDelta(31.0, $read->central(Parameter::Conductivity, -1), 1e-9);
        self::assertFalse($read->isAssumed(Parameter::Conductivity));
        self::assertTrue($read->isAssumed(Parameter::GeneralHardness));
    }

    public function testTapWaterIsNotTakenAsAnything(): void
    {
        $keeper = $this->keeper();
        $tap = $this->water($keeper);
        $state = WatersQuery::around($this->tank($keeper), [$tap->id])->source($tap);

        self::assertFalse($state->has(Parameter::GeneralHardness));
        self::assertFalse($state->has(Parameter::Nitrate));
    }

    public function testABlendFollowsItsReadings(): void
    {
        [$keeper, $tank, $tap] = $this->readyTank();
        $rain = $this->water($keeper, 'Rain', 'rain');
        $this->read($keeper, $rain, ['conductivity' => '30', 'ph' => '6.0']);
        $blend = static fn(): float => WatersQuery::around($tank, [$tap->id, $rain->id])->blend($tap, $rain, 0.25)->central(Parameter::Conductivity, -1);

        // By strength, halved to.
        self::assertEqualsWithDelta(304.28, $blend(), 1e-2);
        self::assertEqualsWithDelta(304.28, $blend(), 1e-2);
        $this->travel(60)->days();
        $this->read($keeper, $rain, ['conductivity' => '70']);
        self::assertEqualsWithDelta(313.26, $blend(), 0.2);
    }

    public function testASourceIsKnownByWhatWasReadUntilThenInWhateverZoneThatIsSaid(): void
    {
        [$keeper] = $this->readyTank();
        $rain = $this->water($keeper, 'Rain', 'rain');
        $this->read($keeper, $rain, ['conductivity' => '30'], CarbonImmutable::parse('2026-02-20 08:00', 'UTC'));

        self::assertSame([], SourceLevelsQuery::ofMany([$rain->id], CarbonImmutable::parse('2026-02-20 11:00', 'Asia/Karachi')));
        self::assertEqualsWithDelta(
            30.0,
            SourceLevelsQuery::ofMany([$rain->id], CarbonImmutable::parse('2026-02-20 05:00', 'America/New_York'))[$rain->id]['conductivity']->central(),
            1e-6,
        );
    }

    public function testAnOldReadingOfATapSaysLessThanANewOne(): void
    {
        [$keeper, , $tap] = $this->readyTank();
        $spread = static fn(): float => SourceLevelsQuery::ofMany([$tap->id])[$tap->id]['general_hardness']->spread();
        $new = $spread();
        $this->travel(300)->days();

        self::assertGreaterThan(1.2 * $new, $spread());
    }

    public function testABlendOfNothingOrAllIsOneWater(): void
    {
        [$keeper, $tank, $tap] = $this->readyTank();
        $rain = $this->water($keeper, 'Rain', 'rain');
        $waters = WatersQuery::around($tank, [$tap->id, $rain->id]);

        self::assertSame('Tap', $waters->blend($tap, $rain, 0.0)->name);
        self::assertSame('Rain', $waters->blend($tap, $rain, 1.0)->name);
        self::assertSame('Tap', $waters->blend($tap, $tap, 0.5)->name);
        self::assertSame('Tap', $waters->blend($tap, null, 0.5)->name);
    }

    public function testAForecastIsKeptAsItWas(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '50']);
        $row = ($checklist->fresh() ?? $checklist)->forecast->row(Parameter::Conductivity);

        // 330 and 390 by halves, by strength.
        self::assertEqualsWithDelta(330.0, $row->now->central ?? NAN, 1e-6);
        self::assertEqualsWithDelta(390.0, $row->source->central ?? NAN, 1e-6);
        self::assertEqualsWithDelta(360.136, $row->after->central ?? NAN, 1e-3);
        self::assertLessThan(360.0, $row->after->low ?? NAN);
        self::assertGreaterThan(360.0, $row->after->high ?? NAN);
        // Two meters of 2 % by halves.
        self::assertEqualsWithDelta(sqrt(3.3 ** 2 + 3.9 ** 2), $row->after->spread ?? NAN, 0.4);
    }

    public function testABrokenForecastIsNoForecast(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank);
        $checklist->forecast = ForecastRecord::read(['nitrate' => 'x', 'ph' => ['after' => [1, 2]], 'conductivity' => ['after' => ['a', 'b', 'c', 'd']]]);

        self::assertNull($checklist->forecast->row(Parameter::Nitrate)->after);
        self::assertNull($checklist->forecast->row(Parameter::Acidity)->after);
        self::assertSame(0.0, $checklist->forecast->row(Parameter::Conductivity)->after?->central);
    }

    public function testAReadingAfterTheChangeStandsAgain(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 18:00'));
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '50']);
        $this->finishRun($checklist, CarbonImmutable::parse('2026-03-01 18:30'), CarbonImmutable::parse('2026-03-01 19:30'));
        $this->travelTo(CarbonImmutable::parse('2026-03-02 12:00'));
        $state = WatersQuery::around($tank, [])->tank();
        self::assertTrue($state->isAssumed(Parameter::Conductivity));
        self::assertEqualsWithDelta(360.0, $state->central(Parameter::Conductivity, -1), 1.0);

        $this->read($keeper, $tank, ['conductivity' => '371']);
        $state = WatersQuery::around($tank, [])->tank();
        self::assertFalse($state->isAssumed(Parameter::Conductivity));
        self::assertEqualsWithDelta(369.5, $state->central(Parameter::Conductivity, -1), 1.5);
        self::assertTrue($state->isAssumed(Parameter::Nitrate));
    }
}
