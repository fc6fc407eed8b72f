<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** What leaves show, and what in the life of a tank bears on it; and how common each answer is among all else. One more is one entry. */
final class LeafSigns
{
    /** @return non-empty-array<string, SignEntry> by key */
    private static function entries(): array
    {
        return SignEntry::keyed([
            SignEntry::among('which', ['old' => 4.5, 'new' => 2.5, 'all' => 3.0]),
            SignEntry::among(
                'pattern',
                ['even' => 2.5, 'between_veins' => 1.0, 'edges' => 1.2, 'pinholes' => 1.2, 'twisted' => 1.0, 'glassy' => 1.1, 'holes' => 1.5, 'rows' => 0.5],
            ),
            SignEntry::among('leaf_colour', ['yellow' => 3.0, 'pale' => 1.8, 'dark' => 1.2, 'brown' => 2.5, 'sound' => 1.5]),
            SignEntry::plain('one_plant', 3.0),
            SignEntry::plain('new_sound', 5.0),
            SignEntry::plain('grown_over', 3.0),
            SignEntry::plain('planted_lately', 2.0),
            SignEntry::plain('moved', 2.0),
            SignEntry::plain('water_jump', 1.5),
            SignEntry::plain('doses_missed', 2.0),
            SignEntry::plain('nitrate_low', 2.0, AnswerEffort::Test),
            SignEntry::plain('phosphate_low', 2.5, AnswerEffort::Test),
            SignEntry::plain('potassium_low', 2.5, AnswerEffort::Test),
            SignEntry::plain('iron_low', 3.0, AnswerEffort::Test),
            SignEntry::plain('soft_water', 2.0),
            SignEntry::plain('roots_unfed', 3.0),
            SignEntry::plain('light_short', 2.5),
            SignEntry::plain('gas_unsteady', 2.0),
            SignEntry::plain('hot', 0.7),
            SignEntry::plain('medicine', 0.7),
            SignEntry::plain('softener', 0.5),
            SignEntry::plain('buried', 1.0, AnswerEffort::Wipe),
            SignEntry::plain('nibbled', 1.0),
            SignEntry::plain('few_oldest', 3.0),
        ]);
    }

    /** @return non-empty-array<string, Observation> by key */
    public static function all(): array
    {
        return array_map(static fn(SignEntry $entry): Observation => $entry->sign, self::entries());
    }

    /** @return array<string, list<float>> how common each answer is among all else, by sign, together 1 */
    public static function usually(): array
    {
        return array_map(static fn(SignEntry $entry): array => $entry->usually, self::entries());
    }
}
