<?php

declare(strict_types=1);

namespace App\Cycling;

use App\Drawing\Chart;
use App\Drawing\ChartPoint;
use App\Drawing\ChartTime;
use App\Models\Animal;
use App\Models\Tank;
use App\Models\TankCycle;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\Testing\TestedPoint;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Cycling\AmmoniaSource;
use Cresco\Core\Cycling\CyclingMethod;
use Cresco\Core\Cycling\CyclingPhase;
use Cresco\Core\Cycling\CyclingPhases;
use Cresco\Core\Cycling\CyclingReadiness;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Livestock\AnimalKind;
use Cresco\Core\Livestock\AnimalKinds;
use Cresco\Core\Livestock\Community;
use Cresco\Core\Livestock\Stocking;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\RangeViolation;

/** Where a tank that is being started stands: what is expected, what was read, what is next. */
final class CyclingPage
{
    /** Days between two readings. House default. */
    private const READ = 3;

    public readonly Show $show;

    public readonly ?CyclingQuery $known;

    private readonly TankWaterQuery $water;

    /** @param TankWaterQuery|null $water where it is known already */
    public function __construct(public readonly Tank $tank, public readonly ?TankCycle $start, ?TankWaterQuery $water = null)
    {
        $this->show = $tank->keeper->show();
        $this->water = $water ?? TankWaterQuery::of($tank);
        $this->known = $start === null ? null : new CyclingQuery($tank, $start, $this->water);
    }

    public function week(): int
    {
        return intdiv($this->known->day ?? 0, 7) + 1;
    }

    public function verdict(): string
    {
        return $this->known === null ? '' : (string) __('start.ready.'.$this->known->ready->why);
    }

    /** When nitrite should peak and when both are gone, in days of the start. */
    public function outlook(): string
    {
        $expected = $this->known?->expected;
        if ($expected === null || $this->known === null) {
            return '';
        }
        if ($this->known->ready->isReady) {
            return (string) __('start.first');
        }
        $day = static fn(float $of): int => (int) round($of);
        if ($expected->peak < 0.15) {
            return (string) __('start.never');
        }
        $peak = $this->known->day < $expected->nitritePeak[0]
            ? __(
                'start.peak',
                [
                    'day' => $day($expected->nitritePeak[1]), 'low' => $day($expected->nitritePeak[0]), 'high' => $day($expected->nitritePeak[2]),
                    'now' => $this->known->day,
                ],
            )
            : __('start.peaked', ['day' => $day($expected->nitritePeak[1])]);
        $last = count($expected->days) - 1;

        return $peak.' '.($expected->readyOn[1] > $last ? __('start.beyond', ['day' => $last]) : __(
            'start.gone',
            [
                'low' => $day($expected->readyOn[0]), 'high' => min($last, $day($expected->readyOn[2])),
                'on' => $this->show->day($this->date((int) $expected->readyOn[1])),
            ],
        ));
    }

    private function date(int $day): CarbonImmutable
    {
        return CarbonImmutable::parse($this->start?->begun_on->format('Y-m-d') ?? 'today', $this->tank->keeper->timezone)->addDays($day)->setTime(12, 0);
    }

    /** @return list<array{phase: CyclingPhase, here: bool, text: string, weeks: string}> */
    public function phases(): array
    {
        $week = $this->week();

        return $this->start === null ? [] : array_map(static fn(CyclingPhase $phase): array => [
            'phase' => $phase, 'here' => $phase->isIn($week), 'text' => (string) __('start.phase.'.$phase->key),
            'weeks' => $phase->until === null
                ? (string) __('start.from_week', ['week' => $phase->from])
                : trans_choice('start.weeks', $phase->until - $phase->from, ['from' => $phase->from, 'until' => $phase->until]),
        ], CyclingPhases::of($this->start->way));
    }

    /** What is to be done today. */
    public function next(): string
    {
        if ($this->known === null || $this->start === null) {
            return '';
        }
        if ($this->known->ready->isReady) {
            return (string) __(
                $this->start->way === CyclingMethod::Dark ? 'start.next.plant' : 'start.next.animals',
                ['share' => $this->show->percent(CyclingPhases::LAST_CHANGE)],
            );
        }
        $share = CyclingPhases::change($this->start->way, $this->start->source, $this->known->day, $this->start->plenty);
        $newest = $this->known->readings === [] ? null : $this->known->readings[count($this->known->readings) - 1];
        $most = $newest !== null && $newest[1] === 'ammonia' && $this->start->way === CyclingMethod::Dark && $newest[2]->central() > CyclingPhases::TOO_MUCH;

        return match (true) {
            $most => (string) __('start.next.too_much'),
            $this->start->source === AmmoniaSource::Dosed && $this->hasAnimals() => (string) __('start.next.no_dose'),
            $this->start->source === AmmoniaSource::Dosed
                && $this->known->doses === []
                && ($newest === null || $newest[2]->central() <= CyclingReadiness::NEAR_NOTHING) => (string) __(
                    'start.next.dose',
                    [
                        'level' => Show::plain(CyclingPhases::DOSE, 0),
                        'grams' => Show::plain(CyclingPhases::DOSE * CyclingPhases::CHLORIDE * VesselQuery::tank($this->tank)->litres() / 1000.0, 2),
                        'litres' => $this->show->volume(VesselQuery::tank($this->tank)->litres(), 0),
                    ],
                ),
            $share > 0.0 && !isset($this->known->changes[$this->known->day]) => (string) __('start.next.change', ['share' => $this->show->percent($share)]),
            $newest === null || $this->known->day - floor($newest[0]) >= self::READ => (string) __('start.next.read'),
            default => (string) __('start.next.wait', ['day' => $this->show->day($this->date((int) floor($newest[0]) + self::READ))]),
        };
    }

    /** Whether anybody lives there whom a dose of ammonia would harm. */
    private function hasAnimals(): bool
    {
        return $this->start?->way === CyclingMethod::Fish
            || $this->tank->loadMissing('animalKinds.events')->animalKinds->contains(static fn(Animal $animal): bool => $animal->count() > 0);
    }

    /** Whether something is to be done today. */
    public function asks(): bool
    {
        return $this->known !== null && $this->next() !== '' && !str_starts_with($this->next(), (string) __('start.next.wait_head'));
    }

    /** When its buffer runs out, if nothing is done; nothing when it does not. */
    public function buffer(): ?string
    {
        $day = $this->known?->bufferGone;

        return $day === null ? null : (string) __('start.buffer', ['day' => $this->show->day($this->date($day))]);
    }

    /** How many fish the filter bears, for the first kind of them that is offered; null where none is. */
    public function working(): ?Computation
    {
        if ($this->known === null || $this->start === null) {
            return null;
        }
        foreach (self::FIRST_FISH as $key) {
            if ((new Community([AnimalKinds::of($key)]))->suits($this->tank->needs())) {
                return Stocking::working(AnimalKinds::of($key), $this->known->bears(), VesselQuery::tank($this->tank)->litres());
            }
        }

        return null;
    }

    private const FIRST_FISH = ['small_tetra', 'tetra', 'livebearer', 'shell_cichlid'];

    /** Why a kind may not be first here: what it is kept at, the water as it was read, or film that is not there yet; null where nothing speaks against it. */
    private function against(AnimalKind $kind): ?string
    {
        $hard = $this->water->state()->get(Parameter::GeneralHardness);
        $age = $this->tank->age();

        return match (true) {
            !(new Community([$kind]))->suits($this->tank->needs()) => 'range',
            $hard === null => 'unread',
            RangeViolation::of(
                $hard,
                array_map(static fn(float $degrees): float => Hardness::fromDegrees($degrees)->millimolePerLitre, $kind->hardness),
            ) !== null => 'water',
            $kind->weeks > 0 && ($age === null || $age < 7.0 * $kind->weeks) => 'film',
            default => null,
        };
    }

    /** Whether GH must be tested before anybody can be named. */
    public function asksForHardness(): bool
    {
        return $this->known !== null && !$this->water->state()->has(Parameter::GeneralHardness);
    }

    /** @return list<array{name: string, count: int}> the first to move in, as far as the filter has shown to bear */
    public function first(): array
    {
        if ($this->known === null || $this->start === null) {
            return [];
        }
        $litres = VesselQuery::tank($this->tank)->litres();
        $shown = $this->known->bears();
        $first = [];
        foreach (['bee_shrimp', 'hardy_shrimp', 'nerite', 'small_snail', 'otocinclus', ...self::FIRST_FISH] as $key) {
            $kind = AnimalKinds::of($key);
            if ($this->against($kind) !== null) {
                continue;
            }
            $count = Stocking::first($kind, $shown, $litres);
            // Who lives in groups does not come alone.
            if ($count >= min($kind->least, 5)) {
                $first[] = ['name' => (string) __('animals.kind.'.$key), 'count' => min($count, max(6, 2 * $kind->least))];
            }
        }

        return $first;
    }

    /** @return list<Chart> of ammonium and nitrite: what is expected, and what was tested */
    public function charts(): array
    {
        $known = $this->known;
        if ($known === null) {
            return [];
        }
        $days = $known->expected->days;
        $time = new ChartTime((float) $this->date(0)->getTimestamp(), (float) $this->date(count($days) - 1)->getTimestamp(), $this->show);
        $charts = [];
        foreach ([
            ['ammonia', 1, Parameter::Ammonium, MassConcentration::AMMONIUM_PER_NITROGEN],
            ['nitrite', 2, Parameter::Nitrite, MassConcentration::NITRITE_PER_NITROGEN],
        ] as [$key, $at, $parameter, $by]) {
            $point = fn(float $day, float $value, float $low, float $high): ChartPoint => TestedPoint::between(
                $parameter,
                (float) $this->date((int) floor($day))->getTimestamp(),
                $by * $value,
                $by * max(0.0, $low),
                $by * $high,
                $this->show,
            );
            $tests = array_values(array_filter($known->readings, static fn(array $reading): bool => $reading[1] === $key));
            $charts[] = new Chart(
                $key,
                label($parameter),
                $this->show->unit($parameter)->label,
                trans_choice('start.chart', count($tests), ['what' => label($parameter), 'count' => count($tests)]),
                $time,
                tests: array_map(
                    static fn(array $reading): ChartPoint => $point(
                        $reading[0],
                        $reading[2]->central(),
                        $reading[2]->quantile(0.1),
                        $reading[2]->quantile(0.9),
                    ),
                    $tests,
                ),
                course: array_map(static fn(array $day): ChartPoint => $point((float) $day[0], $day[$at][1], $day[$at][0], $day[$at][2]), $days),
            );
        }

        return $charts;
    }

    /** @return array<string, string> */
    public static function ways(): array
    {
        return array_combine(
            array_column(CyclingMethod::cases(), 'value'),
            array_map(static fn(CyclingMethod $way): string => (string) __('start.way.'.$way->value), CyclingMethod::cases()),
        );
    }

    /** @return array<string, string> */
    public static function sources(): array
    {
        return array_combine(
            array_column(AmmoniaSource::cases(), 'value'),
            array_map(static fn(AmmoniaSource $source): string => (string) __('start.source.'.$source->value), AmmoniaSource::cases()),
        );
    }
}
