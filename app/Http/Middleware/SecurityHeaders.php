<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nothing from outside, no script or style inside a page, no framing, no page kept by a shared cache, and no redirect to another host. */
final class SecurityHeaders
{
    private const POLICY = "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
        ."connect-src 'self'; object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        $response->headers->set('X-Frame-Options', 'DENY');
        $response->headers->set('Referrer-Policy', $request->is(...StartSession::SECRET) ? 'no-referrer' : 'same-origin');
        $response->headers->set('Cache-Control', 'private, no-store');
        // Nobody is led to the host that a request named: a redirect says the path alone.
        $to = (string) $response->headers->get('Location');
        $here = $request->getSchemeAndHttpHost();
        if ($to === $here || str_starts_with($to, $here.'/')) {
            $response->headers->set('Location', '/'.ltrim(substr($to, strlen($here)), '/'));
        }

        return $response;
    }
}
