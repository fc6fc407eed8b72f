<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Closure;
use Cresco\Core\Measure\Parameter;

/** One entry of the catalogue: a step of a session, when it is needed, and what is said and read in it. */
final readonly class StepDefinition
{
    /**
     * @param list<string>                        $lines    what to do, by key
     * @param list<Caution>                       $cautions
     * @param list<Parameter>                     $reads    what can be read in the step
     * @param Task|null                           $of       the task that brings it; null when it belongs to every change
     * @param list<string>                        $tools
     * @param Closure(Session): bool|null         $when     whether the session needs it; null for always
     * @param Closure(Session): list<string>|null $more     keys of lines that only some sessions have
     */
    public function __construct(
        public string $key,
        public array $lines,
        public array $cautions = [],
        public ?ReadingPoint $moment = null,
        public array $reads = [],
        public int $minutes = 1,
        public ?int $timerMinutes = null,
        public SwitchWork $switches = SwitchWork::None,
        public bool $atEachDrain = false,
        public Lane $lane = Lane::Hands,
        public ?Task $of = null,
        public array $tools = [],
        private ?Closure $when = null,
        private ?Closure $more = null,
    ) {}

    public function isNeededIn(Session $session): bool
    {
        return ($this->of === null || in_array($this->of, $session->tasks, true)) && ($this->when === null || ($this->when)($session));
    }

    /** @return list<string> what to do in a session, by key */
    public function linesIn(Session $session): array
    {
        return [...$this->lines, ...($this->more === null ? [] : ($this->more)($session))];
    }
}
