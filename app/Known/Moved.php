<?php

declare(strict_types=1);

namespace App\Known;

use Cresco\Core\Measure\Parameter;

/** A course of a tank that stands at another level than before. */
final readonly class Moved
{
    /**
     * @param Parameter|null $parameter that is made or taken up; null for what evaporates, L a day
     * @param float          $before    mean of the level before, a day
     * @param float          $now       mean since
     * @param int            $began     second since 1970 of the first value of the new level
     * @param string|null    $entry     what stands in the diary just before
     */
    public function __construct(public ?Parameter $parameter, public float $before, public float $now, public int $began, public ?string $entry) {}
}
