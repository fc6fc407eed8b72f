<?php

declare(strict_types=1);

namespace App\Change;

use App\Known\FoodOf;
use Cresco\Core\Food\Doses;
use Cresco\Core\Food\Feed;
use Cresco\Core\Food\Wanted;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Numeric\Bisection;
use Cresco\Core\Working\Computation;

/** What is tried instead of what is planned, and what Cresco would give. */
final readonly class FoodTrial
{
    /** Halvings in which the most nitrate that keeps below the limit is found. */
    private const ROUNDS = 5;

    /** Share of its aim by which a nutrient may be off without mattering much. House default. */
    private const LOOSE = 0.25;

    /**
     * @param array<int, float> $amounts other amounts, by plan
     * @param float|null        $share   of another change
     * @param float             $meals   of the usual food
     */
    public function __construct(public array $amounts = [], public ?float $share = null, public float $meals = 1.0) {}

    public function isOne(): bool
    {
        return $this->amounts !== [] || $this->share !== null || $this->meals !== 1.0;
    }

    /**
     * Whether what is tried moves a nutrient at all.
     *
     * @param list<array{brings: array<string, float>, every: int, from: int, until?: int}> $tried
     */
    public function moves(Parameter $nutrient, FoodOf $food, array $tried): bool
    {
        $brings = static fn(array $dose): mixed => is_array($dose['brings'] ?? null) ? $dose['brings'][$nutrient->value] ?? 0.0 : 0.0;

        return $this->share !== null || ($this->meals !== 1.0 && FoodOf::isInFood($nutrient)) || ($this->amounts !== [] && array_map($brings, $tried) !== array_map($brings, $food->planned()));
    }

    /** @return list<array{brings: array<string, float>, every: int, from: int, until?: int}> */
    public function doses(FoodOf $food): array
    {
        return $food->planned($this->amounts);
    }

    /** What has to be given of a nutrient from change to change; null for what the school does not steer. */
    public function wanted(FoodOf $food, Parameter $nutrient): ?Computation
    {
        $aim = $food->school()->aim($nutrient);
        if ($aim === null || !$food->hasPlants()) {
            return null;
        }

        return Wanted::between(
            $nutrient->word(),
            $aim,
            self::rate($food, $nutrient, $aim),
            $this->share ?? $food->tank->routine_share,
            (float) max(1, $food->tank->routine_days),
            $food->source($nutrient),
        );
    }

    /** What is made of a nutrient in a day with the meals, and lost about its aim, mg/L. */
    public static function rate(FoodOf $food, Parameter $nutrient, float $aim): Normal
    {
        $rate = $food->course($nutrient)->rate();
        $lost = $food->loss($nutrient) * max($aim, min($food->course($nutrient)->level()->level, 2.0 * $aim));

        return new Normal($rate->central() + $food->fedAtMean($nutrient) - $lost, $rate->spread());
    }

    /**
     * Doses that bring every nutrient to where the school wants it before each change, none beyond what the animals stand.
     *
     * @param list<Feed> $feeds on the shelf
     *
     * @return list<array{feed: Feed, each: float, every: int}>
     */
    public function advised(FoodOf $food, array $feeds): array
    {
        $needs = array_filter(array_combine(
            array_map(static fn(Parameter $nutrient): string => $nutrient->value, Parameter::nutrients()),
            array_map(fn(Parameter $nutrient): ?Computation => $this->wanted($food, $nutrient), Parameter::nutrients()),
        ));
        $free = self::fromShelf($food, $feeds, $needs, []);
        $brings = array_sum(array_map(static fn(array $one): float => ($one['feed']->milligrams[Parameter::Nitrate->value] ?? 0.0) * $one['each'], $free)) / $food->litres;
        $limit = $food->tank->needs()->range(Parameter::Nitrate)[1] ?? null;
        $then = $limit === null || $brings <= 0.0 ? 0.0 : $this->highest($food, $brings);

        return $limit === null || $then <= $limit ? $free : self::fromShelf($food, $feeds, $needs, [Parameter::Nitrate->value => $this->most($food, $limit, $brings, $then)]);
    }

    /** Days from one dose to the next: those that would come less often than changes are given with each change. */
    public static function every(FoodOf $food): int
    {
        return min($food->school()->every(), max(1, $food->tank->routine_days));
    }

    /**
     * Doses of what is on the shelf that together bring what is needed from change to change.
     *
     * @param list<Feed>                 $feeds
     * @param array<string, Computation> $needs by nutrient
     * @param array<string, float>       $most  mg/L that a dose may bring at all, by nutrient
     *
     * @return list<array{feed: Feed, each: float, every: int}>
     */
    public static function fromShelf(FoodOf $food, array $feeds, array $needs, array $most): array
    {
        $every = self::every($food);
        $part = $every / max(1, $food->tank->routine_days);
        $wanted = [];
        foreach ($needs as $name => $need) {
            $aim = $food->school()->aim(Parameter::from($name)) ?? 1.0;
            $wanted[$name] = [$need->value('D') * $part, max(1e-4, self::LOOSE * $aim * $part)];
        }
        $doses = Doses::of($feeds, $wanted, $most, $food->litres);
        $found = [];
        foreach ($feeds as $feed) {
            if (isset($doses->amounts[$feed->key])) {
                $found[] = ['feed' => $feed, 'each' => $doses->amounts[$feed->key], 'every' => $every];
            }
        }

        return $found;
    }

    /**
     * The most nitrate a dose may bring so that nine cases of ten stay below the animals' limit for eight weeks, mg/L.
     *
     * @param float $brings what a dose would bring that is too much, and
     * @param float $then   how high it comes with that
     */
    private function most(FoodOf $food, float $limit, float $brings, float $then): float
    {
        $without = $this->highest($food, 0.0);
        if ($without >= $limit) {
            return 0.0;
        }
        // What is given adds up, so that it lies on the line between the two, or just below where binding bends it.
        $line = $brings * ($limit - $without) / ($then - $without);

        return $this->highest($food, $line) <= $limit ? $line : Bisection::within(0.0, $line, fn(float $dose): bool => $this->highest($food, $dose) <= $limit, self::ROUNDS);
    }

    /** How high nitrate comes in eight weeks in nine cases of ten, when each dose brings so much of it, mg/L. */
    private function highest(FoodOf $food, float $dose): float
    {
        $course = $food->course(Parameter::Nitrate);

        return $course->ahead(
            $food->coming(Parameter::Nitrate, [['brings' => [Parameter::Nitrate->value => $dose], 'every' => self::every($food), 'from' => 1]], $this->share, $this->meals),
            $course->day + FoodOf::AHEAD,
            $food->turns(Parameter::Nitrate),
        )->highest();
    }
}
