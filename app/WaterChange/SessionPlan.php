<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\Batch;
use App\Models\ChecklistState;
use App\Models\Device;
use App\Models\LearningReset;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use App\Models\Tank;
use App\Plants\TrimPlan;
use App\Tanks\BatchContent;
use App\Tanks\DrainQuery;
use App\Tanks\StepMinutesQuery;
use App\Units\TimeDifference;
use Cresco\Core\Checklist\Minutes;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Checklist\Session;
use Cresco\Core\Checklist\StepOrder;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Plants\TrimCut;

/** The session that a draft of a change leads to, and the minutes that its steps take at this tank. */
final class SessionPlan
{
    /** Beside the time that the hose takes: laying it and putting it away. House default. */
    private const HANDLING = 2;

    /** Minutes to lay scissors and tub out, and for each plant group that is cut. House defaults. */
    private const CUTTING = [2, 3];

    /** Minutes to lay tweezers out, for each group that is set again, and for each top. House defaults. */
    private const PLANTING = [2.0, 2.0, 0.33];

    /** @param list<Task> $tasks beside the change */
    public static function draft(ChangeDraft $draft, array $tasks = []): Session
    {
        $waters = self::waters($draft->input);
        $kinds = array_map(static fn(SourceWater $water): SourceWaterKind => $water->kind, $waters);

        return new Session(
            $draft->plan,
            $draft->tank->needs(),
            array_values($draft->tank->devices->map(static fn(Device $device) => $device->kind)->all()),
            $draft->levels,
            $draft->mark,
            self::tapShare($draft) > 0.0,
            $kinds !== [SourceWaterKind::Tap],
            $tasks,
            $draft->tank->schools ?? [],
            self::addsMinerals($draft),
        );
    }

    /** Share of tap water in what goes in, 0 to 1. */
    public static function tapShare(ChangeDraft $draft): float
    {
        $waters = self::waters($draft->input);
        $second = count($waters) < 2 ? 0.0 : $draft->input->secondShare;

        return (1.0 - $second) * $draft->waters->tapShare($waters[0]) + ($second <= 0.0 ? 0.0 : $second * $draft->waters->tapShare($waters[1]));
    }

    /** mg/L of chlorine in the tap water that goes in, on the careful side; nothing when none was read. */
    public static function chlorine(ChangeDraft $draft): float
    {
        return max(0.0, ...array_map($draft->waters->chlorine(...), self::waters($draft->input)));
    }

    /** The batch whose minerals go straight in with the refill; null when they were dissolved outside, or there is none. */
    public static function directBatch(ChangeDraft $draft): ?Batch
    {
        foreach (self::waters($draft->input) as $water) {
            $batch = $draft->waters->batchOf($water);
            if ($batch !== null && (new BatchContent($batch))->isDirect()) {
                return $batch;
            }
        }

        return null;
    }

    /** Whether minerals go straight in: a batch was written so, or bare water goes into a tank whose way that is. */
    private static function addsMinerals(ChangeDraft $draft): bool
    {
        $isBare = array_filter(
            self::waters($draft->input),
            static fn(SourceWater $water): bool => in_array($water->kind, [SourceWaterKind::ReverseOsmosis, SourceWaterKind::Rain], true),
        ) !== [];

        return self::directBatch($draft) !== null || ($isBare && PracticeChoice::Minerals->of($draft->tank->schools ?? []) === 'direct');
    }

    /** @return list<SourceWater> that really go in */
    public static function waters(ChangeInput $input): array
    {
        return match (true) {
            $input->second === null || $input->secondShare <= 0.0 => [$input->first],
            $input->secondShare >= 1.0 => [$input->second],
            default => [$input->first, $input->second],
        };
    }

    /**
     * @param array<string, list<float>>|null $taken minutes that steps took here, when they are known already
     * @param TrimPlan|null                   $trim  stands that are cut
     *
     * @return array<string, int> minutes by step: the hose by its flow, the rest as they went at this tank
     */
    public static function minutes(ChangeDraft $draft, StepOrder $order, ?array $taken = null, ?TrimPlan $trim = null): array
    {
        $taken ??= StepMinutesQuery::of([$draft->tank->id])->at($draft->tank->id);
        $own = $draft->tank->keeper->figures;
        $minutes = [];
        foreach ($order->jobs as $job) {
            $usual = match (true) {
                $trim === null => $job->minutes,
                $job->key === 'trim' => self::CUTTING[0] + self::CUTTING[1] * count(array_filter(
                    $trim->cuts,
                    static fn(TrimCut $cut): bool => !$cut->plantGroup->floats(),
                )),
                $job->key === 'planting' => self::planting($trim) ?? $job->minutes,
                default => $job->minutes,
            };
            if ($job->of !== null && ($said = $own->minutes($job->of->value)) !== null) {
                // What the keeper says of the work is shared out among its steps.
                $usual = (int) max(1, round($usual * $said / max(1, array_sum(StepMinutesQuery::stepsOf($job->of->value)))));
            }
            $minutes[$job->key] = $job->timerMinutes ?? Minutes::learned($usual, $taken[$job->key] ?? []);
        }
        $drain = DrainQuery::tank($draft->tank, $draft->plan->drained, $draft->input->waterline);
        if ($drain->arrives && isset($minutes['drain'])) {
            // What runs in meanwhile holds the level up.
            $minutes['drain'] = (int) ceil($drain->minutes() / (1.0 - $draft->plan->inflow)) + self::HANDLING;
        }

        return $minutes;
    }

    /** Minutes to set the tops of all cuts again; null where none come off. */
    private static function planting(TrimPlan $trim): ?int
    {
        $tops = array_filter(array_map(static fn(TrimCut $cut): int => $cut->tops, $trim->cuts));

        return $tops === [] ? null : (int) round(self::PLANTING[0] + self::PLANTING[1] * count($tops) + self::PLANTING[2] * array_sum($tops));
    }

    /** @return list<array{float, float}> minutes guessed and taken in the last sessions of a tank */
    public static function guesses(Tank $tank): array
    {
        $pairs = [];
        $since = LearningReset::ofTank($tank->id, LearningReset::MINUTES);
        foreach ($tank->checklists()->where('state', ChecklistState::Done)->whereNotNull('guessed_minutes')->latest('finished_at')
            ->limit(StepMinutesQuery::LAST)->get() as $checklist) {
            if (
                ($since === null || $checklist->finished_at?->greaterThanOrEqualTo($since) === true)
                && $checklist->guessed_minutes !== null
                && $checklist->started_at !== null
                && $checklist->finished_at !== null
            ) {
                $pairs[] = [(float) $checklist->guessed_minutes, TimeDifference::minutes($checklist->started_at, $checklist->finished_at)];
            }
        }

        return $pairs;
    }
}
