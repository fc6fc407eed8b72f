<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/**
 * What a keeper measures one parameter with, and the unit it reads in. It turns what was typed into a reading:
 * "24", "20-40", "20-40 nearer 20", "under 5", "over 80".
 */
final readonly class TestKit
{
    /** Days over which a meter strays by its wander. */
    private const MONTH = 30.0;

    /** Days after which a meter that was never set again strays no further: it says little by then. House default. */
    private const LONGEST = 365.0;

    /**
     * @param ReadingMethod $method Pen, Drops, or AtField for a colour chart, or Exact
     * @param float         $step   last digit of a meter or worth of one drop, in $unit; 0 and more
     * @param list<float>   $fields of a colour chart, rising, in $unit
     * @param float|null    $days   since a meter was last set against a standard, 0 and more; null when nobody has said
     */
    public function __construct(
        public Parameter $parameter,
        public ReadingMethod $method,
        public Unit $unit,
        public float $step = 0.0,
        public array $fields = [],
        public ?float $days = null,
    ) {}

    /** What most keepers measure it with, until they say what they have. */
    public static function usual(Parameter $parameter, float $penFactor = Conductivity::FACTOR_SALT): self
    {
        $entry = $parameter->entry();

        return new self($parameter, $entry->method, Unit::for($parameter, $penFactor)[0], $entry->step, $entry->fields);
    }

    /** How far a meter may have strayed since it was last set, as a standard deviation in the base unit. */
    public function wander(float $value): float
    {
        $entry = $this->parameter->entry();
        if ($this->method !== ReadingMethod::Pen || $this->days === null) {
            return 0.0;
        }

        return ($entry->wander + $entry->wanderShare * abs($value)) * min(self::LONGEST, max(0.0, $this->days)) / self::MONTH;
    }

    /** Whether there is a standard that such a meter is set against. */
    public function isSet(): bool
    {
        return $this->method === ReadingMethod::Pen && $this->parameter->entry()->setDays !== null;
    }

    /** Whether a meter is to be set again: known to be long since. */
    public function isDue(): bool
    {
        return $this->isSet() && $this->days !== null && $this->days >= $this->parameter->entry()->setDays;
    }

    public function isChart(): bool
    {
        return $this->method === ReadingMethod::AtField && count($this->fields) > 1;
    }

    /**
     * @throws MeasureFault with a sentence for the keeper when the text is not a reading or lies outside what water holds
     */
    public function read(string $typed): TestResult
    {
        $text = trim(str_replace(["\u{2013}", "\u{2212}"], '-', mb_strtolower($typed)));
        $number = '(\d{1,9}(?:[.,]\d{1,9})?|[.,]\d{1,9})';
        try {
            if (preg_match('/^'.$number.'$/', $text, $m)) {
                return $this->single($this->base($m[1]));
            }
            if (preg_match('/^'.$number.'\s*(?:-|to|\.\.)\s*'.$number.'(?:\s*,?\s*near(?:er)?\s*'.$number.')?$/', $text, $m)) {
                return $this->band($this->base($m[1]), $this->base($m[2]), isset($m[3]) ? $this->base($m[3]) : null);
            }
            if (preg_match('/^(?:<|under|below)\s*'.$number.'$/', $text, $m)) {
                return TestResult::under($this->parameter, $this->base($m[1]));
            }
            if (preg_match('/^(?:>|over|above)\s*'.$number.'$|^'.$number.'\s*\+$/', $text, $m)) {
                return TestResult::atLeast($this->parameter, $this->base($m[1] !== '' ? $m[1] : $m[2]));
            }
        } catch (MeasureFault $fault) {
            throw $this->inOwnUnit($fault, $text);
        }
        throw MeasureFault::unreadable($typed);
    }

    private function base(string $number): float
    {
        return $this->unit->toBase((float) str_replace(',', '.', $number));
    }

    private function single(float $value): TestResult
    {
        return match ($this->method) {
            ReadingMethod::Pen => TestResult::pen($this->parameter, $value, $this->unit->widthToBase($this->step), $this->wander($value)),
            ReadingMethod::Drops => TestResult::drops($this->parameter, $value, $this->unit->widthToBase($this->step)),
            ReadingMethod::AtField => $this->onChart($value),
            default => TestResult::exact($this->parameter, $value),
        };
    }

    /** A bare number from a chart: a field, or a guess between two fields. */
    private function onChart(float $value): TestResult
    {
        $fields = array_map($this->unit->toBase(...), $this->fields);
        foreach ($fields as $i => $field) {
            // Below the first field there is nothing, or, where there is no nothing, as much again as to the next.
            $below = match (true) {
                $i > 0 => $fields[$i - 1],
                $this->parameter->entry()->beyond === null => 0.0,
                default => $field - (($fields[1] ?? $field) - $field),
            };
            if (abs($value - $field) < 1e-9 * max(1.0, $field)) {
                return $i === count($fields) - 1
                    ? TestResult::atTop($this->parameter, $below, $field)
                    : TestResult::atField($this->parameter, $below, $field, $fields[$i + 1]);
            }
            if ($value < $field) {
                return $i === 0
                    ? TestResult::under($this->parameter, $field, $value)
                    : TestResult::between($this->parameter, $below, $field, $value);
            }
        }

        return $fields === [] ? TestResult::exact($this->parameter, $value) : TestResult::atLeast($this->parameter, $value);
    }

    private function band(float $low, float $high, ?float $nearer): TestResult
    {
        if ($nearer !== null) {
            if ($nearer < $low || $nearer > $high) {
                throw MeasureFault::unordered();
            }
            $quarter = ($high - $low) / 4.0;
            $nearer = max($low + $quarter, min($high - $quarter, $nearer));
        }
        if ($high > $this->parameter->range()[1]) {
            return TestResult::exact($this->parameter, $high);
        }

        return TestResult::between($this->parameter, $low, $high, $nearer);
    }

    private function inOwnUnit(MeasureFault $fault, string $text): MeasureFault
    {
        if ($fault->text->key !== 'measure.out_of_range') {
            return $fault;
        }
        [$least, $most] = $this->parameter->range();

        return MeasureFault::outOfRange($this->parameter, round($this->unit->fromBase($least), 2), round($this->unit->fromBase($most), 2), $this->unit->label);
    }
}
