<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Data\Phrase;
use App\Models\ChecklistState;
use App\Models\Keeper;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Problems\ChangeDetectionQuery;
use App\Problems\ChangePoint;
use App\Problems\ChangePointWords;
use App\Tanks\TankWaterQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Gauge;
use Cresco\Core\Measure\Parameter;
use PHPUnit\Framework\Attributes\DataProvider;

/** What changes quietly is told, with the day it began and what lay just before. */
final class WatchTest extends FeatureCase
{
    private Keeper $keeper;

    private Tank $tank;

    private SourceWater $water;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-01 18:00');
        [$this->keeper, $this->tank, $this->water] = $this->readyTank();
        $this->actingAs($this->keeper);
    }

    /** @param callable(int): float $litres by week, the oldest first */
    private function topOffs(int $weeks, callable $litres): void
    {
        for ($week = 0; $week < $weeks; ++$week) {
            $this->tank->topOffs()->create(['litres' => $litres($week), 'taken_at' => CarbonImmutable::now()->subDays(7 * ($weeks - 1 - $week))->subHours(9)]);
        }
    }

    /** @return iterable<string, array{string|Phrase, string}> title of an entry, and how it is said */
    public static function titles(): iterable
    {
        yield 'typed' => ['Cover glass cracked', 'Cover glass cracked'];
        yield 'written by a checklist' => [Phrase::joined(
            'run.entry.list',
            [Phrase::of('steps.tasks.glass'), Phrase::of('steps.tasks.trim')],
        ), 'Clean the glass · Trim the plants'];
    }

    #[DataProvider('titles')]
    public function testMoreEvaporationIsFoundWithWhatLayJustBefore(string|Phrase $title, string $said): void
    {
        $entry = $this->keeper->entries()->create([
            'tank_id' => $this->tank->id, 'kind' => 'event', 'happened_at' => CarbonImmutable::now()->subDays(37), 'title' => $title,
        ]);
        self::assertSame($said, $entry->title);
        $this->topOffs(32, static fn(int $week): float => 3.5 + 0.35 * ($week % 3) + ($week >= 27 ? 2.8 : 0.0));
        $show = $this->keeper->show();
        $this->get('/')->assertSee('Evaporation '.$show->volume(0.55, 2).' → '.$show->volume(0.94, 2).' a day since')->assertSee('just after “'.$said.'”');
        $this->get("/tanks/{$this->tank->id}/problems")->assertSee('Evaporation');
    }

    public function testWhatStandsWhereItStoodIsNotTold(): void
    {
        $this->topOffs(32, static fn(int $week): float => 3.5 + 0.35 * ($week % 3));
        $this->get('/')->assertDontSee('Evaporation');
        $this->get("/tanks/{$this->tank->id}/problems")->assertSee('No lasting change in six weeks.');
    }

    public function testANewLevelIsUsualAfterSixWeeks(): void
    {
        $this->topOffs(36, static fn(int $week): float => 3.5 + 0.35 * ($week % 3) + ($week >= 25 ? 2.8 : 0.0));
        $this->get('/')->assertDontSee('Evaporation');
    }

    public function testATankThatMakesMoreNitrateIsFoundFromItsForecasts(): void
    {
        $now = CarbonImmutable::now();
        $this->read($this->keeper, $this->water, ['nitrate' => '5'], $now->subDays(230));
        for ($week = 30; $week >= 0; --$week) {
            $this->travelTo($now->subDays(7 * $week)->subDay());
            $this->read($this->keeper, $this->tank, ['nitrate' => (string) round(20.0 + ($week % 3) + ($week < 5 ? 9.0 : 0.0))]);
            $this->travelTo($now->subDays(7 * $week)->subDay()->addHour());
            $this->noteChange($this->keeper, $this->tank, $this->water, 40.0, CarbonImmutable::now());
        }
        $this->travelTo($now);
        $tank = Tank::query()->findOrFail($this->tank->id)->setRelation('keeper', $this->keeper->fresh() ?? $this->keeper);
        $moved = ChangeDetectionQuery::ofMany([$tank->id => TankWaterQuery::of($tank)], $tank->keeper->show())[$tank->id];
        self::assertSame([Parameter::Nitrate], array_map(static fn($one) => $one->parameter, $moved));
        self::assertGreaterThan(0.4, $moved[0]->now - $moved[0]->before);
        self::assertEqualsWithDelta(5 * 7, $now->diffInDays(CarbonImmutable::createFromTimestamp($moved[0]->began), true), 15.0);
    }

    public function testAHeaterThatLosesADegreeIsToldWithTheDay(): void
    {
        for ($day = 59; $day >= 0; --$day) {
            // A tenth up and down by the hour of the reading; from ten days ago on a degree and a half less.
            $this->read(
                $this->keeper,
                $this->tank,
                ['temperature' => sprintf('%.1f', 25.0 + 0.1 * sin(2.3 * $day) - ($day <= 10 ? 1.5 : 0.0))],
                CarbonImmutable::now()->subDays($day)->subHour(),
            );
        }
        $moved = array_values(array_filter(ChangeDetectionQuery::tank($this->tank), static fn(ChangePoint $one): bool => $one->what === ChangePoint::LEVEL));
        self::assertCount(1, $moved);
        self::assertEqualsWithDelta([25.0, 23.5], [$moved[0]->before, $moved[0]->now], 0.2);
        self::assertEqualsWithDelta(10, CarbonImmutable::createFromTimestamp($moved[0]->began)->diffInDays(CarbonImmutable::now()), 1.5);
        self::assertStringStartsWith("Temperature 25.0\u{A0}°C → 23.6\u{A0}°C since", ChangePointWords::line($moved[0], $this->keeper->show()));
    }

    public function testWhatWasTypedWrongIsTakenBackAtOnce(): void
    {
        for ($day = 59; $day >= 0; --$day) {
            $this->read(
                $this->keeper,
                $this->tank,
                ['temperature' => sprintf('%.1f', 25.0 + 0.1 * sin(2.3 * $day) - ($day <= 10 ? 1.5 : 0.0))],
                CarbonImmutable::now()->subDays($day)->addMinute(),
            );
        }
        $last = $this->tank->readings()->where('parameter', 'temperature')->orderByDesc('taken_at')->firstOrFail();
        $this->get('/')->assertSeeText('Temperature 25.0');
        // The lower ones were another thermometer's.
        $this->tank->readings()->where('parameter', 'temperature')->where('value', '<', 24.5)->update(['value' => 25.0]);
        self::assertSame(25.0, $last->refresh()->value);
        $this->get('/')->assertDontSeeText('Temperature 25.0');
    }

    public function testEquipmentThatIsReadIsLookedAtAtOnce(): void
    {
        for ($day = 90; $day >= 1; --$day) {
            $this->tank->note(Gauge::Heater, CarbonImmutable::now()->subDays($day), round(($day <= 4 ? 380.0 : 300.0) * (1.0 + 0.05 * sin(1.7 * $day))));
            if ($day === 5) {
                $this->get('/')->assertDontSeeText('Heater minutes a day');
            }
        }
        $this->get('/')->assertSeeText('Heater minutes a day');
    }

    public function testWhatKeepsItsLevelIsNotTold(): void
    {
        for ($day = 59; $day >= 0; --$day) {
            $this->read(
                $this->keeper,
                $this->tank,
                ['temperature' => sprintf('%.1f', 25.0 + 0.2 * sin(2.3 * $day)), 'ph' => sprintf('%.2f', 6.9 + 0.05 * sin(1.7 * $day))],
                CarbonImmutable::now()->subDays($day)->subHour(),
            );
        }
        self::assertSame([], array_filter(ChangeDetectionQuery::tank($this->tank), static fn(ChangePoint $one): bool => $one->what === ChangePoint::LEVEL));
    }

    public function testAHeaterThatNeedsLongerEachWeekIsFoundByItsMinutes(): void
    {
        $this->keeper->entries()->create([
            'tank_id' => $this->tank->id, 'kind' => 'work', 'happened_at' => CarbonImmutable::now()->subDays(29),
            'title' => 'Heater set behind the rock',
        ]);
        for ($day = 90; $day >= 1; --$day) {
            $this->tank->note(
                Gauge::Heater,
                CarbonImmutable::now()->subDays($day),
                round((300.0 + max(0.0, 3.0 * (28 - $day))) * (1.0 + 0.05 * sin(1.7 * $day))),
            );
        }
        $this->get('/')->assertSeeText('Heater minutes a day')->assertSeeText('just after “Heater set behind the rock”');
        $moved = ChangeDetectionQuery::tank($this->tank);
        self::assertCount(1, $moved);
        self::assertEqualsWithDelta(300.0, $moved[0]->before, 8.0);
        self::assertGreaterThan(330.0, $moved[0]->now);
        self::assertEqualsWithDelta(24, CarbonImmutable::createFromTimestamp($moved[0]->began)->diffInDays(CarbonImmutable::now()), 6.0);
    }

    public function testAHeaterThatNeedsWhatItNeededIsNotTold(): void
    {
        for ($day = 90; $day >= 1; --$day) {
            $this->tank->note(Gauge::Heater, CarbonImmutable::now()->subDays($day), round(300.0 * (1.0 + 0.05 * sin(1.7 * $day))));
        }
        self::assertSame([], ChangeDetectionQuery::tank($this->tank));
    }

    public function testAStandThatGrowsLessIsTold(): void
    {
        $plantGroup = $this->tank->plantGroups()->create([
            'kind' => 'rotala_rotundifolia', 'left_edge' => 0.1, 'right_edge' => 0.4, 'front_edge' => 0.1, 'back_edge' => 0.6, 'wished' => 200,
            'planted_on' => '2025-06-01',
        ]);
        foreach (range(34, 0) as $week) {
            // Cut to 100 mm each week; since five weeks it grows at a third of its rate.
            $grown = ($week <= 4 ? 2.0 : 6.0) + 0.3 * sin(1.3 * $week);
            $plantGroup->looks()->create([
                'happened_at' => CarbonImmutable::now()->subDays(7 * $week)->subHour(), 'height' => 100.0, 'before' => 100.0 + 7.0 * $grown,
                'cover' => 1,
            ]);
        }
        $moved = array_values(array_filter(ChangeDetectionQuery::tank($this->tank), static fn(ChangePoint $one): bool => $one->what === ChangePoint::GROWTH));
        self::assertCount(1, $moved);
        self::assertEqualsWithDelta([6.0, 2.0], [$moved[0]->before, $moved[0]->now], 0.3);
        self::assertStringStartsWith("Growth of Rotala rotundifolia 6.0\u{A0}mm → 2.", ChangePointWords::line($moved[0], $this->keeper->show()));
    }

    public function testPanesThatAreWipedMoreOftenAreTold(): void
    {
        $checklist = $this->writeRun($this->keeper, $this->tank, ['tasks' => ['glass']]);
        $at = CarbonImmutable::now()->subHours(29 * 180 + 7 * 78);
        foreach (range(1, 36) as $time) {
            $at = $at->addHours($time <= 29 ? 168 + 12 * ($time % 3) : 72 + 6 * ($time % 3));
            if ($at->lessThan(CarbonImmutable::now())) {
                $done = $checklist->replicate(['holds'])->fill(['state' => ChecklistState::Done, 'finished_at' => $at]);
                $done->save();
                $done->steps()->forceCreate([
                    'position' => 1, 'job' => 'glass', 'content' => $checklist->steps()->firstOrFail()->content, 'done_at' => $at, 'skipped' => false,
                ]);
            }
        }
        $moved = array_values(array_filter(ChangeDetectionQuery::tank($this->tank), static fn(ChangePoint $one): bool => $one->what === ChangePoint::WIPES));
        self::assertCount(1, $moved);
        self::assertEqualsWithDelta([7.5, 3.25], [$moved[0]->before, $moved[0]->now], 0.5);
        self::assertStringContainsString('8 days → 3 days', ChangePointWords::line($moved[0], $this->keeper->show()));
    }

    public function testAMembraneThatLetsMoreThroughAndGivesLessIsToldAtItsStore(): void
    {
        $reservoir = $this->keeper->reservoirs()->create(['name' => 'Barrel', 'capacity' => 60.0, 'level' => 30.0, 'litres_per_day' => 100.0, 'waste' => 3.0]);
        foreach (range(30, 0) as $week) {
            $reservoir->rejections()->create([
                'conductivity_in' => 400.0, 'conductivity_out' => ($week <= 4 ? 24.0 : 12.0) + 0.6 * ($week % 3),
                'millilitres_a_minute' => ($week <= 4 ? 70.0 : 100.0) + 2.0 * ($week % 3), 'is_first' => false,
                'taken_at' => CarbonImmutable::now()->subDays(7 * $week),
            ]);
        }
        $page = $this->get('/ro-reservoirs/'.$reservoir->id)->assertOk();
        $page->assertSeeText("Rejection of the membrane 96.9\u{A0}% → 93.9\u{A0}% since")
            ->assertSeeText("RO output per minute 102\u{A0}mL → 72\u{A0}mL since")
            ->assertSeeText('Cold water gives less: about 3 % per degree. Otherwise check the')->assertDontSeeText('Steady');
        // A new membrane is no quiet change.
        $reservoir->update(['membrane_on' => CarbonImmutable::now()->subDays(30)->format('Y-m-d')]);
        $this->get('/ro-reservoirs/'.$reservoir->id)->assertOk()->assertDontSeeText('since 4 May')->assertSeeText('Steady');
    }

    public function testAHoseThatRunsSlowerIsTold(): void
    {
        for ($week = 29; $week >= 0; --$week) {
            $checklist = $this->writeRun($this->keeper, $this->tank);
            $at = CarbonImmutable::now()->subDays(7 * $week)->subHour();
            $minutes = $checklist->plan->litres * (0.2 + 0.01 * sin($week) + ($week <= 4 ? 0.15 : 0.0));
            $checklist->steps()->where('job', 'drain')->update(['opened_at' => $at->subSeconds((int) round(60.0 * $minutes)), 'done_at' => $at]);
            $checklist->update(['state' => ChecklistState::Done, 'finished_at' => $at]);
        }
        $moved = array_values(array_filter(ChangeDetectionQuery::tank($this->tank), static fn(ChangePoint $one): bool => $one->what === ChangePoint::DRAIN));
        self::assertCount(1, $moved);
        self::assertEqualsWithDelta([2.0, 3.5], [$moved[0]->before, $moved[0]->now], 0.15);
        self::assertStringContainsString("The hose, for 10\u{A0}L 2.0\u{A0}min → 3.5\u{A0}min", ChangePointWords::line($moved[0], $this->keeper->show()));
    }
}
