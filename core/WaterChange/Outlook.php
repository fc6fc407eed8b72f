<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Closure;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Estimate;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Water\Carbonate;

/**
 * One parameter over a change: before, right after, and the next day, in base units; null where it cannot be known. Bands
 * are worked out when they are asked for, since a plan is often only asked how far it would move the water.
 */
final class Outlook
{
    private ?Estimate $after = null;

    private ?Estimate $nextDay = null;

    /**
     * @param Computation|null              $working   of the value right after; its figures are in $unit
     * @param string|null                   $afterName symbol of that figure
     * @param Closure(): (Computation|null) $next      working of the next day
     * @param string|null                   $nextName  symbol of that figure
     */
    public function __construct(
        public readonly Parameter $parameter,
        public readonly ?Distribution $now,
        private readonly Unit $unit,
        private readonly ?Computation $working,
        private readonly ?string $afterName,
        private readonly Closure $next,
        private readonly ?string $nextName,
    ) {}

    public static function unknown(Parameter $parameter, ?Distribution $now, Unit $unit): self
    {
        return new self($parameter, $now, $unit, null, null, static fn(): ?Computation => null, null);
    }

    public function after(): ?Estimate
    {
        return $this->after ??= $this->inBase($this->working, $this->afterName);
    }

    public function nextDay(): ?Estimate
    {
        return $this->nextDay ??= $this->inBase($this->nextDayWorking(), $this->nextName);
    }

    public function afterWorking(): ?Computation
    {
        return $this->afterName === null ? null : $this->working?->endingAt($this->afterName);
    }

    public function nextDayWorking(): ?Computation
    {
        return ($this->next)();
    }

    /** Whether the forecast says anything: a pH without a buffer may end up anywhere. */
    public function isForetold(): bool
    {
        foreach ($this->parameter === Parameter::Acidity ? [$this->after(), $this->nextDay()] : [] as $estimate) {
            if ($estimate !== null && !($estimate->high() - $estimate->low() <= Carbonate::UNFORETOLD)) {
                return false;
            }
        }

        return true;
    }

    /** How far the change moves it, with its sign; null where it cannot be known. */
    public function swing(): ?float
    {
        if ($this->now === null || $this->working === null || $this->afterName === null) {
            return null;
        }

        return $this->unit->toBase($this->working->value($this->afterName)) - $this->now->central();
    }

    private function inBase(?Computation $working, ?string $name): ?Estimate
    {
        return $working === null || $name === null ? null
            : $working->estimate($name)->scaled($this->unit->widthToBase(1.0), $this->unit->toBase(0.0));
    }
}
