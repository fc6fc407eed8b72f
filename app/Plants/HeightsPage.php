<?php

declare(strict_types=1);

namespace App\Plants;

use App\Models\Tank;
use App\Tanks\PlantModelQuery;
use App\Units\Amount;
use Cresco\Core\Plants\PlantModel;

/** The heights of all plant groups in one pass, each beside what is forecast of it. */
final readonly class HeightsPage
{
    public PlantModel $planting;

    private PlantGroupWords $words;

    public function __construct(private Tank $tank)
    {
        $this->planting = PlantModelQuery::tank($tank);
        $this->words = new PlantGroupWords($this->planting, $tank->keeper->show(), $tank->keeper->hand);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = [
            'height' => ['nullable', 'array'], 'cover' => ['nullable', 'array'], 'guessed' => ['nullable', 'array'],
            'hand' => ['nullable', $this->tank->keeper->show()->levels()->rule(50.0, 150.0, 90.0)],
        ];
        foreach ($this->planting->plantGroups as $key => $plantGroup) {
            $rules['height.'.$key] = ['nullable', $this->tank->keeper->show()->levels()->rule(
                1.0,
                ceil(max($plantGroup->ceiling, $this->planting->room($plantGroup))),
                140.0,
            )];
            $rules['cover.'.$key] = ['nullable', new Amount(1, 100, '%', '60')];
        }

        return $rules;
    }

    /**
     * @return list<array{key: int, number: int, name: string, forecast: string, seen: string, floats: bool, spreads: bool, cover: string, steps: list<string>}>
     *         with heights by the hand that lie about the forecast
     */
    public function rows(): array
    {
        $rows = [];
        $seen = PlantModelQuery::seen($this->tank);
        $levels = $this->tank->keeper->show()->levels();
        foreach ($this->planting->plantGroups as $key => $plantGroup) {
            $half = $this->tank->keeper->hand / 2.0;
            $steps = [];
            $middle = max(1.0, round($plantGroup->height / $half));
            for ($i = max(1.0, $middle - 2.0); $i <= max(1.0, $middle - 2.0) + 4.0 && $i * $half <= max($plantGroup->ceiling, $half); ++$i) {
                $steps[] = $levels->show($i * $half);
            }
            $rows[] = [
                'key' => $key, 'number' => count($rows) + 1, 'name' => $this->words->name($plantGroup), 'forecast' => $this->words
                    ->height($plantGroup), 'seen' => $this->words->seen($seen[$key] ?? null),
                'floats' => $plantGroup->floats(), 'spreads' => $plantGroup
                    ->doubling > 0.0, 'cover' => (string) round(100.0 * $plantGroup->cover), 'steps' => $plantGroup->floats()
                    ? []
                    : $steps,
            ];
        }

        return $rows;
    }
}
