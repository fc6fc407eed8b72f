<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/** A session remembers the page that it was on last, but none whose address is a secret. */
final class QuietSession extends StartSession
{
    /** Pages whose addresses are secrets. */
    public const SECRET = ['help/*', 'calendar/*'];

    protected function storeCurrentUrl(Request $request, $session): void
    {
        if (!$request->is(...self::SECRET)) {
            parent::storeCurrentUrl($request, $session);
        }
    }
}
