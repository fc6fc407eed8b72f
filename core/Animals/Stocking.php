<?php

declare(strict_types=1);

namespace Cresco\Core\Animals;

use Cresco\Core\Food\Meal;
use Cresco\Core\Measure\Exact;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Grade;

/** What the animals of a tank eat and give off, and how many may move in. */
final class Stocking
{
    /** Percent of protein in food as it is fed, when nobody said. House default. */
    public const PROTEIN = 42.0;

    /** Share of what a filter has shown to take that the first fish may bring. House default. */
    public const FIRST = 0.5;

    /** Litres for each of the first shrimp, at least. House default. */
    private const LITRES_A_SHRIMP = 4.0;

    /** Litres for each snail. House default. */
    private const LITRES_A_SNAIL = 10.0;

    /** mg/L of nitrate in a day that a tank makes of what its animals are fed, before plants take of it; with working. */
    public static function nitrate(float $food, float $litres, float $protein = self::PROTEIN): Computation
    {
        return Meal::of($food, $protein, $litres);
    }

    /**
     * How many of a kind may be the first, from the nitrogen that the filter has shown to take in a day.
     *
     * @param float $shown  mg/L N a day, 0 or more
     * @param float $litres net, above 0
     */
    public static function first(AnimalKind $kind, float $shown, float $litres): int
    {
        if (!($shown >= 0.0) || !($litres > 0.0)) {
            throw AnimalsFault::range();
        }
        if ($kind->sort === 'snail') {
            return (int) max(1, floor($litres / self::LITRES_A_SNAIL));
        }
        if ($kind->sort === 'shrimp') {
            return (int) max(min($kind->least, 5), min(2 * $kind->least, floor($litres / self::LITRES_A_SHRIMP)));
        }

        return (int) floor(min(1e6, self::working($kind, $shown, $litres)->value('count')));
    }

    /** How many fish the nitrogen that a filter has shown to take in a day bears, with its working. */
    public static function working(AnimalKind $kind, float $shown, float $litres): Computation
    {
        if (!($shown >= 0.0) || !($litres > 0.0)) {
            throw AnimalsFault::range();
        }

        return Computation::of('How many may be the first')
            ->given('N', 'nitrogen that the filter has had to take in a day', new Exact($shown), 'mg/L')
            ->given('V', 'water', new Exact($litres), 'L')
            ->constant('food', 'dry food that one is given in a day', $kind->food(), 'mg', 'two percent of its weight when grown', Grade::Guess)
            ->constant('each', 'nitrogen that one gives off in a day', max(1e-6, Meal::of($kind->food() / 1000.0, self::PROTEIN, $litres)->value('N')), 'mg', 'its food, protein and the share that is given off')
            ->constant('k', 'share that the first may bring', self::FIRST, '×', 'house default', Grade::Guess)
            ->line('count = k * N * V / each', 'at most', '');
    }
}
