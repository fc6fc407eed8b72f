<?php

declare(strict_types=1);

namespace App\Data;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A column that holds a record as JSON.
 *
 * @implements CastsAttributes<JsonRecord, mixed>
 */
final readonly class JsonRecordCast implements CastsAttributes
{
    /** @param class-string<JsonRecord> $record */
    public function __construct(private string $record) {}

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): JsonRecord
    {
        return $this->record::read(is_string($value) ? json_decode($value, true) : null);
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        $kept = ($value instanceof $this->record ? $value : $this->record::read($value))->toKeep();

        return $kept === null ? null : json_encode($kept, JSON_THROW_ON_ERROR);
    }
}
