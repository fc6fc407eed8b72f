<?php

declare(strict_types=1);

namespace Cresco\Core\State;

use Cresco\Core\Measure\NormalValue;

/** What is held of a figure once a guess and the log have been weighed against each other. */
final readonly class Posterior
{
    /**
     * @param float       $value  the middle, in the unit of the prior
     * @param float       $spread standard deviation
     * @param NormalValue $prior  the guess it began with
     * @param int         $count  observations that went in
     * @param list<float> $aside  days of those that were set aside, since they fit none of the others
     */
    public function __construct(public float $value, public float $spread, public NormalValue $prior, public int $count, public array $aside = []) {}

    /** The guess alone: nothing has been seen yet. */
    public static function guess(NormalValue $prior): self
    {
        return new self($prior->central(), $prior->spread(), $prior, 0);
    }

    public function distribution(): NormalValue
    {
        return new NormalValue($this->value, $this->spread);
    }

    /** Half of the band that holds eight of ten cases. */
    public function halfWidth(): float
    {
        return ($this->distribution()->quantile(0.9) - $this->distribution()->quantile(0.1)) / 2.0;
    }

    /** Whether the log leads clearly away from the guess: by more than two deviations of its own. */
    public function contradicts(): bool
    {
        return $this->count > 0 && abs($this->value - $this->prior->central()) > 2.0 * $this->spread;
    }
}
