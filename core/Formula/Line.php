<?php

declare(strict_types=1);

namespace Cresco\Core\Formula;

use Cresco\Core\Text;

/** One line of a working: an equation, what its result is called, and its result with the keeper's numbers. */
final readonly class Line
{
    public function __construct(
        public Formula $formula,
        public string|Text $label,
        public string $unit,
        public float $result,
        public ?string $solvedFor = null,
        public string|Text|null $source = null,
    ) {}
}
