<?php

declare(strict_types=1);

use App\Http\DatabaseErrorResponse;
use App\Http\Middleware\BasePath;
use App\Http\Middleware\NeedsAccount;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\ServerTiming;
use App\Http\Middleware\StartSession;
use App\Http\Middleware\ValidateUtf8;
use App\Http\MovedAddress;
use App\Http\UnreadableInput;
use App\Models\LimitReached;
use App\View\Finding;
use Cresco\Core\Fault;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as FrameworkSession;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        // Around everything, so that no answer goes out without its headers.
        $middleware->prepend([ServerTiming::class, SecurityHeaders::class, BasePath::class, ValidateUtf8::class]);
        $middleware->web(replace: [FrameworkSession::class => StartSession::class]);
        // Whoever comes to the front page is asked four questions; whoever comes elsewhere has an account.
        $middleware->redirectGuestsTo(static fn(Request $request): string => $request->is('/') ? '/start' : '/sign-in');
        $middleware->alias(['account' => NeedsAccount::class]);
        $middleware->redirectUsersTo('/');
        $middleware->trustHosts(at: static fn(): array => array_map(static fn(string $host): string => '^'.preg_quote($host).'$', array_values(array_filter(array_map(trim(...), explode(',', config()->string('app.trusted_hosts')))))), subdomains: false);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(Fault::class);
        // Bookmarks and links of old.
        $exceptions->render(static fn(NotFoundHttpException $fault, Request $request) => MovedAddress::answer($request));
        // What is not there and what is another's answer alike, to the last byte.
        $exceptions->render(static fn(HttpException $fault, Request $request) => $fault->getStatusCode() === 404 && $request->expectsJson() ? response()->json(['message' => 'Nothing is here.'], 404) : null);
        // Something of the job that cannot be, wherever it came up, is a finding and no breakdown.
        $exceptions->render(static fn(Fault $fault, Request $request): Response => match (true) {
            $request->headers->get('HX-Request') === 'true' => response(view('components.findings', ['findings' => [new Finding(Finding::BEYOND, (string) __('error.impossible.head'), say($fault))]])->render()),
            $request->expectsJson() => response()->json(['message' => say($fault)], 422),
            default => response()->view('errors.fault', ['message' => say($fault), 'back' => $request->isMethodSafe() ? url('/') : url()->previous('/')], 422),
        });
        // A list where a text is expected is refused as input, and is no fault of the application.
        $exceptions->map(ErrorException::class, static fn(ErrorException $fault): Throwable => UnreadableInput::of($fault) ?? $fault);
        // Pages go on where nothing can be written.
        $exceptions->render(static fn(Throwable $fault, Request $request): ?Response => DatabaseErrorResponse::answer($fault, $request));
        // One record too many: what was typed comes back.
        $exceptions->dontReport(LimitReached::class);
        $exceptions->render(static fn(LimitReached $fault, Request $request) => $request->expectsJson() ? response()->json(['message' => say($fault)], 422)
            : redirect()->back(302, [], '/')->withInput($request->except('_token', 'password'))->withErrors(['limit' => $fault->getMessage()])->with('status', $fault->getMessage()));
        // A page that stood open for longer than its session: nothing was done, and what was typed comes back.
        $exceptions->render(static fn(HttpException $fault, Request $request) => $fault->getStatusCode() !== 419 ? null : redirect()->back()
            ->withInput($request->except('_token', 'password', 'password_confirmation'))
            ->with('status', 'This page had stood open for too long, so nothing was sent. Send it once more.'));
    })
    ->create();
