<?php

declare(strict_types=1);

namespace App\Data;

use Cresco\Core\Water\Ion;

/** Acid that went into a batch. */
final readonly class BatchAcid
{
    /**
     * @param Ion   $ion         that it leaves
     * @param float $equivalents meq/L of bicarbonate that it takes
     * @param int   $protons     hydrogen ions of each, from 1
     */
    public function __construct(public Ion $ion, public float $equivalents, public int $protons) {}

    /** @param array<mixed> $kept */
    public static function kept(array $kept): ?self
    {
        $ion = Ion::tryFrom(is_string($kept['ion'] ?? null) ? $kept['ion'] : '');

        return $ion !== null && is_numeric($kept['meq'] ?? null) && is_int($kept['protons'] ?? null) && $kept['protons'] > 0
            ? new self($ion, max(0.0, (float) $kept['meq']), $kept['protons'])
            : null;
    }

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        return ['ion' => $this->ion->value, 'protons' => $this->protons, 'meq' => $this->equivalents];
    }
}
