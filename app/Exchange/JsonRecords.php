<?php

declare(strict_types=1);

namespace App\Exchange;

use Generator;
use JsonException;

/** The records of a long JSON list, one after the other, without ever holding the whole list. */
final class JsonRecords
{
    private const CHUNK = 65_536;

    private string $buffer = '';

    /** Where the next record begins in the buffer. */
    private int $at = 0;

    /**
     * @param resource $stream
     * @param int      $longest bytes of one record
     */
    private function __construct(private $stream, private readonly int $longest) {}

    /**
     * @param resource $stream
     * @param int      $longest bytes of one record
     *
     * @return Generator<int, string> each record as it is written, counted from 0
     *
     * @throws JsonException where it is no list of records, or one of them is longer
     */
    public static function of($stream, int $longest): Generator
    {
        return (new self($stream, $longest))->records();
    }

    /** @return Generator<int, string> */
    private function records(): Generator
    {
        $this->take('[');
        for ($n = 0; $this->next() !== ']'; ++$n) {
            if ($n > 0) {
                $this->take(',');
                $this->next();
            }
            yield $n => $this->record();
        }
        $this->take(']');
        if ($this->next() !== '') {
            throw new JsonException('Something stands after the end.');
        }
    }

    /** The next sign that is no blank; nothing at the end. */
    private function next(): string
    {
        do {
            $this->at += strspn($this->buffer, " \t\r\n", $this->at);
            if ($this->at < strlen($this->buffer)) {
                return $this->buffer[$this->at];
            }
        } while ($this->reads());

        return '';
    }

    private function take(string $sign): void
    {
        if ($this->next() !== $sign) {
            throw new JsonException("A $sign was expected.");
        }
        ++$this->at;
    }

    private function record(): string
    {
        if ($this->next() !== '{') {
            throw new JsonException('A record was expected.');
        }
        $length = $depth = 0;
        $isText = false;
        do {
            if ($length > $this->longest) {
                throw new JsonException('A record is too long.');
            }
            if ($this->at + $length >= strlen($this->buffer) && !$this->reads()) {
                throw new JsonException('A record is cut off.');
            }
            $length += strcspn($this->buffer, $isText ? '"\\' : '"{}[]', $this->at + $length);
            $sign = $this->buffer[$this->at + $length] ?? '';
            if ($sign === '') {
                continue;
            }
            // What stands behind a backslash is no sign of its own.
            $length += $sign === '\\' ? 2 : 1;
            $isText = $sign === '"' ? !$isText : $isText;
            $depth += match (true) {
                $isText => 0,
                $sign === '{', $sign === '[' => 1,
                $sign === '}', $sign === ']' => -1,
                default => 0,
            };
        } while ($sign === '' || $isText || $depth > 0);
        $record = substr($this->buffer, $this->at, $length);
        $this->at += $length;

        return $record;
    }

    /** Reads on, and lets go of what is done with. */
    private function reads(): bool
    {
        $more = fread($this->stream, self::CHUNK);
        if ($more === false || $more === '') {
            return false;
        }
        $this->buffer = substr($this->buffer, $this->at).$more;
        $this->at = 0;

        return true;
    }
}
