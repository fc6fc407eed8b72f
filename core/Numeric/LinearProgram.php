<?php

declare(strict_types=1);

namespace Cresco\Core\Numeric;

/**
 * The x >= 0 that makes c x least under linear conditions: the two-phase simplex method on a dense tableau (Dantzig, 1963;
 * Bland's rule, 1977, once it stalls). A solution has at most as many amounts above zero as there are conditions.
 */
final class LinearProgram
{
    /** What counts as nothing. */
    private const TOLERANCE = 1e-9;

    /** @var list<array{list<float>, string, float}> */
    private array $conditions = [];

    public function __construct(private readonly int $unknowns) {}

    /** @param list<float> $row */
    public function equal(array $row, float $value): void
    {
        $this->conditions[] = [$row, '=', $value];
    }

    /** @param list<float> $row */
    public function atMost(array $row, float $value): void
    {
        $this->conditions[] = [$row, '<', $value];
    }

    /** @param list<float> $row */
    public function atLeast(array $row, float $value): void
    {
        $this->conditions[] = [array_map(static fn(float $v): float => -$v, $row), '<', -$value];
    }

    /**
     * @param list<float> $cost
     *
     * @return list<float>|null null when no x meets all conditions
     *
     * @throws NumericFault when the cost has no lower end
     */
    public function minimise(array $cost): ?array
    {
        $rows = count($this->conditions);
        $slacks = 0;
        foreach ($this->conditions as [, $kind]) {
            $slacks += $kind === '<' ? 1 : 0;
        }
        $width = $this->unknowns + $slacks;
        $tableau = [];
        $basis = [];
        $slack = $this->unknowns;
        $artificial = [];
        foreach ($this->conditions as $i => [$row, $kind, $value]) {
            $scale = max(1e-300, max(array_map(abs(...), $row === [] ? [0.0] : $row)));
            $line = array_fill(0, $width + 1, 0.0);
            foreach ($row as $j => $v) {
                $line[$j] = $v / $scale;
            }
            $line[$width] = $value / $scale;
            $sign = $line[$width] < 0.0 ? -1.0 : 1.0;
            if ($kind === '<') {
                $line[$slack] = 1.0;
            }
            if ($sign < 0.0) {
                $line = array_map(static fn(float $v): float => -$v, $line);
            }
            if ($kind === '<' && $sign > 0.0) {
                $basis[$i] = $slack;
            } else {
                $basis[$i] = -1 - $i;
                $artificial[] = $i;
            }
            $slack += $kind === '<' ? 1 : 0;
            $tableau[$i] = $line;
        }
        if ($artificial !== []) {
            // First phase: what is short of the conditions becomes nothing. Artificial columns need not be kept.
            $short = array_fill(0, $width + 1, 0.0);
            foreach ($artificial as $i) {
                foreach ($tableau[$i] as $j => $v) {
                    $short[$j] -= $v;
                }
            }
            self::run($tableau, $basis, $short, $width);
            if ($short[$width] < -1e-7) {
                return null;
            }
            foreach ($basis as $i => $j) {
                if ($j >= 0) {
                    continue;
                }
                for ($k = 0; $k < $width; ++$k) {
                    if (abs($tableau[$i][$k]) > 1e-7) {
                        self::pivot($tableau, $basis, $short, $i, $k);
                        break;
                    }
                }
            }
        }
        $objective = array_fill(0, $width + 1, 0.0);
        foreach ($cost as $j => $v) {
            $objective[$j] = $v;
        }
        foreach ($basis as $i => $j) {
            $price = $j >= 0 ? $objective[$j] : 0.0;
            if ($price !== 0.0) {
                foreach ($tableau[$i] as $k => $v) {
                    $objective[$k] -= $price * $v;
                }
            }
        }
        if (!self::run($tableau, $basis, $objective, $width)) {
            throw NumericFault::unbounded();
        }
        $x = array_fill(0, $this->unknowns, 0.0);
        for ($i = 0; $i < $rows; ++$i) {
            if ($basis[$i] >= 0 && $basis[$i] < $this->unknowns) {
                $x[$basis[$i]] = max(0.0, $tableau[$i][$width]);
            }
        }

        return array_values($x);
    }

    /**
     * @param array<int, array<int, float>> $tableau
     * @param array<int, int>               $basis
     * @param array<int, float>             $objective
     */
    private static function run(array &$tableau, array &$basis, array &$objective, int $width): bool
    {
        for ($round = 0; $round < 500; ++$round) {
            $enter = null;
            $least = -self::TOLERANCE;
            for ($j = 0; $j < $width; ++$j) {
                if ($objective[$j] < $least) {
                    $enter = $j;
                    if ($round > 60) {
                        break;
                    }
                    $least = $objective[$j];
                }
            }
            if ($enter === null) {
                return true;
            }
            $leave = null;
            $ratio = INF;
            foreach ($tableau as $i => $line) {
                if ($line[$enter] > self::TOLERANCE) {
                    $limit = $line[$width] / $line[$enter];
                    if ($limit < $ratio - 1e-12 || ($limit < $ratio + 1e-12 && $leave !== null && $basis[$i] < $basis[$leave])) {
                        $ratio = $limit;
                        $leave = $i;
                    }
                }
            }
            if ($leave === null) {
                return false;
            }
            self::pivot($tableau, $basis, $objective, $leave, $enter);
        }

        return true;
    }

    /**
     * @param array<int, array<int, float>> $tableau
     * @param array<int, int>               $basis
     * @param array<int, float>             $objective
     */
    private static function pivot(array &$tableau, array &$basis, array &$objective, int $row, int $column): void
    {
        $by = $tableau[$row][$column];
        $line = [];
        $used = [];
        foreach ($tableau[$row] as $j => $v) {
            $line[$j] = $v = $v / $by;
            if ($v !== 0.0) {
                $used[$j] = $v;
            }
        }
        $tableau[$row] = $line;
        foreach ($tableau as $i => $other) {
            $times = $other[$column];
            if ($i === $row || $times === 0.0) {
                continue;
            }
            foreach ($used as $j => $v) {
                $other[$j] -= $times * $v;
            }
            $other[$column] = 0.0;
            $tableau[$i] = $other;
        }
        $times = $objective[$column];
        if ($times !== 0.0) {
            foreach ($used as $j => $v) {
                $objective[$j] -= $times * $v;
            }
            $objective[$column] = 0.0;
        }
        $basis[$row] = $column;
    }
}
