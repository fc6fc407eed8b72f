<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Animal;
use App\Models\Reading;
use App\Models\Tank;
use App\Models\WaterChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Concern;
use Cresco\Core\Planning\Concerns;
use Cresco\Core\Planning\Urgency;
use Cresco\Core\Water\WaterState;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/**
 * Where the water of a tank stands now, for every page alike: what is conserved by its course, all else as it was last read, or where the
 * last change came after that reading, as that change was forecast to leave it.
 */
final class TankWaterQuery
{
    /** Days for which a reading is still what the water is. House default. */
    private const FRESH = 1.0;

    private ?WaterState $state = null;

    /**
     * @param array<string, Reading> $readings  the newest of each parameter
     * @param WaterChange|null       $change    the last one that was made
     * @param int|null               $afterStep step of its checklist in which the tank was read again
     */
    private function __construct(
        public readonly Tank $tank,
        public readonly array $readings,
        public readonly ?WaterChange $change,
        private readonly ?int $afterStep,
        private readonly ?CarbonImmutable $until,
        private readonly LevelsQuery $courses,
    ) {}

    public static function of(Tank $tank, ?CarbonImmutable $until = null): self
    {
        return self::ofMany([$tank], $until)[$tank->id];
    }

    /**
     * @param iterable<Tank>       $tanks
     * @param CarbonImmutable|null $until      as it stood then; null for now
     * @param list<Parameter>      $parameters that are asked for; all when none is
     *
     * @return array<int, self> by tank id
     */
    public static function ofMany(iterable $tanks, ?CarbonImmutable $until = null, array $parameters = []): array
    {
        $byId = [];
        foreach ($tanks as $tank) {
            $byId[$tank->id] = $tank;
        }
        if ($byId === []) {
            return [];
        }
        (new Collection($byId))->loadMissing(Tank::INHABITANTS);
        $ids = array_keys($byId);
        $readings = LatestResultsQuery::ofTanks($ids, $until, $parameters);
        $newest = DB::table('water_changes')->select('tank_id')->selectRaw('max(changed_at) as at')->whereIn('tank_id', $ids)
            ->when($until !== null, static fn($query) => $query->where('changed_at', '<', $until))->groupBy('tank_id');
        $changes = [];
        foreach (WaterChange::query()->joinSub(
            $newest,
            'newest',
            static fn(JoinClause $join) => $join->on('newest.tank_id', '=', 'water_changes.tank_id')->on('newest.at', '=', 'water_changes.changed_at'),
        )
            ->select('water_changes.*')->selectSub(
                DB::table('checklist_steps')->selectRaw('max(id)')->whereColumn('checklist_steps.checklist_id', 'water_changes.checklist_id')
                    ->where('job', 'read_after'),
                'read_after',
            )->orderBy('water_changes.id')->get() as $change) {
            $changes[$change->tank_id] = $change;
        }
        $found = [];
        $courses = LevelsQuery::ofMany($byId, $until);
        foreach ($byId as $id => $tank) {
            $change = $changes[$id] ?? null;
            $step = $change?->getRawOriginal('read_after');
            $found[$id] = new self($tank, $readings[$id] ?? [], $change, is_numeric($step) ? (int) $step : null, $until, $courses[$id]);
        }

        return $found;
    }

    /**
     * The waters of tanks as they stand now: what they ask for is the same wherever it is asked.
     *
     * @param iterable<Tank> $tanks
     *
     * @return array<int, self> by tank id
     */
    public static function now(iterable $tanks): array
    {
        return self::ofMany($tanks, parameters: Parameter::ofAnimals());
    }

    /**
     * @param list<int> $tanks
     *
     * @return array<int, CarbonImmutable> when the water of each was last changed
     */
    public static function changedOf(array $tanks): array
    {
        $at = [];
        foreach (DB::table('water_changes')->whereIn('tank_id', $tanks)->groupBy('tank_id')->select('tank_id')->selectRaw('max(changed_at) as at')
            ->get() as $row) {
            if (is_numeric($row->tank_id) && is_string($row->at)) {
                $at[(int) $row->tank_id] = CarbonImmutable::parse($row->at, 'UTC');
            }
        }

        return $at;
    }

    public function state(): WaterState
    {
        if ($this->state !== null) {
            return $this->state;
        }
        $known = [];
        $carried = [];
        $this->courses->find(array_values(array_filter(Parameter::ofTanks(), $this->hasCourse(...))));
        foreach (Parameter::ofTanks() as $parameter) {
            $reading = $this->readings[$parameter->value] ?? null;
            $isBefore = $reading !== null && $this->isFromBeforeTheChange($reading);
            $forecast = $reading === null || $isBefore ? $this->forecast($parameter) : null;
            if ($this->hasCourse($parameter)) {
                $known[$parameter->value] = $this->courses->level($parameter);
            } elseif ($forecast !== null || $reading !== null) {
                $known[$parameter->value] = $forecast ?? $reading->toCore()->distribution();
            }
            if ($isBefore && isset($known[$parameter->value]) && ($forecast !== null || $this->hasCourse($parameter))) {
                $carried[] = $parameter->value;
            }
        }

        return $this->state = new WaterState((string) __('names.the_tank'), $known, $carried);
    }

    /** Where all that is conserved stands in it. */
    public function courses(): LevelsQuery
    {
        return $this->courses;
    }

    /** Whether a figure is the level of a course: it is conserved and was read. */
    private function hasCourse(Parameter $parameter): bool
    {
        return $parameter->entry()->balance !== null && isset($this->readings[$parameter->value]);
    }

    /** Days since a reading. */
    private function daysSince(Reading $reading): float
    {
        return (($this->until ?? CarbonImmutable::now())->getTimestamp() - $reading->taken_at->getTimestamp()) / 86400.0;
    }

    /** How a figure came about since it was read; null for one that is as it was read. */
    public function carriedOn(Parameter $parameter): ?Computation
    {
        return $this->hasCourse($parameter) ? $this->courses->working($parameter) : null;
    }

    /** Whether a figure is what the last change was forecast to lead to, and not a reading. */
    public function isCarried(Parameter $parameter): bool
    {
        return $this->state()->isAssumed($parameter);
    }

    /** Whether a figure was read more than a day ago and has gone on since. */
    public function isCarriedOn(Parameter $parameter): bool
    {
        return $this->hasCourse($parameter) && $this->daysSince($this->readings[$parameter->value]) >= self::FRESH;
    }

    /** Whether a reading may be a slip, or something happened that is not written down: only the next reading tells. */
    public function isOpen(Parameter $parameter): bool
    {
        return $this->hasCourse($parameter) && $this->courses->course($parameter)->isOpen();
    }

    /** When a figure was read, or, where it was carried over, when the water was changed. */
    public function at(Parameter $parameter): ?CarbonImmutable
    {
        return $this->isCarried($parameter) ? $this->change?->changed_at : ($this->readings[$parameter->value] ?? null)?->taken_at;
    }

    /** The newest moment that anything is known of. */
    public function newest(): ?CarbonImmutable
    {
        $newest = null;
        foreach ($this->readings as $reading) {
            // Kept as text that sorts by time, so that a date is made only of the newest.
            $at = $reading->getRawOriginal('taken_at');
            $newest = is_string($at) && $at > ($newest ?? '') ? $at : $newest;
        }

        return $newest === null ? null : CarbonImmutable::parse($newest, 'UTC');
    }

    /** What comes of it or goes in a day, food and planned doses counted, in the base unit. */
    public function aDay(Parameter $parameter = Parameter::Nitrate): NormalValue
    {
        return $this->courses->aDay($parameter);
    }

    /** @return array<string, Distribution> by parameter value: what is used in forecasts */
    public function makes(): array
    {
        $makes = [];
        foreach (Parameter::balanced() as $parameter) {
            if (
                ($this->hasCourse($parameter) || $parameter === Parameter::Nitrate || $parameter->entry()->food === null)
                && $this->courses->counts($parameter)
            ) {
                $makes[$parameter->value] = $this->aDay($parameter);
            }
        }

        return $makes;
    }

    /**
     * What wants something of the keeper: the most urgent, and beside it those that are more than worth noting. Nothing in a tank that is cycling
     * while nobody lives there: ammonia is what its bacteria live on.
     *
     * @return list<Concern> most urgent first
     */
    public function asks(): array
    {
        if (
            $this->tank->loadMissing(['cycling', ...Tank::INHABITANTS])->cycling !== null
            && !$this->tank->animalKinds->contains(static fn(Animal $animal): bool => $animal->count() > 0)
        ) {
            return [];
        }
        $concerns = $this->concerns();

        return [...array_slice($concerns, 0, 1), ...array_values(array_filter(
            array_slice($concerns, 1),
            static fn(Concern $concern): bool => $concern->urgency !== Urgency::Note,
        ))];
    }

    /** @return list<Concern> most urgent first */
    public function concerns(): array
    {
        $open = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $apart = $this->isOpen($parameter) ? $this->courses->level($parameter)->apart() : null;
            if ($apart !== null) {
                $open[] = new Concern('open', Urgency::Today, $parameter, $apart[1], $apart[0]);
            }
        }
        $found = [...$open, ...Concerns::of($this->state(), $this->tank->needs(), $this->aDay()->central())];
        usort($found, static fn(Concern $a, Concern $b): int => $a->urgency->value <=> $b->urgency->value);

        return $found;
    }

    /** A reading of the last session counts as after it only if it was taken in its step for that. */
    private function isFromBeforeTheChange(Reading $reading): bool
    {
        return $this->change !== null
            // Kept as text that sorts by time: no date is made of each.
            && self::asKept($reading, 'taken_at') < self::asKept($this->change, 'changed_at')
            && ($reading->checklist_step_id === null || $reading->checklist_step_id !== $this->afterStep);
    }

    private static function asKept(Model $record, string $field): string
    {
        $at = $record->getRawOriginal($field);

        return is_string($at) ? $at : '';
    }

    private function forecast(Parameter $parameter): ?Distribution
    {
        return $this->change === null ? null : $this->change->forecast->row($parameter)->next?->distribution();
    }
}
