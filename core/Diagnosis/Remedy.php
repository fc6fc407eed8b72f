<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Checklist\Task;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Tank\Needs;

/** What can be done about it: at the thing itself, or at its cause. */
enum Remedy: string
{
    case Hand = 'hand';
    case Spot = 'spot';
    case Dark = 'dark';
    case LightHours = 'light_hours';
    case LightDim = 'light_dim';
    case Gas = 'gas';
    case Doses = 'doses';
    case Flow = 'flow';
    case Filter = 'filter';
    case Bed = 'bed';
    case Changes = 'changes';
    case FeedLess = 'feed_less';
    case Plants = 'plants';
    case Grazers = 'grazers';
    case Shade = 'shade';
    case Water = 'water';
    case Place = 'place';
    case Capsule = 'capsule';
    case Uncover = 'uncover';
    case Cool = 'cool';
    case Wait = 'wait';

    /** Days after which it is looked at whether it worked. House defaults. */
    public function days(): int
    {
        return match ($this) {
            self::Dark => 4,
            self::Spot => 5,
            self::Hand, self::Filter, self::Bed, self::Changes => 7,
            self::Flow, self::LightHours, self::LightDim, self::Gas, self::FeedLess, self::Shade, self::Cool => 14,
            self::Doses, self::Water, self::Grazers, self::Place, self::Capsule, self::Uncover => 21,
            self::Plants, self::Wait => 28,
        };
    }

    /** Work of the next session that it brings; null for what is done elsewhere. */
    public function task(): ?Task
    {
        return match ($this) {
            self::Spot => Task::Spot,
            self::Filter => Task::Media,
            self::Bed => Task::Vacuum,
            self::Plants, self::Capsule, self::Uncover => Task::Planting,
            default => null,
        };
    }

    /** Whether it undoes what the other is to do: less light for one, more for another. */
    public function contradicts(self $other): bool
    {
        $darker = [self::Dark, self::LightHours, self::LightDim, self::Shade];

        return ($this === self::Place && in_array($other, $darker, true)) || ($other === self::Place && in_array($this, $darker, true));
    }

    /** Whether those who live in a tank tolerate it. */
    public function suits(Needs $needs): bool
    {
        return $this !== self::Dark || $needs->toleratesDarkness();
    }

    /** What is tried in a tank when it has not helped by then. */
    public function instead(Needs $needs): self
    {
        $next = $this->next();

        return $next->suits($needs) ? $next : $next->next();
    }

    private function next(): self
    {
        return match ($this) {
            self::Wait => self::Hand,
            self::Hand => self::LightHours,
            self::LightHours => self::LightDim,
            self::LightDim => self::Shade,
            self::Shade => self::Dark,
            self::Dark => self::Changes,
            self::Spot => self::Filter,
            self::Filter => self::Bed,
            self::Bed => self::Flow,
            self::Flow => self::FeedLess,
            self::FeedLess => self::Changes,
            self::Changes => self::Plants,
            self::Plants => self::Grazers,
            self::Grazers => self::LightHours,
            self::Gas => self::LightDim,
            self::Doses => self::Plants,
            self::Water => self::Changes,
            self::Place => self::Plants,
            self::Capsule => self::Doses,
            self::Uncover => self::Place,
            self::Cool => self::Shade,
        };
    }

    public function grade(): Grade
    {
        return match ($this) {
            self::Hand, self::Filter, self::Bed, self::Flow, self::Gas, self::FeedLess, self::LightHours, self::Wait, self::Place, self::Uncover, self::Cool => Grade::Consensus,
            self::Spot, self::Dark, self::Grazers, self::Doses, self::Water => Grade::Contested,
            default => Grade::Guess,
        };
    }
}
