<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Closure;
use Cresco\Core\Formula\Grade;

/** One step comes before another, because. */
final readonly class OrderRule
{
    /** @param Closure(Session): bool|null $when whether it holds in a session; null for always */
    public function __construct(
        public string $first,
        public string $then,
        public string $because,
        public Grade $grade = Grade::Consensus,
        private ?Closure $when = null,
    ) {}

    public function holdsIn(Session $session): bool
    {
        return $this->when === null || ($this->when)($session);
    }
}
