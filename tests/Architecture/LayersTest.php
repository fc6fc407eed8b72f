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
            ['Text'], ['Fault'], ['Numeric'], ['Measure'], ['Formula'], ['State'], ['Water'], ['Tank'], ['Hydraulics', 'Substrate', 'Light', 'Planning'], ['WaterChange', 'Plants'], ['Checklist'],
            ['Mixing'], ['Fertilising', 'Cycling'], ['Livestock', 'Diagnosis'], ['World'],
        ],
        'app' => [
            ['Units'], ['Data'], ['Words'], ['Notifications'], ['Models'], ['Policies', 'View'], ['Exchange', 'Backup'],
            ['Tanks'], ['Drawing', 'Devices'], ['Testing'], ['Livestock'], ['Plants'], ['Fertilising', 'Cycling'], ['Problems'], ['WaterChange'], ['Mixing'], ['Supplies'], ['Log'], ['Schedule'], ['Today'], ['Account'],
            ['Http'], ['Providers', 'Console'],
        ],
    ];

    /** Rooms of `app` that are a subject: what a keeper comes for. */
    private const SUBJECTS = [
        'Tanks', 'Testing', 'Livestock', 'Plants', 'Fertilising', 'Cycling', 'Problems', 'WaterChange', 'Mixing', 'Supplies', 'Log', 'Schedule',
        'Today', 'Account',
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

    /** What a page shows is for the eyes alone: only Today, which puts tanks together, takes a page of another subject. */
    public function testNoSubjectAsksThePageOfAnother(): void
    {
        $against = [];
        foreach (self::SUBJECTS as $subject) {
            foreach (glob(__DIR__.'/../../app/'.$subject.'/*.php') ?: [] as $file) {
                preg_match_all('/^use App\\\\(?!'.$subject.'\\\\)(\w+\\\\\w+Page);/m', (string) file_get_contents($file), $pages);
                foreach ($subject === 'Today' ? [] : $pages[1] as $page) {
                    $against[] = basename($file, '.php').' asks '.$page;
                }
            }
        }

        self::assertSame([], $against);
    }

    /** An act is a class that is called: it changes what is kept, and takes values. */
    public function testNoActKnowsAPage(): void
    {
        $against = [];
        $acts = 0;
        foreach (self::SUBJECTS as $subject) {
            foreach (glob(__DIR__.'/../../app/'.$subject.'/*.php') ?: [] as $file) {
                $code = (string) file_get_contents($file);
                $isAct = preg_match('/function __invoke\(/', $code) === 1 && str_contains($code, 'DB::transaction');
                $acts += $isAct ? 1 : 0;
                if ($isAct && preg_match('/\b\w+Page\b/', $code) === 1) {
                    $against[] = basename($file, '.php');
                }
            }
        }

        self::assertSame([], $against);
        self::assertGreaterThan(15, $acts);
    }
}
