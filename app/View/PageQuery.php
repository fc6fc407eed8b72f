<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Http\Request;

/** What a page was asked with, for links that lead back to it. */
final class PageQuery
{
    /**
     * Everything asked for but some fields; a field that was sent empty stays empty, which is not the same as not sent.
     *
     * @param list<string> $but
     *
     * @return array<mixed>
     */
    public static function kept(Request $request, array $but = []): array
    {
        $asked = $request->except(['_token', '_once', 'working', ...$but]);
        array_walk_recursive($asked, static function (mixed &$value): void {
            $value ??= '';
        });

        return $asked;
    }

    /** @param list<string> $but */
    public static function query(Request $request, array $but = []): string
    {
        return http_build_query(self::kept($request, $but));
    }
}
