<?php

declare(strict_types=1);

namespace App\Schedule;

/** One stop on the way through a tank; its letter goes there after a g. */
final readonly class TabState
{
    public function __construct(
        public string $key,
        public string $label,
        public string $url,
        public string $state,
        public bool $isHere,
        public string $letter = '',
    ) {}
}
