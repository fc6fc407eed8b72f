<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupFault;
use App\Backup\Restoring;
use Illuminate\Console\Command;

/** Puts a backup in the place of what is there. */
final class Restore extends Command
{
    protected $signature = 'cresco:restore {file : the backup}';

    protected $description = 'Put a backup in the place of all data and photos';

    public function handle(): int
    {
        $file = $this->argument('file');
        try {
            $manifest = Restoring::from(is_string($file) ? $file : '');
        } catch (BackupFault $fault) {
            $this->getOutput()->getErrorStyle()->writeln((string) __('backup.unchanged', ['why' => $fault->getMessage()]));

            return self::FAILURE;
        }
        $this->line((string) __(
            'backup.restored',
            ['when' => $manifest->madeAt->format('j M Y, H:i'), 'rows' => array_sum($manifest->rows), 'photos' => $manifest->photos()],
        ));

        return self::SUCCESS;
    }
}
