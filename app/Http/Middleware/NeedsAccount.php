<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Keeper;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What goes out to others or takes in a file is for whoever has an account. */
final class NeedsAccount
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $keeper = $request->user();

        return $keeper instanceof Keeper && $keeper->isGuest() ? redirect('/account')->with('status', __('guest.needs_account')) : $next($request);
    }
}
