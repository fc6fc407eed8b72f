<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Analysis;
use App\Models\Keeper;
use App\Models\Reservoir;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Tanks\BatchContent;
use App\Tanks\VesselQuery;

/** A keeper who thinks in gallons, degrees Fahrenheit, mg/L of lime and TDS: what is typed and shown is theirs, what is kept is not. */
final class UnitsTest extends FeatureCase
{
    private const GALLON = 3.785411784;

    public function testABatchIsAskedForShownAndCheckedInTheKeepersUnits(): void
    {
        [$keeper, $tank, $ro] = $this->abroad();
        $batch = $this->writeBatch(
            $keeper,
            [
                'tank' => $tank->id, 'litres' => '10', 'gh' => '107', 'kh' => '54', 'ec' => '', 'ratio' => '', 'waters' => [$ro->id],
                'jars' => $keeper->products()->pluck('id')->all(), 'animals' => 'community', 'animals_was' => 'community', 'tank_was' => $tank->id,
            ],
        );
        $content = new BatchContent($batch);

        self::assertEqualsWithDelta(10.0 * self::GALLON, $batch->litres, 0.01);
        // 107 mg/L CaCO3 over 100.09 g/mol.
        self::assertEqualsWithDelta(1.069, $content->ions()->hardness(), 0.02);
        $page = $this->get('/batches/'.$batch->id)->assertOk()->assertSee("10.0\u{A0}US gal")->assertSee('mg/L TDS');
        // The meter's factor of 0.7 stands between what it shows and what is kept.
        $page->assertSee(sprintf("%d\u{A0}mg/L TDS", round(0.7 * $content->expectedConductivity())));
        $this->post('/batches/'.$batch->id.'/checks', ['read' => sprintf('%.2F', 0.7 * 300.0), 'celsius' => '77'])->assertSessionHasNoErrors();
        // 77 degrees Fahrenheit are 25 Celsius: nothing to make up for.
        self::assertEqualsWithDelta(300.0, (new BatchContent($batch->refresh()))->checks()[0]->read, 0.1);
        $this->post('/batches/'.$batch->id.'/checks', ['read' => '200', 'celsius' => '20'])->assertSessionHasErrors('celsius');
    }

    public function testAStoreHoldsGallons(): void
    {
        [$keeper, , $ro] = $this->abroad();
        $this->actingAs($keeper)->post(
            '/ro-reservoirs',
            ['name' => 'Drum', 'source_water_id' => (string) $ro->id, 'capacity' => '20', 'level' => '5', 'litres_per_day' => '30', 'waste' => '3'],
        )->assertSessionHasNoErrors();
        $reservoir = Reservoir::query()->firstOrFail();

        self::assertEqualsWithDelta(20.0 * self::GALLON, $reservoir->capacity, 1e-6);
        // 15 gallons are missing, 30 a day are made: twelve hours, and 45 gallons run off.
        $this->get('/ro-reservoirs/'.$reservoir->id)->assertOk()->assertSee('full after 12 h 00')->assertSee("45\u{A0}US gal go down the drain");
        $this->post("/ro-reservoirs/$reservoir->id/level", ['level' => '21'])->assertSessionHasErrors('level');
        $this->post("/ro-reservoirs/$reservoir->id/level", ['level' => '8'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(8.0 * self::GALLON, $reservoir->refresh()->level, 1e-6);
        $this->get("/ro-reservoirs/$reservoir->id/edit")->assertSee('value="20"', false);
    }

    public function testAnAnalysisIsTypedInTheUnitsOfTheKits(): void
    {
        [$keeper, , , $tap] = $this->abroad();
        $this->actingAs($keeper)->post(
            "/source-waters/$tap->id/analyses",
            ['sampled_on' => '2026-02-02', 'hardness' => '160', 'alkalinity' => '107', 'conductivity' => '272'],
        )->assertSessionHasNoErrors();
        $analysis = Analysis::query()->firstOrFail();

        self::assertEqualsWithDelta(160.0 / 100.087, (float) $analysis->hardness, 0.002);
        self::assertEqualsWithDelta(2.0 * 107.0 / 100.087, (float) $analysis->alkalinity, 0.003);
        self::assertEqualsWithDelta(272.0 / 0.7, (float) $analysis->conductivity, 0.01);
    }

    public function testTopUpsHoseAndConditionerSpeakGallonsAndFahrenheit(): void
    {
        [$keeper, $tank] = $this->abroad();
        $this->actingAs($keeper)->post("/tanks/$tank->id/top-offs", ['litres' => '2'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(2.0 * self::GALLON, $tank->topOffs()->firstOrFail()->litres, 1e-6);
        $this->get("/tanks/$tank->id/top-off")->assertOk()->assertSee('US gal a day');
        $working = strip_tags((string) $this->get("/tanks/$tank->id/top-off?working=conductivity")->assertOk()->getContent());
        self::assertStringContainsString('US gal a day', (string) strstr($working, 'What goes in'));
        self::assertStringNotContainsString('µS/cm', (string) strstr($working, 'What goes in'));

        // 10 gallons from 50 and 120 degrees to 77: 10 * 27 / 70 of it hot.
        $this->get("/tanks/$tank->id/hose?litres=10&cold=50&hot=120&goal=77")->assertOk()->assertSee("3.9\u{A0}US gal hot and 6.1\u{A0}US gal cold");
        $this->get("/tanks/$tank->id/hose?goal=300")->assertSee('Between');

        // 5 mL for 50 gallons: 1 mL for 10.
        $this->get("/tanks/$tank->id/dechlorinator?litres=10&dose=5&for=50&strength=1&chlorine=0.5")->assertOk()->assertSee('1.00 mL');
    }

    public function testARunSheetAndItsSecondThoughtSpeakGallons(): void
    {
        [$keeper, $tank] = $this->abroad();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '8', 'tasks' => ['media']]);
        self::assertEqualsWithDelta(8.0 * self::GALLON, $checklist->plan->litres, 0.01);
        $this->get("/tanks/$tank->id/maintenance?reason=amount&way=litres&litres=8&tasks[]=media")->assertOk()
            ->assertSee("2.1\u{A0}US gal for rinsing the media");
        $this->get("/checklists/$checklist->id/again?level=20&litres=9")->assertOk()->assertSee("9.0\u{A0}US gal");
        $this->post("/checklists/$checklist->id/again", ['level' => '20', 'litres' => '9'])->assertRedirect();
        self::assertEqualsWithDelta(9.0 * self::GALLON, $checklist->refresh()->plan->litres, 0.01);
        $this->get("/checklists/$checklist->id/print")->assertOk()->assertSee('US gal');
        self::assertEqualsWithDelta(VesselQuery::tank($tank)->markFor(9.0 * self::GALLON), $checklist->plan->mark, 0.1);
    }

    /** @return array{Keeper, Tank, SourceWater, SourceWater} */
    private function abroad(): array
    {
        [$keeper, $tank, $ro, $tap] = $this->bench();
        foreach ([
            'general_hardness' => 'caco3', 'carbonate_hardness' => 'caco3', 'conductivity' => 'tds', 'temperature' => 'fahrenheit',
        ] as $parameter => $unit) {
            $keeper->kits()->create(['parameter' => $parameter, 'method' => 'pen', 'unit' => $unit, 'step' => 1, 'fields' => []]);
        }
        $keeper->update(['volume_unit' => 'us_gallon', 'pen_factor' => 0.7]);

        return [Keeper::query()->findOrFail($keeper->id), $tank, $ro, $tap];
    }
}
