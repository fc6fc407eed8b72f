<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Formula\Estimate;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;

/** A forecast held against what was measured afterwards. All values in base units. */
final class ForecastCheck
{
    /** Beyond so many deviations a miss is not by chance: one case in twenty. */
    public const SURPRISE = 1.96;

    /** @var array<string, array{Parameter, float, float, Estimate, Distribution}> */
    private array $rows = [];

    public function __construct(private readonly float $share) {}

    /**
     * @param float    $before   in the tank before the change
     * @param float    $source   in the water that went in
     * @param Estimate $forecast of the value right after
     */
    public function add(Parameter $parameter, float $before, float $source, Estimate $forecast, Distribution $measured): void
    {
        $this->rows[$parameter->value] = [$parameter, $before, $source, $forecast, $measured];
    }

    /** Measured less forecast, in deviations of both together; null when it was not measured. */
    public function deviations(Parameter $parameter): ?float
    {
        if (!isset($this->rows[$parameter->value])) {
            return null;
        }
        [, , , $forecast, $measured] = $this->rows[$parameter->value];

        return self::deviationsOf($forecast, $measured);
    }

    /** Measured less forecast, in deviations of both together. */
    public static function deviationsOf(Distribution $forecast, Distribution $measured): float
    {
        $both = sqrt($forecast->spread() ** 2 + $measured->spread() ** 2);
        $gap = $measured->central() - $forecast->central();

        return $both > 0.0 ? $gap / $both : ($gap === 0.0 ? 0.0 : INF * $gap);
    }

    /**
     * The likeliest single cause of the misses, found by how much of all squared misses each would explain: another share
     * of water than planned moves everything that mixes, another source or a wrong test moves one parameter alone.
     */
    public function explain(): ?Miss
    {
        $worst = null;
        $worstMiss = self::SURPRISE;
        $top = $bottom = 0.0;
        foreach ($this->rows as [$parameter, $before, $source, $forecast, $measured]) {
            $miss = self::deviationsOf($forecast, $measured);
            if (abs($miss) > $worstMiss) {
                $worstMiss = abs($miss);
                $worst = $parameter;
            }
            $variance = $forecast->spread() ** 2 + $measured->spread() ** 2;
            if ($parameter->mixes() && $variance > 0.0) {
                $lever = $source - $before;
                $top += $lever * ($measured->central() - $forecast->central()) / $variance;
                $bottom += $lever ** 2 / $variance;
            }
        }
        if ($worst === null) {
            return null;
        }
        $shift = $bottom > 0.0 ? $top / $bottom : 0.0;
        $shareExplains = $shift ** 2 * $bottom;
        $share = $this->share + $shift;
        if ($shareExplains > $worstMiss ** 2 && $share > 0.0 && $share < 1.0 && count($this->rows) > 1) {
            return new Miss(Miss::SHARE, null, $share);
        }
        [, $before, , , $measured] = $this->rows[$worst->value];

        return new Miss(
            Miss::SOURCE_OR_READING,
            $worst,
            $worst->mixes() ? Dilution::newWater($worst, $before, $measured->central(), $this->share) : $measured->central(),
        );
    }
}
