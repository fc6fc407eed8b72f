<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Models\Dose;
use App\Models\DosePlan;
use App\Models\Reading;
use App\Models\Tank;
use App\Models\WaterChange;
use App\Tanks\LevelsQuery;
use App\Tanks\LightQuery;
use App\Tanks\SlowReleaseQuery;
use App\Tanks\TankEventsQuery;
use App\Tanks\UptakeQuery;
use App\Units\TimeDifference;
use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\DosingMethod;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\Growth;
use Cresco\Core\State\Course;
use Cresco\Core\State\Event;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What the plants of a tank are fed with: where each nutrient stands, what comes and goes, and what is planned. */
final class FertilisingQuery
{
    /** Part of a day at which a dose to come is taken to be given. House default. */
    private const EVENING = 0.75;

    /** Days from now to a dose of today. */
    private const SOON = 0.1;

    /** Days of the past that are shown. */
    public const SHOWN = LevelsQuery::SHOWN;

    public readonly float $litres;

    /** @var Collection<int, Dose>|null */
    private ?Collection $doses = null;

    /** Days of which doses are at hand one by one. */
    private const AT_HAND = 21;

    private readonly CarbonImmutable $now;

    public readonly SlowReleaseQuery $slow;

    private readonly TankEventsQuery $events;

    private ?int $change = null;

    /** @var array<string, Course> as they go on with what is planned */
    private array $ahead = [];

    /** @var array<mixed>|null products of which a dose of today was noted */
    private ?array $noted = null;

    /** @var list<array{brings: array<string, float>, every: int, from: int, until?: int}>|null */
    private ?array $asPlanned = null;

    private function __construct(public readonly Tank $tank, private readonly LevelsQuery $courses)
    {
        $this->now = CarbonImmutable::now();
        $this->events = $courses->events();
        $this->litres = $this->events->litres();
        $this->slow = $this->events->slow();
        $tank->loadMissing(['dosePlans.product', 'feedingOverrides', 'devices']);
    }

    public static function tank(Tank $tank): self
    {
        return new self($tank, LevelsQuery::of($tank));
    }

    /** The keeper's dosing method, or the one that suits a tank like this. */
    public function school(): DosingMethod
    {
        return $this->tank->dosing_method ?? (LightQuery::carbonDioxide($this->tank) >= Growth::IS_GAS ? DosingMethod::Lean : DosingMethod::LowEnergy);
    }

    /** @return Collection<int, Dose> noted in the last days */
    public function doses(): Collection
    {
        return $this->doses ??= $this->tank->doses()->where('given_at', '>=', $this->now->subDays(self::AT_HAND))->get();
    }

    public function course(Parameter $nutrient): Course
    {
        $this->courses->find(Parameter::nutrients());

        return $this->courses->course($nutrient);
    }

    /** The same nutrient in the next weeks, with what is planned. */
    public function ahead(Parameter $nutrient): Course
    {
        return $this->ahead[$nutrient->value] ??= $this->course($nutrient)
            ->ahead($this->coming($nutrient, $this->planned()), $this->course($nutrient)->day + UptakeQuery::AHEAD, $this->turns($nutrient))->thinned();
    }

    /** Whether it was ever read. */
    public function isRead(Parameter $nutrient): bool
    {
        return $this->course($nutrient)->count > 0;
    }

    /**
     * Whether the last reading and the estimate do not go together: their bands do not meet. One of the two is wrong, and a dose upon either may
     * do harm; a second reading settles it.
     */
    public function isDoubted(Parameter $nutrient): bool
    {
        $reading = Reading::query()->where('tank_id', $this->tank->id)->where('parameter', $nutrient)->where('taken_at', '<=', $this->now)
            ->orderByDesc('taken_at')->orderByDesc('id')->first();
        $point = $reading === null ? null : $this->course($nutrient)->at($this->day($reading->taken_at) + 1e-4);
        $read = $reading?->toCore()->distribution();

        return $this->course($nutrient)->isOpen()
            || ($point !== null && $read !== null && ($read->quantile(0.1) > $point->high || $read->quantile(0.9) < $point->low));
    }

    /** Whether anything is drawn that could be fed. */
    public function hasPlants(): bool
    {
        return $this->events->uptake()->key() !== '';
    }

    /** Taken up by the plants in a day, so many days from now, mg/L. */
    public function uptake(Parameter $nutrient, int $day = 0): float
    {
        return $this->events->takenUp($nutrient, $day);
    }

    /** Share of a nutrient that is lost in a day, as a rate. */
    public function loss(Parameter $nutrient): float
    {
        return $this->courses->loss($nutrient);
    }

    /** What the new water of the next change will hold of it. */
    public function source(Parameter $nutrient): NormalValue
    {
        return $this->courses->source($nutrient);
    }

    /** Days from now to the next change of the routine, at least one. */
    public function nextChange(): int
    {
        return $this->change ??= $this->findChange();
    }

    private function findChange(): int
    {
        $last = WaterChange::query()->where('tank_id', $this->tank->id)->max('changed_at');

        return is_string($last)
            ? max(1, $this->tank->routine_days - (int) floor(TimeDifference::days(CarbonImmutable::parse($last, 'UTC'), $this->now)))
            : $this->tank->routine_days;
    }

    /**
     * What comes to a nutrient in the next weeks.
     *
     * @param list<array{brings: array<string, float>, every: int, from: int, until?: int}> $doses mg/L by parameter value, days between,
     *                                                                                             and the first day from now
     * @param float|null                                                                    $share of each change; null for the routine
     * @param float                                                                         $meals of the usual food, 1 for as it is
     *
     * @return list<Event> by day from now
     */
    public function coming(Parameter $nutrient, array $doses, ?float $share = null, float $meals = 1.0): array
    {
        $source = $this->source($nutrient);
        $today = $this->day($this->now);
        $events = [];
        for ($day = $this->nextChange(); $day <= UptakeQuery::AHEAD; $day += max(1, $this->tank->routine_days)) {
            $events[] = Event::changed($today + $day, $share ?? $this->tank->routine_share, $source->central(), $source->spread());
        }
        foreach ($doses as $dose) {
            $brings = $dose['brings'][$nutrient->value] ?? 0.0;
            for ($day = $dose['from']; $brings > 0.0 && $day <= min(UptakeQuery::AHEAD, $dose['until'] ?? UptakeQuery::AHEAD); $day += max(1, $dose['every'])) {
                // What falls on today and was not noted yet is given in a while.
                $events[] = Event::added($day === 0 ? $today + self::SOON : floor($today) + $day + self::EVENING, $brings);
            }
        }
        for ($day = 1; $day <= UptakeQuery::AHEAD; ++$day) {
            $comes = $meals * $this->events->fed($nutrient, $today + $day) + $this->slow->gives($nutrient, $today + $day);
            if ($comes > 0.0) {
                $events[] = Event::added(floor($today) + $day, $comes);
            }
        }

        return $events;
    }

    /**
     * @param array<int, float> $amounts other ones than planned, by plan
     *
     * @return list<array{brings: array<string, float>, every: int, from: int, until?: int}> what is planned, for coming()
     */
    public function planned(array $amounts = []): array
    {
        return $amounts === [] ? $this->asPlanned ??= $this->plan([]) : $this->plan($amounts);
    }

    /**
     * @param array<int, float> $amounts
     *
     * @return list<array{brings: array<string, float>, every: int, from: int, until?: int}>
     */
    private function plan(array $amounts): array
    {
        $planned = [];
        $local = $this->tank->keeper->show()->local($this->now)->startOfDay();
        foreach ($this->tank->dosePlans as $plan) {
            $from = $plan->next($local);
            if ($from !== null) {
                $planned[] = [
                    'brings' => $this->brings($plan, $amounts[$plan->id] ?? $plan->given()), 'every' => max(1, $plan->every),
                    'from' => $from === 0 && $this->isNoted($plan, $local) ? max(1, $plan->every) : $from,
                    'until' => $plan->endsIn($local) ?? UptakeQuery::AHEAD,
                ];
            }
        }

        return $planned;
    }

    /** Whether something was noted of the dose of today. */
    private function isNoted(DosePlan $plan, CarbonImmutable $today): bool
    {
        return in_array($plan->product_id, $this->noted ??= DB::table('doses')->where('tank_id', $this->tank->id)
            ->whereIn('product_id', $this->tank->dosePlans->pluck('product_id'))->where('day', $today->format('Y-m-d'))->pluck('product_id')->all(), true);
    }

    /** @return array<string, float> mg/L by parameter value that so much of it brings to this tank */
    public function brings(DosePlan $plan, float $amount): array
    {
        return $this->events->brings($plan, $amount);
    }

    /** @return list<float> how the rate of each of the next days differs from today's, as the plants grow, mg/L a day */
    public function turns(Parameter $nutrient): array
    {
        return array_map(fn(int $day): float => $this->uptake($nutrient) - $this->uptake($nutrient, $day), range(0, UptakeQuery::AHEAD));
    }

    /** Day as a number. */
    public function day(CarbonImmutable $at): float
    {
        return TankEventsQuery::day($at);
    }

    /** mg/L that the food of the animals brings in a day, as the mean over a week. */
    public function fedAtMean(Parameter $nutrient): float
    {
        return $this->events->fedAtMean($nutrient);
    }

    /** How the level of a nutrient came about since it was last read, in the unit that its keeper reads it in. */
    public function levelWorking(Parameter $nutrient): Computation
    {
        return $this->courses->working($nutrient);
    }
}
