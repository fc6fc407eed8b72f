<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Checklist;
use App\Models\Entry;
use App\Models\FollowUp;
use App\Models\Keeper;
use App\Models\Reading;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a session leaves for later: the look in the evening, media the next day, and the day that was picked. */
final class FollowUpTest extends FeatureCase
{
    /**
     * @param array<string, mixed> $asked
     *
     * @return array{Keeper, Tank, Checklist} a session that ended at 18:00
     */
    private function ended(array $asked = []): array
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 17:00'));
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, $asked);
        $this->travelTo(CarbonImmutable::parse('2026-03-01 18:00'));
        foreach ($checklist->steps()->orderBy('position')->get() as $step) {
            if ($step->job === 'on') {
                $checklist->switches()->whereNotNull('off_at')->update(['on_at' => now()]);
            }
            $this->post("/checklists/$checklist->id/steps/$step->position");
        }

        return [$keeper, $tank, $checklist->refresh()];
    }

    /** @return iterable<string, array{string, bool}> */
    public static function hours(): iterable
    {
        yield 'soon after' => ['2026-03-01 19:30', false];
        yield 'two hours later' => ['2026-03-01 20:05', true];
        yield 'at midnight' => ['2026-03-02 00:00', true];
        yield 'the next morning' => ['2026-03-02 06:30', false];
    }

    #[DataProvider('hours')]
    public function testTheLookInTheEveningIsDueInTheEvening(string $at, bool $isDue): void
    {
        $this->ended();
        $this->travelTo(CarbonImmutable::parse($at));
        $page = $this->get('/')->assertOk();
        $isDue ? $page->assertSee('Check the tank once more') : $page->assertDontSee('Check the tank once more');
    }

    public function testAllWellIsOneTapAndCountsOnce(): void
    {
        [, $tank, $checklist] = $this->ended();
        $this->travelTo(CarbonImmutable::parse('2026-03-01 20:30'));
        $this->get("/checklists/$checklist->id/after/evening")->assertOk()->assertSee('breathing calmly')->assertSee('All well');
        $this->post("/checklists/$checklist->id/after/evening", ['readings' => ['temperature' => '24.6', 'nitrate' => '15']])->assertRedirect('/');
        $this->post("/checklists/$checklist->id/after/evening", ['note' => 'again'])->assertRedirect('/')
            ->assertSessionHas('status', 'That was already done; nothing counts twice.');

        self::assertSame(1, Entry::all()->where('title', 'Check the tank once more')->count());
        self::assertSame('All well.', Entry::all()->firstWhere('title', 'Check the tank once more')?->body);
        self::assertEqualsWithDelta(
            24.6,
            Reading::query()->where('tank_id', $tank->id)->where('parameter', 'temperature')->latest('id')->firstOrFail()->toCore()->distribution()->central(),
            1e-9,
        );
        // Only what can be read in passing is taken here.
        self::assertSame(1, Reading::query()->where('taken_at', '>', '2026-03-01 20:00')->count());
        $this->get('/')->assertDontSee('Check the tank once more');
        $this->get("/checklists/$checklist->id/after/evening")->assertRedirect("/checklists/$checklist->id/forecast-check");
        $this->get("/checklists/$checklist->id/forecast-check")->assertSee('Check the tank once more: done');
    }

    public function testABadReadingHoldsItAndNothingIsHalfKept(): void
    {
        [, , $checklist] = $this->ended();
        $this->travelTo(CarbonImmutable::parse('2026-03-01 20:30'));
        $this->post("/checklists/$checklist->id/after/evening", ['readings' => ['temperature' => 'warm'], 'note' => 'One gasps'])
            ->assertSessionHasErrors('readings.temperature')->assertSessionHasInput('note', 'One gasps');
        $this->post("/checklists/$checklist->id/after/evening", ['note' => str_repeat('x', 1001)])->assertSessionHasErrors('note');
        self::assertNull(FollowUp::query()->firstOrFail()->done_at);
        $this->post("/checklists/$checklist->id/after/evening", ['note' => 'One <b>gasps</b>'])->assertSessionHasNoErrors();
        $this->get('/log')->assertSee('One <b>gasps</b>');
    }

    public function testMediaAreRinsedTheNextDayWhereThatIsTheWay(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 17:00'));
        [$keeper, $tank, $checklist] = $this->ended(['tasks' => ['media']]);
        $this->get("/checklists/$checklist->id/after/media")->assertNotFound();
        Tank::query()->whereKey($tank->id)->update(['schools' => '{"media":"next_day"}']);
        $next = $this->writeRun($keeper, $tank->fresh() ?? $tank, ['tasks' => ['media']]);
        self::assertSame(0, $next->steps()->where('job', 'media')->count());
        foreach ($next->steps()->orderBy('position')->get() as $step) {
            $next->switches()->whereNotNull('off_at')->update(['on_at' => now()]);
            $this->post("/checklists/$next->id/steps/$step->position");
        }
        $this->travelTo(CarbonImmutable::parse('2026-03-02 12:00'));
        $this->get('/')->assertSee('Rinse the filter media');
        $this->get("/checklists/$next->id/after/media")->assertSee('never under the tap')
            ->assertSee('Unplug before you put your hands in or drain. Let cables hang in a');
        $this->post("/checklists/$next->id/after/media");
        $this->get('/')->assertDontSee('Rinse the filter media')->assertSee('Test again today');
    }

    /** @return iterable<string, array{string, string}> */
    public static function days(): iterable
    {
        yield 'days ahead' => ['2026-03-03 09:00', 'Planned for Saturday, in 4 days'];
        yield 'the day before' => ['2026-03-06 22:00', 'Planned for tomorrow'];
        yield 'on the day' => ['2026-03-07 00:30', 'Planned for today'];
        yield 'the day after' => ['2026-03-08 07:00', 'Planned for yesterday'];
        yield 'days late' => ['2026-03-10 07:00', 'Planned 3 days ago'];
    }

    #[DataProvider('days')]
    public function testASheetForADayShowsOnThatDay(string $now, string $said): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 17:00'));
        [$keeper, $tank] = $this->readyTank();
        $keeper->update(['timezone' => 'UTC']);
        $this->writeRun($keeper, $tank, ['day' => '2026-03-07']);
        $this->travelTo(CarbonImmutable::parse($now));
        $this->actingAs($keeper->fresh() ?? $keeper)->get('/')->assertSee($said);
    }

    public function testASheetForAnotherDayHidesNeitherTheEveningNorTheNextDay(): void
    {
        [$keeper, $tank] = $this->ended();
        $this->writeRun($keeper, $tank, ['day' => '2026-03-05']);
        $this->travelTo(CarbonImmutable::parse('2026-03-01 21:00'));
        $this->get('/')->assertSee('Check the tank once more');
        $this->travelTo(CarbonImmutable::parse('2026-03-02 12:00'));
        $this->get('/')->assertSee('Test again today');
        $this->travelTo(CarbonImmutable::parse('2026-03-04 12:00'));
        $this->get('/')->assertSee('Planned for tomorrow');
    }

    public function testSheetsForOtherDaysStandSideBySide(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 17:00'));
        [$keeper, $tank] = $this->readyTank();
        $later = $this->writeRun($keeper, $tank, ['day' => '2026-03-07']);
        $today = $this->writeRun($keeper, $tank, ['dry' => '1', 'tasks' => ['glass']]);
        self::assertSame(2, Checklist::query()->count());
        $this->get('/')->assertSee("/checklists/$today->id", false)->assertDontSee("/checklists/$later->id", false);
        $this->get("/tanks/$tank->id/maintenance?day=2026-03-07")->assertSee('for Saturday, 7 Mar')->assertSee('a new one takes its place');
        $this->writeRun($keeper, $tank, ['day' => '2026-03-07']);
        self::assertNull($later->fresh());
        self::assertNotNull($today->fresh());
    }

    public function testWorkThatWasDoneBySheetFallsDueAgain(): void
    {
        [$keeper, $tank] = $this->ended(['tasks' => ['glass', 'vacuum', 'photo']]);
        $tank->update(['routine_days' => 30]);
        $this->travelTo(CarbonImmutable::parse('2026-03-06 12:00'));
        $this->actingAs($keeper)->get('/')->assertSee('Nothing due');
        $this->travelTo(CarbonImmutable::parse('2026-03-08 12:00'));
        // Panes after a week; the substrate needs a change, and a photo no wet hands.
        $this->get('/')->assertSee('Due again: clean the glass')->assertSee('maintenance?dry=1&amp;tasks%5B0%5D=glass', false);
    }

    public function testAPatchThatWasMissedKeepsItsAgeAndIsNext(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 17:00'));
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post("/tanks/$tank->id/gravel-vac", ['across' => '3', 'deep' => '2', 'cover' => 'sand']);
        $tank->update(['schools' => ['bed' => 'all']]);
        $checklist = $this->writeRun($keeper, $tank, ['tasks' => ['vacuum']]);
        $step = $checklist->steps()->where('job', 'vacuum')->firstOrFail();
        self::assertStringContainsString('Bare sand: hover and skim', implode(' ', $step->content->lines));
        self::assertStringNotContainsString('plunge', implode(' ', $step->content->lines));
        $this->get("/checklists/$checklist->id?step=$step->position")->assertSee('1 Bare sand');
        $zones = $step->content->zones;
        self::assertIsArray($zones);
        self::assertGreaterThan(1, count($zones));
        $this->post("/checklists/$checklist->id/steps/$step->position", ['patches_asked' => '1', 'patches' => array_slice($zones, 1)])
            ->assertSessionHasNoErrors();

        self::assertNull($tank->zones()->whereKey($zones[0])->firstOrFail()->cleaned_at);
        self::assertNotNull($tank->zones()->whereKey($zones[1])->firstOrFail()->cleaned_at);
        Checklist::query()->whereKey($checklist->id)->update(['state' => 'done', 'holds' => null, 'started_at' => now(), 'finished_at' => now()]);
        $this->get("/checklists/$checklist->id/forecast-check")->assertSee('not reached, so next time: zone');
        $this->get("/checklists/$checklist->id/forecast-check")->assertSee('Minutes, step by step')->assertSee('skipped');
        $this->get("/tanks/$tank->id/maintenance?tasks[]=vacuum")->assertSee('by gravel vac, zones');
        // A cup of water does not feed them.
        $this->get("/tanks/$tank->id/maintenance?tasks[]=vacuum&reason=amount&way=litres&litres=1")->assertSee('have to wait: not enough water today.');
        $again = $this->writeRun($keeper, $tank, ['tasks' => ['vacuum']]);
        self::assertContains($zones[0], (array) $again->steps()->where('job', 'vacuum')->firstOrFail()->content->zones);
    }
}
