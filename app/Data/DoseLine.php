<?php

declare(strict_types=1);

namespace App\Data;

/** A dose in a step of a checklist. */
final readonly class DoseLine
{
    private const VERSION = 1;

    public function __construct(public int $product, public float $amount) {}

    /** @return array<string, int|float> */
    public function toKeep(): array
    {
        return ['v' => self::VERSION, 'jar' => $this->product, 'amount' => $this->amount];
    }

    public static function from(mixed $kept): ?self
    {
        return is_array($kept) && is_int($kept['jar'] ?? null) && is_numeric($kept['amount'] ?? null) ? new self($kept['jar'], (float) $kept['amount']) : null;
    }
}
