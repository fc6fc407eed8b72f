<?php

declare(strict_types=1);

namespace Cresco\Core\Animals;

use Cresco\Core\Fault;
use Cresco\Core\Text;

final class AnimalsFault extends Fault
{
    public static function range(): self
    {
        return new self(Text::of('animals.range'));
    }
}
