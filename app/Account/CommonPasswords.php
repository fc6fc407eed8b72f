<?php

declare(strict_types=1);

namespace App\Account;

use RuntimeException;

/** Passwords that are tried first by whoever guesses: the published list ships as the beginnings of hashes, sorted. */
final class CommonPasswords
{
    /** Bytes of each hash. */
    private const BYTES = 6;

    /** Whether it is on the list as it stands, or once digits and signs at its ends are left out. */
    public static function has(string $password): bool
    {
        $word = mb_strtolower($password);
        // What is left of "password2026!" is as common as without its ends; of many digits nothing is left.
        $bare = (string) preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $word);

        return self::lists($word) || self::lists($bare) || $bare === '' || count(array_unique(mb_str_split($word))) < 5 || self::sequences($word);
    }

    /** Letters one after the other, as in the alphabet. */
    private static function sequences(string $word): bool
    {
        $letters = array_map(mb_ord(...), mb_str_split($word));
        $steps = array_map(
            static fn(int|false $next, int|false $last): int => (int) $next - (int) $last,
            array_slice($letters, 1),
            array_slice($letters, 0, -1),
        );

        return count(array_unique($steps)) < 2;
    }

    private static function lists(string $word): bool
    {
        static $list = null;
        $list ??= file_get_contents(resource_path('passwords/common.bin'));
        if (!is_string($list)) {
            throw new RuntimeException('The list of common passwords is missing.');
        }
        $sought = substr(hash('sha256', $word, true), 0, self::BYTES);
        for ($low = 0, $high = intdiv(strlen($list), self::BYTES); $low < $high;) {
            $middle = intdiv($low + $high, 2);
            $order = strcmp(substr($list, $middle * self::BYTES, self::BYTES), $sought);
            if ($order === 0) {
                return true;
            }
            $order < 0 ? $low = $middle + 1 : $high = $middle;
        }

        return false;
    }
}
