<?php

declare(strict_types=1);

namespace App\Problems;

use Cresco\Core\Formula\Grade;

/** Something that it may be, or that may be behind it: how likely, and what spoke for it. */
final readonly class Suspect
{
    /** Decibans at which a bar ends. */
    private const FULL = 12.0;

    /**
     * @param array<string, float> $weights decibans by sign
     * @param array<string, Grade> $grades  how well each share is known, by sign
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $text,
        public float $share,
        public string $belief,
        public array $weights = [],
        public ?string $drawing = null,
        public ?string $aside = null,
        private array $grades = [],
    ) {}

    public function tenths(): string
    {
        $count = (int) floor(10.0 * $this->share + 0.5);

        return trans_choice('inquiry.tenths', $this->share > 0.95 ? 10 : min(9, $count), ['count' => min(9, $count)]);
    }

    /** Width of its bar, percent. */
    public function width(): float
    {
        return round(100.0 * $this->share, 1);
    }

    /**
     * @return list<array{sign: string, grade: string, decibans: string, left: float, width: float, for: bool}> what weighed, the most
     *     telling first; bars in percent of both halves
     */
    public function bars(): array
    {
        $weights = array_filter($this->weights, static fn(float $weight): bool => abs($weight) >= 0.5);
        uasort($weights, static fn(float $a, float $b): int => abs($b) <=> abs($a));
        $bars = [];
        foreach ($weights as $sign => $weight) {
            $width = 50.0 * min(1.0, abs($weight) / self::FULL);
            $bars[] = [
                'sign' => $sign, 'grade' => label($this->grades[$sign] ?? Grade::Guess),
                'decibans' => ($weight > 0.0 ? '+' : "\u{2212}").number_format(abs($weight), 1),
                'left' => round($weight > 0.0 ? 50.0 : 50.0 - $width, 1), 'width' => round($width, 1), 'for' => $weight > 0.0,
            ];
        }

        return $bars;
    }
}
