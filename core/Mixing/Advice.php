<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Water\Ion;

/** Why a target cannot be had with this shelf: what is missed, which two clash, what could be had, and the cheapest way out. */
final readonly class Advice
{
    /**
     * @param list<RecipeAim>                  $missed
     * @param list<Ion>                        $over        ions above their cap whatever is done
     * @param list<RecipeAim>                  $alone       aims that cannot be had even alone
     * @param array{RecipeAim, RecipeAim}|null $pair        two that cannot hold at once
     * @param array{float, float}|null         $reach       of the last aim of $alone, $pair or $missed when the others hold
     * @param list<Concession>                 $concessions cheapest first
     * @param list<Salt>                       $wanting     salts that would help and are not in stock
     * @param float|null                       $pureShare   share of pure water that would be needed, when it would help and there is none
     */
    private function __construct(
        public array $missed,
        public array $over,
        public array $alone,
        public ?array $pair,
        public ?array $reach,
        public ?RecipeAim $reachOf,
        public array $concessions,
        public array $wanting,
        public ?float $pureShare,
    ) {}

    /** @return self|null null when nothing is missed */
    public static function on(Planner $planner, Target $target, Mixture $closest): ?self
    {
        $missed = self::missed($target, $closest);
        $over = self::over($target, $closest);
        if ($missed === [] && $over === []) {
            return null;
        }
        $aims = $target->aims();
        $alone = array_values(array_filter(
            $aims,
            static fn(RecipeAim $aim): bool => self::missed($target->only($aim), $planner->closest($target->only($aim))) !== [],
        ));
        $pair = null;
        foreach ($aims as $i => $first) {
            foreach (array_slice($aims, $i + 1) as $second) {
                $only = $target->only($first, $second);
                if ($pair === null && $alone === [] && self::missed($only, $planner->closest($only)) !== []) {
                    $pair = [$first, $second];
                }
            }
        }
        $reachOf = $alone[0] ?? $pair[1] ?? $missed[0] ?? null;

        return new self(
            $missed,
            $over,
            $alone,
            $pair,
            $reachOf === null ? null : self::reach($planner, $reachOf, $alone !== [] ? $target->only() : $target->without($reachOf)),
            $reachOf,
            self::concessions($planner, $target),
            self::wanting($planner, $target, $missed, $over, $closest),
            self::pureShare($planner, $target, $missed, $closest),
        );
    }

    /** @return list<RecipeAim> further from the target than what counts as met */
    public static function missed(Target $target, Mixture $mixture): array
    {
        return array_values(array_filter($target->aims(), static function (RecipeAim $aim) use ($target, $mixture): bool {
            $wanted = (float) $target->value($aim);
            $value = $mixture->value($aim);

            return $value === null ? $mixture->ions->hardness() > 1e-6 : abs($value - $wanted) > $aim->tolerance($wanted);
        }));
    }

    /** @return list<Ion> */
    private static function over(Target $target, Mixture $mixture): array
    {
        $over = [];
        foreach ($target->caps as $name => $cap) {
            if ($mixture->ions->milligramsOf(Ion::from($name)) > 1.005 * $cap + 0.05) {
                $over[] = Ion::from($name);
            }
        }

        return $over;
    }

    /** @return array{float, float}|null */
    private static function reach(Planner $planner, RecipeAim $aim, Target $others): ?array
    {
        if ($aim === RecipeAim::Conductivity) {
            return $planner->conductivityBetween($others->gh, $others->kh, $others);
        }
        $ends = $aim === RecipeAim::Ratio ? [] : $planner->ends($aim, $others, $planner->closest($others));

        return $ends === [] ? null : [$ends[0]?->value($aim) ?? 0.0, $ends[1]?->value($aim) ?? INF];
    }

    /** @return list<Concession> */
    private static function concessions(Planner $planner, Target $target): array
    {
        $found = [];
        foreach ($target->aims() as $aim) {
            $others = $target->without($aim);
            $wanted = (float) $target->value($aim);
            $instead = self::nearest($planner, $aim, $target, $others);
            if ($instead !== null) {
                $step = match ($aim) {
                    RecipeAim::Hardness => Hardness::MILLIMOLE_PER_DEGREE,
                    RecipeAim::Alkalinity => Alkalinity::MILLIEQUIVALENT_PER_DEGREE,
                    RecipeAim::Ratio => 1.0,
                    RecipeAim::Conductivity => 0.1 * $wanted,
                };
                $found[] = new Concession($aim, $wanted, $instead, abs($instead - $wanted) / max(1e-6, $step));
            }
        }
        foreach ($target->caps as $name => $cap) {
            $ion = Ion::from($name);
            $open = $target->uncapped($ion);
            $mixture = $planner->closest($open);
            if (self::missed($open, $mixture) !== [] || self::over($open, $mixture) !== []) {
                continue;
            }
            $ends = $planner->ends($ion, $open, $mixture);
            $instead = (($ends[0] ?? null) ?? $mixture)->ions->milligramsOf($ion);
            if ($instead > $cap) {
                $found[] = new Concession($ion, $cap, $instead, ($instead - $cap) / max(1.0, 0.25 * $cap));
            }
        }
        usort($found, static fn(Concession $a, Concession $b): int => $a->price <=> $b->price);

        return $found;
    }

    /** The value of one aim nearest to what is wanted when all the others hold; null when they cannot. */
    private static function nearest(Planner $planner, RecipeAim $aim, Target $target, Target $others): ?float
    {
        $closest = $planner->closest($others);
        if (self::missed($others, $closest) !== [] || self::over($others, $closest) !== []) {
            return null;
        }
        // The row of the ratio is the calcium beyond it, so its ends are taken with the ratio that is wanted.
        $figure = $aim === RecipeAim::Ratio ? new Target($others->gh, $others->kh, null, $others->conductivity, $others->caps) : $others;
        $best = $closest->value($aim);
        $wanted = (float) $target->value($aim);
        foreach ($aim === RecipeAim::Ratio ? [] : $planner->ends($aim, $figure, $closest) as $end) {
            $value = $end?->value($aim);
            $best = $value !== null && ($best === null || abs($value - $wanted) < abs($best - $wanted)) ? $value : $best;
        }
        if ($aim === RecipeAim::Ratio) {
            foreach ([Ion::Calcium, Ion::Magnesium] as $ion) {
                foreach ($planner->ends($ion, $figure, $closest) as $end) {
                    $value = $end?->value($aim);
                    $best = $value !== null && ($best === null || abs($value - $wanted) < abs($best - $wanted)) ? $value : $best;
                }
            }
        }

        return $best;
    }

    /**
     * Salts of the catalogue that bring what is short, or bring what a product in use brings without the ion that is over.
     *
     * @param list<RecipeAim> $missed
     * @param list<Ion>       $over
     *
     * @return list<Salt>
     */
    private static function wanting(Planner $planner, Target $target, array $missed, array $over, Mixture $closest): array
    {
        $shelf = array_filter(array_map(static fn(Ingredient $product): ?string => $product->salt?->key, $planner->system->products));
        $wanted = [];
        foreach ($missed as $aim) {
            if ((float) $closest->value($aim) < (float) $target->value($aim)) {
                $wanted = [...$wanted, ...match ($aim) {
                    RecipeAim::Hardness => [Ion::Calcium, Ion::Magnesium],
                    RecipeAim::Alkalinity => [Ion::Bicarbonate],
                    RecipeAim::Ratio => [Ion::Calcium],
                    RecipeAim::Conductivity => [],
                }];
            } elseif ($aim === RecipeAim::Ratio) {
                $wanted[] = Ion::Magnesium;
            }
        }
        $bound = $over;
        foreach ($target->caps as $name => $cap) {
            if ($missed !== [] && $closest->ions->milligramsOf(Ion::from($name)) > 0.98 * $cap) {
                $bound[] = Ion::from($name);
            }
        }
        $salts = [];
        foreach (Salts::all() as $salt) {
            if ($salt->isFertiliser || !$salt->weighed || in_array($salt->key, $shelf, true)) {
                continue;
            }
            $helps = array_filter($wanted, static fn(Ion $ion): bool => $salt->bringsIon($ion)) !== [];
            $harms = array_filter($bound, static fn(Ion $ion): bool => $salt->bringsIon($ion)) !== [];
            if ($helps && !$harms) {
                $salts[] = $salt;
            }
        }

        return array_slice($salts, 0, 3);
    }

    /** @param list<RecipeAim> $missed */
    private static function pureShare(Planner $planner, Target $target, array $missed, Mixture $closest): ?float
    {
        $high = array_filter(
            $missed,
            static fn(RecipeAim $aim): bool => $aim !== RecipeAim::Ratio && (float) $closest->value($aim) > (float) $target->value($aim),
        );
        if ($high === [] || array_sum($planner->system->pure()) > 0.0) {
            return null;
        }
        $wider = new Planner([BatchSource::pure(), ...$planner->system->sources], $planner->system->products, $planner->litres);
        $mixture = $wider->closest($target);
        $least = self::missed($target, $mixture) === [] ? $wider->sparing(Preference::LeastPure, $target, $mixture) : null;

        return $least?->shares[0];
    }
}
