<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A tank that cannot stand as described. The message can be shown to a keeper. */
final class TankFault extends Fault
{
    public function __construct(public readonly string $measure, Text $text)
    {
        parent::__construct($text);
    }

    public static function noBow(): self
    {
        return new self('middle_depth', Text::of('tank.no_bow'));
    }

    public static function notPositive(string $measure, string $what): self
    {
        return new self($measure, Text::of('tank.not_positive', what: Text::of('tank.measure.'.$what)));
    }

    public static function glassTooThick(): self
    {
        return new self('glass', Text::of('tank.glass_too_thick'));
    }

    public static function waterlineTooLow(): self
    {
        return new self('water_below_rim', Text::of('tank.waterline_too_low'));
    }

    public static function bedTooDeep(): self
    {
        return new self('substrate_back', Text::of('tank.bed_too_deep'));
    }

    public static function porosity(): self
    {
        return new self('porosity', Text::of('tank.porosity'));
    }

    public static function hardscapeTooLarge(): self
    {
        return new self('stone_kg', Text::of('tank.hardscape_too_large'));
    }

    /** @param float $brim litres of glass up to the rim */
    public static function countedTooMuch(float $brim): self
    {
        return new self('measured_litres', Text::of('tank.counted_too_much', brim: round($brim)));
    }

    public static function marks(string|Text $why): self
    {
        return new self('marks', is_string($why) ? Text::of($why) : $why);
    }

    public static function displacement(): self
    {
        return new self('stone_kg', Text::of('tank.displacement'));
    }

    public static function nothingLeft(): self
    {
        return new self('outer_height', Text::of('tank.nothing_left'));
    }
}
