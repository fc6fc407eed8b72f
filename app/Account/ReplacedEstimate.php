<?php

declare(strict_types=1);

namespace App\Account;

/** A guess that the log has replaced. */
final readonly class ReplacedEstimate
{
    /**
     * @param string      $from   what it was learned from
     * @param string      $url    where it stands
     * @param string|null $figure by which it may be learned again
     */
    public function __construct(
        public string $what,
        public string $guess,
        public string $yours,
        public string $from,
        public string $url,
        public ?string $figure,
        public ?int $tank = null,
        public ?int $product = null,
    ) {}
}
