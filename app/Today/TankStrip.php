<?php

declare(strict_types=1);

namespace App\Today;

use App\Drawing\SectionDrawing;
use App\Models\Tank;
use App\Schedule\JobLine;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Planning\Urgency;

/** One tank on the round: what it needs, how its water stands, and its drawing. */
final readonly class TankStrip
{
    /**
     * @param Urgency                                                  $urgency of what stands first
     * @param list<array{name: string, value: string, beyond: string}> $figures out of their target range
     * @param list<string>                                             $acts    to do within ten minutes
     * @param list<JobLine>                                            $beside  what else is to be done or known
     * @param list<Task>                                               $tasks   of the session without a change that is due
     * @param bool                                                     $isBag   whether it leads to a bag that is being let in
     */
    public function __construct(
        public Tank $tank,
        public SectionDrawing $drawing,
        public Urgency $urgency,
        public string $head,
        public string $why,
        public string $act,
        public string $url,
        public array $figures,
        public array $acts = [],
        public array $beside = [],
        public array $tasks = [],
        public bool $isBag = false,
    ) {}

    /** Whether nothing is to be done there now. */
    public function isCalm(): bool
    {
        return $this->urgency === Urgency::Ahead;
    }
}
