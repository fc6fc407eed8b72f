<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Data\WeekHabits;
use App\Models\Chore;
use App\Models\HelperJob;
use App\Models\Keeper;
use App\Models\Tank;
use App\Schedule\AskHelper;
use App\Testing\RecordResults;
use Carbon\CarbonImmutable;
use Cresco\Core\Planning\AmountFound;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Shape;

/** The rhythm of the demo: the hours of a week, jobs that come again and what was found each time, what runs out, two weeks away with a helper. */
final class DemoWeek
{
    private function __construct(private readonly Keeper $keeper, private readonly CarbonImmutable $today) {}

    public static function plan(Keeper $keeper, CarbonImmutable $today): void
    {
        $week = new self($keeper, $today);
        $keeper->update(['week' => new WeekHabits([60, 90, 45, 90, 20, 180, 150], ['18:30', '18:30', '20:00', '18:30', '18:30', '10:00', '10:00'], 10)]);
        $week->jobs();
        $week->supplies();
        $week->away();
        $week->animals();
        $week->start();
        $week->quarantine();
    }

    private function jobs(): void
    {
        // The floss of the hard-water tank was found full each time, and comes sooner since.
        $this->chore('Stone Harbour', 'floss', 3, [28 => 'expected', 21 => 'much', 15 => 'much', 9 => 'expected', 3 => 'expected']);
        $this->chore('Long Meadow', 'prefilter', 6, [27 => 'expected', 20 => 'little', 6 => 'expected']);
        $this->chore('Long Meadow', 'gas_bottle', 61, []);
        $this->chore('Lantern', 'grading', 20, [], 21);
        $this->chore('Lantern', 'count', 12, [], 14);
        $this->chore('Ember Shelf', 'litter', 25, [53 => 'expected', 25 => 'expected']);
        $this->chore('Ember Shelf', 'top_up', 2, [8 => 'expected', 5 => 'expected', 2 => 'expected']);
        $this->chore(null, 'reagents', null, [], null, 33);
        $this->chore(null, 'sediment', 150, []);
    }

    /** @param array<int, string> $turns what was found, by days ago, oldest first */
    private function chore(?string $tank, string $kind, ?int $last, array $turns, ?int $every = null, ?int $next = null): void
    {
        $chore = new Chore([
            'tank_id' => $tank === null
                ? null
                : $this->tank($tank)->id, 'kind' => $kind, 'every' => $every, 'last_at' => $last === null
                    ? null
                    : $this->today->subDays($last)->setTime(19, 0)->utc(),
            'next_on' => $next === null ? null : $this->today->addDays($next)->format('Y-m-d'),
        ]);
        $chore->keeper_id = $this->keeper->id;
        $chore->save();
        $before = null;
        foreach ($turns as $ago => $found) {
            $chore->turns()->create([
                'done_at' => $this->today->subDays($ago)->setTime(19, 0)->utc(), 'since' => $before === null ? null : $before - $ago,
                'found' => AmountFound::from($found),
            ]);
            $before = $ago;
        }
    }

    private function supplies(): void
    {
        $counted = $this->today->subDays(9)->format('Y-m-d');
        $this->keeper->supplies()->create(['name' => 'Flake food', 'unit' => 'g', 'left' => 22, 'weekly' => 6, 'lead_days' => 5, 'counted_on' => $counted]);
        $this->keeper->supplies()->create([
            'name' => 'Nitrate drops', 'unit' => 'tests', 'left' => 18, 'weekly' => 2, 'lead_days' => 7, 'counted_on' => $counted,
            'expires_on' => $this->today->addDays(160)->format('Y-m-d'),
        ]);
        $this->keeper->supplies()->create(['name' => 'Floss', 'unit' => 'pads', 'left' => 14, 'weekly' => 1, 'lead_days' => 7, 'counted_on' => $counted]);
    }

    /** Two weeks in late summer: Ines came every other day, and left the leaf litter. */
    private function away(): void
    {
        $from = $this->today->subDays(96);
        $until = $this->today->subDays(83);
        $this->keeper->absences()->create(['from_day' => $from->format('Y-m-d'), 'until_day' => $until->format('Y-m-d'), 'note' => 'by the sea']);
        $tank = $this->tank('Ember Shelf');
        (new AskHelper())($this->keeper, $tank, 'Ines', $from->format('Y-m-d'), $until
            ->format('Y-m-d'), 'The jug stands under the shelf. Wren answers after six.', [], [
                ['text' => 'Look for a minute: do the shrimp graze, does the sponge bubble?', 'caution' => 'If they crowd at the surface: call.', 'every' => 2],
                ['text' => 'Give one of the packed portions of food.', 'caution' => 'Never more. Skipping a day harms nobody.', 'every' => 4],
                ['text' => 'Fill up to the mark on the glass from the jug.', 'caution' => 'Only from the jug, never from the tap.', 'every' => 3],
                ['text' => 'Lay one leaf from the tin into the tank.', 'caution' => null, 'every' => 0],
            ]);
        $helper = $this->keeper->helpers()->with('jobs')->firstOrFail();
        $helper->forceFill(['made_at' => $from->subDays(2)->utc()])->save();
        $left = [2 => true];
        foreach ($helper->jobs as $n => $job) {
            for ($day = 0; $job->every > 0 && $day <= 13; $day += $job->every) {
                // One visit fell out.
                if ($day !== 6 || !isset($left[$n])) {
                    $this->tick($job, $from->addDays($day));
                }
            }
        }
    }

    /** Lantern is the nursery: each count finds the young that were sorted out, and some that were not seen before. */
    private function animals(): void
    {
        $this->live('Long Meadow', 'rasbora', 'Ember rasboras', [[170, 'counted', 24], [98, 'died', 1], [40, 'counted', 22]]);
        $this->live('Long Meadow', 'brush_shrimp', null, [[150, 'came', 12]]);
        $this->live('Ember Shelf', 'bee_shrimp', null, [[180, 'counted', 35], [95, 'counted', 52], [30, 'counted', 71]]);
        $this->live('Stone Harbour', 'shell_cichlid', null, [[180, 'counted', 9]]);
        $this->live('Stone Harbour', 'lake_cichlid', null, [[180, 'counted', 6]]);
        $this->live(
            'Lantern',
            'fry',
            'Young of the shell dwellers',
            [[54, 'born', 31], [40, 'counted', 26], [26, 'counted', 24], [12, 'counted', 27], [12, 'went', 6]],
        );
    }

    /** @param list<array{int, string, int}> $events days ago, what, how many */
    private function live(string $tank, string $kind, ?string $name, array $events): void
    {
        $animal = $this->tank($tank)->animalKinds()->create(['kind' => $kind, 'name' => $name]);
        foreach ($events as [$ago, $what, $count]) {
            $animal->events()->create(['kind' => $what, 'count' => $count, 'day' => $this->today->subDays($ago)->format('Y-m-d')]);
        }
    }

    /** A fifth tank, filled and dark, in its third week: nitrite came a few days sooner than was to be expected. */
    private function start(): void
    {
        $tank = $this->bare('Dusk Hollow', 600, 360, 360, AnimalGroup::SoftWaterFish);
        $tank->cycling()->create(['way' => 'dark', 'source' => 'soil', 'begun_on' => $this->today->subDays(17)->format('Y-m-d'), 'plenty' => false]);
        $record = new RecordResults();
        foreach ([
            [14, '1-3', '0-0.05', '6.9'], [10, '3-5', '0.05-0.2', '6.9'], [7, '3-5', '0.5-1', '6.8'], [3, '1-3', '2-5', '6.7'],
        ] as [$ago, $ammonium, $nitrite, $ph]) {
            $at = $this->today->subDays($ago)->setTime(19, 30)->utc();
            $record->keep(
                $this->keeper,
                $tank,
                $record->parse(
                    $this->keeper,
                    ['ammonium' => $ammonium, 'nitrite' => $nitrite, 'ph' => $ph, 'carbonate_hardness' => '6', 'temperature' => '25'],
                    $at,
                ),
                $at,
            );
        }
    }

    /** What came nine days ago stays apart for three more weeks. */
    private function quarantine(): void
    {
        $tank = $this->bare('Low Tub', 500, 300, 250, AnimalGroup::Community);
        $this->live('Low Tub', 'small_catfish', null, [[9, 'came', 8]]);
        $tank->arrivals()->create([
            'what' => 'Eight dwarf armoured catfish', 'group' => 'fish', 'bag' => [
                'conductivity' => 620.0, 'litres' => 1.2, 'hours' => 3.0,
            ], 'way' => 'drip', 'arrived_at' => $this->today->subDays(9)->setTime(17, 0)->utc(),
            'quarantine_until' => $this->today->addDays(19)->format('Y-m-d'),
        ]);
        $record = new RecordResults();
        $at = $this->today->subDay()->setTime(8, 0)->utc();
        $record->keep(
            $this->keeper,
            $tank,
            $record->parse($this->keeper, ['ammonium' => '0', 'nitrite' => '0', 'temperature' => '24', 'conductivity' => '340'], $at),
            $at,
        );
        $this->chore('Low Tub', 'test', 1, [], 2);
    }

    private function bare(string $name, float $length, float $depth, float $height, AnimalGroup $animals): Tank
    {
        $tank = new Tank([
            'name' => $name, 'shape' => Shape::Box, 'outer_length' => $length, 'outer_depth' => $depth, 'outer_height' => $height, 'glass' => 6, 'water_below_rim' => 25, 'animals' => $animals, 'fish_height' => 20, 'warmth' => 25,
            'nitrate_per_day' => 0.2, 'routine_share' => 0.3, 'routine_days' => 7, 'source_water_id' => $this->keeper->waters()
                ->value('id'), 'started_on' => $this->today->subDays(17)->format('Y-m-d'),
        ]);
        $tank->keeper_id = $this->keeper->id;
        $tank->save();
        $tank->devices()->create(['kind' => 'heater', 'top' => 90, 'bottom' => $height - 60, 'across' => 8]);
        $tank->devices()->create(['kind' => 'internal_filter', 'top' => 120, 'bottom' => $height - 20, 'across' => 92]);

        return $tank->fresh() ?? $tank;
    }

    private function tick(HelperJob $job, CarbonImmutable $day): void
    {
        $job->ticks()->create(['day' => $day->format('Y-m-d'), 'ticked_at' => $day->setTime(18, 10)->utc()]);
    }

    private function tank(string $name): Tank
    {
        return $this->keeper->tanks()->where('name', $name)->sole();
    }
}
