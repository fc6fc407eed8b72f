<?php

declare(strict_types=1);

namespace App\Support;

use Cresco\Core\Measure\Kit;
use Cresco\Core\Measure\Method;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;

/** What most keepers measure with, until they say what they have. */
final class KitDefaults
{
    public static function of(Parameter $parameter, float $penFactor): Kit
    {
        [$method, $step, $fields] = match ($parameter) {
            Parameter::Nitrate => [Method::AtField, 0.0, [0.0, 5.0, 10.0, 20.0, 40.0, 80.0]],
            Parameter::Ammonium => [Method::AtField, 0.0, [0.0, 0.1, 0.25, 0.5, 1.0, 3.0]],
            Parameter::GeneralHardness, Parameter::CarbonateHardness => [Method::Drops, 1.0, []],
            Parameter::Acidity => [Method::Pen, 0.01, []],
            Parameter::Conductivity => [Method::Pen, 1.0, []],
            Parameter::Temperature => [Method::Pen, 0.1, []],
        };

        return new Kit($parameter, $method, Unit::for($parameter, $penFactor)[0], $step, $fields);
    }
}
