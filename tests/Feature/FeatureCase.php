<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Data\ForecastRecord;
use App\Exchange\KeeperTables;
use App\Models\Analysis;
use App\Models\Batch;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\Entry;
use App\Models\Helper;
use App\Models\Keeper;
use App\Models\Photo;
use App\Models\Product;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Testing\RecordResults;
use App\WaterChange\LogWaterChange;
use App\WaterChange\PastChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Shape;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Contracts\Auth\Authenticatable as UserContract;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A keeper with a tank and two waters, for tests that go through the application. */
abstract class FeatureCase extends TestCase
{
    use RefreshDatabase;

    /** When the demo is planted. */
    protected const PLANTED = '2026-03-01 12:00';

    /** @var array<string, list<array<string, mixed>>>|null what the demo put into each table */
    private static ?array $planted = null;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        if (getenv('CRESCO_TEST_ENGINE') === 'pgsql') {
            // A database for each process that tests side by side.
            config(['database.default' => 'pgsql', 'database.connections.pgsql.database' => 'cresco_'.(getenv('TEST_TOKEN') ?: '1')]);
        }

        return $app;
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        // An import sets the time that its request may take; here the process goes on to other tests.
        set_time_limit(0);
        // Files that go once they are sent; here nobody sends them.
        array_map(unlink(...), glob(sys_get_temp_dir().'/cresco-data-'.getmypid().'-*') ?: []);
    }

    /** Each keeper has a session of their own. */
    public function actingAs(UserContract $user, $guard = null)
    {
        if (!$this->isAuthenticated($guard) || auth($guard)->id() !== $user->getAuthIdentifier()) {
            $this->flushSession();
        }

        return parent::actingAs($user, $guard);
    }

    /** No row points to one that is not there; an engine that holds it by itself need not be asked. */
    protected static function assertNothingHangs(): void
    {
        self::assertSame([], DB::connection()->getDriverName() === 'sqlite' ? DB::select('pragma foreign_key_check') : []);
    }

    /** Records are numbered from 1 again, also where an engine goes on counting when a test is rolled back. */
    protected static function countFromOne(): void
    {
        foreach (DB::connection()->getDriverName() === 'pgsql' ? array_keys(KeeperTables::all()) : [] as $table) {
            DB::statement("select setval('{$table}_id_seq', 1, false)");
        }
    }

    /** The demo as it is at noon of 1 March 2026, planted once for all tests of a process: to plant it takes as long as a hundred tests. */
    protected function demo(): void
    {
        $this->travelTo(CarbonImmutable::parse(self::PLANTED));
        self::countFromOne();
        if (DB::connection()->getDriverName() !== 'sqlite') {
            $this->seed(DatabaseSeeder::class);

            return;
        }
        if (self::$planted === null) {
            $this->seed(DatabaseSeeder::class);
            foreach (array_diff(array_column(Schema::getTables(), 'name'), ['migrations']) as $table) {
                /** @var list<array<string, mixed>> $rows */
                $rows = array_map(static fn(object $row): array => (array) $row, DB::table($table)->get()->all());
                self::$planted[$table] = $rows;
            }

            return;
        }
        DB::statement('pragma defer_foreign_keys = on');
        foreach (self::$planted as $table => $rows) {
            foreach ($rows === [] ? [] : array_chunk($rows, max(1, intdiv(30_000, count($rows[0])))) as $some) {
                DB::table($table)->insert($some);
            }
        }
    }

    protected function keeper(string $name = 'Wren'): Keeper
    {
        return Keeper::query()->create(['name' => $name, 'email' => strtolower($name).'@cresco.test', 'password' => 'still water']);
    }

    protected function water(Keeper $keeper, string $name = 'Tap', string $kind = 'tap'): SourceWater
    {
        return $keeper->waters()->create(['name' => $name, 'kind' => $kind]);
    }

    /** A box of about 100 L with a heater and a canister. */
    protected function tank(Keeper $keeper, ?SourceWater $water = null): Tank
    {
        $tank = new Tank([
            'name' => 'Brook', 'shape' => Shape::Box, 'outer_length' => 512, 'outer_depth' => 512, 'outer_height' => 426, 'glass' => 6,
            'water_below_rim' => 20, 'animals' => AnimalGroup::Community, 'fish_height' => 40, 'warmth' => 25, 'nitrate_per_day' => 1,
            'routine_share' => 0.3, 'routine_days' => 7, 'source_water_id' => $water?->id,
        ]);
        $tank->keeper_id = $keeper->id;
        $tank->save();
        $tank->devices()->create(['kind' => 'heater', 'top' => 80, 'bottom' => 260, 'across' => 5]);
        $tank->devices()->create(['kind' => 'canister', 'top' => 330, 'bottom' => 380, 'across' => 95]);

        return $tank->fresh() ?? $tank;
    }

    /** @param array<string, string> $typed */
    protected function read(Keeper $keeper, Tank|SourceWater $of, array $typed, ?CarbonImmutable $at = null): void
    {
        $record = new RecordResults();
        $record->keep($keeper, $of, $record->parse($keeper, $typed), $at ?? CarbonImmutable::now());
    }

    /** @return array{Keeper, Tank, SourceWater} everything read that a forecast needs */
    protected function readyTank(string $name = 'Wren'): array
    {
        $keeper = $this->keeper($name);
        $water = $this->water($keeper);
        $tank = $this->tank($keeper, $water);
        $this->read(
            $keeper,
            $water,
            ['nitrate' => '5', 'general_hardness' => '9', 'carbonate_hardness' => '6', 'ph' => '7.5', 'conductivity' => '390', 'temperature' => '15'],
        );
        $this->read(
            $keeper,
            $tank,
            [
                'nitrate' => '20-40', 'general_hardness' => '7', 'carbonate_hardness' => '4', 'ph' => '7.1', 'conductivity' => '330',
                'temperature' => '25', 'ammonium' => '0',
            ],
        );

        return [$keeper, $tank, $water];
    }

    /** @param array<string, mixed> $asked */
    protected function writeRun(Keeper $keeper, Tank $tank, array $asked = []): Checklist
    {
        $this->actingAs($keeper)->post("/tanks/$tank->id/checklists", $asked)->assertRedirect();

        return Checklist::query()->latest('id')->firstOrFail();
    }

    /** Ends a checklist as if all of it had been done. */
    protected function finishRun(Checklist $checklist, CarbonImmutable $started, CarbonImmutable $finished): Checklist
    {
        $checklist->update(['state' => ChecklistState::Done, 'started_at' => $started, 'finished_at' => $finished]);
        app(LogWaterChange::class)(
            $checklist->keeper_id,
            $checklist->tank_id,
            $checklist,
            null,
            'Tap',
            $checklist->plan->out,
            $checklist->plan->share,
            $checklist->forecast,
            $finished,
            'Changed',
            null,
        );

        return $checklist->refresh();
    }

    /** A change without a checklist. */
    protected function noteChange(Keeper $keeper, Tank $tank, SourceWater $water, float $litres, CarbonImmutable $at): void
    {
        $change = PastChange::of($tank->setRelation('keeper', $keeper), $water, null, 0.0, $litres, $at);
        app(LogWaterChange::class)(
            $keeper->id,
            $tank->id,
            null,
            $water->id,
            $change->source,
            $change->litres,
            $change->share,
            ForecastRecord::of($change->forecast),
            $at,
            'Changed',
            null,
        );
    }

    /**
     * A bench with RO water and a tap, and the salts that make any fresh water.
     *
     * @return array{Keeper, Tank, SourceWater, SourceWater} keeper, tank, RO, tap
     */
    protected function bench(string $name = 'Wren'): array
    {
        [$keeper, $tank, $tap] = $this->readyTank($name);
        $ro = $this->water($keeper, 'RO', 'reverse_osmosis');
        $this->read($keeper, $ro, ['conductivity' => '8', 'temperature' => '15']);
        foreach (['gypsum', 'calcium_chloride', 'epsom', 'soda', 'potassium_bicarbonate'] as $salt) {
            $this->product($keeper, $salt);
        }

        return [$keeper, $tank, $ro, $tap];
    }

    protected function product(Keeper $keeper, string $salt, ?float $stock = 500.0): Product
    {
        self::assertNotNull(Salts::find($salt), $salt);

        return $keeper->products()->create([
            'name' => ucfirst(str_replace('_', ' ', $salt)), 'salt' => $salt, 'unit' => 'g', 'price' => 1.0, 'stock' => $stock,
        ]);
    }

    /** @param array<string, mixed> $asked */
    protected function writeBatch(Keeper $keeper, array $asked): Batch
    {
        $this->actingAs($keeper)->post('/batches', $asked)->assertSessionHasNoErrors()->assertRedirect();

        return Batch::query()->latest('id')->firstOrFail();
    }

    private static function photo(Keeper $owner, Tank $tank, Checklist $checklist): Photo
    {
        $photo = new Photo([
            'tank_id' => $tank->id, 'checklist_id' => $checklist->id, 'checklist_step_id' => $checklist->steps()->firstOrFail()->id,
            'file' => 'none.jpg', 'width' => 1, 'height' => 1, 'taken_at' => now(),
        ]);
        $photo->keeper_id = $owner->id;
        $photo->save();

        return $photo;
    }

    /** @return array<string, int|string> one of each kind, by route parameter */
    protected function oneOfEach(Keeper $owner, Tank $tank, SourceWater $water, Checklist $checklist): array
    {
        $product = $this->product($owner, 'gypsum');
        $trial = $product->trials()->create(['method' => 'scale', 'spoons' => 10, 'grams_each' => 3.0, 'taken_at' => now()]);
        $reservoir = $owner->reservoirs()->create(['name' => 'Barrel', 'capacity' => 60, 'level' => 20, 'litres_per_day' => 100, 'waste' => 3]);
        $analysis = new Analysis(['source_water_id' => $water->id, 'sampled_on' => '2026-01-02', 'milligrams' => ['Ca' => 40.0]]);
        $analysis->keeper_id = $owner->id;
        $analysis->save();
        $batch = new Batch(['source_water_id' => $water->id, 'litres' => 10.0, 'card' => ['name' => 'x']]);
        $batch->keeper_id = $owner->id;
        $batch->save();

        $plantGroup = $tank->plantGroups()->create([
            'kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
        ]);
        $look = $plantGroup->looks()->create(['happened_at' => now(), 'height' => 100, 'surplus' => 4]);
        $lamp = $tank->lamps()->create(['kind' => 'panel', 'told_by' => 'maker', 'told' => 90, 'length' => 400, 'width' => 120, 'above' => 80]);
        $light = $tank->lightReadings()->create(['light' => 60, 'across' => 0.5, 'front' => 0.5, 'depth' => 100, 'band' => 0.1, 'taken_at' => now()]);
        $checklist->followUps()->create(['job' => 'evening', 'due_from' => now(), 'due_until' => now()->addHours(5)]);

        $problem = $tank->problems()->create(['about' => 'growth', 'place' => 'wood', 'answers' => [], 'opened_at' => now()]);

        $problem->photos()->attach(self::photo($owner, $tank, $checklist)->id);
        $chore = $owner->chores()->create(['tank_id' => $tank->id, 'kind' => 'floss', 'last_at' => now()]);
        $helper = new Helper([
            'tank_id' => $tank->id, 'name' => 'Ines', 'from_day' => now()->format('Y-m-d'), 'until_day' => now()->addDays(5)->format('Y-m-d'),
            'reads' => [], 'made_at' => now(),
        ]);
        $helper->keeper_id = $owner->id;
        $helper->hash = hash('sha256', str_repeat('h', 43).$owner->id.'.'.$tank->id);
        $helper->save();
        $tank->cycling()->create(['way' => 'dark', 'source' => 'dosed', 'begun_on' => now()->subDays(9)->format('Y-m-d')]);

        return [
            'fresh' => $owner->learningResets()->create(['what' => 'pen', 'since' => now()->subYear()])->id, 'chore' => $chore->id, 'away' => $owner
                ->absences()->create([
                    'from_day' => now()->addDays(3)->format('Y-m-d'), 'until_day' => now()->addDays(4)->format('Y-m-d'),
                ])->id, 'helper' => $helper->id,
            'supply' => $owner->supplies()->create([
                'name' => 'Food', 'unit' => 'g', 'left' => 20, 'weekly' => 5, 'lead_days' => 5, 'counted_on' => now()->format('Y-m-d'),
            ])->id,
            'animal' => $tank->animalKinds()->create(['kind' => 'tetra'])->id, 'ask' => $helper->jobs()
                ->create(['text' => 'Look', 'every' => 1, 'first_on' => now()->format('Y-m-d')])->id,
            'arrival' => $tank->arrivals()->create([
                'what' => 'Eight', 'group' => 'fish', 'bag' => [], 'way' => 'drip', 'arrived_at' => now(),
                'quarantine_until' => now()->addDays(9)->format('Y-m-d'),
            ])->id, 'secret' => str_repeat('x', 43),
            'problem' => $problem->id, 'treatment' => $problem->treatments()
                ->create(['remedy' => 'hand', 'begun_at' => now(), 'check_on' => now()->format('Y-m-d')])->id,
            'dosePlan' => $tank->dosePlans()->create(['product_id' => $product->id, 'amount' => 1.0, 'every' => 1, 'starts_on' => now()->format('Y-m-d')])->id,
            'dose' => $tank->doses()->create([
                'product_id' => $product->id, 'name' => 'x', 'amount' => 1.0, 'unit' => 'g', 'brings' => ['calcium' => 1.0], 'given_at' => now(),
                'day' => now()->format('Y-m-d'),
            ])->id,
            'pinch' => $tank->pinchTrials()->create(['pinches' => 10, 'grams_each' => 0.04, 'taken_at' => now()])->id,
            'gaugeNote' => $tank->gaugeNotes()->create(['gauge' => 'heater', 'day' => now()->startOfDay(), 'value' => 300])->id,
            'feedingOverride' => $tank->feedingOverrides()->create([
                'from_day' => now()->format('Y-m-d'), 'until_day' => now()->format('Y-m-d'), 'grams' => 0,
            ])->id,
            'lightDay' => $tank->lightDays()->create(['day' => now()->startOfDay(), 'hours' => 12])->id, 'spot' => $tank->layoutIssues()
                ->create(['kind' => 'too_tall', 'noted_at' => now()])->id, 'plantGroup' => $plantGroup->id, 'look' => $look->id, 'lamp' => $lamp
                ->id, 'lightReading' => $light->id,
            'job' => 'evening', 'term' => 'nitrate', 'tank' => $tank->id, 'water' => $water->id, 'checklist' => $checklist
                ->id, 'entry' => Entry::query()->where('tank_id', $tank->id)->latest('id')->firstOrFail()->id, 'position' => 1, 'device' => 'heater',
            'product' => $product->id, 'trial' => $trial->id, 'reservoir' => $reservoir->id, 'analysis' => $analysis->id, 'batch' => $batch->id,
            'recipe' => $owner->recipes()->create(['name' => 'Soft', 'content' => ['name' => 'Soft']])->id,
            'photo' => self::photo($owner, $tank, $checklist)->id,
            'rootTab' => $plantGroup->rootTabs()->create([
                'kind' => 'clay', 'number' => 1, 'placed_on' => now()->format('Y-m-d'),
            ])->id, 'parameter' => 'ph', 'topOff' => $tank->topOffs()->create(['litres' => 2.0, 'taken_at' => now()])->id, 'format' => 'json',
            'zone' => $tank->zones()->create(['left_edge' => 0, 'right_edge' => 0.5, 'front_edge' => 0, 'back_edge' => 1, 'cover' => 'sand'])->id,
            'other' => $tank->zones()->create(['left_edge' => 0.5, 'right_edge' => 1, 'front_edge' => 0, 'back_edge' => 1, 'cover' => 'sand'])->id,
        ];
    }
}
