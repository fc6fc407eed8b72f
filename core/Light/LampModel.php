<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

/** One lamp over the water, parallel to it; lengths in mm. */
final readonly class LampModel
{
    /** Points along each side of what shines that are looked at from a place in the water. */
    private const POINTS = 12;

    /** Points of the angle in which share of the light is summed up, either way. */
    private const ANGLES = 56;

    /** Exponent of the cosine by which its brightness falls to the side. */
    public float $exponent;

    /**
     * @param float $flux   µmol/s at full power
     * @param float $length along the front pane, mm
     * @param float $width  mm
     * @param float $above  mm over the water
     * @param float $angle  full angle at half brightness, degrees
     * @param float $dimmer share of full power, 0 to 1
     * @param float $hours  on a day, ramps and all
     * @param float $ramp   minutes from dark to full, and again from full to dark
     * @param float $across where its middle is, share of the length of the plan from the left
     * @param float $front  share of the depth of the plan from the front pane
     * @param int   $spots  how many, of a row of spots
     *
     * @throws LightFault
     */
    public function __construct(
        public LampKind $kind,
        public float $flux,
        public float $length,
        public float $width,
        public float $above,
        public float $angle = 120.0,
        public float $dimmer = 1.0,
        public float $hours = 8.0,
        public float $ramp = 0.0,
        public float $across = 0.5,
        public float $front = 0.5,
        public int $spots = 1,
    ) {
        Flux::checked($flux);
        if (!(min($length, $width) >= 1.0 && max($length, $width) <= 10000.0 && $above >= 0.0 && $above <= 5000.0 && $angle >= 5.0 && $angle <= 170.0)) {
            throw LightFault::lamp();
        }
        if (!($dimmer >= 0.0 && $dimmer <= 1.0 && $hours >= 0.0 && $hours <= 24.0 && $ramp >= 0.0 && 2.0 * $ramp <= 60.0 * $hours + 1e-9)) {
            throw LightFault::hours();
        }
        if (!($across >= -1.0 && $across <= 2.0 && $front >= -1.0 && $front <= 2.0)) {
            throw LightFault::lamp();
        }
        $this->exponent = log(0.5) / log(cos(deg2rad($angle) / 2.0));
    }

    /** µmol/s as it is dimmed. */
    public function power(): float
    {
        return $this->flux * $this->dimmer;
    }

    /** Hours at full power that give the same light: each ramp counts half. */
    public function fullHours(): float
    {
        return $this->hours - $this->ramp / 60.0;
    }

    /**
     * Share of its photons that meet a rectangle of water. Points of the lamp and points of the water that lie as far from each other are
     * taken together, so that one sum over the direction is left.
     *
     * @param float $length of the water, mm, above 0
     * @param float $depth  of it, mm, above 0
     *
     * @throws LightFault
     */
    public function share(float $length, float $depth): float
    {
        if (!(min($length, $depth) > 0.0 && max($length, $depth) <= 1e5)) {
            throw LightFault::place();
        }
        $height = max(1.0, $this->above);
        $sum = 0.0;
        $emitters = $this->kind->emitters($this->length, $this->width, $this->spots);
        foreach ($emitters as [$middle, $long, $wide]) {
            $x = self::weights($this->across * $length + $middle, $long, $length, $height);
            $y = self::weights((1.0 - $this->front) * $depth, $wide, $depth, $height);
            foreach ($x as [$tanX, $weightX]) {
                foreach ($y as [$tanY, $weightY]) {
                    $sum += $weightX * $weightY * (1.0 + $tanX * $tanX + $tanY * $tanY) ** (-($this->exponent + 3.0) / 2.0);
                }
            }
        }

        return min(1.0, $sum * ($this->exponent + 1.0) / (2.0 * M_PI) / count($emitters));
    }

    /**
     * Light that falls on a point of the water without anything in its way, as a share of its photons a mm2.
     *
     * @param float $x      mm from the left end of the plan
     * @param float $y      mm from its back
     * @param float $length of the plan, mm
     * @param float $depth  of it, mm
     */
    public function falls(float $x, float $y, float $length, float $depth): float
    {
        if (!(max(abs($x), abs($y), abs($length), abs($depth)) <= 1e6)) {
            throw LightFault::place();
        }
        $height = max(1.0, $this->above);
        $sum = 0.0;
        $emitters = $this->kind->emitters($this->length, $this->width, $this->spots);
        foreach ($emitters as [$middle, $long, $wide]) {
            $along = self::tangents($this->across * $length + $middle - $x, $long, $height);
            $back = self::tangents((1.0 - $this->front) * $depth - $y, $wide, $height);
            foreach ($along as [$tanX, $weightX]) {
                foreach ($back as [$tanY, $weightY]) {
                    $sum += $weightX * $weightY * (1.0 + $tanX * $tanX + $tanY * $tanY) ** (-($this->exponent + 3.0) / 2.0);
                }
            }
        }

        return $sum * ($this->exponent + 1.0) / (2.0 * M_PI) / count($emitters);
    }

    /**
     * Directions in one plane, with how much of the lamp sees the water in each.
     *
     * @param float $at    middle of what shines, mm from the end of the water
     * @param float $long  its length, mm
     * @param float $water length of the water, mm
     *
     * @return list<array{float, float}> tangent and weight
     */
    private static function weights(float $at, float $long, float $water, float $height): array
    {
        [$from, $to] = [$at - $long / 2.0, $at + $long / 2.0];
        // From the direction in which the first point is seen to that of the last.
        [$low, $high] = [atan(-$to / $height), atan(($water - $from) / $height)];
        $step = ($high - $low) / self::ANGLES;
        $weights = [];
        for ($i = 0; $i < self::ANGLES; ++$i) {
            $tan = tan($low + ($i + 0.5) * $step);
            $shift = $tan * $height;
            $seen = min($to, $water - $shift) - max($from, -$shift);
            if ($seen > 0.0) {
                $weights[] = [$tan, $seen / $long * (1.0 + $tan * $tan) * $step];
            }
        }

        return $weights;
    }

    /** @return list<array{float, float}> tangent and weight of points of a lamp, whose middle lies so far off */
    private static function tangents(float $off, float $long, float $height): array
    {
        [$low, $high] = [atan(($off - $long / 2.0) / $height), atan(($off + $long / 2.0) / $height)];
        $step = ($high - $low) / self::POINTS;
        $tangents = [];
        for ($i = 0; $i < self::POINTS; ++$i) {
            $tan = tan($low + ($i + 0.5) * $step);
            $tangents[] = [$tan, (1.0 + $tan * $tan) * $step / $long];
        }

        return $tangents;
    }
}
