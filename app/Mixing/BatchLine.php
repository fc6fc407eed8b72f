<?php

declare(strict_types=1);

namespace App\Mixing;

/** One product of a batch as it is shown: what to take of it, and how. */
final readonly class BatchLine
{
    /**
     * @param int         $place  of the product in the recipe
     * @param string|null $spoons "2 ½ level spoons" when the keeper measures it so
     * @param string|null $short  what is left, when that is not enough
     */
    public function __construct(
        public int $place,
        public string $name,
        public string $what,
        public string $amount,
        public string $unit,
        public ?string $spoons,
        public ?string $short,
    ) {}
}
