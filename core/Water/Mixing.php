<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\State\Strength;
use Cresco\Core\Working\Computation;

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
        $computation = Computation::of($parameter->label().' right after');
        $share($computation);
        if ($parameter === Parameter::Conductivity) {
            $strength = static fn(WaterState $water, Distribution $of): string => sprintf('strength in %s, from its conductivity of %s %s', $water->name, (string) round($unit->fromBase($of->central()), 2), $unit->label);

            return $computation
                ->given('tank', $strength($tank, $before), Strength::spread($before), Unit::usual($parameter)->label)
                ->given('source', $strength($source, $added), Strength::spread($added), Unit::usual($parameter)->label)
                ->constant('a', 'by which ions slow each other', Strength::SLOWED, '', 'Kohlrausch’s square root law, fitted to waters of 20 to 830 µS/cm', null)
                ->constant('k', 'from conductivity to what your meter shows', $unit->fromBase(1.0), '×', 'your settings', null)
                ->line('S = (1 - f) * tank + f * source', 'strength right after', Unit::usual($parameter)->label)
                ->line('after = k * S * (1 - a * sqrt(S))', $parameter->word().' right after', $unit->label);
        }

        return $computation
            ->given('tank', $parameter->word().' in '.$tank->name, $unit->distributionFromBase($before), $unit->label)
            ->given('source', $parameter->word().' in '.$source->name, $unit->distributionFromBase($added), $unit->label)
            ->line(self::ONE_CHANGE, $parameter->word().' right after', $unit->label);
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
            $given = static fn(Computation $c) => $c->given('f', 'share of '.$water->name, $share, '');
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
