<?php

declare(strict_types=1);

namespace App\Testing;

use App\Drawing\ChartPoint;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\TestResult;

/** Results of tests, and estimates of what is tested, as points of a chart in the keeper's units. */
final class TestedPoint
{
    public static function of(TestResult $reading, int $second, Show $show): ChartPoint
    {
        return self::at($reading->parameter, $reading->distribution(), $second, $show);
    }

    public static function at(Parameter $parameter, Distribution $value, int $second, Show $show): ChartPoint
    {
        return self::between($parameter, (float) $second, $value->central(), $value->quantile(0.1), $value->quantile(0.9), $show);
    }

    /** @param float $second since 1970; values in the base unit */
    public static function between(Parameter $parameter, float $second, float $value, float $low, float $high, Show $show): ChartPoint
    {
        $unit = $show->unit($parameter);
        $half = ($high - $low) / 2.0;
        $words = (string) __('chart.band', [
            'day' => $show->day(CarbonImmutable::createFromTimestamp((int) $second)), 'value' => $show
                ->value($parameter, $value, $half), 'low' => $show->number($parameter, $low, $half), 'high' => $show->number($parameter, $high, $half),
        ]);

        return new ChartPoint($second, $unit->fromBase($value), $unit->fromBase($low), $unit->fromBase($high), $words);
    }
}
