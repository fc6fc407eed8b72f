<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Checklist;
use App\Models\Keeper;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use Cresco\Core\Measure\Parameter;
use PHPUnit\Framework\Attributes\DataProvider;

/** Half way through a session: another amount, less time, and the checklist on paper. */
final class ReplanTest extends FeatureCase
{
    public function testTheRestIsReckonedFromThePresentLevel(): void
    {
        [$keeper, $tank, $checklist] = $this->running(['glass', 'outside']);
        // The plan was 30 L; at 80 mm below the rim, 60 mm under the line, 15 L of the 250,000 mm2 have left. 40 L are wanted now.
        $page = $this->actingAs($keeper)->get("/checklists/$checklist->id/again?level=80&litres=40")->assertOk();
        $page->assertSee("25.0\u{A0}L")->assertSee('still to drain');
        $this->post("/checklists/$checklist->id/again", ['level' => '80', 'litres' => '40'])->assertRedirect("/checklists/$checklist->id");
        $checklist->refresh();

        self::assertEqualsWithDelta(40.0, $checklist->plan->litres, 1e-6);
        self::assertEqualsWithDelta(VesselQuery::tank($tank)->markFor(40.0), $checklist->plan->mark, 0.1);
        self::assertStringContainsString('25.0', implode(' ', $checklist->steps()->where('job', 'drain')->firstOrFail()->content->lines));
        // What goes in is what went out, and the forecast is for that.
        self::assertEqualsWithDelta(40.0 / VesselQuery::tank($tank)->litres(), $checklist->plan->share, 1e-6);
        self::assertEqualsWithDelta(40.0, $checklist->plan->refill, 1e-6);
    }

    public function testWhatFollowsFromTheLitresIsPlannedAgainWithThem(): void
    {
        [$keeper, $tank] = $this->readyTank();
        // 5 mL for 50 L of tap water.
        $keeper->products()->create([
            'name' => 'Clear drops', 'salt' => 'conditioner', 'unit' => 'mL', 'label' => ['dose' => 5.0, 'litres' => 50.0, 'strength' => 1.0],
        ]);
        $checklist = $this->writeRun($keeper->fresh() ?? $keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '20', 'tasks' => ['spot']]);
        $lines = static fn(string $job): string => implode(' ', $checklist->steps()->where('job', $job)->firstOrFail()->content->lines);
        self::assertStringContainsString("2.0\u{A0}mL of Clear drops into the new water", $lines('condition'));
        $this->post("/checklists/$checklist->id/again", ['level' => '20', 'litres' => '40'])->assertSessionHasNoErrors();
        self::assertStringContainsString("4.0\u{A0}mL of Clear drops into the new water", $lines('condition'));
        self::assertStringContainsString("for the 40.0\u{A0}L of it from the tap", $lines('condition'));
        // A quarter of a millilitre for each litre that is left: 60 of 100.
        self::assertStringContainsString("at most 15\u{A0}mL", $lines('spot'));
        // Treated already, and now 10 litres more: they want a dose of their own.
        $this->post("/checklists/$checklist->id/steps/".$checklist->steps()->where('job', 'condition')->firstOrFail()->position)->assertSessionHasNoErrors();
        $this->post("/checklists/$checklist->id/again", ['level' => '20', 'litres' => '50'])->assertSessionHasNoErrors();
        self::assertStringContainsString("Dechlorinator for the extra 10.0\u{A0}L: 1.0\u{A0}mL of Clear drops", $lines('refill'));
    }

    public function testWhileItFillsUpThePlanSaysWhatIsStillToGoIn(): void
    {
        [$keeper, $tank, $checklist] = $this->running([]);
        $this->actingAs($keeper)->post("/checklists/$checklist->id/steps/".$checklist->steps()->where('job', 'drain')->firstOrFail()->position)
            ->assertSessionHasNoErrors();
        // 40 of the 120 mm that 30 L are have run in: 80 mm are 20 L.
        $this->get("/checklists/$checklist->id/again?level=100&litres=30")->assertOk()->assertSeeText("20.0\u{A0}L still to refill")
            ->assertDontSeeText('still to drain');
        $this->post("/checklists/$checklist->id/again", ['level' => '100', 'litres' => '60'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(30.0, $checklist->refresh()->plan->litres, 0.1);
        self::assertStringContainsString("20\u{A0}L of", (string) $checklist->steps()->where('job', 'refill')->firstOrFail()->content->lines[0]);
    }

    public function testASkippedDechlorinatorIsSaidUntilItIsIn(): void
    {
        [$keeper, $tank, $checklist] = $this->running([]);
        $step = $checklist->steps()->where('job', 'condition')->firstOrFail();
        $this->actingAs($keeper)->get("/checklists/$checklist->id?step=$step->position")->assertSeeText('Untreated tap water harms gills');
        $this->post("/checklists/$checklist->id/steps/$step->position", ['skip' => '1'])->assertSessionHasNoErrors();
        $refill = $checklist->steps()->where('job', 'refill')->firstOrFail();
        $this->get("/checklists/$checklist->id?step=$refill->position")->assertSeeText('for the whole tank, before or with the water.');
        $this->get('/')->assertSeeText('Dechlorinator was skipped')->assertSee("/checklists/$checklist->id/after/conditioner");
        $this->get("/checklists/$checklist->id/after/conditioner")->assertOk()->assertSeeText('Tap water with chlorine or chloramine harms gills and filter');
        $this->post("/checklists/$checklist->id/after/conditioner")->assertSessionHasNoErrors();
        $this->get('/')->assertDontSeeText('Dechlorinator was skipped');
        $this->get("/checklists/$checklist->id?step=$refill->position")->assertDontSeeText('for the whole tank, before or with the water.');
    }

    public function testWhatHasLeftCannotBeBroughtBack(): void
    {
        [$keeper, , $checklist] = $this->running([]);
        $this->actingAs($keeper)->get("/checklists/$checklist->id/again?level=140&litres=5")->assertOk()->assertSee('Nothing more to drain.');
        $this->post("/checklists/$checklist->id/again", ['level' => '140', 'litres' => '5'])->assertRedirect();

        // 120 mm under the line are 30 L.
        self::assertEqualsWithDelta(30.0, $checklist->refresh()->plan->litres, 0.1);
    }

    public function testLessTimeLetsGoOfWhatWasPickedAndOfNothingElse(): void
    {
        [$keeper, , $checklist] = $this->running(['glass', 'floaters', 'media', 'outside']);
        $this->actingAs($keeper)->get("/checklists/$checklist->id/again?level=20&litres=30&minutes=1")->assertOk()->assertSee('Left for next time:')
            ->assertSee('wipe the outside');
        $this->post("/checklists/$checklist->id/again", ['level' => '20', 'litres' => '30', 'minutes' => '1']);
        $skipped = $checklist->steps()->where('skipped', true)->orderBy('position')->pluck('job')->all();

        self::assertEqualsCanonicalizing(['floaters_out', 'floaters_back', 'glass', 'media', 'outside'], $skipped);
        self::assertNull($checklist->steps()->where('job', 'refill')->firstOrFail()->done_at);
    }

    public function testPlantsThatAreOutGoBackInHoweverLateItIs(): void
    {
        [$keeper, , $checklist] = $this->running(['floaters', 'glass']);
        $out = $checklist->steps->firstWhere('job', 'floaters_out');
        self::assertNotNull($out);
        $this->actingAs($keeper)->post("/checklists/$checklist->id/steps/$out->position")->assertRedirect();
        $this->post("/checklists/$checklist->id/again", ['level' => '20', 'litres' => '30', 'minutes' => '1'])->assertRedirect();

        self::assertTrue($checklist->steps()->where('job', 'glass')->firstOrFail()->skipped);
        self::assertNull($checklist->steps()->where('job', 'floaters_back')->firstOrFail()->done_at);
    }

    /** @return array<string, array{array<string, string>, string}> */
    public static function nonsense(): array
    {
        return [
            'no level' => [['level' => ''], 'level'],
            'a level in words' => [['level' => 'low'], 'level'],
            'a level under the floor' => [['level' => '4000'], 'level'],
            'more than the tank' => [['litres' => '9000'], 'litres'],
            'no minute' => [['minutes' => '-5'], 'minutes'],
        ];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('nonsense')]
    public function testNonsenseIsSaidAndThePlanStays(array $typed, string $field): void
    {
        [$keeper, , $checklist] = $this->running([]);
        $before = $checklist->plan;
        $this->actingAs($keeper)->get("/checklists/$checklist->id/again?".http_build_query($typed))->assertOk()->assertDontSee('Continue with this');
        $this->post("/checklists/$checklist->id/again", $typed)->assertSessionHasErrors($field);
        self::assertEquals($before, $checklist->refresh()->plan);
    }

    public function testAWorseReadingAsksForMoreAndIsTakenWithOneTap(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'nitrate', 'nitrate_goal' => '20']);
        $read = $checklist->steps()->where('job', 'read')->firstOrFail();
        $before = (float) ($checklist->plan->litres);
        $this->actingAs($keeper)->get("/checklists/$checklist->id")->assertDontSee('Your test calls for a different amount.');
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $this->post("/checklists/$checklist->id/steps/$read->position", ['readings' => ['nitrate' => '40-80']])->assertSessionHasNoErrors();
        $this->get("/checklists/$checklist->id")->assertSee('Your test calls for a different amount.')->assertSee('nitrate to 20');
        preg_match(
            '/again\?(litres=([\d.]+)[^"]*)"/',
            html_entity_decode((string) $this->get("/checklists/$checklist->id/again")->assertSee('Your tests call for a different amount.')->getContent()),
            $link,
        );

        // From 60 mg/L to 20 with water of 5: 40 of 55, and some more for nine cases of ten.
        $volume = VesselQuery::tank($tank)->litres();
        self::assertGreaterThan(40 / 55 * $volume, (float) ($link[2] ?? 0));
        self::assertLessThan(0.85 * $volume, (float) ($link[2] ?? 0));
        self::assertGreaterThan($before + 5.0, (float) ($link[2] ?? 0));
        $this->get("/checklists/$checklist->id/again?".($link[1] ?? ''))->assertDontSee('Your tests call for a different amount.');
    }

    public function testTheSecondDrainIsPlannedAgainFromWhatTheFirstOneLeft(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30', 'drains' => '2']);
        $volume = VesselQuery::tank($tank)->litres();
        foreach (['drain', 'condition', 'refill'] as $job) {
            $this->actingAs($keeper)->post("/checklists/$checklist->id/steps/"
                .$checklist->steps()->where('job', $job)->orderBy('position')->firstOrFail()->position);
        }
        $this->post("/checklists/$checklist->id/again", ['level' => '20', 'litres' => '50'])->assertRedirect("/checklists/$checklist->id");
        $before = $checklist->forecast->row(Parameter::Nitrate);
        $checklist->refresh();

        // Seven tenths, and then half of that, are old water: 65 % new; 80 L have left in all.
        self::assertEqualsWithDelta(1.0 - (1.0 - 30.0 / $volume) * (1.0 - 50.0 / $volume), $checklist->plan->share, 1e-6);
        self::assertEqualsWithDelta(80.0, $checklist->plan->out, 1e-6);
        self::assertEqualsWithDelta(80.0, $checklist->plan->refill, 1e-6);
        // It is still held to the readings before, and the forecast is for both drains.
        $nitrate = $checklist->forecast->row(Parameter::Nitrate);
        self::assertEquals($before->now?->toArray(), $nitrate->now?->toArray());
        self::assertEqualsWithDelta(5.0 + (30.0 - 5.0) * (1.0 - 30.0 / $volume) * (1.0 - 50.0 / $volume), $nitrate->after->central ?? NAN, 0.8);
    }

    public function testTheBlendThatWasChosenIsTheOneReckonedWith(): void
    {
        [$keeper, $tank, $tap] = $this->readyTank();
        $rain = $this->water($keeper, 'Rain', 'rain');
        $checklist = $this->writeRun(
            $keeper,
            $tank,
            ['reason' => 'amount', 'way' => 'litres', 'litres' => '30', 'water' => $tap->id, 'second_water' => $rain->id, 'second_share' => '50'],
        );
        $this->actingAs($keeper)->post("/checklists/$checklist->id/again", ['level' => '20', 'litres' => '30'])->assertRedirect();
        $kept = $checklist->forecast->row(Parameter::Conductivity)->toKeep();
        // The same plan again gives the same forecast: half tap, half rain.
        self::assertEqualsWithDelta(
            json_decode((string) json_encode($kept), true),
            $checklist->refresh()->forecast->row(Parameter::Conductivity)->toKeep(),
            1e-6,
        );
    }

    public function testWaterThatRunsInMeanwhileIsNotForgottenInANewPlan(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30', 'inflow' => '50']);
        $this->actingAs($keeper)->post("/checklists/$checklist->id/again", ['level' => '20', 'litres' => '20'])->assertRedirect();

        // The level falls by 20 L while half of 40 L comes back.
        self::assertStringContainsString(
            "Drain 40.0\u{A0}L while 20.0\u{A0}L run in",
            (string) $checklist->steps()->where('job', 'drain')->firstOrFail()->content->lines[0],
        );
        self::assertEqualsWithDelta(40.0, $checklist->refresh()->plan->out, 1e-6);
    }

    public function testTheWaysOfTheTankStandOnInANewPlan(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $tank->update(['schools' => ['filter' => 'covered']]);
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30']);
        $this->post("/checklists/$checklist->id/again", ['level' => '20', 'litres' => '45'])->assertRedirect();
        $lines = $checklist->steps()->where('job', 'refill')->firstOrFail()->content->lines;

        self::assertCount(3, $lines);
        self::assertStringContainsString('45', (string) $lines[0]);
        self::assertStringStartsWith('With new water at 25', (string) $lines[1]);
        self::assertStringContainsString('Filter on as soon as its intake is under water, valves first: the', (string) $lines[2]);
    }

    public function testWhatTheAnimalsDoNotStandIsSaidHereToo(): void
    {
        [$keeper, $tank, $checklist] = $this->running([]);
        $tank->update(['fish_height' => 150]);
        $this->actingAs($keeper)->get("/checklists/$checklist->id/again?level=20&litres=60")->assertSee('Too shallow for the fish.');
        $this->get("/checklists/$checklist->id/again?level=20&litres=10")->assertDontSee('Too shallow for the fish.');
    }

    public function testAFinishedSheetIsNotPlannedAgain(): void
    {
        [$keeper, , $checklist] = $this->running([]);
        Checklist::query()->whereKey($checklist->id)->update(['state' => 'done', 'holds' => null, 'finished_at' => now()]);
        $this->actingAs($keeper)->get("/checklists/$checklist->id/again")->assertRedirect("/checklists/$checklist->id");
        $before = $checklist->refresh()->plan;
        $this->post("/checklists/$checklist->id/again", ['level' => '60', 'litres' => '20']);
        self::assertEquals($before, $checklist->refresh()->plan);
    }

    public function testThePaperHasEveryStepAndItsCautions(): void
    {
        [$keeper, , $checklist] = $this->running(['trim', 'media']);
        $page = $this->actingAs($keeper)->get("/checklists/$checklist->id/print")->assertOk();
        foreach ($checklist->steps as $step) {
            $page->assertSee($step->title());
        }
        foreach ([
            'Never start a siphon by mouth', 'Unplug before you put your hands in', 'Blades and scissors', 'Cover cuts',
            'No plants, animals or tank water into streams',
        ] as $caution) {
            $page->assertSee($caution);
        }
        // The mark is drawn to scale: one unit of the drawing is a millimetre of paper.
        $mark = $checklist->plan->mark;
        $this->get("/checklists/$checklist->id/strip")->assertOk()->assertSee('width="90mm"', false)
            ->assertSee('stop '.round(is_numeric($mark) ? (float) $mark : 0.0));
    }

    /**
     * @param list<string> $tasks
     *
     * @return array{Keeper, Tank, Checklist} 30 L to be drained, nothing done yet
     */
    private function running(array $tasks): array
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30', 'tasks' => $tasks]);

        return [$keeper, $tank, $checklist->load('steps')];
    }
}
