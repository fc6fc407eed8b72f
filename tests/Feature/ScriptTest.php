<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The one script: what it says when it is asked for something it cannot do. */
final class ScriptTest extends TestCase
{
    /** @return iterable<string, array{list<string>, int, string}> arguments, exit code, part of what is said */
    public static function calls(): iterable
    {
        yield 'help' => [['help'], 0, './cresco up [--port N] [--host H]'];
        yield 'nothing' => [[], 0, './cresco test'];
        yield 'a word it does not know' => [['plant'], 1, '“plant” is not one of its commands'];
        yield 'a port of letters' => [['up', '--port', 'abc'], 1, 'not “abc”'];
        yield 'a port too high' => [['up', '--port', '70000'], 1, 'from 1 to 65535'];
        yield 'no port' => [['up', '--port'], 1, '--port wants a number'];
        yield 'no host' => [['up', '--host'], 1, '--host wants an address'];
        yield 'an option it does not know' => [['up', '--fast'], 1, 'unknown option --fast'];
    }

    /** @param list<string> $arguments */
    #[DataProvider('calls')]
    public function testItSaysWhatIsWrong(array $arguments, int $code, string $said): void
    {
        $process = proc_open([dirname(__DIR__, 2).'/cresco', ...$arguments], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
        self::assertNotFalse($process);
        $output = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);

        self::assertSame($code, proc_close($process));
        self::assertStringContainsString($said, $output);
    }
}
