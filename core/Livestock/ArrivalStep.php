<?php

declare(strict_types=1);

namespace Cresco\Core\Livestock;

/** One step of letting a bag in; its words stand in the language files. */
final readonly class ArrivalStep
{
    /** @param int $minutes that are waited, 0 where the hands do it */
    public function __construct(public string $key, public int $minutes = 0) {}
}
