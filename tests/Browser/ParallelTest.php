<?php

declare(strict_types=1);

namespace Tests\Browser;

use CurlHandle;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Several devices at once on the running server, with real requests side by side. */
final class ParallelTest extends TestCase
{
    private static Server $server;

    /** @var non-empty-string */
    private string $product;

    private string $token = '';

    public static function setUpBeforeClass(): void
    {
        self::$server = Server::start();
    }

    protected function setUp(): void
    {
        self::$server->plant();
        $this->product = Server::scratch('jar-'.bin2hex(random_bytes(4)));
        $this->ask('/sign-in');
        $this->ask('/sign-in/demo', []);
        $this->ask('/');
    }

    public function testEndingTheSameStepFromSixDevicesCountsOnce(): void
    {
        $checklist = $this->newSheet(4);
        $this->together(array_fill(0, 6, ["/checklists/$checklist/steps/2", ['readings' => ['ph' => '7.05', 'nitrate' => '10-20']]]));

        self::assertSame(
            2,
            $this->number(
                "select count(*) from readings where checklist_step_id in (select id from checklist_steps where checklist_id = $checklist)",
            ),
        );
        self::assertSame(1, $this->number("select count(*) from entries where checklist_id = $checklist"));
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> page, table and what is typed */
    public static function forms(): iterable
    {
        yield 'a job' => ['/tasks', 'chores', ['kind' => 'pipes', 'tank_id' => '1']];
        yield 'a supply' => ['/supplies', 'supplies', ['name' => 'Twice', 'unit' => 'g', 'left' => '5', 'weekly' => '1', 'lead_days' => '3']];
        yield 'a water' => ['/source-waters', 'source_waters', ['name' => 'Twice', 'kind' => 'tap']];
        yield 'a top-up' => ['/tanks/1/top-offs', 'top_offs', ['litres' => '2']];
        yield 'animals' => ['/tanks/1/livestock', 'animals', ['kind' => 'tetra', 'count' => '3']];
        yield 'a helper' => [
            '/helpers', 'helpers',
            [
                'tank_id' => '1', 'name' => 'Ines', 'from_day' => date('Y-m-d'), 'until_day' => date('Y-m-d', time() + 864000),
                'jobs' => [['text' => 'Look', 'every' => '1']],
            ],
        ];
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('forms')]
    public function testAFormThatIsSentTenTimesAtOnceKeepsOneRecord(string $page, string $table, array $typed): void
    {
        $before = $this->number('select count(*) from '.$table);
        $key = bin2hex(random_bytes(12));
        $this->together(array_fill(0, 10, [$page, ['_once' => $key] + $typed]));
        self::assertSame($before + 1, $this->number('select count(*) from '.$table));
        // The next form has another key.
        $this->together([[$page, ['_once' => bin2hex(random_bytes(12))] + $typed]]);
        self::assertSame($before + 2, $this->number('select count(*) from '.$table));
    }

    public function testSheetsThatAreWrittenTogetherLeaveOneForTheDay(): void
    {
        $day = date('Y-m-d', time() + 3 * 86400);
        $this->together(array_fill(0, 8, ['/tanks/2/checklists', ['reason' => 'routine', 'day' => $day]]));
        self::assertSame(1, $this->number("select count(*) from checklists where tank_id = 2 and state = 'planned' and date(planned_for) = '$day'"));
        self::assertSame(0, $this->number('select count(*) from checklist_steps where checklist_id not in (select id from checklists)'));
    }

    public function testOfTwoSheetsThatAreBegunTogetherOneIsUnderWay(): void
    {
        $checklists = [];
        foreach ([2, 3, 4, 5] as $ahead) {
            $this->ask('/tanks/2/checklists', ['reason' => 'routine', 'day' => date('Y-m-d', time() + $ahead * 86400)]);
            $checklists[] = $this->number('select max(id) from checklists where tank_id = 2');
        }
        self::assertCount(4, array_unique($checklists));
        $this->together(array_map(static fn(int $checklist): array => ["/checklists/$checklist/steps/1", []], $checklists));
        self::assertSame(1, $this->number("select count(*) from checklists where tank_id = 2 and state = 'running'"));
        self::assertSame(3, $this->number("select count(*) from checklists where tank_id = 2 and state = 'planned'"));
        // Those that were refused kept nothing of it.
        self::assertSame(
            1,
            $this->number('select count(*) from checklist_steps where done_at is not null and checklist_id in ('.implode(',', $checklists).')'),
        );
    }

    public function testAPatchThatIsSplitManyTimesTogetherMakesNoGround(): void
    {
        $zone = $this->number('select min(id) from substrate_zones where tank_id = 1');
        $area = fn(): float => (float) $this->text('select sum((right_edge - left_edge) * (back_edge - front_edge)) from substrate_zones where tank_id = 1');
        $before = $area();
        $this->together(array_fill(0, 6, ["/tanks/1/gravel-vac/$zone/split", []]));
        self::assertEqualsWithDelta($before, $area(), 1e-9);
        self::assertSame(
            0,
            $this->number('select count(*) from substrate_zones a join substrate_zones b on a.tank_id = b.tank_id and a.id < b.id and min(a.right_edge, b.right_edge) - max(a.left_edge, b.left_edge) > 0.000001 and min(a.back_edge, b.back_edge) - max(a.front_edge, b.front_edge) > 0.000001 where a.tank_id = 1'),
        );
    }

    public function testClosingFromSixDevicesWritesOneEntryInTheDiary(): void
    {
        $checklist = $this->newSheet(2);
        $steps = $this->number("select count(*) from checklist_steps where checklist_id = $checklist");
        for ($step = 1; $step < $steps; ++$step) {
            foreach (['heater', 'internal_filter', 'lamp'] as $device) {
                $this->ask("/checklists/$checklist/switches/$device", ['to' => 'on']);
            }
            $this->ask("/checklists/$checklist/steps/$step", []);
        }
        $this->together(array_fill(0, 6, ["/checklists/$checklist/steps/$steps", []]));

        self::assertSame(1, $this->number("select count(*) from checklists where id = $checklist and state = 'done'"));
        self::assertSame(1, $this->number("select count(*) from entries where checklist_id = $checklist and kind = 'change'"));
    }

    public function testReadingsWrittenTogetherAreAllKept(): void
    {
        $before = $this->number('select count(*) from readings');
        $this->together(array_map(static fn(int $i): array => ['/tanks/1/test', ['readings' => ['ph' => "6.$i", 'temperature' => "24.$i"]]], range(1, 9)));

        self::assertSame($before + 18, $this->number('select count(*) from readings'));
    }

    public function testABatchThatIsMadeFromSixDevicesIsTakenFromTheShelfOnce(): void
    {
        $this->ask('/batches', ['tank' => '2', 'litres' => '10', 'gh' => '5', 'kh' => '0.5', 'ec' => '', 'waters' => ['3'], 'jars' => ['8']]);
        $batch = $this->number('select max(id) from batches');
        $stock = (float) $this->text('select stock from products where id = 8');
        $takes = (float) $this->text("select json_extract(card, '$.jars[0].amount') from batches where id = $batch");
        self::assertGreaterThan(1.0, $takes);
        $this->together(array_fill(0, 6, ["/batches/$batch/made", []]));

        self::assertEqualsWithDelta($stock - $takes, (float) $this->text('select stock from products where id = 8'), 1e-4);
        self::assertSame(1, $this->number("select count(*) from entries where kind = 'work' and title like '%run.entry.made%10%L%Shrimp store%'"));
    }

    public function testOneLookByThePenFromSixDevicesIsOneLook(): void
    {
        $this->ask('/batches', ['tank' => '2', 'litres' => '12', 'gh' => '5', 'kh' => '0.5', 'ec' => '', 'waters' => ['3'], 'jars' => ['8']]);
        $batch = $this->number('select max(id) from batches');
        $this->together(array_fill(0, 6, ["/batches/$batch/checks", ['read' => '180', 'looks' => '0']]));
        self::assertSame(1, $this->number("select json_array_length(checks, '$.checks') from batches where id = $batch"));
        $this->together(array_fill(0, 6, ["/batches/$batch/added", []]));

        self::assertSame(1, $this->number("select json_extract(checks, '$.checks[0].added') from batches where id = $batch"));
    }

    public function testAVacuumedPatchFromSixDevicesIsCleanedOnce(): void
    {
        $this->ask('/tanks/1/checklists', ['reason' => 'routine', 'tasks' => ['vacuum']]);
        $checklist = $this->number('select max(id) from checklists where tank_id = 1');
        $step = $this->number("select position from checklist_steps where checklist_id = $checklist and job = 'vacuum'");
        $zones = $this->number("select json_array_length(content, '$.patches') from checklist_steps where checklist_id = $checklist and job = 'vacuum'");
        self::assertGreaterThan(0, $zones);
        $this->together(array_fill(0, 6, ["/checklists/$checklist/steps/$step", []]));

        self::assertSame($zones, $this->number("select count(*) from zone_vacuumings where checklist_id = $checklist"));
    }

    public function testTheLookInTheEveningFromSixDevicesIsOneLook(): void
    {
        $this->ask('/tanks/3/checklists', ['dry' => '1', 'tasks' => ['glass']]);
        $checklist = $this->number('select max(id) from checklists where tank_id = 3');
        for ($step = 1; $step <= $this->number("select count(*) from checklist_steps where checklist_id = $checklist"); ++$step) {
            foreach (['heater', 'canister', 'wave_pump', 'top_up', 'feeder', 'ultraviolet', 'lamp'] as $device) {
                $this->ask("/checklists/$checklist/switches/$device", ['to' => 'on']);
            }
            $this->ask("/checklists/$checklist/steps/$step", []);
        }
        self::assertSame(1, $this->number("select count(*) from follow_ups where checklist_id = $checklist"));
        $this->together(array_fill(0, 6, ["/checklists/$checklist/after/evening", ['readings' => ['temperature' => '25.1']]]));

        self::assertSame(1, $this->number("select count(*) from entries where checklist_id = $checklist and title like '%steps.after.evening%'"));
        self::assertSame(1, $this->number("select count(*) from readings where tank_id = 3 and value = 25.1 and taken_at > datetime('now', '-1 minute')"));
    }

    public function testAServerKilledWhileSavingLosesNothingThatItSaidItHadAndCountsNothingTwice(): void
    {
        $checklist = $this->newSheet(1);
        $steps = $this->number("select count(*) from checklist_steps where checklist_id = $checklist");
        $kept = 0;
        foreach ([3, 9, 16, 24, 33, 47, 70, 2500] as $round => $milliseconds) {
            $step = 2 + $round;
            $requests = [
                ["/checklists/$checklist/steps/$step", ['readings' => ['ph' => '7.05', 'temperature' => '24.1']]],
                ['/tanks/2/test', ['readings' => ['ph' => '6.2', 'temperature' => '22.4', 'conductivity' => '231']]],
                ['/tanks/4/test', ['readings' => ['ph' => '7.2', 'temperature' => '25.1', 'conductivity' => '255']]],
            ];
            $answers = $this->cutOff($requests, $milliseconds);
            self::$server->revive();

            // Whole or not at all, whenever the power went.
            self::assertSame('ok', $this->text('pragma integrity_check'));
            self::assertSame(
                0,
                $this->number("select count(*) from (select entry_id from readings join entries on entries.id = readings.entry_id where entries.title like '%run.entry.read\"%' and entries.happened_at > datetime('now', '-5 minutes') group by entry_id having count(*) <> 3)"),
            );
            self::assertSame(
                0,
                $this->number("select count(*) from checklist_steps s where s.checklist_id = $checklist and s.done_at is null and exists (select 1 from readings r where r.checklist_step_id = s.id)"),
            );
            // What was answered is there.
            $kept += ($answers[1] ? 1 : 0) + ($answers[2] ? 1 : 0);
            self::assertGreaterThanOrEqual(
                $kept,
                $this->number("select count(*) from entries where title like '%run.entry.read\"%' and happened_at > datetime('now', '-5 minutes')"),
            );
            if ($answers[0]) {
                self::assertSame(
                    1,
                    $this->number("select count(*) from checklist_steps where checklist_id = $checklist and position = $step and done_at is not null"),
                );
            }
            // The keeper presses again, and it counts once.
            $this->ask(...$requests[0]);
            self::assertSame(
                1,
                $this->number("select count(*) from checklist_steps where checklist_id = $checklist and position = $step and done_at is not null"),
            );
            self::assertLessThanOrEqual(
                2,
                $this->number(
                    "select count(*) from readings where checklist_step_id = (select id from checklist_steps where checklist_id = $checklist and position = $step)",
                ),
            );
        }
        // The last time it had time enough.
        self::assertGreaterThan(0, $kept);
        self::assertSame($steps, $this->number("select count(*) from checklist_steps where checklist_id = $checklist"));
    }

    /**
     * Sends requests and kills the server so many milliseconds later.
     *
     * @param list<array{string, array<string, mixed>}> $requests
     *
     * @return list<bool> which of them were answered
     */
    private function cutOff(array $requests, int $milliseconds): array
    {
        $all = curl_multi_init();
        $handles = [];
        foreach ($requests as [$path, $form]) {
            $handle = $this->handle($path, $form);
            curl_multi_add_handle($all, $handle);
            $handles[] = $handle;
        }
        $until = hrtime(true) + $milliseconds * 1_000_000;
        do {
            curl_multi_exec($all, $running);
            usleep(500);
        } while (hrtime(true) < $until);
        self::$server->kill();
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
        } while ($running > 0);

        // Kept readings lead to their tank, an ended step to its run; anything else was turned away.
        return array_map(
            static fn(CurlHandle $handle): bool => preg_match(
                '#/(tanks/\d+/water-change|runs/\d+)$#',
                (string) curl_getinfo($handle, CURLINFO_REDIRECT_URL),
            ) === 1,
            $handles,
        );
    }

    private function newSheet(int $tank): int
    {
        $this->ask("/tanks/$tank/checklists", ['reason' => 'routine']);

        return $this->number("select max(id) from checklists where tank_id = $tank");
    }

    private function number(string $sql): int
    {
        return (int) $this->text($sql);
    }

    private function text(string $sql): string
    {
        $found = (new PDO('sqlite:'.self::$server->database))->query($sql);
        $value = $found === false ? false : $found->fetchColumn();

        return is_scalar($value) ? (string) $value : '';
    }

    /** @param array<string, mixed>|null $form */
    private function ask(string $path, ?array $form = null): void
    {
        $handle = $this->handle($path, $form);
        $page = (string) curl_exec($handle);
        self::assertLessThan(500, curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $path);
        unset($handle);
        if (preg_match('/name="_token" value="([^"]+)"/', $page, $found) === 1) {
            $this->token = $found[1];
        }
    }

    /** @param list<array{string, array<string, mixed>}> $requests */
    private function together(array $requests): void
    {
        $all = curl_multi_init();
        $handles = [];
        foreach ($requests as [$path, $form]) {
            $handle = $this->handle($path, $form);
            curl_multi_add_handle($all, $handle);
            $handles[] = $handle;
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
        } while ($running > 0);
        foreach ($handles as $handle) {
            self::assertSame(302, curl_getinfo($handle, CURLINFO_RESPONSE_CODE));
        }
    }

    /** @param array<string, mixed>|null $form */
    private function handle(string $path, ?array $form): CurlHandle
    {
        $handle = curl_init(self::$server->url.$path);
        self::assertInstanceOf(CurlHandle::class, $handle);
        curl_setopt_array(
            $handle,
            [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $this->product, CURLOPT_COOKIEJAR => $this->product, CURLOPT_TIMEOUT => 60],
        );
        if ($form !== null) {
            curl_setopt($handle, CURLOPT_POSTFIELDS, http_build_query(['_token' => $this->token] + $form));
        }

        return $handle;
    }
}
