<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;
use Illuminate\Filesystem\Filesystem;
use Throwable;

/** The backups that Cresco makes by itself: one a day, of which some are kept for weeks and for months. */
final class Daily
{
    /** How many are kept: the newest of so many days, weeks and months. House defaults. */
    private const KEPT = ['Y-m-d' => 7, 'o-W' => 4, 'Y-m' => 12];

    private const SAID = 'last.json';

    /** Makes the one of today unless it is there. @throws BackupFault */
    public static function make(CarbonImmutable $now): ?Manifest
    {
        $folder = self::folder();
        (new Filesystem())->ensureDirectoryExists($folder, 0o700);
        $path = $folder.'/cresco-'.$now->format('Y-m-d').'.zip';
        if (is_file($path)) {
            return null;
        }
        try {
            $manifest = BackupFile::write($path);
        } catch (Throwable $fault) {
            file_put_contents(
                $folder.'/'.self::SAID,
                json_encode(['failed_at' => $now->toIso8601String(), 'why' => $fault->getMessage()], JSON_THROW_ON_ERROR),
            );
            throw $fault;
        }
        @unlink($folder.'/'.self::SAID);
        $days = array_keys(self::all());
        foreach (array_diff($days, self::kept($days)) as $day) {
            unlink(self::all()[$day]);
        }

        return $manifest;
    }

    /**
     * Which of the days stay: the newest day of each of the last days, weeks and months that have one.
     *
     * @param list<string> $days as 2026-11-26
     *
     * @return list<string> newest first
     */
    public static function kept(array $days): array
    {
        rsort($days);
        $kept = [];
        foreach (self::KEPT as $span => $most) {
            $spans = [];
            foreach ($days as $day) {
                $spans[CarbonImmutable::parse($day)->format($span)] ??= $day;
            }
            $kept = [...$kept, ...array_slice(array_values($spans), 0, $most)];
        }
        $kept = array_values(array_unique($kept));
        rsort($kept);

        return $kept;
    }

    /** @return array<string, string> paths by day, newest first */
    public static function all(): array
    {
        $found = [];
        foreach (glob(self::folder().'/cresco-*.zip') ?: [] as $path) {
            if (preg_match('/cresco-(\d{4}-\d{2}-\d{2})\.zip$/', $path, $day) === 1) {
                $found[$day[1]] = $path;
            }
        }
        krsort($found);

        return $found;
    }

    /** @return array{CarbonImmutable, string}|null when the last try failed, and why; null when it did not */
    public static function failure(): ?array
    {
        $said = is_file($path = self::folder().'/'.self::SAID) ? json_decode((string) file_get_contents($path), true) : null;

        return is_array($said) && is_string($said['failed_at'] ?? null) && is_string($said['why'] ?? null)
            ? [CarbonImmutable::parse($said['failed_at']), $said['why']]
            : null;
    }

    private static function folder(): string
    {
        return config()->string('app.backups');
    }
}
