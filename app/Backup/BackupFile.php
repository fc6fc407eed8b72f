<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use SQLite3;
use Throwable;
use ZipArchive;

/**
 * All data and all photos in one archive. The database is copied page by page while others write (SQLite's online backup), the photos
 * that this copy knows of are put beside it, and what was written is read once more before it counts.
 */
final class BackupFile
{
    public const DATABASE = 'database.sqlite';

    private const MANIFEST = 'backup.json';

    /** Milliseconds that the copy waits for a writer. House limit. */
    private const PATIENCE = 10_000;

    /** @throws BackupFault */
    public static function write(string $path): Manifest
    {
        $database = self::database();
        $folder = dirname($path);
        if (!is_dir($folder) || !is_writable($folder) || is_dir($path)) {
            throw BackupFault::cannotWrite($path);
        }
        $files = new Filesystem();
        $aside = $folder.'/.'.basename($path).'.'.bin2hex(random_bytes(4));
        $files->makeDirectory($aside, 0o700);
        try {
            self::copy($database, $aside.'/'.self::DATABASE);
            $manifest = self::gather($aside);
            $part = $aside.'/whole.zip';
            self::pack($aside, $manifest, $part);
            self::verify($part);
            chmod($part, 0o600);
            if (!rename($part, $path)) {
                throw BackupFault::cannotWrite($path);
            }

            return $manifest;
        } catch (BackupFault $fault) {
            throw $fault;
        } catch (Throwable) {
            throw BackupFault::stopped($path);
        } finally {
            $files->deleteDirectory($aside);
        }
    }

    /**
     * Reads all of an archive: whether each file is as it was when it was written, and the database whole.
     *
     * @param string|null $into a folder that it is unpacked into on the way
     *
     * @throws BackupFault
     */
    public static function verify(string $path, ?string $into = null): Manifest
    {
        $zip = new ZipArchive();
        if (!is_file($path) || $zip->open($path, ZipArchive::RDONLY) !== true) {
            throw BackupFault::broken((string) __(is_file($path) ? 'backup.no_archive' : 'backup.not_there'));
        }
        $files = new Filesystem();
        $aside = $into ?? sys_get_temp_dir().'/cresco-backup-'.bin2hex(random_bytes(6));
        try {
            $manifest = Manifest::read((string) $zip->getFromName(self::MANIFEST));
            if (!isset($manifest->files[self::DATABASE])) {
                throw BackupFault::broken((string) __('backup.there_no_database_in'));
            }
            foreach ($manifest->files as $name => $hash) {
                // A name is what was written here, and leads nowhere else.
                if (preg_match('#^(?:database\.sqlite|photos/[a-z0-9_./-]{1,80})$#', $name) !== 1 || str_contains($name, '..')) {
                    throw BackupFault::broken((string) __('backup.holds_file_strange_name'));
                }
                $files->ensureDirectoryExists(dirname($aside.'/'.$name), 0o700);
                $from = $zip->getStream($name);
                $to = $from === false ? false : fopen($aside.'/'.$name, 'wb');
                if ($from === false || $to === false || stream_copy_to_stream($from, $to) === false || !fclose($to)) {
                    throw BackupFault::broken("“{$name}” cannot be read");
                }
                if (!hash_equals($hash, (string) hash_file('sha256', $aside.'/'.$name))) {
                    throw BackupFault::broken("“{$name}” is not as it was written");
                }
            }
            self::check($aside.'/'.self::DATABASE, $manifest);

            return $manifest;
        } finally {
            $zip->close();
            if ($into === null) {
                $files->deleteDirectory($aside);
            }
        }
    }

    /** Where the data of SQLite lie. @throws BackupFault with another engine */
    public static function database(): string
    {
        $connection = DB::connection();
        $path = $connection->getDatabaseName();
        if ($connection->getDriverName() !== 'sqlite' || $path === ':memory:') {
            throw BackupFault::otherEngine($connection->getDriverName() === 'sqlite' ? 'memory' : $connection->getDriverName());
        }

        return $path;
    }

    private static function copy(string $from, string $to): void
    {
        if (!is_file($from)) {
            throw BackupFault::broken((string) __('backup.there_nothing_yet_back'));
        }
        $source = new SQLite3($from, SQLITE3_OPEN_READONLY);
        $target = new SQLite3($to);
        try {
            $source->busyTimeout(self::PATIENCE);
            if (!$source->backup($target)) {
                throw BackupFault::broken((string) __('backup.database_could_not_copied'));
            }
            // The copy is one file, without a log beside it.
            $target->exec('pragma journal_mode = delete');
        } finally {
            $target->close();
            $source->close();
        }
    }

    /** Puts the photos of the copied database beside it and writes down what there is. */
    private static function gather(string $aside): Manifest
    {
        $database = new SQLite3($aside.'/'.self::DATABASE, SQLITE3_OPEN_READONLY);
        $files = new Filesystem();
        $disk = Storage::disk('local');
        $hashes = [self::DATABASE => (string) hash_file('sha256', $aside.'/'.self::DATABASE)];
        $missing = [];
        foreach (self::column($database, 'select distinct file from photos order by file') as $file) {
            $name = 'photos/'.$file;
            $files->ensureDirectoryExists(dirname($aside.'/'.$name), 0o700);
            // A link stays whole when the photo is taken out meanwhile.
            if (@link($disk->path($name), $aside.'/'.$name) || @copy($disk->path($name), $aside.'/'.$name)) {
                $hashes[$name] = (string) hash_file('sha256', $aside.'/'.$name);
            } else {
                $missing[] = $file;
            }
        }
        $rows = [];
        foreach (self::column($database, "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name") as $table) {
            $rows[$table] = (int) $database->querySingle('select count(*) from "'.$table.'"');
        }
        $migrations = self::column($database, 'select migration from migrations order by id');
        $database->close();

        return new Manifest(CarbonImmutable::now(), $migrations, $rows, $hashes, $missing);
    }

    private static function pack(string $aside, Manifest $manifest, string $part): void
    {
        $zip = new ZipArchive();
        if ($zip->open($part, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw BackupFault::cannotWrite($part);
        }
        $zip->addFromString(self::MANIFEST, $manifest->json());
        foreach (array_keys($manifest->files) as $name) {
            $zip->addFile($aside.'/'.$name, $name);
            // Photos are packed already.
            $zip->setCompressionName($name, str_starts_with($name, 'photos/') ? ZipArchive::CM_STORE : ZipArchive::CM_DEFLATE);
        }
        try {
            $isWhole = @$zip->close();
        } catch (Throwable) {
            $isWhole = false;
        }
        if (!$isWhole) {
            throw BackupFault::cannotWrite($part);
        }
    }

    private static function check(string $path, Manifest $manifest): void
    {
        try {
            $database = new SQLite3($path, SQLITE3_OPEN_READONLY);
            $database->enableExceptions(true);
            $said = $database->querySingle('pragma integrity_check');
            $loose = self::column($database, 'select "table" from pragma_foreign_key_check limit 1');
            $rows = [];
            foreach (array_keys($manifest->rows) as $table) {
                $rows[$table] = (int) $database->querySingle('select count(*) from "'.str_replace('"', '', $table).'"');
            }
            $database->close();
        } catch (Throwable) {
            throw BackupFault::broken((string) __('backup.its_database_cannot_opened'));
        }
        if ($said !== 'ok' || $loose !== [] || $rows !== $manifest->rows) {
            throw BackupFault::broken((string) __('backup.its_database_damaged'));
        }
    }

    /** @return list<string> */
    private static function column(SQLite3 $database, string $query): array
    {
        $result = $database->query($query);
        $found = [];
        while ($result !== false && is_array($row = $result->fetchArray(SQLITE3_NUM))) {
            $found[] = is_scalar($row[0]) ? (string) $row[0] : '';
        }

        return $found;
    }
}
