<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** One measured value as it was really read, in the base unit of its parameter. */
final readonly class Reading
{
    private function __construct(
        public Parameter $parameter,
        public Method $method,
        public float $value,
        public float $low,
        public float $high,
    ) {}

    public static function exact(Parameter $parameter, float $value): self
    {
        return self::checked($parameter, Method::Exact, $value, $value, $value);
    }

    /** A pen or probe with its last digit, $resolution. */
    public static function pen(Parameter $parameter, float $value, float $resolution): self
    {
        if ($resolution < 0.0) {
            throw MeasureFault::negative('the resolution', $resolution);
        }

        return self::checked($parameter, Method::Pen, $value, $value - $resolution / 2.0, $value + $resolution / 2.0);
    }

    /** A drop kit whose colour turned at $value: the truth lies within the last drop, $step. */
    public static function drops(Parameter $parameter, float $value, float $step): self
    {
        if ($step < 0.0) {
            throw MeasureFault::negative('the step', $step);
        }

        return self::checked($parameter, Method::Drops, $value, max(0.0, $value - $step), $value);
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

        return self::checked($parameter, Method::Between, $nearer ?? ($low + $high) / 2.0, $low, $high);
    }

    /** The colour of a field: the truth lies within half the way to its neighbours. */
    public static function atField(Parameter $parameter, float $below, float $field, float $above): self
    {
        return self::checked($parameter, Method::AtField, $field, ($below + $field) / 2.0, ($field + $above) / 2.0);
    }

    /** The top field of a chart, or beyond the range of a kit: so much or more. */
    public static function atLeast(Parameter $parameter, float $field): self
    {
        return self::checked($parameter, Method::AtLeast, $field, $field, 2.0 * $field);
    }

    /** A reading as it was kept earlier. */
    public static function kept(Parameter $parameter, Method $method, float $value, float $low, float $high): self
    {
        return self::checked($parameter, $method, $value, $low, $high);
    }

    /** True when the truth may lie anywhere above what was read. */
    public function isCensored(): bool
    {
        return $this->method === Method::AtLeast;
    }

    public function distribution(): Distribution
    {
        $width = $this->high - $this->low;
        if ($this->method === Method::Pen) {
            return new Normal($this->value, sqrt($width ** 2 / 12.0 + $this->parameter->penAccuracy($this->value) ** 2));
        }
        if ($width <= 0.0) {
            return new Exact($this->value);
        }
        $share = ($this->value - $this->low) / $width;

        return match ($this->method) {
            Method::Drops => Density::flat($this->low, $this->high),
            Method::Between => Density::slanted($this->low, $this->high, 1.0 - $share, $share),
            Method::AtField => Density::peaked($this->low, $this->value, $this->high),
            Method::AtLeast => Density::slanted($this->low, $this->high, 1.0, 0.0),
            Method::Exact => new Exact($this->value),
        };
    }

    private static function checked(Parameter $parameter, Method $method, float $value, float $low, float $high): self
    {
        if (!is_finite($value) || !is_finite($low) || !is_finite($high)) {
            throw MeasureFault::notFinite($parameter->label());
        }
        [$least, $most] = $parameter->range();
        if ($value < $least || $value > $most) {
            $unit = Unit::usual($parameter);
            throw MeasureFault::outOfRange($parameter->label(), $unit->fromBase($least), $unit->fromBase($most), $unit->label);
        }

        return new self($parameter, $method, $value, max($low, $least), $high);
    }
}
