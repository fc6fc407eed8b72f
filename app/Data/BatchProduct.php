<?php

declare(strict_types=1);

namespace App\Data;

/** One product of a batch card as it was written. */
final readonly class BatchProduct
{
    /**
     * @param float        $amount   g or mL, as weighed
     * @param float|null   $spoon    g of one level spoon, when it is measured so
     * @param int          $minutes  to stir
     * @param string       $note     key of the salt that it is; of older cards what was said of it
     * @param list<string> $cautions by value; of older cards in words
     */
    public function __construct(
        public ?int $productId,
        public string $name,
        public string $what,
        public string $unit,
        public float $amount,
        public ?float $spoon,
        public int $minutes,
        public string $note,
        public array $cautions,
    ) {}

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        return [
            'jar_id' => $this->productId, 'name' => $this->name, 'what' => $this->what, 'unit' => $this->unit, 'amount' => $this->amount,
            'spoon' => $this->spoon, 'minutes' => $this->minutes, 'note' => $this->note, 'cautions' => $this->cautions,
        ];
    }

    /** @param array<mixed> $kept */
    public static function kept(array $kept): self
    {
        $text = static fn(string $key): string => is_string($kept[$key] ?? null) ? $kept[$key] : '';

        return new self(
            is_int($kept['jar_id'] ?? null) ? $kept['jar_id'] : null,
            $text('name'),
            $text('what'),
            $text('unit'),
            is_numeric($kept['amount'] ?? null) ? (float) $kept['amount'] : 0.0,
            is_numeric($kept['spoon'] ?? null) ? (float) $kept['spoon'] : null,
            is_int($kept['minutes'] ?? null) ? $kept['minutes'] : 0,
            $text('note'),
            array_values(array_filter(is_array($kept['cautions'] ?? null) ? $kept['cautions'] : [], is_string(...))),
        );
    }
}
