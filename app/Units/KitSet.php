<?php

declare(strict_types=1);

namespace App\Units;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Kit;
use Cresco\Core\Measure\Method;
use Cresco\Core\Measure\Parameter;

/** What keepers commonly measure with, as a whole: one act sets every kit. Steps and fields are house defaults, to be changed to what stands on the keeper's own. */
enum KitSet: string
{
    case Strips = 'strips';
    case Drops = 'drops';
    case Pens = 'pens';

    public function label(): string
    {
        return match ($this) {
            self::Strips => 'Test strips',
            self::Drops => 'Drop kits and a thermometer',
            self::Pens => 'Pens, and drop kits for the rest',
        };
    }

    /** @return array{Method, float, list<float>} method, step and fields in base units */
    public function kit(Parameter $parameter): array
    {
        $gh = static fn(float ...$degrees): array => array_values(array_map(static fn(float $d): float => Hardness::fromDegrees($d)->millimolePerLitre, $degrees));
        $kh = static fn(float ...$degrees): array => array_values(array_map(static fn(float $d): float => Alkalinity::fromDegrees($d)->milliequivalentPerLitre, $degrees));
        $usual = Kit::usual($parameter);

        return match (true) {
            $this === self::Strips && $parameter === Parameter::Nitrate => [Method::AtField, 0.0, [0.0, 10.0, 20.0, 40.0, 80.0, 160.0]],
            $this === self::Strips && $parameter === Parameter::Nitrite => [Method::AtField, 0.0, [0.0, 0.5, 1.0, 2.0, 5.0]],
            $this === self::Strips && $parameter === Parameter::GeneralHardness => [Method::AtField, 0.0, $gh(0.0, 4.0, 8.0, 14.0, 20.0)],
            $this === self::Strips && $parameter === Parameter::CarbonateHardness => [Method::AtField, 0.0, $kh(0.0, 3.0, 6.0, 10.0, 15.0)],
            $this === self::Strips && $parameter === Parameter::Acidity => [Method::AtField, 0.0, [6.0, 6.5, 7.0, 7.5, 8.0, 8.5]],
            $this === self::Strips && $parameter === Parameter::Chlorine => [Method::AtField, 0.0, [0.0, 0.5, 1.0, 3.0]],
            $this === self::Drops && $parameter === Parameter::Acidity => [Method::AtField, 0.0, [5.0, 5.5, 6.0, 6.5, 7.0, 7.5, 8.0, 8.5, 9.0]],
            $this === self::Pens && $parameter === Parameter::Acidity => [Method::Pen, 0.01, []],
            default => [$usual->method, $usual->unit->widthToBase($usual->step), array_map($usual->unit->toBase(...), $usual->fields)],
        };
    }
}
