<?php

declare(strict_types=1);

namespace App\View;

use App\Change\ConditionerDose;
use App\Known\AgendaOf;
use App\Known\CapsulesOf;
use App\Known\ChoresOf;
use App\Known\DosesDue;
use App\Known\Moved;
use App\Known\PlantingOf;
use App\Known\StandCuts;
use App\Known\TankWater;
use App\Known\TreatmentsOf;
use App\Known\VesselOf;
use App\Known\WatchOf;
use App\Models\Arrival;
use App\Models\Chore;
use App\Models\DosePlan;
use App\Models\Keeper;
use App\Models\Run;
use App\Models\RunState;
use App\Models\StartUp;
use App\Models\SwitchTick;
use App\Models\Tank;
use App\Models\Treatment;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Beyond;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\Planting;
use Cresco\Core\Plants\Stand;
use Cresco\Core\Rhythm\Agenda;
use Cresco\Core\Rhythm\Urgency;
use Cresco\Core\Work\After;
use Cresco\Core\Work\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** All tanks of a keeper, the one whose need weighs most first. */
final readonly class Round
{
    /** mg/L of ammonium or nitrite below which they are not worth a line. House default. */
    private const SIDELINE = 0.11;

    /** Work that comes again, for one session. House default. */
    private const AT_ONCE = 3;

    /** @return list<RoundStrip> most serious first */
    public static function of(Keeper $keeper): array
    {
        /** @var Collection<int, Tank> $tanks */
        $tanks = $keeper->tanks()->with('devices')->with('startUp')->withCount(['stands', 'inquiries as open_inquiries' => static fn(Builder $inquiries) => $inquiries->whereNull('ended_at')])->orderBy('name')->get()->each(static fn(Tank $tank) => $tank->setRelation('keeper', $keeper));
        $ids = array_values(array_map(intval(...), $tanks->modelKeys()));
        $waters = TankWater::now($tanks);
        $open = Run::query()->open()->whereIn('tank_id', $ids)->with('switches')->get()->unique('tank_id')->keyBy('tank_id');
        $plantings = [];
        foreach ($tanks as $tank) {
            $planting = PlantingOf::orNone($tank);
            if ($planting !== null) {
                $plantings[$tank->id] = $planting;
            }
        }
        $chores = [];
        foreach (ChoresOf::ofTanks($ids) as $chore) {
            $chores[$chore->id] = $chore;
        }
        $agendas = AgendaOf::ofMany($tanks, array_map(static fn(TankWater $water): ?CarbonImmutable => $water->change?->changed_at, $waters), $keeper->show(), array_map(StandCuts::of(...), $plantings), $chores);
        $bags = Arrival::query()->whereIn('tank_id', $ids)->whereNotNull('step')->orderBy('id')->get()->keyBy('tank_id');
        $doses = DosesDue::ofMany($ids, $keeper->show()->local(CarbonImmutable::now()));
        $asked = array_values(array_filter($ids, static fn(int $id): bool => $tanks->find($id)?->getAttribute('open_inquiries') > 0));
        $checks = $asked === [] ? [] : TreatmentsOf::due($asked, $keeper->show()->local(CarbonImmutable::now()));
        $moved = WatchOf::ofMany($waters, $keeper->show());
        $strips = [];
        foreach ($tanks as $tank) {
            $strips[] = self::strip($bags->get($tank->id), $moved[$tank->id] ?? [], $checks[$tank->id] ?? [], $doses[$tank->id] ?? [], $chores, $waters[$tank->id], $open->get($tank->id), $agendas[$tank->id], $plantings[$tank->id] ?? null, $keeper->show());
        }
        usort($strips, static fn(RoundStrip $a, RoundStrip $b): int => $a->rank <=> $b->rank);

        return $strips;
    }

    /**
     * @param list<Moved>     $moved  quietly
     * @param list<Treatment> $checks that are due to be looked at
     * @param list<DosePlan>  $doses  of today that nobody has noted
     * @param array<int, Chore> $chores that the keeper set up
     */
    private static function strip(?Arrival $bag, array $moved, array $checks, array $doses, array $chores, TankWater $water, ?Run $open, Agenda $agenda, ?Planting $planting, Show $show): RoundStrip
    {
        $tank = $water->tank;
        $vessel = VesselOf::tank($tank);
        $start = $tank->startUp;
        $concerns = ConcernLine::urgent($water, $show);
        $cut = $planting === null ? [] : array_values(array_intersect_key($planting->stands, array_flip(AgendaOf::standsNow($agenda))));
        $tasks = array_slice([...self::cutting($cut), ...AgendaOf::dryTasks($agenda)], 0, self::AT_ONCE);
        $melting = count(AgendaOf::meltingNow($agenda));
        $give = $doses === [] ? null : trans_choice('food.round', count($doses), ['doses' => implode(', ', array_map(static fn(DosePlan $plan): string => Words::dose($plan->amount, $plan->jar).' '.$plan->jar->name, $doses))]);
        $check = $checks === [] ? null : trans_choice('inquiry.check.round', count($checks), ['count' => count($checks), 'what' => InquiryWords::title($checks[0]->inquiry)]);
        [$rank, $head, $why, $act, $url] = $start !== null && ($concerns[0] ?? null)?->isAlarm() !== true ? self::start($water, $start) : self::need($check, $checks[0] ?? null, $give, $water, $concerns, $open, $agenda, $tasks, $cut, $show);
        $isBag = $bag !== null && $rank > RoundStrip::OFF;
        if ($isBag) {
            [$rank, $head, $why, $act, $url] = [RoundStrip::OFF, (string) __('animals.course.round'), $bag->what.'.', (string) __('round.act.go_on'), '/tanks/'.$tank->id.'/arrivals/'.$bag->id];
        }
        $newest = $water->newest();

        return new RoundStrip(
            $tank,
            new SectionDrawing($tank, $vessel, VesselOf::levels($tank), null, 168.0, 104.0, true, $tank->water_below_rim, false, DrawnStands::now($tank)),
            (string) __('tank.litres', ['litres' => $show->volume($vessel->litres())]),
            $rank,
            $head,
            $why,
            $act,
            $url,
            self::figures($water, $show),
            match (true) {
                $newest === null => '',
                $water->change !== null && $water->change->changed_at->greaterThan($newest) => 'changed '.$show->day($water->change->changed_at),
                default => 'read '.$show->day($newest),
            },
            ($concerns[0] ?? null)?->isAlarm() === true ? $concerns[0]->acts : [],
            [
                ...array_values(array_map(static fn(ConcernLine $line): string => $line->head, array_filter($concerns, static fn(ConcernLine $line): bool => $line->head !== $head && !str_starts_with($why, $line->head) && $line->urgency !== Urgency::Note))),
                ...($cut === [] || $head === self::cutWords($cut) ? [] : [self::cutWords($cut)]),
                ...array_diff($check === null ? [] : [$check], [$head]),
                ...array_diff($give === null ? [] : [$give], [$head]),
                ...array_diff($agenda->now(AgendaOf::DOSES) === [] ? [] : [(string) __('food.look.round')], [$head]),
                ...($agenda->now(CapsulesOf::KEY) === [] ? [] : [trans_choice('food.capsules.round', count($agenda->now(CapsulesOf::KEY)), ['count' => count($agenda->now(CapsulesOf::KEY))])]),
                ...array_diff($melting === 0 ? [] : [trans_choice('plants.melt.round', $melting, ['count' => $melting])], [$head]),
                ...self::jobs(array_intersect_key($chores, array_flip(AgendaOf::choresNow($agenda)))),
                ...($moved === [] ? [] : [WatchWords::line($moved[0], $show)]),
            ],
            $url === self::session($tank, $tasks) ? $tasks : [],
            $isBag,
        );
    }

    /**
     * What is the most serious: danger, then devices that stand off, a sheet under way, what will not wait, a look that is due, the
     * rhythm of changes, work that comes again.
     *
     * @param string|null       $look check-ups that are due, in words
     * @param string|null       $give doses of today in words
     * @param list<ConcernLine> $concerns
     * @param list<Task>        $due
     * @param list<Stand>       $cut stands that want cutting
     *
     * @return array{int, string, string, string, string}
     */
    private static function need(?string $look, ?Treatment $first, ?string $give, TankWater $water, array $concerns, ?Run $open, Agenda $agenda, array $due, array $cut, Show $show): array
    {
        $tank = $water->tank;
        $base = '/tanks/'.$tank->id;
        $newest = $water->newest();
        $last = $water->change;
        $worst = $concerns[0] ?? null;
        if ($worst !== null && $worst->isAlarm()) {
            return [RoundStrip::ALARM, $worst->head, $worst->why, (string) __($open?->state === RunState::Running ? 'round.act.go_on' : 'round.act.how_much'), $open?->state === RunState::Running ? '/runs/'.$open->id : $base.'/change'];
        }
        foreach ($agenda->now(AgendaOf::AFTER) as $left) {
            [$run, $job] = AgendaOf::afterOf($left->key);
            if ($job === After::Conditioner) {
                return [RoundStrip::ALARM, $job->title(), (string) __('round.conditioner', ['dose' => ConditionerDose::ofTank($tank)]), (string) __('round.act.conditioner'), '/runs/'.$run.'/after/'.$job->value];
            }
        }
        $later = $open?->state === RunState::Planned && $open->planned_for !== null && $show->daysSinceDate($open->planned_for) < 0;
        if ($open !== null && !$later) {
            return self::openSheet($open, $show);
        }
        $isNeglected = AgendaOf::isNeglected($tank, $agenda->of(Agenda::CHANGE));
        if ($worst?->urgency === Urgency::Today) {
            return [RoundStrip::TODAY, $worst->head, $worst->why, $isNeglected ? (string) __('catch_up.act') : (string) __('round.act.plan'), $base.($isNeglected ? '/catch-up' : '/change')];
        }
        foreach ($agenda->now(AgendaOf::AFTER) as $left) {
            [$run, $job] = AgendaOf::afterOf($left->key);
            if ($job === After::Conditioner) {
                continue;
            }
            $ended = CarbonImmutable::now()->addMinutes((int) round(60.0 * (($left->hours ?? 0.0) - $job->fromHours())));

            return [RoundStrip::CHECK, $job->title(), (string) __('round.after', ['day' => $show->day($ended), 'what' => lcfirst($job->lines()[0])]), (string) __('round.act.look_in'), '/runs/'.$run.'/after/'.$job->value];
        }
        if ($last === null) {
            return match (true) {
                $open !== null => self::openSheet($open, $show),
                $newest === null => [RoundStrip::FIRST, (string) __('round.unread.head'), (string) __('round.unread.why'), (string) __('round.act.read'), $base.'/read'],
                $worst?->urgency === Urgency::Next => [RoundStrip::DUE, $worst->head, $worst->why, (string) __('round.act.plan'), $base.'/change'],
                default => [RoundStrip::DUE, (string) __('round.first.head'), (string) __('round.first.why'), (string) __('round.act.plan'), $base.'/change'],
            };
        }
        if ($agenda->now(Agenda::NEXT_DAY) !== []) {
            return [RoundStrip::CHECK, (string) __('round.again.head'), (string) __('round.again.why', ['day' => $show->day($last->changed_at)]), (string) __('round.act.read'), $base.'/read'];
        }
        if ($open !== null) {
            return self::openSheet($open, $show);
        }
        $change = $agenda->of(Agenda::CHANGE);
        $rhythm = ucfirst(TankLoop::due($change));
        $days = -($change?->over() ?? 0);
        if ($days > 0 && $worst?->urgency === Urgency::Next) {
            return [RoundStrip::DUE, $worst->head, $worst->why.' '.$rhythm.'.', (string) __('round.act.plan'), $base.'/change'];
        }
        if ($isNeglected) {
            return [RoundStrip::LATE, $rhythm, (string) __('catch_up.why'), (string) __('catch_up.act'), $base.'/catch-up'];
        }
        if ($days <= 0) {
            return [$days < 0 ? RoundStrip::LATE : RoundStrip::DUE, $rhythm, $worst?->urgency === Urgency::Next ? $worst->head.': '.lcfirst($worst->why) : (string) __('round.usual', ['share' => $show->percent($tank->routine_share), 'every' => Words::every($tank->routine_days)]), (string) __('round.act.plan'), $base.'/change'];
        }
        if ($look !== null && $first !== null) {
            return [RoundStrip::DUE, $look, InquiryWords::expects($first), __('inquiry.check.act'), $base.'/inquiries/'.$first->inquiry_id.'/now'];
        }
        if ($cut !== []) {
            $names = Words::list(array_map(static fn(Stand $stand): string => $stand->name.', '.StandWords::place($stand), array_slice($cut, 0, 2)));

            return [RoundStrip::DUE, self::cutWords($cut), (count($cut) > 1 ? $names.(count($cut) > 2 ? ' …' : '').'. ' : '').$rhythm.'.', (string) __('round.act.session'), self::session($tank, $due)];
        }
        $melting = count(AgendaOf::meltingNow($agenda));
        if ($melting > 0) {
            return [RoundStrip::DUE, trans_choice('plants.melt.round', $melting, ['count' => $melting]), $rhythm.'.', __('plants.melt.act'), $base.'/plants'];
        }
        if ($agenda->now(AgendaOf::DOSES) !== []) {
            return [RoundStrip::DUE, (string) __('food.look.round'), (string) __('food.look.ask'), (string) __('food.look.act'), $base.'/food'];
        }
        if ($due !== []) {
            return [RoundStrip::DUE, (string) __('round.due', ['jobs' => Words::list(array_map(static fn(Task $task): string => mb_strtolower($task->label()), $due))]), $rhythm.'.', (string) __('round.act.session'), self::session($tank, $due)];
        }

        if ($give !== null) {
            return [RoundStrip::DUE, $give, $rhythm.'.', __('food.act'), $base.'/food'];
        }

        return [RoundStrip::CALM, (string) __('round.nothing'), $worst === null ? $rhythm.'.' : $rhythm.'. '.$worst->head.': '.lcfirst($worst->why), (string) __('round.act.read'), $base.'/read'];
    }

    /** @param non-empty-list<Stand> $cut */
    private static function cutWords(array $cut): string
    {
        return trans_choice('plants.round', count($cut), ['count' => count($cut), 'name' => $cut[0]->name.', '.StandWords::place($cut[0])]);
    }

    /**
     * @param list<Stand> $cut
     *
     * @return list<Task>
     */
    private static function cutting(array $cut): array
    {
        $floating = array_filter($cut, static fn(Stand $stand): bool => $stand->floats());

        return [...(count($floating) < count($cut) ? [Task::Trim] : []), ...($floating === [] ? [] : [Task::Floaters])];
    }

    /** @return array{int, string, string, string, string} a tank that is being started */
    private static function start(TankWater $water, StartUp $start): array
    {
        $page = new StartPage($water->tank, $start, $water);

        return [$page->known?->ready->isReady === true ? RoundStrip::DUE : ($page->asks() ? RoundStrip::CHECK : RoundStrip::CALM), (string) __('start.round', ['day' => $page->known->day ?? 0]), $page->next(), (string) __('start.act'), '/tanks/'.$water->tank->id.'/start'];
    }

    /**
     * @param array<int, Chore> $chores that are due
     *
     * @return list<string>
     */
    private static function jobs(array $chores): array
    {
        $names = array_values(array_map(static fn(Chore $chore): string => $chore->name !== null && $chore->kind === 'own' ? $chore->name : WeekWords::kind($chore->kind), $chores));

        return $names === [] ? [] : [(string) __('week.round', ['jobs' => Words::list(array_map(Words::inside(...), $names))])];
    }

    /** @param list<Task> $tasks of a session without a change */
    private static function session(Tank $tank, array $tasks): string
    {
        return '/tanks/'.$tank->id.'/compose?'.http_build_query(['dry' => '1', 'tasks' => array_map(static fn(Task $task): string => $task->value, $tasks)]);
    }

    /** @return array{int, string, string, string, string} a sheet that is under way or waits to be begun */
    private static function openSheet(Run $open, Show $show): array
    {
        $off = $open->switches->filter(static fn(SwitchTick $tick): bool => $tick->isOpen());
        $step = $open->progress();
        if ($off->isNotEmpty()) {
            $names = $off->map(static fn(SwitchTick $tick): string => $tick->device->word())->implode(', ');

            return [RoundStrip::OFF, (string) __('round.off', ['devices' => $names]), (string) __('round.open_at', ['step' => $step]), (string) __('round.act.go_on'), '/runs/'.$open->id];
        }
        if ($open->state === RunState::Planned && $open->planned_for !== null) {
            return self::planned($open, $open->planned_for, $show);
        }

        return [RoundStrip::WORK, (string) __('round.open'), (string) __('round.open_why', ['step' => ucfirst($step)]), (string) __($open->state === RunState::Planned ? 'round.act.begin' : 'round.act.go_on'), '/runs/'.$open->id];
    }

    /** @return array{int, string, string, string, string} a sheet that is meant for a day */
    private static function planned(Run $open, CarbonImmutable $day, Show $show): array
    {
        $days = -$show->daysSinceDate($day);
        $head = $days < -1
            ? trans_choice('round.planned.ago', -$days, ['count' => -$days])
            : trans_choice('round.planned.in', $days, ['day' => $day->format('l'), 'count' => $days]);

        return [
            match (true) {
                $days < 0 => RoundStrip::LATE,
                $days === 0 => RoundStrip::WORK,
                default => RoundStrip::CALM,
            },
            $head, (string) __('round.planned.why'), (string) __($days > 0 ? 'round.act.look_over' : 'round.act.begin'), '/runs/'.$open->id,
        ];
    }

    /** @return list<array{name: string, value: string, beyond: string|null, carried: bool}> as the water stands now */
    private static function figures(TankWater $water, Show $show): array
    {
        $figures = [];
        foreach (Parameter::ofAnimals() as $parameter) {
            $value = $water->state()->get($parameter);
            $range = $water->tank->needs()->range($parameter);
            if ($value === null || ($parameter->entry()->isSideline && $value->quantile(0.9) < self::SIDELINE)) {
                continue;
            }
            $figures[] = ['name' => $parameter->label(), 'value' => $show->band($parameter, $value), 'beyond' => $range === null ? null : Beyond::of($value, $range)?->value, 'carried' => $water->isCarried($parameter) || $water->isCarriedOn($parameter)];
        }

        return $figures;
    }
}
