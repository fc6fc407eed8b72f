<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Data\BatchWater;
use App\Models\Batch;
use App\Models\Disinfectant;
use App\Models\Reading;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Level;
use Cresco\Core\Water\Mixing;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\Conditioner;
use Illuminate\Support\Facades\Cache;
use LogicException;

/** What is known today about a tank's water and about the waters that may go in. */
final readonly class WatersQuery
{
    /**
     * @param array<int, array<string, Reading>> $sourceReadings by water id
     * @param array<int, array<string, Level>>   $levels         where what is conserved stands in them, by water id
     * @param array<int, Batch>                  $batches        the newest of each water that is made up, by water id
     */
    private function __construct(public TankWaterQuery $now, private array $sourceReadings, private array $levels, private array $batches) {}

    /**
     * @param list<int>           $waterIds
     * @param TankWaterQuery|null $now      when it was looked up with those of other tanks
     */
    public static function around(Tank $tank, array $waterIds, ?TankWaterQuery $now = null): self
    {
        return new self(
            $now ?? TankWaterQuery::of($tank),
            LatestResultsQuery::ofWaters($waterIds),
            SourceLevelsQuery::ofMany($waterIds),
            self::newestBatches($tank, $waterIds),
        );
    }

    /**
     * The same from what was known at another time; batches are left out.
     *
     * @param list<int> $waterIds
     */
    public static function on(TankWaterQuery $now, array $waterIds, CarbonImmutable $at): self
    {
        return new self($now, LatestResultsQuery::ofWaters($waterIds, $at), SourceLevelsQuery::ofMany($waterIds, $at), []);
    }

    /** The tank as it stands now. */
    public function tank(): WaterState
    {
        return $this->now->state();
    }

    /** Share of a water that needs a dechlorinator, 0 to 1: tap water, unless its utility adds nothing. */
    public function tapShare(SourceWater $water): float
    {
        return min(1.0, array_sum(array_column($this->tapParts($water), 1)));
    }

    /** mg/L of chlorine last read in the tap water of a water, on the careful side; nothing when none was read, which leaves the dose of the label. */
    public function chlorine(SourceWater $water): float
    {
        return array_reduce(
            $this->tapParts($water),
            fn(float $most, array $part): float => max($most, $this->reading($part[0], Parameter::Chlorine)?->toCore()->distribution()->quantile(0.9) ?? 0.0),
            0.0,
        );
    }

    /**
     * The tap water in a water, each with its share: what was made up on the mixing page counts by what went into its newest batch.
     *
     * @return list<array{SourceWater, float}>
     */
    private function tapParts(SourceWater $water): array
    {
        $batch = $this->batchOf($water);
        if ($water->kind !== SourceWaterKind::MadeUp || $batch === null) {
            return $water->holdsDisinfectant() ? [[$water, 1.0]] : [];
        }
        $sum = array_sum(array_map(static fn(BatchWater $source): float => $source->litres, $batch->card->sources));
        $waters = SourceWater::query()->whereIn(
            'id',
            array_filter(array_map(static fn(BatchWater $source): ?int => $source->water, $batch->card->sources)),
        )->get()->keyBy('id');
        $parts = [];
        foreach ($sum <= 0.0 ? [] : $batch->card->sources as $source) {
            $of = $waters->get($source->water ?? 0);
            if ($of !== null && $of->holdsDisinfectant()) {
                $parts[] = [$of, $source->litres / $sum];
            }
        }

        return $parts;
    }

    /** mg/L of ammonium (NH4) that a dechlorinator sets free of the chloramine in a water; null where it holds none. */
    private function freedAmmonia(SourceWater $water): ?NormalValue
    {
        $mean = $variance = 0.0;
        foreach ($this->tapParts($water) as [$tap, $share]) {
            if ($tap->disinfectant === Disinfectant::Chloramine) {
                $chlorine = $this->reading($tap, Parameter::Chlorine)?->toCore()->distribution();
                [$middle, $spread] = $chlorine === null
                    ? Conditioner::USUAL_CHLORAMINE
                    : [$chlorine->central(), ($chlorine->quantile(0.9) - $chlorine->quantile(0.1)) / 2.563];
                $part = $share * MassConcentration::AMMONIUM_PER_NITROGEN;
                $mean += $part * Conditioner::ammoniaFromChloramine($middle);
                $variance += ($part * Conditioner::ammoniaFromChloramine($spread)) ** 2;
            }
        }

        return $mean <= 0.0 ? null : new NormalValue($mean, sqrt($variance));
    }

    private function reading(SourceWater $water, Parameter $parameter): ?Reading
    {
        $readings = $this->sourceReadings[$water->id] ?? LatestResultsQuery::ofWaters([$water->id])[$water->id] ?? [];

        return $readings[$parameter->value] ?? null;
    }

    /** The newest batch of a water that is made up. */
    public function batchOf(SourceWater $water): ?Batch
    {
        return $this->batches[$water->id] ?? null;
    }

    /**
     * One water as its readings have it now; a batch that was written since counts with what it is expected to be, and what is
     * missing for reverse osmosis and rain is assumed. What is not read is said to be so.
     */
    public function source(SourceWater $water): WaterState
    {
        $known = [];
        $assumed = [];
        foreach ($this->sourceReadings[$water->id] ?? [] as $name => $reading) {
            $known[$name] = $this->levels[$water->id][$name] ?? $reading->toCore()->distribution();
        }
        $batch = $this->batchOf($water);
        if ($batch !== null) {
            foreach ((new BatchContent($batch))->state() as $name => $value) {
                $reading = $this->sourceReadings[$water->id][$name] ?? null;
                if ($reading === null || $reading->taken_at->lessThan($batch->made_at ?? $batch->created_at)) {
                    $known[$name] = $value;
                    $assumed[] = $name;
                }
            }
        }
        foreach (self::usual($water->kind) as $name => $value) {
            if (!isset($known[$name])) {
                $known[$name] = $value;
                $assumed[] = $name;
            }
        }

        // A test of the tap may or may not show the ammonia that chloramine holds: the greater of both counts.
        $freed = $this->freedAmmonia($water);
        $shown = $known[Parameter::Ammonium->value] ?? null;
        if ($freed !== null && ($shown === null || $shown->central() < $freed->central())) {
            $known[Parameter::Ammonium->value] = $freed;
            $assumed = array_values(array_unique([...$assumed, Parameter::Ammonium->value]));
        }

        return new WaterState($water->name, $known, $assumed);
    }

    /** The water that goes in: one, or two by share (0 to 1) of the second. */
    public function blend(SourceWater $first, ?SourceWater $second, float $secondShare): WaterState
    {
        if ($second === null || $second->id === $first->id || $secondShare <= 0.0) {
            return $this->source($first);
        }
        if ($secondShare >= 1.0) {
            return $this->source($second);
        }

        // While a keeper types, the same blend is asked for again and again; its readings decide what it is.
        $key = 'blend.2:'.hash('xxh128', (string) json_encode([
            $first->only('id', 'name', 'kind', 'disinfectant'), $second->only('id', 'name', 'kind', 'disinfectant'), $secondShare,
            array_map(
                fn(SourceWater $water): array => array_map(
                    static fn(Level $level): array => [$level->central(), $level->spread()],
                    $this->levels[$water->id] ?? [],
                ),
                [$first, $second],
            ),
            array_map(
                static fn(Reading $reading): array => $reading->stamp(),
                [...array_values($this->sourceReadings[$first->id] ?? []), ...array_values($this->sourceReadings[$second->id] ?? [])],
            ),
            array_map(
                fn(SourceWater $water): ?string => ($batch = $this->batchOf($water)) === null ? null : $batch->id.' '.count($batch->checks->all).' '.json_encode($batch->card->acids).' '.$batch->made_at?->getTimestamp(),
                [$first, $second],
            ),
        ]));
        $blend = Cache::remember($key, 3600, fn(): WaterState => Mixing::blend($first->name.' + '.$second->name, [
            [$this->source($first), 1.0 - $secondShare],
            [$this->source($second), $secondShare],
        ]));

        return $blend instanceof WaterState ? $blend : throw new LogicException('Something else was kept as a blend.');
    }

    /**
     * @param list<int> $waterIds
     *
     * @return array<int, Batch>
     */
    private static function newestBatches(Tank $tank, array $waterIds): array
    {
        // Only a water that is made up has batches; where the keeper's waters are at hand that need not be asked.
        if ($tank->relationLoaded('keeper') && $tank->keeper->relationLoaded('waters')) {
            $waterIds = array_values(array_filter(
                $waterIds,
                static fn(int $id): bool => $tank->keeper->waters->firstWhere('id', $id)?->kind === SourceWaterKind::MadeUp,
            ));
        }
        $batches = [];
        foreach ($waterIds === [] ? [] : Batch::query()->whereIn(
            'id',
            Batch::query()->whereIn('source_water_id', $waterIds)->selectRaw('max(id)')->groupBy('source_water_id'),
        )->get() as $batch) {
            $batches[(int) $batch->source_water_id] = $batch;
        }

        return $batches;
    }

    /** @return array<string, ExactValue|NormalValue> house defaults by parameter value, in base units */
    private static function usual(SourceWaterKind $kind): array
    {
        return match ($kind) {
            SourceWaterKind::ReverseOsmosis, SourceWaterKind::Rain => [
                ...array_fill_keys(array_map(static fn(Parameter $nutrient): string => $nutrient->value, Parameter::nutrients()), new ExactValue(0.0)),
                Parameter::Ammonium->value => new ExactValue(0.0),
                Parameter::GeneralHardness->value => new ExactValue(0.0),
                Parameter::CarbonateHardness->value => new ExactValue(0.0),
                Parameter::Conductivity->value => new NormalValue(15.0, 5.0),
            ],
            SourceWaterKind::Tap, SourceWaterKind::MadeUp => [Parameter::Ammonium->value => new ExactValue(0.0)],
        };
    }
}
