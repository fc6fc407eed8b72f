<?php

declare(strict_types=1);

namespace App\View;

final readonly class LoopStop
{
    public function __construct(
        public string $key,
        public string $label,
        public string $url,
        public string $state,
        public bool $isHere,
    ) {}
}
