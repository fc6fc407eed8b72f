<?php

declare(strict_types=1);

namespace App\View;

use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Work\Catalogue;
use Cresco\Core\Work\Task;
use Illuminate\Support\Facades\DB;

/** When the work on tanks was last done by sheet, and what of it is due again. */
final class TasksDue
{
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

    /**
     * @param list<int> $tanks
     *
     * @return array<int, list<Task>> work that was done by sheet before and is due again without a change, the longest overdue first
     */
    public static function of(array $tanks, Show $show): array
    {
        $due = [];
        foreach (self::last($tanks) as $tank => $tasks) {
            $late = [];
            foreach ($tasks as $name => $at) {
                $task = Task::from($name);
                $over = $show->daysSince($at) - $task->days();
                if ($over >= 0 && !$task->needsChange() && $task->isWet()) {
                    $late[$name] = $over;
                }
            }
            arsort($late);
            $due[$tank] = array_map(Task::from(...), array_keys($late));
        }

        return $due;
    }
}
