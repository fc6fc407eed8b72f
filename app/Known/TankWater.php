<?php

declare(strict_types=1);

namespace App\Known;

use App\Models\Reading;
use App\Models\Tank;
use App\Models\WaterChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Change\CarriedOn;
use Cresco\Core\Learning\Posterior;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Rhythm\Concern;
use Cresco\Core\Rhythm\Standing;
use Cresco\Core\Water\WaterState;
use Cresco\Core\Working\Computation;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/**
 * Where the water of a tank stands now, for every page alike: its readings, and where the last change came after a reading, what that
 * change was forecast to lead to.
 */
final class TankWater
{
    private ?WaterState $state = null;

    /** @var array<string, array{Distribution, float}> what is carried on, as it was, and the days since */
    private array $on = [];

    /** @var array<string, Posterior> */
    private array $made = [];

    /**
     * @param array<string, Reading> $readings the newest of each parameter
     * @param WaterChange|null       $change   the last one that was made
     * @param int|null               $afterStep step of its run sheet in which the tank was read again
     */
    private function __construct(public readonly Tank $tank, public readonly array $readings, public readonly ?WaterChange $change, private readonly ?int $afterStep, private readonly ?CarbonImmutable $until = null) {}

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
        $readings = LatestReadings::ofTanks($ids, $until, $parameters);
        $newest = DB::table('water_changes')->select('tank_id')->selectRaw('max(changed_at) as at')->whereIn('tank_id', $ids)
            ->when($until !== null, static fn($query) => $query->where('changed_at', '<', $until))->groupBy('tank_id');
        $changes = [];
        foreach (WaterChange::query()->joinSub($newest, 'newest', static fn(JoinClause $join) => $join->on('newest.tank_id', '=', 'water_changes.tank_id')->on('newest.at', '=', 'water_changes.changed_at'))
            ->select('water_changes.*')->selectSub(DB::table('run_steps')->selectRaw('max(id)')->whereColumn('run_steps.run_id', 'water_changes.run_id')->where('job', 'read_after'), 'read_after')->orderBy('water_changes.id')->get() as $change) {
            $changes[$change->tank_id] = $change;
        }
        $found = [];
        foreach ($byId as $id => $tank) {
            $change = $changes[$id] ?? null;
            $step = $change?->getRawOriginal('read_after');
            $found[$id] = new self($tank, $readings[$id] ?? [], $change, is_numeric($step) ? (int) $step : null, $until);
        }

        return $found;
    }

    /**
     * The waters of tanks as they stand now, with what each makes of nitrate: what they ask for is the same wherever it is asked.
     *
     * @param iterable<Tank> $tanks
     *
     * @return array<int, self> by tank id
     */
    public static function now(iterable $tanks): array
    {
        $waters = self::ofMany($tanks, parameters: Parameter::ofAnimals());
        foreach (Made::ofMany($tanks, [Parameter::Nitrate]) as $id => $made) {
            $waters[$id]->knowing($made);
        }

        return $waters;
    }

    /**
     * @param list<int> $tanks
     *
     * @return array<int, CarbonImmutable> when the water of each was last changed
     */
    public static function changedOf(array $tanks): array
    {
        $at = [];
        foreach (DB::table('water_changes')->whereIn('tank_id', $tanks)->groupBy('tank_id')->select('tank_id')->selectRaw('max(changed_at) as at')->get() as $row) {
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
        foreach (Parameter::ofTanks() as $parameter) {
            $reading = $this->readings[$parameter->value] ?? null;
            $forecast = $reading === null || $this->isFromBeforeTheChange($reading) ? $this->forecast($parameter) : null;
            if ($forecast !== null) {
                $known[$parameter->value] = $forecast;
                $carried[] = $parameter->value;
            } elseif ($reading !== null) {
                $known[$parameter->value] = $reading->toCore()->distribution();
            }
            // A chart that ends below it tells too little to go on from.
            $then = $parameter !== Parameter::Nitrate || ($forecast === null && $reading?->toCore()->isCensored() === true) ? null : $known[$parameter->value] ?? null;
            $days = $then === null ? 0.0 : $this->daysSince($forecast === null ? $reading : null);
            if ($then !== null && $days >= CarriedOn::FROM) {
                $known[$parameter->value] = CarriedOn::now($then, $this->made($parameter)->distribution(), $days);
                $this->on[$parameter->value] = [$then, $days];
            }
        }

        return $this->state = new WaterState('the tank', $known, $carried);
    }

    /** Days since a reading, or since the last change was over. */
    private function daysSince(?Reading $reading): float
    {
        $now = ($this->until ?? CarbonImmutable::now())->getTimestamp();
        $then = $reading === null ? ($this->change === null ? $now : $this->change->changed_at->getTimestamp() + 86400) : $reading->taken_at->getTimestamp();

        return max(0.0, min(10_000.0, ($now - $then) / 86400.0));
    }

    /** How a figure was carried on to now; null for one that was not. */
    public function carriedOn(Parameter $parameter, Unit $unit): ?Computation
    {
        $this->state();
        [$then, $days] = $this->on[$parameter->value] ?? [null, 0.0];

        return $then === null ? null : CarriedOn::working($parameter->label().' now', $then, $this->made($parameter)->distribution(), $days, $unit);
    }

    /** Whether a figure is what the last change was forecast to lead to, and not a reading. */
    public function isCarried(Parameter $parameter): bool
    {
        return $this->state()->isAssumed($parameter);
    }

    /** Whether a figure is not as it was read or forecast, but carried on to now by what the tank makes. */
    public function isCarriedOn(Parameter $parameter): bool
    {
        $this->state();

        return isset($this->on[$parameter->value]);
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

    /** What the tank makes of it in a day, or takes up, in the base unit: guess and diary weighed against each other. */
    public function made(Parameter $parameter = Parameter::Nitrate): Posterior
    {
        if (!isset($this->made[$parameter->value])) {
            $this->made = Made::of($this->tank);
        }

        return $this->made[$parameter->value];
    }

    /** @return array<string, Distribution> by parameter value: what is reckoned with in forecasts */
    public function makes(): array
    {
        $makes = [];
        foreach (Parameter::balanced() as $parameter) {
            $made = $this->made($parameter);
            if (Made::counts($this->tank, $parameter, $made)) {
                $makes[$parameter->value] = $made->distribution();
            }
        }

        return $makes;
    }

    /**
     * Takes what was looked up for several tanks at once.
     *
     * @param array<string, Posterior> $made by parameter value
     */
    public function knowing(array $made): self
    {
        $this->made = $made;

        return $this;
    }

    /** @return list<Concern> most urgent first */
    public function concerns(): array
    {
        return Standing::of($this->state(), $this->tank->needs(), $this->made()->value);
    }

    /** A reading of the last session counts as after it only if it was taken in its step for that. */
    private function isFromBeforeTheChange(Reading $reading): bool
    {
        return $this->change !== null
            // Kept as text that sorts by time: no date is made of each.
            && self::asKept($reading, 'taken_at') < self::asKept($this->change, 'changed_at')
            && ($reading->run_step_id === null || $reading->run_step_id !== $this->afterStep);
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
