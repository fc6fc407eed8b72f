<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** What it costs when a job is late, in three grades; each day costs so much more than it would to do it a little early. */
enum Lateness: string
{
    /** Nothing suffers: it looks worse, or the work grows. */
    case Looks = 'looks';

    /** Plants or animals are worse for it, and come back. */
    case Harms = 'harms';

    /** Animals may die of it, or a device may fail. */
    case Endangers = 'endangers';

    /** Cost of a day, against 0.05 for a minute of work. House defaults. */
    private const A_DAY = ['looks' => 1.0, 'harms' => 4.0, 'endangers' => 8.0];

    public function aDay(): float
    {
        return self::A_DAY[$this->value];
    }
}
