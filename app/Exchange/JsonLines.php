<?php

declare(strict_types=1);

namespace App\Exchange;

/** Which line of a JSON text each value stands on; a text that is no JSON is refused with the line where it breaks off. */
final class JsonLines
{
    private const DEEPEST = 32;

    private int $at = 0;

    /** Where line breaks are counted up to, and how many there are before. */
    private int $counted = 0;

    private int $breaks = 0;

    /** @var array<string, int> by path */
    private array $lines = [];

    private function __construct(private readonly string $text) {}

    /** @throws FileFault when the text is not JSON */
    public static function of(string $text): self
    {
        $lines = new self(str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text);
        $lines->value('', 0);
        $lines->blank();
        if ($lines->at < strlen($lines->text)) {
            $lines->fail((string) __('file.something_stands_after_end'));
        }

        return $lines;
    }

    /** @param array<int|string> $path */
    public function lineOf(array $path): int
    {
        for (; $path !== []; array_pop($path)) {
            $key = '/'.implode('/', array_map(strval(...), $path));
            if (isset($this->lines[$key])) {
                return $this->lines[$key];
            }
        }

        return 1;
    }

    private function value(string $path, int $depth): void
    {
        if ($depth > self::DEEPEST) {
            $this->fail((string) __('file.too_many_brackets_within'));
        }
        $this->blank();
        $this->lines[$path] = $this->line();
        match (true) {
            $this->takes('{') => $this->members($path, $depth),
            $this->takes('[') => $this->items($path, $depth),
            $this->matches('/"(?:[^"\\\\\x00-\x1f]|\\\\.)*"/A') !== null,
            $this->matches('/-?\d+(?:\.\d+)?(?:[eE][+-]?\d+)?|true|false|null/A') !== null => null,
            default => $this->fail((string) __('file.value_was_expected_here')),
        };
    }

    private function members(string $path, int $depth): void
    {
        $this->blank();
        if ($this->takes('}')) {
            return;
        }
        do {
            $this->blank();
            $name = $this->matches('/"(?:[^"\\\\\x00-\x1f]|\\\\.)*"/A') ?? $this->fail((string) __('file.name_in_quotes_was'));
            $this->blank();
            if (!$this->takes(':')) {
                $this->fail((string) __('file.colon_was_expected_here'));
            }
            $decoded = json_decode($name);
            $this->value($path.'/'.(is_string($decoded) ? $decoded : $name), $depth + 1);
            $this->blank();
        } while ($this->takes(','));
        if (!$this->takes('}')) {
            $this->fail((string) __('file.comma_or_closing_brace'));
        }
    }

    private function items(string $path, int $depth): void
    {
        $this->blank();
        if ($this->takes(']')) {
            return;
        }
        $i = 0;
        do {
            $this->value($path.'/'.$i++, $depth + 1);
            $this->blank();
        } while ($this->takes(','));
        if (!$this->takes(']')) {
            $this->fail((string) __('file.comma_or_closing_bracket'));
        }
    }

    private function takes(string $sign): bool
    {
        if (($this->text[$this->at] ?? '') !== $sign) {
            return false;
        }
        ++$this->at;

        return true;
    }

    private function matches(string $pattern): ?string
    {
        if (preg_match($pattern, $this->text, $found, 0, $this->at) !== 1) {
            return null;
        }
        $this->at += strlen($found[0]);

        return $found[0];
    }

    private function blank(): void
    {
        $this->at += strspn($this->text, " \t\r\n", $this->at);
    }

    private function line(): int
    {
        // Counted on from where it was asked last: the text is gone through once.
        $at = min($this->at, strlen($this->text));
        $this->breaks += substr_count($this->text, "\n", $this->counted, $at - $this->counted);
        $this->counted = $at;

        return 1 + $this->breaks;
    }

    private function fail(string $reason): never
    {
        throw FileFault::at($this->line(), (string) __('file.not_json', ['why' => $reason]));
    }
}
