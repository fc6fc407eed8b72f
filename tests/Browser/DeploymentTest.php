<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Console\TrialServer;
use Illuminate\Container\Container;
use Illuminate\Foundation\Application;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What deploy/ puts on a server, run on nginx and PHP-FPM of Debian: at the root of a host over TLS, and under a path. */
final class DeploymentTest extends TestCase
{
    private static TrialServer $server;

    private static string $place;

    public static function setUpBeforeClass(): void
    {
        self::$place = sys_get_temp_dir().'/cresco-deployed-'.bin2hex(random_bytes(4));
        // Where the code is looked for.
        Container::setInstance(new Application(dirname(__DIR__, 2)));
        self::$server = new TrialServer(self::$place);
        $mail = (string) TrialServer::freePort();
        foreach (['root' => '', 'path' => '/cresco'] as $name => $path) {
            self::$server->install($name, $path, ['MAIL_PORT' => $mail]);
        }
        self::$server->serve(3);
        self::$server->start([PHP_BINARY, __DIR__.'/catcher.php', $mail, self::$place.'/letters']);
    }

    public static function tearDownAfterClass(): void
    {
        self::$server->end();
    }

    /**
     * @param array<string, string>|null $form
     * @param list<string>               $headers
     *
     * @return array{code: int, body: string, head: string}
     */
    private static function ask(string $path, ?array $form = null, string $product = '', array $headers = []): array
    {
        $head = '';
        $request = curl_init(str_starts_with($path, 'http') ? $path : 'https://127.0.0.1:'.self::$server->port.$path);
        curl_setopt_array($request, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_TIMEOUT => 60, CURLOPT_HTTPHEADER => $headers, CURLOPT_PATH_AS_IS => true, CURLOPT_ENCODING => '',
            CURLOPT_HEADERFUNCTION => static function ($request, string $line) use (&$head): int {
                $head .= $line;

                return strlen($line);
            },
        ] + ($product === ''
            ? []
            : [CURLOPT_COOKIEJAR => $product, CURLOPT_COOKIEFILE => $product]) + ($form === null ? [] : [CURLOPT_POSTFIELDS => http_build_query($form)]));
        $body = curl_exec($request);

        return ['code' => (int) curl_getinfo($request, CURLINFO_RESPONSE_CODE), 'body' => is_string($body) ? $body : '', 'head' => strtolower($head)];
    }

    /** Signs the demo keeper in by address and password; there is no door of the demo on a server. */
    private static function enter(string $base): string
    {
        $product = self::$place.'/jar-'.bin2hex(random_bytes(4));
        preg_match('/name="_token" value="([^"]+)"/', self::ask($base.'/sign-in', null, $product)['body'], $found);
        $answer = self::ask($base.'/sign-in', ['_token' => $found[1] ?? '', 'email' => 'wren@cresco.test', 'password' => 'still water'], $product);
        self::assertSame(302, $answer['code']);

        return $product;
    }

    public function testItAnswersOverTlsAloneAndSaysSo(): void
    {
        self::assertSame(['code' => 200, 'body' => "well\n"], array_intersect_key(self::ask('/up'), ['code' => 1, 'body' => 1]));
        $plain = self::ask('http://127.0.0.1:'.self::$server->plain.'/tanks/1?x=1');
        self::assertSame(301, $plain['code']);
        self::assertStringContainsString('location: https://127.0.0.1/tanks/1?x=1', $plain['head']);
        $page = self::ask('/sign-in');
        self::assertSame(200, $page['code']);
        self::assertStringContainsString('strict-transport-security: max-age=31536000', $page['head']);
        self::assertMatchesRegularExpression('/set-cookie: cresco_session=.*secure; httponly; samesite=lax/', $page['head']);
        self::assertStringContainsString('content-encoding: gzip', $page['head']);
        foreach (['x-powered-by', 'server: nginx/'] as $told) {
            self::assertStringNotContainsString($told, $page['head']);
        }
        // No door of the demo here.
        self::assertStringNotContainsString('demo keeper', $page['body']);
    }

    public function testAssetsComePackedAndStayForAYearAndNothingElseIsGivenOut(): void
    {
        preg_match_all('#https://127\.0\.0\.1:\d+(/build/assets/[^"]+\.(?:css|js))#', self::ask('/sign-in')['body'], $found);
        self::assertGreaterThanOrEqual(2, count($found[1]));
        foreach ($found[1] as $asset) {
            $answer = self::ask($asset, null, '', ['Accept-Encoding: gzip']);
            self::assertSame(200, $answer['code']);
            self::assertStringContainsString('immutable', $answer['head']);
            self::assertStringContainsString('content-encoding: gzip', $answer['head']);
        }
        foreach ([
            '/.env', '/../.env', '/%2e%2e/.env', '/storage/logs/cresco.log', '/build/../../.env', '/cresco.sqlite', '/index.php/../.env',
            '/build/assets/../../../.env', '/cresco/build/assets/../../../.env', '/cresco/build/assets..%2f..%2f.env',
        ] as $path) {
            $answer = self::ask($path);
            self::assertContains($answer['code'], [400, 404], $path);
            self::assertStringNotContainsString('APP_KEY', $answer['body'], $path);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function places(): iterable
    {
        yield 'at the root' => ['root', ''];
        yield 'under a path' => ['path', '/cresco'];
    }

    #[DataProvider('places')]
    public function testEveryAddressIsRightWhereverItStands(string $name, string $base): void
    {
        $product = self::enter($base);
        $host = 'https://127.0.0.1:'.self::$server->port;
        $waiting = [$base.'/'];
        $known = [$base.'/' => true];
        for ($visited = 0; $waiting !== [] && $visited < 30; ++$visited) {
            $page = array_shift($waiting);
            $answer = self::ask($page, null, $product);
            self::assertContains($answer['code'], [200, 302], $page);
            preg_match_all('/\s(?:href|action|formaction|src|hx-get|hx-post|data-progress|data-root)="([^"]*)"/', $answer['body'], $found);
            foreach ($found[1] as $address) {
                $address = html_entity_decode($address);
                if ($address === '' || str_starts_with($address, '#') || str_starts_with($address, '?') || str_starts_with($address, 'data:')) {
                    continue;
                }
                $path = str_starts_with($address, $host) ? substr($address, strlen($host)) : $address;
                self::assertStringStartsWith($base.'/', $path, "$page: $address");
                self::assertStringNotContainsString('/cresco/cresco', $path, $page);
            }
            preg_match_all('/<a [^>]*href="('.preg_quote($base, '/').'\/[^"#]*)/', $answer['body'], $links);
            foreach ($links[1] as $link) {
                $link = html_entity_decode($link);
                // One of each kind of page.
                $kind = (string) preg_replace('/\d+/', 'n', strtok($link, '?') ?: '');
                if (!isset($known[$kind]) && !isset($known[$link]) && !str_contains($link, '.csv') && !str_contains($link, '/account/data')) {
                    $known[$kind] = $known[$link] = true;
                    $waiting[] = $link;
                }
            }
        }
        self::assertGreaterThan(25, $visited);
        // A form leads back to where it stands, and fonts lie beside their sheet.
        preg_match('/name="_token" value="([^"]+)"/', self::ask($base.'/settings', null, $product)['body'], $token);
        $answer = self::ask($base.'/log', ['_token' => $token[1] ?? '', 'kind' => 'note', 'title' => 'Written'], $product);
        self::assertMatchesRegularExpression('#location: '.preg_quote($base, '#').'/#', $answer['head']);
        self::assertStringContainsString('Written', self::ask($base.'/log', null, $product)['body']);
        preg_match('#(/[^"]+/assets/[^"]+\.css)#', self::ask($base.'/sign-in')['body'], $sheet);
        $sheet = (string) parse_url($sheet[1] ?? '', PHP_URL_PATH);
        $sheet = substr($sheet, (int) strpos($sheet, $base.'/build'));
        preg_match('#url\(\.(/[^)]+\.woff2)\)#', self::ask($sheet)['body'], $font);
        self::assertSame(200, self::ask(dirname($sheet).($font[1] ?? '/none'))['code']);
    }

    #[DataProvider('places')]
    public function testLettersGoByMailFromTheWorkerAndTheirLinksLeadHere(string $name, string $base): void
    {
        $product = self::$place.'/jar-'.bin2hex(random_bytes(4));
        preg_match('/name="_token" value="([^"]+)"/', self::ask($base.'/sign-up', null, $product)['body'], $found);
        self::ask($base.'/sign-up', ['_token' => $found[1] ?? '', 'email' => "lark-$name@cresco.test"], $product);
        self::assertStringNotContainsString("lark-$name@", (string) @file_get_contents(self::$place.'/letters'));
        self::$server->artisan($name, ['queue:work', '--once']);
        $letter = quoted_printable_decode((string) file_get_contents(self::$place.'/letters'));
        self::assertStringContainsString("To: lark-$name@cresco.test", $letter);
        self::assertSame(1, preg_match('#(https://127\.0\.0\.1:\d+'.$base.'/sign-up/new\?\S*lark-'.$name.'\S+)#', $letter, $link));
        $page = self::ask($link[1] ?? '', null, $product);
        self::assertSame(200, $page['code']);
        self::assertSame(1, preg_match('/<form method="post" action="([^"]+)"/', $page['body'], $form));
        preg_match('/name="_token" value="([^"]+)"/', $page['body'], $found);
        $answer = self::ask(
            html_entity_decode($form[1] ?? ''),
            ['_token' => $found[1] ?? '', 'name' => 'Lark', 'password' => 'moss lamp kettle', 'password_confirmation' => 'moss lamp kettle'],
            $product,
        );
        self::assertMatchesRegularExpression('#location: '.($base === '' ? '/' : $base.'/?').'\s#', $answer['head']);
        self::assertStringContainsString('No tank yet', self::ask($base.'/', null, $product)['body']);
    }

    public function testTheClockMakesABackupWithModesForNobodyElse(): void
    {
        self::$server->artisan('root', ['cresco:backup', '--daily']);
        $data = self::$place.'/root/var/lib/cresco';
        $backups = glob($data.'/backups/cresco-*.zip') ?: [];
        self::assertCount(1, $backups);
        foreach ([$data => '750', $data.'/cresco.sqlite' => '640', $backups[0] => '600', self::$place.'/root/srv/cresco/.env' => '640'] as $path => $mode) {
            self::assertSame($mode, decoct(fileperms($path) & 0o777), $path);
        }
        self::assertStringContainsString('cresco:backup', self::$server->artisan('root', ['schedule:list']));
    }

    public function testUnitsAndLogRotationAreUnderstoodByWhoReadsThem(): void
    {
        $etc = self::$place.'/root/etc';
        $said = (new Process(['systemd-analyze', 'verify', ...array_map(
            static fn(string $unit): string => "$etc/systemd/system/$unit",
            ['cresco-heal.service', 'cresco-queue.service', 'cresco-schedule.service', 'cresco-schedule.timer'],
        )]));
        $said->run();
        self::assertDoesNotMatchRegularExpression(
            '/cresco-\w+\.(service|timer):.*(Unknown|Failed|not found|Invalid|missing)/i',
            $said->getErrorOutput().$said->getOutput(),
        );
        self::assertStringNotContainsString(
            '@',
            (string) preg_replace(
                '/cresco@\S+/',
                '',
                implode('', array_map(static fn(string $file): string => (string) file_get_contents($file), glob($etc.'/systemd/system/*') ?: [])),
            ),
        );
        // As the application writes it.
        file_put_contents($log = self::$place.'/root/var/lib/cresco/logs/cresco.log', str_repeat("line\n", 10));
        chown($log, TrialServer::user());
        $rotate = new Process(['logrotate', '--force', '--state', self::$place.'/rotate.state', $etc.'/logrotate.d/cresco']);
        $rotate->run();
        self::assertSame(0, $rotate->getExitCode(), $rotate->getErrorOutput());
        self::assertFileExists(self::$place.'/root/var/lib/cresco/logs/cresco.log.1');
    }

    public function testAnUpdateBringsNewTablesAndKeepsWhatIsThere(): void
    {
        // A newer checkout, with a table more.
        $newer = self::$place.'/newer';
        mkdir($newer);
        self::$server->do([
            'bash', '-c',
            'tar --exclude=./.git --exclude=./storage --exclude=./node_modules --exclude=./database/*.sqlite* --exclude=./.env -cf - . | tar -xf - -C '.escapeshellarg($newer),
        ]);
        file_put_contents(
            $newer.'/database/migrations/2099_01_01_000000_add.php',
            '<?php return new class extends Illuminate\Database\Migrations\Migration { public function up(): void { Illuminate\Support\Facades\Schema::create("news", fn($table) => $table->id()); } };',
        );
        $root = self::$place.'/root/srv/cresco';
        self::$server->do([$newer.'/deploy/update', '--root', $root, '--user', TrialServer::user()], $newer);
        self::assertFileExists(self::$place.'/root/var/lib/cresco/backups/before-update.zip');
        // PHP keeps the code of before in memory until it is reloaded.
        self::$server->reload();
        $product = self::enter('');
        self::assertStringContainsString('Long Meadow', self::ask('/', null, $product)['body']);
        self::assertStringContainsString('2099_01_01_000000_add', self::$server->artisan('root', ['migrate:status']));

        // One that breaks leaves the code of before, and says what to do.
        file_put_contents(
            $newer.'/database/migrations/2099_01_02_000000_break.php',
            '<?php return new class extends Illuminate\Database\Migrations\Migration { public function up(): void { throw new Exception("no"); } };',
        );
        $update = new Process([$newer.'/deploy/update', '--root', $root, '--user', TrialServer::user()], $newer, TrialServer::environment(), null, 120);
        $update->run();
        self::assertSame(1, $update->getExitCode());
        self::assertStringContainsString('the code of before is back', $update->getErrorOutput());
        self::assertFileDoesNotExist($root.'/database/migrations/2099_01_02_000000_break.php');
        self::assertSame(200, self::ask('/up')['code']);
        self::assertStringContainsString('Long Meadow', self::ask('/', null, $product)['body']);
    }
}
