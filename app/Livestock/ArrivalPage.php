<?php

declare(strict_types=1);

namespace App\Livestock;

use App\Models\Arrival as Arrived;
use App\Models\Tank;
use App\Tanks\TankWaterQuery;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Livestock\Acclimation;
use Cresco\Core\Livestock\AcclimationMethod;
use Cresco\Core\Livestock\ArrivalStep;
use Cresco\Core\Livestock\Quarantine;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Water\Ammonia;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\Minerals;
use Cresco\Core\Water\WaterState;

/** How a bag is let into a tank, from what was read of both, and how far it is. */
final readonly class ArrivalPage
{
    /** meq/L of alkalinity that a bag is taken to have when nobody read it: that of the tank, and at least this. House default. */
    private const ALKALINITY = 1.0;

    /** uS/cm that a tank is taken to have when nothing tells it: only the way is shown then, no figure. House default. */
    private const CONDUCTIVITY = 300.0;

    /** Drops a second beyond which nobody counts them. House default. */
    private const COUNTED = 4.0;

    public Show $show;

    public ?Acclimation $plan;

    private WaterState $state;

    /** uS/cm of the tank; null where it was never read */
    public ?float $conductivity;

    /**
     * @param array<string, float|string|null> $bag     sort, conductivity, litres, hours, ammonium, ph, and the conductivity of the tank as
     *                                                  it stood; null while it was not read
     * @param Arrived|null                     $arrived one that is under way, or over
     */
    public function __construct(public Tank $tank, public ?array $bag, public ?Arrived $arrived = null)
    {
        $this->show = $tank->keeper->show();
        $state = $this->state = TankWaterQuery::of($tank)->state();
        $number = static fn(string $key): ?float => is_numeric($bag[$key] ?? null) ? (float) $bag[$key] : null;
        $conductivityNow = $number('tank') ?? $state->get(Parameter::Conductivity)?->central();
        $hardness = $state->get(Parameter::GeneralHardness)?->central();
        // Without a meter the two hardnesses tell how far the waters are apart.
        $byHardness = $number('hardness') === null || $hardness === null || $hardness <= 0.0 ? null : $number('hardness') / $hardness;
        $this->conductivity = $conductivityNow ?? ($hardness === null ? null : Minerals::conductivity(
            $hardness,
            $state->central(Parameter::CarbonateHardness, $hardness),
        )->central());
        $tankConductivity = max(1.0, $this->conductivity ?? self::CONDUCTIVITY);
        $conductivity = $number('conductivity') ?? ($byHardness === null ? null : min(20000.0, $byHardness * $tankConductivity));
        $litres = $number('litres');
        $this->plan = $bag === null || $litres === null ? null : Acclimation::plan(
            (string) ($bag['sort'] ?? 'fish'),
            $conductivity ?? min(20000.0, Acclimation::UNMEASURED * $tankConductivity),
            $tankConductivity,
            $litres,
            $number('hours') ?? 0.0,
            $number('ammonium'),
            $number('ph'),
            $number('tank_ph') ?? ($state->isAssumed(Parameter::Acidity) ? null : $state->get(Parameter::Acidity)?->central()),
            $this->alkalinity(),
            max(0.0, min(40.0, $state->central(Parameter::Temperature, $tank->warmth))),
            $conductivity !== null && $this->conductivity !== null,
        );
    }

    /** One that was begun, as it was planned then. */
    public static function ofArrival(Tank $tank, Arrived $arrived): self
    {
        return new self($tank, [...$arrived->bag, 'sort' => $arrived->group], $arrived);
    }

    /** @return array<string, float> what the plan rests on, kept so that it stays as it was begun */
    public function toKeep(): array
    {
        $state = $this->state;

        return array_filter(
            [
                ...($this->bag ?? []), 'tank' => $this->conductivity,
                'tank_ph' => $state->isAssumed(Parameter::Acidity) ? null : $state->get(Parameter::Acidity)?->central(),
            ],
            is_float(...),
        );
    }

    public function sort(): string
    {
        return (string) ($this->bag['sort'] ?? 'fish');
    }

    /** Days that they usually stay apart. */
    public function days(): int
    {
        return Quarantine::days($this->sort())[0];
    }

    /** @return list<array{title: string, text: string, minutes: int, state: string, key: string}> in their order; a state of done, here or next */
    public function steps(): array
    {
        $with = ['warmth' => $this->show->value(Parameter::Temperature, $this->tank->warmth)] + self::drip($this->plan?->drip, $this->show);
        $at = $this->arrived === null ? -1 : ($this->arrived->step ?? PHP_INT_MAX);

        return array_map(static fn(ArrivalStep $step, int $n): array => [
            'title' => (string) __('animals.step.'.$step->key.'.0', $with), 'text' => (string) __('animals.step.'.$step->key
                .'.1', $with), 'minutes' => $step->minutes, 'key' => $step->key,
            'state' => $n < $at ? 'done' : ($n === $at ? 'here' : 'next'),
        ], $this->plan?->steps() ?? [], array_keys($this->plan?->steps() ?? []));
    }

    /** @return array{title: string, text: string, minutes: int, state: string, key: string}|null where a bag stands that is being let in */
    public function here(): ?array
    {
        return $this->arrived?->step === null ? null : $this->steps()[$this->arrived->step] ?? null;
    }

    public function isLast(): bool
    {
        return $this->arrived?->step !== null && $this->arrived->step >= count($this->plan?->steps() ?? []) - 1;
    }

    /** When what is waited for is over, in seconds since 1970; null where the hands do it. */
    public function rings(): ?int
    {
        $here = $this->here();

        return $here === null || $here['minutes'] === 0 || $this->arrived?->step_at === null
            ? null
            : $this->arrived->step_at->getTimestamp() + 60 * $here['minutes'];
    }

    /** @return list<array{at: string, litres: string, conductivity: string, past: bool}> what the bucket should hold and the meter show while it drips */
    public function along(): array
    {
        $begun = $this->arrived?->step_at;
        if ($begun === null || !str_starts_with($this->here()['key'] ?? '', 'drip')) {
            return [];
        }

        return array_map(function (array $row) use ($begun): array {
            $at = $begun->addSeconds((int) round(60.0 * $row['minutes']));

            return [
                'at' => $this->show->time($at), 'litres' => $this->show->volume($row['litres'], 1),
                'conductivity' => $this->show->value(Parameter::Conductivity, $row['conductivity']),
                'past' => $at->lessThanOrEqualTo(CarbonImmutable::now()),
            ];
        }, $this->plan?->along() ?? []);
    }

    /** Whether the days apart have gone by. */
    public function isOver(): bool
    {
        return $this->arrived?->quarantine_until !== null && $this->show->daysSinceDate($this->arrived->quarantine_until) >= 0;
    }

    /** Where those that are in stand: apart, or over. */
    public function apart(): string
    {
        $one = $this->arrived;
        if ($one === null) {
            return '';
        }

        return match (true) {
            $one->ended_at !== null => (string) __('animals.course.over', ['day' => $this->show->day($one->ended_at)]),
            $one->quarantine_until === null => (string) __('animals.course.free'),
            default => (string) __(
                'animals.course.apart',
                [
                    'now' => max(0, $this->show->daysSince($one->arrived_at)),
                    'days' => max(0, $this->show->daysSince($one->arrived_at)) - $this->show->daysSinceDate($one->quarantine_until),
                ],
            ),
        };
    }

    /** @return array<string, string> */
    private static function drip(?Computation $drip, Show $show): array
    {
        return $drip === null ? [] : [
            'minutes' => Show::minutes((int) round($drip->value('minutes'))), 'begin' => $show
                ->volume($drip->value('V0'), 1), 'stages' => Show::rounded($drip->value('n'), 0), 'end' => $show->volume($drip->value('V_end'), 1),
            'rate' => $show->volume($drip->value('rate'), 1), 'drops' => $drip->value('drops') > self::COUNTED
                ? (string) __('animals.flow', ['flow' => $show->liquid($drip->value('rate') * 1000.0 / 60.0)])
                : (string) __('animals.drops', ['count' => Show::rounded($drip->value('drops'), 1)]), 'conductivity' => $show
                    ->value(Parameter::Conductivity, $drip->value('EC_end')), 'bag' => $show->value(Parameter::Conductivity, $drip->value('EC_bag')),
        ];
    }

    /** What opening the bag does to its ammonia, in words; nothing where none was read. */
    public function ammonia(): ?string
    {
        if (
            $this->plan === null
            || $this->plan->means === AcclimationMethod::Rinse
            || !is_numeric($this->bag['ammonium'] ?? null)
            || (float) $this->bag['ammonium'] <= 0.0
        ) {
            return null;
        }
        [$closed, $open, $alarm] = $this->plan->free;

        return (string) __(
            'animals.free',
            [
                'closed' => Show::rounded($closed, 3), 'open' => Show::rounded($open, 3), 'times' => Show::rounded($open / max(1e-9, $closed), 0),
                'alarm' => Show::rounded($alarm, 2),
            ],
        );
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

    /** Of the drip, or of the ammonia once the bag stands open. */
    public function working(string $name): ?Computation
    {
        if ($name === 'ammonia' && $this->ammonia() !== null) {
            $celsius = max(0.0, min(40.0, $this->state->central(Parameter::Temperature, $this->tank->warmth)));

            return Ammonia::free(
                'ammonia.title_of_bag',
                new ExactValue((float) ($this->bag['ammonium'] ?? 0.0)),
                new ExactValue(Carbonate::acidityWith(Carbonate::IN_AIR[0], $this->alkalinity(), $celsius)),
                new ExactValue($celsius),
            );
        }

        return $name === 'drip' && $this->plan?->isMeasured === true ? $this->plan->drip : null;
    }

    private function alkalinity(): float
    {
        return max(self::ALKALINITY, min(20.0, $this->state->central(Parameter::CarbonateHardness, self::ALKALINITY)));
    }
}
