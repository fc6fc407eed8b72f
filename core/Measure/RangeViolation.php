<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** On which side something known lies outside a range. */
enum RangeViolation: string
{
    case Low = 'low';
    case High = 'high';

    /** Share of the cases that lie beyond before it is said: what may as well be within is not. House default. */
    private const SURE = 0.9;

    /**
     * @param array{float, float} $range lower and upper end, in the unit of the value
     *
     * @return self|null null where it is within, or may be
     */
    public static function of(Distribution $value, array $range): ?self
    {
        return match (true) {
            $value->quantile(self::SURE) < $range[0] => self::Low,
            $value->quantile(1.0 - self::SURE) > $range[1] => self::High,
            default => null,
        };
    }

    /**
     * By how much nine cases of ten lie beyond at the least.
     *
     * @param array{float, float} $range that the value lies beyond on this side
     *
     * @return float in the unit of the value
     */
    public function by(Distribution $value, array $range): float
    {
        return $this === self::High ? $value->quantile(1.0 - self::SURE) - $range[1] : $range[0] - $value->quantile(self::SURE);
    }
}
