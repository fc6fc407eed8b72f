<?php

declare(strict_types=1);

namespace App\Data;

/** One of the waters of a batch card. */
final readonly class BatchWater
{
    public function __construct(public string $name, public float $litres, public ?int $water) {}

    /** @param array<mixed> $kept */
    public static function kept(array $kept): self
    {
        return new self(
            is_string($kept['name'] ?? null) ? $kept['name'] : '',
            is_numeric($kept['litres'] ?? null) ? (float) $kept['litres'] : 0.0,
            is_int($kept['water_id'] ?? null) ? $kept['water_id'] : null,
        );
    }

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        return ['name' => $this->name, 'litres' => $this->litres, 'water_id' => $this->water];
    }
}
