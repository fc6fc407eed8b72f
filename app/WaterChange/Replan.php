<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\Phrase;
use App\Models\Checklist;
use App\Models\ChecklistStep;
use App\Models\Keeper;
use App\Models\SourceWater;
use App\Tanks\DrainQuery;
use App\Tanks\VesselQuery;
use App\Tanks\WatersQuery;
use App\Units\Show;
use App\Words\StepWords;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Checklist\StepCatalogue;
use Cresco\Core\Checklist\StepDefinition;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\SwimmingDepth;
use Cresco\Core\WaterChange\Allowance;
use Cresco\Core\WaterChange\ChangePlan;
use Cresco\Core\WaterChange\Forecast;
use Cresco\Core\WaterChange\NewWaterTemperature;
use Cresco\Core\WaterChange\Sizing;
use Cresco\Core\WaterChange\WaterChangeFault;

/** The rest of a checklist from the present level on: what is still to drain, what comes of it, what falls away. */
final class Replan
{
    /** Lines of the refill that follow from the litres. */
    public const REFILL = 2;

    /** Steps besides drain and refill whose lines follow from the litres. */
    private const FOLLOW = ['new_water', 'spot', 'condition', 'minerals'];

    /** litres by which the level falls at each drain that is left */
    public readonly float $total;

    /** litres still to drain */
    public readonly float $left;

    /** litres still to go in; null while water is still to go out */
    public readonly ?float $toFill;

    public readonly float $mark;

    public readonly float $share;

    public readonly float $refill;

    /** litres that leave in all, with what runs in meanwhile */
    public readonly float $out;

    public readonly Forecast $forecast;

    /** litres by which the level should fall for the goal of the change, by what is known now; null without one */
    public readonly ?float $advised;

    /** @var list<int> steps that fall away, by id */
    public readonly array $falls;

    /** @var array<string, list<Phrase>> new lines by step */
    public readonly array $lines;

    /** Whether some of it was drained and filled up already. */
    public readonly bool $isUnderWay;

    /** Minutes that the rest takes. */
    public readonly int $minutes;

    /**
     * @param float             $total   litres that shall leave in all
     * @param float             $level   waterline now, mm below the rim
     * @param int|null          $minutes that are left; null for no hurry
     * @param list<SourceWater> $waters  that go in, at most two
     */
    public function __construct(public readonly Checklist $checklist, float $total, float $level, ?int $minutes, array $waters, private readonly Show $show)
    {
        $tank = $checklist->tank;
        $vessel = VesselQuery::tank($tank);
        $waterline = $checklist->plan->waterline ?? $tank->water_below_rim;
        $known = WatersQuery::around($tank, array_map(static fn(SourceWater $water): int => $water->id, $waters));
        $source = $known->blend($waters[0], $waters[1] ?? null, $checklist->plan->secondShare)
            ->with(
                Parameter::Temperature,
                new NormalValue($checklist->plan->stream ?? $known->tank()->central(Parameter::Temperature, $tank->warmth), 0.5),
                true,
            );
        $isFull = $checklist->steps->filter(static fn(ChecklistStep $step): bool => $step->job === 'refill'
            && $step->done_at !== null
            && !$step->skipped)->count();
        $plan = new ChangePlan(
            $vessel,
            $known->tank(),
            $source,
            0.0,
            $checklist->plan->drains,
            max(0.0, $vessel->litresDrainedAt($waterline)),
            $tank->ph_set_point,
            $tank->warmth,
            $known->now->makes(),
            $show->units(),
            $checklist->plan->inflow,
        );
        // What was drained and filled up already stays as it was; the rest is worked out from the mixture that it left.
        $before = $isFull === 0 ? null : $plan->withDrained($checklist->plan->litres)->withDrains($isFull);
        $this->isUnderWay = $before !== null;
        if ($before !== null) {
            $plan = $plan->after($before);
        }
        $gone = max(0.0, $vessel->litresDrainedAt(max($level, $waterline)) - $plan->evaporated);
        // What has left cannot be brought back: a smaller wish ends the draining here.
        $this->toFill = $this->isFilling() ? max(0.0, $vessel->litresDrainedAt($level) - $vessel->litresDrainedAt($tank->water_below_rim)) : null;
        // While it fills up, what was drained is settled.
        $this->total = $this->toFill === null ? min($vessel->litres() - $plan->evaporated, max($total, $gone)) : $checklist->plan->litres;
        $this->left = $this->toFill === null ? max(0.0, $this->total - $gone) : 0.0;
        $this->mark = $vessel->markFor($this->total + $plan->evaporated);
        $this->advised = $this->advice($plan);
        $plan = $plan->withDrained($this->total);
        $this->share = 1.0 - (1.0 - ($before?->share() ?? 0.0)) * (1.0 - $plan->share());
        $this->refill = $plan->refill() + ($before?->refill() ?? 0.0);
        $this->out = $plan->outflow() + ($before?->outflow() ?? 0.0);
        $this->forecast = Forecast::of($plan);
        [$this->falls, $this->minutes] = $this->fitting($minutes);
        $input = new ChangeInput(
            ChangeReason::Amount,
            ChangeInput::NITRATE_GOAL,
            null,
            ChangeInput::TREATMENT_OUT,
            AmountField::Litres,
            $this->total,
            $plan->drains,
            $waters[0],
            $waters[1] ?? null,
            $checklist->plan->secondShare,
            $waterline,
            $checklist->plan->stream,
            $checklist->plan->inflow,
        );
        $draft = new ChangeDraft(
            $tank,
            $input,
            $plan,
            $this->forecast,
            VesselQuery::levels($tank),
            $this->mark,
            null,
            null,
            new Allowance(1.0),
            false,
            null,
            null,
            false,
            1,
            $known,
            NewWaterTemperature::of($plan, null, $tank->needs()->swingLimits()->celsius),
        );
        $this->lines = [
            ...$this->following($draft),
            'drain' => [$this->left < 0.1 ? Phrase::of('run.reached') : $this->down($plan, $this->left, $gone >= 0.1)],
            'drain_again' => [$this->down($plan, $this->total, false)],
            'refill' => [Phrase::of(
                'run.refill',
                [
                    'litres' => $show->volume($this->toFill ?? ($plan->isWhileFilling() ? $this->total + $plan->evaporated : $plan->refill() / $plan->drains)),
                    'source' => $source->name,
                ],
            ), $this->landing($source->central(Parameter::Temperature, $tank->warmth)), ...array_filter([$this->moreConditioner($draft)])],
        ];
    }

    /** Whether the level has reached the mark and new water runs in. */
    private function isFilling(): bool
    {
        $done = fn(string $job): int => $this->checklist->steps
            ->filter(static fn(ChecklistStep $step): bool => $step->job === $job && $step->done_at !== null && !$step->skipped)->count();

        return $done('drain') > $done('refill');
    }

    /** @return array<string, list<Phrase>> lines of the steps that follow from the litres, by step */
    private function following(ChangeDraft $draft): array
    {
        $texts = StepTexts::of($draft);
        $session = SessionPlan::draft($draft);
        $lines = [];
        foreach (StepCatalogue::steps() as $job) {
            if (in_array($job->key, self::FOLLOW, true)) {
                $lines[$job->key] = StepWords::lines($job->linesIn($session), $texts);
            }
        }

        return $lines;
    }

    /** More of the dechlorinator, where the new water was treated already and more of it goes in; null where none is needed. */
    private function moreConditioner(ChangeDraft $draft): ?Phrase
    {
        $isTreated = $this->checklist->steps->contains(static fn(ChecklistStep $step): bool => $step->job === 'condition'
            && $step->done_at !== null
            && !$step->skipped);
        $litres = SessionPlan::tapShare($draft) * ($draft->plan->refill() - $this->checklist->plan->refill / max(1, $this->checklist->plan->drains) * $draft->plan->drains) / $draft->plan->drains;

        return !$isTreated || $litres < 0.5 || PracticeChoice::Conditioner->of($draft->tank->schools ?? []) === 'tank' || $draft->plan->isWhileFilling() ? null
            : Phrase::of('run.condition_more', ['litres' => $this->show->volume($litres, 1), 'dose' => DechlorinatorDose::words($draft, $litres)]);
    }

    /** What is to be drained, in a line. @param float $litres by which the level falls */
    private function down(ChangePlan $plan, float $litres, bool $isMore): Phrase
    {
        $amount = fn(float $of): string|Phrase => $isMore ? Phrase::of('run.more', ['litres' => $this->show->volume($of, 1)]) : $this->show->volume($of, 1);

        return $plan->isWhileFilling()
            ? Phrase::of(
                'run.down_while',
                [
                    'litres' => $amount($litres / (1.0 - $plan->inflow)),
                    'in' => $this->show->volume($litres * $plan->inflow / (1.0 - $plan->inflow), 1), 'share' => $this->show->percent($plan->inflow),
                    'mark' => $this->show->level($this->mark),
                ],
            )
            : Phrase::of('run.down', ['litres' => $amount($litres), 'mark' => $this->show->level($this->mark)]);
    }

    private function landing(float $stream): Phrase
    {
        $after = $this->forecast->outlook(Parameter::Temperature)->after();

        return Phrase::of(
            'run.lands',
            [
                'stream' => $this->show->value(Parameter::Temperature, $stream),
                'warmth' => $after === null ? Phrase::of('run.own_warmth') : $this->show->value(Parameter::Temperature, $after->central()),
            ],
        );
    }

    /**
     * The waters that go into a run, as they were chosen for it; those that the keeper has given up since are left out.
     *
     * @return list<SourceWater>
     */
    public static function waters(Checklist $checklist, Keeper $keeper): array
    {
        $waters = array_values(array_filter(array_map(static fn(int $id): ?SourceWater => $keeper->waters->firstWhere('id', $id), $checklist->plan->waters)));

        return $waters === [] ? array_values($keeper->waters->take(1)->all()) : $waters;
    }

    /** Litres that the goal of the change takes by what is known now, within what the animals stand; null without a goal. */
    private function advice(ChangePlan $plan): ?float
    {
        $goal = $this->goal();
        if ($goal === null) {
            return null;
        }
        try {
            $needed = Sizing::forGoal($plan, $goal[0], $goal[1])->estimate();
        } catch (WaterChangeFault) {
            return null;
        }
        $litres = max(0.0, $goal[0] === Parameter::Nitrate ? $needed->quantile(0.9) : $needed->central());
        $share = Sizing::largestByMixing($plan, $this->checklist->tank->needs()->swingLimits())->share;

        return min($litres, $plan->litresForShare($share), $plan->vessel->litres() - $plan->evaporated);
    }

    /** @return array{Parameter, float}|null what the change is for, and where it shall land, in the base unit */
    public function goal(): ?array
    {
        return $this->checklist->plan->goal;
    }

    /** Whether what is known now asks for clearly more or less than is planned: by a tenth and more. House default. */
    public function asksForAnother(): bool
    {
        return $this->advised !== null && abs($this->advised - $this->total) > max(1.0, 0.1 * $this->total);
    }

    /** "nitrate to 20 mg/L" */
    public function goalInWords(): string
    {
        $goal = $this->goal();

        return $goal === null ? '' : (string) __('run.goal', ['parameter' => word($goal[0]), 'value' => $this->show->limit($goal[0], $goal[1])]);
    }

    /** Share of the water that keeps within what the animals stand, 0 to 1. */
    public function allowed(): float
    {
        return Sizing::largestWithin($this->forecast->plan, $this->checklist->tank->needs()->swingLimits(), $this->forecast)->share;
    }

    /** Depth the fish stand in at the new mark, mm. */
    public function depth(): float
    {
        return SwimmingDepth::at(VesselQuery::tank($this->checklist->tank), $this->mark);
    }

    /** Minutes that the hose still takes; null when it does not reach the mark. */
    public function hose(float $level): ?float
    {
        $drain = DrainQuery::tank($this->checklist->tank, $this->left, max($level, $this->checklist->tank->water_below_rim));

        return $drain->arrives ? $drain->minutes() : null;
    }

    /** @return list<ChecklistStep> that fall away */
    public function fallen(): array
    {
        return array_values($this->checklist->steps->filter(fn(ChecklistStep $step): bool => in_array($step->id, $this->falls, true))->all());
    }

    /** @return list<array{string, string}> figures after the change: name and value */
    public function after(): array
    {
        $rows = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $after = $this->forecast->outlook($parameter)->after();
            if ($after !== null) {
                $rows[] = [label($parameter), $this->show->value($parameter, $after->central(), $after->halfWidth())];
            }
        }

        return $rows;
    }

    /**
     * What a keeper picked falls away from the end of the checklist until the rest fits; what belongs to the change stays.
     *
     * @return array{list<int>, int}
     */
    private function fitting(?int $minutes): array
    {
        $picked = array_map(
            static fn(StepDefinition $job): string => $job->key,
            array_filter(StepCatalogue::steps(), static fn(StepDefinition $job): bool => $job->of !== null),
        );
        $open = $this->checklist->steps->filter(static fn(ChecklistStep $step): bool => $step->done_at === null)->values()->all();
        $sum = array_sum(array_map(static fn(ChecklistStep $step): int => $step->content->minutes, $open));
        $isOut = $this->checklist->steps->contains(static fn(ChecklistStep $step): bool => $step->job === 'floaters_out'
            && $step->done_at !== null
            && !$step->skipped);
        $falls = [];
        foreach (array_reverse($open) as $step) {
            if ($minutes === null || $sum <= $minutes) {
                break;
            }
            // Plants that are out must go back in, however late it is.
            if (in_array($step->job, $picked, true) && !($isOut && $step->job === 'floaters_back')) {
                $falls[] = $step->id;
                $sum -= $step->content->minutes;
            }
        }

        return [$falls, (int) $sum];
    }
}
