<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Checklist;
use App\Models\ChecklistStep;
use App\Models\Keeper;
use App\Models\Tank;
use App\Tanks\DrainQuery;
use App\Tanks\VesselQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Hydraulics\Hose;
use PHPUnit\Framework\Attributes\DataProvider;

/** A session put together, its order and ways, and the hose it is done with. */
final class MaintenanceTest extends FeatureCase
{
    public function testPickedTasksStandOnTheSheetWhereTheyBelong(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/maintenance?reason=amount&way=litres&litres=40&tasks[]=glass&tasks[]=floaters&tasks[]=media")
            ->assertOk()
            ->assertSeeInOrder([
                'Switch off', 'Take out floating plants', 'Clean the glass', 'Drain to the mark', 'Rinse filter media', 'Refill',
                'Put back floating plants', 'Switch on again',
            ]);
        $checklist = $this->writeRun(
            $keeper,
            $tank,
            [
                'reason' => 'amount', 'way' => 'litres', 'litres' => '40', 'tasks' => ['glass', 'media'],
                'day' => CarbonImmutable::now()->addDays(2)->format('Y-m-d'),
            ],
        );
        $jobs = $this->jobs($checklist);

        self::assertLessThan(array_search('drain', $jobs, true), array_search('glass', $jobs, true));
        self::assertGreaterThan(array_search('drain', $jobs, true), array_search('media', $jobs, true));
        self::assertSame(CarbonImmutable::now()->addDays(2)->format('Y-m-d'), $checklist->planned_for?->format('Y-m-d'));
    }

    public function testTheKeepersOrderIsKeptAndItsReasonNamed(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $usual = $this->jobs($this->writeRun($keeper, $tank, ['tasks' => ['glass']]));
        $own = array_values(array_diff($usual, ['glass']));
        array_splice($own, (int) array_search('on', $own, true) + 1, 0, ['glass']);
        $query = ['tasks' => ['glass'], 'order' => implode(',', $own)];
        $this->actingAs($keeper)->get("/tanks/$tank->id/maintenance?".http_build_query($query))->assertOk()->assertSee('Not the usual order.')
            ->assertSee('what comes off the glass leaves with the water');
        self::assertSame($own, $this->jobs($this->writeRun($keeper, $tank, $query)));
    }

    public function testAWayOfTheTankChangesItsSheets(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $ways = [
            'bed' => 'rotate', 'flow' => 'off', 'glass' => 'after', 'media' => 'next_day', 'minerals' => 'direct', 'conditioner' => 'tank',
            'filter' => 'covered',
        ];
        $this->actingAs($keeper)->put("/tanks/$tank->id/methods", ['schools' => $ways, 'back' => 'tasks[]=glass'])->assertSessionHasNoErrors()
            ->assertRedirect("/tanks/$tank->id/maintenance?tasks[]=glass");
        $checklist = $this->writeRun($keeper, $tank->fresh() ?? $tank, ['tasks' => ['glass', 'media']]);
        $jobs = $this->jobs($checklist);

        self::assertGreaterThan(array_search('drain', $jobs, true), array_search('glass', $jobs, true));
        self::assertNotContains('media', $jobs);
        self::assertStringContainsString('Tomorrow: rinse', $this->lines($checklist, 'close'));
        self::assertStringContainsString('for the whole volume', $this->lines($checklist, 'condition'));
        self::assertStringContainsString('Filter on as soon as its intake is under water, valves first: the', $this->lines($checklist, 'refill'));
        $this->put("/tanks/$tank->id/methods", ['schools' => ['glass' => 'never'] + $ways])->assertSessionHasErrors('schools.glass');
    }

    public function testWhatFitsWhileTheHeaterCoolsIsOfferedThere(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'percent', 'percent' => '50', 'tasks' => ['glass']]);
        $cool = $checklist->steps()->where('job', 'cool')->firstOrFail();
        $page = $this->actingAs($keeper)->get("/checklists/$checklist->id?step=$cool->position")->assertOk()->assertSee('Meanwhile:')
            ->assertSee('Clean the glass');
        $this->post("/checklists/$checklist->id/steps/$cool->position/open")->assertNoContent();
        // The pane step can be ended first, and the timer goes on meanwhile.
        $glass = $checklist->steps()->where('job', 'glass')->firstOrFail();
        $page->assertSee("/checklists/$checklist->id?step=$glass->position", false);
        $this->get("/checklists/$checklist->id?step=$glass->position")->assertSee('Let the heater cool')->assertSee('until');
        $this->post("/checklists/$checklist->id/steps/$glass->position")->assertRedirect();
        $this->get("/checklists/$checklist->id?step=$cool->position")->assertDontSee('Meanwhile:');
    }

    public function testMinutesFollowWhatThisTankTook(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['tasks' => ['glass']]);
        $planned = $checklist->steps()->where('job', 'glass')->firstOrFail()->content->minutes;
        ChecklistStep::query()->where('checklist_id', $checklist->id)->update(['opened_at' => '2026-01-01 10:00:00', 'done_at' => '2026-01-01 10:20:00']);
        Checklist::query()->whereKey($checklist->id)->update(['state' => 'done', 'holds' => null, 'finished_at' => '2026-01-01 11:00:00']);
        $again = $this->writeRun($keeper, $tank, ['tasks' => ['glass']]);

        self::assertSame(6, $planned);
        // Two of 6 and one of 20, multiplied: (6² · 20)^(1/3).
        self::assertSame(9, $again->steps()->where('job', 'glass')->firstOrFail()->content->minutes);
        $this->actingAs($keeper)->get("/tanks/$tank->id/maintenance")->assertSee('due, last');
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function nonsense(): array
    {
        return [
            'a task that is none' => [['tasks' => ['juggling']], 'tasks.0'],
            'tasks that are no list' => [['tasks' => 'glass'], 'tasks'],
            'an order with markup' => [['order' => '<b>look</b>'], 'order'],
            'an order without end' => [['order' => str_repeat('look,', 1000)], 'order'],
            'a day long gone' => [['day' => '1999-01-01'], 'day'],
            'no day' => [['day' => 'someday'], 'day'],
            'a sign that is none' => [['signs' => ['comets']], 'signs.0'],
            'a guess in letters' => [['guess' => 'long'], 'guess'],
            'a guess of a week' => [['guess' => '10080'], 'guess'],
            'nothing at all to do' => [['dry' => '1'], 'tasks'],
            'only work that needs a change' => [['dry' => '1', 'tasks' => ['vacuum', 'spot']], 'tasks'],
        ];
    }

    /** @param array<string, mixed> $asked */
    #[DataProvider('nonsense')]
    public function testNonsenseIsSaidAndNothingIsWritten(array $asked, string $field): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/maintenance?".http_build_query($asked))->assertOk();
        $this->post("/tanks/$tank->id/checklists", $asked)->assertSessionHasErrors($field);
        self::assertSame(0, Checklist::query()->count());
    }

    public function testWorkWithoutAWaterChangeIsASessionOfItsOwn(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/maintenance?dry=1&tasks[]=trim&tasks[]=vacuum")->assertOk()
            ->assertSee('No water change')->assertSee('only with a water change')->assertSee('Net the surface')->assertDontSee('Drain to the mark')
            ->assertDontSee('leave:');
        $checklist = $this->writeRun($keeper, $tank, ['dry' => '1', 'tasks' => ['trim', 'vacuum'], 'signs' => ['tall'], 'signs_was' => ['tall']]);
        self::assertSame(['look', 'hands', 'off', 'trim', 'net', 'check', 'on', 'lid', 'close'], $this->jobs($checklist));
        self::assertFalse($checklist->changes_water);
        $this->get("/checklists/$checklist->id/again")->assertRedirect("/checklists/$checklist->id");
        $this->post("/checklists/$checklist->id/again", ['litres' => '10', 'level' => '50'])->assertRedirect("/checklists/$checklist->id");
        $this->get("/checklists/$checklist->id")->assertDontSee('Plan the rest again');
        $this->get("/checklists/$checklist->id/print")->assertSee('no water change');
        $this->finish($checklist);

        $this->get("/checklists/$checklist->id/forecast-check")->assertOk()->assertSee('How did it go?')->assertSee('without a water change')
            ->assertDontSee('Not tested yet');
        $this->get("/tanks/$tank->id/log")->assertSee('Trim the plants')->assertSee('Seen: stems at the surface.')->assertDontSee('Changed 0');
        // It is no change: that is as due as before.
        $this->travel(3)->hours();
        $this->get('/')->assertSee('Check the tank once more');
        $this->travel(3)->days();
        $this->get('/')->assertSee('First water change')->assertDontSee('Test again today');
    }

    public function testWhatIsSeenPicksTheWorkOnceAndLeavesTheKeeperTheLastWord(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $picked = function (string $query) use ($keeper, $tank): array {
            preg_match_all(
                '/name="tasks\[\]" value="(\w+)"\s+checked/',
                (string) $this->actingAs($keeper)->get("/tanks/$tank->id/maintenance?$query")->assertOk()->getContent(),
                $found,
            );
            sort($found[1]);

            return $found[1];
        };
        self::assertSame(['algae', 'glass', 'spot'], $picked('tasks[]=glass&signs[]=tufts'));
        self::assertSame(['glass'], $picked('tasks[]=glass&signs[]=tufts&signs_was[]=tufts'));
        self::assertSame([], $picked('signs_was[]=tufts'));
        self::assertSame(['algae'], $picked('dry=1&signs[]=tufts'));
    }

    public function testAGuessIsKeptAndWeighedAfterThreeSessions(): void
    {
        [$keeper, $tank] = $this->readyTank();
        for ($i = 0; $i < 3; ++$i) {
            $this->actingAs($keeper)->get("/tanks/$tank->id/maintenance")->assertDontSee('as long as you guess');
            $checklist = $this->writeRun($keeper, $tank, ['guess' => '30']);
            $start = CarbonImmutable::parse('2026-01-01 10:00')->addDays($i);
            Checklist::query()->whereKey($checklist->id)->update([
                'state' => 'done', 'holds' => null, 'started_at' => $start, 'finished_at' => $start->addMinutes(45 + 15 * $i),
            ]);
        }
        // 45, 60 and 75 minutes for guesses of 30: twice as long in the middle, against a guess that is as good as not; 7.5^(6.25 / 22.75).
        $this->get("/tanks/$tank->id/maintenance")->assertSee('Your sessions here usually take 1.7 times as long as you guess.');
        $this->get('/checklists/'.Checklist::query()->latest('id')->firstOrFail()->id.'/forecast-check')->assertSee('your guess 30 min');
    }

    public function testAChangeWhileFillingIsConditionedFirstAndLastsLonger(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $query = ['reason' => 'amount', 'way' => 'litres', 'litres' => '40'];
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?".http_build_query($query + ['inflow' => '50']))->assertOk()
            ->assertSee('while 40')->assertSee('Some new water drains away again.');
        $this->get("/tanks/$tank->id/water-change?".http_build_query($query + ['inflow' => '50', 'working' => 'share']))
            ->assertSee('continuous change: refill rate, % of the drain rate');
        $this->get("/tanks/$tank->id/water-change?inflow=50&drains=2")->assertSee('Once only, when water runs in while the tank drains.');
        $this->get("/tanks/$tank->id/water-change?inflow=100")->assertSee('Between 0 and 90');
        $minutes = static fn(Checklist $of): int => $of->steps()->where('job', 'drain')->firstOrFail()->content->minutes - 2;
        $still = $minutes($this->writeRun($keeper, $tank, $query));
        $checklist = $this->writeRun($keeper, $tank, $query + ['inflow' => '50']);
        $jobs = $this->jobs($checklist);

        self::assertLessThan(array_search('drain', $jobs, true), array_search('condition', $jobs, true));
        self::assertEqualsWithDelta(80.0, $checklist->plan->out, 1e-6);
        // Half runs in again: the level takes twice as long, beside the two minutes that the hose is handled.
        self::assertEqualsWithDelta(2 * $still, $minutes($checklist), 1.0);
        self::assertStringContainsString('80', $this->lines($checklist, 'drain'));
        self::assertStringContainsString('40', $this->lines($checklist, 'refill'));
    }

    public function testABucketSaysWhatItWeighs(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $keeper->update(['bucket_litres' => 12]);
        // 36 L: three of 12 L, or four of 9 L, 9 kg of water and about 0.7 of bucket.
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '36']);
        self::assertMatchesRegularExpression(
            '/3 × 12.L by bucket; filled to three quarters that is 4 trips of about 9\.7.kg each/u',
            $this->lines($checklist, 'drain'),
        );
        $keeper->update(['volume_unit' => 'us_gallon']);
        self::assertMatchesRegularExpression(
            '/trips of about 21.lb each/u',
            $this->lines($this->writeRun($keeper->fresh() ?? $keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '9.5']), 'drain'),
        );
    }

    public function testTheMostOfPeroxideIsForTheWaterThatIsLeft(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $asked = ['reason' => 'amount', 'way' => 'litres', 'litres' => '40', 'tasks' => ['spot']];
        $low = VesselQuery::tank($tank)->litres() - 40.0;
        $checklist = $this->writeRun($keeper, $tank, $asked);
        self::assertStringContainsString(
            sprintf("at most %d\u{A0}mL (%d\u{A0}mL with", round(0.25 * $low), round(0.1 * $low)),
            $this->lines($checklist, 'spot'),
        );
        $tank->update(['animals' => 'hardy_shrimp']);
        self::assertStringContainsString(
            sprintf("at most %d\u{A0}mL in all", round(0.1 * $low)),
            $this->lines($this->writeRun($keeper, $tank, $asked), 'spot'),
        );
    }

    public function testTheSheetSaysHowLongThingsStandOutOfTheirPlace(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/maintenance?tasks[]=floaters")->assertSee('heater and pumps are off from')
            ->assertSee('At the lowest level fish have')->assertSee('Floating plants are out for')->assertDontSee('aerate, and rinse');
        $this->get("/tanks/$tank->id/maintenance?tasks[]=trim&tasks[]=glass&tasks[]=hardscape&tasks[]=leaves&tasks[]=algae&tasks[]=planting")
            ->assertSee('aerate, and rinse the canister before it runs again');
        $checklist = $this->writeRun($keeper, $tank, ['tasks' => ['floaters']]);
        foreach (['look', 'read', 'hands', 'off', 'floaters_out'] as $job) {
            $this->post("/checklists/$checklist->id/steps/".$checklist->steps()->where('job', $job)->firstOrFail()->position);
        }
        $this->travel(20)->minutes();
        $this->get("/checklists/$checklist->id")->assertSee('Floating plants have been out for 20 min')->assertSee('been off for 20 min; up to');
        $this->travel(45)->minutes();
        $this->get("/checklists/$checklist->id")->assertSee('been off for 1 h 05: aerate now');
    }

    public function testAnOrderOfUnknownStepsChangesNothing(): void
    {
        [$keeper, $tank] = $this->readyTank();
        self::assertSame($this->jobs($this->writeRun($keeper, $tank)), $this->jobs($this->writeRun($keeper, $tank, ['order' => 'nothing,of,this'])));
    }

    public function testTheHoseIsMeasuredKeptAndReckonedWith(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $time = function (string $query) use ($keeper, $tank): string {
            preg_match(
                '/<a class="num"[^>]*>([^<]+)<\/a>/',
                (string) $this->actingAs($keeper)->get("/tanks/$tank->id/hose?$query")->assertOk()->getContent(),
                $found,
            );

            return $found[1] ?? '';
        };
        // 35 L, 12 mm, 2 m: about 3 minutes 20 at 80 cm of head over 2650 cm2; here 2500 cm2 of surface, the end 820 under the rim.
        self::assertMatchesRegularExpression('/^3 min [0-3]\d s$/', $time('litres=35&bore=12&length=2&drop=820'));
        self::assertSame('never', $time('litres=35&bore=12&length=2&drop=100'));
        $this->get("/tanks/$tank->id/hose?litres=35&drop=100")->assertSee('flow stops after');
        // No more runs out than is in it: all of the 100 L, and from a line where 40 are out the 60 that are left.
        $hose = new Hose(20.0, 1.0);
        $fallen = static fn(float $asked, float $out): float => DrainQuery::tank(
            $tank->fill(['hose_drop' => 3000.0]),
            $asked,
            VesselQuery::tank($tank)->markFor($out),
            $hose,
        )->minutes();
        self::assertGreaterThan(0.0, $fallen(60.0, 40.0));
        self::assertEqualsWithDelta($fallen(60.0, 40.0), $fallen(500.0, 40.0), 1e-6);
        self::assertEqualsWithDelta($fallen(100.0, 0.0), $fallen(500.0, 0.0), 1e-6);
        self::assertGreaterThan($fallen(60.0, 40.0), $fallen(100.0, 0.0));
        $this->get("/tanks/$tank->id/hose?size=0.0000001")->assertOk();
        $this->get("/tanks/$tank->id/hose?bore=wide&watts=-1&goal=900")->assertOk()->assertSee('Enter a number in mm')->assertSee('Between');
        $this->get("/tanks/$tank->id/hose?hot=10&goal=24")->assertSee('between the cold water and the hot');
        $this->get("/tanks/$tank->id/hose?tube=25&size=0.8")->assertSee('This will suck up your substrate.')->assertSee('pinch the hose');
        $this->get("/tanks/$tank->id/hose?tube=60&size=3")->assertSee('It lifts debris and leaves your substrate.');
        $this->get("/tanks/$tank->id/hose?tube=200&bore=4")->assertSee('Too slow to clean.');
        $this->get("/tanks/$tank->id/hose?working=lift")->assertSee('Ferguson and Church');
        $this->get("/tanks/$tank->id/hose?tube=0&grain=cheese")->assertSee('Choose one from the list.');
        $before = $this->minutes($keeper, $tank);
        $this->put("/tanks/$tank->id/hose", ['bore' => '6', 'length' => '3', 'drop' => '900'])->assertSessionHasNoErrors();
        self::assertGreaterThan(2 * $before, $this->minutes($keeper, $tank->fresh() ?? $tank));
        $this->put("/tanks/$tank->id/hose", ['bore' => '0', 'length' => '', 'drop' => 'deep'])->assertSessionHasErrors(['bore', 'length', 'drop']);
    }

    public function testPlantingTakesAsLongAsItsTops(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $plantGroup = $tank->plantGroups()->create([
            'kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.6, 'front_edge' => 0.5, 'back_edge' => 1, 'wished' => 120,
        ]);
        $plantGroup->looks()->create(['happened_at' => now()->subDays(2), 'height' => 300, 'cover' => 1, 'guessed' => false]);
        $checklist = $this->writeRun($keeper->fresh() ?? $keeper, $tank->fresh() ?? $tank, ['reason' => 'routine', 'tasks' => ['trim', 'planting']]);
        // 500 mm by 500 mm inside: 0.3 of it is 75,000 mm2, a top on each 20 mm by 20 mm: 188. Two minutes, two for the group, a third for each.
        self::assertStringContainsString('188 tops', (string) json_encode($checklist->steps()->where('job', 'trim')->sole()->content->toKeep()));
        self::assertEqualsWithDelta(66, $checklist->steps()->where('job', 'planting')->sole()->content->minutes, 1.0);
    }

    private function minutes(Keeper $keeper, Tank $tank): int
    {
        $minutes = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '35'])->steps()->where('job', 'drain')
            ->firstOrFail()->content->minutes;

        return is_int($minutes) ? $minutes : 0;
    }

    /** Ends every step, with all devices on again. */
    private function finish(Checklist $checklist): void
    {
        foreach ($checklist->steps()->orderBy('position')->get() as $step) {
            if ($step->job === 'on') {
                $checklist->switches()->whereNotNull('off_at')->update(['on_at' => now()]);
            }
            $this->post("/checklists/$checklist->id/steps/$step->position")->assertSessionHasNoErrors();
        }
    }

    /** @return list<string> */
    private function jobs(Checklist $checklist): array
    {
        return array_values($checklist->steps()->orderBy('position')->get()->map(static fn(ChecklistStep $step): string => $step->job)->all());
    }

    private function lines(Checklist $checklist, string $job): string
    {
        return implode(' ', $checklist->steps()->where('job', $job)->firstOrFail()->content->lines);
    }
}
