<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\State\Average;
use Cresco\Core\State\Posterior;

/**
 * What top-off does over time: water evaporates, what is dissolved stays, and the top-off brings more; bed and stones give off or take
 * up beside it. One unit for all
 * concentrations (degrees, mg/L, uS/cm to first order).
 */
final readonly class TopOffDrift
{
    public const RISE = 'rise = E * topup / V + passive';

    /** Days within which two jugs are one top-off. House default. */
    private const APART = 0.5;

    /** No less than nothing, where the substrate takes up more than comes. */
    public const PEAK = 'peak = max(change + rise * n / f, 0)';

    public const TROUGH = 'trough = max(change + rise * n * (1 - f) / f, f * change)';

    /** Millimetres that an open tank loses in a day. House default. */
    public const MILLIMETRES = 3.0;

    /** Days of top-offs that this guess counts as. House default. */
    private const COUNTS = 14.0;

    /** What is lost in one day differs by so much of it from the next, lid, season and temperature together. House default. */
    private const VARIES = 0.6;

    /**
     * @param float $litres      net volume, above 0
     * @param float $evaporation L a day
     * @param float $topOff      concentration of the top-off water
     * @param float $change      concentration of the change water
     * @param float $fraction    of each change, above 0 to 1; 0 for none
     * @param float $days        between changes, above 0
     * @param float $passive     what bed and stones give off in a day, below 0 what they take up
     */
    public function __construct(
        public float $litres,
        public float $evaporation,
        public float $topOff,
        public float $change,
        public float $fraction,
        public float $days,
        public float $passive = 0.0,
    ) {
        if (
            !($litres > 0.0 && $days > 0.0 && max($litres, $days) < INF)
            || !(min($evaporation, $topOff, $change) >= 0.0 && max($evaporation, $topOff, $change) < INF)
            || !is_finite($passive)
        ) {
            throw WaterChangeFault::amount();
        }
        if (!($fraction >= 0.0 && $fraction <= 1.0)) {
            throw WaterChangeFault::fraction($fraction);
        }
    }

    /** The same, topped up with water that holds nothing. */
    public function withPureWater(): self
    {
        return new self($this->litres, $this->evaporation, 0.0, $this->change, $this->fraction, $this->days, $this->passive);
    }

    /** Litres a day from millimetres a day and the surface. @param float $squareCentimetres */
    public static function evaporation(float $millimetres, float $squareCentimetres): float
    {
        return $millimetres / 10.0 * $squareCentimetres / 1000.0;
    }

    /**
     * @param string $unit   of the concentrations
     * @param string $volume of the litres, when they were given in another unit
     */
    public function working(string $unit, string $volume = 'L'): Computation
    {
        $computation = Computation::of('creep.title')
            ->given('E', 'creep.evaporation', $this->evaporation, $volume.' a day')
            ->given('V', 'creep.net_volume', $this->litres, $volume)
            ->given('topup', 'creep.in_top_up_water', $this->topOff, $unit)
            ->given('change', 'creep.in_change_water', $this->change, $unit)
            ->given('passive', 'creep.what_bed_stones_give_off_or', $this->passive, $unit)
            ->given('n', 'creep.days_between_changes', $this->days, 'd')
            ->given('f', 'creep.share_changed', $this->fraction, '')
            ->line(self::RISE, 'creep.rise_day', $unit);

        return $this->fraction <= 0.0 ? $computation : $computation
            ->line(self::TROUGH, 'creep.after_each_change_once_it_settled', $unit)
            ->line(self::PEAK, 'creep.before_each_change_once_it_settled', $unit);
    }

    /**
     * Day by day, starting after a change.
     *
     * @param float $start concentration today
     *
     * @return non-empty-list<float> one for each day, the first today
     */
    public function course(float $start, int $days): array
    {
        $course = [$start];
        $now = $start;
        $rise = $this->evaporation * $this->topOff / $this->litres + $this->passive;
        $next = $this->days;
        for ($day = 1; $day <= $days; ++$day) {
            $now = max(0.0, $now + $rise);
            // Changes that are less than a day apart come one after the other.
            while ($this->fraction > 0.0 && $day >= $next - 1e-9) {
                $now = (1.0 - $this->fraction) * $now + $this->fraction * $this->change;
                $next += max(0.02, $this->days);
            }
            $course[] = $now;
        }

        return $course;
    }

    /**
     * What was topped up between one time and the next: jugs that follow each other within half a day are one top-off.
     *
     * @param list<array{float, float}> $jugs day and litres, oldest first
     *
     * @return list<array{float, float, float}> days since the one before, litres, and the day, of each but the first
     */
    public static function spells(array $jugs): array
    {
        $spells = [];
        $before = $since = null;
        foreach ($jugs as [$day, $litres]) {
            if ($before !== null && $day - $before < self::APART) {
                if ($spells !== [] && $since !== null) {
                    $spells[] = [$since, array_pop($spells)[1] + $litres, $before];
                }
                continue;
            }
            $since = $before === null ? null : $day - $before;
            $before = $day;
            if ($since !== null) {
                $spells[] = [$since, $litres, $day];
            }
        }

        return $spells;
    }

    /**
     * Litres a day learned from what was topped up, against a guess that counts as two weeks.
     *
     * @param float                            $squareCentimetres surface
     * @param list<array{float, float, float}> $topOffs           days since the one before, litres, and the day
     * @param float                            $millimetres       that the surface loses in a day by the guess, above 0
     */
    public static function learned(float $squareCentimetres, array $topOffs, float $millimetres = self::MILLIMETRES): Posterior
    {
        $default = self::evaporation($millimetres, $squareCentimetres);
        $ofADay = self::VARIES * $default;
        $seen = [];
        foreach ($topOffs as [$since, $litres, $day]) {
            if ($since > 0.0 && $ofADay > 0.0) {
                $seen[] = [$litres / $since, $ofADay / sqrt($since), $day];
            }
        }

        return Average::learned(new NormalValue($default, $ofADay / sqrt(self::COUNTS)), $seen);
    }
}
