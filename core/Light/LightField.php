<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\State\Average;
use Cresco\Core\State\Posterior;
use Cresco\Core\Tank\Footprint;
use Cresco\Core\Tank\Rectangle;
use Cresco\Core\Text;

/** The light of the lamps of a tank in its water. */
final class LightField
{
    /** Share that the surface lets in of light from all sides. Source: Kirk (1994), Light and Photosynthesis in Aquatic Ecosystems. */
    public const SURFACE = 0.93;

    /** Way through the water over its depth, since light comes in slanting. House default. */
    public const PATH = 1.16;

    /** 80 % of cases lie within a factor of one and this of the light as it is worked out. House default. */
    public const BAND = 0.3;

    /** The same at one place. House default. */
    public const BAND_AT_PLACE = 0.4;

    /** Quantile of the bell curve at nine tenths. Source: Abramowitz and Stegun (1964), table 26.1. */
    private const TENTH = 1.2816;

    /** Points across and from front to back at which a plan that is no rectangle is looked at. */
    private const CELLS = 20;

    public readonly Posterior $factor;

    private ?float $surface = null;

    /** @var array<int, float> share of the photons of each lamp that meets the water */
    private array $shares = [];

    /** @var array<string, float> what falls on a place against the mean */
    private array $ratios = [];

    /**
     * @param list<LampModel>   $lamps
     * @param list<LampReading> $readings held against it; they move all of it by one factor
     */
    public function __construct(
        public readonly array $lamps,
        public readonly Footprint $plan,
        public readonly GlassCover $cover = GlassCover::Open,
        public readonly WaterTint $tint = WaterTint::Clear,
        array $readings = [],
    ) {
        $seen = [];
        foreach ($readings as $reading) {
            $reckoned = $this->reckoned($reading->depth) * $this->ratio($reading->across, $reading->front, $reading->depth);
            if ($reckoned > 0.0) {
                $seen[] = [log($reading->light / $reckoned), self::deviation($reading->band), $reading->day];
            }
        }
        $this->factor = Average::learned(new NormalValue(0.0, self::deviation(self::BAND)), $seen);
    }

    /** Standard deviation of ln of what lies within a factor of one and so much in 80 % of cases. */
    public static function deviation(float $band): float
    {
        return $band > 0.0 && $band < INF ? log(1.0 + $band) / self::TENTH : throw LightFault::reading();
    }

    /** By what the readings move the light of all lamps. */
    public function moves(): float
    {
        return exp($this->factor->value);
    }

    /**
     * Mean light over the plan, µmol/m2s, at full power.
     *
     * @param float $depth mm under the water, 0 or more
     */
    public function at(float $depth): float
    {
        return $this->moves() * $this->reckoned($depth);
    }

    /**
     * Light at a place, µmol/m2s.
     *
     * @param float $across share of the length of the plan from the left
     * @param float $front  share of the depth of the plan from the front pane
     * @param float $depth  mm under the water
     */
    public function atPlace(float $across, float $front, float $depth): float
    {
        return $this->at($depth) * $this->ratio($across, $front, $depth);
    }

    /** Hours at full power, of several lamps weighed by what they bring. */
    public function hours(): float
    {
        $sum = $hours = 0.0;
        foreach ($this->lamps as $lamp) {
            $brings = $lamp->power() * $this->share($lamp);
            $sum += $brings;
            $hours += $brings * $lamp->fullHours();
        }

        return $sum > 0.0 ? $hours / $sum : 0.0;
    }

    /** Hours on a day from the first lamp to the last, as a clock counts them. */
    public function day(): float
    {
        return max(0.0, 0.0, ...array_map(static fn(LampModel $lamp): float => $lamp->dimmer > 0.0 ? $lamp->hours : 0.0, $this->lamps));
    }

    /**
     * mol/m2 a day of so much light at full power, the lamps being on as they are.
     *
     * @param float $light µmol/m2s, 0 or more
     */
    public function dose(float $light): float
    {
        if (!($light >= 0.0 && $light < INF)) {
            throw LightFault::reading();
        }

        return $light * $this->hours() * 0.0036;
    }

    /** Factor either way within which 80 % of cases lie, less one, at a place. */
    public function band(): float
    {
        $atPlace = self::deviation(self::BAND_AT_PLACE) ** 2 - self::deviation(self::BAND) ** 2;

        return exp(self::TENTH * sqrt($this->factor->spread ** 2 + $atPlace)) - 1.0;
    }

    /** The mean under water as a working, with its band. */
    public function working(float $depth): Computation
    {
        self::checked($depth);
        $brings = array_sum(array_map(fn(LampModel $lamp): float => $lamp->power() * $this->share($lamp), $this->lamps));
        $power = array_sum(array_map(static fn(LampModel $lamp): float => $lamp->power(), $this->lamps));

        return Computation::of('light_field.title')
            ->given('flux', 'light_field.photons_of_lamps_as_they_dimmed', $power, 'µmol/s')
            ->given('s', 'light_field.share_of_them_that_meets_water', $power > 0.0 ? $brings / $power : 0.0, '×')
            ->constant('T_surface', 'light_field.what_surface_lets_in', self::SURFACE, '×', 'kirk_1994')
            ->given('T_cover', Text::of('light_field.what_lies_over_water_lets_through', what: $this->cover), $this->cover->lets(), '×', Grade::Guess)
            ->given('K', Text::of('light_field.what_water_swallows_what', what: $this->tint), $this->tint->absorption(), '1/m', Grade::Guess)
            ->constant('p', 'light_field.way_over_depth', self::PATH, '×', 'house_default', Grade::Guess)
            ->given('z', 'light_field.depth', $depth / 1000.0, 'm')
            ->given('A', 'light_field.plan_of_water', $this->plan->area() / 1e6, 'm²')
            ->given(
                'ln_factor',
                $this->factor->count > 0 ? 'light_field.what_readings_say_of_lamp_ln' : 'light_field.what_reckoning_may_off_ln',
                $this->factor->distribution(),
                '',
                Grade::Guess,
            )
            ->line('open = flux * s * T_surface * T_cover * exp(-K * z * p) / A', 'light_field.as_reckoned', 'µmol/m²s')
            ->line('E = open * exp(ln_factor)', 'light_field.mean_light_at_that_depth', 'µmol/m²s');
    }

    /** Share of the photons of a lamp that meets the water. */
    public function share(LampModel $lamp): float
    {
        $at = array_search($lamp, $this->lamps, true);

        return is_int($at) ? $this->shares[$at] ??= $this->shareOf($lamp) : $this->shareOf($lamp);
    }

    private function shareOf(LampModel $lamp): float
    {
        if ($this->plan instanceof Rectangle) {
            return $lamp->share($this->plan->length(), $this->plan->depth());
        }
        $cells = $this->cells();
        $sum = array_sum(array_map(fn(array $cell): float => $lamp->falls($cell[0], $cell[1], $this->plan->length(), $this->plan->depth()), $cells));

        return $cells === [] ? 0.0 : min(1.0, $sum / count($cells) * $this->plan->area());
    }

    /** Mean as worked out, before any reading moves it. */
    private function reckoned(float $depth): float
    {
        self::checked($depth);

        return $this->surface() * exp(-$this->tint->absorption() * self::PATH * $depth / 1000.0);
    }

    /** Mean just under the surface, µmol/m2s. */
    private function surface(): float
    {
        if ($this->surface === null) {
            $sum = 0.0;
            foreach ($this->lamps as $lamp) {
                $sum += $lamp->power() * $this->share($lamp);
            }
            $this->surface = $sum * self::SURFACE * $this->cover->lets() / ($this->plan->area() / 1e6);
        }

        return $this->surface;
    }

    /**
     * A place against the mean: as it falls on the surface, and drawn toward the mean with depth. House default: halfway at about a third
     * of the shorter side.
     */
    private function ratio(float $across, float $front, float $depth): float
    {
        self::checked($depth);
        if (!(min($across, $front) >= -1e-9 && max($across, $front) <= 1.0 + 1e-9)) {
            throw LightFault::place();
        }
        $open = $this->ratios[sprintf('%.4f %.4f', $across, $front)] ??= $this->onSurface($across, $front);

        return 1.0 + ($open - 1.0) * exp(-$depth / (min($this->plan->length(), $this->plan->depth()) / 2.0));
    }

    /** What falls on a place of the surface against the mean over all of it. */
    private function onSurface(float $across, float $front): float
    {
        [$length, $deep] = [$this->plan->length(), $this->plan->depth()];
        $here = $mean = 0.0;
        foreach ($this->lamps as $lamp) {
            $here += $lamp->power() * $lamp->falls($across * $length, (1.0 - $front) * $deep, $length, $deep);
            $mean += $lamp->power() * $this->share($lamp) / $this->plan->area();
        }

        return $mean <= 0.0 ? 1.0 : $here / $mean;
    }

    /** @return list<array{float, float}> points of the plan */
    private function cells(): array
    {
        $outline = $this->plan->outline();
        $cells = [];
        for ($i = 0; $i < self::CELLS; ++$i) {
            for ($j = 0; $j < self::CELLS; ++$j) {
                $point = [($i + 0.5) / self::CELLS * $this->plan->length(), ($j + 0.5) / self::CELLS * $this->plan->depth()];
                if (self::isInside($point, $outline)) {
                    $cells[] = $point;
                }
            }
        }

        return $cells;
    }

    /**
     * @param array{float, float}       $point
     * @param list<array{float, float}> $outline
     */
    private static function isInside(array $point, array $outline): bool
    {
        $inside = false;
        $last = count($outline) - 1;
        foreach ($outline as $i => [$x, $y]) {
            [$otherX, $otherY] = $outline[$i === 0 ? $last : $i - 1];
            if (($y > $point[1]) !== ($otherY > $point[1]) && $point[0] < ($otherX - $x) * ($point[1] - $y) / ($otherY - $y) + $x) {
                $inside = !$inside;
            }
        }

        return $inside;
    }

    private static function checked(float $depth): void
    {
        if (!($depth >= 0.0 && $depth <= 1e5)) {
            throw LightFault::place();
        }
    }
}
