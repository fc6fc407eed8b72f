<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use App\Models\Keeper;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Auth\RegistersUsers;
use Illuminate\Support\Facades\Validator as Validators;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;

final class SignUpController extends Controller
{
    use RegistersUsers;

    protected string $redirectTo = '/';

    public function showRegistrationForm(): View
    {
        return view('auth.sign-up');
    }

    /** @param array<string, mixed> $data */
    protected function validator(array $data): Validator
    {
        $data['email'] = is_string($data['email'] ?? null) ? mb_strtolower($data['email']) : null;

        return Validators::make($data, [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190', 'unique:keepers,email'],
            'password' => ['required', 'string', 'max:200', 'confirmed', Password::min(10)],
            'timezone' => ['nullable', 'timezone:all'],
        ]);
    }

    /** @param array{name: string, email: string, password: string, timezone?: string|null} $data */
    protected function create(array $data): Keeper
    {
        try {
            return Keeper::query()->create([
                'name' => $data['name'],
                'email' => mb_strtolower($data['email']),
                'password' => $data['password'],
                'timezone' => $data['timezone'] ?? 'UTC',
            ]);
        } catch (UniqueConstraintViolationException) {
            // Somebody was quicker with the same address.
            throw ValidationException::withMessages(['email' => 'There is an account with this address already.']);
        }
    }
}
