<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Account\NewPassword;
use App\Http\Controllers\Controller;
use App\Models\Keeper;
use Illuminate\Contracts\View\View;
use Illuminate\Foundation\Auth\ResetsPasswords;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

final class ResetPasswordController extends Controller
{
    use ResetsPasswords;

    protected string $redirectTo = '/';

    public function showResetForm(Request $request): View
    {
        return view('auth.reset', ['token' => $request->route('token'), 'email' => is_string($request->query('email')) ? $request->query('email') : '']);
    }

    /** @return array<string, list<mixed>> */
    protected function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:200'],
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => NewPassword::rules(),
        ];
    }

    /** @return array<string, string> */
    protected function credentials(Request $request): array
    {
        $text = static fn(string $field): string => $request->string($field)->toString();

        return [
            'email' => mb_strtolower(trim($text('email'))), 'password' => $text('password'),
            'password_confirmation' => $text('password_confirmation'), 'token' => $text('token'),
        ];
    }

    /** The same for an address that is not known as for a link that does not belong to it. */
    protected function sendResetFailedResponse(Request $request, string $response): RedirectResponse
    {
        return redirect()->back()->withInput($request->only('email'))->withErrors(['email' => __('account.reset_failed')]);
    }

    /** The model hashes what it is given. */
    protected function setUserPassword(Keeper $user, string $password): void
    {
        $user->password = $password;
        $user->setRememberToken(Str::random(60));
    }
}
