<?php

declare(strict_types=1);

namespace Cresco\Core\Formula;

/** How far the result moves when one given moves by its own spread. */
final readonly class Sensitivity
{
    public function __construct(public Given $given, public float $step, public float $effect) {}
}
