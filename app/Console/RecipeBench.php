<?php

declare(strict_types=1);

namespace App\Console;

use Cresco\Core\Mixing\BatchSource;
use Cresco\Core\Mixing\Ingredient;
use Cresco\Core\Mixing\Planner;
use Cresco\Core\Mixing\Preference;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Mixing\Target;
use Cresco\Core\Water\IonAnalysis;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Random recipes of four waters and thirteen salts to eight targets: GH, KH, Ca:Mg, conductivity and four limits. */
final class RecipeBench
{
    private const RECIPES = 200;

    /** @return list<float> seconds that each recipe took, with the closest mix and the one with the fewest products */
    public static function run(): array
    {
        $chance = new Randomizer(new Mt19937(4));
        $between = static fn(float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1_000_000;
        $salts = array_slice(array_values(array_filter(Salts::all(), static fn($salt): bool => $salt->weighed)), 0, 13);
        $products = array_map(static fn($salt): Ingredient => Ingredient::ofSalt($salt), $salts);
        $times = [];
        for ($i = 0; $i < self::RECIPES; ++$i) {
            $sources = [BatchSource::pure()];
            foreach (['tap', 'well', 'rain'] as $n => $name) {
                $hardness = $between(0.1, 3.0) / (1 + $n);
                $alkalinity = $hardness * $between(0.6, 1.6);
                $sources[] = new BatchSource($name, $name, IonAnalysis::complete(['NO3' => $between(0.0, 20.0)], $hardness, $alkalinity, null)->ions);
            }
            $target = Target::degrees(
                $between(1.0, 14.0),
                $between(0.0, 9.0),
                $between(1.0, 6.0),
                $between(120.0, 700.0),
                ['Na' => $between(10.0, 80.0), 'K' => $between(5.0, 30.0), 'Cl' => $between(30.0, 120.0), 'SO4' => $between(40.0, 150.0)],
            );
            $start = hrtime(true);
            $planner = new Planner($sources, $products, 50.0);
            $planner->sparing(Preference::FewestJars, $target, $planner->closest($target));
            $times[] = (hrtime(true) - $start) / 1e9;
        }

        return $times;
    }
}
