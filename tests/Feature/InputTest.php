<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Fertilising\FertilisingQuery;
use App\Units\Amount;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\WaterChange\Conditioner;
use PHPUnit\Framework\Attributes\DataProvider;

/** Input that can be read in two ways, or in none, is asked or refused. */
final class InputTest extends FeatureCase
{
    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function lists(): iterable
    {
        yield 'days away' => ['post', '/week/away', ['from_day' => ['x'], 'until_day' => ['y']]];
        yield 'a feeding' => ['post', '/tanks/1/feeding-days', ['from_day' => ['x'], 'until_day' => '2026-03-02', 'grams' => '1']];
        yield 'an answer' => ['post', '/tanks/1/problems/1/answers', ['sign' => ['x'], 'option' => ['y']]];
        yield 'a lamp' => ['post', '/tanks/1/lights', ['told_by' => ['x'], 'kind' => ['y']]];
        yield 'signing in' => ['post', '/sign-in', ['email' => ['x'], 'password' => ['y']]];
    }

    /** @param array<string, mixed> $sent */
    #[DataProvider('lists')]
    public function testAListWhereATextIsExpectedIsNoBreakdown(string $method, string $page, array $sent): void
    {
        self::countFromOne();
        [$keeper, $tank] = $this->readyTank();
        $tank->problems()->create(['about' => 'growth', 'place' => 'wood', 'answers' => [], 'opened_at' => now()]);
        $request = $page === '/sign-in' ? $this : $this->actingAs($keeper);
        $answer = $request->call($method, $page, $sent);
        self::assertLessThan(500, $answer->getStatusCode(), (string) $answer->exception?->getMessage());
    }

    public function testACommaBeforeThreeDigitsIsAsked(): void
    {
        self::assertNull(Amount::parse('1,000'));
        self::assertNull(Amount::parse('12,345,678'));
        self::assertSame(1.5, Amount::parse('1,5'));
        self::assertSame(0.125, Amount::parse('0,125'));
        self::assertSame(1000.0, Amount::parse('1000'));
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->put("/tanks/$tank->id/targets", ['high' => ['conductivity' => '1,000']])->assertSessionHasErrors();
        $this->get("/tanks/$tank->id/water-change?reason=amount&way=litres&litres=1,000")->assertOk()->assertSeeText('Is that 1000 or 1.000?');
    }

    public function testNobodyIsLedToAPageOfElsewhere(): void
    {
        [$keeper] = $this->readyTank();
        $entry = $keeper->entries()->orderBy('id')->firstOrFail();
        foreach (['/', '/tanks/1/log', '/settings/kits'] as $page) {
            $to = (string) $this->post('http://evil.example'.$page, ['set' => 'strips'])->headers->get('Location');
            self::assertStringNotContainsString('evil.example', $to);
            self::assertStringStartsWith('/', $to === '' ? '/' : $to);
        }
        $answer = $this->actingAs($keeper)->delete("/entries/$entry->id", [], ['Referer' => 'https://elsewhere.test/trap']);
        self::assertStringNotContainsString('elsewhere.test', (string) $answer->headers->get('Location'));
    }

    public function testTapWaterIsTreatedOnTheChangeSheetAndRoWaterIsNot(): void
    {
        [$keeper, $tank, $tap] = $this->readyTank();
        $page = $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=amount&way=litres&litres=20")->assertOk();
        $page->assertSeeText('Use dechlorinator.')->assertSeeText('The dose on its label');
        $keeper->products()->create(['name' => 'Clear drops', 'salt' => 'conditioner', 'unit' => 'mL', 'label' => ['dose' => 5.0, 'litres' => 50.0]]);
        $this->actingAs($keeper->fresh() ?? $keeper)->get("/tanks/$tank->id/water-change?reason=amount&way=litres&litres=20")
            ->assertSeeText("2.0\u{A0}mL of Clear drops to the new water");
        $tap->update(['kind' => 'reverse_osmosis']);
        $this->actingAs($keeper->fresh() ?? $keeper)->get("/tanks/$tank->id/water-change?reason=amount&way=litres&litres=20")
            ->assertDontSeeText('Use dechlorinator.');
    }

    public function testALabelWithoutItsChlorineDosesByTheLitre(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/dechlorinator")->assertOk()->assertSeeText('Which product?');
        $this->post('/products', ['name' => 'Clear drops', 'salt' => 'conditioner', 'unit' => 'mL', 'label' => ['dose' => '5', 'litres' => '50']])
            ->assertSessionHasNoErrors();
        self::assertSame(4.0, (new Conditioner(5.0, 50.0, null))->dose(40.0, 3.0)->value('dose'));
        // With it the dose follows the chlorine: three times as much as it takes.
        self::assertEqualsWithDelta(12.0, (new Conditioner(5.0, 50.0, 1.0))->dose(40.0, 3.0)->value('dose'), 1e-9);
        $this->actingAs($keeper->fresh() ?? $keeper)->get('/supplies/products')->assertOk()->assertSeeText('Clear drops');
        $this->get("/tanks/$tank->id/dechlorinator")->assertOk()->assertDontSeeText('Which product?');
    }

    public function testARoutineThatDoesNotHoldItsLimitIsNotCalledGood(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $page = "/tanks/$tank->id/water-change?reason=routine";
        // 1 mg/L a day, 7 days, 30 % of water with 5: 5 + 7 / 0.3 = 28 before each change, under 30.
        $this->actingAs($keeper)->get($page)->assertSeeText('With this routine nitrate peaks at 28')->assertDontSeeText('above the limit');
        $tank->update(['nitrate_per_day' => 3.0]);
        $this->actingAs($keeper)->get($page)->assertSeeText('With this routine nitrate peaks at')
            ->assertSeeText('This routine does not keep the limit: change more, or more often.');
    }

    public function testFertilisingReckonsWithTheWaterThatAChangeWouldTake(): void
    {
        [$keeper, $tank, $tap] = $this->readyTank();
        $tank->update(['source_water_id' => null]);
        $fresh = $tank->fresh(['keeper.waters', 'keeper.products', 'devices']) ?? $tank;
        self::assertEqualsWithDelta(5.0, FertilisingQuery::tank($fresh)->source(Parameter::Nitrate)->central(), 1.5);
    }

    public function testWhatPlantsTakeIsInTheNitrateOfATankWhoseFoodNobodySaid(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $rate = static fn(): float => FertilisingQuery::tank($tank->fresh(['keeper', 'devices']) ?? $tank)->course(Parameter::Nitrate)->rate()->central();
        $bare = $rate();
        self::assertEqualsWithDelta($tank->nitrate_per_day, $bare, 0.01);
        $tank->plantGroups()->create(['kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 1, 'front_edge' => 0, 'back_edge' => 1])
            ->looks()->create(['happened_at' => now()->subDays(3), 'height' => 300, 'cover' => 1]);
        $food = FertilisingQuery::tank($tank->fresh(['keeper', 'devices']) ?? $tank);
        self::assertGreaterThan(0.1, $food->uptake(Parameter::Nitrate));
        self::assertEqualsWithDelta($bare - $food->uptake(Parameter::Nitrate), $rate(), 0.05);
    }

    public function testAFertiliserIsListedAndEdited(): void
    {
        [$keeper] = $this->readyTank();
        $this->actingAs($keeper)->post(
            '/products',
            ['name' => 'Green daily', 'salt' => 'feed', 'unit' => 'mL', 'label' => ['dose' => '10', 'litres' => '100', 'days' => '1', 'potassium' => '2']],
        )->assertSessionHasNoErrors();
        $product = $keeper->products()->sole();
        self::assertSame(1, $product->label['days'] ?? null);
        $this->get('/supplies/products')->assertOk()->assertSeeText('Green daily')->assertSee("/products/$product->id/edit");
        $this->delete("/products/$product->id")->assertRedirect();
        self::assertSame(0, $keeper->products()->count());
    }
}
