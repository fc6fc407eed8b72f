<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\Middleware\ServerTiming;
use Closure;
use CurlHandle;
use PDO;
use RuntimeException;

/** The application with a large data set in a file of its own, and a client that measures it. */
final class BenchServer
{
    private const WORKERS = 4;

    private const AT_ONCE = 2;

    private string $cookies = '';

    /** Of its forms. */
    private string $token = '';

    /** @param resource $process */
    private function __construct(
        private readonly string $url,
        private $process,
        public readonly int $tank,
        public readonly int $checklist,
    ) {}

    /**
     * @param Closure(string): mixed $say
     * @param bool                   $isAtLimits whether the keeper has as much as one may have, and not ten years of twelve tanks
     */
    public static function start(Closure $say, bool $isAtLimits = false): self
    {
        $folder = storage_path('bench');
        @mkdir($folder, 0o755, true);
        $name = $isAtLimits ? 'limits' : 'bench';
        $database = self::database($name);
        $environment = [
            'DB_DATABASE' => $database, 'APP_CONFIG_CACHE' => $folder
                .'/config.php', 'PHP_CLI_SERVER_WORKERS' => (string) self::WORKERS, 'CRESCO_TIMED' => 'true',
            'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME'),
        ];
        self::artisan(['config:cache'], $environment);
        // Planted again when the tables or the demo have changed.
        $sum = md5(implode(
            '',
            array_map(
                static fn(string $file): string => (string) file_get_contents($file),
                [
                    ...glob(database_path('migrations/*.php')) ?: [], ...glob(database_path('seeders/*.php')) ?: [], __DIR__.'/BenchData.php',
                    __DIR__.'/LimitsData.php',
                ],
            ),
        ));
        if (@file_get_contents($folder.'/planted-'.$name) !== $sum) {
            $say($isAtLimits ? 'Planting an account at its limits ...' : 'Planting the large data set: 12 tanks, 150,000 readings, 40,000 entries ...');
            array_map(static fn(string $end): bool => @unlink($database.$end), ['', '-wal', '-shm']);
            touch($database);
            self::artisan(['migrate', '--force'], $environment);
            self::artisan(['db:seed', '--force'], $environment);
            $isAtLimits ? LimitsData::plant($database) : BenchData::plant($database);
            file_put_contents($folder.'/planted-'.$name, $sum);
        }
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No free port.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        $process = proc_open(
            ['setsid', PHP_BINARY, '-d', 'pcov.enabled=0', '-d', 'opcache.enable_cli=1', '-S', "127.0.0.1:$port", '-t', 'public', 'server.php'],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            base_path(),
            $environment,
        ) ?: throw new RuntimeException('The server did not start.');
        $pdo = new PDO('sqlite:'.$database);
        $number = static fn(string $sql): int => (int) ($pdo->query($sql) ?: throw new RuntimeException($sql))->fetchColumn();
        $server = new self(
            "http://127.0.0.1:$port",
            $process,
            $number('select min(id) from tanks'),
            $number("select max(id) from checklists where state = 'planned'"),
        );
        for ($i = 0; $i < 100; ++$i) {
            if (@fsockopen('127.0.0.1', $port, $code, $message, 1.0) !== false) {
                break;
            }
            usleep(50000);
        }
        $say(sprintf(
            '%d readings, %d entries, %d tanks.',
            $number('select count(*) from readings'),
            $number('select count(*) from entries'),
            $number('select count(*) from tanks'),
        ));

        return $server;
    }

    public static function database(string $name): string
    {
        return storage_path("bench/$name.sqlite");
    }

    public function signIn(): void
    {
        [$page] = $this->fetch('/sign-in');
        preg_match('/name="_token" value="([^"]+)"/', $page, $token);
        [, $status] = $this->fetch('/sign-in/demo', http_build_query(['_token' => $token[1] ?? '']));
        if ($status !== 302) {
            throw new RuntimeException("The demo keeper could not enter ($status).");
        }
        [$page] = $this->fetch('/tasks');
        preg_match('/name="_token" value="([^"]+)"/', $page, $token);
        $this->token = $token[1] ?? '';
    }

    /**
     * Asks so many times for a page, some at once.
     *
     * @return list<float> seconds each took
     */
    public function request(string $path, bool $isPart, int $times): array
    {
        $isPost = str_starts_with($path, 'POST ');
        $path = $isPost ? substr($path, 5) : $path;
        $all = curl_multi_init();
        $taken = [];
        $started = 0;
        $add = function () use ($all, $path, $isPart, $isPost, &$started): void {
            $handle = $this->handle($path, $isPart ? ['HX-Request: true'] : []);
            if ($isPost) {
                // What is asked after it is another page.
                curl_setopt_array($handle, [CURLOPT_POSTFIELDS => http_build_query(['_token' => $this->token]), CURLOPT_FOLLOWLOCATION => false]);
            }
            curl_multi_add_handle($all, $handle);
            ++$started;
        };
        while ($started < min($times, self::AT_ONCE)) {
            $add();
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
            while (($done = curl_multi_info_read($all)) !== false) {
                $handle = $done['handle'];
                if (!$handle instanceof CurlHandle) {
                    continue;
                }
                $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
                $hops = curl_getinfo($handle, CURLINFO_REDIRECT_COUNT);
                if ($status !== ($isPost ? 302 : 200) || str_contains((string) curl_getinfo($handle, CURLINFO_EFFECTIVE_URL), 'sign-in')) {
                    throw new RuntimeException("$path answered $status.");
                }
                $taken[] = (curl_getinfo($handle, CURLINFO_TOTAL_TIME)) / (1 + (is_int($hops) ? $hops : 0));
                curl_multi_remove_handle($all, $handle);
                if ($started < $times) {
                    $add();
                }
            }
        } while (count($taken) < $times);

        return $taken;
    }

    /**
     * Where the time of one request goes, as the median of some.
     *
     * @return array{framework: float, queries: float, count: int, work: float, view: float} milliseconds, and how many queries
     */
    public function where(string $path, bool $isPart, int $times = 5): array
    {
        $all = [];
        for ($n = 0; $n < $times; ++$n) {
            $handle = $this->handle($path, [ServerTiming::HEADER.': 1', ...($isPart ? ['HX-Request: true'] : [])]);
            $said = '';
            curl_setopt($handle, CURLOPT_HEADERFUNCTION, static function (CurlHandle $handle, string $line) use (&$said): int {
                $said = stripos($line, 'Server-Timing:') === 0 ? $line : $said;

                return strlen($line);
            });
            curl_exec($handle);
            preg_match('/framework;dur=([\d.]+), queries;dur=([\d.]+);desc="(\d+)", work;dur=([\d.]+), view;dur=([\d.]+)/', $said, $found);
            $all[] = array_map(floatval(...), array_slice($found + array_fill(0, 6, '0'), 1, 5));
        }
        $middle = static function (int $column) use ($all): float {
            $values = array_column($all, $column);
            sort($values);

            return $values[intdiv(count($values), 2)] ?? 0.0;
        };

        return ['framework' => $middle(0), 'queries' => $middle(1), 'count' => (int) $middle(2), 'work' => $middle(3), 'view' => $middle(4)];
    }

    /** @return array{float, float} MB that a worker took at most: of its own, which is what one more costs, and with the code that all share */
    public function peakMegabytes(): array
    {
        $pid = proc_get_status($this->process)['pid'];
        $workers = explode(' ', trim((string) @file_get_contents("/proc/$pid/task/$pid/children")));
        [$own, $all] = [0.0, 0.0];
        foreach ([$pid, ...$workers] as $worker) {
            preg_match_all('/^(VmHWM|RssFile|RssShmem):\s+(\d+) kB/m', (string) @file_get_contents("/proc/$worker/status"), $found);
            $kilobytes = array_map(floatval(...), array_combine($found[1], $found[2])) + ['VmHWM' => 0.0, 'RssFile' => 0.0, 'RssShmem' => 0.0];
            $own = max($own, ($kilobytes['VmHWM'] - $kilobytes['RssFile'] - $kilobytes['RssShmem']) / 1024.0);
            $all = max($all, $kilobytes['VmHWM'] / 1024.0);
        }

        return [$own, $all];
    }

    public function stop(): void
    {
        // The whole group, so that no worker stays behind.
        posix_kill(-proc_get_status($this->process)['pid'], SIGTERM);
        proc_close($this->process);
    }

    /** @return array{string, int} body and status */
    private function fetch(string $path, ?string $body = null): array
    {
        $handle = $this->handle($path, []);
        curl_setopt($handle, CURLOPT_FOLLOWLOCATION, false);
        curl_setopt($handle, CURLOPT_HEADERFUNCTION, function (CurlHandle $handle, string $line): int {
            if (preg_match('/^Set-Cookie: ([^=]+)=([^;]+)/i', $line, $cookie)) {
                $this->cookies = (string) preg_replace('/'.preg_quote($cookie[1], '/').'=[^;]+; /', '', $this->cookies).$cookie[1].'='.$cookie[2].'; ';
            }

            return strlen($line);
        });
        if ($body !== null) {
            curl_setopt($handle, CURLOPT_POSTFIELDS, $body);
        }
        $page = curl_exec($handle);

        return [is_string($page) ? $page : '', curl_getinfo($handle, CURLINFO_RESPONSE_CODE)];
    }

    /** @param list<string> $headers */
    private function handle(string $path, array $headers): CurlHandle
    {
        $handle = curl_init($this->url.$path) ?: throw new RuntimeException('curl is not there.');
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => true, CURLOPT_TIMEOUT => 30]);
        if ($this->cookies !== '') {
            curl_setopt($handle, CURLOPT_COOKIE, $this->cookies);
        }
        curl_setopt($handle, CURLOPT_HTTPHEADER, $headers);

        return $handle;
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment
     */
    private static function artisan(array $command, array $environment): void
    {
        $process = proc_open(
            [PHP_BINARY, '-d', 'pcov.enabled=0', 'artisan', ...$command],
            [1 => ['file', '/dev/null', 'w']],
            $pipes,
            base_path(),
            $environment,
        );
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException('artisan '.implode(' ', $command).' failed.');
        }
    }
}
