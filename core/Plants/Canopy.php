<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Working\Computation;

/** What light is left at the top of a stand under floating plants and taller stands. */
final class Canopy
{
    /** Light that a closed cover of floating plants lets by. House default. */
    private const UNDER_FLOATING = 0.1;

    /**
     * @param float       $open     µmol/m2s at its top with nothing above it
     * @param float       $floating cover of the surface, 0 to 1
     * @param list<Shade> $shades   taller stands over it, in any order
     *
     * @throws PlantsFault
     */
    public static function at(float $open, float $floating, array $shades): float
    {
        if (!($open >= 0.0 && $open < 1e6 && $floating >= 0.0 && $floating <= 1.0)) {
            throw PlantsFault::light();
        }

        return $open * self::under($floating) * array_product(array_map(static fn(Shade $shade): float => $shade->lets(), $shades));
    }

    /**
     * Share of the light that floating plants let by.
     *
     * @param float $cover of the surface, 0 to 1
     */
    public static function under(float $cover): float
    {
        if (!($cover >= 0.0 && $cover <= 1.0)) {
            throw PlantsFault::light();
        }

        return 1.0 - $cover * (1.0 - self::UNDER_FLOATING);
    }

    /** @param list<Shade> $shades */
    public static function working(float $open, float $floating, array $shades): Computation
    {
        self::at($open, $floating, []);
        $working = Computation::of('Light at its top')
            ->given('E_open', 'with nothing above it', $open, 'µmol/m²s')
            ->given('c', 'floating cover', $floating, '×')
            ->line('under_0 = E_open * (1 - c * 0.9)', 'under what floats', 'µmol/m²s');
        foreach ($shades as $i => $shade) {
            $n = $i + 1;
            $working->given("o_$n", 'overlap of '.$shade->name, $shade->overlap, '×')
                ->given("k_$n", 'shade of a layer of its leaves', $shade->perLayer, '')
                ->given("L_$n", 'layers of leaves above the top', $shade->layers, '')
                ->line("under_$n = under_$i * (1 - o_$n * (1 - exp(-k_$n * L_$n)))", 'under '.$shade->name, 'µmol/m²s');
        }

        return $working;
    }
}
