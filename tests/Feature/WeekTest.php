<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Data\ForecastRecord;
use App\Data\OwnEstimates;
use App\Data\WeekHabits;
use App\Exchange\CalendarFile;
use App\Exchange\FileFault;
use App\Models\Batch;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\ChecklistStep;
use App\Models\Chore;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\Tank;
use App\Schedule\CalendarFeed;
use App\Schedule\JobsQuery;
use App\Schedule\WeekDay;
use App\Schedule\WeekPage;
use App\Schedule\WeekQuery;
use App\Schedule\WeekWords;
use App\Supplies\SuppliesQuery;
use App\Tanks\BatchContent;
use App\Tanks\ChoresQuery;
use App\Tanks\ServiceLifeQuery;
use App\Tanks\TasksDoneQuery;
use App\Tanks\WaterUseQuery;
use App\Today\TonightPage;
use App\WaterChange\DraftChange;
use App\WaterChange\LogWaterChange;
use App\Words\StepWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\JobKind;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\JobType;
use Cresco\Core\Planning\UpcomingJob;
use Cresco\Core\Planning\Urgency;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

final class WeekTest extends FeatureCase
{
    /** @return array{Keeper, Tank} a keeper whose tank was changed six days ago, on a Tuesday */
    private function week(string $zone = 'Europe/Lisbon'): array
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-03 09:00', $zone));
        [$keeper, $tank, $water] = $this->readyTank();
        $keeper->update(['timezone' => $zone, 'week' => new WeekHabits([60, 60, 0, 60, 60, 120, 60], array_fill(0, 7, '18:30'), 15)]);
        $this->noteChange($keeper, $tank, $water, 30.0, CarbonImmutable::now()->subDays(6));

        return [$keeper->refresh(), $tank];
    }

    public function testTheChangeLiesOnItsDayAndComesAgain(): void
    {
        [$keeper] = $this->week();
        $week = new WeekQuery($keeper);
        $changes = array_values(array_filter($week->jobs, static fn(UpcomingJob $job): bool => $job->kind->key === 'change'));

        self::assertSame([1, 8, 15, 22], array_map(static fn(UpcomingJob $job): int => $job->day(), $changes));
        // Wednesday has no time: a day early, on Tuesday, costs 0.4, a day late 4.
        self::assertSame(0, $week->placement->day($changes[0]->id()));
        $this->actingAs($keeper)->get('/week')->assertOk()->assertSeeText('due tomorrow, but you have no time then')->assertSeeText('Tue 3 Mar');
    }

    public function testADayThatWasChosenIsTheDayThatIsPlanned(): void
    {
        [$keeper, $tank] = $this->week();
        preg_match_all(
            '#/tanks/\d+/(?:maintenance|water-change)[^"]*#',
            (string) $this->actingAs($keeper)->get('/week?from=1')->assertOk()->getContent(),
            $links,
        );
        $ahead = array_values(array_filter($links[0], static fn(string $link): bool => str_contains($link, 'day=')));
        self::assertNotSame([], $ahead);
        self::assertSame(1, preg_match('/day=(2026-03-\d\d)/', $ahead[0], $day));
        $this->get(html_entity_decode($ahead[0]))->assertOk()->assertSee('name="day" value="'.($day[1] ?? ''), false);
        // Today has its pages without a day.
        $this->get('/week')->assertSee("href=\"/tanks/$tank->id/water-change\"", false);
    }

    public function testAJobIsLaidOnAnotherDayAndWhatThatCostsIsSaidBefore(): void
    {
        [$keeper, $tank] = $this->week();
        $this->actingAs($keeper)->get('/week')->assertSee('/week/move?job='.$tank->id.'.change%400&amp;from=0', false);
        $this->get('/week/move?job='.$tank->id.'.change%400')->assertSeeText('Thu 5 Mar: a day late: plants or animals suffer', false);
        foreach (['', '?job[]=1', '?job=9.change%400'] as $nonsense) {
            $this->get('/week/move'.$nonsense)->assertRedirect('/week')->assertSessionHas('status');
            $this->get('/week/move'.$nonsense, ['HX-Request' => 'true'])->assertNotFound();
        }
        $this->post('/week/lay', ['job' => $tank->id.'.change', 'day' => '2026-03-05'])->assertRedirect('/week');
        $week = new WeekQuery($keeper);
        self::assertSame(2, $week->placement->day($tank->id.'.change@0'));
        $this->get('/week')->assertSeeText('moved here by you');
        // It stays when other things move, and goes back when the hand lets go.
        $keeper->update(['week' => new WeekHabits([5, 5, 5, 5, 5, 5, 5], array_fill(0, 7, '18:30'), 15)]);
        self::assertSame(2, (new WeekQuery($keeper))->placement->day($tank->id.'.change@0'));
        $this->post('/week/lay', ['job' => $tank->id.'.change', 'day' => '', 'was' => '2026-03-05'])->assertRedirect('/week');
        self::assertSame(0, $keeper->pinnedJobs()->count());
    }

    public function testADangerLiesOnTodayInWeekAndCalendarAsOnTheHomePage(): void
    {
        [$keeper, $tank] = $this->week();
        $this->actingAs($keeper)->get('/week')->assertDontSeeText('is dangerous');
        $this->read($keeper, $tank, ['ammonium' => '3', 'ph' => '8.2', 'temperature' => '26']);
        $head = $this->actingAs($keeper->fresh() ?? $keeper)->get('/')->assertOk();
        $week = $this->get('/week')->assertOk()->assertDontSeeText('Nothing to do today.');
        foreach ([$head, $week] as $page) {
            $page->assertSeeText(__('standing.free_ammonia.head'));
        }
        self::assertStringContainsString(
            'SUMMARY:Brook: '.__('standing.free_ammonia.head'),
            str_replace("\r\n ", '', CalendarFeed::of($keeper->fresh() ?? $keeper)),
        );
        // A later week says nothing of it, and a tank that cycles without animals neither.
        $this->get('/week?from=7')->assertDontSeeText(__('standing.free_ammonia.head'));
        $tank->cycling()->create(['way' => 'dark', 'source' => 'dosed', 'begun_on' => now()->subDays(9)->format('Y-m-d')]);
        foreach (['/', '/week'] as $page) {
            $this->actingAs($keeper->fresh() ?? $keeper)->get($page)->assertDontSeeText(__('standing.free_ammonia.head'));
        }
        // With animals in it, it is as dangerous as anywhere.
        $tank->animalKinds()->create(['kind' => 'tetra'])->events()->create(['kind' => 'came', 'count' => 6, 'day' => now()->subDays(2)->format('Y-m-d')]);
        foreach (['/', '/week'] as $page) {
            $this->actingAs($keeper->fresh() ?? $keeper)->get($page)->assertSeeText(__('standing.free_ammonia.head'));
        }
    }

    public function testAMovedTimeOfAWeeklyJobLeavesNothingBehindAndTheNextFollowsIt(): void
    {
        [$keeper, $tank] = $this->week();
        $keeper->update(['week' => new WeekHabits([60, 60, 60, 60, 60, 60, 60], array_fill(0, 7, '18:30'), 15)]);
        // Due on the 4th and weekly; five days later is nearer to the next time, but it is this one that was moved.
        $this->actingAs($keeper)->get('/week/move?job='.$tank->id.'.change%400')->assertSee('name="due"', false);
        $this->post('/week/lay', ['job' => $tank->id.'.change', 'day' => '2026-03-08', 'due' => '2026-03-04'])->assertRedirect('/week');
        $week = new WeekQuery($keeper->fresh() ?? $keeper);
        $days = array_map(
            static fn(UpcomingJob $job): ?int => $week->placement->day($job->id()),
            array_values(array_filter($week->jobs, static fn(UpcomingJob $job): bool => $job->kind->key === 'change')),
        );
        self::assertSame(5, $days[0]);
        $due = array_map(
            static fn(UpcomingJob $job): int => $job->day(),
            array_values(array_filter($week->jobs, static fn(UpcomingJob $job): bool => $job->kind->key === 'change')),
        );
        self::assertSame([1, 12, 19, 26], $due);
        $this->post('/week/lay', ['job' => $tank->id.'.change', 'day' => '2026-03-08', 'due' => 'soon'])->assertSessionHasErrors('due');
    }

    public function testCutsOfAWrittenSheetAreNotBookedAgain(): void
    {
        [$keeper, $tank] = $this->week();
        $plantGroup = $tank->plantGroups()->create([
            'kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1, 'wished' => 100,
        ]);
        $plantGroup->looks()->create(['happened_at' => now()->subDays(2), 'height' => 250, 'cover' => 1, 'guessed' => false]);
        $key = $tank->id.'.stand.'.$plantGroup->id;
        $first = static fn(WeekQuery $week): array => array_keys(array_filter(
            $week->jobs,
            static fn(UpcomingJob $job): bool => (string) $job->key === $key && $job->day() <= 7,
        ));
        self::assertSame([$key.'@0'], $first(new WeekQuery($keeper->fresh() ?? $keeper)));
        $checklist = $this->writeRun(
            $keeper->fresh() ?? $keeper,
            $tank->fresh() ?? $tank,
            ['reason' => 'routine', 'tasks' => ['trim'], 'planned_for' => '2026-03-06'],
        );
        $checklist->update(['planned_for' => '2026-03-06']);
        self::assertStringContainsString(
            '"stand":'.$plantGroup->id,
            (string) json_encode($checklist->steps()->where('job', 'trim')->sole()->content->toKeep()),
        );
        self::assertSame([], $first(new WeekQuery($keeper->fresh() ?? $keeper)));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a day gone by' => [['job' => '1.change', 'day' => '2026-03-02'], 'day'];
        yield 'a day far off' => [['job' => '1.change', 'day' => '2027-03-02'], 'day'];
        yield 'no day at all' => [['job' => '1.change', 'day' => 'soon'], 'day'];
        yield 'no job' => [['job' => '<b>', 'day' => '2026-03-05'], 'job'];
        yield 'a list for a job' => [['job' => ['x'], 'day' => '2026-03-05'], 'job'];
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('wrong')]
    public function testNonsenseLaysNothing(array $typed, string $field): void
    {
        [$keeper] = $this->week();
        $this->actingAs($keeper)->post('/week/lay', $typed)->assertSessionHasErrors($field);
        self::assertSame(0, $keeper->pinnedJobs()->count());
    }

    public function testDaysAwayHaveNoTimeAndSayWhy(): void
    {
        [$keeper] = $this->week();
        $this->actingAs($keeper)->post('/week/away', ['from_day' => '2026-03-03', 'until_day' => '2026-03-06', 'note' => 'by the sea'])
            ->assertRedirect('/week');
        $week = new WeekQuery($keeper);
        self::assertSame([0, 0, 0, 0, 120], array_slice($week->minutes, 0, 5));
        self::assertSame(4, $week->placement->day(array_key_first($week->jobs) ?? ''));
        $this->get('/week')->assertSeeText('by the sea');
        $this->post('/week/away', ['from_day' => '2026-03-09', 'until_day' => '2026-03-06'])->assertSessionHasErrors('until_day');
    }

    public function testADayOfTheCalendarIsTheSameDayFarFromGreenwich(): void
    {
        // Noon in Greenwich is the next day there.
        foreach (['Pacific/Auckland', 'Pacific/Kiritimati', 'Pacific/Pago_Pago'] as $zone) {
            $this->travelTo(CarbonImmutable::parse('2026-07-07 09:00', $zone));
            $keeper = $this->keeper('K'.md5($zone));
            $keeper->update(['timezone' => $zone]);
            $keeper->absences()->create(['from_day' => '2026-07-08', 'until_day' => '2026-07-09', 'note' => 'out']);
            $keeper->chores()->create(['kind' => 'reagents', 'next_on' => '2026-07-10']);
            $week = new WeekQuery($keeper->refresh());
            self::assertSame([1, 2], array_keys($week->taken), $zone);
            self::assertSame(3, array_values($week->jobs)[0]->day(), $zone);
            self::assertSame('tomorrow', $keeper->show()->date(CarbonImmutable::parse('2026-07-08')), $zone);
        }
    }

    public function testTheFlossTeachesItsDays(): void
    {
        [$keeper, $tank] = $this->week();
        $this->actingAs($keeper)->post('/tasks', ['kind' => 'floss', 'tank_id' => $tank->id, 'next_on' => '2026-03-03'])->assertRedirect('/tasks');
        $chore = Chore::query()->sole();
        $this->get('/week')->assertSeeText('New floss');
        $this->get('/')->assertSeeText('Due: new floss');
        foreach ([0, 7, 7, 7] as $days) {
            $this->travel($days)->days();
            $this->post("/tasks/$chore->id/done", ['found' => 'much'])->assertRedirect();
            // A second tap within the hour is the same turn.
            $this->post("/tasks/$chore->id/done", ['found' => 'much'])->assertRedirect();
        }
        self::assertSame(4, $chore->turns()->count());
        // Three times full after seven days: (0.7468 ln 7 + 3 ln 4.9) / 3.7468, as by hand.
        $this->get('/tasks')->assertSeeText('every 5 days (3 times, usual 7)');
        $this->get('/tasks?working='.$chore->id)->assertSeeText('due again after');
        self::assertSame(4, $keeper->entries()->where('title', 'New floss')->count());
        $this->get('/')->assertDontSeeText('Due: new floss');
    }

    public function testADangerLiesOnTodayOnEveryPageAndNobodyLaysItElsewhere(): void
    {
        [$keeper, $tank] = $this->week();
        $tank->readings()->where('parameter', 'ammonium')->delete();
        $this->read($keeper, $tank, ['ammonium' => '2']);
        $alarm = array_values(array_filter(JobsQuery::of($keeper)->at($tank->id), static fn(UpcomingJob $job): bool => $job->urgency === Urgency::Alarm))[0];
        self::assertSame(JobType::Concern, $alarm->key->type);
        // No day of the week has room, and one is asked for.
        $this->actingAs($keeper)->post('/week/lay', ['job' => (string) $alarm->key, 'day' => CarbonImmutable::now()->addDays(3)->format('Y-m-d')]);
        foreach (['/', '/week', '/tonight'] as $page) {
            $this->get($page)->assertOk()->assertSeeText('dangerous now');
        }
        self::assertSame(
            [(string) $alarm->key],
            array_map(static fn(UpcomingJob $job): string => (string) $job->key, (new WeekQuery($keeper->fresh() ?? $keeper))->urgent()),
        );
        self::assertStringContainsString('dangerous now', str_replace("\r\n ", '', CalendarFeed::of($keeper->fresh() ?? $keeper)));
        self::assertSame(0, $alarm->day());
    }

    public function testWhatWasFoundInASessionMovesItsDays(): void
    {
        [$keeper, $tank] = $this->week();
        foreach ([0, 7] as $days) {
            $this->travel($days)->days();
            $checklist = $this->writeRun($keeper, $tank, ['dry' => '1', 'tasks' => ['glass']]);
            $step = ChecklistStep::query()->where('checklist_id', $checklist->id)->where('job', 'glass')->sole();
            $this->get("/checklists/$checklist->id?step=$step->position")->assertSeeText('How much was there to do?');
            $this->done($checklist, ['glass' => ['found' => 'much']]);
        }
        $learned = TasksDoneQuery::intervals([$tank->id], OwnEstimates::read(null))[$tank->id]['glass'];
        self::assertSame([1, 7], [$learned->count(), $learned->usual]);
        self::assertSame(6, $learned->days());
        self::assertSame(
            [6],
            array_values(array_map(
                static fn(UpcomingJob $job): int => $job->day(),
                array_filter(JobsQuery::of($keeper)->at($tank->id), static fn(UpcomingJob $job): bool => $job->key->of === 'glass'),
            )),
        );
    }

    public function testWhatNeedsLowWaterGoesWithTheChange(): void
    {
        [$keeper, $tank] = $this->week();
        $checklist = $this->writeRun($keeper, $tank, ['tasks' => ['vacuum']]);
        $this->done($checklist);
        $this->travel(10)->days();
        $week = new WeekQuery($keeper);
        $vacuum = $tank->id.'.task.vacuum@0';
        self::assertSame($tank->id.'.change@', substr($week->with[$vacuum] ?? '', 0, strlen($tank->id.'.change@')));
        $change = $week->with[$vacuum];
        $day = (int) $week->placement->day($change);
        self::assertContains($vacuum, array_map(static fn(UpcomingJob $job): string => $job->id(), $week->on($day)));
        self::assertNull($week->placement->day($vacuum), 'it is laid with the change');
        $this->get('/week?from='.min(21, $day))->assertSeeText('with the water change, while the level is low');
    }

    /** @param array<string, array<string, string>> $typed by step */
    private function done(Checklist $checklist, array $typed = []): void
    {
        foreach ($checklist->steps()->get() as $step) {
            foreach ($checklist->switches()->whereNotNull('off_at')->whereNull('on_at')->get() as $tick) {
                $this->post("/checklists/$checklist->id/switches/".$tick->device->value, ['to' => 'on']);
            }
            $this->post("/checklists/$checklist->id/steps/$step->position", $typed[$step->job] ?? [])->assertSessionHasNoErrors();
        }
        self::assertSame(ChecklistState::Done, $checklist->refresh()->state);
    }

    public function testTheUnitMustRunSoEarlyThatTheWaterIsThere(): void
    {
        [$keeper, $tank, $water] = $this->readyTank('Lark');
        $this->travelTo(CarbonImmutable::parse('2026-03-03 09:00', 'UTC'));
        $keeper->update(['week' => new WeekHabits(array_fill(0, 7, 240), array_fill(0, 7, '18:00'), 15)]);
        $this->noteChange($keeper, $tank, $water, 30.0, CarbonImmutable::now()->subDays(6));
        $reservoir = $keeper->reservoirs()->create([
            'name' => 'Barrel', 'capacity' => 60, 'level' => 10, 'litres_per_day' => 48, 'waste' => 3, 'source_water_id' => $water->id,
        ]);
        $ready = (new WeekPage($keeper->refresh(), 0))->ready()[0];
        // Tomorrow at 18:00, an hour before: 30 % of the tank less 10 L, at 2 L an hour.
        $litres = array_values(array_filter((new WeekQuery($keeper))->jobs, static fn(UpcomingJob $job): bool => $job->litres > 0.0))[0]->litres;
        self::assertEqualsWithDelta(
            CarbonImmutable::parse('2026-03-04 17:00')->subMinutes((int) ceil(30.0 * ($litres - 10.0)))->getTimestamp(),
            $ready->by->getTimestamp(),
            61.0,
        );
        self::assertTrue($ready->alarms);
        $calendar = CalendarFeed::of($keeper);
        self::assertSame(1, substr_count($calendar, 'BEGIN:VALARM'));
        self::assertStringContainsString('Start Barrel by', $calendar);
        $reservoir->update(['level' => 60]);
        self::assertSame([], (new WeekPage($keeper->refresh(), 0))->ready());
    }

    public function testWhatRunsOutIsOrderedInTime(): void
    {
        [$keeper] = $this->week();
        $this->actingAs($keeper)->post(
            '/supplies',
            ['name' => 'Flakes', 'left' => '20', 'unit' => 'g', 'weekly' => '7', 'lead_days' => '5', 'expires_on' => ''],
        )->assertRedirect('/supplies');
        $this->get('/supplies')->assertSeeText('20 days')->assertSeeText('16 Mar');
        $this->get('/week')->assertSeeText('Order Flakes by 16 Mar');
        $this->get('/supplies?working=0')->assertSeeText('order in');
        $this->travel(14)->days();
        $this->get('/week')->assertSeeText('Order Flakes today');
        $this->post('/supplies', ['name' => '', 'left' => '-3', 'unit' => '', 'weekly' => 'some', 'lead_days' => '999'])
            ->assertSessionHasErrors(['name', 'left', 'unit', 'weekly', 'lead_days']);
        $this->post('/tasks', ['kind' => 'floss', 'tank_id' => '', 'every' => '0'])->assertSessionHasErrors('every');
        $this->post('/tasks', ['kind' => 'floss'])->assertSessionHasErrors('tank_id');
        $this->post('/tasks', ['kind' => 'own'])->assertSessionHasErrors('name');
        $this->post('/tasks', ['kind' => 'change'])->assertSessionHasErrors('kind');
    }

    public function testATankThatWasNeverChangedHasItsFirstChangeWithinItsRhythm(): void
    {
        $this->travelTo('2026-03-02 12:00');
        $keeper = $this->keeper();
        $tank = $this->tank($keeper);
        $tank->update(['routine_days' => 10]);
        $due = fn(): array => array_values(array_map(
            static fn(UpcomingJob $job): int => $job->day(),
            array_filter((new WeekQuery($keeper->fresh() ?? $keeper))->jobs, static fn(UpcomingJob $job): bool => (string) $job->key === $tank->id.'.change'),
        ));
        self::assertSame([10, 20], array_slice($due(), 0, 2));
        $this->travel(4)->days();
        self::assertSame([6, 16], array_slice($due(), 0, 2));
        // Once it is overdue it is for today, and the next comes ten days after that.
        $this->travel(16)->days();
        self::assertSame([-10, 10], array_slice($due(), 0, 2));
        $tank->cycling()->create(['way' => 'dark', 'source' => 'dosed', 'begun_on' => CarbonImmutable::now()->subDays(3)->format('Y-m-d')]);
        self::assertSame([], $due());
    }

    public function testWhatIsOverdueSaysSoUnlessTheHandLaidIt(): void
    {
        [$keeper, $tank] = $this->week();
        // Two days late on a day that is taken.
        $this->travel(3)->days();
        $keeper->absences()->create(['from_day' => CarbonImmutable::now()->format('Y-m-d'), 'until_day' => CarbonImmutable::now()->format('Y-m-d')]);
        $why = static function () use ($keeper, $tank): string {
            $week = new WeekQuery($keeper->fresh() ?? $keeper);

            return WeekWords::why($week, $week->jobs[$tank->id.'.change@0']);
        };
        self::assertSame('overdue for 2 days', $why());
        $keeper->pinnedJobs()->create(['job' => $tank->id.'.change', 'day' => CarbonImmutable::now()->addDays(2)->format('Y-m-d')]);
        self::assertSame('moved here by you', $why());
    }

    public function testATankThatWasLeftForWeeksIsLedBackInTheWeekAsOnTheRound(): void
    {
        $this->travelTo('2026-03-02 12:00');
        [$keeper, $tank, $water] = $this->readyTank();
        $tank->update(['routine_days' => 7, 'routine_share' => 0.3]);
        $this->noteChange($keeper, $tank, $water, 30.0, CarbonImmutable::now()->subDays(15));
        $jobs = fn(): array => array_values(array_map(
            static fn(UpcomingJob $job): array => [$job->kind->key, $job->day()],
            array_filter((new WeekQuery($keeper->fresh() ?? $keeper))->jobs, static fn(UpcomingJob $job): bool => (string) $job->key === $tank->id.'.change'),
        ));
        // Late, and no more than that: twice its seven days and two more are a long time.
        self::assertSame([['change', -8], ['change', 7]], array_slice($jobs(), 0, 2));
        $this->actingAs($keeper)->get('/week')->assertOk()->assertSee("/tanks/$tank->id/water-change")->assertDontSee("/tanks/$tank->id/catch-up");
        $this->travel(1)->days();
        self::assertSame([['way_back', -9], ['change', 7]], array_slice($jobs(), 0, 2));
        $page = $this->get('/week')->assertOk()->assertSeeText('Catch-up plan')->assertSee("/tanks/$tank->id/catch-up");
        // What water it takes is said by its page, step by step: none is asked to be ready for today.
        self::assertSame(0, preg_match('/ready by today/', (string) $page->getContent()));
        $this->get('/')->assertSee("/tanks/$tank->id/catch-up");
        // A change brings it back among the others.
        $this->noteChange($keeper, $tank, $water, 15.0, CarbonImmutable::now()->subHour());
        self::assertSame([['change', 7], ['change', 14]], array_slice($jobs(), 0, 2));
    }

    public function testBedMediaAndCutsOfATankThatIsLedBackAreLeftToItsSteps(): void
    {
        [$keeper, $tank] = $this->week();
        $this->done($this->writeRun($keeper, $tank, ['tasks' => ['vacuum', 'glass']]));
        $due = fn(string $task): array => array_values(array_map(
            static fn(UpcomingJob $job): int => $job->day(),
            array_filter(
                (new WeekQuery($keeper->fresh() ?? $keeper))->jobs,
                static fn(UpcomingJob $job): bool => (string) $job->key === $tank->id.'.task.'.$task,
            ),
        ));
        // A fortnight after the session the substrate is due; so are the panes, for a week.
        $this->travel(15)->days();
        self::assertSame([-1, -8], [$due('vacuum')[0], $due('glass')[0]]);
        // A day later nobody has changed the water for more than two weeks: the way back has a third of the substrate in its second session.
        $this->travel(1)->days();
        self::assertSame([14, -9], [$due('vacuum')[0], $due('glass')[0]]);
        $this->get("/tanks/$tank->id/catch-up")->assertOk()->assertSeeText("Gravel-vac 33\u{A0}% of the substrate, the zones you left longest.");
        self::assertContains('way_back', array_map(static fn(UpcomingJob $job): string => $job->kind->key, (new WeekQuery($keeper->fresh() ?? $keeper))->jobs));
    }

    /**
     * @return iterable<string, array{int, int, int, int}> days ago of the first daily dose, every how many were left out, days between
     *     those planned, and days that 100 g last
     */
    public static function bottles(): iterable
    {
        yield 'ten days of 10 g: no more is needed to know' => [9, 0, 0, 10];
        yield 'every other left out: half as much' => [20, 2, 0, 20];
        yield 'a year of it' => [364, 0, 0, 10];
        yield 'planned every second day, none given yet' => [-1, 0, 2, 20];
        yield 'planned daily, given seldom' => [27, 2, 1, 10];
    }

    #[DataProvider('bottles')]
    public function testABottleLastsAsItsDosesTakeIt(int $since, int $leftOut, int $planned, int $lasts): void
    {
        [$keeper, $tank] = $this->week();
        $product = $this->product($keeper, 'potassium_sulfate', 100.0);
        for ($day = $since; $day >= 0; --$day) {
            $tank->doses()->create([
                'product_id' => $product->id, 'name' => $product->name, 'amount' => 10.0, 'unit' => 'g', 'brings' => [],
                'given_at' => CarbonImmutable::now()->subDays($day), 'day' => CarbonImmutable::now()->subDays($day)->format('Y-m-d'),
                'missed' => $leftOut > 0 && $day % $leftOut === 0,
            ]);
        }
        if ($planned > 0) {
            $tank->dosePlans()->create([
                'product_id' => $product->id, 'amount' => 10.0, 'every' => $planned, 'starts_on' => CarbonImmutable::now()->format('Y-m-d'),
            ]);
        }
        $bottle = array_values(array_filter(SuppliesQuery::of($keeper), static fn(array $one): bool => $one['jar'] === $product->id));
        self::assertEqualsWithDelta($lasts, $bottle[0]['stock']->lasts(), 1.0);
    }

    /** @return iterable<string, array{list<int>}> days ago of doses of 20 g once a week */
    public static function weeks(): iterable
    {
        yield 'for months' => [range(3, 143, 7)];
        yield 'for as long as is looked back' => [range(0, 56, 7)];
        yield 'three times' => [[14, 7, 0]];
        yield 'twice' => [[7, 0]];
        yield 'once, just now' => [[0]];
    }

    public function testASheetForADayTakesThePlaceOfWhatItHoldsAndSaysItsOwnLitres(): void
    {
        [$keeper, $tank] = $this->week();
        $rain = $this->water($keeper, 'Rain', 'rain');
        $this->read($keeper, $rain, ['conductivity' => '20', 'temperature' => '12']);
        $change = $tank->id.'.change@';
        self::assertSame(30.0, (new WeekQuery($keeper->refresh()))->jobs[$change.'0']->litres);
        // The change would be due tomorrow, 30 of 100 L out of the tap. A checklist for the day after takes 40, a quarter of them rain.
        $checklist = $this->writeRun(
            $keeper,
            $tank,
            [
                'reason' => 'amount', 'way' => 'litres', 'litres' => '40', 'second_water' => (string) $rain->id, 'second_share' => '25',
                'tasks' => ['glass'], 'day' => CarbonImmutable::now()->addDays(2)->format('Y-m-d'),
            ],
        );
        self::assertSame([2, 0.25], [count($checklist->plan->waters), $checklist->plan->secondShare]);
        $week = new WeekQuery($keeper->refresh());
        $sheet = $week->jobs['sheet.'.$checklist->id.'@0'] ?? null;
        self::assertNotNull($sheet);
        self::assertSame([2, true, $checklist->plannedMinutes(), 2], [$sheet->day(), $sheet->isSet, $sheet->minutes, $week->placement->day($sheet->id())]);
        self::assertEqualsWithDelta($checklist->plan->refill, $sheet->litres, 1e-9);
        self::assertArrayNotHasKey($change.'0', $week->jobs);
        self::assertArrayHasKey($change.'1', $week->jobs);
        $litres = static fn(float $share): string => $keeper->show()->volume($share * $checklist->plan->refill);
        self::assertEqualsWithDelta(40.0, $checklist->plan->refill, 1.0);
        $page = $this->actingAs($keeper)->get('/week')->assertOk()->assertSee('/checklists/'.$checklist->id)
            ->assertSeeText($litres(0.25).' of Rain ready by')->assertSeeText('for Brook, mixed with Tap');
        // Tap water runs by itself.
        self::assertStringNotContainsString('of Tap ready', strip_tags((string) $page->getContent()));

        // One without a change leaves the change where it was.
        $checklist->update(['changes_water' => false]);
        $week = new WeekQuery($keeper->refresh());
        self::assertArrayHasKey($change.'0', $week->jobs);
        self::assertSame(0.0, $week->jobs['sheet.'.$checklist->id.'@0']->litres);
    }

    public function testOfAMixTheShareThatIsNotTapMustStandReady(): void
    {
        [$keeper, $tank] = $this->week();
        $ro = $this->water($keeper, 'RO', 'reverse_osmosis');
        $this->read($keeper, $ro, ['conductivity' => '8', 'temperature' => '15']);
        $tank->update(['source_water_id' => $ro->id, 'second_source_water_id' => $keeper->waters()->where('kind', 'tap')->sole()->id, 'second_share' => 0.4]);
        // 30 of 100 L, six tenths of them RO.
        $text = strip_tags((string) $this->actingAs($keeper->refresh())->get('/week')->assertOk()->getContent());
        self::assertStringContainsString($keeper->show()->volume(18.0).' of RO ready by', $text);
        self::assertStringNotContainsString('of Tap ready', $text);
        $tank->update(['source_water_id' => $tank->second_source_water_id, 'second_source_water_id' => $ro->id]);
        self::assertStringContainsString(
            $keeper->show()->volume(12.0).' of RO ready by',
            strip_tags((string) $this->actingAs($keeper->refresh())->get('/week')->getContent()),
        );
    }

    /** @param list<int> $days */
    #[DataProvider('weeks')]
    public function testOneDoseAWeekTakesOneDoseAWeekHoweverLongItHasBeenGiven(array $days): void
    {
        [$keeper, $tank] = $this->week();
        $product = $this->product($keeper, 'potassium_sulfate', 100.0);
        foreach ($days as $ago) {
            $tank->doses()->create([
                'product_id' => $product->id, 'name' => $product->name, 'amount' => 20.0, 'unit' => 'g', 'brings' => [],
                'given_at' => CarbonImmutable::now()->subDays($ago), 'day' => CarbonImmutable::now()->subDays($ago)->format('Y-m-d'),
            ]);
        }
        self::assertEqualsWithDelta(
            20.0,
            array_values(array_filter(SuppliesQuery::of($keeper), static fn(array $one): bool => $one['jar'] === $product->id))[0]['stock']->weekly,
            1e-9,
        );
    }

    public function testWhatAChangeTakesIsDrawnOfTheWatersThatItIsMadeOf(): void
    {
        foreach ([
            [[4], 0.3, [4 => 1.0]], [[4, 7], 0.25, [4 => 0.75, 7 => 0.25]], [[4, 7], 0.0, [4 => 1.0]], [[4, 7], 1.4, [7 => 1.0]],
            [[4, 4], 0.4, [4 => 1.0]], [[], 0.4, []],
        ] as [$waters, $second, $shares]) {
            self::assertEqualsWithDelta($shares, WaterUseQuery::shares($waters, $second), 1e-12);
        }
        [$keeper, , $ro, $tap] = $this->bench();
        $products = array_map(static fn(Product $product): string => (string) $product->id, $keeper->products()->get()->all());
        $mix = $this->writeBatch(
            $keeper,
            ['litres' => '40', 'gh' => '6', 'kh' => '3', 'ec' => '', 'ratio' => '3', 'waters' => [(string) $ro->id], 'jars' => $products],
        );
        $drawn = static fn(): WaterUseQuery => new WaterUseQuery($keeper->refresh());
        // What is made up on the mixing page comes out of what its newest batch was made of, and of its reservoir once it has one.
        self::assertEqualsWithDelta(
            [$ro->id => 30.0, $tap->id => 10.0],
            $drawn()->of([(int) $mix->source_water_id => 20.0, $ro->id => 10.0, $tap->id => 10.0]),
            1e-9,
        );
        $keeper->reservoirs()->create([
            'source_water_id' => $mix->source_water_id, 'name' => 'Tub', 'capacity' => 60.0, 'level' => 10.0, 'litres_per_day' => 0.0, 'waste' => 0.0,
        ]);
        self::assertEqualsWithDelta([$mix->source_water_id => 20.0], $drawn()->of([(int) $mix->source_water_id => 20.0]), 1e-9);
    }

    public function testBatchesTakeOfTheirJarsWhatAWeekIsReckonedFrom(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-03 09:00'));
        [$keeper, , $ro] = $this->bench();
        $asked = ['litres' => '40', 'gh' => '6', 'kh' => '3', 'ec' => '', 'ratio' => '3', 'waters' => [(string) $ro->id], 'jars' => array_map(
            static fn(Product $product): string => (string) $product->id,
            $keeper->products()->get()->all(),
        )];
        $made = function (int $ago) use ($keeper, $asked): array {
            $batch = $this->writeBatch($keeper, $asked);
            $batch->update(['made_at' => CarbonImmutable::now()->subDays($ago)]);
            $content = new BatchContent($batch);

            $amounts = [];
            foreach ($content->products() as $product) {
                $amounts[(int) $product->productId] = $product->amount * $content->timesProducts();
            }

            return $amounts;
        };
        $weekly = static fn(array $products): array => array_map(
            static fn(int $id): float => array_values(array_filter(
                SuppliesQuery::of($keeper->refresh()),
                static fn(array $one): bool => $one['jar'] === $id,
            ))[0]['stock']->weekly,
            array_keys($products),
        );
        $first = $made(14);
        $second = $made(7);
        self::assertGreaterThan(1, count($first));
        // Two batches in two weeks make no week's use yet: they are spread over four.
        self::assertEqualsWithDelta(self::over(4.0, $first, $second), $weekly($first), 1e-9);
        // One ten weeks ago shows that it is not all new, and has been used up: what was made since then, over eight weeks.
        $made(70);
        self::assertEqualsWithDelta(self::over(8.0, $first, $second), $weekly($first), 1e-9);
        // One longer ago than twice that is forgotten.
        Batch::query()->latest('id')->firstOrFail()->update(['made_at' => CarbonImmutable::now()->subDays(120)]);
        self::assertEqualsWithDelta(self::over(4.0, $first, $second), $weekly($first), 1e-9);
    }

    /**
     * @param array<mixed> $one
     * @param array<mixed> $other
     *
     * @return list<float>
     */
    private static function over(float $weeks, array $one, array $other): array
    {
        $found = [];
        foreach ($one as $product => $amount) {
            $more = $other[$product] ?? null;
            $found[] = ((is_float($amount) ? $amount : NAN) + (is_float($more) ? $more : NAN)) / $weeks;
        }

        return $found;
    }

    public function testStepsOfOneDoseAreNotAddedUpAndTanksAre(): void
    {
        [$keeper, $tank] = $this->week();
        $product = $this->product($keeper, 'potassium_sulfate', 420.0);
        $day = static fn(int $ahead): string => CarbonImmutable::now()->addDays($ahead)->format('Y-m-d');
        $weekly = static fn(): float => array_values(array_filter(
            SuppliesQuery::of($keeper),
            static fn(array $one): bool => $one['jar'] === $product->id,
        ))[0]['stock']->weekly;
        $tank->dosePlans()->create(['product_id' => $product->id, 'amount' => 4.0, 'every' => 1, 'starts_on' => $day(-3), 'ends_on' => $day(3)]);
        $tank->dosePlans()->create(['product_id' => $product->id, 'amount' => 6.0, 'every' => 1, 'starts_on' => $day(4), 'ends_on' => $day(10)]);
        $tank->dosePlans()->create(['product_id' => $product->id, 'amount' => 8.0, 'every' => 1, 'starts_on' => $day(11)]);
        self::assertSame(42.0, $weekly());
        $this->tank($keeper)->dosePlans()->create(['product_id' => $product->id, 'amount' => 3.0, 'every' => 3, 'starts_on' => $day(0)]);
        self::assertSame(49.0, $weekly());
    }

    public function testTheCalendarIsReadByTwoForeignPrograms(): void
    {
        [$keeper] = $this->week();
        $this->actingAs($keeper)->post('/week/feed')->assertRedirect('/week');
        $address = session('feed');
        self::assertIsString($address);
        $secret = substr($address, -47, 43);
        self::assertSame(32, strlen((string) base64_decode(strtr($secret, '-_', '+/'), true)), '256 bits');
        self::assertSame(hash('sha256', $secret), $keeper->refresh()->feed_hash);
        $this->post('/sign-out');
        $answer = $this->get('/calendar/'.$secret.'.ics')->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
            ->assertHeader('Referrer-Policy', 'no-referrer');
        self::assertStringContainsString('no-store', (string) $answer->headers->get('Cache-Control'));
        $text = (string) $answer->getContent();
        self::assertStringContainsString("BEGIN:VTIMEZONE\r\nTZID:Europe/Lisbon", $text);
        self::assertStringContainsString('DTSTART;TZID=Europe/Lisbon:20260303T183000', $text);
        $folder = sys_get_temp_dir().'/cresco-calendar-'.getmypid();
        mkdir($folder.'/khal', 0o700, true);
        file_put_contents($folder.'/feed.ics', $text);
        $python = new Process(['/usr/bin/python3', '-c', <<<'PY'
            import sys, icalendar
            calendar = icalendar.Calendar.from_ical(open(sys.argv[1], 'rb').read())
            events = list(calendar.walk('VEVENT'))
            assert all(not event.errors for event in calendar.walk()), 'complaints'
            print(len(events), min(str(event['DTSTART'].dt) for event in events))
            PY, $folder.'/feed.ics']);
        self::assertSame(0, $python->run(), $python->getErrorOutput());
        self::assertSame(substr_count($text, 'BEGIN:VEVENT').' 2026-03-03 18:30:00+00:00', trim($python->getOutput()));
        file_put_contents(
            $folder.'/config',
            "[calendars]\n[[cresco]]\npath = $folder/khal\n[locale]\nlocal_timezone = Europe/Lisbon\ndefault_timezone = Europe/Lisbon\ntimeformat = %H:%M\ndateformat = %Y-%m-%d\nlongdateformat = %Y-%m-%d\ndatetimeformat = %Y-%m-%d %H:%M\nlongdatetimeformat = %Y-%m-%d %H:%M\n[default]\ndefault_calendar = cresco\n[sqlite]\npath = $folder/khal.db\n",
        );
        $environment = ['HOME' => $folder, 'XDG_CONFIG_HOME' => $folder, 'PYTHONWARNINGS' => 'ignore', 'LC_ALL' => 'C.UTF-8', 'LANG' => 'C.UTF-8'];
        $khal = new Process(['/usr/bin/khal', '-c', $folder.'/config', 'import', '--batch', $folder.'/feed.ics'], null, $environment);
        self::assertSame(0, $khal->run(), $khal->getErrorOutput());
        self::assertDoesNotMatchRegularExpression('/error|warning|critical/i', $khal->getErrorOutput());
        $list = new Process(['/usr/bin/khal', '-c', $folder.'/config', 'list', '2026-03-03', '29d'], null, $environment);
        self::assertSame(0, $list->run(), $list->getErrorOutput());
        self::assertStringContainsString('18:30', $list->getOutput());
        self::assertStringContainsString('Brook: change', $list->getOutput());
        (new Process(['rm', '-r', $folder]))->run();
        // Stable from one reading to the next, and gone when it is taken back.
        preg_match_all('/^UID:(.+)$/m', $text, $uids);
        preg_match_all('/^UID:(.+)$/m', (string) $this->get('/calendar/'.$secret.'.ics')->getContent(), $again);
        self::assertSame($uids[1], $again[1]);
        self::assertSame(count($uids[1]), count(array_unique($uids[1])));
        $this->actingAs($keeper)->delete('/week/feed');
        $this->post('/sign-out');
        self::assertSame(
            $this->get('/calendar/'.str_repeat('a', 43).'.ics')->assertNotFound()->getContent(),
            $this->get('/calendar/'.$secret.'.ics')->assertNotFound()->getContent(),
        );
    }

    /** @return iterable<string, array{string, string, string, string}> zone, day before a switch, UTC hours of half past six before and after */
    public static function switches(): iterable
    {
        yield 'spring in the north' => ['Europe/Berlin', '2026-03-27', '17:30', '16:30'];
        yield 'autumn in the north' => ['Europe/Berlin', '2026-10-23', '16:30', '17:30'];
        yield 'autumn in the south' => ['Australia/Sydney', '2026-04-03', '07:30', '08:30'];
        yield 'spring in the south' => ['Australia/Sydney', '2026-10-02', '08:30', '07:30'];
    }

    #[DataProvider('switches')]
    public function testJobsKeepTheirHourWhenTheClocksAreSwitched(string $zone, string $day, string $before, string $after): void
    {
        $this->travelTo(CarbonImmutable::parse($day.' 12:00', $zone));
        [$keeper] = $this->readyTank();
        $keeper->update(['timezone' => $zone, 'week' => new WeekHabits(array_fill(0, 7, 60), array_fill(0, 7, '18:30'), 15)]);
        $week = new WeekQuery($keeper->refresh());

        self::assertSame([$before, $after], [$week->begins(0)->utc()->format('H:i'), $week->begins(4)->utc()->format('H:i')]);
        self::assertSame('18:30', $week->begins(4)->format('H:i'));
        self::assertSame(4, (int) round($week->begins(0)->startOfDay()->diffInDays($week->begins(4)->startOfDay())));
        $text = CalendarFile::write(
            'x',
            $zone,
            [['uid' => 'a', 'at' => $week->begins(4), 'minutes' => 30, 'title' => 't', 'body' => '', 'url' => 'http://localhost/', 'alarm' => false]],
            CarbonImmutable::now(),
        );
        self::assertStringContainsString('T183000', $text);
    }

    public function testBusyHoursOfAFileTakeTheTimeOfTheTanksAndNothingElse(): void
    {
        [$keeper] = $this->week();
        $file = implode("\r\n", ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//x//y//EN',
            'BEGIN:VEVENT', 'UID:1', 'DTSTAMP:20260101T000000Z', 'DTSTART;TZID=Europe/Lisbon:20260303T190000', 'DTEND;TZID=Europe/Lisbon:20260303T210000', 'RRULE:FREQ=WEEKLY;COUNT=3', 'SUMMARY:Choir', 'END:VEVENT',
            'BEGIN:VEVENT', 'UID:2', 'DTSTAMP:20260101T000000Z', 'DTSTART:20260305T080000Z', 'DTEND:20260305T160000Z', 'SUMMARY:Work', 'END:VEVENT',
            'BEGIN:VEVENT', 'UID:3', 'DTSTAMP:20260101T000000Z', 'DTSTART;VALUE=DATE:20260307', 'DTEND;VALUE=DATE:20260308', 'SUMMARY:Fair', 'END:VEVENT',
            'BEGIN:VEVENT', 'UID:4', 'DTSTAMP:20260101T000000Z', 'DTSTART;VALUE=DATE:20260308', 'TRANSP:TRANSPARENT', 'SUMMARY:Birthday', 'END:VEVENT', 'END:VCALENDAR', '']);
        $send = fn(string $text) => $this->actingAs($keeper)->post('/week/busy', ['file' => UploadedFile::fake()->createWithContent('busy.ics', $text)]);
        $send($file)->assertRedirect('/week')->assertSessionHasNoErrors();
        // From half past six an hour: the choir takes half of it, on three Tuesdays; the fair takes all of Saturday.
        self::assertSame(
            [['2026-03-03', 30, 'Choir'], ['2026-03-07', 120, 'Fair'], ['2026-03-10', 30, 'Choir'], ['2026-03-17', 30, 'Choir']],
            $keeper->calendarBlocks()->get()->map(static fn($one): array => [$one->day->format('Y-m-d'), $one->minutes, $one->title])->all(),
        );
        self::assertSame([30, 0, 60, 60, 0], array_slice((new WeekQuery($keeper))->minutes, 0, 5));
        foreach ([
            'no calendar at all', "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:nonsense\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
            "BEGIN:VCARD\r\nFN:x\r\nEND:VCARD\r\n",
        ] as $wrong) {
            $send($wrong)->assertSessionHasErrors('file');
        }
        self::assertSame(4, $keeper->calendarBlocks()->count(), 'what was there stays');
        $this->delete('/week/busy')->assertRedirect('/week');
        self::assertSame(0, $keeper->calendarBlocks()->count());
    }

    /** @return iterable<string, array{string, string, int}> rule, begin, and how often it comes in the week asked for; -1 where the file is refused */
    public static function rules(): iterable
    {
        yield 'week 20 by a library that does not know it' => ['FREQ=YEARLY;BYWEEKNO=20', '20200101T000000Z', -1];
        yield 'the thirtieth of February' => ['FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30', '20200101T000000Z', -1];
        yield 'every second for six years' => ['FREQ=SECONDLY', '20200101T000000Z', -1];
        yield 'daily since 1995' => ['FREQ=DAILY', '19950101T190000Z', 7];
        yield 'weekly since 2001' => ['FREQ=WEEKLY', '20010102T190000Z', 1];
        yield 'hourly' => ['FREQ=HOURLY', '20260101T000000Z', 24 * 7];
    }

    #[DataProvider('rules')]
    public function testARuleHoldsNobodyUpAndOneFromLongAgoComesIn(string $rule, string $begin, int $times): void
    {
        $text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:7-7\r\nDTSTART:$begin\r\nDURATION:PT30M\r\nRRULE:$rule\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        $from = microtime(true);
        try {
            $found = count(CalendarFile::busy($text, 'UTC', CarbonImmutable::parse('2026-03-02'), CarbonImmutable::parse('2026-03-09')));
        } catch (FileFault $fault) {
            $found = -1;
            self::assertStringContainsString('Line 4:', $fault->getMessage());
        }
        self::assertSame($times, $found);
        // This process has had little to do with it.
        self::assertLessThan(10.0, microtime(true) - $from);
    }

    public function testEventsAreCountedOverAllOfAFile(): void
    {
        $text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n";
        for ($i = 0; $i < 40; ++$i) {
            $text .= "BEGIN:VEVENT\r\nUID:$i\r\nDTSTART:20260101T000000Z\r\nRRULE:FREQ=HOURLY\r\nEND:VEVENT\r\n";
        }
        $this->expectExceptionObject(FileFault::tooManyEvents());
        CalendarFile::busy($text."END:VCALENDAR\r\n", 'UTC', CarbonImmutable::parse('2026-03-02'), CarbonImmutable::parse('2026-03-09'));
    }

    public function testTheUsualWeekIsTheKeepersOwn(): void
    {
        [$keeper] = $this->week();
        $this->actingAs($keeper)->put(
            '/week/habits',
            ['minutes' => [10, 20, 30, 40, 50, 60, 70], 'hours' => ['7:00', '18:00', '18:00', '18:00', '18:00', '09:30', '09:30'], 'set_up' => '5'],
        )->assertRedirect('/week');
        $habits = $keeper->refresh()->week;
        self::assertSame([[10, 20, 30, 40, 50, 60, 70], '07:00', 5], [$habits->minutes, $habits->hours[0], $habits->setUp]);
        $this->put(
            '/week/habits',
            ['minutes' => [10, 20, 30, 40, 50, 60, 9999], 'hours' => ['25:00', '18:00', '18:00', '18:00', '18:00', '09:30', '09:30'], 'set_up' => '5'],
        )->assertSessionHasErrors(['minutes.6', 'hours.0']);
    }

    /** @return list<array{string, int, int}> kind, tank and day of what lies on the days of a keeper */
    private static function lying(Keeper $keeper, string $kind): array
    {
        $week = new WeekQuery($keeper->refresh());

        return array_values(array_map(
            static fn(UpcomingJob $job): array => [$kind, $job->tank(), (int) $week->placement->day($job->id())],
            array_filter($week->jobs, static fn(UpcomingJob $job): bool => $job->kind->key === $kind),
        ));
    }

    public function testTheReadingAfterAChangeHasItsDayUntilItIsTaken(): void
    {
        [$keeper, $tank] = $this->week();
        self::assertSame([], self::lying($keeper, 'next_day'));
        // Changed at nine on Tuesday: from nine in the evening on, until Thursday at nine.
        $this->noteChange($keeper, $tank, $keeper->waters()->firstOrFail(), 30.0, CarbonImmutable::now());
        self::assertSame([['next_day', $tank->id, 0]], self::lying($keeper, 'next_day'));
        self::assertSame(
            [false],
            array_values(array_map(
                static fn(UpcomingJob $job): bool => $job->urgency->isNow(),
                array_filter(JobsQuery::of($keeper)->at($tank->id), static fn(UpcomingJob $job): bool => $job->key->type === JobType::NextDay),
            )),
        );
        $this->travel(13)->hours();
        $this->actingAs($keeper)->get('/')->assertSeeText('Test again today');
        $this->get('/week')->assertSeeText('Test for the forecast check')->assertSee('/tanks/'.$tank->id.'/test');
        $this->read($keeper, $tank, ['nitrate' => '12']);
        self::assertSame([], self::lying($keeper, 'next_day'));
    }

    public function testWhatASessionLeftForLaterLiesOnItsDay(): void
    {
        [$keeper, $tank] = $this->week();
        $checklist = $this->writeRun($keeper, $tank);
        $checklist->followUps()->create([
            'job' => FollowUpKind::Media, 'due_from' => CarbonImmutable::now()->addHours(16), 'due_until' => CarbonImmutable::now()->addHours(96),
        ]);
        $checklist->followUps()->create([
            'job' => FollowUpKind::Evening, 'due_from' => CarbonImmutable::now()->subHours(20), 'due_until' => CarbonImmutable::now()->subHours(10),
        ]);
        // What would say no more is gone; the other is due at one at night, which is tomorrow.
        self::assertSame([['after', $tank->id, 1]], self::lying($keeper, 'after'));
        $this->actingAs($keeper)->get('/week')->assertSeeText(StepWords::after(FollowUpKind::Media))->assertSee('/checklists/'.$checklist->id.'/after/media');
        $checklist->followUps()->update(['done_at' => CarbonImmutable::now()]);
        self::assertSame([], self::lying($keeper, 'after'));
    }

    public function testAPenThatStraysIsSetAgain(): void
    {
        [$keeper] = $this->week();
        $keeper->setPen(Parameter::Conductivity, CarbonImmutable::now()->subDays(95));
        // Every ninety days, so five days late; what was kept of the kit stays to its last digit.
        $keeper->kits()->where('parameter', Parameter::Conductivity)->update(['step' => 1.23456789]);
        self::assertSame([['pen', 0, 0]], self::lying($keeper, 'pen'));
        $this->actingAs($keeper)->from('/week')->post('/settings/pens/'.Parameter::Conductivity->value)->assertRedirect('/week');
        self::assertSame(1.23456789, $keeper->kits()->where('parameter', Parameter::Conductivity)->firstOrFail()->step);
        self::assertSame([], self::lying($keeper, 'pen'));
        $keeper->setPen(Parameter::Conductivity, CarbonImmutable::now()->subDays(80));
        self::assertSame([['pen', 0, 10]], self::lying($keeper, 'pen'));
    }

    public function testASessionTakesTheOtherJobsOfItsTankAlong(): void
    {
        [$keeper, $tank] = $this->week();
        $floss = $keeper->chores()->create(['tank_id' => $tank->id, 'kind' => 'floss', 'last_at' => CarbonImmutable::now()->subDays(8)]);
        $later = $keeper->chores()->create(['tank_id' => $tank->id, 'kind' => 'air_stone', 'last_at' => CarbonImmutable::now()->subDays(8)]);
        $other = $keeper->chores()->create(['tank_id' => $this->tank($keeper)->id, 'kind' => 'pipes', 'last_at' => CarbonImmutable::now()->subDays(90)]);
        $this->actingAs($keeper)->get("/tanks/$tank->id/maintenance")->assertSeeText('Also due at this tank: new floss')
            ->assertDontSeeText('air stone')->assertDontSeeText('Brush pipes');
        $checklist = $this->writeRun($keeper, $tank);
        $this->get("/checklists/$checklist->id")->assertDontSeeText('Also due here');
        $checklist->update(['state' => ChecklistState::Running, 'started_at' => now()]);
        $this->get("/checklists/$checklist->id")->assertSeeText('Also due here')->assertSeeText('New floss');
        $this->from("/checklists/$checklist->id")->post("/tasks/$floss->id/done", ['found' => 'expected'])->assertRedirect("/checklists/$checklist->id");
        $this->get("/checklists/$checklist->id")->assertDontSeeText('Also due here');
        self::assertSame([1, 0, 0], [$floss->turns()->count(), $later->turns()->count(), $other->turns()->count()]);
    }

    public function testReagentsWearByWhatTheyRead(): void
    {
        [$keeper, $tank] = $this->week();
        $this->actingAs($keeper)->post('/tasks', ['kind' => 'reagents', 'wears_most' => '20'])->assertSessionHasErrors('wears_of');
        $this->post('/tasks', ['kind' => 'floss', 'tank_id' => $tank->id, 'wears_most' => '20'])->assertSessionHasErrors('wears_most');
        $this->post('/tasks', ['kind' => 'reagents', 'wears_most' => '20', 'wears_of' => 'nitrate'])->assertSessionHasNoErrors();
        $chore = Chore::query()->sole();
        // Two readings of this morning say what a day takes; from now on another every day.
        for ($day = 1; $day <= 9; ++$day) {
            $this->travel(1)->days();
            $this->read($keeper, $tank, ['nitrate' => '10', 'ph' => '7']);
        }
        $wear = ServiceLifeQuery::of($chore->refresh());
        // Nine since it was new, of twenty; nine and the two before in a log of nine days, which count as two weeks: (20 - 9) / (11 / 14) = 14.
        self::assertSame([9.0, 20.0, 14], [$wear?->done, $wear?->most, $wear?->days()]);
        self::assertEqualsWithDelta(11.0 / 14.0, $wear->aDay ?? 0.0, 1e-9);
        $this->get('/tasks')->assertSeeText('9 of 20 tests of nitrate');
        // The date on the pack counts beside it, and what comes first.
        $chore->update(['next_on' => CarbonImmutable::now()->addDays(10)->format('Y-m-d')]);
        self::assertEqualsWithDelta(10, ChoresQuery::due($chore, $keeper->show())->from, 1);
        for ($n = 0; $n < 12; ++$n) {
            $this->read($keeper, $tank, ['nitrate' => '10'], CarbonImmutable::now()->addMinutes($n));
        }
        self::assertSame(0, (new WeekQuery($keeper->refresh()))->jobs['chore.'.$chore->id.'@0']->day());
        $this->travel(1)->days();
        $this->post("/tasks/$chore->id/done")->assertRedirect();
        self::assertSame(0.0, ServiceLifeQuery::of($chore->refresh())?->done);
    }

    public function testASedimentStageWearsByTheLitresThatWereMade(): void
    {
        [$keeper, $tank] = $this->week();
        $pure = $this->water($keeper, 'Pure', 'reverse_osmosis');
        $chore = $keeper->chores()->create(['kind' => 'sediment', 'wears_most' => 100.0, 'last_at' => CarbonImmutable::now()->subDays(20)]);
        $this->noteChange($keeper, $tank, $pure, 25.0, CarbonImmutable::now()->subDays(10));
        $this->noteChange($keeper, $tank, $pure, 20.0, CarbonImmutable::now()->subDays(30));
        // The tap is no reverse osmosis; what came before the stage was new wears it not, and says what a day takes.
        $wear = ServiceLifeQuery::of($chore);
        // 45 L in thirty days; 75 L more at 1.5 a day.
        self::assertEqualsWithDelta([25.0, 1.5], [$wear?->done, $wear?->aDay], 1e-6);
        self::assertSame(50, $wear?->days());
        // What was changed a hundred days ago is no part of them, and says that the log is older than ninety.
        $this->noteChange($keeper, $tank, $pure, 90.0, CarbonImmutable::now()->subDays(100));
        self::assertEqualsWithDelta(0.5, ServiceLifeQuery::of($chore)?->aDay, 1e-6);
        // Of a change that is mixed at the tank its part counts: a quarter of a checklist's litres, and two fifths of 10 L that were poured without one.
        $tap = $this->water($keeper->unsetRelation('waters'), 'Town', 'tap');
        $checklist = $this->writeRun(
            $keeper,
            $tank,
            ['reason' => 'amount', 'way' => 'litres', 'litres' => '30', 'water' => $tap->id, 'second_water' => $pure->id, 'second_share' => '25'],
        );
        app(LogWaterChange::class)(
            $keeper->id,
            $tank->id,
            $checklist,
            null,
            'Town + Pure',
            32.0,
            0.3,
            $checklist->forecast,
            CarbonImmutable::now()->subDay(),
            'Changed',
            null,
        );
        $tank->update(['source_water_id' => $tap->id, 'second_source_water_id' => $pure->id, 'second_share' => 0.4]);
        app(LogWaterChange::class)(
            $keeper->id,
            $tank->id,
            null,
            null,
            'Town + Pure',
            10.0,
            0.1,
            ForecastRecord::none(),
            CarbonImmutable::now()->subDay(),
            'Changed',
            null,
        );
        self::assertEqualsWithDelta(25.0 + 8.0 + 4.0, ServiceLifeQuery::of($chore)?->done, 1e-6);
        $tubes = $keeper->chores()->create([
            'tank_id' => $tank->id, 'kind' => 'tubes', 'wears_most' => 4000.0, 'last_at' => CarbonImmutable::now()->subDays(100),
        ]);
        $tank->lamps()->create(['kind' => 'panel', 'told_by' => 'maker', 'told' => 90, 'length' => 400, 'width' => 120, 'above' => 80, 'hours' => 10]);
        // A thousand hours, and three thousand more at ten a day.
        self::assertSame(300, ServiceLifeQuery::of($tubes)?->days());
    }

    public function testAMembraneIsDueOnTheDayThatItsReadingsLeadTo(): void
    {
        [$keeper] = $this->week();
        $reservoir = $keeper->reservoirs()->create(['name' => 'Barrel', 'capacity' => 60, 'level' => 20, 'litres_per_day' => 100, 'waste' => 3]);
        foreach ([100, 50, 0] as $ago) {
            // 94 % a hundred days ago and a point less each fifty: 92 today, at 90 in a hundred days.
            $reservoir->rejections()->create([
                'conductivity_in' => 500, 'conductivity_out' => 500 * (0.08 - 0.0002 * $ago), 'is_first' => false,
                'taken_at' => CarbonImmutable::now()->subDays($ago),
            ]);
        }
        self::assertSame([], self::lying($keeper, 'membrane'));
        $this->travel(75)->days();
        $due = (new WeekQuery($keeper->refresh()))->jobs['store.'.$reservoir->id.'@0']->day();
        self::assertEqualsWithDelta(25, $due, 2);
        // What is assumed of a membrane stands beside what this one was found to hold.
        $this->actingAs($keeper)->get('/estimates')->assertSeeTextInOrder(['Barrel', sprintf(
            '%.1f ± ',
            100.0 * ($reservoir->refresh()->membrane()?->held->prior->central() ?? 0.0),
        ), sprintf('%.1f ± ', 100.0 * ($reservoir->membrane()->now ?? 0.0))]);
    }

    public function testTheBarOfADayIsFullWhenTheDayIs(): void
    {
        $day = static fn(int $taken, int $free): WeekDay => new WeekDay(0, CarbonImmutable::now(), $taken, $free, '', []);
        self::assertSame(
            [0.0, 0.5, 1.0, 1.0, 1.0, 0.0],
            array_map(static fn(array $one): float => $day(...$one)->share(), [[0, 60], [30, 60], [60, 60], [90, 60], [10, 0], [0, 0]]),
        );
        self::assertSame([0, 30, 10], array_map(static fn(array $one): int => $day(...$one)->over(), [[30, 60], [90, 60], [10, 0]]));
    }

    public function testDosesTakeTheirMinutesOfTheirDays(): void
    {
        [$keeper, $tank] = $this->week();
        $product = $this->product($keeper, 'saltpetre');
        $today = CarbonImmutable::now($keeper->timezone)->startOfDay();
        $tank->dosePlans()->create(['product_id' => $product->id, 'amount' => 1.0, 'every' => 3, 'starts_on' => $today->subDays(4)]);
        $tank->dosePlans()->create([
            'product_id' => $this->product($keeper, 'potassium_phosphate')->id, 'amount' => 0.1, 'every' => 2, 'starts_on' => $today,
            'ends_on' => $today->addDays(4),
        ]);
        $week = new WeekQuery($keeper->refresh());
        // The first on days 2, 5, 8 ..., the second on 0, 2, 4; two minutes for a tank, whatever it is given.
        self::assertSame([0, 2, 4, 5, 8, 11, 14, 17, 20, 23, 26], array_values(array_intersect(range(0, 27), array_keys($week->doses))));
        self::assertSame([58, 0, 58, 60, 118], array_slice($week->minutes, 0, 5));
        $this->actingAs($keeper)->get('/week')->assertSeeText('Doses at Brook, 2 min');
    }

    public function testAnEveningTakesWhatTheWeekLaysOnIt(): void
    {
        [$keeper, $tank, ] = $this->week();
        // Due tomorrow, laid on today, since Wednesday has no time: the evening takes it.
        $this->actingAs($keeper)->get('/tonight')->assertOk();
        self::assertTrue((new TonightPage($keeper->refresh(), null, app(DraftChange::class)))->picked[$tank->id]);
        $this->post('/week/lay', ['job' => $tank->id.'.change', 'day' => '2026-03-05']);
        self::assertFalse((new TonightPage($keeper->refresh(), null, app(DraftChange::class)))->picked[$tank->id]);
        // Due since today, and still left for the day on which the hand laid it, which is said.
        $this->travel(1)->days();
        $this->get('/tonight')->assertSeeText('planned for tomorrow');
        // With a job of the catalogue laid on it, the session is composed with that.
        $this->post('/week/lay', ['job' => $tank->id.'.change', 'day' => '', 'was' => '2026-03-05']);
        $long = CarbonImmutable::now()->subDays(40);
        $checklist = $this->writeRun($keeper, $tank, ['tasks' => ['vacuum']]);
        $checklist->steps()->update(['opened_at' => $long, 'done_at' => $long]);
        $checklist->update(['state' => ChecklistState::Done, 'finished_at' => $long]);
        $keeper->update(['week' => new WeekHabits(array_fill(0, 7, 120), array_fill(0, 7, '18:30'), 15)]);
        $this->get('/tonight')->assertSee('/tanks/'.$tank->id.'/maintenance?tasks%5B0%5D=vacuum', false);
    }

    public function testTheDayOfAChangeIsSaidAndNotThatOfOtherWorkAtItsTank(): void
    {
        [$keeper, $tank] = $this->week();
        $long = CarbonImmutable::now()->subDays(40);
        $checklist = $this->writeRun($keeper, $tank, ['dry' => '1', 'tasks' => ['photo']]);
        $checklist->steps()->update(['opened_at' => $long, 'done_at' => $long]);
        $checklist->update(['state' => ChecklistState::Done, 'finished_at' => $long]);
        $this->travel(1)->days();
        // No time for a change on Thursday, only for a photo, and on Friday enough.
        $keeper->update(['week' => new WeekHabits([0, 0, 0, 10, 90, 0, 0], array_fill(0, 7, '18:30'), 5)]);
        $this->actingAs($keeper)->post('/week/lay', ['job' => $tank->id.'.task.photo', 'day' => '2026-03-05'])->assertSessionHasNoErrors();
        $this->get('/tonight')->assertSeeText('planned for 6 Mar')->assertDontSeeText('planned for tomorrow');
    }

    public function testEveryKindOfJobHasItsWords(): void
    {
        foreach (JobKinds::all() as $kind) {
            self::assertNotSame('week.kind.'.$kind->key, __('week.kind.'.$kind->key));
            self::assertNotSame('week.lateness.'.$kind->lateness->value, __('week.lateness.'.$kind->lateness->value));
        }
        self::assertSame([], array_filter(JobKinds::offered(), static fn(JobKind $kind): bool => str_contains((string) __('week.kind.'.$kind->key), ':')));
    }
}
