<?php

declare(strict_types=1);

namespace App\Models;

use App\Data\JsonRecord;
use BackedEnum;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Contracts\Database\Eloquent\Castable;

/**
 * What the columns of a record are cast to is put together once, not at every look at one of them; and each column is cast once for as
 * long as it holds the same. Records have no accessors: those would be passed over.
 */
trait RemembersCasts
{
    /** @var array<string, array{mixed, mixed}> what a column held, and what that is cast to, where it cannot be changed in place */
    private array $seen = [];

    /** @var array<string, mixed>|null */
    private ?array $allCasts = null;

    /** @return array<string, mixed> */
    public function getCasts(): array
    {
        return $this->allCasts ??= parent::getCasts();
    }

    /**
     * @param string $key
     *
     * @return mixed
     */
    public function getAttribute($key)
    {
        if (!Shortcut::$fits) {
            return parent::getAttribute($key);
        }
        $raw = $this->attributes[$key] ?? null;
        if (!is_scalar($raw)) {
            return match (true) {
                $raw === null && isset($this->relations[$key]) => $this->relations[$key],
                $raw === null && array_key_exists($key, $this->attributes) && !$this->isKept($key) => null,
                default => parent::getAttribute($key),
            };
        }
        $seen = $this->seen[$key] ?? null;
        if ($seen !== null && $seen[0] === $raw) {
            return $seen[1];
        }
        $cast = $this->getCasts()[$key] ?? '';
        $value = match (true) {
            $cast === 'float' => (float) $raw,
            $cast === 'integer' => (int) $raw,
            // No record here has accessors, so that what has no cast is as it is kept.
            $cast === '' => in_array($key, ['created_at', 'updated_at'], true) ? parent::getAttribute($key) : $raw,
            $cast === 'boolean' => (bool) $raw,
            is_string($raw) && is_string($cast) && is_subclass_of($cast, BackedEnum::class) => $cast::from($raw),
            is_string($raw)
                && is_string($cast)
                && str_starts_with($cast, 'immutable_date')
                && in_array(strlen($raw), [10, 19], true) => self::moment($raw, $cast === 'immutable_date'),
            default => parent::getAttribute($key),
        };
        if (is_scalar($value) || is_array($value) || $value instanceof BackedEnum || $value instanceof CarbonImmutable || $value instanceof JsonRecord) {
            $this->seen[$key] = [$raw, $value];
        }

        return $value;
    }

    /** Days and moments as databases write them, with no other way to write them tried first. */
    private static function moment(string $raw, bool $isDay): CarbonImmutable
    {
        return CarbonImmutable::instance(new DateTimeImmutable($isDay ? substr($raw, 0, 10) : $raw));
    }

    /** Whether a column is read as a record even where nothing lies in it. */
    private function isKept(string $key): bool
    {
        $cast = $this->getCasts()[$key] ?? null;

        return is_string($cast) && is_subclass_of($cast, Castable::class);
    }

    /** @param array<string, mixed> $casts */
    public function mergeCasts($casts): static
    {
        $this->allCasts = null;
        $this->seen = [];

        return parent::mergeCasts($casts);
    }
}
