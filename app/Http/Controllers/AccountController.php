<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\BackupStatus;
use App\Account\DeleteAccount;
use App\Account\ImportArchive;
use App\Account\NewPassword;
use App\Exchange\FileFault;
use App\Exchange\ImportProgress;
use App\Exchange\KeeperArchive;
use App\Models\Keeper;
use App\Notifications\AccountEmail;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Address, password, all data, and the end of an account. Whoever changes one of them says the password again. */
final class AccountController extends Controller
{
    /** Of an archive that is taken in. House limit. */
    private const MOST_BYTES = 250 * 1024 * 1024;

    public function show(Request $request): View
    {
        $keeper = $this->keeper($request);

        return view('account.show', ['keeper' => $keeper, 'backups' => BackupStatus::lines($keeper->show())]);
    }

    /** All that is kept, as one file. */
    public function data(Request $request): BinaryFileResponse
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'cresco-data-'.getmypid().'-');
        KeeperArchive::write($this->keeper($request), $path);

        return response()->download($path, 'cresco-'.CarbonImmutable::now()->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    public function takeIn(Request $request, ImportArchive $takeIn): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $file = $request->file('archive');
        try {
            if (!$file instanceof UploadedFile || !$file->isValid() || $file->getSize() > self::MOST_BYTES) {
                throw new FileFault($file instanceof UploadedFile && in_array(
                    $file->getError(),
                    [UPLOAD_ERR_OK, UPLOAD_ERR_INI_SIZE],
                    true,
                ) ? __('account.archive.large') : __('account.archive.choose'));
            }
            $path = $file->getPathname();
            $count = ImportProgress::of($keeper, static fn(ImportProgress $in): int => $takeIn($keeper, $path, $in));
        } catch (FileFault $fault) {
            throw ValidationException::withMessages(['archive' => $fault->getMessage()])->redirectTo('/account#data');
        }

        return redirect('/account')->with('status', trans_choice('account.archive.taken', $count, ['count' => number_format($count)]));
    }

    /** A letter to the new address; until its link was followed nothing changes. The answer tells nobody who has an account. */
    public function address(Request $request): RedirectResponse
    {
        $keeper = $this->known($request, 'address_password');
        $this->checked($request, ['email' => ['required', 'string', 'email', 'max:190']], []);
        $address = mb_strtolower(trim($request->string('email')->toString()));
        Keeper::query()->where('email', $address)->exists()
            ? AccountEmail::post($address, 'known')
            : AccountEmail::post(
                $address,
                'move',
                AccountEmail::link('account.move', ['keeper' => (string) $keeper->id, 'email' => $address, 'was' => $keeper->addressMark()]),
            );

        return redirect('/account')->with('status', __('account.sent'));
    }

    public function move(Request $request): View|RedirectResponse
    {
        return $this->moving($request) === null
            ? redirect('/sign-in')->with('status', __('account.no_link'))
            : view('auth.move', ['email' => $request->query('email'), 'action' => $request->getPathInfo().'?'.$request->getQueryString()]);
    }

    public function moved(Request $request): RedirectResponse
    {
        $keeper = $this->moving($request);
        $address = $request->query('email');
        if ($keeper === null || !is_string($address)) {
            return redirect('/sign-in')->with('status', __('account.no_link'));
        }
        $before = $keeper->isGuest() ? null : $keeper->email;
        try {
            $keeper->guest_seen_on = null;
            $keeper->update(['email' => $address]);
        } catch (UniqueConstraintViolationException) {
            return redirect('/sign-in')->with('status', __('account.there'));
        }
        if ($before !== null) {
            AccountEmail::post($before, 'moved');
        }

        return redirect('/account')->with('status', __($before === null ? 'guest.welcome' : 'account.moved'));
    }

    public function password(Request $request): RedirectResponse
    {
        $keeper = $this->known($request, 'current_password');
        $this->checked($request, ['password' => NewPassword::rules()], []);
        $keeper->password = $request->string('password')->toString();
        $keeper->setRememberToken(Str::random(60));
        $keeper->save();
        // This device stays signed in; the others know another password and are let go.
        Auth::login($keeper);
        $request->session()->regenerate();
        AccountEmail::post($keeper->email, 'password');

        return redirect('/account')->with('status', __('account.password_set'));
    }

    public function destroy(Request $request, DeleteAccount $delete): RedirectResponse
    {
        $keeper = $this->known($request, 'delete_password');
        $this->checked($request, ['sure' => ['accepted']], ['sure' => __('account.sure')]);
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
        $delete($keeper);
        AccountEmail::post($keeper->email, 'gone');

        return redirect('/sign-in')->with('status', __('account.gone'));
    }

    /** The keeper, who has just said the password; the demo's account is everybody's. */
    private function known(Request $request, string $field): Keeper
    {
        $keeper = $this->keeper($request);
        $said = $request->input($field);
        if ($keeper->is_demo) {
            throw ValidationException::withMessages([$field => __('account.demo')]);
        }
        if (!is_string($said) || !Hash::check($said, $keeper->password)) {
            throw ValidationException::withMessages([$field => __('account.wrong')]);
        }

        return $keeper;
    }

    /** Whose address a link moves; nobody's once it was used. */
    private function moving(Request $request): ?Keeper
    {
        $keeper = $request->hasValidRelativeSignature() && is_numeric($request->query('keeper'))
            ? Keeper::query()->find((int) $request->query('keeper'))
            : null;

        return $keeper !== null && hash_equals($keeper->addressMark(), is_string($request->query('was')) ? $request->query('was') : '') ? $keeper : null;
    }
}
