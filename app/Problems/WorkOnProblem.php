<?php

declare(strict_types=1);

namespace App\Problems;

use App\Data\GivenAnswers;
use App\Data\Phrase;
use App\Models\EntryKind;
use App\Models\Problem;
use App\Models\Tank;
use App\Models\Treatment;
use App\Models\TreatmentResult;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Diagnosis\AppearanceSigns;
use Cresco\Core\Diagnosis\Remedy;
use Illuminate\Support\Facades\DB;

/** A problem from what was seen to how it ended, each turn of it in the log. */
final class WorkOnProblem
{
    /** What was seen at a session says already of it. */
    public function seen(Problem $problem, TankSign $sign): void
    {
        foreach ($sign->answers() as $of => $option) {
            $this->answer($problem, $of, $option);
        }
    }

    /** The keeper's answer to a question; none where it is not known after all. */
    public function answer(Problem $problem, string $sign, ?string $option): void
    {
        DB::transaction(static function () use ($problem, $sign, $option): void {
            $kept = Problem::query()->lockForUpdate()->findOrFail($problem->id);
            $problem->answers = $kept->answers->with($sign, $option);
            $problem->save();
        });
    }

    /**
     * What is done about it, each until the day of its check-up. What is planned already is not planned twice.
     *
     * @param array<string, string|null> $remedies the cause that each is to take away, by remedy
     */
    public function plan(DiagnosisQuery $of, array $remedies): void
    {
        $problem = $of->problem;
        $held = $of->isAboutLeaves() ? null : $of->held();
        DB::transaction(static function () use ($problem, $remedies, $held): void {
            if ($held !== null) {
                $problem->update(['kind' => $held]);
            }
            $today = $problem->tank->keeper->show()->local(CarbonImmutable::now())->startOfDay();
            $planned = $problem->treatments()->whereNull('checked_at')->pluck('remedy')->all();
            $names = [];
            foreach ($remedies as $name => $cause) {
                $remedy = Remedy::from($name);
                if (!in_array($remedy, $planned, true)) {
                    $problem->treatments()->create([
                        'remedy' => $remedy, 'cause' => $cause, 'begun_at' => CarbonImmutable::now(),
                        'check_on' => $today->addDays($remedy->days())->format('Y-m-d'),
                    ]);
                    $names[] = mb_strtolower(__('inquiry.remedies.'.$remedy->value.'.name'));
                }
            }
            if ($names !== []) {
                self::write($problem, Phrase::of('inquiry.entries.planned', ['what' => self::title($problem), 'remedies' => Names::list($names)]));
            }
        });
    }

    /** What was seen on the day of a check-up; what did not help is followed by its next step, when the keeper wants it. */
    public function check(Problem $problem, Treatment $treatment, TreatmentResult $result, bool $goesOn): void
    {
        DB::transaction(static function () use ($problem, $treatment, $result, $goesOn): void {
            if ($treatment->checked_at !== null) {
                return;
            }
            $treatment->update(['checked_at' => CarbonImmutable::now(), 'result' => $result]);
            self::write(
                $problem,
                Phrase::of(
                    'inquiry.entries.checked',
                    [
                        'what' => self::title($problem), 'result' => Phrase::of('inquiry.check.was.'.$result->value),
                        'remedy' => mb_strtolower(__('inquiry.remedies.'.$treatment->remedy->value.'.name')),
                    ],
                ),
            );
            $next = $treatment->remedy->instead($problem->tank->needs());
            if ($goesOn && $result !== TreatmentResult::Better && !$problem->treatments()->whereNull('checked_at')->where('remedy', $next)->exists()) {
                $today = $problem->tank->keeper->show()->local(CarbonImmutable::now())->startOfDay();
                $problem->treatments()->create([
                    'remedy' => $next, 'cause' => $treatment->cause, 'begun_at' => CarbonImmutable::now(),
                    'check_on' => $today->addDays($next->days())->format('Y-m-d'),
                ]);
            }
        });
    }

    /** What it turned out to be: it is learned from with all that the log told at the time. */
    public function end(DiagnosisQuery $of, ?string $kind, ?string $cause, TreatmentResult $outcome): void
    {
        $problem = $of->problem;
        $answers = GivenAnswers::none();
        foreach ($of->certain() as $sign => $option) {
            $answers = $answers->with($sign, $option);
        }
        DB::transaction(static function () use ($problem, $kind, $cause, $outcome, $answers): void {
            $problem->update(['kind' => $kind, 'cause' => $cause, 'outcome' => $outcome, 'ended_at' => CarbonImmutable::now(), 'answers' => $answers]);
            self::write(
                $problem,
                Phrase::of('inquiry.entries.ended', ['what' => self::title($problem), 'outcome' => Phrase::of('inquiry.end.outcomes.'.$outcome->value)]),
            );
        });
    }

    /** @param array<string, mixed> $fields */
    public function open(Tank $tank, array $fields): Problem
    {
        return DB::transaction(static function () use ($tank, $fields): Problem {
            /** @var Problem $problem */
            $problem = $tank->problems()->create($fields + ['answers' => self::begun($fields), 'opened_at' => CarbonImmutable::now()]);
            $problem->setRelation('tank', $tank);
            self::write($problem, Phrase::of('inquiry.entries.opened', ['what' => self::title($problem)]));

            return $problem;
        });
    }

    /**
     * Where it grows is an answer already.
     *
     * @param array<string, mixed> $fields
     */
    private static function begun(array $fields): GivenAnswers
    {
        $place = $fields['place'] ?? null;

        return GivenAnswers::none()->with('where', is_string($place) && in_array($place, AppearanceSigns::all()['where']->options, true) ? $place : null);
    }

    private static function title(Problem $problem): string
    {
        return lcfirst(ProblemWords::title($problem->loadMissing('plantGroup.plantKind')));
    }

    private static function write(Problem $problem, Phrase $title): void
    {
        $problem->tank->keeper->entries()->create([
            'tank_id' => $problem->tank_id, 'kind' => EntryKind::Event, 'happened_at' => CarbonImmutable::now(), 'title' => $title,
        ]);
    }
}
