<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Units\Show;
use Carbon\CarbonImmutable;

/** The days along a chart, with dates at round steps. */
final readonly class ChartTime
{
    /** Days from one date to the next. */
    private const STEPS = [1, 2, 7, 14, 28, 56, 91, 182, 365, 730];

    /** Days from which on dates are told by month and year. */
    private const YEARS = 400;

    /** Share of the axis that a date takes up. */
    private const ROOM = 0.06;

    private Axis $axis;

    /**
     * @param float $from  seconds since 1970
     * @param float $to    the same, later
     * @param float $left  where the days begin, in thousandths of the width; what is before is for the values
     * @param int   $ticks dates at most
     */
    public function __construct(public float $from, public float $to, private Show $show, public float $left = 90.0, private int $ticks = 7)
    {
        $this->axis = new Axis($from, max($from + 1.0, $to), $left, Chart::WIDE);
    }

    /** Place of a moment in thousandths of the width. */
    public function at(float $second): float
    {
        return $this->axis->at($second);
    }

    public function axis(): Axis
    {
        return $this->axis;
    }

    /** Whether today lies within, with days to come after it. */
    public function hasAhead(): bool
    {
        return CarbonImmutable::now()->getTimestamp() < $this->to - 86_400.0;
    }

    public function today(): float
    {
        return $this->at((float) CarbonImmutable::now()->getTimestamp());
    }

    /** @return list<array{float, string, string}> place in thousandths, words, and which end of them stands there */
    public function ticks(): array
    {
        $days = ($this->to - $this->from) / 86_400.0;
        $step = self::STEPS[count(self::STEPS) - 1];
        foreach (self::STEPS as $step) {
            if ($days / $step <= $this->ticks) {
                break;
            }
        }
        $last = $this->hasAhead() ? CarbonImmutable::now()->getTimestamp() : $this->to;
        $ticks = [];
        for ($at = $last - floor(($last - $this->from) / 86_400.0 / $step) * $step * 86_400.0; $at <= $this->to; $at += 86_400.0 * $step) {
            $ticks[] = $this->tick($at, $days);
        }

        return $ticks;
    }

    /** @return array{float, string, string} */
    private function tick(float $at, float $days): array
    {
        $place = $this->at($at);
        $day = $this->show->local(CarbonImmutable::createFromTimestamp((int) $at));
        $isToday = $this->show->daysSince($day) === 0;
        $room = self::ROOM / 2.0 * Chart::WIDE;

        return [$place, $isToday ? (string) __('chart.today') : $day->translatedFormat($days > self::YEARS ? 'M Y' : 'j M'), match (true) {
            $place > Chart::WIDE - $room => 'end',
            $place < $this->left + $room => 'start',
            default => 'middle',
        }];
    }
}
