<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Formula\Grade;

/**
 * What leaves may lack or suffer from. Leaves alone are weak evidence: old leaves show first what a plant can move, new ones what it
 * cannot. One more is one entry.
 */
final class LeafCauses
{
    /** @return non-empty-array<string, Cause> by key */
    public static function all(): array
    {
        $contested = Grade::Contested;
        $consensus = Grade::Consensus;
        $causes = [
            new Cause(
                'nitrogen',
                0.12,
                [
                    'which' => self::is(['old' => 8]), 'pattern' => self::is(['even' => 7]), 'leaf_colour' => self::is(['yellow' => 8]),
                    'nitrate_low' => Likelihood::of(8, 2, $consensus), 'doses_missed' => Likelihood::of(4, 2), 'grown_over' => Likelihood::of(4, 3),
                    'one_plant' => Likelihood::of(2, 3),
                ],
            ),
            new Cause(
                'phosphorus',
                0.08,
                [
                    'which' => self::is(['old' => 8]), 'leaf_colour' => self::is(['dark' => 7]),
                    'phosphate_low' => Likelihood::of(8, 2.5, $consensus), 'grown_over' => Likelihood::of(6, 3),
                    'doses_missed' => Likelihood::of(4, 2),
                ],
            ),
            new Cause(
                'potassium',
                0.12,
                [
                    'which' => self::is(['old' => 8]), 'pattern' => self::is(['pinholes' => 4, 'edges' => 3, 'holes' => 1.5]),
                    'potassium_low' => Likelihood::of(8, 2.5, $consensus), 'doses_missed' => Likelihood::of(5, 2),
                ],
            ),
            new Cause(
                'magnesium',
                0.06,
                ['which' => self::is(['old' => 8]), 'pattern' => self::is(['between_veins' => 8]), 'soft_water' => Likelihood::of(6, 2)],
            ),
            new Cause(
                'iron',
                0.1,
                [
                    'which' => self::is(['new' => 8.5]), 'leaf_colour' => self::is(['pale' => 7, 'yellow' => 2]),
                    'pattern' => self::is(['between_veins' => 4, 'even' => 3]), 'iron_low' => Likelihood::of(8, 3, $contested),
                    'doses_missed' => Likelihood::of(5, 2),
                ],
            ),
            new Cause(
                'traces',
                0.05,
                [
                    'which' => self::is(['new' => 8]), 'pattern' => self::is(['twisted' => 4, 'even' => 2]), 'leaf_colour' => self::is(['pale' => 5]),
                    'doses_missed' => Likelihood::of(6, 2),
                ],
            ),
            new Cause(
                'calcium',
                0.05,
                ['which' => self::is(['new' => 8.5]), 'pattern' => self::is(['twisted' => 7]), 'soft_water' => Likelihood::of(7, 2, $consensus)],
            ),
            new Cause(
                'gas',
                0.1,
                [
                    'which' => self::is(['all' => 5, 'new' => 3]), 'gas_unsteady' => Likelihood::of(8, 2, $consensus),
                    'grown_over' => Likelihood::of(6, 3), 'pattern' => self::is(['twisted' => 2, 'holes' => 2]),
                ],
            ),
            new Cause(
                'light',
                0.08,
                [
                    'which' => self::is(['old' => 7]), 'light_short' => Likelihood::of(8.5, 2, $consensus), 'one_plant' => Likelihood::of(6, 3),
                    'pattern' => self::is(['even' => 4, 'glassy' => 2]),
                ],
            ),
            new Cause(
                'roots',
                0.1,
                [
                    'one_plant' => Likelihood::of(7.5, 3, $consensus), 'roots_unfed' => Likelihood::of(8.5, 2.5, $consensus),
                    'leaf_colour' => self::is(['yellow' => 4, 'pale' => 4]),
                ],
            ),
            new Cause(
                'transition',
                0.12,
                [
                    'planted_lately' => Likelihood::of(9.5, 1.5, $consensus), 'new_sound' => Likelihood::of(9, 4.5, $consensus),
                    'which' => self::is(['old' => 8]), 'pattern' => self::is(['glassy' => 5, 'holes' => 2]),
                ],
            ),
            new Cause(
                'jump',
                0.06,
                [
                    'water_jump' => Likelihood::of(8, 1, $consensus), 'moved' => Likelihood::of(6, 1.5, $consensus),
                    'pattern' => self::is(['glassy' => 7]), 'which' => self::is(['all' => 6, 'old' => 3]),
                ],
            ),
            new Cause(
                'buried',
                0.06,
                ['buried' => Likelihood::of(9, 0.7, $consensus), 'one_plant' => Likelihood::of(9, 3), 'pattern' => self::is(['glassy' => 5])],
            ),
            new Cause('heat', 0.03, ['hot' => Likelihood::of(9, 0.6, $consensus), 'which' => self::is(['all' => 6])]),
            new Cause('medicine', 0.03, ['medicine' => Likelihood::of(9.5, 0.6, $consensus), 'pattern' => self::is(['glassy' => 6])]),
            new Cause('softener', 0.02, ['softener' => Likelihood::of(9.5, 0.4, $consensus)]),
            new Cause(
                'nibbled',
                0.08,
                ['nibbled' => Likelihood::of(8, 0.7, $consensus), 'pattern' => self::is(['holes' => 8]), 'leaf_colour' => self::is(['sound' => 7])],
            ),
            new Cause(
                'old_age',
                0.15,
                ['few_oldest' => Likelihood::of(9, 2.5, $consensus), 'new_sound' => Likelihood::of(8.5, 4.5, $consensus), 'which' => self::is(['old' => 9.5])],
            ),
            new Cause(
                'spores',
                0.04,
                ['pattern' => Likelihood::among(['rows' => 9.5], Grade::Consensus), 'leaf_colour' => self::is(['brown' => 6, 'sound' => 3])],
            ),
        ];

        return array_combine(array_map(static fn(Cause $cause): string => $cause->key, $causes), $causes);
    }

    /** @param array<string, array<string, array{list<int>, list<int>}>> $confirmed by cause and sign */
    public static function of(Answers $answers, array $confirmed = []): IndependentCauses
    {
        return new IndependentCauses(
            array_values(LeafSigns::all()),
            array_map(static fn(Cause $cause): float => $cause->prior, self::all()),
            Cause::shares(self::all(), LeafSigns::all(), LeafSigns::usually(), $confirmed),
            $answers,
            Cause::dangers(self::all()),
        );
    }

    /** @return list<Remedy> what takes a cause away, or what is left to do */
    public static function remedies(string $cause): array
    {
        return match ($cause) {
            'nitrogen', 'phosphorus', 'potassium', 'magnesium', 'iron', 'traces', 'calcium' => [Remedy::Doses],
            'gas' => [Remedy::Gas, Remedy::Flow],
            'light' => [Remedy::Place],
            'roots' => [Remedy::Capsule],
            'buried' => [Remedy::Uncover],
            'heat' => [Remedy::Cool],
            'medicine', 'softener' => [Remedy::Water],
            default => [Remedy::Wait],
        };
    }

    /** @param array<string, float> $tenths */
    private static function is(array $tenths): Likelihood
    {
        return Likelihood::among($tenths, Grade::Contested);
    }
}
