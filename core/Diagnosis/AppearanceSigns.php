<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** The signs by which kinds are told apart, and how common each answer is among all else, of ten. One more is one entry. */
final class AppearanceSigns
{
    /** @return non-empty-array<string, SignEntry> by key */
    private static function catalogue(): array
    {
        return SignEntry::keyed([
            SignEntry::among(
                'shape',
                [
                    'dust' => 1.2, 'dots' => 0.8, 'crust' => 0.4, 'threads' => 1.4, 'antlers' => 0.4, 'tufts' => 1.0, 'fuzz' => 0.8, 'wool' => 0.5,
                    'net' => 0.3, 'sheets' => 0.7, 'cloud' => 0.8, 'film' => 0.7, 'jelly' => 0.5, 'bodies' => 0.5,
                ],
                AnswerEffort::Look,
                'form',
            ),
            SignEntry::among('colour', ['green' => 3.4, 'brown' => 2.0, 'dark' => 1.2, 'grey' => 0.8, 'blue_green' => 0.7, 'white' => 1.3, 'clear' => 0.6]),
            SignEntry::among(
                'where',
                [
                    'panes' => 1.8, 'sand' => 0.9, 'sand_line' => 0.5, 'old_leaves' => 1.6, 'edges' => 1.4, 'wood' => 0.9, 'stones' => 1.0,
                    'outlet' => 0.6, 'surface' => 0.6, 'water' => 0.7,
                ],
            ),
            SignEntry::among(
                'off',
                ['wipe' => 3.0, 'blade' => 1.0, 'twist' => 1.8, 'pull' => 1.0, 'peels' => 1.0, 'stays' => 1.2, 'loose' => 1.0],
                AnswerEffort::Wipe,
            ),
            SignEntry::among('feel', ['soft' => 4.0, 'slimy' => 2.4, 'rough' => 1.4, 'hard' => 1.2, 'nothing' => 1.0], AnswerEffort::Wipe),
            SignEntry::among('length', ['flat' => 4.2, 'short' => 2.4, 'middle' => 2.0, 'long' => 1.4], AnswerEffort::Look, 'form'),
            SignEntry::plain('branched', 1.5),
            SignEntry::plain('breaks', 3.0, AnswerEffort::Wipe),
            SignEntry::plain('musty', 1.0),
            SignEntry::plain('fanned', 2.0, AnswerEffort::Wipe),
            SignEntry::plain('pearls', 2.0),
            SignEntry::plain('fast', 4.0),
            SignEntry::plain('crawls', 0.6),
            SignEntry::plain('wood_new', 1.0),
            SignEntry::plain('upset', 2.0),
            SignEntry::plain('reddens', 1.0, AnswerEffort::Test),
            SignEntry::plain('fizzes', 0.5, AnswerEffort::Test),
            SignEntry::plain('young', 3.0),
            SignEntry::plain('phosphate_low', 3.0, AnswerEffort::Test),
            SignEntry::plain('nitrate_low', 3.0, AnswerEffort::Test),
            SignEntry::plain('gas_unsteady', 4.0),
            SignEntry::plain('dirty', 4.0),
        ]);
    }

    /** @return non-empty-array<string, Observation> by key, in the order in which they are asked when all tell as much */
    public static function all(): array
    {
        return array_map(static fn(SignEntry $entry): Observation => $entry->sign, self::entries());
    }

    /**
     * How common each answer of a sign is among all else, together 1.
     *
     * @return list<float>
     */
    public static function usually(string $sign): array
    {
        return (self::entries()[$sign] ?? throw EvidenceFault::unknown($sign))->usually;
    }

    /** @return non-empty-array<string, SignEntry> */
    private static function entries(): array
    {
        /** @var non-empty-array<string, SignEntry>|null $entries */
        static $entries = null;

        return $entries ??= self::catalogue();
    }
}
