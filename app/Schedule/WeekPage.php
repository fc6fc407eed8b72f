<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Keeper;
use App\Models\Reservoir;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use App\Models\Tank;
use App\Supplies\SuppliesQuery;
use App\Tanks\ConcernLine;
use App\Tanks\UsualWaterQuery;
use App\Tanks\WaterUseQuery;
use App\Units\Show;
use App\Units\TimeDifference;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\JobType;
use Cresco\Core\Planning\UpcomingJob;

/** Seven days of a keeper over all tanks: what lies where and why, and what must be ready by when. */
final class WeekPage
{
    public const DAYS = 7;

    /** Days ahead that may be looked at. */
    public const AHEAD = JobsQuery::DAYS;

    /** Days before a job and its due day to which it may be moved. House default. */
    private const EARLIER = 3;

    /** Days ahead within which what is to be ordered is said. House default. */
    private const ORDER = 14;

    /** Days ahead within which it is said what water must be ready. House default. */
    private const READY = 3;

    public readonly WeekQuery $week;

    public readonly Show $show;

    /** @param int $from first day that is shown, counted from today */
    public function __construct(Keeper $keeper, public readonly int $from)
    {
        $this->week = new WeekQuery($keeper);
        $this->show = $keeper->show();
    }

    /** @return list<WeekDay> */
    public function days(): array
    {
        $days = [];
        for ($day = $this->from; $day < min($this->from + self::DAYS, JobsQuery::DAYS); ++$day) {
            $sessions = [];
            foreach ($this->week->on($day) as $job) {
                $sessions[$job->tank()][] = $job;
            }
            $days[] = new WeekDay(
                $day,
                $this->week->today->addDays($day),
                $this->week->placement->minutes($day),
                $this->week->minutes[$day],
                $this->week->taken[$day] ?? '',
                array_map(fn(int $tank, array $jobs): WeekSession => $this->session($day, $tank, $jobs), array_keys($sessions), $sessions),
                $this->doses($day),
                $this->week->doses[$day][0] ?? null,
            );
        }

        return $days;
    }

    /** @return list<array{tank: Tank, line: ConcernLine}> what the water of tanks asks for today, whatever the week holds; alarms first */
    public function urgent(): array
    {
        $found = [];
        foreach ($this->week->urgent() as $job) {
            if ($job->concern !== null) {
                $found[] = ['tank' => $this->week->known->tanks[$job->tank()], 'line' => ConcernLine::of(
                    $job->concern,
                    $this->week->known->waters()[$job->tank()],
                    $this->show,
                )];
            }
        }

        return $found;
    }

    private function doses(int $day): string
    {
        $names = array_map(fn(int $tank): string => $this->tank($tank)->name ?? '', $this->week->doses[$day] ?? []);

        return $names === []
            ? ''
            : trans_choice('week.day.doses', count($names), ['count' => count($names), 'name' => $names[0], 'minutes' => $this->week->doseMinutes($day)]);
    }

    /** @param list<UpcomingJob> $jobs */
    private function session(int $day, int $tank, array $jobs): WeekSession
    {
        return new WeekSession($this->tank($tank), $this->week->minutesOf($jobs), $jobs, $this->url($tank, $jobs, $day), $day);
    }

    public function tank(int $id): ?Tank
    {
        return $this->week->known->tanks[$id] ?? null;
    }

    /** Where the days are asked for to which a job may go. */
    public function moveUrl(UpcomingJob $job): string
    {
        return '/week/move?'.http_build_query(['job' => $job->id(), 'from' => $this->from]);
    }

    /** A job that may be moved; null for what goes with another, has its day, or is not there. */
    public function movable(string $id): ?UpcomingJob
    {
        $job = $this->week->jobs[$id] ?? null;

        return $job === null || $job->isSet || isset($this->week->with[$id]) || $this->week->placement->day($id) === null ? null : $job;
    }

    /** @return list<array{day: int, date: string, label: string, cost: string, here: bool}> days to which a job may go, with what that costs */
    public function moves(UpcomingJob $job): array
    {
        $at = (int) $this->week->placement->day($job->id());
        $moves = [];
        for ($day = max(0, min($at, $job->day()) - self::EARLIER); $day <= min(JobsQuery::DAYS - 1, max($at, $job->day()) + self::DAYS); ++$day) {
            [$date, $label] = $this->dates()[$day];
            $moves[] = [
                'day' => $day, 'date' => $date, 'label' => $label, 'here' => $day === $at,
                'cost' => $day === $at ? (string) __('week.cost.here') : $this->cost($job, $day),
            ];
        }

        return $moves;
    }

    /** @var array<string, string> words of what it costs, which are the same for many */
    private array $words = [];

    private function cost(UpcomingJob $job, int $day): string
    {
        $more = $this->week->placement->ifMoved($job->id(), $day);
        if ($more === null) {
            return '';
        }
        $key = $job->kind->lateness->value.' '.($day > 0 ? $day - $job->day() : min(0, $day - $job->day())).' '.$more->minutesOver().' '.$more->minutes();

        return $this->words[$key] ??= WeekWords::cost($job, $day, $more, $this->week->habits->setUp);
    }

    /** @var list<array{string, string}>|null */
    private ?array $dates = null;

    /** @return list<array{string, string}> each day as 2026-03-01 and as Sun 1 Mar */
    public function dates(): array
    {
        if ($this->dates === null) {
            $this->dates = [];
            for ($day = 0; $day < JobsQuery::DAYS; ++$day) {
                $at = $this->week->today->addDays($day);
                $this->dates[] = [$at->format('Y-m-d'), $at->translatedFormat('D j M')];
            }
        }

        return $this->dates;
    }

    /** @param list<UpcomingJob> $jobs the page on which they are planned as one session */
    private function url(int $tank, array $jobs, int $day): ?string
    {
        if ($tank === 0) {
            foreach ($jobs as $job) {
                if ($job->key->type === JobType::Membrane) {
                    return '/ro-reservoirs/'.$job->of;
                }
                if ($job->key->type === JobType::Meter) {
                    return '/settings#kits';
                }
            }

            return null;
        }
        foreach ($jobs as $job) {
            if ($job->key->type === JobType::Checklist) {
                return '/checklists/'.$job->of;
            }
        }
        if (in_array(JobKinds::WAY_BACK, array_map(static fn(UpcomingJob $job): string => $job->kind->key, $jobs), true)) {
            return '/tanks/'.$tank.'/catch-up';
        }
        $tasks = array_values(array_unique(array_filter(array_map(static fn(UpcomingJob $job): ?string => $job->kind->task, $jobs))));
        $changes = array_filter($jobs, static fn(UpcomingJob $job): bool => $job->kind->key === 'change') !== [];
        // A day that was chosen is the day that is planned.
        $on = $day > 0 ? ['day' => $this->dates()[$day][0]] : [];

        return match (true) {
            $changes && $tasks === [] && $on === [] => '/tanks/'.$tank.'/water-change',
            $changes => '/tanks/'.$tank.'/maintenance?'.http_build_query(['tasks' => $tasks] + $on),
            $tasks !== [] => '/tanks/'.$tank.'/maintenance?'.http_build_query(['dry' => '1', 'tasks' => $tasks] + $on),
            default => array_values(array_filter(array_map(static fn(UpcomingJob $job): ?string => self::place($tank, $job), $jobs)))[0] ?? null,
        };
    }

    /** Where one job is done that is no work of a session; null for what needs no page. */
    private static function place(int $tank, UpcomingJob $job): ?string
    {
        return match ($job->kind->key) {
            JobKinds::CHECK => '/tanks/'.$tank.'/problems/'.$job->of,
            'after' => '/checklists/'.$job->of.'/after/'.$job->name,
            'capsules', 'dose_look' => '/tanks/'.$tank.'/fertilising',
            'quarantine' => '/tanks/'.$tank.'/new-arrivals/'.$job->of,
            'test', 'next_day' => '/tanks/'.$tank.'/test',
            'count' => '/tanks/'.$tank.'/livestock',
            default => null,
        };
    }

    /** @return list<WeekReady> what must be begun, ready or ordered, by when, the first first */
    public function ready(): array
    {
        $lines = [...$this->supply(), ...$this->waters(), ...$this->orders()];
        usort($lines, static fn(WeekReady $a, WeekReady $b): int => $a->by <=> $b->by);

        return $lines;
    }

    /**
     * @return list<array{at: CarbonImmutable, day: int, tank: Tank, mix: array<int, float>, waters: array<int, float>}> litres that go in,
     *     and of what they are drawn, by water
     */
    private function changes(): array
    {
        [$drawn, $changes] = [new WaterUseQuery($this->week->keeper), []];
        for ($day = 0; $day < 2 * self::DAYS; ++$day) {
            foreach ($this->week->on($day) as $job) {
                $tank = $this->tank($job->tank());
                if ($tank === null || $job->litres <= 0.0) {
                    continue;
                }
                $mix = array_map(static fn(float $share): float => $job->litres * $share, $this->shares($tank, $job));
                $changes[] = ['at' => $this->week->begins($day), 'day' => $day, 'tank' => $tank, 'mix' => $mix, 'waters' => $drawn->of($mix)];
            }
        }

        return $changes;
    }

    /** @return array<int, float> of each water in what goes in: as the checklist of the day says, else as the tank is filled usually */
    private function shares(Tank $tank, UpcomingJob $job): array
    {
        $plan = $job->key->type === JobType::Checklist ? $this->week->known->planned($tank->id)?->plan : null;

        return $plan !== null && $plan->waters !== [] ? WaterUseQuery::shares($plan->waters, $plan->secondShare)
            : WaterUseQuery::shares(
                [UsualWaterQuery::of($tank)->id, ...($tank->second_source_water_id === null ? [] : [$tank->second_source_water_id])],
                $tank->second_share,
            );
    }

    /** @return list<WeekReady> when each unit must run */
    private function supply(): array
    {
        $lines = [];
        foreach ($this->week->keeper->loadMissing('reservoirs.water', 'waters')->reservoirs as $reservoir) {
            if ($reservoir->source_water_id === null) {
                continue;
            }
            [$needed, $tanks] = [0.0, []];
            foreach ($this->changesKnown() as $change) {
                $litres = $change['waters'][$reservoir->source_water_id] ?? 0.0;
                $needed += $litres;
                if ($litres <= 0.0) {
                    continue;
                }
                $tanks[] = $change['tank']->name;
                $hours = $reservoir->supply()->hoursFor($needed);
                if ($hours > 0.0) {
                    $lines[] = $this->start($reservoir, $change['at'], $hours, $needed, $tanks);
                    break;
                }
            }
        }

        return $lines;
    }

    /** @param list<string> $tanks */
    private function start(Reservoir $reservoir, CarbonImmutable $work, float $hours, float $needed, array $tanks): WeekReady
    {
        $by = $work->subMinutes((int) ceil(60.0 * ($hours + $this->week->keeper->figures->get('before'))));
        $late = $by->isPast();

        return new WeekReady(
            $by,
            $late ? (string) __('week.ready.now', ['unit' => $reservoir->name, 'short' => Show::minutes((int) TimeDifference::minutes($by, CarbonImmutable::now())), 'when' => $this->show->when($work)])
                : (string) __('week.ready.run', ['unit' => $reservoir->name, 'time' => $this->show->when($by)]),
            (string) __(
                'week.ready.run_why',
                [
                    'litres' => $this->show->volume($needed), 'water' => $reservoir->water->name ?? '',
                    'tanks' => Names::list(array_values(array_unique($tanks))), 'when' => $this->show->when($work),
                    'level' => $this->show->volume($reservoir->level),
                ],
            ),
            '/ro-reservoirs/'.$reservoir->id,
            $late,
            true,
        );
    }

    /** @var list<array{at: CarbonImmutable, day: int, tank: Tank, mix: array<int, float>, waters: array<int, float>}>|null */
    private ?array $changes = null;

    /** @return list<array{at: CarbonImmutable, day: int, tank: Tank, mix: array<int, float>, waters: array<int, float>}> */
    private function changesKnown(): array
    {
        return $this->changes ??= $this->week->keeper->waters->isEmpty() ? [] : $this->changes();
    }

    /** @return list<WeekReady> waters that must stand ready, warm */
    private function waters(): array
    {
        $lines = [];
        foreach ($this->changesKnown() as $change) {
            foreach ($change['day'] > self::READY ? [] : $change['mix'] as $id => $litres) {
                $water = $this->week->keeper->waters->find($id);
                if ($water === null || $water->kind === SourceWaterKind::Tap) {
                    continue;
                }
                // One of two may be cold: the other makes the mix as warm as it is to be.
                $with = array_diff(array_keys($change['mix']), [$id]);
                $lines[] = new WeekReady(
                    $change['at'],
                    (string) __(
                        $with === [] ? 'week.ready.prepare' : 'week.ready.part',
                        [
                            'litres' => $this->show->volume($litres), 'water' => $water->name,
                            'warmth' => $this->show->value(Parameter::Temperature, $change['tank']->warmth),
                            'when' => $this->show->when($change['at']),
                        ],
                    ),
                    (string) __(
                        $with === [] ? 'week.ready.prepare_why' : 'week.ready.part_why',
                        [
                            'tanks' => $change['tank']->name,
                            'with' => Names::list(array_values($this->week->keeper->waters->only($with)
                                ->map(static fn(SourceWater $other): string => $other->name)->all())),
                        ],
                    ),
                    '/mix-water?tank='.$change['tank']->id,
                );
            }
        }

        return $lines;
    }

    /** @return list<WeekReady> */
    private function orders(): array
    {
        $lines = [];
        foreach (SuppliesQuery::of($this->week->keeper) as $one) {
            $in = $one['stock']->orderIn();
            if ($in !== null && $in <= self::ORDER) {
                $day = $this->week->today->addDays(max(0, $in))->setTime(12, 0);
                $lines[] = new WeekReady($day, trans_choice(
                    $one['home'] ? 'week.ready.make' : 'week.ready.order',
                    max(0, $in),
                    ['name' => $one['name'], 'day' => $this->show->day($day)],
                ), (string) __($one['home'] ? 'week.ready.make_why' : 'week.ready.order_why', [
                    'left' => Names::amount($one['stock']->left, $one['unit']), 'weekly' => Names::amount($one['stock']
                        ->weekly, $one['unit']), 'lead' => Names::days($one['stock']->lead),
                ]), '/supplies', $in < 0);
            }
            if ($one['expires'] !== null && $one['expires'] <= self::ORDER + $one['stock']->lead) {
                $day = $this->week->today->addDays($one['expires'])->setTime(12, 0);
                $lines[] = new WeekReady(
                    $day,
                    (string) __('week.ready.expires', ['name' => $one['name'], 'day' => $this->show->day($day)]),
                    '',
                    '/supplies',
                    $one['expires'] < 0,
                );
            }
        }

        return $lines;
    }

    /** Why a job lies where it does; nothing when it is due there. */
    public function why(UpcomingJob $job): string
    {
        return WeekWords::why($this->week, $job);
    }
}
