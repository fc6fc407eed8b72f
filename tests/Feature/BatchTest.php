<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Checklist;
use App\Models\Entry;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Tanks\BatchContent;

/** A batch from its card to the tank: the meter, what it asks for, what leaves the shelf, and what the forecast knows of it. */
final class BatchTest extends FeatureCase
{
    public function testTheCardNamesWaterJarsInOrderAndWhatThePenShouldRead(): void
    {
        [$keeper, , , $batch] = $this->written();
        $page = $this->actingAs($keeper)->get('/batches/'.$batch->id)->assertOk()->assertSee('40.0')->assertSee('The meter should show')
            ->assertSee('It is mixed')->assertSee('If you read this, do that');
        // Gypsum first, bicarbonate last.
        $names = array_map(static fn($product): string => $product->name, (new BatchContent($batch))->products());
        self::assertGreaterThan(1, count($names));
        $page->assertSeeInOrder($names);
        self::assertContains(end($names), ['Soda', 'Potassium bicarbonate']);
    }

    public function testThatShrimpMayDieStandsOpenWhateverTheJarsBring(): void
    {
        [$keeper, $tank, $ro] = $this->bench();
        $batch = $this->writeBatch(
            $keeper,
            [
                'tank' => $tank->id, 'litres' => '40', 'gh' => '5', 'kh' => '1', 'ec' => '', 'waters' => [$ro->id],
                'jars' => [
                    ...$keeper->products()->whereIn('salt', ['calcium_chloride', 'epsom'])->pluck('id'),
                    $this->product($keeper, 'potassium_carbonate')->id,
                ],
                'animals' => 'soft_water_shrimp', 'animals_was' => 'soft_water_shrimp', 'tank_was' => $tank->id,
            ],
        );

        $this->actingAs($keeper)->get('/batches/'.$batch->id)->assertOk()
            ->assertSeeInOrder(['makes shrimp moult and die', '<summary>Safety: ', 'class="caution"'], false);
    }

    public function testAWeakBatchGetsTheShareOfEachJarThatIsMissing(): void
    {
        [$keeper, , , $batch] = $this->written();
        $content = new BatchContent($batch);
        // Nine tenths of the rise over the waters: a ninth of each product once more.
        $read = $content->start() + 0.9 * ($content->expectedConductivity() - $content->start());
        $this->actingAs($keeper)->post('/batches/'.$batch->id.'/checks', ['read' => sprintf('%.4F', $read)])->assertRedirect();
        $check = (new BatchContent($batch->refresh()))->checks()[0];

        self::assertEqualsWithDelta(1.0 / 9.0, $check->more, 1e-3);
        $this->get('/batches/'.$batch->id)->assertSee('too weak')->assertSee('Added');
        $this->post('/batches/'.$batch->id.'/added')->assertRedirect();
        self::assertEqualsWithDelta(10.0 / 9.0, (new BatchContent($batch->refresh()))->timesProducts(), 1e-3);
        // A second press adds nothing.
        $this->post('/batches/'.$batch->id.'/added');
        self::assertEqualsWithDelta(10.0 / 9.0, (new BatchContent($batch->refresh()))->timesProducts(), 1e-3);
    }

    public function testAStrongBatchIsThinned(): void
    {
        [$keeper, , , $batch] = $this->written();
        $content = new BatchContent($batch);
        $expected = $content->expectedConductivity();
        $this->actingAs($keeper)->post('/batches/'.$batch->id.'/checks', ['read' => sprintf('%.4F', 1.1 * $expected)]);
        $water = (new BatchContent($batch->refresh()))->checks()[0]->water;

        // 40 L at 1.1 of the reading and W litres of RO at 8: back at the reading.
        self::assertEqualsWithDelta($expected, (40.0 * 1.1 * $expected + $water * 8.0) / (40.0 + $water), 0.5);
        $this->post('/batches/'.$batch->id.'/added');
        self::assertEqualsWithDelta(40.0 + $water, (new BatchContent($batch->refresh()))->litres(), 1e-6);
    }

    public function testTheSamePressTwiceIsOneLook(): void
    {
        [$keeper, , , $batch] = $this->written();
        foreach ([1, 2] as $ignored) {
            $this->actingAs($keeper)->post('/batches/'.$batch->id.'/checks', ['read' => '300', 'looks' => '0']);
        }

        self::assertCount(1, $batch->refresh()->checks->all);
    }

    public function testNonsenseFromThePenIsRefused(): void
    {
        [$keeper, , , $batch] = $this->written();
        foreach (['', 'wet', '-3', '1e9', '999999'] as $read) {
            $this->actingAs($keeper)->post('/batches/'.$batch->id.'/checks', ['read' => $read])->assertSessionHasErrors('read');
        }
        $this->post('/batches/'.$batch->id.'/checks', ['from' => 'pen'])->assertSessionHasErrors('read');

        self::assertSame([], $batch->refresh()->checks->all);
    }

    public function testMadeTakesFromShelfAndStoreOnce(): void
    {
        [$keeper, , $ro, $batch] = $this->written();
        $reservoir = $keeper->reservoirs()->create([
            'source_water_id' => $ro->id, 'name' => 'Barrel', 'capacity' => 100, 'level' => 90, 'litres_per_day' => 120, 'waste' => 3,
        ]);
        $before = Product::query()->get()->keyBy('id');
        foreach ([1, 2] as $ignored) {
            $this->actingAs($keeper)->post('/batches/'.$batch->id.'/made')->assertRedirect();
        }
        foreach ((new BatchContent($batch))->products() as $product) {
            self::assertEqualsWithDelta(
                (float) $before[$product->productId]?->stock - $product->amount,
                (float) Product::query()->findOrFail($product->productId)->stock,
                1e-4,
            );
        }
        self::assertEqualsWithDelta(90.0 - $batch->card->sources[0]->litres, $reservoir->refresh()->level, 1e-4);
        self::assertSame(
            1,
            $keeper->entries()->where('kind', 'work')->get()
                ->filter(static fn(Entry $entry): bool => str_starts_with($entry->title, "Mixed 40\u{A0}L"))->count(),
        );
        $this->delete('/batches/'.$batch->id);
        self::assertTrue(Batch::query()->whereKey($batch->id)->exists());
    }

    public function testAStockThatIsNotCountedStaysSo(): void
    {
        [$keeper, , , $batch] = $this->written();
        Product::query()->update(['stock' => null]);
        $this->actingAs($keeper)->post('/batches/'.$batch->id.'/made');

        self::assertSame(0, Product::query()->whereNotNull('stock')->count());
    }

    public function testTheForecastKnowsTheBatchUntilTheWaterIsRead(): void
    {
        [$keeper, $tank, , $batch] = $this->written();
        $water = SourceWater::query()->findOrFail($batch->source_water_id);
        self::assertSame('Water for Brook', $water->name);
        $sheet = fn(): string => (string) $this->actingAs($keeper->refresh())->get("/tanks/$tank->id/water-change?water=$water->id&second_water=")
            ->assertOk()->getContent();

        self::assertStringContainsString('GH 6.0° (assumed)', $sheet());
        self::assertStringContainsString('Its batch card', $sheet());
        $this->travel(1)->hours();
        $this->read($keeper, $water, ['general_hardness' => '8']);
        self::assertStringContainsString('GH 7.5°', $sheet());
    }

    public function testTheRunSheetCarriesTheBatch(): void
    {
        [$keeper, $tank, , $batch] = $this->written();
        $this->writeRun(
            $keeper->refresh(),
            $tank,
            ['water' => (string) $batch->source_water_id, 'second_water' => '', 'reason' => 'amount', 'way' => 'litres', 'litres' => '20'],
        );
        $step = Checklist::query()->latest('id')->firstOrFail()->steps()->get()
            ->first(static fn($step): bool => ($step->content->batch ?? null) === $batch->id);

        self::assertNotNull($step);
        self::assertStringContainsString('The meter should show', implode(' ', $step->content->lines));
        self::assertStringContainsString('Epsom', implode(' ', $step->content->lines));
    }

    public function testCardAndRunSheetSayTheSameGramsAndTheTanksOwnWarmth(): void
    {
        [$keeper, $tank, , $batch] = $this->written();
        $this->read($keeper, $tank, ['temperature' => '22.4']);
        $card = (string) preg_replace(
            '/\s+/u',
            ' ',
            strip_tags((string) $this->actingAs($keeper)->get("/batches/$batch->id")->assertSee("now 22.4\u{00A0}°C")->getContent()),
        );
        $this->get("/tanks/$tank->id/hose")->assertSee('name="goal" value="22.4"', false);
        $this->writeRun(
            $keeper->refresh(),
            $tank,
            ['water' => (string) $batch->source_water_id, 'second_water' => '', 'reason' => 'amount', 'way' => 'litres', 'litres' => '20'],
        );
        $lines = (string) json_encode(Checklist::query()->latest('id')->firstOrFail()->steps()->get()->pluck('content')->all(), JSON_UNESCAPED_UNICODE);
        preg_match_all('/([\d.]+)\x{A0}g (\w+)/u', $lines, $found, PREG_SET_ORDER);

        self::assertNotSame([], $found);
        foreach ($found as [, $grams, $name]) {
            self::assertMatchesRegularExpression("/$name.{0,40}?$grams\\sg/u", $card);
        }
    }

    public function testALabelWithoutConductivityIsHeldToNoMoreThanCanBeKnown(): void
    {
        [$keeper, $tank, $ro] = $this->bench();
        $product = $keeper->products()->create([
            'name' => 'Tin', 'salt' => null, 'unit' => 'g', 'price' => 1.0, 'stock' => 500.0,
            'label' => ['dose' => 6.0, 'litres' => 20.0, 'gh' => 5.0, 'kh' => 2.0, 'ec' => 0.0, 'ratio' => 3.0],
        ]);
        $batch = $this->writeBatch(
            $keeper,
            [
                'tank' => (string) $tank->id, 'litres' => '20', 'sources' => [(string) $ro->id], 'jars' => [(string) $product->id], 'gh' => '5',
                'kh' => '2', 'name' => 'From the tin',
            ],
        );
        $this->actingAs($keeper)->get("/batches/$batch->id")->assertSee('A label names no conductivity');
        $expected = (new BatchContent($batch))->expectedConductivity();
        $doubt = (new BatchContent($batch))->doubt();

        // GH 5 is 1.78 meq/L: as chloride, sulfate or bicarbonate some 150 to 250 µS/cm, never nothing.
        self::assertGreaterThan(120.0, $expected);
        self::assertGreaterThan(5.0, $doubt);
        $this->post("/batches/$batch->id/checks", ['looks' => '0', 'read' => (string) round($expected + $doubt), 'from' => 'typed'])
            ->assertSessionHasNoErrors();
        $this->get("/batches/$batch->id")->assertSee('good.');
    }

    public function testTheChangeSheetHandsItsLitresAndItsTargetOver(): void
    {
        [$keeper, $tank] = $this->bench();
        $page = (string) $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=conductivity&conductivity_goal=300")->assertOk()->getContent();
        self::assertSame(1, preg_match('/href="(\/mix-water\?[^"]*share=[^"]*)"/', $page, $found));
        parse_str((string) parse_url(html_entity_decode($found[1] ?? ''), PHP_URL_QUERY), $query);
        $share = (float) $query['share'] / 100.0;

        // What goes in must make up for the rest: (1 - f) 330 + f x = 300.
        self::assertEqualsWithDelta((300.0 - (1.0 - $share) * 330.0) / $share, (float) $query['ec'], 2.0);
        $this->get(html_entity_decode($found[1] ?? ''))->assertOk()->assertSee('Mix water');
    }

    public function testATankWithAStoreOfItsOwnFillsThatOne(): void
    {
        [$keeper, $tank, $ro] = $this->bench();
        $reservoir = $this->water($keeper, 'Shrimp store', 'made_up');
        $tank->update(['source_water_id' => $reservoir->id]);
        $batch = $this->writeBatch($keeper->refresh(), ['tank' => $tank->id, 'litres' => '20', 'gh' => '5', 'waters' => [$ro->id]]);

        self::assertSame($reservoir->id, $batch->source_water_id);
    }

    public function testADroppedCardIsGone(): void
    {
        [$keeper, , , $batch] = $this->written();
        $this->actingAs($keeper)->delete('/batches/'.$batch->id)->assertRedirect('/mix-water');
        self::assertFalse(Batch::query()->whereKey($batch->id)->exists());
    }

    public function testAPenThatDoesNotMakeUpForTheWarmthIsHelped(): void
    {
        [$keeper, , , $batch] = $this->written();
        // 2 % for each degree under 25: 270 at 20 degrees is 300.
        $this->actingAs($keeper)->post('/batches/'.$batch->id.'/checks', ['read' => '270', 'celsius' => '20'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(300.0, (new BatchContent($batch->refresh()))->checks()[0]->read, 1e-6);
        $this->post('/batches/'.$batch->id.'/checks', ['read' => '270', 'celsius' => '80'])->assertSessionHasErrors('celsius');
    }

    public function testMineralsThatGoStraightInBeginWithTheBuffer(): void
    {
        [$keeper, $tank, $ro] = $this->bench();
        $batch = $this->writeBatch(
            $keeper,
            [
                'tank' => $tank->id, 'minerals' => 'direct', 'litres' => '40', 'gh' => '10', 'kh' => '8', 'ec' => '', 'waters' => [$ro->id],
                'jars' => $keeper->products()->pluck('id')->all(), 'animals' => 'hard_water_fish', 'animals_was' => 'hard_water_fish',
                'tank_was' => $tank->id,
            ],
        );
        self::assertContains((new BatchContent($batch))->products()[0]->name, ['Soda', 'Potassium bicarbonate']);
        $this->get('/batches/'.$batch->id)->assertOk()->assertSee('for these litres only')->assertSee('in thirds')->assertDontSee('What now?');
    }

    public function testASpoonThatIsFarOffIsDoubted(): void
    {
        [$keeper, , $ro] = $this->bench();
        foreach (Product::all() as $product) {
            $product->trials()->create(['method' => 'scale', 'spoons' => 10, 'grams_each' => 0.2, 'taken_at' => now()]);
        }
        $batch = $this->writeBatch(
            $keeper->refresh(),
            [
                'litres' => '40', 'gh' => '6', 'kh' => '3', 'ec' => '', 'waters' => [$ro->id], 'jars' => $keeper->products()->pluck('id')->all(),
                'spoons' => '1', 'animals' => 'community', 'animals_was' => 'community',
            ],
        );
        self::assertTrue((new BatchContent($batch))->usesSpoons());
        $expected = (new BatchContent($batch))->expectedConductivity();
        $this->post('/batches/'.$batch->id.'/checks', ['read' => sprintf('%.1F', 0.95 * $expected)]);
        $this->get('/batches/'.$batch->id)->assertDontSee('the same spoon');
        $this->post('/batches/'.$batch->id.'/checks', ['read' => sprintf('%.1F', 1.3 * $expected)]);
        $this->get('/batches/'.$batch->id)->assertSee('is it still the same spoon');
    }

    /** @return array{Keeper, Tank, SourceWater, Batch} 40 L from RO at GH 6, KH 3, for the tank */
    private function written(): array
    {
        [$keeper, $tank, $ro] = $this->bench();
        $batch = $this->writeBatch($keeper, [
            'tank' => $tank->id, 'tank_was' => $tank->id, 'animals' => 'community', 'animals_was' => 'community',
            'litres' => '40', 'gh' => '6', 'kh' => '3', 'ec' => '', 'ratio' => '3', 'waters' => [$ro->id], 'jars' => $keeper->products()->pluck('id')->all(),
        ]);

        return [$keeper, $tank, $ro, $batch];
    }
}
