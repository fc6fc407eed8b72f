<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Text;

/** What light is left at the top of a plant group under floating plants and taller plant groups. */
final class Canopy
{
    /** Light that a closed cover of floating plants lets by. House default. */
    private const UNDER_FLOATING = 0.1;

    /**
     * @param float       $open     µmol/m2s at its top with nothing above it
     * @param float       $floating cover of the surface, 0 to 1
     * @param list<Shade> $shades   taller plant groups over it, in any order
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
        $working = Computation::of('canopy.title')
            ->given('E_open', 'canopy.with_nothing_above_it', $open, 'µmol/m²s')
            ->given('c', 'canopy.floating_cover', $floating, '×')
            ->line('under_0 = E_open * (1 - c * 0.9)', 'canopy.under_what_floats', 'µmol/m²s');
        foreach ($shades as $i => $shade) {
            $n = $i + 1;
            $working->given("o_$n", Text::of('canopy.overlap_of_shade', shade: $shade->name), $shade->overlap, '×')
                ->given("k_$n", 'canopy.shade_of_layer_of_its_leaves', $shade->perLayer, '')
                ->given("L_$n", 'canopy.layers_of_leaves_above_top', $shade->layers, '')
                ->line("under_$n = under_$i * (1 - o_$n * (1 - exp(-k_$n * L_$n)))", Text::of('canopy.under_shade', shade: $shade->name), 'µmol/m²s');
        }

        return $working;
    }
}
