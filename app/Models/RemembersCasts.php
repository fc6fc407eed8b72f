<?php

declare(strict_types=1);

namespace App\Models;

/** What the columns of a record are cast to is put together once, not at every look at one of them. */
trait RemembersCasts
{
    /** @var array<string, mixed>|null */
    private ?array $allCasts = null;

    /** @return array<string, mixed> */
    public function getCasts(): array
    {
        return $this->allCasts ??= parent::getCasts();
    }

    /** @param array<string, mixed> $casts */
    public function mergeCasts($casts): static
    {
        $this->allCasts = null;

        return parent::mergeCasts($casts);
    }
}
