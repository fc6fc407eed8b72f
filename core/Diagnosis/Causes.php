<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Formula\Grade;

/** What may be behind it. In so many of ten such cases the sign is there, and in so many of all others. One more is one entry. */
final class Causes
{
    /** Share of cases of a kind in which a cause that is suspected with it is at work. House default. */
    private const SUSPECTED = 0.4;

    /** @return non-empty-array<string, Cause> by key */
    public static function all(): array
    {
        /** @var non-empty-array<string, Cause>|null $all */
        static $all = null;
        if ($all !== null) {
            return $all;
        }
        $consensus = Grade::Consensus;
        $contested = Grade::Contested;
        $causes = [
            new Cause(
                'light_long',
                0.15,
                ['lamp_long' => Likelihood::of(8, 2.5, $consensus), 'sun' => Likelihood::of(4, 2), 'plants_few' => Likelihood::of(5, 4)],
            ),
            new Cause(
                'light_strong',
                0.15,
                [
                    'lamp_strong' => Likelihood::of(8, 2, $consensus), 'lamp_new' => Likelihood::of(6, 1, $consensus),
                    'plants_cut' => Likelihood::of(4, 2.5), 'plants_few' => Likelihood::of(5, 4),
                ],
            ),
            new Cause('gas_unsteady', 0.1, ['gas_unsteady' => Likelihood::of(8, 1.5, $consensus), 'lamp_strong' => Likelihood::of(5, 3)]),
            new Cause(
                'ammonia',
                0.1,
                [
                    'ammonium_seen' => Likelihood::of(7, 0.5, Grade::Measured), 'young' => Likelihood::of(5, 2.5, $consensus),
                    'bed_dug' => Likelihood::of(4, 1, $consensus), 'death' => Likelihood::of(4, 1, $consensus),
                    'extra_food' => Likelihood::of(4, 1.5, $consensus), 'filter_off' => Likelihood::of(3, 0.5, $consensus),
                    'medicine' => Likelihood::of(2, 0.7),
                ],
                true,
            ),
            new Cause(
                'feeding_heavy',
                0.12,
                [
                    'extra_food' => Likelihood::of(6, 1, $consensus), 'food_lies' => Likelihood::of(7, 1.5, $consensus),
                    'nitrate_high' => Likelihood::of(6, 2, $consensus), 'phosphate_high' => Likelihood::of(6, 2),
                    'stock_full' => Likelihood::of(6, 2),
                ],
            ),
            new Cause(
                'changes_skipped',
                0.12,
                [
                    'changes_late' => Likelihood::of(8.5, 2, $consensus), 'away' => Likelihood::of(5, 1, $consensus),
                    'nitrate_high' => Likelihood::of(6, 2, $consensus),
                ],
            ),
            new Cause(
                'organic_dirt',
                0.15,
                [
                    'filter_late' => Likelihood::of(7, 2, $consensus), 'bed_late' => Likelihood::of(7, 2.5, $consensus),
                    'leaves_dying' => Likelihood::of(6, 2, $consensus), 'flow_weak' => Likelihood::of(5, 2, $consensus),
                    'food_lies' => Likelihood::of(5, 2), 'away' => Likelihood::of(4, 1),
                ],
            ),
            new Cause(
                'flow_dead',
                0.1,
                [
                    'flow_weak' => Likelihood::of(7, 1.5, $consensus), 'corner' => Likelihood::of(8.5, 2, $consensus),
                    'filter_late' => Likelihood::of(5, 2.5), 'filter_off' => Likelihood::of(3, 0.7),
                ],
            ),
            new Cause(
                'nitrate_short',
                0.06,
                [
                    'nitrate_low' => Likelihood::of(8.5, 1.5, $contested), 'nitrate_high' => Likelihood::of(0.3, 2.5, $contested),
                    'doses_missed' => Likelihood::of(4, 2), 'plants_cut' => Likelihood::of(1, 2),
                ],
            ),
            new Cause(
                'phosphate_short',
                0.06,
                [
                    'phosphate_low' => Likelihood::of(8.5, 2, $contested), 'phosphate_high' => Likelihood::of(0.3, 2.5, $contested),
                    'doses_missed' => Likelihood::of(4, 2),
                ],
            ),
            new Cause(
                'food_missed',
                0.08,
                ['doses_missed' => Likelihood::of(8.5, 1.5, $consensus), 'nitrate_low' => Likelihood::of(5, 2), 'leaves_dying' => Likelihood::of(4, 2.5)],
            ),
            new Cause(
                'tap_rich',
                0.05,
                [
                    'tap_rich' => Likelihood::of(9, 1.5, Grade::Measured), 'water_new' => Likelihood::of(3, 0.7, $consensus),
                    'nitrate_high' => Likelihood::of(5, 2.5), 'phosphate_high' => Likelihood::of(5, 2.5),
                ],
            ),
            new Cause(
                'silicate',
                0.06,
                [
                    'silicate_read' => Likelihood::of(9, 2, $contested), 'water_new' => Likelihood::of(3, 0.8, $contested),
                    'young' => Likelihood::of(4, 2.5, $contested),
                ],
            ),
            new Cause('sun', 0.06, ['sun' => Likelihood::of(9.5, 1, $consensus)]),
            new Cause('heat', 0.04, ['hot' => Likelihood::of(9, 0.7, $consensus)]),
            new Cause(
                'plants_few',
                0.1,
                ['plants_few' => Likelihood::of(8, 2, $consensus), 'plants_cut' => Likelihood::of(6, 1.5, $consensus), 'leaves_dying' => Likelihood::of(4, 2)],
            ),
            new Cause('grazers_lost', 0.05, ['grazers_lost' => Likelihood::of(8, 0.5, $consensus), 'death' => Likelihood::of(4, 1)]),
            new Cause('soil_spent', 0.04, ['soil_old' => Likelihood::of(9, 1.5), 'leaves_dying' => Likelihood::of(5, 2)]),
            new Cause('came_in', 0.06, ['plants_new' => Likelihood::of(8, 2.5, $consensus)]),
            new Cause(
                'just_young',
                0.08,
                ['young' => Likelihood::of(9.5, 2, $consensus), 'plants_new' => Likelihood::of(7, 2.5), 'changes_late' => Likelihood::of(1.5, 2.5)],
            ),
        ];

        return $all = array_combine(array_map(static fn(Cause $cause): string => $cause->key, $causes), $causes);
    }

    /**
     * @param array<string, float>                                      $kinds     how likely each kind is; empty when nobody asked
     * @param array<string, array<string, array{list<int>, list<int>}>> $confirmed by cause and sign: confirmed cases by answer
     */
    public static function of(Answers $answers, array $kinds = [], array $confirmed = []): IndependentCauses
    {
        $prior = [];
        foreach (self::all() as $key => $cause) {
            $suspected = 0.0;
            foreach ($kinds as $kind => $share) {
                $suspected += isset(AlgaeTypes::all()[$kind]->suspects[$key]) ? $share : 0.0;
            }
            $prior[$key] = $cause->prior + (max($cause->prior, self::SUSPECTED) - $cause->prior) * min(1.0, $suspected);
        }

        return new IndependentCauses(
            array_values(DiagnosticSigns::all()),
            $prior,
            Cause::shares(self::all(), DiagnosticSigns::all(), [], $confirmed),
            $answers,
            Cause::dangers(self::all()),
        );
    }

    /** @return list<Remedy> what takes a cause away */
    public static function remedies(string $cause): array
    {
        return match ($cause) {
            'light_long' => [Remedy::LightHours],
            'light_strong' => [Remedy::LightDim, Remedy::LightHours],
            'gas_unsteady' => [Remedy::Gas],
            'ammonia', 'changes_skipped' => [Remedy::Changes],
            'feeding_heavy' => [Remedy::FeedLess, Remedy::Changes],
            'organic_dirt' => [Remedy::Filter, Remedy::Bed],
            'flow_dead' => [Remedy::Flow],
            'nitrate_short', 'phosphate_short', 'food_missed' => [Remedy::Doses],
            'tap_rich', 'silicate' => [Remedy::Water],
            'sun' => [Remedy::Shade],
            'heat' => [Remedy::Cool],
            'plants_few', 'soil_spent' => [Remedy::Plants],
            'grazers_lost' => [Remedy::Grazers],
            'came_in' => [Remedy::Hand],
            default => [Remedy::Wait],
        };
    }
}
