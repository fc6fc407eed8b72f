<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

/** How a lamp gives off its light over the length and width that it takes up. */
enum LampKind: string
{
    case Panel = 'panel';
    case Bar = 'bar';
    case Spots = 'spots';

    /** Edge of one spot, mm. House default. */
    private const SPOT = 80.0;

    /**
     * What shines, each with equal parts of the flux, along the middle of the lamp.
     *
     * @param float $length of the lamp, mm
     * @param float $width  of it, mm
     * @param int   $count  of spots
     *
     * @return non-empty-list<array{float, float, float}> middle along the lamp (mm from its own), length and width of each, mm
     */
    public function emitters(float $length, float $width, int $count): array
    {
        if ($this !== self::Spots) {
            return [[0.0, $length, $width]];
        }
        $count = max(1, min(40, $count));
        $gap = ($length - self::SPOT) / max(1, $count - 1);

        return array_map(
            static fn(int $i): array => [$count === 1 ? 0.0 : $i * $gap - ($length - self::SPOT) / 2.0, min(self::SPOT, $length), min(self::SPOT, $width)],
            range(0, $count - 1),
        );
    }
}
