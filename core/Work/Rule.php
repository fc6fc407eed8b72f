<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

use Closure;
use Cresco\Core\Working\Grade;

/** One step comes before another, because. */
final readonly class Rule
{
    /** @param Closure(Session): bool|null $when whether it holds in a session; null for always */
    public function __construct(public string $first, public string $then, public string $because, public Grade $grade = Grade::Consensus, private ?Closure $when = null) {}

    public function holdsIn(Session $session): bool
    {
        return $this->when === null || ($this->when)($session);
    }
}
