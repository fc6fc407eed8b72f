<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Cresco\Core\Fault;
use Cresco\Core\Text;

final class PlanningFault extends Fault
{
    public static function band(): self
    {
        return new self(Text::of('planning.band'));
    }

    public static function interval(): self
    {
        return new self(Text::of('planning.interval'));
    }

    public static function stock(): self
    {
        return new self(Text::of('planning.stock'));
    }

    public static function catchUp(): self
    {
        return new self(Text::of('planning.catch_up'));
    }
}
