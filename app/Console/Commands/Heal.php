<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\ImportArchive;
use App\Backup\BackupFault;
use App\Backup\BackupFile;
use App\Backup\Restoring;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;

/** Puts right what a restore or an archive left that was cut off, and lets the pages answer again. It must not run beside a restore. */
final class Heal extends Command
{
    protected $signature = 'cresco:heal';

    protected $description = 'Put right what a killed restore left';

    public function handle(): int
    {
        try {
            // Data of another engine are restored by its own tools.
            $isHealed = DB::connection()->getDriverName() === 'sqlite' && Restoring::heal(BackupFile::database(), Storage::disk('local')->path('photos'));
        } catch (BackupFault $fault) {
            $this->getOutput()->getErrorStyle()->writeln($fault->getMessage());

            return self::FAILURE;
        }
        if ($this->laravel->isDownForMaintenance()) {
            $this->callSilently('up');
        }
        if (Schema::hasColumn('keepers', 'incoming_for') && ($left = ImportArchive::clearLeft()) > 0) {
            $this->line(trans_choice('backup.imports_cleared', $left, ['count' => $left]));
        }
        if ($isHealed) {
            $this->line((string) __('backup.restore_healed'));
        }

        return self::SUCCESS;
    }
}
