<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\Ledger;
use Illuminate\Console\Command;

/** Writes docs/defaults.md again from what stands in the code. */
final class Defaults extends Command
{
    protected $signature = 'cresco:defaults';

    protected $description = 'Write docs/defaults.md from the figures in the code';

    public function handle(): int
    {
        file_put_contents(base_path('docs/defaults.md'), Ledger::markdown());

        return self::SUCCESS;
    }
}
