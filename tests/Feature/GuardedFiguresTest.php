<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Fertilising\FertilisingQuery;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Product;
use App\Models\WaterChange;
use App\Tanks\PlantModelQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\WatersQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Remedy;
use Cresco\Core\Measure\Density;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Concern;
use Cresco\Core\Planning\Concerns;
use Cresco\Core\State\Event;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Water\DissolvedGas;
use Cresco\Core\Water\Mixing;
use Cresco\Core\Water\WaterState;
use PHPUnit\Framework\Attributes\DataProvider;

/** Figures on which animals hang, each with a case from the job. */
final class GuardedFiguresTest extends FeatureCase
{
    /** @return list<string> */
    private static function concerns(AnimalGroup $group, float|Density $ammonium, float $ph): array
    {
        $state = new WaterState('the tank', [
            Parameter::Ammonium->value => is_float($ammonium)
                ? new ExactValue($ammonium)
                : $ammonium, Parameter::Acidity->value => new ExactValue($ph), Parameter::Temperature->value => new ExactValue(25.0),
        ]);

        return array_map(static fn(Concern $concern): string => $concern->key, Concerns::of($state, new Needs($group)));
    }

    public function testFreeAmmoniaIsAnAlarmForShrimpBeforeItIsOneForOthers(): void
    {
        // 5.4 % of total ammonia is free at pH 8.0 and 25 degC (Emerson and others, 1975): 0.6 mg/L NH4 are 0.466 of nitrogen and 0.0252 free.
        self::assertContains('free_ammonia', self::concerns(AnimalGroup::HardyShrimp, 0.6, 8.0));
        self::assertNotContains('free_ammonia', self::concerns(AnimalGroup::Community, 0.6, 8.0));
        // Twice as much and a little is an alarm for all.
        self::assertContains('free_ammonia', self::concerns(AnimalGroup::Community, 1.3, 8.0));
    }

    public function testTheAlarmGoesByWhatTheReadingMayBeAndNotByItsMiddle(): void
    {
        // From 0.6 to 1.4 mg/L: 1.0 in the middle is 0.042 free, the upper tenth from 1.32 on is 0.055.
        self::assertNotContains('free_ammonia', self::concerns(AnimalGroup::Community, 1.0, 8.0));
        self::assertContains('free_ammonia', self::concerns(AnimalGroup::Community, Density::flat(0.6, 1.4), 8.0));
    }

    public function testCarbonDioxideFollowsKhAndPhInEveryWaterThatIsNotSoft(): void
    {
        // About 3 * KH * 10^(7 - pH), within a fifth, from 3 to 9 degrees.
        foreach ([3.0, 5.0, 7.0, 9.0] as $degrees) {
            foreach ([6.4, 6.8, 7.2] as $ph) {
                $gas = DissolvedGas::of(new ExactValue($ph), new ExactValue(0.356648 * $degrees), 25.0, 300.0);
                self::assertNotNull($gas);
                self::assertEqualsWithDelta(1.0, $gas->level / (3.0 * $degrees * 10.0 ** (7.0 - $ph)), 0.2, "KH $degrees, pH $ph");
            }
        }
        self::assertNull(DissolvedGas::of(new ExactValue(6.5), new ExactValue(0.2), 25.0, 300.0));
    }

    public function testAnUnreadPhOfASourceIsTakenAsSevenPointFour(): void
    {
        // Of the same KH, half and half: bicarbonate stays and CO2 mixes, so that hydrogen ions do: (10^-6.9 + 10^-7.4) / 2 are pH 7.08; with 7.9 it were 7.16.
        $water = static fn(string $name, ?float $ph): WaterState => new WaterState($name, array_filter([
            Parameter::CarbonateHardness->value => new ExactValue(2.0), Parameter::Temperature->value => new ExactValue(25.0), Parameter::Conductivity
                ->value => new ExactValue(300.0), Parameter::Acidity->value => $ph === null
                ? null
                : new ExactValue($ph),
        ]));
        $blend = Mixing::blend('both', [[$water('tank', 6.9), 0.5], [$water('tap', null), 0.5]]);
        self::assertEqualsWithDelta(-log10((10.0 ** -6.9 + 10.0 ** -7.4) / 2.0), $blend->central(Parameter::Acidity, 0.0), 0.03);
        // And is no reading: where one part has none, what is made of it is an estimate with a wide band.
        self::assertTrue($blend->isAssumed(Parameter::Acidity));
        self::assertGreaterThan(0.08, $blend->get(Parameter::Acidity)?->spread());
        self::assertFalse(Mixing::blend('both', [[$water('tank', 6.9), 0.5], [$water('tap', 7.4), 0.5]])->isAssumed(Parameter::Acidity));
        self::assertTrue(Mixing::blend('both', [[$water('rain', null), 0.5], [$water('tap', null), 0.5]])->isAssumed(Parameter::Acidity));
    }

    public function testUnreadReverseOsmosisWaterIsTakenAsFifteenMicrosiemens(): void
    {
        [$keeper, $tank, $tap] = $this->readyTank();
        $ro = $this->water($keeper, 'RO', 'reverse_osmosis');
        $waters = WatersQuery::around($tank, [$ro->id, $tap->id]);
        self::assertEqualsWithDelta(15.0, $waters->source($ro)->central(Parameter::Conductivity, 0.0), 1e-9);
        // Half of the tap's 390, by strength, halved to.
        self::assertEqualsWithDelta(209.3, $waters->blend($tap, $ro, 0.5)->central(Parameter::Conductivity, 0.0), 0.1);
    }

    public function testAPlantGroupIsDueAsManyDaysLaterAsItWasSeenLater(): void
    {
        $this->travelTo('2026-03-20 12:00');
        $due = function (string $name, int $days): float {
            [$keeper, $tank] = $this->readyTank($name);
            $plantGroup = $tank->plantGroups()->create([
                'kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1, 'wished' => 250,
                'planted_on' => '2025-06-01',
            ]);
            $plantGroup->looks()->create(['happened_at' => now()->subDays($days), 'height' => 120, 'before' => 150, 'cover' => 1, 'guessed' => false]);
            $planting = PlantModelQuery::tank(($tank->fresh() ?? $tank)->setRelation('keeper', $keeper));

            return $planting->due($planting->plantGroups[$plantGroup->id])?->due->middle() ?? INF;
        };
        self::assertEqualsWithDelta(6.0, $due('Wren', 2) - $due('Lark', 8), 1.5);
    }

    public function testCutsDoNotLoosenTheRateThatIsLearned(): void
    {
        $this->travelTo('2026-03-20 12:00');
        [$keeper, $tank] = $this->readyTank();
        $plantGroup = $tank->plantGroups()->create([
            'kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
            'planted_on' => '2025-06-01',
        ]);
        // Every two weeks from 150 to 250 mm, and cut back to 150.
        foreach (range(6, 0) as $n) {
            $plantGroup->looks()->create(['happened_at' => now()->subDays(14 * $n + 1), 'height' => 150, 'before' => 250, 'cover' => 1, 'guessed' => false]);
        }
        $core = PlantModelQuery::tank(($tank->fresh() ?? $tank)->setRelation('keeper', $keeper))->plantGroups[$plantGroup->id];
        self::assertSame(6, $core->rate->count);
        // The curve solved for its rate: r = H / (4 t) * ln((H / h0 - 1) / (H / h1 - 1)).
        $height = $core->ceiling;
        $rate = $height / 8.0 * log(($height / 150.0 - 1.0) / ($height / 250.0 - 1.0));
        self::assertEqualsWithDelta(1.0, $core->rate->median / $rate, 0.1);
        // A tape of 10 mm at either end of 100 mm is 14 %, a stretch differs by 15 %; both of six pairs are 8.4 %, so that four in five lie
        // within exp(2 x 1.2816 x 0.084) = 1.24.
        self::assertLessThan(1.3, $core->rate->high / $core->rate->low);
    }

    /** @return iterable<string, array{Remedy, Remedy, bool}> */
    public static function contraries(): iterable
    {
        yield 'darker and lighter' => [Remedy::LightHours, Remedy::Place, true];
        yield 'shade and lighter' => [Remedy::Shade, Remedy::Place, true];
        yield 'lighter and darkness' => [Remedy::Place, Remedy::Dark, true];
        yield 'two that go together' => [Remedy::LightHours, Remedy::Flow, false];
        yield 'plants that are fed in a brighter place' => [Remedy::Doses, Remedy::Place, false];
    }

    #[DataProvider('contraries')]
    public function testNoAdviceUndoesAnother(Remedy $one, Remedy $other, bool $isContrary): void
    {
        self::assertSame($isContrary, $one->contradicts($other));
        self::assertSame($isContrary, $other->contradicts($one));
    }

    public function testAReadingOfTheMinuteOfAChangeStandsForTheWaterAfterIt(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $at = CarbonImmutable::now()->addHour()->startOfMinute();
        $this->travelTo($at);
        $this->noteChange($keeper, $tank, $water, 50.0, $at);
        $this->read($keeper, $tank, ['conductivity' => '371'], $at);
        $this->read($keeper, $tank, ['general_hardness' => '3'], $at->subMinute());
        $state = TankWaterQuery::of($tank->fresh(['keeper']) ?? $tank)->state();
        self::assertFalse($state->isAssumed(Parameter::Conductivity));
        // A little less than it shows, since by the change it should have been 360.
        self::assertEqualsWithDelta(369.5, $state->central(Parameter::Conductivity, 0.0), 1.5);
        // A minute before it is the water of before: the forecast counts.
        self::assertTrue($state->isAssumed(Parameter::GeneralHardness));
    }

    public function testTheShareOfAChangeOfTwoDrainsFollowsItsLitres(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30', 'drains' => '2']);
        $checklist = $this->finishRun($checklist, CarbonImmutable::now()->subHour(), CarbonImmutable::now());
        $change = WaterChange::query()->sole();
        // Twice 30 of 100 L leave 0.7 * 0.7 of the old water.
        self::assertEqualsWithDelta(0.51, $change->share, 0.005);
        $entry = Entry::query()->where('kind', EntryKind::Change)->sole();
        $typed = ['happened_at' => $keeper->show()->local($entry->happened_at)->format('Y-m-d\TH:i'), 'litres' => '30'];
        $this->actingAs($keeper)->put("/entries/$entry->id", $typed)->assertSessionHasNoErrors();
        // Half of it in as many goes: 15 each, 0.85 * 0.85 nearly; by the power of one half 0.7.
        self::assertEqualsWithDelta(0.30, $change->refresh()->share, 0.03);
        self::assertSame($checklist->id, $change->checklist_id);
    }

    public function testADoseOfTodayThatWasNotedDoesNotComeOnceMore(): void
    {
        $this->travelTo('2026-03-01 18:00');
        [$keeper, $tank] = $this->readyTank();
        $product = $keeper->products()->create([
            'name' => 'Green daily', 'salt' => Product::FEED, 'unit' => 'mL', 'stock' => 300,
            'label' => ['dose' => 10.0, 'litres' => 100.0, 'days' => 1, 'potassium' => 2.0],
        ]);
        $tank->dosePlans()->create(['product_id' => $product->id, 'amount' => 10.0, 'every' => 1, 'starts_on' => '2026-03-01']);
        $coming = static function () use ($tank): int {
            $food = FertilisingQuery::tank($tank->fresh(['keeper', 'devices']) ?? $tank);
            $today = $food->day(CarbonImmutable::now());

            return count(array_filter($food->coming(Parameter::Potassium, $food->planned()), static fn(Event $event): bool => $event->day < $today + 0.9));
        };
        self::assertSame(1, $coming());
        $this->actingAs($keeper)->post("/tanks/$tank->id/doses", ['product_id' => $product->id, 'amount' => '10', 'state' => 'given'])
            ->assertSessionHasNoErrors();
        self::assertSame(0, $coming());
    }
}
