<?php

declare(strict_types=1);

namespace App\Console;

use PDO;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;

/**
 * Ten years of a keeper with twelve tanks, on top of the demo: 150,000 readings and 40,000 entries, and in one tank 40 stands with three
 * years of cuts and of daily doses.
 */
final class BenchData
{
    private const TANKS = 12;

    private const STANDS = 40;

    private const CUTS = 78;

    /** Days of doses. */
    private const DOSED = 1095;

    private const READINGS = 150_000;

    private const ENTRIES = 40_000;

    public static function plant(string $database): void
    {
        $pdo = new PDO('sqlite:'.$database, null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $chance = new Randomizer(new Mt19937(12));
        $pdo->beginTransaction();
        $columns = implode(
            ', ',
            array_filter(self::strings($pdo, 'select name from pragma_table_info(\'tanks\')'), static fn(string $name): bool => $name !== 'id'),
        );
        for ($have = self::count($pdo, 'tanks'); $have < self::TANKS; ++$have) {
            $pdo->exec("insert into tanks ($columns) select $columns from tanks where id = ".(1 + $have % 4));
            $pdo->exec('insert into devices (tank_id, kind, top, bottom, across) select '.$pdo->lastInsertId()
                .', kind, top, bottom, across from devices where tank_id = '.(1 + $have % 4));
        }
        // All tanks are changed, and each has jobs of its own: some sixty come in four weeks.
        $pdo->exec('insert into water_changes (keeper_id, tank_id, entry_id, source_water_id, source, litres, share, forecast, changed_at) select c.keeper_id, t.id, c.entry_id, c.source_water_id, c.source, c.litres, c.share, c.forecast, c.changed_at from tanks t join water_changes c on c.tank_id = 1 + (t.id - 1) % 4 where t.id > 6');
        $pdo->exec("insert into chores (keeper_id, tank_id, kind, last_at) select 1, t.id, k.kind, datetime('now', '-' || (t.id % 6) || ' days') from tanks t join (select 'floss' as kind union select 'pipes' union select 'litter') k");
        // A checklist that is open, for the page that shows one.
        $pdo->exec("insert into checklists (keeper_id, tank_id, state, plan, forecast, created_at, updated_at) select keeper_id, tank_id, 'planned', plan, forecast, created_at, updated_at from checklists where id = 1");
        $pdo->exec('insert into checklist_steps (checklist_id, position, job, content) select '.$pdo->lastInsertId()
            .', position, job, content from checklist_steps where checklist_id = 1');
        $tanks = self::strings($pdo, 'select id from tanks');
        $values = [
            'nitrate' => 22.0, 'general_hardness' => 1.1, 'carbonate_hardness' => 1.2, 'ph' => 6.9, 'conductivity' => 280.0, 'temperature' => 24.5,
            'ammonium' => 0.02,
        ];
        $entry = $pdo->prepare('insert into entries (keeper_id, tank_id, kind, title, happened_at, created_at, updated_at) values (1, ?, ?, ?, ?, ?, ?)');
        $reading = $pdo->prepare('insert into readings (entry_id, tank_id, parameter, method, value, low, high, taken_at) values (?, ?, ?, ?, ?, ?, ?, ?)');
        $readings = self::count($pdo, 'readings');
        for ($entries = self::count($pdo, 'entries'); $entries < self::ENTRIES; ++$entries) {
            $tank = $tanks[$entries % count($tanks)];
            $at = gmdate('Y-m-d H:i:s', time() - 86400 * 190 - $chance->getInt(0, 86400 * 3460));
            $isReading = $readings < self::READINGS;
            $entry->execute([$tank, $isReading ? 'reading' : 'note', $isReading ? 'Read the tank' : 'A note', $at, $at, $at]);
            $id = $pdo->lastInsertId();
            foreach ($values as $parameter => $usual) {
                if ($readings < self::READINGS && $isReading) {
                    $value = $usual * (0.8 + 0.4 * $chance->getInt(0, 1000) / 1000);
                    $reading->execute([$id, $tank, $parameter, 'pen', $value, 0.98 * $value, 1.02 * $value, $at]);
                    ++$readings;
                }
            }
        }
        self::plants($pdo, $chance);
        self::doses($pdo);
        $pdo->exec("insert into problems (id, tank_id, about, place, aim, answers, opened_at) select 900, min(id), 'growth', 'edges', 'none', '{\"v\":1,\"answers\":{\"where\":\"edges\",\"shape\":\"tufts\",\"lamp_new\":\"yes\"}}', datetime('now') from tanks");
        // Nothing that was kept for the tanks of another database counts for these.
        $pdo->exec('update tanks set plants_version = '.random_int(1, 2_147_483_647));
        $pdo->commit();
        $pdo->exec('analyze');
    }

    private static function plants(PDO $pdo, Randomizer $chance): void
    {
        $kinds = [
            'rotala_rotundifolia', 'ludwigia_repens', 'cryptocoryne_wendtii', 'vallisneria_nana', 'micranthemum_tweediei', 'eleocharis_acicularis',
            'microsorum_pteropus',
        ];
        $plantGroup = $pdo
            ->prepare('insert into plant_groups (tank_id, kind, left_edge, right_edge, front_edge, back_edge, wished, planted_on, looked_at) select min(id), ?, ?, ?, ?, ?, 220, ?, ? from tanks');
        $look = $pdo->prepare('insert into plant_measurements (plant_group_id, happened_at, height, cover, before) values (?, ?, ?, 1, ?)');
        $day = static fn(int $ago): string => gmdate('Y-m-d H:i:s', time() - 86400 * $ago);
        for ($have = self::count($pdo, 'stands where tank_id = (select min(id) from tanks)'); $have < self::STANDS; ++$have) {
            $left = ($have % 8) / 8.0;
            $front = intdiv($have, 8) / 5.0;
            $plantGroup->execute([
                $kinds[$have % count($kinds)], $left, min(1.0, $left + 0.14), $front, min(1.0, $front + 0.22), substr($day(1200), 0, 10), $day(9),
            ]);
            $id = $pdo->lastInsertId();
            for ($cut = self::CUTS; $cut > 0; --$cut) {
                $tall = $chance->getInt(28, 38);
                $look->execute([$id, $day(14 * $cut - 5), 18, $tall]);
            }
        }
    }

    /** Three years of daily doses of two bottles in the same tank. */
    private static function doses(PDO $pdo): void
    {
        $dose = $pdo->prepare('insert or ignore into doses (tank_id, product_id, name, amount, unit, brings, given_at, day, missed) select 1, product_id, name, amount, unit, brings, ?, ?, 0 from doses where tank_id = 1 and product_id = ? limit 1');
        foreach (self::strings($pdo, 'select distinct product_id from doses where tank_id = 1') as $product) {
            for ($ago = 1; $ago <= self::DOSED; ++$ago) {
                $at = time() - 86400 * $ago;
                $dose->execute([gmdate('Y-m-d 09:30:00', $at), gmdate('Y-m-d', $at), $product]);
            }
        }
    }

    private static function count(PDO $pdo, string $table): int
    {
        return (int) (self::strings($pdo, "select count(*) from $table")[0] ?? 0);
    }

    /** @return list<string> */
    private static function strings(PDO $pdo, string $sql): array
    {
        $found = ($pdo->query($sql) ?: throw new RuntimeException($sql))->fetchAll(PDO::FETCH_COLUMN);

        return array_values(array_map(static fn(mixed $value): string => is_scalar($value) ? (string) $value : '', $found));
    }
}
