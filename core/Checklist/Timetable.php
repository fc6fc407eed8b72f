<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** When each step of a session begins and ends, with hands working while water drains, cools or fills. */
final readonly class Timetable
{
    /**
     * @param list<array{job: StepDefinition, from: int, to: int}> $steps in the order of the checklist; minutes from the start
     */
    private function __construct(public array $steps) {}

    /**
     * Each step begins when its lane is free and all that its rules ask for is done. A step of the hands waits for the water
     * only where a rule says so; the water waits for the hands in the order of the checklist.
     *
     * @param list<StepDefinition> $jobs    in their order
     * @param list<OrderRule>      $rules
     * @param array<string, int>   $minutes by key, where they differ from the catalogue
     */
    public static function of(array $jobs, array $rules, array $minutes = []): self
    {
        $free = [Lane::Hands->value => 0, Lane::Water->value => 0];
        $ends = [];
        $steps = [];
        foreach ($jobs as $job) {
            $from = $free[$job->lane->value];
            if ($job->lane === Lane::Water) {
                $from = max($from, $free[Lane::Hands->value]);
            }
            foreach ($rules as $rule) {
                if ($rule->then === $job->key && isset($ends[$rule->first])) {
                    $from = max($from, $ends[$rule->first]);
                }
            }
            $to = $from + ($minutes[$job->key] ?? $job->minutes);
            $steps[] = ['job' => $job, 'from' => $from, 'to' => $to];
            $ends[$job->key] = $free[$job->lane->value] = $to;
        }

        return new self($steps);
    }

    /**
     * Minutes from the end of one step to the end of another, the last time that each is done; null when one is not on the
     * sheet or the second ends first.
     */
    public function between(string $first, string $then): ?int
    {
        [$from, $to] = [$this->endOf($first), $this->endOf($then)];

        return $from === null || $to === null || $to < $from ? null : $to - $from;
    }

    /** Minutes from the start to the end of a step, the last time that it is done; null when it is not on the checklist. */
    public function endOf(string $key): ?int
    {
        $end = null;
        foreach ($this->steps as $step) {
            $end = $step['job']->key === $key ? $step['to'] : $end;
        }

        return $end;
    }

    /** Minutes that the water stands at its lowest, from the mark to the first litre that comes back; null without a change. */
    public function atTheMark(): ?int
    {
        $drained = $rises = null;
        foreach ($this->steps as $step) {
            $drained = $step['job']->key === 'drain' ? $step['to'] : $drained;
            $rises = $step['job']->key === 'refill' ? $step['from'] : $rises;
        }

        return $drained === null || $rises === null ? null : max(0, $rises - $drained);
    }

    /** Minutes until all is done, hands and water side by side. */
    public function minutes(): int
    {
        return max([0, ...array_map(static fn(array $step): int => $step['to'], $this->steps)]);
    }

    /** Minutes of all steps one after the other. */
    public function oneAfterTheOther(): int
    {
        return (int) array_sum(array_map(static fn(array $step): int => $step['to'] - $step['from'], $this->steps));
    }

    /**
     * Steps of the hands that run while the water works in this step.
     *
     * @return list<StepDefinition>
     */
    public function meanwhile(string $key): array
    {
        $found = [];
        foreach ($this->steps as $window) {
            if ($window['job']->key !== $key || $window['job']->lane !== Lane::Water) {
                continue;
            }
            foreach ($this->steps as $step) {
                if ($step['job']->lane === Lane::Hands && $step['from'] < $window['to'] && $step['from'] >= $window['from']) {
                    $found[] = $step['job'];
                }
            }
        }

        return $found;
    }
}
