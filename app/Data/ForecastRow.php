<?php

declare(strict_types=1);

namespace App\Data;

use Cresco\Core\Measure\Parameter;

/** One parameter of a kept forecast. */
final readonly class ForecastRow
{
    public function __construct(
        public Parameter $parameter,
        public ?BandRecord $now,
        public ?BandRecord $source,
        public ?BandRecord $after,
        public ?BandRecord $next,
    ) {}

    /** @return array<string, list<float>|null> */
    public function toKeep(): array
    {
        return ['now' => $this->now?->toArray(), 'source' => $this->source?->toArray(), 'after' => $this->after?->toArray(), 'next' => $this->next?->toArray()];
    }
}
