<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Recipe;
use App\Units\Show;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;

/** A kept recipe in words, and the mixing page with its target. */
final readonly class RecipePage
{
    public function __construct(public Recipe $recipe, private Show $show) {}

    public function parts(): string
    {
        return implode(
            ' · ',
            array_filter([$this->list('waters', 'litres', fn(float $litres, array $part): string => $this->show->volume($litres, 1)), $this->list(
                'jars',
                'amount',
                static fn(float $amount, array $part): string => Show::joined(Show::plain($amount, 2), is_string($part['unit'] ?? null) ? $part['unit'] : 'g'),
            )]),
        );
    }

    public function litres(): string
    {
        return $this->show->volume(is_numeric($this->recipe->content['litres'] ?? null) ? (float) $this->recipe->content['litres'] : 0.0, 1);
    }

    /** The bench with this target, for the waters and products of today. */
    public function link(): string
    {
        $target = is_array($this->recipe->content['target'] ?? null) ? $this->recipe->content['target'] : [];
        $query = ['litres' => $this->recipe->content['litres'] ?? null];
        foreach (['gh' => Parameter::GeneralHardness, 'kh' => Parameter::CarbonateHardness, 'ec' => Parameter::Conductivity] as $field => $parameter) {
            $query[$field] = self::shown($target[RecipeFile::AIMS[$field]] ?? null, $this->show->unit($parameter));
        }
        $query['ratio'] = is_numeric($target['ca_to_mg_by_mass'] ?? null) ? (float) $target['ca_to_mg_by_mass'] : '';
        $query['cap'] = is_array($target['caps_mg_per_l'] ?? null) ? $target['caps_mg_per_l'] : [];

        return '/mix-water?'.http_build_query($query);
    }

    private static function shown(mixed $base, Unit $unit): string
    {
        return is_numeric($base) ? Show::plain($unit->fromBase((float) $base), $unit->decimals + 1) : '';
    }

    /** @param callable(float, array<mixed>): string $words of an amount */
    private function list(string $key, string $amount, callable $words): string
    {
        $parts = [];
        foreach (is_array($this->recipe->content[$key] ?? null) ? $this->recipe->content[$key] : [] as $part) {
            if (is_array($part) && is_numeric($part[$amount] ?? null) && is_string($part['name'] ?? null)) {
                $parts[] = $words((float) $part[$amount], $part).' '.$part['name'];
            }
        }

        return implode(', ', $parts);
    }
}
