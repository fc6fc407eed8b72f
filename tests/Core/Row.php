<?php

declare(strict_types=1);

namespace Tests\Core;

use RuntimeException;

/** One row of test data, read by the path of a field: "given.tank"; a point within a name is written %2E. */
final readonly class Row
{
    /** @param array<mixed> $fields */
    private function __construct(private array $fields) {}

    public static function of(mixed $row): self
    {
        return new self(is_array($row) ? $row : []);
    }

    public function has(string $path): bool
    {
        return $this->find($path) !== null;
    }

    public function number(string $path): float
    {
        $value = $this->find($path);

        return is_int($value) || is_float($value) ? (float) $value : throw new RuntimeException("No number at $path.");
    }

    public function text(string $path): string
    {
        $value = $this->find($path);

        return is_string($value) ? $value : throw new RuntimeException("No text at $path.");
    }

    public function flag(string $path): bool
    {
        return $this->find($path) === true;
    }

    /** @return list<float> */
    public function numbers(string $path): array
    {
        $value = $this->find($path);

        return is_array($value) ? array_values(array_map(static fn(mixed $x): float => is_numeric($x) ? (float) $x : NAN, $value)) : [];
    }

    /** @return list<self> */
    public function rows(string $path): array
    {
        $value = $this->find($path);

        return is_array($value) ? array_values(array_map(self::of(...), $value)) : [];
    }

    private function find(string $path): mixed
    {
        $value = $this->fields;
        foreach (array_map(rawurldecode(...), explode('.', $path)) as $key) {
            if (!is_array($value) || !array_key_exists($key, $value)) {
                return null;
            }
            $value = $value[$key];
        }

        return $value;
    }
}
