<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;

/** What in the life of a tank speaks for or against a cause: read from the log where it is kept, else asked. One more is one entry. */
final class DiagnosticSigns
{
    /** Weeks in which a tank counts as young. House default. */
    public const YOUNG_WEEKS = 12;

    /** Weeks for which plants, lamps, waters and animals count as new. House default. */
    public const NEW_WEEKS = 8;

    /** Weeks over which work that was put off, doses that were missed and plants that were cut are looked for. House default. */
    public const WINDOW_WEEKS = 4;

    /** Hours of lamp a day above which it counts as long. House default. */
    public const LONG_HOURS = 9.0;

    /** Times the light that the most demanding plants ask for, above which it counts as strong. House default. */
    public const STRONG = 1.5;

    /** µmol/m²s at the substrate above which light is strong where no plants are drawn. House default. */
    public const STRONG_LIGHT = 60.0;

    /** mg/L below which nitrate and phosphate are low. House defaults. */
    public const LOW = [2.0, 0.2];

    /** mg/L above which nitrate and phosphate are high. House defaults. */
    public const HIGH = [40.0, 2.0];

    /** mg/L below which potassium and iron are low. House defaults. */
    public const FOOD_LOW = [3.0, 0.05];

    /** dGH below which water is soft for plants. House default. */
    public const SOFT = 3.0;

    /** mg/L of nitrate and of phosphate in new water from which it brings much. House defaults. */
    public const RICH = [10.0, 0.5];

    /** mg/L of ammonium that a running tank does not have. House default. */
    public const AMMONIUM = 0.2;

    /** Degrees above which it is hot. House default. */
    public const HOT = 28.0;

    /** Times the usual days after which work counts as put off. House default. */
    public const LATE = 1.5;

    /** Share of planned doses within the window that makes them missed. House default. */
    public const MISSED = 0.25;

    /** Share of the substrate under plants below which they are few. House default. */
    public const FEW = 0.3;

    /** Share of what stood in a cut stand above which it was cut hard. House default. */
    public const CUT = 0.5;

    /** By how much of their mean counts of bubbles scatter from which gas is unsteady, and up to which it is steady. House defaults. */
    public const BUBBLES = [0.2, 0.1];

    /** Of what the filter turned over before, the share below which its flow is weak, and the one from which it is not. House defaults. */
    public const FLOW = [0.8, 0.9];

    /** Days without anything in the log that count as weeks away. House default. */
    public const AWAY_DAYS = 21;

    /** Months after which fired soil is spent. House default. */
    public const SOIL_MONTHS = 18;

    /**
     * What a sign is held against, in the base unit of each parameter; nothing for one that is no reading.
     *
     * @return list<array{Parameter, float}>
     */
    public static function limits(string $sign): array
    {
        return match ($sign) {
            'nitrate_low' => [[Parameter::Nitrate, self::LOW[0]]],
            'nitrate_high' => [[Parameter::Nitrate, self::HIGH[0]]],
            'phosphate_low' => [[Parameter::Phosphate, self::LOW[1]]],
            'phosphate_high' => [[Parameter::Phosphate, self::HIGH[1]]],
            'potassium_low' => [[Parameter::Potassium, self::FOOD_LOW[0]]],
            'iron_low' => [[Parameter::Iron, self::FOOD_LOW[1]]],
            'soft_water' => [[Parameter::GeneralHardness, Hardness::fromDegrees(self::SOFT)->millimolePerLitre]],
            'ammonium_seen' => [[Parameter::Ammonium, self::AMMONIUM]],
            'hot' => [[Parameter::Temperature, self::HOT]],
            'tap_rich' => [[Parameter::Nitrate, self::RICH[0]], [Parameter::Phosphate, self::RICH[1]]],
            default => [],
        };
    }

    /** Days back over which a sign is looked for; null for one that has no window. */
    public static function window(string $sign): ?int
    {
        return match ($sign) {
            'young' => 7 * self::YOUNG_WEEKS,
            'plants_new', 'lamp_new', 'extra_food', 'water_new' => 7 * self::NEW_WEEKS,
            'away' => 14 * self::NEW_WEEKS,
            'lamp_long', 'bed_dug', 'death' => 14,
            'ammonium_seen' => 21,
            'nitrate_low', 'nitrate_high', 'phosphate_low', 'phosphate_high', 'doses_missed', 'plants_cut', 'hot', 'medicine', 'gas_unsteady', 'flow_weak', 'leaves_dying', 'bed_late', 'filter_late', 'changes_late' => 7 * self::WINDOW_WEEKS,
            default => null,
        };
    }

    /** @return non-empty-array<string, Observation> by key */
    public static function all(): array
    {
        /** @var non-empty-array<string, Observation>|null $all */
        static $all = null;
        if ($all !== null) {
            return $all;
        }
        $signs = [
            Observation::yesNo('young', AnswerEffort::Look),
            Observation::yesNo('plants_new', AnswerEffort::Look),
            Observation::yesNo('lamp_long', AnswerEffort::Look),
            Observation::yesNo('lamp_strong', AnswerEffort::Look, 'strength'),
            Observation::yesNo('lamp_new', AnswerEffort::Look, 'strength'),
            Observation::yesNo('sun', AnswerEffort::Look),
            Observation::yesNo('gas_unsteady', AnswerEffort::Look),
            Observation::yesNo('nitrate_low', AnswerEffort::Test, 'nitrate'),
            Observation::yesNo('nitrate_high', AnswerEffort::Test, 'nitrate'),
            Observation::yesNo('phosphate_low', AnswerEffort::Test, 'phosphate'),
            Observation::yesNo('phosphate_high', AnswerEffort::Test, 'phosphate'),
            Observation::yesNo('ammonium_seen', AnswerEffort::Test),
            Observation::yesNo('doses_missed', AnswerEffort::Look),
            Observation::yesNo('extra_food', AnswerEffort::Look, 'feeding'),
            Observation::yesNo('food_lies', AnswerEffort::Look, 'feeding'),
            Observation::yesNo('death', AnswerEffort::Look),
            Observation::yesNo('stock_full', AnswerEffort::Look),
            Observation::yesNo('changes_late', AnswerEffort::Look, 'neglect'),
            Observation::yesNo('away', AnswerEffort::Look, 'neglect'),
            Observation::yesNo('filter_late', AnswerEffort::Look, 'dirt'),
            Observation::yesNo('bed_late', AnswerEffort::Look, 'dirt'),
            Observation::yesNo('bed_dug', AnswerEffort::Look),
            Observation::yesNo('leaves_dying', AnswerEffort::Look),
            Observation::yesNo('flow_weak', AnswerEffort::Look, 'flow'),
            Observation::yesNo('corner', AnswerEffort::Look, 'flow'),
            Observation::yesNo('filter_off', AnswerEffort::Look),
            Observation::yesNo('plants_cut', AnswerEffort::Look),
            Observation::yesNo('plants_few', AnswerEffort::Look),
            Observation::yesNo('water_new', AnswerEffort::Look),
            Observation::yesNo('tap_rich', AnswerEffort::Test),
            Observation::yesNo('silicate_read', AnswerEffort::Test),
            Observation::yesNo('hot', AnswerEffort::Look),
            Observation::yesNo('grazers_lost', AnswerEffort::Look),
            Observation::yesNo('soil_old', AnswerEffort::Look),
            Observation::yesNo('medicine', AnswerEffort::Look),
        ];

        return $all = array_combine(array_map(static fn(Observation $sign): string => $sign->key, $signs), $signs);
    }
}
