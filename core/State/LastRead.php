<?php

declare(strict_types=1);

namespace Cresco\Core\State;

/** Where a course stood when it was last read; where nothing was read, where it began. */
final readonly class LastRead
{
    /**
     * @param float      $level    right after, as all that is known has it
     * @param float|null $foretold right before; null where nothing was known
     * @param float|null $value    what was read; null where nothing was
     */
    public function __construct(public float $day, public float $level, public ?float $foretold = null, public ?float $value = null) {}
}
