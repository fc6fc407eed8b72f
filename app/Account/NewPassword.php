<?php

declare(strict_types=1);

namespace App\Account;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Validation\Rules\Password;

/** What a new password has to be: long enough, typed twice alike, and none of those that everybody takes. */
final class NewPassword implements ValidationRule
{
    /** Fewest letters. House limit. */
    private const FEWEST = 10;

    /** @return list<mixed> */
    public static function rules(): array
    {
        return ['required', 'string', 'max:200', 'confirmed', Password::min(self::FEWEST), new self()];
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && CommonPasswords::has($value)) {
            $fail(__('account.common'));
        }
    }
}
