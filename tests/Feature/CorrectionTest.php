<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mixing\IonsQuery;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Reading;
use App\Models\Tank;
use App\Models\WaterChange;
use App\Tanks\TankWaterQuery;
use App\Tanks\WatersQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use PHPUnit\Framework\Attributes\DataProvider;

/** What was noted wrong is put right, what was forgotten is noted afterwards, and every page follows. */
final class CorrectionTest extends FeatureCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
    }

    private function now(Tank $tank, Parameter $parameter): float
    {
        return TankWaterQuery::of($tank->fresh() ?? $tank)->state()->central($parameter, NAN);
    }

    public function testAChangeOfThreeDaysAgoIsNotedAndEveryPageFollows(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $tank->readings()->update(['taken_at' => CarbonImmutable::parse('2026-02-25 12:00')]);
        $water->readings()->update(['taken_at' => CarbonImmutable::parse('2026-02-25 12:00')]);
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-changes/create")->assertOk()->assertSee('Log a water change');
        $this->post("/tanks/$tank->id/water-changes", ['litres' => '50', 'water' => $water->id, 'changed_at' => '2026-02-26T18:00'])
            ->assertSessionHasNoErrors()->assertRedirect("/tanks/$tank->id");

        // Half of 330 and half of 390.
        self::assertEqualsWithDelta(360.0, $this->now($tank, Parameter::Conductivity), 0.5);
        self::assertTrue(TankWaterQuery::of($tank)->isCarried(Parameter::Conductivity));
        $this->get('/')->assertSee('Water change in 4 days')->assertDontSee('First water change');
        $this->get("/tanks/$tank->id")->assertSee('360')->assertSee('forecast, changed Thursday');
        $this->get("/tanks/$tank->id/water-change")->assertSee('360');
        $this->get("/tanks/$tank->id/log")->assertSee("Changed 50\u{A0}L (50\u{A0}%)");
    }

    public function testOneThatIsTakenBackLeavesNothingBehind(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '50']);
        $this->finishRun($checklist, CarbonImmutable::parse('2026-03-01 13:00'), CarbonImmutable::parse('2026-03-01 14:00'));
        $this->travelTo(CarbonImmutable::parse('2026-03-04 12:00'));
        $this->get('/')->assertSee('Water change in 4 days');
        $entry = Entry::query()->where('kind', EntryKind::Change)->sole();
        $this->from("/entries/$entry->id/edit")->delete("/entries/$entry->id")->assertRedirect("/tanks/$entry->tank_id/log");

        self::assertSame(0, WaterChange::query()->count());
        self::assertSame(ChecklistState::Dropped, ($checklist->fresh() ?? $checklist)->state);
        self::assertEqualsWithDelta(330.0, $this->now($tank, Parameter::Conductivity), 1e-9);
        $this->get('/')->assertDontSee('Water change in 4 days')->assertSee('First water change');
        $this->get("/tanks/$tank->id/forecast-check")->assertOk()->assertSee('Nothing to check yet');
    }

    public function testAReadingIsCorrectedWithItsBandAndItsHour(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $entry = Entry::query()->where('tank_id', $tank->id)->sole();
        $this->actingAs($keeper)->get("/entries/$entry->id/edit")->assertOk()->assertSee('value="20-40"', false)->assertSee('value="7.1"', false);
        $this->put(
            "/entries/$entry->id",
            ['happened_at' => '2026-03-01T09:30', 'readings' => ['nitrate' => '40-80 nearer 40', 'ph' => '6.9', 'general_hardness' => '7', 'ammonium' => '']],
        )->assertSessionHasNoErrors()->assertRedirect("/tanks/$tank->id/log");

        $readings = $tank->readings()->get()->keyBy(static fn($reading): string => $reading->parameter->value);
        self::assertEqualsWithDelta([40.0, 80.0], [$readings['nitrate']->low ?? NAN, $readings['nitrate']->high ?? NAN], 1e-9);
        self::assertSame(6.9, $readings['ph']->value ?? NAN);
        self::assertFalse(isset($readings['ammonium']));
        self::assertSame('2026-03-01 09:30:00', ($readings['ph']->taken_at ?? CarbonImmutable::now())->format('Y-m-d H:i:s'));
        // What was left as it stood is as it was read: the last drop of the kit.
        self::assertEqualsWithDelta(6.0 * 0.178325, $readings['general_hardness']->low ?? NAN, 1e-4);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'no reading' => [['happened_at' => '2026-03-01T09:30', 'readings' => ['ph' => 'sour']], 'readings.ph'];
        yield 'no day' => [['happened_at' => 'then', 'readings' => ['ph' => '7']], 'happened_at'];
        yield 'a day to come' => [['happened_at' => '2026-04-01T09:30'], 'happened_at'];
        yield 'nothing left' => [
            [
                'happened_at' => '2026-03-01T09:30',
                'readings' => [
                    'nitrate' => '', 'general_hardness' => '', 'carbonate_hardness' => '', 'ph' => '', 'conductivity' => '', 'temperature' => '',
                    'ammonium' => '',
                ],
            ],
            'readings.nitrate',
        ];
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('nonsense')]
    public function testNonsenseCorrectsNothing(array $typed, string $field): void
    {
        [$keeper, $tank] = $this->readyTank();
        $entry = Entry::query()->where('tank_id', $tank->id)->sole();
        $before = $tank->readings()->orderBy('id')->get()->toJson();
        $this->actingAs($keeper)->put("/entries/$entry->id", $typed)->assertSessionHasErrors($field);
        self::assertSame($before, $tank->readings()->orderBy('id')->get()->toJson());
    }

    public function testTheLitresOfAChangeArePutRight(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->noteChange($keeper, $tank, $water, 50.0, CarbonImmutable::parse('2026-03-01 12:30'));
        $this->travelTo(CarbonImmutable::parse('2026-03-01 15:00'));
        $entry = Entry::query()->where('kind', EntryKind::Change)->sole();
        $this->actingAs($keeper)->put("/entries/$entry->id", ['happened_at' => '2026-03-01T13:00', 'litres' => '20'])->assertSessionHasNoErrors();

        $change = WaterChange::query()->sole();
        self::assertEqualsWithDelta(0.2, $change->share, 1e-3);
        self::assertEqualsWithDelta(342.0, $this->now($tank, Parameter::Conductivity), 0.5);
        self::assertStringContainsString("20\u{A0}L", ($entry->fresh() ?? $entry)->title);
    }

    public function testTheLookBackIsHeldToWhatWasReallyChanged(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->walk($this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '50']), []);
        $this->actingAs($keeper)->get("/checklists/$checklist->id/forecast-check")->assertSee("50\u{A0}L, 50");
        $entry = Entry::query()->where('kind', EntryKind::Change)->sole();
        $this->put("/entries/$entry->id", ['happened_at' => $entry->happened_at->format('Y-m-d\TH:i'), 'litres' => '25'])->assertSessionHasNoErrors();
        $share = WaterChange::query()->sole()->share;
        $this->get("/checklists/$checklist->id/forecast-check")->assertSee("25\u{A0}L, ".round(100 * $share))->assertDontSee("50\u{A0}L, 50");
    }

    public function testWhatWasSkippedIsNoChange(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->walk($this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30']), ['drain', 'refill']);

        self::assertSame(ChecklistState::Done, $checklist->state);
        self::assertFalse($checklist->changes_water);
        self::assertSame(0, WaterChange::query()->count());
        self::assertSame(0, Entry::query()->where('kind', EntryKind::Change)->count());
        $this->get('/')->assertSee('First water change');
    }

    public function testHalfOfADoubleDrainCountsHalf(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '50', 'drains' => '2']);
        $this->walk($checklist, ['drain', 'refill'], 1);

        $change = WaterChange::query()->sole();
        // Two halves would leave a quarter; one of them leaves a half.
        self::assertEqualsWithDelta(0.5, $change->share, 1e-3);
        self::assertEqualsWithDelta(50.0, $change->litres, 0.1);
        self::assertEqualsWithDelta(360.0, $this->now($tank, Parameter::Conductivity), 1.0);
    }

    /**
     * Goes through a checklist, skipping some of its steps.
     *
     * @param list<string> $skipped jobs
     * @param int          $most    times each of them is skipped, the last ones first
     */
    private function walk(Checklist $checklist, array $skipped, int $most = 9): Checklist
    {
        $left = array_fill_keys($skipped, 0);
        $skip = [];
        foreach ($checklist->steps()->get()->reverse() as $step) {
            if (isset($left[$step->job]) && $left[$step->job] < $most) {
                ++$left[$step->job];
                $skip[$step->position] = true;
            }
        }
        $this->travel(1)->hours();
        foreach ($checklist->steps()->get() as $step) {
            if ($step->job === 'on') {
                $checklist->switches()->whereNotNull('off_at')->update(['on_at' => CarbonImmutable::now()]);
            }
            $this->post("/checklists/$checklist->id/steps/$step->position", isset($skip[$step->position]) ? ['skip' => '1'] : [])->assertSessionHasNoErrors();
        }

        return $checklist->refresh();
    }

    public function testABlendAndTheBenchFollowAReadingThatWasPutRight(): void
    {
        [$keeper, $tank, $tap] = $this->readyTank();
        $rain = $this->water($keeper, 'Rain', 'rain');
        $this->read(
            $keeper,
            $rain,
            ['general_hardness' => '1', 'carbonate_hardness' => '1', 'ph' => '6.5', 'conductivity' => '30', 'nitrate' => '0', 'temperature' => '12'],
        );
        $tank->update(['source_water_id' => $tap->id, 'second_source_water_id' => $rain->id, 'second_share' => 0.5]);
        $blend = fn(): ?float => WatersQuery::around($tank->setRelation('keeper', $keeper->fresh()?->load('waters') ?? $keeper), [$tap->id, $rain->id])->blend($tap, $rain, 0.5)->get(Parameter::Conductivity)?->central();
        $bench = fn(): float => IonsQuery::all([$tap])[$tap->id]->source->measured ?? NAN;
        // By strength, halved to.
        self::assertEqualsWithDelta(216.1, $blend() ?? NAN, 0.1);
        self::assertEqualsWithDelta(390.0, $bench(), 1e-6);
        $entry = Reading::query()->where('source_water_id', $tap->id)->where('parameter', 'conductivity')->firstOrFail()->entry_id;
        $this->actingAs($keeper)->put(
            "/entries/$entry",
            ['happened_at' => CarbonImmutable::now()->subMinute()->format('Y-m-d\TH:i'), 'readings' => ['conductivity' => '490']],
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(269.3, $blend() ?? NAN, 0.1);
        self::assertEqualsWithDelta(490.0, $bench(), 1e-6);
    }
}
