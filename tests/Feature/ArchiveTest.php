<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\ImportArchive;
use App\Console\Commands\KeeperSchema;
use App\Exchange\KeeperArchive;
use App\Exchange\KeeperTables;
use App\Models\Checklist;
use App\Models\Entry;
use App\Models\Helper;
use App\Models\Keeper;
use App\Models\Photo;
use App\Models\PlantGroup;
use App\Models\Reading;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use ZipArchive;

/** All that a keeper keeps goes out as one file and comes in again elsewhere as it was. */
final class ArchiveTest extends FeatureCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    private function out(Keeper $keeper): string
    {
        $answer = $this->actingAs($keeper)->get('/account/data')->assertOk()->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $answer);
        copy($answer->getFile()->getPathname(), $path = $answer->getFile()->getPathname().'.zip');

        return $path;
    }

    /** @return TestResponse<Response> */
    private function in(Keeper $keeper, string $path): TestResponse
    {
        return $this->actingAs($keeper)->from('/account')->post(
            '/account/data',
            ['archive' => new UploadedFile($path, 'cresco.zip', 'application/zip', null, true)],
        );
    }

    /** @return array<string, string> what an archive holds, by name, but for its day */
    private static function held(string $path): array
    {
        $zip = new ZipArchive();
        self::assertTrue($zip->open($path));
        $held = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $name = (string) $zip->getNameIndex($i);
            $bytes = (string) $zip->getFromIndex($i);
            // Photos are written again: of them the size stays.
            $held[$name] = str_ends_with($name, '.jpg')
                ? (string) json_encode(getimagesizefromstring($bytes))
                : (string) preg_replace('/"made_at": "[^"]+"/', '', $bytes);
        }
        ksort($held);

        return $held;
    }

    /** The installation has had other keepers before, so that no number stays what it was. */
    private function elsewhere(): Keeper
    {
        [$other] = $this->bench('Other');

        return tap($this->keeper('Elsewhere'), static fn() => self::assertGreaterThan(0, $other->id));
    }

    #[Group('long')]
    public function testTheWholeDemoComesBackAsItWas(): void
    {
        $this->demo();
        $first = $this->out(Keeper::query()->where('is_demo', true)->firstOrFail());
        $new = $this->elsewhere();
        $this->in($new, $first)->assertSessionHasNoErrors()->assertRedirect('/account')->assertSessionHas('status');
        self::assertSame(self::held($first), self::held($this->out($new->refresh())));
        // And is lived in: pages with its water, its plants, its photos.
        $tank = Tank::query()->where('keeper_id', $new->id)->where('name', 'Long Meadow')->firstOrFail();
        $this->get('/')->assertOk()->assertSee('Long Meadow');
        foreach (['', '/plants', '/fertilising', '/log', '/gravel-vac', '/maintenance', '/water-change', '/problems'] as $page) {
            $this->get("/tanks/$tank->id$page")->assertOk();
        }
        $this->get('/photos/'.Photo::query()->where('keeper_id', $new->id)->firstOrFail()->id)->assertOk();
        self::assertNothingHangs();
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 6) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    #[Group('long')]
    public function testARandomDiaryGoesOutAndInWithoutLoss(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        [$keeper, $tank, $water] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['tasks' => ['glass']]);
        $this->oneOfEach($keeper, $tank, $water, $checklist);
        Photo::query()->delete();
        $this->fill($random, $keeper);
        $first = $this->out($keeper);
        $new = $this->elsewhere();
        $this->in($new, $first)->assertSessionHasNoErrors();
        $again = $this->out($new->refresh());
        self::assertSame(self::held($first), self::held($again));
        foreach (KeeperTables::all() as $name => $table) {
            self::assertContains("records/$name.json", array_keys(self::held($again)));
        }
        // Nothing of it hangs on the first keeper's records.
        self::assertSame([], DB::select('select 1 from entries e join tanks t on t.id = e.tank_id where e.keeper_id <> t.keeper_id'));
        self::assertNothingHangs();
    }

    /** Words that are hard to carry, numbers of all sizes, and sheets that point to what is gone. */
    private function fill(Randomizer $random, Keeper $keeper): void
    {
        $words = [
            'plain', 'mit Umlaut äöü', "two\nlines", '=SUM(A1)', '"quoted", with commas', '🐟 and 水草', "'apostrophe", '</script><b>', '0', '-1.5e3',
            'C:\\bed\\fish \\u0012', "a page\fof a book",
        ];
        $word = static fn(): string => $words[$random->getInt(0, count($words) - 1)].$random->getInt(0, 99);
        $tank = Tank::query()->where('keeper_id', $keeper->id)->firstOrFail();
        for ($i = $random->getInt(5, 30); $i > 0; --$i) {
            $entry = new Entry([
                'tank_id' => $random->getInt(0, 1) === 0 ? null : $tank->id, 'kind' => 'note', 'title' => $word(),
                'body' => $random->getInt(0, 1) === 0 ? null : $word(), 'happened_at' => now()->subMinutes($random->getInt(0, 500_000)),
            ]);
            $entry->keeper_id = $keeper->id;
            $entry->save();
            if ($entry->tank_id !== null) {
                $value = $random->getInt(1, 10 ** 9) / 10 ** $random->getInt(7, 9);
                $entry->readings()->create([
                    'tank_id' => $tank->id, 'parameter' => 'nitrate', 'method' => 'exact', 'value' => $value, 'low' => $value / 3,
                    'high' => $value * 1.1, 'taken_at' => $entry->happened_at,
                ]);
            }
        }
        for ($i = $random->getInt(0, 6); $i > 0; --$i) {
            $keeper->recipes()->create([
                'name' => $word(),
                'content' => ['name' => $word(), 'litres' => $random->getInt(1, 100), 'target' => (object) [], 'waters' => [], 'jars' => []],
            ]);
            $keeper->waters()->create(['name' => $word(), 'kind' => 'tap', 'note' => $word()]);
        }
        $plantGroup = PlantGroup::query()->where('tank_id', $tank->id)->firstOrFail();
        foreach ([
            $tank->id.'.change', $tank->id.'.stand.'.$plantGroup->id, $tank->id.'.task.trim', 'chore.'.$keeper->chores()->firstOrFail()->id,
            $tank->id.'.stand.999999',
        ] as $n => $job) {
            $keeper->pinnedJobs()->create(['job' => $job, 'day' => now()->addDays($n)->format('Y-m-d')]);
        }
        foreach (Checklist::query()->where('keeper_id', $keeper->id)->firstOrFail()->steps()->limit(3)->get() as $step) {
            $step->update(['content' => [
                'patches' => [1, 2, 999_999], 'stands' => [['stand' => $plantGroup->id, 'before' => 3.5, 'to' => 1]],
                'doses' => [['jar' => 999_999, 'amount' => 2.0]], 'batch' => 999_999,
            ] + $step->content->toKeep()]);
        }
        $keeper->update([
            'week' => ['minutes' => array_fill(0, 7, $random->getInt(0, 300)), 'hours' => array_fill(0, 7, '18:30'), 'set_up' => 5],
            'timezone' => 'Asia/Kolkata', 'scale_step' => 0.01,
        ]);
        $image = imagecreatetruecolor(64, 48);
        imagefilledellipse($image, $random->getInt(0, 64), $random->getInt(0, 48), 20, 20, $random->getInt(0, 0xFFFFFF));
        ob_start();
        imagejpeg($image);
        Storage::disk('local')->put("photos/$keeper->id/a.jpg", (string) ob_get_clean());
        $photo = new Photo(['tank_id' => $tank->id, 'file' => $keeper->id.'/a.jpg', 'width' => 64, 'height' => 48, 'taken_at' => now()]);
        $photo->keeper_id = $keeper->id;
        $photo->save();
    }

    public function testEveryTableWithAWayToAKeeperGoesAlong(): void
    {
        $known = array_keys(KeeperTables::all());
        foreach (Schema::getTables() as $table) {
            if (Schema::getForeignKeys($table['name']) !== [] && $table['name'] !== 'water_states') {
                self::assertContains($table['name'], $known);
            }
        }
        self::assertGreaterThan(45, count($known));
        self::assertLessThan(array_search('readings', $known, true), array_search('entries', $known, true));
    }

    public function testOneOfEachComesBackWithWhatTheHandLaidAndWhatIsLearnedAnew(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank);
        $of = $this->oneOfEach($keeper, $tank, $water, $checklist);
        Storage::disk('local')->put('photos/none.jpg', 'no picture');
        $day = now()->addDays(2)->format('Y-m-d');
        $laid = [
            "$tank->id.change", "$tank->id.task.glass", "$tank->id.next_day", "$tank->id.stand.{$of['plantGroup']}", "chore.{$of['chore']}",
            "check.{$of['treatment']}", "quarantine.{$of['arrival']}", "store.{$of['reservoir']}",
        ];
        foreach ($laid as $job) {
            $keeper->pinnedJobs()->create(['job' => $job, 'day' => $day]);
        }
        $keeper->learningResets()->create(['what' => 'turns.'.$of['chore'], 'since' => now()]);
        // One that points to what is gone says nothing more, and is no loss.
        $keeper->pinnedJobs()->create(['job' => 'chore.9999', 'day' => $day]);
        $records = KeeperArchive::records($keeper);
        foreach (KeeperTables::all() as $name => $table) {
            $there = DB::getSchemaBuilder()->hasColumn($name, 'keeper_id')
                ? DB::table($name)->where('keeper_id', $keeper->id)->count()
                : DB::table($name)->count();
            self::assertCount($there - ($name === 'pinned_jobs' ? 1 : 0), $records[$name], $name);
        }
        self::assertCount(count($laid), $records['pinned_jobs']);
        // Everything here is the first of its kind, so that words keep their numbers.
        $back = array_column($records['pinned_jobs'], 'job');
        self::assertContains('1.stand.1', $back);
        self::assertContains('chore.1', $back);
        self::assertContains('turns.1', array_column($records['learning_resets'], 'what'));
    }

    public function testThePublishedSchemaIsThatOfTheTables(): void
    {
        self::assertStringEqualsFile(base_path('docs/schema/keeper.schema.json'), KeeperSchema::text());
    }

    public function testSecretsStayBehind(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $keeper->forceFill(['feed_hash' => hash('sha256', 'feed'), 'remember_token' => 'remembered'])->save();
        $this->oneOfEach($keeper, $tank, $water, $this->writeRun($keeper, $tank));
        $all = implode('', self::held($this->out($keeper)));
        foreach ([$keeper->password, hash('sha256', 'feed'), 'remembered', Helper::query()->firstOrFail()->hash, 'wren@cresco.test'] as $secret) {
            self::assertStringNotContainsString($secret, $all);
        }
    }

    /** @return iterable<string, array{string, callable(array<mixed>): mixed, string}> file, what is done to it, what is said */
    public static function spoiled(): iterable
    {
        $first = static fn(array $change): callable => static function (array $rows) use ($change): array {
            $rows[0] = $change + (array) $rows[0];

            return $rows;
        };
        yield 'a tank without a size' => ['records/tanks.json', $first(['outer_length' => 0.0]), 'something impossible'];
        yield 'a shape that is none' => ['records/tanks.json', $first(['shape' => 'teapot']), 'record 1'];
        yield 'a column that is none' => ['records/tanks.json', $first(['keeper_id' => 1]), 'record 1'];
        yield 'a number of letters' => ['records/readings.json', $first(['value' => 'much']), 'record 1'];
        yield 'a number without end' => ['records/readings.json', $first(['value' => 1e300]), 'record 1'];
        yield 'a tank that is not there' => ['records/entries.json', $first(['tank_id' => 77, 'source_water_id' => 78]), ''];
        yield 'an entry that is not there' => ['records/readings.json', $first(['entry_id' => 4711]), 'points to a record that does not exist'];
        yield 'one number twice' => ['records/readings.json', static fn(array $rows): array => [...$rows, $rows[0]], 'twice'];
        yield 'a day that is none' => ['records/entries.json', $first(['happened_at' => 'yesterday']), 'record 1'];
        yield 'a reading that no water has' => ['records/readings.json', $first(['value' => 9e8]), 'etween'];
        yield 'a month that is none' => ['records/entries.json', $first(['happened_at' => '2026-13-01 10:00:00']), 'record 1'];
        yield 'the year nought' => ['records/entries.json', $first(['happened_at' => '0000-01-01 10:00:00']), 'record 1'];
        yield 'a name without end' => ['records/tanks.json', $first(['name' => str_repeat('n', 81)]), 'record 1'];
        yield 'characters that are not text' => ['records/tanks.json', $first(['name' => "Long\0Meadow"]), 'characters that are not text'];
        yield 'two kits for one value' => ['records/kits.json', static fn(array $rows): array => array_map(
            static fn(int $id): array => ['id' => $id, 'parameter' => 'ph', 'method' => 'pen', 'unit' => 'ph', 'step' => 0.1, 'fields' => []],
            [1, 2],
        ), 'kits, record 2'];
        yield 'such signs within what is kept as JSON' => [
            'records/recipes.json', static fn(array $rows): array => [['id' => 1, 'name' => 'Soft', 'content' => ['name' => "a\x07b"]]],
            'characters that are not text',
        ];
        yield 'another format' => [
            'cresco.json', static fn(array $head): array => ['format' => 'else'] + $head,
            'That is not an archive from Cresco. Choose a file that you downloaded',
        ];
        yield 'more animals than a tank may have' => ['records/animals.json', static fn(array $rows): array => array_map(
            static fn(int $id): array => ['id' => $id, 'tank_id' => 1, 'kind' => 'tetra', 'name' => null, 'length' => null],
            range(1, 61),
        ), 'more than 60'];
        yield 'a later version' => ['cresco.json', static fn(array $head): array => ['version' => 99] + $head, 'newer Cresco'];
        yield 'no JSON' => ['records/tanks.json', static fn(array $rows): string => '[{', 'cannot be read'];
        yield 'a photo that is none' => ['photos/1.jpg', static fn(array $rows): string => '<?php echo 1;', 'not a photo'];
    }

    /** @param callable(array<mixed>): mixed $change */
    #[DataProvider('spoiled')]
    public function testWhatDoesNotHoldIsRefusedWhole(string $file, callable $change, string $said): void
    {
        [$keeper] = $this->readyTank();
        $this->fillPhoto($keeper);
        $path = $this->out($keeper);
        $zip = new ZipArchive();
        $zip->open($path);
        $was = json_decode((string) $zip->getFromName($file), true);
        $new = $change(is_array($was) ? $was : []);
        $zip->addFromString($file, is_string($new) ? $new : json_encode($new, KeeperArchive::JSON));
        $zip->close();
        $other = $this->elsewhere();
        $other->update(['timezone' => 'Asia/Kolkata', 'bucket_litres' => 7.5]);
        $other->kits()->create(['parameter' => 'ph', 'method' => 'pen', 'unit' => 'ph', 'step' => 0.1, 'fields' => []]);
        $before = $this->kept();
        $answer = $this->in($other, $path);
        if ($said === '') {
            // What may be without another record is without it.
            $answer->assertSessionHasNoErrors();
            self::assertNull(Entry::query()->where('keeper_id', $other->id)->orderBy('id')->firstOrFail()->tank_id);

            return;
        }
        $answer->assertSessionHasErrors('archive');
        $errors = session('errors');
        self::assertStringContainsString($said, $errors instanceof ViewErrorBag ? $errors->getBag('default')->first('archive') : '');
        self::assertSame($before, $this->kept());
        // Its settings are its own still.
        self::assertSame(
            ['Elsewhere', 'Asia/Kolkata', 7.5, 0.1],
            [$other->refresh()->name, $other->timezone, $other->bucket_litres, $other->kits()->firstOrFail()->step],
        );
        self::assertSame([], Storage::disk('local')->allFiles('photos/'.$other->id));
    }

    /** @return iterable<string, array{string}> */
    public static function older(): iterable
    {
        yield 'of the first version, where a problem had one photo' => ['archive-1.zip'];
        yield 'of the second, under its names' => ['archive-2.zip'];
    }

    /** Both hold the same keeper, as an installation of that time gave it out. */
    #[DataProvider('older')]
    public function testAnOlderArchiveComesInWhole(string $file): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-12-02 18:00'));
        $other = $this->elsewhere();
        copy(__DIR__.'/data/'.$file, $path = (string) tempnam(sys_get_temp_dir(), 'cresco'));
        $this->in($other, $path)->assertSessionHasNoErrors();
        $out = KeeperArchive::records($other->refresh());
        // As many as its own head says, by the names of that time.
        foreach ([
            'absences' => 1, 'calendar_blocks' => 1, 'checklist_steps' => 247, 'checklists' => 15, 'feeding_overrides' => 4, 'follow_ups' => 15, 'layout_issues' => 1, 'learning_resets' => 2, 'meter_trials' => 1,
            'pinned_jobs' => 2, 'plant_groups' => 18, 'plant_measurements' => 49, 'problem_photos' => 1, 'problems' => 3, 'products' => 13, 'readings' => 507, 'reservoirs' => 1, 'root_tabs' => 3, 'source_waters' => 5,
            'substrate_zones' => 8, 'tank_cycles' => 1, 'tanks' => 7, 'top_offs' => 45, 'water_changes' => 41, 'zone_vacuumings' => 7,
        ] as $table => $count) {
            self::assertCount($count, $out[$table], $table);
        }
        // What points within words and JSON points on: the day that was picked for a trim, and the first tank's water and dosing method.
        $tank = $other->tanks()->orderBy('id')->firstOrFail();
        self::assertSame($tank->id.'.stand.'.$tank->plantGroups()->orderBy('id')->firstOrFail()->id, $other->pinnedJobs()->orderBy('id')->firstOrFail()->job);
        self::assertContains($tank->source_water_id, $other->waters()->pluck('id')->all());
        self::assertNotNull($tank->dosing_method);
        self::assertGreaterThan(0.0, $tank->substrate_back);
        foreach ([
            '/', '/week', '/log', '/supplies/products', "/tanks/$tank->id", "/tanks/$tank->id/water-change", "/tanks/$tank->id/plants",
            "/tanks/$tank->id/fertilising", "/tanks/$tank->id/problems",
        ] as $page) {
            $this->actingAs($other)->get($page)->assertOk();
        }
    }

    public function testAPhotoComesInWithoutWhatHangsBesideIt(): void
    {
        [$keeper] = $this->readyTank();
        $this->fillPhoto($keeper);
        $file = Storage::disk('local')->path("photos/$keeper->id/a.jpg");
        $bytes = (string) file_get_contents($file);
        // One in a comment of the header, one behind the end of the picture, which a further end closes.
        file_put_contents(
            $file,
            substr($bytes, 0, 2)."\xFF\xFE".pack('n', 2 + 22).'<?php echo "header";?>'.substr($bytes, 2).'<?php echo "behind";?>'."\xFF\xD9",
        );
        $new = $this->elsewhere();
        $this->in($new, $this->out($keeper))->assertSessionHasNoErrors();
        $kept = (string) Storage::disk('local')->get('photos/'.Photo::query()->where('keeper_id', $new->id)->sole()->file);
        self::assertStringNotContainsString('<?php', $kept);
        self::assertSame([8, 8], array_slice((array) getimagesizefromstring($kept), 0, 2));
    }

    /** @param iterable<string> $records */
    private function withReadings(string $path, iterable $records): void
    {
        $file = $path.'.readings';
        $out = fopen($file, 'wb');
        self::assertIsResource($out);
        fwrite($out, '[');
        $isFirst = true;
        foreach ($records as $record) {
            fwrite($out, ($isFirst ? '' : ',').$record);
            $isFirst = false;
        }
        fwrite($out, ']');
        fclose($out);
        $zip = new ZipArchive();
        $zip->open($path);
        $zip->addFile($file, 'records/readings.json');
        $zip->close();
        unlink($file);
    }

    #[Group('long')]
    public function testALongDiaryComesInWithLittleMemory(): void
    {
        [$keeper] = $this->readyTank();
        $path = $this->out($keeper);
        $reading = Reading::query()->whereNotNull('tank_id')->where('parameter', 'nitrate')->firstOrFail();
        $this->withReadings($path, (static function () use ($reading): iterable {
            for ($id = 1; $id <= 20_000; ++$id) {
                yield json_encode(
                    [
                        'id' => $id, 'tank_id' => 1, 'entry_id' => 1, 'parameter' => 'nitrate', 'method' => 'between', 'value' => 30.0, 'low' => 20.0,
                        'high' => 40.0, 'taken_at' => $reading->taken_at->subHours($id)->format('Y-m-d H:i:s'),
                    ],
                    JSON_THROW_ON_ERROR,
                );
            }
        })());
        $other = $this->elsewhere();
        gc_collect_cycles();
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $this->in($other, $path)->assertSessionHasNoErrors();
        self::assertLessThan(64e6, memory_get_peak_usage() - $before);
        self::assertSame(20_000, DB::table('readings')->where('tank_id', Tank::query()->where('keeper_id', $other->id)->sole()->id)->count());
        self::assertSame(0, DB::table('keepers')->whereNotNull('incoming_for')->count());
    }

    public function testMillionsOfNothingAreRefusedAtTheFirst(): void
    {
        [$keeper] = $this->readyTank();
        $path = $this->out($keeper);
        $this->withReadings($path, (static function (): iterable {
            for ($n = 0; $n < 20_000; ++$n) {
                yield implode(',', array_fill(0, 200, '{}'));
            }
        })());
        $other = $this->elsewhere();
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $this->in($other, $path)->assertSessionHasErrors('archive');
        self::assertLessThan(64e6, memory_get_peak_usage() - $before);
    }

    public function testWhatWasCutOffOnItsWayInIsClearedAndBarsNothing(): void
    {
        [$keeper] = $this->readyTank();
        $path = $this->out($keeper);
        $other = $this->elsewhere();
        $left = new Keeper(['name' => 'Elsewhere', 'email' => 'incoming-1@cresco.invalid', 'password' => 'nobody knows it']);
        $left->forceFill(['incoming_for' => $other->id])->save();
        $this->tank($left, $this->water($left));
        $this->in($other, $path)->assertSessionHasNoErrors();
        self::assertSame(1, $other->tanks()->count());
        self::assertFalse(Keeper::query()->whereKey($left->id)->exists());
        // At the next start, too.
        $left = new Keeper(['name' => 'Elsewhere', 'email' => 'incoming-2@cresco.invalid', 'password' => 'nobody knows it']);
        $left->forceFill(['incoming_for' => $other->id])->save();
        $tank = $this->tank($left, $this->water($left));
        self::assertSame(1, ImportArchive::clearLeft());
        self::assertFalse(Tank::query()->whereKey($tank->id)->exists());
        self::assertSame(1, $other->tanks()->count());
    }

    public function testOthersWriteWhileAnArchiveComesIn(): void
    {
        [$keeper] = $this->readyTank();
        $path = $this->out($keeper);
        $this->withReadings($path, (static function (): iterable {
            for ($id = 1; $id <= 1_000; ++$id) {
                yield json_encode(
                    [
                        'id' => $id, 'tank_id' => 1, 'entry_id' => 1, 'parameter' => 'ph', 'method' => 'exact', 'value' => 7.0, 'low' => 7.0,
                        'high' => 7.0, 'taken_at' => sprintf('2026-01-01 %02d:%02d:00', intdiv($id, 60), $id % 60),
                    ],
                    JSON_THROW_ON_ERROR,
                );
            }
        })());
        $other = $this->elsewhere();
        // Another keeper's note falls between two writes, and numbers do not clash.
        $between = 0;
        DB::listen(function (QueryExecuted $query) use (&$between, $keeper): void {
            if (str_starts_with($query->sql, 'insert into "readings"') && ++$between === 3) {
                $keeper->entries()->create(['kind' => 'note', 'title' => 'In between', 'happened_at' => now()]);
            }
        });
        $this->in($other, $path)->assertSessionHasNoErrors();
        self::assertGreaterThanOrEqual(5, $between);
        self::assertSame(1_000, DB::table('readings')->whereIn('tank_id', Tank::query()->where('keeper_id', $other->id)->select('id'))->count());
        self::assertSame(1, $keeper->entries()->where('title', 'In between')->count());
    }

    private function fillPhoto(Keeper $keeper): void
    {
        $image = imagecreatetruecolor(8, 8);
        ob_start();
        imagejpeg($image);
        Storage::disk('local')->put("photos/$keeper->id/a.jpg", (string) ob_get_clean());
        $photo = new Photo([
            'tank_id' => Tank::query()->where('keeper_id', $keeper->id)->firstOrFail()->id, 'file' => $keeper->id.'/a.jpg', 'width' => 8,
            'height' => 8, 'taken_at' => now(),
        ]);
        $photo->keeper_id = $keeper->id;
        $photo->save();
    }

    private function kept(): int
    {
        return (int) array_sum(array_map(static fn(string $name): int => DB::table($name)->count(), array_keys(KeeperTables::all())));
    }

    public function testAnAccountInWhichSomethingIsKeptTakesNoneIn(): void
    {
        [$keeper] = $this->readyTank();
        $path = $this->out($keeper);
        $before = $this->kept();
        $this->in($keeper, $path)->assertSessionHasErrors(['archive' => __('account.archive.not_empty')]);
        $new = $this->elsewhere();
        // Whatever it is that is kept: nothing of it gives way.
        $supply = $new->supplies()->create(['name' => 'Food', 'unit' => 'g', 'left' => 20, 'weekly' => 5, 'lead_days' => 5, 'counted_on' => '2026-01-02']);
        $this->in($new, $path)->assertSessionHasErrors(['archive' => __('account.archive.not_empty')]);
        self::assertNotNull($supply->fresh());
        file_put_contents($path, 'no archive');
        $this->in($this->keeper('Third'), $path)->assertSessionHasErrors(['archive' => __('account.archive.none')]);
        $this->post('/account/data')->assertSessionHasErrors(['archive' => __('account.archive.choose')]);
        self::assertSame(0, Tank::query()->where('keeper_id', $new->id)->count());
        self::assertGreaterThan(0, $before);
    }
}
