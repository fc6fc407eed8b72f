<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Throwable;

/** Takes a backup back in: it is checked and unpacked beside, changes places with what is there, and what was there goes last. */
final class Restoring
{
    /** Seconds that requests under way have to end. House default. */
    private const GRACE = 2;

    /** @throws BackupFault when nothing was changed */
    public static function from(string $path): Manifest
    {
        $database = BackupFile::database();
        $files = new Filesystem();
        $photos = Storage::disk('local')->path('photos');
        $aside = dirname($database).'/.restoring-'.bin2hex(random_bytes(4));
        $files->makeDirectory($aside, 0o700);
        $moved = [];
        $isDown = $isDone = false;
        try {
            $manifest = BackupFile::verify($path, $aside);
            foreach ($manifest->migrations as $migration) {
                if (!is_file(database_path("migrations/$migration.php"))) {
                    throw BackupFault::newer($migration);
                }
            }
            $files->ensureDirectoryExists($aside.'/photos', 0o700);
            $files->ensureDirectoryExists(dirname($photos), 0o700);
            $isDown = Artisan::call('down', ['--retry' => 10]) === 0;
            sleep(self::GRACE);
            DB::disconnect();
            foreach ([$database, $database.'-wal', $database.'-shm', $photos] as $old) {
                if (file_exists($old)) {
                    self::move($old, $aside.'/was-'.basename($old));
                    $moved[$old] = $aside.'/was-'.basename($old);
                }
            }
            self::move($aside.'/'.BackupFile::DATABASE, $database);
            // Photos may lie on another disk than the data.
            self::move($aside.'/photos', $photos);
            DB::reconnect();
            Artisan::call('migrate', ['--force' => true]);
            Cache::flush();
            self::signEverybodyOut($files);
            $isDone = true;

            return $manifest;
        } catch (Throwable $fault) {
            DB::disconnect();
            foreach ($moved as $old => $kept) {
                is_dir($old) ? $files->deleteDirectory($old) : $files->delete($old);
                self::move($kept, $old);
                unset($moved[$old]);
            }
            throw $fault instanceof BackupFault ? $fault : BackupFault::broken((string) __('backup.could_not_brought_up', ['why' => $fault->getMessage()]));
        } finally {
            if ($isDown) {
                Artisan::call('up');
            }
            // What was there and could not be put back stays where it lies.
            if ($moved === [] || $isDone) {
                $files->deleteDirectory($aside);
            }
        }
    }

    /** Who is signed in may not be there any more, or be somebody else. */
    private static function signEverybodyOut(Filesystem $files): void
    {
        if (config('session.driver') === 'file') {
            $files->delete(glob(config()->string('session.files').'/*') ?: []);
        }
    }

    private const PART = '.part';

    private const GONE = '.gone';

    /** To another disk it is copied under a name beside, so that whatever bears its own name is whole at every moment. */
    private static function move(string $from, string $to): void
    {
        if (@rename($from, $to)) {
            return;
        }
        self::drop($to.self::PART);
        $isThere = is_dir($from) ? (new Filesystem())->copyDirectory($from, $to.self::PART) : @copy($from, $to.self::PART);
        if (!$isThere || !@rename($to.self::PART, $to)) {
            self::drop($to.self::PART);
            throw BackupFault::cannotWrite($to);
        }
        @rename($from, $from.self::GONE);
        self::drop($from.self::GONE);
    }

    private static function drop(string $path): void
    {
        is_dir($path) ? (new Filesystem())->deleteDirectory($path) : (new Filesystem())->delete($path);
    }

    /**
     * What a restore left that was killed on its way: where the new data were not all in place, those of before come back; then the folder goes.
     *
     * @return bool whether there was any
     *
     * @throws BackupFault
     */
    public static function heal(string $database, string $photos): bool
    {
        $files = new Filesystem();
        $left = glob(dirname($database).'/.restoring-*', GLOB_ONLYDIR) ?: [];
        foreach ($left as $aside) {
            // The photos are moved last: where they still wait, it was not done.
            $isDone = !is_dir($aside.'/photos') && is_file($database);
            foreach ($isDone ? [] : [$database, $database.'-wal', $database.'-shm', $photos] as $old) {
                $kept = $aside.'/was-'.basename($old);
                if (file_exists($kept)) {
                    self::drop($old);
                    self::move($kept, $old);
                }
            }
            self::drop($photos.self::PART);
            self::drop($photos.self::GONE);
            $files->deleteDirectory($aside);
        }

        return $left !== [];
    }
}
