<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Data\OwnEstimates;
use App\Models\LearningReset;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\StepCatalogue;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Planning\AmountFound;
use Cresco\Core\Planning\DueBand;
use Cresco\Core\Planning\Interval;
use Illuminate\Support\Facades\DB;

/** Work that was done in sessions: when last, and how often it comes again. */
final class TasksDoneQuery
{
    /** Turns a tank that intervals are learned from. House default. */
    private const TURNS = 80;

    /**
     * When the work that was done at one tank is due again.
     *
     * @param array<string, CarbonImmutable> $last  when each task was last done there
     * @param array<string, Interval>        $every days after which it comes again, where something was learned of them
     *
     * @return array<string, DueBand> by task
     */
    public static function due(Tank $tank, array $last, array $every): array
    {
        [$show, $own] = [$tank->keeper->show(), $tank->keeper->figures];
        $dues = [];
        foreach ($last as $name => $at) {
            $dues[$name] = DueBand::again(self::every($name, $every, $own), $show->daysSince($at));
        }

        return $dues;
    }

    /** @param array<string, Interval> $every */
    public static function every(string $task, array $every, OwnEstimates $own): int
    {
        return ($every[$task] ?? null)?->days() ?? $own->days(Task::from($task));
    }

    /** @return list<Task> that are due at a tank, the longest overdue first */
    public static function tasksDue(Tank $tank): array
    {
        $dues = self::due($tank, self::last([$tank->id])[$tank->id] ?? [], self::intervals([$tank->id], $tank->keeper->figures)[$tank->id] ?? []);
        $dues = array_filter($dues, static fn(DueBand $due): bool => $due->isNow());
        uasort($dues, static fn(DueBand $a, DueBand $b): int => $a->from <=> $b->from);

        return array_map(Task::from(...), array_keys($dues));
    }

    /**
     * How often work comes again, as what was found at each tank taught.
     *
     * @param list<int>                                       $tanks
     * @param array<int, array<string, CarbonImmutable>>|null $anew  from when figures of tanks are learned again, where it is known already
     *
     * @return array<int, array<string, Interval>> by tank and task; those of which nothing was said are left out
     */
    public static function intervals(array $tanks, OwnEstimates $own, ?array $anew = null): array
    {
        $anew ??= LearningReset::ofTanks($tanks);
        $of = self::taskOfStep();
        $turns = [];
        $rows = DB::table('checklist_steps')->join('checklists', 'checklists.id', '=', 'checklist_steps.checklist_id')
            ->whereIn('checklists.tank_id', $tanks)->whereNotNull('checklist_steps.found')->whereNotNull('checklist_steps.since')
            ->where('checklist_steps.skipped', false)->orderByDesc('checklist_steps.done_at')->limit(self::TURNS * max(1, count($tanks)))
            ->get([
                'checklists.tank_id as tank', 'checklist_steps.job as job', 'checklist_steps.since as since', 'checklist_steps.found as found',
                'checklist_steps.done_at as at',
            ]);
        foreach ($rows as $row) {
            $found = is_string($row->found) ? AmountFound::tryFrom($row->found) : null;
            if ($found !== null && is_numeric($row->tank) && is_string($row->job) && isset($of[$row->job]) && is_numeric($row->since)) {
                $at = is_string($row->at) ? (int) strtotime($row->at.' UTC') : 0;
                if ($at >= (($anew[(int) $row->tank][LearningReset::OFTEN.$of[$row->job]] ?? null)?->getTimestamp() ?? 0)) {
                    $turns[(int) $row->tank][$of[$row->job]][] = [(float) $row->since, $found, $at / 86400.0];
                }
            }
        }

        return array_map(
            static fn(array $tasks): array => array_combine(
                array_keys($tasks),
                array_map(
                    static fn(string $task, array $list): Interval => Interval::learned($own->days(Task::from($task)), $list),
                    array_keys($tasks),
                    $tasks,
                ),
            ),
            $turns,
        );
    }

    /**
     * @param list<int> $tanks
     *
     * @return array<int, array<string, CarbonImmutable>> by tank and task
     */
    public static function last(array $tanks): array
    {
        $of = self::taskOfStep();
        $last = [];
        $rows = DB::table('checklist_steps')->join('checklists', 'checklists.id', '=', 'checklist_steps.checklist_id')
            ->whereIn('checklists.tank_id', $tanks)->where('checklist_steps.skipped', false)
            ->whereIn('checklist_steps.job', array_keys($of))->whereNotNull('checklist_steps.done_at')->groupBy('checklists.tank_id', 'checklist_steps.job')
            ->selectRaw('checklists.tank_id as tank, checklist_steps.job as job, max(checklist_steps.done_at) as at')->get();
        foreach ($rows as $row) {
            if (is_numeric($row->tank) && is_string($row->job) && is_string($row->at)) {
                $at = CarbonImmutable::parse($row->at, 'UTC');
                $known = $last[(int) $row->tank][$of[$row->job]] ?? null;
                $last[(int) $row->tank][$of[$row->job]] = $known === null || $at->greaterThan($known) ? $at : $known;
            }
        }

        return $last;
    }

    /** @return array<string, string> task by step */
    public static function taskOfStep(): array
    {
        static $of = null;
        if (!is_array($of)) {
            $of = [];
            foreach (StepCatalogue::steps() as $job) {
                if ($job->of !== null) {
                    $of[$job->key] = $job->of->value;
                }
            }
        }

        /** @var array<string, string> $of */
        return $of;
    }
}
