<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Checklist\Task;

/** How something is taken out, by what holds it. */
enum Technique: string
{
    case Wipe = 'wipe';
    case Blade = 'blade';
    case Twist = 'twist';
    case Pull = 'pull';
    case CutOut = 'cut_out';
    case Lift = 'lift';
    case Siphon = 'siphon';
    case Skim = 'skim';
    case Brush = 'brush';
    case FineFilter = 'fine_filter';
    case Leave = 'leave';

    /** The work of a session that it belongs to; null for what is no work at the tank. */
    public function task(): ?Task
    {
        return match ($this) {
            self::Wipe, self::Blade => Task::Glass,
            self::Twist, self::Pull, self::Lift => Task::Algae,
            self::CutOut => Task::Trim,
            self::Siphon => Task::Vacuum,
            self::Brush => Task::Hardscape,
            self::FineFilter => Task::Media,
            self::Skim, self::Leave => null,
        };
    }
}
