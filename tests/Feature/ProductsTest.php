<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\Devices;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\Reservoir;
use App\Models\SourceWaterKind;
use App\Models\SpoonTrial;
use App\Tanks\BatchContent;
use App\Tanks\WatersQuery;
use App\WaterChange\DechlorinatorDose;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use PHPUnit\Framework\Attributes\DataProvider;

/** Products, spoons, the meter, stores, analyses, top-offs and dechlorinator through the application. */
final class ProductsTest extends FeatureCase
{
    public function testASaltAndALabelledProductGoOntoTheShelf(): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper)->post(
            '/products',
            ['name' => 'White tin', 'salt' => 'epsom', 'unit' => 'g', 'purity' => '98', 'stock' => '400', 'price' => '0,60'],
        )->assertSessionHasNoErrors();
        $this->post(
            '/products',
            [
                'name' => 'Shrimp salt', 'salt' => 'label', 'unit' => 'mL', 'purity' => '100',
                'label' => ['dose' => '6', 'litres' => '20', 'gh' => '6', 'kh' => '', 'ec' => '280', 'ratio' => ''],
            ],
        )->assertSessionHasNoErrors();
        [$salt, $product] = [Product::query()->where('name', 'White tin')->firstOrFail(), Product::query()->where('name', 'Shrimp salt')->firstOrFail()];

        // 1 g of pure Epsom salt in 1 L is 1 / 246.47 mol of magnesium: 4.057 mmol; 98 % of it 3.976.
        self::assertEqualsWithDelta(3.976, $salt->toCore()->perUnit->hardness(), 0.002);
        // 6 mL in 20 L raise 6 degrees: 1 mL in 1 L would raise 20, which are 3.566 mmol/L.
        self::assertEqualsWithDelta(3.566, $product->toCore()->perUnit->hardness(), 0.002);
        self::assertNull($product->stock);
        $this->get('/supplies/products')->assertOk()->assertSee('White tin')->assertSee('0.60');
        $this->put('/products/'.$salt->id, ['name' => 'Blue tin', 'salt' => 'epsom', 'unit' => 'g', 'purity' => '100', 'stock' => ''])
            ->assertSessionHasNoErrors();
        self::assertNull($salt->refresh()->stock);
        $this->delete('/products/'.$salt->id)->assertRedirect('/supplies/products');
        self::assertSame(1, Product::query()->count());
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function badProducts(): array
    {
        return [
            'no name' => [['name' => ''], 'name'],
            'a name without end' => [['name' => str_repeat('x', 10000)], 'name'],
            'a salt that is not one' => [['salt' => 'unobtainium'], 'salt'],
            'purity over all' => [['purity' => '140'], 'purity'],
            'stock below nothing' => [['stock' => '-1'], 'stock'],
            'a label without a dose' => [['salt' => 'label', 'label' => ['litres' => '20', 'gh' => '6']], 'label.dose'],
            'a label that does nothing' => [
                ['salt' => 'label', 'label' => ['dose' => '6', 'litres' => '20', 'gh' => '0', 'kh' => '0', 'ec' => '']], 'label.gh',
            ],
            'a label that takes away' => [['salt' => 'label', 'label' => ['dose' => '6', 'litres' => '20', 'gh' => '-6']], 'label.gh'],
            'a label in a wrong unit' => [['salt' => 'label', 'unit' => 'cups', 'label' => ['dose' => '6', 'litres' => '20', 'gh' => '6']], 'unit'],
        ];
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('badProducts')]
    public function testAJarThatCannotBeIsRefusedAtItsField(array $typed, string $field): void
    {
        $this->actingAs($this->keeper())->post('/products', $typed + ['name' => 'Tin', 'salt' => 'epsom', 'unit' => 'g', 'purity' => '100'])
            ->assertSessionHasErrors($field);
        self::assertSame(0, Product::query()->count());
    }

    public function testASpoonIsLearnedByScaleAndByPen(): void
    {
        $keeper = $this->keeper();
        $product = $this->product($keeper, 'epsom');
        $this->actingAs($keeper)->post("/products/$product->id/trials", ['by' => 'scale', 'spoons' => '10', 'grams' => '49'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(4.9, (float) $product->refresh()->load('trials')->spoon()?->mean, 1e-9);
        // 1 g of Epsom salt in 1 L reads about 815 (its ions: 4.06 mmol/L each of Mg and SO4); a rise of 400 in 10 L is about 4.9 g.
        $this->post("/products/$product->id/trials", ['by' => 'pen', 'spoons' => '1', 'litres' => '10', 'before' => '10', 'rise' => '410'])
            ->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(4.9, $product->refresh()->load('trials')->trials->last()->grams_each ?? 0.0, 0.3);
        $this->post("/products/$product->id/trials", ['by' => 'scale', 'spoons' => '10', 'grams' => '75'])
            ->assertSessionHas('status', static fn(string $said): bool => str_contains($said, 'another spoon'));
        $this->get("/products/$product->id/spoon")->assertOk()->assertSee('from 2 trials')->assertSee('one is left out because it does not fit the others');
        $odd = $product->refresh()->load('trials')->trials->last();
        $this->delete("/products/$product->id/trials/".($odd->id ?? 0));
        self::assertCount(2, $product->refresh()->load('trials')->trials);
    }

    /** @return array<string, array{array<string, string>, string}> */
    public static function badTrials(): array
    {
        return [
            'no spoons' => [['by' => 'scale', 'spoons' => '0', 'grams' => '4'], 'spoons'],
            'half a spoon' => [['by' => 'scale', 'spoons' => '0.5', 'grams' => '4'], 'spoons'],
            'no grams' => [['by' => 'scale', 'spoons' => '10', 'grams' => ''], 'grams'],
            'a pen that falls' => [['by' => 'pen', 'spoons' => '1', 'litres' => '1', 'before' => '300', 'rise' => '200'], 'rise'],
            'no litres' => [['by' => 'pen', 'spoons' => '1', 'litres' => '', 'rise' => '200'], 'litres'],
            'a scale that is not there' => [['by' => 'scale', 'spoons' => '10', 'from' => 'device'], 'grams'],
        ];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('badTrials')]
    public function testATrialThatCannotBeIsRefused(array $typed, string $field): void
    {
        $keeper = $this->keeper();
        $product = $this->product($keeper, 'epsom');
        $this->actingAs($keeper)->post("/products/$product->id/trials", $typed)->assertSessionHasErrors($field);
        self::assertCount(0, $product->trials()->get());
    }

    public function testTheFactorOfThePenIsLearnedAndTakenOnlyWhenAskedFor(): void
    {
        $keeper = $this->keeper();
        foreach ([['283', '413'], ['950', '1413'], ['140', '208']] as [$shown, $known]) {
            $this->actingAs($keeper)->post('/pen', compact('shown', 'known'))->assertSessionHasNoErrors();
        }
        self::assertSame(0.5, $keeper->refresh()->pen_factor);
        $this->post('/pen/factor')->assertRedirect('/pen');
        // Three pairs of 0.685, 0.672 and 0.673 against a beginning at 0.5 that counts little.
        self::assertEqualsWithDelta(0.67, $keeper->refresh()->pen_factor, 0.015);
        $this->post('/pen', ['shown' => '413', 'known' => '200'])->assertSessionHasErrors('shown');
    }

    public function testALinkToAddAFertiliserOpensTheFormForOne(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/fertilising")->assertSee('href="/products/new?salt=feed"', false);
        foreach (['?salt=feed' => ['feed', 'mL'], '' => ['label', 'g']] as $asked => $chosen) {
            preg_match_all('/<option value="(\w+)"\s+selected/', (string) $this->get('/products/new'.$asked)->getContent(), $selected);
            self::assertSame($chosen, array_slice($selected[1], 0, 2));
        }
        $this->get('/products/new?salt=nonsense')->assertOk();
    }

    public function testAStoreIsKeptReadAndPlannedFrom(): void
    {
        [$keeper, $tank, $ro] = $this->bench();
        $this->actingAs($keeper)->post(
            '/ro-reservoirs',
            [
                'name' => 'Barrel', 'source_water_id' => (string) $ro->id, 'capacity' => '60', 'level' => '20', 'litres_per_day' => '120',
                'waste' => '3', 'membrane_on' => '2026-01-05',
            ],
        )->assertSessionHasNoErrors();
        $reservoir = Reservoir::query()->firstOrFail();
        $this->post("/ro-reservoirs/$reservoir->id/level", ['level' => '61'])->assertSessionHasErrors('level');
        $this->post("/ro-reservoirs/$reservoir->id/level", ['level' => '30'])->assertSessionHasNoErrors();
        // 60 L hold 30 more: 6 hours at 5 L an hour, 90 L go down the drain.
        $this->get("/ro-reservoirs/$reservoir->id")->assertOk()->assertSee('full after 6 h 00')->assertSee("90\u{A0}L go down the drain");
        // 40 L: 10 are missing, two hours.
        $this->get("/ro-reservoirs/$reservoir->id?need[$tank->id]=40")->assertOk()->assertSee('in 2 h 00');
        $this->get("/ro-reservoirs/$reservoir->id?need[$tank->id]=lots")->assertOk()->assertSee('Between 0 and 5000');
        foreach ([[400, 12, 0], [400, 16, 0], [400, 20, 0], [400, 90, 1]] as $i => [$in, $out, $first]) {
            $this->travelTo(CarbonImmutable::parse('2026-02-01')->addDays(30 * $i));
            $this->post("/ro-reservoirs/$reservoir->id/rejections", ['in' => (string) $in, 'out' => (string) $out, 'first' => (string) $first])
                ->assertSessionHasNoErrors();
        }
        // 97, 96, 95 %: a point a month; the first output of 77 % does not count. On the fourth day of reckoning 94 % are left.
        $this->get("/ro-reservoirs/$reservoir->id")->assertSee('It holds back 94.0 %')->assertSee('1.00 points a month');
        $this->post("/ro-reservoirs/$reservoir->id/rejections", ['in' => '0', 'out' => '5'])->assertSessionHasErrors('in');
        foreach ([['capacity' => '0'], ['level' => '70'], ['waste' => '-1'], ['membrane_on' => 'soon'], ['litres_per_day' => '']] as $typed) {
            $this->post('/ro-reservoirs', $typed + ['name' => 'B', 'capacity' => '60', 'level' => '1', 'litres_per_day' => '100', 'waste' => '3'])
                ->assertSessionHasErrors(array_keys($typed));
        }
        self::assertSame(1, Reservoir::query()->count());
    }

    public function testAnAnalysisIsCompletedAndABadOneIsShown(): void
    {
        [$keeper, , , $tap] = $this->bench();
        $form = [
            'sampled_on' => '2026-03-01',
            'ions' => ['Ca' => '48', 'Mg' => '9.8', 'Na' => '14', 'K' => '2.1', 'Cl' => '24', 'SO4' => '38', 'NO3' => '7.5'], 'alkalinity' => '6',
            'conductivity' => '388',
        ];
        $this->actingAs($keeper)->post("/source-waters/$tap->id/analyses", $form)->assertSessionHasNoErrors();
        // Alkalinity of 6 degrees is 2.14 meq/L of bicarbonate at 61 g/mol.
        $this->get("/source-waters/$tap->id")->assertOk()->assertSee('These values fit together.')->assertSee('131');
        $this->travel(1)->days();
        $this->post("/source-waters/$tap->id/analyses", ['ions' => ['Ca' => '480'] + $form['ions'], 'sampled_on' => '2026-03-02'] + $form)
            ->assertSessionHasNoErrors();
        $this->get("/source-waters/$tap->id")->assertSee('These values do not fit together.');
        $this->get('/mix-water?'.http_build_query(['waters' => [$tap->id]]))->assertSee('do not fit together.');
        foreach ([
            ['ions' => ['Ca' => '-1']], ['ions' => ['Na' => 'salty']], ['sampled_on' => 'yesterday'], ['ph' => '30'],
            ['conductivity' => str_repeat('1', 500)],
        ] as $typed) {
            $this->post("/source-waters/$tap->id/analyses", $typed + $form)->assertSessionHasErrors();
        }
        $this->post("/source-waters/$tap->id/analyses", ['sampled_on' => '2026-03-01'])->assertSessionHasErrors('ions.Ca');
        // Hardness of 2 degrees cannot hold 48 mg/L calcium, which are 6.7.
        $this->post("/source-waters/$tap->id/analyses", ['sampled_on' => '2026-03-01', 'ions' => ['Ca' => '48'], 'hardness' => '2'])
            ->assertSessionHasErrors('hardness');
    }

    public function testTopUpsTeachWhatEvaporatesAndWhereItLeads(): void
    {
        [$keeper, $tank, $ro, $tap] = $this->bench();
        $now = CarbonImmutable::parse('2026-06-01 12:00');
        foreach ([0, 7, 14, 21, 28] as $day) {
            $this->travelTo($now->addDays($day));
            $this->actingAs($keeper)->post("/tanks/$tank->id/top-offs", ['litres' => '7'])->assertSessionHasNoErrors();
        }
        // 500 mm by 500 mm of surface lose 0.75 L a day at 3 mm; 28 days of 1 L a day against 14 of that: (28 + 10.5) / 42.
        $this->get("/tanks/$tank->id/top-off?top_up=$tap->id")->assertOk()->assertSee('0.9')->assertSee('Learned from 4 of your top-offs')
            ->assertSee('Topping off with Tap adds');
        $this->get("/tanks/$tank->id/top-off?top_up=$ro->id")->assertOk()->assertSee('adds next to nothing');
        foreach (['', '0', '-2', 'a lot', '1e9'] as $litres) {
            $this->post("/tanks/$tank->id/top-offs", ['litres' => $litres])->assertSessionHasErrors('litres');
        }
        $this->get("/tanks/$tank->id/top-off?top_up=x&change=999")->assertOk();
    }

    public function testTheDoseOfConditionerFollowsLabelVolumeAndChlorine(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $ask = fn(array $query): string => (string) $this->actingAs($keeper)->get("/tanks/$tank->id/dechlorinator?".http_build_query($query + [
            'dose' => '5', 'for' => '200', 'strength' => '1', 'litres' => '40', 'chlorine' => '0.5',
        ]))->assertOk()->getContent();

        // 5 mL for 200 L is 1 mL for 40 L; twice that where the tap holds 2 mg/L and the label counts on 1.
        self::assertStringContainsString('1.00 mL', $ask([]));
        self::assertStringContainsString('2.00 mL', $ask(['chlorine' => '2']));
        // 3 mg/L of chlorine as chloramine leave 3 * 14.007 / 70.9 = 0.59 mg/L of ammonia nitrogen.
        self::assertStringContainsString('Chloramine leaves 0.59 mg/L', $ask(['chlorine' => '3', 'kind' => 'chloramine']));
        self::assertStringContainsString('more than five times the label', $ask(['given' => '6']));
        self::assertStringNotContainsString('more than five times the label', $ask(['given' => '4']));
        self::assertStringContainsString('Enter a number in mL', $ask(['dose' => 'a splash']));
        self::assertStringContainsString('Enter a number.', $ask(['dose' => '']));
        self::assertStringContainsString('Between', $ask(['chlorine' => '-1']));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function labelsOfADechlorinator(): iterable
    {
        // By hand, for 40 L: 2 drops for 10 L are 8; a cap for 50 L is 0.8, and so three quarters; 1 g for 100 L is 0.4 g; a teaspoon for 160 L is a quarter.
        yield 'drops' => [['measured' => 'drop', 'dose' => '2', 'litres' => '10'], '8 drops'];
        yield 'one drop at least' => [['measured' => 'drop', 'dose' => '1', 'litres' => '200'], '1 drop'];
        yield 'caps' => [['measured' => 'cap', 'dose' => '1', 'litres' => '50'], '0.75 cap'];
        yield 'powder' => [['measured' => 'g', 'dose' => '1', 'litres' => '100'], '0.4 g'];
        yield 'teaspoons' => [['measured' => 'teaspoon', 'dose' => '1', 'litres' => '160'], '0.25 teaspoon'];
        yield 'scoops' => [['measured' => 'scoop', 'dose' => '3', 'litres' => '40'], '3 scoops'];
        yield 'tablespoons' => [['measured' => 'tablespoon', 'dose' => '1', 'litres' => '20'], '2 tablespoons'];
        yield 'millilitres' => [['measured' => 'mL', 'dose' => '5', 'litres' => '100'], '2.00 mL'];
    }

    /** @param array<string, string> $label */
    #[DataProvider('labelsOfADechlorinator')]
    public function testADechlorinatorIsKeptAndAnsweredInWhatItIsMeasuredWith(array $label, string $dose): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post('/products', ['name' => 'Clear', 'salt' => Product::CONDITIONER, 'unit' => 'mL', 'label' => $label])
            ->assertSessionHasNoErrors();
        $text = (string) preg_replace(
            '/\s+/u',
            ' ',
            strip_tags((string) $this->get("/tanks/$tank->id/dechlorinator?".http_build_query([
                'litres' => '40', 'dose' => $label['dose'], 'for' => $label['litres'], 'strength' => '',
            ]))->assertOk()->getContent()),
        );
        self::assertStringContainsString($dose.' of Clear for this change', $text);
        // And its working speaks of the same unit.
        self::assertSame($label['measured'] === 'mL', str_contains($text, ' mL '));
    }

    public function testOfTwoDechlorinatorsTheOneLastUsedIsTaken(): void
    {
        [$keeper, $tank] = $this->readyTank();
        foreach (['Clear', 'Calm'] as $name) {
            $keeper->products()->create([
                'name' => $name, 'salt' => Product::CONDITIONER, 'unit' => 'mL', 'label' => ['dose' => 5.0, 'litres' => 100.0], 'price' => 0.0,
                'stock' => $name === 'Clear' ? 40.0 : 400.0,
            ]);
        }
        $clear = $keeper->products()->where('name', 'Clear')->sole();
        $taken = fn(): ?string => DechlorinatorDose::product($keeper->fresh() ?? $keeper)?->name;
        $this->actingAs($keeper)->get("/tanks/$tank->id/dechlorinator?product=$clear->id")->assertOk()->assertSee('Use Clear from now on');
        $this->post("/products/$clear->id/use")->assertRedirect();
        self::assertSame('Clear', $taken());
        // What is used up is not taken.
        $clear->update(['stock' => 0.0]);
        self::assertSame('Calm', $taken());
        $clear->update(['stock' => 40.0]);
        $checklist = $this->writeRun($keeper->fresh() ?? $keeper, $tank, ['reason' => 'routine']);
        self::assertStringContainsString('of Clear', implode(' ', $checklist->steps()->where('job', 'condition')->sole()->content->lines));
        $this->actingAs($this->keeper('Linnet'))->post("/products/$clear->id/use")->assertNotFound();
    }

    /** @return iterable<string, array{string|null, bool, float}> */
    public static function disinfectants(): iterable
    {
        // 2 mg/L of chlorine as chloramine hold 2 * 14.007 / 70.906 = 0.395 mg/L of ammonia nitrogen, 0.509 of NH4 by 18.039 to 14.007.
        yield 'not known' => [null, true, 0.0];
        yield 'chlorine' => ['chlorine', true, 0.0];
        yield 'chloramine' => ['chloramine', true, 0.509];
        yield 'none, from a well' => ['none', false, 0.0];
    }

    #[DataProvider('disinfectants')]
    public function testTheDisinfectantOfAWaterDecidesDechlorinatorAndAmmonia(?string $disinfectant, bool $isTreated, float $ammonia): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->actingAs($keeper)->put(
            "/source-waters/$water->id",
            ['name' => $water->name, 'kind' => 'tap', 'note' => '', 'disinfectant' => $disinfectant ?? ''],
        )->assertSessionHasNoErrors();
        $this->read($keeper, $water, ['chlorine' => '2']);
        $waters = WatersQuery::around($tank->fresh() ?? $tank, [$water->id]);
        // The chart's field about 2 is kept with its band: its middle lies a little higher.
        self::assertEqualsWithDelta($ammonia, $waters->source($water->fresh() ?? $water)->central(Parameter::Ammonium, -1.0), 0.07);
        self::assertSame(
            $isTreated,
            $this->writeRun($keeper->fresh() ?? $keeper, $tank->fresh() ?? $tank, ['reason' => 'routine'])->steps()->where('job', 'condition')->exists(),
        );
        $this->put("/source-waters/$water->id", ['name' => $water->name, 'kind' => 'tap', 'disinfectant' => 'bleach'])->assertSessionHasErrors('disinfectant');
    }

    public function testChlorineOfAnotherTapDoesNotCount(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $other = $keeper->waters()->create(['name' => 'Cellar tap', 'kind' => SourceWaterKind::Tap]);
        $this->read($keeper, $other, ['chlorine' => '3']);
        self::assertSame(0.0, DechlorinatorDose::chlorine($tank->fresh() ?? $tank));
        $this->read($keeper, $water, ['chlorine' => '1']);
        self::assertEqualsWithDelta(1.0, DechlorinatorDose::chlorine($tank->fresh() ?? $tank), 0.5);
    }

    public function testDevicesAnswerOnlyWhenTheyAreSwitchedOn(): void
    {
        [$keeper, $tank, $ro] = $this->bench();
        $batch = $this->writeBatch(
            $keeper,
            [
                'tank' => $tank->id, 'litres' => '40', 'gh' => '6', 'kh' => '3', 'ec' => '', 'waters' => [$ro->id],
                'jars' => $keeper->products()->pluck('id')->all(),
            ],
        );
        $product = Product::query()->firstOrFail()->load('trials');
        $reservoir = $keeper->reservoirs()->create([
            'source_water_id' => $ro->id, 'name' => 'Barrel', 'capacity' => 60, 'level' => 10, 'litres_per_day' => 120, 'waste' => 3,
        ]);
        self::assertNull(Devices::pen($keeper, $batch));
        self::assertNull(Devices::scale($keeper, $product, 10));
        $this->actingAs($keeper)->get('/batches/'.$batch->id)->assertDontSee('Take it from the meter');
        $this->post("/ro-reservoirs/$reservoir->id/ask")->assertRedirect();
        self::assertCount(0, $reservoir->rejections()->get());

        $keeper = $this->switchOn($keeper);
        $this->actingAs($keeper)->post('/batches/'.$batch->id.'/checks', ['from' => 'pen'])->assertSessionHasNoErrors();
        $content = new BatchContent($batch->refresh());
        // The simulated hand and mark are off by a few percent, and the meter's own temperature was made up for.
        self::assertEqualsWithDelta(1.0, $content->checks()[0]->read / $content->expectedConductivity(), 0.12);
        self::assertGreaterThan(6.0, $content->checks()[0]->ph);
        $this->post("/products/$product->id/trials", ['by' => 'scale', 'spoons' => '10', 'from' => 'device'])->assertSessionHasNoErrors();
        $this->post("/products/$product->id/trials", ['by' => 'pen', 'spoons' => '2', 'litres' => '5', 'from' => 'device'])->assertSessionHasNoErrors();
        $trials = $product->refresh()->load('trials')->trials->map(static fn(SpoonTrial $trial): float => $trial->grams_each)->all();
        self::assertEqualsWithDelta(1.0, ($trials[1] ?? 0.0) / ($trials[0] ?? 1.0), 0.25);
        $this->travel(6)->hours();
        $this->post("/ro-reservoirs/$reservoir->id/ask");
        // 10 L and six hours at 5 L an hour.
        self::assertEqualsWithDelta(40.0, $reservoir->refresh()->level, 0.2);
        self::assertCount(1, $reservoir->rejections()->get());
    }

    public function testTheSimulatedBatchGetsBetterByWhatThePenAsksFor(): void
    {
        // What a simulated hand does hangs on the number of the batch.
        self::countFromOne();
        [$keeper, $tank, $ro] = $this->bench();
        $keeper = $this->switchOn($keeper);
        foreach (range(1, 6) as $ignored) {
            $batch = $this->writeBatch(
                $keeper,
                [
                    'tank' => $tank->id, 'litres' => '40', 'gh' => '6', 'kh' => '3', 'ec' => '', 'waters' => [$ro->id],
                    'jars' => $keeper->products()->pluck('id')->all(),
                ],
            );
            for ($look = 0; $look < 4; ++$look) {
                $this->post('/batches/'.$batch->id.'/checks', ['from' => 'pen']);
                $this->post('/batches/'.$batch->id.'/added');
            }
            $checks = (new BatchContent($batch->refresh()))->checks();
            self::assertTrue($checks[count($checks) - 1]->isGood());
        }
    }

    public function testASettingThatIsNoDeviceIsRefused(): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper)->put('/settings', ['simulated' => ['toaster'], 'scale_step' => '-1'])->assertSessionHasErrors(['simulated.0', 'scale_step']);
        self::assertSame([], $keeper->refresh()->simulated);
    }

    private function switchOn(Keeper $keeper): Keeper
    {
        $keeper->update(['simulated' => array_keys(Devices::all())]);

        return $keeper->refresh();
    }
}
