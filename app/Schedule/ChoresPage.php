<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Chore;
use App\Models\Keeper;
use App\Tanks\ChoresQuery;
use App\Tanks\ServiceLifeQuery;
use App\Tanks\TasksDoneQuery;
use App\Units\Show;
use App\View\JobWords;
use App\Words\StepWords;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Interval;
use Cresco\Core\Planning\JobKind;
use Cresco\Core\Planning\JobKinds;
use Illuminate\Database\Eloquent\Collection;

/** All jobs that come again, how often, and what that was learned from. */
final class ChoresPage
{
    /** @var Collection<int, Chore> */
    public readonly Collection $chores;

    public readonly Show $show;

    public function __construct(public readonly Keeper $keeper)
    {
        $this->show = $keeper->show();
        $this->chores = ChoresQuery::of($keeper);
    }

    public function name(Chore $chore): string
    {
        return JobWords::chore($chore);
    }

    public function due(Chore $chore): string
    {
        return $this->show->day($this->show->local(now())->startOfDay()->addDays(ChoresQuery::due($chore, $this->show)->from)->setTime(12, 0));
    }

    /** "31 of 50 readings", of what wears by use; nothing for what goes by days. */
    public function wear(Chore $chore): ?string
    {
        $wear = ServiceLifeQuery::of($chore);

        return $wear === null
            ? null
            : (string) __(
                'week.wears.line',
                ['done' => Show::plain(floor($wear->done), 0), 'most' => Show::plain($wear->most, 0), 'unit' => self::unit($chore)],
            );
    }

    private static function unit(Chore $chore): string
    {
        return $chore->toKind()->wears === 'readings'
            ? (string) __('week.wears.of').' '.word($chore->wears_of)
            : (string) __('week.wears.'.$chore->toKind()->wears);
    }

    /** @return list<array{string, string, string, string}> name, label, value and type of each field of a job */
    public function fields(Chore $chore): array
    {
        $wears = $chore->toKind()->wears;

        return [
            ...($wears === null ? [] : [['wears_most', (string) __(
                'week.wears.stands',
                ['unit' => __('week.wears.'.$wears)],
            ), $chore->wears_most === null ? '' : Show::plain($chore->wears_most, 2), 'text']]),
            ['name', (string) __('week.field.name'), (string) $chore->name, 'text'], ['every', (string) __('week.field.every'), (string) $chore->every, 'text'],
            ['minutes', (string) __('week.field.minutes'), (string) $chore->minutes, 'text'], [
                'next_on', (string) __('week.field.next_on'), (string) $chore->next_on?->format('Y-m-d'), 'date',
            ],
        ];
    }

    /** @return array<string, string> what reagents may read */
    public static function parameters(): array
    {
        return ['' => ''] + array_column(array_map(static fn(Parameter $parameter): array => [$parameter->value, label($parameter)], Parameter::cases()), 1, 0);
    }

    public function isLate(Chore $chore): bool
    {
        return ChoresQuery::due($chore, $this->show)->isNow();
    }

    /** "every 9 days (7 times, usual 7)" */
    public static function every(Interval $interval): string
    {
        $days = trans_choice('week.every', $interval->days(), ['count' => $interval->days()]);

        return $interval->count() === 0
            ? $days
            : $days.' '.trans_choice('week.learned', $interval->count(), ['count' => $interval->count(), 'usual' => $interval->usual]);
    }

    public function working(int $chore): ?Computation
    {
        $one = $this->chores->firstWhere('id', $chore);

        return $one === null
            ? null
            : ServiceLifeQuery::of($one)?->working($this->name($one), self::unit($one)) ?? ChoresQuery::interval($one)->working($this->name($one));
    }

    /** @return list<array{tank: string, task: string, every: string}> work of sessions of which something was found */
    public function sessions(): array
    {
        $lines = [];
        $names = $this->keeper->tanks()->orderBy('name')->pluck('name', 'id');
        $learned = TasksDoneQuery::intervals(array_values(array_map(intval(...), $names->keys()->all())), $this->keeper->figures);
        foreach ($names as $id => $name) {
            foreach ($learned[(int) $id] ?? [] as $task => $interval) {
                $lines[] = ['tank' => is_string($name) ? $name : '', 'task' => StepWords::task(Task::from($task)), 'every' => self::every($interval)];
            }
        }

        return $lines;
    }

    /** @return array<string, string> kinds that may be set up, in words */
    public static function kinds(): array
    {
        $kinds = [];
        foreach (JobKinds::offered() as $kind) {
            $kinds[$kind->key] = JobWords::kind($kind->key).self::usual($kind);
        }

        return $kinds;
    }

    private static function usual(JobKind $kind): string
    {
        return $kind->key === 'own' ? '' : ', '.trans_choice('week.every', $kind->days, ['count' => $kind->days]);
    }

    public function interval(Chore $chore): Interval
    {
        return ChoresQuery::interval($chore);
    }

    public function minutes(Chore $chore): int
    {
        return ChoresQuery::minutes($chore);
    }
}
