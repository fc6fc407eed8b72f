<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use App\Models\Keeper;
use Illuminate\Contracts\View\View;
use Illuminate\Foundation\Auth\AuthenticatesUsers;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SignInController extends Controller
{
    use AuthenticatesUsers;

    protected string $redirectTo = '/';

    public function showLoginForm(): View
    {
        return view('auth.sign-in', ['demo' => (bool) config('app.demo')]);
    }

    /** Enters as the demo keeper; there is no such door unless the demo is switched on. */
    public function enterDemo(Request $request): RedirectResponse
    {
        abort_unless((bool) config('app.demo'), 404);
        Auth::login(Keeper::query()->where('is_demo', true)->firstOrFail());
        $request->session()->regenerate();

        return redirect('/');
    }

    /**
     * An address is the same however it is typed.
     *
     * @return array<string, string>
     */
    protected function credentials(Request $request): array
    {
        return ['email' => mb_strtolower(trim($request->string('email')->toString())), 'password' => $request->string('password')->toString()];
    }

    protected function loggedOut(Request $request): RedirectResponse
    {
        return redirect('/sign-in');
    }
}
