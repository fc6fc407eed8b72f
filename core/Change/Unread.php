<?php

declare(strict_types=1);

namespace Cresco\Core\Change;

use Cresco\Core\Measure\Parameter;

/** A figure that would limit a change, and that nobody has read. */
final readonly class Unread
{
    public function __construct(public Parameter $parameter, public bool $inSource) {}
}
