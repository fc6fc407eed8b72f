<?php

declare(strict_types=1);

namespace Cresco\Core\Change;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Water\Ammonia;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\Mixing;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Grade;

/** What a change will do to every parameter, right after the refill and a day later. */
final class Forecast
{
    /** What a tank's temperature wanders from one day to the next, a standard deviation, degC. House default. */
    private const WANDERS = 0.3;

    private ?Computation $ammoniaAfter = null;

    private ?Computation $ammoniaNextDay = null;

    /** @param array<string, Outlook> $outlooks by parameter value */
    private function __construct(public readonly ChangePlan $plan, private readonly array $outlooks) {}

    public static function of(ChangePlan $plan): self
    {
        $outlooks = [];
        foreach (Parameter::cases() as $parameter) {
            $outlooks[$parameter->value] = $parameter === Parameter::Acidity ? self::acidity($plan) : self::conservative($plan, $parameter);
        }

        return new self($plan, $outlooks);
    }

    public function outlook(Parameter $parameter): Outlook
    {
        return $this->outlooks[$parameter->value];
    }

    /** Free ammonia right after; null when ammonium, pH or temperature is not known. */
    public function ammoniaAfter(): ?Computation
    {
        return $this->ammoniaAfter ??= self::free(
            'Free ammonia right after',
            $this->outlook(Parameter::Ammonium)->after(),
            $this->outlook(Parameter::Acidity)->after(),
            $this->outlook(Parameter::Temperature)->after(),
        );
    }

    /** Free ammonia the next day; null when ammonium, pH or temperature is not known. */
    public function ammoniaNextDay(): ?Computation
    {
        return $this->ammoniaNextDay ??= self::free(
            'Free ammonia next day',
            $this->outlook(Parameter::Ammonium)->after(),
            $this->outlook(Parameter::Acidity)->nextDay(),
            $this->outlook(Parameter::Temperature)->nextDay(),
        );
    }

    private static function free(string $title, ?Distribution $ammonium, ?Distribution $acidity, ?Distribution $celsius): ?Computation
    {
        return $ammonium === null || $acidity === null || $celsius === null ? null : Ammonia::free($title, $ammonium, $acidity, $celsius);
    }

    private static function conservative(ChangePlan $plan, Parameter $parameter): Outlook
    {
        $unit = $plan->unit($parameter);
        $now = $plan->tank->get($parameter);
        $working = Mixing::byVolume($parameter, $plan->tank, $plan->source, $unit, $plan->addShare(...));
        if ($working === null) {
            return Outlook::unknown($parameter, $now, $unit);
        }
        $made = $plan->made[$parameter->value] ?? null;
        if ($made !== null) {
            $working->given('made', sprintf($made->central() < 0.0 ? '%s that goes by itself in a day' : '%s the tank makes in a day', $parameter->word()), self::width($unit, $made), $unit->label, Grade::Guess)
                ->line($made->central() < 0.0 ? 'next = max(after + made, 0)' : 'next = after + made', $parameter->word().' next day', $unit->label);

            return new Outlook($parameter, $now, $unit, $working, 'after', static fn(): Computation => $working, 'next');
        }
        if ($parameter === Parameter::Temperature) {
            // Heater, lamp and room bring a tank back to where they held it before, be that where the heater is set or not.
            return new Outlook($parameter, $now, $unit, $working, 'after', static fn(): Computation => Computation::of('Temperature next day')
                ->given('tank', 'what heater, lamp and room held it at before', $unit->distributionFromBase($now ?? new Normal($plan->warmth, 0.3)), $unit->label)
                ->constant('drift', 'what it wanders from day to day', new Normal(0.0, $unit->widthFromBase(self::WANDERS)), $unit->label, 'house default', Grade::Guess)
                ->line('next = tank + drift', 'temperature next day', $unit->label), 'next');
        }

        return new Outlook($parameter, $now, $unit, $working, 'after', static fn(): Computation => $working, 'after');
    }

    /** A difference in the keeper's unit. */
    private static function width(Unit $unit, Distribution $base): Normal
    {
        return new Normal($unit->widthFromBase($base->central()), $unit->widthFromBase($base->spread()));
    }

    private static function acidity(ChangePlan $plan): Outlook
    {
        $now = $plan->tank->get(Parameter::Acidity);
        $unit = Unit::usual(Parameter::Acidity);
        if ($now === null || !$plan->tank->has(Parameter::CarbonateHardness) || !$plan->source->has(Parameter::CarbonateHardness)) {
            return Outlook::unknown(Parameter::Acidity, $now, $unit);
        }
        $working = Carbonate::mixed('pH', $plan->tank, $plan->source, $plan->unit(Parameter::CarbonateHardness), $plan->addShare(...));
        if (!$working->isSolved('pH')) {
            return Outlook::unknown(Parameter::Acidity, $now, $unit);
        }
        if ($plan->setPoint !== null) {
            $held = $plan->setPoint;

            return new Outlook(Parameter::Acidity, $now, $unit, $working, 'pH', static fn(): Computation => Computation::of('pH next day')
                ->given('held', 'pH the controller holds', new Normal($held, 0.05), '')
                ->line('next = held', 'pH next day', '')
                ->note('The controller adds or holds back carbon dioxide until its pH is there; carbon dioxide changes in proportion to KH.'), 'next');
        }
        $hardness = $plan->unit(Parameter::CarbonateHardness);
        $made = $plan->made[Parameter::CarbonateHardness->value] ?? null;
        Carbonate::settled($working, $made === null ? null : self::width($hardness, $made), $hardness);

        return new Outlook(Parameter::Acidity, $now, $unit, $working, 'pH', static fn(): Computation => $working, 'pH_next');
    }
}
