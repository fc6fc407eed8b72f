<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** The steps of a session in an order that keeps its rules, or the order a keeper made and the rules it breaks. */
final readonly class StepOrder
{
    /**
     * @param list<StepDefinition> $jobs
     * @param list<OrderRule>      $broken rules that this order does not keep
     */
    private function __construct(public array $jobs, public array $broken) {}

    /**
     * Sorted by the rules; what they leave open stays as in the catalogue. Where rules lead in a circle, the step that stands
     * first in the catalogue goes first, and what that breaks is named.
     *
     * @param list<StepDefinition> $jobs  in the order of the catalogue, each once
     * @param list<OrderRule>      $rules
     */
    public static function sorted(array $jobs, array $rules): self
    {
        $left = [];
        foreach ($jobs as $job) {
            $left[$job->key] = $job;
        }
        $before = [];
        foreach ($rules as $rule) {
            if (isset($left[$rule->first], $left[$rule->then])) {
                $before[$rule->then][$rule->first] = true;
            }
        }
        $sorted = [];
        while ($left !== []) {
            $next = null;
            foreach ($left as $key => $job) {
                if (array_intersect_key($before[$key] ?? [], $left) === []) {
                    $next = $key;
                    break;
                }
            }
            $next ??= array_key_first($left);
            $sorted[] = $left[$next];
            unset($left[$next]);
        }

        return new self($sorted, self::brokenBy($sorted, $rules));
    }

    /**
     * The keeper's own order; steps that it does not name stand where they were.
     *
     * @param list<string> $keys
     */
    public function as(array $keys, Session $session): self
    {
        $known = [];
        foreach ($this->jobs as $job) {
            $known[$job->key] = $job;
        }
        $named = array_values(array_filter(array_unique($keys), static fn(string $key): bool => isset($known[$key])));
        $jobs = [];
        foreach ($this->jobs as $job) {
            // The places of the named steps are filled in the order in which they are named.
            $jobs[] = in_array($job->key, $named, true) ? null : $job;
        }
        foreach ($jobs as $i => $job) {
            $jobs[$i] = $job ?? $known[(string) array_shift($named)];
        }

        return new self($jobs, self::brokenBy($jobs, OrderRules::of($session)));
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(static fn(StepDefinition $job): string => $job->key, $this->jobs);
    }

    /**
     * @param list<StepDefinition> $jobs
     * @param list<OrderRule>      $rules
     *
     * @return list<OrderRule>
     */
    private static function brokenBy(array $jobs, array $rules): array
    {
        $place = [];
        foreach ($jobs as $i => $job) {
            $place[$job->key] = $i;
        }

        return array_values(array_filter(
            $rules,
            static fn(OrderRule $rule): bool => isset($place[$rule->first], $place[$rule->then]) && $place[$rule->first] > $place[$rule->then],
        ));
    }
}
