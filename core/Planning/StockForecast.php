<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Text;

/** Something that runs out: when it will have, and by when more must be on its way. */
final readonly class StockForecast
{
    /** Days that are kept in hand, so that a late parcel harms nothing. House default. */
    public const MARGIN = 2;

    /** Days that a whole number may have lost in the last digits of a float. House limit. */
    private const WHOLE = 1e-9;

    /** Days beyond which nothing is said. House limit. */
    private const FAR = 3650;

    /**
     * @param float $left   now, 0 or more
     * @param float $weekly what a week takes, in the same unit, 0 or more
     * @param int   $lead   days until what is ordered is there, 0 or more
     *
     * @throws PlanningFault when one of them is below 0
     */
    public function __construct(public float $left, public float $weekly, public int $lead)
    {
        if (!($left >= 0.0) || !($weekly >= 0.0) || $lead < 0) {
            throw PlanningFault::stock();
        }
    }

    /** Days until nothing is left; null where nothing is used. */
    public function lasts(): ?int
    {
        return $this->weekly <= 0.0 ? null : (int) floor(min((float) self::FAR, 7.0 * $this->left / $this->weekly + self::WHOLE));
    }

    /** Days until it must be ordered; below 0 when that day has gone by; null where nothing is used. */
    public function orderIn(): ?int
    {
        $lasts = $this->lasts();

        return $lasts === null ? null : $lasts - $this->lead - self::MARGIN;
    }

    public function working(string $name, string $unit): Computation
    {
        return Computation::of(Text::of('stock.title', name: $name))
            ->given('left', 'stock.left', new ExactValue($this->left), $unit)
            ->given('weekly', 'stock.week_takes', new ExactValue(max(1e-9, $this->weekly)), $unit)
            ->given('lead', 'stock.until_more_come', new ExactValue((float) $this->lead), 'd')
            ->constant('hand', 'stock.kept_in_hand', (float) self::MARGIN, 'd', 'house_default')
            ->line('lasts = 7 * left / weekly', 'stock.lasts_for', 'd')
            ->line('order = lasts - lead - hand', 'stock.to_ordered_in', 'd');
    }
}
