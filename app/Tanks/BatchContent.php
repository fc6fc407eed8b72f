<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Data\BatchCheck;
use App\Data\BatchProduct;
use App\Data\BatchWater;
use App\Models\Batch;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\BatchReading;
use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\Ions;

/** The card of a batch as it was kept. */
final readonly class BatchContent
{
    /** Spread of what a batch is expected to be, share: scale, mark and source together. House default. */
    private const SPREAD = 0.04;

    public function __construct(public Batch $batch) {}

    /** @return list<BatchWater> */
    public function sources(): array
    {
        return $this->batch->card->sources;
    }

    /** @return list<BatchProduct> in the order of dissolving */
    public function products(): array
    {
        return $this->batch->card->products;
    }

    /** @return list<BatchCheck> oldest first */
    public function checks(): array
    {
        return $this->batch->checks->all;
    }

    public function usesSpoons(): bool
    {
        return array_filter($this->products(), static fn(BatchProduct $product): bool => $product->spoon !== null) !== [];
    }

    /** uS/cm of the waters before any product. */
    public function start(): float
    {
        return $this->batch->card->start;
    }

    /** Whether the minerals go straight into the tank, with the refill. */
    public function isDirect(): bool
    {
        return $this->batch->card->direct;
    }

    public function name(): string
    {
        return $this->batch->card->name;
    }

    public function ions(): Ions
    {
        $ions = $this->writtenIons();
        foreach ($this->batch->card->acids as $acid) {
            $ions = $ions->with(Ion::Bicarbonate, $ions->alkalinity() - $acid->equivalents)
                ->with($acid->ion, $ions->of($acid->ion) + $acid->equivalents / $acid->protons);
        }

        return $ions;
    }

    /** As the card was written. */
    private function writtenIons(): Ions
    {
        return Ions::millimoles($this->batch->card->ions);
    }

    /** What is weighed or measured of a product, so many times over, to the step that it can be told apart by: "19.3 g". */
    public function amount(BatchProduct $product, float $times = 1.0): string
    {
        $step = $product->spoon === null ? $this->batch->card->step : 0.1;

        return Show::grams($times * $product->amount, $times < 1.0 ? min($step, 0.1) : $step)."\u{00A0}".$product->unit;
    }

    public function expectedConductivity(): float
    {
        $written = $this->batch->card->conductivity;
        if ($this->batch->card->acids === []) {
            return $written;
        }
        // Acid puts its own ions in the place of bicarbonate.
        $before = $this->writtenIons();

        return max(0.0, $written + Conductance::of($this->ions())->microsiemens - Conductance::of($before)->microsiemens);
    }

    /** Standard deviation of that because a label does not name its conductivity, uS/cm. */
    public function doubt(): float
    {
        return $this->batch->card->doubt;
    }

    /** meq/L */
    public function expectedAlkalinity(): float
    {
        return $this->ions()->alkalinity();
    }

    /** Litres in the vessel, with the water that checks had added. */
    public function litres(): float
    {
        $litres = $this->batch->litres;
        foreach ($this->checks() as $check) {
            $litres += $check->added ? $check->water : 0.0;
        }

        return $litres;
    }

    /** Times each amount that went in, with what checks had added. */
    public function timesProducts(): float
    {
        $times = 1.0;
        foreach ($this->checks() as $check) {
            $times *= $check->added ? 1.0 + $check->more : 1.0;
        }

        return $times;
    }

    /** What a reading of the meter says of the batch as it stands; a meter that was set long ago says less. */
    public function check(float $read, ?CarbonImmutable $at = null): BatchReading
    {
        $wander = $this->batch->keeper?->coreKit(Parameter::Conductivity, $at)->wander($read) ?? 0.0;

        return BatchReading::of(
            $read,
            $this->expectedConductivity(),
            $this->start(),
            $this->litres(),
            $this->batch->card->soft,
            sqrt($this->doubt() ** 2 + $wander ** 2),
        );
    }

    /** @return array<string, ExactValue|NormalValue> what the water is expected to be, by parameter */
    public function state(): array
    {
        $ions = $this->ions();
        $last = $this->batch->checks->last();
        $state = [];
        foreach ([
            ...$this->batch->card->isHardnessKnown
                ? [Parameter::GeneralHardness->value => $ions->hardness(), Parameter::CarbonateHardness->value => $ions->alkalinity()]
                : [],
            ...self::nutrients($ions),
            Parameter::Conductivity->value => $last !== null && $last->isGood() ? $last->read : $this->expectedConductivity(),
        ] as $name => $value) {
            $doubt = $name === Parameter::Conductivity->value && ($last === null || !$last->isGood()) ? $this->doubt() : 0.0;
            $state[$name] = $value <= 0.0 ? new ExactValue(0.0) : new NormalValue($value, sqrt((self::SPREAD * $value) ** 2 + $doubt ** 2));
        }
        if ($last?->ph !== null) {
            $state[Parameter::Acidity->value] = new NormalValue($last->ph, 0.05);
        }

        return $state;
    }

    /** @return array<string, float> mg/L of what plants are fed with, by parameter */
    private static function nutrients(Ions $ions): array
    {
        $found = [];
        foreach (Parameter::nutrients() as $parameter) {
            $food = $parameter->entry()->food;
            $ion = Ion::tryFrom((string) $food?->ion);
            if ($food !== null && $ion !== null) {
                $found[$parameter->value] = $ions->of($ion) * $food->molarMass;
            }
        }

        return $found;
    }
}
