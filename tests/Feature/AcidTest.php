<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\Tank;
use App\Tanks\BatchContent;
use App\Tanks\VesselQuery;
use App\Units\Show;
use Cresco\Core\Water\Ion;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

final class AcidTest extends FeatureCase
{
    /**
     * @param array<string, string> $typed
     *
     * @return TestResponse<Response>
     */
    private function page(Keeper $keeper, Tank $tank, array $typed = []): TestResponse
    {
        return $this->actingAs(Keeper::query()->findOrFail($keeper->id))->get("/tanks/$tank->id/lower-kh?".http_build_query($typed));
    }

    public function testDownToAKhItSaysHowMuchAndWhatComesOfIt(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $litres = VesselQuery::tank($tank)->litres();
        // The tap has 6 drops of KH, so 5.5; down to 2.5 are 3 degrees of 0.3566 meq in 30 L, by 10 % with 2.878 meq/mL.
        $millilitres = 3.0 * 0.356648 * 30.0 / (100.0 * 1.0492 / 36.458);
        $page = $this->page($keeper, $tank, ['water' => (string) $water->id, 'litres' => '30', 'percent' => '10', 'to' => '2.5'])->assertOk();
        $page->assertSee(Show::plain(round($millilitres, 1), 1)."\u{A0}mL")->assertDontSee('drops of')
            ->assertSee('The KH that the acid removes does not come back.')->assertSee('Acid goes into water, never water into acid');
        // In the tank 3 degrees by 30 of 102 L.
        $fall = 3.5 - (3.5 * (1.0 - 30.0 / $litres) + 2.5 * 30.0 / $litres);
        $page->assertSee('KH of Brook')->assertSee(Show::rounded(3.5 - $fall, 1).' ± 0.3°', false);
        // As every other page has it.
        $page->assertSee('3.5 ± 0.4°', false);
        $this->get("/tanks/$tank->id")->assertSee('id="now-carbonate_hardness">3.5</span>', false);
        // The amount opens to its working too.
        $page->assertSee('acid in a millilitre')->assertSee('acid to add');
        // So much bicarbonate as was taken: 3 degrees in 30 L at 84 mg for each meq.
        $page->assertSee(Show::rounded(3.0 * 0.356648 * 30.0 * 0.084007, 1).' g of baking soda would restore it')->assertSee('mg/L of chloride in this water');
        $page->assertSee(sprintf('%.0f mg/L of chloride', 3.0 * 0.356648 * 35.45));
        // 1.07 meq/L free as many mmol of carbon dioxide.
        $page->assertSee('mg/L of CO₂ in this water.');
    }

    public function testItBeginsWithTheBlendOfTheTankAndTellsTheWaterFromTheAcid(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $ro = $this->water($keeper, 'RO', 'reverse_osmosis');
        $tank->update(['second_source_water_id' => $ro->id, 'second_share' => 0.5]);
        // Half of the tap's 5.5 drops of KH; 30 of 102 L of it alone leave 3.5 * 0.706 + 2.75 * 0.294 = 3.28.
        $litres = VesselQuery::tank($tank)->litres();
        $alone = 3.5 + (2.75 - 3.5) * 30.0 / $litres;
        $page = $this->page($keeper, $tank, ['litres' => '30', 'to' => '1.5'])->assertOk()->assertSee('KH of Tap + RO')->assertSee('2.8 ± 0.2°', false);
        $page->assertSee('without acid')->assertSee('with acid')->assertSee(Show::rounded($alone, 1).' ± 0.3°', false)
            ->assertSee(Show::rounded($alone - 1.25 * 30.0 / $litres, 1).' ± 0.3°', false);
        // Nothing given: nothing is said to come of acid.
        $this->page($keeper, $tank, ['litres' => '30'])->assertSee('without acid')->assertDontSee('with acid');
        $this->page($keeper, $tank, ['water' => (string) $water->id, 'litres' => '30', 'to' => '2'])->assertSee('KH of Tap')->assertDontSee('KH of Tap + RO');
    }

    public function testDropsAreUnderstoodAndTheTankIsGuarded(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->page($keeper, $tank, ['water' => (string) $water->id, 'litres' => '30', 'percent' => '10', 'acid' => '20 drops'])
            ->assertSee("1\u{A0}mL, about 20 drops");
        $this->page($keeper, $tank, ['water' => (string) $water->id, 'litres' => '30', 'kind' => 'sulfuric', 'percent' => '37', 'acid' => '30'])
            ->assertSee('The tank has no buffer left.')->assertSee('none, and acid left over');
        $this->page($keeper, $tank, ['water' => (string) $water->id, 'litres' => '60', 'percent' => '10', 'acid' => '45'])->assertSee('these animals tolerate');
    }

    public function testRoSaysLittleOfItself(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $ro = $this->water($keeper, 'RO', 'reverse_osmosis');
        $this->read($keeper, $ro, ['conductivity' => '8', 'temperature' => '20', 'carbonate_hardness' => '0']);
        $this->page($keeper, $tank, ['water' => (string) $ro->id, 'litres' => '2', 'way' => 'top_up', 'percent' => '5', 'acid' => '1'])
            ->assertSee('pH means little in water this soft.')->assertSee('What counts is what the acid takes from the tank');
    }

    public function testWhatIsNotReadIsAskedFor(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper);
        $this->page($keeper, $tank)->assertOk()->assertSee('This cannot be predicted.')->assertSee('Test KH of Brook, KH of the water and pH of Brook first.');
        $tap = $this->water($keeper);
        $this->page($keeper, $tank, ['water' => (string) $tap->id])->assertSee('Test KH of Brook, KH of Tap and pH of Brook first.');
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        yield 'no litres' => ['litres', ''];
        yield 'more than the tank' => ['litres', '5000'];
        yield 'stronger than there is' => ['percent', '60'];
        yield 'no strength' => ['percent', '0'];
        yield 'words' => ['acid', 'a splash'];
        yield 'below nothing' => ['acid', '-3'];
        yield 'no KH' => ['to', 'soft'];
        yield 'no such acid' => ['kind', 'vinegar'];
        yield 'no such water' => ['water', '99999'];
        yield 'no such way' => ['way', 'sideways'];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsSaidAtItsFieldAndKeepsNothing(string $field, string $value): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $typed = [$field => $value] + [
            'water' => (string) $water->id, 'litres' => '30', 'percent' => '10', 'acid' => '5', 'kind' => 'hydrochloric', 'way' => 'change',
        ];
        $this->page($keeper, $tank, $typed)->assertOk();
        $this->post("/tanks/$tank->id/lower-kh", $typed)->assertSessionHasErrors($field);
        self::assertSame(0, Entry::query()->where('kind', EntryKind::Dose)->count());
    }

    public function testItIsWrittenDownAndTheBottleRunsLower(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->actingAs($keeper)->post(
            '/products',
            ['name' => 'Down', 'salt' => Product::ACID, 'unit' => 'g', 'label' => ['kind' => 'hydrochloric', 'percent' => '9'], 'stock' => '100'],
        )->assertSessionHasNoErrors();
        $product = Product::query()->sole();
        self::assertSame(['mL', 9.0], [$product->unit, (float) ($product->label['percent'] ?? 0)]);
        $this->get('/supplies/products')->assertSee('hydrochloric acid')->assertSee("100\u{A0}mL");
        $this->get("/products/$product->id/edit")->assertSee('value="9"', false);
        $this->get("/products/$product->id/spoon")->assertNotFound();
        $this->get('/mix-water')->assertOk()->assertDontSee('Down');
        // The page begins with the bottle.
        $this->page($keeper, $tank)->assertSee('value="9"', false);
        $this->post(
            "/tanks/$tank->id/lower-kh",
            ['water' => (string) $water->id, 'litres' => '30', 'kind' => 'hydrochloric', 'percent' => '9', 'acid' => '4', 'way' => 'change'],
        )->assertRedirect("/tanks/$tank->id/log");
        $entry = Entry::query()->where('kind', EntryKind::Dose)->sole();
        self::assertSame("4\u{A0}mL of hydrochloric acid, 9 %, in 30\u{A0}L of Tap", $entry->title);
        self::assertStringContainsString('KH of Brook', (string) $entry->body);
        self::assertSame(96.0, $product->fresh()?->stock);
        // Out of another bottle it takes nothing from this one.
        $this->post(
            "/tanks/$tank->id/lower-kh",
            ['water' => (string) $water->id, 'litres' => '30', 'kind' => 'sulfuric', 'percent' => '9', 'acid' => '4', 'way' => 'change'],
        )->assertSessionHasNoErrors();
        self::assertSame(96.0, $product->fresh()->stock);
        $this->post(
            "/tanks/$tank->id/lower-kh",
            ['water' => (string) $water->id, 'litres' => '30', 'kind' => 'hydrochloric', 'percent' => '9', 'acid' => '', 'way' => 'change'],
        )->assertSessionHasErrors('acid');
        $this->post('/products', ['name' => 'Up', 'salt' => Product::ACID, 'unit' => 'g', 'label' => ['kind' => 'milk', 'percent' => '9']])
            ->assertSessionHasErrors('label.kind');
        $this->post('/products', ['name' => 'Up', 'salt' => Product::ACID, 'unit' => 'g', 'label' => ['kind' => 'hydrochloric', 'percent' => '85']])
            ->assertSessionHasErrors('label.percent');
    }

    public function testABatchCountsWithTheAcidThatWentIntoIt(): void
    {
        [$keeper, $tank, $ro] = $this->bench();
        $batch = $this->writeBatch($keeper, ['tank' => $tank->id, 'litres' => '30', 'gh' => '6', 'kh' => '4', 'sources' => [$ro->id]]);
        $this->post("/batches/$batch->id/made")->assertRedirect();
        $before = new BatchContent(Batch::query()->findOrFail($batch->id));
        $this->page($keeper, $tank, ['water' => (string) $batch->source_water_id, 'litres' => '30', 'acid' => '5'])->assertSee('into the whole batch of');
        // 5 mL with 2.878 meq each in 30 L.
        $this->post(
            "/tanks/$tank->id/lower-kh",
            [
                'water' => (string) $batch->source_water_id, 'litres' => '30', 'kind' => 'hydrochloric', 'percent' => '10', 'acid' => '5',
                'way' => 'change', 'batch' => '1',
            ],
        )->assertSessionHasNoErrors();
        $taken = 5.0 * (100.0 * 1.0492 / 36.458) / 30.0;
        $after = new BatchContent(Batch::query()->findOrFail($batch->id));
        self::assertEqualsWithDelta($before->expectedAlkalinity() - $taken, $after->expectedAlkalinity(), 1e-6);
        self::assertEqualsWithDelta($before->ions()->of(Ion::Chloride) + $taken, $after->ions()->of(Ion::Chloride), 1e-6);
        // Chloride conducts 76.3 for the 44.5 of bicarbonate.
        self::assertEqualsWithDelta($taken * (76.31 - 44.5), $after->expectedConductivity() - $before->expectedConductivity(), 0.15 * $taken * 31.8);
        $this->get("/batches/$batch->id")->assertOk();
    }

    public function testAcidForAPartOfABatchIsSpreadOverAllOfIt(): void
    {
        [$keeper, $tank, $ro] = $this->bench();
        $batch = $this->writeBatch($keeper, ['tank' => $tank->id, 'litres' => '30', 'gh' => '6', 'kh' => '4', 'sources' => [$ro->id]]);
        $this->post("/batches/$batch->id/made");
        $before = (new BatchContent(Batch::query()->findOrFail($batch->id)))->expectedAlkalinity();
        $this->page($keeper, $tank, ['water' => (string) $batch->source_water_id, 'litres' => '10', 'acid' => '4']);
        $this->post(
            "/tanks/$tank->id/lower-kh",
            [
                'water' => (string) $batch->source_water_id, 'litres' => '10', 'kind' => 'hydrochloric', 'percent' => '10', 'acid' => '4',
                'way' => 'change', 'batch' => '1',
            ],
        )->assertSessionHasNoErrors();
        $after = (new BatchContent(Batch::query()->findOrFail($batch->id)))->expectedAlkalinity();
        self::assertEqualsWithDelta(4.0 * (100.0 * 1.0492 / 36.458) / 30.0, $before - $after, 1e-6);
    }
}
