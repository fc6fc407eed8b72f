<?php

declare(strict_types=1);

namespace Cresco\Core\StartUp;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Exact;

/**
 * What is to be expected of a start-up, once its readings have been heard: the model is run for a grid of sources, paces of growth and first
 * bacteria, each weighed by how likely it is before and by how well it goes with what was read.
 */
final readonly class Expected
{
    /** Factors by which source, growth and first bacteria may be off, each way, two times of three. House defaults. */
    public const FACTORS = [1.4, 1.1, 2.0];

    /** Deviations at which each is tried. */
    private const NODES = [-1.6, -0.8, 0.0, 0.8, 1.6];

    /** Share of readings that are slips. House default. */
    private const SLIPS = 1.0 / 30.0;

    /** mg/L N, and share of the value, by which a reading may be off beyond what it says of itself. House defaults. */
    private const LOOSE = [0.05, 0.15];

    /** mg/L N over which slips spread. House default. */
    private const SPAN = 10.0;

    /** Steps a day of the grid: every four hours, of which nobody sees a difference. */
    private const STEPS = 6;

    /**
     * @param list<array{int, array{float, float, float}, array{float, float, float}, array{float, float, float}}> $days day, and the low end, middle and high end of eight in ten cases of ammonia, nitrite and nitrate, mg/L N
     * @param array{float, float, float} $nitritePeak  day of the peak of nitrite: low end, middle, high end
     * @param array{float, float, float} $readyOn      day from which both lie near nothing
     * @param float                      $peak         mg/L N of nitrite that its peak comes to, in the middle
     * @param array{float, float, float} $factors      by which source, growth and first bacteria differ from what is usual
     */
    private function __construct(public array $days, public array $nitritePeak, public array $readyOn, public float $peak, public array $factors) {}

    /**
     * @param list<array{float, string, Distribution}> $readings day, "ammonia" or "nitrite", and what was read as mg/L N
     * @param int                                      $days     1 to 100
     * @param array<int, float>                        $changes  share of the water that is changed, by day
     * @param array<int, float>                        $doses    mg/L N given, by day
     */
    public static function of(Nitrification $model, array $readings, int $days, array $changes = [], array $doses = []): self
    {
        $days = max(1, min(100, $days));
        $runs = $weights = $factors = [];
        foreach (self::NODES as $source) {
            foreach (self::NODES as $pace) {
                foreach (self::NODES as $first) {
                    $by = [self::FACTORS[0] ** $source, self::FACTORS[1] ** $pace, self::FACTORS[2] ** $first];
                    $run = (new Nitrification(min(20.0, $model->source * $by[0]), $model->plants, [min(10.0, $model->first[0] * $by[2]), min(10.0, $model->first[1] * $by[2])], $model->celsius, $model->ph, $model->alkalinity, min(10.0, $model->pace * $by[1]), $model->bed))
                        ->course($days, $changes, $doses, self::STEPS);
                    $runs[] = $run;
                    $factors[] = $by;
                    $weights[] = -0.5 * ($source ** 2 + $pace ** 2 + $first ** 2) + self::likelihood($run, $readings);
                }
            }
        }
        $most = max($weights);
        $weights = array_map(static fn(float $weight): float => exp($weight - $most), $weights);
        $points = [];
        for ($day = 0; $day <= $days; ++$day) {
            $points[] = [
                $day,
                self::band(array_map(static fn(NitrogenCourse $run): float => $run->points[$day]->ammonia, $runs), $weights),
                self::band(array_map(static fn(NitrogenCourse $run): float => $run->points[$day]->nitrite, $runs), $weights),
                self::band(array_map(static fn(NitrogenCourse $run): float => $run->points[$day]->nitrate, $runs), $weights),
            ];
        }

        return new self(
            $points,
            self::band(array_map(static fn(NitrogenCourse $run): float => $run->nitrite->day, $runs), $weights),
            self::band(array_map(self::low(...), $runs), $weights),
            self::band(array_map(static fn(NitrogenCourse $run): float => $run->nitrite->value, $runs), $weights)[1],
            [
                self::band(array_map(static fn(array $by): float => $by[0], $factors), $weights)[1],
                self::band(array_map(static fn(array $by): float => $by[1], $factors), $weights)[1],
                self::band(array_map(static fn(array $by): float => $by[2], $factors), $weights)[1],
            ],
        );
    }

    /** First day after the peak of nitrite on which both lie below what kits show; a day after the last one where that is not reached. */
    private static function low(NitrogenCourse $run): float
    {
        $last = count($run->points) - 1;
        for ($day = (int) ceil($run->nitrite->day); $day <= $last; ++$day) {
            if ($run->points[$day]->ammonia <= Ready::NEAR_NOTHING && $run->points[$day]->nitrite <= Ready::NEAR_NOTHING) {
                return (float) $day;
            }
        }

        return $last + 1.0;
    }

    /** @param list<array{float, string, Distribution}> $readings */
    private static function likelihood(NitrogenCourse $run, array $readings): float
    {
        $sum = 0.0;
        $last = count($run->points) - 1;
        foreach ($readings as [$day, $what, $read]) {
            if ($day < 0.0 || $day > $last) {
                continue;
            }
            $before = $run->points[(int) floor($day)];
            $after = $run->points[min($last, (int) floor($day) + 1)];
            $part = $day - floor($day);
            $is = $what === 'nitrite' ? (1.0 - $part) * $before->nitrite + $part * $after->nitrite : (1.0 - $part) * $before->ammonia + $part * $after->ammonia;
            $off = hypot(self::LOOSE[0] + self::LOOSE[1] * $is, $read instanceof Exact ? 0.0 : $read->spread());
            $z = ($read->central() - $is) / $off;
            $sum += log((1.0 - self::SLIPS) * exp(-0.5 * $z * $z) / ($off * sqrt(2.0 * M_PI)) + self::SLIPS / self::SPAN);
        }

        return $sum;
    }

    /**
     * @param list<float> $values
     * @param list<float> $weights
     *
     * @return array{float, float, float} low end, middle and high end of eight in ten cases
     */
    private static function band(array $values, array $weights): array
    {
        asort($values);
        $all = array_sum($weights);
        $found = [];
        $sum = 0.0;
        $wanted = [0.1, 0.5, 0.9];
        foreach ($values as $i => $value) {
            $sum += $weights[$i] / $all;
            while (count($found) < 3 && $sum >= $wanted[count($found)] - 1e-12) {
                $found[] = $value;
            }
        }

        return [$found[0] ?? 0.0, $found[1] ?? 0.0, $found[2] ?? (array_key_last($values) === null ? 0.0 : $values[array_key_last($values)])];
    }
}
