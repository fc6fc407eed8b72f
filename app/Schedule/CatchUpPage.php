<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\SubstrateZone;
use App\Models\Tank;
use App\Tanks\ConcernLine;
use App\Tanks\PlantModelQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\TasksDoneQuery;
use App\Units\Show;
use App\WaterChange\DraftChange;
use App\WaterChange\UsualChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\CatchUp;
use Cresco\Core\Planning\CatchUpSession;
use Cresco\Core\Plants\TrimDue;

/** The way of one tank back from weeks in which little was done. */
final class CatchUpPage
{
    /** Days after which a zone of the substrate is overdue. House default. */
    private const BED = 42;

    /** Share of the upper limit of nitrate that it is brought down to, so that there is room until the next change. House default. */
    private const DOWN_TO = 0.6;

    public readonly Show $show;

    public readonly CatchUp $way;

    public readonly TankWaterQuery $water;

    public readonly ?int $since;

    public readonly bool $isNeglected;

    /** @var list<ConcernLine> what will not wait */
    public readonly array $urgent;

    public readonly float $goal;

    public function __construct(public readonly Tank $tank, DraftChange $draft)
    {
        $this->show = $tank->keeper->show();
        $this->water = TankWaterQuery::of($tank);
        $changed = $this->water->change?->changed_at;
        $this->since = $changed === null ? null : $this->show->daysSince($changed);
        $this->isNeglected = $this->since !== null && CatchUp::isNeglected($this->since, $tank->routine_days);
        $this->urgent = ConcernLine::alarms($this->water, $this->show);
        $made = $draft($tank, UsualChange::of($tank), $this->water);
        $limit = ($tank->needs()->range(Parameter::Nitrate) ?? [0.0, 20.0])[1];
        $this->goal = max(1.0, self::DOWN_TO * $limit);
        $zones = $tank->zones()->get();
        $old = $zones->filter(fn(SubstrateZone $zone): bool => $zone->cleaned_at === null || $this->show->daysSince($zone->cleaned_at) > self::BED)->count();
        $dues = PlantModelQuery::orNone($tank)?->dues() ?? [];
        $last = TasksDoneQuery::last([$tank->id])[$tank->id] ?? [];
        $this->way = CatchUp::plan(
            $this->water->state()->get(Parameter::Nitrate)?->central(),
            $this->goal,
            max(0.0, $made->plan->source->central(Parameter::Nitrate, 0.0)),
            CatchUp::largest($made->allowed->share, $tank->needs()->isSensitive()),
            $tank->needs()->daysBetween(),
            // A bed that was never drawn in zones is overdue as a whole.
            $zones->isEmpty() ? ($this->isOverdue(Task::Vacuum, $last) ? 1.0 : 0.0) : min(1.0, $old / $zones->count()),
            count(array_filter($dues, static fn(TrimDue $due): bool => $due->due->middle() <= 0.0)),
            !isset($last[Task::Media->value]) || $this->isOverdue(Task::Media, $last),
            max(0.0, $this->water->aDay()->central()),
        );
    }

    /**
     * Whether work was done longer ago than it usually comes again; not what was never written down.
     *
     * @param array<string, CarbonImmutable> $last
     */
    private function isOverdue(Task $task, array $last): bool
    {
        return isset($last[$task->value]) && $this->show->daysSince($last[$task->value]) > $task->days();
    }

    /** @return list<array{session: CatchUpSession, day: string, lines: list<string>, working: string|null, url: string}> */
    public function sessions(): array
    {
        $lines = [];
        foreach ($this->way->sessions as $n => $session) {
            $said = [(string) __($n === 0 ? 'catch_up.read_first' : 'catch_up.read_again')];
            if ($session->change > 0.0) {
                $said[] = (string) __(
                    'catch_up.change',
                    ['share' => $this->show->percent($session->change), 'after' => $session->after === null ? '' : (string) __(
                        'catch_up.after',
                        ['nitrate' => $this->show->value(Parameter::Nitrate, $session->after)],
                    )],
                );
            }
            if ($session->bed > 0.0) {
                $said[] = (string) __('catch_up.bed', ['share' => $this->show->percent($session->bed)]);
            }
            if ($session->plantGroups > 0) {
                $said[] = trans_choice('catch_up.stands', $session->plantGroups, ['count' => $session->plantGroups]);
            }
            if ($session->media) {
                $said[] = (string) __('catch_up.media');
            }
            $lines[] = [
                'session' => $session, 'day' => $this->show->day(CarbonImmutable::now($this->tank->keeper->timezone)->addDays($session->day)),
                'lines' => $said, 'working' => $this->way->working($n, '') === null ? null : 'change-'.$n, 'url' => $this->url($session),
            ];
        }

        return $lines;
    }

    /** "change-0" */
    public function working(string $name): ?Computation
    {
        $unit = $this->show->unit(Parameter::Nitrate);

        return preg_match('/^change-(\d{1,2})$/', $name, $found) === 1 ? $this->way->working((int) $found[1], $unit->label, $unit->fromBase(1.0)) : null;
    }

    private function url(CatchUpSession $session): string
    {
        $tasks = [
            ...($session->bed > 0.0 ? [Task::Vacuum->value] : []), ...($session->plantGroups > 0 ? [Task::Trim->value] : []),
            ...($session->media ? [Task::Media->value] : []),
        ];

        return '/tanks/'.$this->tank->id.'/maintenance?'.http_build_query($session->change > 0.0
            ? [
                'reason' => 'amount', 'way' => 'percent', 'percent' => (string) round(100.0 * $session->change), 'tasks' => $tasks,
            ] : ['dry' => '1', 'tasks' => $tasks]);
    }

    public function levelOn(): string
    {
        return $this->show->day(CarbonImmutable::now($this->tank->keeper->timezone)->addDays($this->way->levelIn));
    }
}
