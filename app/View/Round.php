<?php

declare(strict_types=1);

namespace App\View;

use App\Known\Jobs;
use App\Known\Moved;
use App\Known\PlantingOf;
use App\Known\TankWater;
use App\Known\VesselOf;
use App\Known\WatchOf;
use App\Models\StartUp;
use App\Models\Tank;
use App\Units\Show;
use Cresco\Core\Measure\Beyond;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\JobType;
use Cresco\Core\Planning\UpcomingJob;
use Cresco\Core\Planning\Urgency;
use Cresco\Core\Plants\Planting;

/** All tanks of a keeper, the one whose need weighs most first, and what is to be done at home. */
final readonly class Round
{
    /** mg/L of ammonium or nitrite below which they are not worth a line. House default. */
    private const SIDELINE = 0.11;

    /** @return list<RoundStrip> most serious first */
    public static function of(Jobs $jobs): array
    {
        $waters = $jobs->waters();
        $moved = WatchOf::ofMany($waters, $jobs->keeper->show());
        $strips = array_map(static fn(TankWater $water): RoundStrip => self::strip($jobs, $water, PlantingOf::orNone($water->tank), $moved[$water->tank->id] ?? []), array_values($waters));
        usort($strips, static fn(RoundStrip $a, RoundStrip $b): int => $a->urgency->value <=> $b->urgency->value);

        return $strips;
    }

    /** @return list<array{what: string, url: string}> what is to be done at home now, but for meters, which have a button of their own */
    public static function home(Jobs $jobs): array
    {
        $now = array_filter($jobs->at(0), static fn(UpcomingJob $job): bool => $job->urgency->isNow() && $job->key->type !== JobType::Meter);

        return array_values(array_map(static fn(UpcomingJob $job): array => ['what' => WeekWords::job($job, $jobs->keeper->show()), 'url' => match ($job->key->type) {
            JobType::Supply => '/supplies',
            JobType::Membrane => '/ro-reservoirs/'.$job->of,
            default => '/week',
        }], $now));
    }

    /** @param list<Moved> $moved quietly */
    private static function strip(Jobs $jobs, TankWater $water, ?Planting $planting, array $moved): RoundStrip
    {
        $show = $jobs->keeper->show();
        $tank = $water->tank;
        $vessel = VesselOf::tank($tank);
        $lines = (new TankJobs($jobs, $water, $planting))->lines();
        if ($tank->startUp !== null && $lines[0]->urgency->value > Urgency::Waiting->value) {
            array_unshift($lines, self::start($water, $tank->startUp));
        }
        $first = $lines[0];
        $newest = $water->newest();
        $beside = array_map(static fn(JobLine $line): string => $line->head, array_filter(array_slice($lines, 1), static fn(JobLine $line): bool => $line->type !== null && $line->head !== $first->head && !str_starts_with($first->why, $line->head)));

        return new RoundStrip(
            $tank,
            new SectionDrawing($tank, $vessel, VesselOf::levels($tank), null, 168.0, 104.0, true, $tank->water_below_rim, false, DrawnStands::now($tank)),
            (string) __('tank.litres', ['litres' => $show->volume($vessel->litres())]),
            $first->urgency,
            $first->head,
            $first->why,
            $first->act,
            $first->url,
            self::figures($water, $show),
            match (true) {
                $newest === null => '',
                $water->change !== null && $water->change->changed_at->greaterThan($newest) => 'changed '.$show->day($water->change->changed_at),
                default => 'read '.$show->day($newest),
            },
            $first->acts,
            [...array_values(array_unique($beside)), ...($moved === [] ? [] : [WatchWords::line($moved[0], $show)])],
            $first->tasks,
            $first->type === JobType::Arrival,
        );
    }

    /** A tank that is cycling. */
    private static function start(TankWater $water, StartUp $start): JobLine
    {
        $page = new StartPage($water->tank, $start, $water);

        return new JobLine(null, $page->known?->ready->isReady === true ? Urgency::Due : ($page->asks() ? Urgency::Check : Urgency::Ahead), (string) __('start.round', ['day' => $page->known->day ?? 0]), $page->next(), (string) __('start.act'), '/tanks/'.$water->tank->id.'/cycling');
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
