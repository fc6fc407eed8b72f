<?php

declare(strict_types=1);

namespace Tests\Feature;

use FilesystemIterator;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Every address that a view, a controller or a view model writes is that of a route, and a form goes to one that takes its method. */
final class WrittenAddressesTest extends FeatureCase
{
    /** What stands for a value that is not known before the page is made. */
    private const SOME = '{some}';

    /** Rooms of which addresses are those of files. */
    private const OF_FILES = ['Backup', 'Console', 'Exchange', 'Providers'];

    public function testViewsWriteAddressesOfRoutes(): void
    {
        [$strange, $seen] = [[], 0];
        foreach (self::files(resource_path('views')) as $file) {
            $view = (string) file_get_contents($file->getPathname());
            preg_match_all('#\s(?:href|formaction|hx-get|hx-post|hx-put|hx-delete|data-progress)="(/[^"]*)"#', $view, $found);
            foreach ($found[1] as $address) {
                ++$seen;
                if (!self::leads($address) && !is_file(public_path(ltrim($address, '/')))) {
                    $strange[] = $file->getBasename().' '.$address;
                }
            }
        }
        self::assertSame([], $strange);
        self::assertGreaterThan(200, $seen);
    }

    public function testFormsGoWhereTheirMethodIsTaken(): void
    {
        [$strange, $seen] = [[], 0];
        foreach (self::files(resource_path('views')) as $file) {
            preg_match_all('#<form\b([^>]*?(?:->[^>]*?)*)>(.*?)(?=<form\b|$)#s', (string) file_get_contents($file->getPathname()), $forms, PREG_SET_ORDER);
            foreach ($forms as [, $head, $body]) {
                if (preg_match('#\saction="(/[^"]*)"#', $head, $action) !== 1) {
                    continue;
                }
                ++$seen;
                $body = explode('</form>', $body)[0];
                $method = preg_match('#@method\(\'(\w+)\'\)#', $body, $said) === 1
                    ? $said[1]
                    : (preg_match('#\smethod="(\w+)"#', $head, $said) === 1 ? $said[1] : 'get');
                if (!self::leads($action[1], strtoupper($method))) {
                    $strange[] = $file->getBasename().' '.$method.' '.$action[1];
                }
            }
        }
        self::assertSame([], $strange);
        self::assertGreaterThan(120, $seen);
    }

    public function testControllersAndViewModelsWriteAddressesOfRoutes(): void
    {
        [$strange, $seen] = [[], 0];
        foreach (array_diff(scandir(app_path()) ?: [], ['.', '..', ...self::OF_FILES]) as $room) {
            foreach (self::files(app_path($room)) as $file) {
                foreach (self::written((string) file_get_contents($file->getPathname())) as [$address, $isTail]) {
                    ++$seen;
                    if (!self::leads($address, null, $isTail)) {
                        $strange[] = $file->getBasename().' '.$address;
                    }
                }
            }
        }
        self::assertSame([], $strange);
        self::assertGreaterThan(200, $seen);
    }

    /** @return iterable<string, array{string, string|null, bool, bool}> */
    public static function cases(): iterable
    {
        yield 'a page' => ['/tanks/{{ $tank->id }}/water-change?reason=nitrate#top', null, false, true];
        yield 'a page that is none' => ['/tanks/{{ $tank->id }}/changes', null, false, false];
        yield 'with or without a number' => ['/tanks/{{ $tank->id }}/plant-groups{{ $stand ? "/".$stand : "" }}', 'POST', false, true];
        yield 'a method that is not taken' => ['/tanks/{{ $tank->id }}/water-change', 'POST', false, false];
        yield 'the end of one' => ['/water-change', null, true, true];
        yield 'the end of none' => ['/chance', null, true, false];
        yield 'too much' => ['/week/move/on', null, false, false];
    }

    #[DataProvider('cases')]
    public function testItIsToldWhatIsAnAddress(string $address, ?string $method, bool $isTail, bool $leads): void
    {
        self::assertSame($leads, self::leads($address, $method, $isTail));
    }

    /** @return iterable<SplFileInfo> */
    private static function files(string $folder): iterable
    {
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === 'php') {
                yield $file;
            }
        }
    }

    /** @param bool $isTail whether something stands before it */
    private static function leads(string $address, ?string $method = null, bool $isTail = false): bool
    {
        $address = (string) preg_replace(['/\{\{.*?\}\}/s', '/[?#].*$/s', '/(\{some\})+/'], [self::SOME, '', self::SOME], $address);
        // What hangs on a word may be a part more, or nothing.
        $ways = preg_match('#[^/]\{some\}$#', $address) === 1
            ? [substr($address, 0, -strlen(self::SOME)), substr($address, 0, -strlen(self::SOME)).'/'.self::SOME, $address]
            : [$address];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if ($method !== null && !in_array($method, $route->methods(), true)) {
                continue;
            }
            foreach ($ways as $way) {
                if (self::fits($route, explode('/', trim($way, '/')), $isTail)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<string> $parts */
    private static function fits(Route $route, array $parts, bool $isTail): bool
    {
        $own = explode('/', trim($route->uri(), '/'));
        $own = $isTail ? array_slice($own, -count($parts)) : $own;
        if (count($own) !== count($parts)) {
            return false;
        }
        foreach ($own as $i => $part) {
            $pattern = '#^'.preg_replace('#\\\\\{\w+\\\\\}#', '.+', preg_quote($part, '#')).'$#';
            if (
                $parts[$i] !== self::SOME
                && (preg_match($pattern, $parts[$i]) !== 1
                    || ($part !== $parts[$i] && preg_match('#^\{\w+\}$#', $part) === 1 && !str_contains($parts[$i], self::SOME)))
            ) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array{string, bool}> addresses of a file, with a placeholder for what is put in, and whether something stands before them */
    private static function written(string $code): array
    {
        $tokens = array_values(array_filter(
            token_get_all($code),
            static fn(array|string $token): bool => !is_array($token) || !in_array($token[0], [T_WHITESPACE, T_COMMENT, T_DOC_COMMENT], true),
        ));
        $found = [];
        for ($i = 0; $i < count($tokens); ++$i) {
            $isTail = $i > 1 && (in_array($tokens[$i - 1], ['.', '?', ':'], true) || ($tokens[$i - 1] === '(' && $tokens[$i - 2] === '.'));
            $text = self::literal($tokens, $i);
            if ($text === null || preg_match('#^/[a-z{]#', $text) !== 1 || preg_match('#[\\\\^$()*|+ <]|^/(?:min|d)$#', $text) === 1) {
                continue;
            }
            while (($tokens[$i + 1] ?? null) === '.') {
                $i += 2;
                $next = self::literal($tokens, $i);
                $text .= $next ?? self::SOME;
                // A value may be a call with arguments of its own.
                for ($depth = 0; $next === null && isset($tokens[$i + 1]) && ($depth > 0 || !in_array(
                    $tokens[$i + 1],
                    ['.', ',', ')', ']', ';', '?', ':', '}'],
                    true,
                )); ++$i) {
                    $depth += in_array($tokens[$i + 1], ['(', '[', '{'], true) ? 1 : (in_array($tokens[$i + 1], [')', ']', '}'], true) ? -1 : 0);
                }
            }
            $found[] = [str_ends_with($text, '/') ? $text.self::SOME : $text, $isTail];
        }

        return $found;
    }

    /**
     * The text that begins at a token; moves on to its last one.
     *
     * @param list<array{int, string, int}|string> $tokens
     */
    private static function literal(array $tokens, int &$i): ?string
    {
        if (is_array($tokens[$i]) && $tokens[$i][0] === T_CONSTANT_ENCAPSED_STRING) {
            return substr($tokens[$i][1], 1, -1);
        }
        if ($tokens[$i] !== '"') {
            return null;
        }
        $text = '';
        for (++$i; isset($tokens[$i]) && $tokens[$i] !== '"'; ++$i) {
            $text .= is_array($tokens[$i]) && $tokens[$i][0] === T_ENCAPSED_AND_WHITESPACE ? $tokens[$i][1] : self::SOME;
        }

        return (string) preg_replace('/(\{some\})+/', self::SOME, $text);
    }
}
