<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\NormalValue;

/**
 * A tank with its water, bed and hardscape. Heights are mm above the inner floor; levels and marks are mm below the rim,
 * as a keeper measures them with a tape from the upper edge.
 */
final class Vessel
{
    /** House default for the error of tape, bed and stone together, as a share of the volume. */
    public const TAPE_ERROR = 0.03;

    /** A count of litres is no better than this share of it. House default. */
    public const COUNT_ERROR = 0.005;

    /** Stone and wood leave at least this share of the plan free at any height. House limit. */
    private const LEAST_FREE = 0.1;

    private readonly ?NormalValue $measured;

    private ?HeightCurve $curve = null;

    private ?float $litres = null;

    private ?NormalValue $distribution = null;

    private ?Computation $volume = null;

    /**
     * @param float              $rim           height of the rim above the inner floor, mm
     * @param float              $waterBelowRim mm
     * @param list<Displacement> $displacements stone, wood, equipment
     * @param NormalValue|null   $measured      litres counted in on a fill or found with a tracer, with its spread
     * @param HeightTable|null   $table         litres counted against height, bed and stones and all: then they are the volume, and plan
     *                                          and bed only its picture
     *
     * @throws TankFault when it cannot hold water as described
     */
    public function __construct(
        public readonly Footprint $plan,
        public readonly float $rim,
        public readonly float $waterBelowRim,
        public readonly SubstrateLayer $bed,
        public readonly array $displacements = [],
        ?NormalValue $measured = null,
        private readonly ?HeightTable $table = null,
    ) {
        $this->measured = $measured === null
            ? null
            : new NormalValue($measured->central(), max($measured->spread(), self::COUNT_ERROR * abs($measured->central())));
        if (!is_finite($rim) || !is_finite($waterBelowRim) || $waterBelowRim < 0.0) {
            throw TankFault::waterlineTooLow();
        }
        if ($this->waterHeight() <= 0.0) {
            throw TankFault::waterlineTooLow();
        }
        if ($bed->highest() >= $this->waterHeight()) {
            throw TankFault::bedTooDeep();
        }
        if ($table !== null) {
            if ($table->top() > $rim) {
                throw TankFault::marks('tank.mark');
            }
            if ($table->top() < $this->waterHeight() - 0.5) {
                throw TankFault::marks('tank.marks_below_line');
            }

            return;
        }
        // Where one begins is where most stands side by side: none grows wider upwards.
        foreach ($displacements as $displacement) {
            $height = $displacement->from;
            $taken = array_sum(array_map(static fn(Displacement $other): float => $other->to > $height ? $other->areaAt($height) : 0.0, $displacements));
            if (!($taken <= (1.0 - self::LEAST_FREE) * $plan->area())) {
                throw TankFault::hardscapeTooLarge();
            }
        }
        if (!($this->volume()->value('net') > 0.0)) {
            throw TankFault::nothingLeft();
        }
        $brim = $plan->area() * $rim / 1e6;
        if ($this->measured !== null && !($this->measured->central() > 0.0 && $this->measured->central() <= $brim)) {
            throw TankFault::countedTooMuch($brim);
        }
    }

    public function waterHeight(): float
    {
        return $this->rim - $this->waterBelowRim;
    }

    /** Area inside the panes, mm2; of a tank known by a table what it has on average. */
    public function area(): float
    {
        return $this->table === null ? $this->plan->area() : 1e6 * $this->litres() / $this->waterHeight();
    }

    /** Area of free water at a height, mm2. */
    public function freeArea(float $height): float
    {
        if ($this->table !== null) {
            return $this->table->areaAt($height);
        }
        $taken = (1.0 - $this->bed->porosity) * $this->bed->areaAt($height, $this->plan);
        foreach ($this->displacements as $displacement) {
            $taken += $displacement->areaAt($height);
        }

        return max(0.0, $this->plan->area() - $taken);
    }

    /** Litres of water in the tank, with its spread. */
    public function litres(): float
    {
        return $this->litres ??= $this->volume()->value($this->measured === null ? 'net' : 'volume');
    }

    /** What the volume may really be, for use in other computations. */
    public function volumeDistribution(): NormalValue
    {
        return $this->distribution ??= new NormalValue($this->litres(), $this->deviation());
    }

    /** Net volume with its working; a measured volume is weighed in by its variance. */
    public function volume(): Computation
    {
        if ($this->volume !== null) {
            return $this->volume;
        }
        $height = $this->waterHeight();
        if ($this->table !== null) {
            return $this->volume = $this->counted($this->table, $height);
        }
        $bed = $this->bed->highest() <= 0.0 ? 0.0
            : HeightCurve::integrate(fn(float $z): float => $this->bed->areaAt($z, $this->plan), $this->bed->highest(), [$this->bed->lowest()])->total();
        $stone = array_sum(array_map(static fn(Displacement $displacement): float => $displacement->litresBelow($height), $this->displacements));

        $volume = Computation::of('vessel.title')
            ->given('A', 'vessel.plan_area_inside_panes', $this->plan->area() / 100.0, 'cm²')
            ->given('h', 'vessel.height_of_water_above_inner_floor', $height / 10.0, 'cm')
            ->given('bed', 'vessel.bulk_of_bed_under_water', $bed, 'L')
            ->given('porosity', 'vessel.share_of_bed_that_water', $this->bed->porosity, '', Grade::Guess)
            ->given('hardscape', 'vessel.stone_wood_equipment_under_water', $stone, 'L')
            ->constant('tape', 'vessel.error_of_tape_bed_stone_together', new NormalValue(1.0, self::TAPE_ERROR), '×', 'house_default', Grade::Guess)
            ->line('gross = A * h / 1000', 'vessel.water_bed_stone', 'L')
            ->line('solids = (1 - porosity) * bed', 'vessel.grains_of_bed', 'L')
            ->line('net = (gross - solids - hardscape) * tape', 'vessel.net_volume_by_measure', 'L');
        if ($this->measured !== null) {
            $by = self::TAPE_ERROR * $volume->value('net');
            $volume->given('counted', 'vessel.litres_counted_in', $this->measured, 'L')
                ->constant('s_net', 'vessel.spread_of_volume_by_measure', $by, 'L', 'house_default_3_of_it', Grade::Guess)
                ->given('s_counted', 'vessel.spread_of_count', $this->measured->spread(), 'L')
                ->line('volume = (net / s_net^2 + counted / s_counted^2) / (1 / s_net^2 + 1 / s_counted^2)', 'vessel.both_weighed_by_their_variances', 'L');
        }

        return $this->volume = $volume;
    }

    private function counted(HeightTable $table, float $height): Computation
    {
        [$low, $less, $high, $more] = $table->around($height);

        return Computation::of('vessel.title')
            ->given('h', 'vessel.height_of_water_above_inner_floor', new NormalValue($height / 10.0, HeightTable::MARK_ERROR / 10.0), 'cm')
            ->given('h_low', 'vessel.mark_below_it', $low / 10.0, 'cm')
            ->given('L_low', 'vessel.litres_counted_up_to_that_mark', $less, 'L')
            ->given('h_high', 'vessel.mark_at_it_or_above', $high / 10.0, 'cm')
            ->given('L_high', 'vessel.litres_counted_up_to_that_mark', $more, 'L')
            ->constant('count', 'vessel.error_of_count', new NormalValue(1.0, self::COUNT_ERROR), '×', 'house_default', Grade::Guess)
            ->line('net = (L_low + (L_high - L_low) * (h - h_low) / (h_high - h_low)) * count', 'vessel.net_volume_by_table', 'L');
    }

    /** Litres against height, agreeing with the net volume. */
    public function curve(): HeightCurve
    {
        return $this->curve ??= HeightCurve::integrate($this->freeArea(...), $this->waterHeight(), $this->breaks())->scaledTo($this->litres());
    }

    /** Litres that leave when the water falls from its line to a mark, mm below the rim. */
    public function litresDrainedAt(float $markBelowRim): float
    {
        return $this->litres() - $this->curve()->litresAt($this->rim - $markBelowRim);
    }

    /** The mark, mm below the rim, at which so many litres have left. */
    public function markFor(float $litresDrained): float
    {
        return $this->rim - $this->curve()->heightAt($this->litres() - $litresDrained);
    }

    private function deviation(): float
    {
        if ($this->table !== null) {
            return hypot(self::COUNT_ERROR * $this->litres(), HeightTable::MARK_ERROR * $this->table->areaAt($this->waterHeight()) / 1e6);
        }
        $byTape = self::TAPE_ERROR * $this->volume()->value('net');
        if ($this->measured === null) {
            return $byTape;
        }

        return sqrt(1.0 / (1.0 / $byTape ** 2 + 1.0 / $this->measured->spread() ** 2));
    }

    /** @return list<float> */
    private function breaks(): array
    {
        if ($this->table !== null) {
            return $this->table->heights();
        }
        $breaks = [$this->bed->back, $this->bed->front];
        foreach ($this->displacements as $displacement) {
            $breaks[] = $displacement->from;
            $breaks[] = $displacement->to;
        }

        return $breaks;
    }
}
