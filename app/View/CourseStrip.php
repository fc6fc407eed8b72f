<?php

declare(strict_types=1);

namespace App\View;

use App\Known\FoodOf;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Course;
use Cresco\Core\State\CoursePoint;

/** The course of one nutrient as it is drawn: eight weeks back and eight weeks on, to one scale of its own. */
final readonly class CourseStrip
{
    public const WIDE = 640.0;

    public const HIGH = 84.0;

    /** Highest value on the scale, in the base unit. */
    public float $top;

    /** Outline of what was, and of what is to come: the bands that hold it eight times out of ten. */
    public string $was;

    public string $comes;

    /** Middle of both. */
    public string $line;

    /** Middle of what was planned, where something else is tried. */
    public string $planned;

    private Plot $plot;

    /** @var list<array{x: float, low: float, y: float, high: float}> readings */
    public array $readings;

    /**
     * @param Course|null                              $asPlanned where something else is tried
     * @param list<array{float, float, float, float}>  $seen      day, and low, middle and high of what was read
     * @param array{float, float}|null                 $corridor
     * @param string                                   $read      the last reading alone, in words
     */
    public function __construct(public Parameter $nutrient, private Course $past, private Course $ahead, ?Course $asPlanned, array $seen, public ?array $corridor, public ?float $limit, public string $read = '')
    {
        $high = max([0.0, $past->highest(), $ahead->highest(), ...array_map(static fn(array $one): float => $one[3], $seen)]);
        $top = max(1.05 * $high, 1.15 * ($corridor[1] ?? 0.0), 1e-3);
        $this->top = $limit !== null && $limit < 2.0 * $top ? max($top, 1.1 * $limit) : $top;
        $this->plot = new Plot(new Axis($past->day - FoodOf::SHOWN, $past->day + FoodOf::AHEAD, 0.0, self::WIDE), new Axis(0.0, $this->top, self::HIGH, 0.0));
        $this->was = $this->band($past->points);
        $this->comes = $this->band($ahead->points);
        $this->line = $this->middle([...$past->points, ...$ahead->points]);
        $this->planned = $asPlanned === null ? '' : $this->middle($asPlanned->points);
        $this->readings = array_map(fn(array $one): array => ['x' => $this->x($one[0]), 'low' => $this->y($one[1]), 'y' => $this->y($one[2]), 'high' => $this->y($one[3])], $seen);
    }

    public function x(float $day): float
    {
        return $this->plot->x->at($day);
    }

    public function y(float $value): float
    {
        return $this->plot->y->at($value);
    }

    public function now(): CoursePoint
    {
        return $this->past->level();
    }

    /** Whether it was ever read in the days that the course is found from; a guess stands where it was not. */
    public function isRead(): bool
    {
        return $this->past->count > 0;
    }

    /** So many days on. */
    public function in(int $days): CoursePoint
    {
        return $this->ahead->at($this->past->day + $days) ?? $this->ahead->level();
    }

    /** First day ahead on which one case of ten passes the limit; null when none does. */
    public function passes(): ?int
    {
        foreach ($this->limit === null ? [] : $this->ahead->points as $point) {
            if ($point->high > $this->limit) {
                return (int) max(0, ceil($point->day - $this->past->day));
            }
        }

        return null;
    }

    /** First day ahead on which it is likelier under the corridor than in it; null when it is not. */
    public function falls(): ?int
    {
        $least = $this->corridor[0] ?? 0.0;
        foreach ($least <= 0.0 ? [] : $this->ahead->points as $point) {
            if ($point->level < $least) {
                return (int) max(0, ceil($point->day - $this->past->day));
            }
        }

        return null;
    }

    /** @param list<CoursePoint> $points */
    private function band(array $points): string
    {
        return $this->plot->band(array_map(static fn(CoursePoint $point): array => [$point->day, $point->low, $point->high], $points));
    }

    /** @param list<CoursePoint> $points */
    private function middle(array $points): string
    {
        return $this->plot->line(array_map(static fn(CoursePoint $point): array => [$point->day, $point->level], $points));
    }
}
