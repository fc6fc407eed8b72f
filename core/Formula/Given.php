<?php

declare(strict_types=1);

namespace Cresco\Core\Formula;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Text;

/** One number that goes into a computation: a measured one with its spread, or a constant with its source. */
final readonly class Given
{
    public function __construct(
        public string $symbol,
        public string|Text $label,
        public Distribution $value,
        public string $unit,
        public string|Text|null $source = null,
        public ?Grade $grade = null,
    ) {}

    public function isConstant(): bool
    {
        return $this->source !== null;
    }
}
