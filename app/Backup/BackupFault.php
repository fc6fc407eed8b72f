<?php

declare(strict_types=1);

namespace App\Backup;

use RuntimeException;

/** A backup that cannot be written or taken back; the message is for whoever runs Cresco. */
final class BackupFault extends RuntimeException
{
    public static function otherEngine(string $engine): self
    {
        return new self((string) __('backup.other_engine', ['engine' => $engine]));
    }

    public static function cannotWrite(string $path): self
    {
        return new self((string) __('backup.cannot_write', ['path' => $path]));
    }

    /** Nothing half-written is left behind. */
    public static function stopped(string $path): self
    {
        $free = @disk_free_space(dirname($path));

        return new self((string) __($free === false ? 'backup.stopped' : 'backup.stopped_free', ['path' => $path, 'free' => round((float) $free / 1e6, 1)]));
    }

    public static function broken(string $what): self
    {
        return new self((string) __('backup.broken', ['what' => $what]));
    }

    public static function newer(string $migration): self
    {
        return new self((string) __('backup.newer', ['migration' => $migration]));
    }
}
