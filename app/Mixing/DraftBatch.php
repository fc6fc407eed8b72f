<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Product;
use App\Models\SourceWater;
use App\Tanks\WatersQuery;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\Advice;
use Cresco\Core\Mixing\BatchSource;
use Cresco\Core\Mixing\MixingFault;
use Cresco\Core\Mixing\Mixture;
use Cresco\Core\Mixing\Planner;
use Cresco\Core\Mixing\Preference;
use Cresco\Core\Mixing\Spoon;
use Cresco\Core\Mixing\Target;
use Cresco\Core\Mixing\WeighedBatch;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\Passage;
use Cresco\Core\WaterChange\WaterChangeFault;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Cache;

/** Works a batch out from what stands on the mixing page. */
final class DraftBatch
{
    /** Share by which the nearest half spoon may be off; beyond it the product is weighed. House default. */
    private const SPOON_OFF = 0.05;

    /** Ends of the map: degrees of GH and KH. */
    public const MAP = [25.0, 18.0];

    /**
     * @param Collection<int, SourceWater> $waters of the keeper
     *
     * @throws MixingFault when nothing can be made of what is chosen
     */
    public function __invoke(MixingInput $input, Collection $waters): MixingDraft
    {
        $known = IonsQuery::all(array_values($waters->all()));
        $unread = array_filter($input->waters, static fn(SourceWater $water): bool => $known[$water->id]->isUnknown && !$water->kind->isBare());
        if ($unread !== []) {
            // What is not read is not nothing.
            throw MixingFault::unread(implode(', ', array_map(static fn(SourceWater $water): string => $water->name, $unread)));
        }
        $sources = array_values(array_map(static fn(SourceWater $water): BatchSource => $known[$water->id]->source, $input->waters));
        $products = array_values(array_map(static fn(Product $product) => $product->toCore(), $input->products));
        $planner = new Planner($sources, $products, $input->litres);
        $shelf = hash('xxh128', serialize([$sources, $products]));
        $closest = $planner->closest($input->target);
        $recipes = $this->recipes($planner, $input->target, $closest);
        $chosen = $recipes[$input->preference->value] ?? reset($recipes) ?: $closest;
        $used = $planner->system->products;
        $byKey = [];
        foreach ($input->products as $product) {
            $byKey[(string) $product->id] = $product;
        }
        $shelfProducts = array_values(array_map(static fn($ingredient): Product => $byKey[$ingredient->key], $used));
        $spoons = $input->bySpoon ? self::spoons($shelfProducts, $chosen, $input->litres) : [];
        $target = $input->target;
        $limits = (string) json_encode($target->caps);
        /** @var list<array{float, float}> $region */
        $region = Cache::remember(
            "region:$shelf:".md5($limits),
            3600,
            static fn(): array => $planner->region(
                $target,
                Hardness::fromDegrees(self::MAP[0])->millimolePerLitre,
                Alkalinity::fromDegrees(self::MAP[1])->milliequivalentPerLitre,
            ),
        );
        $missed = Advice::missed($target, $closest) !== [];
        $advice = $missed || $this->isOverCap($target, $closest)
            ? Cache::remember(
                "advice:$shelf:".md5(serialize([$target, $input->litres])),
                3600,
                static fn(): Advice|false => Advice::on($planner, $target, $closest) ?? false,
            )
            : false;
        $between = $planner->conductivityBetween(
            $target->gh === null ? null : $closest->ions->hardness(),
            $target->kh === null ? null : $closest->ions->alkalinity(),
            $target,
        );
        [$tank, $passage, $noPassage, $missing] = $this->way($input, $between[0] ?? 0.0, $planner, $closest);

        return new MixingDraft(
            $input,
            $known,
            $closest,
            $recipes,
            $shelfProducts,
            WeighedBatch::rounded($chosen, $input->litres, $input->step, array_map(static fn(Spoon $spoon): float => $spoon->mean, $spoons), $input->target),
            $spoons,
            $advice instanceof Advice ? $advice : null,
            $region,
            $between,
            $tank,
            $passage,
            $noPassage,
            $missing,
        );
    }

    /**
     * The products that are measured by spoon: those whose spoon is known, where half a spoon is fine enough for the amount.
     *
     * @param list<Product> $products
     *
     * @return array<int, Spoon> by place of the product
     */
    private static function spoons(array $products, Mixture $recipe, float $litres): array
    {
        $spoons = [];
        foreach ($products as $j => $product) {
            $spoon = $product->spoon();
            $halves = $spoon === null ? 0.0 : 2.0 * $recipe->amounts[$j] * $litres / $spoon->mean;
            if ($spoon !== null && $halves > 0.0 && abs(round($halves) - $halves) <= self::SPOON_OFF * $halves) {
                $spoons[$j] = $spoon;
            }
        }

        return $spoons;
    }

    /** @return array<string, Mixture> those that differ from the ones before them */
    private function recipes(Planner $planner, Target $target, Mixture $closest): array
    {
        $recipes = [];
        foreach (Preference::cases() as $preference) {
            $mixture = $planner->sparing($preference, $target, $closest);
            if ($mixture === null) {
                continue;
            }
            foreach ($recipes as $other) {
                $apart = array_sum(array_map(
                    static fn(float $a, float $b): float => abs($a - $b),
                    [...$other->shares, ...$other->amounts],
                    [...$mixture->shares, ...$mixture->amounts],
                ));
                if ($apart < 0.01) {
                    continue 2;
                }
            }
            $recipes[$preference->value] = $mixture;
        }

        return $recipes;
    }

    private function isOverCap(Target $target, Mixture $mixture): bool
    {
        foreach ($target->caps as $ion => $cap) {
            if ($mixture->ions->milligramsOf(Ion::from($ion)) > 1.005 * $cap + 0.05) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param float $least conductivity that this hardness has at the least, uS/cm
     *
     * @return array{WaterState|null, Passage|null, string|null, list<string>}
     */
    private function way(MixingInput $input, float $least, Planner $planner, Mixture $closest): array
    {
        if ($input->tank === null) {
            return [null, null, null, []];
        }
        $state = WatersQuery::around($input->tank, [])->tank();
        $target = $input->target;
        $values = static fn(Mixture $water): array => [
            Parameter::GeneralHardness->value => $water->ions->hardness(), Parameter::CarbonateHardness->value => $water->ions->alkalinity(),
            Parameter::Conductivity->value => $water->conductivity,
        ];
        // The way leads to what can be made of it.
        $aim = array_intersect_key($values($closest), array_filter([
            Parameter::GeneralHardness->value => $target->gh,
            Parameter::CarbonateHardness->value => $target->kh,
            Parameter::Conductivity->value => $target->conductivity,
        ], static fn(?float $value): bool => $value !== null));
        $now = [];
        $missing = [];
        foreach (array_keys($aim) as $name) {
            $parameter = Parameter::from($name);
            if ($state->has($parameter)) {
                $now[$name] = $state->central($parameter, 0.0);
            } else {
                $missing[] = word($parameter);
                unset($aim[$name]);
            }
        }
        if ($aim === []) {
            return [$state, null, null, $missing];
        }
        try {
            $made = function (array $water) use ($planner, $target, $values): array {
                /** @var array<string, float> $water */
                return $values($planner->closest(new Target(
                    $water[Parameter::GeneralHardness->value] ?? null,
                    $water[Parameter::CarbonateHardness->value] ?? null,
                    $target->ratio,
                    $water[Parameter::Conductivity->value] ?? null,
                    $target->caps,
                )));
            };

            return [$state, Passage::plan(
                $now,
                $aim,
                $input->fraction,
                $input->tank->needs()->swingLimits(),
                [],
                [Parameter::Conductivity->value => $least],
                $made,
            ), null, $missing];
        } catch (WaterChangeFault) {
            return [$state, null, (string) __('bench.no_series'), $missing];
        }
    }
}
