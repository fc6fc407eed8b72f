<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Devices\Devices;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\SourceWater;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;

/**
 * The demo: Wren, seven tanks of different needs, half a year of log with its mistakes in it. Everything is made up.
 * Planted on the same day it is the same to the letter; its days count back from the day it is planted.
 */
final class DatabaseSeeder extends Seeder
{
    /** Days of log before today. */
    private const DAYS = 182;

    public function run(): void
    {
        $clock = CarbonImmutable::getTestNow();
        $now = CarbonImmutable::now();
        $today = $now->setTimezone('Europe/Lisbon')->startOfDay();
        $keeper = Keeper::query()->create([
            'name' => 'Wren', 'email' => 'wren@cresco.test', 'password' => 'still water', 'timezone' => 'Europe/Lisbon', 'bucket_litres' => 12,
            'simulated' => array_keys(Devices::all()),
        ]);
        $keeper->forceFill(['is_demo' => true])->save();
        $waters = $this->waters($keeper);
        try {
            $this->waterReadings($keeper, $waters, $today);
            foreach (DemoTanks::all($waters) as $life) {
                (new DemoLife($keeper, $life, $waters, $today, self::DAYS, $now))->live();
                DemoPlants::grow($keeper->tanks()->where('name', $life['tank']['name'])->sole(), $today);
            }
            DemoPhotos::take($keeper->tanks()->where('name', 'Long Meadow')->sole(), $today);
            (new DemoBench($keeper, $waters, $today))->plant();
            DemoFood::give($keeper, $today);
            DemoTrouble::find($keeper, $today);
            DemoWeek::plan($keeper, $today);
            DemoReach::live($keeper, $waters, $today, $now);
            $this->pens($keeper, $today);
        } finally {
            Carbon::setTestNow($clock);
            CarbonImmutable::setTestNow($clock);
        }
    }

    /** @return array<string, SourceWater> */
    private function waters(Keeper $keeper): array
    {
        $waters = [];
        foreach ([
            'tap' => ['Mill Lane tap', 'tap', 'Kitchen, cold; harder in late summer.'],
            'rain' => ['Rain barrel', 'rain', 'North roof, first flush goes to the garden.'],
            'ro' => ['RO unit', 'reverse_osmosis', null],
            'shrimp' => ['Shrimp store', 'made_up', 'RO with mineral salt, 40 L, weighed.'],
            'harbour' => ['Harbour store', 'made_up', 'Tap with buffer and salts, 80 L.'],
        ] as $key => [$name, $kind, $note]) {
            $waters[$key] = $keeper->waters()->create(['name' => $name, 'kind' => $kind, 'note' => $note]);
        }

        return $waters;
    }

    /** The pH meter has stood in its cap for six weeks. */
    private function pens(Keeper $keeper, CarbonImmutable $today): void
    {
        $keeper->setPen(Parameter::Acidity, $today->subDays(41)->setTime(10, 0)->utc());
        $keeper->setPen(Parameter::Conductivity, $today->subDays(20)->setTime(10, 0)->utc());
    }

    /** @param array<string, SourceWater> $waters */
    private function waterReadings(Keeper $keeper, array $waters, CarbonImmutable $today): void
    {
        $rows = [
            'tap' => [
                ['nitrate' => '5-10', 'general_hardness' => '9', 'carbonate_hardness' => '6', 'ph' => '7.5', 'conductivity' => '388', 'temperature' => '14.2'],
                13,
            ],
            'rain' => [
                [
                    'nitrate' => '0-5 nearer 0', 'general_hardness' => '1', 'carbonate_hardness' => '0.5', 'ph' => '6.2', 'conductivity' => '24',
                    'temperature' => '11.5',
                ],
                6,
            ],
            'ro' => [['conductivity' => '9', 'temperature' => '16.0'], 4],
            'shrimp' => [
                ['nitrate' => '0', 'general_hardness' => '5', 'carbonate_hardness' => '0.5', 'ph' => '6.1', 'conductivity' => '212', 'temperature' => '22.4'],
                2,
            ],
            'harbour' => [
                [
                    'nitrate' => '5-10 nearer 5', 'general_hardness' => '13', 'carbonate_hardness' => '10', 'ph' => '8.1', 'conductivity' => '645',
                    'temperature' => '24.6',
                ],
                9,
            ],
        ];
        foreach ($rows as $key => [$typed, $daysAgo]) {
            foreach ([$daysAgo + 140, $daysAgo + 84, $daysAgo + 35, $daysAgo] as $i => $ago) {
                // The tap goes with the seasons.
                $season = $key === 'tap'
                    ? [
                        ['conductivity' => '356', 'general_hardness' => '8'], ['conductivity' => '371'],
                        ['conductivity' => '404', 'general_hardness' => '10'],
                    ][$i] ?? []
                    : [];
                DemoLife::keepReadings($keeper, $waters[$key], $season + $typed, $today->subDays($ago)->setTime(18, 5));
            }
        }
        $keeper->entries()->create([
            'source_water_id' => $waters['shrimp']->id, 'kind' => EntryKind::Event, 'happened_at' => $today->subDays(49)->setTime(19, 20)->utc(),
            'title' => 'The spoon was another one',
            'body' => 'The old spoon went into the dishwasher; the new one heaps half as much again. The store read 296 before anyone looked.',
        ]);
    }
}
