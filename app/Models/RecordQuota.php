<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * How many records of a kind one keeper, or one tank, may have: more than anybody needs, and few enough that one keeper cannot slow the
 * others down: `./cresco bench --limits` measures the heaviest pages at them. House limits.
 */
final class RecordQuota
{
    /** Of a keeper. House limits. */
    private const OF_KEEPER = [
        Tank::class => 36, SourceWater::class => 300, Analysis::class => 10_000, Product::class => 300, Reservoir::class => 60, Recipe::class => 1000, Batch::class => 10_000,
        PlantKind::class => 300, Chore::class => 200, Supply::class => 200, Helper::class => 300, Absence::class => 500, PinnedJob::class => 500, MeterTrial::class => 1000, LearningReset::class => 1000,
        Entry::class => 100_000, Checklist::class => 20_000, Photo::class => 10_000,
    ];

    /** Of a tank. House limits. */
    private const OF_TANK = [
        Animal::class => 60, PlantGroup::class => 80, Lamp::class => 12, LightDay::class => 5000, LightReading::class => 200, TopOff::class => 10_000, Dose::class => 20_000,
        DosePlan::class => 20, FeedingOverride::class => 100, PinchTrial::class => 200, GaugeNote::class => 10_000, Problem::class => 500, Arrival::class => 500, LayoutIssue::class => 1000, SubstrateZone::class => 80,
    ];

    /** Of all tanks of a keeper together. House limits. */
    private const OF_ALL_TANKS = [PlantGroup::class => 720];

    /** @throws LimitReached when one more would be too many */
    public static function check(Model $record): void
    {
        foreach (['keeper_id' => self::OF_KEEPER, 'tank_id' => self::OF_TANK] as $owner => $limits) {
            $most = $limits[$record::class] ?? null;
            $id = $record->getAttributes()[$owner] ?? null;
            if ($most !== null && is_numeric($id) && $record->newQuery()->toBase()->where($owner, $id)->count() >= $most) {
                throw LimitReached::of($record::class, $most);
            }
        }
        $most = self::OF_ALL_TANKS[$record::class] ?? null;
        $tank = $record->getAttributes()['tank_id'] ?? null;
        if ($most !== null && is_numeric($tank)) {
            $ofKeeper = Tank::query()->toBase()->where('keeper_id', Tank::query()->toBase()->where('id', $tank)->select('keeper_id'))->select('id');
            if ($record->newQuery()->toBase()->whereIn('tank_id', $ofKeeper)->count() >= $most) {
                throw LimitReached::of($record::class, $most);
            }
        }
    }

    /** Of a keeper, by the table; null where there is no limit of its own. */
    public static function ofKeeper(string $table): ?int
    {
        return self::ofTable(self::OF_KEEPER + self::OF_ALL_TANKS, $table);
    }

    /** Of a tank, by the table; null where there is no limit of its own. */
    public static function ofTank(string $table): ?int
    {
        return self::ofTable(self::OF_TANK, $table);
    }

    /** @param array<class-string<Model>, int> $limits */
    private static function ofTable(array $limits, string $table): ?int
    {
        foreach ($limits as $kind => $most) {
            if ((new $kind())->getTable() === $table) {
                return $most;
            }
        }

        return null;
    }

    /** @param class-string<Model> $kind */
    public static function most(string $kind): int
    {
        return self::OF_KEEPER[$kind] ?? self::OF_TANK[$kind];
    }
}
