<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Units\Show;
use Cresco\Core\Numeric\RoundTicks;

/**
 * One quantity over time as it is drawn: tests with their spread, an estimate with its band, what was given, and its target range. All
 * values are in the keeper's unit. Places are thousandths of the width and hundredths of the height.
 */
final readonly class Chart
{
    public const WIDE = 1000.0;

    public const HIGH = 100.0;

    /** Half the width of a bar, in thousandths. */
    private const HALF_BAR = 2.0;

    /** Values that are told when pointed at, at most: one more would be nearer than a finger. House limit. */
    private const TOLD = 120;

    /** @var list<array{float, string}> place in hundredths from the top, and words */
    public array $levels;

    /** Place of the value under which nothing lies. */
    public float $floor;

    private Plot $plot;

    /**
     * @param list<ChartPoint>                   $tests   what was tested, each with its spread, joined by a line
     * @param list<ChartPoint>                   $course  an estimate through time with its band; what is ahead of today is dashed
     * @param list<ChartPoint>                   $planned the same as planned, where something else is tried
     * @param list<ChartPoint>                   $bars    amounts, from zero
     * @param array{float|null, float|null}|null $range   target range; an end that is open is null
     * @param float|null                         $limit   above which it harms
     * @param array<int, string>                 $words   of values, in the place of round figures
     * @param int                                $steps   of the value axis at most
     */
    public function __construct(
        public string $key,
        public string $title,
        public string $unit,
        public string $said,
        public ChartTime $time,
        public array $tests = [],
        public array $course = [],
        public array $planned = [],
        public array $bars = [],
        public ?array $range = null,
        public ?float $limit = null,
        array $words = [],
        int $steps = 4,
    ) {
        $shown = [...$tests, ...$course, ...$planned];
        $values = [
            ...array_map(static fn(ChartPoint $point): float => $point->low, $shown), ...array_map(static fn(ChartPoint $point): float => $point->high, $shown),
            ...array_map(
                static fn(ChartPoint $point): float => $point->value,
                $bars,
            ), ...array_filter($range ?? [], static fn(?float $end): bool => $end !== null), ...array_keys($words),
            ...($limit === null ? [] : [$limit]), ...($bars === [] && $course === [] ? [] : [0.0]),
        ];
        $ticks = RoundTicks::between($values === [] ? 0.0 : min($values), $values === [] ? 1.0 : max($values), $steps);
        $axis = new Axis($ticks->low(), $ticks->high(), self::HIGH, 0.0);
        $this->plot = new Plot($time->axis(), $axis);
        $this->floor = $axis->at(max(0.0, $ticks->low()));
        $this->levels = $words === []
            ? array_map(static fn(float $value): array => [$axis->at($value), Show::rounded($value, $ticks->decimals)], $ticks->values)
            : array_map(static fn(int $value, string $word): array => [$axis->at((float) $value), $word], array_keys($words), $words);
    }

    public function y(float $value): float
    {
        return $this->plot->y->at($value);
    }

    /** @return array{float, float}|null top of the target range and its height */
    public function target(): ?array
    {
        if ($this->range === null) {
            return null;
        }
        $top = $this->range[1] === null ? 0.0 : $this->y($this->range[1]);

        return [$top, round(($this->range[0] === null ? self::HIGH : $this->y($this->range[0])) - $top, 1)];
    }

    /** Outline of the estimate's band. */
    public function band(): string
    {
        return $this->plot->band(array_map(static fn(ChartPoint $point): array => [$point->at, $point->low, $point->high], $this->course));
    }

    /** The middle of the estimate until today, or after it. */
    public function middle(bool $ahead): string
    {
        $now = now()->getTimestamp();

        return $this->line(array_filter(
            $this->course,
            static fn(ChartPoint $point): bool => $ahead ? $point->at >= $now - 43_200 : $point->at <= $now + 43_200,
        ));
    }

    /** @param array<int, ChartPoint> $points */
    public function line(array $points): string
    {
        return $this->plot->line(array_map(static fn(ChartPoint $point): array => [$point->at, $point->value], array_values($points)));
    }

    /** Upright strokes from the low to the high end of each test. */
    public function spreads(): string
    {
        return implode(
            '',
            array_map(fn(ChartPoint $point): string => 'M'.$this->time->at($point->at).' '.$this->y($point->low).'V'.$this->y($point->high), $this->tests),
        );
    }

    /** A dot for each test, as strokes of no length with round ends. */
    public function dots(): string
    {
        return implode('', array_map(fn(ChartPoint $point): string => 'M'.$this->time->at($point->at).' '.$this->y($point->value).'h0', $this->tests));
    }

    /** Its bars as one path: those that stand for something, or those that were left out. */
    public function columns(bool $missed): string
    {
        return implode(
            '',
            array_map(
                fn(ChartPoint $point): string => sprintf(
                    'M%.1F %.1FV%.1Fh%.1FV%.1Fz',
                    $this->time->at($point->at) - self::HALF_BAR,
                    $this->floor,
                    $this->y($point->value),
                    2.0 * self::HALF_BAR,
                    $this->floor,
                ),
                array_filter($this->bars, static fn(ChartPoint $point): bool => $point->isMissed === $missed),
            ),
        );
    }

    /** What is told of each place that is pointed at, in the order of the days: its thousandths and words. */
    public function told(): string
    {
        $points = array_values(array_filter([...$this->course, ...$this->tests, ...$this->bars], static fn(ChartPoint $point): bool => $point->said !== ''));
        usort($points, static fn(ChartPoint $a, ChartPoint $b): int => $a->at <=> $b->at);
        $each = (int) ceil(count($points) / self::TOLD);
        $told = [];
        foreach ($points as $i => $point) {
            if ($i % $each === 0 || $i === count($points) - 1) {
                $told[] = [$this->time->at($point->at), $point->said];
            }
        }

        return (string) json_encode($told, JSON_UNESCAPED_UNICODE);
    }
}
