<?php

declare(strict_types=1);

namespace App\Known;

use App\Models\Stand;
use App\Models\Tank;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Plants\Planting;
use Cresco\Core\Plants\Settling;
use Cresco\Core\Plants\StandDue;
use Cresco\Core\Rhythm\Agenda;
use Cresco\Core\Rhythm\Due;
use Cresco\Core\Work\Catalogue;
use Cresco\Core\Work\Task;
use Illuminate\Support\Facades\DB;

/** What comes due at tanks, from what their keeper plans and what was done when. */
final class AgendaOf
{
    private const TASK = 'task.';

    /** Work that the forecast of drawn plants calls for. */
    private const BY_FORECAST = [self::TASK.'trim', self::TASK.'floaters'];

    /** Of stands that are to be cut. */
    public const STAND = 'stand.';

    /** Of stands whose leaves die back after planting. */
    public const MELT = 'melt.';

    /** When the routine of a tank asks for the next change; null before the first. */
    public static function change(Tank $tank, ?CarbonImmutable $changed, Show $show): ?Due
    {
        return $changed === null ? null : Due::again(Agenda::CHANGE, $tank->routine_days, $show->daysSince($changed));
    }

    /**
     * The work that is due again at one tank.
     *
     * @param array<string, CarbonImmutable> $last when each task was last done there
     */
    public static function work(array $last, Show $show): Agenda
    {
        $dues = [];
        foreach ($last as $name => $at) {
            $dues[] = Due::again(self::TASK.$name, Task::from($name)->days(), $show->daysSince($at));
        }

        return new Agenda($dues);
    }

    /**
     * @param iterable<Tank>                    $tanks
     * @param array<int, CarbonImmutable|null>  $changed when the water of each was last changed
     * @param array<int, Planting>              $plantings of those that have plants
     *
     * @return array<int, Agenda>
     */
    public static function ofMany(iterable $tanks, array $changed, Show $show, array $plantings = []): array
    {
        $dues = $byId = [];
        foreach ($tanks as $tank) {
            $byId[$tank->id] = $tank;
            $dues[$tank->id] = array_filter([self::change($tank, $changed[$tank->id] ?? null, $show)]);
        }
        foreach (self::last(array_keys($dues)) as $id => $tasks) {
            $dues[$id] = [...$dues[$id], ...self::work($tasks, $show)->all];
        }
        foreach (self::melting(array_keys($dues), $show) as $id => $melting) {
            $dues[$id] = [...$dues[$id], ...$melting];
        }
        foreach (CapsulesOf::due($byId, $show) as $id => $capsules) {
            $dues[$id] = [...$dues[$id], ...$capsules];
        }
        foreach ($plantings as $id => $planting) {
            // Where plants are drawn, their forecast says when they are cut, and not the weeks since.
            $dues[$id] = [...array_filter($dues[$id], static fn(Due $due): bool => !in_array($due->key, self::BY_FORECAST, true)), ...self::stands($planting)];
        }

        return array_map(static fn(array $list): Agenda => new Agenda(array_values($list)), $dues);
    }

    /** @return list<Due> of each stand that is foreseen to want cutting */
    public static function stands(Planting $planting): array
    {
        return array_map(static fn(StandDue $due): Due => $due->due, $planting->dues());
    }

    /**
     * Stands whose leaves die back, and when they are to be looked through.
     *
     * @param list<int> $tanks
     *
     * @return array<int, list<Due>> by tank
     */
    public static function melting(array $tanks, Show $show): array
    {
        $found = [];
        foreach (Stand::query()->settling()->whereIn('tank_id', $tanks)->orderBy('id')->get() as $stand) {
            $planted = max(0, $show->daysSince(($stand->planted_on ?? CarbonImmutable::now())->setTime(12, 0)));
            $due = Settling::due(self::MELT.$stand->id, $planted, $stand->melted_at === null ? $planted : max(0, $show->daysSince($stand->melted_at)));
            if ($due !== null) {
                $found[$stand->tank_id][] = $due;
            }
        }

        return $found;
    }

    /** @return list<int> stands with leaves to be taken out now */
    public static function meltingNow(Agenda $agenda): array
    {
        return array_map(static fn(Due $due): int => (int) substr($due->key, strlen(self::MELT)), $agenda->now(self::MELT));
    }

    /** @return list<int> stands that are due now as likely as not, the longest overdue first */
    public static function standsNow(Agenda $agenda): array
    {
        return array_map(static fn(Due $due): int => (int) substr($due->key, strlen(self::STAND)), array_values(array_filter($agenda->now(self::STAND), static fn(Due $due): bool => $due->middle() <= 0.0)));
    }

    /** @return list<Task> work that was done by sheet before and is due again, the longest overdue first */
    public static function tasks(Agenda $agenda): array
    {
        return array_map(static fn(Due $due): Task => Task::from(substr($due->key, strlen(self::TASK))), $agenda->now(self::TASK));
    }

    /** @return list<Task> of them, those that bring a keeper to the tank without a change */
    public static function dryTasks(Agenda $agenda): array
    {
        return array_values(array_filter(self::tasks($agenda), static fn(Task $task): bool => !$task->needsChange() && $task->isWet()));
    }

    /**
     * @param list<int> $tanks
     *
     * @return array<int, array<string, CarbonImmutable>> by tank and task
     */
    public static function last(array $tanks): array
    {
        $of = [];
        foreach (Catalogue::steps() as $job) {
            if ($job->of !== null) {
                $of[$job->key] = $job->of->value;
            }
        }
        $last = [];
        $rows = DB::table('run_steps')->join('runs', 'runs.id', '=', 'run_steps.run_id')->whereIn('runs.tank_id', $tanks)->where('run_steps.skipped', false)
            ->whereIn('run_steps.job', array_keys($of))->whereNotNull('run_steps.done_at')->groupBy('runs.tank_id', 'run_steps.job')
            ->selectRaw('runs.tank_id as tank, run_steps.job as job, max(run_steps.done_at) as at')->get();
        foreach ($rows as $row) {
            if (is_numeric($row->tank) && is_string($row->job) && is_string($row->at)) {
                $at = CarbonImmutable::parse($row->at, 'UTC');
                $known = $last[(int) $row->tank][$of[$row->job]] ?? null;
                $last[(int) $row->tank][$of[$row->job]] = $known === null || $at->greaterThan($known) ? $at : $known;
            }
        }

        return $last;
    }
}
