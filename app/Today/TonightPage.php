<?php

declare(strict_types=1);

namespace App\Today;

use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\ChecklistStep;
use App\Models\Keeper;
use App\Models\Reservoir;
use App\Models\Tank;
use App\Schedule\JobsQuery;
use App\Schedule\WeekQuery;
use App\Schedule\WeekWords;
use App\Tanks\WaterUseQuery;
use App\Units\Show;
use App\View\JobWords;
use App\View\Names;
use App\WaterChange\ChangeDraft;
use App\WaterChange\DraftChange;
use App\WaterChange\SessionPlan;
use App\WaterChange\UsualChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\OrderRules;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Checklist\Timetable;
use Cresco\Core\Planning\UpcomingJob;
use Cresco\Core\Planning\Urgency;

/** One evening at several tanks: in which order, how much water, how long in all, and whether the stores suffice. */
final class TonightPage
{
    /** Minutes between two tanks, to carry the gear over and rinse it. */
    public readonly int $between;

    /** @var list<TonightStop> the tank whose need weighs most first */
    public readonly array $stops;

    /** @var array<int, bool> whether a tank is done this evening, by id */
    public readonly array $picked;

    private readonly Show $show;

    private readonly WeekQuery $week;

    private readonly WaterUseQuery $drawn;

    /** @param list<int>|null $picked tanks; null for those that the week lays on today, and those that do not wait for a day */
    public function __construct(private readonly Keeper $keeper, ?array $picked, private readonly DraftChange $draft)
    {
        $this->show = $keeper->show();
        $this->week = new WeekQuery($keeper);
        $this->drawn = new WaterUseQuery($keeper);
        $this->between = (int) round($keeper->figures->get('between'));
        $today = [];
        foreach ($this->week->on(0) as $job) {
            $today[$job->tank()][] = $job;
        }
        $stops = $chosen = [];
        foreach (TodayPage::of($this->week->known) as $strip) {
            $stop = $this->stop($strip, array_values(array_filter($today[$strip->tank->id] ?? [], static fn(UpcomingJob $job): bool => $job->isSession())));
            if ($stop !== null) {
                $stops[] = $stop;
                $chosen[$strip->tank->id] = $picked === null ? $stop->isDue : in_array($strip->tank->id, $picked, true);
            }
        }
        $this->stops = $stops;
        $this->picked = $chosen;
    }

    /** @return list<array{stop: TonightStop, picked: bool, from: string|null, to: string|null}> by the clock, begun now */
    public function lines(): array
    {
        $lines = [];
        $at = 0;
        $begun = CarbonImmutable::now();
        foreach ($this->stops as $stop) {
            $picked = $this->picked[$stop->tank->id];
            $lines[] = [
                'stop' => $stop,
                'picked' => $picked,
                'from' => $picked ? $this->show->time($begun->addMinutes($at)) : null,
                'to' => $picked ? $this->show->time($begun->addMinutes($at + $stop->minutes)) : null,
            ];
            $at += $picked ? $stop->minutes + $this->between : 0;
        }

        return $lines;
    }

    /** Minutes from the first tank to the last, with the way between them. */
    public function minutes(): int
    {
        $stops = $this->chosen();

        return array_sum(array_map(static fn(TonightStop $stop): int => $stop->minutes, $stops)) + $this->between * max(0, count($stops) - 1);
    }

    public function until(): string
    {
        return $this->show->time(CarbonImmutable::now()->addMinutes($this->minutes()));
    }

    /** Litres that leave all tanks. */
    public function out(): float
    {
        return array_sum(array_map(static fn(TonightStop $stop): float => $stop->out, $this->chosen()));
    }

    /**
     * What each water must give, what is there of it when a reservoir is kept, and by when the unit has made the rest.
     *
     * @return list<array{name: string, need: string, tanks: string, store: Reservoir|null, says: string, short: bool}>
     */
    public function waters(): array
    {
        $needs = $tanks = [];
        foreach ($this->chosen() as $stop) {
            foreach ($stop->drawn as $water => $litres) {
                $needs[$water] = ($needs[$water] ?? 0.0) + $litres;
                $tanks[$water][] = $stop->tank->name;
            }
        }
        $lines = [];
        foreach ($needs as $id => $litres) {
            $water = $this->keeper->waters->firstWhere('id', $id);
            $reservoir = $this->keeper->reservoirs->firstWhere('source_water_id', $id);
            [$says, $short] = $this->supply($reservoir, $litres);
            $lines[] = [
                'name' => $water->name ?? '', 'need' => $this->show->volume($litres, 1), 'tanks' => Names::list($tanks[$id] ?? []),
                'store' => $reservoir, 'says' => $says, 'short' => $short,
            ];
        }

        return $lines;
    }

    /** @return array{string, bool} */
    private function supply(?Reservoir $reservoir, float $litres): array
    {
        if ($reservoir === null) {
            return ['', false];
        }
        $missing = $litres - $reservoir->level;
        if ($missing <= 0.05) {
            return [(string) __('store.evening.enough', ['there' => $this->show->volume($reservoir->level, 1)]), false];
        }
        $minutes = (int) ceil(60.0 * $reservoir->supply()->hoursFor($litres));

        return [(string) __(
            'store.evening.short',
            [
                'there' => $this->show->volume($reservoir->level, 1), 'missing' => $this->show->volume($missing, 1),
                'when' => $this->show->when(CarbonImmutable::now()->addMinutes($minutes)),
            ],
        ), true];
    }

    /** @return list<TonightStop> */
    private function chosen(): array
    {
        return array_values(array_filter($this->stops, fn(TonightStop $stop): bool => $this->picked[$stop->tank->id]));
    }

    /** @param list<UpcomingJob> $jobs of a session, that the week lays on today at this tank */
    private function stop(TankStrip $strip, array $jobs): ?TonightStop
    {
        $tank = $strip->tank;
        // A bag that is being let in is no session: what is due beside it is what the week lays on today.
        $urgency = $strip->isBag ? Urgency::Ahead : $strip->urgency;
        $isDue = $urgency->value <= Urgency::Today->value || $jobs !== [];
        $open = Checklist::query()->open()->where('tank_id', $tank->id)->first();
        if ($open !== null) {
            return $this->sheet($strip, $open, $isDue || $open->state === ChecklistState::Running);
        }
        if ($this->keeper->waters->isEmpty()) {
            return null;
        }
        $input = UsualChange::of($tank);
        $tasks = $strip->tasks;
        foreach ($jobs as $job) {
            $task = $job->kind->task === null ? null : Task::tryFrom($job->kind->task);
            $tasks = $task === null || in_array($task, $tasks, true) ? $tasks : [...$tasks, $task];
        }
        // Where work alone is due, no water is.
        $changes = $tasks === []
            || $urgency->value <= Urgency::Today->value
            || array_filter($jobs, static fn(UpcomingJob $job): bool => $job->litres > 0.0) !== [];
        $draft = ($this->draft)($tank, $changes ? $input : $input->dry());
        $url = '/tanks/'.$tank->id.($tasks === [] ? '/water-change' : '/maintenance?'.http_build_query(($changes ? [] : ['dry' => '1']) + ['tasks' => array_map(
            static fn(Task $task): string => $task->value,
            $tasks,
        )]));

        return new TonightStop(
            $tank,
            $this->why($strip, $jobs),
            $draft->plan->outflow(),
            $this->drawn->of(UsualChange::drawn($draft->input, $draft->plan->refill())),
            self::planned($draft, $tasks),
            $url,
            $isDue,
        );
    }

    /**
     * Why a tank is in the order, and where the week has it when not today.
     *
     * @param list<UpcomingJob> $jobs
     */
    private function why(TankStrip $strip, array $jobs): string
    {
        $names = array_map(fn(UpcomingJob $job): string => JobWords::job($job, $this->show), $jobs);
        $words = $names !== [] && ($strip->isBag || $strip->urgency->value > Urgency::Check->value)
            ? ucfirst(Names::list(array_map(Names::inside(...), $names)))
            : '';
        $isChanged = array_filter($jobs, static fn(UpcomingJob $job): bool => $job->litres > 0.0) !== [];
        // A change that the round asks for and the week has on another day is said with that day.
        $asksForChange = preg_match('#/(water-change|catch-up)$#', $strip->url) === 1;
        for ($day = 1; !$isChanged && $asksForChange && in_array(
            $strip->urgency,
            [Urgency::Late, Urgency::Due, Urgency::Next],
            true,
        ) && $day < JobsQuery::DAYS; ++$day) {
            foreach ($this->week->on($day) as $job) {
                if ($job->tank() === $strip->tank->id && $job->isSession() && $job->litres > 0.0) {
                    return ($words === '' ? '' : $words.'. ').__('week.evening', ['head' => $strip->head, 'day' => WeekWords::day($this->week, $day)]);
                }
            }
        }

        return $words === '' ? $strip->head : $words;
    }

    /** A checklist that is written: what is left of it. */
    private function sheet(TankStrip $strip, Checklist $open, bool $isDue): TonightStop
    {
        $left = $open->steps()->whereNull('done_at')->get();
        $has = static fn(string $job): bool => $left->contains(static fn(ChecklistStep $step): bool => $step->job === $job);
        $refill = $has('refill') ? $open->plan->refill : 0.0;

        return new TonightStop(
            $strip->tank,
            $strip->head,
            $has('drain') ? $open->plan->out : 0.0,
            $this->drawn->of(array_map(
                static fn(float $share): float => $refill * $share,
                WaterUseQuery::shares($open->plan->waters, $open->plan->secondShare),
            )),
            min($open->plannedMinutes(), (int) $left->sum(static fn(ChecklistStep $step): int => $step->content->minutes)),
            '/checklists/'.$open->id,
            $isDue,
        );
    }

    /** @param list<Task> $tasks */
    private static function planned(ChangeDraft $draft, array $tasks): int
    {
        $session = SessionPlan::draft($draft, $tasks);
        $order = $session->order();

        return Timetable::of($session->jobs($order), OrderRules::of($session), SessionPlan::minutes($draft, $order))->minutes();
    }
}
