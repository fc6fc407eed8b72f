<?php

declare(strict_types=1);

namespace App\Tanks;

use Carbon\CarbonImmutable;

/** When a plant group was last looked at, and whether its height was taken by eye. */
final readonly class GroupSeen
{
    /**
     * @param int $second since 1970
     * @param int $cuts   since it was planted
     */
    public function __construct(public int $second, public bool $guessed, public int $cuts = 0) {}

    public function at(): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestamp($this->second, 'UTC');
    }
}
