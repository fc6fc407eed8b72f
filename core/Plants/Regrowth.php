<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/**
 * Height of a plant group over time: h = H / (1 + (H / h0 - 1) exp(-4 r t / H)), the logistic curve, with the rate r where it is fastest, at half
 * the ceiling H. Heights in mm, rates in mm a week.
 */
final readonly class Regrowth
{
    /**
     * @param float $ceiling mm, above 0
     * @param float $rate    mm a week, 0 or more
     *
     * @throws PlantsFault
     */
    public function __construct(public float $ceiling, public float $rate)
    {
        if (!($ceiling >= 1.0 && $ceiling <= 1e4 && $rate >= 0.0 && $rate <= 1e4)) {
            throw PlantsFault::growth();
        }
    }

    /**
     * @param float $height mm now, above 0; what stands above the ceiling stays there
     * @param float $weeks  from now, below 0 for back in time
     */
    public function after(float $height, float $weeks): float
    {
        if (!($height > 1e-3 && $height < 1e5 && abs($weeks) < 1e5)) {
            throw PlantsFault::growth();
        }
        if ($height >= $this->ceiling) {
            return $height;
        }
        $power = max(-600.0, min(600.0, -4.0 * $this->rate * $weeks / $this->ceiling));

        return max(1e-3, $this->ceiling / (1.0 + ($this->ceiling / $height - 1.0) * exp($power)));
    }

    /** Weeks until a limit is reached: 0 where it has been, INF where it never is. */
    public function weeksTo(float $height, float $limit): float
    {
        if (!($height > 1e-3 && $limit > 0.0 && max($height, $limit) < 1e5)) {
            throw PlantsFault::growth();
        }
        if ($height >= $limit) {
            return 0.0;
        }
        if ($limit >= $this->ceiling || $this->rate <= 0.0) {
            return INF;
        }

        return $this->ceiling / (4.0 * $this->rate) * (self::logit($limit, $this->ceiling) - self::logit($height, $this->ceiling));
    }

    /** Height from which a limit below the ceiling is reached again after so many weeks, mm. */
    public function cutFor(float $limit, float $weeks): float
    {
        if (!($weeks >= 0.0)) {
            throw PlantsFault::growth();
        }

        return $this->after(min($limit, 0.999 * $this->ceiling), -$weeks);
    }

    /** Rate that leads from one height to another in so many weeks, mm a week; below 0 where it shrank. */
    public static function rate(float $ceiling, float $from, float $to, float $weeks): float
    {
        if (!($from > 1e-3 && $to > 1e-3 && max($from, $to) < $ceiling && $ceiling <= 1e4 && $weeks > 1e-3 && $weeks < 1e5)) {
            throw PlantsFault::growth();
        }

        return $ceiling / (4.0 * $weeks) * (self::logit($to, $ceiling) - self::logit($from, $ceiling));
    }

    private static function logit(float $height, float $ceiling): float
    {
        return log($height / ($ceiling - $height));
    }
}
