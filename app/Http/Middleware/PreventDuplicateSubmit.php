<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Keeper;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form that is sent twice, by a double tap or from two tabs, counts once: each carries a key of its own that is used up when it is taken.
 * One that came back with a fault may be sent again.
 */
final class PreventDuplicateSubmit
{
    /** Name of the field. */
    public const FIELD = '_once';

    /** Seconds that a key is remembered. House limit. */
    private const REMEMBERED = 3600;

    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->input(self::FIELD);
        $request->request->remove(self::FIELD);
        $keeper = $request->user();
        // Steps of a checklist are ended by whoever comes first anyway, and are sent again when an answer was lost.
        if (
            !$request->isMethod('POST')
            || !is_string($key)
            || !$keeper instanceof Keeper
            || $request->headers->get('HX-Request') === 'true'
            || $request->is('checklists/*')
        ) {
            return self::answer($next($request));
        }
        $name = 'once.'.hash('xxh128', $keeper->id.' '.$request->path().' '.$key);
        if (!Cache::add($name, true, self::REMEMBERED)) {
            return redirect()->back(302, [], '/')->with('status', __('once.sent'));
        }
        $answer = self::answer($next($request));
        // Nothing was kept, by its own fault and not by one of the page before: it may be sent again.
        $own = $request->hasSession() ? $request->session()->get('_flash.new', []) : [];
        if ($answer->getStatusCode() >= 400 || (is_array($own) && in_array('errors', $own, true))) {
            Cache::forget($name);
        }

        return $answer;
    }

    private static function answer(mixed $answer): Response
    {
        return $answer instanceof Response ? $answer : throw new RuntimeException(__('said.cannot.no_answer'));
    }
}
