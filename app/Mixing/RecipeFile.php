<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Exchange\CsvFile;
use App\Exchange\FileFault;
use App\Exchange\ImportProgress;
use App\Exchange\JsonFile;
use App\Models\Keeper;
use App\Models\Recipe;
use App\Models\RecordQuota;
use Carbon\CarbonImmutable;
use Cresco\Core\Mixing\RecipeAim;
use Cresco\Core\Water\Ion;
use Illuminate\Support\Facades\DB;

/** Kept recipes as JSON by the published schema, and as CSV with one row for each part. */
final class RecipeFile
{
    public const AIMS = ['gh' => 'gh_mmol_per_l', 'kh' => 'kh_meq_per_l', 'ratio' => 'ca_to_mg_by_mass', 'ec' => 'ec_us_per_cm_25c'];

    private const COLUMNS = ['recipe', 'part', 'name', 'value', 'unit'];

    /** @return array<string, mixed> what a bench shows, by the schema */
    public static function of(string $name, MixingDraft $draft): array
    {
        $litres = $draft->input->litres;
        $target = [];
        foreach (RecipeAim::cases() as $aim) {
            $value = $draft->input->target->value($aim);
            if ($value !== null) {
                $target[self::AIMS[$aim->value]] = round($value, 6);
            }
        }
        if ($draft->input->target->caps !== []) {
            $target['caps_mg_per_l'] = $draft->input->target->caps;
        }
        $waters = $products = [];
        foreach ($draft->batch->recipe->sources as $i => $source) {
            if ($draft->batch->recipe->shares[$i] > 0.005) {
                $waters[] = ['name' => $source->name, 'litres' => round($draft->batch->recipe->shares[$i] * $litres, 4)];
            }
        }
        foreach ($draft->batch->order() as $j) {
            $product = $draft->products[$j];
            $products[] = array_filter(
                [
                    'name' => $product->name, 'formula' => $product->toCore()->salt?->formula, 'amount' => round($draft->batch->amounts[$j], 4),
                    'unit' => $product->unit,
                ],
                static fn(mixed $value): bool => $value !== null,
            );
        }

        return ['name' => $name, 'litres' => $litres, 'target' => $target, 'waters' => $waters, 'jars' => $products];
    }

    public static function json(Keeper $keeper): string
    {
        $recipes = [];
        foreach (self::all($keeper) as $recipe) {
            // An empty target is an object too.
            $recipes[] = ['target' => (object) self::part($recipe->content['target'] ?? [])] + $recipe->content;
        }

        return json_encode(
            ['format' => 'cresco-recipes', 'version' => 1, 'recipes' => $recipes],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    public static function csv(Keeper $keeper): string
    {
        $rows = [];
        $add = static function (string $recipe, string $part, mixed $name, mixed $value, string $unit) use (&$rows): void {
            $rows[] = [
                'recipe' => $recipe, 'part' => $part, 'name' => is_scalar($name) ? (string) $name : '',
                'value' => is_numeric($value) ? (float) $value : null, 'unit' => $unit,
            ];
        };
        foreach (self::all($keeper) as $recipe) {
            $content = $recipe->content;
            $add($recipe->name, 'litres', '', $content['litres'] ?? null, 'L');
            foreach (self::part($content['target'] ?? []) as $name => $value) {
                foreach (is_array($value) ? $value : [] as $ion => $cap) {
                    $add($recipe->name, 'cap', $ion, $cap, 'mg/L');
                }
                if (is_numeric($value)) {
                    $add($recipe->name, 'target', $name, $value, '');
                }
            }
            foreach (self::part($content['waters'] ?? []) as $water) {
                $add($recipe->name, 'water', is_array($water) ? $water['name'] ?? '' : '', is_array($water) ? $water['litres'] ?? null : null, 'L');
            }
            foreach (self::part($content['jars'] ?? []) as $product) {
                $unit = is_array($product) && is_string($product['unit'] ?? null) ? $product['unit'] : 'g';
                $add($recipe->name, 'jar', is_array($product) ? $product['name'] ?? '' : '', is_array($product) ? $product['amount'] ?? null : null, $unit);
            }
        }

        return CsvFile::write($rows, implode(',', self::COLUMNS));
    }

    /** @return int how many were taken in @throws FileFault */
    public static function importJson(Keeper $keeper, string $text): int
    {
        $recipes = JsonFile::read($text, 'recipes')['recipes'] ?? [];

        return self::keep($keeper, array_values(array_filter(is_array($recipes) ? $recipes : [], is_array(...))));
    }

    /** @return int how many were taken in @throws FileFault */
    public static function importCsv(Keeper $keeper, string $text, ImportProgress $in): int
    {
        $recipes = [];
        $lines = [];
        $rows = CsvFile::read($text, self::COLUMNS, self::COLUMNS);
        foreach ($rows as $line => $row) {
            $in->at($line, count($rows));
            if ($row['recipe'] === '' || mb_strlen($row['recipe']) > 80 || mb_strlen($row['name']) > 60) {
                throw FileFault::at($line, (string) __('file.recipe_needs_name_1'));
            }
            $lines[$row['recipe']] ??= $line;
            $recipe = $recipes[$row['recipe']] ?? ['name' => $row['recipe'], 'litres' => null, 'target' => [], 'waters' => [], 'jars' => []];
            $value = CsvFile::number($row['value'], $line, 'value', 0.0, 1e6) ?? throw FileFault::at($line, (string) __('file.value_missing'));
            switch ($row['part']) {
                case 'litres':
                    $recipe['litres'] = $value;
                    break;
                case 'target':
                    $recipe['target'][in_array($row['name'], self::AIMS, true) ? $row['name'] : throw FileFault::at(
                        $line,
                        (string) __('file.target_one', ['aims' => implode(', ', self::AIMS)]),
                    )] = $value;
                    break;
                case 'cap':
                    $recipe['target']['caps_mg_per_l'][Ion::tryFrom($row['name'])->value ?? throw FileFault::at(
                        $line,
                        (string) __('file.there_no_ion', ['ion' => $row['name']]),
                    )] = $value;
                    break;
                case 'water':
                    $recipe['waters'][] = ['name' => $row['name'], 'litres' => $value];
                    break;
                case 'jar':
                    $recipe['jars'][] = ['name' => $row['name'], 'amount' => $value, 'unit' => $row['unit'] === 'mL' ? 'mL' : 'g'];
                    break;
                default:
                    throw FileFault::at($line, (string) __('file.part_litres_target_cap'));
            }
            $recipes[$row['recipe']] = $recipe;
        }
        // The same gate as for JSON, so that both ways lead to the same records.
        $whole = json_encode(
            ['format' => 'cresco-recipes', 'version' => 1, 'recipes' => array_map(
                static fn(array $recipe): array => ['target' => (object) $recipe['target']] + $recipe,
                array_values($recipes),
            )],
            JSON_THROW_ON_ERROR,
        );
        $fault = JsonFile::fault(json_decode($whole, false, 32, JSON_THROW_ON_ERROR), 'recipes');
        if ($fault !== null) {
            $name = array_keys($recipes)[(int) ($fault[0][1] ?? 0)] ?? '';
            throw FileFault::at(
                $lines[$name] ?? 1,
                (string) __(
                    'file.recipe_does_not_hold',
                    ['name' => $name, 'why' => '/'.implode('/', array_map(strval(...), array_slice($fault[0], 2))).': '.$fault[1]],
                ),
            );
        }

        return self::keep($keeper, array_values($recipes));
    }

    /** @param list<array<mixed>> $recipes */
    private static function keep(Keeper $keeper, array $recipes): int
    {
        $now = CarbonImmutable::now()->format('Y-m-d H:i:s');
        $rows = array_map(static fn(array $recipe): array => [
            'keeper_id' => $keeper->id, 'name' => is_string($recipe['name'] ?? null)
                ? $recipe['name']
                : 'Recipe', 'content' => json_encode($recipe, JSON_THROW_ON_ERROR), 'created_at' => $now, 'updated_at' => $now,
        ], $recipes);
        DB::transaction(static function () use ($keeper, $rows): void {
            if ($keeper->recipes()->count() + count($rows) > RecordQuota::most(Recipe::class)) {
                throw FileFault::tooMany(Recipe::class);
            }
            foreach (array_chunk($rows, 100) as $some) {
                Recipe::query()->insert($some);
            }
        });

        return count($rows);
    }

    /** @return list<Recipe> */
    private static function all(Keeper $keeper): array
    {
        return array_values($keeper->recipes()->orderBy('name')->orderBy('id')->get()->all());
    }

    /** @return array<mixed> */
    private static function part(mixed $value): array
    {
        return is_array($value) ? $value : [];
    }
}
