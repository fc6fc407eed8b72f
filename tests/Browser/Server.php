<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Console\TrialServer;
use Illuminate\Filesystem\Filesystem;
use RuntimeException;

/** The application with its own copy of the demo data, and a driver for Chromium; both stop with the tests. */
final class Server
{
    private static ?string $template = null;

    /** @var list<resource> */
    private static array $processes = [];

    /**
     * @param resource              $process
     * @param array<string, string> $settings
     */
    private function __construct(public readonly string $url, public readonly string $database, private mixed $process, private array $settings) {}

    /** @param array<string, string> $settings of its environment beside the usual ones */
    public static function start(array $settings = []): self
    {
        $database = self::scratch('cresco-'.bin2hex(random_bytes(4)).'.sqlite');
        copy(self::template(), $database);
        $port = self::freePort();

        return new self("http://127.0.0.1:$port", $database, self::serve($port, $database, $settings), $settings);
    }

    /** Puts the demo data back as they were; what is still being answered keeps the file that it has open. */
    public function plant(): void
    {
        $this->wind(0.0);
        foreach (['', '-wal', '-shm'] as $part) {
            @unlink($this->database.$part);
        }
        copy(self::template(), $this->database);
    }

    /** Moves the clock of the application on by so many hours from now. */
    public function wind(float $hours): void
    {
        file_put_contents(self::scratch('clock'), (string) (int) round(3600.0 * $hours));
    }

    /** The power goes: no process of the server ends anything that it had begun. */
    public function kill(): void
    {
        posix_kill(-proc_get_status($this->process)['pid'], SIGKILL);
        proc_close($this->process);
        self::$processes = array_values(array_filter(self::$processes, static fn(mixed $process): bool => is_resource($process)));
    }

    /** Starts it again at the same address, on what is left of its data. */
    public function revive(): void
    {
        $this->process = self::serve((int) parse_url($this->url, PHP_URL_PORT), $this->database, $this->settings);
    }

    /**
     * @param array<string, string> $settings
     *
     * @return resource
     */
    private static function serve(int $port, string $database, array $settings): mixed
    {
        // As it runs where it is installed: with its routes and its configuration in one file each.
        $environment = [
            'APP_CONFIG_CACHE' => self::scratch('config-'.$port.'.php'), 'APP_ROUTES_CACHE' => self::scratch('routes.php'),
        ] + $settings + self::environment($database);
        foreach (is_file($environment['APP_ROUTES_CACHE']) ? ['config:cache'] : ['route:cache', 'config:cache'] as $command) {
            self::artisan([$command], $environment);
        }
        $process = self::launch(
            [
                PHP_BINARY, '-d', 'pcov.enabled=0', '-d', 'opcache.enable_cli=1', '-d', 'variables_order=EGPCS', '-d', 'upload_max_filesize=256M',
                '-d', 'post_max_size=257M', '-S', "127.0.0.1:$port", '-t', 'public', 'server.php',
            ],
            $environment + ['PHP_CLI_SERVER_WORKERS' => '3'],
        );
        self::await("http://127.0.0.1:$port/bare");

        return $process;
    }

    public static function chromedriver(): string
    {
        $port = self::freePort();
        self::launch(['chromedriver', "--port=$port"], []);
        self::await("http://127.0.0.1:$port/status");

        return "http://127.0.0.1:$port";
    }

    /** @return non-empty-string a path in a folder that goes with the tests */
    public static function scratch(string $name): string
    {
        $folder = sys_get_temp_dir().'/cresco-tests-'.getmypid();
        if (!is_dir($folder)) {
            mkdir($folder, 0o700, true);
            register_shutdown_function(self::stop(...), $folder);
        }

        return $folder.'/'.$name;
    }

    /** Path and query of the link in the newest letter to an address. */
    public static function linkOfLetterTo(string $address): string
    {
        for ($until = microtime(true) + 10.0; microtime(true) < $until; usleep(50_000)) {
            $letters = (string) @file_get_contents(self::storage().'/logs/letters.log');
            $at = strrpos($letters, 'To: '.$address);
            $letter = $at === false ? '' : substr($letters, $at);
            if (preg_match('#https?://[^/\s]+(/\S+)#', $letter, $found) === 1) {
                return $found[1];
            }
        }
        throw new RuntimeException('No letter came to '.$address.'.');
    }

    private static function template(): string
    {
        if (self::$template === null) {
            $template = self::scratch('template.sqlite');
            touch($template);
            foreach ([['migrate', '--force'], ['db:seed', '--force']] as $command) {
                self::artisan($command, self::environment($template));
            }
            self::$template = $template;
        }

        return self::$template;
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment
     */
    private static function artisan(array $command, array $environment): void
    {
        $process = proc_open(
            [PHP_BINARY, '-d', 'pcov.enabled=0', 'artisan', ...$command],
            [1 => ['file', '/dev/null', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            self::root(),
            $environment,
        );
        $said = stream_get_contents($pipes[2]);
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException('artisan '.implode(' ', $command).' failed: '.$said);
        }
    }

    /** @return array<string, string> */
    private static function environment(string $database): array
    {
        return [
            'APP_CONFIG_CACHE' => 'bootstrap/cache/none-config.php', 'APP_ROUTES_CACHE' => 'bootstrap/cache/none-routes.php', 'APP_EVENTS_CACHE' => 'bootstrap/cache/none-events.php',
            'APP_ENV' => 'testing', 'APP_DEBUG' => 'false', 'DB_DATABASE' => $database, 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file',
            'LARAVEL_STORAGE_PATH' => self::storage(), 'MAIL_MAILER' => 'log', 'CRESCO_CLOCK' => self::scratch('clock'), 'CRESCO_DEMO' => 'true', 'BCRYPT_ROUNDS' => '4', 'APP_KEY' => (string) getenv('APP_KEY'), 'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME'),
        ];
    }

    /** A storage of its own: what is cached, photographed and said to one server is nothing to another. */
    private static function storage(): string
    {
        foreach (['app/private', 'logs', 'framework/cache/data', 'framework/sessions', 'framework/views'] as $part) {
            if (!is_dir($folder = self::scratch('storage/'.$part))) {
                mkdir($folder, 0o700, true);
            }
        }

        return self::scratch('storage');
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    public static function freePort(): int
    {
        return TrialServer::freePort();
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment
     *
     * @return resource
     */
    private static function launch(array $command, array $environment): mixed
    {
        $log = ['file', self::scratch('log'), 'a'];
        $process = proc_open(
            ['setsid', ...$command],
            [['file', '/dev/null', 'r'], $log, $log],
            $pipes,
            self::root(),
            $environment === [] ? null : $environment,
        );
        return self::$processes[] = $process ?: throw new RuntimeException('Could not start '.$command[0]);
    }

    public static function await(string $url, float $seconds = 20.0): void
    {
        for ($until = microtime(true) + $seconds; microtime(true) < $until;) {
            $request = curl_init($url);
            curl_setopt_array($request, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 5]);
            if (curl_exec($request) !== false) {
                return;
            }
            usleep(50000);
        }
        throw new RuntimeException("Nothing answers at $url.");
    }

    private static function stop(string $folder): void
    {
        foreach (self::$processes as $process) {
            $pid = proc_get_status($process)['pid'];
            // The whole group: the server's workers and the browser go with it.
            posix_kill(-$pid, SIGTERM);
            proc_terminate($process);
        }
        usleep(300000);
        (new Filesystem())->deleteDirectory($folder);
    }
}
