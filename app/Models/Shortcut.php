<?php

declare(strict_types=1);

namespace App\Models;

/** The framework that the shortcuts of records were written for: with any other they go the framework's own way. */
final class Shortcut
{
    public const WRITTEN_FOR = '12.72.0';

    /** Whether it is that one; said when the application starts. */
    public static bool $fits = false;
}
