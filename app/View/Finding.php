<?php

declare(strict_types=1);

namespace App\View;

/** One sentence of judgement beside the figures. */
final readonly class Finding
{
    public const BEYOND = 'beyond';

    public const HEED = 'heed';

    public const GOOD = 'good';

    /**
     * @param bool                  $isInChecklist whether a step of the checklist sees to it
     * @param array<string, string> $acts          what settles it: words by address
     */
    public function __construct(public string $tone, public string $head, public string $text, public bool $isInChecklist = false, public array $acts = []) {}

    public function rank(): int
    {
        return match ($this->tone) {
            self::BEYOND => 0,
            self::HEED => 1,
            default => 2,
        };
    }
}
