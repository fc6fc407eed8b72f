<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\ChartPoint;
use App\Models\ChecklistState;
use App\Models\Keeper;
use App\Models\Tank;
use App\Testing\ChartsPage;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\DiagnosticSigns;

/** What was read, given and done, on one axis of time. */
final class ChartsTest extends FeatureCase
{
    private Keeper $keeper;

    private Tank $tank;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-01 18:00');
        [$this->keeper, $this->tank] = $this->readyTank();
        $this->actingAs($this->keeper);
    }

    /** @param list<string> $series */
    private function page(int $span = 91, array $series = [], ?string $sign = null): ChartsPage
    {
        return new ChartsPage(
            Tank::query()->findOrFail($this->tank->id)->setRelation('keeper', $this->keeper->fresh() ?? $this->keeper),
            $span,
            CarbonImmutable::now()->endOfDay(),
            $series,
            $sign,
        );
    }

    public function testAReadingLiesWhereItsDayAndItsValueSay(): void
    {
        $this->tank->readings()->where('parameter', 'ph')->delete();
        $end = CarbonImmutable::now()->endOfDay();
        foreach ([[91, '6.5'], [45.5, '7'], [0.001, '7.5']] as [$ago, $value]) {
            $this->read($this->keeper, $this->tank, ['ph' => $value], $end->subSeconds((int) round($ago * 86400)));
        }
        $chart = $this->page(91, ['ph'])->charts()[0];
        self::assertEqualsWithDelta([90.0, 545.0, 1000.0], array_map(static fn(ChartPoint $point): float => $chart->time->at($point->at), $chart->tests), 0.2);
        [$first, $middle, $last] = array_map(static fn(ChartPoint $point): float => $chart->y($point->value), $chart->tests);
        self::assertEqualsWithDelta(($first + $last) / 2.0, $middle, 0.3);
        self::assertGreaterThan($last, $first);
    }

    public function testTheWindowOfASignIsShaded(): void
    {
        $this->read($this->keeper, $this->tank, ['nitrate' => '20'], CarbonImmutable::now()->subDays(10));
        $this->get("/tanks/{$this->tank->id}/charts?sign=nitrate_low")->assertOk()->assertSee('class="chart__window"', false)->assertSee('nitrate low');
        $window = $this->page(91, ['nitrate'], 'nitrate_low')->window();
        self::assertNotNull($window);
        // 28 of 91 days, up to now: six hours before the end of the last one.
        self::assertEqualsWithDelta(910.0 * 28.0 / 91.0, $window[1], 0.3);
        self::assertNull($this->page(91, [], 'sun')->window());
        foreach (array_keys(DiagnosticSigns::all()) as $sign) {
            $days = DiagnosticSigns::window($sign);
            self::assertTrue($days === null || ($days >= 14 && $days <= 112), $sign);
        }
    }

    public function testEventsAreMarkedAndDosesThatWereLeftOutAreHollow(): void
    {
        $this->keeper->entries()->create([
            'tank_id' => $this->tank->id, 'kind' => 'event', 'happened_at' => CarbonImmutable::now()->subDays(3), 'title' => 'A stone slid',
        ]);
        $product = $this->product($this->keeper, 'gypsum');
        foreach ([2 => false, 1 => true] as $ago => $missed) {
            $this->tank->doses()->create([
                'product_id' => $product->id, 'name' => 'x', 'amount' => 1.0, 'unit' => 'g', 'brings' => [],
                'given_at' => CarbonImmutable::now()->subDays($ago), 'day' => CarbonImmutable::now()->subDays($ago)->format('Y-m-d'),
                'missed' => $missed,
            ]);
        }
        $page = (string) $this->get("/tanks/{$this->tank->id}/charts?span=28")->assertSee('A stone slid')->getContent();
        self::assertSame(1, substr_count($page, 'chart__bar--missed'));
        self::assertSame([false, true], array_map(static fn(ChartPoint $point): bool => $point->isMissed, $this->page(28, ['doses'])->charts()[0]->bars));
    }

    public function testItLeavesAsADrawingAndAsCsv(): void
    {
        $this->read($this->keeper, $this->tank, ['nitrate' => '20-40'], CarbonImmutable::now()->subDays(5));
        $drawing = $this->get("/tanks/{$this->tank->id}/charts.svg?series[]=nitrate")->assertOk()
            ->assertHeader('Content-Type', 'image/svg+xml; charset=utf-8')->getContent();
        self::assertNotFalse(simplexml_load_string((string) $drawing));
        $csv = $this->get("/tanks/{$this->tank->id}/charts.csv?series[]=nitrate")->assertOk()->streamedContent();
        self::assertStringStartsWith("day,series,value,low,high,unit\n", $csv);
        self::assertStringNotContainsString('conductivity', $csv);
        self::assertMatchesRegularExpression('/^2026-05-27T[^,]+,nitrate,30,2\d(\.\d+)?,3\d(\.\d+)?,mg\/L$/m', $csv);
    }

    public function testNonsenseShowsTheUsualSheet(): void
    {
        foreach ([
            'span=7&until=never', 'span=abc', 'until=2026-13-45', 'until=2099-01-01', 'series[]=gold', 'sign=luck', 'until[]=x&span[]=y&series=z',
        ] as $query) {
            $this->get("/tanks/{$this->tank->id}/charts?$query")->assertOk()->assertSee('Three months until');
        }
        $this->get("/tanks/{$this->tank->id}/charts?until=2020-01-01")->assertOk();
    }

    public function testGrowthIsWhatStandsGrewBetweenTheirLooks(): void
    {
        // 60 mm in twenty days, cut back to 100, 50 in ten; another 20 in ten; what was guessed by the eye, and one day, say nothing.
        foreach ([
            ['rotala_rotundifolia', 30, 100, null, false], ['rotala_rotundifolia', 10, 100, 160, false], ['rotala_rotundifolia', 0, 150, null, false],
            ['cryptocoryne_wendtii', 10, 40, null, false], ['cryptocoryne_wendtii', 9, 90, null, false], ['cryptocoryne_wendtii', 5, 300, null, true],
            ['cryptocoryne_wendtii', 0, 280, null, false],
        ] as [$kind, $ago, $height, $before, $guessed]) {
            $plantGroup = $this->tank->plantGroups()->firstOrCreate(
                ['kind' => $kind],
                ['left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1],
            );
            $plantGroup->looks()->create([
                'happened_at' => CarbonImmutable::now()->subDays($ago), 'height' => $height, 'before' => $before, 'guessed' => $guessed,
            ]);
        }
        $grown = array_map(static fn(array $one): float => round($one[1], 6), $this->page(91, ['growth'])->grown());
        // Ten days ago 3 a day; today 5 and -4 a day, half of a millimetre in the mean.
        self::assertSame([3.0, 0.5], $grown);
        self::assertCount(1, $this->page(91, ['growth'])->charts());
        $csv = $this->get("/tanks/{$this->tank->id}/charts.csv?series[]=growth")->assertOk()->streamedContent();
        self::assertStringContainsString(',growth,3,,,mm', str_replace('"', '', $csv));
    }

    public function testTheLightOfTodayIsShownToo(): void
    {
        $this->tank->lightDays()->create(['day' => CarbonImmutable::now()->startOfDay(), 'hours' => 12]);
        $charts = $this->page(28, ['light'])->charts();
        self::assertCount(1, $charts[0]->bars);
    }

    public function testFilmIsWhatWasFoundOnThePanes(): void
    {
        foreach ([[20, 'little'], [10, 'expected'], [1, 'much']] as [$ago, $found]) {
            $checklist = $this->writeRun($this->keeper, $this->tank, ['dry' => '1', 'tasks' => ['glass']]);
            $checklist->steps()->where('job', 'glass')->update(['done_at' => CarbonImmutable::now()->subDays($ago), 'found' => $found]);
            $checklist->update(['state' => ChecklistState::Done]);
        }
        self::assertSame([1, 2, 3], array_column($this->page(91, ['film'])->wiped(), 1));
        $chart = $this->page(91, ['film'])->charts()[0];
        self::assertSame([1.0, 2.0, 3.0], array_map(static fn(ChartPoint $point): float => $point->value, $chart->bars));
        self::assertSame(['little', 'as expected', 'much'], array_column($chart->levels, 1));
        $this->get("/tanks/{$this->tank->id}/charts")->assertSeeText('Algae film on the glass');
    }
}
