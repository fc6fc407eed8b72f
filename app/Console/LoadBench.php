<?php

declare(strict_types=1);

namespace App\Console;

use App\Console\Commands\Crowd;
use Closure;
use CurlHandle;
use PDO;
use Random\Randomizer;
use RuntimeException;

/**
 * Many keepers at once, each signed in, each looking at a page or keeping something after a while of thinking. It runs on nginx and
 * PHP-FPM as deploy/ puts them there; whoever asks runs on the same processors.
 */
final class LoadBench
{
    /** Seconds of thought between two requests, least and most. House default. */
    private const THOUGHT = [2.0, 8.0];

    /** What keepers do, and how often of a hundred times. */
    private const DOES = [
        'round' => 22, 'tank' => 15, 'change sheet' => 8, 'change sheet, typed' => 15, 'plants' => 6, 'food' => 5, 'diary' => 8, 'week' => 4, 'bench' => 5, 'note' => 6, 'readings' => 6,
    ];

    /** @var array<int, list<int>> tanks by keeper */
    private array $tanks = [];

    /** @var array<int, array{non-empty-string, string}> cookies and token by keeper */
    private array $signed = [];

    /** @var array<string, true> titles that were accepted */
    private array $accepted = [];

    /** @var array<int, int> what went wrong, by the code of the answer */
    private array $errors = [];

    private int $notes = 0;

    /** @param Closure(string): mixed $say */
    private function __construct(private readonly TrialServer $server, private readonly Closure $say, private readonly Randomizer $random) {}

    /**
     * @param non-empty-list<int>    $steps keepers at once, step by step
     * @param Closure(string): mixed $say
     *
     * @return bool whether nothing went wrong and nothing that was accepted is lost
     */
    public static function run(array $steps, int $seconds, Closure $say): bool
    {
        $server = new TrialServer(sys_get_temp_dir().'/cresco-load-'.bin2hex(random_bytes(4)));
        try {
            $most = max($steps);
            $say('Putting Cresco on nginx and PHP-FPM, with '.$most.' keepers who have what the demo has ...');
            $server->install('root');
            $server->artisan('root', ['cresco:crowd', (string) $most]);
            $server->serve();
            $bench = new self($server, $say, new Randomizer());
            $bench->signIn($most);
            $say(sprintf('%-10s %10s %10s %10s %10s %10s %8s', 'keepers', 'seconds', 'requests', 'a second', 'p50, ms', 'p95, ms', 'errors'));
            foreach ($steps as $keepers) {
                $bench->step($keepers, $seconds);
            }

            return $bench->isAllKept();
        } finally {
            $server->end();
        }
    }

    private function signIn(int $keepers): void
    {
        $database = $this->database();
        for ($i = 1; $i <= $keepers; ++$i) {
            $product = $this->server->folder.'/jar-'.$i;
            $token = self::token($this->page('/sign-in', null, $product));
            $this->page('/sign-in', ['_token' => $token, 'email' => 'k'.$i.Crowd::HOST, 'password' => Crowd::PASSWORD], $product);
            $this->signed[$i] = [$product, self::token($this->page('/settings', null, $product))];
            $statement = $database->prepare('select t.id from tanks t join keepers k on k.id = t.keeper_id where k.email = ?');
            $statement->execute(['k'.$i.Crowd::HOST]);
            $this->tanks[$i] = array_values(array_map(static fn(mixed $id): int => is_numeric($id) ? (int) $id : 0, $statement->fetchAll(PDO::FETCH_COLUMN)));
            // Each page once: what is worked out once a day is there, as in the middle of a day.
            foreach (['/', '/week', '/tanks/'.$this->tanks[$i][0].'/plants', '/tanks/'.$this->tanks[$i][0].'/fertilising'] as $warm) {
                $this->page($warm, null, $product);
            }
        }
    }

    private function step(int $keepers, int $seconds): void
    {
        $all = curl_multi_init();
        $begin = microtime(true);
        $next = $busy = $times = [];
        foreach (range(1, $keepers) as $i) {
            $next[$i] = $begin + $this->between(0.0, self::THOUGHT[1]);
        }
        $errors = array_sum($this->errors);
        while (($now = microtime(true)) < $begin + $seconds || $busy !== []) {
            foreach ($next as $i => $at) {
                if ($at <= $now && !isset($busy[$i]) && $now < $begin + $seconds) {
                    [$handle, $title] = $this->act($i);
                    curl_multi_add_handle($all, $handle);
                    $busy[$i] = [$handle, $title];
                }
            }
            curl_multi_exec($all, $running);
            while (is_array($done = curl_multi_info_read($all))) {
                foreach ($busy as $i => [$handle, $title]) {
                    if ($done['handle'] === $handle) {
                        $times[] = 1000.0 * (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME);
                        $this->judge($handle, $title);
                        curl_multi_remove_handle($all, $handle);
                        unset($busy[$i]);
                        $next[$i] = microtime(true) + $this->between(...self::THOUGHT);
                    }
                }
            }
            curl_multi_select($all, 0.005);
        }
        sort($times);
        $quantile = static fn(float $share): float => $times[(int) min(count($times) - 1, floor($share * count($times)))] ?? 0.0;
        ($this->say)(sprintf(
            '%-10d %10d %10d %10.1f %10.0f %10.0f %8d',
            $keepers,
            $seconds,
            count($times),
            count($times) / $seconds,
            $quantile(0.5),
            $quantile(0.95),
            array_sum($this->errors) - $errors,
        ));
    }

    /** @return array{CurlHandle, string|null} what a keeper does next, and the title of what is kept */
    private function act(int $i): array
    {
        [$product, $token] = $this->signed[$i];
        $tank = $this->tanks[$i][$this->random->getInt(0, count($this->tanks[$i]) - 1)];
        $at = $this->random->getInt(1, array_sum(self::DOES));
        foreach (self::DOES as $what => $share) {
            if (($at -= $share) <= 0) {
                break;
            }
        }
        $title = in_array($what, ['note', 'readings'], true) ? 'Under load '.++$this->notes : null;

        return [match ($what) {
            'round' => $this->handle('/', null, $product),
            'tank' => $this->handle("/tanks/$tank", null, $product),
            'change sheet' => $this->handle("/tanks/$tank/water-change", null, $product),
            'change sheet, typed' => $this->handle(
                "/tanks/$tank/water-change?reason=amount&way=share&share=".$this->random->getInt(10, 60),
                null,
                $product,
                true,
            ),
            'plants' => $this->handle("/tanks/$tank/plants", null, $product),
            'food' => $this->handle("/tanks/$tank/fertilising", null, $product),
            'diary' => $this->handle("/tanks/$tank/log", null, $product),
            'week' => $this->handle('/week', null, $product),
            'bench' => $this->handle("/mix-water?tank=$tank", null, $product),
            'note' => $this->handle('/log', ['_token' => $token, 'kind' => 'note', 'tank_id' => (string) $tank, 'title' => (string) $title], $product),
            default => $this->handle(
                "/tanks/$tank/test",
                ['_token' => $token, 'readings[ph]' => sprintf('6.%d', $this->random->getInt(2, 9)), 'note' => (string) $title],
                $product,
            ),
        }, $what === 'note' ? $title : null];
    }

    private function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->random->getInt(0, 1_000_000) / 1e6;
    }

    private function judge(CurlHandle $handle, ?string $title): void
    {
        $code = (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        $isWell = $code === 200 || $code === 302;
        // Whoever was signed out meanwhile is an error too.
        if (!$isWell || str_contains((string) curl_getinfo($handle, CURLINFO_REDIRECT_URL), 'sign-in')) {
            $this->errors[$code] = ($this->errors[$code] ?? 0) + 1;
        } elseif ($title !== null) {
            $this->accepted[$title] = true;
        }
    }

    private function isAllKept(): bool
    {
        $kept = [];
        foreach ($this->database()->query("select title from entries where title like 'Under load %'") ?: [] as $row) {
            $kept[is_array($row) && is_string($row['title']) ? $row['title'] : ''] = true;
        }
        $lost = array_diff_key($this->accepted, $kept);
        ($this->say)(sprintf(
            '%d notes were accepted, %d of them are lost; errors: %s.',
            count($this->accepted),
            count($lost),
            $this->errors === [] ? 'none' : json_encode($this->errors),
        ));

        return $lost === [] && $this->errors === [];
    }

    private function database(): PDO
    {
        return new PDO('sqlite:'.$this->server->folder.'/root/var/lib/cresco/cresco.sqlite');
    }

    private static function token(string $page): string
    {
        return preg_match('/name="_token" value="([^"]+)"/', $page, $found) === 1 ? $found[1] : throw new RuntimeException('A page has no form.');
    }

    /**
     * @param array<string, string>|null $form
     * @param non-empty-string           $product
     */
    private function handle(string $path, ?array $form, string $product, bool $isPart = false): CurlHandle
    {
        $handle = curl_init('https://127.0.0.1:'.$this->server->port.$path);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_TIMEOUT => 30, CURLOPT_COOKIEFILE => $product, CURLOPT_COOKIEJAR => $product, CURLOPT_ENCODING => '',
            CURLOPT_HTTPHEADER => $isPart ? ['HX-Request: true'] : [],
        ] + ($form === null ? [] : [CURLOPT_POSTFIELDS => http_build_query($form)]));

        return $handle;
    }

    /**
     * Cookies are written when its handle ends.
     *
     * @param array<string, string>|null $form
     * @param non-empty-string           $product
     */
    private function page(string $path, ?array $form, string $product): string
    {
        $body = curl_exec($this->handle($path, $form, $product));

        return is_string($body) ? $body : '';
    }
}
