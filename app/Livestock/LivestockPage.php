<?php

declare(strict_types=1);

namespace App\Livestock;

use App\Drawing\Chart;
use App\Drawing\ChartPoint;
use App\Drawing\ChartTime;
use App\Models\Animal;
use App\Models\Arrival;
use App\Models\Tank;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Livestock\AnimalKind;
use Cresco\Core\Livestock\AnimalKinds;
use Cresco\Core\Livestock\Community;
use Cresco\Core\Livestock\Stocking;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\RangeViolation;
use Illuminate\Database\Eloquent\Collection;

/** Animals of a tank: how many, what they eat and make of it, and where the water does not suit them. */
final class LivestockPage
{
    public readonly Show $show;

    /** @var Collection<int, Animal> */
    public readonly Collection $animals;

    /** @var Collection<int, Arrival> */
    public readonly Collection $arrivals;

    private readonly TankWaterQuery $water;

    public function __construct(public readonly Tank $tank)
    {
        $this->show = $tank->keeper->show();
        $this->animals = LivestockQuery::tank($tank);
        $this->arrivals = $tank->arrivals()->limit(20)->get();
        $this->water = TankWaterQuery::of($tank);
    }

    public static function name(Animal $animal): string
    {
        return $animal->name ?? (string) __('animals.kind.'.$animal->kind);
    }

    public function count(Animal $animal): int
    {
        return $animal->count();
    }

    public function kind(Animal $animal): AnimalKind
    {
        return AnimalKinds::of($animal->kind);
    }

    private function together(): Community
    {
        return new Community(array_values(array_map($this->kind(...), $this->animals->filter(fn(Animal $animal): bool => $this->count($animal) > 0)->all())));
    }

    /** Two of them that no water suits both, in words. */
    public function doNotMeet(): ?string
    {
        $apart = $this->together()->apart();

        return $apart === null
            ? null
            : (string) __(
                'animals.heed.apart',
                ['one' => __('animals.kind.'.$apart[0]->key), 'other' => Names::inside((string) __('animals.kind.'.$apart[1]->key)), 'what' => word($apart[2])],
            );
    }

    /** @return list<string> who may eat whom, in words */
    public function prey(): array
    {
        return array_map(
            static fn(array $one): string => (string) __(
                'animals.heed.prey',
                ['one' => __('animals.kind.'.$one[0]->key), 'others' => Names::list(array_map(
                    static fn(AnimalKind $kind): string => Names::inside((string) __('animals.kind.'.$kind->key)),
                    $one[1],
                ))],
            ),
            $this->together()->prey(),
        );
    }

    /** What this tank is kept at and its animals are not, in words; nothing where all of it suits them. */
    public function asks(): string
    {
        $words = [];
        foreach ($this->together()->narrowed($this->tank->needs()) as $name => $range) {
            $parameter = Parameter::from($name);
            $words[] = $parameter === Parameter::Nitrate
                ? (string) __('animals.asks.most', ['what' => word($parameter), 'to' => $this->show->limit($parameter, $range[1])])
                : (string) __(
                    'animals.asks.range',
                    ['what' => word($parameter), 'from' => $this->show->limit($parameter, $range[0]), 'to' => $this->show->limit($parameter, $range[1])],
                );
        }
        if ($this->together()->gentler($this->tank->needs()) !== null) {
            $words[] = (string) __('animals.asks.gentler');
        }

        return Names::list($words);
    }

    /**
     * The limits of the tank, narrowed to what lives there.
     *
     * @return array<string, mixed>
     */
    public function limits(): array
    {
        $needs = $this->tank->needs();
        $kept = $this->tank->limits ?? [];
        $gentler = $this->together()->gentler($needs);

        return [
            ...$kept,
            'ranges' => [...(is_array($kept['ranges'] ?? null) ? $kept['ranges'] : []), ...$this->together()->narrowed($needs)],
            'swings' => [...(is_array($kept['swings'] ?? null) ? $kept['swings'] : []), ...($gentler === null ? [] : [
                Parameter::Acidity->value => $gentler->ph, Parameter::CarbonateHardness->value => Alkalinity::fromDegrees($gentler->kh)
                    ->milliequivalentPerLitre,
                Parameter::GeneralHardness->value => Hardness::fromDegrees($gentler->gh)->millimolePerLitre, Parameter::Conductivity
                    ->value => $gentler->ecShare, Parameter::Temperature->value => $gentler->celsius,
            ])],
        ];
    }

    /** @return list<string> what does not suit them, or is too few */
    public function heeds(Animal $animal): array
    {
        $kind = $this->kind($animal);
        $found = [];
        $count = $this->count($animal);
        if ($kind->alone && $count > 1) {
            $found[] = (string) __('animals.heed.alone');
        }
        if ($count > 0 && $count < $kind->least) {
            $found[] = (string) __('animals.heed.few', ['least' => $kind->least]);
        }
        $warm = $this->water->state()->get(Parameter::Temperature);
        if ($warm !== null && RangeViolation::of($warm, $kind->celsius) !== null) {
            $found[] = (string) __(
                'animals.heed.warm',
                [
                    'from' => $this->show->limit(Parameter::Temperature, $kind->celsius[0]),
                    'to' => $this->show->limit(Parameter::Temperature, $kind->celsius[1]),
                ],
            );
        }
        $hard = $this->water->state()->get(Parameter::GeneralHardness);
        $range = array_map(static fn(float $degrees): float => Hardness::fromDegrees($degrees)->millimolePerLitre, $kind->hardness);
        if ($hard !== null && RangeViolation::of($hard, $range) !== null) {
            $found[] = (string) __(
                'animals.heed.hard',
                ['from' => $this->show->limit(Parameter::GeneralHardness, $range[0]), 'to' => $this->show->limit(Parameter::GeneralHardness, $range[1])],
            );
        }

        return $found;
    }

    public function size(Animal $animal): string
    {
        return $animal->kind === 'fry' && $animal->length === null
            ? (string) __('animals.now')
            : (string) __('animals.grown', ['length' => $this->show->level($animal->length ?? $this->kind($animal)->length)]);
    }

    /** g of food in a day for all. */
    public function food(): float
    {
        return $this->animals->sum(fn(Animal $animal): float => $this->count($animal) * $this->kind($animal)->food($animal->length) / 1000.0);
    }

    /** Nitrate that this food comes to in a day, with its working; null while nobody lives there. */
    public function nitrate(): ?Computation
    {
        return $this->food() <= 0.0 ? null : Stocking::nitrate(min(1000.0, $this->food()), VesselQuery::tank($this->tank)->litres(), $this->tank->food_protein);
    }

    /** mg/L of nitrate a day that a guess may begin with, rounded as a keeper would; null where it is the same already, or nobody lives there. */
    public function guess(): ?float
    {
        $nitrate = $this->nitrate();
        $rounded = $nitrate === null ? null : round(min(20.0, $nitrate->value('nitrate')), 1);

        return $rounded === null || abs($rounded - $this->tank->nitrate_per_day) < 0.05 ? null : $rounded;
    }

    /** "day 9 of 28, apart until 15 Dec"; nothing for what is over. */
    public function apart(Arrival $arrival): ?string
    {
        if ($arrival->quarantine_until === null || $arrival->ended_at !== null) {
            return null;
        }
        $now = max(0, $this->show->daysSince($arrival->arrived_at));

        return (string) __(
            'animals.until',
            [
                'now' => $now, 'days' => $now - $this->show->daysSinceDate($arrival->quarantine_until),
                'day' => $arrival->quarantine_until->translatedFormat('j M'),
            ],
        );
    }

    /** @return array<string, string> */
    public static function kinds(): array
    {
        return array_map(static fn(AnimalKind $kind): string => (string) __('animals.kind.'.$kind->key), AnimalKinds::all());
    }

    /** @return list<array{int, int}> days ago and count, of what was counted and what moved it */
    public function course(Animal $animal): array
    {
        $points = [];
        $count = 0;
        foreach ($animal->events as $event) {
            $count = $event->kind->after($count, $event->count);
            $points[] = [$this->show->daysSinceDate($event->day), $count];
        }

        return $points;
    }

    /** How many there were; null where they were noted once. */
    public function chart(Animal $animal): ?Chart
    {
        $points = $this->course($animal);
        if (count($points) < 2) {
            return null;
        }
        $now = CarbonImmutable::now();
        $steps = [];
        $last = null;
        // A count holds until the next.
        foreach ([...$points, [0, $points[count($points) - 1][1]]] as [$ago, $count]) {
            $day = $now->subDays($ago);
            $steps = [...$steps, ...($last === null ? [] : [new ChartPoint((float) $day->getTimestamp(), (float) $last)]), new ChartPoint(
                (float) $day->getTimestamp(),
                (float) $count,
                said: (string) __('chart.at', ['day' => $this->show->day($day), 'value' => (string) $count]),
            )];
            $last = $count;
        }

        return new Chart(
            'count',
            self::name($animal),
            '',
            (string) __('animals.chart', ['what' => self::name($animal), 'from' => $points[0][1], 'to' => (int) $last]),
            new ChartTime($steps[0]->at, (float) $now->getTimestamp(), $this->show, 170.0, 3),
            course: $steps,
            steps: 2,
        );
    }
}
