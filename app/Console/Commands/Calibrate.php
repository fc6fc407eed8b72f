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
        $asked = [Calibration::NOW, Calibration::FIRST, Calibration::WEEK, Calibration::FOUR_WEEKS, Calibration::RATE];
        $rows = [];
        foreach ([false, true] as $isUnnoted) {
            foreach (Instrument::cases() as $instrument) {
                $found = Calibration::of($instrument, $isUnnoted, max(1, (int) $this->argument('count')), (int) $this->argument('seed'));
                $rows[] = [$instrument->value, $isUnnoted ? 'something unnoted' : 'all noted', ...array_map(static function (string $what) use ($found): string {
                    [$held, $score] = [$found->held($what), $found->score($what)];

                    return $held === null || $score === null ? '' : sprintf('%.0f %%  %.3g', 100.0 * $held, $score);
                }, $asked)];
            }
        }
        $this->line('Share of bands of 80 % that hold the truth, and mean interval score.');
        $this->table(['read by', 'diary', ...$asked], $rows);

        return self::SUCCESS;
    }
}
