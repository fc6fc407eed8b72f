<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** What a keeper sees on a tank, and the work that answers it. */
enum TankSign: string
{
    case Film = 'film';
    case Tufts = 'tufts';
    case Dirt = 'dirt';
    case DeadLeaves = 'dead_leaves';
    case Tall = 'tall';
    case Shade = 'shade';
    case WeakFlow = 'weak_flow';
    case Loose = 'loose';
    case DimLight = 'dim_light';

    /** @return non-empty-list<Task> first what it asks for most */
    public function tasks(): array
    {
        return match ($this) {
            self::Film => [Task::Glass],
            self::Tufts => [Task::Algae, Task::Spot],
            self::Dirt => [Task::Vacuum],
            self::DeadLeaves, self::Tall => [Task::Trim],
            self::Shade => [Task::Floaters],
            self::WeakFlow => [Task::Media],
            self::Loose => [Task::Planting],
            self::DimLight => [Task::CoverGlass],
        };
    }

    /** What is looked into when it comes again and again: something that grows, or what leaves show; null for what work alone answers. */
    public function about(): ?string
    {
        return match ($this) {
            self::Film, self::Tufts, self::Dirt => 'growth',
            self::DeadLeaves => 'leaves',
            default => null,
        };
    }

    /** The sign of a cause that it is, where it is one: seen at a session, it speaks in every case of the weeks after. */
    public function speaksFor(): ?string
    {
        return match ($this) {
            self::DeadLeaves => 'leaves_dying',
            self::WeakFlow => 'flow_weak',
            default => null,
        };
    }

    /**
     * What it says already of the signs by which kinds and causes are told apart.
     *
     * @return array<string, string> answers by sign
     */
    public function answers(): array
    {
        return match ($this) {
            self::Film => ['where' => 'panes'],
            self::Dirt => ['where' => 'sand', 'dirty' => 'yes'],
            default => [],
        };
    }
}
