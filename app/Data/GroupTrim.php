<?php

declare(strict_types=1);

namespace App\Data;

/** One stand in a step of a checklist: what it is cut to, as it was planned. */
final readonly class GroupTrim
{
    /** Changes with what is kept of it. */
    public const VERSION = 1;

    /**
     * @param bool         $byCover whether before and to are covers, 0 to 1, and not mm
     * @param float        $before  as it was forecast
     * @param list<string> $lines   how it is cut, and what becomes of it
     */
    public function __construct(
        public int $plantGroup,
        public string $name,
        public bool $byCover,
        public float $before,
        public float $to,
        public array $lines,
    ) {}

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        return [
            'v' => self::VERSION, 'stand' => $this->plantGroup, 'name' => $this->name, 'by_cover' => $this->byCover, 'before' => $this->before,
            'to' => $this->to, 'lines' => $this->lines,
        ];
    }

    public static function from(mixed $kept): ?self
    {
        if (!is_array($kept) || !is_int($kept['stand'] ?? null) || !is_numeric($kept['before'] ?? null) || !is_numeric($kept['to'] ?? null)) {
            return null;
        }
        $lines = is_array($kept['lines'] ?? null) ? $kept['lines'] : [];

        return new self(
            $kept['stand'],
            is_string($kept['name'] ?? null) ? $kept['name'] : '',
            ($kept['by_cover'] ?? false) === true,
            (float) $kept['before'],
            (float) $kept['to'],
            array_values(array_filter($lines, is_string(...))),
        );
    }
}
