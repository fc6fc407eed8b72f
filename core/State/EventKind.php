<?php

declare(strict_types=1);

namespace Cresco\Core\State;

/** What may happen to a level. */
enum EventKind: string
{
    case Read = 'read';
    case Changed = 'changed';
    case Added = 'added';
    case Turned = 'turned';

    /** Place among what happens at one moment. */
    public function turn(): int
    {
        return match ($this) {
            self::Read => 0,
            self::Changed => 1,
            self::Added => 2,
            self::Turned => 3,
        };
    }
}
