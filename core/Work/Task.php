<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

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

    /** Days after which it is due again, as long as nothing better is known. House default. */
    public function days(): int
    {
        return match ($this) {
            self::Photo, self::Glass, self::Fertilise, self::Floaters, self::Leaves => 7,
            self::Trim, self::Vacuum, self::CoverGlass, self::Algae, self::Outside => 14,
            self::Media, self::Hardscape => 28,
            self::Planting, self::Spot => 90,
        };
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

    public function label(): string
    {
        return match ($this) {
            self::Photo => 'Photo from the fixed spot',
            self::CoverGlass => 'Cover glass and lamp lens',
            self::Glass => 'Panes',
            self::Hardscape => 'Stones, wood and pipes',
            self::Floaters => 'Floating plants out and back',
            self::Leaves => 'Leaves rubbed clean',
            self::Algae => 'Algae out by hand',
            self::Trim => 'Trim the plants',
            self::Vacuum => 'Vacuum the bed',
            self::Spot => 'Spot treatment at low water',
            self::Media => 'Rinse sponge, floss, pre-filter',
            self::Planting => 'Plant, replant, root capsules',
            self::Fertilise => 'Liquid fertiliser',
            self::Outside => 'Outside of the glass',
        };
    }
}
