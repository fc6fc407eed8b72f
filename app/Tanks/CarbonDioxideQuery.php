<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\Water\DissolvedGas;
use Cresco\Core\Water\WaterState;
use Illuminate\Support\Facades\DB;

/** Carbon dioxide of a tank on every day on which pH was read, by the KH that was read nearest to it. */
final class CarbonDioxideQuery
{
    /** Days from a reading of KH within which it goes with a pH. House default. */
    private const NEAR = 28;

    /** Days at most of which one is told. */
    private const MOST = 400;

    /** uS/cm of a tank in which it was never read. House default. */
    private const CONDUCTIVITY = 250.0;

    /** @return list<array{at: int, gas: DissolvedGas, water: WaterState}> second of the last pH of a day, in the order of the days */
    public static function of(Tank $tank, CarbonImmutable $from, CarbonImmutable $until): array
    {
        $others = ['temperature' => [], 'conductivity' => [], 'carbonate_hardness' => []];
        $acidity = [];
        $rows = DB::table('readings')->where('tank_id', $tank->id)->whereIn('parameter', [...array_keys($others), 'ph'])
            ->whereBetween('taken_at', [$from->subDays(self::NEAR), $until])->orderBy('taken_at')->orderBy('id')
            ->get(['parameter', 'method', 'value', 'low', 'high', 'taken_at']);
        foreach ($rows as $row) {
            if (
                is_string($row->parameter)
                && is_string($row->method)
                && is_string($row->taken_at)
                && is_numeric($row->value)
                && is_numeric($row->low)
                && is_numeric($row->high)
            ) {
                $at = (int) strtotime($row->taken_at.' UTC');
                $reading = [$at, $row->method, (float) $row->value, (float) $row->low, (float) $row->high];
                if (isset($others[$row->parameter])) {
                    $others[$row->parameter][] = $reading;
                } elseif ($at >= $from->getTimestamp()) {
                    // The last of a day.
                    $acidity[substr($row->taken_at, 0, 10)] = $reading;
                }
            }
        }
        $found = [];
        foreach (array_slice(array_values($acidity), -self::MOST) as $ph) {
            $near = array_map(static fn(array $of): ?array => self::nearest($of, $ph[0]), $others);
            if ($near['carbonate_hardness'] === null) {
                continue;
            }
            $known = ['ph' => self::reading('ph', $ph)];
            foreach ($near as $name => $one) {
                $known += $one === null ? [] : [$name => self::reading($name, $one)];
            }
            $known += ['temperature' => new NormalValue($tank->warmth, 0.0), 'conductivity' => new NormalValue(self::CONDUCTIVITY, 0.0)];
            $water = new WaterState((string) __('names.the_tank'), $known);
            $gas = DissolvedGas::of(
                $known['ph'],
                self::reading('carbonate_hardness', $near['carbonate_hardness']),
                max(0.0, min(40.0, $known['temperature']->central())),
                max(0.0, $known['conductivity']->central()),
            );
            if ($gas !== null) {
                $found[] = ['at' => $ph[0], 'gas' => $gas, 'water' => $water];
            }
        }

        return $found;
    }

    /**
     * @param list<array{int, string, float, float, float}> $readings
     *
     * @return array{int, string, float, float, float}|null
     */
    private static function nearest(array $readings, int $second): ?array
    {
        $best = null;
        foreach ($readings as $reading) {
            $best = abs($reading[0] - $second) <= 86400 * self::NEAR && ($best === null || abs($reading[0] - $second) <= abs($best[0] - $second))
                ? $reading
                : $best;
        }

        return $best;
    }

    /** @param array{int, string, float, float, float} $kept */
    private static function reading(string $parameter, array $kept): Distribution
    {
        return TestResult::kept(Parameter::from($parameter), ReadingMethod::from($kept[1]), $kept[2], $kept[3], $kept[4])->distribution();
    }
}
