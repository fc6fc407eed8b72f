<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\BandRecord;
use App\Drawing\Axis;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\WaterChange\ForecastCheck;

/** One parameter of a forecast check at one moment: what was forecast and what was measured. */
final readonly class ForecastCheckRow
{
    public function __construct(
        public Parameter $parameter,
        public string $when,
        public ?BandRecord $before,
        public BandRecord $forecast,
        public Distribution $measured,
    ) {}

    public function deviations(): float
    {
        return ForecastCheck::deviationsOf($this->forecast->distribution(), $this->measured);
    }

    public function measuredHalfWidth(): float
    {
        return ($this->measured->quantile(0.9) - $this->measured->quantile(0.1)) / 2.0;
    }

    public function holds(): bool
    {
        return abs($this->deviations()) <= ForecastCheck::SURPRISE;
    }

    /** Position on the drawing of this row, 0 to 100. */
    public function at(float $value): float
    {
        $points = array_filter([
            $this->forecast->low, $this->forecast->high, $this->measured->quantile(0.1), $this->measured->quantile(0.9), $this->before?->central,
        ], static fn(?float $x): bool => $x !== null);
        $low = min($points);
        $high = max($points);
        $margin = 0.1 * max($high - $low, 1e-6);

        return (new Axis($low - $margin, $high + $margin, 0.0, 100.0))->at($value);
    }
}
