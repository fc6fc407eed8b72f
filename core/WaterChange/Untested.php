<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Measure\Parameter;

/** A figure that would limit a change, and that nobody has read. */
final readonly class Untested
{
    public function __construct(public Parameter $parameter, public bool $inSource) {}
}
