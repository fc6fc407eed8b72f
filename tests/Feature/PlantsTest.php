<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use App\Models\PlantGroup;
use App\Models\PlantKind;
use App\Models\PlantMeasurement;
use App\Models\Tank;
use App\Plants\RecordPlantMeasurements;
use App\Tanks\PlantModelQuery;
use App\Tanks\VesselQuery;
use App\Units\LengthUnit;
use Carbon\CarbonImmutable;
use Cresco\Core\Plants\LearnedRate;
use Cresco\Core\Plants\Regrowth;
use PHPUnit\Framework\Attributes\DataProvider;

/** Plants from the first stand to the forecast check. */
final class PlantsTest extends FeatureCase
{
    private Keeper $keeper;

    private Tank $tank;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-03-01 18:00');
        [$this->keeper, $this->tank] = $this->readyTank();
        // 500 mm square, 400 mm of water, no bed; a panel of 100 µmol/s.
        $this->tank->lamps()->create(['kind' => 'panel', 'told_by' => 'maker', 'told' => 100, 'length' => 450, 'width' => 300, 'above' => 60, 'hours' => 8]);
        $this->actingAs($this->keeper);
    }

    /** @param array<string, string> $more */
    private function set(array $more = []): PlantGroup
    {
        $this->post(
            "/tanks/{$this->tank->id}/plant-groups",
            $more + ['kind' => 'rotala_rotundifolia', 'left' => '0', 'right' => '30', 'front' => '60', 'back' => '100', 'height' => '120'],
        )->assertSessionHasNoErrors()->assertRedirect("/tanks/{$this->tank->id}/plants");

        return PlantGroup::query()->latest('id')->firstOrFail();
    }

    private function fresh(): Tank
    {
        return Tank::query()->with(PlantModelQuery::WITH)->findOrFail($this->tank->id);
    }

    public function testLeavesGrownInAirAreTakenOutEveryOtherDayForSixWeeks(): void
    {
        [$keeper, $tank] = [$this->keeper, $this->tank];
        $plantGroup = $tank->plantGroups()->create([
            'kind' => 'cryptocoryne_wendtii', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
            'planted_on' => now()->subDays(5)->toDateString(), 'from_air' => true,
        ]);
        $this->actingAs($keeper)->get('/')->assertSee('Remove melting leaves of a plant group');
        $this->get('/tanks/'.$tank->id.'/plants')->assertSee('Remove melting leaves: Cryptocoryne wendtii, back left.');

        $this->post('/tanks/'.$tank->id.'/plant-groups/'.$plantGroup->id.'/melt')->assertRedirect('/tanks/'.$tank->id.'/plants');
        $this->get('/')->assertDontSee('melting leaves');
        $this->get('/tanks/'.$tank->id.'/plants')->assertDontSee('Remove melting leaves');

        $this->travel(2)->days();
        $this->get('/')->assertSee('Remove melting leaves of a plant group');
        $this->travel(36)->days();
        $this->get('/')->assertDontSee('melting leaves');
        $this->post('/tanks/'.$tank->id.'/plant-groups/'.$plantGroup->id.'/melt')->assertNotFound();
    }

    public function testTheBreadthOfAHandIsAskedOnceWithTheHeights(): void
    {
        [$keeper, $tank] = [$this->keeper, $this->tank];
        $plantGroup = $tank->plantGroups()->create([
            'kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
        ]);
        $heights = '/tanks/'.$tank->id.'/plants/measurements';
        $this->actingAs($keeper)->get($heights)->assertSee('How wide is your hand, across the knuckles?');
        $this->post($heights, ['hand' => '20', 'height' => [$plantGroup->id => '150']])->assertSessionHasErrors('hand');
        $this->post($heights, ['hand' => '80', 'height' => [$plantGroup->id => '150']])->assertSessionHasNoErrors();

        self::assertSame(80.0, $keeper->refresh()->hand);
        $this->get($heights)->assertDontSee('How wide is your hand, across the knuckles?')->assertSee('value="160"', false);
    }

    public function testManyStandsThatWantNothingAreFoldedAndShownWhenAskedFor(): void
    {
        [$keeper, $tank] = [$this->keeper, $this->tank];
        foreach (range(0, 12) as $i) {
            $plantGroup = $tank->plantGroups()->create([
                'kind' => 'anubias_barteri', 'left_edge' => 0.07 * $i, 'right_edge' => 0.07 * $i + 0.05, 'front_edge' => 0.5, 'back_edge' => 0.9,
                'perch' => 50,
            ]);
            $plantGroup->looks()->create(['happened_at' => now()->subDays(3), 'height' => 60, 'cover' => 1]);
        }
        $page = '/tanks/'.$tank->id.'/plants';
        $this->actingAs($keeper)->get($page)->assertSee('13 more plant groups need nothing in the next 14 days.')
            ->assertDontSee('name="cut['.$plantGroup->id.']"', false);
        $this->get($page.'?all=1')->assertDontSee('more plant groups need nothing in the next')->assertSee('name="cut['.$plantGroup->id.']"', false);
    }

    public function testAStandIsSetUpByKindPlaceAndHeightAndStandsInEveryDrawing(): void
    {
        $this->get("/tanks/{$this->tank->id}/plants")->assertOk()->assertSee('No plants yet');
        $plantGroup = $this->set(['wished' => '250']);

        self::assertEqualsWithDelta(120.0, $plantGroup->latestLook->height ?? 0.0, 1e-9);
        $here = 'data-stand="'.$plantGroup->id.'"';
        $this->get("/tanks/{$this->tank->id}/plants")->assertOk()->assertSee($here, false)->assertSee('Rotala rotundifolia')->assertSee('back left')
            ->assertSee("120\u{A0}mm (107 to 133)");
        $this->get("/tanks/{$this->tank->id}")->assertSee($here, false);
        $this->get("/tanks/{$this->tank->id}/water-change")->assertSee($here, false);
        $this->get('/')->assertSee($here, false);
        $this->get("/tanks/{$this->tank->id}/section.svg")->assertSee($here, false);
    }

    public function testAKindOfTheKeepersOwnCountsLikeAnyOther(): void
    {
        $this->set(['kind' => '', 'own_name' => 'Hedgerow fern', 'form' => 'fern', 'pace' => 'slow', 'demand' => 'shade', 'roots' => '10', 'height' => '90']);
        $own = PlantKind::query()->sole();

        $this->get("/tanks/{$this->tank->id}/plant-groups/new")->assertSee('Hedgerow fern');
        $this->set(['kind' => 'own-'.$own->id, 'left' => '50', 'right' => '70']);
        self::assertSame(2, PlantGroup::query()->where('plant_kind_id', $own->id)->count());
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrong(): iterable
    {
        yield 'no area' => [['left' => '30', 'right' => '30'], 'right'];
        yield 'outside the glass' => [['right' => '120'], 'right'];
        yield 'back before front' => [['front' => '80', 'back' => '60'], 'back'];
        yield 'a carpet half a metre thick' => [['kind' => 'micranthemum_tweediei', 'height' => '300'], 'height'];
        yield 'taller than twice the water' => [['height' => '900'], 'height'];
        yield 'a height of nothing' => [['height' => '0'], 'height'];
        yield 'planted tomorrow' => [['planted_on' => '2026-03-02'], 'planted_on'];
        yield 'no such day' => [['planted_on' => '2026-02-30'], 'planted_on'];
        yield 'planted before the tank was set up' => [['planted_on' => '2025-12-31'], 'planted_on'];
        yield 'no such kind' => [['kind' => 'plastic'], 'kind'];
        yield 'another keeper’s kind' => [['kind' => 'own-999'], 'kind'];
        yield 'a new kind of no form' => [['own_name' => 'It', 'form' => 'tree'], 'form'];
        yield 'a wish above the water' => [['wished' => '2000'], 'wished'];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('wrong')]
    public function testWhatCannotBeSaysSoAtItsFieldAndKeepsNothing(array $typed, string $field): void
    {
        $this->tank->update(['started_on' => '2026-01-01']);
        $this->post(
            "/tanks/{$this->tank->id}/plant-groups",
            $typed + [
                'kind' => 'rotala_rotundifolia', 'left' => '0', 'right' => '30', 'front' => '60', 'back' => '100', 'height' => '120',
                'pace' => 'slow', 'demand' => 'shade',
            ],
        )->assertSessionHasErrors($field);

        self::assertSame(0, PlantGroup::query()->count());
    }

    public function testATankHoldsEightyStandsAndNoMore(): void
    {
        for ($i = 0; $i < 80; ++$i) {
            $this->tank->plantGroups()->create(['kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.1, 'front_edge' => 0, 'back_edge' => 0.1]);
        }

        $this->post(
            "/tanks/{$this->tank->id}/plant-groups",
            ['kind' => 'rotala_rotundifolia', 'left' => '0', 'right' => '30', 'front' => '60', 'back' => '100'],
        )->assertSessionHasErrors('limit');
        $this->get("/tanks/{$this->tank->id}/plants")->assertOk();
    }

    public function testWhatWasNeverMeasuredHasAForecastWithAWiderBandAndSaysSo(): void
    {
        $seen = $this->set();
        $unseen = $this->set(['height' => '', 'left' => '40', 'right' => '70']);
        $planting = PlantModelQuery::tank($this->fresh());

        self::assertGreaterThan(
            2.0 * $planting->plantGroups[$seen->id]->off / $planting->plantGroups[$seen->id]->height,
            $planting->plantGroups[$unseen->id]->off / $planting->plantGroups[$unseen->id]->height,
        );
        $this->get("/tanks/{$this->tank->id}/plants")->assertSee('Never measured');
    }

    public function testItIsDrawnAtTheHeightThatItsCurveHasComeTo(): void
    {
        $plantGroup = $this->set();
        $this->travelTo('2026-03-15 18:00');
        $core = PlantModelQuery::tank($this->fresh())->plantGroups[$plantGroup->id];

        // 1.4 times 400 mm of water is where it would stop.
        self::assertEqualsWithDelta(560.0, $core->ceiling, 1e-9);
        self::assertEqualsWithDelta((new Regrowth(560.0, $core->rate->median))->after(120.0, 2.0), $core->height, 0.01);
        $this->get("/tanks/{$this->tank->id}/plants")->assertSee(sprintf("%d\u{A0}mm (", round($core->height)));
    }

    public function testItsRateIsLearnedFromHeightsAndNotFromTheOneThatWasNotMeasured(): void
    {
        $plantGroup = $this->set();
        $growth = new Regrowth(560.0, 60.0);
        $height = 120.0;
        foreach ([14, 28, 42] as $days) {
            $this->travelTo(CarbonImmutable::parse('2026-03-01 18:00')->addDays($days));
            $found = $growth->after($height, 2.0);
            app(RecordPlantMeasurements::class)(
                $this->fresh()->setRelation('keeper', $this->keeper),
                [$plantGroup->id => ['height' => 120.0, 'cover' => 1.0, 'before' => $found, 'coverBefore' => null, 'guessed' => false, 'replanted' => 0]],
                CarbonImmutable::now(),
            );
            $height = 120.0;
        }
        $rate = PlantModelQuery::tank($this->fresh())->plantGroups[$plantGroup->id]->rate;
        self::assertSame(3, $rate->count);
        self::assertEqualsWithDelta(60.0, $rate->median, 5.0);
        $this->get("/tanks/{$this->tank->id}/plants")->assertSee('from 3 pairs of heights');

        $this->travelTo('2026-04-26 18:00');
        app(RecordPlantMeasurements::class)(
            $this->fresh()->setRelation('keeper', $this->keeper),
            [$plantGroup->id => ['height' => 120.0, 'cover' => 1.0, 'before' => 400.0, 'coverBefore' => null, 'guessed' => true, 'replanted' => 0]],
            CarbonImmutable::now(),
        );
        self::assertEqualsWithDelta($rate->median, PlantModelQuery::tank($this->fresh())->plantGroups[$plantGroup->id]->rate->median, 1e-9);
    }

    public function testHeightsAreKeptInOnePassBesideWhatWasForecast(): void
    {
        $first = $this->set();
        $second = $this->set(['left' => '40', 'right' => '70']);
        $this->travelTo('2026-03-08 18:00');
        $foreseen = PlantModelQuery::tank($this->fresh())->plantGroups[$first->id]->height;

        $this->get("/tanks/{$this->tank->id}/plants/measurements")->assertOk()->assertSee('1. Rotala rotundifolia, back left');
        $this->post("/tanks/{$this->tank->id}/plants/measurements", ['height' => [$first->id => '165', $second->id => '']])->assertSessionHasNoErrors();

        $look = $first->looks()->reorder('id', 'desc')->firstOrFail();
        self::assertSame(165.0, $look->height);
        self::assertEqualsWithDelta($foreseen, (float) $look->foreseen, 0.01);
        self::assertSame(1, $second->looks()->count());
        $this->post("/tanks/{$this->tank->id}/plants/measurements", ['height' => []])->assertSessionHasErrors('heights');
        $this->post("/tanks/{$this->tank->id}/plants/measurements", ['height' => [$first->id => '9999']])->assertSessionHasErrors('height.'.$first->id);
    }

    public function testTheCutLineAnswersWhileTypingAndAHeightAboveTheStandSaysSoAtItsField(): void
    {
        $plantGroup = $this->set(['height' => '380', 'wished' => '200']);
        $ask = fn(string $to) => $this->get(
            "/tanks/{$this->tank->id}/plants?trim=1&day=0&stands[]=$plantGroup->id&cut[$plantGroup->id]=$to",
            ['HX-Request' => 'true'],
        )->assertOk();

        $ask('140')->assertSee('a hand and a half above the substrate')->assertSee('aria-valuenow="140"', false)->assertDontSee('<form', false);
        $ask('500')->assertHeader('HX-Reswap', 'none')->assertSee('e-f-cut-'.$plantGroup->id)->assertSee('Between');
        // Without a tick it stays as it is four weeks on; with one it is drawn as cut.
        $later = fn(string $query): string => (string) preg_replace(
            '/\s+/',
            ' ',
            strip_tags((string) $this->get("/tanks/{$this->tank->id}/plants?trim=1&day=7$query", ['HX-Request' => 'true'])->getContent()),
        );
        self::assertNotSame($later(''), $later("&stands[]=$plantGroup->id&cut[$plantGroup->id]=140"));
    }

    public function testASessionCutsWhatIsDueAndTheLookBackHoldsItToTheForecast(): void
    {
        $tall = $this->set(['height' => '390', 'wished' => '200']);
        $low = $this->set(['left' => '50', 'right' => '80', 'height' => '60', 'wished' => '300']);
        $this->get('/')->assertSee('Trim Rotala rotundifolia, back left');
        $this->get("/tanks/{$this->tank->id}/maintenance?tasks[]=trim")->assertOk()->assertSee('Which plant groups, and down to what?');
        $checklist = $this->writeRun(
            $this->keeper,
            $this->tank,
            ['dry' => '1', 'tasks' => ['trim'], 'trim' => '1', 'stands' => [(string) $tall->id], 'cut' => [$tall->id => '140']],
        );
        $step = $checklist->steps()->where('job', 'trim')->firstOrFail();
        $cuts = $step->content->plantGroups;

        self::assertCount(1, $cuts);
        self::assertSame($tall->id, $cuts[0]->plantGroup);
        self::assertSame(140.0, $cuts[0]->to);
        $this->get("/checklists/$checklist->id?step=$step->position")->assertOk()
            ->assertSee("Trim to 140\u{A0}mm, a hand and a half above the substrate")->assertSee('value="390"', false)
                ->assertSee('Cut just above a node, lower than you think; step a row, lower in');
        $this->get("/checklists/$checklist->id/print")->assertSee('Rotala rotundifolia, back left');

        $this->post(
            "/checklists/$checklist->id/steps/$step->position",
            ['stands_asked' => '1', 'cut_stands' => [(string) $tall->id], 'stand_before' => [$tall->id => '130'], 'stand_after' => [$tall->id => '140']],
        )->assertSessionHasErrors('stand_after.'.$tall->id);
        self::assertNull($step->refresh()->done_at);
        $this->post(
            "/checklists/$checklist->id/steps/$step->position",
            ['stands_asked' => '1', 'cut_stands' => [(string) $tall->id], 'stand_before' => [$tall->id => '385'], 'stand_after' => [$tall->id => '150']],
        )->assertSessionHasNoErrors();
        // Said twice, kept once.
        $this->post(
            "/checklists/$checklist->id/steps/$step->position",
            ['stands_asked' => '1', 'cut_stands' => [(string) $tall->id], 'stand_before' => [$tall->id => '300'], 'stand_after' => [$tall->id => '100']],
        );

        $look = PlantMeasurement::query()->where('checklist_id', $checklist->id)->sole();
        self::assertSame([385.0, 150.0, false], [$look->before, $look->height, $look->guessed]);
        self::assertGreaterThan(0, $look->surplus);
        self::assertSame(1, $low->looks()->count());
        $this->finishRun($checklist, CarbonImmutable::now(), CarbonImmutable::now());
        $this->get("/checklists/$checklist->id/forecast-check")->assertOk()->assertSee('Trimmed')->assertSee("385\u{A0}mm")->assertSee('as forecast');
        $this->get('/spare-cuttings')->assertOk()->assertSee('tops of Rotala rotundifolia')
            ->assertSee('Dry or freeze what nobody wants before you compost it. Never throw');
        $this->post("/spare-cuttings/$look->id")->assertRedirect();
        $this->get('/spare-cuttings')->assertSee('No spare cuttings. Tops that you trim and do not replant are listed');
    }

    public function testWhatIsOnlyTappedThroughIsCutAsPlannedAndTeachesNothing(): void
    {
        $tall = $this->set(['height' => '390', 'wished' => '200']);
        $checklist = $this->writeRun($this->keeper, $this->tank, ['dry' => '1', 'tasks' => ['trim']]);
        $step = $checklist->steps()->where('job', 'trim')->firstOrFail();
        $cut = $step->content->plantGroups[0];
        $this->post(
            "/checklists/$checklist->id/steps/$step->position",
            [
                'stands_asked' => '1', 'cut_stands' => [(string) $tall->id], 'stand_before' => [$tall->id => '390'],
                'stand_after' => [$tall->id => (string) $cut->to],
            ],
        )->assertSessionHasNoErrors();

        $look = PlantMeasurement::query()->where('checklist_id', $checklist->id)->sole();
        self::assertTrue($look->guessed);
        self::assertSame($cut->to, $look->height);
        $this->finishRun($checklist, CarbonImmutable::now(), CarbonImmutable::now());
        $this->get("/checklists/$checklist->id/forecast-check")->assertSee('not measured');
    }

    public function testASkippedStepAndAStandThatIsNotTickedCutNothing(): void
    {
        $tall = $this->set(['height' => '390', 'wished' => '200']);
        $checklist = $this->writeRun($this->keeper, $this->tank, ['dry' => '1', 'tasks' => ['trim']]);
        $step = $checklist->steps()->where('job', 'trim')->firstOrFail();
        $this->post(
            "/checklists/$checklist->id/steps/$step->position",
            ['stands_asked' => '1', 'stand_before' => [$tall->id => '390'], 'stand_after' => [$tall->id => '100']],
        )->assertSessionHasNoErrors();

        self::assertSame(0, PlantMeasurement::query()->where('checklist_id', $checklist->id)->count());
    }

    public function testFloatingPlantsGoBackAtTheCoverThatIsAsked(): void
    {
        $float = $this->set(['kind' => 'limnobium_laevigatum', 'right' => '100', 'front' => '0', 'height' => '', 'cover' => '80']);
        $this->get("/tanks/{$this->tank->id}/plants")->assertSee("cover 80\u{A0}%")->assertSee("it covers more than 50\u{A0}%");
        $checklist = $this->writeRun($this->keeper, $this->tank, ['dry' => '1', 'tasks' => ['floaters']]);
        $step = $checklist->steps()->where('job', 'floaters_back')->firstOrFail();
        $cut = $step->content->plantGroups[0];
        // Back at half of it in two weeks, doubling in six days: 1 / (1 + 2^(14/6)) = 0.166, to the next twentieth.
        self::assertEqualsWithDelta(0.15, $cut->to, 1e-9);

        $this->post(
            "/checklists/$checklist->id/steps/$step->position",
            ['stands_asked' => '1', 'cut_stands' => [(string) $float->id], 'stand_before' => [$float->id => '75'], 'stand_after' => [$float->id => '20']],
        )->assertSessionHasNoErrors();
        $look = PlantMeasurement::query()->where('checklist_id', $checklist->id)->sole();
        self::assertEqualsWithDelta(0.2, $look->cover, 1e-9);
        self::assertEqualsWithDelta(0.75, (float) $look->cover_before, 1e-9);
    }

    public function testOneThatStandsInTheShadeIsSaidToWithWhoTakesItsLight(): void
    {
        $this->tank->lamps()->update(['told' => 40]);
        $this->set(['height' => '380', 'right' => '100', 'front' => '0']);
        $this->set(['kind' => 'micranthemum_tweediei', 'left' => '20', 'right' => '80', 'front' => '20', 'back' => '60', 'height' => '20']);

        $this->get("/tanks/{$this->tank->id}/plants")->assertSee('Rotala rotundifolia, middle centre takes')
            ->assertSee('at its top: too little to survive; it needs');
    }

    public function testTheMarkSaysWhichLowPlantsItLeavesInTheAir(): void
    {
        $this->set(['kind' => 'anubias_barteri', 'height' => '90', 'perch' => '260']);
        $this->set(['left' => '50', 'right' => '80', 'height' => '300']);

        $this->get("/tanks/{$this->tank->id}/water-change?reason=amount&way=percent&percent=50")->assertOk()->assertSee('Plants left dry.')
            ->assertSee('Anubias barteri')->assertDontSee('Anubias barteri and Rotala');
        $this->get("/tanks/{$this->tank->id}/water-change?reason=amount&way=percent&percent=5")->assertDontSee('Plants left dry.');
    }

    public function testALampIsKnownByItsLumensAndAReadingMovesIt(): void
    {
        $this->tank->lamps()->delete();
        $lamp = [
            'kind' => 'bar', 'told_by' => 'lumens', 'told' => '5400', 'colour' => 'sun', 'type' => 'led', 'length' => '450', 'width' => '60',
            'above' => '80', 'angle' => '120', 'dimmer' => '80', 'hours' => '9', 'ramp' => '60', 'spots' => '1', 'across' => '50', 'front' => '50',
        ];
        $this->post("/tanks/{$this->tank->id}/lights", $lamp)->assertSessionHasNoErrors();
        // 5400 lm of daylight are 100 µmol/s, dimmed to 80; nine hours with a ramp of one each way are eight.
        $this->get("/tanks/{$this->tank->id}/light")->assertOk()->assertSee('80 µmol/s as dimmed')->assertSee('8.0 h at full light');
        foreach ([['told' => '0'], ['angle' => '180'], ['ramp' => '300'], ['length' => ''], ['kind' => 'torch'], ['spots' => '99']] as $wrong) {
            $this->post("/tanks/{$this->tank->id}/lights", $wrong + $lamp)->assertSessionHasErrors((string) array_key_first($wrong));
        }
        self::assertSame(1, $this->tank->lamps()->count());

        $before = PlantModelQuery::tank($this->fresh())->light->at(200.0);
        $this->post(
            "/tanks/{$this->tank->id}/light-readings",
            ['by' => 'sensor', 'value' => '20', 'across' => '50', 'front' => '50', 'depth' => '200'],
        )->assertSessionHasNoErrors();
        self::assertLessThan(0.9 * $before, PlantModelQuery::tank($this->fresh())->light->at(200.0));
        $this->get("/tanks/{$this->tank->id}/light")->assertSee('One PAR test shifts all of it by a factor of');
        $this->post(
            "/tanks/{$this->tank->id}/light-readings",
            ['by' => 'sensor', 'value' => '-1', 'across' => '50', 'front' => '50', 'depth' => '200'],
        )->assertSessionHasErrors('value');
    }

    public function testADayOnWhichTheLampsStayedOnCountsInTheDose(): void
    {
        $plantGroup = $this->set();
        $usual = PlantModelQuery::tank($this->fresh())->plantGroups[$plantGroup->id]->rate->usual;
        $this->post("/tanks/{$this->tank->id}/light-days", ['day' => '2026-02-28', 'day_hours' => '22'])->assertSessionHasNoErrors();
        // Thirteen days of eight hours and one of twenty-two are nine hours a day.
        $this->get("/tanks/{$this->tank->id}/light")->assertSee('Photoperiod of the last two weeks: 9.0 h a day on average, 8.0 h as set');
        self::assertEqualsWithDelta($usual * 9.0 / 8.0, PlantModelQuery::tank($this->fresh())->plantGroups[$plantGroup->id]->rate->usual, 0.01);
        // Said again, it is put right.
        $this->post("/tanks/{$this->tank->id}/light-days", ['day' => '2026-02-28', 'day_hours' => '8'])->assertSessionHasNoErrors();
        self::assertSame(1, $this->tank->lightDays()->count());
        foreach ([
            ['day' => '2026-03-02', 'day_hours' => '8'], ['day' => '2025-03-02', 'day_hours' => '8'], ['day' => '2026-02-27', 'day_hours' => '25'],
        ] as $i => $wrong) {
            $this->post("/tanks/{$this->tank->id}/light-days", $wrong)->assertSessionHasErrors($i === 2 ? 'day_hours' : 'day');
        }
        $this->delete("/tanks/{$this->tank->id}/light-days/".$this->tank->lightDays()->firstOrFail()->id)->assertRedirect();
        self::assertSame(0, $this->tank->lightDays()->count());
    }

    public function testACutSaysWhatThePlantsTakeUpLess(): void
    {
        // At half its ceiling it grows fastest; cut to a fifth of it, far slower.
        $plantGroup = $this->set(['height' => '280', 'right' => '100', 'front' => '0']);
        $page = (string) $this->get("/tanks/{$this->tank->id}/plants?trim=1&stands[]=$plantGroup->id&cut[$plantGroup->id]=60")
            ->assertSee('mg/L less nitrate: it rises faster until they have regrown.')->getContent();

        preg_match('/about ([\d.]+) mg\/L less nitrate/', $page, $found);
        $core = PlantModelQuery::tank($this->fresh())->plantGroups[$plantGroup->id];
        $growth = new Regrowth(560.0, $core->rate->median);
        // 200 g/m2 of dry mass at 400 mm on 0.25 m2, 2.5 % of it nitrogen, in about 100 L.
        $gram = 200.0 * 0.25 / 400.0 * ($growth->after(280.0, 1.0) - 280.0 - $growth->after(60.0, 1.0) + 60.0);
        self::assertEqualsWithDelta($gram * 0.025 * 1000.0 * 62.0 / 14.0 / VesselQuery::tank($this->tank)->litres(), (float) ($found[1] ?? 0.0), 0.06);
    }

    public function testHeightRateAndLightOpenToWorkingsThatComeToTheSameFigures(): void
    {
        $plantGroup = $this->set();
        $this->travelTo('2026-03-12 18:00');
        $tank = $this->fresh();
        $core = PlantModelQuery::tank($tank)->plantGroups[$plantGroup->id];

        self::assertEqualsWithDelta($core->height, PlantModelQuery::height($tank, $plantGroup->id)?->value('h') ?? 0.0, 1e-6);
        self::assertEqualsWithDelta($core->rate->usual, PlantModelQuery::growth($tank, $plantGroup->id)?->value('rate') ?? 0.0, 1e-6);
        foreach (['grown-', 'rate--', 'light-'] as $name) {
            $this->get("/tanks/{$this->tank->id}/plants?working=$name$plantGroup->id", ['HX-Request' => 'true'])->assertOk()->assertSee('What goes in');
            $this->get("/tanks/{$this->tank->id}/plants?working={$name}999", ['HX-Request' => 'true'])->assertOk()->assertDontSee('What goes in');
        }
        self::assertNull(PlantModelQuery::growth($tank, 999));
    }

    public function testABackupThatIsLaidBackShowsItsOwnPlantsAndNotThoseOfAfterwards(): void
    {
        $this->set(['height' => '120']);
        $then = $this->fresh()->plants_version;
        $second = $this->set(['left' => '50', 'right' => '80']);
        $this->get("/tanks/{$this->tank->id}/plants")->assertSee('data-stand="'.$second->id.'"', false);
        // The database as it was after the first stand, with another second one.
        $second->looks()->delete();
        $second->delete();
        Tank::query()->whereKey($this->tank->id)->update(['plants_version' => $then]);
        $this->set(['kind' => 'anubias_barteri', 'left' => '50', 'right' => '80', 'height' => '90']);

        $this->get("/tanks/{$this->tank->id}/plants")->assertSee('Anubias barteri');
        self::assertCount(2, PlantModelQuery::tank($this->fresh())->plantGroups);
        self::assertNotSame($then, $this->fresh()->plants_version);
    }

    public function testInInchesNothingMovesWhenAFormIsKeptAsItStands(): void
    {
        $plantGroup = $this->set(['wished' => '203', 'perch' => '77']);
        $this->keeper->update(['length_unit' => LengthUnit::Inches]);
        $page = $this->actingAs($this->keeper->refresh())->get("/tanks/{$this->tank->id}/plant-groups/$plantGroup->id")->assertOk();
        preg_match_all('/name="(wished|perch)"[^>]*value="([^"]*)"/', (string) $page->getContent(), $found);
        $typed = array_combine($found[1], $found[2]);

        $this->put(
            "/tanks/{$this->tank->id}/plant-groups/$plantGroup->id",
            $typed + ['kind' => 'rotala_rotundifolia', 'left' => '0', 'right' => '30', 'front' => '60', 'back' => '100'],
        )->assertSessionHasNoErrors();
        $plantGroup->refresh();
        self::assertSame(['wished' => 203.0, 'perch' => 77.0], ['wished' => $plantGroup->wished, 'perch' => $plantGroup->perch]);
    }

    public function testStemsThatWereCutFiveTimesAreToBePulledUpAndAHandIsTheKeepersOwn(): void
    {
        $plantGroup = $this->set(['height' => '300', 'wished' => '200']);
        for ($cut = 1; $cut <= 5; ++$cut) {
            $plantGroup->looks()->create(['happened_at' => now()->subDays(70 - 14 * $cut), 'before' => 300, 'height' => 140]);
            $page = $this->get("/tanks/{$this->tank->id}/plants");
            $cut < 5
                ? $page->assertDontSee('times; stems go bare below. Pull it, replant the tops, discard the')
                : $page->assertSee('Trimmed 5 times; stems go bare below');
        }
        $this->get("/tanks/{$this->tank->id}/plants?trim=1&stands[]=$plantGroup->id&cut[$plantGroup->id]=105")->assertSee('one hand above the substrate');
        $this->keeper->update(['hand' => 70]);
        $this->get("/tanks/{$this->tank->id}/plants?trim=1&stands[]=$plantGroup->id&cut[$plantGroup->id]=105")
            ->assertSee('a hand and a half above the substrate');
    }

    public function testWhatIsSetAgainStandsInThePlantingStep(): void
    {
        $plantGroup = $this->set(['height' => '390', 'wished' => '200']);
        $checklist = $this->writeRun(
            $this->keeper,
            $this->tank,
            ['dry' => '1', 'tasks' => ['trim', 'planting'], 'trim' => '1', 'stands' => [(string) $plantGroup->id], 'cut' => [$plantGroup->id => '140']],
        );
        $step = $checklist->steps()->where('job', 'planting')->firstOrFail();

        // 0.3 x 0.4 of 500 x 500 mm at 20 mm each way.
        $this->get("/checklists/$checklist->id?step=$step->position")->assertSee('Replant 75 tops of Rotala rotundifolia, back left');
    }

    public function testAStandOfAnotherTankIsNotThere(): void
    {
        $plantGroup = $this->set();
        $other = $this->tank($this->keeper);
        foreach (['get' => "/tanks/$other->id/plant-groups/$plantGroup->id", 'delete' => "/tanks/$other->id/plant-groups/$plantGroup->id"] as $verb => $url) {
            $this->{$verb}($url)->assertNotFound();
        }
        $this->delete("/tanks/{$this->tank->id}/plant-groups/$plantGroup->id")->assertRedirect();
        self::assertNotNull($plantGroup->refresh()->gone_at);
        $this->get("/tanks/{$this->tank->id}/plants")->assertSee('No plants yet');
    }

    public function testARateIsLearnedOnceAndKeptUntilSomethingIsSeenAnew(): void
    {
        $plantGroup = $this->set();
        $known = PlantModelQuery::tank($this->fresh())->plantGroups[$plantGroup->id]->rate;
        self::assertInstanceOf(LearnedRate::class, $known);
        self::assertEquals($known, PlantModelQuery::tank($this->fresh())->plantGroups[$plantGroup->id]->rate);
    }
}
