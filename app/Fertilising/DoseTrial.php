<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Tanks\TankEventsQuery;
use App\Tanks\UptakeQuery;
use Cresco\Core\Fertilising\Doses;
use Cresco\Core\Fertilising\Fertiliser;
use Cresco\Core\Fertilising\NutrientTargets;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Numeric\Bisection;

/** What is tried instead of what is planned, and what Cresco would give. */
final readonly class DoseTrial
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
    public function moves(Parameter $nutrient, FertilisingQuery $food, array $tried): bool
    {
        $brings = static fn(array $dose): mixed => is_array($dose['brings'] ?? null) ? $dose['brings'][$nutrient->value] ?? 0.0 : 0.0;

        return $this->share !== null
            || ($this->meals !== 1.0 && TankEventsQuery::isInFood($nutrient))
            || ($this->amounts !== [] && array_map($brings, $tried) !== array_map($brings, $food->planned()));
    }

    /** @return list<array{brings: array<string, float>, every: int, from: int, until?: int}> */
    public function doses(FertilisingQuery $food): array
    {
        return $food->planned($this->amounts);
    }

    /** What has to be given of a nutrient from change to change; null for what the dosing method does not steer. */
    public function wanted(FertilisingQuery $food, Parameter $nutrient): ?Computation
    {
        $aim = $food->school()->aim($nutrient);
        if ($aim === null || !$food->hasPlants()) {
            return null;
        }

        return NutrientTargets::between(
            $nutrient,
            $aim,
            self::rate($food, $nutrient, $aim),
            $this->share ?? $food->tank->routine_share,
            (float) max(1, $food->tank->routine_days),
            $food->source($nutrient),
        );
    }

    /** What is made of a nutrient in a day with the meals, and lost about its aim, mg/L. */
    public static function rate(FertilisingQuery $food, Parameter $nutrient, float $aim): NormalValue
    {
        $rate = $food->course($nutrient)->rate();
        $lost = $food->loss($nutrient) * max($aim, min($food->course($nutrient)->level()->level, 2.0 * $aim));

        return new NormalValue($rate->central() + $food->fedAtMean($nutrient) - $lost, $rate->spread());
    }

    /**
     * Doses that bring every nutrient to where the method wants it before each change: none beyond what the animals tolerate, beyond the top of
     * its range or beyond what a label backs, and none upon a reading that the estimate does not bear out.
     *
     * @param list<Fertiliser> $feeds in stock
     */
    public function advised(FertilisingQuery $food, array $feeds): DoseAdvice
    {
        $needs = $most = $doubted = $full = [];
        foreach (Parameter::nutrients() as $nutrient) {
            $need = $this->wanted($food, $nutrient);
            if ($food->isDoubted($nutrient)) {
                $doubted[] = $nutrient;
                $most[$nutrient->value] = 0.0;
            } elseif ($need !== null) {
                $needs[$nutrient->value] = $need;
            }
        }
        $free = self::fromShelf($food, $feeds, $needs, $most);
        $limited = $most;
        foreach (Parameter::nutrients() as $nutrient) {
            $brings = array_sum(array_map(
                static fn(array $one): float => ($one['feed']->milligrams[$nutrient->value] ?? 0.0) * $one['each'],
                $free,
            )) / $food->litres;
            $allowed = $brings <= 0.0 || isset($most[$nutrient->value]) ? INF : $this->most($food, $nutrient, $brings);
            if ($allowed < $brings) {
                $limited[$nutrient->value] = $allowed;
                $full[] = $nutrient;
            }
        }
        $doses = $limited === $most ? $free : self::fromShelf($food, $feeds, $needs, $limited);
        $labels = [];
        foreach ($doses as ['feed' => $feed, 'each' => $each]) {
            if ($each + $feed->step > (self::mostOf($food, $feed) ?? INF)) {
                $labels[] = $feed;
            }
        }

        return new DoseAdvice($doses, $doubted, $full, $labels);
    }

    /** The most of a product in a dose that its label backs in this tank; null where no label names a dose. */
    private static function mostOf(FertilisingQuery $food, Fertiliser $feed): ?float
    {
        return $feed->most(self::every($food), $food->litres, $food->tank->needs()->hasShrimp());
    }

    /** Days from one dose to the next: those that would come less often than changes are given with each change. */
    public static function every(FertilisingQuery $food): int
    {
        return min($food->school()->every(), max(1, $food->tank->routine_days));
    }

    /**
     * Doses of what is in stock that together bring what is needed from change to change.
     *
     * @param list<Fertiliser>           $feeds
     * @param array<string, Computation> $needs by nutrient
     * @param array<string, float>       $most  mg/L that a dose may bring at all, by nutrient
     *
     * @return list<array{feed: Fertiliser, each: float, every: int}>
     */
    public static function fromShelf(FertilisingQuery $food, array $feeds, array $needs, array $most): array
    {
        $every = self::every($food);
        $part = $every / max(1, $food->tank->routine_days);
        $wanted = [];
        foreach ($needs as $name => $need) {
            $aim = $food->school()->aim(Parameter::from($name)) ?? 1.0;
            $wanted[$name] = [$need->value('D') * $part, max(1e-4, self::LOOSE * $aim * $part)];
        }
        $ofEach = [];
        foreach ($feeds as $feed) {
            $ofEach[$feed->key] = self::mostOf($food, $feed) ?? INF;
        }
        $doses = Doses::of($feeds, $wanted, $most, $food->litres, $ofEach);
        $found = [];
        foreach ($feeds as $feed) {
            if (isset($doses->amounts[$feed->key])) {
                $found[] = ['feed' => $feed, 'each' => $doses->amounts[$feed->key], 'every' => $every];
            }
        }

        return $found;
    }

    /**
     * The most of a nutrient a dose may bring for eight weeks to stay within what the animals tolerate, nine times of ten, and within the range of
     * the method, mg/L.
     *
     * @param float $brings what a dose would bring
     */
    private function most(FertilisingQuery $food, Parameter $nutrient, float $brings): float
    {
        $tolerated = $nutrient === Parameter::Nitrate ? $food->tank->needs()->range($nutrient)[1] ?? null : null;
        $top = $food->school()->corridor($nutrient)[1] ?? null;

        return min(
            $tolerated === null ? INF : self::upTo($tolerated, $brings, fn(float $dose): float => $this->highest($food, $nutrient, $dose)),
            $top === null ? INF : self::upTo($top, $brings, fn(float $dose): float => $this->peak($food, $nutrient, $dose)),
        );
    }

    /** @param callable(float): float $highest how high it comes with such doses */
    private static function upTo(float $limit, float $brings, callable $highest): float
    {
        if (($then = $highest($brings)) <= $limit) {
            return INF;
        }
        $without = $highest(0.0);
        if ($without >= $limit) {
            return 0.0;
        }
        // What is given adds up, so that it lies on the line between the two, or just below where binding bends it.
        $line = $brings * ($limit - $without) / ($then - $without);

        return $highest($line) <= $limit ? $line : Bisection::within(0.0, $line, static fn(float $dose): bool => $highest($dose) <= $limit, self::ROUNDS);
    }

    /** How high a nutrient comes in eight weeks in nine cases of ten, when each dose brings so much of it, mg/L. */
    private function highest(FertilisingQuery $food, Parameter $nutrient, float $dose): float
    {
        $course = $food->course($nutrient);

        return $course->ahead(
            $food->coming($nutrient, [['brings' => [$nutrient->value => $dose], 'every' => self::every($food), 'from' => 1]], $this->share, $this->meals),
            $course->day + UptakeQuery::AHEAD,
            $food->turns($nutrient),
        )->highest();
    }

    /** How high it comes in the middle case, mg/L: with the changes of the routine, and what comes and goes by itself. */
    private function peak(FertilisingQuery $food, Parameter $nutrient, float $dose): float
    {
        return Doses::peak(
            $food->course($nutrient)->level()->level,
            $food->course($nutrient)->rate()->central() + $food->fedAtMean($nutrient),
            $food->loss($nutrient),
            $dose,
            self::every($food),
            $this->share ?? $food->tank->routine_share,
            max(1, $food->tank->routine_days),
            $food->source($nutrient)->central(),
            UptakeQuery::AHEAD,
        );
    }
}
