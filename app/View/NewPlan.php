<?php

declare(strict_types=1);

namespace App\View;

use App\Change\Waters;
use App\Models\Run;
use App\Models\RunStep;
use App\Models\Water;
use App\Support\DrainOf;
use App\Support\Show;
use App\Support\VesselOf;
use Cresco\Core\Change\ChangePlan;
use Cresco\Core\Change\Forecast;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\StandingDepth;
use Cresco\Core\Work\Catalogue;
use Cresco\Core\Work\Job;

/** The rest of a run sheet from the present level on: what is still to drain, what comes of it, what falls away. */
final class NewPlan
{
    /** litres by which the level falls in all */
    public readonly float $total;

    /** litres still to drain */
    public readonly float $left;

    public readonly float $mark;

    public readonly float $share;

    public readonly float $refill;

    /** litres that leave in all, with what runs in meanwhile */
    public readonly float $out;

    public readonly Forecast $forecast;

    /** @var list<int> steps that fall away, by id */
    public readonly array $falls;

    /** @var array<string, list<string>> new lines by step */
    public readonly array $lines;

    /** Minutes that the rest takes. */
    public readonly int $minutes;

    /**
     * @param float      $total   litres that shall leave in all
     * @param float      $level   waterline now, mm below the rim
     * @param int|null   $minutes that are left; null for no hurry
     * @param list<Water> $waters that go in, at most two
     */
    public function __construct(public readonly Run $run, float $total, float $level, ?int $minutes, array $waters, private readonly Show $show)
    {
        $tank = $run->tank;
        $vessel = VesselOf::tank($tank);
        $waterline = $run->planned('waterline') ?? $tank->water_below_rim;
        $evaporated = max(0.0, $vessel->litresDrainedAt($waterline));
        $gone = max(0.0, $vessel->litresDrainedAt(max($level, $waterline)) - $evaporated);
        // What has left cannot be brought back: a smaller wish ends the draining here.
        $this->total = min($vessel->litres() - $evaporated, max($total, $gone));
        $this->left = max(0.0, $this->total - $gone);
        $this->mark = $vessel->markFor($this->total + $evaporated);
        $known = Waters::around($tank, array_map(static fn(Water $water): int => $water->id, $waters));
        $source = $known->blend($waters[0], $waters[1] ?? null, $run->planned('second_share') ?? $tank->second_share)
            ->with(Parameter::Temperature, new Normal($run->planned('stream') ?? $tank->warmth, 0.5), true);
        $plan = new ChangePlan($vessel, $known->tank(), $source, $this->total, 1, $evaporated, $tank->ph_set_point, $tank->warmth, new Normal($tank->nitrate_per_day, $tank->nitrate_per_day / 3.0), $show->units(), $run->planned('inflow') ?? 0.0);
        $this->share = $plan->share();
        $this->refill = $plan->refill();
        $this->out = $plan->outflow();
        $this->forecast = Forecast::of($plan);
        [$this->falls, $this->minutes] = $this->fitting($minutes);
        $this->lines = [
            'drain' => [$this->left < 0.1
                ? 'Nothing more: the mark is reached.'
                : sprintf('%s more out: down to %s below the rim.', $show->volume($this->left, 1), $show->millimetres($this->mark))],
            'refill' => [sprintf('%s of %s, onto a plate or through a strainer, hose end above the water.', $show->volume($this->refill), $source->name)],
        ];
    }

    /** Depth the fish stand in at the new mark, mm. */
    public function depth(): float
    {
        return StandingDepth::at(VesselOf::tank($this->run->tank), $this->mark);
    }

    /** Minutes that the hose still takes; null when it does not reach the mark. */
    public function hose(float $level): ?float
    {
        $drain = DrainOf::tank($this->run->tank, $this->left, max($level, $this->run->tank->water_below_rim));

        return $drain->arrives ? $drain->minutes() : null;
    }

    /** @return list<RunStep> that fall away */
    public function fallen(): array
    {
        return array_values($this->run->steps->filter(fn(RunStep $step): bool => in_array($step->id, $this->falls, true))->all());
    }

    /** @return list<array{string, string}> figures after the change: name and value */
    public function after(): array
    {
        $rows = [];
        foreach (ChangeSheet::ORDER as $parameter) {
            $after = $this->forecast->outlook($parameter)->after();
            if ($after !== null) {
                $rows[] = [$parameter->label(), $this->show->value($parameter, $after->central(), $after->halfWidth())];
            }
        }

        return $rows;
    }

    /**
     * What a keeper picked falls away from the end of the sheet until the rest fits; what belongs to the change stays.
     *
     * @return array{list<int>, int}
     */
    private function fitting(?int $minutes): array
    {
        $picked = array_map(static fn(Job $job): string => $job->key, array_filter(Catalogue::steps(), static fn(Job $job): bool => $job->of !== null));
        $open = $this->run->steps->filter(static fn(RunStep $step): bool => $step->done_at === null)->values()->all();
        $sum = array_sum(array_map(static fn(RunStep $step): int => (new StepContent($step))->minutes(), $open));
        $isOut = $this->run->steps->contains(static fn(RunStep $step): bool => $step->job === 'floaters_out' && $step->done_at !== null && !$step->skipped);
        $falls = [];
        foreach (array_reverse($open) as $step) {
            if ($minutes === null || $sum <= $minutes) {
                break;
            }
            // Plants that are out must go back in, however late it is.
            if (in_array($step->job, $picked, true) && !($isOut && $step->job === 'floaters_back')) {
                $falls[] = $step->id;
                $sum -= (new StepContent($step))->minutes();
            }
        }

        return [$falls, (int) $sum];
    }
}
