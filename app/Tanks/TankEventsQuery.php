<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\DosePlan;
use App\Models\FeedingOverride;
use App\Models\LearningReset;
use App\Models\Reading;
use App\Models\Tank;
use App\Models\WaterChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\Meal;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\LevelPrior;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\State\Event;
use Cresco\Core\State\Strength;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** All that happened to what is dissolved in a tank: readings, changes, top-offs, doses, meals, what soil and root tabs give, cuts. */
final class TankEventsQuery
{
    /** Days of the log that a level is found from, where it was read within them. House default. */
    public const DAYS = 180;

    /** Days that are looked back at the most, for what was last read long ago. House limit. */
    public const FARTHEST = 3_650;

    /** Share by which the eye is off at a chart, a standard deviation. House default. */
    private const EYE = 0.08;

    /** Share of a day's uptake by which a cut may move the rate, a standard deviation. House default. */
    private const CUT = 0.5;

    /** Limiting molar conductivity, S cm2/mol (CRC Handbook), and charge of what doses bring. */
    private const IONS = ['nitrate' => [71.42, -1], 'phosphate' => [36.0, -1], 'potassium' => [73.48, 1], 'magnesium' => [106.0, 2], 'calcium' => [118.94, 2]];

    /** The same for an equivalent of what balances them and is no nutrient: sulfate, and potassium. */
    private const BALANCING = [80.0, 73.48];

    /** Strength that comes with each mg/L of nitrate of food: hydrogen carbonate goes for it. */
    private const CONDUCTS_FED = 0.4;

    /** Days within which hardness and magnesium are read of the same water. House default. */
    private const TOGETHER = 1.0;

    /** A moment after a change of the same minute, days. */
    public const AFTER = 1e-6;

    private readonly CarbonImmutable $now;

    private ?float $litres = null;

    private ?UptakeQuery $uptake = null;

    private ?SlowReleaseQuery $slow = null;

    /** @var array<string, float> mg/L for a gram of food, by parameter value */
    private array $perGram = [];

    /** @var array<int, float> by day */
    private array $grams = [];

    /** @var array<string, list<array{float, array<string, float>}>> planned doses by their first day */
    private array $planned = [];

    public function __construct(public readonly Tank $tank, ?CarbonImmutable $now = null)
    {
        $this->now = ($now ?? CarbonImmutable::now())->utc();
        if ($tank->relationLoaded('keeper') && $tank->keeper->relationLoaded('products')) {
            foreach ($tank->loadMissing('dosePlans')->dosePlans as $plan) {
                $product = $tank->keeper->products->find($plan->product_id);
                $product === null ?: $plan->setRelation('product', $product);
            }
        }
        $tank->loadMissing(['dosePlans.product', 'feedingOverrides']);
    }

    public function litres(): float
    {
        return $this->litres ??= VesselQuery::tank($this->tank)->litres();
    }

    public function uptake(): UptakeQuery
    {
        return $this->uptake ??= UptakeQuery::of($this->tank, $this->litres());
    }

    public function slow(): SlowReleaseQuery
    {
        return $this->slow ??= new SlowReleaseQuery($this->tank, $this->litres());
    }

    /** Taken up by the plants in a day, so many days from now, mg/L. */
    public function takenUp(Parameter $parameter, int $day = 0): float
    {
        $food = $parameter->entry()->food;

        return $food === null ? 0.0 : $food->inPlants * $this->uptake()->ofDay($day);
    }

    /** Day as a number. */
    public static function day(CarbonImmutable $at): float
    {
        return $at->getTimestamp() / 86400.0;
    }

    public static function isInFood(Parameter $parameter): bool
    {
        return in_array($parameter, [Parameter::Nitrate, Parameter::Phosphate], true);
    }

    /** mg/L that the food of the animals brings on a day; nothing where nobody said what they are given. */
    public function fed(Parameter $parameter, float $day): float
    {
        return self::isInFood($parameter) && ($grams = $this->grams[(int) floor($day)] ??= $this->grams($day)) > 0.0
            ? $grams * ($this->perGram[$parameter->value] ??= Meal::of(1.0, $this->tank->food_protein, $this->litres())->value($parameter->value))
            : 0.0;
    }

    /** The same as the mean over a week. */
    public function fedAtMean(Parameter $parameter): float
    {
        return self::isInFood($parameter)
            ? array_sum(array_map(fn(int $days): float => $this->fed($parameter, floor(self::day($this->now)) + $days), range(1, 7))) / 7.0
            : 0.0;
    }

    /** Food of the animals on the day of the keeper's calendar, g. */
    private function grams(float $day): float
    {
        $local = $this->tank->keeper->show()->local(CarbonImmutable::createFromTimestampUTC((int) floor($day) * 86_400 + 43_200));
        $date = $local->format('Y-m-d');
        $spell = $this->tank->feedingOverrides->isEmpty()
            ? null
            : $this->tank->feedingOverrides->last(static fn(FeedingOverride $spell): bool => $spell->from_day->format('Y-m-d') <= $date
                && $date <= $spell->until_day->format('Y-m-d'));

        return match (true) {
            $spell !== null => $spell->grams,
            $this->tank->fasting_day === $local->dayOfWeek => 0.0,
            default => $this->tank->food_grams ?? 0.0,
        };
    }

    /** What planned doses bring in a day, as the mean over their days; of conductivity in strength. */
    public function dosedAtMean(Parameter $parameter): float
    {
        $today = $this->tank->keeper->show()->local($this->now)->startOfDay();
        $dosed = 0.0;
        foreach ($this->tank->dosePlans as $plan) {
            if ($plan->next($today) !== null && ($plan->emptyIn($today) ?? 1) > 0) {
                $dosed += self::brought($parameter, $this->brings($plan, $plan->given())) / max(1, $plan->every);
            }
        }

        return $dosed;
    }

    /** @return array<string, float> mg/L by parameter value that so much of it brings to this tank */
    public function brings(DosePlan $plan, float $amount): array
    {
        $feed = $plan->product->toFeed($this->tank->keeper->scale_step);

        return $feed === null ? [] : array_map(fn(float $milligrams): float => $milligrams * $amount / $this->litres(), $feed->milligrams);
    }

    /**
     * From when on the log tells of each: half a year before its last reading, or before the last change where it was never read, whenever
     * that is asked; from its fresh start where the keeper made one.
     *
     * @param list<Parameter> $parameters
     *
     * @return array<string, CarbonImmutable> by parameter value
     */
    private function since(array $parameters): array
    {
        $changed = DB::table('water_changes')->where('tank_id', $this->tank->id)->where('changed_at', '<=', $this->now)->max('changed_at');
        $farthest = $this->now->startOfDay()->subDays(self::FARTHEST);
        $last = DB::table('readings')->where('tank_id', $this->tank->id)->whereIn('parameter', $parameters)->where('taken_at', '<=', $this->now)
            ->groupBy('parameter')->selectRaw('parameter, max(taken_at) as at')->pluck('at', 'parameter');
        $anew = LearningReset::ofTanks([$this->tank->id])[$this->tank->id] ?? [];
        $since = [];
        foreach ($parameters as $parameter) {
            $at = $last->get($parameter->value);
            $read = is_string($at) ? CarbonImmutable::parse($at, 'UTC') : null;
            $newest = $read ?? (is_string($changed) ? CarbonImmutable::parse($changed, 'UTC') : $this->tank->created_at ?? $this->now);
            $from = $newest->startOfDay()->subDays(self::DAYS)->max($farthest);
            // What a tank makes is learned again; where it stands is still what was read last.
            $begun = $anew[LearningReset::MADE.$parameter->value] ?? $from;
            $since[$parameter->value] = $from->max($read === null ? $begun : $begun->min($read));
        }

        return $since;
    }

    /**
     * @param list<Parameter> $parameters
     *
     * @return array<string, list<Event>> by parameter value, in the base unit; of conductivity in strength
     */
    public function until(array $parameters): array
    {
        $since = $this->since($parameters);
        if ($since === []) {
            return [];
        }
        $first = CarbonImmutable::createFromTimestampUTC(min(array_map(static fn(CarbonImmutable $at): int => $at->getTimestamp(), $since)));
        // Where hardness is read a reading of magnesium is one of calcium.
        $asked = in_array(Parameter::Calcium, $parameters, true) ? [...$parameters, Parameter::GeneralHardness, Parameter::Magnesium] : $parameters;
        $readings = Reading::query()->where('tank_id', $this->tank->id)->whereIn('parameter', $asked)->where('taken_at', '>=', $first)
            ->where('taken_at', '<=', $this->now)->orderBy('taken_at')->orderBy('id')->get()
            ->groupBy(static fn(Reading $reading): string => $reading->parameter->value);
        $changes = WaterChange::query()->where('water_changes.tank_id', $this->tank->id)->where('changed_at', '>=', $first)
            ->where('changed_at', '<=', $this->now)
            // By a checklist the water changed when it was let in, before the reading right after.
            ->leftJoin(
                'checklist_steps',
                static fn(JoinClause $join) => $join->on('checklist_steps.checklist_id', '=', 'water_changes.checklist_id')
                    ->where('checklist_steps.job', 'refill')->whereNotNull('checklist_steps.done_at'),
            )
            ->groupBy('water_changes.id')->orderBy('changed_at')->select('water_changes.*')->selectRaw('max(checklist_steps.done_at) as filled_at')->get();
        $days = array_values($changes->map(self::filled(...))->all());
        $topOffs = $this->tank->topOffs()->where('taken_at', '>=', $first)->where('taken_at', '<=', $this->now)->whereNotNull('source_water_id')->get();
        $waters = $topOffs->pluck('source_water_id')->concat($changes->pluck('source_water_id'))->filter()->unique();
        $held = $waters->isEmpty()
            ? new Collection()
            : Reading::query()->whereIn('source_water_id', $waters)->whereIn('parameter', $parameters)->orderBy('taken_at')->orderBy('id')->get();
        $given = $this->given($first);
        $cuts = $this->cuts($first);
        $all = [];
        foreach ($parameters as $parameter) {
            $balance = $parameter->entry()->balance;
            $from = $since[$parameter->value];
            $begin = self::day($from);
            $events = [];
            foreach ($readings->get($parameter->value) ?? [] as $reading) {
                $at = self::day($reading->taken_at);
                $events[] = self::read($parameter, in_array($at, $days, true) ? $at + self::AFTER : $at, $reading->toCore());
            }
            if ($parameter === Parameter::Calcium) {
                $events = [...$events, ...self::calcium($readings->get(Parameter::GeneralHardness->value), $readings->get(Parameter::Magnesium->value))];
            }
            foreach ($changes->values() as $i => $change) {
                if ($days[$i] >= $begin) {
                    $events[] = self::changed($parameter, $balance, $days[$i], $change, $held);
                }
            }
            // What evaporates leaves all behind, so that a top-off raises the tank by what it holds itself.
            foreach ($topOffs as $topOff) {
                $events[] = Event::added(
                    self::day($topOff->taken_at),
                    self::inBalance(
                        $parameter,
                        $topOff->litres / $this->litres() * (self::held($held, $topOff->source_water_id, $topOff->taken_at, $parameter)?->central() ?? 0.0),
                    ),
                );
            }
            foreach ($given as [$day, $brings]) {
                $brought = self::brought($parameter, $brings);
                if ($brought > 0.0) {
                    $events[] = Event::dosed($day, $brought);
                }
            }
            $events = [...$events, ...$this->daily($parameter, $from, $this->now)];
            foreach ($parameter->entry()->food === null ? [] : $cuts as $day) {
                $events[] = Event::turned($day, self::CUT * $this->takenUp($parameter));
            }
            $all[$parameter->value] = array_values(array_filter($events, static fn(Event $event): bool => $event->day >= $begin));
        }

        return $all;
    }

    /**
     * Readings of magnesium as readings of calcium: hardness of the same time less magnesium.
     *
     * @param Collection<int, Reading>|null $hardness  in the order of their days
     * @param Collection<int, Reading>|null $magnesium
     *
     * @return list<Event>
     */
    private static function calcium(?Collection $hardness, ?Collection $magnesium): array
    {
        $events = [];
        foreach ($magnesium ?? [] as $reading) {
            $near = $hardness?->sortBy(static fn(Reading $other): int => abs($other->taken_at->getTimestamp() - $reading->taken_at->getTimestamp()))->first();
            if ($near === null || abs(self::day($near->taken_at) - self::day($reading->taken_at)) > self::TOGETHER) {
                continue;
            }
            [$whole, $part] = [$near->toCore(), $reading->toCore()];
            [$calcium, $inMagnesium] = [Parameter::Calcium->entry()->food->molarMass ?? 0.0, Parameter::Magnesium->entry()->food->molarMass ?? INF];
            $off = static fn(TestResult $read): float => hypot($read->distribution()->spread(), $read->method->kitOff() * $read->distribution()->central());
            $events[] = Event::read(
                self::day($reading->taken_at),
                max(0.0, $calcium * ($whole->distribution()->central() - $part->distribution()->central() / $inMagnesium)),
                $calcium * hypot($off($whole), $off($part) / $inMagnesium),
                0.0,
            );
        }

        return $events;
    }

    /**
     * What comes without anybody writing it down since a moment: meals, what soil and root tabs give, planned doses.
     *
     * @return list<Event>
     */
    public function unwritten(Parameter $parameter, float $day): array
    {
        $since = CarbonImmutable::createFromTimestampUTC((int) floor(86_400.0 * $day));
        $events = $this->daily($parameter, $since, $this->now);
        foreach ($this->planned($since) as [$at, $brings]) {
            $brought = self::brought($parameter, $brings);
            if ($brought > 0.0 && $at > $day + self::AFTER) {
                $events[] = Event::dosed($at, $brought);
            }
        }

        return $events;
    }

    /** @return list<Event> meals, and what soil and root tabs give */
    private function daily(Parameter $parameter, CarbonImmutable $since, CarbonImmutable $until): array
    {
        if ($parameter->entry()->food === null && $parameter !== Parameter::Conductivity) {
            return [];
        }
        $events = [];
        for ($day = floor(self::day($since)) + 1.0; $day <= self::day($until); ++$day) {
            $comes = $parameter === Parameter::Conductivity
                ? self::CONDUCTS_FED * $this->fed(Parameter::Nitrate, $day)
                : $this->fed($parameter, $day) + $this->slow()->gives($parameter, $day);
            if ($comes > 0.0) {
                $events[] = Event::added($day, $comes);
            }
        }

        return $events;
    }

    /** @param array<string, float> $brings mg/L by parameter value */
    private static function brought(Parameter $parameter, array $brings): float
    {
        if ($parameter !== Parameter::Conductivity) {
            // Calcium and magnesium of a dose are hardness too.
            return $parameter !== Parameter::GeneralHardness ? $brings[$parameter->value] ?? 0.0
                : array_sum(array_map(
                    static fn(Parameter $part): float => ($brings[$part->value] ?? 0.0) / ($part->entry()->food->molarMass ?? INF),
                    [Parameter::Calcium, Parameter::Magnesium],
                ));
        }
        $strength = $charge = 0.0;
        foreach (self::IONS as $name => [$conducts, $each]) {
            $millimole = ($brings[$name] ?? 0.0) / (Parameter::from($name)->entry()->food->molarMass ?? INF);
            $strength += $conducts * $millimole;
            $charge += $each * $millimole;
        }
        $strength += $charge > 0.0 ? self::BALANCING[0] * $charge : -self::BALANCING[1] * $charge;

        return $strength;
    }

    /** A reading as what a course meets. */
    public static function read(Parameter $parameter, float $day, TestResult $reading): Event
    {
        $seen = $reading->distribution();
        $kit = $reading->method->kitOff();

        return match (true) {
            $parameter === Parameter::Conductivity => Event::read(
                $day,
                Strength::of($seen->central()),
                $reading->ownSpread() * Strength::each($seen->central()),
                $kit,
            ),
            // A field of a chart tells its two ends, and the top one a lower end alone; a shade in between leans to one side.
            $reading->isCensored() => Event::field($day, $reading->low, INF, self::EYE, $kit),
            $reading->method === ReadingMethod::AtField && $reading->high > $reading->low => Event::field($day, $reading->low, $reading->high, self::EYE, $kit),
            $reading->method === ReadingMethod::Drops && $reading->high > $reading->low => Event::field($day, $reading->low, $reading->high, 0.0, $kit),
            default => Event::read(
                $day,
                $seen->central(),
                $reading->method === ReadingMethod::Between ? hypot($seen->spread(), self::EYE * $seen->central()) : $reading->ownSpread(),
                $kit,
            ),
        };
    }

    /** @param Collection<int, Reading> $held of the waters that went in */
    private static function changed(Parameter $parameter, ?LevelPrior $balance, float $day, WaterChange $change, Collection $held): Event
    {
        $source = $change->forecast->row($parameter)->source;
        // A water that nobody had read by then counts with what was read of it first.
        $first = $source === null && $change->source_water_id !== null ? self::held($held, $change->source_water_id, $change->changed_at, $parameter) : null;
        [$central, $spread] = $first !== null
            ? [$first->central(), $first->spread()]
            : [$source->central ?? $balance->source ?? 0.0, $source->spread ?? $balance->sourceOff ?? 0.0];

        return Event::changed(
            $day,
            max(0.0, min(1.0, $change->share)),
            self::inBalance($parameter, $central),
            $parameter === Parameter::Conductivity ? $spread * Strength::each($central) : $spread,
        );
    }

    /** A level as it is conserved: conductivity as strength. */
    private static function inBalance(Parameter $parameter, float $level): float
    {
        return $parameter === Parameter::Conductivity ? Strength::of($level) : $level;
    }

    /**
     * What a water held, by the last reading before a moment, or the first there is; null where it was never read.
     *
     * @param Collection<int, Reading> $readings in the order of their days
     */
    private static function held(Collection $readings, ?int $water, CarbonImmutable $at, Parameter $parameter): ?Distribution
    {
        $found = null;
        foreach ($readings as $reading) {
            if ($reading->source_water_id === $water && $reading->parameter === $parameter && ($found === null || $reading->taken_at->lessThanOrEqualTo($at))) {
                $found = $reading;
            }
        }

        return $found?->toCore()->distribution();
    }

    /** Day on which the new water was let in. */
    private static function filled(WaterChange $change): float
    {
        $filled = $change->getAttribute('filled_at');

        return self::day(is_string($filled) ? CarbonImmutable::parse($filled, 'UTC') : $change->changed_at);
    }

    /** @return list<array{float, array<string, float>}> day and mg/L by parameter value of all doses that were given, or that nobody said were not */
    private function given(CarbonImmutable $since): array
    {
        $given = [];
        foreach (DB::table('doses')->where('tank_id', $this->tank->id)->where('given_at', '>=', $since)->where('given_at', '<=', $this->now)
            ->get(['given_at', 'brings', 'missed']) as $row) {
            $brings = is_string($row->brings) && !(bool) $row->missed ? json_decode($row->brings, true) : null;
            if (is_array($brings) && is_string($row->given_at)) {
                $given[] = [(float) strtotime($row->given_at.' UTC') / 86400.0, array_map(
                    static fn(mixed $number): float => is_numeric($number) ? (float) $number : 0.0,
                    array_filter($brings, is_string(...), ARRAY_FILTER_USE_KEY),
                )];
            }
        }

        return [...$given, ...$this->planned($since)];
    }

    /**
     * Planned doses of the days before today of which nobody noted anything: they count as given when their day is over.
     *
     * @return list<array{float, array<string, float>}> day and mg/L by parameter value
     */
    private function planned(CarbonImmutable $since): array
    {
        $show = $this->tank->keeper->show();
        $first = $show->local($since)->format('Y-m-d');

        return $this->tank->dosePlans->isEmpty() ? [] : $this->planned[$first] ??= $this->plannedFrom($first, $show->local($this->now)->startOfDay());
    }

    /** @return list<array{float, array<string, float>}> */
    private function plannedFrom(string $first, CarbonImmutable $today): array
    {
        $noted = [];
        foreach (DB::table('doses')->where('tank_id', $this->tank->id)->where('day', '>=', $first)->get(['product_id', 'day']) as $row) {
            $noted[(is_numeric($row->product_id) ? (int) $row->product_id : 0).' '.(is_string($row->day) ? substr($row->day, 0, 10) : '')] = true;
        }
        $given = [];
        foreach ($this->tank->dosePlans as $plan) {
            $brings = $this->brings($plan, $plan->given());
            // From a bottle that is empty a pump gives nothing.
            $end = $today->addDays(min(0, $plan->emptyIn($today) ?? 0));
            for ($day = CarbonImmutable::parse(
                max($plan->starts_on->format('Y-m-d'), $first),
                $today->getTimezone(),
            ); $day->lessThan($end); $day = $day->addDay()) {
                if ($plan->falls($day) && !isset($noted[$plan->product_id.' '.$day->format('Y-m-d')])) {
                    $given[] = [self::day($day->addDay()->utc()), $brings];
                }
            }
        }

        return $given;
    }

    /** @return list<float> days on which plants were cut */
    private function cuts(CarbonImmutable $since): array
    {
        $days = DB::table('plant_measurements')->join('plant_groups', 'plant_groups.id', '=', 'plant_measurements.plant_group_id')
            ->where('plant_groups.tank_id', $this->tank->id)->where('happened_at', '>=', $since)->where('happened_at', '<=', $this->now)
            ->where(static fn(Builder $looks) => $looks->whereNotNull('before')->orWhereNotNull('cover_before'))->distinct()->orderBy('happened_at')
            ->pluck('happened_at')->all();

        return array_values(array_unique(array_map(
            static fn(mixed $at): float => floor(self::day(CarbonImmutable::parse(is_string($at) ? $at : 'now', 'UTC'))),
            $days,
        )));
    }
}
