<?php

declare(strict_types=1);

namespace App\Units;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestKit;
use Cresco\Core\Measure\Unit;

/**
 * What keepers commonly measure with, as a whole: one act sets every kit. Steps and fields are house defaults, to be changed to what stands
 * on the keeper's own.
 */
enum KitSet: string
{
    case Strips = 'strips';
    case Drops = 'drops';
    case Pens = 'pens';

    /** Fields of a strip, in degrees where they are of hardness, and of the chart of a drop kit. House defaults. */
    private const FIELDS = [
        'strips' => [
            'nitrate' => [0.0, 10.0, 20.0, 40.0, 80.0, 160.0],
            'nitrite' => [0.0, 0.5, 1.0, 2.0, 5.0],
            'general_hardness' => [0.0, 4.0, 8.0, 14.0, 20.0],
            'carbonate_hardness' => [0.0, 3.0, 6.0, 10.0, 15.0],
            'ph' => [6.0, 6.5, 7.0, 7.5, 8.0, 8.5],
            'chlorine' => [0.0, 0.5, 1.0, 3.0],
        ],
        'drops' => ['ph' => [5.0, 5.5, 6.0, 6.5, 7.0, 7.5, 8.0, 8.5, 9.0]],
    ];

    /** Fields of a strip that is printed in mg/L as CaCO3. House defaults. */
    private const CALCIUM_CARBONATE = ['general_hardness' => [0.0, 25.0, 75.0, 150.0, 300.0], 'carbonate_hardness' => [0.0, 40.0, 80.0, 120.0, 180.0, 300.0]];

    /** Step of a pH meter. House default. */
    private const PEN = 0.01;

    /** @return array{ReadingMethod, float, list<float>} method, step and fields in base units */
    public function kit(Parameter $parameter, ?Unit $unit = null): array
    {
        $usual = TestKit::usual($parameter);
        $fields = self::FIELDS[$this->value][$parameter->value] ?? null;
        $toBase = match ($parameter) {
            Parameter::GeneralHardness => static fn(float $degrees): float => Hardness::fromDegrees($degrees)->millimolePerLitre,
            Parameter::CarbonateHardness => static fn(float $degrees): float => Alkalinity::fromDegrees($degrees)->milliequivalentPerLitre,
            default => static fn(float $value): float => $value,
        };

        return match (true) {
            $this === self::Strips
                && $unit?->key === 'caco3' => [ReadingMethod::AtField, 0.0, array_map($unit->toBase(...), self::CALCIUM_CARBONATE[$parameter->value] ?? [])],
            $fields !== null => [ReadingMethod::AtField, 0.0, array_map($toBase, $fields)],
            $this === self::Pens && $parameter === Parameter::Acidity => [ReadingMethod::Pen, self::PEN, []],
            default => [$usual->method, $usual->unit->widthToBase($usual->step), array_map($usual->unit->toBase(...), $usual->fields)],
        };
    }

    /** @param list<float> $fields of a chart, in the unit of the kit */
    public static function shown(array $fields): string
    {
        return implode(' ', array_map(static fn(float $field): string => Show::short($field, 4), $fields));
    }
}
