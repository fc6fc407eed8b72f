<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** One measured value as it was really read, in the base unit of its parameter. */
final readonly class TestResult
{
    /** Share by which a meter differs from one reading to the next, a standard deviation. House default. */
    private const REPEATS = 0.005;

    private function __construct(
        public Parameter $parameter,
        public ReadingMethod $method,
        public float $value,
        public float $low,
        public float $high,
    ) {}

    public static function exact(Parameter $parameter, float $value): self
    {
        return self::checked($parameter, ReadingMethod::Exact, $value, $value, $value);
    }

    /**
     * A meter or probe with its last digit, $resolution, that may have strayed by $wander (a standard deviation) since it was last set.
     * Both are kept in the width, as that of the flat distribution with the same variance.
     */
    public static function pen(Parameter $parameter, float $value, float $resolution, float $wander = 0.0): self
    {
        if ($resolution < 0.0) {
            throw MeasureFault::negative('resolution', $resolution);
        }
        if (!($wander >= 0.0)) {
            throw MeasureFault::negative('wander', $wander);
        }
        $half = sqrt($resolution ** 2 / 4.0 + 3.0 * $wander ** 2);

        return self::checked($parameter, ReadingMethod::Pen, $value, $value - $half, $value + $half);
    }

    /**
     * A drop kit whose colour turned at $value: the truth lies within the last drop, $step. A kit that shows nothing at all has
     * not been asked for less than one drop, so nothing is only what is likeliest.
     */
    public static function drops(Parameter $parameter, float $value, float $step): self
    {
        if ($step < 0.0) {
            throw MeasureFault::negative('step', $step);
        }

        return self::checked($parameter, ReadingMethod::Drops, $value, max(0.0, $value - $step), $value > 0.0 ? $value : $step);
    }

    /**
     * A colour between two fields of a chart.
     *
     * @param float|null $nearer where it seems to lie, strictly between the two; the middle when not said
     */
    public static function between(Parameter $parameter, float $low, float $high, ?float $nearer = null): self
    {
        if ($low >= $high) {
            throw MeasureFault::unordered();
        }

        return self::checked($parameter, ReadingMethod::Between, $nearer ?? ($low + $high) / 2.0, $low, $high);
    }

    /** The colour of a field: the truth lies within half the way to its neighbours. */
    public static function atField(Parameter $parameter, float $below, float $field, float $above): self
    {
        return self::checked($parameter, ReadingMethod::AtField, $field, ($below + $field) / 2.0, ($field + $above) / 2.0);
    }

    /** Beyond the range of a kit: so much or more. */
    public static function atLeast(Parameter $parameter, float $field): self
    {
        return self::checked($parameter, ReadingMethod::AtLeast, $field, $field, $field + self::beyond($parameter, $field));
    }

    /** The colour of the top field: from half way to the one below it up, since all that is more looks the same. */
    public static function atTop(Parameter $parameter, float $below, float $field): self
    {
        return self::checked($parameter, ReadingMethod::AtLeast, $field, ($below + $field) / 2.0, $field + self::beyond($parameter, $field));
    }

    /** Less than so much: down to nothing, or a little way where there is no nothing. */
    public static function under(Parameter $parameter, float $field, ?float $nearer = null): self
    {
        $low = $parameter->entry()->beyond === null ? 0.0 : $field - self::beyond($parameter, $field);

        return self::between($parameter, $low, $field, $nearer === null ? null : max($low, $nearer));
    }

    private static function beyond(Parameter $parameter, float $field): float
    {
        return $parameter->entry()->beyond ?? max($field, 1e-3 * $parameter->range()[1]);
    }

    /** A reading as it was kept earlier. */
    public static function kept(Parameter $parameter, ReadingMethod $method, float $value, float $low, float $high): self
    {
        return self::checked($parameter, $method, $value, $low, $high);
    }

    /** True when the truth may lie anywhere above what was read. */
    public function isCensored(): bool
    {
        return $this->method === ReadingMethod::AtLeast;
    }

    public function distribution(): Distribution
    {
        $width = $this->high - $this->low;
        if ($this->method === ReadingMethod::Pen) {
            return new NormalValue($this->value, sqrt($width ** 2 / 12.0 + $this->parameter->penAccuracy($this->value) ** 2));
        }
        if ($width <= 1e-12 * max(1.0, abs($this->value))) {
            return new ExactValue($this->value);
        }
        $share = ($this->value - $this->low) / $width;

        return match ($this->method) {
            ReadingMethod::Drops => $this->value > 0.0 ? Density::flat($this->low, $this->high) : Density::slanted($this->low, $this->high, 1.0, 0.0),
            ReadingMethod::Between => Density::slanted($this->low, $this->high, 1.0 - $share, $share),
            // The nearest field is picked, wherever between the half ways the colour lies.
            ReadingMethod::AtField => Density::flat($this->low, $this->high),
            ReadingMethod::AtLeast => Density::slanted($this->low, $this->high, 1.0, 0.0),
            ReadingMethod::Exact => new ExactValue($this->value),
        };
    }

    /** By which this reading is off by itself, a standard deviation, beside what its kit is off in all that it reads. */
    public function ownSpread(): float
    {
        return $this->method === ReadingMethod::Pen
            ? hypot(($this->high - $this->low) / sqrt(12.0), self::REPEATS * $this->value)
            : $this->distribution()->spread();
    }

    private static function checked(Parameter $parameter, ReadingMethod $method, float $value, float $low, float $high): self
    {
        if (!is_finite($value) || !is_finite($low) || !is_finite($high)) {
            throw MeasureFault::notFinite($parameter);
        }
        [$least, $most] = $parameter->range();
        if ($value < $least || $value > $most) {
            $unit = Unit::usual($parameter);
            throw MeasureFault::outOfRange($parameter, $unit->fromBase($least), $unit->fromBase($most), $unit->label);
        }

        return new self($parameter, $method, $value, max($low, $least), min($high, $most));
    }
}
