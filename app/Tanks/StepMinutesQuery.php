<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Data\OwnEstimates;
use App\Models\ChecklistState;
use App\Models\LearningReset;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\Minutes;
use Cresco\Core\Checklist\StepCatalogue;
use Cresco\Core\Planning\JobKind;
use Illuminate\Support\Facades\DB;

/** Minutes that steps took in the last sessions of tanks. */
final class StepMinutesQuery
{
    /** Sessions that minutes are learned from. House default. */
    public const LAST = 8;

    /** @param array<int, array<int, array<string, float>>> $taken by tank, session and step, the newest session first */
    private function __construct(private readonly array $taken) {}

    /**
     * @param list<int>                                       $tanks
     * @param array<int, array<string, CarbonImmutable>>|null $anew  from when figures of tanks are learned again, where it is known already
     */
    public static function of(array $tanks, ?array $anew = null): self
    {
        $taken = [];
        $anew ??= LearningReset::ofTanks($tanks);
        $last = DB::table('checklists')->whereIn('tank_id', $tanks)->where('state', ChecklistState::Done->value)
            ->selectRaw('id, tank_id, finished_at, row_number() over (partition by tank_id order by finished_at desc, id desc) as place');
        $rows = $tanks === []
            ? []
            : DB::query()->fromSub($last, 'last')->join('checklist_steps', 'checklist_steps.checklist_id', '=', 'last.id')
                ->where('place', '<=', self::LAST)->where('skipped', false)
            ->whereNotNull('opened_at')->whereNotNull('done_at')->orderBy('place')
            ->get(['last.tank_id', 'last.id', 'last.finished_at', 'job', 'opened_at', 'done_at']);
        foreach ($rows as $row) {
            if (!is_numeric($row->tank_id) || !is_numeric($row->id) || !is_string($row->job) || !is_string($row->opened_at) || !is_string($row->done_at)) {
                continue;
            }
            $since = $anew[(int) $row->tank_id][LearningReset::MINUTES] ?? null;
            if ($since === null || (is_string($row->finished_at) && (int) strtotime($row->finished_at.' UTC') >= $since->getTimestamp())) {
                $taken[(int) $row->tank_id][(int) $row->id][$row->job] = max(0.0, ((int) strtotime($row->done_at) - (int) strtotime($row->opened_at)) / 60.0);
            }
        }

        return new self($taken);
    }

    /** @return array<string, list<float>> by step */
    public function at(int $tank): array
    {
        $steps = [];
        foreach ($this->taken[$tank] ?? [] as $session) {
            foreach ($session as $job => $minutes) {
                $steps[$job][] = $minutes;
            }
        }

        return $steps;
    }

    /** Minutes of a kind of work at a tank: what the keeper or the catalogue says, and what its steps took together. */
    public function ofKind(JobKind $kind, int $tank, OwnEstimates $own): int
    {
        $usual = $kind->task === null ? $kind->minutes : $own->minutes($kind->task) ?? $kind->minutes;
        $sums = [];
        foreach ($kind->task !== $kind->key ? [] : $this->taken[$tank] ?? [] as $session) {
            $steps = array_intersect_key($session, self::stepsOf((string) $kind->task));
            if ($steps !== []) {
                $sums[] = array_sum($steps);
            }
        }

        return $sums === [] ? $usual : Minutes::learned($usual, $sums);
    }

    /** @return array<string, int> usual minutes of the steps that the hands do for a task, by step */
    public static function stepsOf(string $task): array
    {
        /** @var array<string, array<string, int>> $of */
        static $of = [];
        if ($of === []) {
            foreach (StepCatalogue::steps() as $job) {
                if ($job->of !== null && $job->timerMinutes === null) {
                    $of[$job->of->value][$job->key] = $job->minutes;
                }
            }
        }

        return $of[$task] ?? [];
    }
}
