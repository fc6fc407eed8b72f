<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

final class Sentence
{
    /** Words as a sentence begins with them; a sign like pH stays as it is written. */
    public static function from(string $words): string
    {
        return preg_match('/^\p{Ll}\p{Lu}/u', $words) === 1 ? $words : ucfirst($words);
    }
}
