<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Text;
use Cresco\Core\Water\Ammonia;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\Mixing;

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
            'ammonia.title_right_after',
            $this->outlook(Parameter::Ammonium)->after(),
            $this->outlook(Parameter::Acidity)->after(),
            $this->outlook(Parameter::Temperature)->after(),
        );
    }

    /** Free ammonia the next day; null when ammonium, pH or temperature is not known. */
    public function ammoniaNextDay(): ?Computation
    {
        return $this->ammoniaNextDay ??= self::free(
            'ammonia.title_next_day',
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
            $working->given(
                'made',
                Text::of($made->central() < 0.0 ? 'forecast.goes_in_a_day' : 'forecast.made_in_a_day', what: $parameter),
                self::width($unit, $made),
                $unit->label,
                Grade::Guess,
            )
                ->line(
                    $made->central() < 0.0 ? 'next = max(after + made, 0)' : 'next = after + made',
                    Text::of('forecast.next_day', what: $parameter),
                    $unit->label,
                );

            return new Outlook($parameter, $now, $unit, $working, 'after', static fn(): Computation => $working, 'next');
        }
        if ($parameter === Parameter::Temperature) {
            // Heater, lamp and room bring a tank back to where they held it before, be that where the heater is set or not.
            return new Outlook($parameter, $now, $unit, $working, 'after', static fn(): Computation => Computation::of('forecast.title')
                ->given(
                    'tank',
                    'forecast.what_heater_lamp_room_held_it',
                    $unit->distributionFromBase($now ?? new NormalValue($plan->warmth, 0.3)),
                    $unit->label,
                )
                ->constant(
                    'drift',
                    'forecast.what_it_wanders_from_day_to',
                    new NormalValue(0.0, $unit->widthFromBase(self::WANDERS)),
                    $unit->label,
                    'house_default',
                    Grade::Guess,
                )
                ->line('next = tank + drift', 'forecast.temperature_next_day', $unit->label), 'next');
        }

        return new Outlook($parameter, $now, $unit, $working, 'after', static fn(): Computation => $working, 'after');
    }

    /** A difference in the keeper's unit. */
    private static function width(Unit $unit, Distribution $base): NormalValue
    {
        return new NormalValue($unit->widthFromBase($base->central()), $unit->widthFromBase($base->spread()));
    }

    private static function acidity(ChangePlan $plan): Outlook
    {
        $now = $plan->tank->get(Parameter::Acidity);
        $unit = Unit::usual(Parameter::Acidity);
        if ($now === null || !$plan->tank->has(Parameter::CarbonateHardness) || !$plan->source->has(Parameter::CarbonateHardness)) {
            return Outlook::unknown(Parameter::Acidity, $now, $unit);
        }
        $working = Carbonate::mixed('carbonate.title_ph', $plan->tank, $plan->source, $plan->unit(Parameter::CarbonateHardness), $plan->addShare(...));
        if (!$working->isSolved('pH')) {
            return Outlook::unknown(Parameter::Acidity, $now, $unit);
        }
        if ($plan->setPoint !== null) {
            $held = $plan->setPoint;

            return new Outlook(Parameter::Acidity, $now, $unit, $working, 'pH', static fn(): Computation => Computation::of('forecast.title_ph_next_day')
                ->given('held', 'forecast.ph_controller_holds', new NormalValue($held, 0.05), '')
                ->line('next = held', 'forecast.ph_next_day', '')
                ->note('forecast.controller_adds_or_holds_back_carbon'), 'next');
        }
        $hardness = $plan->unit(Parameter::CarbonateHardness);
        $made = $plan->made[Parameter::CarbonateHardness->value] ?? null;
        Carbonate::settled($working, $made === null ? null : self::width($hardness, $made), $hardness);

        return new Outlook(Parameter::Acidity, $now, $unit, $working, 'pH', static fn(): Computation => $working, 'pH_next');
    }
}
