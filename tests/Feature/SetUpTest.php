<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Checklist;
use App\Models\Product;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is asked once, asked back when it cannot be, and what a checklist takes from it. */
final class SetUpTest extends FeatureCase
{
    /** @return array<string, string> 500 x 500 x 400 mm inside, under water: 100 L */
    private static function typed(): array
    {
        return ['name' => 'New', 'shape' => 'box', 'outer_length' => '51.2', 'outer_depth' => '51.2', 'outer_height' => '42.6', 'glass' => '6', 'water_below_rim' => '20', 'porosity' => '40',
            'animals' => 'community', 'warmth' => '25', 'stock' => 'many', 'routine_share' => '30', 'routine_days' => '7'];
    }

    public function testOneActSetsEveryKit(): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper)->post('/settings/kits', ['set' => 'strips'])->assertSessionHasNoErrors()->assertRedirect();
        $keeper->refresh();
        self::assertSame(ReadingMethod::AtField, $keeper->show()->kit(Parameter::GeneralHardness)->method);
        $this->post('/settings/kits', ['set' => 'drops'])->assertRedirect();
        $kit = ($keeper->fresh() ?? $keeper)->show()->kit(Parameter::GeneralHardness);
        self::assertSame(ReadingMethod::Drops, $kit->method);
        self::assertEqualsWithDelta(1.0, $kit->step, 1e-9);
        $this->post('/settings/kits', ['set' => 'guesswork'])->assertSessionHasErrors('set');
    }

    public function testStockGuessesTheNitrateATankMakes(): void
    {
        $keeper = $this->keeper();
        $water = $this->water($keeper);
        $this->actingAs($keeper)->post('/tanks', self::typed() + ['source_water_id' => (string) $water->id])->assertSessionHasNoErrors();
        $tank = Tank::query()->sole();

        self::assertSame(3.0, $tank->nitrate_per_day);
        self::assertSame($water->id, $tank->source_water_id);
    }

    public function testWhatIsLeftEmptyFollowsTheAnimals(): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper)->get('/tanks/new')->assertSee('the default for this livestock');
        foreach (['soft_water_shrimp' => [22.0, 0.15, 10.0], 'hard_water_fish' => [25.5, 0.4, 80.0]] as $animals => [$warmth, $share, $height]) {
            $this->post(
                '/tanks',
                ['animals' => $animals, 'warmth' => '', 'routine_share' => '', 'routine_days' => '', 'fish_height' => ''] + self::typed(),
            )->assertSessionHasNoErrors();
            $tank = Tank::query()->latest('id')->firstOrFail();
            self::assertSame([$warmth, $share, 7, $height], [$tank->warmth, $tank->routine_share, $tank->routine_days, $tank->fish_height]);
        }
        // A tank that is there keeps what its keeper said.
        $this->put("/tanks/$tank->id", ['warmth' => ''] + self::typed())->assertSessionHasErrors('warmth');
    }

    public function testHardWaterFishAreNotGivenBareWaterUnasked(): void
    {
        $keeper = $this->keeper();
        $ro = $this->water($keeper, 'Pure', 'reverse_osmosis');
        $tap = $this->water($keeper, 'Main');
        $this->read($keeper, $tap, ['general_hardness' => '14', 'carbonate_hardness' => '10', 'conductivity' => '560', 'ph' => '7.8']);
        $tank = $this->tank($keeper);
        $tank->update(['animals' => 'hard_water_fish']);
        $this->read(
            $keeper,
            $tank,
            ['general_hardness' => '13', 'carbonate_hardness' => '9', 'conductivity' => '540', 'ph' => '7.9', 'temperature' => '25', 'nitrate' => '20'],
        );
        $page = (string) $this->actingAs($keeper)->get("/tanks/$tank->id/water-change")->assertOk()->assertDontSee('leads away')->getContent();
        self::assertMatchesRegularExpression('/<option value="'.$tap->id.'"\s+selected/', $page);
        $this->get("/tanks/$tank->id/water-change?water=$ro->id")->assertSee('This water leads away from your targets.');
        $checklist = $this->writeRun($keeper, $tank);
        self::assertSame($tap->id, $checklist->plan->water);
    }

    public function testTwoStonesLargerThanTheWaterAroundThemAreRefused(): void
    {
        $keeper = $this->keeper();
        // 200 kg of stone of 2.7 kg/L is 74 L; up to 190 mm there is room for 47.
        $this->actingAs($keeper)->post('/tanks', ['stone_kg' => '200', 'stone_height' => '19'] + self::typed())->assertSessionHasErrors('stone_kg');
        // Stone and wood each fit, both do not.
        $this->post('/tanks', ['stone_kg' => '80', 'stone_height' => '19', 'wood_kg' => '25', 'wood_height' => '19'] + self::typed())->assertSessionHasErrors();
        self::assertSame(0, Tank::query()->count());
        $this->post('/tanks', ['stone_kg' => '40', 'stone_height' => '19'] + self::typed())->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(100.0 - 40.0 / 2.7, VesselQuery::tank(Tank::query()->sole())->litres(), 2.0);
    }

    public function testACountedFillThatCannotBeIsRefusedAndAnOddOneIsAskedBack(): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper)->post('/tanks', ['measured_litres' => '500'] + self::typed())->assertSessionHasErrors('measured_litres');
        $this->post('/tanks', ['measured_litres' => '60'] + self::typed())->assertSessionHasErrors('measured_litres');
        self::assertSame(0, Tank::query()->count());
        $this->get('/tanks/new')->assertSee('it is right')->assertSee('value="60"', false);
        $this->post('/tanks', ['measured_litres' => '60', 'sure' => ['measured_litres']] + self::typed())->assertSessionHasNoErrors();
        self::assertSame(60.0, Tank::query()->sole()->measured_litres);
        // Being sure does not make room.
        $this->post('/tanks', ['measured_litres' => '500', 'sure' => ['measured_litres']] + self::typed())->assertSessionHasErrors('measured_litres');
    }

    /** @return array<string, array{string, list<string>, bool}> litres, what is sure, whether it is kept */
    public static function topOffs(): array
    {
        return [
            'a usual one' => ['3', [], true], 'half the tank' => ['48', [], false], 'half the tank, and it is so' => ['48', ['litres'], true],
            'three tanks' => ['300', ['litres'], false],
        ];
    }

    /** @param list<string> $sure */
    #[DataProvider('topOffs')]
    public function testATopUpIsHeldToTheTank(string $litres, array $sure, bool $kept): void
    {
        [$keeper, $tank] = $this->readyTank();
        $answer = $this->actingAs($keeper)->post("/tanks/$tank->id/top-offs", ['litres' => $litres, 'sure' => $sure]);
        $kept ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors('litres');
        self::assertSame($kept ? 1 : 0, $tank->topOffs()->count());
    }

    public function testAMembraneThatAddsSaltIsNotKeptAndAReadingCanBeTakenOut(): void
    {
        $keeper = $this->keeper();
        $reservoir = $keeper->reservoirs()->create(['name' => 'Barrel', 'capacity' => 60.0, 'level' => 10.0, 'litres_per_day' => 48.0, 'waste' => 2.0]);
        $this->actingAs($keeper)->post("/ro-reservoirs/$reservoir->id/rejections", ['in' => '20', 'out' => '400'])->assertSessionHasErrors('out');
        $this->post("/ro-reservoirs/$reservoir->id/rejections", ['in' => '400', 'out' => '20'])->assertSessionHasNoErrors();
        self::assertSame([400.0], $reservoir->rejections()->pluck('conductivity_in')->all());
        $this->delete("/ro-reservoirs/$reservoir->id/rejections/".$reservoir->rejections()->firstOrFail()->id)->assertRedirect();
        self::assertSame(0, $reservoir->rejections()->count());
    }

    public function testWaterMadeFromTapWaterIsConditionedByTheJarOnTheShelf(): void
    {
        [$keeper, $tank, $ro, $tap] = $this->bench();
        $keeper->products()->create([
            'name' => 'Clear drops', 'salt' => Product::CONDITIONER, 'unit' => 'mL', 'label' => ['dose' => 5.0, 'litres' => 100.0, 'strength' => 1.0],
            'price' => 0.0, 'stock' => 250.0,
        ]);
        $batch = $this->writeBatch(
            $keeper,
            [
                'tank' => (string) $tank->id, 'litres' => '40', 'sources' => [(string) $tap->id, (string) $ro->id], 'gh' => '6', 'kh' => '4',
                'ec' => '300', 'name' => 'Half and half',
            ],
        );
        $checklist = $this->writeRun(
            $keeper->refresh(),
            $tank,
            ['water' => (string) $batch->source_water_id, 'reason' => 'amount', 'way' => 'litres', 'litres' => '30'],
        );
        $step = $checklist->steps()->where('job', 'condition')->first();

        self::assertNotNull($step, 'no conditioner step');
        self::assertMatchesRegularExpression('/[\d.]+\x{A0}mL of Clear drops/u', implode(' ', $step->content->lines));
        // Bare water alone needs none.
        $pure = $this->writeRun($keeper->refresh(), $tank, ['water' => (string) $ro->id, 'reason' => 'amount', 'way' => 'litres', 'litres' => '10']);
        self::assertFalse($pure->steps()->where('job', 'condition')->exists());
    }

    public function testMuchChlorineInTheTapTakesMoreConditionerEvenWhereTheTapIsInABatch(): void
    {
        [$keeper, $tank, $ro, $tap] = $this->bench();
        $keeper->products()->create([
            'name' => 'Clear drops', 'salt' => Product::CONDITIONER, 'unit' => 'mL',
            'label' => ['dose' => 10.0, 'litres' => 100.0, 'strength' => 1.0], 'price' => 0.0, 'stock' => 250.0,
        ]);
        $batch = $this->writeBatch(
            $keeper,
            [
                'tank' => (string) $tank->id, 'litres' => '40', 'sources' => [(string) $tap->id, (string) $ro->id], 'gh' => '6', 'kh' => '4',
                'ec' => '300', 'name' => 'Half and half',
            ],
        );
        $dose = function () use ($keeper, $tank, $batch): float {
            $checklist = $this->writeRun(
                $keeper->fresh() ?? $keeper,
                $tank,
                ['water' => (string) $batch->source_water_id, 'reason' => 'amount', 'way' => 'litres', 'litres' => '30'],
            );
            preg_match(
                '/whole tank[^:]*: ([\\d.]+)\\x{A0}mL of Clear drops/u',
                implode(' ', $checklist->steps()->where('job', 'condition')->firstOrFail()->content->lines),
                $found,
            );

            return (float) ($found[1] ?? 0.0);
        };
        // The label: 10 mL for 100 L and up to 1 mg/L of chlorine.
        self::assertEqualsWithDelta(10.0, $dose(), 0.2);
        $this->read($keeper, $tap, ['chlorine' => 'over 2']);
        self::assertGreaterThan(20.0, $dose());
    }

    public function testTheConditionerPageBeginsWithTheDoseOfTheRunSheet(): void
    {
        [$keeper, $tank, $ro, $tap] = $this->bench();
        $keeper->products()->create([
            'name' => 'Clear drops', 'salt' => Product::CONDITIONER, 'unit' => 'mL',
            'label' => ['dose' => 20.0, 'litres' => 100.0, 'strength' => 1.0], 'price' => 0.0, 'stock' => 250.0,
        ]);
        $this->read($keeper, $tap, ['chlorine' => '0.5']);
        $tank->update(['source_water_id' => $tap->id, 'second_source_water_id' => $ro->id, 'second_share' => 0.5, 'routine_share' => 0.2]);
        $page = strip_tags((string) $this->actingAs($keeper->fresh() ?? $keeper)->get("/tanks/$tank->id/dechlorinator")->assertOk()
            ->assertSee('name="litres" value="10"', false)->getContent());
        // A fifth of 100 L, half of it from the tap: 10 L take 2 mL.
        self::assertStringContainsString('2.00 mL', $page);
        $checklist = $this->writeRun($keeper->fresh() ?? $keeper, $tank->refresh());
        self::assertStringContainsString(
            "2.0\u{A0}mL of Clear drops into the new water",
            implode(' ', $checklist->steps()->where('job', 'condition')->firstOrFail()->content->lines),
        );
    }

    public function testAUsualWaterLeftOpenAtSetUpFollowsTheAnimals(): void
    {
        $keeper = $this->keeper();
        $ro = $this->water($keeper, 'Pure', 'reverse_osmosis');
        $tap = $this->water($keeper, 'Main');
        $this->read($keeper, $tap, ['general_hardness' => '14', 'carbonate_hardness' => '10', 'conductivity' => '560', 'ph' => '7.8']);
        foreach (['hard_water_fish' => $tap->id, 'soft_water_fish' => $ro->id] as $animals => $water) {
            $this->actingAs($keeper->fresh() ?? $keeper)->post('/tanks', ['animals' => $animals, 'source_water_id' => ''] + self::typed())
                ->assertSessionHasNoErrors();
            self::assertSame($water, Tank::query()->latest('id')->firstOrFail()->source_water_id, $animals);
        }
    }

    public function testMineralsThatGoStraightInHaveTheirStep(): void
    {
        [$keeper, $tank, $ro] = $this->bench();
        $tank->update(['schools' => ['minerals' => 'direct']]);
        $checklist = $this->writeRun($keeper->refresh(), $tank, ['water' => (string) $ro->id, 'reason' => 'amount', 'way' => 'litres', 'litres' => '30']);

        self::assertTrue($checklist->steps()->where('job', 'minerals')->exists());
    }

    public function testAHoseFromTheTapCarriesTheBackflowCaution(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30']);
        $refill = $checklist->steps()->where('job', 'refill')->firstOrFail();

        self::assertContains('back_siphon', $refill->content->cautions);
        self::assertSame(1, Checklist::query()->count());
    }
}
