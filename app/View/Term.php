<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Tank;
use Cresco\Core\Measure\Parameter;
use Illuminate\Support\Facades\Lang;

/** A word of the hobby, in plain words. */
final readonly class Term
{
    private function __construct(public string $key, public string $name, public string $what, public string $moves) {}

    /** @return list<self> in the order of their names */
    public static function all(): array
    {
        $terms = array_values(array_filter(array_map(self::find(...), array_keys((array) __('glossary.terms')))));
        usort($terms, static fn(self $a, self $b): int => strcoll($a->name, $b->name));

        return $terms;
    }

    public static function find(int|string $key): ?self
    {
        if (!Lang::has('glossary.terms.'.$key.'.2')) {
            return null;
        }

        return new self(
            (string) $key,
            (string) __('glossary.terms.'.$key.'.0'),
            (string) __('glossary.terms.'.$key.'.1'),
            (string) __('glossary.terms.'.$key.'.2'),
        );
    }

    /** Where a tank is to be kept, in words; null for what is no test or has no range there. */
    public function rangeIn(Tank $tank): ?string
    {
        $parameter = Parameter::tryFrom($this->key);
        $range = $parameter === null ? null : $tank->needs()->range($parameter);
        if ($parameter === null || $range === null) {
            return null;
        }
        $show = $tank->keeper->show();

        return (string) __(
            $range[0] > 0.0 ? 'glossary.range' : 'glossary.up_to',
            ['tank' => $tank->name, 'low' => $show->limitNumber($parameter, $range[0]), 'high' => $show->limit($parameter, $range[1])],
        );
    }
}
