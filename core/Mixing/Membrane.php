<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Numeric\Median;
use Cresco\Core\State\Average;
use Cresco\Core\State\Posterior;

/** How well a reverse-osmosis membrane still holds back, and where that leads. */
final readonly class Membrane
{
    /** Rejection below which a membrane, or the resin behind it, is due. House default. */
    public const DUE = 0.90;

    /** Rejection of a membrane in use of which nothing was read, and its deviation: new ones hold back 95 to 98 %. House default. */
    private const USUAL = [0.95, 0.03];

    /** Deviation of one reading of it, by two meters and the pressure of the day. House default. */
    private const READING = 0.006;

    /**
     * @param float      $now      rejection on the trend line today, 0 to 1
     * @param float      $perMonth change of it in 30 days
     * @param float|null $daysLeft until it is due; 0 when it is, null when the trend does not lead there within three years
     * @param int        $readings that the trend rests on
     * @param Posterior  $held     what is held of the rejection today, with what was set aside
     */
    private function __construct(public float $now, public float $perMonth, public ?float $daysLeft, public int $readings, public Posterior $held) {}

    /** @throws StoreFault when the water that goes in conducts nothing, or less than what comes out */
    public static function rejection(float $in, float $out): float
    {
        if (!is_finite($in) || !is_finite($out) || $in <= 0.0 || $out < 0.0) {
            throw StoreFault::reading();
        }
        if ($out > $in) {
            throw StoreFault::turnedRound($in, $out);
        }

        return 1.0 - $out / $in;
    }

    /**
     * A straight line through the readings by the median of slopes (Theil, 1950; Sen, 1968), which one wild reading does not bend; where
     * it stands today is learned from all readings carried along it. The first output after standing is left out.
     *
     * @param list<array{float, float, float, bool}> $readings day, uS/cm in, uS/cm out, first output; any order
     */
    public static function trend(array $readings, float $today): ?self
    {
        if (!is_finite($today)) {
            throw StoreFault::reading();
        }
        $points = [];
        foreach ($readings as [$day, $in, $out, $first]) {
            if (!$first) {
                $points[] = [$day, self::rejection($in, $out)];
            }
        }
        if ($points === []) {
            return null;
        }
        $slopes = [];
        foreach ($points as $i => [$day, $value]) {
            foreach (array_slice($points, $i + 1) as [$otherDay, $otherValue]) {
                if (abs($otherDay - $day) >= 1.0) {
                    $slopes[] = ($otherValue - $value) / ($otherDay - $day);
                }
            }
        }
        $slope = $slopes === [] ? 0.0 : Median::of($slopes);
        $held = Average::learned(
            new NormalValue(...self::USUAL),
            array_map(static fn(array $p): array => [$p[1] - $slope * ($p[0] - $today), self::READING, $p[0]], $points),
        );
        $level = $held->value;
        $left = match (true) {
            $level <= self::DUE => 0.0,
            $slope >= 0.0 => null,
            default => ($level - self::DUE) / -$slope,
        };

        return new self($level, 30.0 * $slope, $left !== null && $left > 1095.0 ? null : $left, $held->count, $held);
    }
}
