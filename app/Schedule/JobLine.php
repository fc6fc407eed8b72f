<?php

declare(strict_types=1);

namespace App\Schedule;

use Cresco\Core\Checklist\Task;
use Cresco\Core\Planning\JobType;
use Cresco\Core\Planning\Urgency;

/** Jobs of one type at one tank, in words, with the button that does them. */
final readonly class JobLine
{
    /**
     * @param JobType|null $type  null where nothing is to be done
     * @param list<Task>   $tasks of the session without a change that does them
     * @param list<string> $acts  to do within ten minutes
     */
    public function __construct(
        public ?JobType $type,
        public Urgency $urgency,
        public string $head,
        public string $why,
        public string $act,
        public string $url,
        public array $tasks = [],
        public array $acts = [],
    ) {}
}
