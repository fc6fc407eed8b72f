<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;

/** Animals that graze on some of it, and what they need to live. Adding one is one entry. */
enum Grazer: string
{
    case BrushShrimp = 'caridina_multidentata';
    case DwarfShrimp = 'neocaridina_davidi';
    case NeriteSnail = 'neritina';
    case RamsHorn = 'planorbella';
    case Otocinclus = 'otocinclus';
    case Ancistrus = 'ancistrus';
    case Crossocheilus = 'crossocheilus';

    /** @return list<string> kinds that it takes. House defaults. */
    public function eats(): array
    {
        return match ($this) {
            self::BrushShrimp => ['thread', 'fuzz', 'wool', 'wood_fluff', 'spirogyra'],
            self::DwarfShrimp => ['fuzz', 'diatoms', 'wood_fluff', 'food_mould'],
            self::NeriteSnail => ['diatoms', 'green_dust', 'green_spot'],
            self::RamsHorn => ['diatoms', 'wood_fluff', 'food_mould', 'fuzz'],
            self::Otocinclus => ['diatoms', 'green_dust', 'fuzz'],
            self::Ancistrus => ['diatoms', 'green_dust'],
            self::Crossocheilus => ['black_brush', 'thread', 'fuzz', 'staghorn'],
        };
    }

    /**
     * @return array{float, float, float, float, int} least litres, least and most degrees, least hardness in dGH, and how many live
     *     together. House defaults.
     */
    public function needs(): array
    {
        return match ($this) {
            self::BrushShrimp => [60.0, 18.0, 27.0, 4.0, 6],
            self::DwarfShrimp => [20.0, 16.0, 28.0, 4.0, 10],
            self::NeriteSnail => [30.0, 20.0, 28.0, 6.0, 2],
            self::RamsHorn => [10.0, 16.0, 29.0, 5.0, 3],
            self::Otocinclus => [60.0, 21.0, 26.0, 2.0, 6],
            self::Ancistrus => [120.0, 22.0, 28.0, 3.0, 1],
            self::Crossocheilus => [200.0, 22.0, 27.0, 4.0, 5],
        };
    }

    /**
     * What speaks against it in a tank; nothing for one that fits.
     *
     * @param float|null $hardness dGH, where it is known
     *
     * @return list<string> of litres, warm, cold, soft, animals
     *
     * @throws AlgaeFault when it is no tank
     */
    public function against(float $litres, float $celsius, ?float $hardness, Needs $needs): array
    {
        if (!($litres >= 0.0 && $litres <= 1e6 && $celsius >= 0.0 && $celsius <= 45.0 && ($hardness === null || ($hardness >= 0.0 && $hardness <= 100.0)))) {
            throw AlgaeFault::tank();
        }
        [$least, $cold, $warm, $soft] = $this->needs();
        $isFish = in_array($this, [self::Otocinclus, self::Ancistrus, self::Crossocheilus], true);
        $isShrimp = in_array($this, [self::BrushShrimp, self::DwarfShrimp], true);
        // Large mouths take shrimp; a grazing fish disturbs a colony that is kept for its young.
        $clash = ($isShrimp && $needs->living->eatsShrimp)
            || ($needs->group === AnimalGroup::HardWaterFish ? in_array($this, [self::BrushShrimp, self::DwarfShrimp, self::Otocinclus], true)
            : in_array($needs->group, [AnimalGroup::SoftWaterShrimp, AnimalGroup::HardyShrimp], true) && ($isFish || $this === self::BrushShrimp));

        return [
            ...$litres < $least ? ['litres'] : [],
            ...$celsius > $warm ? ['warm'] : [],
            ...$celsius < $cold ? ['cold'] : [],
            ...$hardness !== null && $hardness < $soft ? ['soft'] : [],
            ...$clash ? ['animals'] : [],
        ];
    }

    /** @return list<self> that take a kind */
    public static function takers(string $kind): array
    {
        return array_values(array_filter(self::cases(), static fn(self $grazer): bool => in_array($kind, $grazer->eats(), true)));
    }
}
