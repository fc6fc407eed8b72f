<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Numeric\NormalTail;

/**
 * What is to be expected of a cycling, once its readings have been heard: the model is run for a few hundred sources, paces of growth and
 * first bacteria, laid about what the readings say, each weighed by how likely it is before and by how well it goes with what was read.
 */
final readonly class CyclingForecast
{
    /** Factors by which source, growth and first bacteria may be off, each way, two times of three. House defaults. */
    public const FACTORS = [1.4, 1.1, 2.0];

    /** Deviations over which the first draws are laid: a source may be ten times what is usual. */
    private const WIDE = [2.5, 1.5, 1.5];

    /** Draws of each round, and how many of them count at the least but in the last. */
    private const ROUNDS = [[64, 8.0], [80, 20.0], [256, 0.0]];

    /** Degrees of freedom of the guess of the source: readings can overrule it. House default. */
    private const FREEDOM = 4.0;

    /** Share of readings that are slips. House default. */
    private const SLIPS = 1.0 / 30.0;

    /** mg/L N, and share of the value, by which a reading may be off beyond what it says of itself: the eye. House defaults. */
    private const LOOSE = [0.03, 0.08];

    /** Share by which a kit is off in all that it reads, a standard deviation. House default. */
    private const KIT = 0.08;

    /** mg/L N over which slips spread. House default. */
    private const SPAN = 10.0;

    /** Steps a day of the draws: every three hours, of which nobody sees a difference. */
    private const STEPS = 8;

    /**
     * @param list<array{int, array{float, float, float}, array{float, float, float}, array{float, float, float}}> $days        day, and the low
     *                                                                                                                          end, middle and high end of eight in ten cases of ammonia, nitrite and nitrate, mg/L N
     * @param array{float, float, float}                                                                           $nitritePeak day of the peak of nitrite: low end, middle, high end
     * @param array{float, float, float}                                                                           $readyOn     day from which both lie near nothing
     * @param float                                                                                                $peak        mg/L N of nitrite that its peak comes to, in the middle
     * @param array{float, float, float}                                                                           $factors     by which source, growth and first bacteria differ from what is usual
     */
    private function __construct(public array $days, public array $nitritePeak, public array $readyOn, public float $peak, public array $factors) {}

    /**
     * @param list<array{0: float, 1: string, 2: Distribution, 3?: bool}> $readings day, "ammonia" or "nitrite", what was read as mg/L N,
     *                                                                              and whether that is so much or more
     * @param int                                                         $days     1 to 100
     * @param array<int, float>                                           $changes  share of the water that is changed, by day
     * @param array<int, float>                                           $doses    mg/L N given, by day
     */
    public static function of(Nitrification $model, array $readings, int $days, array $changes = [], array $doses = []): self
    {
        $days = max(1, min(100, $days));
        $answer = [[0.0, 0.0, 0.0], [[self::WIDE[0], 0.0, 0.0], [0.0, self::WIDE[1], 0.0], [0.0, 0.0, self::WIDE[2]]]];
        $runs = $weights = $factors = [];
        foreach (self::ROUNDS as $round => [$count, $least]) {
            $draws = CyclingDraws::about($answer[0], $answer[1], $count, $round + 1);
            $runs = $factors = $logs = [];
            foreach ($draws->points as $n => $point) {
                $by = [self::FACTORS[0] ** $point[0], self::FACTORS[1] ** $point[1], self::FACTORS[2] ** $point[2]];
                $runs[] = $run = $model->times(...array_map(static fn(float $factor): float => max(1e-3, min(1e3, $factor)), $by))
                    ->run($days, $changes, $doses, self::STEPS);
                $factors[] = $by;
                $before = -0.5 * (self::FREEDOM + 1.0) * log(1.0 + $point[0] ** 2 / self::FREEDOM) - 0.5 * ($point[1] ** 2 + $point[2] ** 2);
                $logs[] = $before + self::likelihood($run, $readings) - $draws->logs[$n];
            }
            $weights = CyclingDraws::weights($logs, $least);
            $answer = $draws->answer($weights);
        }
        $points = [];
        for ($day = 0; $day <= $days; ++$day) {
            $points[] = [
                $day,
                self::band(array_map(static fn(NitrogenRun $run): float => $run->ammonia[$day], $runs), $weights),
                self::band(array_map(static fn(NitrogenRun $run): float => $run->nitrite[$day], $runs), $weights),
                self::band(array_map(static fn(NitrogenRun $run): float => $run->nitrate[$day], $runs), $weights),
            ];
        }

        return new self(
            $points,
            self::band(array_map(static fn(NitrogenRun $run): float => $run->ofNitrite->day, $runs), $weights),
            self::band(array_map(self::low(...), $runs), $weights),
            self::band(array_map(static fn(NitrogenRun $run): float => $run->ofNitrite->value, $runs), $weights)[1],
            [
                self::band(array_column($factors, 0), $weights)[1],
                self::band(array_column($factors, 1), $weights)[1],
                self::band(array_column($factors, 2), $weights)[1],
            ],
        );
    }

    /** Day after the peak of nitrite from which on both lie below what kits show; a day after the last one where that is not reached. */
    private static function low(NitrogenRun $run): float
    {
        $last = count($run->ammonia) - 1;
        for ($day = (int) ceil($run->ofNitrite->day); $day <= $last; ++$day) {
            if ($run->ammonia[$day] <= CyclingReadiness::NEAR_NOTHING && $run->nitrite[$day] <= CyclingReadiness::NEAR_NOTHING) {
                return max($run->ofNitrite->day, $day - min(self::into($run->ammonia, $day), self::into($run->nitrite, $day)));
            }
        }

        return $last + 1.0;
    }

    /**
     * Part of a day by which a level that is near nothing at its end was so before.
     *
     * @param list<float> $levels
     */
    private static function into(array $levels, int $day): float
    {
        $before = $levels[max(0, $day - 1)];

        return $before <= CyclingReadiness::NEAR_NOTHING ? 1.0 : (CyclingReadiness::NEAR_NOTHING - $levels[$day]) / ($before - $levels[$day]);
    }

    /** @param list<array{0: float, 1: string, 2: Distribution, 3?: bool}> $readings */
    private static function likelihood(NitrogenRun $run, array $readings): float
    {
        $sum = 0.0;
        $last = count($run->ammonia) - 1;
        // Of each kit: what its readings differ by and how much they say of its factor.
        $differs = $told = ['ammonia' => 0.0, 'nitrite' => 0.0];
        foreach ($readings as $reading) {
            [$day, $what, $read] = $reading;
            if ($day < 0.0 || $day > $last) {
                continue;
            }
            $levels = $what === 'nitrite' ? $run->nitrite : $run->ammonia;
            $part = $day - floor($day);
            $is = (1.0 - $part) * $levels[(int) floor($day)] + $part * $levels[min($last, (int) floor($day) + 1)];
            $loose = self::LOOSE[0] + self::LOOSE[1] * $is;
            if ($reading[3] ?? false) {
                // The top of a chart is an end: so much or more.
                $sum += log(max(1e-12, (1.0 - self::SLIPS) * NormalTail::below(($is - $read->quantile(0.0)) / $loose) + self::SLIPS / 2.0));
                continue;
            }
            $off = hypot($loose, $read instanceof ExactValue ? 0.0 : $read->spread());
            $by = $read->central() - $is;
            $likely = exp(-0.5 * $by ** 2 / ($off ** 2 + (self::KIT * $is) ** 2)) / hypot($off, self::KIT * $is) / sqrt(2.0 * M_PI);
            if ((1.0 - self::SLIPS) * $likely < self::SLIPS / self::SPAN) {
                $sum += log(self::SLIPS / self::SPAN);
                continue;
            }
            $sum += log((1.0 - self::SLIPS) / ($off * sqrt(2.0 * M_PI))) - 0.5 * ($by / $off) ** 2;
            $differs[$what] += $by * $is / $off ** 2;
            $told[$what] += ($is / $off) ** 2;
        }
        // Its factor is the same in all of them: a bell over which is averaged in closed form.
        foreach ($told as $what => $much) {
            $sum += 0.5 * $differs[$what] ** 2 / (self::KIT ** -2 + $much) - 0.5 * log(1.0 + self::KIT ** 2 * $much);
        }

        return $sum;
    }

    /**
     * @param list<float> $values
     * @param list<float> $weights together 1
     *
     * @return array{float, float, float} low end, middle and high end of eight in ten cases, straight between one value and the next
     */
    private static function band(array $values, array $weights): array
    {
        asort($values);
        $found = [];
        $wanted = [0.1, 0.5, 0.9];
        [$sum, $before, $at] = [0.0, null, 0.0];
        foreach ($values as $n => $value) {
            $middle = $sum + $weights[$n] / 2.0;
            while (count($found) < 3 && $middle >= $wanted[count($found)]) {
                $found[] = $before === null ? $value : $before + ($value - $before) * ($wanted[count($found)] - $at) / max(1e-12, $middle - $at);
            }
            [$sum, $before, $at] = [$sum + $weights[$n], $value, $middle];
        }
        while (count($found) < 3) {
            $found[] = $before ?? 0.0;
        }

        return [$found[0], $found[1], $found[2]];
    }
}
