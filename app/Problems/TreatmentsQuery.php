<?php

declare(strict_types=1);

namespace App\Problems;

use App\Models\Tank;
use App\Models\Treatment;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Diagnosis\AlgaeTypes;
use Cresco\Core\Diagnosis\Remedy;
use Cresco\Core\Diagnosis\Technique;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** What is being done about findings in tanks, when it is to be looked at, and the work that it brings. */
final class TreatmentsQuery
{
    /**
     * Those of problems that are open and were not looked at yet.
     *
     * @param list<int> $tanks
     *
     * @return array<int, list<Treatment>> by tank, the next to be looked at first
     */
    public static function open(array $tanks): array
    {
        return self::found(self::query($tanks));
    }

    /**
     * Those that are to be looked at by a day.
     *
     * @param list<int>       $tanks
     * @param CarbonImmutable $day   of the keeper
     *
     * @return array<int, list<Treatment>> by tank
     */
    public static function due(array $tanks, CarbonImmutable $day): array
    {
        return self::found(self::query($tanks)->whereDate('check_on', '<=', $day->format('Y-m-d')));
    }

    /** @return list<Task> that the next session of a tank is asked for */
    public static function tasks(Tank $tank): array
    {
        $tasks = [];
        foreach (self::open([$tank->id])[$tank->id] ?? [] as $treatment) {
            foreach (self::tasksOf($treatment) as $task) {
                $tasks[$task->value] = $task;
            }
        }

        return array_values($tasks);
    }

    /** @return list<Task> */
    public static function tasksOf(Treatment $treatment): array
    {
        return $treatment->remedy === Remedy::Hand
            ? array_values(array_filter(array_map(static fn(Technique $technique): ?Task => $technique->task(), self::techniques($treatment))))
            : array_values(array_filter([$treatment->remedy->task()]));
    }

    /** @return list<Technique> by which what was found is taken out */
    public static function techniques(Treatment $treatment): array
    {
        return (AlgaeTypes::all()[(string) $treatment->problem->kind] ?? null)->techniques ?? [Technique::Pull];
    }

    /**
     * @param list<int> $tanks
     *
     * @return Builder<Treatment>
     */
    private static function query(array $tanks): Builder
    {
        return Treatment::query()->whereNull('checked_at')
            ->whereIn('problem_id', DB::table('problems')->select('id')->whereIn('tank_id', $tanks)->whereNull('ended_at'))
            ->with('problem.plantGroup.plantKind')->orderBy('check_on')->orderBy('id');
    }

    /**
     * @param Builder<Treatment> $query
     *
     * @return array<int, list<Treatment>>
     */
    private static function found(Builder $query): array
    {
        $found = [];
        foreach ($query->get() as $treatment) {
            $found[$treatment->problem->tank_id][] = $treatment;
        }

        return $found;
    }
}
