<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

use Cresco\Core\Fault;

/** Work that cannot be reckoned. The message can be shown to a keeper. */
final class WorkFault extends Fault
{
    public static function litres(): self
    {
        return new self('Litres are an ordinary number, nothing or more, and a bucket holds some.');
    }
}
