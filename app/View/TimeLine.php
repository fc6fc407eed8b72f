<?php

declare(strict_types=1);

namespace App\View;

/** One series over a stretch of days, placed on a strip of its own. */
final readonly class TimeLine
{
    /**
     * @param list<array{float, float, float, float}> $points  x, and y of value, low end and high end, within the strip
     * @param list<array{float, float, bool}>         $bars    x, height, and whether it was left out
     * @param array{float, float}|null                $range   y of the upper and the lower end of what the animals stand
     * @param array{string, string}                   $ends    words at the top and at the bottom of the strip
     * @param string                                  $said    the series in one sentence
     */
    public function __construct(public string $key, public string $label, public string $unit, public array $points, public array $bars, public ?array $range, public array $ends, public string $said) {}

    /** Half the width of a bar. */
    private const HALF = 1.6;

    /** Upright strokes from the low end to the high end of each point, as one path. */
    public function band(): string
    {
        return implode('', array_map(static fn(array $point): string => 'M'.$point[0].' '.$point[2].'V'.$point[3], $this->points));
    }

    /** Its bars as one path: those that stand for something, or those that were left out. */
    public function bars(bool $missed): string
    {
        $drawn = '';
        foreach ($this->bars as [$x, $tall, $isMissed]) {
            $drawn .= $isMissed === $missed ? sprintf('M%.1F %.1FV%.1Fh%.1Fv%.1Fz', $x - self::HALF, CoursePage::HIGH, CoursePage::HIGH - $tall, 2.0 * self::HALF, $tall) : '';
        }

        return $drawn;
    }

    /** @return string the points of its line */
    public function path(): string
    {
        return implode(' ', array_map(static fn(array $point): string => $point[0].','.$point[1], $this->points));
    }
}
