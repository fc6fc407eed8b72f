<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Fault;

/** A tank that cannot stand as described. The message can be shown to a keeper. */
final class TankFault extends Fault
{
    public function __construct(public readonly string $measure, string $message)
    {
        parent::__construct($message);
    }

    public static function noBow(): self
    {
        return new self('middle_depth', 'The depth in the middle must be more than at the sides, by at most half the length.');
    }

    public static function notPositive(string $measure, string $what): self
    {
        return new self($measure, sprintf('The %s must be more than nothing.', $what));
    }

    public static function glassTooThick(): self
    {
        return new self('glass', 'Glass this thick leaves no room for water: check the unit.');
    }

    public static function waterlineTooLow(): self
    {
        return new self('water_below_rim', 'The waterline lies below the floor of the tank.');
    }

    public static function bedTooDeep(): self
    {
        return new self('bed_back', 'The bed reaches above the waterline.');
    }

    public static function porosity(): self
    {
        return new self('porosity', 'Porosity is the share of the bed that is water: between 0 and 0.9.');
    }

    public static function hardscapeTooLarge(): self
    {
        return new self('stone_kg', 'Stone and wood take up more room than there is: check their weight and height.');
    }

    /** @param float $brim litres of glass up to the rim */
    public static function countedTooMuch(float $brim): self
    {
        return new self('measured_litres', sprintf('This glass holds %.0f L to the brim: check the count and its unit.', $brim));
    }

    public static function marks(string $message): self
    {
        return new self('marks', $message);
    }

    public static function displacement(): self
    {
        return new self('stone_kg', 'Stone and wood take up some room, from one height to a greater one.');
    }

    public static function nothingLeft(): self
    {
        return new self('outer_height', 'No water is left in this tank: check bed, hardscape and waterline.');
    }
}
