<?php

declare(strict_types=1);

namespace Cresco\Core\Rhythm;

/** All that comes due at one tank, the longest overdue first; whoever asks what is due asks here. */
final readonly class Agenda
{
    /** Of the change that the routine asks for. */
    public const CHANGE = 'change';

    /** Of the reading that holds a change to its forecast. */
    public const NEXT_DAY = 'next_day';

    /** Hours after a change from which such a reading tells: the filter has turned all of it over by then. House default. */
    public const NEXT_DAY_FROM = 12.0;

    /** Hours after a change until which it tells most of it: later, what the tank makes covers what the change did. House default. */
    public const NEXT_DAY_UNTIL = 48.0;

    /** @var list<Due> */
    public array $all;

    /** @param list<Due> $all in any order; what is due alike stays as it stands */
    public function __construct(array $all)
    {
        usort($all, static fn(Due $a, Due $b): int => [$a->from, $a->until] <=> [$b->from, $b->until]);
        $this->all = $all;
    }

    public function of(string $key): ?Due
    {
        foreach ($this->all as $due) {
            if ($due->key === $key) {
                return $due;
            }
        }

        return null;
    }

    /** @return list<Due> of one kind, whose keys begin so */
    public function kind(string $begins): array
    {
        return array_values(array_filter($this->all, static fn(Due $due): bool => str_starts_with($due->key, $begins)));
    }

    /** @return list<Due> of one kind that are due today or were before */
    public function now(string $begins): array
    {
        return array_values(array_filter($this->kind($begins), static fn(Due $due): bool => $due->isNow()));
    }
}
