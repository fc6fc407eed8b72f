<?php

declare(strict_types=1);

namespace Cresco\Core\State;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Numeric\NormalTail;

/**
 * What is known of a level: one bell, or several where it is open what happened. What would lie below nothing lies at nothing.
 */
final class Level implements Distribution
{
    /** Looks for a share at most. */
    private const LOOKS = 20;

    /** How near both ends come to each other, in deviations. */
    private const NEAR = 1e-3;

    /** How near a share has to be. */
    private const SHARE = 1e-4;

    /** Bells lighter than this do not set another one apart. */
    private const LIGHT = 0.005;

    /** Weight of bells that disagree from which on a figure is open. House default. */
    private const DOUBTED = 0.1;

    /** @var array<int, float> by share, in millionths */
    private array $found = [];

    private readonly float $mean;

    private readonly float $deviation;

    private readonly bool $isOne;

    /**
     * @param non-empty-list<array{float, float, float}> $bells   weight (together 1), mean and standard deviation
     * @param float                                      $nothing no value lies below
     */
    public function __construct(private readonly array $bells, private readonly float $nothing = 0.0)
    {
        [$mean, $square] = [0.0, 0.0];
        foreach ($bells as [$weight, $value, $deviation]) {
            $mean += $weight * $value;
            $square += $weight * ($deviation ** 2 + $value ** 2);
        }
        $isOne = true;
        foreach ($bells as [$weight, $value, $deviation]) {
            $isOne = $isOne && ($weight <= self::LIGHT || ($value - $mean) ** 2 <= $deviation ** 2);
        }
        $this->mean = $mean;
        $this->deviation = sqrt(max(0.0, $square - $mean ** 2));
        $this->isOne = $isOne;
    }

    public function quantile(float $share): float
    {
        // Where bells lie apart it is that of all of them together, not of one of their spread.
        return max(
            $this->nothing,
            $this->isOne
                ? $this->mean + $this->deviation * NormalValue::standardQuantile($share)
                : $this->found[(int) round(1e6 * $share)] ??= $this->find($share),
        );
    }

    public function central(): float
    {
        return $this->isOne ? max($this->nothing, $this->mean) : $this->quantile(0.5);
    }

    public function spread(): float
    {
        return $this->deviation;
    }

    public function scaled(float $scale, float $offset = 0.0): self
    {
        return new self(
            array_map(static fn(array $bell): array => [$bell[0], $scale * $bell[1] + $offset, $scale * $bell[2]], $this->bells),
            $scale * $this->nothing + $offset,
        );
    }

    /**
     * By a function that rises: each bell goes by its middle and its slope there.
     *
     * @param callable(float): float $to
     */
    public function through(callable $to): self
    {
        return new self(array_map(static function (array $bell) use ($to): array {
            $step = max(1e-6, 0.1 * $bell[2]);
            $least = max(0.0, $bell[1] - $step);

            return [$bell[0], $to($bell[1]), $bell[2] * ($to($bell[1] + $step) - $to($least)) / ($bell[1] + $step - $least)];
        }, $this->bells), $to($this->nothing));
    }

    /**
     * Where bells that disagree by more than their bands each hold a tenth or more: about here, or about there, and only another reading tells.
     *
     * @return array{float, float}|null the middles of both; null where they are one
     */
    public function apart(): ?array
    {
        $bells = $this->bells;
        usort($bells, static fn(array $a, array $b): int => $a[1] <=> $b[1]);
        $tenth = NormalValue::standardQuantile(0.9);
        // From each on upwards: its weight, its sum, and the lower end of the lowest band.
        $above = [];
        [$weight, $sum, $lowest] = [0.0, 0.0, INF];
        foreach (array_reverse($bells) as $bell) {
            $above[] = [$weight += $bell[0], $sum += $bell[0] * $bell[1], $lowest = min($lowest, $bell[1] - $tenth * $bell[2])];
        }
        $above = array_reverse($above);
        [$below, $highest] = [0.0, -INF];
        foreach ($bells as $n => $bell) {
            [$rest, $ofRest, $from] = $above[$n];
            if ($below >= self::DOUBTED && $rest >= self::DOUBTED && $from > $highest) {
                return [($sum - $ofRest) / $below, $ofRest / $rest];
            }
            $below += $bell[0];
            $highest = max($highest, $bell[1] + $tenth * $bell[2]);
        }

        return null;
    }

    /** The same, where all that was read is off by a share more. */
    public function widened(float $share): self
    {
        return new self(array_map(static fn(array $bell): array => [$bell[0], $bell[1], hypot($bell[2], $share * $bell[1])], $this->bells), $this->nothing);
    }

    /** Between the shares of its bells, by the false position (Illinois): it takes half as many looks as halving. */
    private function find(float $share): float
    {
        $z = NormalValue::standardQuantile($share);
        [$from, $to] = [INF, -INF];
        foreach ($this->bells as [, $mean, $deviation]) {
            $from = min($from, $mean + $z * $deviation);
            $to = max($to, $mean + $z * $deviation);
        }
        $last = 0.0;
        [$below, $above] = [$this->under($from) - $share, $this->under($to) - $share];
        for ($look = 0; $look < self::LOOKS && $to - $from > self::NEAR * $this->deviation && $above > $below; ++$look) {
            $at = $from - $below * ($to - $from) / ($above - $below);
            $off = $this->under($at) - $share;
            if ($off < 0.0) {
                [$from, $below, $above] = [$at, $off, $look > 0 && $last < 0.0 ? $above / 2.0 : $above];
            } else {
                [$to, $above, $below] = [$at, $off, $look > 0 && $last >= 0.0 ? $below / 2.0 : $below];
            }
            $last = $off;
            if (abs($off) < self::SHARE) {
                return $at;
            }
        }

        return ($from + $to) / 2.0;
    }

    private function under(float $level): float
    {
        $under = 0.0;
        foreach ($this->bells as [$weight, $mean, $deviation]) {
            $under += $weight * NormalTail::below(($level - $mean) / max(1e-9, $deviation));
        }

        return $under;
    }
}
