<?php

declare(strict_types=1);

namespace Cresco\Core\Livestock;

/** Days that what is new stays apart. */
final class Quarantine
{
    /** Usual, least and most days by sort. House defaults. */
    public const DAYS = ['fish' => [28, 14, 42], 'shrimp' => [21, 14, 28], 'snail' => [21, 14, 28], 'plant' => [21, 14, 28]];

    /** @return array{int, int, int} usual, least and most */
    public static function days(string $sort): array
    {
        return self::DAYS[$sort] ?? self::DAYS['fish'];
    }
}
