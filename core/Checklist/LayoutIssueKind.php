<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** What is off against the picture that a keeper has in mind, and the work that restores it. */
enum LayoutIssueKind: string
{
    case TooTall = 'too_tall';
    case TooDark = 'too_dark';
    case LostPath = 'lost_path';
    case OddStone = 'odd_stone';
    case BareSpot = 'bare_spot';

    public function task(): Task
    {
        return match ($this) {
            self::TooTall, self::TooDark, self::LostPath => Task::Trim,
            self::OddStone => Task::Hardscape,
            self::BareSpot => Task::Planting,
        };
    }

    /** Step of the catalogue that its line stands in. */
    public function step(): string
    {
        return match ($this->task()) {
            Task::Hardscape => 'hardscape',
            Task::Planting => 'planting',
            default => 'trim',
        };
    }
}
