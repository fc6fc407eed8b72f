<?php

declare(strict_types=1);

namespace App\Data;

use Illuminate\Contracts\Database\Eloquent\Castable;
use JsonSerializable;
use Stringable;

/** A sentence as a row keeps it: by its key, with its figures, so that it is read in the language of whoever looks. What a keeper wrote is kept as written. */
final readonly class Phrase implements Castable, JsonSerializable, Stringable
{
    /** Begins the text of a column that holds a key. */
    private const MARK = '{"say":';

    /** @param array<string, string|int|float|self> $figures */
    private function __construct(private string $key, private array $figures, private ?int $count, private ?string $written) {}

    /** @param array<string, string|int|float|self> $figures by placeholder */
    public static function of(string $key, array $figures = []): self
    {
        return new self($key, $figures, null, null);
    }

    /**
     * One that depends on a number.
     *
     * @param array<string, string|int|float|self> $figures
     */
    public static function counted(string $key, int $count, array $figures = []): self
    {
        return new self($key, $figures, $count, null);
    }

    public static function written(string $words): self
    {
        return new self('', [], null, $words);
    }

    /**
     * Several sentences, or a list of things.
     *
     * @param non-empty-list<self> $parts
     */
    public static function joined(string $key, array $parts): self
    {
        $last = array_pop($parts);

        return $parts === [] ? $last : self::of($key, ['first' => self::joined($key, $parts), 'last' => $last]);
    }

    /** From a row: what was kept, or words of an older row; null for what is neither. */
    public static function kept(mixed $kept): ?self
    {
        if (is_string($kept)) {
            $read = str_starts_with($kept, self::MARK) ? json_decode($kept, true) : null;

            return is_array($read) ? self::kept($read) : self::written($kept);
        }
        if (!is_array($kept) || !is_string($kept['say'] ?? null)) {
            return null;
        }
        $figures = [];
        foreach (is_array($kept['with'] ?? null) ? $kept['with'] : [] as $name => $figure) {
            $figure = is_array($figure) ? self::kept($figure) : $figure;
            if (is_string($figure) || is_int($figure) || is_float($figure) || $figure instanceof self) {
                $figures[(string) $name] = $figure;
            }
        }

        return new self($kept['say'], $figures, is_int($kept['count'] ?? null) ? $kept['count'] : null, null);
    }

    /**
     * @param array<mixed> $kept
     *
     * @return list<self>
     */
    public static function all(array $kept): array
    {
        return array_values(array_filter(array_map(self::kept(...), $kept)));
    }

    public function __toString(): string
    {
        $figures = array_map(static fn(string|int|float|self $figure): string => (string) $figure, $this->figures);

        if ($this->written !== null) {
            return $this->written;
        }
        $said = $this->count === null ? __($this->key, $figures) : trans_choice($this->key, $this->count, $figures);

        return is_string($said) ? $said : $this->key;
    }

    /** As a column of text holds it; what somebody wrote is never taken for a key. */
    public function toColumn(): string
    {
        if ($this->written !== null) {
            return str_starts_with($this->written, self::MARK) ? ' '.$this->written : $this->written;
        }

        return json_encode($this, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** @return array<string, mixed>|string */
    public function jsonSerialize(): array|string
    {
        return $this->written ?? array_filter(
            ['say' => $this->key, 'count' => $this->count, 'with' => $this->figures],
            static fn(mixed $part): bool => $part !== null && $part !== [],
        );
    }

    /** @param array<mixed> $arguments */
    public static function castUsing(array $arguments): PhraseCast
    {
        return new PhraseCast();
    }
}
