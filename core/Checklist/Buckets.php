<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** Water carried in buckets: how many of them full, how often one walks, and what each weighs. */
final readonly class Buckets
{
    /** How full a bucket is carried. House default. */
    private const FILL = 0.75;

    /** Weight of an empty bucket with its handle, kg for each litre that it holds. House default. */
    private const EMPTY = 0.06;

    /** kg of a litre of water, as near as a bucket is filled. Common table value. */
    private const WATER = 1.0;

    /**
     * @param int   $count    buckets, were they filled to the brim
     * @param int   $trips    at what is carried
     * @param float $kilogram of each trip
     */
    private function __construct(public int $count, public int $trips, public float $kilogram) {}

    /**
     * @param float $litres to carry, 0 and more
     * @param float $holds  what one bucket holds, above 0
     *
     * @throws ChecklistFault when one of them is none
     */
    public static function of(float $litres, float $holds): self
    {
        if (!($litres >= 0.0 && $litres < 1e6 && $holds > 1e-3 && $holds < INF)) {
            throw ChecklistFault::litres();
        }

        return new self(
            (int) ceil($litres / $holds - 1e-6),
            (int) ceil($litres / (self::FILL * $holds) - 1e-6),
            min($litres, self::FILL * $holds) * self::WATER + self::EMPTY * $holds,
        );
    }
}
