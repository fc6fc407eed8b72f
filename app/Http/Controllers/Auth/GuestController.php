<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Account\AnswerFirst;
use App\Account\DeleteAccount;
use App\Account\Guests;
use App\Account\LoginThrottle;
use App\Account\NewPassword;
use App\Http\Controllers\Controller;
use App\Http\Requests\FirstAnswerRequest;
use App\Models\Keeper;
use App\Notifications\AccountEmail;
use App\Tanks\TankWaterQuery;
use Cresco\Core\Fault;
use Cresco\Core\Measure\Parameter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;
use Illuminate\Support\Timebox;
use Illuminate\Validation\ValidationException;

/** A first answer without an account, and how what was entered is kept or goes. */
final class GuestController extends Controller
{
    public function show(): View
    {
        return view('auth.first', ['demo' => (bool) config('app.demo'), 'sizes' => (new Keeper())->show()->sizes(), 'days' => Guests::DAYS]);
    }

    public function answer(FirstAnswerRequest $request, AnswerFirst $answer, LoginThrottle $doors): RedirectResponse
    {
        $doors->guest((string) $request->ip());
        if (Guests::areFull()) {
            throw ValidationException::withMessages(['outer_length' => __('guest.full')]);
        }
        $timezone = $request->filled('timezone') ? $request->string('timezone')->toString() : 'UTC';
        try {
            $tank = $answer($request->sizes(), $request->animals(), $request->daysSinceChange(), $request->string('nitrate')->toString(), $timezone);
        } catch (Fault $fault) {
            throw ValidationException::withMessages(['outer_length' => say($fault)]);
        }
        $doors->guestCame((string) $request->ip());
        Guests::enter($tank->keeper);
        $request->session()->regenerate();
        // By nitrate where the test may mean more than the limit.
        $nitrate = TankWaterQuery::of($tank)->state()->get(Parameter::Nitrate)?->quantile(0.9);
        $limit = $tank->needs()->range(Parameter::Nitrate)[1] ?? null;
        $goal = $nitrate === null || $limit === null || $nitrate <= $limit ? '' : '?reason=nitrate&nitrate_goal='.$limit;

        return redirect('/tanks/'.$tank->id.'/water-change'.$goal);
    }

    /** A password now, and an address once its owner has said so: until then the guest stays one. */
    public function keep(Request $request, Timebox $timebox, LoginThrottle $doors): RedirectResponse
    {
        $guest = $this->guest($request);
        $this->checked($request, ['email' => ['required', 'string', 'email', 'max:190'], 'password' => NewPassword::rules()], []);
        $address = mb_strtolower(trim($request->string('email')->toString()));
        $doors->letter($address, (string) $request->ip());
        $guest->password = $request->string('password')->toString();
        $guest->setRememberToken(Str::random(60));
        $guest->save();
        Guests::enter($guest);
        $request->session()->regenerate();
        $timebox->call(static function () use ($address, $guest): void {
            Keeper::query()->where('email', $address)->exists()
                ? AccountEmail::post($address, 'known')
                : AccountEmail::post(
                    $address,
                    'keep',
                    AccountEmail::link('account.move', ['keeper' => (string) $guest->id, 'email' => $address, 'was' => $guest->addressMark()]),
                );
        }, config()->integer('auth.timebox_duration'));

        return redirect('/account')->with('status', __('account.sent'));
    }

    public function destroy(Request $request, DeleteAccount $delete): RedirectResponse
    {
        $guest = $this->guest($request);
        $this->checked($request, ['sure' => ['accepted']], ['sure' => __('account.sure')]);
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
        $delete($guest);

        return redirect('/start')->with('status', __('account.gone'));
    }

    private function guest(Request $request): Keeper
    {
        $keeper = $this->keeper($request);
        abort_unless($keeper->isGuest(), 404);

        return $keeper;
    }
}
