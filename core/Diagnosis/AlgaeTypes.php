<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Formula\Grade;

/**
 * What is found in tanks, and in how many of ten such cases it shows each sign. All shares are guesses or what most keepers say, as their
 * grade tells. One more kind is one entry, with its words and its drawing.
 */
final class AlgaeTypes
{
    private const CONSENSUS = Grade::Consensus;

    private const CONTESTED = Grade::Contested;

    private const GUESS = Grade::Guess;

    /** @return non-empty-array<string, AlgaeType> by key */
    public static function all(): array
    {
        /** @var non-empty-array<string, AlgaeType>|null $all */
        static $all = null;

        return $all ??= self::keyed([
            new AlgaeType(
                'diatoms',
                FindingKind::Alga,
                10.0,
                'dust',
                [
                    'shape' => self::is(['dust' => 8.5, 'film' => 1]), 'colour' => self::is(['brown' => 9.5], Grade::Consensus),
                    'where' => self::is(['panes' => 3, 'sand' => 2.5, 'old_leaves' => 2, 'stones' => 2]),
                    'off' => self::is(['wipe' => 9], Grade::Consensus), 'feel' => self::is(['soft' => 7, 'slimy' => 2]),
                    'length' => self::is(['flat' => 9.5]), 'fanned' => self::yes(1), 'young' => self::yes(7, Grade::Consensus),
                    'fast' => self::yes(6), 'musty' => self::yes(0.2),
                ],
                [Technique::Wipe],
                [Remedy::Wait, Remedy::LightHours, Remedy::Grazers, Remedy::Water],
                ['just_young' => self::CONSENSUS, 'silicate' => self::CONTESTED, 'light_long' => self::GUESS],
            ),
            new AlgaeType(
                'green_dust',
                FindingKind::Alga,
                10.0,
                'dust',
                [
                    'shape' => self::is(['dust' => 8.5, 'film' => 1]), 'colour' => self::is(['green' => 9.7], Grade::Consensus),
                    'where' => self::is(['panes' => 9], Grade::Consensus), 'off' => self::is(['wipe' => 9]),
                    'feel' => self::is(['soft' => 7, 'slimy' => 2]), 'length' => self::is(['flat' => 9.5]), 'fanned' => self::yes(0.5),
                    'young' => self::yes(5), 'fast' => self::yes(6),
                ],
                [Technique::Wipe],
                [Remedy::Hand, Remedy::LightHours, Remedy::Wait],
                ['light_long' => self::GUESS, 'light_strong' => self::GUESS, 'just_young' => self::CONSENSUS],
            ),
            new AlgaeType(
                'green_spot',
                FindingKind::Alga,
                10.0,
                'dots',
                [
                    'shape' => self::is(['dots' => 9, 'crust' => 0.7], Grade::Consensus), 'colour' => self::is(['green' => 9]),
                    'where' => self::is(['panes' => 5.5, 'old_leaves' => 3, 'stones' => 0.8]),
                    'off' => self::is(['blade' => 8, 'stays' => 1.5], Grade::Consensus), 'feel' => self::is(['hard' => 8.5, 'rough' => 1]),
                    'length' => self::is(['flat' => 9.6]), 'fanned' => self::yes(0.2), 'phosphate_low' => self::yes(4, Grade::Consensus),
                    'fizzes' => self::yes(0.3),
                ],
                [Technique::Blade, Technique::CutOut],
                [Remedy::LightHours, Remedy::Doses, Remedy::Flow],
                ['light_strong' => self::CONSENSUS, 'light_long' => self::CONSENSUS, 'flow_dead' => self::GUESS, 'phosphate_short' => self::CONSENSUS],
            ),
            new AlgaeType(
                'thread',
                FindingKind::Alga,
                10.0,
                'threads',
                [
                    'shape' => self::is(['threads' => 8.5, 'wool' => 0.8]), 'colour' => self::is(['green' => 9.3]),
                    'where' => self::is(['edges' => 2.5, 'old_leaves' => 2, 'stones' => 2, 'wood' => 1.5]),
                    'off' => self::is(['twist' => 8.2, 'pull' => 1], Grade::Consensus), 'feel' => self::is(['soft' => 8]),
                    'length' => self::is(['middle' => 4.5, 'long' => 4.5]), 'branched' => self::yes(1), 'breaks' => self::yes(2),
                    'pearls' => self::yes(4),
                ],
                [Technique::Twist],
                [Remedy::Hand, Remedy::LightHours, Remedy::LightDim, Remedy::Gas, Remedy::Grazers, Remedy::Dark],
                ['light_strong' => self::CONSENSUS, 'light_long' => self::CONSENSUS, 'food_missed' => self::GUESS, 'plants_few' => self::GUESS],
                true,
                true,
            ),
            new AlgaeType(
                'spirogyra',
                FindingKind::Alga,
                4.0,
                'silk',
                [
                    'shape' => self::is(['threads' => 8, 'wool' => 1]), 'colour' => self::is(['green' => 9.6]),
                    'where' => self::is(['edges' => 2.5, 'old_leaves' => 2, 'water' => 1, 'sand' => 1]),
                    'off' => self::is(['twist' => 4, 'pull' => 3, 'loose' => 2]), 'feel' => self::is(['slimy' => 9], Grade::Consensus),
                    'length' => self::is(['long' => 8]), 'branched' => self::yes(0.3), 'breaks' => self::yes(9), 'pearls' => self::yes(5),
                    'fast' => self::yes(7),
                ],
                [Technique::Pull],
                [Remedy::Hand, Remedy::LightDim, Remedy::Dark, Remedy::Changes],
                ['light_strong' => self::CONSENSUS, 'ammonia' => self::GUESS],
                false,
                true,
            ),
            new AlgaeType(
                'cladophora',
                FindingKind::Alga,
                3.0,
                'wiry',
                [
                    'shape' => self::is(['tufts' => 4, 'threads' => 3, 'wool' => 2]), 'colour' => self::is(['green' => 9.4]),
                    'where' => self::is(['edges' => 2.5, 'stones' => 2.5, 'sand' => 1.5, 'old_leaves' => 1]),
                    'off' => self::is(['pull' => 6, 'stays' => 3]), 'feel' => self::is(['rough' => 9], Grade::Consensus),
                    'length' => self::is(['short' => 3, 'middle' => 6]), 'branched' => self::yes(8), 'breaks' => self::yes(1),
                ],
                [Technique::Pull, Technique::CutOut],
                [Remedy::Hand, Remedy::Spot, Remedy::LightDim],
                ['came_in' => self::CONSENSUS, 'light_strong' => self::GUESS],
                true,
            ),
            new AlgaeType(
                'staghorn',
                FindingKind::Alga,
                6.0,
                'antlers',
                [
                    'shape' => self::is(['antlers' => 9, 'threads' => 0.5], Grade::Consensus), 'colour' => self::is(['grey' => 7.5, 'dark' => 1.5]),
                    'where' => self::is(['edges' => 5.5, 'old_leaves' => 2, 'outlet' => 1.5]), 'off' => self::is(['stays' => 6, 'pull' => 3]),
                    'feel' => self::is(['rough' => 5, 'soft' => 4]), 'length' => self::is(['middle' => 7, 'short' => 2]), 'branched' => self::yes(9),
                    'reddens' => self::yes(8, Grade::Consensus), 'gas_unsteady' => self::yes(5), 'dirty' => self::yes(6, Grade::Consensus),
                ],
                [Technique::CutOut],
                [Remedy::Hand, Remedy::Bed, Remedy::Spot, Remedy::Gas, Remedy::Filter],
                ['organic_dirt' => self::CONSENSUS, 'ammonia' => self::CONSENSUS, 'gas_unsteady' => self::CONSENSUS],
                true,
            ),
            new AlgaeType(
                'black_brush',
                FindingKind::Alga,
                10.0,
                'tufts',
                [
                    'shape' => self::is(['tufts' => 8.5, 'fuzz' => 1], Grade::Consensus), 'colour' => self::is(['dark' => 8, 'grey' => 1.2]),
                    'where' => self::is(['edges' => 4, 'wood' => 2.5, 'outlet' => 2.5], Grade::Consensus),
                    'off' => self::is(['stays' => 8, 'blade' => 1], Grade::Consensus), 'feel' => self::is(['soft' => 5, 'rough' => 3.5]),
                    'length' => self::is(['short' => 5, 'middle' => 4.5]), 'branched' => self::yes(2), 'reddens' => self::yes(9, Grade::Consensus),
                    'gas_unsteady' => self::yes(6, Grade::Consensus), 'dirty' => self::yes(6),
                ],
                [Technique::CutOut, Technique::Brush],
                [Remedy::Hand, Remedy::Gas, Remedy::Spot, Remedy::Filter, Remedy::Bed],
                ['gas_unsteady' => self::CONSENSUS, 'organic_dirt' => self::CONSENSUS, 'feeding_heavy' => self::GUESS],
                true,
            ),
            new AlgaeType(
                'fuzz',
                FindingKind::Alga,
                6.0,
                'fuzz',
                [
                    'shape' => self::is(['fuzz' => 8.5, 'tufts' => 1]), 'colour' => self::is(['green' => 8, 'brown' => 1]),
                    'where' => self::is(['old_leaves' => 6, 'edges' => 2.5, 'panes' => 1]), 'off' => self::is(['wipe' => 5, 'twist' => 2]),
                    'feel' => self::is(['soft' => 8.5]), 'length' => self::is(['short' => 9]), 'branched' => self::yes(0.5), 'young' => self::yes(5),
                    'gas_unsteady' => self::yes(5),
                ],
                [Technique::Wipe, Technique::CutOut],
                [Remedy::Hand, Remedy::Gas, Remedy::Doses, Remedy::Grazers],
                ['food_missed' => self::GUESS, 'gas_unsteady' => self::GUESS, 'just_young' => self::GUESS],
                true,
                true,
            ),
            new AlgaeType(
                'wool',
                FindingKind::Alga,
                3.0,
                'wool',
                [
                    'shape' => self::is(['wool' => 8.5]), 'colour' => self::is(['green' => 5, 'grey' => 4]),
                    'where' => self::is(['sand' => 2.5, 'edges' => 2.5, 'stones' => 2, 'old_leaves' => 1.5]),
                    'off' => self::is(['pull' => 4, 'twist' => 3, 'loose' => 2]), 'feel' => self::is(['soft' => 6, 'slimy' => 3]),
                    'length' => self::is(['middle' => 5, 'long' => 4]),
                ],
                [Technique::Siphon, Technique::Twist],
                [Remedy::Hand, Remedy::Flow, Remedy::Bed, Remedy::LightHours],
                ['organic_dirt' => self::GUESS, 'light_long' => self::GUESS, 'flow_dead' => self::GUESS],
                true,
                true,
            ),
            new AlgaeType(
                'water_net',
                FindingKind::Alga,
                1.0,
                'net',
                [
                    'shape' => self::is(['net' => 9.5], Grade::Consensus), 'colour' => self::is(['green' => 9.6]),
                    'where' => self::is(['edges' => 3, 'surface' => 3, 'water' => 2]), 'off' => self::is(['pull' => 6, 'loose' => 3]),
                    'feel' => self::is(['rough' => 5, 'soft' => 4]), 'length' => self::is(['long' => 7]),
                ],
                [Technique::Pull],
                [Remedy::Hand, Remedy::Doses, Remedy::LightHours],
                ['came_in' => self::GUESS, 'light_strong' => self::GUESS],
                false,
                true,
            ),
            new AlgaeType(
                'green_water',
                FindingKind::Alga,
                4.0,
                'cloud',
                [
                    'shape' => self::is(['cloud' => 9.6], Grade::Consensus), 'colour' => self::is(['green' => 9.6], Grade::Consensus),
                    'where' => self::is(['water' => 9.6]), 'off' => self::is(['loose' => 9]), 'feel' => self::is(['nothing' => 9]),
                    'length' => self::is(['flat' => 9]), 'fast' => self::yes(7), 'fanned' => self::yes(1),
                ],
                [Technique::FineFilter],
                [Remedy::Dark, Remedy::Shade, Remedy::LightHours, Remedy::Changes],
                ['ammonia' => self::CONSENSUS, 'sun' => self::CONSENSUS, 'light_strong' => self::CONSENSUS],
                false,
                true,
            ),
            new AlgaeType(
                'cyanobacteria',
                FindingKind::Bacteria,
                7.0,
                'sheets',
                [
                    'shape' => self::is(['sheets' => 8.5, 'film' => 1], Grade::Consensus),
                    'colour' => self::is(['blue_green' => 7, 'dark' => 1.5, 'green' => 1]),
                    'where' => self::is(['sand' => 3.5, 'sand_line' => 3, 'old_leaves' => 1.5, 'stones' => 1]),
                    'off' => self::is(['peels' => 9], Grade::Consensus), 'feel' => self::is(['slimy' => 9.2]), 'length' => self::is(['flat' => 9]),
                    'musty' => self::yes(7, Grade::Consensus), 'nitrate_low' => self::yes(4, Grade::Consensus), 'fast' => self::yes(6),
                    'pearls' => self::yes(4), 'dirty' => self::yes(6),
                ],
                [Technique::Lift, Technique::Siphon],
                [Remedy::Hand, Remedy::Flow, Remedy::Bed, Remedy::Dark, Remedy::Doses],
                ['flow_dead' => self::CONSENSUS, 'organic_dirt' => self::CONSENSUS, 'nitrate_short' => self::CONSENSUS, 'feeding_heavy' => self::CONSENSUS],
                false,
                true,
            ),
            new AlgaeType(
                'surface_film',
                FindingKind::Bacteria,
                5.0,
                'film',
                [
                    'shape' => self::is(['film' => 9.2]), 'colour' => self::is(['clear' => 6, 'white' => 2.5, 'grey' => 1]),
                    'where' => self::is(['surface' => 9.6], Grade::Consensus), 'off' => self::is(['loose' => 6, 'wipe' => 2]),
                    'feel' => self::is(['slimy' => 5, 'nothing' => 4]), 'length' => self::is(['flat' => 9.5]), 'fast' => self::yes(5),
                ],
                [Technique::Skim],
                [Remedy::Flow, Remedy::FeedLess],
                ['flow_dead' => self::CONSENSUS, 'feeding_heavy' => self::CONSENSUS],
            ),
            new AlgaeType(
                'milky',
                FindingKind::Bacteria,
                4.0,
                'haze',
                [
                    'shape' => self::is(['cloud' => 9.6]), 'colour' => self::is(['white' => 8, 'grey' => 1.5], Grade::Consensus),
                    'where' => self::is(['water' => 9.6]), 'off' => self::is(['loose' => 9]), 'feel' => self::is(['nothing' => 9]),
                    'length' => self::is(['flat' => 9]), 'upset' => self::yes(8, Grade::Consensus), 'fast' => self::yes(9),
                ],
                [Technique::Leave],
                [Remedy::Wait, Remedy::FeedLess, Remedy::Changes],
                ['ammonia' => self::CONSENSUS, 'feeding_heavy' => self::CONSENSUS, 'just_young' => self::CONSENSUS],
            ),
            new AlgaeType(
                'wood_fluff',
                FindingKind::Fungus,
                3.0,
                'jelly',
                [
                    'shape' => self::is(['jelly' => 6, 'fuzz' => 2, 'wool' => 1]),
                    'colour' => self::is(['white' => 8.5, 'clear' => 1], Grade::Consensus), 'where' => self::is(['wood' => 9.6], Grade::Consensus),
                    'off' => self::is(['wipe' => 5, 'loose' => 2, 'peels' => 2]), 'feel' => self::is(['slimy' => 8]),
                    'length' => self::is(['short' => 5, 'flat' => 3]), 'wood_new' => self::yes(9, Grade::Consensus), 'young' => self::yes(7),
                ],
                [Technique::Brush],
                [Remedy::Wait, Remedy::Hand, Remedy::Grazers],
                [],
            ),
            new AlgaeType(
                'food_mould',
                FindingKind::Fungus,
                2.0,
                'wool',
                [
                    'shape' => self::is(['wool' => 5, 'fuzz' => 3]), 'colour' => self::is(['white' => 7, 'grey' => 2.5]),
                    'where' => self::is(['sand' => 7, 'stones' => 1]), 'off' => self::is(['loose' => 7]),
                    'feel' => self::is(['soft' => 6, 'slimy' => 3]), 'length' => self::is(['short' => 6]), 'upset' => self::yes(6),
                    'fast' => self::yes(9),
                ],
                [Technique::Siphon],
                [Remedy::FeedLess, Remedy::Bed],
                ['feeding_heavy' => self::CONSENSUS],
            ),
            new AlgaeType(
                'settled_dirt',
                FindingKind::Dirt,
                5.0,
                'specks',
                [
                    'shape' => self::is(['dust' => 7, 'wool' => 1]), 'colour' => self::is(['brown' => 8, 'grey' => 1.2]),
                    'where' => self::is(['sand' => 5, 'old_leaves' => 2, 'stones' => 1.5]), 'off' => self::is(['loose' => 7, 'wipe' => 2.5]),
                    'feel' => self::is(['soft' => 7, 'nothing' => 2]), 'length' => self::is(['flat' => 8]),
                    'fanned' => self::yes(9, Grade::Consensus), 'dirty' => self::yes(7),
                ],
                [Technique::Siphon],
                [Remedy::Bed, Remedy::Filter, Remedy::Flow],
                ['organic_dirt' => self::CONSENSUS, 'flow_dead' => self::GUESS],
            ),
            new AlgaeType(
                'tea_tint',
                FindingKind::Dirt,
                2.0,
                'tint',
                [
                    'shape' => self::is(['cloud' => 8]), 'colour' => self::is(['brown' => 7, 'clear' => 2]), 'where' => self::is(['water' => 9.6]),
                    'off' => self::is(['loose' => 9]), 'feel' => self::is(['nothing' => 9.5]), 'length' => self::is(['flat' => 9]),
                    'wood_new' => self::yes(6), 'fast' => self::yes(2),
                ],
                [Technique::Leave],
                [Remedy::Wait, Remedy::Water],
                [],
            ),
            new AlgaeType(
                'fines',
                FindingKind::Dirt,
                2.0,
                'specks',
                [
                    'shape' => self::is(['cloud' => 8.5]), 'colour' => self::is(['clear' => 4, 'grey' => 3, 'white' => 2]),
                    'where' => self::is(['water' => 9.4]), 'off' => self::is(['loose' => 9.4]), 'feel' => self::is(['nothing' => 9]),
                    'length' => self::is(['flat' => 9]), 'fanned' => self::yes(8), 'upset' => self::yes(6), 'fast' => self::yes(9.5),
                ],
                [Technique::FineFilter],
                [Remedy::Wait, Remedy::Filter],
                [],
            ),
            new AlgaeType(
                'limescale',
                FindingKind::Mineral,
                2.0,
                'crust',
                [
                    'shape' => self::is(['crust' => 8.5, 'dots' => 1]), 'colour' => self::is(['white' => 8, 'grey' => 1.5]),
                    'where' => self::is(['panes' => 4, 'surface' => 3, 'outlet' => 2]), 'off' => self::is(['blade' => 7, 'stays' => 2]),
                    'feel' => self::is(['hard' => 7, 'rough' => 2.5]), 'length' => self::is(['flat' => 9.6]),
                    'fizzes' => self::yes(9.5, Grade::Measured), 'fast' => self::yes(1),
                ],
                [Technique::Blade],
                [Remedy::Water],
                [],
            ),
            new AlgaeType(
                'snail_eggs',
                FindingKind::Animal,
                2.0,
                'eggs',
                [
                    'shape' => self::is(['bodies' => 5, 'jelly' => 3.5, 'dots' => 1.2]), 'colour' => self::is(['clear' => 4, 'white' => 5]),
                    'where' => self::is(['panes' => 4, 'old_leaves' => 3, 'wood' => 1.5]), 'off' => self::is(['wipe' => 5, 'blade' => 3.5]),
                    'feel' => self::is(['slimy' => 5, 'hard' => 4]), 'length' => self::is(['flat' => 6, 'short' => 3]), 'crawls' => self::yes(0.3),
                ],
                [Technique::Leave],
                [Remedy::FeedLess],
                ['feeding_heavy' => self::GUESS],
            ),
            new AlgaeType(
                'hydra',
                FindingKind::Animal,
                1.0,
                'hydra',
                [
                    'shape' => self::is(['bodies' => 6, 'fuzz' => 2, 'antlers' => 1.5]),
                    'colour' => self::is(['white' => 5, 'green' => 2, 'brown' => 2]), 'where' => self::is(['panes' => 5, 'old_leaves' => 2]),
                    'off' => self::is(['wipe' => 5, 'stays' => 3]), 'feel' => self::is(['soft' => 6, 'slimy' => 3]),
                    'length' => self::is(['short' => 8, 'middle' => 1.5]), 'branched' => self::yes(8), 'crawls' => self::yes(8),
                ],
                [Technique::Leave],
                [Remedy::FeedLess],
                ['feeding_heavy' => self::CONSENSUS],
            ),
            new AlgaeType(
                'flatworms',
                FindingKind::Animal,
                1.0,
                'worms',
                [
                    'shape' => self::is(['bodies' => 9.4]), 'colour' => self::is(['white' => 5, 'brown' => 3]),
                    'where' => self::is(['panes' => 6, 'sand' => 2]), 'off' => self::is(['wipe' => 7]), 'feel' => self::is(['slimy' => 6]),
                    'length' => self::is(['short' => 6, 'middle' => 3]), 'crawls' => self::yes(9.6, Grade::Consensus),
                ],
                [Technique::Siphon],
                [Remedy::FeedLess, Remedy::Bed],
                ['feeding_heavy' => self::CONSENSUS],
            ),
            new AlgaeType(
                'worms',
                FindingKind::Animal,
                1.0,
                'worms',
                [
                    'shape' => self::is(['bodies' => 8, 'threads' => 1.5]), 'colour' => self::is(['white' => 7, 'clear' => 1.5]),
                    'where' => self::is(['sand' => 4, 'panes' => 3, 'water' => 2]), 'off' => self::is(['loose' => 6, 'wipe' => 3]),
                    'feel' => self::is(['soft' => 6]), 'length' => self::is(['short' => 4, 'middle' => 5]), 'branched' => self::yes(0.3),
                    'crawls' => self::yes(9.4),
                ],
                [Technique::Siphon],
                [Remedy::FeedLess, Remedy::Bed],
                ['feeding_heavy' => self::CONSENSUS, 'organic_dirt' => self::GUESS],
            ),
        ]);
    }

    /** Share of cases that are none of these, in the parts of the kinds. House default. */
    public const NONE_PARTS = 6.0;

    /** @param array<string, float> $tenths */
    private static function is(array $tenths, Grade $grade = Grade::Guess): Likelihood
    {
        return Likelihood::among($tenths, $grade);
    }

    private static function yes(float $tenths, Grade $grade = Grade::Guess): Likelihood
    {
        return Likelihood::among(['yes' => $tenths], $grade);
    }

    /**
     * @param non-empty-list<AlgaeType> $kinds
     *
     * @return non-empty-array<string, AlgaeType>
     */
    private static function keyed(array $kinds): array
    {
        return array_combine(array_map(static fn(AlgaeType $kind): string => $kind->key, $kinds), $kinds);
    }
}
