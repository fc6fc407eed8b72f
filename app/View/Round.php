<?php

declare(strict_types=1);

namespace App\View;

use App\Models\AfterJob;
use App\Models\Keeper;
use App\Models\Reading;
use App\Models\Run;
use App\Models\SwitchTick;
use App\Models\Tank;
use App\Support\LatestReadings;
use App\Support\RunState;
use App\Support\Show;
use App\Support\VesselOf;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Work\Task;
use Illuminate\Database\Eloquent\Collection;

/** All tanks of a keeper, the one whose need weighs most first. */
final readonly class Round
{
    /** Hours after a change within which the next-day reading tells most. */
    private const CHECK_FROM = 12;

    private const CHECK_UNTIL = 48;

    /** @return list<RoundStrip> */
    public static function of(Keeper $keeper): array
    {
        /** @var Collection<int, Tank> $tanks */
        $tanks = $keeper->tanks()->with('devices')->orderBy('name')->get();
        $ids = array_values(array_map(intval(...), $tanks->modelKeys()));
        $latest = LatestReadings::ofTanks($ids);
        $open = Run::query()->open()->whereIn('tank_id', $ids)->with('switches')->get()->unique('tank_id')->keyBy('tank_id');
        $last = Run::query()->whereIn('id', Run::query()->whereIn('tank_id', $ids)->changed()
            ->groupBy('tank_id')->selectRaw('max(id)'))->get()->keyBy('tank_id');
        $after = [];
        foreach (AfterJob::query()->due()->whereHas('run', static fn($runs) => $runs->whereIn('tank_id', $ids))->with('run')->orderByDesc('due_from')->get() as $job) {
            $after[$job->run->tank_id] = $job;
        }
        $due = TasksDue::of($ids, $keeper->show());
        $strips = [];
        foreach ($tanks as $tank) {
            $tank->setRelation('keeper', $keeper);
            $strips[] = self::strip($tank, $latest[$tank->id] ?? [], $open->get($tank->id), $last->get($tank->id), $after[$tank->id] ?? null, $due[$tank->id] ?? [], $keeper->show());
        }
        usort($strips, static fn(RoundStrip $a, RoundStrip $b): int => $a->rank <=> $b->rank);

        return $strips;
    }

    /**
     * @param array<string, Reading> $readings
     * @param list<Task>             $due      work that is due again
     */
    private static function strip(Tank $tank, array $readings, ?Run $open, ?Run $last, ?AfterJob $after, array $due, Show $show): RoundStrip
    {
        $vessel = VesselOf::tank($tank);
        $newest = self::newest($readings);
        [$rank, $head, $why, $act, $url] = self::need($tank, $newest, $open, $last, $after, $due, $show);

        return new RoundStrip(
            $tank,
            new SectionDrawing($tank, $vessel, VesselOf::levels($tank), null, 168.0, 104.0, true, $tank->water_below_rim),
            $show->volume($vessel->litres()).' net',
            $rank,
            $head,
            $why,
            $act,
            $url,
            self::figures($tank, $readings, $show),
            $newest === null ? '' : 'read '.$show->day($newest),
        );
    }

    /**
     * @param list<Task> $due
     *
     * @return array{int, string, string, string, string}
     */
    private static function need(Tank $tank, ?CarbonImmutable $newest, ?Run $open, ?Run $last, ?AfterJob $after, array $due, Show $show): array
    {
        $base = '/tanks/'.$tank->id;
        $later = $open?->state === RunState::Planned && $open->planned_for !== null && $show->daysSince($open->planned_for->setTime(12, 0)) < 0;
        if ($open !== null && !$later) {
            return self::openSheet($open, $show);
        }
        if ($after !== null && $after->run->finished_at !== null) {
            return [RoundStrip::CHECK, $after->job->title(), 'After the session of '.$show->day($after->run->finished_at).': '.lcfirst($after->job->lines()[0]), 'Look in', '/runs/'.$after->run_id.'/after/'.$after->job->value];
        }
        if ($last?->finished_at !== null) {
            $hours = (CarbonImmutable::now()->getTimestamp() - $last->finished_at->getTimestamp()) / 3600;
            $checked = $newest !== null && $newest->greaterThan($last->finished_at->addHours(self::CHECK_FROM));
            if ($hours >= self::CHECK_FROM && $hours <= self::CHECK_UNTIL && !$checked) {
                return [RoundStrip::CHECK, 'Read again today', 'The change of '.$show->day($last->finished_at).' was forecast; now it can be held to it.', 'Read', $base.'/read'];
            }
            if ($open !== null) {
                return self::openSheet($open, $show);
            }
            $days = TankLoop::daysUntilDue($tank, $last->finished_at, $show);
            if ($days <= 0) {
                return [$days < 0 ? RoundStrip::LATE : RoundStrip::DUE, ucfirst(TankLoop::due($tank, $last, $show)), sprintf('Usually %s every %d days.', $show->percent($tank->routine_share), $tank->routine_days), 'Plan the change', $base.'/change'];
            }

            if ($due !== []) {
                return [RoundStrip::DUE, 'Due again: '.Words::list(array_map(static fn(Task $task): string => mb_strtolower($task->label()), array_slice($due, 0, 3))), ucfirst(TankLoop::due($tank, $last, $show)).'.', 'Plan the session', $base.'/compose?'.http_build_query(['dry' => '1', 'tasks' => array_map(static fn(Task $task): string => $task->value, array_slice($due, 0, 3))])];
            }

            return [RoundStrip::CALM, 'Nothing due', ucfirst(TankLoop::due($tank, $last, $show)).'.', 'Read', $base.'/read'];
        }
        if ($open !== null) {
            return self::openSheet($open, $show);
        }
        if ($newest === null) {
            return [RoundStrip::FIRST, 'Not read yet', 'A first set of readings lets Cresco size and forecast a change.', 'Read', $base.'/read'];
        }

        return [RoundStrip::DUE, 'First change', 'No change has been recorded yet.', 'Plan the change', $base.'/change'];
    }

    /** @return array{int, string, string, string, string} a sheet that is under way or waits to be begun */
    private static function openSheet(Run $open, Show $show): array
    {
        $off = $open->switches->filter(static fn(SwitchTick $tick): bool => $tick->isOpen());
        $step = $open->progress();
        if ($off->isNotEmpty()) {
            $names = $off->map(static fn(SwitchTick $tick): string => $tick->device->word())->implode(', ');

            return [RoundStrip::OFF, 'Still off: '.$names, 'Run sheet open, '.$step.'.', 'Go on', '/runs/'.$open->id];
        }
        if ($open->state === RunState::Planned && $open->planned_for !== null) {
            return self::planned($open, $open->planned_for, $show);
        }

        return [RoundStrip::WORK, 'Run sheet open', ucfirst($step).', nothing is switched off.', $open->state === RunState::Planned ? 'Begin' : 'Go on', '/runs/'.$open->id];
    }

    /** @return array{int, string, string, string, string} a sheet that is meant for a day */
    private static function planned(Run $open, CarbonImmutable $day, Show $show): array
    {
        $days = -$show->daysSince($day->setTime(12, 0));
        $head = match (true) {
            $days < -1 => sprintf('Planned %d days ago', -$days),
            $days === -1 => 'Planned for yesterday',
            $days === 0 => 'Planned for today',
            $days === 1 => 'Planned for tomorrow',
            default => sprintf('Planned for %s, in %d days', $day->format('l'), $days),
        };

        return [
            match (true) {
                $days < 0 => RoundStrip::LATE,
                $days === 0 => RoundStrip::WORK,
                default => RoundStrip::CALM,
            },
            $head, 'The run sheet is written.', $days > 0 ? 'Look it over' : 'Begin', '/runs/'.$open->id,
        ];
    }

    /**
     * @param array<string, Reading> $readings
     *
     * @return list<array{name: string, value: string, beyond: string|null}>
     */
    private static function figures(Tank $tank, array $readings, Show $show): array
    {
        $figures = [];
        foreach ([Parameter::Nitrate, Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Acidity, Parameter::Conductivity, Parameter::Temperature] as $parameter) {
            $reading = $readings[$parameter->value] ?? null;
            if ($reading === null) {
                continue;
            }
            $range = $tank->needs()->range($parameter);
            $figures[] = [
                'name' => $parameter->label(),
                'value' => $show->band($parameter, $reading->toCore()->distribution()),
                'beyond' => match (true) {
                    $range === null => null,
                    $reading->high < $range[0] => 'low',
                    $reading->low > $range[1] => 'high',
                    default => null,
                },
            ];
        }

        return $figures;
    }

    /** @param array<string, Reading> $readings */
    private static function newest(array $readings): ?CarbonImmutable
    {
        $newest = null;
        foreach ($readings as $reading) {
            // Kept as text that sorts by time, so that a date is made only of the newest.
            $at = $reading->getRawOriginal('taken_at');
            $newest = is_string($at) && $at > ($newest ?? '') ? $at : $newest;
        }

        return $newest === null ? null : CarbonImmutable::parse($newest, 'UTC');
    }
}
