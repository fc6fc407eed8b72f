<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\JsonRecords;
use JsonException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A list of records read one by one is the list that is read whole. */
final class JsonRecordsTest extends TestCase
{
    /** @return list<mixed> */
    private static function read(string $text, int $longest = 1_000_000): array
    {
        $stream = fopen('php://memory', 'w+b');
        self::assertIsResource($stream);
        fwrite($stream, $text);
        rewind($stream);
        $found = [];
        foreach (JsonRecords::of($stream, $longest) as $n => $record) {
            self::assertSame(count($found), $n);
            $found[] = json_decode($record, true, 64, JSON_THROW_ON_ERROR);
        }

        return $found;
    }

    public function testRecordsAreThoseOfTheWholeListWhereverAChunkEnds(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $signs = ['{', '}', '[', ']', '"', '\\', ',', ':', "\n", 'ä', 'x', '\\"', "\t"];
        for ($round = 0; $round < 12; ++$round) {
            $records = [];
            for ($n = $random->getInt(0, 400); $n > 0; --$n) {
                $text = '';
                for ($i = $random->getInt(0, 900); $i > 0; --$i) {
                    $text .= $signs[$random->getInt(0, count($signs) - 1)];
                }
                $records[] = ['id' => $n, 'text' => $text, 'inner' => ['list' => [1, [], ['}' => '{']], 'none' => null]];
            }
            $json = json_encode($records, $round % 2 === 0 ? JSON_THROW_ON_ERROR : JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE);
            self::assertSame(json_decode($json, true), self::read($json));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function broken(): iterable
    {
        yield 'nothing' => [''];
        yield 'no list' => ['{"a": 1}'];
        yield 'a list of numbers' => ['[1, 2]'];
        yield 'cut off' => ['[{"a": "b'];
        yield 'cut off behind a record' => ['[{"a": 1}'];
        yield 'no comma' => ['[{"a": 1} {"a": 2}]'];
        yield 'a comma too many' => ['[{"a": 1},]'];
        yield 'something behind it' => ['[{"a": 1}] x'];
        yield 'brackets that do not match' => ['[{"a": [1}]]'];
        yield 'too long' => ['[{"a": "'.str_repeat('x', 2000).'"}]'];
    }

    #[DataProvider('broken')]
    public function testWhatIsNoListOfRecordsIsRefused(string $text): void
    {
        $this->expectException(JsonException::class);
        self::read($text, 1000);
    }
}
