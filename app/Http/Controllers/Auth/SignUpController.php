<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Account\LoginThrottle;
use App\Account\NewPassword;
use App\Http\Controllers\Controller;
use App\Models\Keeper;
use App\Notifications\AccountEmail;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Timebox;

/**
 * A new account begins with a letter to its address: whoever asks is told the same whether there is such an account or not, and nobody
 * has one under an address that is not theirs.
 */
final class SignUpController extends Controller
{
    public function show(): View
    {
        return view('auth.sign-up');
    }

    public function ask(Request $request, Timebox $timebox, LoginThrottle $doors): RedirectResponse
    {
        $this->checked($request, ['email' => ['required', 'string', 'email', 'max:190']], []);
        $address = mb_strtolower(trim($request->string('email')->toString()));
        $doors->letter($address, (string) $request->ip());
        $timebox->call(static function () use ($address): void {
            Keeper::query()->where('email', $address)->exists()
                ? AccountEmail::post($address, 'known')
                : AccountEmail::post($address, 'begin', AccountEmail::link('sign-up.new', ['email' => $address]));
        }, config()->integer('auth.timebox_duration'));

        return redirect('/sign-up')->with('status', __('account.sent'));
    }

    public function form(Request $request): View|RedirectResponse
    {
        return $this->withLink(
            $request,
            fn(string $address): View => view('auth.begin', ['email' => $address, 'action' => $request->getPathInfo().'?'.$request->getQueryString()]),
        );
    }

    public function begin(Request $request): View|RedirectResponse
    {
        return $this->withLink($request, function (string $address) use ($request): RedirectResponse {
            $this->checked(
                $request,
                ['name' => ['required', 'string', 'max:80'], 'password' => NewPassword::rules(), 'timezone' => ['nullable', 'timezone:all']],
                [],
            );
            try {
                $keeper = Keeper::query()->create([
                    'name' => $request->string('name')->toString(), 'email' => $address, 'password' => $request->string('password')->toString(),
                    'timezone' => $request->filled('timezone') ? $request->string('timezone')->toString() : 'UTC',
                ]);
            } catch (UniqueConstraintViolationException) {
                return redirect('/sign-in')->with('status', __('account.there'));
            }
            Auth::login($keeper);
            $request->session()->regenerate();

            return redirect('/');
        });
    }

    /** @param callable(string): (View|RedirectResponse) $then with the address that the letter went to */
    private function withLink(Request $request, callable $then): View|RedirectResponse
    {
        $address = $request->query('email');
        if (!$request->hasValidRelativeSignature() || !is_string($address)) {
            return redirect('/sign-up')->with('status', __('account.no_link'));
        }

        return Keeper::query()->where('email', $address)->exists() ? redirect('/sign-in')->with('status', __('account.there')) : $then($address);
    }
}
