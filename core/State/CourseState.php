<?php

declare(strict_types=1);

namespace Cresco\Core\State;

use Cresco\Core\Numeric\NormalTail;

/** Level, rate and factor of the kit as one filter holds them, with how far each may be off and go together. */
final class CourseState
{
    /** Deviations above nothing from which a level can be taken to be there. */
    private const CLEAR = 4.0;

    /** Chance that a reading is a slip that says nothing. House default. */
    private const SLIP = 0.015;

    /** Share of what happens unwritten that brings something; the rest takes away. House default. */
    private const UP = 0.6;

    /** Share by which the part that is changed is off, a standard deviation. House default. */
    private const HAND = 0.03;

    /** The same of a dose. House default. */
    private const DOSE = 0.02;

    /** By which a kit ages in the square root of a day, as a share, a standard deviation. House default. */
    private const AGES = 0.003;

    /** Numbers that a state is kept as. */
    private const NUMBERS = 14;

    /** Deviations within which two bells are one. House default. */
    private const ALIKE = 0.5;

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
        private float $kitOff,
        private readonly float $walk,
        private readonly float $least,
        private readonly float $uneven,
        public float $weight,
        public bool $isSlip = false,
    ) {}

    /**
     * @param float $walk   of the rate in the square root of a day
     * @param float $least  by which a level near nothing is off at the least, a standard deviation
     * @param float $uneven by which days differ, in the square root of a day
     */
    public static function begin(
        float $level,
        float $levelOff,
        float $rate,
        float $rateOff,
        float $kitOff,
        float $walk,
        float $least = 0.0,
        float $uneven = 0.0,
    ): self {
        return new self(
            $level,
            $rate,
            0.0,
            $levelOff ** 2,
            0.0,
            0.0,
            $rateOff ** 2,
            0.0,
            $kitOff ** 2,
            $kitOff,
            $walk,
            $least,
            $uneven,
            1.0 / count(Course::WALKS),
        );
    }

    /**
     * Where nothing is known of the level: it is what the first reading says.
     *
     * @param float $floor by which it is off at the least, a standard deviation
     *
     * @throws StateFault
     */
    public static function atFirst(Event $reading, float $floor, float $rate, float $rateOff, float $walk, float $uneven = 0.0): self
    {
        if (!($floor >= 0.0 && $floor < 1e9)) {
            throw StateFault::event();
        }
        $state = self::begin(
            $reading->value,
            sqrt($reading->spread ** 2 + $floor ** 2 + ($reading->value * $reading->kit) ** 2),
            $rate,
            $rateOff,
            $reading->kit,
            $walk,
            $floor,
            $uneven,
        );
        $state->levelKit = -$reading->value * $reading->kit ** 2;
        $state->stayAbove();

        return $state;
    }

    /**
     * What is left of it without a part of it, which is known apart from it.
     *
     * @throws StateFault
     */
    public function without(self $part, float $ofWhole, float $ofPart): self
    {
        if (!(max(abs($ofWhole), abs($ofPart)) < 1e9)) {
            throw StateFault::event();
        }
        $state = new self(
            $ofWhole * $this->level - $ofPart * $part->level,
            $ofWhole * $this->rate - $ofPart * $part->rate,
            0.0,
            $ofWhole ** 2 * $this->ofLevel + $ofPart ** 2 * $part->ofLevel,
            $ofWhole ** 2 * $this->levelRate + $ofPart ** 2 * $part->levelRate,
            0.0,
            $ofWhole ** 2 * $this->ofRate + $ofPart ** 2 * $part->ofRate,
            0.0,
            0.0,
            0.0,
            hypot($ofWhole * $this->walk, $ofPart * $part->walk),
            hypot($ofWhole * $this->least, $ofPart * $part->least),
            hypot($ofWhole * $this->uneven, $ofPart * $part->uneven),
            $this->weight * $part->weight,
        );
        $state->stayAbove();

        return $state;
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
        $this->ofLevel = $kept ** 2 * $this->ofLevel + 2.0 * $kept * $comes * $this->levelRate + $comes ** 2 * $this
            ->ofRate + $walk * $days * $comes ** 2 / 3.0 + $this->uneven ** 2 * $days;
        $this->levelRate = $kept * $this->levelRate + $comes * $this->ofRate + $walk * $days * $comes / 2.0;
        $this->levelKit = $kept * $this->levelKit + $comes * $this->rateKit;
        $this->ofRate += $walk * $days;
        $this->ofKit += $this->kitOff > 0.0 ? self::AGES ** 2 * $days : 0.0;
        $this->stayAbove();
    }

    public function meet(Event $event): void
    {
        switch ($event->kind) {
            case EventKind::Changed:
                $left = 1.0 - $event->share;
                $hand = self::HAND * $event->share * ($event->value - $this->level);
                $this->level = $left * $this->level + $event->share * $event->value;
                $this->ofLevel = $left ** 2 * $this->ofLevel + ($event->share * $event->spread) ** 2 + $hand ** 2;
                $this->levelRate *= $left;
                $this->levelKit *= $left;
                break;
            case EventKind::Added:
                $this->level = max(0.0, $this->level + $event->value);
                $this->ofLevel += ($event->isDose ? self::DOSE * $event->value : 0.0) ** 2;
                break;
            case EventKind::Turned:
                $this->ofRate += $event->spread ** 2;
                break;
            case EventKind::Read:
                break;
        }
    }

    /**
     * What a reading may mean, each as a state of its own, weighed by the chance with which it gives that reading: as before; something came or
     * went that is not written down, so that the level is free again above or below; or the reading is a slip that says nothing.
     *
     * @param float $floor by which it is off at the least, a standard deviation
     * @param float $event chance that something happened since the last reading, 0 to 1
     * @param float $top   highest level that anything may bring, above 0
     *
     * @return list<self>
     *
     * @throws StateFault
     */
    public function read(Event $reading, float $floor, float $event, float $top): array
    {
        if (!($floor >= 0.0 && $floor < 1e9 && $event >= 0.0 && $event <= 1.0 && $top > 0.0 && $top < 1e9)) {
            throw StateFault::event();
        }
        if (abs($reading->kit - $this->kitOff) > 1e-9) {
            // Another kit: nothing is known of its factor.
            [$this->kit, $this->ofKit, $this->levelKit, $this->rateKit, $this->kitOff] = [0.0, $reading->kit ** 2, 0.0, 0.0, $reading->kit];
        }
        $believed = 1.0 - self::SLIP;
        // Of a field it is the chance of all of it that counts.
        $width = $reading->low === null || $reading->high === null ? 1.0 : min($reading->high, max($top, 1.5 * $reading->low)) - $reading->low;

        return array_values(array_filter([
            $this->asBefore($reading, $floor, (1.0 - $event) * $believed),
            $this->weighing((1.0 - $event) * self::SLIP * $width / $top),
            $this->moved($reading->value, max(1e-9, hypot($reading->spread, $floor)), self::UP * $event * $believed * $width, true, $top),
            $this->moved($reading->value, max(1e-9, hypot($reading->spread, $floor)), (1.0 - self::UP) * $event * $believed * $width, false, $top),
        ], static fn(self $state): bool => $state->weight > 0.0));
    }

    private function weighing(float $chance): self
    {
        $state = clone $this;
        $state->weight *= $chance;
        $state->isSlip = true;

        return $state;
    }

    /** Level times one and the factor of the kit is read; of a field what lies between its ends, in closed form. */
    private function asBefore(Event $reading, float $floor, float $chance): self
    {
        $state = clone $this;
        $state->isSlip = false;
        [$a, $b] = [1.0 + $this->kit, $this->level];
        $levelWith = $a * $this->ofLevel + $b * $this->levelKit;
        $rateWith = $a * $this->levelRate + $b * $this->rateKit;
        $kitWith = $a * $this->levelKit + $b * $this->ofKit;
        $isField = $reading->low !== null && $reading->high !== null;
        $variance = max(1e-18, $a * $levelWith + $b * $kitWith + ($isField ? $reading->eye : $reading->spread) ** 2 + $floor ** 2);
        [$off, $learned, $like] = $isField ? self::within(((float) $reading->low - $a * $b) / sqrt($variance), ((float) $reading->high - $a * $b) / sqrt($variance), $reading->low <= 0.0)
            : [($reading->value - $a * $b) / sqrt($variance), 1.0, exp(-0.5 * ($reading->value - $a * $b) ** 2 / $variance) / sqrt(2.0 * M_PI * $variance)];
        $off /= sqrt($variance);
        $learned /= $variance;
        $state->level += $levelWith * $off;
        $state->rate += $rateWith * $off;
        $state->kit += $kitWith * $off;
        $state->ofLevel = max(0.0, $this->ofLevel - $levelWith ** 2 * $learned);
        $state->levelRate -= $levelWith * $rateWith * $learned;
        $state->levelKit -= $levelWith * $kitWith * $learned;
        $state->ofRate = max(0.0, $this->ofRate - $rateWith ** 2 * $learned);
        $state->rateKit -= $rateWith * $kitWith * $learned;
        $state->ofKit = max(0.0, $this->ofKit - $kitWith ** 2 * $learned);
        $state->weight *= $chance * $like;
        $state->stayAbove();

        return $state;
    }

    /**
     * A bell of one cut at two ends, in deviations: its mean, by how much its variance is less, and how much of it lies between them.
     *
     * @param bool $isLowest whether nothing lies below the lower end
     *
     * @return array{float, float, float}
     */
    private static function within(float $low, float $high, bool $isLowest): array
    {
        $bell = static fn(float $z): float => abs($z) > 30.0 ? 0.0 : exp(-0.5 * $z * $z) / sqrt(2.0 * M_PI);
        [$atLow, $atHigh] = [$isLowest ? 0.0 : $bell($low), $bell($high)];
        $inside = NormalTail::below($high) - ($isLowest ? 0.0 : NormalTail::below($low));
        if ($inside < 1e-9) {
            return [0.0, 0.0, 0.0];
        }
        $mean = ($atLow - $atHigh) / $inside;

        return [$mean, $mean ** 2 - (($isLowest ? 0.0 : $low * $atLow) - (is_finite($high) ? $high * $atHigh : 0.0)) / $inside, $inside];
    }

    /** Something came (up to the top of the scale) or went (all of it or a part): the level is what was read, above or below what it was. Rate and kit stay. */
    private function moved(float $value, float $spread, float $chance, bool $isUp, float $top): self
    {
        $state = clone $this;
        $state->isSlip = false;
        $a = max(0.1, 1.0 + $this->kit);
        $level = $value / $a;
        $own = ($spread / $a) ** 2 + ($level / $a) ** 2 * $this->ofKit;
        $both = sqrt($own + $this->ofLevel);
        // Half of a bell: it lies on the other side of what was there.
        $z = ($isUp ? $level - $this->level : $this->level - $level) / $both;
        $beyond = max(1e-12, NormalTail::below($z));
        $slope = exp(-0.5 * $z * $z) / sqrt(2.0 * M_PI) / $beyond;
        $room = $isUp ? $top : max(0.01 * $top, $this->level);
        $inside = $isUp ? $beyond - NormalTail::below($z - $top / $both) : $beyond - NormalTail::below(-$level / sqrt($own));
        $state->weight *= $chance * max(0.0, $inside) / ($room * $a);
        $state->level = $level + ($isUp ? 1.0 : -1.0) * $own / $both * $slope;
        $state->ofLevel = max(1e-12, $own - $own ** 2 * $slope * ($slope + $z) / $both ** 2);
        $state->levelKit = -$level / $a * $this->ofKit;
        $state->levelRate = -$level / $a * $this->rateKit;
        $state->stayAbove();

        return $state;
    }

    public function isByPen(): bool
    {
        return $this->kitOff <= 0.0;
    }

    /** @return list<float> all that it is, to be kept */
    public function toKeep(): array
    {
        return [
            $this->level, $this->rate, $this->kit, $this->ofLevel, $this->levelRate, $this->levelKit, $this->ofRate, $this->rateKit, $this->ofKit,
            $this->kitOff, $this->walk, $this->least, $this->uneven, $this->weight,
        ];
    }

    /**
     * @param array<mixed> $kept by toKeep()
     *
     * @return self|null null for what is none
     */
    public static function kept(array $kept): ?self
    {
        $numbers = array_values(array_filter($kept, static fn(mixed $number): bool => (is_float($number) || is_int($number)) && is_finite((float) $number)));

        return count($numbers) === self::NUMBERS && count($kept) === self::NUMBERS ? new self(...array_map(floatval(...), $numbers)) : null;
    }

    /** Whether another tells the same, for the eye of whoever asks. */
    public function isLike(self $other): bool
    {
        return $this->walk === $other->walk
            && ($this->level - $other->level) ** 2 < self::ALIKE ** 2 * min($this->ofLevel, $other->ofLevel)
            && ($this->rate - $other->rate) ** 2 < self::ALIKE ** 2 * min($this->ofRate, $other->ofRate);
    }

    /** Both as one, with their first two moments. */
    public function with(self $other): self
    {
        $sum = $this->weight + $other->weight;
        [$p, $q] = [$this->weight / $sum, $other->weight / $sum];
        [$dl, $dr, $dk] = [$this->level - $other->level, $this->rate - $other->rate, $this->kit - $other->kit];
        $of = static fn(float $a, float $b, float $c, float $d): float => $p * $a + $q * $b + $p * $q * $c * $d;

        return new self(
            $p * $this->level + $q * $other->level,
            $p * $this->rate + $q * $other->rate,
            $p * $this->kit + $q * $other->kit,
            $of($this->ofLevel, $other->ofLevel, $dl, $dl),
            $of($this->levelRate, $other->levelRate, $dl, $dr),
            $of($this->levelKit, $other->levelKit, $dl, $dk),
            $of($this->ofRate, $other->ofRate, $dr, $dr),
            $of($this->rateKit, $other->rateKit, $dr, $dk),
            $of($this->ofKit, $other->ofKit, $dk, $dk),
            $this->kitOff,
            $this->walk,
            $this->least,
            $this->uneven,
            $sum,
        );
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
        // It never dies at nothing: there a kit tells little, and no day is quite like another.
        $this->ofLevel = max($this->least ** 2, ($this->ofLevel + $this->level ** 2) * $above + $this->level * $spread * $bell - $mean ** 2);
        $this->level = $mean;
        $this->levelRate *= $above;
        $this->levelKit *= $above;
    }
}
