<?php

declare(strict_types=1);

namespace App\Drawing;

/** Where values stand in a drawing, along one direction. */
final readonly class Axis
{
    /** Least difference of its ends, so that one value alone has a place. */
    private const LEAST = 1e-9;

    /**
     * @param float $low    value at its beginning
     * @param float $high   value at its end, above that
     * @param float $from   place of the beginning
     * @param float $to     place of the end, to either side
     * @param float $beyond share of its length by which what lies further out may still stand outside
     */
    public function __construct(public float $low, public float $high, public float $from, public float $to, private float $beyond = 0.0) {}

    /** The place of a value, to a tenth of a unit; what lies further out stands at the end. */
    public function at(float $value): float
    {
        return $this->all([$value])[0];
    }

    /**
     * The places of many values.
     *
     * @param list<float> $values
     *
     * @return list<float>
     */
    public function all(array $values): array
    {
        $each = ($this->to - $this->from) / max(self::LEAST, $this->high - $this->low);
        $ends = [$this->from - $this->beyond * ($this->to - $this->from), $this->to + $this->beyond * ($this->to - $this->from)];
        [$least, $most] = [min($ends), max($ends)];
        $places = [];
        foreach ($values as $value) {
            $place = $this->from + $each * ($value - $this->low);
            $places[] = round($place < $least ? $least : ($place > $most ? $most : $place), 1);
        }

        return $places;
    }
}
