<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** The ways in which plants of a tank grow; one more is a case and an entry below. */
enum GrowthForm: string
{
    case Stem = 'stem';
    case Carpet = 'carpet';
    case Rosette = 'rosette';
    case Ribbon = 'ribbon';
    case Epiphyte = 'epiphyte';
    case Fern = 'fern';
    case Moss = 'moss';
    case Runner = 'runner';
    case Floating = 'floating';

    public function entry(): GrowthFormEntry
    {
        /** @var array<string, GrowthFormEntry> $entries */
        static $entries = [];

        return $entries[$this->value] ??= match ($this) {
            self::Stem => new GrowthFormEntry([15.0, 35.0, 70.0], null, 0.6, 4.0, 200.0, 20.0, CutRule::Height, reachesSurface: true),
            self::Carpet => new GrowthFormEntry(
                [3.0, 5.0, 8.0],
                40.0,
                0.6,
                3.0,
                100.0,
                30.0,
                CutRule::Thickness,
                limit: 30.0,
                least: 10.0,
                doubling: [60.0, 45.0, 30.0],
            ),
            self::Rosette => new GrowthFormEntry([5.0, 8.0, 20.0], 250.0, 0.85, 3.0, 150.0, 80.0, CutRule::Leaves),
            self::Ribbon => new GrowthFormEntry(
                [30.0, 40.0, 70.0],
                null,
                0.4,
                2.0,
                150.0,
                50.0,
                CutRule::Thinning,
                least: 0.1,
                doubling: [60.0, 45.0, 30.0],
                reachesSurface: true,
            ),
            self::Epiphyte => new GrowthFormEntry([2.0, 3.0, 5.0], 150.0, 0.85, 3.0, 150.0, 60.0, CutRule::Leaves, perches: true),
            self::Fern => new GrowthFormEntry([5.0, 7.0, 10.0], 250.0, 0.85, 3.0, 120.0, 60.0, CutRule::Leaves, perches: true),
            self::Moss => new GrowthFormEntry([4.0, 6.0, 9.0], 80.0, 0.85, 3.0, 80.0, 30.0, CutRule::Thickness, limit: 50.0, least: 10.0, perches: true),
            self::Runner => new GrowthFormEntry([10.0, 20.0, 30.0], 150.0, 0.4, 2.0, 100.0, 40.0, CutRule::Height, least: 20.0, doubling: [60.0, 45.0, 30.0]),
            self::Floating => new GrowthFormEntry(
                [0.0, 0.0, 0.0],
                20.0,
                0.9,
                1.0,
                50.0,
                0.0,
                CutRule::Cover,
                limit: 0.5,
                least: 0.05,
                doubling: [10.0, 6.0, 3.0],
                floats: true,
            ),
        };
    }

    /** Rate in good light with carbon dioxide, mm a week where it is fastest. House default. */
    public function rate(GrowthPace $pace): float
    {
        return $this->entry()->rates[self::place($pace)];
    }

    /** Days in which its cover doubles while it is sparse, without carbon dioxide from a bottle; 0 where it does not spread. House default. */
    public function doublingDays(GrowthPace $pace): float
    {
        return $this->entry()->doubling[self::place($pace)] ?? 0.0;
    }

    /** Share of the light that a leaf lets by, for each layer of leaves, as ln; after Monsi and Saeki (1953). House default. */
    public function shade(): float
    {
        return $this->entry()->shade;
    }

    /** Layers of leaves that it has at the height of the water. House default. */
    public function layers(): float
    {
        return $this->entry()->layers;
    }

    /** Dry mass at full height and cover, g/m2. House default. */
    public function dryMass(): float
    {
        return $this->entry()->dryMass;
    }

    /** Distance at which tops or plants are set, mm; 0 where none are. House default. */
    public function spacing(): float
    {
        return $this->entry()->spacing;
    }

    /** Height at which it stops, mm; 0 where the water sets it. House default. */
    public function ownCeiling(): float
    {
        return $this->entry()->ceiling ?? 0.0;
    }

    /** Thickness, mm, or cover, 0 to 1, beyond which it is due; 0 where height decides. House default. */
    public function limit(): float
    {
        return $this->entry()->limit;
    }

    private static function place(GrowthPace $pace): int
    {
        return match ($pace) {
            GrowthPace::Slow => 0,
            GrowthPace::Middling => 1,
            GrowthPace::Fast => 2,
        };
    }
}
