<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Numeric\Bisection;
use Cresco\Core\Numeric\Median;
use Cresco\Core\State\Average;

/** What one level spoon of a product weighs, learned from trials by the scale or by the meter. */
final readonly class Spoon
{
    /** A spoon that was levelled by the same hand varies by about so much from time to time. House default. */
    private const USUAL_SPREAD = 0.08;

    /** The same of a pinch between two fingers. House default. */
    public const PINCH_SPREAD = 0.25;

    /** Times its weight by which a spoon that nobody weighed may be off: it is not known at all. House limit. */
    private const UNKNOWN = 1e3;

    /**
     * @param float $mean   g
     * @param float $spread standard deviation of one spoonful, g
     * @param int   $trials that it was learned from
     * @param int   $aside  that were set aside, since they fit none of the others
     */
    private function __construct(public float $mean, public float $spread, public int $trials, public int $aside = 0) {}

    /**
     * Ten level spoons weighed together, or any number of them.
     *
     * @param float $grams all together, above 0
     * @param int   $count spoonfuls, 1 or more
     */
    public static function weighed(float $grams, int $count): float
    {
        if ($grams <= 0.0 || $count < 1) {
            throw MixingFault::trial('recipe.spoon_weighed');
        }

        return $grams / $count;
    }

    /**
     * Spoons dissolved in a known volume and read by the meter.
     *
     * @param float $rise         uS/cm by which the meter rose
     * @param float $litres       of water
     * @param float $perGramLitre uS/cm that one gram in one litre brings
     */
    public static function byPen(float $rise, float $litres, int $count, float $perGramLitre): float
    {
        if ($rise <= 0.0 || $litres <= 0.0 || $count < 1 || $perGramLitre <= 0.0) {
            throw MixingFault::trial('recipe.spoon_by_meter');
        }

        return self::byPenWorking($rise, $litres, $count, $perGramLitre)->value('g');
    }

    public static function byPenWorking(float $rise, float $litres, int $count, float $perGramLitre): Computation
    {
        return Computation::of('spoon.title')
            ->given('rise', 'spoon.rise_of_pen', new NormalValue($rise, 0.03 * $rise), 'µS/cm')
            ->given('V', 'spoon.litres_of_water', new NormalValue($litres, 0.02 * $litres), 'L')
            ->given('n', 'spoon.spoons', (float) $count, '')
            ->constant('k', 'spoon.rise_of_1_g_in_1', $perGramLitre, 'µS/cm', 'ions_or_label_of_jar')
            ->line('g = rise * V / (k * n)', 'spoon.one_level_spoon', 'g');
    }

    /**
     * Mean and spread over all trials, each weighted by its spoonfuls, without one that fits none of the others; one trial alone has the
     * usual spread.
     *
     * @param non-empty-list<array{float, int}> $trials grams of one spoon and spoonfuls, oldest first
     * @param float                             $varies share by which one usually differs from the next, 0 to 1
     */
    public static function learned(array $trials, float $varies = self::USUAL_SPREAD): self
    {
        $usual = Median::of(array_map(static fn(array $trial): float => $trial[0], $trials));
        $seen = [];
        foreach ($trials as $i => [$grams, $count]) {
            $seen[] = [$grams, $varies * $usual / sqrt($count), (float) $i];
        }
        // Nobody knows a spoon before it was weighed: the guess is worth next to nothing.
        $learned = Average::learned(new NormalValue($usual, self::UNKNOWN * $usual), $seen);
        $kept = array_values(array_diff_key($trials, array_flip(array_map(intval(...), $learned->aside))));
        // The usual spread counts as much as two trials; each trial shows the spread of one spoon times the root of its count.
        $squares = 2.0 * ($varies * $learned->value) ** 2;
        foreach ($kept as [$grams, $count]) {
            $squares += $count * ($grams - $learned->value) ** 2;
        }

        return new self($learned->value, sqrt($squares / (count($kept) + 1)), count($kept), count($learned->aside));
    }

    /** True when a new trial lies further from the history than three of its standard deviations: another bag, another spoon. */
    public function disagreesWith(float $grams, int $count): bool
    {
        return abs($grams - $this->mean) > 3.0 * $this->spread / sqrt(max(1, $count)) + 0.02 * $this->mean;
    }

    /** Spread of so many spoonfuls, g. */
    public function spreadOf(float $spoons): float
    {
        return $this->spread * sqrt(max(0.0, $spoons));
    }

    /** uS/cm that one gram of an ingredient brings to one litre of soft water, when as much is in it as lets the meter rise by $rise. */
    public static function risePerGram(Ingredient $product, float $rise = 300.0): float
    {
        if ($product->labelled !== null) {
            return $product->labelled;
        }
        $grams = Bisection::edge(
            0.0,
            20.0,
            static fn(float $amount): bool => Mixture::of([BatchSource::pure()], [1.0], [$product], [$amount])->conductivity < $rise,
            30,
        );

        return $rise / max(1e-6, $grams);
    }
}
