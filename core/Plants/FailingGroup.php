<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** A plant group that has less light than it lives on, or grows far slower than its light would have it: what may be done, the best first. */
final readonly class FailingGroup
{
    /** A rate that is learned to lie below this share of the usual, in nine of ten cases, is too slow. House default. */
    private const SLOW = 0.6;

    /** Pairs of heights from which on that is believed. House default. */
    private const PAIRS = 3;

    /** Points across and from front to back at which another place is looked for. House default. */
    private const PLACES = [7, 4];

    /** A place is taken when stands cover more than this share of it. House default. */
    private const TAKEN = 0.25;

    /** What moving costs, of 1 for all the light that is asked for. House default. */
    private const MOVING = 0.15;

    /** What taking out is worth when nothing else helps, 0 to 1. House default. */
    private const REMOVING = 0.3;

    /** @param list<WeighedOption> $options the best first */
    private function __construct(public bool $isDark, public bool $isSlow, public array $options) {}

    /** Null for a plant group that does well, and where no lamp is known. */
    public static function of(PlantModel $planting, GrowingGroup $plantGroup): ?self
    {
        if ($plantGroup->floats() || $planting->light->lamps === []) {
            return null;
        }
        $need = $planting->need($plantGroup);
        $here = $planting->lightAt($plantGroup, 0.0);
        $isDark = $here < PlantModel::ALIVE * $need;
        $isSlow = $plantGroup->rate->count >= self::PAIRS && $plantGroup->rate->high < self::SLOW * $plantGroup->rate->usual;
        if (!$isDark && !$isSlow) {
            return null;
        }
        // With all the light that it asks for it would do as well as its kind can.
        $worth = static fn(float $light, float $asked): float => max(0.0, min(1.0, $light / max(1e-6, $asked)));
        $options = [];
        foreach ($planting->shades($plantGroup, 0.0) as $key => $shade) {
            $light = $here / max(1e-6, $shade->lets());
            if ($isDark && $shade->lets() < 0.8) {
                $options[] = new WeighedOption(RemedyOption::Uncover, $worth($light, $need), $light, other: $key);
            }
        }
        $best = null;
        foreach (self::places($planting, $plantGroup) as $moved) {
            $light = $planting->lightAt($moved, 0.0);
            if ($best === null || $light > $best->light) {
                $best = new WeighedOption(RemedyOption::Move, max(0.0, $worth($light, $need) - self::MOVING), $light, $moved->across(), $moved->deep());
            }
        }
        if ($best !== null && $best->light > 1.2 * $here) {
            $options[] = $best;
        }
        $kinds = array_values(array_filter(
            PlantCatalogue::all(),
            static fn(PlantSpecies $kind): bool => $kind->form === $plantGroup->form
                && $kind->demand->need() < $plantGroup->demand->need()
                && $here >= $need * $kind->demand->need() / $plantGroup->demand->need(),
        ));
        if ($kinds !== [] && $isDark) {
            $options[] = new WeighedOption(
                RemedyOption::Change,
                max(0.0, $worth($here, $need * $kinds[0]->demand->need() / $plantGroup->demand->need()) - 2.0 * self::MOVING),
                $here,
                kinds: array_slice($kinds, 0, 3),
            );
        }
        $options[] = new WeighedOption(RemedyOption::Remove, self::REMOVING + ($isSlow && $isDark ? self::REMOVING : 0.0), $here);
        usort($options, static fn(WeighedOption $a, WeighedOption $b): int => $b->score <=> $a->score);

        return new self($isDark, $isSlow, $options);
    }

    /** @return list<GrowingGroup> it at places where nothing stands */
    private static function places(PlantModel $planting, GrowingGroup $plantGroup): array
    {
        [$wide, $deep] = [$plantGroup->right - $plantGroup->left, $plantGroup->back - $plantGroup->front];
        $found = [];
        for ($i = 0; $i < self::PLACES[0]; ++$i) {
            for ($j = 0; $j < self::PLACES[1]; ++$j) {
                $left = (1.0 - $wide) * $i / (self::PLACES[0] - 1);
                $front = (1.0 - $deep) * $j / (self::PLACES[1] - 1);
                $moved = $plantGroup->to($left, $front);
                $taken = 0.0;
                foreach ($planting->plantGroups as $other) {
                    $taken += $other->key === $plantGroup->key || $other->floats()
                        ? 0.0
                        : PlantModel::overlap([$other->left, $other->right, $other->front, $other->back], $moved);
                }
                if ($taken <= self::TAKEN) {
                    $found[] = $moved;
                }
            }
        }

        return $found;
    }
}
