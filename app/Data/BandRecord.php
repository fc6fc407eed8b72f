<?php

declare(strict_types=1);

namespace App\Data;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\NormalValue;

/** A forecast figure as it is kept: middle, band and spread, in the base unit. */
final readonly class BandRecord
{
    public function __construct(public float $central, public float $low, public float $high, public float $spread) {}

    public static function from(?Distribution $value): ?self
    {
        return $value === null ? null : new self($value->central(), $value->quantile(0.1), $value->quantile(0.9), $value->spread());
    }

    public static function read(mixed $kept): ?self
    {
        if (!is_array($kept) || count($kept) !== 4) {
            return null;
        }
        [$central, $low, $high, $spread] = array_map(static fn(mixed $x): float => is_numeric($x) ? (float) $x : 0.0, array_values($kept));

        return new self($central, $low, $high, $spread);
    }

    /** @return list<float> */
    public function toArray(): array
    {
        return [$this->central, $this->low, $this->high, $this->spread];
    }

    /** The mixture with so much of another water, 0 to 1. */
    public function mixedWith(self $other, float $share): self
    {
        $central = (1.0 - $share) * $this->central + $share * $other->central;
        $spread = sqrt(((1.0 - $share) * $this->spread) ** 2 + ($share * $other->spread) ** 2);
        $half = (new NormalValue(0.0, 1.0))->quantile(0.9) * $spread;

        return new self($central, $central - $half, $central + $half, $spread);
    }

    public function distribution(): NormalValue
    {
        return new NormalValue($this->central, $this->spread);
    }

    public function halfWidth(): float
    {
        return ($this->high - $this->low) / 2.0;
    }
}
