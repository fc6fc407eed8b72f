<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Drawing\Chart;
use App\Drawing\ChartPoint;
use App\Drawing\ChartTime;
use App\Tanks\UptakeQuery;
use App\Testing\TestedPoint;
use App\Units\Show;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Course;
use Cresco\Core\State\CoursePoint;

/** The course of one nutrient as it is drawn: eight weeks back and eight weeks on, to one scale of its own. */
final readonly class NutrientChart
{
    public Chart $chart;

    /**
     * @param Course|null              $asPlanned where something else is tried
     * @param list<ChartPoint>         $seen      what was tested
     * @param array{float, float}|null $corridor
     * @param callable(self): string   $said      the course in one sentence
     * @param string                   $read      the last reading alone, in words
     */
    public function __construct(
        public Parameter $nutrient,
        private Course $past,
        private Course $ahead,
        ?Course $asPlanned,
        array $seen,
        public ?array $corridor,
        public ?float $limit,
        Show $show,
        callable $said,
        public string $read = '',
    ) {
        $unit = $show->unit($nutrient);
        $day = 86_400.0;
        $points = static fn(CoursePoint $point): ChartPoint => TestedPoint::between(
            $nutrient,
            $day * $point->day,
            $point->level,
            $point->low,
            $point->high,
            $show,
        );
        $this->chart = new Chart(
            $nutrient->value,
            label($nutrient),
            $unit->label,
            $said($this),
            self::time($past->day, $show),
            tests: $seen,
            course: array_map($points, [...$past->points, ...$ahead->points]),
            planned: $asPlanned === null
                ? []
                : array_map(
                    static fn(CoursePoint $point): ChartPoint => new ChartPoint($day * $point->day, $unit->fromBase($point->level)),
                    $asPlanned->points,
                ),
            range: $corridor === null ? null : [$unit->fromBase($corridor[0]), $unit->fromBase($corridor[1])],
            limit: $limit !== null && $limit < 2.0 * max($past->highest(), $ahead->highest(), $corridor[1] ?? 0.0) ? $unit->fromBase($limit) : null,
        );
    }

    /** Eight weeks back and eight weeks on. */
    public static function time(float $today, Show $show): ChartTime
    {
        return new ChartTime(86_400.0 * ($today - FertilisingQuery::SHOWN), 86_400.0 * ($today + UptakeQuery::AHEAD), $show, 80.0, 5);
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
}
