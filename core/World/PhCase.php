<?php

declare(strict_types=1);

namespace Cresco\Core\World;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Numeric\Bisection;
use Cresco\Core\Water\WaterState;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * One water change of a simulated tank at 25 degC, as it was tested before, and its true pH right after and on the next day. The truth goes by
 * constants of its own (25 degC, Plummer and Busenberg, 1982) and by two humic acids where there are any.
 */
final readonly class PhCase
{
    /** Negative logarithms of the constants of carbonic acid and of water at 25 degC, and of carbon dioxide in mg of a mmol. */
    private const CARBONIC = [6.352, 10.329, 13.995, 44.0095];

    /** pH of half of each humic acid. House default. */
    private const HUMIC = [4.7, 6.5];

    /** Share by which carbon dioxide of the tank differs from day to day, a standard deviation. House default. */
    private const DAYS_DIFFER = 0.1;

    private function __construct(public WaterState $tank, public WaterState $source, public float $share, public float $after, public float $nextDay) {}

    /** @param bool $isSoft whether it is water of 0.6 to 2 dKH, where other acids count; else of 3 to 12 */
    public static function of(bool $isSoft, int $seed): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $even = static fn(float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1e6;
        $bell = static fn(): float => NormalValue::standardQuantile($even(1e-6, 1.0 - 1e-6));
        $share = $even(0.1, 0.5);
        $degrees = $isSoft ? [$even(0.6, 2.0), $even(0.6, 2.0)] : [$even(3.0, 12.0), $even(3.0, 12.0)];
        // Fed with carbon dioxide or not; a tap under pressure or one that stood.
        $gas = [$chance->getInt(0, 1) === 1 ? $even(10.0, 35.0) : $even(1.5, 5.0), $chance->getInt(0, 1) === 1 ? $even(4.0, 20.0) : $even(0.6, 2.0)];
        $waters = $known = [];
        foreach ($degrees as $i => $degree) {
            $alkalinity = Alkalinity::fromDegrees($degree)->milliequivalentPerLitre;
            $humic = $isSoft && $chance->getInt(0, 1) === 1 ? [$even(0.0, 0.05), $even(0.0, 0.05)] : [0.0, 0.0];
            $conductivity = 60.0 + 45.0 * $degree;
            $ph = self::ph(
                $alkalinity,
                static fn(float $hydrogen): float => self::carbon($gas[$i] / self::CARBONIC[3], $hydrogen, $conductivity),
                $humic,
                $conductivity,
            );
            $waters[$i] = [$alkalinity, self::carbon($gas[$i] / self::CARBONIC[3], 10.0 ** -$ph, $conductivity), $humic, $conductivity];
            // A meter for pH, drops that were counted for KH, a meter for conductivity.
            $titrated = $alkalinity * (1.0 + 0.04 * $bell()) + Alkalinity::fromDegrees(0.15)->milliequivalentPerLitre * $bell();
            $known[$i] = [
                Parameter::Acidity->value => new NormalValue($ph + 0.05 * $bell(), 0.05),
                Parameter::CarbonateHardness->value => new NormalValue(
                    $titrated,
                    hypot(0.04 * $titrated, Alkalinity::fromDegrees(0.15)->milliequivalentPerLitre),
                ),
                Parameter::Conductivity->value => new NormalValue($conductivity * (1.0 + 0.02 * $bell()), 0.02 * $conductivity),
                Parameter::Temperature->value => new NormalValue(25.0, 0.1),
            ];
        }
        $mix = static fn(float $tank, float $source): float => (1.0 - $share) * $tank + $share * $source;
        [[$tank, $inTank, $humicTank, $ions], [$source, $inSource, $humicSource, $others]] = $waters;
        [$alkalinity, $carbon, $conductivity] = [$mix($tank, $source), $mix($inTank, $inSource), $mix($ions, $others)];
        $humic = array_map($mix, $humicTank, $humicSource);
        $back = $gas[0] * exp(self::DAYS_DIFFER * $bell()) / self::CARBONIC[3];

        return new self(
            new WaterState('the tank', $known[0]),
            new WaterState('the source', $known[1]),
            $share,
            self::ph($alkalinity, static fn(): float => $carbon, $humic, $conductivity),
            self::ph($alkalinity, static fn(float $hydrogen): float => self::carbon($back, $hydrogen, $conductivity), $humic, $conductivity),
        );
    }

    /**
     * Inorganic carbon with so much carbon dioxide, mmol/L.
     *
     * @param float $hydrogen activity, mol/L
     */
    private static function carbon(float $gas, float $hydrogen, float $conductivity): float
    {
        [$first, $second] = self::constants($conductivity);

        return $gas * (1.0 + $first / $hydrogen + $first * $second / $hydrogen ** 2);
    }

    /** @return array{float, float, float} apparent constants for the activity of hydrogen, by Davies at 1.6e-5 mol/L for each uS/cm */
    private static function constants(float $conductivity): array
    {
        $root = sqrt(1.6e-5 * $conductivity);
        $one = 10.0 ** (-0.509 * ($root / (1.0 + $root) - 0.3 * $root ** 2));

        return [10.0 ** -self::CARBONIC[0] / $one, 10.0 ** -self::CARBONIC[1] / $one ** 3, 10.0 ** -self::CARBONIC[2]];
    }

    /**
     * @param float                                 $alkalinity meq/L, titrated to where all humic acids are free
     * @param callable(float): float                $carbon     inorganic carbon at an activity of hydrogen, mmol/L
     * @param array{0: float, 1: float}|list<float> $humic      acids, meq/L
     */
    private static function ph(float $alkalinity, callable $carbon, array $humic, float $conductivity): float
    {
        [$first, $second, $water] = self::constants($conductivity);

        return Bisection::edge(3.0, 11.0, static function (float $ph) use ($alkalinity, $carbon, $humic, $first, $second, $water): bool {
            $hydrogen = 10.0 ** -$ph;
            $shares = 1.0 + $first / $hydrogen + $first * $second / $hydrogen ** 2;
            $bound = $carbon($hydrogen) * ($first / $hydrogen + 2.0 * $first * $second / $hydrogen ** 2) / $shares + 1e3 * ($water / $hydrogen - $hydrogen);
            foreach (self::HUMIC as $i => $half) {
                $bound += ($humic[$i] ?? 0.0) / (1.0 + 10.0 ** ($half - $ph));
            }

            return $bound <= $alkalinity;
        }, 60);
    }
}
