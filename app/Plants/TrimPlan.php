<?php

declare(strict_types=1);

namespace App\Plants;

use App\Models\Tank;
use App\Tanks\PlantModelQuery;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Plants\TrimCut;
use Cresco\Core\Plants\Trimmings;

/** Which plant groups a session cuts, how deep, and what that comes to. */
final readonly class TrimPlan
{
    /** mm to which a cut is proposed. House default. */
    private const STEP = 5.0;

    /** @param array<int, TrimCut> $cuts by plant group, in the order of the work */
    private function __construct(public PlantModel $planting, public array $cuts) {}

    /**
     * @param array<int, float|null>|null $asked by plant group, what it is cut to (mm, or cover from 0 to 1) or null for as proposed; null for
     *                                           those that would come due before the next cut
     * @param int                         $days  until the next cut
     */
    public static function of(Tank $tank, ?array $asked, int $days = PlantModel::BETWEEN_CUTS, ?PlantModel $planting = null): self
    {
        $planting ??= PlantModelQuery::tank($tank);
        $cuts = [];
        foreach ($planting->plantGroups as $key => $plantGroup) {
            if ($asked === null) {
                $cut = self::isDue($planting, $plantGroup, $days) ? self::proposed($planting, $plantGroup, $days) : null;
            } elseif (array_key_exists($key, $asked)) {
                $most = $plantGroup->isCutByCover() ? $plantGroup->cover : $plantGroup->height;
                $cut = $asked[$key] === null
                    ? self::proposed($planting, $plantGroup, $days)
                    : $planting->cut($plantGroup, $days, max(0.01, min($most, $asked[$key])));
            } else {
                $cut = null;
            }
            if ($cut !== null && ($asked !== null || $cut->share >= 0.02)) {
                $cuts[$key] = $cut;
            }
        }
        // What grows above the water first, then from the back to the front.
        uasort(
            $cuts,
            static fn(TrimCut $a, TrimCut $b): int => [
                $b->plantGroup->floats(), $b->plantGroup->deep(), $a->plantGroup->key,
            ] <=> [$a->plantGroup->floats(), $a->plantGroup->deep(), $b->plantGroup->key],
        );

        return new self($planting, $cuts);
    }

    /** The cut of a plant group as the curve asks for it, to what scissors can do. */
    public static function proposed(PlantModel $planting, GrowingGroup $plantGroup, int $days = PlantModel::BETWEEN_CUTS): TrimCut
    {
        $cut = $planting->cut($plantGroup, $days);

        return $plantGroup->isCutByCover()
            ? $planting->cut($plantGroup, $days, max(0.01, min($plantGroup->cover, round(20.0 * $cut->cover) / 20.0)))
            : $planting->cut($plantGroup, $days, max(1.0, min($plantGroup->height, self::STEP * round($cut->to / self::STEP))));
    }

    /** Whether a plant group comes due before the next cut, as likely as not. */
    public static function isDue(PlantModel $planting, GrowingGroup $plantGroup, int $days = PlantModel::BETWEEN_CUTS): bool
    {
        $due = $planting->due($plantGroup);

        return $due !== null && $due->due->middle() <= $days;
    }

    public function fresh(): float
    {
        return array_sum(array_map(static fn(TrimCut $cut): float => $cut->fresh, $this->cuts));
    }

    /** What goes with it, in so many litres of water. */
    public function takenOut(float $litres): Computation
    {
        return Trimmings::of($this->fresh(), $litres);
    }

    /** Share of all leaf mass of the tank that goes. */
    public function share(): float
    {
        $all = array_sum(array_map(fn(GrowingGroup $plantGroup): float => $this->planting->dryMass($plantGroup), $this->planting->plantGroups));
        $left = array_sum(array_map(
            fn(TrimCut $cut): float => $this->planting->dryMass($cut->plantGroup) - $this->planting->dryMass($cut->plantGroup, $cut->to, $cut->cover),
            $this->cuts,
        ));

        return $all > 0.0 ? $left / $all : 0.0;
    }

    /**
     * Nitrate that the plants take up less in the first week after the cut than they would have without it, mg/L; below 0 where young growth takes up more.
     *
     * @param float $litres of the water
     */
    public function uptakeLost(float $litres): float
    {
        $lost = 0.0;
        foreach ($this->cuts as $cut) {
            $plantGroup = $cut->plantGroup;
            $grown = fn(GrowingGroup $of): float => $this->planting->dryMass($of, $of->heightIn(7.0), $of->coverIn(7.0)) - $this->planting->dryMass($of);
            $lost += $grown($plantGroup) - $grown($plantGroup->at($cut->to, $cut->cover));
        }

        return $litres <= 0.0 ? 0.0 : Trimmings::of(abs($lost) / Trimmings::DRY, $litres)->value('nitrate') * ($lost < 0.0 ? -1.0 : 1.0);
    }

    /** The tank as it stands right after. */
    public function after(): PlantModel
    {
        $plantGroups = $this->planting->plantGroups;
        foreach ($this->cuts as $key => $cut) {
            $plantGroups[$key] = $cut->plantGroup->at($cut->to, $cut->cover);
        }

        return new PlantModel(array_values($plantGroups), $this->planting->light, $this->planting->water, $this->planting->bed);
    }
}
