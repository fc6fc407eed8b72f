<?php

declare(strict_types=1);

namespace App\WaterChange;

/** One plant group that was cut in a session, held against its forecast; all of it in words. */
final readonly class TrimCheckRow
{
    /** @param bool|null $holds whether the height that was found lies in the band of the forecast; null where it was not measured */
    public function __construct(
        public string $name,
        public string $forecast,
        public string $found,
        public string $left,
        public ?bool $holds,
        public string $full,
        public int $surplus,
    ) {}
}
