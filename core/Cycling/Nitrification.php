<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

use Cresco\Core\Measure\Alkalinity;

/**
 * Nitrogen of a tank that is being started: ammonia, nitrite and nitrate, with the bacteria that make one of the other. Two steps after
 * Monod, by the midpoint with hourly steps. The parameters are guesses; what they come to is held to readings.
 */
final readonly class Nitrification
{
    /** 1/day at 24 degC and pH 7.5, growth of those that take ammonia and of those that take nitrite. House defaults. */
    public const GROWTH = [0.65, 0.55];

    /** mg/L N at which each grows half as fast. House defaults. */
    public const HALF = [0.5, 0.5];

    /** mg of bacteria made of a mg of nitrogen. House defaults. */
    public const YIELD = [0.2, 0.08];

    /** 1/day of bacteria that die. House default. */
    public const DECAY = 0.05;

    /** mg/L of bacteria in a tank that was filled today, without seed. House defaults. */
    public const FIRST = [0.001, 0.0003];

    /** mg/L of bacteria that a filter of another tank brings. House defaults. */
    public const SEEDED = [0.05, 0.02];

    /** mg/L N at which plants take half of what they would. House default. */
    private const PLANTS_HALF = 0.05;

    /** Times as fast for each degree. House default. */
    private const PER_DEGREE = 1.07;

    /** pH below and above which growth falls to half. House defaults. */
    private const ACIDITY = [6.2, 9.6];

    /** Warmth and pH that the growth is told for. */
    private const AT = [24.0, 7.5];

    /** Degrees of KH under which growth falls with it. House default. */
    public const KH_LIMITS = 1.0;

    /** meq of alkalinity that goes with a mmol of nitrogen on its way to nitrate: two protons. Stoichiometry. */
    public const ALKALINITY = 2.0;

    /** g in a mol of nitrogen. IUPAC 2021. */
    private const NITROGEN = 14.007;

    /** Steps a day: hourly ones, as the published courses were worked out. */
    private const STEPS_A_DAY = 24;

    /** Days that are worked out at most. House limit. */
    private const LONGEST = 365;

    /**
     * @param float               $source     mg/L N a day
     * @param float               $plants     mg/L N a day that plants take at most
     * @param array{float, float} $first      bacteria at the beginning, mg/L
     * @param float               $celsius    0 to 40
     * @param float               $ph         4 to 10
     * @param float|null          $alkalinity meq/L at the beginning, which falls with each mmol of nitrogen that becomes nitrate; null for as much as it takes
     * @param float               $pace       times the growth that is held usual
     * @param float               $bed        mg/L N of ammonia at the beginning
     * @param bool                $isOfFood   whether the source is food, wood and leaves, whose nitrogen gives an equivalent of alkalinity back as it is set free
     *
     * @throws CyclingFault when one of them is out of its range
     */
    public function __construct(
        public float $source,
        public float $plants = 0.0,
        public array $first = self::FIRST,
        public float $celsius = 24.0,
        public float $ph = 7.5,
        public ?float $alkalinity = null,
        public float $pace = 1.0,
        public float $bed = 0.0,
        public bool $isOfFood = false,
    ) {
        if (!($source >= 0.0 && $source <= 20.0)
            || !($plants >= 0.0 && $plants <= 20.0)
            || !($celsius >= 0.0 && $celsius <= 40.0)
            || !($ph >= 4.0 && $ph <= 10.0)
            || !($pace > 0.0 && $pace <= 10.0)
            || !($bed >= 0.0 && $bed <= 50.0)
                || !($first[0] > 0.0 && $first[0] <= 10.0)
                || !($first[1] > 0.0 && $first[1] <= 10.0)
                || ($alkalinity !== null && !($alkalinity >= 0.0 && $alkalinity <= 50.0))) {
            throw CyclingFault::range();
        }
    }

    /** How many times as fast bacteria grow at this temperature and pH as at 24 degC and 7.5. */
    public function factor(): float
    {
        return self::PER_DEGREE ** ($this->celsius - self::AT[0]) * self::byAcidity($this->ph) / self::byAcidity(self::AT[1]);
    }

    /** The same with another alkalinity at the beginning, meq/L. */
    public function withAlkalinity(?float $alkalinity): self
    {
        return new self($this->source, $this->plants, $this->first, $this->celsius, $this->ph, $alkalinity, $this->pace, $this->bed, $this->isOfFood);
    }

    /** The same with source, pace and first bacteria so many times what they are, within what the model takes. */
    public function times(float $source, float $pace, float $first): self
    {
        return new self(
            min(20.0, $this->source * $source),
            $this->plants,
            [min(10.0, $this->first[0] * $first), min(10.0, $this->first[1] * $first)],
            $this->celsius,
            $this->ph,
            $this->alkalinity,
            min(10.0, $this->pace * $pace),
            $this->bed,
            $this->isOfFood,
        );
    }

    /**
     * meq/L of alkalinity that is used until the end of a day, where there is as much as it takes. Changes bring what they take.
     *
     * @param array<int, float> $changes
     * @param array<int, float> $doses
     */
    public function used(int $day, array $changes = [], array $doses = []): float
    {
        $plenty = 50.0;
        $left = $this->withAlkalinity($plenty)->run(max(0, $day), $changes, $doses, self::STEPS_A_DAY)->alkalinity;

        return $plenty - ($left[count($left) - 1] ?? $plenty);
    }

    /**
     * The day on which alkalinity falls under what bacteria need; null where it does not within so many days, or nobody said what there is.
     *
     * @param array<int, float> $changes
     * @param array<int, float> $doses
     */
    public function bufferGone(int $days, array $changes = [], array $doses = []): ?int
    {
        foreach ($this->alkalinity === null ? [] : $this->course($days, $changes, $doses)->points as $point) {
            if (Alkalinity::fromMilliequivalentPerLitre($point->alkalinity ?? 50.0)->degrees() < self::KH_LIMITS) {
                return $point->day;
            }
        }

        return null;
    }

    /**
     * The course by the day.
     *
     * @param array<int, float> $changes share of the water that is changed at the end of a day, 0 to 1, by day
     * @param array<int, float> $doses   mg/L N of ammonia given at the beginning of a day, by day
     *
     * @param int $steps a day, 24 for hourly ones
     */
    public function course(int $days, array $changes = [], array $doses = [], int $steps = self::STEPS_A_DAY): NitrogenCourse
    {
        $run = $this->run($days, $changes, $doses, $steps);
        $points = [];
        foreach ($run->ammonia as $day => $ammonia) {
            $points[] = new NitrogenPoint(
                $day,
                $ammonia,
                $run->nitrite[$day],
                $run->nitrate[$day],
                $run->plants[$day],
                $run->alkalinity[$day] ?? null,
                $run->given[$day],
            );
        }

        return new NitrogenCourse($points, $run->ofAmmonia, $run->ofNitrite);
    }

    /**
     * The same as plain numbers: a cycling is run hundreds of times for its band. Steps by the midpoint (Runge and Kutta of the second order).
     *
     * @param array<int, float> $changes
     * @param array<int, float> $doses
     */
    public function run(int $days, array $changes, array $doses, int $steps): NitrogenRun
    {
        [$a, $i, $n, $one, $two, $taken, $oxidised] = [$this->bed, 0.0, 0.0, $this->first[0], $this->first[1], 0.0, 0.0];
        $steps = max(4, min(96, $steps));
        $h = 1.0 / $steps;
        $factor = $this->factor() * $this->pace;
        [$growthOne, $growthTwo, $dies] = [self::GROWTH[0] * $factor, self::GROWTH[1] * $factor, self::DECAY * $this->factor() * $this->pace];
        $per = $this->alkalinity === null ? 0.0 : 1.0 / (Alkalinity::fromDegrees(self::KH_LIMITS)->milliequivalentPerLitre);
        $given = $this->bed;
        $removed = $released = 0.0;
        $run = new NitrogenRun();
        $run->note($a, $i, $n, $taken, $this->left($oxidised, $released, $taken), 0.0);
        [$source, $plants, $some] = [$this->source, $this->plants, self::PLANTS_HALF];
        [$halfOne, $halfTwo] = self::HALF;
        [$perOne, $perTwo] = [1.0 / self::YIELD[0], 1.0 / self::YIELD[1]];
        [$half, $comes, $buffer] = [0.5 * $h, $h * $source, 1.0];
        for ($day = 0; $day < min(self::LONGEST, $days); ++$day) {
            $a += $doses[$day] ?? 0.0;
            $given += $doses[$day] ?? 0.0;
            [$mostA, $mostI, $atA, $atI] = [$run->ofAmmonia->value, $run->ofNitrite->value, 0, 0];
            for ($step = 1; $step <= $steps; ++$step) {
                if ($per > 0.0) {
                    // Without alkalinity the bacteria stand still.
                    $buffer = min(1.0, $per * (float) $this->left($oxidised, $released, $taken));
                }
                $u = $buffer * $growthOne * $a / ($halfOne + $a) * $one;
                $v = $buffer * $growthTwo * $i / ($halfTwo + $i) * $two;
                $am = $a + $half * ($source - $u * $perOne - $plants * $a / ($some + $a));
                $im = $i + $half * ($u * $perOne - $v * $perTwo);
                $am = $am > 0.0 ? $am : 0.0;
                $im = $im > 0.0 ? $im : 0.0;
                $onem = $one + $half * ($u - $buffer * $dies * $one);
                $twom = $two + $half * ($v - $buffer * $dies * $two);
                $u = $buffer * $growthOne * $am / ($halfOne + $am) * $onem;
                $v = $buffer * $growthTwo * $im / ($halfTwo + $im) * $twom;
                $p = $h * $plants * $am / ($some + $am);
                // No more goes than is there: an old filter turns over in an hour what comes in a day.
                $there = $a + $comes - $p;
                if ($there < 0.0) {
                    [$p, $there] = [$a + $comes, 0.0];
                }
                $x = $h * $u * $perOne;
                $x = $x < $there ? $x : $there;
                $y = $h * $v * $perTwo;
                $y = $y < $i + $x ? $y : $i + $x;
                $a = $there - $x;
                $i += $x - $y;
                $n += $y;
                $one += $h * ($u - $buffer * $dies * $onem);
                $two += $h * ($v - $buffer * $dies * $twom);
                $taken += $p;
                $oxidised += $x;
                $released += $comes;
                if ($a > $mostA) {
                    [$mostA, $atA] = [$a, $step];
                }
                if ($i > $mostI) {
                    [$mostI, $atI] = [$i, $step];
                }
            }
            $atA === 0 ?: $run->ofAmmonia->see($day + $atA * $h, $mostA);
            $atI === 0 ?: $run->ofNitrite->see($day + $atI * $h, $mostI);
            $given += $this->source;
            $share = max(0.0, min(1.0, $changes[$day] ?? 0.0));
            // Bacteria sit in filter and bed: a change leaves them.
            $removed += $share * ($a + $i + $n);
            [$a, $i, $n] = [$a * (1.0 - $share), $i * (1.0 - $share), $n * (1.0 - $share)];
            $run->note($a, $i, $n, $taken, $this->left($oxidised, $released, $taken), $given - $removed);
        }

        return $run;
    }

    /**
     * meq/L of alkalinity that is left; null where nobody said what there was. Two equivalents go with a mol of nitrogen on its way from ammonium to
     * nitrate, one with a mol that plants take as ammonium; food gives one back where its nitrogen comes as ammonia.
     *
     * @param float $oxidised mg/L N that was oxidised, in all
     * @param float $released that came of the source
     * @param float $taken    that plants took
     */
    private function left(float $oxidised, float $released, float $taken): ?float
    {
        return $this->alkalinity === null
            ? null
            : max(0.0, $this->alkalinity - (self::ALKALINITY * $oxidised + $taken - ($this->isOfFood ? $released : 0.0)) / self::NITROGEN);
    }

    private static function byAcidity(float $ph): float
    {
        return 1.0 / (1.0 + 10.0 ** (self::ACIDITY[0] - $ph) + 10.0 ** ($ph - self::ACIDITY[1]));
    }
}
