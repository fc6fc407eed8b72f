<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use PDOException;
use Symfony\Component\HttpFoundation\Response;

/** A database that can be read and not written to: pages are still shown, and whoever writes is told that nothing was kept. */
final class Unwritten
{
    /** Parts of what the engines say, and the key of our words for it. */
    private const SAID = ['readonly database' => 'read_only', 'read-only transaction' => 'read_only', 'disk is full' => 'full', 'No space left' => 'full', 'disk I/O error' => 'broken', 'database is locked' => 'busy'];

    public static function answer(PDOException $fault, Request $request): ?Response
    {
        foreach (self::SAID as $part => $key) {
            if (stripos($fault->getMessage(), $part) !== false) {
                $message = __('limits.unwritten.'.$key);

                return $request->expectsJson() ? response()->json(['message' => $message], 503) : response()->view('errors.unwritten', ['message' => $message], 503);
            }
        }

        return null;
    }
}
