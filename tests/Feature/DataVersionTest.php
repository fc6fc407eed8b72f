<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Fertilising\FertilisingQuery;
use App\Models\DataVersion;
use App\Models\Dose;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\Reading;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Models\WaterChange;
use App\Tanks\TankWaterQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Illuminate\Support\Facades\Cache;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is kept of a tank is old as soon as anything is written of it, however it is written. */
final class DataVersionTest extends FeatureCase
{
    /** @return iterable<string, array{callable(Tank, SourceWater, Keeper): mixed}> */
    public static function writes(): iterable
    {
        yield 'a reading is corrected by query' => [static fn(Tank $tank): int => Reading::query()->where('tank_id', $tank->id)
            ->where('parameter', 'nitrate')->update(['value' => 7.0])];
        yield 'readings are deleted by query' => [static fn(Tank $tank): mixed => $tank->readings()->where('parameter', 'ph')->delete()];
        yield 'a record of its own' => [static fn(Tank $tank) => $tank->topOffs()->create(['litres' => 2.0, 'taken_at' => now()])];
        yield 'one that hangs on a plant group' => [static fn(Tank $tank) => $tank->plantGroups()->firstOrFail()->rootTabs()->create([
            'kind' => 'clay', 'number' => 1, 'placed_on' => '2026-03-01',
        ])];
        yield 'one that hangs on its animals' => [static fn(Tank $tank) => $tank->animalKinds()->firstOrFail()->events()->create([
            'kind' => 'came', 'count' => 2, 'day' => '2026-03-01',
        ])];
        yield 'the tank itself' => [static fn(Tank $tank) => $tank->update(['routine_share' => 0.5])];
        yield 'a source water' => [static fn(Tank $tank, SourceWater $water): int => Reading::query()->where('source_water_id', $water->id)
            ->update(['value' => 3.0])];
        yield 'a product' => [static fn(Tank $tank, SourceWater $water, Keeper $keeper) => $keeper->products()
            ->create(['name' => 'x', 'salt' => 'gypsum', 'unit' => 'g'])];
        yield 'a step of a session' => [static fn(Tank $tank) => $tank->checklists()->firstOrFail()->steps()->whereNull('done_at')->update(['note' => 'x'])];
    }

    /** @param callable(Tank, SourceWater, Keeper): mixed $write */
    #[DataProvider('writes')]
    public function testEveryWriteDrawsAnotherVersionForItsTankAlone(callable $write): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->writeRun($keeper, $tank);
        $tank->plantGroups()->create(['kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1]);
        $tank->animalKinds()->create(['kind' => 'tetra']);
        [, $foreign] = $this->readyTank('Other');
        $before = DataVersion::ofTanks([$tank->id, $foreign->id]);
        $write($tank, $water, $keeper);
        $after = DataVersion::ofTanks([$tank->id, $foreign->id]);
        self::assertNotSame($before[$tank->id], $after[$tank->id]);
        self::assertSame($before[$foreign->id], $after[$foreign->id]);
    }

    /** What is written past the records is named here, with what raises the version instead. */
    public function testNothingIsWrittenPastTheRecords(): void
    {
        $past = [];
        foreach (glob(app_path('*/*.php')) ?: [] as $file) {
            $code = (string) file_get_contents($file);
            preg_match_all('/(?:DB::table\([^;]*?|->toBase\(\)[^;]*?)->(?:update|insert|delete|increment|upsert)\(/s', $code, $found);
            if ($found[0] !== []) {
                $past[basename($file, '.php')] = str_contains($code, 'DataVersion::raise');
            }
        }
        ksort($past);
        self::assertSame([
            'DataVersion' => false, 'DeleteAccount' => false, 'DoseFile' => true, 'Guests' => false,
            // Tanks that come new, and have nothing kept of them.
            'ImportArchive' => false,
            // What is found of a tank is nothing that it is found from.
            'LevelsQuery' => false,
            'MealFile' => true, 'RecordBuilder' => false, 'Tank' => false,
        ], $past);
    }

    /** @return iterable<string, array{callable(Tank): void}> corrections that leave count, sum, first and last as they were */
    public static function corrections(): iterable
    {
        yield 'the day of a middle reading' => [static function (Tank $tank): void {
            $reading = Reading::query()->where('tank_id', $tank->id)->where('parameter', 'nitrate')->orderBy('taken_at')->skip(3)->firstOrFail();
            $reading->update(['taken_at' => $reading->taken_at->addDays(5)]);
        }];
        yield 'two readings that were swapped' => [static function (Tank $tank): void {
            [$one, $other] = Reading::query()->where('tank_id', $tank->id)->where('parameter', 'nitrate')->orderBy('taken_at')->skip(2)->take(2)->get()->all();
            [$a, $b] = [$one->only(['value', 'low', 'high']), $other->only(['value', 'low', 'high'])];
            $one->update($b);
            $other->update($a);
        }];
        yield 'an older change moved by ten days' => [static function (Tank $tank): void {
            $change = WaterChange::query()->where('tank_id', $tank->id)->orderBy('changed_at')->skip(1)->firstOrFail();
            $change->update(['changed_at' => $change->changed_at->addDays(10)]);
        }];
    }

    /** @param callable(Tank): void $correct */
    #[DataProvider('corrections')]
    public function testACorrectionArrivesInWhatIsLearnedAtOnce(callable $correct): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $tank->update(['source_water_id' => $water->id]);
        $keeper->kits()->create(['parameter' => 'nitrate', 'method' => 'pen', 'unit' => 'no3', 'step' => 0.1, 'fields' => []]);
        $keeper->load('kits');
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $this->read($keeper, $water, ['nitrate' => '5'], CarbonImmutable::now()->subWeeks(10));
        $level = 20.0;
        foreach (range(8, 1) as $week) {
            $at = CarbonImmutable::now()->subWeeks($week);
            $this->read($keeper, $tank, ['nitrate' => sprintf('%.0f', $level)], $at);
            $this->noteChange($keeper, $tank, $water, 30.0, $at->addHour());
            $level = 0.7 * $level + 1.5 + 4.0 + $week;
        }
        $learned = static function () use ($tank): array {
            $fresh = $tank->fresh(['keeper', 'devices']) ?? $tank;
            $course = FertilisingQuery::tank($fresh)->course(Parameter::Nitrate);

            return [TankWaterQuery::of($fresh)->aDay()->central(), $course->level()->level, $course->rate()->central()];
        };
        $before = $learned();
        $correct($tank);
        $after = $learned();
        Cache::flush();
        self::assertEquals($learned(), $after);
        self::assertNotEquals($before[0], $after[0]);
    }

    public function testADoseOnADayBetweenArrivesToo(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $product = $keeper->products()->create([
            'name' => 'Green daily', 'salt' => Product::FEED, 'unit' => 'mL',
            'label' => ['dose' => 10.0, 'litres' => 100.0, 'days' => 1, 'potassium' => 2.0],
        ]);
        foreach ([9, 6, 3] as $days) {
            $tank->doses()->create([
                'product_id' => $product->id, 'name' => 'x', 'amount' => 10.0, 'unit' => 'mL', 'brings' => ['potassium' => 2.0],
                'given_at' => now()->subDays($days), 'day' => now()->subDays($days)->format('Y-m-d'),
            ]);
        }
        $level = static fn(): float => FertilisingQuery::tank($tank->fresh(['keeper', 'devices']) ?? $tank)->course(Parameter::Potassium)->level()->level;
        $before = $level();
        // As much in all, on the same days, from another label.
        Dose::query()->where('tank_id', $tank->id)->orderBy('id')->firstOrFail()->update(['brings' => ['potassium' => 8.0]]);
        self::assertGreaterThan($before + 1.0, $level());
    }
}
