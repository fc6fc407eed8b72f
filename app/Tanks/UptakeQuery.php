<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Tank;
use Illuminate\Support\Facades\Cache;

/** What the plant groups of a tank take up of each nutrient in a day, on each of the days to come. */
final readonly class UptakeQuery
{
    /** Days that are looked ahead. */
    public const AHEAD = 56;

    /** Days between which growth is worked out; in between it is taken to be even. */
    private const STEP = 7;

    /** @param list<float> $growth dry mass that is gained in a day, fed from the water, mg/L, week by week */
    private function __construct(private array $growth, private string $key) {}

    public static function of(Tank $tank, float $litres): self
    {
        if (PlantModelQuery::isBare($tank) || !$tank->plantGroups()->exists()) {
            return new self([], '');
        }
        $key = PlantModelQuery::hour($tank).round($litres, 1);
        $name = 'uptake.'.$tank->id;
        $kept = Cache::get($name);
        if (is_array($kept) && ($kept[0] ?? null) === $key && is_array($kept[1] ?? null)) {
            return new self(array_values(array_map(static fn(mixed $growth): float => is_float($growth) ? $growth : 0.0, $kept[1])), $key);
        }
        $planting = PlantModelQuery::tank($tank);
        $growth = [];
        for ($day = 0; $day <= self::AHEAD; $day += self::STEP) {
            $gained = 0.0;
            foreach ($planting->plantGroups as $plantGroup) {
                $mass = static fn(float $at): float => $planting->dryMass($plantGroup, $plantGroup->heightIn($at), $plantGroup->coverIn($at));
                $gained += (1.0 - $plantGroup->roots) * max(0.0, $mass($day + self::STEP) - $mass((float) $day)) / self::STEP;
            }
            // Dry mass in g, in mg for each litre.
            $growth[] = 1000.0 * $gained / max(0.01, $litres);
        }
        Cache::put($name, [$key, $growth], 7200);

        return new self($growth, $key);
    }

    /** mg/L a day, so many days from now. */
    public function ofDay(int $day): float
    {
        return $this->growth === [] ? 0.0 : $this->growth[min(count($this->growth) - 1, intdiv(max(0, $day), self::STEP))];
    }

    public function key(): string
    {
        return $this->key;
    }
}
