<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

use Cresco\Core\Measure\NormalValue;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Draws about an answer that is not known yet: points that fill the cube evenly (an additive recurrence by the plastic number of three
 * dimensions, Roberts, 2018, shifted by a seed), laid about the last answer with twice its variance, and weighed by what they were drawn from
 * (importance sampling).
 */
final readonly class CyclingDraws
{
    /** Real root of x^4 = x + 1. */
    private const PLASTIC = 1.2207440846057596;

    /**
     * @param list<array{float, float, float}> $points
     * @param list<float>                      $logs   density that each was drawn with, as a logarithm but for a constant
     */
    private function __construct(public array $points, public array $logs) {}

    /**
     * @param array{float, float, float}       $middle
     * @param list<array{float, float, float}> $spread lower triangle of the root of the covariance, by rows
     */
    public static function about(array $middle, array $spread, int $count, int $seed): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $shift = [$chance->getInt(0, 1_000_000) / 1e6, $chance->getInt(0, 1_000_000) / 1e6, $chance->getInt(0, 1_000_000) / 1e6];
        $points = $logs = [];
        for ($n = 1; $n <= $count; ++$n) {
            $z = [];
            foreach ([0, 1, 2] as $axis) {
                $z[] = NormalValue::standardQuantile(fmod($shift[$axis] + $n / self::PLASTIC ** ($axis + 1), 1.0));
            }
            $points[] = [
                $middle[0] + $spread[0][0] * $z[0],
                $middle[1] + $spread[1][0] * $z[0] + $spread[1][1] * $z[1],
                $middle[2] + $spread[2][0] * $z[0] + $spread[2][1] * $z[1] + $spread[2][2] * $z[2],
            ];
            $logs[] = -0.5 * ($z[0] ** 2 + $z[1] ** 2 + $z[2] ** 2);
        }

        return new self($points, $logs);
    }

    /**
     * Weights of which enough still count: where few points hold nearly all of it, the evidence is heard less loudly.
     *
     * @param list<float> $logs  of prior and likelihood, less those that they were drawn with
     * @param float       $least points that count at the least; 0 for as loud as it is
     *
     * @return list<float> together 1
     */
    public static function weights(array $logs, float $least = 0.0): array
    {
        $most = $logs === [] ? 0.0 : max($logs);
        for ($loud = 1.0; ; $loud *= 0.7) {
            $weights = array_map(static fn(float $log): float => exp($loud * ($log - $most)), $logs);
            $sum = array_sum($weights);
            $counted = $sum ** 2 / max(1e-300, array_sum(array_map(static fn(float $weight): float => $weight ** 2, $weights)));
            if ($counted >= $least || $loud < 1e-3) {
                return array_map(static fn(float $weight): float => $weight / $sum, $weights);
            }
        }
    }

    /**
     * Middle and root of twice the covariance of weighed points.
     *
     * @param list<float> $weights together 1
     *
     * @return array{array{float, float, float}, list<array{float, float, float}>}
     */
    public function answer(array $weights): array
    {
        $middle = [0.0, 0.0, 0.0];
        foreach ($this->points as $n => $point) {
            foreach ($point as $axis => $value) {
                $middle[$axis] += $weights[$n] * $value;
            }
        }
        $of = array_fill(0, 3, [0.0, 0.0, 0.0]);
        foreach ($this->points as $n => $point) {
            foreach ([0, 1, 2] as $i) {
                for ($j = 0; $j <= $i; ++$j) {
                    $of[$i][$j] += 2.0 * $weights[$n] * ($point[$i] - $middle[$i]) * ($point[$j] - $middle[$j]);
                }
            }
        }
        // Cholesky; a direction that one point holds alone keeps a little width.
        $root = array_fill(0, 3, [0.0, 0.0, 0.0]);
        foreach ([0, 1, 2] as $i) {
            for ($j = 0; $j <= $i; ++$j) {
                $sum = $of[$i][$j];
                for ($k = 0; $k < $j; ++$k) {
                    $sum -= $root[$i][$k] * $root[$j][$k];
                }
                $root[$i][$j] = $i === $j ? sqrt(max(0.01, $sum)) : $sum / $root[$j][$j];
            }
        }

        return [$middle, $root];
    }
}
