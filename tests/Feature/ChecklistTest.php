<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\ChecklistStep;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\Reading;
use App\Models\Tank;
use App\Tanks\WatersQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;

final class ChecklistTest extends FeatureCase
{
    private Keeper $keeper;

    private Tank $tank;

    private Checklist $checklist;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->keeper, $this->tank] = $this->readyTank();
        $this->checklist = $this->writeRun($this->keeper, $this->tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30']);
    }

    private function position(string $job): int
    {
        return $this->checklist->steps()->where('job', $job)->firstOrFail()->position;
    }

    /** @param array<string, mixed> $with */
    private function finish(string $job, array $with = []): void
    {
        $this->post("/checklists/{$this->checklist->id}/steps/".$this->position($job), $with)->assertSessionHasNoErrors();
    }

    private function finishUntil(string $job): void
    {
        foreach ($this->checklist->steps()->pluck('job') as $step) {
            if ($step === $job) {
                return;
            }
            if ($step === 'on') {
                $this->allOn();
            }
            $this->finish(is_string($step) ? $step : '');
        }
    }

    private function allOn(): void
    {
        foreach (['heater', 'canister'] as $device) {
            $this->post("/checklists/{$this->checklist->id}/switches/$device", ['to' => 'on'])->assertRedirect();
        }
    }

    public function testAWholeSessionEndsInTheDiaryAndTheLookBack(): void
    {
        $this->finishUntil('read_after');
        $this->finish('read_after', ['readings' => ['conductivity' => '348', 'nitrate' => '20-40']]);
        $this->finish('lid');
        $this->finish('close');

        $checklist = $this->checklist->refresh();
        self::assertSame(ChecklistState::Done, $checklist->state);
        $change = Entry::query()->where('kind', EntryKind::Change)->sole();
        self::assertSame("Changed 30\u{A0}L (30\u{A0}%)", $change->title);
        $this->get("/checklists/$checklist->id")->assertRedirect("/checklists/$checklist->id/forecast-check");
        $this->get("/checklists/$checklist->id/forecast-check")->assertOk()->assertSee('The forecast was right.');
        $this->get("/tanks/{$this->tank->id}/log")->assertSee($change->title);
    }

    public function testEachStepIsCalledByItsNameInTheOrderAndAnOlderOneAsItWasWritten(): void
    {
        $step = $this->checklist->steps()->where('job', 'drain')->firstOrFail();
        $page = (string) $this->get("/checklists/{$this->checklist->id}")->assertOk()->getContent();
        preg_match('~<aside class="run-order".*?</aside>~s', $page, $order);
        foreach ($this->checklist->steps as $one) {
            self::assertStringContainsString('</span> '.e($one->title())."\n", $order[0] ?? '', $one->job);
        }
        self::assertSame(['Drain to the mark', 'At the mark'], [$step->title(), $step->act()]);
        $step->update(['content' => ['title' => 'Let it run out', 'lines' => ['30 L out']] + $step->content->toKeep()]);
        $this->get("/checklists/{$this->checklist->id}?step=$step->position")->assertSee('Let it run out')->assertSee('At the mark')->assertSeeText('30 L out');
    }

    public function testReadingsAreTakenInTheStepWhereTheyBelong(): void
    {
        $this->finishUntil('refill');
        $this->finish('refill', ['readings' => ['temperature' => '23.4', 'conductivity' => '395']]);
        self::assertSame($this->tank->source_water_id, Reading::query()->where('value', 395)->sole()->source_water_id);
        $this->finish('check');

        // The stream is warmed: its temperature is neither the tank's nor the tap's.
        $stream = Reading::query()->where('parameter', 'temperature')->where('value', 23.4)->sole();
        self::assertNull($stream->source_water_id);
        self::assertNull($stream->tank_id);
        self::assertSame($this->tank->id, $stream->entry()->sole()->tank_id);
    }

    public function testWhatIsReadOfABlendIsNoReadingOfItsParts(): void
    {
        $rain = $this->water($this->keeper, 'Rain', 'rain');
        $this->keeper->unsetRelations();
        $checklist = $this->writeRun(
            $this->keeper,
            $this->tank,
            ['reason' => 'amount', 'way' => 'litres', 'litres' => '30', 'second_water' => (string) $rain->id, 'second_share' => '50'],
        );
        $refill = $checklist->steps()->where('job', 'refill')->sole();
        $this->post("/checklists/$checklist->id/steps/$refill->position", ['readings' => ['conductivity' => '207']]);

        $reading = Reading::query()->where('value', 207)->sole();
        self::assertNull($reading->source_water_id);
        self::assertNull($reading->tank_id);
        $this->get("/tanks/{$this->tank->id}/log")->assertSee('Tested the new water for Brook')->assertSee('207');
    }

    public function testInAQuickSessionTheReadingBeforeIsStillTheOneBefore(): void
    {
        // A day after the tank was read, whenever that is.
        $evening = CarbonImmutable::tomorrow()->setTime(18, 0);
        $this->travelTo($evening);
        $this->finishUntil('read');
        $this->finish('read', ['readings' => ['conductivity' => '335']]);
        $this->travelTo($evening->addMinutes(9));
        $this->finishUntil('read_after');
        $this->finish('read_after', ['readings' => ['temperature' => '24.6']]);
        $this->travelTo($evening->addMinutes(50));
        $this->finish('lid');
        $this->finish('close');
        $state = WatersQuery::around($this->tank, [])->tank();

        self::assertTrue($state->isAssumed(Parameter::Conductivity));
        self::assertNotEqualsWithDelta(335.0, $state->central(Parameter::Conductivity, 0), 1.0);
        // However long the checklist stays open afterwards, the after-test is the after-test.
        self::assertFalse($state->isAssumed(Parameter::Temperature));
        self::assertSame(24.6, $state->central(Parameter::Temperature, 0));
    }

    public function testWhatASecondBrowserReadsAfterTheSheetIsClosedIsNotLost(): void
    {
        $this->finishUntil('close');
        $this->finish('close');
        $this->post("/checklists/{$this->checklist->id}/steps/".$this->position('read_after'), ['readings' => ['general_hardness' => '8']])->assertRedirect();

        self::assertSame(1, $this->checklist->steps()->where('job', 'read_after')->sole()->readings()->count());
        self::assertSame(1, Entry::query()->where('kind', EntryKind::Change)->count());
    }

    public function testABadReadingHoldsTheStepAndKeepsWhatWasTyped(): void
    {
        $position = $this->position('read');
        $this->from("/checklists/{$this->checklist->id}")->followingRedirects()
            ->post("/checklists/{$this->checklist->id}/steps/$position", ['readings' => ['ph' => '77', 'nitrate' => '20-40']]);
        self::assertNull($this->checklist->steps()->where('job', 'read')->value('done_at'));
        self::assertSame(0, Reading::query()->whereNotNull('checklist_step_id')->count());
    }

    public function testTwoBrowsersFinishingTheSameStepDoNoHarm(): void
    {
        $this->finishUntil('read');
        $url = "/checklists/{$this->checklist->id}/steps/".$this->position('read');
        $this->post($url, ['readings' => ['ph' => '7.1', 'nitrate' => '20-40'], 'note' => 'first']);
        $this->post($url, ['readings' => ['ph' => '7.3', 'temperature' => '25.1'], 'note' => 'second'])->assertSessionHas('status');

        $step = ChecklistStep::query()->where('job', 'read')->with('readings')->sole();
        self::assertSame('first', $step->note);
        // The first reading of pH stands; the temperature that only the second had is not lost.
        self::assertEqualsCanonicalizing(
            ['ph' => 7.1, 'nitrate' => 30.0, 'temperature' => 25.1],
            $step->readings->mapWithKeys(fn(Reading $r) => [$r->parameter->value => $r->value])->all(),
        );
    }

    public function testClosingTwiceWritesOneEntry(): void
    {
        $this->finishUntil('close');
        $this->finish('close');
        $this->post("/checklists/{$this->checklist->id}/steps/".$this->position('close'))->assertRedirect();

        self::assertSame(1, Entry::query()->where('kind', EntryKind::Change)->count());
    }

    public function testWhatWentOffMustBeTickedOn(): void
    {
        $this->finishUntil('on');
        $url = "/checklists/{$this->checklist->id}/steps/".$this->position('on');
        $this->post("/checklists/{$this->checklist->id}/switches/heater", ['to' => 'on']);
        $this->post($url)->assertSessionHasErrors(['switches' => 'Still off: canister filter. Tick each one once it runs.']);
        $this->post($url, ['skip' => '1'])->assertSessionHasErrors('switches');
        $this->post("/checklists/{$this->checklist->id}/steps/".$this->position('close'))->assertSessionHasErrors('switches');
        self::assertNull($this->checklist->steps()->where('job', 'on')->value('done_at'));

        $this->get('/')->assertSee('Still off: canister filter');
        $this->delete("/checklists/{$this->checklist->id}")->assertSessionHasErrors('switches');
        $this->post("/checklists/{$this->checklist->id}/switches/canister", ['to' => 'on']);
        $this->post($url)->assertSessionHasNoErrors();
    }

    public function testAReadingTypedInAStepThatDoesNotCloseIsNotHalfKept(): void
    {
        $this->finishUntil('on');
        $this->post("/checklists/{$this->checklist->id}/steps/".$this->position('close'), ['note' => 'x'])->assertSessionHasErrors('switches');
        self::assertNull($this->checklist->steps()->where('job', 'close')->value('note'));
    }

    public function testADeviceThatStaysOnIsNotOnTheList(): void
    {
        $this->finishUntil('off');
        $this->finish('off', ['left_on' => ['canister']]);

        self::assertNull($this->checklist->switches()->where('device', 'canister')->value('off_at'));
        self::assertNotNull($this->checklist->switches()->where('device', 'heater')->value('off_at'));
        // On again means nothing for what never went off.
        $this->post("/checklists/{$this->checklist->id}/switches/canister", ['to' => 'on']);
        self::assertNull($this->checklist->switches()->where('device', 'canister')->value('on_at'));
    }

    public function testTickingTwiceKeepsTheFirstTime(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 18:00'));
        $this->post("/checklists/{$this->checklist->id}/switches/heater", ['to' => 'off']);
        $this->travelTo(CarbonImmutable::parse('2026-03-01 18:20'));
        $this->post("/checklists/{$this->checklist->id}/switches/heater", ['to' => 'off']);

        self::assertSame('18:00', $this->checklist->switches()->where('device', 'heater')->sole()->off_at?->format('H:i'));
    }

    public function testItGoesOnWhereItStoodOnAnyDevice(): void
    {
        $this->finishUntil('off');
        $this->get("/checklists/{$this->checklist->id}")->assertOk()->assertSee('<h1>Switch off</h1>', false);
        $this->flushSession();
        $this->actingAs($this->keeper)->get("/checklists/{$this->checklist->id}")->assertSee('<h1>Switch off</h1>', false);
        $this->get('/')->assertSee('Step 4 of');
    }

    public function testATimerRunsFromTheEndOfTheStepBeforeIt(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 18:00:00'));
        $this->finishUntil('cool');
        $this->travelTo(CarbonImmutable::parse('2026-03-01 18:05:00'));
        $rings = CarbonImmutable::parse('2026-03-01 18:15:00')->getTimestamp();

        $this->get("/checklists/{$this->checklist->id}")->assertSee('data-rings="'.$rings.'"', false);
    }

    public function testLookingAtAStepWritesNothingAndSayingSoDoesOnce(): void
    {
        $first = fn() => $this->checklist->steps()->orderBy('position')->firstOrFail()->opened_at?->format('H:i');
        $this->travelTo(CarbonImmutable::parse('2026-03-01 18:00'));
        $this->get("/checklists/{$this->checklist->id}")->assertOk()->assertSee('/steps/1/open');
        self::assertNull($first());

        $this->post("/checklists/{$this->checklist->id}/steps/1/open")->assertNoContent();
        $this->travelTo(CarbonImmutable::parse('2026-03-01 18:10'));
        $this->post("/checklists/{$this->checklist->id}/steps/1/open")->assertNoContent();

        self::assertSame('18:00', $first());
        $this->get("/checklists/{$this->checklist->id}")->assertDontSee('/steps/1/open');
        // A look ahead begins nothing.
        $this->get("/checklists/{$this->checklist->id}?step=3")->assertDontSee('/open');
    }

    public function testCautionsStandInTheStepsWhereTheyBite(): void
    {
        $at = fn(string $job) => $this->get("/checklists/{$this->checklist->id}?step=".$this->position($job))->assertOk();
        $at('off')->assertSee('Unplug before you put your hands in or drain. Let cables hang in a');
        $at('drain')->assertSee('Never start a siphon by mouth')->assertSee('The heater is out of water at this level');
        $at('refill')->assertSee('backflow preventer');
        $at('hands')->assertSee('See a doctor');
    }

    public function testASkippedStepKeepsItsReason(): void
    {
        $this->finish('look', ['skip' => '1', 'note' => 'lamp was off']);
        $step = $this->checklist->steps()->where('job', 'look')->sole();

        self::assertTrue($step->skipped);
        self::assertSame('lamp was off', $step->note);
    }

    public function testASheetUnderWayIsNotWrittenOver(): void
    {
        $this->finish('look');
        $this->actingAs($this->keeper)->post("/tanks/{$this->tank->id}/checklists", ['reason' => 'routine'])
            ->assertRedirect("/checklists/{$this->checklist->id}");
        self::assertSame(1, Checklist::query()->count());
    }

    public function testASheetNotBegunGivesWayToANewOne(): void
    {
        $this->actingAs($this->keeper)->post("/tanks/{$this->tank->id}/checklists", ['reason' => 'routine']);
        self::assertSame(1, Checklist::query()->count());
        self::assertSame('routine', Checklist::query()->sole()->plan->reason ?? null);
    }

    public function testADroppedSheetKeepsWhatWasRead(): void
    {
        $this->finishUntil('read');
        $this->finish('read', ['readings' => ['ph' => '7.15']]);
        $this->delete("/checklists/{$this->checklist->id}")->assertRedirect("/tanks/{$this->tank->id}");

        self::assertSame(ChecklistState::Dropped, $this->checklist->refresh()->state);
        self::assertSame(1, Reading::query()->where('value', 7.15)->count());
        $this->get("/checklists/{$this->checklist->id}")->assertRedirect();
    }

    public function testNonsenseDoesNotBreakIt(): void
    {
        $this->post("/checklists/{$this->checklist->id}/steps/999")->assertNotFound();
        $this->post("/checklists/{$this->checklist->id}/switches/teapot", ['to' => 'off'])->assertNotFound();
        $this->post("/checklists/{$this->checklist->id}/switches/heater", ['to' => 'sideways'])->assertSessionHasErrors('to');
        $this->post("/checklists/{$this->checklist->id}/steps/1", ['note' => str_repeat('x', 10000)])->assertSessionHasErrors('note');
        $this->post("/checklists/{$this->checklist->id}/steps/1", ['readings' => 'x'])->assertSessionHasErrors('readings');
        $this->get("/checklists/{$this->checklist->id}?step=-4")->assertOk();
        $this->get("/checklists/{$this->checklist->id}?step[]=x")->assertOk();
    }
}
