<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Known\Moved;
use App\Known\TankWater;
use App\Known\WatchOf;
use App\Models\Keeper;
use App\Models\RunState;
use App\Models\Tank;
use App\Models\Water;
use App\View\WatchWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;

/** What changes quietly is told, with the day it began and what lay just before. */
final class WatchTest extends FeatureCase
{
    private Keeper $keeper;

    private Tank $tank;

    private Water $water;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-01 18:00');
        [$this->keeper, $this->tank, $this->water] = $this->readyTank();
        $this->actingAs($this->keeper);
    }

    /** @param callable(int): float $litres by week, the oldest first */
    private function topUps(int $weeks, callable $litres): void
    {
        for ($week = 0; $week < $weeks; ++$week) {
            $this->tank->topUps()->create(['litres' => $litres($week), 'taken_at' => CarbonImmutable::now()->subDays(7 * ($weeks - 1 - $week))->subHours(9)]);
        }
    }

    public function testMoreEvaporationIsFoundWithWhatLayJustBefore(): void
    {
        $this->keeper->entries()->create(['tank_id' => $this->tank->id, 'kind' => 'event', 'happened_at' => CarbonImmutable::now()->subDays(37), 'title' => 'Cover glass cracked']);
        $this->topUps(32, static fn(int $week): float => 3.5 + 0.35 * ($week % 3) + ($week >= 27 ? 2.8 : 0.0));
        $show = $this->keeper->show();
        $this->get('/')->assertSee('What evaporates '.$show->volume(0.55, 2).' → '.$show->volume(0.94, 2).' a day since')->assertSee('just after “Cover glass cracked”');
        $this->get("/tanks/{$this->tank->id}/inquiries")->assertSee('What evaporates');
    }

    public function testWhatStandsWhereItStoodIsNotTold(): void
    {
        $this->topUps(32, static fn(int $week): float => 3.5 + 0.35 * ($week % 3));
        $this->get('/')->assertDontSee('What evaporates');
        $this->get("/tanks/{$this->tank->id}/inquiries")->assertSee('Nothing has moved to another level');
    }

    public function testANewLevelIsUsualAfterSixWeeks(): void
    {
        $this->topUps(36, static fn(int $week): float => 3.5 + 0.35 * ($week % 3) + ($week >= 25 ? 2.8 : 0.0));
        $this->get('/')->assertDontSee('What evaporates');
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
        $moved = WatchOf::ofMany([$tank->id => TankWater::of($tank)], $tank->keeper->show())[$tank->id];
        self::assertSame([Parameter::Nitrate], array_map(static fn($one) => $one->parameter, $moved));
        self::assertGreaterThan(0.4, $moved[0]->now - $moved[0]->before);
        self::assertEqualsWithDelta(5 * 7, $now->diffInDays(CarbonImmutable::createFromTimestamp($moved[0]->began), true), 15.0);
    }

    public function testAHeaterThatLosesADegreeIsToldWithTheDay(): void
    {
        for ($day = 59; $day >= 0; --$day) {
            // A tenth up and down by the hour of the reading; from ten days ago on a degree and a half less.
            $this->read($this->keeper, $this->tank, ['temperature' => sprintf('%.1f', 25.0 + 0.1 * sin(2.3 * $day) - ($day <= 10 ? 1.5 : 0.0))], CarbonImmutable::now()->subDays($day)->subHour());
        }
        $moved = array_values(array_filter(WatchOf::tank($this->tank), static fn(Moved $one): bool => $one->what === Moved::LEVEL));
        self::assertCount(1, $moved);
        self::assertEqualsWithDelta([25.0, 23.5], [$moved[0]->before, $moved[0]->now], 0.2);
        self::assertEqualsWithDelta(10, CarbonImmutable::createFromTimestamp($moved[0]->began)->diffInDays(CarbonImmutable::now()), 1.5);
        self::assertStringStartsWith("Temperature 25.0\u{A0}°C → 23.6\u{A0}°C since", WatchWords::line($moved[0], $this->keeper->show()));
    }

    public function testWhatKeepsItsLevelIsNotTold(): void
    {
        for ($day = 59; $day >= 0; --$day) {
            $this->read($this->keeper, $this->tank, ['temperature' => sprintf('%.1f', 25.0 + 0.2 * sin(2.3 * $day)), 'ph' => sprintf('%.2f', 6.9 + 0.05 * sin(1.7 * $day))], CarbonImmutable::now()->subDays($day)->subHour());
        }
        self::assertSame([], array_filter(WatchOf::tank($this->tank), static fn(Moved $one): bool => $one->what === Moved::LEVEL));
    }

    public function testAHoseThatRunsSlowerIsTold(): void
    {
        for ($week = 29; $week >= 0; --$week) {
            $run = $this->writeRun($this->keeper, $this->tank);
            $at = CarbonImmutable::now()->subDays(7 * $week)->subHour();
            $minutes = $run->plan->litres * (0.2 + 0.01 * sin($week) + ($week <= 4 ? 0.15 : 0.0));
            $run->steps()->where('job', 'drain')->update(['opened_at' => $at->subSeconds((int) round(60.0 * $minutes)), 'done_at' => $at]);
            $run->update(['state' => RunState::Done, 'finished_at' => $at]);
        }
        $moved = array_values(array_filter(WatchOf::tank($this->tank), static fn(Moved $one): bool => $one->what === Moved::DRAIN));
        self::assertCount(1, $moved);
        self::assertEqualsWithDelta([2.0, 3.5], [$moved[0]->before, $moved[0]->now], 0.15);
        self::assertStringContainsString("The hose, for 10\u{A0}L 2.0\u{A0}min → 3.5\u{A0}min", WatchWords::line($moved[0], $this->keeper->show()));
    }
}
