<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\DataVersion;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\Chelate;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\LevelPrior;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Course;
use Cresco\Core\State\Event;
use Cresco\Core\State\EventKind;
use Cresco\Core\State\Level;
use Cresco\Core\State\LevelSince;
use Cresco\Core\State\Posterior;
use Cresco\Core\State\Strength;
use Cresco\Core\Tank\PassiveSource;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\SteadyState;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Where everything that is conserved stands in a tank: the one estimate that every page asks. It is found from the log, kept as a row for
 * each parameter under the data version of the tank, and run on to now.
 */
final class LevelsQuery
{
    /** Changes with the way in which a course is found. */
    private const VERSION = 2;

    /** Days of the past that are drawn. */
    public const SHOWN = 56;

    /** pH of a tank in which it was never read. House default. */
    private const PH = 7.0;

    /** Share of phosphate that soil and iron bind in a day. House default. */
    private const PHOSPHATE_BOUND = 0.02;

    /** By which a guessed level may be off at first, as a share of it. House default. */
    private const START = 0.7;

    /** A keeper's guess of what a tank makes of nitrate is off by such a share of it, a standard deviation. House default. */
    private const GUESS = 1.0 / 3.0;

    private readonly CarbonImmutable $now;

    private ?TankEventsQuery $events = null;

    /** @var array<string, Course> */
    private array $courses = [];

    private ?float $ironLost = null;

    private ?WaterState $new = null;

    /** @param array<string, string> $rows as they are kept, by parameter value */
    private function __construct(public readonly Tank $tank, private readonly ?CarbonImmutable $until, private array $rows, private readonly int $version)
    {
        $this->now = ($until ?? CarbonImmutable::now())->utc();
    }

    public static function of(Tank $tank, ?CarbonImmutable $until = null): self
    {
        return self::ofMany([$tank], $until)[$tank->id];
    }

    /**
     * @param iterable<Tank>       $tanks
     * @param CarbonImmutable|null $until as it stood then; null for now
     *
     * @return array<int, self> by tank id
     */
    public static function ofMany(iterable $tanks, ?CarbonImmutable $until = null): array
    {
        $byId = [];
        foreach ($tanks as $tank) {
            $byId[$tank->id] = $tank;
        }
        if ($byId === []) {
            return [];
        }
        (new Collection($byId))->loadMissing(['keeper', 'dosePlans.product', 'feedingOverrides']);
        $versions = DataVersion::ofTanks(array_keys($byId));
        $rows = [];
        foreach ($until !== null ? [] : DB::table('water_states')->whereIn('tank_id', array_keys($byId))->get() as $row) {
            $id = is_numeric($row->tank_id) ? (int) $row->tank_id : 0;
            if (is_string($row->parameter) && is_string($row->course) && $row->version === self::mark($versions[$id] ?? 0)) {
                $rows[$id][$row->parameter] = $row->course;
            }
        }

        return array_map(static fn(Tank $tank): self => new self($tank, $until, $rows[$tank->id] ?? [], $versions[$tank->id] ?? 0), $byId);
    }

    private static function mark(int $version): string
    {
        return self::VERSION.'.'.$version;
    }

    /** What happened to it. */
    public function events(): TankEventsQuery
    {
        return $this->events ??= new TankEventsQuery($this->tank, $this->now);
    }

    /** Its course up to now. */
    public function course(Parameter $parameter): Course
    {
        $this->find([$parameter]);

        return $this->courses[$parameter->value];
    }

    /**
     * Finds several at once, as far as they are not kept.
     *
     * @param list<Parameter> $parameters
     */
    public function find(array $parameters): void
    {
        $missing = [];
        $hasRest = in_array(Parameter::Magnesium, $parameters, true) && !isset($this->courses[Parameter::Magnesium->value]);
        foreach ($hasRest ? [...$parameters, Parameter::GeneralHardness, Parameter::Calcium] : $parameters as $parameter) {
            if (isset($this->courses[$parameter->value])) {
                continue;
            }
            $kept = isset($this->rows[$parameter->value]) ? Course::kept((array) json_decode($this->rows[$parameter->value], true)) : null;
            if ($kept === null) {
                $missing[] = $parameter;
                continue;
            }
            $this->courses[$parameter->value] = $this->toNow($parameter, $kept);
        }
        $rows = [];
        foreach ($missing === [] ? [] : $this->events()->until($missing) as $name => $events) {
            $course = $this->fitted(Parameter::from($name), $events);
            $this->courses[$name] = $this->toNow(Parameter::from($name), $course);
            $rows[] = [
                'tank_id' => $this->tank->id, 'parameter' => $name, 'version' => self::mark($this->version),
                'course' => json_encode($course->toKeep(), JSON_THROW_ON_ERROR),
            ];
        }
        [$hardness, $calcium] = [$this->courses[Parameter::GeneralHardness->value] ?? null, $this->courses[Parameter::Calcium->value] ?? null];
        if ($hasRest && $hardness?->count > 0 && $calcium?->count > 0) {
            // Wherever hardness and a part of it are read the other part is the rest, so that the three never disagree.
            $this->courses[Parameter::Magnesium->value] = $hardness
                ->without($calcium, self::molarMass(Parameter::Magnesium), self::molarMass(Parameter::Magnesium) / self::molarMass(Parameter::Calcium));
        }
        if ($rows !== [] && $this->until === null) {
            // Where nothing can be written, or others are writing, it is found again next time.
            rescue(static fn() => DB::table('water_states')->upsert($rows, ['tank_id', 'parameter']), report: false);
        }
    }

    private static function molarMass(Parameter $parameter): float
    {
        return $parameter->entry()->food->molarMass ?? INF;
    }

    private function toNow(Parameter $parameter, Course $course): Course
    {
        $now = TankEventsQuery::day($this->now);

        return $course->day >= $now ? $course : $course->on($this->events()->unwritten($parameter, $course->day), $now);
    }

    /** @param list<Event> $events */
    private function fitted(Parameter $parameter, array $events): Course
    {
        // It is kept as it stood at the last that happened, or at midnight: from there it comes to the same whenever it is asked.
        $now = array_reduce($events, static fn(float $last, Event $event): float => max($last, $event->day), floor(TankEventsQuery::day($this->now)));
        $isRead = array_filter($events, static fn(Event $event): bool => $event->kind === EventKind::Read) !== [];
        $from = $isRead ? -INF : $this->begins($events);
        $usual = $isRead ? 0.0 : $this->usual($parameter, $from);
        $balance = self::balance($parameter);

        return Course::fitted(
            $balance,
            $isRead ? null : new NormalValue($usual, max(self::START * $usual, $balance->sourceOff)),
            $this->guess($parameter),
            $this->loss($parameter),
            $events,
            $from,
            max($from, $now),
            $parameter->entry()->food === null && $parameter !== Parameter::GeneralHardness ? INF : $now - self::SHOWN,
        )->thinned();
    }

    /**
     * First day of what is written down of what was never read: that of its first change or dose, or the one on which the tank was entered.
     *
     * @param list<Event> $events
     */
    private function begins(array $events): float
    {
        $first = TankEventsQuery::day($this->tank->created_at ?? $this->now);
        foreach ($events as $event) {
            $first = $event->kind === EventKind::Changed || $event->isDose ? min($first, $event->day) : $first;
        }

        return max(min($first, TankEventsQuery::day($this->now)) - 0.5, TankEventsQuery::day($this->now) - TankEventsQuery::FARTHEST);
    }

    /** Whether it was ever read. */
    public function isRead(Parameter $parameter): bool
    {
        return $this->course($parameter)->count > 0;
    }

    /** Where it stands now, in the base unit. */
    public function level(Parameter $parameter): Level
    {
        return self::shown($parameter, $this->course($parameter));
    }

    /** A level as it is shown: of strength its conductivity, and by a meter with what meters are off by. */
    public static function shown(Parameter $parameter, Course $course): Level
    {
        $level = $parameter === Parameter::Conductivity ? $course->now()->through(Strength::conductivity(...)) : $course->now();

        return $course->isByPen() ? $level->widened($parameter->entry()->accuracyShare) : $level;
    }

    /** How the level came about since it was last read, in the unit that its keeper reads it in. */
    public function working(Parameter $parameter): Computation
    {
        $unit = $this->tank->keeper->show()->unit($parameter);
        if ($parameter === Parameter::Magnesium && $this->isRead($parameter) && $this->isRead(Parameter::GeneralHardness)) {
            return Computation::of('courses.title')
                ->given('GH', 'courses.total_hardness_now_by_its_own', $this->level(Parameter::GeneralHardness), 'mmol/L')
                ->given('Ca', 'courses.calcium_now_by_its_own_course', $this->level(Parameter::Calcium), 'mg/L')
                ->constant('M_Mg', 'courses.molar_mass_of_magnesium', self::molarMass(Parameter::Magnesium), 'g/mol', 'iupac_2021')
                ->constant('M_Ca', 'courses.molar_mass_of_calcium', self::molarMass(Parameter::Calcium), 'g/mol', 'iupac_2021')
                ->line('Mg = max(M_Mg * (GH - Ca / M_Ca), 0)', 'courses.magnesium_what_of_hardness_not_calcium', 'mg/L');
        }
        $events = $this->events()->until([$parameter])[$parameter->value];
        if ($parameter !== Parameter::Conductivity) {
            return LevelSince::working($this->course($parameter), $events, $parameter, $unit->label, $unit->fromBase(1.0));
        }

        return LevelSince::working($this->course($parameter), $events, $parameter, 'µS/cm')
            ->constant('k', 'courses.from_conductivity_to_what_your_pen', $unit->fromBase(1.0), '×', 'your_settings', null)
            ->line('EC = k * C * (1 - 0.0056 * sqrt(C))', 'courses.conductivity_now_from_its_strength', $unit->label);
    }

    /** What the tank makes of it in a day, or takes up, its food counted, in the base unit: guess and log weighed against each other. */
    public function made(Parameter $parameter): Posterior
    {
        $fed = $this->events()->fedAtMean($parameter);
        $guess = $this->guess($parameter);
        $prior = new NormalValue($guess->central() + $fed, $guess->spread());
        $course = $this->course($parameter);
        $rate = $course->rate();

        return $course->count < 2 ? Posterior::guess($prior) : new Posterior($rate->central() + $fed, $rate->spread(), $prior, $course->count, $course->aside);
    }

    /** What comes of it or goes in a day, planned doses counted: what goes on if nobody changes anything, in the base unit. */
    public function aDay(Parameter $parameter): NormalValue
    {
        $course = $this->course($parameter);
        $rate = $course->count < 2 ? $this->guess($parameter) : $course->rate();

        return new NormalValue($rate->central() + $this->events()->fedAtMean($parameter) + $this->events()->dosedAtMean($parameter), $rate->spread());
    }

    /**
     * Whether what a tank makes is used: nitrate always; others where the keeper names what moves them, where they are dosed, or
     * where the log clearly shows that something moves them.
     */
    public function counts(Parameter $parameter): bool
    {
        return $parameter === Parameter::Nitrate
            || ($parameter->entry()->food === null && $this->tank->passive !== PassiveSource::None)
            || $this->events()->dosedAtMean($parameter) > 0.0
            || $this->made($parameter)->contradicts();
    }

    /** What comes and goes unseen in a day before anything was read. */
    public function guess(Parameter $parameter): NormalValue
    {
        $off = self::balance($parameter)->rate;
        $passive = $this->tank->passive->guess($parameter);
        if ($parameter === Parameter::CarbonateHardness && $passive !== null) {
            // A mol of nitrate that comes of food takes an equivalent of alkalinity, one that is taken up gives it back.
            $nitrate = $this->guess(Parameter::Nitrate)->central() + $this->events()->fedAtMean(Parameter::Nitrate);

            return new NormalValue($passive->central() - $nitrate / (Parameter::Nitrate->entry()->food->molarMass ?? INF), $passive->spread());
        }
        if ($passive !== null) {
            return $passive;
        }
        $taken = $this->events()->takenUp($parameter);
        // Without the food of the animals the keeper's own guess of what the tank makes stands for both.
        $isGuessed = $parameter === Parameter::Nitrate && ($this->tank->food_grams ?? 0.0) <= 0.0;
        $made = $isGuessed ? $this->tank->nitrate_per_day : 0.0;

        return new NormalValue($made - $taken, max($isGuessed ? max($off / 4.0, self::GUESS * $made) : $off, $taken / 2.0));
    }

    /** Share of it that is lost in a day, as a rate: iron by what holds it and by pH, phosphate to soil and iron. */
    public function loss(Parameter $parameter): float
    {
        return match ($parameter) {
            Parameter::Iron => $this->ironLost ??= $this->ironLost(),
            Parameter::Phosphate => self::PHOSPHATE_BOUND,
            default => 0.0,
        };
    }

    private function ironLost(): float
    {
        $brings = [];
        foreach ($this->tank->loadMissing('dosePlans.product')->dosePlans as $plan) {
            $iron = $this->events()->brings($plan, $plan->given())[Parameter::Iron->value] ?? 0.0;
            if ($iron > 0.0) {
                $brings[] = [$plan->product->chelate(), $iron / max(1, $plan->every)];
            }
        }
        $ph = $brings === []
            ? self::PH
            : DB::table('readings')->where('tank_id', $this->tank->id)->where('parameter', Parameter::Acidity)->where('taken_at', '<=', $this->now)
                ->orderByDesc('taken_at')->value('value');

        return Chelate::loss($brings, is_numeric($ph) ? max(3.0, min(11.0, round((float) $ph, 1))) : self::PH);
    }

    /** About where it stood on a day if it was never read: by its waters, the routine of the tank and the days that it had stood. */
    private function usual(Parameter $parameter, float $day): float
    {
        return SteadyState::middle(
            $this->guess($parameter)->central() + $this->events()->fedAtMean($parameter),
            max(0.01, min(1.0, $this->tank->routine_share)),
            max(1.0, (float) $this->tank->routine_days),
            $this->source($parameter)->central(),
            $this->tank->started_on === null ? INF : max(0.0, $day - TankEventsQuery::day($this->tank->started_on)),
        );
    }

    /** What the new water of the next change will hold of it. */
    public function source(Parameter $parameter): NormalValue
    {
        $known = ($this->new ??= $this->newWater())->get($parameter);
        $balance = self::balance($parameter);

        return $known === null ? new NormalValue($balance->source, $balance->sourceOff) : new NormalValue($known->central(), $known->spread());
    }

    private function newWater(): WaterState
    {
        $this->tank->loadMissing(['water', 'secondWater']);
        $water = $this->tank->keeper->waters->isEmpty() ? null : UsualWaterQuery::of($this->tank);
        if ($water === null) {
            return new WaterState('', []);
        }
        $ids = array_values(array_filter([$water->id, $this->tank->second_source_water_id]));
        $state = WatersQuery::around($this->tank, $ids)->blend($water, $this->tank->secondWater, $this->tank->second_share);

        return SourceNutrientsQuery::fill($state, $water, $this->tank->secondWater, $this->tank->second_share);
    }

    /** What is held of a level before anything was read. */
    public static function balance(Parameter $parameter): LevelPrior
    {
        return $parameter->entry()->balance ?? new LevelPrior(0.0, 1.0, 0.1, 1.0, 100.0);
    }
}
