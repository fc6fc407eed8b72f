<?php

declare(strict_types=1);

namespace App\Drawing;

/** A thin line from a part of the drawing to what is said about it. */
final readonly class Leader
{
    public function __construct(
        public float $x,
        public float $from,
        public float $to,
        public string $first,
        public string $second,
        public bool $beyond,
        public bool $toLeft,
    ) {}
}
