<?php

declare(strict_types=1);

namespace Tests\Browser;

use CURLFile;
use PHPUnit\Framework\TestCase;
use ZipArchive;

/** The one script on an installation of its own: begun, killed, backed up under writes, wiped and restored. */
final class InstallationTest extends TestCase
{
    private static Installation $place;

    public static function setUpBeforeClass(): void
    {
        self::$place = new Installation();
    }

    public static function tearDownAfterClass(): void
    {
        self::$place->stop();
    }

    protected function tearDown(): void
    {
        self::$place->stop();
    }

    /**
     * @param array<string, CURLFile|string>|null $form
     * @param non-empty-string                    $product
     */
    private static function ask(string $url, ?array $form, string $product): string
    {
        $request = curl_init($url);
        curl_setopt_array(
            $request,
            [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => true, CURLOPT_COOKIEJAR => $product, CURLOPT_COOKIEFILE => $product,
                CURLOPT_TIMEOUT => 60,
            ] + ($form === null ? [] : [CURLOPT_POSTFIELDS => $form]),
        );
        $answer = curl_exec($request);

        return is_string($answer) ? $answer : '';
    }

    /** @return array{non-empty-string, string} product of cookies and token of the demo keeper */
    private static function enter(string $url): array
    {
        $product = Server::scratch('jar-'.bin2hex(random_bytes(4)));
        $token = self::token(self::ask($url.'/sign-in', null, $product));
        self::ask($url.'/sign-in/demo', ['_token' => $token], $product);

        return [$product, self::token(self::ask($url.'/settings', null, $product))];
    }

    private static function token(string $page): string
    {
        return preg_match('/name="_token" value="([^"]+)"/', $page, $found) === 1 ? $found[1] : '';
    }

    /** @return list<int> */
    private static function children(int $pid): array
    {
        return array_values(array_map(intval(...), array_filter(explode("\n", (string) shell_exec('pgrep -P '.$pid)))));
    }

    /** @return list<int> the server of a script and its workers */
    private static function servers(int $script): array
    {
        $found = [];
        foreach (self::children($script) as $child) {
            if (str_contains((string) @file_get_contents("/proc/$child/cmdline"), 'server.php')) {
                $found = [$child, ...self::children($child)];
            }
        }

        return $found;
    }

    public function testAFirstStartThatIsInterruptedBeginsAnewAndWhatIsKilledComesBack(): void
    {
        $data = self::$place->folder.'/database/cresco.sqlite';
        // Half of a first start: what was being planted lies aside, and is no data.
        mkdir(self::$place->folder.'/storage/prepared/planting');
        file_put_contents(self::$place->folder.'/storage/prepared/planting/data.sqlite', 'half');
        self::assertFileDoesNotExist($data);
        $url = self::$place->up();
        self::assertSame(7, self::$place->number('select count(*) from tanks'));
        self::assertSame('600', decoct(fileperms(self::$place->folder.'/.env') & 0o777));

        // A worker that was killed comes back, and the master too.
        foreach ([1, 0] as $which) {
            $before = self::servers(self::$place->pid());
            self::assertCount(3, $before);
            usleep(4_500_000);
            posix_kill($before[$which], SIGKILL);
            for ($i = 0; $i < 100; ++$i) {
                usleep(200_000);
                $now = self::servers(self::$place->pid());
                if (count($now) === 3 && !in_array($before[$which], $now, true)) {
                    break;
                }
            }
            self::assertCount(3, $now);
            Server::await($url.'/bare', 10.0);
        }

        // Killing the script, however it is done, ends all.
        $all = self::servers(self::$place->pid());
        self::$place->stop(SIGKILL);
        for ($i = 0; $i < 50 && array_filter($all, static fn(int $pid): bool => posix_kill($pid, 0)) !== []; ++$i) {
            usleep(100_000);
        }
        self::assertSame([], array_filter($all, static fn(int $pid): bool => posix_kill($pid, 0)));
    }

    private static function planted(): void
    {
        is_file(self::$place->folder.'/database/cresco.sqlite') || self::assertSame(0, self::$place->cresco(['reset'])[0]);
    }

    public function testDataWithoutTheirKeyAreToldAndLeftAlone(): void
    {
        self::planted();
        $key = self::$place->folder.'/.env';
        rename($key, $key.'.away');
        $rows = self::$place->number('select count(*) from entries');
        foreach ([['up'], ['reset'], ['backup', 'x.zip']] as $arguments) {
            [$code, $said] = self::$place->cresco($arguments);
            self::assertSame(1, $code);
            self::assertStringContainsString('.env with its key is not', $said);
        }
        self::assertFileDoesNotExist($key);
        self::assertSame($rows, self::$place->number('select count(*) from entries'));
        rename($key.'.away', $key);
    }

    public function testABackupUnderWritesBringsBackEveryRowAndPhoto(): void
    {
        $url = self::$place->up();
        [$product, $token] = self::enter($url);
        $image = imagecreatetruecolor(320, 240);
        imagejpeg($image, $photo = Server::scratch('photo.jpg'));
        self::ask($url.'/tanks/1/fixed-spot', ['_token' => $token, 'photo' => new CURLFile($photo, 'image/jpeg', 'photo.jpg')], $product);
        $photos = glob(self::$place->folder.'/storage/app/private/photos/*/*.jpg') ?: [];
        self::assertCount(self::$place->number('select count(distinct file) from photos'), $photos);
        self::assertGreaterThan(0, count($photos));
        $hashes = array_map(static fn(string $file): string => (string) hash_file('sha256', $file), $photos);

        // Somebody goes on writing while it is made.
        $writers = [];
        for ($i = 0; $i < 2; ++$i) {
            $script = 'for i in $(seq 1 40); do curl -s -o /dev/null -b '.escapeshellarg($product).' --data-urlencode '
                .escapeshellarg('_token='.$token).' -d "kind=note&title=Written+'.$i.'+$i" '.escapeshellarg($url.'/log').'; done';
            $writers[] = proc_open(['bash', '-c', $script], [], $pipes);
        }
        usleep(400_000);
        $file = Server::scratch('backup.zip');
        [$code, $said] = self::$place->cresco(['backup', $file]);
        self::assertSame(0, $code, $said);
        self::assertStringContainsString('are backed up, and were checked', $said);
        foreach ($writers as $writer) {
            is_resource($writer) && proc_close($writer);
        }
        self::assertSame(80, self::$place->number("select count(*) from entries where title like 'Written %'"));

        $zip = new ZipArchive();
        self::assertTrue($zip->open($file));
        $kept = json_decode((string) $zip->getFromName('backup.json'), true);
        self::assertIsArray($kept);
        self::assertIsArray($kept['rows']);
        self::assertSame([], $kept['missing']);
        $zip->close();

        // All is lost but the backup: another keeper's wiping, and files that went.
        self::ask($url.'/tanks/1', ['_token' => $token, '_method' => 'delete'], $product);
        self::assertSame(6, self::$place->number('select count(*) from tanks'));
        self::assertLessThan(count($photos), count(glob(self::$place->folder.'/storage/app/private/photos/*/*.jpg') ?: []));
        [$code, $said] = self::$place->cresco(['restore', $file, '--yes']);
        self::assertSame(0, $code, $said);
        foreach ($kept['rows'] as $table => $count) {
            self::assertSame($count, self::$place->number("select count(*) from $table"), (string) $table);
        }
        $after = glob(self::$place->folder.'/storage/app/private/photos/*/*.jpg') ?: [];
        self::assertSame([$photos, $hashes], [$after, array_map(static fn(string $one): string => (string) hash_file('sha256', $one), $after)]);
        // The server goes on with them; everybody signs in again.
        self::assertStringContainsString('Tell me how much', self::ask($url.'/', null, $product));
        [$product] = self::enter($url);
        self::assertStringContainsString('Long Meadow', self::ask($url.'/', null, $product));
        self::assertSame([], glob(self::$place->folder.'/database/.restoring-*') ?: []);
    }

    public function testAWipedPlaceIsRestoredAndABrokenBackupChangesNothing(): void
    {
        self::planted();
        // A file is named from where the script is called.
        $file = Server::scratch('whole.zip');
        self::assertSame(0, self::$place->cresco(['backup', basename($file)], dirname($file))[0]);
        self::assertFileExists($file);
        $entries = self::$place->number('select count(*) from entries');
        $whole = (string) file_get_contents($file);
        $half = Server::scratch('half.zip');
        $zip = Server::scratch('other.zip');
        $bad = [];
        file_put_contents($half, substr($whole, 0, intdiv(strlen($whole), 2)));
        $bad['cut off'] = $half;
        file_put_contents($text = Server::scratch('text.zip'), 'hello');
        $bad['no archive'] = $text;
        foreach ([
            'another file of the same name' => ['database.sqlite', 'not a database'], 'a file that leads elsewhere' => ['backup.json', null],
        ] as $why => [$name, $content]) {
            copy($file, $zip.$name);
            $archive = new ZipArchive();
            $archive->open($zip.$name);
            if ($content === null) {
                $said = (array) json_decode((string) $archive->getFromName('backup.json'), true);
                $archive->addFromString('backup.json', (string) json_encode(['files' => ['photos/../../../x' => 'y'] + (array) $said['files']] + $said));
            } else {
                $archive->addFromString($name, $content);
            }
            $archive->close();
            $bad[$why] = $zip.$name;
        }
        foreach ($bad as $why => $path) {
            [$code, $said] = self::$place->cresco(['restore', $path, '--yes']);
            self::assertSame(1, $code, $why);
            self::assertStringContainsString('Nothing was changed.', $said, $why);
            self::assertSame($entries, self::$place->number('select count(*) from entries'), $why);
        }
        self::assertSame(1, self::$place->cresco(['restore', '/nowhere.zip'])[0]);
        self::assertSame(1, self::$place->cresco(['backup', '/nowhere/at/all.zip'])[0]);

        // A new machine: no data at all.
        foreach (glob(self::$place->folder.'/database/cresco.sqlite*') ?: [] as $part) {
            unlink($part);
        }
        [$code, $said] = self::$place->cresco(['restore', $file]);
        self::assertSame(0, $code, $said);
        self::assertSame($entries, self::$place->number('select count(*) from entries'));

        // A backup of before tables and columns had the names of today is brought up to them.
        [$code, $said] = self::$place->cresco(['restore', dirname(__DIR__).'/Feature/data/backup.zip', '--yes']);
        self::assertSame(0, $code, $said);
        foreach ([
            'products' => 13, 'checklists' => 15, 'checklist_steps' => 247, 'plant_groups' => 18, 'problems' => 3, 'reservoirs' => 1,
            'top_offs' => 45, 'pragma_foreign_key_check' => 0,
        ] as $table => $count) {
            self::assertSame($count, self::$place->number("select count(*) from $table"), $table);
        }
        self::assertSame(0, self::$place->cresco(['restore', $file, '--yes'])[0]);
    }

    public function testLettersThatGoNowhereAreShownByTheScriptAndTheirLinksLeadHere(): void
    {
        self::planted();
        self::assertSame(1, self::$place->cresco(['letters'])[0]);
        $url = self::$place->up();
        $product = Server::scratch('jar-'.bin2hex(random_bytes(4)));
        $token = self::token(self::ask($url.'/sign-up', null, $product));
        self::assertStringContainsString('emailed a link', self::ask($url.'/sign-up', ['_token' => $token, 'email' => 'heron@cresco.test'], $product));
        [$code, $said] = self::$place->cresco(['letters']);
        self::assertSame(0, $code);
        self::assertSame(1, preg_match('#('.preg_quote($url, '#').'/sign-up/new\?\S+)#', $said, $link));
        self::assertStringContainsString('For heron@cresco.test.', self::ask($link[1] ?? '', null, $product));
    }

    public function testAResetAsksWhenOthersKeepSomethingHereAndGoesOnUnderARunningServer(): void
    {
        $url = self::$place->up();
        [$product, $token] = self::enter($url);
        self::ask($url.'/log', ['_token' => $token, 'kind' => 'note', 'title' => 'Goes'], $product);
        $data = new \PDO('sqlite:'.self::$place->folder.'/database/cresco.sqlite');
        $data->exec("insert into keepers (name, email, password) values ('Lark', 'lark@cresco.test', 'x')");
        [$code, $said] = self::$place->cresco(['reset']);
        self::assertSame(1, $code);
        self::assertStringContainsString('1 other keepers', $said);
        self::assertSame(1, self::$place->number("select count(*) from entries where title = 'Goes'"));
        [$code, $said] = self::$place->cresco(['reset', '--yes']);
        self::assertSame(0, $code, $said);
        self::assertSame(0, self::$place->number("select count(*) from entries where title = 'Goes'"));
        self::assertSame(1, self::$place->number('select count(*) from keepers'));
        self::assertStringContainsString('Tell me how much', self::ask($url.'/', null, $product));
        [$product] = self::enter($url);
        self::assertStringContainsString('Long Meadow', self::ask($url.'/', null, $product));
    }
}
