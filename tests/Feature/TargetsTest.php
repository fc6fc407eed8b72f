<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Models\TopOff;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Tank\SwingLimits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** The keeper's own figures for the animals of a tank, and the nitrate that it makes. */
final class TargetsTest extends FeatureCase
{
    public function testOwnFiguresCountOnEverySheetAndTheOthersStayTheGroups(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get('/')->assertDontSee('</b> high', false);
        $this->put(
            "/tanks/$tank->id/targets",
            [
                'high' => ['conductivity' => '300', 'ph' => ''], 'low' => ['temperature' => '20'],
                'swing' => ['carbonate_hardness' => '0.5', 'conductivity' => '5'],
            ],
        )->assertSessionHasNoErrors()->assertRedirect("/tanks/$tank->id/targets");
        $needs = ($tank->fresh() ?? $tank)->needs();

        self::assertSame([150.0, 300.0], $needs->range(Parameter::Conductivity));
        self::assertSame([20.0, 26.0], $needs->range(Parameter::Temperature));
        self::assertSame(AnimalGroup::Community->range(Parameter::Acidity), $needs->range(Parameter::Acidity));
        self::assertEqualsWithDelta(0.5, $needs->swingLimits()->kh, 1e-9);
        self::assertEqualsWithDelta(0.05, $needs->swingLimits()->ecShare, 1e-9);
        self::assertEqualsWithDelta(SwingLimits::ofOthers()->gh, $needs->swingLimits()->gh, 1e-9);
        // Read at 330: above the keeper's own 300, in the group's range.
        $this->get('/')->assertSee('</b> high', false);
        $this->get("/tanks/$tank->id/water-change")->assertSee("150–300\u{A0}µS/cm");
        // Nearly all of it at once: KH moves from 3.5 toward 5.5.
        $this->get("/tanks/$tank->id/water-change?reason=amount&way=percent&percent=60")->assertSee('KH changes too much at once.')->assertSee('± 0.5');
        $this->get("/mix-water?tank=$tank->id")->assertOk();
        $this->get("/tanks/$tank->id/targets")->assertSee('value="300"', false)->assertSee('placeholder="600"', false);
        $this->put("/tanks/$tank->id/targets", ['high' => ['conductivity' => '']]);
        self::assertSame([150.0, 600.0], ($tank->fresh() ?? $tank)->needs()->range(Parameter::Conductivity));
    }

    public function testTheBenchBeginsWithTheTanksOwnMiddle(): void
    {
        [$keeper, $tank] = $this->bench();
        $this->actingAs($keeper)->put("/tanks/$tank->id/targets", ['low' => ['general_hardness' => '8'], 'high' => ['general_hardness' => '10']])
            ->assertSessionHasNoErrors();
        self::assertMatchesRegularExpression('/name="gh" value="9"/', (string) $this->get("/mix-water?tank=$tank->id")->assertOk()->getContent());
        self::assertMatchesRegularExpression(
            '/name="gh" value="8"/',
            (string) $this->get("/mix-water?tank=$tank->id&animals=hardy_shrimp&tank_was=$tank->id&animals_was=community")->assertOk()->getContent(),
        );
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function nonsense(): array
    {
        return [
            'letters' => [['low' => ['ph' => 'acid']], 'low.ph'],
            'upside down' => [['low' => ['ph' => '8'], 'high' => ['ph' => '7']], 'high.ph'],
            'the lower end above the usual upper one' => [['low' => ['ph' => '9']], 'high.ph'],
            'no such pH' => [['high' => ['ph' => '15']], 'high.ph'],
            'no swing at all' => [['swing' => ['temperature' => '0']], 'swing.temperature'],
            'more than all of it' => [['swing' => ['conductivity' => '130']], 'swing.conductivity'],
            'a list' => [['low' => ['ph' => ['7']]], 'low.ph'],
        ];
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('nonsense')]
    public function testNonsenseIsSaidAtItsFieldAndNothingIsKept(array $typed, string $field): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->put("/tanks/$tank->id/targets", $typed + ['swing' => ['ph' => '0.3']])->assertSessionHasErrors($field);
        self::assertSame([], ($tank->fresh() ?? $tank)->limits);
    }

    public function testDegreesAreTheKeepersOwn(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $keeper->kits()->create(['parameter' => 'temperature', 'method' => 'pen', 'unit' => 'fahrenheit', 'step' => 0.1]);
        $this->actingAs($keeper->fresh() ?? $keeper)->put(
            "/tanks/$tank->id/targets",
            ['low' => ['temperature' => '68'], 'swing' => ['temperature' => '1.8']],
        )->assertSessionHasNoErrors();
        $needs = ($tank->fresh() ?? $tank)->needs();
        self::assertEqualsWithDelta(20.0, $needs->range(Parameter::Temperature)[0] ?? NAN, 1e-9);
        self::assertEqualsWithDelta(1.0, $needs->swingLimits()->celsius, 1e-9);
    }

    public function testNitrateIsLearnedFromOneReadingBeforeEachChangeAndCountsAtOnceOnEveryPage(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/targets")->assertSee('Estimate: 1.00')
            ->assertSee('Only an estimate so far. From your second test on Cresco learns from');
        $this->weeks($keeper, $tank, $water);
        // 12 a week more than half of it and half of 4: 1.71 a day, and in the end 28 before each change.
        $made = TankWaterQuery::of($tank->refresh()->setRelation('keeper', $keeper))->courses()->made(Parameter::Nitrate);
        self::assertEqualsWithDelta(12.0 / 7.0, $made->value, 0.15);
        self::assertSame(1.0, $tank->nitrate_per_day);
        $tank->update(['source_water_id' => $water->id, 'routine_share' => 0.5]);
        $this->get("/tanks/$tank->id/targets")->assertOk()->assertSee(sprintf('Nitrate rises by %.2f', $made->value))->assertSee('From 8 tests')
            ->assertSee('your estimate was 1.00');
        // The tap has 5 since, after 4 eight weeks ago: about that.
        $peak = 5.0 + 7.0 * $made->value / 0.5;
        preg_match('/it settles at (\d+\.\d)/', (string) $this->get("/tanks/$tank->id/targets")->getContent(), $found);
        self::assertEqualsWithDelta($peak, (float) ($found[1] ?? NAN), 0.3);
        $this->get("/tanks/$tank->id/water-change?reason=routine")->assertSee(sprintf('nitrate peaks at %.0f', $peak), false);
    }

    public function testOneWildReadingIsLeftOutAndSaid(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $this->weeks($keeper, $tank, $water, 4);
        $this->actingAs($keeper)->get("/tanks/$tank->id/targets")->assertSee('One test does not fit the others and is left out: 30 Jan');
        self::assertEqualsWithDelta(12.0 / 7.0, TankWaterQuery::of($tank)->aDay()->central(), 0.25);
    }

    /** Eight weeks of 12 mg/L each, half changed at the end of each with water of 4: one exact reading before each change. */
    private function weeks(Keeper $keeper, Tank $tank, SourceWater $water, ?int $wild = null): void
    {
        $keeper->kits()->create(['parameter' => 'nitrate', 'method' => 'pen', 'unit' => 'no3', 'step' => 0.1, 'fields' => []]);
        $keeper->load('kits');
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $this->read($keeper, $water, ['nitrate' => '4'], CarbonImmutable::parse('2026-01-01 12:00'));
        $level = 10.0;
        for ($week = 0; $week < 8; ++$week) {
            $level += 12.0;
            $change = CarbonImmutable::parse('2026-01-02 18:00')->addDays(7 * $week);
            $this->read($keeper, $tank, ['nitrate' => sprintf('%.1f', $week === $wild ? 4.0 * $level : $level)], $change->subHour());
            $this->noteChange($keeper, $tank, $water, 0.5 * VesselQuery::tank($tank)->litres(), $change);
            $level = 0.5 * $level + 2.0;
        }
    }

    #[Group('long')]
    public function testWhatTheDemoTanksMakeIsFoundAgainWithinTheBand(): void
    {
        $this->demo();
        foreach (Tank::query()->whereHas('checklists')->whereDoesntHave('dosePlans')->with('keeper')->get() as $tank) {
            $found = TankWaterQuery::of($tank)->courses()->made(Parameter::Nitrate);
            self::assertGreaterThan(5, $found->count, $tank->name);
            self::assertLessThan(3.0 * $found->spread, abs($found->value - $tank->nitrate_per_day), $tank->name);
            self::assertLessThan($found->prior->spread(), $found->spread, $tank->name);
        }
    }

    public function testSwingsGoRoundThroughTheirUnits(): void
    {
        $needs = new Needs(AnimalGroup::SoftWaterShrimp, [], ['carbonate_hardness' => Alkalinity::fromDegrees(0.7)->milliequivalentPerLitre]);
        self::assertEqualsWithDelta(0.7, $needs->swingLimits()->kh, 1e-9);
        self::assertTrue($needs->isOwn(Parameter::CarbonateHardness));
        self::assertFalse($needs->isOwn(Parameter::Acidity));
    }

    public function testWhatSoilTakesUpIsLearnedShownAndReckonedWith(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/targets")->assertOk()->assertDontSee('Daily drift of the rest');
        $tank->update(['passive' => 'soil', 'source_water_id' => $water->id]);
        $this->get("/tanks/$tank->id/targets")->assertSee('KH: estimate ')->assertSee('−0.25 ± 0.38');

        $this->read($keeper, $water, ['carbonate_hardness' => '6'], CarbonImmutable::parse('2026-01-01 12:00'));
        // KH falls by 0.1 degrees a day from 6, a drop of half a degree; a third is changed each week with 6 degrees.
        $tank->readings()->delete();
        $keeper->kits()->create([
            'parameter' => 'carbonate_hardness', 'method' => 'drops', 'unit' => 'degrees', 'step' => 0.25 * Alkalinity::MILLIEQUIVALENT_PER_DEGREE,
        ]);
        $keeper->load('kits');
        $level = 6.0;
        for ($week = 0; $week < 8; ++$week) {
            $level -= 0.7;
            $change = CarbonImmutable::parse('2026-01-02 18:00')->addDays(7 * $week);
            $this->read($keeper, $tank, ['carbonate_hardness' => (string) (ceil($level / 0.25) * 0.25)], $change->subHour());
            $this->noteChange($keeper, $tank, $water, VesselQuery::tank($tank)->litres() / 3.0, $change);
            $level = $level * 2.0 / 3.0 + 2.0;
        }
        $made = TankWaterQuery::of($tank->refresh()->setRelation('keeper', $keeper))->courses()->made(Parameter::CarbonateHardness);
        self::assertSame(8, $made->count);
        self::assertEqualsWithDelta(-0.1 * Alkalinity::MILLIEQUIVALENT_PER_DEGREE, $made->value, 0.025 * Alkalinity::MILLIEQUIVALENT_PER_DEGREE);
        $a = Show::rounded(abs($made->value) / Alkalinity::MILLIEQUIVALENT_PER_DEGREE, 2);
        $this->actingAs(Keeper::query()->findOrFail($keeper->id))->get("/tanks/$tank->id/targets")->assertSee('KH drops by '.$a)
            ->assertSee('From 8 tests and the water changes and top-offs between them')->assertSee('Water changes and top-offs take it into account.');
        $this->get("/tanks/$tank->id/top-off")->assertSee('and KH by '.$a.'°', false)->assertSee('KH over a year');
        $this->get("/tanks/$tank->id/water-change?working=carbonate_hardness.next")->assertSee('that disappears in a day');
    }

    public function testATopUpKeepsWhatItWasDoneWith(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/top-off?top_up=$water->id")->assertSee('Topped off just now with Tap');
        $this->post("/tanks/$tank->id/top-offs", ['litres' => '2', 'source_water_id' => $water->id])->assertSessionHasNoErrors();
        self::assertSame($water->id, TopOff::query()->sole()->source_water_id);
        $other = $this->water($this->keeper('Stranger'));
        $this->post("/tanks/$tank->id/top-offs", ['litres' => '2', 'source_water_id' => $other->id])->assertSessionHasErrors('source_water_id');
        $water->delete();
        self::assertNull(TopOff::query()->sole()->source_water_id);
    }

    public function testATopUpWithHardWaterIsNotPutDownToTheStones(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $tank->readings()->delete();
        $litres = VesselQuery::tank($tank)->litres();
        $this->read($keeper, $water, ['general_hardness' => '20'], CarbonImmutable::parse('2026-01-01 12:00'));
        // 3 % twice a week with 20 degrees: 1.2 degrees a week, and nothing else.
        for ($day = 1; $day <= 42; ++$day) {
            $at = CarbonImmutable::parse('2026-01-02 09:00')->addDays($day);
            if ($day % 7 === 0) {
                $this->read($keeper, $tank, ['general_hardness' => (string) ceil(5.0 + 1.2 * $day / 7.0)], $at);
            }
            if ($day % 7 === 1 || $day % 7 === 4) {
                $tank->topOffs()->create(['litres' => 0.03 * $litres, 'taken_at' => $at, 'source_water_id' => $water->id]);
            }
        }
        $made = TankWaterQuery::of($tank->setRelation('keeper', $keeper))->courses()->made(Parameter::GeneralHardness);
        self::assertEqualsWithDelta(0.0, $made->value / Hardness::MILLIMOLE_PER_DEGREE, 0.03);
        self::assertFalse($made->contradicts());
    }
}
