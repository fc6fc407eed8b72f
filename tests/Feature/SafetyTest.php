<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\AtomicFileSessionHandler;
use App\Models\Checklist;
use App\Models\Entry;
use App\Models\Keeper;
use App\Models\Reading;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Routing\Route;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ViewErrorBag;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

final class SafetyTest extends FeatureCase
{
    public function testNoPageCarriesScriptOrStyleInItself(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank);
        $records = $this->oneOfEach($keeper, $tank, $water, $checklist);
        $seen = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if ($route->methods()[0] !== 'GET' || preg_match('#^(storage|photos|bare|sign-|password|help/|calendar|up$)#', $route->uri()) === 1) {
                continue;
            }
            $page = $this->fill($route, $records);
            $answer = $this->actingAs($keeper)->get($page);
            if ($answer->isRedirection() || !str_starts_with((string) $answer->headers->get('Content-Type'), 'text/html')) {
                continue;
            }
            $answer->assertOk();
            ++$seen;
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            self::assertStringContainsString("script-src 'self'", $policy);
            self::assertStringNotContainsString('unsafe', $policy);
            $html = (string) $answer->getContent();
            self::assertDoesNotMatchRegularExpression('/<script(?![^>]*\ssrc=)[^>]*>/', $html, $page);
            self::assertDoesNotMatchRegularExpression('/<style|\sstyle="|\son\w+="/', $html, $page);
            self::assertDoesNotMatchRegularExpression('#(?:src|href)="(?:https?:)?//(?!127\.0\.0\.1|localhost)#', $html, $page);
        }
        self::assertGreaterThan(35, $seen);
    }

    /** @return iterable<string, array{mixed}> */
    public static function rubbish(): iterable
    {
        yield 'nothing' => [''];
        yield 'letters' => ['zzz'];
        yield 'negative' => ['-7'];
        yield 'huge' => ['99999999999999999999999'];
        yield 'not a number' => ['NaN'];
        yield 'ten thousand letters' => [str_repeat('x', 9999).'ä'];
        yield 'markup' => ['"><script>alert(1)</script>'];
        yield 'a list' => [['a' => ['b' => 'c']]];
        yield 'broken letters' => ["\xB1\x31"];
    }

    #[DataProvider('rubbish')]
    #[Group('long')]
    public function testRubbishInEveryFieldOfEveryFormIsNeverAServerError(mixed $rubbish): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank);
        $fields = [
            'name', 'shape', 'outer_length', 'outer_depth', 'middle_depth', 'outer_height', 'glass', 'water_below_rim', 'substrate_back', 'substrate_front', 'porosity',
            'stone_kg', 'stone_height', 'wood_kg', 'wood_height', 'measured_litres', 'measured_spread', 'animals', 'fish_height', 'warmth', 'ph_set_point',
            'nitrate_per_day', 'routine_share', 'routine_days', 'source_water_id', 'second_source_water_id', 'second_share', 'devices', 'kind', 'note', 'title', 'body',
            'tank_id', 'happened_at', 'taken_at', 'readings', 'reason', 'way', 'nitrate_goal', 'conductivity_goal', 'treatment_out', 'litres', 'percent',
            'mark', 'buckets', 'drains', 'water', 'second_water', 'waterline', 'stream', 'working', 'step', 'to', 'left_on', 'skip', 'theme', 'timezone',
            'volume_unit', 'bucket_litres', 'pen_factor', 'kits', 'cursor', 'page', 'email', 'password',
            'tank', 'tank_was', 'animals_was', 'gh', 'kh', 'ec', 'ratio', 'share', 'waters', 'jars', 'cap', 'spoons', 'minerals', 'prefer', 'recipe_name',
            'per_litre', 'bottle', 'read', 'ph', 'celsius', 'looks', 'from', 'by', 'grams', 'before', 'rise', 'salt', 'unit', 'label', 'purity', 'price', 'stock',
            'shown', 'known', 'capacity', 'level', 'litres_per_day', 'waste', 'membrane_on', 'resin_on', 'in', 'out', 'first', 'need', 'ions', 'hardness',
            'alkalinity', 'conductivity', 'sampled_on', 'top_up', 'change', 'chlorine', 'dose', 'for', 'strength', 'given', 'scale_step', 'simulated', 'file',
            'tasks', 'order', 'day', 'schools', 'back', 'cover', 'bore', 'length', 'drop', 'bore2', 'pump', 'reach', 'cold', 'hot', 'goal', 'watts', 'room',
            'below', 'minutes', 'photo', 'inflow', 'dry', 'signs', 'signs_was', 'guess', 'tube', 'size', 'grain', 'low', 'high', 'swing', 'patches', 'patches_asked',
        ];
        $all = array_fill_keys($fields, $rubbish);
        $deep = ['readings' => array_fill_keys(['nitrate', 'ph', 'conductivity'], $rubbish), 'devices' => ['heater' => [
            'on' => '1', 'top' => $rubbish, 'across' => $rubbish,
        ]], 'kits' => ['nitrate' => ['fields' => $rubbish]],
            'cap' => ['Na' => $rubbish], 'waters' => [$rubbish], 'jars' => [$rubbish], 'label' => [
                'dose' => $rubbish, 'litres' => '20', 'gh' => $rubbish,
            ], 'ions' => ['Ca' => $rubbish],
            'need' => [$tank
                ->id => $rubbish], 'tasks' => [$rubbish, 'glass'], 'signs' => [$rubbish, 'film'], 'low' => ['ph' => $rubbish], 'high' => $rubbish, 'swing' => ['conductivity' => $rubbish], 'patches' => [$rubbish], 'schools' => ['glass' => $rubbish], 'simulated' => [$rubbish]] + $all;
        $records = ['entry' => Entry::query()->max('id')] + $this->oneOfEach($keeper, $tank, $water, $checklist);
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'storage/') || in_array(
                $route->uri(),
                ['sign-out', 'sign-in/demo'],
                true,
            ) || in_array('DELETE', $route->methods(), true)) {
                continue;
            }
            // Each goes to each form in one of both shapes: in every field, or within the lists too; of the next rubbish it is the other one.
            $isDeep = crc32($route->uri().$this->dataName()) % 2 === 0;
            $sent = $isDeep ? $deep : $all;
            // Letters by the megabyte take a second to read: each form gets them in every fourth of its fields.
            if (is_string($rubbish) && strlen($rubbish) > 1000) {
                $sent = array_filter($sent, static fn(string $field): bool => crc32($field.$route->uri()) % 4 === 0, ARRAY_FILTER_USE_KEY);
            }
            // Only pages answer to htmx with less than the whole.
            $isPart = !$isDeep && in_array('GET', $route->methods(), true);
            $status = $this->actingAs($keeper)->withHeaders(['HX-Request' => $isPart ? 'true' : ''])
                ->call($route->methods()[0], $this->fill($route, $records), $sent)->getStatusCode();
            self::assertLessThan(500, $status, $route->methods()[0].' '.$route->uri());
        }
        self::assertSame(1, Tank::query()->count());
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, int}> page, field, what else is typed, and letters that fit */
    public static function letters(): iterable
    {
        yield 'the name of a water' => ['/source-waters', 'name', ['kind' => 'tap'], 60];
        yield 'a note on a water' => ['/source-waters', 'note', ['name' => 'Well', 'kind' => 'tap'], 500];
        yield 'the name of a tank' => ['/tanks', 'name', [], 60];
        yield 'a note on readings' => ['/tanks/1/test', 'note', ['readings' => ['ph' => '7']], 1000];
        yield 'a line of the diary' => ['/log', 'title', ['kind' => 'note'], 160];
        yield 'a page of the diary' => ['/log', 'body', ['title' => 'Rain', 'kind' => 'note'], 5000];
        yield 'a job of its own' => ['/tasks', 'name', ['kind' => 'own', 'tank_id' => '1'], 80];
        yield 'why one is away' => ['/week/away', 'note', ['from_day' => '2026-03-02', 'until_day' => '2026-03-03'], 120];
        yield 'a word to a helper' => ['/helpers', 'note', ['name' => 'Ines', 'tank_id' => '1'], 500];
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('letters')]
    public function testHowManyLettersFitIsSaidAndSo(string $page, string $field, array $typed, int $most): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        self::countFromOne();
        [$keeper] = $this->readyTank();
        $this->actingAs($keeper)->post($page, [$field => str_repeat('ä', $most + 1)] + $typed)->assertSessionHasErrors($field);
        $said = session('errors');
        self::assertInstanceOf(ViewErrorBag::class, $said);
        self::assertStringContainsString("at most $most characters", strtolower($said->first($field)));
        $this->post($page, [$field => str_repeat('ä', $most)] + $typed)->assertSessionDoesntHaveErrors($field);
    }

    public function testPagesAskTheDatabaseAFixedNumberOfTimes(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $count = function (string $page) use ($keeper): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->actingAs($keeper->fresh() ?? $keeper)->get($page)->assertOk();

            return count(DB::getQueryLog());
        };
        // A tank whose nitrate is learned: the first look after a reading does the learning.
        foreach ([9, 2] as $days) {
            $this->read($keeper, $tank, ['nitrate' => '10-20'], CarbonImmutable::now()->subDays($days));
        }
        $count('/');
        $few = ['/' => $count('/'), '/log' => $count('/log'), "/tanks/$tank->id/water-change" => $count("/tanks/$tank->id/water-change")];
        foreach (range(1, 6) as $i) {
            $this->tank($keeper, $this->water($keeper, "Water $i"));
            $this->read($keeper, $tank, ['ph' => '7.1', 'nitrate' => '10-20']);
        }
        $count('/');
        foreach ($few as $page => $asked) {
            self::assertLessThanOrEqual($asked + 1, $count($page), $page);
        }
    }

    public function testASessionIsReplacedWholeSoThatNoneIsFoundHalfWritten(): void
    {
        $folder = sys_get_temp_dir().'/cresco-sessions-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $sessions = new AtomicFileSessionHandler(new Filesystem(), $folder, 10);
        $sessions->write('one', 'before');
        // Whoever reads meanwhile has the old one to its end.
        $reader = fopen($folder.'/one', 'r');
        self::assertNotFalse($reader);
        $sessions->write('one', str_repeat('after', 1000));
        self::assertSame('before', stream_get_contents($reader));
        self::assertSame(5000, strlen((string) $sessions->read('one')));
        self::assertSame(0o600, fileperms($folder.'/one') & 0o777);
        $reservoir = Session::driver('file');
        self::assertInstanceOf(Store::class, $reservoir);
        self::assertInstanceOf(AtomicFileSessionHandler::class, $reservoir->getHandler());
        (new Filesystem())->deleteDirectory($folder);
    }

    public function testWhereNothingIsTheWayBackIsShown(): void
    {
        config(['app.debug' => false]);
        $this->get('/no/such/place')->assertNotFound()->assertSee('This page does not exist')->assertSee('href="/"', false);
        [$keeper] = $this->readyTank();
        $this->actingAs($keeper)->get('/tanks/9999')->assertNotFound()->assertSee('This page does not exist');
        self::assertStringContainsString('may not be', view('errors.500')->render());
        self::assertStringContainsString('Nothing was lost', view('errors.429')->render());
    }

    #[Group('long')]
    public function testTheDemoIsTheSameEveryTimeAndBelievable(): void
    {
        $this->demo();
        $first = Reading::query()->orderBy('id')->get(['parameter', 'value', 'low', 'high', 'taken_at'])->toJson();
        self::assertSame(7, Tank::query()->count());
        self::assertSame(15, Checklist::query()->count());
        self::assertGreaterThan(600, Reading::query()->count());
        self::assertSame('2026-03-01 12:00', now()->format('Y-m-d H:i'));
        // Long Meadow is read twice a week, and was this morning.
        $days = DB::table('readings')->join('tanks', 'tanks.id', '=', 'readings.tank_id')->where('tanks.name', 'Long Meadow')
            ->where('parameter', 'nitrate')->where('taken_at', '>=', now()->subWeeks(8))->orderBy('taken_at')->pluck('taken_at');
        self::assertGreaterThanOrEqual(16, $days->map(static fn(mixed $at): string => is_string($at) ? substr($at, 0, 10) : '')->unique()->count());
        self::assertStringStartsWith('2026-03-01 07:', is_string($days->last()) ? $days->last() : '');

        Keeper::query()->delete();
        $this->seed(DatabaseSeeder::class);
        self::assertSame($first, Reading::query()->orderBy('id')->get(['parameter', 'value', 'low', 'high', 'taken_at'])->toJson());
    }

    /** @return iterable<string, array{string}> */
    public static function hours(): iterable
    {
        yield 'just after midnight' => ['2026-03-01 00:20'];
        yield 'before breakfast, in summer' => ['2026-07-05 05:10'];
    }

    #[DataProvider('hours')]
    #[Group('long')]
    public function testNothingOfTheDemoLiesAheadAtWhateverHourItIsPlanted(string $now): void
    {
        // All that was before this day is what it is in a demo that is planted at noon.
        $before = static fn(): string => DB::table('readings')->where(
            'taken_at',
            '<',
            CarbonImmutable::parse(self::PLANTED, 'Europe/Lisbon')->startOfDay()->utc(),
        )->orderBy('taken_at')->orderBy('tank_id')->orderBy('parameter')->orderBy('id')->get(['parameter', 'value', 'low', 'high', 'taken_at'])->toJson();
        $noon = null;
        if (substr($now, 0, 10) === substr(self::PLANTED, 0, 10)) {
            $this->demo();
            $noon = $before();
            Keeper::query()->delete();
        }
        $this->travelTo($now);
        $this->seed(DatabaseSeeder::class);
        $noon === null || self::assertSame($noon, $before());
        foreach ([
            'readings' => 'taken_at', 'entries' => 'happened_at', 'doses' => 'given_at', 'top_offs' => 'taken_at', 'water_changes' => 'changed_at',
            'checklist_steps' => 'done_at',
        ] as $table => $at) {
            self::assertGreaterThan(0, DB::table($table)->count(), $table);
            self::assertSame(0, DB::table($table)->where($at, '>', now())->count(), $table);
        }
    }

    /** @param array<string, mixed> $records */
    private function fill(Route $route, array $records): string
    {
        return '/'.preg_replace_callback(
            '/\{(\w+)\}/',
            static fn(array $m): string => is_scalar($records[$m[1]] ?? null) ? (string) $records[$m[1]] : 'x',
            $route->uri(),
        );
    }
}
