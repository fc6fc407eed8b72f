<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Stringable;

/** By which a job is known from one day to the next. */
final readonly class JobKey implements Stringable
{
    /**
     * @param int    $tank 0 for the household
     * @param string $of   what of this type: number of a record, or a word
     */
    public function __construct(public JobType $type, public int $tank, public string $of = '') {}

    /** Number of the record that it is of; 0 where it is of none. */
    public function record(): int
    {
        return (int) $this->of;
    }

    /** As it is written down, such as "12.task.glass" or "chore.5". */
    public function __toString(): string
    {
        return implode(
            '.',
            array_filter([$this->type->isOfTank() ? (string) $this->tank : '', $this->type->value, $this->of], static fn(string $part): bool => $part !== ''),
        );
    }
}
