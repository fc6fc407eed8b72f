<?php

declare(strict_types=1);

namespace App\Account;

use App\Exchange\FileFault;
use App\Exchange\ImportProgress;
use App\Exchange\KeeperArchiveIn;
use App\Exchange\KeeperTable;
use App\Exchange\KeeperTables;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\Keeper;
use App\Today\MainPages;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Database\QueryException;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Throwable;

/**
 * Takes an archive of a keeper into an account in which nothing is kept yet: all of it, or nothing. It is checked first, then written
 * under a keeper of its own by short writes, so that others may write between them, walked through, and handed over in one.
 */
final class ImportArchive
{
    /** Records in one write, and microseconds after it in which others write. House defaults. */
    private const AT_ONCE = 200;

    private const PAUSE = 2_000;

    /** @return int how many records @throws FileFault */
    public function __invoke(Keeper $keeper, string $path, ImportProgress $in): int
    {
        $files = new Filesystem();
        $aside = sys_get_temp_dir().'/cresco-archive-'.bin2hex(random_bytes(6));
        $placed = [];
        $isIn = false;
        self::clearLeft($keeper);
        try {
            $this->mustBeEmpty($keeper);
            $archive = KeeperArchiveIn::open($path);
            $placed = $this->place($keeper, $archive->check($aside, $in));
            $beside = $this->beside($keeper);
            $count = $this->keep($beside, $archive, $placed);
            $this->walk($beside->refresh());
            DB::transaction(fn() => $this->handOver($beside, $keeper, $archive));
            $isIn = true;

            return $count;
        } catch (QueryException) {
            throw new FileFault(__('account.archive.together'));
        } finally {
            $files->deleteDirectory($aside);
            if (!$isIn) {
                self::clearLeft($keeper);
                Storage::disk('local')->delete(array_map(static fn(string $name): string => 'photos/'.$name, $placed));
            }
        }
    }

    /** What was on its way into an account, or into any, and was cut off. */
    public static function clearLeft(?Keeper $keeper = null): int
    {
        $left = DB::table('keepers')->whereNotNull('incoming_for')->when($keeper !== null, static fn($of) => $of->where('incoming_for', $keeper?->id))
            ->pluck('id')->all();
        foreach ($left === [] ? [] : array_reverse(array_keys(KeeperTables::all())) as $name) {
            if (DB::getSchemaBuilder()->hasColumn($name, 'keeper_id')) {
                DB::table($name)->whereIn('keeper_id', $left)->delete();
            }
        }

        return DB::table('keepers')->whereIn('id', $left)->delete();
    }

    /** The keeper of its own; nobody knows its password. */
    private function beside(Keeper $keeper): Keeper
    {
        $beside = new Keeper([
            'name' => $keeper->name, 'email' => 'incoming-'.bin2hex(random_bytes(12)).'@cresco.invalid', 'password' => bin2hex(random_bytes(24)),
        ]);
        $beside->forceFill(['incoming_for' => $keeper->id])->save();

        return $beside;
    }

    private function handOver(Keeper $beside, Keeper $keeper, KeeperArchiveIn $archive): void
    {
        $this->mustBeEmpty($keeper);
        DB::table('kits')->where('keeper_id', $keeper->id)->delete();
        foreach (array_keys(KeeperTables::all()) as $name) {
            if (DB::getSchemaBuilder()->hasColumn($name, 'keeper_id')) {
                DB::table($name)->where('keeper_id', $beside->id)->update(['keeper_id' => $keeper->id]);
            }
        }
        $this->keepKeeper($keeper, $archive->keeper);
        DB::table('keepers')->where('id', $beside->id)->delete();
        $keeper->refresh();
    }

    private function mustBeEmpty(Keeper $keeper): void
    {
        foreach (array_keys(KeeperTables::all()) as $name) {
            // What is measured with is a setting, and comes with the others.
            if ($name !== 'kits' && DB::getSchemaBuilder()->hasColumn($name, 'keeper_id') && DB::table($name)->where('keeper_id', $keeper->id)->exists()) {
                throw new FileFault(__('account.archive.not_empty'));
            }
        }
    }

    /**
     * Photos go to their places first: a file that nothing points to harms nobody.
     *
     * @param array<int, string> $photos paths by number of the photo
     *
     * @return array<int, string> names by number of the photo
     */
    private function place(Keeper $keeper, array $photos): array
    {
        $placed = [];
        foreach ($photos as $id => $path) {
            $placed[$id] = $keeper->id.'/'.bin2hex(random_bytes(16)).'.jpg';
            Storage::disk('local')->put('photos/'.$placed[$id], (string) file_get_contents($path));
        }

        return $placed;
    }

    /** @param array<int, string> $placed */
    private function keep(Keeper $beside, KeeperArchiveIn $archive, array $placed): int
    {
        $numbers = [];
        $count = 0;
        foreach (KeeperTables::all() as $name => $table) {
            $numbers[$name] = [];
            $hasKeeper = DB::getSchemaBuilder()->hasColumn($name, 'keeper_id');
            $rows = [];
            foreach ($archive->records($name) as $n => $fields) {
                $old = is_int($fields['id'] ?? null) ? $fields['id'] : 0;
                $row = $table->renumbered($fields, $numbers);
                if ($row === null || isset($numbers[$name][$old]) || isset($rows[$old])) {
                    throw new FileFault(__('account.archive.record', ['where' => "$name, record ".($n + 1), 'why' => __('file.broken_link')]));
                }
                if ($name === 'photos' && !isset($placed[$old])) {
                    continue;
                }
                $rows[$old] = [$n, self::own(
                    $table,
                    KeeperArchiveIn::toKeep($table, $row) + ($hasKeeper ? ['keeper_id' => $beside->id] : []),
                    $placed[$old] ?? '',
                )];
                ++$count;
                if (count($rows) >= self::AT_ONCE) {
                    $numbers[$name] += $this->write($name, $rows);
                    $rows = [];
                }
            }
            $numbers[$name] += $this->write($name, $rows);
        }
        $this->keepKeeper($beside, $archive->keeper);

        return $count;
    }

    /**
     * One short write; then others may.
     *
     * @param array<int, array{int, array<string, bool|float|int|string|null>}> $rows places in the archive and fields, by number in the archive
     *
     * @return array<int, int> new numbers by the old
     */
    private function write(string $name, array $rows): array
    {
        if ($rows === []) {
            return [];
        }
        $numbers = DB::transaction(function () use ($name, $rows): array {
            $next = $this->next($name);
            $numbers = $kept = [];
            foreach ($rows as $old => [$n, $fields]) {
                $numbers[$old] = $next;
                $kept[$n] = ['id' => $next++] + $fields;
            }
            self::insert($name, $kept);
            $this->countOn($name, $next);

            return $numbers;
        });
        usleep(self::PAUSE);

        return $numbers;
    }

    /**
     * Many at once; where the database refuses them, one by one, to name the one that it refuses.
     *
     * @param array<int, array<string, bool|float|int|string|null>> $rows by their places
     *
     * @throws FileFault
     */
    private static function insert(string $name, array $rows): void
    {
        try {
            DB::transaction(static fn() => DB::table($name)->insert(array_values($rows)));
        } catch (QueryException $fault) {
            foreach (count($rows) > 1 ? $rows : [] as $n => $row) {
                self::insert($name, [$n => $row]);
            }
            throw count($rows) > 1
                ? $fault
                : new FileFault(__('account.archive.record', ['where' => "$name, record ".(array_key_first($rows) + 1), 'why' => __('account.archive.apart')]));
        }
    }

    /**
     * What an installation gives of its own.
     *
     * @param array<string, bool|float|int|string|null> $kept
     *
     * @return array<string, bool|float|int|string|null>
     */
    private static function own(KeeperTable $table, array $kept, string $photo): array
    {
        $day = is_string($kept['planned_for'] ?? null) ? CarbonImmutable::parse($kept['planned_for']) : null;

        return match ($table->name) {
            'photos' => ['file' => $photo] + $kept,
            'checklists' => ['holds' => Checklist::holding(ChecklistState::from(is_string($kept['state'] ?? null) ? $kept['state'] : 'dropped'), $day)] + $kept,
            // Links of helpers end with the installation that gave them.
            'helpers' => ['hash' => hash('sha256', random_bytes(32))] + $kept,
            default => $kept,
        };
    }

    /** @param array<string, mixed> $fields */
    private function keepKeeper(Keeper $keeper, array $fields): void
    {
        $kept = KeeperArchiveIn::toKeep(KeeperTables::keeper(), $fields);
        $name = is_string($kept['name'] ?? null) ? mb_substr($kept['name'], 0, 80) : $keeper->name;
        $isZone = in_array($kept['timezone'] ?? null, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true);
        $isTheme = in_array($kept['theme'] ?? null, ['auto', 'light', 'dark'], true);
        DB::table('keepers')->where('id', $keeper->id)
            ->update(['name' => $name] + ($isZone ? [] : ['timezone' => $keeper->timezone]) + ($isTheme ? [] : ['theme' => 'auto']) + $kept);
    }

    /** Whether the main pages can be made of it. */
    private function walk(Keeper $keeper): void
    {
        try {
            MainPages::of($keeper);
        } catch (Throwable $fault) {
            report($fault);
            throw new FileFault(__('account.archive.impossible'));
        }
    }

    /** The next number of a table that was never given. */
    private function next(string $table): int
    {
        $last = DB::table($table)->max('id');
        $given = DB::connection()->getDriverName() === 'sqlite'
            ? DB::table('sqlite_sequence')->where('name', $table)->value('seq')
            : DB::scalar("select last_value from {$table}_id_seq");

        return 1 + max(is_numeric($last) ? (int) $last : 0, is_numeric($given) ? (int) $given : 0);
    }

    /** Numbers that were given by hand are counted as given. */
    private function countOn(string $table, int $next): void
    {
        if (DB::connection()->getDriverName() === 'pgsql' && $next > 1) {
            DB::statement("select setval('{$table}_id_seq', ?)", [$next - 1]);
        }
    }
}
