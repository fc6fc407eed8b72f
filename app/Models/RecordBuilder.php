<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Queries of records. What they change, write or delete draws another data version for the tanks that it is of: no event tells of it.
 *
 * @template TModel of Model
 *
 * @extends Builder<TModel>
 */
final class RecordBuilder extends Builder
{
    /** @param array<string, mixed> $values */
    public function update(array $values): int
    {
        $before = $this->owners();
        $count = parent::update($values);
        // What goes to another tank is of both.
        $this->raise($count === 0 ? [] : [...$before, ...array_map(static fn(array $fields): array => $values + $fields, $before)]);

        return $count;
    }

    public function delete(): mixed
    {
        $before = $this->owners();
        $count = parent::delete();
        $this->raise($before);

        return $count;
    }

    /** @param array<mixed> $values */
    public function insert(array $values): bool
    {
        $rows = array_is_list($values) ? $values : [$values];
        $isKept = $this->toBase()->insert($values);
        $this->raise(array_values(array_filter($rows, is_array(...))));

        return $isKept;
    }

    /** @return list<array<mixed>> what tells whose the records are that are about to be written */
    private function owners(): array
    {
        $owners = [];
        foreach ((clone $this)->toBase()->get() as $row) {
            $owners[] = (array) $row;
        }

        return $owners;
    }

    /**
     * @param array<mixed> $fields
     *
     * @return array<mixed> what of them tells whose the record is
     */
    private function owner(array $fields): array
    {
        $isTank = $this->model instanceof Tank;

        return array_filter(
            $fields,
            static fn(string|int $name): bool => $isTank ? $name === 'id' : str_ends_with((string) $name, '_id'),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** @param list<array<mixed>> $rows */
    private function raise(array $rows): void
    {
        DataVersion::written($this->model->getTable(), array_values(array_unique(array_map($this->owner(...), $rows), SORT_REGULAR)));
    }
}
