<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Account\LoginThrottle;
use App\Http\Controllers\Controller;
use Illuminate\Contracts\View\View;
use Illuminate\Foundation\Auth\SendsPasswordResetEmails;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class ForgotPasswordController extends Controller
{
    use SendsPasswordResetEmails {
        sendResetLinkEmail as private sendLetter;
    }

    public function sendResetLinkEmail(Request $request, LoginThrottle $doors): RedirectResponse
    {
        $doors->letter($this->credentials($request)['email'], (string) $request->ip());
        $answer = $this->sendLetter($request);

        return $answer instanceof RedirectResponse ? $answer : back();
    }

    public function showLinkRequestForm(): View
    {
        return view('auth.forgot');
    }

    protected function sendResetLinkResponse(Request $request, string $response): RedirectResponse
    {
        return back()->with('status', __('account.sent'));
    }

    /** @return array<string, string> */
    protected function credentials(Request $request): array
    {
        return ['email' => mb_strtolower(trim($request->string('email')->toString()))];
    }

    /** The same answer whether there is such an account or not, so that nobody can find out who has one. */
    protected function sendResetLinkFailedResponse(Request $request, string $response): RedirectResponse
    {
        return back()->with('status', __('account.sent'));
    }
}
