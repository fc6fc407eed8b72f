<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** A course that has moved to another level. */
final readonly class Shift
{
    /**
     * @param int  $alarm at which value it was found, from 0
     * @param int  $began first value of the new level
     * @param bool $up    whether the new level is higher
     * @param int  $since first value of the level before
     */
    public function __construct(public int $alarm, public int $began, public bool $up, public int $since = 0) {}
}
