<?php

declare(strict_types=1);

namespace App\Known;

use App\Kept\ForecastRecord;
use App\Models\DataVersion;
use App\Models\Dose;
use App\Models\DosePlan;
use App\Models\FoodSpell;
use App\Models\Reading;
use App\Models\Tank;
use App\Models\WaterChange;
use App\Units\Span;
use Carbon\CarbonImmutable;
use Cresco\Core\Change\Steady;
use Cresco\Core\Food\Chelate;
use Cresco\Core\Food\Course;
use Cresco\Core\Food\EventKind;
use Cresco\Core\Food\FeedingSchool;
use Cresco\Core\Food\FoodEvent;
use Cresco\Core\Food\LevelSince;
use Cresco\Core\Food\Meal;
use Cresco\Core\Measure\Method;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Nutrient;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\Growth;
use Cresco\Core\Water\WaterState;
use Cresco\Core\Working\Computation;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use LogicException;

/** What the plants of a tank are fed with: where each nutrient stands, what comes and goes, and what is planned. */
final class FoodOf
{
    /** Share by which the eye is off at a chart, a standard deviation. House default. */
    private const EYE = 0.08;

    /** Days of the diary that a course is found from. House default. */
    public const DAYS = 180;

    /** Days that are looked ahead. */
    public const AHEAD = 56;

    /** Days from now to a dose of today. */
    private const SOON = 0.1;

    /** Days of the past that are shown. */
    public const SHOWN = 56;

    /** Changes with the way in which a course is found. */
    private const VERSION = 12;

    /** Share of a day's uptake by which a cut may move the rate, a standard deviation. House default. */
    private const CUT = 0.5;

    /** pH of a tank in which it was never read. House default. */
    private const PH = 7.0;

    /** Share of phosphate that soil and iron bind in a day. House default. */
    private const PHOSPHATE_BOUND = 0.02;

    /** By which a guessed level may be off at first, as a share of it. House default. */
    private const START = 0.7;

    public readonly float $litres;

    /** @var Collection<int, Dose>|null */
    private ?Collection $doses = null;

    /** Days of which doses are at hand one by one. */
    private const AT_HAND = 21;

    private readonly CarbonImmutable $now;

    private readonly CarbonImmutable $since;

    private readonly Uptake $uptake;

    public readonly SlowFoodOf $slow;

    /** @var array<string, Course> */
    private array $courses = [];

    /** @var array<string, array{int, string, string}>|null by parameter value: readings of a course, and itself and how it goes on as they are kept */
    private ?array $kept = null;

    private ?WaterState $new = null;

    private ?int $change = null;

    /** @var array<string, Course> as they go on with what is planned */
    private array $ahead = [];

    /** @var array<int, float>|null */
    private ?array $meals = null;

    /** @var array<mixed>|null jars of which a dose of today was noted */
    private ?array $noted = null;

    /** @var list<array{brings: array<string, float>, every: int, from: int, until?: int}>|null */
    private ?array $asPlanned = null;

    /** @var array<string, float> mg/L for a gram of food, by parameter value */
    private array $perGram = [];

    private function __construct(public readonly Tank $tank)
    {
        $this->now = CarbonImmutable::now();
        $this->since = $this->now->startOfDay()->subDays(self::DAYS);
        $this->litres = VesselOf::tank($tank)->litres();
        $tank->loadMissing('dosePlans');
        if ($tank->relationLoaded('keeper') && $tank->keeper->relationLoaded('jars')) {
            foreach ($tank->dosePlans as $plan) {
                $jar = $tank->keeper->jars->find($plan->jar_id);
                $jar === null ?: $plan->setRelation('jar', $jar);
            }
        }
        $tank->loadMissing(['dosePlans.jar', 'foodSpells', 'devices']);
        $this->uptake = Uptake::of($tank, $this->litres);
        $this->slow = new SlowFoodOf($tank, $this->litres);
    }

    public static function tank(Tank $tank): self
    {
        return new self($tank);
    }

    /** The keeper's school, or the one that suits a tank like this. */
    public function school(): FeedingSchool
    {
        return $this->tank->feeding_school ?? (LightOf::carbonDioxide($this->tank) >= Growth::IS_GAS ? FeedingSchool::Lean : FeedingSchool::LowEnergy);
    }

    /** @return Collection<int, Dose> noted in the last days */
    public function doses(): Collection
    {
        return $this->doses ??= $this->tank->doses()->where('given_at', '>=', $this->now->subDays(self::AT_HAND))->get();
    }

    public function course(Parameter $nutrient): Course
    {
        return $this->courses[$nutrient->value] ??= self::unpacked($this->kept($nutrient)[1]);
    }

    /** The same nutrient in the next weeks, with what is planned. */
    public function ahead(Parameter $nutrient): Course
    {
        return $this->ahead[$nutrient->value] ??= self::unpacked($this->kept($nutrient)[2]);
    }

    /** Whether it was ever read in the days that its course is found from. */
    public function isRead(Parameter $nutrient): bool
    {
        return $this->kept($nutrient)[0] > 0;
    }

    /**
     * Whether the last reading and the estimate do not go together: their bands do not meet. One of the two is wrong, and a dose upon either may
     * do harm; a second reading settles it.
     */
    public function isDoubted(Parameter $nutrient): bool
    {
        $reading = Reading::query()->where('tank_id', $this->tank->id)->where('parameter', $nutrient)->where('taken_at', '>=', $this->since)->orderByDesc('taken_at')->orderByDesc('id')->first();
        $point = $reading === null ? null : $this->course($nutrient)->at($this->day($reading->taken_at) + 1e-4);
        $read = $reading?->toCore()->distribution();

        return $this->course($nutrient)->isOpen() || ($point !== null && $read !== null && ($read->quantile(0.1) > $point->high || $read->quantile(0.9) < $point->low));
    }

    /** Whether anything is drawn that could be fed. */
    public function hasPlants(): bool
    {
        return $this->uptake->key() !== '';
    }

    private ?float $ironLost = null;

    private function ironLost(): float
    {
        $brings = [];
        foreach ($this->tank->loadMissing('dosePlans.jar')->dosePlans as $plan) {
            $iron = $this->brings($plan, $plan->given())[Parameter::Iron->value] ?? 0.0;
            if ($iron > 0.0) {
                $brings[] = [$plan->jar->chelate(), $iron / max(1, $plan->every)];
            }
        }
        $ph = $brings === [] ? self::PH : DB::table('readings')->where('tank_id', $this->tank->id)->where('parameter', Parameter::Acidity)->orderByDesc('taken_at')->value('value');

        return Chelate::loss($brings, is_numeric($ph) ? max(3.0, min(11.0, round((float) $ph, 1))) : self::PH);
    }

    /** Taken up by the stands in a day, so many days from now, mg/L. */
    public function uptake(Parameter $nutrient, int $day = 0): float
    {
        return self::food($nutrient)->inPlants * $this->uptake->ofDay($day);
    }

    /** Share of a nutrient that is lost in a day, as a rate: iron by what holds it and by pH, phosphate to soil and iron. */
    public function loss(Parameter $nutrient): float
    {
        return match ($nutrient) {
            Parameter::Iron => $this->ironLost ??= $this->ironLost(),
            Parameter::Phosphate => self::PHOSPHATE_BOUND,
            default => 0.0,
        };
    }

    /** What the new water of the next change will hold of it. */
    public function source(Parameter $nutrient): Normal
    {
        $known = ($this->new ??= $this->newWater())->get($nutrient);

        return $known === null ? self::unread($nutrient) : new Normal($known->central(), $known->spread());
    }

    private function newWater(): WaterState
    {
        $this->tank->loadMissing(['water', 'secondWater']);
        $water = $this->tank->keeper->waters->isEmpty() ? null : UsualWater::of($this->tank);

        if ($water === null) {
            return new WaterState('', []);
        }
        $ids = array_values(array_filter([$water->id, $this->tank->second_water_id]));
        $state = Waters::around($this->tank, $ids)->blend($water, $this->tank->secondWater, $this->tank->second_share);

        return NutrientsOf::fill($state, $water, $this->tank->secondWater, $this->tank->second_share);
    }

    /** Days from now to the next change of the routine, at least one. */
    public function nextChange(): int
    {
        return $this->change ??= $this->findChange();
    }

    private function findChange(): int
    {
        $last = WaterChange::query()->where('tank_id', $this->tank->id)->max('changed_at');

        return is_string($last) ? max(1, $this->tank->routine_days - (int) floor(Span::days(CarbonImmutable::parse($last, 'UTC'), $this->now))) : $this->tank->routine_days;
    }

    /**
     * What comes to a nutrient in the next weeks.
     *
     * @param list<array{brings: array<string, float>, every: int, from: int, until?: int}> $doses mg/L by parameter value, days between, and the first day from now
     * @param float|null $share  of each change; null for the routine
     * @param float      $meals  of the usual food, 1 for as it is
     *
     * @return list<FoodEvent> by day from now
     */
    public function coming(Parameter $nutrient, array $doses, ?float $share = null, float $meals = 1.0): array
    {
        $source = $this->source($nutrient);
        $today = $this->day($this->now);
        $events = [];
        for ($day = $this->nextChange(); $day <= self::AHEAD; $day += max(1, $this->tank->routine_days)) {
            $events[] = FoodEvent::changed($today + $day, $share ?? $this->tank->routine_share, $source->central(), $source->spread());
        }
        foreach ($doses as $dose) {
            $brings = $dose['brings'][$nutrient->value] ?? 0.0;
            for ($day = $dose['from']; $brings > 0.0 && $day <= min(self::AHEAD, $dose['until'] ?? self::AHEAD); $day += max(1, $dose['every'])) {
                // What falls on today and was not noted yet is given in a while.
                $events[] = FoodEvent::added($today + max(self::SOON, (float) $day), $brings);
            }
        }
        foreach (self::isInFood($nutrient) ? $this->mealsAhead() : [] as $day => $grams) {
            if ($meals * $grams > 0.0) {
                $events[] = FoodEvent::added($today + $day, $meals * $grams * $this->perGram($nutrient));
            }
        }
        for ($day = 1; $day <= self::AHEAD; ++$day) {
            $gives = $this->slow->gives($nutrient, $today + $day);
            if ($gives > 0.0) {
                $events[] = FoodEvent::added($today + $day, $gives);
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
                $planned[] = ['brings' => $this->brings($plan, $amounts[$plan->id] ?? $plan->given()), 'every' => max(1, $plan->every), 'from' => $from === 0 && $this->isNoted($plan, $local) ? max(1, $plan->every) : $from, 'until' => $plan->endsIn($local) ?? self::AHEAD];
            }
        }

        return $planned;
    }

    /** Whether something was noted of the dose of today. */
    private function isNoted(DosePlan $plan, CarbonImmutable $today): bool
    {
        return in_array($plan->jar_id, $this->noted ??= DB::table('doses')->where('tank_id', $this->tank->id)
            ->whereIn('jar_id', $this->tank->dosePlans->pluck('jar_id'))->where('day', $today->format('Y-m-d'))->pluck('jar_id')->all(), true);
    }

    /** @return array<string, float> mg/L by parameter value that so much of it brings to this tank */
    public function brings(DosePlan $plan, float $amount): array
    {
        $feed = $plan->jar->toFeed($this->tank->keeper->scale_step);

        return $feed === null ? [] : array_map(fn(float $milligrams): float => $milligrams * $amount / $this->litres, $feed->milligrams);
    }

    /** @return list<float> how the rate of each of the next days differs from today's, as the stands grow, mg/L a day */
    public function turns(Parameter $nutrient): array
    {
        return array_map(fn(int $day): float => $this->uptake($nutrient) - $this->uptake($nutrient, $day), range(0, self::AHEAD));
    }

    /** Day as a number. */
    public function day(CarbonImmutable $at): float
    {
        return $at->getTimestamp() / 86400.0;
    }

    /** mg/L that the food of the animals brings on a day; nothing where nobody said what they are given. */
    public function fed(Parameter $nutrient, CarbonImmutable $at): float
    {
        return self::isInFood($nutrient) && ($grams = $this->grams($at)) > 0.0 ? $grams * $this->perGram($nutrient) : 0.0;
    }

    public static function isInFood(Parameter $nutrient): bool
    {
        return in_array($nutrient, [Parameter::Nitrate, Parameter::Phosphate], true);
    }

    /** @return array<int, float> food of the animals in g by days from now */
    private function mealsAhead(): array
    {
        if ($this->meals === null) {
            $this->meals = [];
            // Days of the keeper's calendar: none is longer than another.
            $noon = strtotime($this->tank->keeper->show()->local($this->now)->format('Y-m-d').' 12:00 UTC');
            for ($day = 1; $day <= self::AHEAD; ++$day) {
                $this->meals[$day] = $this->gramsOn(gmdate('Y-m-d', $noon + 86400 * $day), (int) gmdate('w', $noon + 86400 * $day));
            }
        }

        return $this->meals;
    }

    /** The same as the mean over a week. */
    public function fedAtMean(Parameter $nutrient): float
    {
        return array_sum(array_map(fn(int $day): float => $this->fed($nutrient, $this->now->addDays($day)), range(1, 7))) / 7.0;
    }

    /** Food of the animals on a day, g. */
    public function grams(CarbonImmutable $at): float
    {
        $local = $this->tank->keeper->show()->local($at);

        return $this->gramsOn($local->format('Y-m-d'), $local->dayOfWeek);
    }

    private function gramsOn(string $day, int $weekday): float
    {
        $spell = $this->tank->foodSpells->isEmpty() ? null : $this->tank->foodSpells->last(static fn(FoodSpell $spell): bool => $spell->from_day->format('Y-m-d') <= $day && $day <= $spell->until_day->format('Y-m-d'));

        return match (true) {
            $spell !== null => $spell->grams,
            $this->tank->fasting_day === $weekday => 0.0,
            default => $this->tank->food_grams ?? 0.0,
        };
    }

    private function perGram(Parameter $nutrient): float
    {
        return $this->perGram[$nutrient->value] ??= Meal::of(1.0, $this->tank->food_protein, $this->litres)->value($nutrient->value);
    }

    private static function unread(Parameter $nutrient): Normal
    {
        $food = self::food($nutrient);

        return new Normal($food->source, $food->sourceOff);
    }

    private static function food(Parameter $nutrient): Nutrient
    {
        return $nutrient->entry()->food ?? new Nutrient(0.0, 1.0, 0.1, 1.0, null, 1.0, 0.0);
    }

    /**
     * A nutrient as it was found from the diary; kept until that changes.
     *
     * @return array{int, string, string}
     */
    private function kept(Parameter $nutrient): array
    {
        return ($this->kept ??= $this->keep())[$nutrient->value];
    }

    /** @return array<string, array{int, string, string}> */
    private function keep(): array
    {
        $name = 'food.'.$this->tank->id;
        $key = hash('xxh128', serialize([
            self::VERSION, DataVersion::ofTanks([$this->tank->id]), $this->uptake->key(), $this->now->format('Y-m-d H'),
        ]));
        $kept = Cache::get($name);
        if (is_array($kept) && ($kept[0] ?? null) === $key && is_array($kept[1] ?? null) && is_array($kept[3] ?? null)) {
            $this->slow->recall($kept[3]);
            $new = is_string($kept[2] ?? null) ? unserialize($kept[2]) : null;
            $this->new = $new instanceof WaterState ? $new : null;

            return self::onlyPacked($kept[1]);
        }
        $courses = $this->find();
        $planned = $this->planned();
        $packed = [];
        foreach (Parameter::nutrients() as $nutrient) {
            $this->courses[$nutrient->value] = $course = $courses[$nutrient->value];
            $this->ahead[$nutrient->value] = $course->ahead($this->coming($nutrient, $planned), $course->day + self::AHEAD, $this->turns($nutrient))->thinned();
            $packed[$nutrient->value] = [$course->count, serialize($course), serialize($this->ahead[$nutrient->value])];
        }
        Cache::put($name, [$key, $packed, serialize($this->new), $this->slow->toKeep()], 7200);

        return $packed;
    }

    /**
     * @param array<mixed> $kept
     *
     * @return array<string, array{int, string, string}>
     */
    private static function onlyPacked(array $kept): array
    {
        $packed = [];
        foreach ($kept as $name => $of) {
            if (is_array($of) && is_int($of[0] ?? null) && is_string($of[1] ?? null) && is_string($of[2] ?? null)) {
                $packed[(string) $name] = [$of[0], $of[1], $of[2]];
            }
        }

        return $packed;
    }

    private static function unpacked(string $kept): Course
    {
        $course = unserialize($kept);

        return $course instanceof Course ? $course : throw new LogicException('What is kept of a course is none.');
    }

    /** @return array<string, Course> */
    private function find(): array
    {
        $courses = [];
        foreach ($this->events(Parameter::nutrients()) as $name => [$nutrient, $events]) {
            $read = array_values(array_filter($events, static fn(FoodEvent $event): bool => $event->kind === EventKind::Read));
            $first = ($read[0] ?? null)->value ?? $this->usual($nutrient);
            $courses[$name] = Course::fitted(
                self::food($nutrient),
                new Normal($first, max(self::START * $first, self::food($nutrient)->sourceOff)),
                $this->guess($nutrient),
                $this->loss($nutrient),
                $events,
                // Before the first reading nothing is known that the guess does not say, and before the diary not even what was changed.
                max($this->day($this->since), $read === [] ? $this->begins($events) : $read[0]->day - 0.5),
                $this->day($this->now),
            )->since(max($this->day($this->now) - self::SHOWN, ($read[0] ?? null)->day ?? 0.0) + 1e-6)->thinned();
        }

        return $courses;
    }

    /** How the level of a nutrient came about since it was last read, in the unit that its keeper reads it in. */
    public function levelWorking(Parameter $nutrient): Computation
    {
        $unit = $this->tank->keeper->show()->unit($nutrient);

        return LevelSince::working($this->course($nutrient), $this->events([$nutrient])[$nutrient->value][1], $nutrient->word(), $unit->label, $unit->fromBase(1.0));
    }

    /**
     * What the diary says of nutrients, readings first and by their day.
     *
     * @param list<Parameter> $nutrients
     *
     * @return array<string, array{Parameter, list<FoodEvent>}> by parameter value
     */
    private function events(array $nutrients): array
    {
        $readings = Reading::query()->where('tank_id', $this->tank->id)->whereIn('parameter', $nutrients)->where('taken_at', '>=', $this->since)->orderBy('taken_at')->orderBy('id')->get()
            ->groupBy(static fn(Reading $reading): string => $reading->parameter->value);
        $changes = WaterChange::query()->where('water_changes.tank_id', $this->tank->id)->where('changed_at', '>=', $this->since)
            ->leftJoin('run_steps', static fn(JoinClause $join) => $join->on('run_steps.run_id', '=', 'water_changes.run_id')->where('run_steps.job', 'refill')->whereNotNull('run_steps.done_at'))
            ->groupBy('water_changes.id')->orderBy('changed_at')->select('water_changes.*')->selectRaw('max(run_steps.done_at) as filled_at')->get();
        $forecasts = $changes->map(static fn(WaterChange $change): ForecastRecord => $change->forecast)->all();
        $given = $this->given();
        $cuts = $this->cuts();
        $all = [];
        foreach ($nutrients as $nutrient) {
            $events = [];
            foreach ($readings->get($nutrient->value) ?? [] as $reading) {
                $core = $reading->toCore();
                $seen = $core->distribution();
                $at = $this->day($reading->taken_at);
                // A field of a chart tells its two ends, and the top one a lower end alone; a shade in between leans to one side.
                $events[] = match (true) {
                    $core->isCensored() => FoodEvent::field($at, $core->low, INF, self::EYE),
                    $core->method === Method::AtField && $core->high > $core->low => FoodEvent::field($at, $core->low, $core->high, self::EYE),
                    default => FoodEvent::read($at, $seen->central(), $core->method === Method::Between ? hypot($seen->spread(), self::EYE * $seen->central()) : $seen->spread()),
                };
            }
            foreach ($changes as $i => $change) {
                $source = $forecasts[$i]->row($nutrient)->source;
                $unread = self::unread($nutrient);
                $at = $change->getAttribute('filled_at');
                $events[] = FoodEvent::changed($this->day(is_string($at) ? CarbonImmutable::parse($at, 'UTC') : $change->changed_at), max(0.0, min(1.0, $change->share)), $source->central ?? $unread->central(), $source->spread ?? $unread->spread());
            }
            foreach ($given as [$day, $brings]) {
                if (($brings[$nutrient->value] ?? 0.0) > 0.0) {
                    $events[] = FoodEvent::dosed($day, $brings[$nutrient->value]);
                }
            }
            for ($day = $this->since; $day->lessThan($this->now); $day = $day->addDay()) {
                $fed = $this->fed($nutrient, $day) + $this->slow->gives($nutrient, $this->day($day));
                if ($fed > 0.0) {
                    $events[] = FoodEvent::added($this->day($day), $fed);
                }
            }
            foreach ($cuts as $day) {
                $events[] = FoodEvent::turned($day, self::CUT * $this->uptake($nutrient));
            }
            $all[$nutrient->value] = [$nutrient, $events];
        }

        return $all;
    }

    /**
     * First day of what is written down of a tank that was never read: that of its first change or dose, or the one on which it was entered.
     *
     * @param list<FoodEvent> $events
     */
    private function begins(array $events): float
    {
        $first = $this->day($this->tank->created_at ?? $this->now);
        foreach ($events as $event) {
            $first = $event->kind === EventKind::Changed || $event->isDose ? min($first, $event->day) : $first;
        }

        return min($first, $this->day($this->now)) - 0.5;
    }

    /** About where a nutrient stands that was never read, mg/L: by its waters, the routine of the tank and the days that it has stood. */
    private function usual(Parameter $nutrient): float
    {
        return Steady::middle(
            $this->guess($nutrient)->central() + $this->fedAtMean($nutrient),
            max(0.01, min(1.0, $this->tank->routine_share)),
            max(1.0, (float) $this->tank->routine_days),
            $this->source($nutrient)->central(),
            $this->tank->started_on === null ? INF : max(0.0, Span::days($this->tank->started_on, $this->now)),
        );
    }

    /** What comes and goes unseen in a day before anything was read. */
    private function guess(Parameter $nutrient): Normal
    {
        $isFed = ($this->tank->food_grams ?? 0.0) > 0.0;
        $off = self::food($nutrient)->rate;
        // Without the food of the animals the keeper's own guess of what the tank makes stands for both.
        if ($nutrient === Parameter::Nitrate && !$isFed) {
            return new Normal($this->tank->nitrate_per_day - $this->uptake($nutrient), max($off, $this->uptake($nutrient) / 2.0));
        }

        return new Normal(-$this->uptake($nutrient), max($off, $this->uptake($nutrient) / 2.0));
    }

    /** @return list<array{float, array<string, float>}> day and mg/L by parameter value of all doses that were given, or that nobody said were not */
    private function given(): array
    {
        $given = $noted = [];
        foreach (DB::table('doses')->where('tank_id', $this->tank->id)->where('given_at', '>=', $this->since)->get(['jar_id', 'day', 'given_at', 'brings', 'missed']) as $row) {
            if (!is_string($row->given_at) || !is_string($row->brings) || !is_string($row->day)) {
                continue;
            }
            $noted[(is_numeric($row->jar_id) ? (int) $row->jar_id : 0).' '.substr($row->day, 0, 10)] = true;
            if (!(bool) $row->missed) {
                $brings = json_decode($row->brings, true);
                $given[] = [(float) strtotime($row->given_at.' UTC') / 86400.0, self::numbers(is_array($brings) ? $brings : [])];
            }
        }
        $show = $this->tank->keeper->show();
        $today = $show->local($this->now)->startOfDay();
        foreach ($this->tank->dosePlans as $plan) {
            $brings = $this->brings($plan, $plan->given());
            $start = max($plan->starts_on->format('Y-m-d'), $show->local($this->since)->format('Y-m-d'));
            // From a bottle that is empty a pump gives nothing.
            $end = $today->addDays(min(0, $plan->emptyIn($today) ?? 0));
            for ($day = CarbonImmutable::parse($start, $today->getTimezone()); $day->lessThan($end); $day = $day->addDay()) {
                if ($plan->falls($day) && !isset($noted[$plan->jar_id.' '.$day->format('Y-m-d')])) {
                    $given[] = [$this->day($day->setTime(12, 0)->utc()), $brings];
                }
            }
        }

        return $given;
    }

    /**
     * @param array<mixed> $kept
     *
     * @return array<string, float>
     */
    private static function numbers(array $kept): array
    {
        $numbers = [];
        foreach ($kept as $name => $number) {
            $numbers[(string) $name] = is_numeric($number) ? (float) $number : 0.0;
        }

        return $numbers;
    }

    /** @return list<float> days on which stands were cut */
    private function cuts(): array
    {
        $days = DB::table('stand_looks')->join('stands', 'stands.id', '=', 'stand_looks.stand_id')->where('stands.tank_id', $this->tank->id)->where('happened_at', '>=', $this->since)
            ->where(static fn(Builder $looks) => $looks->whereNotNull('before')->orWhereNotNull('cover_before'))->distinct()->orderBy('happened_at')->pluck('happened_at')->all();

        return array_values(array_unique(array_map(fn(mixed $at): float => floor($this->day(CarbonImmutable::parse(is_string($at) ? $at : 'now', 'UTC'))), $days)));
    }
}
