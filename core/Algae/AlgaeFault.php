<?php

declare(strict_types=1);

namespace Cresco\Core\Algae;

use Cresco\Core\Fault;

/** What cannot be reckoned about algae. The message can be shown to a keeper. */
final class AlgaeFault extends Fault
{
    public static function mass(): self
    {
        return new self('What dies weighs 0 to 100 kg, in 0.01 to a million litres of a tank that makes 0 to 1,000 mg/L of nitrate a day.');
    }

    public static function buffer(): self
    {
        return new self('The highest pH follows from an alkalinity above 0 and up to 100 meq/L, at 0 to 45 degrees.');
    }

    public static function change(): self
    {
        return new self('A change is 1 to 99 % of the water, and an alarm lies above 0.');
    }

    public static function step(): self
    {
        return new self('A step of light is taken from 0 to 24 hours.');
    }

    public static function tank(): self
    {
        return new self('Grazers live in 0 to a million litres of 0 to 45 degrees and of 0 to 100 degrees of hardness.');
    }
}
