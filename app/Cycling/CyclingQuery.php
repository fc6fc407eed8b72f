<?php

declare(strict_types=1);

namespace App\Cycling;

use App\Models\Reading;
use App\Models\Tank;
use App\Models\TankCycle;
use App\Models\WaterChange;
use App\Tanks\TankWaterQuery;
use App\Units\TimeDifference;
use Carbon\CarbonImmutable;
use Cresco\Core\Cycling\CyclingForecast;
use Cresco\Core\Cycling\CyclingMethod;
use Cresco\Core\Cycling\CyclingPhases;
use Cresco\Core\Cycling\CyclingReadiness;
use Cresco\Core\Cycling\Nitrification;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Illuminate\Support\Facades\Cache;

/** A tank that is being started: what is to be expected of it, and whether it is ready. */
final class CyclingQuery
{
    /** Weeks that are looked ahead over. House default. */
    public const DAYS = 63;

    /** Hours within which ammonium and nitrite were read together. House default. */
    private const TOGETHER = 12;

    /** So that what was kept by an older way of reckoning is not shown. */
    private const VERSION = 3;

    /** @var list<array{float, string, Distribution, bool}> day, what, mg/L of its nitrogen, and whether that is so much or more */
    public readonly array $readings;

    public readonly CyclingForecast $expected;

    public readonly CyclingReadiness $ready;

    /** Days since it was filled. */
    public readonly int $day;

    public readonly Nitrification $model;

    /** Day on which KH falls under what bacteria need; null where it does not, or nobody read it. */
    public readonly ?int $bufferGone;

    /** @var array<int, float> share of the water by day */
    public readonly array $changes;

    /** @var array<int, float> mg/L of nitrogen by day */
    public readonly array $doses;

    /** @param TankWaterQuery|null $water where it is known already */
    public function __construct(public readonly Tank $tank, public readonly TankCycle $start, ?TankWaterQuery $water = null)
    {
        $show = $tank->keeper->show();
        $begun = CarbonImmutable::parse($start->begun_on->format('Y-m-d'), $tank->keeper->timezone);
        $this->day = max(0, $show->daysSinceDate($begun));
        $this->readings = self::read($tank, $begun);
        $changes = $doses = [];
        foreach (WaterChange::query()->where('tank_id', $tank->id)->where('changed_at', '>=', $begun)->orderBy('changed_at')->limit(200)->get() as $change) {
            $day = (int) floor(($change->changed_at->getTimestamp() - $begun->getTimestamp()) / 86400.0);
            $changes[$day] = 1.0 - (1.0 - ($changes[$day] ?? 0.0)) * (1.0 - max(0.0, min(1.0, $change->share)));
        }
        foreach ($start->doses as $date => $dose) {
            $doses[(int) round(TimeDifference::days($begun, CarbonImmutable::parse((string) $date, $tank->keeper->timezone)))] = (float) $dose;
        }
        [$this->changes, $this->doses] = [$changes, $doses];
        $state = ($water ?? TankWaterQuery::of($tank))->state();
        $days = max(self::DAYS, min(100, $this->day + 21));
        $model = new Nitrification(
            // What was dosed and not noted shows in the readings.
            $doses === [] && array_filter($this->readings, static fn(array $reading): bool => $reading[2]->central() > CyclingReadiness::NEAR_NOTHING) !== []
                ? $start->source->unnoted()
                : $start->source->aDay(),
            CyclingPhases::plants($start->way),
            $start->way === CyclingMethod::Seeded ? Nitrification::SEEDED : Nitrification::FIRST,
            max(10.0, min(35.0, $state->central(Parameter::Temperature, $tank->warmth))),
            max(5.0, min(9.0, $state->isAssumed(Parameter::Acidity) ? 7.5 : $state->central(Parameter::Acidity, 7.5))),
            isOfFood: $start->source->isFood(),
        );
        [$alkalinity, $this->bufferGone, $this->expected] = $this->known($model, $this->hardness($begun), $days, $changes, $doses);
        $this->model = $model->withAlkalinity($alkalinity);
        $this->ready = CyclingReadiness::of(self::pairs($this->readings), $doses, self::step($tank));
    }

    /**
     * mg/L of nitrogen a day that its filter has shown to bear: what its source gives, or of what was dosed the mean of the days, and all
     * of a dose that was gone in one.
     */
    public function bears(): float
    {
        $dosed = array_values($this->doses);

        return match (true) {
            $dosed === [] => $this->start->source->aDay() * $this->expected->factors[0],
            $this->ready->why === 'dose_gone' => max($dosed),
            default => $this->start->source->aDay() * $this->expected->factors[0] + array_sum($dosed) / max(1, $this->day),
        };
    }

    /** @return array{float, int}|null carbonate hardness as it was read last, meq/L, and the day of it */
    private function hardness(CarbonImmutable $begun): ?array
    {
        $read = Reading::query()->where('tank_id', $this->tank->id)->where('parameter', Parameter::CarbonateHardness)->where('taken_at', '>=', $begun)
            ->latest('taken_at')->first();

        return $read === null
            ? null
            : [max(0.0, $read->toCore()->distribution()->central()), (int) max(0, floor(($read->taken_at->getTimestamp() - $begun->getTimestamp()) / 86400.0))];
    }

    /**
     * What it began with of alkalinity (what was read last, and what had been used until then, meq/L), the day on which that is gone, and what
     * is to be expected: the same as long as nothing of it has changed, since it takes as long as many pages.
     *
     * @param array{float, int}|null $read    carbonate hardness and its day
     * @param array<int, float>      $changes
     * @param array<int, float>      $doses
     *
     * @return array{float|null, int|null, CyclingForecast}
     */
    private function known(Nitrification $model, ?array $read, int $days, array $changes, array $doses): array
    {
        $key = 'start.'.$this->tank->id;
        $mark = hash('xxh128', serialize([self::VERSION, $days, $changes, $doses, $this->readings, $model, $read]));
        $kept = Cache::get($key);
        if (is_array($kept) && ($kept[0] ?? null) === $mark && ($kept[3] ?? null) instanceof CyclingForecast) {
            return [is_float($kept[1] ?? null) ? $kept[1] : null, is_int($kept[2] ?? null) ? $kept[2] : null, $kept[3]];
        }
        $alkalinity = $read === null ? null : min(50.0, $read[0] + $model->used($read[1], $changes, $doses));
        $with = $model->withAlkalinity($alkalinity);
        $found = [$alkalinity, $with->bufferGone($days, $changes, $doses), CyclingForecast::of($with, $this->readings, $days, $changes, $doses)];
        Cache::put($key, [$mark, ...$found], 86400 * 7);

        return $found;
    }

    /** @return list<array{float, string, Distribution, bool}> */
    private static function read(Tank $tank, CarbonImmutable $begun): array
    {
        $found = [];
        foreach (Reading::query()->where('tank_id', $tank->id)->whereIn(
            'parameter',
            [Parameter::Ammonium, Parameter::Nitrite],
        )->where('taken_at', '>=', $begun)->orderBy('taken_at')->orderBy('id')->limit(300)->get() as $reading) {
            $is = $reading->parameter === Parameter::Nitrite;
            $distribution = $reading->toCore()->distribution();
            $by = $is ? MassConcentration::NITRITE_PER_NITROGEN : MassConcentration::AMMONIUM_PER_NITROGEN;
            $spread = ($distribution->quantile(0.9) - $distribution->quantile(0.1)) / (2.0 * NormalValue::standardQuantile(0.9));
            $day = ($reading->taken_at->getTimestamp() - $begun->getTimestamp()) / 86400.0;
            // The top of a chart is an end.
            $found[] = $reading->toCore()->isCensored() ? [$day, $is ? 'nitrite' : 'ammonia', new NormalValue($reading->toCore()->low / $by, 1e-6), true]
                : [$day, $is ? 'nitrite' : 'ammonia', new NormalValue($distribution->central() / $by, max(1e-6, $spread / $by)), false];
        }

        return $found;
    }

    /**
     * @param list<array{float, string, Distribution, bool}> $readings
     *
     * @return list<array{float, float, float}> day, ammonia and nitrite, of what was read together
     */
    private static function pairs(array $readings): array
    {
        $pairs = [];
        foreach ($readings as [$day, $what, $value]) {
            foreach ($what === 'ammonia' ? $readings : [] as [$other, $of, $nitrite]) {
                if ($of === 'nitrite' && abs($other - $day) <= self::TOGETHER / 24.0) {
                    $pairs[] = [$day, $value->central(), $nitrite->central()];
                    break;
                }
            }
        }

        return $pairs;
    }

    /** mg/L of nitrogen that the coarser of the keeper's kits tells from nothing. */
    private static function step(Tank $tank): float
    {
        $step = CyclingReadiness::NEAR_NOTHING;
        foreach ([
            [Parameter::Ammonium, MassConcentration::AMMONIUM_PER_NITROGEN], [Parameter::Nitrite, MassConcentration::NITRITE_PER_NITROGEN],
        ] as [$parameter, $by]) {
            $kit = $tank->keeper->coreKit($parameter);
            $step = max($step, $kit->unit->widthToBase($kit->step) / 2.0 / $by);
        }

        return min(0.3, $step);
    }
}
