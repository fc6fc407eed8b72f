<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\UnreadableInput;
use App\Models\Keeper;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Http\FormRequest;

/** A form of a keeper who is signed in. */
abstract class KeeperRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        UnreadableInput::dropLists($this, $this->rules());
    }

    /** @return array<string, mixed> */
    abstract public function rules(): array;

    protected function keeper(): Keeper
    {
        $keeper = $this->user();

        return $keeper instanceof Keeper ? $keeper : throw new AuthenticationException();
    }
}
