<?php

declare(strict_types=1);

namespace Cresco\Core\Food;

use Cresco\Core\Numeric\NormalTail;

/** Level, rate and factor of the kit of one nutrient as one filter holds them, with how far each may be off and go together. */
final class CourseState
{
    /** Deviations above nothing from which a level can be taken to be there. */
    private const CLEAR = 4.0;

    private function __construct(
        public float $level,
        public float $rate,
        public float $kit,
        public float $ofLevel,
        private float $levelRate,
        private float $levelKit,
        public float $ofRate,
        private float $rateKit,
        public float $ofKit,
        private readonly float $walk,
        public float $weight,
    ) {}

    /** @param float $walk of the rate in the square root of a day */
    public static function begin(float $level, float $levelOff, float $rate, float $rateOff, float $kitOff, float $walk): self
    {
        return new self($level, $rate, 0.0, $levelOff ** 2, 0.0, 0.0, $rateOff ** 2, 0.0, $kitOff ** 2, $walk, 1.0 / count(Course::WALKS));
    }

    /**
     * @param float $kept  of the level that was there
     * @param float $comes of a rate of one a day
     * @param float $turn  by which the rate of these days differs
     */
    public function pass(float $days, float $kept, float $comes, float $turn): void
    {
        $this->level = $this->level * $kept + ($this->rate + $turn) * $comes;
        $walk = $this->walk ** 2;
        $this->ofLevel = $kept ** 2 * $this->ofLevel + 2.0 * $kept * $comes * $this->levelRate + $comes ** 2 * $this->ofRate + $walk * $days * $comes ** 2 / 3.0;
        $this->levelRate = $kept * $this->levelRate + $comes * $this->ofRate + $walk * $days * $comes / 2.0;
        $this->levelKit = $kept * $this->levelKit + $comes * $this->rateKit;
        $this->ofRate += $walk * $days;
        $this->stayAbove();
    }

    public function meet(FoodEvent $event): void
    {
        switch ($event->kind) {
            case EventKind::Changed:
                $left = 1.0 - $event->share;
                $this->level = $left * $this->level + $event->share * $event->value;
                $this->ofLevel = $left ** 2 * $this->ofLevel + ($event->share * $event->spread) ** 2;
                $this->levelRate *= $left;
                $this->levelKit *= $left;
                break;
            case EventKind::Added:
                $this->level = max(0.0, $this->level + $event->value);
                break;
            case EventKind::Turned:
                $this->ofRate += $event->spread ** 2;
                break;
            case EventKind::Read:
                break;
        }
    }

    /**
     * Moved by what was read: level times one and the factor of the kit.
     *
     * @param float $spread of the reading alone
     * @param float $odd    squared deviations from which on it is believed less
     *
     * @return array{float, float} squared deviations that it was off, and the log of how likely it was
     *
     * @throws FoodFault
     */
    public function read(float $value, float $spread, float $odd): array
    {
        if (!(abs($value) < 1e9 && $spread >= 0.0 && $spread < 1e9 && $odd > 0.0 && $odd < 1e9)) {
            throw FoodFault::event();
        }
        [$a, $b] = [1.0 + $this->kit, $this->level];
        $levelWith = $a * $this->ofLevel + $b * $this->levelKit;
        $rateWith = $a * $this->levelRate + $b * $this->rateKit;
        $kitWith = $a * $this->levelKit + $b * $this->ofKit;
        $variance = $a * $levelWith + $b * $kitWith + $spread ** 2;
        if ($variance <= 0.0) {
            return [0.0, 0.0];
        }
        $off = $value - $a * $b;
        $far = $off ** 2 / $variance;
        if ($far > $odd) {
            $variance *= $far / $odd;
        }
        $this->level += $levelWith / $variance * $off;
        $this->rate += $rateWith / $variance * $off;
        $this->kit += $kitWith / $variance * $off;
        $this->ofLevel = max(0.0, $this->ofLevel - $levelWith ** 2 / $variance);
        $this->levelRate -= $levelWith * $rateWith / $variance;
        $this->levelKit -= $levelWith * $kitWith / $variance;
        $this->ofRate = max(0.0, $this->ofRate - $rateWith ** 2 / $variance);
        $this->rateKit -= $rateWith * $kitWith / $variance;
        $this->ofKit = max(0.0, $this->ofKit - $kitWith ** 2 / $variance);
        $this->stayAbove();

        return [$far, -0.5 * (min($far, $odd) + log($variance))];
    }

    /** What of the bell of the level lies below nothing is put at nothing: its first two moments are those of max(0, level). */
    private function stayAbove(): void
    {
        $spread = sqrt($this->ofLevel);
        if ($this->level > self::CLEAR * $spread) {
            return;
        }
        if ($spread < 1e-12) {
            $this->level = max(0.0, $this->level);

            return;
        }
        $z = $this->level / $spread;
        $above = NormalTail::below($z);
        $bell = exp(-0.5 * $z * $z) / sqrt(2.0 * M_PI);
        $mean = max(0.0, $this->level * $above + $spread * $bell);
        $this->ofLevel = max(0.0, ($this->ofLevel + $this->level ** 2) * $above + $this->level * $spread * $bell - $mean ** 2);
        $this->level = $mean;
        $this->levelRate *= $above;
        $this->levelKit *= $above;
    }
}
