<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Cycling\CyclingQuery;
use App\Livestock\LivestockQuery;
use App\Models\Animal;
use App\Models\Arrival;
use App\Schedule\WeekQuery;
use App\Today\TonightPage;
use App\WaterChange\DraftChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Livestock\CountKind;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\SwingLimits;
use PHPUnit\Framework\Attributes\DataProvider;

final class LivestockTest extends FeatureCase
{
    public function testTheCountFollowsWhatCameAndWent(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $base = '/tanks/'.$tank->id.'/livestock';
        $this->actingAs($keeper)->post($base, ['kind' => 'tetra', 'name' => 'Ours', 'count' => '12'])->assertRedirect($base);
        $animal = Animal::query()->sole();
        foreach ([['came', 4], ['died', 3], ['counted', 14], ['went', 5]] as [$event, $count]) {
            $this->post("$base/$animal->id", ['event' => $event, 'count' => $count])->assertSessionHasNoErrors();
        }
        self::assertSame(9, $animal->load('events')->count());
        // Nine of 4.5 cm: 9 * 21.87 mg of food.
        self::assertEqualsWithDelta(0.1968, LivestockQuery::food($tank), 1e-3);
        $this->get($base)->assertOk()->assertSeeText('Ours')->assertSeeText("0.2\u{a0}g of dry food");
        $this->get($base.'?working=nitrate')->assertSeeText('nitrogen excreted');
        // 0.41 mg/L by their food; the guess was 1.
        $this->get($base)->assertSeeText('Use ');
        $this->post('/tanks/'.$tank->id.'/livestock-kinds')->assertRedirect($base);
        self::assertEqualsWithDelta(0.4, $tank->refresh()->nitrate_per_day, 1e-9);
        $this->get($base)->assertDontSeeText('until your log says better');
        $this->post("$base/$animal->id", ['event' => 'died', 'count' => '10'])->assertSessionHasErrors(['count' => 'There are only 9.']);
        $this->post("$base/$animal->id", ['event' => 'flew', 'count' => '1'])->assertSessionHasErrors('event');
        $this->post("$base/$animal->id", ['event' => 'died', 'count' => '-1'])->assertSessionHasErrors('count');
        $this->post($base, ['kind' => 'dragon', 'count' => '1'])->assertSessionHasErrors('kind');
        self::assertTrue($keeper->entries()->get()->contains('title', '3 ours died'));
        $this->post("$base/$animal->id", ['event' => 'went', 'count' => '5']);
        $this->get($base)->assertSeeText('Keep them in groups of at least 8.');
    }

    public function testABagIsLetInAsBothWatersAskAndStaysApart(): void
    {
        $this->travelTo('2026-03-03 09:00');
        [$keeper, $tank] = $this->readyTank();
        $base = '/tanks/'.$tank->id;
        $this->actingAs($keeper)->get($base.'/new-arrival?sort=fish&conductivity=900&litres=1&hours=2&ammonium=0&ph=7.1')->assertOk()
            ->assertSeeText('Drip')->assertSeeText('How is this worked out?')->assertSeeText('Float the bag');
        $this->get($base.'/new-arrival?sort=fish&conductivity=900&litres=1&hours=20&ammonium=2&ph=7.1')->assertSeeText('Into clean water, then drip')
            ->assertSeeText("1.0\u{A0}L of dechlorinated water at 900\u{A0}µS/cm")->assertSeeText('times as much');
        // GH tells it where there is no meter: twice the 6.5 degrees of the tank is twice its 330.
        $this->get($base.'/new-arrival?sort=fish&hardness=13&litres=1&hours=20')->assertSeeText('Into clean water, then drip')->assertSeeText('at 660');
        // With neither it is the longest way, after the ammonia is bound.
        $this->get($base
            .'/new-arrival?sort=fish&litres=1&hours=20')->assertOk()
                ->assertSeeText('They travelled long, and nobody knows how much the two waters differ')->assertSeeText('Bind the ammonia')
                ->assertDontSeeText('times in all. Stop as soon as the meter shows')->assertSeeText('Name');
        $this->get($base.'/new-arrival?sort=fish&conductivity=900&litres=1&hours=20&ammonium=2&ph=7.1&working=ammonia')
            ->assertSeeText('Ammonia once the bag is open')->assertSeeText('acidity constant of ammonium');
        $this->get($base.'/new-arrival?sort=shrimp&conductivity=335&litres=1&hours=1&ammonium=&ph=7.2')->assertSeeText('Float and release');
        $this->from($base.'/new-arrival')->get($base.'/new-arrival?sort=fish&conductivity=-5&litres=1')->assertRedirect();
        $this->post($base.'/new-arrivals', ['sort' => 'shrimp', 'conductivity' => '335', 'litres' => '1', 'hours' => '1', 'what' => 'Ten shrimp'])
            ->assertSessionHasNoErrors();
        $arrival = Arrival::query()->sole();
        $course = "$base/new-arrivals/$arrival->id";
        $this->get($course)->assertSeeText('Step 1 of 5')->assertSeeText('Light off');
        $this->get('/')->assertSeeText('Acclimation under way');
        // It is no session, and asks for no change of an evening.
        self::assertFalse((new TonightPage($keeper->fresh() ?? $keeper, null, app(DraftChange::class)))->picked[$tank->id]);
        for ($step = 0; $step < 4; ++$step) {
            $this->post($course.'/step', ['step' => $step])->assertRedirect($course);
            // A second tap does nothing more.
            $this->post($course.'/step', ['step' => $step])->assertRedirect($course);
            self::assertSame($step + 1, $arrival->refresh()->step);
        }
        // Nobody ends a quarantine that has not begun.
        $this->post("$base/new-arrivals/$arrival->id");
        self::assertNull($arrival->refresh()->ended_at);
        $this->post($course.'/step', ['step' => 4, 'days' => '200'])->assertSessionHasErrors('days');
        $this->post($course.'/step', ['step' => 4, 'days' => ''])->assertRedirect($base.'/livestock');
        self::assertSame(['pour', '2026-03-24', null], [$arrival->refresh()->way, $arrival->quarantine_until?->format('Y-m-d'), $arrival->step]);
        $this->get($course)->assertSeeText('Quarantine, day 0 of 21');
        $week = new WeekQuery($keeper->refresh());
        self::assertSame(21, $week->jobs['quarantine.'.$arrival->id.'@0']->day());
        $this->get($base.'/livestock')->assertSeeText('day 0 of 21, quarantine until 24 Mar');
        $this->post("$base/new-arrivals/$arrival->id")->assertRedirect($base.'/livestock');
        self::assertNotNull($arrival->refresh()->ended_at);
        $this->post($base.'/new-arrivals', ['sort' => 'shrimp', 'conductivity' => '335', 'litres' => '1', 'what' => ''])->assertSessionHasErrors('what');
    }

    public function testADripIsFollowedByTheClockAndByThePen(): void
    {
        $this->travelTo('2026-03-03 09:00');
        [$keeper, $tank] = $this->readyTank();
        $base = '/tanks/'.$tank->id;
        $this->actingAs($keeper)->post(
            $base.'/new-arrivals',
            ['sort' => 'fish', 'conductivity' => '990', 'litres' => '0.5', 'hours' => '1', 'what' => 'Six rasboras'],
        )->assertSessionHasNoErrors();
        $arrival = Arrival::query()->sole();
        $course = "$base/new-arrivals/$arrival->id";
        foreach ([0, 1, 2] as $step) {
            $this->post($course.'/step', ['step' => $step]);
        }
        // 990 against 330, twice as much more, to 15 %: 13.3 times half a litre in an hour; after a quarter of that it holds 2.04 L and shows 492.
        $page = $this->get($course)->assertSeeText('Let it drip')->assertSee('data-rings="'.CarbonImmutable::now()->addHour()->getTimestamp().'"', false);
        $page->assertSeeText('09:15')->assertSeeText("2.0\u{A0}L")->assertSeeText("492\u{A0}µS/cm")->assertSeeText("6.7\u{A0}L")
            ->assertSeeText("380\u{A0}µS/cm");
        // What is read of the tank meanwhile moves no plan that was begun.
        $this->read($keeper, $tank, ['conductivity' => '400']);
        $this->get($course)->assertSeeText("492\u{A0}µS/cm");
        // At 429 still twice what they stand: 3.33 L are in the bucket, as much again at 6.17 L an hour is 33 minutes.
        $this->post($course.'/step', ['step' => 3, 'pen' => '429'])
            ->assertSessionHasErrors(['pen' => 'It still differs by more than they tolerate: about 33 minutes more.']);
        self::assertSame(3, $arrival->refresh()->step);
        $this->post($course.'/step', ['step' => 3, 'pen' => '378'])->assertSessionHasNoErrors();
        self::assertSame(4, $arrival->refresh()->step);
        $this->delete($course)->assertRedirect($base.'/livestock');
        self::assertSame(0, Arrival::query()->count());
    }

    public function testTheLimitsOfATankFollowWhatLivesThere(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $tank->update(['animals' => AnimalGroup::Community]);
        $page = "/tanks/$tank->id/livestock";
        $this->actingAs($keeper)->get($page)->assertDontSeeText('Your livestock needs');
        $kind = $tank->animalKinds()->create(['kind' => 'hardy_shrimp']);
        $kind->events()->create(['kind' => CountKind::Came, 'count' => 20, 'day' => now()->format('Y-m-d')]);
        $this->get($page)->assertSeeText('Your livestock needs')->assertSeeText("nitrate up to 20\u{A0}mg/L");
        // Gentler changes need no leave: they follow what is noted.
        self::assertSame(SwingLimits::ofSensitive()->ecShare, ($tank->fresh() ?? $tank)->needs()->swingLimits()->ecShare);
        $this->post("/tanks/$tank->id/livestock-needs")->assertRedirect($page);
        $needs = $tank->refresh()->needs();
        self::assertSame([0.0, 20.0], array_map(floatval(...), $needs->range(Parameter::Nitrate) ?? []));
        self::assertEqualsWithDelta(SwingLimits::ofSensitive()->ecShare, $needs->swingLimits()->ecShare, 1e-9);
        $this->get($page)->assertDontSeeText('Your livestock needs');
        // What no water suits is said, and moves nothing.
        foreach (['angelfish', 'killifish'] as $one) {
            $tank->animalKinds()->create(['kind' => $one])->events()->create(['kind' => CountKind::Came, 'count' => 6, 'day' => now()->format('Y-m-d')]);
        }
        $this->get($page)->assertSeeText('There is no temperature that suits both ');
    }

    public function testPlantsAreRinsedAndNotDripped(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/new-arrival?sort=plant&conductivity=900&litres=1&hours=40&ammonium=2")
            ->assertSeeText('Rinse and quarantine')->assertSeeText('Under running water: snails, eggs in clear jelly, planaria, hair')
            ->assertDontSeeText('Float the bag')->assertDontSeeText('They travelled long. Once the bag is open CO₂ escapes, pH rises, and');
    }

    public function testATankThatWasNeverReadTakesTheLongestWay(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper, $this->water($keeper));
        $this->actingAs($keeper)->get("/tanks/$tank->id/new-arrival?sort=fish&conductivity=900&litres=1")->assertOk()
            ->assertSeeText('Nobody knows how much the two waters differ, so the slow way is the')->assertDontSeeText('µS/cm.');
        $this->post("/tanks/$tank->id/new-arrivals", ['sort' => 'fish', 'conductivity' => '900', 'litres' => '1', 'what' => 'x'])->assertSessionHasNoErrors();
        $this->get("/tanks/$tank->id/new-arrivals/".Arrival::query()->sole()->id)->assertOk();
    }

    public function testAStartUpIsFollowedByItsReadingsUntilItIsReady(): void
    {
        $this->travelTo('2026-03-03 09:00');
        $keeper = $this->keeper();
        $tank = $this->tank($keeper, $this->water($keeper));
        $this->actingAs($keeper)->get("/tanks/$tank->id/cycling")->assertOk()->assertSeeText('How do you cycle it?');
        $this->post("/tanks/$tank->id/cycling", ['way' => 'dark', 'source' => 'dosed', 'begun_on' => '2026-02-10'])->assertSessionHasNoErrors();
        $this->get("/tanks/$tank->id/cycling")->assertSeeText('Day 21, week 4')
            ->assertSeeText('Not tested yet. Test ammonia and nitrite together to see where it is.')
            ->assertSeeText('Dose ammonia to 2 mg/L nitrogen: 0.76 g of ammonium chloride')->assertSeeText('gloves and glasses');
        $this->get('/')->assertSeeText('Cycling, day 21')->assertDontSeeText('Ammonia is dangerous now');
        $this->read($keeper, $tank, ['ammonium' => '0.5', 'nitrite' => '2', 'carbonate_hardness' => '4']);
        $this->get("/tanks/$tank->id/cycling")->assertSeeText('Not cycled: the tests show ammonia or nitrite.')
            ->assertSeeText('Nothing to do today. Test again');
        $start = $tank->cycling()->sole();
        $known = new CyclingQuery($tank->setRelation('keeper', $keeper), $start);
        self::assertSame([21, 2], [$known->day, count($known->readings)]);
        $this->travelTo('2026-03-20 09:00');
        $this->post("/tanks/$tank->id/cycling/doses", ['dose' => '1.5'])->assertSessionHasNoErrors();
        $this->travelTo('2026-03-21 09:00');
        $this->read($keeper, $tank, ['ammonium' => '0', 'nitrite' => '0']);
        $this->get("/tanks/$tank->id/cycling")->assertSeeText('Cycled: a dose of ammonia was gone within a day and left no nitrite.')
            ->assertSeeText("Change 90\u{a0}% of the water, then plant");
        $this->delete("/tanks/$tank->id/cycling")->assertRedirect();
        self::assertSame(0, $tank->cycling()->count());
    }

    public function testNoAmmoniaIsDosedWhereAnimalsLive(): void
    {
        $this->travelTo('2026-03-03 09:00');
        $keeper = $this->keeper();
        $tank = $this->tank($keeper, $this->water($keeper));
        $start = $tank->cycling()->create(['way' => 'dark', 'source' => 'dosed', 'begun_on' => '2026-03-01']);
        $page = "/tanks/$tank->id/cycling";
        $this->actingAs($keeper)->get($page)->assertSeeText('Dose ammonia to 2');
        $start->update(['way' => 'fish']);
        $this->get($page)->assertDontSeeText('Dose ammonia to')->assertSeeText('Animals live here: do not dose ammonia, it burns their gills. Their');
        $start->update(['way' => 'dark']);
        $tank->animalKinds()->create(['kind' => 'tetra'])->events()->create(['kind' => CountKind::Came, 'count' => 6, 'day' => now()->format('Y-m-d')]);
        $this->get($page)->assertDontSeeText('Dose ammonia to')->assertSeeText('Animals live here: do not dose ammonia, it burns their gills. Their');
    }

    public function testAStartUpIsReckonedInTheWaterAsItStands(): void
    {
        $this->travelTo('2026-03-03 09:00');
        $keeper = $this->keeper();
        $tank = $this->tank($keeper, $this->water($keeper));
        $start = $tank->cycling()->create(['way' => 'dark', 'source' => 'dosed', 'begun_on' => '2026-02-27', 'doses' => ['2026-02-27' => 2.0]]);
        $model = function () use ($keeper, $tank, $start): array {
            $known = new CyclingQuery(($tank->fresh() ?? $tank)->setRelation('keeper', $keeper), $start);

            return [$known->model->celsius, $known->model->ph, $known->expected->nitritePeak[1]];
        };
        [$celsius, $ph, $usual] = $model();
        self::assertSame([25.0, 7.5], [$celsius, $ph]);
        $this->read($keeper, $tank, ['ph' => '6.3', 'temperature' => '19']);
        [$celsius, $ph, $cold] = $model();
        self::assertEqualsWithDelta([19.0, 6.3], [$celsius, $ph], 0.05);
        // Cold and sour water makes bacteria slow.
        self::assertGreaterThan($usual + 3.0, $cold);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrong(): iterable
    {
        $good = ['way' => 'dark', 'source' => 'soil', 'begun_on' => '2026-02-10'];
        yield 'another way' => [['way' => 'magic'] + $good, 'way'];
        yield 'another source' => [['source' => ''] + $good, 'source'];
        yield 'a day to come' => [['begun_on' => '2026-04-01'] + $good, 'begun_on'];
        yield 'years ago' => [['begun_on' => '2020-04-01'] + $good, 'begun_on'];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('wrong')]
    public function testAStartUpThatCannotBeIsNotKept(array $typed, string $field): void
    {
        $this->travelTo('2026-03-03 09:00');
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post("/tanks/$tank->id/cycling", $typed)->assertSessionHasErrors($field);
        $this->post("/tanks/$tank->id/cycling/doses", ['dose' => '1.5'])->assertNotFound();
        self::assertSame(0, $tank->cycling()->count());
    }

    public function testAfterWeeksWithoutAChangeTheRoundLeadsBackInSteps(): void
    {
        $this->travelTo('2026-03-03 09:00');
        [$keeper, $tank, $water] = $this->readyTank();
        $this->noteChange($keeper, $tank, $water, 30.0, CarbonImmutable::now()->subDays(30));
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $this->read($keeper, $tank, ['nitrate' => '80']);
        $this->actingAs($keeper)->get('/')->assertSee("/tanks/$tank->id/catch-up");
        $answer = $this->get("/tanks/$tank->id/catch-up")->assertOk()->assertSeeText('30 days without a water change; usually every 7 days.')
            ->assertSeeText('Test ammonia, nitrite, KH and pH first: if KH is below 1 or ammonia')->assertSeeText('Caught up');
        // 80 to 18 with tap water of 5 takes three changes and more of those that the animals stand.
        self::assertGreaterThanOrEqual(3, substr_count((string) $answer->getContent(), 'of nitrate'));
        // What it says is what the checklist is opened with.
        preg_match('#/tanks/\d+/maintenance\?reason=amount&amp;way=percent&amp;percent=(\d+)#', (string) $answer->getContent(), $link);
        $share = $link[1] ?? '';
        $answer->assertSeeText("Change $share\u{a0}% of the water")->assertSee('data-working="change-0"', false);
        $this->get("/tanks/$tank->id/catch-up?working=change-0", ['HX-Request' => 'true'])->assertOk()->assertSeeText('How much to change')
            ->assertSeeText((string) ((int) $share / 100));
        $this->get("/tanks/$tank->id/catch-up?working=change-99", ['HX-Request' => 'true'])->assertOk()->assertSeeText('Not worked out yet');
        $this->get("/tanks/$tank->id/water-change?reason=amount&way=percent&percent=$share")->assertSee('value="'.$share.'"', false);
        $this->travelTo('2026-03-04 09:00');
        $this->noteChange($keeper, $tank, $water, 30.0, CarbonImmutable::now()->subDays(3));
        $this->get("/tanks/$tank->id/catch-up")->assertSeeText('Nothing here is so overdue');
    }

    public function testATankWhoseChangesNobodyWroteDownIsToldSo(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->read($keeper, $tank, ['nitrate' => '60']);
        $this->actingAs($keeper)->get("/tanks/$tank->id/catch-up")->assertOk()->assertSeeText('No water change of this tank is in the log yet.')
            ->assertSeeText('Plan a water change')->assertDontSeeText('days without a water change; usually every');
    }

    public function testDangerIsNamedBeforeTheWayBack(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->read($keeper, $tank, ['ammonium' => '3', 'ph' => '8.2']);
        $this->actingAs($keeper)->get("/tanks/$tank->id/catch-up")->assertOk()->assertSeeText(__('standing.ten_minutes'));
    }
}
