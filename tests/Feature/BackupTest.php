<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Backup\BackupFault;
use App\Backup\BackupFile;
use App\Backup\Daily;
use App\Backup\Manifest;
use App\Http\DatabaseErrorResponse;
use App\Models\Entry;
use Carbon\CarbonImmutable;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;

/** Which backups stay, what is told of them, and what happens when nothing can be written. */
final class BackupTest extends FeatureCase
{
    /** @return list<string> all days up to one */
    private static function days(string $until, int $count): array
    {
        return array_map(static fn(int $i): string => CarbonImmutable::parse($until)->subDays($i)->format('Y-m-d'), range(0, $count - 1));
    }

    public function testOfDailyBackupsSevenDaysFourWeeksAndTwelveMonthsStay(): void
    {
        $kept = Daily::kept(self::days('2026-11-26', 500));
        self::assertSame(self::days('2026-11-26', 7), array_slice($kept, 0, 7));
        // Sundays are the newest days of their weeks; the week that runs and three before it.
        self::assertContains('2026-11-15', $kept);
        self::assertContains('2026-11-08', $kept);
        self::assertNotContains('2026-11-01', $kept);
        // The last days of eleven months before this one.
        foreach (['2026-10-31', '2026-02-28', '2025-12-31'] as $day) {
            self::assertContains($day, $kept);
        }
        self::assertNotContains('2025-11-30', $kept);
        self::assertCount(7 + 2 + 11, $kept);
    }

    public function testDeletingDayAfterDayKeepsTheSameAsLookingBack(): void
    {
        // What is deleted today is never missed later: a machine that is on each day ends with as many as one that is asked once.
        $have = [];
        foreach (array_reverse(self::days('2026-11-26', 500)) as $day) {
            $have = Daily::kept([$day, ...$have]);
            self::assertLessThanOrEqual(7 + 4 + 12, count($have));
        }
        $months = array_unique(array_map(static fn(string $day): string => substr($day, 0, 7), $have));
        self::assertCount(12, $months);
        // A machine that was off for half a year deletes nothing for it.
        self::assertContains('2026-04-30', Daily::kept(['2026-11-26', '2026-04-30', '2026-04-29']));
    }

    public function testABackupThatFindsNoRoomSaysSoInOneLineAndLeavesNothing(): void
    {
        $folder = sys_get_temp_dir().'/cresco-full-'.getmypid();
        $files = new Filesystem();
        $files->makeDirectory($folder, 0o700);
        try {
            $run = static fn(string $command) => Process::path(base_path())->env(['DB_DATABASE' => $folder.'/data.sqlite', 'LOG_CHANNEL' => 'null'])
                ->run(['bash', '-c', $command]);
            touch($folder.'/data.sqlite');
            self::assertTrue($run('php artisan migrate --force --quiet')->successful());
            // No file may grow beyond 64 kB: the same as a disk that is full.
            $answer = $run("trap '' XFSZ; ulimit -f 64; exec php artisan cresco:backup $folder/out.zip");
            self::assertFalse($answer->successful());
            self::assertStringContainsString('could not be written to its end', $answer->errorOutput());
            self::assertStringContainsString('Make room', $answer->errorOutput());
            self::assertStringNotContainsString('Stack', $answer->errorOutput().$answer->output());
            self::assertSame(
                [],
                preg_grep('/^data\.sqlite/', array_map(static fn($file): string => $file->getFilename(), $files->files($folder)), PREG_GREP_INVERT),
            );
            self::assertSame([], $files->directories($folder));
        } finally {
            $files->deleteDirectory($folder);
        }
    }

    public function testABackupOfAnotherEngineSaysSo(): void
    {
        $this->expectException(BackupFault::class);
        $this->expectExceptionMessage('its own tools');
        BackupFile::write('/tmp/never.zip');
    }

    /** @return iterable<string, array{string, string}> */
    public static function badManifests(): iterable
    {
        yield 'no json' => ['{', 'cannot be read'];
        yield 'another format' => ['{"format":"x"}', 'another kind of file'];
        yield 'a later version' => ['{"format":"cresco-backup","version":2}', 'not known here'];
        yield 'no day' => ['{"format":"cresco-backup","version":1,"made_at":"tomorrowish","files":{"database.sqlite":"x"}}', 'day'];
        yield 'a list' => ['[1]', 'another kind of file'];
    }

    #[DataProvider('badManifests')]
    public function testAManifestThatDoesNotHoldIsTold(string $json, string $said): void
    {
        $this->expectException(BackupFault::class);
        $this->expectExceptionMessage($said);
        Manifest::read($json);
    }

    public function testTheAccountSaysHowOldAndLargeTheBackupsAre(): void
    {
        $folder = sys_get_temp_dir().'/cresco-backups-'.bin2hex(random_bytes(4));
        config(['app.backups' => $folder]);
        $keeper = $this->keeper();
        $this->actingAs($keeper)->get('/account')->assertSee('No automatic backup yet.');
        mkdir($folder);
        foreach (['2026-11-24' => 10, '2026-11-25' => 3_400_000] as $day => $bytes) {
            file_put_contents("$folder/cresco-$day.zip", str_repeat('x', $bytes));
        }
        touch("$folder/cresco-2026-11-25.zip", CarbonImmutable::now()->subHours(5)->getTimestamp());
        $this->get('/account')->assertSee('The newest is 5 hours old and has 3.4 MB; 2 are kept.');
        // One that failed is not passed over.
        file_put_contents(
            $folder.'/last.json',
            (string) json_encode(['failed_at' => CarbonImmutable::now()->subHour()->toIso8601String(), 'why' => 'No space.']),
        );
        $this->get('/account')->assertSee('failed')->assertSee('No space.');
        (new Filesystem())->deleteDirectory($folder);
    }

    /** @return iterable<string, array{string, string}> what an engine says, and what a keeper is told */
    public static function unwritten(): iterable
    {
        yield 'SQLite, a file without the right to write' => [
            'SQLSTATE[HY000]: General error: 8 attempt to write a readonly database',
            'The database is read-only at the moment. Tell whoever runs this Cresco.',
        ];
        yield 'PostgreSQL, a standby' => [
            'SQLSTATE[25006]: Read only sql transaction: 7 ERROR:  cannot execute INSERT in a read-only transaction',
            'The database is read-only at the moment. Tell whoever runs this Cresco.',
        ];
        yield 'SQLite, a full disk' => ['SQLSTATE[HY000]: General error: 13 database or disk is full', 'is full'];
        yield 'PostgreSQL, a full disk' => ['SQLSTATE[53100]: Disk full: 7 ERROR:  could not extend file: No space left on device', 'is full'];
        yield 'a disk that fails' => ['SQLSTATE[HY000]: General error: 10 disk I/O error', 'The disk does not work properly. Tell whoever runs this Cresco.'];
        yield 'too many at once' => ['SQLSTATE[HY000]: General error: 5 database is locked', 'Cresco is overloaded. Wait a moment, then send it again.'];
    }

    #[DataProvider('unwritten')]
    public function testWhatCannotBeWrittenIsToldInWords(string $said, string $told): void
    {
        self::assertStringContainsString(
            $told,
            (string) DatabaseErrorResponse::answer(new PDOException($said), Request::create('/log', 'POST'))?->getContent(),
        );
        self::assertNull(DatabaseErrorResponse::answer(new PDOException('SQLSTATE[42601]: Syntax error'), Request::create('/')));
        // What somebody typed is no fault of the disk.
        self::assertNull(DatabaseErrorResponse::answer(new RuntimeException('There is no jar that is called “No space left”'), Request::create('/')));
    }

    public function testAFullDiskIsSaidOnAPage(): void
    {
        // Not a byte may be written: no session, no log, no page that is kept drawn.
        $page = Process::path(base_path())->env([
            'REQUEST_URI' => '/sign-in', 'REQUEST_METHOD' => 'GET', 'HTTP_HOST' => 'localhost', 'APP_ENV' => 'production', 'LOG_CHANNEL' => 'stack',
            'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file',
        ])
            ->run(['bash', '-c', "trap '' XFSZ; ulimit -f 0; exec php public/index.php"])->output();
        self::assertStringContainsString('The disk is full. Tell whoever runs this Cresco to make room.', $page);
        self::assertStringNotContainsString('Stack trace', $page);
    }

    public function testADatabaseThatCannotBeWrittenToShowsPagesAndSaysSoOnWriting(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper);
        $before = Entry::query()->count();
        if (DB::connection()->getDriverName() !== 'sqlite') {
            // There the first refusal ends the transaction that this test runs in; the words are told above.
            $this->expectNotToPerformAssertions();

            return;
        }
        DB::statement('pragma query_only = on');
        try {
            foreach (['/', "/tanks/$tank->id", "/tanks/$tank->id/water-change", '/log', '/week', '/settings'] as $page) {
                $this->get($page)->assertOk();
            }
            $this->post('/log', ['kind' => 'note', 'title' => 'x'])->assertStatus(503)->assertSee('Nothing was saved')
                ->assertSee('The database is read-only at the moment. Tell whoever runs this Cresco.');
            $this->postJson('/log', ['kind' => 'note', 'title' => 'x'])->assertStatus(503)->assertJsonFragment(['message' => __('limits.unwritten.read_only')]);
            $this->post("/tanks/$tank->id/test", ['readings' => ['ph' => '7']])->assertStatus(503);
        } finally {
            DB::statement('pragma query_only = off');
        }
        self::assertSame($before, Entry::query()->count());
        $this->post('/log', ['kind' => 'note', 'title' => 'x'])->assertRedirect();
    }
}
