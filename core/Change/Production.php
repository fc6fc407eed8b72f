<?php

declare(strict_types=1);

namespace Cresco\Core\Change;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Normal;

/**
 * What a tank makes of a substance in a day, learned from its readings: between two changes it rises in a straight line, whose
 * slope is found by least squares, each reading weighted by its variance. The stretches are joined by their weighted mean; when
 * they scatter by more than their readings say, the spread grows with it (Birge, 1932, Phys. Rev. 40, 207).
 */
final readonly class Production
{
    /** Stretches before anything is said. House default. */
    private const LEAST = 3;

    /** Days that a stretch has to span. House default. */
    private const SPAN = 2.0;

    /**
     * @param list<array{from: float, to: float, readings: int, slope: float, spread: float}> $stretches days, a day, standard deviation
     */
    private function __construct(public float $perDay, public float $spread, public array $stretches) {}

    public function distribution(): Normal
    {
        return new Normal($this->perDay, $this->spread);
    }

    /**
     * @param list<array{float, Distribution}> $readings day and value, any order
     * @param list<float>                      $changes  days of water changes, any order
     *
     * @return self|null null before there are enough stretches
     */
    public static function learned(array $readings, array $changes): ?self
    {
        usort($readings, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        sort($changes);
        $stretches = $stretch = [];
        foreach ($readings as $reading) {
            if ($stretch !== [] && self::isBetween($changes, $stretch[count($stretch) - 1][0], $reading[0])) {
                $stretches[] = self::line($stretch);
                $stretch = [];
            }
            $stretch[] = $reading;
        }
        $stretches[] = self::line($stretch);
        $stretches = array_values(array_filter($stretches));
        if (count($stretches) < self::LEAST) {
            return null;
        }
        $weights = array_map(static fn(array $line): float => $line['spread'] ** -2, $stretches);
        $sum = array_sum($weights);
        $mean = array_sum(array_map(static fn(array $line, float $weight): float => $line['slope'] * $weight, $stretches, $weights)) / $sum;
        $scatter = array_sum(array_map(static fn(array $line, float $weight): float => $weight * ($line['slope'] - $mean) ** 2, $stretches, $weights)) / (count($stretches) - 1);

        return new self($mean, sqrt(max(1.0, $scatter) / $sum), $stretches);
    }

    /** @param list<float> $changes */
    private static function isBetween(array $changes, float $from, float $to): bool
    {
        foreach ($changes as $day) {
            if ($day > $from && $day <= $to) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<array{float, Distribution}> $readings in the order of their days
     *
     * @return array{from: float, to: float, readings: int, slope: float, spread: float}|null null when it is too short
     */
    private static function line(array $readings): ?array
    {
        if (count($readings) < 2 || $readings[count($readings) - 1][0] - $readings[0][0] < self::SPAN) {
            return null;
        }
        $weights = array_map(static fn(array $reading): float => max(1e-6, $reading[1]->spread()) ** -2, $readings);
        $sum = array_sum($weights);
        $day = $value = 0.0;
        foreach ($readings as $i => [$at, $reading]) {
            $day += $weights[$i] * $at / $sum;
            $value += $weights[$i] * $reading->central() / $sum;
        }
        $width = $rise = 0.0;
        foreach ($readings as $i => [$at, $reading]) {
            $width += $weights[$i] * ($at - $day) ** 2;
            $rise += $weights[$i] * ($at - $day) * ($reading->central() - $value);
        }

        return ['from' => $readings[0][0], 'to' => $readings[count($readings) - 1][0], 'readings' => count($readings), 'slope' => $rise / $width, 'spread' => $width ** -0.5];
    }
}
