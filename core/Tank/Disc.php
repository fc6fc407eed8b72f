<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** A cylinder seen from above. */
final readonly class Disc implements Footprint
{
    public function __construct(private float $radius) {}

    /** Height of a segment, in radii, below which it is taken by its chord; then good to 1e-8. */
    private const FLAT = 1e-4;

    /** Area of a circular segment of height $height (0 to 2 radii), mm2. */
    public static function segment(float $radius, float $height): float
    {
        if (!($radius > 0.0 && $radius < INF)) {
            return 0.0;
        }
        $height = max(0.0, min(2.0 * $radius, $height));
        if ($height <= self::FLAT * $radius) {
            // So flat an arc that the two terms below cancel each other's digits.
            $chord = 2.0 * sqrt(max(0.0, 2.0 * $radius * $height - $height ** 2));

            return $chord <= 0.0 ? 0.0 : 2.0 * $chord * $height / 3.0 + $height ** 3 / (2.0 * $chord);
        }

        return $radius ** 2 * acos(max(-1.0, min(1.0, 1.0 - $height / $radius)))
            - ($radius - $height) * sqrt(max(0.0, 2.0 * $radius * $height - $height ** 2));
    }

    public function area(): float
    {
        return M_PI * $this->radius ** 2;
    }

    public function areaBehind(float $depth): float
    {
        return self::segment($this->radius, $depth);
    }

    public function length(): float
    {
        return 2.0 * $this->radius;
    }

    public function depth(): float
    {
        return 2.0 * $this->radius;
    }

    public function outline(): array
    {
        return self::arc($this->radius, $this->radius, $this->radius, M_PI, 3.0 * M_PI);
    }

    /** @return list<array{float, float}> points on a circle, angle 0 to the right, growing toward the viewer */
    public static function arc(float $acrossCentre, float $depthCentre, float $radius, float $from, float $to): array
    {
        if (!is_finite($from) || !is_finite($to)) {
            return [];
        }
        $points = [];
        for ($i = 0; $i <= 48; ++$i) {
            $angle = $from + ($to - $from) * $i / 48.0;
            $points[] = [$acrossCentre + $radius * cos($angle), $depthCentre + $radius * sin($angle)];
        }

        return $points;
    }
}
