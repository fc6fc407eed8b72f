<?php

declare(strict_types=1);

namespace App\Http;

use ErrorException;
use Illuminate\Http\Request;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** A database or a disk that can be read and not written to: whoever asks is told what it is, and that nothing was kept. */
final class DatabaseErrorResponse
{
    /** Parts of what engines and systems say, and the key of our words for it. */
    private const SAID = [
        'readonly database' => 'read_only', 'read-only transaction' => 'read_only', 'Read-only file system' => 'read_only', 'Permission denied' => 'read_only', 'disk is full' => 'full', 'No space left' => 'full',
        'File too large' => 'full', 'Disk quota exceeded' => 'full', 'disk I/O error' => 'broken', 'database is locked' => 'busy',
    ];

    public static function answer(Throwable $fault, Request $request): ?Response
    {
        // A message of ours may hold what somebody typed.
        $isOfTheMachine = $fault instanceof PDOException || $fault instanceof ErrorException;
        foreach ($isOfTheMachine ? self::SAID : [] as $part => $key) {
            if (stripos($fault->getMessage(), $part) !== false) {
                $message = (string) __('limits.unwritten.'.$key);

                return $request->expectsJson() ? response()->json(['message' => $message], 503) : response(self::page($message), 503);
            }
        }

        return null;
    }

    /** A page that nothing has to be written for, where even that cannot be. */
    private static function page(string $message): string
    {
        try {
            return view('errors.unwritten', ['message' => $message])->render();
        } catch (Throwable) {
            return '<!doctype html><html lang="en"><title>Cresco</title><h1>'.e(__('limits.unwritten.head')).'</h1><p>'.e($message).'</p></html>';
        }
    }
}
