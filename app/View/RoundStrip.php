<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Tank;

/** One tank on the round: what it needs, how its water stands, and its drawing. */
final readonly class RoundStrip
{
    public const OFF = 0;

    public const WORK = 1;

    public const CHECK = 2;

    public const LATE = 3;

    public const DUE = 4;

    public const FIRST = 5;

    public const CALM = 6;

    /**
     * @param int                                                             $rank    consequence, most serious first
     * @param list<array{name: string, value: string, beyond: string|null}>   $figures
     */
    public function __construct(
        public Tank $tank,
        public SectionDrawing $drawing,
        public string $size,
        public int $rank,
        public string $head,
        public string $why,
        public string $act,
        public string $url,
        public array $figures,
        public string $readWhen,
    ) {}
}
