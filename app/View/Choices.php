<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Disinfectant;
use App\Models\EntryKind;
use App\Models\LampSource;
use App\Models\ProblemAim;
use App\Models\SourceWaterKind;
use App\Models\TreatmentResult;
use App\Units\DoseUnit;
use App\Units\KitSet;
use App\Words\StepWords;
use App\Words\Texts;
use BackedEnum;
use Cresco\Core\Checklist\Caution;
use Cresco\Core\Checklist\LayoutIssueKind;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Fertilising\Chelate;
use Cresco\Core\Hydraulics\Grain;
use Cresco\Core\Light\GlassCover;
use Cresco\Core\Light\LampKind;
use Cresco\Core\Light\LampType;
use Cresco\Core\Light\LightColour;
use Cresco\Core\Light\WaterTint;
use Cresco\Core\Livestock\CountKind;
use Cresco\Core\Livestock\Quarantine;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Mixing\Ingredient;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Mixing\Spoon;
use Cresco\Core\Planning\AmountFound;
use Cresco\Core\Plants\GrowthForm;
use Cresco\Core\Plants\GrowthPace;
use Cresco\Core\Plants\LightDemand;
use Cresco\Core\Substrate\Cover;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\DeviceKind;
use Cresco\Core\Tank\HeightTable;
use Cresco\Core\Tank\PassiveSource;
use Cresco\Core\Tank\Shape;
use Cresco\Core\Water\AcidKind;
use Cresco\Core\Water\Ion;

/** What the fields of a form offer, and the parameters and cautions that a screen speaks of, by their keys. */
final class Choices
{
    /** @var array<string, class-string<BackedEnum>> */
    private const SETS = [
        'animals' => AnimalGroup::class, 'counts' => CountKind::class, 'cover' => Cover::class, 'device' => DeviceKind::class, 'found' => AmountFound::class, 'form' => GrowthForm::class, 'demand' => LightDemand::class,
        'pace' => GrowthPace::class, 'glass' => GlassCover::class, 'grain' => Grain::class, 'lamp' => LampKind::class, 'lamp_type' => LampType::class, 'light' => LightColour::class, 'off' => LayoutIssueKind::class,
        'acid' => AcidKind::class, 'disinfectant' => Disinfectant::class, 'dose_unit' => DoseUnit::class, 'chelate' => Chelate::class, 'passive' => PassiveSource::class, 'school' => PracticeChoice::class, 'shape' => Shape::class, 'tint' => WaterTint::class, 'parameter' => Parameter::class,
        'kit_set' => KitSet::class, 'lamp_source' => LampSource::class, 'source_water' => SourceWaterKind::class, 'entry' => EntryKind::class, 'aim' => ProblemAim::class, 'treatment_result' => TreatmentResult::class,
    ];

    /** @return list<BackedEnum> */
    public static function all(string $set): array
    {
        return self::SETS[$set]::cases();
    }

    /** @return array<int|string, string> labels by value */
    public static function options(string $set): array
    {
        $labels = [];
        foreach (self::all($set) as $one) {
            $label = match (true) {
                $one instanceof Chelate => __('food.chelate.'.$one->value),
                $one instanceof AcidKind => __('acid.kind.'.$one->value),
                $one instanceof Disinfectant => __('waters.disinfectant.'.$one->value),
                $one instanceof DoseUnit => $one->label(),
                $one instanceof ProblemAim => __('inquiry.aim.'.$one->value),
                $one instanceof TreatmentResult => __('inquiry.end.outcomes.'.$one->value),
                default => Texts::has($one) ? label($one) : $one->value,
            };
            $labels[$one->value] = is_string($label) ? $label : '';
        }

        return $labels;
    }

    public static function parameter(string $key): Parameter
    {
        return Parameter::from($key);
    }

    /** @return list<Parameter> that plants live on */
    public static function nutrients(): array
    {
        return Parameter::nutrients();
    }

    /** @return list<Unit> that a kit of it may read in */
    public static function units(Parameter $parameter, float $penFactor): array
    {
        return Unit::for($parameter, $penFactor);
    }

    public static function caution(string $key): string
    {
        return StepWords::caution(Caution::from($key));
    }

    /** @return array<string, string> salts by their keys, with their formulas */
    public static function salts(): array
    {
        $salts = [];
        foreach (Salts::all() as $salt) {
            $salts[$salt->key] = __('names.salt.'.$salt->key).' · '.$salt->formula;
        }

        return $salts;
    }

    public static function ion(string $name): string
    {
        return label(Ion::from($name));
    }

    /** What one gram of an ingredient brings in one litre, uS/cm. */
    public static function risePerGram(Ingredient $ingredient): float
    {
        return Spoon::risePerGram($ingredient);
    }

    /** mmol/L in a degree of general hardness. */
    public static function degreeOfHardness(): float
    {
        return Hardness::MILLIMOLE_PER_DEGREE;
    }

    /** meq/L in a degree of carbonate hardness. */
    public static function degreeOfAlkalinity(): float
    {
        return Alkalinity::MILLIEQUIVALENT_PER_DEGREE;
    }

    public static function mostMarks(): int
    {
        return HeightTable::MOST_MARKS;
    }

    /** Days apart that are usual for a sort of animals. */
    public static function quarantine(string $sort): int
    {
        return Quarantine::days($sort)[0];
    }

    /** @return array<string, string> what a keeper writes into the log */
    public static function ofEntries(): array
    {
        return array_combine(
            array_column(EntryKind::written(), 'value'),
            array_map(static fn(EntryKind $kind): string => (string) __('names.entry.'.$kind->value), EntryKind::written()),
        );
    }
}
