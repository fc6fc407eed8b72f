<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Filesystem\Filesystem;

/** A language that nobody speaks: each sentence of English in brackets and a third longer, so that what has none stands out. */
final class PseudoLanguage
{
    public const NAME = 'zz';

    /** Writes it into a folder of languages. */
    public static function write(string $languages): void
    {
        $files = new Filesystem();
        $files->ensureDirectoryExists($languages.'/'.self::NAME);
        foreach (glob(__DIR__.'/../lang/en/*.php') ?: [] as $file) {
            $files->put($languages.'/'.self::NAME.'/'.basename($file), '<?php return '.var_export(self::stretched(require $file), true).';');
        }
    }

    /** What of a text stands in no brackets. */
    public static function outside(string $text): string
    {
        do {
            $text = (string) preg_replace('/⟦[^⟦⟧]*⟧/u', ' ', $text, -1, $found);
        } while ($found > 0);

        return $text;
    }

    private static function stretched(mixed $words): mixed
    {
        if (is_array($words)) {
            return array_map(self::stretched(...), $words);
        }
        if (!is_string($words) || preg_match('/\p{L}/u', $words) !== 1) {
            return $words;
        }

        return implode('|', array_map(static function (string $choice): string {
            $of = preg_match('/^\s*(?:\{\d+\}|\[[^\]]*\])\s*/', $choice, $found) === 1 ? $found[0] : '';
            $said = substr($choice, strlen($of));
            $more = (int) ceil(mb_strlen((string) preg_replace('/:\w+/', '', $said)) / 3);

            return $of.'⟦'.$said.' '.trim(str_repeat('long ', intdiv($more, 5)).str_repeat('o', $more % 5)).'⟧';
        }, explode('|', $words)));
    }
}
