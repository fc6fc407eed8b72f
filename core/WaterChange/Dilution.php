<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Formula\Formula;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Strength;
use Cresco\Core\Water\Mixing;

/**
 * The mass balance of a well-mixed tank, for anything that mixes by volume.
 *
 * Tank, source, goal and result are one and the same concentration unit; fractions are shares (0 to 1) of the water
 * present before the drain; volumes are litres.
 */
final class Dilution
{
    public const REPEATED = 'after = source + (tank - source) * (1 - f)^n';

    public const NEEDED = 'f = (tank - goal) / (tank - source)';

    public const RUN_THROUGH = 'after = source + (tank - source) * exp(-through / volume)';

    public const WHILE_FILLING = 'after = source + (tank - source) * (V1 / V0)^(-in / (in - out))';

    public const CORRECTIVE = 'needed = (goal - (1 - f) * tank) / f';

    /** @throws WaterChangeFault when the fraction is not a share */
    public static function once(float $tank, float $source, float $fraction): float
    {
        self::requireNumbers($tank, $source);

        return Formula::of(Mixing::ONE_CHANGE)->number(['tank' => $tank, 'source' => $source, 'f' => self::share($fraction)]);
    }

    /** The result of $times equal changes in a row. */
    public static function repeated(float $tank, float $source, float $fraction, int $times): float
    {
        self::requireNumbers($tank, $source);

        return Formula::of(self::REPEATED)->number(['tank' => $tank, 'source' => $source, 'f' => self::share($fraction), 'n' => (float) $times]);
    }

    /**
     * The fraction that brings the tank to the goal in one change.
     *
     * @throws WaterChangeFault when no fraction does, saying on which side the source lies
     */
    public static function needed(float $tank, float $source, float $goal): float
    {
        self::requireNumbers($tank, $source, $goal);
        if ($goal === $tank) {
            return 0.0;
        }
        [$s, $t, $g] = array_map(static fn(float $x): string => (string) round($x, 2), [$source, $tank, $goal]);
        if (abs($source - $tank) <= 1e-12 * max(abs($source), abs($tank))) {
            throw WaterChangeFault::nothingToMix($t);
        }
        $fraction = Formula::of(self::NEEDED)->number(['tank' => $tank, 'source' => $source, 'goal' => $goal]);
        if ($fraction < 0.0) {
            throw WaterChangeFault::wrongSide($s, $t, $g);
        }
        if ($fraction > 1.0) {
            throw WaterChangeFault::sourceBetween($s, $t, $g);
        }

        return $fraction;
    }

    /** Water runs in and out at the same rate, well mixed, until $through litres have passed. */
    public static function runThrough(float $tank, float $source, float $volume, float $through): float
    {
        self::requireNumbers($tank, $source);
        if (!($volume > 0.0 && $through >= 0.0 && $volume < INF && $through < INF)) {
            throw WaterChangeFault::flow();
        }

        return Formula::of(self::RUN_THROUGH)->number(['tank' => $tank, 'source' => $source, 'through' => $through, 'volume' => $volume]);
    }

    /**
     * Draining at $out while filling at $in (L/min) for some minutes, then filling up to $volume.
     *
     * @return array{lowest: float, atLowest: float, after: float} litres, concentration, concentration
     *
     * @throws WaterChangeFault when the tank would run empty or a flow is nothing
     */
    public static function whileFilling(float $tank, float $source, float $volume, float $in, float $out, float $minutes): array
    {
        self::requireNumbers($tank, $source);
        $lowest = $volume + ($in - $out) * $minutes;
        if (!($in > 0.0 && $out > 0.0 && $lowest > 0.0 && $lowest < INF && $minutes >= 0.0)) {
            throw WaterChangeFault::flow();
        }
        $atLowest = abs($in - $out) < 1e-9
            ? self::runThrough($tank, $source, $volume, $in * $minutes)
            : Formula::of(self::WHILE_FILLING)->number(['tank' => $tank, 'source' => $source, 'V0' => $volume, 'V1' => $lowest, 'in' => $in, 'out' => $out]);

        return [
            'lowest' => $lowest,
            'atLowest' => $atLowest,
            'after' => $lowest < $volume ? self::once($atLowest, $source, 1.0 - $lowest / $volume) : $atLowest,
        ];
    }

    /** What the new water must be so that the tank lands on the goal. May come out negative: then it cannot be had. */
    public static function corrective(float $tank, float $goal, float $fraction): float
    {
        if (!($fraction > 0.0 && $fraction <= 1.0)) {
            throw WaterChangeFault::fraction($fraction);
        }

        return Formula::of(self::CORRECTIVE)->number(['tank' => $tank, 'goal' => $goal, 'f' => $fraction]);
    }

    /** A parameter after one change, in the base unit. @throws WaterChangeFault when the fraction is not a share */
    public static function landing(Parameter $parameter, float $tank, float $source, float $fraction): float
    {
        [$conserved, $back] = self::conserved($parameter);

        return $back(self::once($conserved($tank), $conserved($source), $fraction));
    }

    /**
     * The share of new water that moves a parameter from one level to another, in the base unit; below 0 or above 1 where none does, INF
     * where both waters are alike. @throws WaterChangeFault
     */
    public static function moving(Parameter $parameter, float $tank, float $source, float $level): float
    {
        self::requireNumbers($tank, $source, $level);
        [$conserved] = self::conserved($parameter);
        $apart = $conserved($source) - $conserved($tank);

        return abs($apart) < 1e-9 ? INF : ($conserved($level) - $conserved($tank)) / $apart;
    }

    /** What the new water must hold of a parameter so that the tank lands on the goal, in the base unit; below 0 where it cannot be had. */
    public static function newWater(Parameter $parameter, float $tank, float $goal, float $fraction): float
    {
        [$conserved, $back] = self::conserved($parameter);
        $needed = self::corrective($conserved($tank), $conserved($goal), $fraction);

        return $needed < 0.0 ? $needed : $back($needed);
    }

    /** @return array{callable(float): float, callable(float): float} to what a mix conserves, and back: of conductivity that is its strength */
    private static function conserved(Parameter $parameter): array
    {
        $itself = static fn(float $value): float => $value;

        return $parameter === Parameter::Conductivity ? [Strength::of(...), Strength::conductivity(...)] : [$itself, $itself];
    }

    /** @throws WaterChangeFault when one is no ordinary number */
    private static function requireNumbers(float ...$figures): void
    {
        foreach ($figures as $figure) {
            if (!is_finite($figure)) {
                throw WaterChangeFault::amount();
            }
        }
    }

    private static function share(float $fraction): float
    {
        if (!($fraction >= 0.0 && $fraction <= 1.0)) {
            throw WaterChangeFault::fraction($fraction);
        }

        return $fraction;
    }
}
