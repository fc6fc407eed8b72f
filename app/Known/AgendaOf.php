<?php

declare(strict_types=1);

namespace App\Known;

use App\Kept\OwnFigures;
use App\Models\AfterJob;
use App\Models\Chore;
use App\Models\FreshStart;
use App\Models\Stand;
use App\Models\Tank;
use App\Units\Show;
use App\Units\Span;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\Settling;
use Cresco\Core\Rhythm\Agenda;
use Cresco\Core\Rhythm\CatchUp;
use Cresco\Core\Rhythm\Due;
use Cresco\Core\Rhythm\Found;
use Cresco\Core\Rhythm\Interval;
use Cresco\Core\Work\After;
use Cresco\Core\Work\Catalogue;
use Cresco\Core\Work\Task;
use Illuminate\Support\Facades\DB;

/** What comes due at tanks, from what their keeper plans and what was done when. */
final class AgendaOf
{
    public const TASK = 'task.';

    /** Turns a tank that intervals are learned from. House default. */
    private const TURNS = 80;

    /** Work that the forecast of drawn plants calls for. */
    private const BY_FORECAST = [self::TASK.'trim', self::TASK.'floaters'];

    /** Of stands that are to be cut. */
    public const STAND = 'stand.';

    /** Of stands whose leaves die back after planting. */
    public const MELT = 'melt.';

    /** The look whether a changed dose did anything. */
    public const DOSES = 'dose_look';

    /** Why a first change is due. */
    private const FIRST = 'first';

    /** Of what a session left for later, as "after.12.evening". */
    public const AFTER = 'after.';

    /** When the routine of a tank asks for the next change; null before the first. */
    public static function change(Tank $tank, ?CarbonImmutable $changed, Show $show): ?Due
    {
        return $changed === null ? null : Due::again(Agenda::CHANGE, $tank->routine_days, $show->daysSince($changed));
    }

    /** Whether the way back has it in one of its steps: bed, filter media and the cuts of stands, never all on one day. */
    public static function isOnTheWay(string $key): bool
    {
        return in_array($key, [self::TASK.Task::Vacuum->value, self::TASK.Task::Media->value], true) || str_starts_with($key, self::STAND);
    }

    /** The first change that is written down: within the days of the routine from the one on which the tank was entered, since nobody knows when its water was changed before. */
    public static function firstChange(Tank $tank, Show $show): Due
    {
        return Due::again(Agenda::CHANGE, $tank->routine_days, $tank->created_at === null ? 0 : $show->daysSince($tank->created_at), self::FIRST);
    }

    /** Whether the change of a tank is so late that it is led back in steps; not one that was never changed, of which nobody knows how it was kept. */
    public static function isNeglected(Tank $tank, ?Due $change): bool
    {
        return $change !== null && $change->why !== self::FIRST && $change->over() > 0 && CatchUp::isNeglected($tank->routine_days + $change->over(), $tank->routine_days);
    }

    /**
     * The work that is due again at one tank.
     *
     * @param array<string, CarbonImmutable> $last  when each task was last done there
     * @param array<string, Interval>        $every days after which it comes again, where something was learned of them
     * @param OwnFigures                     $own   what the keeper begins with
     */
    public static function work(array $last, Show $show, OwnFigures $own, array $every = []): Agenda
    {
        $dues = [];
        foreach ($last as $name => $at) {
            $dues[] = Due::again(self::TASK.$name, ($every[$name] ?? null)?->days() ?? $own->days(Task::from($name)), $show->daysSince($at));
        }

        return new Agenda($dues);
    }

    /**
     * How often work comes again, as what was found at each tank taught.
     *
     * @param list<int>                                       $tanks
     * @param array<int, array<string, CarbonImmutable>>|null $anew  from when figures of tanks are learned anew, where it is known already
     *
     * @return array<int, array<string, Interval>> by tank and task; those of which nothing was said are left out
     */
    public static function intervals(array $tanks, OwnFigures $own, ?array $anew = null): array
    {
        $anew ??= FreshStart::ofTanks($tanks);
        $of = self::taskOfStep();
        $turns = [];
        $rows = DB::table('run_steps')->join('runs', 'runs.id', '=', 'run_steps.run_id')->whereIn('runs.tank_id', $tanks)->whereNotNull('run_steps.found')->whereNotNull('run_steps.since')
            ->where('run_steps.skipped', false)->orderByDesc('run_steps.done_at')->limit(self::TURNS * max(1, count($tanks)))
            ->get(['runs.tank_id as tank', 'run_steps.job as job', 'run_steps.since as since', 'run_steps.found as found', 'run_steps.done_at as at']);
        foreach ($rows as $row) {
            $found = is_string($row->found) ? Found::tryFrom($row->found) : null;
            if ($found !== null && is_numeric($row->tank) && is_string($row->job) && isset($of[$row->job]) && is_numeric($row->since)) {
                $at = is_string($row->at) ? (int) strtotime($row->at.' UTC') : 0;
                if ($at >= (($anew[(int) $row->tank][FreshStart::OFTEN.$of[$row->job]] ?? null)?->getTimestamp() ?? 0)) {
                    $turns[(int) $row->tank][$of[$row->job]][] = [(float) $row->since, $found, $at / 86400.0];
                }
            }
        }

        return array_map(static fn(array $tasks): array => array_combine(array_keys($tasks), array_map(static fn(string $task, array $list): Interval => Interval::learned($own->days(Task::from($task)), $list), array_keys($tasks), $tasks)), $turns);
    }

    /**
     * Jobs that keepers set up for tanks.
     *
     * @param iterable<Chore> $chores
     *
     * @return array<int, list<Due>> by tank
     */
    private static function chores(iterable $chores, Show $show): array
    {
        $found = [];
        foreach ($chores as $chore) {
            $found[(int) $chore->tank_id][] = ChoresOf::due($chore, $show);
        }

        return $found;
    }

    /** @return list<int> chores that are due now, the longest overdue first */
    public static function choresNow(Agenda $agenda): array
    {
        return array_map(static fn(Due $due): int => (int) substr($due->key, strlen(ChoresOf::KEY)), $agenda->now(ChoresOf::KEY));
    }

    /** The look whether a changed dose did anything; null where none is waited for. */
    private static function doses(Tank $tank, Show $show): ?Due
    {
        if ($tank->doses_look_on === null) {
            return null;
        }
        $in = -$show->daysSinceDate($tank->doses_look_on);

        return new Due(self::DOSES, $in, $in, 'dose_look');
    }

    /**
     * @param iterable<Tank>                    $tanks
     * @param array<int, CarbonImmutable|null>  $changed when the water of each was last changed
     * @param array<int, StandCuts>             $cuts    of those that have plants
     * @param iterable<Chore>|null              $chores  jobs that keepers set up there, where they are not to be looked up
     * @param array<int, array<string, Interval>>|null $every where it is known already how often work comes again
     *
     * @return array<int, Agenda>
     */
    public static function ofMany(iterable $tanks, array $changed, Show $show, array $cuts = [], ?iterable $chores = null, ?array $every = null): array
    {
        $dues = $byId = [];
        foreach ($tanks as $tank) {
            $byId[$tank->id] = $tank;
            $dues[$tank->id] = array_filter([self::change($tank, $changed[$tank->id] ?? null, $show), self::doses($tank, $show)]);
        }
        $own = $byId === [] ? OwnFigures::read(null) : reset($byId)->keeper->figures;
        $every ??= self::intervals(array_keys($dues), $own);
        foreach (self::last(array_keys($dues)) as $id => $tasks) {
            $dues[$id] = [...$dues[$id], ...self::work($tasks, $show, $own, $every[$id] ?? [])->all];
        }
        foreach (self::chores($chores ?? ChoresOf::ofTanks(array_keys($dues)), $show) as $id => $set) {
            $dues[$id] = [...$dues[$id], ...$set];
        }
        foreach (self::melting(array_keys($dues), $show) as $id => $melting) {
            $dues[$id] = [...$dues[$id], ...$melting];
        }
        foreach (self::nextDay($changed, $show) as $id => $reading) {
            $dues[$id][] = $reading;
        }
        foreach (self::left(array_keys($dues), $show) as $id => $left) {
            $dues[$id] = [...$dues[$id], ...$left];
        }
        foreach (CapsulesOf::due($byId, $show) as $id => $capsules) {
            $dues[$id] = [...$dues[$id], ...$capsules];
        }
        foreach ($cuts as $id => $stands) {
            // Where plants are drawn, their forecast says when they are cut, and not the weeks since.
            $dues[$id] = [...array_filter($dues[$id], static fn(Due $due): bool => !in_array($due->key, self::BY_FORECAST, true)), ...$stands->dues];
        }

        return array_map(static fn(array $list): Agenda => new Agenda(array_values($list)), $dues);
    }

    /**
     * The reading after a change that was not taken yet and still tells.
     *
     * @param array<int, CarbonImmutable|null> $changed when the water of each tank was last changed
     *
     * @return array<int, Due> by tank
     */
    public static function nextDay(array $changed, Show $show): array
    {
        $now = CarbonImmutable::now();
        $open = array_filter($changed, static fn(?CarbonImmutable $at): bool => $at !== null && $at->addHours((int) Agenda::NEXT_DAY_UNTIL)->greaterThanOrEqualTo($now));
        $oldest = $open === [] ? $now : array_reduce($open, static fn(CarbonImmutable $least, CarbonImmutable $at): CarbonImmutable => $at->lessThan($least) ? $at : $least, $now);
        $read = $open === [] ? [] : DB::table('readings')->whereIn('tank_id', array_keys($open))->whereIn('parameter', array_map(static fn(Parameter $parameter): string => $parameter->value, Parameter::ofAnimals()))
            ->where('taken_at', '>', $oldest->addHours((int) Agenda::NEXT_DAY_FROM))->groupBy('tank_id')->selectRaw('tank_id, max(taken_at) as at')->pluck('at', 'tank_id')->all();
        $found = [];
        foreach ($open as $id => $at) {
            $from = $at->addHours((int) Agenda::NEXT_DAY_FROM);
            if (!is_string($read[$id] ?? null) || CarbonImmutable::parse($read[$id], 'UTC')->lessThanOrEqualTo($from)) {
                $found[$id] = self::byHour(Agenda::NEXT_DAY, $from, $at->addHours((int) Agenda::NEXT_DAY_UNTIL), $show);
            }
        }

        return $found;
    }

    /**
     * Small jobs that sessions left for later and that still say something.
     *
     * @param list<int> $tanks
     *
     * @return array<int, list<Due>> by tank, the newest first
     */
    public static function left(array $tanks, Show $show): array
    {
        $found = [];
        $rows = AfterJob::query()->open()->join('runs', 'runs.id', '=', 'after_jobs.run_id')->whereIn('runs.tank_id', $tanks)->orderByDesc('due_from')->get(['after_jobs.*', 'runs.tank_id']);
        foreach ($rows as $after) {
            $tank = $after->getAttribute('tank_id');
            if (is_numeric($tank)) {
                $found[(int) $tank][] = self::byHour(self::AFTER.$after->run_id.'.'.$after->job->value, $after->due_from, $after->due_until, $show);
            }
        }

        return $found;
    }

    private static function byHour(string $key, CarbonImmutable $from, CarbonImmutable $until, Show $show): Due
    {
        return new Due($key, -$show->daysSince($from), -$show->daysSince($until), hours: 24.0 * Span::days(CarbonImmutable::now(), $from));
    }

    /**
     * Of a small job that a session left: the number of its sheet and what it is.
     *
     * @return array{int, After}
     */
    public static function afterOf(string $key): array
    {
        [$run, $job] = explode('.', substr($key, strlen(self::AFTER)));

        return [(int) $run, After::from($job)];
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
            $planted = $stand->planted_on === null ? 0 : max(0, $show->daysSinceDate($stand->planted_on));
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
        $of = self::taskOfStep();
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

    /** @return array<string, string> task by step */
    public static function taskOfStep(): array
    {
        static $of = null;
        if (!is_array($of)) {
            $of = [];
            foreach (Catalogue::steps() as $job) {
                if ($job->of !== null) {
                    $of[$job->key] = $job->of->value;
                }
            }
        }

        /** @var array<string, string> $of */
        return $of;
    }
}
