<?php

declare(strict_types=1);

namespace Cresco\Core\Livestock;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Water\Ammonia;
use Cresco\Core\Water\Carbonate;

/**
 * How animals get from their bag into a water that differs. What drips in and stays mixes exactly: the difference that is left is the first
 * times V0 / V. The water of an old bag is never dripped into: once it is open its carbon dioxide leaves, pH rises, and ammonium turns into free
 * ammonia. Those in it go at once into clean water that is like it, and are tempered from there.
 */
final readonly class Acclimation
{
    /** Hours on the way from which a bag is old. House default. */
    public const OLD = 12.0;

    /** mg/L of ammonium in the bag from which it is old, whatever the hours. House default. */
    public const AMMONIUM = 0.5;

    /** pH by which bag and tank may differ and be poured together. House default. */
    public const CLOSE = 0.4;

    /** Minutes that the closed bag floats, and that cups of tank water take. House defaults. */
    public const WAITS = [20, 20];

    /** Share of the conductivity of the tank that may be left as a difference when they move over; within it they are poured together. House defaults. */
    public const ALLOWED = ['fish' => 0.15, 'shrimp' => 0.08, 'snail' => 0.15, 'plant' => 1.0];

    /** Minutes that a drip takes at most. */
    public const MOST = ['fish' => 60, 'shrimp' => 150, 'snail' => 60, 'plant' => 60];

    /** mg/L of ammonium in the bag up to which it is as good as fresh, whatever the hours. House default. */
    public const CLEAN = 0.1;

    /** Times the conductivity of the tank that a bag is taken to have when nothing tells it, so that the drip is the longest. House default. */
    public const UNMEASURED = 3.0;

    /** Litres that a bucket for the drip holds. House default. */
    private const BUCKET = 10.0;

    /** mg/L of carbon dioxide in a closed bag after some hours. House default. */
    public const IN_BAG = 40.0;

    /** @param array{float, float, float} $free mg/L NH3-N in the closed bag, once it is open, and at which it is an alarm for them */
    private function __construct(
        public AcclimationMethod $means,
        public string $why,
        public float $allowed,
        public ?Computation $drip,
        public array $free,
        public bool $isMeasured,
    ) {}

    /**
     * @param string     $sort       fish, shrimp, snail or plant
     * @param float      $bag        conductivity in the bag, uS/cm
     * @param float      $tank       conductivity in the tank, uS/cm
     * @param float      $litres     in the bag, above 0
     * @param float      $hours      on the way, 0 or more
     * @param float|null $ammonium   in the bag, mg/L NH4
     * @param float|null $bagPh      when it was just opened
     * @param float      $alkalinity of the bag, meq/L, above 0
     * @param bool       $isMeasured whether a meter or hardness told the conductivity
     *
     * @throws LivestockFault when one of them is out of its range
     */
    public static function plan(
        string $sort,
        float $bag,
        float $tank,
        float $litres,
        float $hours,
        ?float $ammonium,
        ?float $bagPh,
        ?float $tankPh,
        float $alkalinity,
        float $celsius,
        bool $isMeasured = true,
    ): self {
        if (!($bag >= 0.0
            && $bag <= 20000.0
            && $tank > 0.0
            && $tank <= 20000.0
            && $litres > 0.0
            && $litres <= 200.0
            && $hours >= 0.0
            && $hours <= 500.0
            && $alkalinity > 0.0
            && $alkalinity <= 20.0
            && $celsius >= 0.0
            && $celsius <= 40.0)
            || ($ammonium !== null && !($ammonium >= 0.0 && $ammonium <= 200.0))
                || ($bagPh !== null && !($bagPh >= 3.0 && $bagPh <= 11.0))
                || ($tankPh !== null && !($tankPh >= 3.0 && $tankPh <= 11.0))) {
            throw LivestockFault::range();
        }
        $off = abs($bag - $tank) / $tank;
        $isOld = ($ammonium ?? 0.0) > self::AMMONIUM || ($hours >= self::OLD && ($ammonium === null || $ammonium > self::CLEAN));
        $apart = $bagPh === null || $tankPh === null ? 0.0 : abs($bagPh - $tankPh);
        $free = [
            self::freeAt($ammonium ?? 0.0, $bagPh ?? Carbonate::acidityWith(self::IN_BAG, $alkalinity, $celsius), $celsius),
            self::freeAt($ammonium ?? 0.0, Carbonate::acidityWith(Carbonate::IN_AIR[0], $alkalinity, $celsius), $celsius),
            $sort === 'shrimp' ? Ammonia::ALARM_SENSITIVE : Ammonia::ALARM_ALL,
        ];
        $allowed = self::ALLOWED[$sort] ?? self::ALLOWED['fish'];
        [$means, $why] = match (true) {
            $sort === 'plant' => [AcclimationMethod::Rinse, 'plants'],
            !$isMeasured => [AcclimationMethod::Drip, $isOld ? 'unmeasured_old' : 'unmeasured'],
            $isOld => [$off <= $allowed ? AcclimationMethod::Quick : AcclimationMethod::Clean, $hours >= self::OLD ? 'old' : 'ammonium'],
            $off <= $allowed && $apart <= self::CLOSE => [AcclimationMethod::Pour, 'close'],
            default => [AcclimationMethod::Drip, $off > $allowed ? 'conductivity' : 'acidity'],
        };

        return new self(
            $means,
            $why,
            $allowed,
            in_array($means, [AcclimationMethod::Drip, AcclimationMethod::Clean], true)
                ? self::drip($sort, $bag, $tank, $litres, $off, $apart, $allowed)
                : null,
            $free,
            $isMeasured,
        );
    }

    /** @return list<ArrivalStep> in their order */
    public function steps(): array
    {
        if ($this->means === AcclimationMethod::Rinse) {
            return [new ArrivalStep('unpack'), new ArrivalStep('look'), new ArrivalStep('dip'), new ArrivalStep('apart')];
        }
        $before = [new ArrivalStep('dark'), new ArrivalStep('float', self::WAITS[0])];
        $drips = new ArrivalStep(
            ($this->drip?->value('n') > 1.5 ? 'drip_stages' : 'drip').($this->isMeasured ? '' : '_unmeasured'),
            (int) round($this->drip?->value('minutes') ?? 0.0),
        );
        $way = match ($this->means) {
            AcclimationMethod::Pour => [new ArrivalStep('cups', self::WAITS[1]), new ArrivalStep('over')],
            AcclimationMethod::Drip => [
                ...$this->why === 'unmeasured_old' ? [new ArrivalStep('bind')] : [], new ArrivalStep('bucket'), $drips,
                new ArrivalStep('over_bucket'),
            ],
            AcclimationMethod::Clean => [
                new ArrivalStep('clean_water'), new ArrivalStep('into_clean'), new ArrivalStep('from_clean'), $drips, new ArrivalStep('over_bucket'),
            ],
            default => [new ArrivalStep('ready'), new ArrivalStep('at_once')],
        };

        return [...$before, ...$way, new ArrivalStep('after')];
    }

    /**
     * What the bucket holds and what the meter shows on the way of a drip, at equal parts of each stage.
     *
     * @return list<array{minutes: float, litres: float, conductivity: float}> none where nothing drips
     */
    public function along(int $parts = 4): array
    {
        if ($this->drip === null || !$this->isMeasured || $parts < 1) {
            return [];
        }
        [$first, $last, $bag, $tank, $stages] = array_map($this->drip->value(...), ['V0', 'V_end', 'EC_bag', 'EC_tank', 'n']);
        $rows = [];
        for ($stage = 0; $stage < (int) round($stages); ++$stage) {
            for ($part = $stage === 0 ? 0 : 1; $part <= $parts; ++$part) {
                $litres = $first + ($last - $first) * $part / $parts;
                $rows[] = [
                    'minutes' => $this->drip->value('minutes') * ($stage + $part / $parts) / $stages, 'litres' => $litres,
                    'conductivity' => self::conductivityAfter($tank + ($bag - $tank) * ($first / $last) ** $stage, $tank, $first, $litres - $first),
                ];
            }
        }

        return $rows;
    }

    /**
     * Minutes that a drip goes on at its rate until what is left is what they stand, from what the meter shows now; 0 when it is there.
     *
     * @param float $pen uS/cm in the bucket, 0 or more
     */
    public function minutesLeft(float $pen): int
    {
        if (!($pen >= 0.0 && $pen <= 20000.0)) {
            throw LivestockFault::range();
        }
        if ($this->drip === null) {
            return 0;
        }
        [$first, $bag, $tank, $rate, $last] = array_map($this->drip->value(...), ['V0', 'EC_bag', 'EC_tank', 'rate', 'V_end']);
        $times = abs($pen - $tank) / max(1e-9, $this->allowed * $tank);
        if ($times <= 1.0) {
            return 0;
        }
        // What the meter shows tells how much has dripped in; a bucket holds no more than its end.
        $litres = max($first, min($last, abs($pen - $tank) < 1e-9 ? $last : $first * abs($bag - $tank) / abs($pen - $tank)));

        return (int) min(600, max(1, ceil(60.0 * $litres * ($times - 1.0) / max(1e-9, $rate))));
    }

    /** What drips in, how fast and for how long, until the difference that is left is one that they stand. */
    private static function drip(string $sort, float $bag, float $tank, float $litres, float $off, float $apart, float $allowed): Computation
    {
        // Where pH is what differs, half of the difference is left.
        $times = $off > $allowed ? $off / $allowed : ($apart > self::CLOSE ? 2.0 : 1.0);
        $minutes = (float) (self::MOST[$sort] ?? self::MOST['fish']);
        $times = max(1.0, $times);
        // What no bucket holds is done in stages: poured off to what it was, and filled again.
        $stages = (int) max(1, min(8, ceil(log($times) / max(0.1, log(max(2.0, self::BUCKET / $litres))) - 1e-9)));

        return Computation::of('arrival.title')
            ->given('V0', 'arrival.water_in_bag', new ExactValue($litres), 'L')
            ->given('EC_bag', 'arrival.conductivity_in_bag', new ExactValue($bag), 'µS/cm')
            ->given('EC_tank', 'arrival.conductivity_in_tank', new ExactValue($tank), 'µS/cm')
            ->constant('times', 'arrival.difference_now_for_one_allowed', $times, '×', 'from_both_conductivities_ph_where_that')
            ->constant('n', 'arrival.stages_so_that_bucket_holds_it', (float) $stages, '', 'house_default')
            ->constant('minutes', 'arrival.that_it_takes_at_most', $minutes, 'min', 'house_limit')
            ->line('V_end = V0 * times^(1 / n)', 'arrival.in_bucket_at_end_of_each', 'L')
            ->line('in = n * (V_end - V0)', 'arrival.lets_in_in_all', 'L')
            ->line('EC_end = EC_tank + (EC_bag - EC_tank) * (V0 / V_end)^n', 'arrival.conductivity_at_end', 'µS/cm')
            ->line('rate = in / minutes * 60', 'arrival.lets_in', 'L/h')
            ->line('drops = rate * 20000 / 3600', 'arrival.as_drops_of_twentieth_of_ml', '1/s')
            ->note('arrival.difference_that_left_first_times_v0');
    }

    /** mg/L NH3-N of so much ammonium, mg/L NH4. */
    private static function freeAt(float $ammonium, float $ph, float $celsius): float
    {
        return $ammonium / MassConcentration::AMMONIUM_PER_NITROGEN * Ammonia::freeShare($ph, $celsius);
    }

    /** The conductivity of what drips once so many litres have come in, uS/cm. */
    public static function conductivityAfter(float $bag, float $tank, float $litres, float $in): float
    {
        if (!($litres > 0.0 && $litres <= 1e6) || !($in >= 0.0 && $in <= 1e9) || !($bag >= 0.0 && $bag <= 1e6) || !($tank >= 0.0 && $tank <= 1e6)) {
            throw LivestockFault::range();
        }

        return $tank + ($bag - $tank) * $litres / ($litres + $in);
    }
}
