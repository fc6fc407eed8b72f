<?php

declare(strict_types=1);

namespace App\Data;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A column of words: set to a phrase or to what somebody wrote, read as words.
 *
 * @implements CastsAttributes<string, mixed>
 */
final class PhraseCast implements CastsAttributes
{
    /** A phrase that was set is read as words at once. */
    public bool $withoutObjectCaching = true;

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : (string) Phrase::kept($value);
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value === null => null,
            $value instanceof Phrase => $value->toColumn(),
            default => Phrase::written(is_scalar($value) ? (string) $value : '')->toColumn(),
        };
    }
}
