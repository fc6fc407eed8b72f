<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Filesystem\Filesystem;
use RuntimeException;
use Symfony\Component\Process\Process;

/** What deploy/ puts on a server, on nginx and PHP-FPM of Debian, in a folder and on ports of its own: for tests and for measuring. */
final class TrialServer
{
    public readonly int $port;

    public readonly int $plain;

    /** @var list<Process> */
    private array $running = [];

    public function __construct(public readonly string $folder)
    {
        // The web server's user has to come through to it.
        mkdir($folder, 0o755, true);
        [$this->port, $this->plain] = [self::freePort(), self::freePort()];
        register_shutdown_function($this->end(...));
        $this->do([
            'openssl', 'req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', '/CN=127.0.0.1', '-keyout', $folder.'/key.pem', '-out',
            $folder.'/certificate.pem',
        ]);
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No free port.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    public static function user(): string
    {
        $own = posix_getpwuid(posix_geteuid());

        return posix_geteuid() === 0 ? 'www-data' : (is_array($own) ? $own['name'] : '');
    }

    /**
     * Puts Cresco with its demo into a part of the folder.
     *
     * @param string                $path     that it stands under; empty for the root of the host
     * @param array<string, string> $settings lines of .env that are others
     */
    public function install(string $name, string $path = '', array $settings = []): void
    {
        $this->do(
            [
                'deploy/install', '--host', '127.0.0.1:'.$this->port, '--into', $this->folder.'/'.$name, '--user', self::user(), '--certificate',
                $this->folder.'/certificate.pem', '--key', $this->folder.'/key.pem', ...($path === '' ? [] : ['--path', $path]),
            ],
            base_path(),
        );
        $env = $this->folder.'/'.$name.'/srv/cresco/.env';
        $text = (string) file_get_contents($env);
        foreach (['TRUSTED_HOSTS' => '127.0.0.1', 'MAIL_FROM' => 'cresco@cresco.test'] + $settings as $key => $value) {
            $text = (string) preg_replace("/^$key=.*$/m", $key.'='.$value, $text, -1, $count).($count > 0 ? '' : "$key=$value\n");
        }
        file_put_contents($env, $text);
        $this->artisan($name, ['db:seed', '--force']);
        $this->artisan($name, ['config:cache']);
    }

    /** Starts both servers: the part named "root" at the root of the host, a part named "path" under its path. */
    public function serve(?int $workers = null): void
    {
        $php = PHP_MAJOR_VERSION.'.'.PHP_MINOR_VERSION;
        $pools = '';
        foreach (glob($this->folder.'/*/etc/php/*/fpm/pool.d/cresco.conf') ?: [] as $file) {
            $name = explode('/', substr($file, strlen($this->folder) + 1))[0];
            $pool = str_replace('[cresco]', "[$name]", (string) file_get_contents($file));
            $pools .= $workers === null ? $pool : preg_replace('/^pm\.max_children = \d+/m', 'pm.max_children = '.$workers, $pool);
        }
        file_put_contents($this->folder.'/fpm.conf', "[global]\nerror_log = $this->folder/fpm.log\n".$pools);
        $this->start(['php-fpm'.$php, '--nodaemonize', '--fpm-config', $this->folder.'/fpm.conf']);

        $site = (string) file_get_contents($this->folder.'/root/etc/nginx/sites-available/cresco.conf');
        $site = (string) preg_replace(
            ['/^ *listen \[::\].*$/m', '/listen 80;/', '/listen 443 ssl http2;/', '/server_name 127\.0\.0\.1:\d+;/'],
            ['', "listen 127.0.0.1:$this->plain;", "listen 127.0.0.1:$this->port ssl http2;", 'server_name 127.0.0.1;'],
            $site,
        );
        $under = $this->folder.'/path/etc/nginx/snippets/cresco-under-a-path.conf';
        $site = is_file($under) ? (string) preg_replace('/(    root .*public;)/', "include $under;\n$1", $site, 1) : $site;
        $temporary = implode(
            '',
            array_map(fn(string $kind): string => "{$kind}_temp_path $this->folder/nginx-$kind;\n", ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi']),
        );
        file_put_contents(
            $this->folder.'/nginx.conf',
            (posix_geteuid() === 0
                ? 'user '.self::user().";\n"
                : '')
                    ."pid $this->folder/nginx.pid;\nworker_processes 1;\nevents { worker_connections 512; }\nhttp {\ninclude /etc/nginx/mime.types;\naccess_log off;\nerror_log $this->folder/nginx.log;\n$temporary$site\n}\n",
        );
        $this->do(['nginx', '-t', '-c', $this->folder.'/nginx.conf', '-e', $this->folder.'/nginx.log']);
        $this->start(['nginx', '-c', $this->folder.'/nginx.conf', '-e', $this->folder.'/nginx.log', '-g', 'daemon off;']);
        $this->await();
    }

    /** Waits until it is well. */
    public function await(): void
    {
        for ($i = 0; $i < 200; ++$i) {
            $request = curl_init("https://127.0.0.1:$this->port/up");
            curl_setopt_array($request, [CURLOPT_RETURNTRANSFER => true, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_TIMEOUT => 5]);
            if (curl_exec($request) !== false && curl_getinfo($request, CURLINFO_RESPONSE_CODE) === 200) {
                return;
            }
            usleep(100_000);
        }
        throw new RuntimeException('Nothing answers: '.@file_get_contents($this->folder.'/fpm.log').@file_get_contents($this->folder.'/nginx.log'));
    }

    /** PHP takes up new code. */
    public function reload(): void
    {
        $pid = $this->running[0]->getPid();
        if ($pid !== null) {
            posix_kill($pid, SIGUSR2);
        }
        usleep(300_000);
        $this->await();
    }

    /** @param list<string> $arguments */
    public function artisan(string $name, array $arguments): string
    {
        $as = posix_geteuid() === 0 ? ['setpriv', '--reuid='.self::user(), '--regid='.self::user(), '--clear-groups'] : [];

        return $this->do([...$as, PHP_BINARY, '-d', 'pcov.enabled=0', 'artisan', ...$arguments], $this->folder.'/'.$name.'/srv/cresco');
    }

    /** @param list<string> $command */
    public function do(array $command, ?string $in = null): string
    {
        return (new Process($command, $in, self::environment(), null, 300))->mustRun()->getOutput();
    }

    /** @param list<string> $command */
    public function start(array $command): void
    {
        $process = new Process($command, null, self::environment(), null, null);
        $process->start();
        $this->running[] = $process;
    }

    public function end(): void
    {
        foreach (array_reverse($this->running) as $process) {
            $process->stop(5.0);
        }
        $this->running = [];
        (new Filesystem())->deleteDirectory($this->folder);
    }

    /** @return array<string, string|false> nothing of the settings of whoever starts it */
    public static function environment(): array
    {
        return array_fill_keys(
            [
                'APP_ENV', 'APP_KEY', 'APP_CONFIG_CACHE', 'APP_ROUTES_CACHE', 'APP_EVENTS_CACHE', 'DB_DATABASE', 'DB_CONNECTION', 'SESSION_DRIVER',
                'CACHE_STORE', 'MAIL_MAILER', 'CRESCO_TIMEBOX', 'BCRYPT_ROUNDS', 'CRESCO_DEMO', 'LARAVEL_STORAGE_PATH', 'QUEUE_CONNECTION',
            ],
            false,
        ) + ['PATH' => getenv('PATH').':/usr/sbin:/sbin'];
    }
}
