<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Request;
use Illuminate\Routing\Events\PreparingResponse;
use Illuminate\Routing\Events\ResponsePrepared;
use Illuminate\Routing\Events\RouteMatched;
use Illuminate\Support\Facades\Event;
use Symfony\Component\HttpFoundation\Response;

/** Says in a header what a request took: framework, queries, the work of the page, its drawing. For measuring alone, and asked for each time. */
final class ServerTiming
{
    public const HEADER = 'X-Where-Time-Goes';

    public function handle(Request $request, Closure $next): Response
    {
        if (!config()->boolean('app.timed') || !$request->headers->has(self::HEADER)) {
            return self::answer($next($request));
        }
        $begun = $request->server('REQUEST_TIME_FLOAT');
        $at = ['begun' => is_float($begun) ? $begun : microtime(true)];
        $queries = $before = $took = 0.0;
        $count = 0;
        Event::listen(QueryExecuted::class, static function (QueryExecuted $query) use (&$queries, &$count): void {
            $queries += $query->time / 1000.0;
            ++$count;
        });
        Event::listen(RouteMatched::class, static function () use (&$at): void {
            $at['matched'] ??= microtime(true);
        });
        Event::listen(PreparingResponse::class, static function () use (&$at, &$before, &$queries): void {
            $at['made'] ??= microtime(true);
            $before = $before === 0.0 ? $queries : $before;
        });
        Event::listen(ResponsePrepared::class, static function () use (&$at): void {
            $at['drawn'] ??= microtime(true);
        });
        $response = self::answer($next($request));
        $total = microtime(true) - $at['begun'];
        $work = max(0.0, ($at['made'] ?? 0.0) - ($at['matched'] ?? 0.0) - $before);
        $view = max(0.0, ($at['drawn'] ?? 0.0) - ($at['made'] ?? 0.0) - ($queries - $before));
        $response->headers->set(
            'Server-Timing',
            sprintf(
                'framework;dur=%.2f, queries;dur=%.2f;desc="%d", work;dur=%.2f, view;dur=%.2f',
                1000.0 * max(0.0, $total - $queries - $work - $view),
                1000.0 * $queries,
                $count,
                1000.0 * $work,
                1000.0 * $view,
            ),
        );

        return $response;
    }

    private static function answer(mixed $response): Response
    {
        return $response instanceof Response ? $response : new \Illuminate\Http\Response();
    }
}
