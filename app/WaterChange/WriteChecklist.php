<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\BatchProduct;
use App\Data\BatchWater;
use App\Data\ChecklistPlan;
use App\Data\DoseLine;
use App\Data\ForecastRecord;
use App\Data\GroupTrim;
use App\Data\Phrase;
use App\Data\StepContent;
use App\Fertilising\DosesDueQuery;
use App\Models\Batch;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\DosePlan;
use App\Models\LayoutIssue;
use App\Models\LayoutIssueState;
use App\Models\Photo;
use App\Models\Tank;
use App\Plants\PlantGroupWords;
use App\Plants\TrimPlan;
use App\Problems\TreatmentsQuery;
use App\Problems\TreatmentWords;
use App\Tanks\BatchContent;
use App\Units\Show;
use App\View\Names;
use App\Words\StepWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\Caution;
use Cresco\Core\Checklist\OrderRules;
use Cresco\Core\Checklist\ReadingPoint;
use Cresco\Core\Checklist\Session;
use Cresco\Core\Checklist\StepDefinition;
use Cresco\Core\Checklist\Timetable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Substrate\Zone;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Turns a worked-out change into a checklist: its steps in order, its switch list, its plan and its forecast. */
final class WriteChecklist
{
    /** @return array{Checklist, string|null} the checklist, and what gave way to it */
    public function __invoke(ChangeDraft $draft, SessionInput $work, ?TrimPlan $trim = null): array
    {
        $tank = $draft->tank;
        $show = $tank->keeper->show();
        $session = SessionPlan::draft($draft, $work->tasks);
        $order = $work->own === [] ? $session->order() : $session->order()->as($work->own, $session);
        $texts = StepTexts::of($draft);
        $minutes = SessionPlan::minutes($draft, $order, null, $trim);
        $table = Timetable::of($session->jobs($order), OrderRules::of($session), $minutes);

        return DB::transaction(function () use ($draft, $tank, $session, $texts, $show, $minutes, $order, $table, $work, $trim): array {
            $gone = $this->giveWay($tank, $work->day, $show);
            $waters = SessionPlan::waters($draft->input);
            $batch = count($waters) === 1 ? $draft->waters->batchOf($waters[0]) : null;
            $zones = WaterOut::of($draft, $session)->cleaned;
            $doses = DosesDueQuery::of($tank, $work->day ?? $show->local(CarbonImmutable::now()));
            $treatments = TreatmentsQuery::open([$tank->id])[$tank->id] ?? [];
            $spots = $tank->layoutIssues()->where('state', LayoutIssueState::Restore)->orderBy('id')->get();
            $checklist = new Checklist([
                'tank_id' => $tank->id, 'state' => ChecklistState::Planned, 'plan' => self::plan($draft, $session, $work, $table->minutes()),
                'forecast' => $session->changesWater() ? ForecastRecord::of($draft->forecast) : ForecastRecord::none(), 'planned_for' => $work->day,
                'changes_water' => $session->changesWater(), 'guessed_minutes' => $work->guess,
            ]);
            $checklist->keeper_id = $tank->keeper_id;
            $checklist->save();
            foreach ($session->jobs($order) as $position => $job) {
                $checklist->steps()->create(['position' => $position + 1, 'job' => $job->key, 'content' => $this->content(
                    $job,
                    $session,
                    $texts,
                    $batch,
                    $show,
                    $minutes[$job->key] ?? $job->minutes,
                    $table,
                    $zones,
                    $trim === null ? [] : self::plantGroups($trim, $job->key, $tank),
                    $spots->filter(static fn(LayoutIssue $spot): bool => $spot->kind->step() === $job->key),
                    $trim === null || $job->key !== 'planting' ? [] : self::replant($trim, $show),
                    $job->key === 'fertilise' ? $doses : [],
                    $job->of === null ? [] : TreatmentWords::lines($treatments, $job->of),
                )]);
            }
            $steps = array_map(static fn(StepDefinition $job): string => $job->key, $session->jobs($order));
            $tank->layoutIssues()
                ->whereKey($spots->filter(static fn(LayoutIssue $spot): bool => in_array($spot->kind->step(), $steps, true))->modelKeys())
                ->update(['checklist_id' => $checklist->id]);
            foreach ($session->switchList() as $device) {
                $checklist->switches()->create(['device' => $device]);
            }

            return [$checklist, $gone];
        });
    }

    /** A checklist for the same day that was not begun gives way, and photos taken for it stay with the tank; sheets for other days stay. */
    private function giveWay(Tank $tank, ?CarbonImmutable $day, Show $show): ?string
    {
        // Sheets that are written side by side wait for each other here.
        Tank::query()->whereKey($tank->id)->lockForUpdate()->first();
        $before = Checklist::query()->where('tank_id', $tank->id)->where('holds', Checklist::holding(ChecklistState::Planned, $day))
            ->withCount('steps')->first();
        if ($before === null) {
            return null;
        }
        $photos = Photo::query()->where('checklist_id', $before->id)->update(['checklist_id' => null, 'checklist_step_id' => null]);
        $before->delete();

        return implode(' ', array_filter([
            __('water.replaced', ['day' => $day === null ? __('water.no_day') : $show->date($day), 'at' => $show->day($before->created_at)]),
            $photos === 0 ? '' : trans_choice('water.photos_stay', $photos, ['count' => $photos]),
        ]));
    }

    private static function plan(ChangeDraft $draft, Session $session, SessionInput $work, int $minutes): ChecklistPlan
    {
        $alone = SessionPlan::waters($draft->input);

        return new ChecklistPlan(
            $draft->plan->drained,
            $draft->share(),
            $draft->mark,
            $draft->plan->refill(),
            $draft->plan->outflow(),
            $draft->plan->drains,
            $draft->plan->inflow,
            $draft->input->waterline,
            $draft->plan->source->get(Parameter::Temperature)?->central(),
            $draft->plan->source->name,
            array_values(array_filter([$draft->input->first->id, $draft->input->second?->id])),
            $draft->input->secondShare,
            count($alone) === 1 ? $alone[0]->id : null,
            $draft->input->reason->value,
            match ($draft->input->reason) {
                ChangeReason::Nitrate => [Parameter::Nitrate, $draft->input->nitrateGoal],
                ChangeReason::Conductivity => $draft->input->conductivityGoal === null ? null : [Parameter::Conductivity, $draft->input->conductivityGoal],
                default => null,
            },
            $work->signs,
            $session->after(),
            $minutes,
        );
    }

    /**
     * @param list<Zone> $zones
     *
     * @return list<Phrase> how what lies on these zones is cleaned, instead of how any bed is
     */
    private static function techniques(array $zones): array
    {
        $covers = array_values(array_unique(array_map(static fn(Zone $zone): string => $zone->cover->value, $zones)));

        return array_map(
            static fn(string $cover): Phrase => Phrase::of(
                'bed.how',
                ['cover' => Phrase::of('names.label.cover.'.$cover), 'how' => Phrase::of('names.technique.'.$cover)],
            ),
            $covers,
        );
    }

    /**
     * @param array<string, string|Phrase> $texts
     * @param list<Zone>                   $zones       of substrate that are next
     * @param list<GroupTrim>              $plantGroups that are cut in it
     * @param Collection<int, LayoutIssue> $spots       that it restores
     * @param list<Phrase>                 $replant     what is set again in it
     * @param list<DosePlan>               $doses       that are given in it
     * @param list<Phrase>                 $treated     lines of what is done about findings
     */
    private function content(
        StepDefinition $job,
        Session $session,
        array $texts,
        ?Batch $batch,
        Show $show,
        int $minutes,
        Timetable $table,
        array $zones,
        array $plantGroups,
        Collection $spots,
        array $replant,
        array $doses,
        array $treated,
    ): StepContent {
        $lines = StepWords::lines($job->linesIn($session), $texts);
        // How what lies on the zones that are next is cleaned, instead of how any substrate is.
        $lines = $job->key === 'vacuum' && $zones !== [] ? [...self::techniques($zones), ...array_slice($lines, 1)] : $lines;

        return new StepContent(
            lines: [
                ...$lines,
                ...($job->moment === ReadingPoint::NewWater && $batch !== null ? self::batchLines($batch, $show) : []),
                ...$replant,
                ...array_map(
                    static fn(DosePlan $plan): Phrase => Phrase::of(
                        'food.step',
                        ['amount' => Names::dose($plan->amount, $plan->product), 'name' => $plan->product->name],
                    ),
                    $doses,
                ),
                ...array_values($spots->map(static fn(LayoutIssue $spot): Phrase => Phrase::of('spot.line', ['what' => $spot->words()]))->all()),
                ...$treated,
            ],
            cautions: array_map(static fn(Caution $caution): string => $caution->value, $session->cautionsOf($job)),
            tools: $job->tools,
            meanwhile: array_map(static fn(StepDefinition $other): string => $other->key, $table->meanwhile($job->key)),
            moment: $job->moment,
            reads: $job->reads,
            switches: $job->switches,
            minutes: $minutes,
            timer: $job->timerMinutes ?? 0,
            drawing: $job->atEachDrain || $job->key === 'check' || $plantGroups !== [],
            zones: $job->key === 'vacuum' ? array_map(static fn(Zone $zone): int => $zone->key, $zones) : [],
            doses: array_map(static fn(DosePlan $plan): DoseLine => new DoseLine($plan->product_id, $plan->given()), $doses),
            plantGroups: $plantGroups,
            batch: $job->moment === ReadingPoint::NewWater ? $batch?->id : null,
        );
    }

    /** @return list<Phrase> tops that are set again, where and how many */
    private static function replant(TrimPlan $trim, Show $show): array
    {
        $lines = [];
        foreach ($trim->cuts as $cut) {
            if ($cut->tops > 0) {
                $lines[] = Phrase::of(
                    'plants.replant_line',
                    [
                        'tops' => $cut->tops, 'name' => $cut->plantGroup->name.', '.PlantGroupWords::place($cut->plantGroup),
                        'spacing' => $show->level($cut->plantGroup->form->spacing()),
                    ],
                );
            }
        }

        return $lines;
    }

    /** @return list<GroupTrim> stands that a step cuts: floating plants as they go back, all others in the trim */
    private static function plantGroups(TrimPlan $trim, string $job, Tank $tank): array
    {
        if (!in_array($job, ['trim', 'floaters_back'], true)) {
            return [];
        }
        $words = new PlantGroupWords($trim->planting, $tank->keeper->show(), $tank->keeper->hand);
        $cuts = [];
        foreach ($trim->cuts as $key => $cut) {
            if ($cut->plantGroup->floats() === ($job === 'floaters_back')) {
                $byCover = $cut->plantGroup->isCutByCover();
                $cuts[] = new GroupTrim(
                    $key,
                    $words->name($cut->plantGroup),
                    $byCover,
                    $byCover ? $cut->plantGroup->cover : $cut->plantGroup->height,
                    $byCover ? $cut->cover : $cut->to,
                    [...$words->cut($cut), __('plants.method.'.$cut->plantGroup->form->value)],
                );
            }
        }

        return $cuts;
    }

    /** @return list<Phrase> what the batch that goes in is made of, and what the meter should read of it */
    private static function batchLines(Batch $batch, Show $show): array
    {
        $content = new BatchContent($batch);

        return [
            Phrase::of($batch->made_at === null ? 'run.batch.written' : 'run.batch.made', [
                'litres' => $show->volume($content->litres(), 1),
                'parts' => implode(', ', [
                    ...array_map(static fn(BatchWater $source): string => $show->volume($source->litres, 1).' '.$source->name, $content->sources()),
                    ...array_map(
                        static fn(BatchProduct $product): string => $content->amount($product, $content->timesProducts()).' '.$product->name,
                        $content->products(),
                    ),
                ]),
            ]),
            Phrase::of('said.look.pen', ['value' => $show->value(Parameter::Conductivity, $content->expectedConductivity())]),
        ];
    }
}
