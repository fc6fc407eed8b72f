<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Account\SignedOutSessions;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as Base;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * A request that runs beside a page, while a keeper types or to ask whether anything has changed, leaves the session as it is: what a
 * form was sent back with must still be there for the page that shows it.
 */
final class StartSession extends Base
{
    /** Pages whose addresses are secrets. */
    public const SECRET = ['help/*', 'calendar/*'];

    /** A session that was signed out is none, whoever writes it or sends its cookie once more. */
    public function getSession(Request $request)
    {
        $session = parent::getSession($request);
        if (SignedOutSessions::has($session->getId())) {
            $session->setId(Str::random(40));
        }

        return $session;
    }

    protected function saveSession($request): void
    {
        if (!self::runsBeside($request)) {
            parent::saveSession($request);
        }
    }

    /** Its answer may come after the keeper has signed out or in: it must not bring the session of before back. */
    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if (!self::runsBeside(request())) {
            parent::addCookieToResponse($response, $session);
        }
    }

    private static function runsBeside(Request $request): bool
    {
        return $request->isMethodSafe()
            && ($request->headers->get('HX-Request') === 'true' || $request->is('checklists/*/state', 'imports/status', 'photos/*', 'tanks/*/section.svg'));
    }

    /** The page that was last stays behind, but none whose address is a secret. */
    protected function storeCurrentUrl(Request $request, $session): void
    {
        if (!$request->is(...self::SECRET)) {
            parent::storeCurrentUrl($request, $session);
        }
    }
}
