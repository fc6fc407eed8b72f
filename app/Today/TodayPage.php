<?php

declare(strict_types=1);

namespace App\Today;

use App\Cycling\CyclingPage;
use App\Drawing\PlantShapes;
use App\Drawing\SectionDrawing;
use App\Models\Tank;
use App\Models\TankCycle;
use App\Problems\ChangeDetectionQuery;
use App\Problems\ChangePoint;
use App\Problems\ChangePointWords;
use App\Schedule\JobLine;
use App\Schedule\JobsQuery;
use App\Schedule\TankTasks;
use App\Tanks\PlantModelQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use App\View\JobWords;
use Cresco\Core\Cycling\CyclingMethod;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\RangeViolation;
use Cresco\Core\Planning\JobType;
use Cresco\Core\Planning\UpcomingJob;
use Cresco\Core\Planning\Urgency;
use Cresco\Core\Plants\PlantModel;

/** All tanks of a keeper, the one whose need weighs most first, and what is to be done at home. */
final readonly class TodayPage
{
    /** @return list<TankStrip> most serious first */
    public static function of(JobsQuery $jobs): array
    {
        $waters = $jobs->waters();
        $moved = ChangeDetectionQuery::ofMany($waters, $jobs->keeper->show());
        $strips = array_map(
            static fn(TankWaterQuery $water): TankStrip => self::strip($jobs, $water, PlantModelQuery::orNone($water->tank), $moved[$water->tank->id] ?? []),
            array_values($waters),
        );
        usort($strips, static fn(TankStrip $a, TankStrip $b): int => $a->urgency->value <=> $b->urgency->value);

        return $strips;
    }

    /** @return list<array{what: string, url: string}> what is to be done at home now, but for meters, which have a button of their own */
    public static function home(JobsQuery $jobs): array
    {
        $now = array_filter($jobs->at(0), static fn(UpcomingJob $job): bool => $job->urgency->isNow() && $job->key->type !== JobType::Meter);

        return array_values(array_map(static fn(UpcomingJob $job): array => ['what' => JobWords::job($job, $jobs->keeper
            ->show()), 'url' => match ($job->key->type) {
                JobType::Supply => '/supplies',
                JobType::Membrane => '/ro-reservoirs/'.$job->of,
                default => '/week',
            }], $now));
    }

    /** @param list<ChangePoint> $moved quietly */
    private static function strip(JobsQuery $jobs, TankWaterQuery $water, ?PlantModel $planting, array $moved): TankStrip
    {
        $show = $jobs->keeper->show();
        $tank = $water->tank;
        $vessel = VesselQuery::tank($tank);
        $lines = (new TankTasks($jobs, $water, $planting))->lines();
        if ($tank->cycling !== null && $lines[0]->urgency->value > Urgency::Waiting->value) {
            array_unshift($lines, self::start($water, $tank->cycling));
        }
        $first = $lines[0];
        $beside = array_values(array_filter(
            array_slice($lines, 1),
            static fn(JobLine $line): bool => $line->type !== null && $line->head !== $first->head && !str_starts_with($first->why, $line->head),
        ));
        if ($moved !== []) {
            $beside[] = new JobLine(
                null,
                Urgency::Note,
                ChangePointWords::line($moved[0], $show),
                '',
                (string) __('round.act.moved'),
                '/tanks/'.$tank->id.'/problems',
            );
        }

        return new TankStrip(
            $tank,
            new SectionDrawing($tank, $vessel, VesselQuery::levels($tank), null, 168.0, 104.0, true, $tank->water_below_rim, false, PlantShapes::now($tank)),
            $first->urgency,
            $first->head,
            $first->why,
            $first->act,
            $first->url,
            // In a tank that cycles without animals no figure harms anybody.
            $tank->cycling === null || $tank->cycling->way === CyclingMethod::Fish ? self::figures($water, $show) : [],
            $first->acts,
            $beside,
            $first->tasks,
            $first->type === JobType::Arrival,
        );
    }

    /** A tank that is cycling. */
    private static function start(TankWaterQuery $water, TankCycle $start): JobLine
    {
        $page = new CyclingPage($water->tank, $start, $water);

        return new JobLine(
            null,
            $page->known?->ready->isReady === true ? Urgency::Due : ($page->asks() ? Urgency::Check : Urgency::Ahead),
            (string) __('start.round', ['day' => $page->known->day ?? 0]),
            $page->next(),
            (string) __('start.act'),
            '/tanks/'.$water->tank->id.'/cycling',
        );
    }

    /** The strip of one tank alone, from its own jobs. */
    public static function tank(JobsQuery $jobs, TankWaterQuery $water): TankStrip
    {
        return self::strip(
            $jobs,
            $water,
            PlantModelQuery::orNone($water->tank),
            ChangeDetectionQuery::ofMany([$water], $jobs->keeper->show())[$water->tank->id] ?? [],
        );
    }

    /** @return list<array{name: string, value: string, beyond: string}> out of their target range now */
    private static function figures(TankWaterQuery $water, Show $show): array
    {
        $figures = [];
        foreach (Parameter::ofAnimals() as $parameter) {
            $value = $water->state()->get($parameter);
            $range = $water->tank->needs()->range($parameter);
            $beyond = $value === null || $range === null ? null : RangeViolation::of($value, $range);
            if ($value !== null && $beyond !== null) {
                $figures[] = ['name' => label($parameter), 'value' => $show->value(
                    $parameter,
                    $value->central(),
                    ($value->quantile(0.9) - $value->quantile(0.1)) / 2.0,
                ), 'beyond' => label($beyond)];
            }
        }

        return $figures;
    }
}
