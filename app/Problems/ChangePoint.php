<?php

declare(strict_types=1);

namespace App\Problems;

use Cresco\Core\Measure\Parameter;

/** A course of a tank that stands at another level than before. */
final readonly class ChangePoint
{
    /** Made or taken up in a day. */
    public const MADE = 'made';

    /** What evaporates, L a day. */
    public const LITRES = 'litres';

    /** What is read itself. */
    public const LEVEL = 'level';

    /** Minutes that the hose takes for ten litres. */
    public const DRAIN = 'drain';

    /** Hours of light a day, as they were noted. */
    public const HOURS = 'hours';

    /** What the equipment does. */
    public const GAUGE = 'gauge';

    /** mm that a plant group grows in a day. */
    public const GROWTH = 'growth';

    /** Days from one wiping of the panes to the next. */
    public const WIPES = 'wipes';

    /** Share that the membrane of a reservoir holds back, and what it gives in a minute. */
    public const REJECTION = 'rejection';

    public const OUTPUT = 'output';

    /**
     * @param string         $what      one of the above
     * @param Parameter|null $parameter that is made, taken up or read
     * @param float          $before    mean of the level before
     * @param float          $now       mean since
     * @param int            $began     second since 1970 of the first value of the new level
     * @param string|null    $entry     what stands in the log just before
     * @param string         $name      of the gauge or the plant group
     */
    public function __construct(
        public string $what,
        public ?Parameter $parameter,
        public float $before,
        public float $now,
        public int $began,
        public ?string $entry,
        public string $name = '',
    ) {}
}
