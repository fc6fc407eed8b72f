<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Drawing\Axis;
use Cresco\Core\WaterChange\Outlook;

/** One parameter on the water change page: now, after, next day, with its scale for the small band drawing. */
final readonly class OutlookRow
{
    /**
     * @param array{float, float}      $scale        left and right end of the band drawing, in the base unit
     * @param array{float, float}|null $range        the animals' usual range
     * @param string|null              $outsideRange "high" or "low" when the middle after the change is beyond it
     */
    public function __construct(
        public Outlook $outlook,
        public array $scale,
        public ?array $range,
        public ?float $goal,
        public bool $beyondSwing,
        public ?string $outsideRange,
        public bool $assumed,
    ) {}

    /** Share of its target range, or of itself, that counts as a move. House default. */
    private const MOVES = 0.05;

    public function isForetold(): bool
    {
        return $this->outlook->now !== null && $this->outlook->after() !== null;
    }

    /** Whether it is worth a line: it moves, is aimed at, or is out of its target range afterwards. */
    public function moves(): bool
    {
        [$now, $after] = [$this->outlook->now?->central() ?? 0.0, $this->outlook->after()?->central() ?? 0.0];

        return $this->beyondSwing
            || $this->outsideRange !== null
            || $this->goal !== null
            || abs($after - $now) > self::MOVES * ($this->range === null ? abs($now) : $this->range[1] - $this->range[0]);
    }

    /** Position of a base value on the band drawing, 0 to 100. */
    public function at(float $value): float
    {
        return (new Axis($this->scale[0], $this->scale[1], 0.0, 100.0))->at($value);
    }
}
