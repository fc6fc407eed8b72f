<?php

declare(strict_types=1);

namespace Cresco\Core\StartUp;

use Cresco\Core\Fault;

final class StartUpFault extends Fault
{
    public static function range(): self
    {
        return new self('Nitrogen, warmth, pH and bacteria of a tank that is being started lie out of what can be.');
    }
}
