<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Measure\Parameter;

/** What explains best that a forecast missed. */
final readonly class Miss
{
    public const SHARE = 'share';

    public const SOURCE_OR_READING = 'source_or_reading';

    /**
     * @param float $likely with SHARE the share that fits, with SOURCE_OR_READING what the source would have to be
     */
    public function __construct(public string $cause, public ?Parameter $parameter, public float $likely) {}
}
