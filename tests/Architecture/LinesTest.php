<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Markup, styles and scripts are read by people: no line of them is longer than an eye takes in. */
final class LinesTest extends TestCase
{
    private const LONGEST = 160;

    public function testNoLineOfAViewAStyleOrAScriptIsTooLong(): void
    {
        $long = [];
        $seen = 0;
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../resources', FilesystemIterator::SKIP_DOTS)) as $file) {
            foreach (in_array($file->getExtension(), ['php', 'scss', 'js'], true) ? file($file->getPathname()) ?: [] : [] as $number => $line) {
                ++$seen;
                if (mb_strlen(rtrim($line)) > self::LONGEST) {
                    $long[] = $file->getBasename().':'.($number + 1);
                }
            }
        }

        self::assertSame([], $long);
        self::assertGreaterThan(3000, $seen);
    }

    /** What is answered to a keeper has its place among the words, where it can be read, changed and said in another tongue. */
    public function testNothingIsSaidThatIsNotAmongTheWords(): void
    {
        $said = [];
        foreach (array_diff(scandir(__DIR__.'/../../app') ?: [], ['.', '..', 'Backup', 'Console', 'Exchange', 'Providers']) as $room) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../app/'.$room, FilesystemIterator::SKIP_DOTS)) as $file) {
                foreach (file($file->getPathname()) ?: [] as $line) {
                    // What is noted at a working belongs to its text; a name with the end of a sentence behind it is one too.
                    if (preg_match('#\. ?\'(?: [a-z]+)+\.\'#', $line, $found) === 1 || preg_match(
                        '#(?<!Fault\(|Exception\(|->note\()\'[A-Z][a-z]*[ ’][^\']*[a-z0-9]\.\'#',
                        $line,
                        $found,
                    ) === 1) {
                        $said[] = $file->getBasename().' '.$found[0];
                    }
                }
            }
        }

        self::assertSame([], $said);
    }

    /** A screen asks its view models, and the core only through them. */
    public function testNoViewNamesAClassOfTheCore(): void
    {
        $naming = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../resources/views', FilesystemIterator::SKIP_DOTS)) as $file) {
            if (str_contains((string) file_get_contents($file->getPathname()), 'Cresco\\')) {
                $naming[] = $file->getBasename();
            }
        }

        self::assertSame([], $naming);
    }

    public function testEveryPathThatADocumentNamesIsThere(): void
    {
        $root = dirname(__DIR__, 2);
        $gone = [];
        $seen = 0;
        foreach ([$root.'/README.md', ...(glob($root.'/docs/*.md') ?: [])] as $document) {
            preg_match_all('#`((?:app|core|config|deploy|docs|lang|resources|routes|tests)/[\w/.-]+)`#', (string) file_get_contents($document), $paths);
            foreach ($paths[1] as $path) {
                ++$seen;
                if (!file_exists("$root/$path") && !file_exists("$root/$path.php")) {
                    $gone[] = basename($document).' '.$path;
                }
            }
        }

        self::assertSame([], $gone);
        self::assertGreaterThan(60, $seen);
    }
}
