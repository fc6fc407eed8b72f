<?php

declare(strict_types=1);

namespace App\View;

use App\Change\Draft;
use App\Change\SessionInput;
use App\Change\SessionOf;
use App\Change\WaterOut;
use App\Support\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Work\Catalogue;
use Cresco\Core\Work\Job;
use Cresco\Core\Work\Lane;
use Cresco\Core\Work\Order;
use Cresco\Core\Work\Rule;
use Cresco\Core\Work\Rules;
use Cresco\Core\Work\Session;
use Cresco\Core\Work\Task;
use Cresco\Core\Work\Timetable;

/** A session being put together: what may be picked, the sheet it makes, and how long it takes. */
final class ComposePage
{
    public readonly Session $session;

    public readonly Order $order;

    public readonly Timetable $table;

    /** @var array<string, string> when each step was last done here, by step */
    private readonly array $last;

    /** @var array<string, list<float>> minutes that steps took here, by step */
    private readonly array $taken;

    public function __construct(public readonly Draft $draft, public readonly SessionInput $work, private readonly Show $show)
    {
        $this->session = SessionOf::draft($draft, $work->tasks);
        $sorted = $this->session->order();
        $this->order = $work->own === [] ? $sorted : $sorted->as($work->own, $this->session);
        $this->table = Timetable::of($this->order->jobs, Rules::of($this->session), SessionOf::minutes($draft, $this->order));
        $this->last = SessionOf::lastDone($draft->tank);
        $this->taken = SessionOf::taken($draft->tank);
    }

    public function change(): string
    {
        $plan = $this->draft->plan;

        return sprintf('%s out, %s new water, to %s below the rim', $this->show->volume($plan->drained * $plan->drains), $this->show->percent($this->draft->share()), $this->show->millimetres($this->draft->mark));
    }

    /**
     * Tasks to pick from, those due first.
     *
     * @return list<array{task: Task, picked: bool, last: string, due: bool}>
     */
    public function tasks(): array
    {
        $rows = [];
        foreach (Task::cases() as $task) {
            $at = null;
            foreach (Catalogue::steps() as $job) {
                $done = $job->of === $task ? $this->last[$job->key] ?? null : null;
                $at = $done !== null && ($at === null || $done > $at) ? $done : $at;
            }
            $moment = $at === null ? null : CarbonImmutable::parse($at, 'UTC');
            $rows[] = [
                'task' => $task,
                'picked' => in_array($task, $this->work->tasks, true),
                'last' => $moment === null ? 'never by sheet' : 'last '.$this->show->day($moment),
                'due' => $moment !== null && $this->show->daysSince($moment) >= $task->days(),
            ];
        }
        usort($rows, static fn(array $a, array $b): int => $b['due'] <=> $a['due']);

        return $rows;
    }

    /**
     * The sheet, step by step.
     *
     * @return list<array{job: Job, from: string, minutes: string, learned: bool, water: bool, up: string|null, down: string|null}>
     */
    public function steps(): array
    {
        $rows = [];
        $keys = $this->order->keys();
        foreach ($this->table->steps as $i => $step) {
            $rows[] = [
                'job' => $step['job'],
                'from' => Show::minutes($step['from']),
                'minutes' => ($step['to'] - $step['from']).' min',
                'learned' => isset($this->taken[$step['job']->key]) && $step['job']->lane === Lane::Hands,
                'water' => $step['job']->lane === Lane::Water,
                'up' => $i === 0 ? null : self::swapped($keys, $i, $i - 1),
                'down' => $i === count($keys) - 1 ? null : self::swapped($keys, $i, $i + 1),
            ];
        }

        return $rows;
    }

    /** @return list<string> reasons that the keeper's order goes against */
    public function broken(): array
    {
        $titles = [];
        foreach ($this->order->jobs as $job) {
            $titles[$job->key] = $job->title;
        }

        return array_map(static fn(Rule $rule): string => sprintf('“%s” usually comes before “%s”: %s', $titles[$rule->first] ?? '', $titles[$rule->then] ?? '', lcfirst($rule->because)), $this->order->broken);
    }

    /** "about 1 h 05, hands and water side by side; 1 h 22 one after the other" */
    public function time(): string
    {
        return sprintf('about %s, hands and water side by side; %s one after the other', Show::minutes($this->table->minutes()), Show::minutes($this->table->oneAfterTheOther()));
    }

    public function ends(): string
    {
        return $this->show->time(CarbonImmutable::now()->addMinutes($this->table->minutes()));
    }

    /** Where the drained water goes, in words. */
    public function litresOut(): string
    {
        $out = WaterOut::of($this->draft, $this->session);
        $parts = [];
        foreach ($out->wanted as $name => $litres) {
            if ($litres > 0.05) {
                $parts[] = $this->show->volume($litres).' for '.$name;
            }
        }
        if ($out->cleaned !== []) {
            $parts[] = sprintf('%s through the vacuum, %s of bed', $this->show->volume($out->vacuumed), count($out->cleaned) === 1 ? 'one patch' : count($out->cleaned).' patches');
        }
        $parts[] = $this->show->volume($out->rest).' for the garden or the drain';

        return sprintf('%s leave: %s.', $this->show->volume($this->draft->plan->drained * $this->draft->plan->drains), implode(', ', $parts))
            .($out->waiting === [] ? '' : sprintf(' %s must wait: there is not water enough for %s today.', count($out->waiting) === 1 ? 'One patch' : count($out->waiting).' patches', count($out->waiting) === 1 ? 'it' : 'them'));
    }

    /** @return list<string> */
    public function tools(): array
    {
        $tools = [];
        foreach ($this->order->jobs as $job) {
            $tools = [...$tools, ...$job->tools];
        }

        return array_values(array_unique($tools));
    }

    /** @param list<string> $keys */
    private static function swapped(array $keys, int $a, int $b): string
    {
        [$keys[$a], $keys[$b]] = [$keys[$b], $keys[$a]];

        return implode(',', $keys);
    }
}
