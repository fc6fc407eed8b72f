<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupFault;
use App\Backup\BackupFile;
use App\Backup\Daily;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** Writes all data and photos into one archive, while Cresco runs. */
final class Backup extends Command
{
    protected $signature = 'cresco:backup {file? : where to} {--daily : today’s own, unless it is there}';

    protected $description = 'Write all data and photos into one archive';

    public function handle(): int
    {
        $file = $this->argument('file');
        try {
            $manifest = match (true) {
                (bool) $this->option('daily') => Daily::make(CarbonImmutable::now()),
                is_string($file) => BackupFile::write($file),
                default => throw new BackupFault((string) __('backup.where')),
            };
        } catch (BackupFault $fault) {
            $this->getOutput()->getErrorStyle()->writeln($fault->getMessage());

            return self::FAILURE;
        }
        if ($manifest !== null) {
            $this->line((string) __('backup.made', ['rows' => array_sum($manifest->rows), 'photos' => $manifest->photos()]));
        }
        if ($manifest !== null && $manifest->missing !== []) {
            $this->line((string) __(
                'backup.photos_missing',
                ['count' => count($manifest->missing), 'names' => implode(', ', array_slice($manifest->missing, 0, 5))],
            ));
        }

        return self::SUCCESS;
    }
}
