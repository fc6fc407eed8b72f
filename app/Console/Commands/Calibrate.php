<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Calibration;
use Cresco\Core\World\Instrument;
use Illuminate\Console\Command;

/** Prints how often bands of 80 % hold the truth of simulated tanks. */
final class Calibrate extends Command
{
    protected $signature = 'cresco:calibrate {count=1000 : diaries of each row} {seed=1}';

    protected $description = 'Hold bands of 80 % against the truth of simulated tanks';

    public function handle(): int
    {
        [$count, $seed] = [max(1, (int) $this->argument('count')), (int) $this->argument('seed')];
        $this->line('Share of bands of 80 % that hold the truth, and mean interval score.');
        $levels = $others = [];
        foreach ([false, true] as $isUnnoted) {
            foreach (Instrument::cases() as $instrument) {
                $levels[] = [$instrument->value, $isUnnoted ? 'something unnoted' : 'all noted', ...self::cells(
                    Calibration::of($instrument, $isUnnoted, $count, $seed),
                    self::OF_LEVELS,
                )];
            }
        }
        $this->table(['read by', 'diary', ...self::OF_LEVELS], $levels);
        foreach (self::others($count, $seed) as $name => [$found, $asked]) {
            foreach ($asked as $what) {
                $others[] = [$name, $what, ...self::cells($found, [$what])];
            }
        }
        $this->table(['of', 'what', 'held, score'], $others);

        return self::SUCCESS;
    }

    private const OF_LEVELS = [Calibration::NOW, Calibration::FIRST, Calibration::WEEK, Calibration::FOUR_WEEKS, Calibration::RATE];

    /** @return iterable<string, array{Calibration, list<string>}> */
    private static function others(int $count, int $seed): iterable
    {
        yield 'pH, firm water' => [Calibration::ofPh(false, $count, $seed), [Calibration::AFTER, Calibration::NEXT_DAY]];
        yield 'pH, soft water' => [Calibration::ofPh(true, $count, $seed), [Calibration::AFTER, Calibration::NEXT_DAY]];
        yield 'cycling, nitrite' => [Calibration::ofCycling($count, $seed), [Calibration::NITRITE_PEAK, Calibration::NOW, Calibration::WEEK]];
        foreach ([1, 3, 6] as $pairs) {
            yield 'heights, pairs '.$pairs => [Calibration::ofHeights($pairs, $count, $seed), [Calibration::RATE, Calibration::NEXT_STRETCH]];
        }
    }

    /**
     * @param list<string> $asked
     *
     * @return list<string>
     */
    private static function cells(Calibration $found, array $asked): array
    {
        return array_map(static function (string $what) use ($found): string {
            [$held, $score] = [$found->held($what), $found->score($what)];

            return $held === null || $score === null ? '' : sprintf('%.0f %%  %.3g', 100.0 * $held, $score);
        }, $asked);
    }
}
