<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ChecklistStep;
use App\Models\SubstrateZone;

/** The substrate in zones through the application. */
final class ZonesTest extends FeatureCase
{
    public function testABedIsCutCleanedSplitAndJoined(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/gravel-vac")->assertOk()->assertSee('Divide it into zones');
        $this->post("/tanks/$tank->id/gravel-vac", ['cover' => 'mud'])->assertSessionHasErrors('cover');
        $this->post("/tanks/$tank->id/gravel-vac", ['cover' => 'gravel'])->assertSessionHasNoErrors();
        // 500 mm by 500 mm, an arm reaches 300: two by two.
        $zones = $tank->zones()->orderBy('id')->get();
        self::assertCount(4, $zones);
        $first = $zones->firstOrFail();
        $this->get("/tanks/$tank->id/gravel-vac")->assertOk()->assertSee('plunge, lift, let it fall')->assertSee('Next:')->assertSee('never vacuumed')->assertDontSee('last vacuumed');
        $this->post("/tanks/$tank->id/gravel-vac/$first->id/clean")->assertRedirect();
        self::assertNotNull($first->refresh()->cleaned_at);
        self::assertCount(1, $first->cleanings()->get());
        $this->get("/tanks/$tank->id/gravel-vac")->assertSeeInOrder(['last vacuumed ', '(once)', 'never vacuumed']);
        $this->put("/tanks/$tank->id/gravel-vac/$first->id", ['cover' => 'carpet'])->assertSessionHasNoErrors();
        $this->put("/tanks/$tank->id/gravel-vac/$first->id", ['cover' => '<i>'])->assertSessionHasErrors('cover');
        $this->post("/tanks/$tank->id/gravel-vac/$first->id/split")->assertRedirect();
        self::assertSame(5, $tank->zones()->count());
        $other = SubstrateZone::query()->latest('id')->firstOrFail();
        $this->post("/tanks/$tank->id/gravel-vac/$first->id/merge/$other->id")->assertRedirect();
        self::assertSame(4, $tank->zones()->count());
        self::assertEqualsWithDelta(1.0, $tank->zones()->get()->sum(static fn(SubstrateZone $zone): float => $zone->toCore()->area()), 1e-9);
        $this->post("/tanks/$tank->id/gravel-vac/$first->id/merge/$first->id")->assertSessionHas('status', 'These two corners make no rectangle.');
        $this->post("/tanks/$tank->id/gravel-vac/999/clean")->assertNotFound();
    }

    public function testASessionNamesItsPatchesAndFinishingCleansThemOnce(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post("/tanks/$tank->id/gravel-vac", ['cover' => 'sand']);
        $checklist = $this->writeRun($keeper, $tank, ['tasks' => ['vacuum']]);
        $step = $checklist->steps()->where('job', 'vacuum')->firstOrFail();
        $zones = $step->content->zones;
        self::assertIsArray($zones);
        // A quarter each, a third of the substrate at most: one zone.
        self::assertCount(1, $zones);
        $this->get("/checklists/$checklist->id?step=$step->position")->assertOk()->assertSee('see the gravel-vac zones');
        foreach ([1, 2] as $ignored) {
            $this->post("/checklists/$checklist->id/steps/$step->position")->assertRedirect();
        }
        $zone = SubstrateZone::query()->whereIn('id', $zones)->firstOrFail();
        self::assertNotNull($zone->cleaned_at);
        self::assertSame([$checklist->id], $zone->cleanings()->pluck('checklist_id')->all());
    }

    public function testTooLittleWaterLetsAPatchWait(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post("/tanks/$tank->id/gravel-vac", ['cover' => 'sand']);
        // A quarter of 0.25 m2 takes 45 s, some 8 L at 11 L/min; 8 of the 12 L are for rinsing.
        $this->get("/tanks/$tank->id/maintenance?reason=amount&way=litres&litres=12&tasks[]=vacuum&tasks[]=media")->assertOk()
            ->assertSee('for rinsing the media')->assertSee('has to wait: not enough water today.');
        $this->get("/tanks/$tank->id/maintenance?reason=amount&way=litres&litres=30&tasks[]=vacuum&tasks[]=media")->assertSee('by gravel vac, zone')
            ->assertDontSee('must wait');
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '12', 'tasks' => ['vacuum', 'media']]);
        self::assertSame([], $checklist->steps()->where('job', 'vacuum')->firstOrFail()->content->zones);
    }

    public function testASkippedVacuumLeavesThePatchesWaiting(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post("/tanks/$tank->id/gravel-vac", ['cover' => 'sand']);
        $checklist = $this->writeRun($keeper, $tank, ['tasks' => ['vacuum']]);
        $step = $checklist->steps()->where('job', 'vacuum')->firstOrFail();
        $this->post("/checklists/$checklist->id/steps/$step->position", ['skip' => '1'])->assertRedirect();

        self::assertTrue(ChecklistStep::query()->findOrFail($step->id)->skipped);
        self::assertSame(0, SubstrateZone::query()->whereNotNull('cleaned_at')->count());
    }

    public function testABedThatIsLeftAloneHasNoNextPatch(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post("/tanks/$tank->id/gravel-vac", ['cover' => 'fired_soil']);
        $tank->update(['schools' => ['bed' => 'leave']]);
        $this->get("/tanks/$tank->id/gravel-vac")->assertOk()->assertSee('None today.');
        $checklist = $this->writeRun($keeper, $tank->fresh() ?? $tank, ['tasks' => ['vacuum']]);
        self::assertSame([], $checklist->steps()->where('job', 'vacuum')->firstOrFail()->content->zones);
    }
}
