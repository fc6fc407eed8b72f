<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Cycling\CyclingPage;
use App\Data\ForecastRecord;
use App\Models\Tank;
use App\Tanks\TankWaterQuery;
use App\Tanks\UsualWaterQuery;
use App\WaterChange\AmountField;
use App\WaterChange\ChangeDraft;
use App\WaterChange\ChangeInput;
use App\WaterChange\ChangeReason;
use App\WaterChange\DraftChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Livestock\CountKind;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Concern;
use Cresco\Core\Tank\AnimalGroup;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is not known, and who lives in a tank, hold back what could hurt. */
final class CautiousTest extends FeatureCase
{
    private const PART = ['HX-Request' => 'true', 'HX-Target' => 'answer'];

    public function testANewAccountWithTwoNitrateTestsIsNotSentToChangeMostOfTheWater(): void
    {
        $keeper = $this->keeper();
        $tap = $this->water($keeper);
        $tank = $this->tank($keeper, $tap);
        $this->read($keeper, $tap, ['nitrate' => '5']);
        $this->read($keeper, $tank, ['nitrate' => '40']);
        $draft = self::draft($tank);
        // Nitrate from 40 to 20 with 5 in the tap takes 20 / 35 of the water and more.
        self::assertGreaterThan(0.57, $draft->neededShare);
        self::assertEqualsWithDelta(1.0 / 3.0, $draft->share(), 0.002);
        self::assertSame(2, $draft->tank->needs()->daysBetween());
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=nitrate&goal=20")->assertOk()
            ->assertSeeText('At most 33')->assertSeeText('Test KH, GH, temperature in the tank and KH, GH of Tap');
        // Typed, it stays what was typed and is said to be too much.
        $this->get("/tanks/$tank->id/water-change?reason=amount&way=percent&percent=80", self::PART)->assertOk()->assertSeeText('At most 33');
        // Strips for KH and GH and a thermometer free it.
        foreach ([[$tap, []], [$tank, ['temperature' => '25']]] as [$of, $more]) {
            $this->read($keeper, $of, ['carbonate_hardness' => '5', 'general_hardness' => '8', ...$more]);
        }
        $freed = self::draft($tank);
        self::assertSame([], $freed->allowed->unread);
        self::assertGreaterThan(0.5, $freed->share());
        $this->get("/tanks/$tank->id/water-change?reason=nitrate&goal=20")->assertDontSeeText('until you test more');
    }

    public function testATestThatIsMissingIsNotTheWatersFault(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper, $this->water($keeper, 'Mixed', 'made_up'));
        $this->read($keeper, $tank, ['nitrate' => '40']);
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=nitrate&goal=20")->assertOk()->assertSeeText('Test first.')
            ->assertDontSeeText('This water cannot reach that target.');
    }

    public function testATapThatNobodyTestedCountsWithWhatTapsHoldAndNoRecordKeepsIt(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper, $this->water($keeper));
        $this->read($keeper, $tank, ['nitrate' => '40']);
        $draft = self::draft($tank);
        self::assertNull($draft->impossible);
        self::assertTrue($draft->plan->source->isUsual(Parameter::Nitrate));
        self::assertNull(ForecastRecord::of($draft->forecast)->row(Parameter::Nitrate)->source);
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=nitrate")->assertSeeText('(estimate: not tested)');
        // One test of it, and it counts with that.
        $this->read($keeper, $tank->water ?? self::fail(), ['nitrate' => '10']);
        self::assertFalse(self::draft($tank)->plan->source->isUsual(Parameter::Nitrate));
    }

    public function testTwoChangesWithinThePauseOfTheAnimalsCountAsOne(): void
    {
        [$keeper, $tank, $tap] = $this->readyTank();
        $tank->update(['animals' => AnimalGroup::HardyShrimp]);
        $this->read($keeper, $tap, ['conductivity' => '500']);
        $whole = self::draft($tank)->allowed->share;
        $this->travelTo(CarbonImmutable::now()->subDay());
        $this->noteChange($keeper, $tank->refresh()->load('devices'), $tap, 8.0, CarbonImmutable::now());
        $this->travelBack();
        $this->read(
            $keeper,
            $tank,
            ['nitrate' => '20-40', 'general_hardness' => '7', 'carbonate_hardness' => '4', 'ph' => '7.1', 'conductivity' => '330', 'temperature' => '25'],
        );
        $draft = self::draft($tank);
        $yesterday = $draft->lately->share ?? 0.0;
        self::assertGreaterThan(0.05, $yesterday);
        // What is left of the old water after both is what one change of the largest size would leave.
        self::assertEqualsWithDelta(1.0 - $whole, (1.0 - $yesterday) * (1.0 - $draft->allowed->share), 1e-3);
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=nitrate&goal=5")->assertOk()
            ->assertSeeText('These animals need 3 days between two changes');
        // Three days later it is free again.
        $this->travelTo(CarbonImmutable::now()->addDays(2));
        self::assertNull(self::draft($tank)->lately);
    }

    /** @return iterable<string, array{string, int, bool, bool}> kind, how many, whether animals are sensitive then, and a guard belongs on the hose */
    public static function living(): iterable
    {
        yield 'tetras' => ['tetra', 12, false, false];
        yield 'shrimp' => ['hardy_shrimp', 20, true, true];
        yield 'fry' => ['fry', 21, true, true];
        yield 'shrimp that are gone' => ['hardy_shrimp', 0, false, false];
    }

    #[DataProvider('living')]
    public function testWhatLivesInATankDecidesWithTheGroup(string $kind, int $count, bool $isSensitive, bool $hasGuard): void
    {
        [$keeper, $tank] = $this->readyTank();
        $tank->animalKinds()->create(['kind' => $kind])->events()->create(['kind' => CountKind::Counted, 'count' => $count, 'day' => now()->format('Y-m-d')]);
        $needs = ($tank->fresh() ?? $tank)->needs();
        self::assertSame($isSensitive, $needs->isSensitive());
        self::assertSame($isSensitive ? 0.02 : 0.05, $needs->ammoniaAlarm());
        self::assertSame($isSensitive ? 3 : 2, $needs->daysBetween());
        self::assertSame($isSensitive ? 1.0 : 2.0, $needs->swingLimits()->kh);
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'routine', 'tasks' => ['vacuum', 'spot']]);
        $lines = $checklist->steps->mapWithKeys(static fn($step): array => [$step->job => implode(' ', $step->content->lines)]);
        $hasGuard
            ? self::assertStringContainsString('Put a sponge or mesh on the end of the hose; tap the spot first.', (string) $lines['vacuum'])
            : self::assertStringNotContainsString('Put a sponge or mesh on the end of the hose; tap the spot first.', (string) $lines['vacuum']);
        self::assertSame($isSensitive, !str_contains((string) $lines['spot'], 'with shrimp'));
        // The group is never made milder by what is noted.
        $tank->update(['animals' => AnimalGroup::SoftWaterShrimp]);
        self::assertTrue(($tank->fresh() ?? $tank)->needs()->isSensitive());
    }

    public function testMossAndVallisneriaHoldPeroxideBack(): void
    {
        foreach ([['rotala_rotundifolia', false], ['taxiphyllum_barbieri', true], ['vallisneria_spiralis', true]] as $i => [$kind, $isTender]) {
            [$keeper, $tank] = $this->readyTank("Wren$i");
            $tank->plantGroups()->create(['kind' => $kind, 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1]);
            $needs = ($tank->fresh() ?? $tank)->needs();
            self::assertSame($isTender, $needs->isHarmedByOxidisers(), $kind);
            self::assertFalse($needs->isSensitive());
        }
    }

    public function testTwoFightingFishAndPredatorsAreNamed(): void
    {
        [$keeper, $tank] = $this->readyTank();
        foreach ([['fighting_fish', 2], ['angelfish', 6], ['hardy_shrimp', 10], ['small_tetra', 10]] as [$kind, $count]) {
            $tank->animalKinds()->create(['kind' => $kind])->events()->create(['kind' => CountKind::Came, 'count' => $count, 'day' => now()->format('Y-m-d')]);
        }
        $page = $this->actingAs($keeper)->get("/tanks/$tank->id/livestock")->assertOk();
        $page->assertSeeText('Two of them fight: keep only one.')->assertSeeText('Angelfish may eat hardy dwarf shrimp and small tetras.')
            ->assertSeeText('Fighting fish may eat hardy dwarf shrimp.')->assertDontSeeText('groups of 2');
        $tank->animalKinds()->where('kind', 'fighting_fish')->firstOrFail()->events()
            ->create(['kind' => CountKind::Counted, 'count' => 1, 'day' => now()->format('Y-m-d')]);
        $this->get("/tanks/$tank->id/livestock")->assertDontSeeText('Two of them fight')->assertDontSeeText('groups of 1');
    }

    public function testWhereFryLiveTheHoseIsGuardedAndTheWaterIsLookedThrough(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $tank->animalKinds()->create(['kind' => 'fry'])->events()->create(['kind' => CountKind::Counted, 'count' => 21, 'day' => now()->format('Y-m-d')]);
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'routine']);
        $drain = implode(' ', $checklist->steps()->where('job', 'drain')->sole()->content->lines);
        self::assertStringContainsString('Put a sponge or mesh on the end of the hose; tap the spot first.', $drain);
        self::assertStringContainsString('Pinch the hose', $drain);
        self::assertStringContainsString('Pinch the hose to a gentle stream. Drain into a tub and check it for', $drain);
        $this->get("/tanks/$tank->id/maintenance?reason=routine")->assertSeeText('into a tub; check it for shrimp and fry, then garden or drain')
            ->assertDontSeeText('for the garden or the drain leave');
        // Whatever goes off or comes off goes on again, also what no list has.
        self::assertStringContainsString(
            'A second heater, filter or pump is not on this list: switch it on too.',
            implode(' ', $checklist->steps()->where('job', 'on')->sole()->content->lines),
        );
        $jobs = $checklist->steps()->orderBy('position')->pluck('job')->all();
        self::assertSame(['lid', 'close'], array_slice($jobs, -2));
    }

    /** @return iterable<string, array{string, string, list<string>}> parameter, what was read, and what it is said to be */
    public static function charts(): iterable
    {
        yield 'the lowest field of nitrite' => ['nitrite', '0', []];
        yield 'This water change no longer counts: its forecast check is deleted' => ['nitrite', '0.25', ['nitrite_seen']];
        yield 'half a milligram' => ['nitrite', '0.5', ['nitrite']];
        yield 'under a half' => ['nitrite', 'under 0.5', []];
        yield 'the lowest field of ammonium' => ['ammonium', '0', []];
    }

    /** @param list<string> $concerns */
    #[DataProvider('charts')]
    public function testTheLowestFieldOfAChartIsNoAlarm(string $parameter, string $read, array $concerns): void
    {
        [$keeper, $tank] = $this->readyTank();
        // A strip as coarse as many are.
        $keeper->kits()->create([
            'parameter' => $parameter, 'method' => 'field', 'unit' => $parameter === 'nitrite' ? 'no2' : 'nh4', 'step' => 0,
            'fields' => $parameter === 'nitrite' && $read !== '0' ? [0.0, 0.25, 0.5, 1.0] : [0.0, 1.0, 5.0, 10.0],
        ]);
        $this->read($keeper->fresh() ?? $keeper, $tank, [$parameter => $read]);
        $found = array_values(array_filter(
            TankWaterQuery::of($tank->fresh(['keeper']) ?? $tank)->concerns(),
            static fn(Concern $concern): bool => $concern->parameter?->value === $parameter,
        ));
        self::assertSame($concerns, array_map(static fn(Concern $concern): string => $concern->key, $found));
    }

    public function testAGreenDropCheckerHarmsNobodyAndAYellowOneDoes(): void
    {
        [$keeper, $tank] = $this->readyTank();
        // KH of 4 at pH 6.6 is about 30 mg/L: 3 * 4 * 10^(7 - 6.6); at 6.4 it is 48.
        foreach ([['6.6', false], ['6.4', true]] as [$ph, $harms]) {
            $this->read($keeper, $tank, ['ph' => $ph, 'carbonate_hardness' => '4']);
            $keys = array_map(static fn(Concern $concern): string => $concern->key, TankWaterQuery::of($tank->fresh(['keeper']) ?? $tank)->concerns());
            self::assertSame($harms, in_array('carbon_dioxide', $keys, true), $ph);
        }
    }

    public function testWhoMayBeFirstIsNamedByWaterFilmAndAge(): void
    {
        $this->travelTo('2026-03-20 12:00');
        [$keeper, $tank] = $this->readyTank();
        $start = function (int $days) use ($tank): array {
            $tank->cycling()->updateOrCreate(
                [],
                ['way' => 'planted', 'source' => 'soil', 'begun_on' => CarbonImmutable::now()->subDays($days)->format('Y-m-d')],
            );
            $fresh = $tank->fresh(['keeper', 'cycling']) ?? $tank;

            return array_column((new CyclingPage($fresh, $fresh->cycling))->first(), 'name');
        };
        self::assertNotContains('Otocinclus', $start(40));
        self::assertContains('Otocinclus', $start(60));
        self::assertContains('Hardy dwarf shrimp', $start(60));
        // The water is hard now: soft-water shrimp and otocinclus are not named, whatever the group is.
        $tank->update(['animals' => AnimalGroup::PlantsFirst]);
        $tank->readings()->where('parameter', 'general_hardness')->delete();
        $this->read($keeper, $tank, ['general_hardness' => '18']);
        self::assertNotContains('Otocinclus', $start(60));
        self::assertNotContains('Soft-water shrimp', $start(60));
        // Nobody is named into a water that nobody read.
        $tank->readings()->delete();
        self::assertSame([], $start(60));
        $this->actingAs($keeper)->get("/tanks/$tank->id/cycling")->assertOk()->assertSeeText('Test this tank’s GH: it decides who can move in first.');
    }

    private static function draft(Tank $tank): ChangeDraft
    {
        $fresh = $tank->fresh(['devices', 'keeper']) ?? $tank;

        return app(DraftChange::class)(
            $fresh,
            new ChangeInput(
                ChangeReason::Nitrate,
                20.0,
                null,
                0.6,
                AmountField::Litres,
                null,
                1,
                UsualWaterQuery::of($fresh),
                null,
                0.0,
                $fresh->water_below_rim,
                null,
            ),
        );
    }
}
