<?php

declare(strict_types=1);

namespace App\Data;

/** All looks at a batch with the meter. */
final readonly class BatchChecks implements JsonRecord
{
    use CastsItself;

    private const VERSION = 1;

    /** @param list<BatchCheck> $all oldest first */
    public function __construct(public array $all = []) {}

    /** At first they were kept as a bare list. */
    public static function read(mixed $kept): static
    {
        $list = is_array($kept) ? $kept['checks'] ?? $kept : [];

        return new self(array_map(BatchCheck::kept(...), array_values(array_filter(is_array($list) ? $list : [], is_array(...)))));
    }

    public function with(BatchCheck $check): self
    {
        return new self([...$this->all, $check]);
    }

    /** The same, with what the last one asked for done. */
    public function withLastAdded(): self
    {
        $last = $this->last();

        return $last === null ? $this : new self([...array_slice($this->all, 0, -1), $last->withAdded()]);
    }

    public function last(): ?BatchCheck
    {
        return $this->all === [] ? null : $this->all[count($this->all) - 1];
    }

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        return ['v' => self::VERSION, 'checks' => array_map(static fn(BatchCheck $check): array => $check->toKeep(), $this->all)];
    }
}
