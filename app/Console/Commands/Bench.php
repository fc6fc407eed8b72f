<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\BenchServer;
use App\Console\LimitsData;
use App\Console\LoadBench;
use App\Console\RecipeBench;
use App\Console\WeekBench;
use Illuminate\Console\Command;

/**
 * Measures pages over HTTP against the bare framework route of the same server in the same run. Times vary with the
 * machine; the ratios are what counts.
 */
final class Bench extends Command
{
    protected $signature = 'cresco:bench {--rounds=25 : requests of each page in a turn} {--turns=8 : turns through all pages} {--only= : only pages whose name holds this} {--load : 40 keepers at once for a minute, on nginx and PHP-FPM} {--growth : more and more keepers at once} {--limits : the heaviest pages of an account at its limits} {--seconds= : of load, or of each step}';

    protected $description = 'Measure pages and recompute against a bare route, as ratios';

    /** Path, whether htmx asks for a part, largest ratio of the 95th percentiles. */
    /** An account at its limits may take so many times as long as an empty one. */
    private const AT_LIMITS = 100.0;

    private const BARE = 'bare framework route';

    private const PAGES = [
        self::BARE => ['/bare', false, null],
        'change sheet, recomputed while typing' => ['/tanks/%d/water-change?reason=nitrate&nitrate_goal=20', true, 4.0],
        'change sheet, a typed amount' => ['/tanks/%d/water-change?reason=amount&way=litres&litres=41', true, 4.0],
        'tank form, drawn while typing' => [
            '/tanks/draw?name=x&shape=box&outer_length=90&outer_depth=45&outer_height=45&glass=8&water_below_rim=30&substrate_back=15&substrate_front=5&porosity=50&stone_kg=9&stone_height=22&animals=community&warmth=24&nitrate_per_day=1&routine_share=30&routine_days=7',
            true, 4.0,
        ],
        'bench, recomputed while typing' => [
            '/mix-water?tank=%d&tank_was=%1$d&animals=plants_first&animals_was=plants_first&litres=70&gh=6&kh=3&ec=&ratio=3&waters[]=1&waters[]=3&jars[]=1&jars[]=2&jars[]=3&jars[]=4&jars[]=5&jars[]=6&jars[]=8&share=35',
            true, 4.0,
        ],
        'bench, another target each time' => [
            '/mix-water?tank=%d&tank_was=%1$d&animals=plants_first&animals_was=plants_first&litres=70&gh=%2$s&kh=3&ec=260&ratio=3&waters[]=1&waters[]=3&jars[]=1&jars[]=2&jars[]=3&jars[]=4&jars[]=5&jars[]=6&jars[]=8&share=35',
            true, 4.0,
        ],
        'cut line, recomputed while dragging' => ['/tanks/%d/plants?trim=1&day=0&stands[]=1&stands[]=3&stands[]=4&cut[3]=14%2$s', true, 3.0],
        'plants, four weeks on' => ['/tanks/%d/plants?trim=1&day=28&stands[]=1&stands[]=3', true, 4.0],
        'plants, whole page' => ['/tanks/%d/plants', false, 6.0],
        'food, another dose while typing' => ['/tanks/%d/fertilising?drawn=&what[1]=%2$s', true, 3.0],
        'food, whole page' => ['/tanks/%d/fertilising', false, 6.0],
        'trouble, an answer weighed' => ['/tanks/%d/problems/900/why', true, 3.0],
        'trouble, what is it' => ['/tanks/%d/problems/900', false, 6.0],
        'trouble, why' => ['/tanks/%d/problems/900/why', false, 6.0],
        'trouble, what now' => ['/tanks/%d/problems/900/now', false, 6.0],
        'course, three years' => ['/tanks/%d/charts?span=1095', false, 6.0],
        'week, whole page' => ['/week', false, 6.0],
        'week, a job moved' => ['POST /week/lay?job=1.change&day=%3$s', false, 3.0],
        'round' => ['/', false, 6.0],
        'section' => ['/tanks/%d', false, 6.0],
        'reading' => ['/tanks/%d/test', false, 6.0],
        'change sheet, whole page' => ['/tanks/%d/water-change', false, 6.0],
        'bench, whole page' => ['/mix-water?tank=%d', false, 6.0],
        'batch card' => ['/batches/1', false, 6.0],
        'shelf' => ['/supplies/products', false, 6.0],
        'a water in full' => ['/source-waters/1', false, 6.0],
        'store' => ['/ro-reservoirs/1', false, 6.0],
        'session composed' => ['/tanks/%d/maintenance?tasks[]=glass&tasks[]=vacuum&tasks[]=trim&tasks[]=media', false, 6.0],
        'bed' => ['/tanks/%d/gravel-vac', false, 6.0],
        'checklist' => ['/checklists/%d', false, 6.0],
        'look-back' => ['/tanks/%d/forecast-check', false, 6.0],
        'diary of a tank' => ['/tanks/%d/log', false, 6.0],
        'diary of everything, readings only' => ['/log?kind=reading', false, 6.0],
    ];

    /** MB of its own that one more worker may take. */
    private const MEGABYTES = 64.0;

    /** Keepers at once, step by step. */
    private const GROWTH = [10, 20, 40, 60, 80, 110];

    public function handle(): int
    {
        if ($this->option('limits')) {
            return $this->limits();
        }
        if ($this->option('load') || $this->option('growth')) {
            $seconds = is_numeric($this->option('seconds')) ? (int) $this->option('seconds') : ($this->option('load') ? 60 : 20);

            return LoadBench::run($this->option('load') ? [40] : self::GROWTH, max(5, $seconds), fn(string $line) => $this->line($line))
                ? self::SUCCESS
                : self::FAILURE;
        }
        $server = BenchServer::start(fn(string $line) => $this->line($line));
        try {
            $server->signIn();
            $times = [];
            $pages = $this->pages();
            foreach (range(0, (int) $this->option('turns')) as $turn) {
                foreach ($pages as $name => [$path, $isPart]) {
                    $url = sprintf(
                        $path,
                        str_starts_with($path, '/checklists') ? $server->checklist : $server->tank,
                        sprintf('%.2f', 5.0 + 0.13 * $turn),
                        date('Y-m-d', time() + 86400 * (1 + $turn % 5)),
                    );
                    $taken = $server->request($url, $isPart, (int) $this->option('rounds'));
                    // The first turn warms the workers.
                    if ($turn > 0) {
                        $times[$name][] = $taken;
                    }
                }
            }
            $this->print($times, $server->peakMegabytes());
            $this->printWhere($server);
            $weeks = WeekBench::run();
            $this->line(sprintf(
                '%d weeks of 60 jobs over 28 days: median %.0f ms, slowest %.0f ms (limit 100 ms: %s).',
                count($weeks),
                1000 * self::quantile($weeks, 0.5),
                1000 * self::quantile($weeks, 1.0),
                self::quantile($weeks, 1.0) < 0.1 ? 'held' : 'OVER',
            ));
            $this->printRecipes(RecipeBench::run(), self::quantile(array_merge(...($times[self::BARE] ?? [])), 0.5));
        } finally {
            $server->stop();
        }

        return self::SUCCESS;
    }

    /** The heaviest pages of an account at its limits, against its page that shows nothing of it. */
    private function limits(): int
    {
        $server = BenchServer::start(fn(string $line) => $this->line($line), true);
        $isHeld = true;
        try {
            $server->signIn();
            $server->request('/account', false, 5);
            $bare = self::quantile($server->request('/account', false, 20), 0.5);
            foreach (['round' => '/', 'week' => '/week', 'evening' => '/tonight'] as $name => $page) {
                LimitsData::age(BenchServer::database('limits'));
                $first = $server->request($page, false, 1)[0] / $bare;
                $then = self::quantile($server->request($page, false, 6), 0.5) / $bare;
                $isHeld = $isHeld && $first <= self::AT_LIMITS;
                $this->line(sprintf(
                    '%-8s %4.0f times a page of the account that shows none of it when all is new, %4.0f then (limit %.0f: %s).',
                    $name,
                    $first,
                    $then,
                    self::AT_LIMITS,
                    $first <= self::AT_LIMITS ? 'held' : 'OVER',
                ));
            }
        } finally {
            $server->stop();
        }

        return $isHeld ? self::SUCCESS : self::FAILURE;
    }

    /** @return array<string, array{string, bool, float|null}> */
    private function pages(): array
    {
        $only = (string) $this->option('only');

        return array_filter(self::PAGES, static fn(string $name): bool => $name === self::BARE || str_contains($name, $only), ARRAY_FILTER_USE_KEY);
    }

    /**
     * The ratio is taken turn by turn, page against bare route measured within seconds of each other, and its median is
     * shown: a machine that slows down for a while slows both.
     *
     * @param array<string, list<list<float>>> $times seconds, by page and turn
     * @param array{float, float}              $peak  MB of a worker, of its own and with what all share
     */
    private function print(array $times, array $peak): void
    {
        $bare = $times[self::BARE];
        $this->line('');
        $this->line(sprintf('%-40s %9s %9s %8s %7s', 'page', 'p50 ms', 'p95 ms', 'p95/bare', 'limit'));
        foreach ($this->pages() as $name => [, , $limit]) {
            $ratios = array_map(
                static fn(array $taken, array $plain): float => self::quantile($taken, 0.95) / self::quantile($plain, 0.95),
                $times[$name],
                $bare,
            );
            $ratio = self::quantile($ratios, 0.5);
            $all = array_merge(...$times[$name]);
            $this->line(sprintf(
                '%-40s %9.1f %9.1f %8.2f %7s %s',
                $name,
                1000 * self::quantile($all, 0.5),
                1000 * self::quantile($all, 0.95),
                $ratio,
                $limit === null ? '' : sprintf('%.0f', $limit),
                $limit === null ? '' : ($ratio <= $limit ? 'held' : 'OVER'),
            ));
        }
        $this->line(sprintf(
            'Peak memory of a worker: %.0f MB of its own (limit %.0f: %s), %.0f MB with the code that all share. %d requests of each page, two at a time.',
            $peak[0],
            self::MEGABYTES,
            $peak[0] < self::MEGABYTES ? 'held' : 'OVER',
            $peak[1],
            count(array_merge(...$times[self::BARE])),
        ));
    }

    /** Where the time of each page goes, one request at a time: framework, queries with their number, the work of the page, its drawing. */
    private function printWhere(BenchServer $server): void
    {
        $this->line('');
        $this->line(sprintf('%-40s %10s %9s %8s %8s %8s  %s', 'one request, ms', 'framework', 'queries', '', 'work', 'view', 'most of it'));
        foreach ($this->pages() as $name => [$path, $isPart]) {
            if (str_starts_with($path, 'POST ')) {
                continue;
            }
            $where = $server->where(sprintf($path, str_starts_with($path, '/checklists') ? $server->checklist : $server->tank, '7.00', date('Y-m-d')), $isPart);
            $parts = ['framework' => $where['framework'], 'queries' => $where['queries'], 'work' => $where['work'], 'view' => $where['view']];
            arsort($parts);
            $this->line(sprintf(
                '%-40s %10.1f %9.1f %8s %8.1f %8.1f  %s',
                $name,
                $where['framework'],
                $where['queries'],
                '('.$where['count'].')',
                $where['work'],
                $where['view'],
                array_key_first($parts),
            ));
        }
        $this->line('');
    }

    /** @param list<float> $taken seconds */
    private function printRecipes(array $taken, float $bare): void
    {
        $median = self::quantile($taken, 0.5);
        $this->line(sprintf(
            '%d random recipes, 4 waters, 13 salts, 8 targets: median %.2f ms, 95th percentile %.2f ms; %.2f of the bare route (limit 5 ms: %s).',
            count($taken),
            1000 * $median,
            1000 * self::quantile($taken, 0.95),
            $median / $bare,
            $median < 0.005 ? 'held' : 'OVER',
        ));
    }

    /** @param list<float> $values */
    private static function quantile(array $values, float $share): float
    {
        sort($values);

        return $values[(int) floor($share * (count($values) - 1))] ?? NAN;
    }
}
