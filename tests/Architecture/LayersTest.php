<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The rooms stand one upon another: each may know those below it, and none above. */
final class LayersTest extends TestCase
{
    /** From the ground up. */
    private const LAYERS = [
        'core' => [
            ['Text'], ['Fault'], ['Numeric', 'Measure'], ['Working', 'Learning'], ['State'], ['Evidence', 'Watch', 'Water'], ['Tank', 'Store', 'Flow'], ['Bed', 'Light', 'Planning'], ['Change', 'Plants'], ['Work'], ['Recipe'], ['Food', 'Algae', 'Calendar', 'StartUp'], ['Leaves', 'Animals'], ['World'],
        ],
        'app' => [
            ['Units', 'Accounts', 'Kept'], ['Words'], ['Models'], ['Policies'], ['Known'], ['Change', 'Bench'], ['Devices', 'Exchange', 'Backup'], ['View'], ['Actions'], ['Http'], ['Providers', 'Console'],
        ],
    ];

    /** @return iterable<string, array{string}> */
    public static function houses(): iterable
    {
        yield 'core' => ['core'];
        yield 'app' => ['app'];
    }

    #[DataProvider('houses')]
    public function testEachRoomKnowsOnlyThoseBelowIt(string $house): void
    {
        $floor = [];
        foreach (self::LAYERS[$house] as $height => $rooms) {
            $floor += array_fill_keys($rooms, $height);
        }
        $namespace = $house === 'core' ? 'Cresco\Core' : 'App';
        $against = [];
        $seen = 0;
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../'.$house, FilesystemIterator::SKIP_DOTS)) as $file) {
            $code = (string) file_get_contents($file->getPathname());
            if (!preg_match('/^namespace '.preg_quote($namespace, '/').'(?:\\\\(\w+))?/m', $code, $at)) {
                continue;
            }
            $room = $at[1] ?? 'Fault';
            self::assertArrayHasKey($room, $floor, "A room that stands nowhere: $room");
            preg_match_all('/\b'.preg_quote($namespace, '/').'\\\\(\w+)/', $code, $known);
            foreach (array_unique($known[1]) as $other) {
                ++$seen;
                if ($other !== $room && ($floor[$other] ?? INF) >= $floor[$room]) {
                    $against[] = sprintf('%s in %s knows %s', $file->getBasename('.php'), $room, $other);
                }
            }
        }

        self::assertSame([], $against);
        self::assertGreaterThan(50, $seen);
    }
}
