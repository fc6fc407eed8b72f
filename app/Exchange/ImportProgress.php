<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Keeper;
use Illuminate\Support\Facades\Cache;

/**
 * A file on its way in: one at a time for each keeper, with how far it has come for whoever waits. All of it is checked before the
 * database is asked to write, so that nobody else waits for the checking.
 */
final class ImportProgress
{
    /** Seconds after which one that was cut off no longer bars the next. House limit. */
    private const LONGEST = 300;

    /** Seconds between two notes of how far it is. House default. */
    private const EVERY = 0.25;

    private float $noted = 0.0;

    private function __construct(private readonly Keeper $keeper) {}

    /**
     * @template T
     *
     * @param callable(self): T $work
     *
     * @return T
     *
     * @throws FileFault when another file of theirs is on its way in
     */
    public static function of(Keeper $keeper, callable $work): mixed
    {
        $lock = Cache::lock('taking-in.'.$keeper->id, self::LONGEST);
        if ($lock->get() === false) {
            throw FileFault::another();
        }
        set_time_limit(self::LONGEST);
        $in = new self($keeper);
        try {
            return $work($in);
        } finally {
            Cache::forget(self::key($keeper));
            $lock->release();
        }
    }

    /** So many of so many rows are read. */
    public function at(int $row, int $of): void
    {
        $now = microtime(true);
        if ($now - $this->noted >= self::EVERY) {
            $this->noted = $now;
            Cache::put(self::key($this->keeper), [$row, $of], self::LONGEST);
        }
    }

    /** @return array{int, int}|null rows that are read, and how many there are; null while nothing comes in */
    public static function progress(Keeper $keeper): ?array
    {
        $at = Cache::get(self::key($keeper));

        return is_array($at) && is_int($at[0] ?? null) && is_int($at[1] ?? null) ? [$at[0], $at[1]] : null;
    }

    private static function key(Keeper $keeper): string
    {
        return 'taking-in.at.'.$keeper->id;
    }
}
