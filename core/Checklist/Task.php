<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Cresco\Core\Planning\JobKind;
use Cresco\Core\Planning\JobKinds;

/** What a keeper picks for a session beside the water change; each brings its steps. */
enum Task: string
{
    case Photo = 'photo';
    case CoverGlass = 'cover_glass';
    case Glass = 'glass';
    case Hardscape = 'hardscape';
    case Floaters = 'floaters';
    case Leaves = 'leaves';
    case Algae = 'algae';
    case Trim = 'trim';
    case Vacuum = 'vacuum';
    case Spot = 'spot';
    case Media = 'media';
    case Planting = 'planting';
    case Fertilise = 'fertilise';
    case Outside = 'outside';

    /** What is held of it as a job that comes again. */
    public function kind(): JobKind
    {
        return JobKinds::of($this->value);
    }

    /** Days after which it is due again, as long as nothing better is known. */
    public function days(): int
    {
        return $this->kind()->days;
    }

    /** Whether hands or tools go into the water for it. */
    public function isWet(): bool
    {
        return !in_array($this, [self::Photo, self::CoverGlass, self::Fertilise, self::Outside], true);
    }

    /** Whether it takes water out, or needs it low. */
    public function needsChange(): bool
    {
        return in_array($this, [self::Vacuum, self::Spot], true);
    }
}
