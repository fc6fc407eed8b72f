<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\KeeperTables;
use App\Models\Batch;
use App\Models\Dose;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\PlantMeasurement;
use App\Models\Product;
use App\Models\RootTab;
use App\Models\SourceWater;
use App\Models\SubstrateZone;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** What was noted is put right and taken back, and leaves nothing behind. */
final class UndoTest extends FeatureCase
{
    /** @return array<string, list<string>> what is kept, table by table, without numbers and moments of writing */
    private static function all(): array
    {
        $found = [];
        foreach (array_keys(KeeperTables::all()) as $name) {
            $found[$name] = array_values(DB::table($name)->orderBy('id')->get()->map(static fn(object $row): string => (string) json_encode(array_diff_key(
                (array) $row,
                array_flip(['id', 'created_at', 'updated_at', 'data_version', 'plants_version']),
            )))->all());
        }

        return $found;
    }

    /** @return iterable<string, array{callable(self, Keeper, Tank, SourceWater): mixed}> each act that writes into the log */
    public static function acts(): iterable
    {
        yield 'a note' => [static fn(self $test, Keeper $keeper, Tank $tank) => $test->post(
            '/log',
            ['kind' => 'note', 'title' => 'A note', 'tank_id' => (string) $tank->id, 'happened_at' => '2026-03-20T11:00'],
        )];
        yield 'a test of the water' => [static fn(self $test, Keeper $keeper, Tank $tank) => $test->post(
            "/tanks/$tank->id/test",
            ['readings' => ['nitrate' => '20-40', 'ph' => '7']],
        )];
        yield 'a water change of before' => [static fn(self $test, Keeper $keeper, Tank $tank, SourceWater $water) => $test->post(
            "/tanks/$tank->id/water-changes",
            ['changed_at' => '2026-03-19T10:00', 'litres' => '15', 'water' => (string) $water->id],
        )];
        yield 'a dose' => [static function (self $test, Keeper $keeper, Tank $tank): void {
            $product = $keeper->products()->where('name', 'Green drops')->sole();
            $test->post("/tanks/$tank->id/doses", ['product_id' => (string) $product->id, 'amount' => '4', 'state' => 'given']);
        }];
        yield 'a job that was done' => [static function (self $test, Keeper $keeper): void {
            $test->post('/tasks/'.$keeper->chores()->sole()->id.'/done', ['found' => 'as_expected']);
        }];
        yield 'a batch that was made' => [static function (self $test): void {
            $test->post('/batches/'.Batch::query()->sole()->id.'/made');
        }];
        yield 'acid in a water' => [static fn(self $test, Keeper $keeper, Tank $tank, SourceWater $water) => $test->post(
            "/tanks/$tank->id/lower-kh",
            ['water' => (string) $water->id, 'litres' => '20', 'kind' => 'hydrochloric', 'percent' => '10', 'acid' => '3', 'to' => '', 'way' => 'change'],
        )];
        yield 'animals that died' => [static function (self $test, Keeper $keeper, Tank $tank): void {
            $test->post("/tanks/$tank->id/livestock/".$tank->animalKinds()->sole()->id, ['event' => 'died', 'count' => '2']);
        }];
    }

    /** @param callable(self, Keeper, Tank, SourceWater): mixed $act */
    #[DataProvider('acts')]
    public function testEveryActOfTheDiaryIsPutRightAndTakenBackWithoutATrace(callable $act): void
    {
        $this->travelTo('2026-03-20 12:00');
        [$keeper, $tank, $ro, $tap] = $this->bench();
        $keeper->products()->create([
            'name' => 'Green drops', 'salt' => Product::FEED, 'unit' => 'mL', 'label' => ['dose' => 5.0, 'litres' => 100.0, 'nitrate' => 2.0],
            'stock' => 100.0,
        ]);
        $keeper->products()->create([
            'name' => 'Acid', 'salt' => Product::ACID, 'unit' => 'mL', 'label' => ['kind' => 'hydrochloric', 'percent' => 10.0], 'stock' => 2.0,
        ]);
        $keeper->reservoirs()->create([
            'source_water_id' => $ro->id, 'name' => 'Barrel', 'capacity' => 60, 'level' => 30, 'litres_per_day' => 100, 'waste' => 3,
        ]);
        $chore = $keeper->chores()->create(['tank_id' => $tank->id, 'kind' => 'floss', 'last_at' => CarbonImmutable::parse('2026-03-10 18:00')]);
        $chore->turns()->create(['done_at' => CarbonImmutable::parse('2026-03-10 18:00'), 'since' => null]);
        $tank->animalKinds()->create(['kind' => 'tetra'])->events()->create(['kind' => 'came', 'count' => 9, 'day' => '2026-03-01']);
        $this->writeBatch(
            $keeper,
            [
                'tank' => (string) $tank->id, 'litres' => '20', 'waters' => [$ro->id],
                'jars' => $keeper->products()->where('salt', 'gypsum')->pluck('id')->all(), 'gh' => '6', 'kh' => '', 'ec' => '', 'ratio' => '',
            ],
        );
        $before = self::all();
        $act($this->actingAs($keeper->fresh() ?? $keeper), $keeper, $tank, $tap);
        self::assertNotSame($before, self::all(), 'something is kept');
        $entry = Entry::query()->where('keeper_id', $keeper->id)->latest('id')->firstOrFail();
        // It opens, and may be moved to another hour.
        $this->get("/entries/$entry->id/edit")->assertOk();
        $litres = $entry->kind === EntryKind::Change ? ['litres' => '15'] : [];
        $this->put("/entries/$entry->id", ['happened_at' => '2026-03-18T09:30', 'title' => $entry->title, 'body' => (string) $entry->body] + $litres)
            ->assertSessionHasNoErrors();
        self::assertSame('2026-03-18 09:30', $entry->refresh()->happened_at->format('Y-m-d H:i'));
        foreach ([
            'chore_turns' => 'done_at', 'animal_events' => 'day', 'doses' => 'day', 'readings' => 'taken_at', 'water_changes' => 'changed_at',
        ] as $table => $column) {
            foreach (DB::table($table)->where('entry_id', $entry->id)->pluck($column) as $moment) {
                self::assertStringStartsWith('2026-03-18', (string) (is_string($moment) ? $moment : ''), $table);
            }
        }
        $this->delete("/entries/$entry->id")->assertSessionHasNoErrors();
        self::assertSame($before, self::all());
    }

    public function testADoseThatIsTakenBackPutsBackWhatItTookAndNoMore(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $product = $keeper->products()->create([
            'name' => 'Green daily', 'salt' => Product::FEED, 'unit' => 'mL', 'stock' => 3,
            'label' => ['dose' => 10.0, 'litres' => 100.0, 'days' => 1, 'potassium' => 2.0],
        ]);
        $this->actingAs($keeper);
        foreach ([[10, 0.0], [2, 1.0]] as [$amount, $left]) {
            $this->post("/tanks/$tank->id/doses", ['product_id' => $product->id, 'amount' => (string) $amount, 'state' => 'given'])->assertSessionHasNoErrors();
            self::assertSame($left, $product->refresh()->stock);
        }
        $this->delete("/tanks/$tank->id/doses/".Dose::query()->sole()->id)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(3.0, Product::query()->findOrFail($product->id)->stock, 1e-9);
        // Out of the log is the same.
        $this->post("/tanks/$tank->id/doses", ['product_id' => $product->id, 'amount' => '10', 'state' => 'given']);
        $this->delete('/entries/'.Entry::query()->where('kind', EntryKind::Dose)->sole()->id)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(3.0, Product::query()->findOrFail($product->id)->stock, 1e-9);
    }

    public function testHeightsAndCutsArePutRightAndTakenBack(): void
    {
        $this->travelTo('2026-03-20 12:00');
        [$keeper, $tank] = $this->readyTank();
        $plantGroup = $tank->plantGroups()->create([
            'kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
        ]);
        $plantGroup->looks()->create(['happened_at' => now()->subDays(10), 'height' => 150, 'cover' => 1]);
        $base = "/tanks/$tank->id/plant-groups/$plantGroup->id";
        $this->actingAs($keeper)->post("/tanks/$tank->id/plants/measurements", ['height' => [$plantGroup->id => '350']])->assertSessionHasNoErrors();
        $slip = $plantGroup->looks()->reorder()->orderByDesc('id')->firstOrFail();
        self::assertSame(350.0, $slip->height);
        $this->get($base)->assertOk()->assertSeeText('What was noted')->assertSee('value="350"', false);
        $this->put("$base/looks/$slip->id", ['happened_at' => '2026-03-20T11:00', 'after' => 'tall'])->assertSessionHasErrors('after');
        $this->put("$base/looks/$slip->id", ['happened_at' => '2026-03-20T11:00', 'before' => '100', 'after' => '200'])->assertSessionHasErrors('after');
        $this->put("$base/looks/$slip->id", ['happened_at' => '2026-03-20T11:00', 'after' => '200'])->assertSessionHasNoErrors();
        self::assertSame(200.0, $slip->refresh()->height);
        $this->post("$base/cut", ['before' => '210', 'after' => '80'])->assertSessionHasNoErrors();
        $cut = $plantGroup->looks()->reorder()->orderByDesc('id')->firstOrFail();
        $version = $tank->refresh()->getAttribute('plants_version');
        $this->delete("$base/looks/$cut->id")->assertSessionHasNoErrors();
        self::assertSame(2, $plantGroup->looks()->count());
        // Nothing old is drawn.
        self::assertNotSame($version, $tank->refresh()->getAttribute('plants_version'));
        $this->delete("$base/looks/$slip->id")->assertSessionHasNoErrors();
        $this->delete("$base/looks/".$plantGroup->looks()->sole()->id)->assertSessionHasErrors('look');
        // Another keeper's stand is none.
        [$other] = $this->readyTank('Other');
        $this->actingAs($other)->delete("$base/looks/".$plantGroup->looks()->sole()->id)->assertNotFound();
    }

    public function testRootTabsArePutRightAndTakenBack(): void
    {
        $this->travelTo('2026-03-20 12:00');
        [$keeper, $tank] = $this->readyTank();
        $plantGroup = $tank->plantGroups()->create([
            'kind' => 'cryptocoryne_wendtii', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
        ]);
        $plantGroup->looks()->create(['happened_at' => now()->subDays(10), 'height' => 90, 'cover' => 1]);
        $plantGroup->rootTabs()->create(['kind' => 'clay', 'number' => 3, 'placed_on' => '2026-01-05']);
        // The field begins with as many as there were: a tap does not make three one.
        $this->actingAs($keeper)->get("/tanks/$tank->id/fertilising")->assertSee('name="number" value="3"', false);
        $this->post("/tanks/$tank->id/plant-groups/$plantGroup->id/root-tabs", ['number' => '3', 'kind' => 'clay'])->assertSessionHasNoErrors();
        $today = RootTab::query()->orderByDesc('id')->firstOrFail();
        $this->put("/tanks/$tank->id/plant-groups/$plantGroup->id/root-tabs/$today->id", ['number' => '2', 'placed_on' => '2026-03-19'])
            ->assertSessionHasNoErrors();
        self::assertSame([2, '2026-03-19'], [$today->refresh()->number, $today->placed_on->format('Y-m-d')]);
        $this->put("/tanks/$tank->id/plant-groups/$plantGroup->id/root-tabs/$today->id", ['number' => '2', 'placed_on' => '2026-04-19'])
            ->assertSessionHasErrors('placed_on');
        $this->delete("/tanks/$tank->id/plant-groups/$plantGroup->id/root-tabs/$today->id")->assertSessionHasNoErrors();
        self::assertSame([3], RootTab::query()->pluck('number')->all());
    }

    public function testASessionThatIsTakenOutOfTheDiaryTakesItsCutsAndItsPatchesAlong(): void
    {
        $this->travelTo('2026-03-20 12:00');
        [$keeper, $tank] = $this->readyTank();
        $plantGroup = $tank->plantGroups()->create([
            'kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
        ]);
        $plantGroup->looks()->create(['happened_at' => now()->subDays(10), 'height' => 250, 'cover' => 1]);
        $zone = $tank->zones()->create([
            'left_edge' => 0, 'right_edge' => 1, 'front_edge' => 0, 'back_edge' => 1, 'cover' => 'sand',
            'cleaned_at' => CarbonImmutable::parse('2026-02-01 10:00'),
        ]);
        $zone->cleanings()->create(['cleaned_at' => CarbonImmutable::parse('2026-02-01 10:00')]);
        $checklist = $this->writeRun($keeper, $tank, ['dry' => '1', 'tasks' => ['trim']]);
        $plantGroup->looks()->create(['checklist_id' => $checklist->id, 'happened_at' => now(), 'height' => 100, 'before' => 260, 'cover' => 1]);
        $zone->cleanings()->create(['checklist_id' => $checklist->id, 'cleaned_at' => now()]);
        $zone->update(['cleaned_at' => now()]);
        $checklist->update(['state' => 'done', 'finished_at' => now()]);
        $entry = $keeper->entries()->create([
            'tank_id' => $tank->id, 'checklist_id' => $checklist->id, 'kind' => EntryKind::Work, 'title' => 'Trim', 'happened_at' => now(),
        ]);
        $this->get("/entries/$entry->id/edit")->assertSeeText('It is deleted, with its tests, trims and gravel-vac zones.');
        $this->delete("/entries/$entry->id")->assertSessionHasNoErrors();
        self::assertSame([250.0], PlantMeasurement::query()->where('plant_group_id', $plantGroup->id)->pluck('height')->all());
        self::assertSame('2026-02-01', SubstrateZone::query()->sole()->cleaned_at?->format('Y-m-d'));
        self::assertSame(0, $checklist->steps()->where('skipped', false)->count());
    }
}
