<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** The shapes a tank comes in, and the outer sizes each is described by. */
enum Shape: string
{
    case Box = 'box';
    case Cube = 'cube';
    case BowFront = 'bow_front';
    case Cylinder = 'cylinder';
    case HalfCircle = 'half_circle';
    case QuarterCircle = 'quarter_circle';
    case Counted = 'counted';

    public function needsDepth(): bool
    {
        return in_array($this, [self::Box, self::BowFront, self::Counted], true);
    }

    public function needsMiddleDepth(): bool
    {
        return $this === self::BowFront;
    }

    public function needsHeight(): bool
    {
        return $this !== self::Cube;
    }

    /** Whether its volume comes from a table of litres against height, and its sizes only draw it. */
    public function needsTable(): bool
    {
        return $this === self::Counted;
    }

    /**
     * The plan inside the panes, from outer sizes in mm.
     *
     * @throws TankFault when a size is missing or the glass fills the tank
     */
    public function plan(float $length, float $depth, float $middleDepth, float $glass): Footprint
    {
        if ($length <= 0.0) {
            throw TankFault::notPositive('outer_length', 'length');
        }
        if ($this->needsDepth() && $depth <= 0.0) {
            throw TankFault::notPositive('outer_depth', 'depth');
        }
        if ($glass <= 0.0) {
            throw TankFault::notPositive('glass', 'glass');
        }
        $panes = 2.0 * $glass;
        if ($panes >= $length || ($this->needsDepth() && $panes >= $depth)) {
            throw TankFault::glassTooThick();
        }

        return match ($this) {
            self::Box, self::Counted => new Rectangle($length - $panes, $depth - $panes),
            self::Cube => new Rectangle($length - $panes, $length - $panes),
            self::BowFront => new BowFront($length - $panes, $depth - $panes, $middleDepth - $panes),
            self::Cylinder => new Disc(($length - $panes) / 2.0),
            self::HalfCircle => new HalfDisc(($length - $panes) / 2.0),
            self::QuarterCircle => new QuarterDisc($length - $panes),
        };
    }
}
