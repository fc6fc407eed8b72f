<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Fertilising\DoseTrial;
use App\Fertilising\FertilisingPage;
use App\Fertilising\FertilisingQuery;
use App\Models\Dose;
use App\Models\DosePlan;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\Tank;
use App\Schedule\WeekQuery;
use App\Tanks\PlantModelQuery;
use App\Tanks\TankEventsQuery;
use App\Tanks\UptakeQuery;
use App\Tanks\UsualWaterQuery;
use App\Testing\RecordResults;
use App\WaterChange\AmountField;
use App\WaterChange\ChangeInput;
use App\WaterChange\ChangeReason;
use App\WaterChange\DosesAfterChange;
use App\WaterChange\DraftChange;
use App\WaterChange\UsualChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\Chelate;
use Cresco\Core\Fertilising\DosingMethod;
use Cresco\Core\Fertilising\RootTabKind;
use Cresco\Core\Measure\Parameter;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\ViewErrorBag;
use PHPUnit\Framework\Attributes\DataProvider;

/** Feeding from the first reading to the dose on the checklist. */
final class FertilisingTest extends FeatureCase
{
    private Keeper $keeper;

    private Tank $tank;

    private string $food;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-03-01 18:00');
        [$this->keeper, $this->tank] = $this->readyTank();
        $this->food = "/tanks/{$this->tank->id}/fertilising";
        $this->actingAs($this->keeper);
    }

    private function bottle(): Product
    {
        // 10 mL in 100 L raise potassium by 2 mg/L and iron by 0.05.
        /** @var Product $product */
        $product = $this->keeper->products()->create([
            'name' => 'Green daily', 'salt' => Product::FEED, 'unit' => 'mL', 'stock' => 300,
            'label' => ['dose' => 10.0, 'litres' => 100.0, 'days' => 1, 'potassium' => 2.0, 'iron' => 0.05],
        ]);

        return $product;
    }

    public function testALabelInPercentByWeightIsReckonedOverToWhatAMillilitreBrings(): void
    {
        $asked = [
            'name' => 'Leaf fourteen', 'salt' => 'feed', 'unit' => 'mL',
            'label' => ['density' => '1.2', 'declared' => '1', 'nitrate' => '2', 'potassium' => '5'],
        ];
        $this->post('/products', $asked)->assertSessionHasNoErrors();
        $label = $this->keeper->products()->where('name', 'Leaf fourteen')->sole()->label;
        // 2 % N: 24 mg N, 106.24 mg NO3; 5 % K2O: 60 mg, 49.81 mg K.
        self::assertEqualsWithDelta(['dose' => 1.0, 'litres' => 1.0, 'nitrate' => 106.24, 'potassium' => 49.81], $label, 0.01);
        $this->post('/products', ['label' => ['declared' => '0'] + $asked['label'], 'name' => 'As it is'] + $asked)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(60.0, $this->keeper->products()->where('name', 'As it is')->sole()->label['potassium'] ?? 0.0, 0.01);
        $this->post('/products', ['label' => ['nitrate' => '120'] + $asked['label']] + $asked)->assertSessionHasErrors('label.nitrate');
        $this->post('/products', ['label' => ['density' => '12'] + $asked['label']] + $asked)->assertSessionHasErrors('label.density');
    }

    public function testTheChangeSheetProposesTheDoseAfterTheChange(): void
    {
        $change = "/tanks/{$this->tank->id}/water-change";
        $asked = '?reason=amount&way=litres&litres=30';
        // No plants, no dose; and nothing is asked for.
        $this->get($change.$asked)->assertOk()->assertDontSee('change/dose');
        $this->get($change.'/dose'.$asked)->assertSeeText('Add plants to this tank, and Cresco proposes doses.');
        $this->plant();
        $this->tank->update(['dosing_method' => 'plenty']);
        $this->read($this->keeper, $this->tank, ['potassium' => '4', 'phosphate' => '0.5']);
        $this->read($this->keeper, $this->keeper->waters()->firstOrFail(), ['potassium' => '1']);
        $this->get($change.$asked)->assertSee($change.'/dose?', false);
        $this->get($change.'/dose'.$asked)->assertSeeText('A dose is needed, but none of your products supplies it, or the');
        $this->bottle();
        $part = $this->actingAs($this->keeper->fresh() ?? $this->keeper)->get($change.'/dose'.$asked, ['HX-Request' => 'true'])->assertOk()
            ->assertSeeText('Fertiliser after it')->assertSeeText('Green daily')->assertSeeText('right after, as the last step')->assertDontSee('<html', false);
        // Potassium at its aim of 22.5: the bottle raises it by 0.2 a mL in 100 L.
        preg_match('#<b class="num">([\d.]+)#', (string) $part->getContent(), $amount);
        $tank = Tank::query()->findOrFail($this->tank->id)->setRelation('keeper', $this->keeper->fresh() ?? $this->keeper);
        $draft = app(DraftChange::class)($tank->load('devices'), UsualChange::of($tank));
        $after = new DosesAfterChange(FertilisingQuery::tank($tank), $draft);
        $need = $after->needs['potassium']->value('D');
        self::assertGreaterThan(5.0, $need);
        // Iron alone, at 0.005 a mL, would ask for more; no more of the bottle is given than leaves iron at the 0.5 that plenty has at most.
        self::assertGreaterThan($need / 0.2, $after->needs['iron']->value('D') / 0.005);
        self::assertLessThanOrEqual(0.5 / 0.005, (float) ($amount[1] ?? 0.0));
        self::assertGreaterThan(0.9 * $need / 0.2, (float) ($amount[1] ?? 0.0));
        // What nobody read in a tap is taken to be what taps hold, on the checklist as in the doses.
        $phosphate = $draft->forecast->outlook(Parameter::Phosphate);
        self::assertSame(Parameter::Phosphate->entry()->balance?->source, $draft->plan->source->get(Parameter::Phosphate)?->central());
        self::assertNotNull($phosphate);
        // A bigger change with poorer water asks for more of it.
        self::assertGreaterThan(
            $need,
            (new DosesAfterChange(
                FertilisingQuery::tank($tank),
                app(DraftChange::class)(
                    $tank,
                    new ChangeInput(
                        ChangeReason::Amount,
                        ChangeInput::NITRATE_GOAL,
                        null,
                        ChangeInput::TREATMENT_OUT,
                        AmountField::Litres,
                        60.0,
                        1,
                        UsualWaterQuery::of($tank),
                        null,
                        0.0,
                        $tank->water_below_rim,
                        null,
                    ),
                ),
            ))->needs['potassium']->value('D'),
        );
        $this->get($change.$asked.'&working=dose.potassium', ['HX-Request' => 'true'])->assertOk()->assertSeeText('to add after this change');
        $this->get($change.'/dose?reason=amount&way=litres&litres=-3')->assertRedirect($change);
    }

    public function testADoseAfterAChangeNeverPassesTheNitrateThatTheAnimalsStand(): void
    {
        $this->plant();
        $this->read($this->keeper, $this->tank, ['potassium' => '4']);
        $this->tank->update(['dosing_method' => 'plenty', 'limits' => ['ranges' => ['nitrate' => [0.0, 12.0]], 'swings' => []]]);
        $this->keeper->products()->create(['name' => 'Saltpetre', 'salt' => 'saltpetre', 'unit' => 'g', 'stock' => 500]);
        $tank = Tank::query()->findOrFail($this->tank->id)->setRelation('keeper', $this->keeper->fresh() ?? $this->keeper);
        $after = new DosesAfterChange(FertilisingQuery::tank($tank), app(DraftChange::class)($tank->load('devices'), UsualChange::of($tank)));
        // Some thirty are there already, and 12 is the limit: potassium is wanted, and none of it may come with nitrate.
        self::assertGreaterThan(0.0, $after->needs['potassium']->value('D'));
        self::assertSame(['no_feeds', []], [$after->reason(), $after->doses]);
    }

    public function testWhatPlantsTakeUpIsWhatTheyGainFromWeekToWeek(): void
    {
        self::assertSame(0.0, UptakeQuery::of($this->tank, 100.0)->ofDay(3));
        $this->plant();
        $tank = Tank::query()->findOrFail($this->tank->id)->setRelation('keeper', $this->keeper);
        $planting = PlantModelQuery::tank($tank);
        $plantGroup = array_values($planting->plantGroups)[0];
        $grams = static fn(float $day): float => $planting->dryMass($plantGroup, $plantGroup->heightIn($day), $plantGroup->coverIn($day));
        $uptake = UptakeQuery::of($tank, 50.0);
        $sum = 0.0;
        foreach (range(0, 27) as $day) {
            $sum += $uptake->ofDay($day);
        }
        // What is gained in four weeks but for the share that the roots feed, in mg for each of 50 L.
        self::assertGreaterThan(0.0, $grams(28.0) - $grams(0.0));
        self::assertEqualsWithDelta((1.0 - $plantGroup->roots) * ($grams(28.0) - $grams(0.0)) * 1000.0 / 50.0, $sum, 1e-6 * $sum);
        self::assertSame($uptake->ofDay(0), $uptake->ofDay(6));
        self::assertNotSame($uptake->ofDay(6), $uptake->ofDay(7));
        // Beyond what is foreseen it goes on as in its last week.
        self::assertSame($uptake->ofDay(UptakeQuery::AHEAD), $uptake->ofDay(1000));
    }

    public function testWhyNothingIsProposedIsSaid(): void
    {
        $this->plant();
        $this->tank->update(['dosing_method' => 'plenty']);
        $this->get($this->food)->assertSeeText('You have no fertiliser yet.')
            ->assertDontSeeText('Tap water, fish food and soil supply enough: no dose needed.');
        $this->bottle();
        // A tap that holds more than the dosing method wants leaves nothing to be given.
        $this->read($this->keeper, $this->keeper->waters()->sole(), ['potassium' => '60', 'iron' => '1']);
        $this->tank->update(['routine_share' => 0.9, 'routine_days' => 2]);
        $this->actingAs($this->keeper->fresh() ?? $this->keeper)->get($this->food)
            ->assertSeeText('Tap water, fish food and soil supply enough: no dose needed.')->assertDontSeeText('You have no fertiliser yet.');
    }

    public function testTheFirstReadingCountsOnce(): void
    {
        $read = $this->tank->readings()->where('parameter', 'nitrate')->sole()->toCore()->distribution();
        $level = $this->reckoned()->course(Parameter::Nitrate)->level();
        // Where nothing was known before it, the course lies where the reading does, as wide as the reading is.
        $wide = $read->quantile(0.9) - $read->quantile(0.1);
        self::assertEqualsWithDelta($read->central(), $level->level, 0.1 * $wide);
        self::assertGreaterThan(0.9 * $wide, $level->high - $level->low);
        self::assertLessThan(1.1 * $wide, $level->high - $level->low);
    }

    public function testDosesAreCutToTheNitrateThatTheAnimalsStandAndNoFurther(): void
    {
        $this->plant();
        $this->tank->readings()->where('parameter', 'nitrate')->delete();
        $this->read($this->keeper, $this->tank, ['potassium' => '4', 'nitrate' => '0-5']);
        $this->tank->update(['dosing_method' => 'plenty', 'nitrate_per_day' => 0.2]);
        $this->keeper->products()->create(['name' => 'Saltpetre', 'salt' => 'saltpetre', 'unit' => 'g', 'stock' => 500]);
        $advised = function (float $limit): array {
            $this->tank->update(['limits' => ['ranges' => ['nitrate' => [0.0, $limit]], 'swings' => []]]);
            $food = $this->reckoned();
            $trial = new DoseTrial();
            $course = $food->course(Parameter::Nitrate);
            $highest = static fn(float $brings): float => $course->ahead(
                $food->coming(Parameter::Nitrate, [['brings' => ['nitrate' => $brings], 'every' => DoseTrial::every($food), 'from' => 1]]),
                $course->day + UptakeQuery::AHEAD,
                $food->turns(Parameter::Nitrate),
            )->highest();
            $given = array_sum(array_map(
                static fn(array $one): float => ($one['feed']->milligrams['nitrate'] ?? 0.0) * $one['each'] / $food->litres,
                $trial->advised($food, (new FertilisingPage($food->tank, $food, $trial))->feeds())->doses,
            ));

            return [$given, $highest($given), $highest(0.0)];
        };
        [$free, $then, $without] = $advised(5000.0);
        self::assertGreaterThan(0.1, $free);
        self::assertGreaterThan($without + 5.0, $then);
        foreach ([0.3, 0.6, 0.9] as $part) {
            // What is given adds up: so much of the way to the limit, so much of the dose, but for what a scale of 0.1 g leaves.
            $limit = $without + $part * ($then - $without);
            [$given, $highest] = $advised($limit);
            self::assertLessThanOrEqual($limit + 1e-6, $highest);
            // One step of the scale is 0.6 mg/L here.
            self::assertGreaterThan($part * $free - 0.7, $given);
        }
        self::assertSame(0.0, (float) $advised($without - 1.0)[0]);
    }

    public function testIronIsLostAsTheLabelAndThePhSay(): void
    {
        $asked = [
            'name' => 'Red drops', 'salt' => 'feed', 'unit' => 'mL',
            'label' => ['dose' => '1', 'litres' => '100', 'days' => '1', 'iron' => '0.1', 'chelate' => 'gluconate'],
        ];
        $this->post('/products', ['label' => ['chelate' => 'glue'] + $asked['label']] + $asked)->assertSessionHasErrors('label.chelate');
        $this->post('/products', $asked)->assertSessionHasNoErrors();
        $product = $this->keeper->products()->where('name', 'Red drops')->sole();
        self::assertSame(Chelate::Gluconate, $product->chelate());
        self::assertEqualsWithDelta(log(2.0) / 3.0, $this->reckoned()->loss(Parameter::Iron), 1e-9);
        $this->plan($product, '1');
        self::assertEqualsWithDelta(log(2.0) / 0.7, $this->reckoned()->loss(Parameter::Iron), 1e-9);
        // EDTA, at the pH of 7.1 that was read: 4 days less 3 of them for six tenths of the way from 6.5 to 7.5.
        $product->update(['label' => ['chelate' => 'edta'] + ($product->label ?? [])]);
        self::assertEqualsWithDelta(log(2.0) / 2.2, $this->reckoned()->loss(Parameter::Iron), 1e-9);
        $this->get("/products/$product->id/edit")->assertSee('EDTA');
        $this->get($this->food)->assertOk();
    }

    public function testADoserRunsAtItsHourAndKeepsIronFromPhosphate(): void
    {
        $mix = $this->keeper->products()->create([
            'name' => 'Mix', 'salt' => Product::FEED, 'unit' => 'mL', 'stock' => 300,
            'label' => ['dose' => 10.0, 'litres' => 100.0, 'days' => 1, 'phosphate' => 0.1],
        ]);
        foreach ([$this->bottle(), $mix] as $product) {
            $this->plan($product);
        }
        foreach ($this->tank->dosePlans()->get() as $plan) {
            $this->post("/tanks/{$this->tank->id}/dose-plans/$plan->id/doser", ['bottle' => '400', 'at' => '25:00'])->assertSessionHasErrors('at');
            $this->post(
                "/tanks/{$this->tank->id}/dose-plans/$plan->id/doser",
                ['bottle' => '400', 'at' => $plan->product_id === $mix->id ? '07:30' : '09:00'],
            )->assertSessionHasNoErrors();
        }
        $this->get($this->food)->assertSeeText('at 07:30')->assertSeeText('Green daily adds iron and Mix phosphate within 4 hours');
        $this->tank->dosePlans()->where('product_id', $mix->id)->update(['at' => '20:00']);
        $this->get($this->food)->assertDontSeeText('within 4 hours');
    }

    public function testWhatWasFedGoesOutAndComesInAgain(): void
    {
        $meals = "/tanks/{$this->tank->id}/meals.csv";
        $this->tank->feedingOverrides()->create([
            'from_day' => '2026-02-01', 'until_day' => '2026-02-08', 'grams' => 0.35, 'note' => "=away, and \"Ines\"\nfeeds",
        ]);
        $this->tank->feedingOverrides()->create(['from_day' => '2026-02-20', 'until_day' => '2026-02-20', 'grams' => 0]);
        $csv = (string) $this->get($meals)->assertOk()->getContent();
        $take = fn(string $text) => $this->post($meals, ['meals' => UploadedFile::fake()->createWithContent('meals.csv', $text)]);
        // What is there already stays as it is.
        $take($csv)->assertSessionHas('status', 'Nothing new in it.');
        $this->tank->feedingOverrides()->delete();
        $take($csv)->assertSessionHas('status', 'Imported 2 feeding periods.');
        self::assertSame($csv, (string) $this->get($meals)->getContent());
        foreach ([
            "from_day,until_day\n2026-02-01,2026-02-02" => 'grams', "from_day,until_day,grams\n2026-02-30,2026-03-02,1" => 'Line 2',
            "from_day,until_day,grams\n2026-02-03,2026-02-02,1" => 'before the first',
            "from_day,until_day,grams\n2026-02-03,2026-02-04,-1" => '0 to 500', "from_day,until_day,grams\n2026-02-03,2026-02-04,1e99" => '0 to 500',
        ] as $text => $says) {
            $take($text)->assertInvalid(['meals' => $says]);
        }
        self::assertSame(2, $this->tank->feedingOverrides()->count());
    }

    private function plan(Product $product, string $amount = '10', string $every = '1', string $from = '2026-03-01'): void
    {
        $this->post(
            "/tanks/{$this->tank->id}/dose-plans",
            ['plan_jar' => (string) $product->id, 'plan_amount' => $amount, 'every' => $every, 'starts_on' => $from],
        )->assertSessionHasNoErrors()->assertRedirect($this->food);
    }

    private function plant(): void
    {
        $plantGroup = $this->tank->plantGroups()->create([
            'kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.6, 'front_edge' => 0.4, 'back_edge' => 1,
        ]);
        $plantGroup->looks()->create(['happened_at' => now()->subDays(3), 'height' => 120, 'cover' => 1]);
    }

    private function reckoned(): FertilisingQuery
    {
        return FertilisingQuery::tank(Tank::query()->findOrFail($this->tank->id)->setRelation('keeper', $this->keeper->fresh() ?? $this->keeper));
    }

    private function readAgo(string $parameter, string $typed, int $ago): void
    {
        $record = app(RecordResults::class);
        $record->keep($this->keeper, $this->tank, $record->parse($this->keeper, [$parameter => $typed]), CarbonImmutable::now()->subDays($ago));
    }

    public function testABottleIsPutOnTheShelfByItsLabelAndPlanned(): void
    {
        $this->post(
            '/products',
            [
                'name' => 'Green daily', 'salt' => 'feed', 'unit' => 'mL',
                'label' => ['dose' => '10', 'litres' => '100', 'days' => '1', 'potassium' => '2', 'iron' => '0.05'],
            ],
        )->assertSessionHasNoErrors();
        $product = $this->keeper->products()->firstOrFail();
        self::assertEqualsWithDelta(20.0, $product->toFeed(0.1)->milligrams['potassium'] ?? 0.0, 1e-9);

        $this->plan($product);
        $this->get($this->food)->assertSee("10\u{00A0}mL")->assertSee('Green daily')->assertSee('Given');
        $this->get('/')->assertSee("Give 10\u{00A0}mL Green daily");
    }

    public function testABottleThatBringsNothingIsRefusedAndSoIsOneThatFeedsNothing(): void
    {
        $this->post('/products', ['name' => 'x', 'salt' => 'feed', 'unit' => 'mL', 'label' => ['dose' => '10', 'litres' => '100']])
            ->assertSessionHasErrors('label.nitrate');
        $soda = $this->product($this->keeper, 'soda');
        $this->post(
            "/tanks/{$this->tank->id}/dose-plans",
            ['plan_jar' => (string) $soda->id, 'plan_amount' => '1', 'every' => '1', 'starts_on' => '2026-03-01'],
        )->assertSessionHasErrors('plan_jar');
    }

    public function testGivenOrLeftOutIsOneTapAndTheLastWordCounts(): void
    {
        $product = $this->bottle();
        $this->plan($product);
        $tap = ['product_id' => (string) $product->id, 'amount' => '10'];
        $this->post("/tanks/{$this->tank->id}/doses", $tap + ['state' => 'given'])->assertSessionHasNoErrors();
        self::assertSame(290.0, $product->refresh()->stock);
        $this->get('/')->assertDontSee("Give 10\u{00A0}mL");
        $this->get($this->food)->assertSee('given at 18:00');

        $this->post("/tanks/{$this->tank->id}/doses", $tap + ['state' => 'missed'])->assertSessionHasNoErrors();
        self::assertSame(300.0, $product->refresh()->stock);
        self::assertSame(1, $this->tank->doses()->count());
        $this->get($this->food)->assertSee('missed, logged at 18:00');
    }

    public function testWhatWasGivenIsInTheCourseAndWhatWasLeftOutIsNot(): void
    {
        $product = $this->bottle();
        $this->plan($product, '10', '1', '2026-02-20');
        $litres = $this->reckoned()->litres;
        $given = $this->reckoned()->course(Parameter::Potassium)->level()->level;
        foreach (['2026-02-25', '2026-02-26'] as $day) {
            $this->tank->doses()->create([
                'product_id' => $product->id, 'name' => 'x', 'amount' => 10, 'unit' => 'mL', 'brings' => ['potassium' => 200.0 / $litres],
                'given_at' => $day.' 12:00:00', 'day' => $day, 'missed' => true,
            ]);
        }

        self::assertEqualsWithDelta($given - 2.0 * 200.0 / $litres, $this->reckoned()->course(Parameter::Potassium)->level()->level, 0.3);
    }

    public function testThreeInARowLeftOutAreSaid(): void
    {
        $product = $this->bottle();
        $this->plan($product, '10', '1', '2026-02-20');
        foreach ([3, 2, 1] as $ago) {
            $this->tank->doses()->create([
                'product_id' => $product->id, 'name' => 'x', 'amount' => 10, 'unit' => 'mL', 'brings' => [], 'given_at' => now()->subDays($ago),
                'day' => now()->subDays($ago)->format('Y-m-d'), 'missed' => true,
            ]);
        }

        $this->get($this->food)->assertSee('You missed 3 doses in a row.')->assertSee('Go on as planned: do not make up for missed doses.');
    }

    public function testFoodOfTheAnimalsBringsNitrateButNotOnItsFastingDayOrInASpell(): void
    {
        $this->put($this->food, ['dosing_method' => 'lean', 'food_grams' => '1', 'food_protein' => '40', 'fasting_day' => '1'])->assertSessionHasNoErrors();
        $this->post(
            "/tanks/{$this->tank->id}/feeding-days",
            ['from_day' => '2026-03-04', 'until_day' => '2026-03-05', 'grams' => '3', 'spell_note' => 'The feeder jammed.'],
        )->assertSessionHasNoErrors();
        $food = $this->reckoned();
        $events = new TankEventsQuery($food->tank);
        $fed = static fn(string $day): float => $events->fed(Parameter::Nitrate, TankEventsQuery::day(CarbonImmutable::parse($day.' 12:00', 'UTC')));

        // 1 g with 40 % protein: 64 mg of nitrogen, 0.7 of it given off, as nitrate.
        self::assertEqualsWithDelta(1000.0 * 0.4 * 0.16 * 0.7 * 4.4268 / $food->litres, $fed('2026-03-03'), 0.01);
        self::assertSame(0.0, $fed('2026-03-02'));
        self::assertEqualsWithDelta([3.0, 1.0], [$fed('2026-03-05') / $fed('2026-03-03'), $fed('2026-03-06') / $fed('2026-03-03')], 1e-9);
        self::assertSame(DosingMethod::Lean, $food->school());
        $this->get($this->food)->assertSee('The feeder jammed.')->assertSee('Fish food, 1 g a day');
    }

    public function testWhatIsTriedIsDrawnAndNothingIsKeptOfIt(): void
    {
        $product = $this->bottle();
        $this->plan($product);
        $plan = $this->tank->dosePlans()->firstOrFail();
        $part = $this->get($this->food.'?what['.$plan->id.']=40', ['HX-Request' => 'true'])->assertOk()->assertSee('Drawn with what is tried')
            ->assertDontSee('<html', false)->getContent();

        self::assertStringContainsString('class="chart__planned"', (string) $part);
        // Four times the dose is four times what it brings, to begin with 2 mg/L of potassium, and the course goes with it.
        $food = $this->reckoned();
        self::assertEqualsWithDelta(
            [2.0, 8.0, 2.0],
            array_map(static fn(array $amounts): float => $food->planned($amounts)[0]['brings']['potassium'] ?? 0.0, [[], [$plan->id => 40.0], []]),
            1e-9,
        );
        $highest = [];
        foreach ([[], [$plan->id => 40.0]] as $amounts) {
            $course = $food->course(Parameter::Potassium);
            $highest[] = $course->ahead(
                $food->coming(Parameter::Potassium, $food->planned($amounts)),
                $course->day + 28.0,
                $food->turns(Parameter::Potassium),
            )->highest();
        }
        self::assertGreaterThan(1.5 * $highest[0], $highest[1]);
        self::assertSame(10.0, $plan->refresh()->amount);
        $this->get($this->food.'?what['.$plan->id.']=10&share=30', ['HX-Request' => 'true'])->assertDontSee('Drawn with what is tried');
        $this->get($this->food.'?what[x]=oops&share=-3&meals[]=1', ['HX-Request' => 'true'])->assertOk()->assertDontSee('Drawn with what is tried');
        foreach (['drawn[]=potassium', 'drawn=%2F+x+potassium+ph', 'drawn='.str_repeat('a+', 900)] as $nonsense) {
            $this->get($this->food.'?'.$nonsense.'&what['.$plan->id.']=40', ['HX-Request' => 'true'])->assertOk()
                ->assertSee('id="course-potassium"', false)->assertSee('class="chart__planned"', false);
        }
    }

    public function testWhatIsKeptOfCoursesIsWhatWasFound(): void
    {
        $this->plan($this->bottle());
        $this->plant();
        $plantGroup = $this->tank->plantGroups()->firstOrFail();
        $plantGroup->rootTabs()->create(['kind' => 'coated', 'number' => 30, 'placed_on' => '2026-02-20']);
        $this->readAgo('nitrate', '12', 7);
        $tell = static function (FertilisingQuery $food): array {
            $told = [];
            foreach (Parameter::nutrients() as $nutrient) {
                $told[$nutrient->value] = [$food->isRead($nutrient), $food->course($nutrient), $food->ahead($nutrient), $food
                    ->source($nutrient), $food->slow->gives(
                        $nutrient,
                        $food->day(now()->toImmutable()) + 5.0,
                    )];
            }

            return $told;
        };
        $found = $tell($this->reckoned());
        DB::enableQueryLog();
        $kept = $this->reckoned();

        self::assertEquals($found, $tell($kept));
        self::assertGreaterThan(0.0, $kept->slow->gives(Parameter::Potassium, $kept->day(now()->toImmutable()) + 5.0));
        self::assertSame([true, false], [$kept->isRead(Parameter::Nitrate), $kept->isRead(Parameter::Iron)]);
        // Nothing was found again for it.
        self::assertSame([], array_filter(array_column(DB::getQueryLog(), 'query'), static fn(string $query): bool => str_contains($query, 'filled_at')));
    }

    /** @return iterable<string, array{list<string>, list<int>}> what is tried one after another, and how many nutrients each answer draws again */
    public static function trials(): iterable
    {
        yield 'a dose of one nutrient, and back' => [['what[%2$d]=9', 'what[%2$d]=2.5'], [1, 1]];
        yield 'one bottle after another' => [['what[%1$d]=40', 'what[%2$d]=9', ''], [3, 4, 1]];
        yield 'both, then a change, then less food' => [['what[%1$d]=40&what[%2$d]=9', 'share=80', 'meals=50', 'meals=100'], [4, 4, 4, 2]];
        yield 'less food' => [['meals=50'], [2]];
        yield 'what cannot be read' => [['what[%2$d]=lots', 'what[%2$d]=7'], [0, 1]];
    }

    /**
     * @param list<string> $tried
     * @param list<int>    $anew
     */
    #[DataProvider('trials')]
    public function testAnAnswerDrawsWhatMovesAndLeavesTheRestAsItStands(array $tried, array $anew): void
    {
        $this->tank->update(['food_grams' => 0.4]);
        foreach (['Meadow' => ['nitrate' => 3.0, 'phosphate' => 0.3, 'potassium' => 2.0], 'Rust' => ['iron' => 0.1]] as $name => $brings) {
            /** @var Product $product */
            $product = $this->keeper->products()->create([
                'name' => $name, 'salt' => Product::FEED, 'unit' => 'mL', 'stock' => 300,
                'label' => ['dose' => 10.0, 'litres' => 100.0, 'days' => 1] + $brings,
            ]);
            $this->plan($product, $name === 'Rust' ? '2.5' : '10');
        }
        $bottles = array_map(static fn(DosePlan $plan): int => $plan->id, $this->tank->dosePlans()->orderBy('id')->get()->all());
        $page = self::parts((string) $this->get($this->food)->assertOk()->getContent());
        foreach ($tried as $i => $one) {
            $query = sprintf($one, ...$bottles);
            $answer = self::parts((string) $this->get($this->food.'?drawn='.$page['drawn'].'&'.$query, ['HX-Request' => 'true'])->assertOk()->getContent());
            self::assertCount(
                $anew[$i],
                array_filter(array_keys($answer), static fn(string $id): bool => $answer[$id] !== null && preg_match('/^course-(?!gas|ticks)/', $id) === 1),
                $query,
            );
            // What is left out has to be in the page already.
            foreach ($answer as $id => $part) {
                $page[$id] = $part ?? $page[$id] ?? null;
            }
            $whole = self::parts((string) $this->get($this->food.'?'.$query, ['HX-Request' => 'true'])->assertOk()->getContent());
            self::assertSame(array_filter($whole), array_filter(array_intersect_key($page, $whole)), $query);
        }
    }

    /** @return array<string, string|null> what has a place in the page of courses by its name, and null for what keeps it */
    private static function parts(string $html): array
    {
        $document = new DOMDocument();
        $document->loadHTML('<?xml encoding="utf-8"?><body>'.$html.'</body>', LIBXML_NOERROR);
        $xpath = new DOMXPath($document);
        $parts = [];
        foreach ($xpath
            ->query('//*[starts-with(@id, "course-") or starts-with(@id, "found-") or starts-with(@id, "row-")][not(starts-with(@id, "course-table"))]')
            ?: [] as $element) {
            if ($element instanceof DOMElement) {
                $parts[$element->getAttribute('id')] = $element->hasAttribute('hx-preserve')
                    ? null
                    : hash('xxh64', (string) preg_replace('/\s+/', ' ', (string) $document->saveHTML($element)));
            }
        }
        $drawn = ($xpath->query('//input[@name="drawn"]') ?: null)?->item(0);
        self::assertInstanceOf(DOMElement::class, $drawn);

        return ['drawn' => urlencode($drawn->getAttribute('value'))] + $parts;
    }

    public function testThePageProposesDosesFromTheShelfAndPlansThemAtATap(): void
    {
        $this->plant();
        $this->keeper->products()->create(['name' => 'Potash', 'salt' => 'potassium_sulfate', 'unit' => 'g', 'purity' => 1.0]);
        $this->bottle();
        $this->put($this->food, ['dosing_method' => 'lean'])->assertSessionHasNoErrors();
        $this->get($this->food)->assertSee('To reach the target with your products:')->assertSee('Green daily');
        $this->post("/tanks/{$this->tank->id}/dose-plans/proposed")->assertSessionHasNoErrors()->assertRedirect($this->food);

        self::assertGreaterThan(0, $this->tank->dosePlans()->count());
        foreach ($this->tank->dosePlans as $plan) {
            self::assertSame(1, $plan->every);
            self::assertGreaterThan(0.0, $plan->amount);
        }
        $this->get($this->food.'?working=potassium')->assertSee('to add between two changes');
    }

    public function testNoProposalPassesTheTopOfARangeWhateverTheProductBringsAlong(): void
    {
        $this->plant();
        $this->tank->update(['dosing_method' => 'plenty']);
        $this->read($this->keeper, $this->tank, ['potassium' => '4', 'iron' => '0.05']);
        // Eight times as much iron beside the potassium as the method wants: potassium alone would ask for much more of it.
        $this->keeper->products()->create([
            'name' => 'Red mix', 'salt' => Product::FEED, 'unit' => 'mL', 'stock' => 900,
            'label' => ['dose' => 50.0, 'litres' => 100.0, 'days' => 1, 'potassium' => 2.0, 'iron' => 0.4],
        ]);
        $food = $this->reckoned();
        $trial = new DoseTrial();
        $advice = $trial->advised($food, (new FertilisingPage($food->tank, $food, $trial))->feeds());
        self::assertContains(Parameter::Iron, $advice->full);
        $brings = array_sum(array_map(static fn(array $one): float => $one['feed']->milligrams['iron'] * $one['each'], $advice->doses)) / $food->litres;
        self::assertGreaterThan(0.1, $brings);
        // 0.05 and a dose, and a week later what is left of both after a change of 30 %: never above 0.5.
        self::assertLessThanOrEqual(0.5, 0.05 + $brings);
        $this->get($this->food)->assertSeeText('Held back by iron');
    }

    public function testNoMoreIsProposedThanTwiceTheLabelAndWithShrimpOnceWhatMayHoldCopper(): void
    {
        $this->plant();
        $this->tank->update(['dosing_method' => 'plenty']);
        $this->read($this->keeper, $this->tank, ['potassium' => '4', 'iron' => '0.05']);
        // So thin that its label's 10 mL a week for 100 L raise iron by 0.01.
        $this->keeper->products()->create([
            'name' => 'Thin traces', 'salt' => Product::FEED, 'unit' => 'mL', 'stock' => 900,
            'label' => ['dose' => 10.0, 'litres' => 100.0, 'iron' => 0.01],
        ]);
        $advised = function (): float {
            $food = $this->reckoned();
            $trial = new DoseTrial();
            $advice = $trial->advised($food, (new FertilisingPage($food->tank, $food, $trial))->feeds());
            self::assertSame(['Thin traces'], array_map(static fn($feed): string => $feed->name, $advice->labels));

            return $advice->doses[0]['each'] / $food->litres;
        };
        self::assertEqualsWithDelta(0.2, $advised(), 0.002);
        $this->tank->animalKinds()->create(['kind' => 'hardy_shrimp'])->events()->create(['kind' => 'came', 'count' => 10, 'day' => now()->format('Y-m-d')]);
        self::assertEqualsWithDelta(0.1, $advised(), 0.002);
        // By hand it takes a word, and then it is the keeper's.
        $product = $this->keeper->products()->where('name', 'Thin traces')->sole();
        $plan = ['plan_jar' => $product->id, 'plan_amount' => '15', 'every' => 7, 'starts_on' => now()->format('Y-m-d')];
        $this->post("/tanks/{$this->tank->id}/dose-plans", $plan)->assertSessionHasErrors('consent');
        $said = session('errors');
        self::assertInstanceOf(ViewErrorBag::class, $said);
        self::assertStringContainsString('copper', $said->first('consent'));
        self::assertSame(0, $this->tank->dosePlans()->count());
        $this->post("/tanks/{$this->tank->id}/dose-plans", ['consent' => 'Yes '] + $plan)->assertSessionHasNoErrors();
        $this->post("/tanks/{$this->tank->id}/dose-plans", ['plan_amount' => '9.9'] + $plan)->assertSessionHasNoErrors();
        // Daily it is seven times as much.
        $this->post("/tanks/{$this->tank->id}/dose-plans", ['plan_amount' => '9.9', 'every' => 1] + $plan)->assertSessionHasErrors('consent');
    }

    public function testAPlanThatWouldEndIsNamedAndAskedFor(): void
    {
        $this->plant();
        $other = $this->keeper->products()->create([
            'name' => 'Old flask', 'salt' => Product::FEED, 'unit' => 'mL', 'stock' => 100,
            'label' => ['dose' => 10.0, 'litres' => 100.0, 'magnesium' => 1.0],
        ]);
        $this->tank->dosePlans()->create(['product_id' => $other->id, 'amount' => 5.0, 'every' => 7, 'starts_on' => now()->format('Y-m-d')]);
        $this->bottle();
        $this->put($this->food, ['dosing_method' => 'lean'])->assertSessionHasNoErrors();
        $this->get($this->food)->assertSeeText('This plan would end:')->assertSeeText("5.0\u{A0}mL Old flask");
        $this->post("/tanks/{$this->tank->id}/dose-plans/proposed")
            ->assertSessionHasErrors(['end_others' => 'Tick that Old flask may end, or leave the doses as they are.']);
        self::assertSame([$other->id], $this->tank->dosePlans()->pluck('product_id')->all());
        $this->post("/tanks/{$this->tank->id}/dose-plans/proposed", ['end_others' => '1'])->assertSessionHasNoErrors();
        self::assertNotContains($other->id, $this->tank->dosePlans()->pluck('product_id')->all());
    }

    public function testNothingIsProposedUponAReadingThatTheEstimateDoesNotBearOut(): void
    {
        $this->plant();
        $this->tank->update(['dosing_method' => 'plenty']);
        $this->keeper->kits()->create(['parameter' => 'potassium', 'method' => 'pen', 'unit' => 'k', 'step' => 0.1, 'fields' => []]);
        $this->keeper->products()->create(['name' => 'Potash', 'salt' => 'potassium_sulfate', 'unit' => 'g', 'purity' => 1.0]);
        foreach ([40, 30, 20, 10, 5] as $days) {
            $this->read($this->keeper->fresh() ?? $this->keeper, $this->tank, ['potassium' => '4'], CarbonImmutable::now()->subDays($days));
        }
        $this->get($this->food)->assertSeeText('Potash');
        self::assertFalse($this->reckoned()->isDoubted(Parameter::Potassium));
        $this->read($this->keeper->fresh() ?? $this->keeper, $this->tank, ['potassium' => '80'], CarbonImmutable::now()->subHour());
        $food = $this->reckoned();
        // A slip, or something that nobody wrote down: both are held open.
        self::assertTrue($food->course(Parameter::Potassium)->isOpen());
        self::assertTrue($food->isDoubted(Parameter::Potassium));
        $this->actingAs($this->keeper->fresh() ?? $this->keeper)->get($this->food)->assertSeeText('Test potassium again.')
            ->assertSeeText('No dose is proposed now; see why below.');
        $this->post("/tanks/{$this->tank->id}/dose-plans/proposed")->assertSessionHasErrors('adopt');
    }

    public function testWithoutPlantsNothingIsProposed(): void
    {
        $this->bottle();
        $this->get($this->food)->assertSee('Add plants to this tank, and Cresco proposes doses.')->assertDontSee('To reach the target with your products');
    }

    public function testATankThatWasNeverReadStandsWhereItsRoutineKeepsItAndAlarmsNobody(): void
    {
        $tank = $this->tank($this->keeper);
        $tank->update(['nitrate_per_day' => 1.5, 'routine_share' => 0.3, 'routine_days' => 7, 'started_on' => null]);
        $this->get("/tanks/$tank->id/fertilising")->assertOk()->assertSeeText('Test nitrate.')->assertSeeText('not tested: an estimate')
            ->assertDontSeeText('is above the safe limit for your animals.')->assertDontSeeText('may rise above the safe limit for your animals.');
        $level = function (float $days) use ($tank): float {
            $tank->update(['started_on' => $days > 0.0 ? CarbonImmutable::now()->subDays((int) $days)->format('Y-m-d') : null]);

            return FertilisingQuery::tank(Tank::query()->findOrFail($tank->id))->course(Parameter::Nitrate)->level()->level;
        };
        $water = FertilisingQuery::tank($tank)->source(Parameter::Nitrate)->central();
        self::assertLessThan(8.0, $water);
        // Over what its water brings 1.5 * 7 / 0.3 = 35 before each change, and 24.5 after it; a week after it was set up no more than a week's.
        self::assertEqualsWithDelta($water + 29.75, $level(0.0), 2.0);
        // What of the wide guess would lie under nothing lifts it a little.
        self::assertEqualsWithDelta($water + 11.5, $level(7.0), 2.0);
        // The first reading is all that counts then.
        $tank->update(['started_on' => null]);
        $this->read($this->keeper, $tank, ['nitrate' => '10-20'], CarbonImmutable::now()->subHours(3));
        $this->get("/tanks/$tank->id/fertilising")->assertOk()->assertDontSeeText('wants a reading');
        self::assertEqualsWithDelta(15.0, $level(0.0), 3.0);
    }

    public function testTheLastReadingStandsBesideWhatAllOfThemSay(): void
    {
        foreach ([28, 21, 14, 7] as $ago) {
            $this->readAgo('nitrate', '20', $ago);
        }
        $this->readAgo('nitrate', '40', 0);
        $page = $this->get($this->food)->assertOk();
        // The field of 40 is read as 30 to 60, and its middle stands beside the level, which the overview has too.
        $page->assertSeeText('tested 45 ± 12, today');
        preg_match('/data-working="level-nitrate">(\d+)</', (string) $page->getContent(), $level);
        preg_match('/id="now-nitrate">(\d+)</u', (string) $this->get('/tanks/'.$this->tank->id)->assertOk()->getContent(), $round);
        self::assertSame((float) ($round[1] ?? NAN), (float) ($level[1] ?? NAN));
        self::assertLessThan(45.0, (float) ($level[1] ?? NAN));
        self::assertGreaterThan(20.0, (float) ($level[1] ?? NAN));
    }

    public function testShortIsWhatWasReadLowAndNotWhatNobodyRead(): void
    {
        $this->tank->update(['dosing_method' => 'lean']);
        $this->get($this->food)->assertOk()->assertSeeText('Potassium')->assertDontSeeText('may run short');
        foreach ([14, 7, 0] as $ago) {
            $this->readAgo('potassium', '1', $ago);
        }
        $this->get($this->food)->assertSeeText('Potassium may run short.')
            ->assertSeeText('Probably below your method’s target. Treat it as a deficiency only if');
    }

    /** @return iterable<string, array{string, string|null}> what is read week by week, and what is said; the animals stand 30 */
    public static function nitrates(): iterable
    {
        yield 'over it now' => ['80', 'Nitrate is above the safe limit for your animals.'];
        // The field of 40 begins at 30: seen four times, nine of ten of what it may be lie above that.
        yield 'at the field above it' => ['40', 'Nitrate is above the safe limit for your animals.'];
        yield 'about there' => ['30', 'Nitrate may rise above the safe limit for your animals.'];
        yield 'under it now, over it now and then' => ['27', 'Nitrate may rise above the safe limit for your animals.'];
        yield 'far under it' => ['5', null];
    }

    #[DataProvider('nitrates')]
    public function testWhatIsOverTheAnimalsLimitOrMayPassItIsSaid(string $read, ?string $said): void
    {
        foreach ([21, 14, 7, 0] as $ago) {
            $this->readAgo('nitrate', $read, $ago);
        }
        $page = (string) $this->get($this->food)->assertOk()->getContent();
        preg_match_all('/Nitrate (?:is|may rise) above the safe limit for your animals\./', $page, $found);
        self::assertSame($said === null ? [] : [$said], $found[0]);
        self::assertSame($said !== null, str_contains($page, "30\u{a0}mg/L"));
    }

    public function testDosesAreGivenLastOnTheRunSheet(): void
    {
        $product = $this->bottle();
        $this->plan($product);
        $this->get("/tanks/{$this->tank->id}/maintenance")->assertSeeInOrder(['Liquid fertiliser', 'due']);
        $this->post("/tanks/{$this->tank->id}/checklists", ['dry' => '1', 'tasks' => ['fertilise']])->assertSessionHasNoErrors();
        $checklist = $this->tank->checklists()->firstOrFail();
        $step = $checklist->steps()->where('job', 'fertilise')->firstOrFail();
        self::assertStringContainsString("10\u{00A0}mL Green daily", implode(' ', $step->content->lines));
        foreach ($checklist->steps()->orderBy('position')->get() as $next) {
            $this->post("/checklists/{$checklist->id}/steps/{$next->position}")->assertSessionHasNoErrors();
        }

        $dose = $this->tank->doses()->firstOrFail();
        self::assertSame([10.0, false, '2026-03-01'], [$dose->amount, $dose->missed, $dose->day->format('Y-m-d')]);
        self::assertSame(290.0, $product->refresh()->stock);
    }

    public function testADoserIsMeasuredAndWhatItReallyGivesCounts(): void
    {
        $product = $this->bottle();
        $this->plan($product);
        $plan = $this->tank->dosePlans()->firstOrFail();
        $doser = "/tanks/{$this->tank->id}/dose-plans/{$plan->id}/doser";
        $this->post($doser, ['ran' => '50', 'measured' => '40', 'bottle' => '80'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(8.0, $plan->refresh()->given(), 1e-9);
        // 80 mL at 8 mL a day.
        self::assertSame(10, $plan->emptyIn(CarbonImmutable::parse('2026-03-01')));
        $this->get($this->food)->assertSee("It gives 80\u{00A0}% of what you set, 8.0\u{00A0}mL each time")->assertSee('The bottle is empty 11 Mar.')
            ->assertSee('The dosing pump gives this. Tap only if it didn’t.');
        $this->travel(12)->days();
        $this->get($this->food)->assertSee('The bottle has been empty since Wednesday: fill it. Doses since then do not count.')
            ->assertSee('The dosing pump’s bottle should be empty: fill it, or log the dose.')
            ->assertDontSee('The dosing pump gives this. Tap only if it didn’t.');
        // As if somebody had said of both days that nothing was given; a larger bottle gave on.
        $level = fn(): float => $this->reckoned()->course(Parameter::Potassium)->level()->level;
        $dry = $level();
        $plan->update(['bottle' => 1000.0]);
        $full = $level();
        foreach ([11, 12] as $day) {
            $this->tank->doses()->create([
                'product_id' => $product->id, 'name' => $product->name, 'unit' => 'mL', 'day' => "2026-03-$day",
                'given_at' => "2026-03-$day 12:00:00", 'amount' => 8.0, 'brings' => [], 'missed' => true,
            ]);
        }
        self::assertEqualsWithDelta($dry, $level(), 1e-9);
        self::assertGreaterThan($dry + 0.01, $full);
        $this->tank->doses()->delete();
        $plan->update(['bottle' => 80.0]);

        $this->post($doser, ['measured' => '40'])->assertSessionHasErrors('ran');
        $this->post($doser, ['ran' => '50', 'measured' => '400'])->assertSessionHasErrors('measured');
        $this->post($doser, ['by_hand' => '1'])->assertSessionHasNoErrors();
        self::assertSame(10.0, $plan->refresh()->given());
    }

    public function testTheSimulatedDoserRunsIntoACylinderAlikeEachTime(): void
    {
        $this->keeper->update(['simulated' => ['doser']]);
        $this->plan($this->bottle());
        $plan = $this->tank->dosePlans()->firstOrFail();
        $measured = function () use ($plan): float {
            $this->post("/tanks/{$this->tank->id}/dose-plans/{$plan->id}/doser", ['from' => 'device'])->assertSessionHasNoErrors();

            return $plan->refresh()->delivers;
        };

        self::assertSame($measured(), $measured());
        self::assertGreaterThan(0.7, $plan->delivers);
        self::assertLessThan(1.1, $plan->delivers);
    }

    public function testCapsulesAreForeseenByTheirLifeAndNotTooManyGoInOnADay(): void
    {
        $plantGroup = $this->tank->plantGroups()->create([
            'kind' => 'cryptocoryne_wendtii', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
        ]);
        $set = "/tanks/{$this->tank->id}/plant-groups/{$plantGroup->id}/root-tabs";
        $this->get($this->food)->assertSee('Root tabs')->assertSee('none yet');
        $this->post($set, ['number' => '400', 'kind' => 'coated'])->assertSessionHasErrors('number');
        $this->post($set, ['number' => '2', 'kind' => 'magic'])->assertSessionHasErrors('kind');
        $this->post($set, ['number' => '2', 'kind' => 'coated'])->assertSessionHasNoErrors();
        $this->get($this->food)->assertSee('2 root tabs today')->assertSee('Renew them');
        $this->get('/')->assertDontSee('Renew the root tabs of');

        $this->travel(125)->days();
        $this->get($this->food)->assertSee('Renew them now.');
        $this->get('/')->assertSee('Renew the root tabs of a plant group');
    }

    public function testTwoWeeksAfterTheLastStepItIsAskedWhetherTheDosesHelped(): void
    {
        $this->plant();
        $product = $this->bottle();
        $looked = "/tanks/{$this->tank->id}/dose-plans/looked";
        $this->put($this->food, ['dosing_method' => 'lean'])->assertSessionHasNoErrors();
        $this->post("/tanks/{$this->tank->id}/dose-plans/proposed")->assertSessionHasNoErrors();
        $last = DosePlan::query()->where('product_id', $product->id)->orderByDesc('starts_on')->firstOrFail()->starts_on;
        self::assertSame($last->addDays(14)->format('Y-m-d'), $this->tank->refresh()->doses_look_on?->format('Y-m-d'));
        $this->travelTo($last->setTime(18, 0));
        self::assertArrayHasKey($this->tank->id.'.dose_look@0', (new WeekQuery($this->keeper->fresh() ?? $this->keeper))->jobs);
        $this->get($this->food)->assertDontSee('Is the new growth better?');

        $this->travelTo($last->addDays(14)->setTime(18, 0));
        $this->get($this->food)->assertSee('Is the new growth better?');
        $this->get('/')->assertSee('Look at the new growth: did the doses help?');
        $this->post($looked, ['helped' => 'perhaps'])->assertSessionHasErrors('helped');
        $this->post($looked, ['helped' => 'later'])->assertRedirect($this->food);
        $this->get($this->food)->assertDontSee('Is the new growth better?');
        self::assertSame($last->addDays(21)->format('Y-m-d'), $this->tank->refresh()->doses_look_on?->format('Y-m-d'));

        // No better: it was not the food, and what else it can be is looked for; said twice it is kept once.
        $this->post($looked, ['helped' => 'no'])->assertRedirect("/tanks/{$this->tank->id}/problems");
        $this->post($looked, ['helped' => 'no']);
        self::assertNull($this->tank->refresh()->doses_look_on);
        self::assertSame(['New growth is no better since the doses changed'], $this->tank->entries()->where('kind', 'note')->pluck('title')->all());
    }

    public function testADoseThatIsChangedByHandPutsTheLookOff(): void
    {
        $product = $this->bottle();
        $this->plan($product, '10');
        // Nothing in steps, nothing to look for.
        self::assertNull($this->tank->refresh()->doses_look_on);
        $this->tank->update(['doses_look_on' => '2026-03-03']);
        $this->plan($product, '12', '1', '2026-03-02');
        self::assertSame('2026-03-16', $this->tank->refresh()->doses_look_on?->format('Y-m-d'));
        $this->tank->update(['doses_look_on' => '2026-05-01']);
        $this->plan($product, '11');
        self::assertSame('2026-05-01', $this->tank->refresh()->doses_look_on?->format('Y-m-d'));
        $this->delete("/tanks/{$this->tank->id}/dose-plans/{$this->tank->dosePlans()->firstOrFail()->id}")->assertRedirect($this->food);
        self::assertNull($this->tank->refresh()->doses_look_on);
        $this->travel(70)->days();
        $this->get($this->food)->assertDontSee('Is the new growth better?');
    }

    /** @return iterable<string, array{string, string, array<string, string>, string}> */
    public static function nonsense(): iterable
    {
        yield 'pinches' => ['POST', 'pinches', ['pinches' => '12', 'pinch_grams' => 'lots'], 'Enter a number in g, such as 0.42.'];
        yield 'grams of food' => ['PUT', 'fertilising', ['dosing_method' => 'lean', 'food_grams' => 'much'], 'Enter a number in g, such as 0.5.'];
        yield 'a spell' => [
            'POST', 'feeding-days', ['from_day' => '2026-03-01', 'until_day' => '2026-02-01', 'grams' => '1'], 'Enter a day, not before the first.',
        ];
        yield 'a dose' => [
            'POST', 'dose-plans', ['plan_jar' => '1', 'plan_amount' => 'some', 'every' => '1', 'starts_on' => '2026-03-01'],
            'Enter a number, such as 2.5.',
        ];
        yield 'a look' => ['POST', 'dose-plans/looked', ['helped' => 'perhaps'], 'Choose one of the three.'];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('nonsense')]
    public function testWhatIsTypedWrongIsSaidOnThePageWhereItWasTyped(string $method, string $form, array $typed, string $said): void
    {
        $this->bottle();
        $this->tank->update(['doses_look_on' => '2026-02-28']);
        $this->from($this->food)->followingRedirects()->call($method, "/tanks/{$this->tank->id}/$form", $typed)->assertOk()->assertSeeText($said);
        // Beside what is tried and is no amount.
        $this->from($this->food.'?share=400')->followingRedirects()->call($method, "/tanks/{$this->tank->id}/$form", $typed)->assertOk()
            ->assertSeeText($said)->assertSee('id="e-f-share"', false);
    }

    public function testCarbonDioxideStandsBelowTheNutrientsWithItsWorkingAndItsHazard(): void
    {
        // 4 dKH and pH 7.1: about 3 * 4 * 10^-0.1 = 9.5 mg/L.
        $this->get($this->food)->assertOk()->assertSeeText('CO₂')->assertSeeTextInOrder(['CO₂', 'by pH and KH, today'])->assertDontSeeText('CO₂ is high');
        preg_match('/data-working="gas">([\d.]+) \(/', (string) $this->get($this->food)->getContent(), $found);
        self::assertEqualsWithDelta(9.5, (float) ($found[1] ?? NAN), 1.0);
        $this->get($this->food.'?working=gas', ['HX-Request' => 'true'])->assertOk()->assertSeeText('Animals that gasp');
        preg_match(
            '/class="what">dissolved CO₂<.*?= <b>([\d.]+)/s',
            (string) $this->get($this->food.'?working=gas', ['HX-Request' => 'true'])->getContent(),
            $worked,
        );
        self::assertSame($found[1] ?? '', number_format((float) ($worked[1] ?? NAN), 1));

        // pH 6.3 at the same KH is 60 mg/L.
        $this->travel(1)->days();
        $this->read($this->keeper, $this->tank, ['ph' => '6.3']);
        $this->get($this->food)->assertSeeText('CO₂ is high')->assertSeeText('CO₂ off, air on, first of all');
        $this->get("/tanks/{$this->tank->id}/charts?span=28&series[]=gas")->assertOk()->assertSee('known on 2 days');
        $csv = $this->get("/tanks/{$this->tank->id}/charts.csv?span=28&series[]=gas")->assertOk()->streamedContent();
        self::assertSame(2, substr_count($csv, ',gas,'));
    }

    public function testWithoutAKhOfTheSameWeeksNothingIsSaidOfTheGas(): void
    {
        $this->travel(60)->days();
        $this->read($this->keeper, $this->tank, ['ph' => '6.3']);
        $this->get($this->food)->assertOk()->assertDontSeeText('by pH and KH');
        $this->get($this->food.'?working=gas', ['HX-Request' => 'true'])->assertOk()->assertSeeText('Not worked out yet');
    }

    public function testTheLevelOfACourseOpensItsWorking(): void
    {
        $this->travelTo('2026-03-11 18:00');
        $this->noteChange($this->keeper, $this->tank, $this->tank->water ?? self::fail('No water.'), 20.0, CarbonImmutable::now()->subDays(4));
        $page = (string) $this->get($this->food)->assertOk()->getContent();
        preg_match('/data-working="level-nitrate">([\d.]+)</', $page, $found);
        $working = $this->get($this->food.'?working=level-nitrate', ['HX-Request' => 'true'])->assertOk()->assertSeeText('tested 10 days ago')
            ->assertSeeText('share changed, 4 days ago')->assertSeeText('level now');
        preg_match('/level now.*?= <b>([\d.]+)/s', (string) $working->getContent(), $level);
        self::assertEqualsWithDelta((float) ($found[1] ?? NAN), (float) ($level[1] ?? NAN), 0.5);
        foreach (['level-', 'level-nitrite', 'level-nonsense'] as $none) {
            $this->get($this->food.'?working='.$none, ['HX-Request' => 'true'])->assertOk()->assertSeeText('Not worked out yet');
        }
    }

    public function testTheLevelAndItsWorkingAreInTheKeepersUnit(): void
    {
        $this->keeper->kits()->create([
            'parameter' => 'nitrate', 'method' => 'field', 'unit' => 'no3_n', 'step' => 0.0, 'fields' => [0.0, 5.0, 10.0, 20.0, 40.0, 80.0],
        ]);
        $this->keeper->unsetRelation('kits');
        $this->actingAs($this->keeper->fresh() ?? $this->keeper);
        preg_match('/data-working="level-nitrate">([\d.]+)</', (string) $this->get($this->food)->assertOk()->getContent(), $found);
        $working = $this->get($this->food.'?working=level-nitrate', ['HX-Request' => 'true'])->assertOk()->assertSeeText('mg/L N');
        preg_match('/level now.*?= <b>([\d.]+)/s', (string) $working->getContent(), $level);
        // 30 mg/L of nitrate are 6.8 of nitrogen.
        self::assertEqualsWithDelta(6.8, (float) ($found[1] ?? NAN), 1.5);
        self::assertEqualsWithDelta((float) ($found[1] ?? NAN), (float) ($level[1] ?? NAN), 0.1);
    }

    /** @return iterable<string, array{string, string}> working, and where its figure stands on the page */
    public static function brought(): iterable
    {
        yield 'fish food' => ['meal', '/adds about ([\d.]+)\x{A0}mg\/L N/u'];
        yield 'young soil' => ['soil', '/releases about ([\d.]+)\x{A0}mg\/L N/u'];
        yield 'capsules' => ['capsules', '/root tabs[^.]*? ([\d.]+)\x{A0}mg\/L N/ui'];
    }

    #[DataProvider('brought')]
    public function testWhatIsBroughtIsSaidAndWorkedOutInTheKeepersUnit(string $name, string $figure): void
    {
        $this->keeper->kits()->create([
            'parameter' => 'nitrate', 'method' => 'field', 'unit' => 'no3_n', 'step' => 0.0, 'fields' => [0.0, 5.0, 10.0, 20.0, 40.0, 80.0],
        ]);
        $this->tank->update(['passive' => 'soil', 'started_on' => CarbonImmutable::now()->subDays(12)->format('Y-m-d'), 'food_grams' => 2.0]);
        $plantGroup = $this->tank->plantGroups()->create([
            'kind' => 'cryptocoryne_wendtii', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
        ]);
        $plantGroup->rootTabs()->create(['kind' => 'coated', 'number' => 300, 'placed_on' => CarbonImmutable::now()->subDays(20)->format('Y-m-d')]);
        $this->actingAs($this->keeper->fresh() ?? $this->keeper);
        self::assertSame(1, preg_match($figure, strip_tags((string) $this->get($this->food)->assertOk()->getContent()), $said));
        $working = strip_tags((string) $this->get(
            $this->food.'?working='.$name,
            ['HX-Request' => 'true'],
        )->assertOk()->assertSeeText('mg/L N/d')->getContent());
        preg_match_all('/= ([\d.]+)\s*mg\/L N\/d/u', $working, $ends);
        self::assertEqualsWithDelta((float) $said[1], (float) (array_reverse($ends[1])[0] ?? NAN), 0.006, $working);
        preg_match_all('/= ([\d.]+)\s*mg\/L\/d/u', $working, $before);
        // 14.007 of 62.004 is nitrogen.
        self::assertEqualsWithDelta(0.2259, (float) $said[1] / (float) (array_reverse($before[1])[0] ?? NAN), 0.02);
    }

    public function testYoungSoilFeedsTheWaterAndLessSoWeekByWeek(): void
    {
        $bare = $this->reckoned();
        $later = static fn(FertilisingQuery $food, float $days): float => $food->course(Parameter::Nitrate)
            ->ahead($food->coming(Parameter::Nitrate, []), $food->day(CarbonImmutable::now()) + $days)->level()->level;
        $before = [$later($bare, 5.0), $later($bare, 10.0)];
        $this->tank->update(['passive' => 'soil', 'started_on' => CarbonImmutable::now()->subDays(12)->format('Y-m-d')]);
        $food = $this->reckoned();
        // Twelve days old it gives half of what it gave on its first day, and five days on a quarter less.
        self::assertEqualsWithDelta(1.107, $food->slow->gives(Parameter::Nitrate, floor($food->day(CarbonImmutable::now()))), 0.001);
        self::assertSame(0.0, $food->slow->gives(Parameter::Potassium, $food->day(CarbonImmutable::now())));
        self::assertEqualsWithDelta(
            1.107 * array_sum(array_map(static fn(int $day): float => 2.0 ** (-($day + 0.75) / 12.0), range(1, 5))),
            $later($food, 5.5) - $later($bare, 5.5),
            0.8,
        );
        self::assertGreaterThan($before[0], $later($food, 5.0));
        $this->get($this->food)->assertSee('of nitrate a day, half as much in twelve days. Its root nutrients are')->assertSee('97')
            ->assertSee('working=soil', false);
        $this->get($this->food.'?working=soil')->assertSee('What active soil adds to the water');
        $this->tank->update(['started_on' => CarbonImmutable::now()->subDays(270)->format('Y-m-d')]);
        $this->get($this->food)->assertSeeText('about 50'."\u{A0}".'%; it releases no more into the water')->assertDontSee('working=soil', false);
        $this->tank->update(['passive' => 'none']);
        $this->get($this->food)->assertDontSee('The soil’s root nutrients are at about');
    }

    public function testCapsulesGiveAPartOfWhatTheyHoldToTheWaterWhileTheyLast(): void
    {
        $plantGroup = $this->tank->plantGroups()->create([
            'kind' => 'cryptocoryne_wendtii', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
        ]);
        $this->post("/tanks/{$this->tank->id}/plant-groups/{$plantGroup->id}/root-tabs", ['number' => '2', 'kind' => 'coated'])->assertSessionHasNoErrors();
        $food = $this->reckoned();
        $today = floor($food->day(CarbonImmutable::now()));
        [$least, $most] = RootTabKind::Coated->days($this->tank->warmth, 1.0);
        $life = ($least + $most) / 2.0;
        $each = 2.0 * 60.0 * 62.004 / 14.007 * 0.25 / $life / $food->litres;
        self::assertEqualsWithDelta($each, $food->slow->gives(Parameter::Nitrate, $today), 1e-3 * $each);
        self::assertSame([0.0, 0.0], [$food->slow->gives(Parameter::Nitrate, $today - 1.0), $food->slow->gives(Parameter::Nitrate, $today + $life + 1.0)]);
        // A second set adds to it, in the water and in the working.
        $this->post("/tanks/{$this->tank->id}/plant-groups/{$plantGroup->id}/root-tabs", ['number' => '1', 'kind' => 'coated'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(1.5 * $each, $this->reckoned()->slow->gives(Parameter::Nitrate, $today), 1e-3 * $each);
        self::assertEqualsWithDelta(1.5 * $each, $this->reckoned()->slow->rootTabWorking(Parameter::Nitrate, $today)?->value('c'), 1e-3 * $each);
        $this->tank->plantGroups()->firstOrFail()->rootTabs()->reorder()->orderByDesc('id')->firstOrFail()->delete();
        // More of it leaks through gravel.
        $this->tank->zones()->update(['cover' => 'gravel']);
        if ($this->tank->zones()->count() === 0) {
            $this->tank->zones()->create(['cover' => 'gravel', 'left_edge' => 0, 'right_edge' => 1, 'front_edge' => 0, 'back_edge' => 1]);
        }
        self::assertEqualsWithDelta(1.6 * $each, $this->reckoned()->slow->gives(Parameter::Nitrate, $today), 2e-3 * $each);
        $this->get($this->food)->assertSee('of nitrate a day into the water.');
        $this->get($this->food.'?working=capsules')->assertSee('What root tabs add to the water');
        $this->get($this->food.'?working=capsule-'.$plantGroup->id)->assertSee('How long root tabs last');
        $this->get($this->food.'?working=capsule-999999')->assertSee('Not worked out yet');
    }

    public function testPinchesAreWeighedAsSpoonsAreAndTheGramsFollow(): void
    {
        $weigh = "/tanks/{$this->tank->id}/pinches";
        $school = ['dosing_method' => 'low_energy'];
        $this->put($this->food, $school + ['food_pinches' => '5'])->assertSessionHasErrors('food_pinches');
        foreach ([['0', '0.4'], ['2.5', '0.4'], ['10', ''], ['10', '-1'], ['ten', '0.4']] as [$pinches, $grams]) {
            $this->post($weigh, ['pinches' => $pinches, 'pinch_grams' => $grams])->assertSessionHasErrors();
        }
        $this->post($weigh, ['pinches' => '10', 'pinch_grams' => '0,40'])->assertSessionHasNoErrors();
        // Five pinches of 0.04 g.
        $this->put($this->food, $school + ['food_pinches' => '5', 'food_grams' => '9'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta([5.0, 0.2], [$this->tank->refresh()->food_pinches, $this->tank->food_grams], 1e-9);
        $this->get($this->food)->assertSee('A pinch is 0.04 g')->assertSee('by one weighing')->assertSee('0.2 g a day');
        // A second weighing of twice as many counts twice: (0.04 + 2 * 0.046) / 3.
        $this->post($weigh, ['pinches' => '20', 'pinch_grams' => '0.92'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(5.0 * 0.044, $this->tank->refresh()->food_grams, 0.001);
        // One that was weighed with the lid on is set aside, and said.
        $this->post($weigh, ['pinches' => '10', 'pinch_grams' => '0.43'])->assertSessionHasNoErrors();
        $this->post($weigh, ['pinches' => '10', 'pinch_grams' => '24'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(5.0 * 0.0435, $this->tank->refresh()->food_grams, 0.003);
        $this->get($this->food)->assertSee('by 3 weighings')->assertSee('left out');
        $this->delete($weigh.'/'.$this->tank->pinchTrials()->reorder()->orderByDesc('id')->firstOrFail()->id)->assertRedirect($this->food);
        $this->get($this->food)->assertDontSee('left out');
        // By grams again: weighing more changes nothing.
        $this->put($this->food, $school + ['food_grams' => '0.3', 'food_pinches' => ''])->assertSessionHasNoErrors();
        $this->post($weigh, ['pinches' => '10', 'pinch_grams' => '0.6'])->assertSessionHasNoErrors();
        self::assertSame(0.3, $this->tank->refresh()->food_grams);
    }

    public function testADoseOfTodayThatWasNotNotedYetIsInTheWeeksAhead(): void
    {
        $product = $this->bottle();
        $without = $this->reckoned()->ahead(Parameter::Potassium)->at($this->reckoned()->day(CarbonImmutable::now()) + 2.0)->level ?? 0.0;
        // Once in sixty days, and today is the day.
        $this->plan($product, '10', '60');
        $food = $this->reckoned();

        self::assertEqualsWithDelta(
            $without + 200.0 / $food->litres,
            $food->ahead(Parameter::Potassium)->at($food->day(CarbonImmutable::now()) + 2.0)->level ?? 0.0,
            0.3,
        );
    }

    public function testWhatWasNotedByMistakeIsTakenBackOntoTheShelf(): void
    {
        $product = $this->bottle();
        $this->post("/tanks/{$this->tank->id}/doses", ['product_id' => (string) $product->id, 'amount' => '25', 'state' => 'given'])
            ->assertSessionHasNoErrors();
        self::assertSame(275.0, $product->refresh()->stock);
        $this->delete("/tanks/{$this->tank->id}/doses/".$this->tank->doses()->firstOrFail()->id)->assertRedirect($this->food);

        self::assertSame(300.0, $product->refresh()->stock);
        self::assertSame(0, $this->tank->doses()->count());
    }

    public function testADoseStandsInTheDiaryAndTakenOutThereItWasNone(): void
    {
        $product = $this->bottle();
        $tap = ['product_id' => (string) $product->id, 'amount' => '25'];
        $this->post("/tanks/{$this->tank->id}/doses", $tap + ['state' => 'given'])->assertSessionHasNoErrors();
        $this->post("/tanks/{$this->tank->id}/doses", $tap + ['state' => 'given'])->assertSessionHasNoErrors();
        $this->get("/tanks/{$this->tank->id}/log?kind=dose")->assertSee("25\u{00A0}mL Green daily");
        $entries = $this->keeper->entries()->where('kind', 'dose')->get();
        self::assertCount(1, $entries);

        $this->delete('/entries/'.$entries->firstOrFail()->id)->assertRedirect();
        self::assertSame(0, $this->tank->doses()->count());
        self::assertSame(300.0, $product->refresh()->stock);
        // What was left out is no event.
        $this->post("/tanks/{$this->tank->id}/doses", $tap + ['state' => 'missed'])->assertSessionHasNoErrors();
        self::assertSame(0, $this->keeper->entries()->where('kind', 'dose')->count());
    }

    public function testADoseGoesWhereItsEntryGoes(): void
    {
        $product = $this->bottle();
        $this->post("/tanks/{$this->tank->id}/doses", ['product_id' => (string) $product->id, 'amount' => '25', 'state' => 'given'])
            ->assertSessionHasNoErrors();
        $entry = $this->keeper->entries()->where('kind', 'dose')->firstOrFail();
        $this->put('/entries/'.$entry->id, ['title' => $entry->title, 'happened_at' => '2026-02-26T08:00'])->assertSessionHasNoErrors();
        $dose = $this->tank->doses()->sole();
        self::assertSame('2026-02-26', $dose->day->format('Y-m-d'));
        self::assertSame($entry->refresh()->happened_at->getTimestamp(), $dose->given_at->getTimestamp());
        // A day has one dose of a bottle.
        $this->post("/tanks/{$this->tank->id}/doses", ['product_id' => (string) $product->id, 'amount' => '20', 'state' => 'given'])
            ->assertSessionHasNoErrors();
        $this->put('/entries/'.$entry->id, ['title' => $entry->title, 'happened_at' => '2026-03-01T08:00'])->assertSessionHasErrors('happened_at');
        self::assertSame(
            ['2026-02-26', '2026-03-01'],
            $this->tank->doses()->reorder()->orderBy('day')->get()->map(static fn($one): string => $one->day->format('Y-m-d'))->all(),
        );
    }

    public function testWhatFeedsNoPlantIsNoDose(): void
    {
        $soda = $this->product($this->keeper, 'soda');
        $this->post("/tanks/{$this->tank->id}/doses", ['product_id' => (string) $soda->id, 'amount' => '5', 'state' => 'given'])
            ->assertSessionHasErrors('product_id');
        self::assertSame(0, $this->tank->doses()->count());
    }

    public function testWhatAPumpGivesNobodyIsAskedFor(): void
    {
        $product = $this->bottle();
        $this->plan($product);
        $this->get('/')->assertSee('Green daily');
        $this->post("/tanks/{$this->tank->id}/dose-plans/{$this->tank->dosePlans()->firstOrFail()->id}/doser", ['bottle' => '500'])->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee('Green daily');
        $this->get($this->food)->assertSee('The dosing pump gives this. Tap only if it didn’t.');
        $this->post("/tanks/{$this->tank->id}/checklists", ['dry' => '1', 'tasks' => ['fertilise']])->assertSessionHasNoErrors();
        $step = $this->tank->checklists()->firstOrFail()->steps()->where('job', 'fertilise')->firstOrFail();
        self::assertSame([], $step->content->doses);
    }

    public function testAPumpThatGivesLessIsSetToMore(): void
    {
        $this->plant();
        $product = $this->bottle();
        $this->put($this->food, ['dosing_method' => 'lean'])->assertSessionHasNoErrors();
        $this->plan($product, '10');
        $goal = function (): float {
            $this->post("/tanks/{$this->tank->id}/dose-plans/proposed")->assertSessionHasNoErrors();

            return DosePlan::query()->where('tank_id', $this->tank->id)->orderByDesc('starts_on')->firstOrFail()->amount;
        };
        $byHand = $goal();
        $this->tank->dosePlans()->delete();
        $this->plan($product, '10');
        $this->post("/tanks/{$this->tank->id}/dose-plans/{$this->tank->dosePlans()->firstOrFail()->id}/doser", ['ran' => '50', 'measured' => '25'])
            ->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(2.0 * $byHand, $goal(), 0.06 * $byHand + 0.2);
        $last = DosePlan::query()->where('tank_id', $this->tank->id)->orderByDesc('starts_on')->firstOrFail();
        self::assertTrue($last->by_doser);
        self::assertEqualsWithDelta($byHand, $last->given(), 0.06 * $byHand + 0.1);
    }

    public function testNonsenseInWhatIsTriedIsSaidAtItsField(): void
    {
        $this->plan($this->bottle());
        $plan = $this->tank->dosePlans()->firstOrFail()->id;
        $part = (string) $this->get($this->food.'?what['.$plan.']=lots&share=400', ['HX-Request' => 'true'])->assertOk()->getContent();

        self::assertMatchesRegularExpression('#id="e-f-what-'.$plan.'" hx-swap-oob="true">[^<]+2\.5#', $part);
        self::assertMatchesRegularExpression('#id="e-f-share" hx-swap-oob="true">[^<]*100#', $part);
        self::assertStringContainsString('class="chart__plot"', $part);
        $this->get($this->food.'?share=400')->assertSee('100');
    }

    public function testADoseThatChangesMuchGoesInStepsOfAWeek(): void
    {
        $this->plant();
        $product = $this->bottle();
        $this->put($this->food, ['dosing_method' => 'lean'])->assertSessionHasNoErrors();
        $this->post("/tanks/{$this->tank->id}/dose-plans/proposed")->assertSessionHasNoErrors();
        $plans = $this->tank->dosePlans()->where('product_id', $product->id)->get();

        self::assertGreaterThan(1, $plans->count());
        self::assertNull($plans->last()?->ends_on);
        foreach ($plans->slice(0, -1)->values() as $i => $plan) {
            self::assertSame(CarbonImmutable::parse('2026-03-01')->addDays(7 * $i + 6)->format('Y-m-d'), $plan->ends_on?->format('Y-m-d'));
            self::assertLessThan($plans->last()->amount ?? 0.0, $plan->amount);
        }
        // Each day has one dose of it.
        foreach (range(0, 40) as $days) {
            $day = CarbonImmutable::parse('2026-03-01')->addDays($days);
            self::assertCount(1, $plans->filter(static fn(DosePlan $plan): bool => $plan->falls($day)));
        }
        $this->get($this->food)->assertSee('on. Change nothing else meanwhile, and look at the new growth on')
            ->assertSee('on. Change nothing else meanwhile, and look at the new growth on');
    }

    public function testABottleForSomeWeeksIsMadeFromTheSaltsOfTheShelf(): void
    {
        $this->plant();
        $this->put($this->food, ['dosing_method' => 'lean'])->assertSessionHasNoErrors();
        $bottle = "/tanks/{$this->tank->id}/own-fertiliser";
        $this->get($bottle)->assertSee('Nothing to mix: there are no plants, no dose is needed, or none of');
        $this->post($bottle, ['weeks' => '6', 'each' => '10'])->assertSessionHasErrors('weeks');
        foreach (['potassium_sulfate', 'potassium_phosphate', 'calcium_nitrate'] as $salt) {
            $this->keeper->products()->create(['name' => $salt, 'salt' => $salt, 'unit' => 'g', 'purity' => 1.0, 'stock' => 500]);
        }
        $this->actingAs($this->keeper = Keeper::query()->findOrFail($this->keeper->id));
        $this->get($bottle.'?weeks=6&each=10')->assertSee('Own fertiliser for')
            ->assertSee('Dissolve one after another in two thirds of the distilled or RO')->assertDontSee('g in stock.');
        // What was typed wrong is said where it was typed, and what the shelf lacks before it is weighed.
        $this->get($bottle.'?weeks=99&each=lots')->assertOk()->assertSee('1 to 12 weeks')->assertSee('such as 10');
        $this->keeper->products()->where('salt', 'potassium_sulfate')->update(['stock' => 0.01]);
        $this->actingAs($this->keeper = Keeper::query()->findOrFail($this->keeper->id));
        $this->get($bottle.'?weeks=6&each=10')->assertSee('g in stock.');
        $this->keeper->products()->where('salt', 'potassium_sulfate')->update(['stock' => 500]);
        $this->actingAs($this->keeper = Keeper::query()->findOrFail($this->keeper->id));
        $this->post($bottle, ['weeks' => '60', 'each' => '10'])->assertSessionHasErrors('weeks');
        $this->post($bottle, ['weeks' => '6', 'each' => 'some'])->assertSessionHasErrors('each');
        self::assertSame(0, $this->keeper->products()->where('salt', Product::FEED)->count());
        $this->post($bottle, ['weeks' => '6', 'each' => '10'])->assertSessionHasNoErrors()->assertRedirect($this->food);

        // Daily for six weeks, 10 mL each time: 420 mL in every bottle, and calcium stands apart from sulfate and phosphate.
        $made = $this->keeper->products()->where('salt', Product::FEED)->get();
        foreach ($made as $product) {
            self::assertSame(420.0, $product->stock);
            $feed = $product->toFeed(0.1);
            self::assertFalse(isset($feed->milligrams['calcium'], $feed->milligrams['phosphate']));
        }
        self::assertSame($made->count(), $this->tank->dosePlans()->count());
        // What the bottles bring in six weeks is what left the shelf, as potassium.
        $used = 500.0 - (float) $this->keeper->products()->where('salt', 'potassium_sulfate')->firstOrFail()->stock;
        $phosphate = 500.0 - (float) $this->keeper->products()->where('salt', 'potassium_phosphate')->firstOrFail()->stock;
        $potassium = $made->sum(static fn(Product $product): float => ($product->toFeed(0.1)->milligrams['potassium'] ?? 0.0) * 420.0 / 1000.0);
        self::assertEqualsWithDelta($used * 2.0 * 39.098 / 174.259 + $phosphate * 39.098 / 136.084, $potassium, 0.01);

        // What was made here is made again, and not ordered; also after its entry in stock was looked over.
        $one = $made->firstOrFail();
        $this->put(
            "/products/$one->id",
            ['name' => $one->name, 'salt' => 'feed', 'unit' => 'mL', 'stock' => '15', 'label' => ['dose' => '10', 'litres' => '100', 'potassium' => '2']],
        )->assertSessionHasNoErrors();
        $this->tank->doses()->create([
            'product_id' => $one->id, 'name' => $one->name, 'amount' => 100.0, 'unit' => 'mL', 'brings' => [], 'given_at' => now()->subDay(),
            'day' => now()->subDay()->format('Y-m-d'), 'missed' => false,
        ]);
        $this->get('/week')->assertSeeText('Mix '.$one->name)->assertDontSeeText('Order '.$one->name);
    }

    public function testAllDosesLeaveAsATable(): void
    {
        $product = $this->bottle();
        $this->post("/tanks/{$this->tank->id}/doses", ['product_id' => (string) $product->id, 'amount' => '10', 'state' => 'given'])
            ->assertSessionHasNoErrors();
        $csv = $this->get("/tanks/{$this->tank->id}/doses.csv")->assertOk()->streamedContent();
        $lines = array_map(static fn(string $line): array => str_getcsv($line, escape: ''), explode("\n", trim($csv)));

        self::assertCount(2, $lines);
        self::assertSame(['Green daily', '10', 'mL', '0'], array_slice($lines[1], 1, 4));
        self::assertEqualsWithDelta(200.0 / $this->reckoned()->litres, (float) $lines[1][array_search('potassium_mg_L', $lines[0], true)], 1e-5);
    }

    public function testDosesComeInAsTheyWentOutAndTheShelfStays(): void
    {
        $product = $this->bottle();
        foreach (['2026-02-20', '2026-02-21'] as $day) {
            $this->travelTo($day.' 18:00');
            $this->post(
                "/tanks/{$this->tank->id}/doses",
                ['product_id' => (string) $product->id, 'amount' => '10', 'state' => $day === '2026-02-20' ? 'given' : 'missed'],
            )->assertSessionHasNoErrors();
        }
        $this->travelTo('2026-03-01 18:00');
        $csv = $this->get("/tanks/{$this->tank->id}/doses.csv")->streamedContent();
        $read = fn(): array => array_values($this->tank->doses()->reorder()->orderBy('day')->get()->map(static fn(Dose $dose): array => [
            $dose->day->format('Y-m-d'), $dose->amount, $dose->missed, $dose->given_at->getTimestamp(), round($dose->brings['potassium'] ?? 0.0, 4),
        ])->all());
        $before = $read();
        $this->tank->doses()->delete();
        $stock = $product->refresh()->stock;
        $take = fn(string $text) => $this->post("/tanks/{$this->tank->id}/doses.csv", ['file' => UploadedFile::fake()->createWithContent('doses.csv', $text)]);
        $take($csv)->assertSessionHasNoErrors()->assertSessionHas('status', 'Imported 2 doses.');
        // What is left out brings nothing.
        $before[1][4] = 0.0;
        self::assertSame($before, $read());
        self::assertSame($stock, $product->refresh()->stock);
        // Taken in twice it stands once.
        $take($csv)->assertSessionHas('status', 'Nothing new in it.');
        self::assertSame(2, $this->tank->doses()->count());
    }

    /** @return iterable<string, array{string, string}> a file, and what is said of it */
    public static function files(): iterable
    {
        yield 'no such jar' => ["given_at,name,amount\n2026-02-20,Gold,1\n", 'Line 2: no product is called “Gold”'];
        yield 'an amount in words' => ["given_at,name,amount\n2026-02-20,Green daily,some\n", 'Line 2: the amount is a number'];
        yield 'a day to come' => ["given_at,name,amount\n2026-02-20,Green daily,1\n2027-01-01,Green daily,1\n", 'Line 3: the day and hour'];
        yield 'a day that is none' => ["given_at,name,amount\n20th of May,Green daily,1\n", 'Line 2: the day and hour'];
        yield 'a column missing' => ["given_at,name\n2026-02-20,Green daily\n", 'the column “amount” is missing'];
        yield 'a column too many' => ["given_at,name,amount,colour\n2026-02-20,Green daily,1,red\n", 'there is no column “colour”'];
        yield 'no text' => ["\xff\xfe", 'this is not text in UTF-8'];
    }

    #[DataProvider('files')]
    public function testAFileThatDoesNotHoldIsRefusedWhole(string $text, string $said): void
    {
        $this->bottle();
        $this->post("/tanks/{$this->tank->id}/doses.csv", ['file' => UploadedFile::fake()->createWithContent('doses.csv', $text)])
            ->assertSessionHasErrors('file');
        $errors = session('errors');
        self::assertInstanceOf(ViewErrorBag::class, $errors);
        self::assertStringContainsString($said, $errors->first('file'));
        self::assertSame(0, $this->tank->doses()->count());
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a dose of nothing' => ['dose-plans', ['plan_amount' => '0'], 'plan_amount'];
        yield 'a dose in words' => ['dose-plans', ['plan_amount' => 'some'], 'plan_amount'];
        yield 'every none days' => ['dose-plans', ['every' => '0'], 'every'];
        yield 'a day that is none' => ['dose-plans', ['starts_on' => '2026-13-40'], 'starts_on'];
        yield 'somebody else\'s jar' => ['dose-plans', ['plan_jar' => '99999'], 'plan_jar'];
        yield 'neither given nor left out' => ['doses', ['state' => 'perhaps'], 'state'];
        yield 'a dose given in words' => ['doses', ['amount' => 'a lot'], 'amount'];
        yield 'an end before the beginning' => ['feeding-days', ['from_day' => '2026-03-05', 'until_day' => '2026-03-01', 'grams' => '1'], 'until_day'];
        yield 'less than no food' => ['feeding-days', ['from_day' => '2026-03-05', 'until_day' => '2026-03-06', 'grams' => '-1'], 'grams'];
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('wrong')]
    public function testWhatCannotBeIsSaidAtItsFieldAndNothingIsKept(string $path, array $fields, string $field): void
    {
        $product = $this->bottle();
        $this->post(
            "/tanks/{$this->tank->id}/$path",
            $fields + [
                'plan_jar' => (string) $product->id, 'plan_amount' => '5', 'every' => '1', 'starts_on' => '2026-03-01',
                'product_id' => (string) $product->id, 'amount' => '5', 'state' => 'given',
            ],
        )->assertSessionHasErrors($field);

        self::assertSame(0, $this->tank->dosePlans()->count() + $this->tank->doses()->count() + $this->tank->feedingOverrides()->count());
    }
}
