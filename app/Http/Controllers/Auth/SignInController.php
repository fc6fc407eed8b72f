<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Account\LoginThrottle;
use App\Http\Controllers\Controller;
use App\Models\Keeper;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Timebox;
use Illuminate\Validation\ValidationException;

/** In by an address and a password, and out for good. */
final class SignInController extends Controller
{
    public function show(): View
    {
        return view('auth.sign-in', ['demo' => (bool) config('app.demo')]);
    }

    /** The same answer, after the same time, for an address that is not known and for a password that is wrong. */
    public function enter(Request $request, LoginThrottle $doors, Timebox $timebox): RedirectResponse
    {
        $this->checked($request, ['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:200']], []);
        // An address is the same however it is typed.
        $address = mb_strtolower(trim($request->string('email')->toString()));
        $place = (string) $request->ip();
        $doors->knock($address, $place, LoginThrottle::knows($request->cookie(LoginThrottle::KNOWN), $address));
        $keeper = $timebox->call(static function (Timebox $box) use ($request, $address): ?Keeper {
            $keeper = self::withPassword($address, $request->string('password')->toString());
            if ($keeper !== null) {
                $box->returnEarly();
            }

            return $keeper;
        }, config()->integer('auth.timebox_duration'));
        if ($keeper === null) {
            $doors->missed($address, $place);
            throw ValidationException::withMessages(['email' => __('auth.failed')]);
        }
        Auth::login($keeper, $request->boolean('remember'));
        $doors->opened($address, $place);
        $request->session()->regenerate();

        return redirect()->intended('/')->withCookie(cookie()->forever(LoginThrottle::KNOWN, LoginThrottle::sign($address)));
    }

    /** A password costs one hash, whether there is such an account or not: how long it takes tells nothing, however busy the machine is. */
    private static function withPassword(string $address, string $password): ?Keeper
    {
        $keeper = Keeper::query()->where('email', $address)->first();
        if ($keeper === null) {
            Hash::make($password);

            return null;
        }
        if (!Hash::check($password, $keeper->password)) {
            return null;
        }
        if (Hash::needsRehash($keeper->password)) {
            $keeper->forceFill(['password' => $password])->save();
        }

        return $keeper;
    }

    /** Enters as the demo keeper; there is no such door unless the demo is switched on. */
    public function enterDemo(Request $request): RedirectResponse
    {
        abort_unless((bool) config('app.demo'), 404);
        Auth::login(Keeper::query()->where('is_demo', true)->firstOrFail());
        $request->session()->regenerate();

        return redirect('/');
    }

    public function leave(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
