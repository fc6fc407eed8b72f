<?php

declare(strict_types=1);

namespace App\Models;

/** Where a checklist stands. */
enum ChecklistState: string
{
    case Planned = 'planned';
    case Running = 'running';
    case Done = 'done';
    case Dropped = 'dropped';

    public function isOpen(): bool
    {
        return $this === self::Planned || $this === self::Running;
    }
}
