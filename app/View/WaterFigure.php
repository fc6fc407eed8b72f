<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Reading;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;

/** The last reading of one parameter against the range its animals are kept in. */
final readonly class WaterFigure
{
    public ?Distribution $value;

    /** @param array{float, float}|null $range */
    public function __construct(public Parameter $parameter, public ?Reading $reading, public ?array $range)
    {
        $this->value = $reading?->toCore()->distribution();
    }

    /** "low", "high" or null: only when the whole band lies beyond. */
    public function beyond(): ?string
    {
        if ($this->value === null || $this->range === null) {
            return null;
        }

        return match (true) {
            $this->value->quantile(0.9) < $this->range[0] => 'low',
            $this->value->quantile(0.1) > $this->range[1] => 'high',
            default => null,
        };
    }

    /** Position on the band drawing, 0 to 100. */
    public function at(float $value): float
    {
        $low = min([...($this->range ?? []), $this->value?->quantile(0.1) ?? $value]);
        $high = max([...($this->range ?? []), $this->value?->quantile(0.9) ?? $value]);
        $margin = 0.15 * max($high - $low, 1e-6);

        return round(100.0 * max(0.0, min(1.0, ($value - $low + $margin) / ($high - $low + 2.0 * $margin))), 1);
    }
}
