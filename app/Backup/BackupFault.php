<?php

declare(strict_types=1);

namespace App\Backup;

use RuntimeException;

/** A backup that cannot be written or taken back; the message is for whoever runs Cresco. */
final class BackupFault extends RuntimeException
{
    public static function otherEngine(string $engine): self
    {
        return new self("The data lie in $engine: back them up with its own tools, as docs/deploying.md says.");
    }

    public static function cannotWrite(string $path): self
    {
        return new self("“{$path}” cannot be written.");
    }

    /** Nothing half-written is left behind. */
    public static function stopped(string $path): self
    {
        $free = @disk_free_space(dirname($path));

        return new self("“{$path}” could not be written to its end".($free === false ? '' : sprintf(': %.1f MB are free there', $free / 1e6)).'. Make room, or name a folder on another disk, and start it again.');
    }

    public static function broken(string $what): self
    {
        return new self("This is no whole backup of Cresco: $what.");
    }

    public static function newer(string $migration): self
    {
        return new self("This backup was made by a newer Cresco (it knows “{$migration}”): update first, then restore it.");
    }
}
