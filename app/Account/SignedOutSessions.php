<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Support\Facades\Cache;

/**
 * Sessions that were signed out. A request that had begun before may still write its session afterwards, and a copy of the cookie may
 * be kept: neither counts any more.
 */
final class SignedOutSessions
{
    public static function note(string $session): void
    {
        Cache::put(self::key($session), true, 60 * config()->integer('session.lifetime'));
    }

    public static function has(string $session): bool
    {
        return Cache::has(self::key($session));
    }

    private static function key(string $session): string
    {
        return 'signed-out.'.hash('sha256', $session);
    }
}
