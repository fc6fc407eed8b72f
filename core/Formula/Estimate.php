<?php

declare(strict_types=1);

namespace Cresco\Core\Formula;

use Cresco\Core\Measure\Distribution;

/** A computed figure: its central value and the cases it may turn out as. It can go into a further computation. */
final readonly class Estimate implements Distribution
{
    /** @param non-empty-list<float> $sorted the cases, rising */
    private function __construct(private float $central, private array $sorted) {}

    /** @param non-empty-list<float> $cases equally likely outcomes, in any order */
    public static function of(float $central, array $cases): self
    {
        sort($cases);

        return new self($central, $cases);
    }

    public static function certain(float $value): self
    {
        return new self($value, [$value]);
    }

    /** The value below which the share $share (0 to 1) of the cases lies. */
    public function quantile(float $share): float
    {
        // Each case stands for the middle of its share.
        $last = count($this->sorted) - 1;
        $position = min((float) $last, max(0.0, $share * ($last + 1) - 0.5));
        $below = (int) floor($position);
        $above = min($last, $below + 1);

        return $this->sorted[$below] + ($position - $below) * ($this->sorted[$above] - $this->sorted[$below]);
    }

    public function central(): float
    {
        return $this->central;
    }

    public function spread(): float
    {
        $count = count($this->sorted);
        $mean = array_sum($this->sorted) / $count;
        $squares = array_sum(array_map(static fn(float $x): float => ($x - $mean) ** 2, $this->sorted));

        return sqrt($squares / $count);
    }

    /** Lower end of the band that holds eight of ten cases. */
    public function low(): float
    {
        return $this->quantile(0.1);
    }

    /** Upper end of the band that holds eight of ten cases. */
    public function high(): float
    {
        return $this->quantile(0.9);
    }

    /** Half the width of the band. */
    public function halfWidth(): float
    {
        return ($this->high() - $this->low()) / 2.0;
    }

    /** The share of cases, 0 to 1, at or below $limit. */
    public function shareAtMost(float $limit): float
    {
        $below = 0;
        foreach ($this->sorted as $case) {
            if ($case > $limit) {
                break;
            }
            ++$below;
        }

        return $below / count($this->sorted);
    }

    public function scaled(float $scale, float $offset = 0.0): self
    {
        $move = static fn(float $x): float => $x * $scale + $offset;

        return new self($move($this->central), array_map($move, $this->sorted));
    }
}
