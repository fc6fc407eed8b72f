<?php

declare(strict_types=1);

namespace App\Account;

/** One figure that Cresco computes with and nobody measured here. */
final readonly class LedgerEntry
{
    public const GUESS = 'guess';

    public const LIMIT = 'limit';

    public const PUBLISHED = 'published';

    public const OWN = 'of the reckoning';

    /**
     * @param string $name  as it stands in the code: "ZoneRotation::MOST"
     * @param string $value as it is used
     * @param string $text  what it is, in which unit
     * @param string $grade one of the above
     */
    public function __construct(public string $room, public string $name, public string $value, public string $text, public string $grade) {}
}
