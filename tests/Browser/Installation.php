<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Filesystem\Filesystem;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A copy of Cresco in a folder of its own, with data of its own, for what is done with the one script and on a server. */
final class Installation
{
    public readonly string $folder;

    private ?Process $running = null;

    public function __construct()
    {
        $this->folder = Server::scratch('installation-'.bin2hex(random_bytes(4)));
        $root = dirname(__DIR__, 2);
        (new Filesystem())->makeDirectory($this->folder.'/storage', 0o700, true);
        foreach ([
            'app', 'bootstrap', 'config', 'core', 'database', 'deploy', 'docs', 'lang', 'public', 'resources', 'routes', 'artisan', 'composer.json',
            'cresco', 'package.json', 'package-lock.json', '.npmrc', 'server.php', 'vite.config.js', 'storage/prepared',
        ] as $part) {
            if (file_exists($root.'/'.$part)) {
                (new Process(['cp', '-r', $root.'/'.$part, $this->folder.'/'.$part]))->mustRun();
            }
        }
        foreach (['vendor', 'node_modules'] as $part) {
            symlink($root.'/'.$part, $this->folder.'/'.$part);
        }
        // What the packages are made of is as it is here, whoever prepared it: nothing is prepared again, through the links, for all.
        (new Filesystem())->ensureDirectoryExists($this->folder.'/storage/prepared', 0o700);
        foreach ([
            'vendor' => 'cat composer.json', 'node_modules' => 'cat package.json package-lock.json .npmrc',
            'assets' => 'cat package-lock.json vite.config.js $(find resources/js resources/scss -type f | sort)',
        ] as $name => $inputs) {
            $sum = (new Process(['bash', '-c', $inputs.' 2>/dev/null | sha256sum'], $this->folder))->mustRun()->getOutput();
            file_put_contents($this->folder.'/storage/prepared/'.$name, rtrim($sum, "\n"));
        }
        (new Filesystem())->delete([
            ...(glob($this->folder.'/database/*.sqlite*') ?: []), ...(glob($this->folder.'/bootstrap/cache/*.php') ?: []),
            $this->folder.'/storage/prepared/lock',
        ]);
    }

    /**
     * @param list<string> $arguments
     *
     * @return array{int, string} how it ended, and all that it said
     */
    public function cresco(array $arguments, ?string $from = null): array
    {
        $process = new Process([$this->folder.'/cresco', ...$arguments], $from ?? $this->folder, self::environment(), '', 300);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput().$process->getErrorOutput()];
    }

    /** Starts it as anybody does, and waits until it answers. */
    public function up(): string
    {
        $port = Server::freePort();
        $this->running = new Process([$this->folder.'/cresco', 'up', '--port', (string) $port], $this->folder, self::environment(), null, null);
        $this->running->start();
        Server::await("http://127.0.0.1:$port/bare", 120.0);

        return "http://127.0.0.1:$port";
    }

    public function pid(): int
    {
        return $this->running?->getPid() ?? throw new RuntimeException('It does not run.');
    }

    public function stop(int $signal = SIGTERM): void
    {
        if ($this->running?->isRunning() === true) {
            $this->running->signal($signal);
            $this->running->wait();
        }
        $this->running = null;
    }

    /** One figure of its data. */
    public function number(string $query): int
    {
        $statement = (new \PDO('sqlite:'.$this->folder.'/database/cresco.sqlite'))->query($query);
        $value = $statement === false ? null : $statement->fetchColumn();

        return is_numeric($value) ? (int) $value : -1;
    }

    /** @return array<string, string|false> */
    private static function environment(): array
    {
        // Nothing of the tests' own settings.
        $own = [
            'APP_ENV', 'APP_KEY', 'APP_CONFIG_CACHE', 'APP_ROUTES_CACHE', 'APP_EVENTS_CACHE', 'DB_DATABASE', 'DB_CONNECTION', 'SESSION_DRIVER',
            'CACHE_STORE', 'MAIL_MAILER', 'CRESCO_TIMEBOX', 'BCRYPT_ROUNDS', 'CRESCO_DEMO', 'LARAVEL_STORAGE_PATH',
        ];

        return array_fill_keys($own, false) + ['CRESCO_WORKERS' => '2'];
    }
}
