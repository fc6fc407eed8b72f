<?php

declare(strict_types=1);

namespace App\View;

use App\Known\TankWater;
use App\Models\Tank;
use App\Units\Show;
use Cresco\Core\Animals\Arrival;
use Cresco\Core\Animals\Means;
use Cresco\Core\Animals\Quarantine;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Working\Computation;

/** How a bag is let into a tank, from what was read of both. */
final readonly class ArrivalPage
{
    /** meq/L of alkalinity that a bag is taken to have when nobody read it: that of the tank, and at least this. House default. */
    private const ALKALINITY = 1.0;

    /** Drops a second beyond which nobody counts them. House default. */
    private const COUNTED = 4.0;

    public Show $show;

    public ?Arrival $plan;

    /** uS/cm of the tank; null where it was never read */
    public ?float $conductivity;

    /** @param array<string, float|string|null> $bag sort, conductivity, litres, hours, ammonium, ph; null while it was not read */
    public function __construct(public Tank $tank, public ?array $bag)
    {
        $this->show = $tank->keeper->show();
        $state = TankWater::of($tank)->state();
        $this->conductivity = $state->get(Parameter::Conductivity)?->central();
        $number = static fn(string $key): ?float => is_numeric($bag[$key] ?? null) ? (float) $bag[$key] : null;
        $conductivity = $number('conductivity');
        $litres = $number('litres');
        $this->plan = $bag === null || $this->conductivity === null || $conductivity === null || $litres === null ? null : Arrival::plan(
            (string) ($bag['sort'] ?? 'fish'),
            $conductivity,
            max(1.0, $this->conductivity),
            $litres,
            $number('hours') ?? 0.0,
            $number('ammonium'),
            $number('ph'),
            $state->isAssumed(Parameter::Acidity) ? null : $state->get(Parameter::Acidity)?->central(),
            max(self::ALKALINITY, min(20.0, $state->central(Parameter::CarbonateHardness, self::ALKALINITY))),
            max(0.0, min(40.0, $state->central(Parameter::Temperature, $tank->warmth))),
        );
    }

    public function sort(): string
    {
        return (string) ($this->bag['sort'] ?? 'fish');
    }

    /** @return list<string> what to do, in order */
    public function steps(): array
    {
        if ($this->plan === null) {
            return [];
        }
        $with = ['warmth' => $this->show->value(Parameter::Temperature, $this->tank->warmth), 'days' => Quarantine::days($this->sort())[0]] + self::drip($this->plan->drip, $this->show);
        $steps = [(string) __('animals.step.dark'), (string) __('animals.step.float', $with)];
        foreach (['one', 'two', 'three'] as $n) {
            $stages = $n === 'two' && ($this->plan->drip?->value('n') ?? 1.0) > 1.5 ? '_stages' : '';
            $steps[] = (string) __('animals.step.'.$this->plan->means->value.'.'.$n.$stages, $with);
        }
        if ($this->plan->betweenWater) {
            array_splice($steps, 2, 0, [(string) __('animals.step.between', $with)]);
        }
        $steps[] = (string) __('animals.step.after', $with);

        return array_values(array_filter($steps));
    }

    /** @return array<string, string> */
    private static function drip(?Computation $drip, Show $show): array
    {
        return $drip === null ? [] : [
            'minutes' => Show::minutes((int) round($drip->value('minutes'))), 'begin' => $show->volume($drip->value('V0'), 1), 'stages' => Show::rounded($drip->value('n'), 0), 'end' => $show->volume($drip->value('V_end'), 1),
            'rate' => $show->volume($drip->value('rate'), 1), 'drops' => $drip->value('drops') > self::COUNTED ? (string) __('animals.flow', ['flow' => $show->liquid($drip->value('rate') * 1000.0 / 60.0)]) : (string) __('animals.drops', ['count' => Show::rounded($drip->value('drops'), 1)]), 'conductivity' => $show->value(Parameter::Conductivity, $drip->value('EC_end')),
        ];
    }

    /** What opening the bag does to its ammonia, in words; nothing where none was read. */
    public function ammonia(): ?string
    {
        if ($this->plan === null || !is_numeric($this->bag['ammonium'] ?? null) || (float) $this->bag['ammonium'] <= 0.0) {
            return null;
        }
        [$closed, $open, $alarm] = $this->plan->free;

        return (string) __('animals.free', ['closed' => Show::rounded($closed, 3), 'open' => Show::rounded($open, 3), 'times' => Show::rounded($open / max(1e-9, $closed), 0), 'alarm' => Show::rounded($alarm, 2)]);
    }

    public function isDanger(): bool
    {
        return $this->plan !== null && $this->plan->free[1] >= $this->plan->free[2];
    }

    public function title(): string
    {
        return $this->plan === null ? '' : (string) __('animals.means.'.$this->plan->means->value);
    }

    public function why(): string
    {
        return $this->plan === null ? '' : (string) __('animals.why.'.$this->plan->why);
    }

    public function working(): ?Computation
    {
        return $this->plan?->means === Means::Drip ? $this->plan->drip : null;
    }
}
