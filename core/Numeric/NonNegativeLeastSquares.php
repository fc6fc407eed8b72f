<?php

declare(strict_types=1);

namespace Cresco\Core\Numeric;

/**
 * The x >= 0 that makes |A x - b| least, by the active-set method of Lawson and Hanson (Solving Least Squares Problems,
 * 1974, chapter 23), with Householder QR for the free unknowns.
 *
 * Priorities are given as row weights: the rows must come heaviest first, which keeps the QR accurate.
 */
final class NonNegativeLeastSquares
{
    /**
     * @param list<list<float>> $columns of A
     * @param list<float>       $b
     * @param list<int>         $start   unknowns that are likely to be above zero
     *
     * @return list<float>
     *
     * @throws NumericFault when a figure is not an ordinary number
     */
    public static function solve(array $columns, array $b, array $start = []): array
    {
        foreach ([$b, ...$columns] as $figures) {
            foreach ($figures as $figure) {
                if (!is_finite($figure)) {
                    throw NumericFault::notFinite();
                }
            }
        }
        $count = count($columns);
        $norms = [];
        foreach ($columns as $j => $column) {
            $norm = sqrt(array_sum(array_map(static fn(float $v): float => $v * $v, $column)));
            $norms[$j] = $norm > 0.0 ? $norm : 1.0;
            $columns[$j] = array_map(static fn(float $v): float => $v / $norms[$j], $column);
        }
        $x = array_fill(0, $count, 0.0);
        $free = [];
        if ($start !== []) {
            $z = self::leastSquares($columns, $start, $b);
            if ($z !== null && min([INF, ...$z]) > 0.0) {
                $free = $start;
                foreach ($start as $i => $j) {
                    $x[$j] = $z[$i];
                }
            }
        }
        $tolerance = 1e-12 * max(1e-300, max([0.0, ...array_map(abs(...), $b)]));
        $barred = [];
        for ($round = 0; $round < 10 * $count + 20; ++$round) {
            $residual = self::residual($columns, array_values($x), $free, $b);
            $best = null;
            $largest = $tolerance;
            foreach ($columns as $j => $column) {
                if (isset($barred[$j]) || in_array($j, $free, true)) {
                    continue;
                }
                $gain = 0.0;
                foreach ($column as $i => $v) {
                    $gain += $v * $residual[$i];
                }
                if ($gain > $largest) {
                    $largest = $gain;
                    $best = $j;
                }
            }
            if ($best === null) {
                break;
            }
            $free[] = $best;
            $isFirst = true;
            while (true) {
                $z = self::leastSquares($columns, $free, $b);
                if ($z === null || ($isFirst && $z[count($free) - 1] <= 0.0)) {
                    // It depends on the others, or would go down at once: rounding made it look like a gain.
                    array_pop($free);
                    $barred[$best] = true;
                    break;
                }
                $isFirst = false;
                $step = 1.0;
                foreach ($free as $i => $j) {
                    // One that stands at nothing and is to stay there does not hold up the others.
                    if ($z[$i] <= 0.0 && $x[$j] > $z[$i]) {
                        $step = min($step, $x[$j] / ($x[$j] - $z[$i]));
                    }
                }
                foreach ($free as $i => $j) {
                    $x[$j] += $step * ($z[$i] - $x[$j]);
                }
                if ($step >= 1.0) {
                    $barred = [];
                    break;
                }
                $kept = [];
                foreach ($free as $j) {
                    if ($x[$j] > 1e-14) {
                        $kept[] = $j;
                    } else {
                        $x[$j] = 0.0;
                    }
                }
                $free = $kept;
                if ($free === []) {
                    break;
                }
            }
        }
        foreach ($x as $j => $value) {
            $x[$j] = $value / $norms[$j];
        }

        return array_values($x);
    }

    /**
     * @param list<list<float>> $columns
     * @param list<float>       $x
     * @param list<int>         $free
     * @param list<float>       $b
     *
     * @return list<float>
     */
    private static function residual(array $columns, array $x, array $free, array $b): array
    {
        foreach ($free as $j) {
            $times = $x[$j];
            foreach ($columns[$j] as $i => $v) {
                $b[$i] -= $times * $v;
            }
        }

        return array_values($b);
    }

    /**
     * @param list<list<float>> $columns
     * @param list<int>         $chosen
     * @param list<float>       $b
     *
     * @return list<float>|null null when the chosen columns depend on each other
     */
    private static function leastSquares(array $columns, array $chosen, array $b): ?array
    {
        $rows = count($b);
        $n = count($chosen);
        if ($n > $rows) {
            return null;
        }
        $a = [];
        foreach ($chosen as $j) {
            $a[] = $columns[$j];
        }
        $diagonal = [];
        for ($k = 0; $k < $n; ++$k) {
            $column = $a[$k];
            $norm = 0.0;
            for ($i = $k; $i < $rows; ++$i) {
                $norm += $column[$i] * $column[$i];
            }
            $norm = sqrt($norm);
            if ($norm < 1e-11) {
                return null;
            }
            $alpha = $column[$k] > 0.0 ? -$norm : $norm;
            $column[$k] -= $alpha;
            $scale = $norm * ($norm + abs($a[$k][$k]));
            $diagonal[$k] = $alpha;
            for ($j = $k + 1; $j < $n; ++$j) {
                $dot = 0.0;
                $other = $a[$j];
                for ($i = $k; $i < $rows; ++$i) {
                    $dot += $column[$i] * $other[$i];
                }
                if ($dot !== 0.0) {
                    $dot /= $scale;
                    for ($i = $k; $i < $rows; ++$i) {
                        $other[$i] -= $dot * $column[$i];
                    }
                    $a[$j] = $other;
                }
            }
            $dot = 0.0;
            for ($i = $k; $i < $rows; ++$i) {
                $dot += $column[$i] * $b[$i];
            }
            $dot /= $scale;
            for ($i = $k; $i < $rows; ++$i) {
                $b[$i] -= $dot * $column[$i];
            }
        }
        $z = array_fill(0, $n, 0.0);
        for ($k = $n - 1; $k >= 0; --$k) {
            $sum = $b[$k];
            for ($j = $k + 1; $j < $n; ++$j) {
                $sum -= $a[$j][$k] * $z[$j];
            }
            $z[$k] = $sum / $diagonal[$k];
        }

        return array_values($z);
    }
}
