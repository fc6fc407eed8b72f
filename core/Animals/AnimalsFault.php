<?php

declare(strict_types=1);

namespace Cresco\Core\Animals;

use Cresco\Core\Fault;

final class AnimalsFault extends Fault
{
    public static function range(): self
    {
        return new self('Litres, nitrogen and figures of the bag lie out of what can be.');
    }
}
