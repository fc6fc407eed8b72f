<?php

declare(strict_types=1);

namespace App\Change;

use App\Known\PlantingOf;
use App\Models\Tank;
use Cresco\Core\Plants\Cut;
use Cresco\Core\Plants\Planting;
use Cresco\Core\Plants\PlantStand;
use Cresco\Core\Plants\TakenOut;
use Cresco\Core\Working\Computation;

/** Which stands a session cuts, how deep, and what that comes to. */
final readonly class TrimPlan
{
    /** mm to which a cut is proposed. House default. */
    private const STEP = 5.0;

    /** @param array<int, Cut> $cuts by stand, in the order of the work */
    private function __construct(public Planting $planting, public array $cuts) {}

    /**
     * @param array<int, float|null>|null $asked by stand, what it is cut to (mm, or cover from 0 to 1) or null for as proposed; null for those that would come due before the next cut
     * @param int                         $days  until the next cut
     */
    public static function of(Tank $tank, ?array $asked, int $days = Planting::BETWEEN_CUTS, ?Planting $planting = null): self
    {
        $planting ??= PlantingOf::tank($tank);
        $cuts = [];
        foreach ($planting->stands as $key => $stand) {
            if ($asked === null) {
                $cut = self::isDue($planting, $stand, $days) ? self::proposed($planting, $stand, $days) : null;
            } elseif (array_key_exists($key, $asked)) {
                $most = $stand->isCutByCover() ? $stand->cover : $stand->height;
                $cut = $asked[$key] === null ? self::proposed($planting, $stand, $days) : $planting->cut($stand, $days, max(0.01, min($most, $asked[$key])));
            } else {
                $cut = null;
            }
            if ($cut !== null && ($asked !== null || $cut->share >= 0.02)) {
                $cuts[$key] = $cut;
            }
        }
        // What grows above the water first, then from the back to the front.
        uasort($cuts, static fn(Cut $a, Cut $b): int => [$b->stand->floats(), $b->stand->deep(), $a->stand->key] <=> [$a->stand->floats(), $a->stand->deep(), $b->stand->key]);

        return new self($planting, $cuts);
    }

    /** The cut of a stand as the curve asks for it, to what scissors can do. */
    public static function proposed(Planting $planting, PlantStand $stand, int $days = Planting::BETWEEN_CUTS): Cut
    {
        $cut = $planting->cut($stand, $days);

        return $stand->isCutByCover()
            ? $planting->cut($stand, $days, max(0.01, min($stand->cover, round(20.0 * $cut->cover) / 20.0)))
            : $planting->cut($stand, $days, max(1.0, min($stand->height, self::STEP * round($cut->to / self::STEP))));
    }

    /** Whether a stand comes due before the next cut, as likely as not. */
    public static function isDue(Planting $planting, PlantStand $stand, int $days = Planting::BETWEEN_CUTS): bool
    {
        $due = $planting->due($stand);

        return $due !== null && $due->due->middle() <= $days;
    }

    public function fresh(): float
    {
        return array_sum(array_map(static fn(Cut $cut): float => $cut->fresh, $this->cuts));
    }

    /** What goes with it, in so many litres of water. */
    public function takenOut(float $litres): Computation
    {
        return TakenOut::of($this->fresh(), $litres);
    }

    /** Share of all leaf mass of the tank that goes. */
    public function share(): float
    {
        $all = array_sum(array_map(fn(PlantStand $stand): float => $this->planting->dryMass($stand), $this->planting->stands));
        $left = array_sum(array_map(fn(Cut $cut): float => $this->planting->dryMass($cut->stand) - $this->planting->dryMass($cut->stand, $cut->to, $cut->cover), $this->cuts));

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
            $stand = $cut->stand;
            $grown = fn(PlantStand $of): float => $this->planting->dryMass($of, $of->heightIn(7.0), $of->coverIn(7.0)) - $this->planting->dryMass($of);
            $lost += $grown($stand) - $grown($stand->at($cut->to, $cut->cover));
        }

        return $litres <= 0.0 ? 0.0 : TakenOut::of(abs($lost) / TakenOut::DRY, $litres)->value('nitrate') * ($lost < 0.0 ? -1.0 : 1.0);
    }

    /** The tank as it stands right after. */
    public function after(): Planting
    {
        $stands = $this->planting->stands;
        foreach ($this->cuts as $key => $cut) {
            $stands[$key] = $cut->stand->at($cut->to, $cut->cover);
        }

        return new Planting(array_values($stands), $this->planting->light, $this->planting->water, $this->planting->bed);
    }
}
