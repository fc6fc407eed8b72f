<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\State\Strength;
use Cresco\Core\Text;

/** Two waters in one vessel. What is dissolved mixes by volume; pH does not, and goes by way of the carbonate system. */
final class Mixing
{
    public const ONE_CHANGE = 'after = (1 - f) * tank + f * source';

    /**
     * @param callable $share adds whatever defines f to the computation
     */
    public static function byVolume(Parameter $parameter, WaterState $tank, WaterState $source, Unit $unit, callable $share): ?Computation
    {
        $before = $tank->get($parameter);
        $added = $source->get($parameter);
        if ($before === null || $added === null) {
            return null;
        }
        $computation = Computation::of(Text::of('mixing.title', what: $parameter));
        $share($computation);
        if ($parameter === Parameter::Conductivity) {
            $strength = static fn(WaterState $water, Distribution $of): Text => Text::of(
                'mixing.strength_in_water',
                water: $water->name,
                value: round($unit->fromBase($of->central()), 2),
                unit: $unit->label,
            );

            return $computation
                ->given('tank', $strength($tank, $before), Strength::spread($before), Unit::usual($parameter)->label)
                ->given('source', $strength($source, $added), Strength::spread($added), Unit::usual($parameter)->label)
                ->constant('a', 'mixing.by_which_ions_slow_each_other', Strength::SLOWED, '', 'kohlrauschs_square_root_law_fitted_to', null)
                ->constant('k', 'mixing.from_conductivity_to_what_your_meter', $unit->fromBase(1.0), '×', 'your_settings', null)
                ->line('S = (1 - f) * tank + f * source', 'mixing.strength_right_after', Unit::usual($parameter)->label)
                ->line('after = k * S * (1 - a * sqrt(S))', Text::of('mixing.right_after', what: $parameter), $unit->label);
        }

        return $computation
            ->given('tank', Text::of('mixing.in_tank', what: $parameter, tank: $tank->name), $unit->distributionFromBase($before), $unit->label)
            ->given('source', Text::of('mixing.in_source', what: $parameter, source: $source->name), $unit->distributionFromBase($added), $unit->label)
            ->line(self::ONE_CHANGE, Text::of('mixing.right_after', what: $parameter), $unit->label);
    }

    /**
     * A blend of waters by share; a parameter is known in the blend when it is known in each part.
     *
     * @param non-empty-list<array{WaterState, float}> $parts shares above 0
     *
     * @throws WaterFault when a share is none
     */
    public static function blend(string $name, array $parts): WaterState
    {
        foreach ($parts as [$water, $weight]) {
            if (!($weight > 0.0 && $weight < INF)) {
                throw WaterFault::share($water->name);
            }
        }
        [$blend, $sum] = $parts[0];
        foreach (array_slice($parts, 1) as [$water, $weight]) {
            $sum += $weight;
            $share = $weight / $sum;
            $known = [];
            $given = static fn(Computation $c) => $c->given('f', Text::of('mixing.share_of_water', water: $water->name), $share, '');
            foreach (Parameter::cases() as $parameter) {
                $mixed = $parameter->mixes()
                    ? self::byVolume($parameter, $blend, $water, Unit::usual($parameter), $given)
                    : null;
                if ($mixed !== null) {
                    $known[$parameter->value] = $mixed->estimate()->scaled(
                        Unit::usual($parameter)->widthToBase(1.0),
                        Unit::usual($parameter)->toBase(0.0),
                    );
                }
            }
            $assumed = [];
            if ($blend->has(Parameter::CarbonateHardness) && $water->has(Parameter::CarbonateHardness)) {
                $known[Parameter::Acidity->value] = Carbonate::blendedAcidity($blend, $water, $share);
                if (!$blend->has(Parameter::Acidity) || !$water->has(Parameter::Acidity) || $blend->isAssumed(Parameter::Acidity)) {
                    $assumed[] = Parameter::Acidity->value;
                }
            }
            $blend = new WaterState($name, $known, $assumed);
        }

        return $blend->named($name);
    }
}
