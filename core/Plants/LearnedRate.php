<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/**
 * The rate of a plant group, mm a week where it is fastest, from what is usual and from pairs of heights between cuts. The guess is a bell of
 * ln r; each pair is weighed by how likely its second height is, the first and the second being read by tape, its own stretch being
 * faster or slower than the mean, and a ceiling that nobody knows well is averaged over. A pair that fits none of the others is set aside.
 */
final readonly class LearnedRate
{
    /** One deviation of the usual rate is this factor. House default. */
    public const DOUBT = 1.6;

    /** What a tape in the water is off by, mm, a standard deviation. House default. */
    public const TAPE = 10.0;

    /** What a ceiling is off by, as a share, a standard deviation. House default. */
    public const CEILING = 0.08;

    /** Deviation of ln r from one stretch to the next: light, season and food differ. House default. */
    public const STRETCH = 0.15;

    /** Deviations from what the others say beyond which a pair is set aside. House default. */
    private const ODD = 3.0;

    /** The least height that a pair begins at, mm; the most, as a share of the ceiling. House limits. */
    private const BETWEEN = [5.0, 0.98];

    /** Points of the grid of ln r. */
    private const POINTS = 81;

    /** The most pairs, the newest, that are weighed. */
    private const MOST = 24;

    /**
     * @param float     $usual  mm a week, the guess
     * @param float     $low    a tenth of the cases lie below
     * @param float     $median mm a week
     * @param float     $high   a tenth of the cases lie above
     * @param int       $count  pairs that went in
     * @param list<int> $aside  places in the list of those that were set aside
     */
    private function __construct(public float $usual, public float $low, public float $median, public float $high, public int $count, public array $aside) {}

    /**
     * @param float $usual mm a week, above 0
     *
     * @throws PlantsFault
     */
    public static function guess(float $usual): self
    {
        self::checked($usual);

        return new self($usual, $usual * self::DOUBT ** -1.2816, $usual, $usual * self::DOUBT ** 1.2816, 0, []);
    }

    /**
     * @param float                            $usual   mm a week, above 0
     * @param float                            $ceiling mm
     * @param list<array{float, float, float}> $seen    height after a cut or when looked at, height at the next look, mm, and weeks between
     * @param float                            $tape    what a height is off by, mm, a standard deviation
     * @param float                            $doubt   of the ceiling, a share, a standard deviation
     * @param float                            $stretch by which ln r differs from one stretch to the next, a standard deviation
     *
     * @throws PlantsFault
     */
    public static function of(
        float $usual,
        float $ceiling,
        array $seen,
        float $tape = self::TAPE,
        float $doubt = self::CEILING,
        float $stretch = self::STRETCH,
    ): self {
        self::checked($usual);
        if (!($ceiling >= 1.0 && $ceiling <= 1e4 && $tape > 0.0 && $tape < 1e4 && $doubt >= 0.0 && $doubt <= 0.5 && $stretch >= 0.0 && $stretch <= 2.0)) {
            throw PlantsFault::growth();
        }
        $from = max(0, count($seen) - self::MOST);
        $kept = array_filter(
            array_slice($seen, $from, null, true),
            static fn(array $pair): bool => $pair[0] > 0.0 && $pair[1] > 0.0 && $pair[2] > 0.05 && max($pair) < 1e5,
        );
        if ($kept === []) {
            return self::guess($usual);
        }
        $total = count($kept);
        $aside = [];
        while (count($kept) >= 3 && 3 * count($aside) + 3 <= $total) {
            // The one that fits all of them worst is asked whether it fits the others.
            $all = self::posterior($usual, $ceiling, $kept, $tape, $doubt, $stretch);
            $distances = array_map(static fn(array $pair): float => self::distance($pair, $all, $ceiling, $tape, $doubt, $stretch), $kept);
            $worst = (int) array_search(max($distances), $distances, true);
            $others = self::posterior($usual, $ceiling, array_diff_key($kept, [$worst => 0]), $tape, $doubt, $stretch);
            if (self::distance($kept[$worst], $others, $ceiling, $tape, $doubt, $stretch) <= self::ODD) {
                break;
            }
            $aside[] = $worst;
            unset($kept[$worst]);
        }
        [$low, $median, $high] = self::quantiles(self::posterior($usual, $ceiling, $kept, $tape, $doubt, $stretch));

        return new self($usual, $low, $median, $high, count($kept), $aside);
    }

    /** Deviation of ln r. */
    public function deviation(): float
    {
        return log($this->high / $this->low) / (2.0 * 1.2816);
    }

    /** That of the stretch to come, which differs from the mean of all of them. */
    public function next(): self
    {
        $reach = 1.2816 * hypot($this->deviation(), self::STRETCH);

        return new self($this->usual, $this->median * exp(-$reach), $this->median, $this->median * exp($reach), $this->count, $this->aside);
    }

    /** The same, so many times as fast. */
    public function times(float $share): self
    {
        if (!($share > 0.0 && $share < 1e3)) {
            throw PlantsFault::growth();
        }

        return new self($this->usual * $share, $this->low * $share, $this->median * $share, $this->high * $share, $this->count, $this->aside);
    }

    private static function checked(float $usual): void
    {
        if (!($usual >= 0.01 && $usual <= 1e4)) {
            throw PlantsFault::growth();
        }
    }

    /**
     * @param array<int, array{float, float, float}> $pairs
     *
     * @return non-empty-list<array{float, float}> ln r and weight
     */
    private static function posterior(float $usual, float $ceiling, array $pairs, float $tape, float $doubt, float $stretch): array
    {
        [$middle, $reach] = [log($usual), 5.0 * log(self::DOUBT)];
        $grid = self::grid($usual, $ceiling, $pairs, $tape, $doubt, $stretch, $middle - $reach, $middle + $reach);
        // Once more, about where the weight lies.
        [$sum, $first, $second] = [0.0, 0.0, 0.0];
        foreach ($grid as [$log, $weight]) {
            $sum += $weight;
            $first += $weight * $log;
            $second += $weight * $log * $log;
        }
        $mean = $first / $sum;
        $reach = max(5.0 * sqrt(max(0.0, $second / $sum - $mean * $mean)), 2.0 * 2.0 * $reach / (self::POINTS - 1));

        return self::grid($usual, $ceiling, $pairs, $tape, $doubt, $stretch, $mean - $reach, $mean + $reach);
    }

    /**
     * @param array<int, array{float, float, float}> $pairs
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function grid(float $usual, float $ceiling, array $pairs, float $tape, float $doubt, float $stretch, float $from, float $to): array
    {
        $points = [];
        for ($i = 0; $i < self::POINTS; ++$i) {
            $log = $from + ($to - $from) * $i / (self::POINTS - 1);
            $prior = -0.5 * (($log - log($usual)) / log(self::DOUBT)) ** 2;
            // All pairs grow toward one ceiling, whichever it is.
            $sums = [];
            foreach (self::ceilings($ceiling, $doubt) as [$top, $share]) {
                $sum = log($share);
                foreach ($pairs as $pair) {
                    [$height, $spread] = self::forecast($pair, exp($log), $top, $tape, $stretch);
                    $sum += -0.5 * (($pair[1] - $height) / $spread) ** 2 - log($spread);
                }
                $sums[] = $sum;
            }
            $most = max($sums);
            $points[] = [$log, $prior + $most + log(array_sum(array_map(static fn(float $sum): float => exp($sum - $most), $sums)))];
        }
        $most = max(array_column($points, 1));

        return array_map(static fn(array $point): array => [$point[0], exp($point[1] - $most)], $points);
    }

    /** @return non-empty-list<array{float, float}> ceiling and its weight: three points of a bell (Gauss and Hermite) */
    private static function ceilings(float $ceiling, float $doubt): array
    {
        return $doubt <= 0.0 ? [[$ceiling, 1.0]] : [
            [$ceiling * exp(-sqrt(3.0) * $doubt), 1.0 / 6.0], [$ceiling, 2.0 / 3.0], [$ceiling * exp(sqrt(3.0) * $doubt), 1.0 / 6.0],
        ];
    }

    /**
     * @param array{float, float, float} $pair
     *
     * @return array{float, float} second height as it should be, and by how much tape and stretch may be off
     */
    private static function forecast(array $pair, float $rate, float $ceiling, float $tape, float $stretch): array
    {
        $first = max(min(self::BETWEEN[0], self::BETWEEN[1] * $ceiling), min(self::BETWEEN[1] * $ceiling, $pair[0]));
        $second = $ceiling / (1.0 + ($ceiling / $first - 1.0) * exp(max(-600.0, -4.0 * $rate * $pair[2] / $ceiling)));
        $steep = $second * ($ceiling - $second) / ($first * ($ceiling - $first));

        $byRate = 4.0 * $rate * $pair[2] / $ceiling * $second * ($ceiling - $second) / $ceiling;

        return [$second, hypot($tape * sqrt(1.0 + $steep * $steep), $stretch * $byRate)];
    }

    /**
     * @param array{float, float, float}          $pair
     * @param non-empty-list<array{float, float}> $others
     */
    private static function distance(array $pair, array $others, float $ceiling, float $tape, float $doubt, float $stretch): float
    {
        [$low, $median, $high] = self::quantiles($others);
        [$height, $spread] = self::forecast($pair, $median, $ceiling, $tape, $stretch);
        $wide = self::forecast($pair, $high, $ceiling, $tape, $stretch)[0] - self::forecast($pair, $low, $ceiling, $tape, $stretch)[0];
        $byCeiling = self::forecast($pair, $median, $ceiling * (1.0 + $doubt), $tape, $stretch)[0] - $height;

        return abs($pair[1] - $height) / sqrt($spread ** 2 + ($wide / 2.5632) ** 2 + $byCeiling ** 2);
    }

    /**
     * @param non-empty-list<array{float, float}> $grid
     *
     * @return array{float, float, float} rates below which a tenth, half and nine tenths of the cases lie
     */
    private static function quantiles(array $grid): array
    {
        $sums = [0.0];
        for ($i = 1; $i < count($grid); ++$i) {
            $sums[$i] = $sums[$i - 1] + ($grid[$i - 1][1] + $grid[$i][1]) / 2.0;
        }
        $all = $sums[count($grid) - 1];
        $at = static function (float $share) use ($grid, $sums, $all): float {
            $i = 1;
            while ($i < count($grid) - 1 && $sums[$i] < $share * $all) {
                ++$i;
            }
            $part = ($share * $all - $sums[$i - 1]) / max(1e-300, $sums[$i] - $sums[$i - 1]);

            return exp($grid[$i - 1][0] + max(0.0, min(1.0, $part)) * ($grid[$i][0] - $grid[$i - 1][0]));
        };

        return [$at(0.1), $at(0.5), $at(0.9)];
    }
}
