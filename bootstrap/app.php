<?php

declare(strict_types=1);

use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->web(append: [SecurityHeaders::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // A page that stood open for longer than its session: nothing was done, and what was typed comes back.
        $exceptions->render(static fn(HttpException $fault, Request $request) => $fault->getStatusCode() !== 419 ? null : redirect()->back()
            ->withInput($request->except('_token', 'password', 'password_confirmation'))
            ->with('status', 'This page had stood open for too long, so nothing was sent. Send it once more.'));
    })
    ->create();
