<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;
use JsonException;
use Throwable;

/** What a backup says of itself: when it was made, by which state of the tables, and what is in it. */
final readonly class Manifest
{
    private const FORMAT = 'cresco-backup';

    private const VERSION = 1;

    /**
     * @param list<string>          $migrations that had been run
     * @param array<string, int>    $rows       by table
     * @param array<string, string> $files      SHA-256 by name in the archive
     * @param list<string>          $missing    photos that were noted and not there
     */
    public function __construct(
        public CarbonImmutable $madeAt,
        public array $migrations,
        public array $rows,
        public array $files,
        public array $missing,
    ) {}

    public function json(): string
    {
        return json_encode([
            'format' => self::FORMAT, 'version' => self::VERSION, 'made_at' => $this->madeAt->utc()->toIso8601String(),
            'migrations' => $this->migrations, 'rows' => $this->rows, 'files' => $this->files, 'missing' => $this->missing,
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @throws BackupFault */
    public static function read(string $json): self
    {
        try {
            $said = json_decode($json, true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw BackupFault::broken((string) __('backup.its_list_contents_cannot'));
        }
        if (!is_array($said) || ($said['format'] ?? null) !== self::FORMAT) {
            throw BackupFault::broken((string) __('backup.another_kind_file'));
        }
        if (($said['version'] ?? null) !== self::VERSION) {
            throw BackupFault::broken((string) __('backup.version_not_known_here'));
        }
        $list = static fn(string $key): array => is_array($said[$key] ?? null) ? $said[$key] : [];
        $rows = $files = [];
        foreach ($list('rows') as $table => $count) {
            $rows[(string) $table] = is_int($count) ? $count : 0;
        }
        foreach ($list('files') as $name => $hash) {
            $files[(string) $name] = is_string($hash) ? $hash : '';
        }
        try {
            return new self(
                CarbonImmutable::parse(is_string($said['made_at'] ?? null) ? $said['made_at'] : ''),
                array_values(array_filter($list('migrations'), is_string(...))),
                $rows,
                $files,
                array_values(array_filter($list('missing'), is_string(...))),
            );
        } catch (Throwable) {
            throw BackupFault::broken((string) __('backup.its_day_cannot_read'));
        }
    }

    /** Photos that are in it. */
    public function photos(): int
    {
        return count(array_filter(array_keys($this->files), static fn(string $name): bool => str_starts_with($name, 'photos/')));
    }
}
