<?php

declare(strict_types=1);

namespace Cresco\Core\StartUp;

use Cresco\Core\Measure\Alkalinity;

/**
 * Nitrogen of a tank that is being started: ammonia, nitrite and nitrate, with the bacteria that make one of the other. Two steps after
 * Monod, by Runge and Kutta of the fourth order with hourly steps. The parameters are guesses; what they come to is held to readings.
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

    /** Steps a day: hourly ones, as the published courses were reckoned. */
    private const STEPS_A_DAY = 24;

    /** Days that are reckoned at most. House limit. */
    private const LONGEST = 365;

    /**
     * @param float        $source     mg/L N a day
     * @param float        $plants     mg/L N a day that plants take at most
     * @param array{float, float} $first bacteria at the beginning, mg/L
     * @param float        $celsius    0 to 40
     * @param float        $ph         4 to 10
     * @param float|null   $alkalinity meq/L at the beginning, which falls with each mmol of nitrogen that becomes nitrate; null for as much as it takes
     * @param float        $pace       times the growth that is held usual
     * @param float        $bed        mg/L N of ammonia at the beginning
     *
     * @throws StartUpFault when one of them is out of its range
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
    ) {
        if (!($source >= 0.0 && $source <= 20.0) || !($plants >= 0.0 && $plants <= 20.0) || !($celsius >= 0.0 && $celsius <= 40.0) || !($ph >= 4.0 && $ph <= 10.0) || !($pace > 0.0 && $pace <= 10.0)
            || !($bed >= 0.0 && $bed <= 50.0) || !($first[0] > 0.0 && $first[0] <= 10.0) || !($first[1] > 0.0 && $first[1] <= 10.0) || ($alkalinity !== null && !($alkalinity >= 0.0 && $alkalinity <= 50.0))) {
            throw StartUpFault::range();
        }
    }

    /** How many times as fast bacteria grow at this warmth and pH as at 24 degC and 7.5. */
    public function factor(): float
    {
        return self::PER_DEGREE ** ($this->celsius - self::AT[0]) * self::byAcidity($this->ph) / self::byAcidity(self::AT[1]);
    }

    /** The same with another alkalinity at the beginning, meq/L. */
    public function withAlkalinity(?float $alkalinity): self
    {
        return new self($this->source, $this->plants, $this->first, $this->celsius, $this->ph, $alkalinity, $this->pace, $this->bed);
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
        $course = $this->withAlkalinity($plenty)->course(max(0, $day), $changes, $doses);

        return $plenty - ($course->points[count($course->points) - 1]->alkalinity ?? $plenty);
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
        $state = [$this->bed, 0.0, 0.0, $this->first[0], $this->first[1], 0.0, 0.0];
        $factor = $this->factor();
        $points = [$this->point(0, $state, 0.0)];
        $given = $this->bed;
        $removed = 0.0;
        [$ammonia, $nitrite] = [new Peak(), new Peak()];
        $steps = max(4, min(96, $steps));
        for ($day = 0; $day < min(self::LONGEST, $days); ++$day) {
            $state[0] += $doses[$day] ?? 0.0;
            $given += $doses[$day] ?? 0.0;
            for ($step = 0; $step < $steps; ++$step) {
                $state = $this->step($state, 1.0 / $steps, $factor);
                $ammonia->see($day + ($step + 1.0) / $steps, $state[0]);
                $nitrite->see($day + ($step + 1.0) / $steps, $state[1]);
            }
            $given += $this->source;
            $share = max(0.0, min(1.0, $changes[$day] ?? 0.0));
            // Bacteria sit in filter and bed: a change leaves them.
            foreach ([0, 1, 2] as $of) {
                $removed += $share * $state[$of];
                $state[$of] *= 1.0 - $share;
            }
            $points[] = $this->point($day + 1, $state, $given - $removed);
        }

        return new NitrogenCourse($points, $ammonia, $nitrite);
    }

    /**
     * @param array<int, float> $state ammonia, nitrite, nitrate, bacteria of each, what plants took, what became nitrate in all
     *
     * @return array<int, float>
     */
    private function step(array $state, float $h, float $factor): array
    {
        $a = $this->slope($state, $factor);
        $b = $this->slope(self::along($state, $a, 0.5 * $h), $factor);
        $c = $this->slope(self::along($state, $b, 0.5 * $h), $factor);
        $d = $this->slope(self::along($state, $c, $h), $factor);
        $next = [];
        foreach ($state as $i => $value) {
            $next[] = $value + $h / 6.0 * ($a[$i] + 2.0 * $b[$i] + 2.0 * $c[$i] + $d[$i]);
        }

        return $next;
    }

    /**
     * @param array<int, float> $state
     *
     * @return array<int, float> by the day
     */
    private function slope(array $state, float $factor): array
    {
        [$ammonia, $nitrite] = [max(0.0, $state[0]), max(0.0, $state[1])];
        $factor *= $this->pace * $this->byAlkalinity($state[6]);
        $first = self::GROWTH[0] * $factor * $ammonia / (self::HALF[0] + $ammonia) * $state[3];
        $second = self::GROWTH[1] * $factor * $nitrite / (self::HALF[1] + $nitrite) * $state[4];
        $taken = $this->plants * $ammonia / (self::PLANTS_HALF + $ammonia);

        return [
            $this->source - $first / self::YIELD[0] - $taken,
            $first / self::YIELD[0] - $second / self::YIELD[1],
            $second / self::YIELD[1],
            $first - self::DECAY * $factor * $state[3],
            $second - self::DECAY * $factor * $state[4],
            $taken,
            $first / self::YIELD[0],
        ];
    }

    /**
     * @param array<int, float> $state
     * @param array<int, float> $slope
     *
     * @return array<int, float>
     */
    private static function along(array $state, array $slope, float $h): array
    {
        $next = [];
        foreach ($state as $i => $value) {
            $next[] = $value + $h * $slope[$i];
        }

        return $next;
    }

    /** @param array<int, float> $state */
    private function point(int $day, array $state, float $nitrogen): NitrogenPoint
    {
        return new NitrogenPoint($day, $state[0], $state[1], $state[2], $state[5], $this->left($state[6]), $nitrogen);
    }

    /** meq/L of alkalinity that is left once so much ammonia, mg/L N, has been oxidised; null where nobody said what there was. */
    private function left(float $oxidised): ?float
    {
        return $this->alkalinity === null ? null : max(0.0, $this->alkalinity - self::ALKALINITY * $oxidised / self::NITROGEN);
    }

    /** Times as fast for what alkalinity is left: without it the bacteria stand still. */
    private function byAlkalinity(float $oxidised): float
    {
        $left = $this->left($oxidised);

        return $left === null ? 1.0 : min(1.0, Alkalinity::fromMilliequivalentPerLitre($left)->degrees() / self::KH_LIMITS);
    }

    private static function byAcidity(float $ph): float
    {
        return 1.0 / (1.0 + 10.0 ** (self::ACIDITY[0] - $ph) + 10.0 ** ($ph - self::ACIDITY[1]));
    }
}
