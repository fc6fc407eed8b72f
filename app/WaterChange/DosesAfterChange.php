<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Fertilising\DoseTrial;
use App\Fertilising\FertilisingQuery;
use App\Models\Product;
use Cresco\Core\Fertilising\Doses;
use Cresco\Core\Fertilising\Fertiliser;
use Cresco\Core\Fertilising\NutrientTargets;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;

/** What is given after a change, so that every nutrient lies where the dosing method of the tank wants it before the next. */
final readonly class DosesAfterChange
{
    /** Deviations below the animals' limit at which a dose ends: nine of ten cases. */
    private const SURE = 1.2816;

    /** @var array<string, Computation> by nutrient that the dosing method steers */
    public array $needs;

    /** @var list<Parameter> whose last reading and estimate do not go together: nothing that brings them is proposed */
    public array $doubted;

    /** @var list<array{feed: Fertiliser, each: float, every: int}> from what is in stock */
    public array $doses;

    public function __construct(private FertilisingQuery $food, private ChangeDraft $draft)
    {
        $needs = [];
        foreach ($food->hasPlants() ? Parameter::nutrients() : [] as $nutrient) {
            $aim = $food->school()->aim($nutrient);
            if ($aim !== null) {
                $needs[$nutrient->value] = NutrientTargets::afterChange(
                    $nutrient,
                    $aim,
                    $this->now($nutrient),
                    DoseTrial::rate($food, $nutrient, $aim),
                    $this->draft->share(),
                    (float) max(1, $food->tank->routine_days),
                    $this->source($nutrient),
                );
            }
        }
        $this->needs = $needs;
        $keeper = $food->tank->keeper;
        $this->doubted = array_values(array_filter(Parameter::nutrients(), $food->isDoubted(...)));
        foreach ($this->doubted as $nutrient) {
            unset($needs[$nutrient->value]);
        }
        $feeds = array_values(array_filter($keeper->products->map(static fn(Product $product): ?Fertiliser => $product->toFeed($keeper->scale_step))->all()));
        $this->doses = $needs === [] ? [] : DoseTrial::fromShelf($food, $feeds, $needs, $this->most(DoseTrial::every($food)));
    }

    /** @return array<string, float> mg/L that each dose may bring at all */
    private function most(int $every): array
    {
        $most = array_fill_keys(array_map(static fn(Parameter $nutrient): string => $nutrient->value, $this->doubted), 0.0);
        foreach (Parameter::nutrients() as $nutrient) {
            $limits = array_filter(
                [
                    [$nutrient === Parameter::Nitrate ? $this->food->tank->needs()->range($nutrient)[1] ?? null : null, self::SURE],
                    [$this->food->school()->corridor($nutrient)[1] ?? null, 0.0],
                ],
                static fn(array $one): bool => $one[0] !== null,
            );
            foreach ($limits as [$limit, $spreads]) {
                $now = $this->now($nutrient);
                $after = (1.0 - $this->draft->share()) * ($now->central() + $spreads * $now->spread()) + $this->draft->share() * $this
                    ->source($nutrient)->central();
                $rate = DoseTrial::rate($this->food, $nutrient, $limit);
                $room = Doses::mostOfEach($limit - $after, $rate->central() + $spreads * $rate->spread(), $every, max(1, $this->food->tank->routine_days));
                $most[$nutrient->value] = min($most[$nutrient->value] ?? INF, $room);
            }
        }

        return $most;
    }

    private function now(Parameter $nutrient): NormalValue
    {
        $level = $this->food->course($nutrient)->level();

        return new NormalValue($level->level, ($level->high - $level->low) / (2.0 * self::SURE));
    }

    /** The water that this change lets in, which may be another than the usual one. */
    private function source(Parameter $nutrient): NormalValue
    {
        $known = $this->draft->plan->source->get($nutrient);

        return $known === null ? $this->food->source($nutrient) : new NormalValue($known->central(), $known->spread());
    }

    /** What brings every nutrient where it belongs, or why nothing does. */
    public function reason(): string
    {
        return match (true) {
            $this->doses !== [] => 'doses',
            $this->doubted !== [] => 'doubted',
            $this->needs === [] => 'no_plants',
            array_filter($this->needs, static fn(Computation $need): bool => $need->value('D') > 0.0) === [] => 'enough',
            default => 'no_feeds',
        };
    }
}
