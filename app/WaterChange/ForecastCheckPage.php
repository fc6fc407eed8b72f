<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\BandRecord;
use App\Data\ForecastRecord;
use App\Models\Checklist;
use App\Models\ChecklistStep;
use App\Models\FollowUp;
use App\Models\Photo;
use App\Models\PlantMeasurement;
use App\Models\Reading;
use App\Models\SubstrateZone;
use App\Models\WaterChange;
use App\Plants\PlantGroupWords;
use App\Tanks\PlantModelQuery;
use App\Tanks\ZoneRotationQuery;
use App\Units\TimeDifference;
use App\View\Finding;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Estimate;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Water\Mixing;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\ForecastCheck;
use Cresco\Core\WaterChange\Miss;

/** A finished change: its forecast held against what was read right after and on the next day. */
final readonly class ForecastCheckPage
{
    /** Hours after the change up to which a reading counts as the next day's. */
    private const UNTIL_HOURS = 48;

    /** Hours after the change from which a reading is no longer "right after". */
    private const RIGHT_AFTER_HOURS = 6;

    /** @var list<ForecastCheckRow> */
    public array $rows;

    public ?Miss $miss;

    /** The change as it was really made, put right where the keeper put it right. */
    private ?WaterChange $change;

    public function __construct(public Checklist $checklist)
    {
        $this->change = WaterChange::query()->where('checklist_id', $checklist->id)->first();
        $record = $this->record();
        $check = new ForecastCheck($this->share());
        $rows = [];
        foreach (self::measured($checklist) as [$when, $reading]) {
            $row = $record->row($reading->parameter);
            $forecast = $when === 'next' ? $row->next : $row->after;
            if ($forecast === null) {
                continue;
            }
            $measured = $reading->toCore()->distribution();
            $rows[] = new ForecastCheckRow($reading->parameter, $when, $row->now, $forecast, $measured);
            if ($row->now !== null && $row->source !== null && $reading->parameter !== Parameter::Temperature) {
                $check->add($reading->parameter, $row->now->central, $row->source->central, Estimate::of($forecast->central, [
                    $forecast->central - $forecast->spread, $forecast->central + $forecast->spread,
                ]), $measured);
            }
        }
        $this->rows = $rows;
        $this->miss = $check->explain();
    }

    private function record(): ForecastRecord
    {
        return $this->change === null ? $this->checklist->forecast : $this->change->forecast;
    }

    /** Share of new water, 0 to 1. */
    public function share(): float
    {
        return $this->change->share ?? $this->checklist->plan->share;
    }

    /** Litres that left. */
    public function litres(): float
    {
        return $this->change->litres ?? $this->checklist->plan->out;
    }

    /** How a figure was forecast, from the plan and the readings as they were kept; null for pH and for the next day. */
    public function working(string $name): ?Computation
    {
        $parameter = Parameter::tryFrom($name);
        $row = $parameter === null ? null : $this->record()->row($parameter);
        if ($parameter === null || !$parameter->mixes() || $row?->now === null || $row->source === null) {
            return null;
        }
        $of = static fn(string $name, BandRecord $band): WaterState => new WaterState($name, [$parameter->value => $band->distribution()]);
        $share = fn(Computation $working): Computation => $working->given('f', 'change_plan.share_of_new_water', $this->share(), '');

        return Mixing::byVolume(
            $parameter,
            $of((string) __('names.tank_before'), $row->now),
            $of($this->checklist->plan->source ?? (string) __('names.new_water'), $row->source),
            $this->checklist->tank->keeper->show()->unit($parameter),
            $share,
        )
            ?->note('mixing.as_forecast');
    }

    public function held(): int
    {
        return count(array_filter($this->rows, static fn(ForecastCheckRow $row): bool => $row->holds()));
    }

    /** Whether the time for the reading of the next day is over. */
    public function isPast(): bool
    {
        return $this->checklist->finished_at !== null && $this->checklist->finished_at->addHours(self::UNTIL_HOURS)->isPast();
    }

    public function hasNextDay(): bool
    {
        return array_filter($this->rows, static fn(ForecastCheckRow $row): bool => $row->when === 'next') !== [];
    }

    /**
     * The photo from the fixed spot of this session, and the one of the session before it that has one.
     *
     * @return array{Photo|null, Photo|null} then, now
     */
    public function fixedSpot(): array
    {
        $of = fn(string $sign): ?Photo => Photo::query()->where('photos.tank_id', $this->checklist->tank_id)->where('photos.checklist_id', $sign, $this->checklist->id)
            ->whereHas('step', static fn($query) => $query->where('job', 'photo'))->orderByDesc('taken_at')->orderByDesc('id')->first();

        return [$of('<'), $of('=')];
    }

    /** @return list<Photo> all of this session */
    public function photos(): array
    {
        return array_values(Photo::query()->where('checklist_id', $this->checklist->id)->orderBy('taken_at')->orderBy('id')->get()->all());
    }

    /** @return list<TrimCheckRow> stands that were cut in it, in the order of the work */
    public function cuts(): array
    {
        $looks = PlantMeasurement::query()->where('checklist_id', $this->checklist->id)->with('plantGroup.plantKind')->orderBy('id')->get();
        if ($looks->isEmpty()) {
            return [];
        }
        $tank = $this->checklist->tank;
        $show = $tank->keeper->show();
        $planting = PlantModelQuery::tank($tank);
        $rows = [];
        foreach ($looks as $look) {
            $byCover = $look->cover_before !== null;
            $shown = static fn(?float $value): string => $value === null ? '–' : ($byCover ? $show->percent($value) : $show->level($value));
            $plantGroup = $planting->plantGroups[$look->plant_group_id] ?? null;
            $full = null;
            if ($plantGroup !== null && !$byCover) {
                $high = max(1.0, min($plantGroup->ceiling, $look->found()));
                $full = $planting->cut($plantGroup->at($high), PlantModel::BETWEEN_CUTS, min($high, max(1.0, $look->height)))->full;
            } elseif ($plantGroup !== null) {
                $full = $planting->cut(
                    $plantGroup->at($plantGroup->height, max(0.01, $look->cover_before ?? 1.0)),
                    PlantModel::BETWEEN_CUTS,
                    max(0.01, $look->cover),
                )->full;
            }
            $rows[] = new TrimCheckRow(
                $look->plantGroup->toKind()->name.', '.PlantGroupWords::place($look->plantGroup),
                $look->foreseen_low === null || $look->foreseen_high === null
                    ? $shown($look->foreseen)
                    : $shown($look->foreseen).' ('.$show->level($look->foreseen_low).' – '.$show->level($look->foreseen_high).')',
                $look->guessed ? __('plants.not_measured') : $shown($byCover ? $look->cover_before : $look->before),
                $shown($byCover ? $look->cover : $look->height),
                $look->guessed || $look->foreseen_low === null || $look->foreseen_high === null
                    ? null
                    : $look->found() >= $look->foreseen_low && $look->found() <= $look->foreseen_high,
                $full === null
                    ? '–'
                    : $show->local($look->happened_at)->addDays($full[0])->translatedFormat('j M').' – '.$show->local($look->happened_at)
                        ->addDays($full[1])->translatedFormat('j M'),
                $look->surplus,
            );
        }

        return $rows;
    }

    /** @return list<int> numbers on the plan of zones of substrate that were meant and not reached */
    public function missedZones(): array
    {
        $missed = [];
        foreach ($this->checklist->steps as $step) {
            $missed = [...$missed, ...$step->content->missed];
        }
        if ($missed === []) {
            return [];
        }
        return array_keys(array_filter(
            ZoneRotationQuery::numbered($this->checklist->tank),
            static fn(SubstrateZone $zone): bool => in_array($zone->id, $missed, true),
        ));
    }

    /** @return list<FollowUp> small jobs that it left for later */
    public function followUps(): array
    {
        return array_values($this->checklist->followUps()->orderBy('due_from')->get()->all());
    }

    /** @return list<ChecklistStep> */
    public function skipped(): array
    {
        return array_values($this->checklist->steps->filter(static fn(ChecklistStep $step): bool => $step->skipped)->all());
    }

    public function plannedMinutes(): int
    {
        return $this->checklist->plannedMinutes();
    }

    /**
     * What each step was planned to take and took; a step that was open while another was done counts from its first look.
     *
     * @return list<array{string, int, int|null}> title, minutes planned, minutes taken; null when it was skipped
     */
    public function minutes(): array
    {
        return array_values($this->checklist->steps->map(static fn(ChecklistStep $step): array => [
            $step->title(), $step->content->minutes,
            $step->skipped || $step->opened_at === null || $step->done_at === null
                ? null
                : (int) round(TimeDifference::minutes($step->opened_at, $step->done_at)),
        ])->all());
    }

    public function takenMinutes(): int
    {
        return $this->checklist->started_at === null || $this->checklist->finished_at === null
            ? 0
            : (int) round(TimeDifference::minutes($this->checklist->started_at, $this->checklist->finished_at));
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $show = $this->checklist->tank->keeper->show();
        $findings = [];
        foreach ($this->rows as $row) {
            if ($row->holds()) {
                continue;
            }
            $gap = $row->measured->central() - $row->forecast->central;
            $findings[] = new Finding(Finding::HEED, __(
                $gap < 0 ? 'look_back.lower' : 'look_back.higher',
                ['what' => word($row->parameter), 'when' => __('look_back.when.'.$row->when)],
            ), __('look_back.both', [
                'forecast' => $show->number($row->parameter, $row->forecast->central, $row->forecast->halfWidth()).' ± '.$show
                    ->plusMinus($row->parameter, $row->forecast->halfWidth()),
                'measured' => $show->value($row->parameter, $row->measured->central(), $row->measuredHalfWidth()),
            ]));
        }
        if ($this->miss?->cause === Miss::SHARE) {
            $planned = $this->share();
            $findings[] = new Finding(
                Finding::HEED,
                __('look_back.amount'),
                __(
                    $this->miss->likely > $planned ? 'look_back.passed' : 'look_back.short',
                    ['likely' => $show->percent($this->miss->likely), 'planned' => $show->percent($planned)],
                ),
            );
        }
        if ($this->miss?->cause === Miss::SOURCE_OR_READING && $this->miss->parameter !== null) {
            $parameter = $this->miss->parameter;
            [$low, $high] = $parameter->range();
            $findings[] = new Finding(Finding::HEED, __('look_back.one'), $parameter->mixes() && $this->miss->likely >= $low && $this->miss->likely <= $high
                ? __('look_back.source', ['what' => word($parameter), 'value' => $show->value($parameter, $this->miss->likely)])
                : __('look_back.test', ['what' => word($parameter)]));
        }
        if ($findings === [] && $this->rows !== []) {
            $findings[] = new Finding(Finding::GOOD, __('look_back.held'), __('look_back.held_why'));
        }

        return $findings;
    }

    /**
     * The first reading of each parameter right after, and the first on the next day.
     *
     * @return list<array{string, Reading}>
     */
    private static function measured(Checklist $checklist): array
    {
        if ($checklist->finished_at === null || !$checklist->changes_water) {
            return [];
        }
        $after = $checklist->steps->firstWhere('job', 'read_after');
        $readings = Reading::query()->where('tank_id', $checklist->tank_id)
            ->whereBetween('taken_at', [$checklist->started_at ?? $checklist->finished_at, $checklist->finished_at->addHours(self::UNTIL_HOURS)])
            ->orderBy('taken_at')->orderBy('id')->get();
        $found = [];
        foreach ($readings as $reading) {
            $isAfterStep = $after !== null && $reading->checklist_step_id === $after->id;
            if (!$isAfterStep && ($reading->checklist_step_id !== null || $reading->taken_at->lessThanOrEqualTo($checklist->finished_at))) {
                continue;
            }
            $soon = $isAfterStep || $reading->taken_at->lessThan($checklist->finished_at->addHours(self::RIGHT_AFTER_HOURS));
            $when = $soon ? 'after' : 'next';
            $found[$when.$reading->parameter->value] ??= [$when, $reading];
        }
        $order = array_flip(array_map(static fn(Parameter $p): string => $p->value, Parameter::cases()));
        usort(
            $found,
            static fn(array $a, array $b): int => [$a[0] === 'next', $order[$a[1]->parameter->value]] <=> [$b[0] === 'next', $order[$b[1]->parameter->value]],
        );

        return $found;
    }
}
