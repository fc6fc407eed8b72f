<?php

declare(strict_types=1);

namespace Tests\Core\Diagnosis;

use Cresco\Core\Diagnosis\AnswerEffort;
use Cresco\Core\Diagnosis\Answers;
use Cresco\Core\Diagnosis\Belief;
use Cresco\Core\Diagnosis\EvidenceFault;
use Cresco\Core\Diagnosis\ExclusiveDiagnosis;
use Cresco\Core\Diagnosis\IndependentCauses;
use Cresco\Core\Diagnosis\Likelihoods;
use Cresco\Core\Diagnosis\Observation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;
use Tests\Core\Row;

final class WeighingTest extends TestCase
{
    /** @return iterable<string, array{Row}> */
    public static function weighings(): iterable
    {
        foreach (Data::rows('evidence') as $i => $row) {
            yield "row $i" => [$row];
        }
    }

    #[DataProvider('weighings')]
    public function testSharesMoveAsDirectSummationSays(Row $row): void
    {
        [$signs, $prior, $shares] = self::catalogue($row);
        $answers = Answers::none();
        foreach ($signs as $i => $sign) {
            $answers = $row->has("answers.$i") ? $answers->with($sign, $row->flag("answers.$i") ? Observation::YES : Observation::NO) : $answers;
        }
        $weighing = new ExclusiveDiagnosis($signs, $prior, $shares, $answers);
        self::assertEqualsWithDelta($row->numbers('posterior'), array_values($weighing->posterior()), 2e-6);
        self::assertEqualsWithDelta($row->number('entropy_bit'), $weighing->entropy(), 2e-6);
        $best = null;
        foreach ($signs as $i => $sign) {
            if ($row->has("expected_gain_bit.$i")) {
                self::assertEqualsWithDelta($row->number("expected_gain_bit.$i"), $gain = $weighing->gain($sign), 2e-6);
                $best = $best === null || $gain > $best[1] ? [$i, $gain] : $best;
            } else {
                self::assertSame(0.0, $weighing->gain($sign));
            }
        }
        self::assertSame((int) $row->number('best_question'), $best[0] ?? null);
    }

    /** @return iterable<string, array{Row}> */
    public static function uncertain(): iterable
    {
        foreach (Data::rows('evidence-virtual') as $i => $row) {
            yield "row $i" => [$row];
        }
    }

    #[DataProvider('uncertain')]
    public function testSignsThatAreOnlyLikelyAndGroupsWeighAsTheyShould(Row $row): void
    {
        [$signs, $prior, $shares] = self::catalogue($row, array_map(intval(...), $row->numbers('group')));
        $answers = Answers::none();
        foreach ($signs as $i => $sign) {
            $answers = $answers->likely($sign, $row->number("chance_yes.$i"));
        }
        $weighing = new ExclusiveDiagnosis($signs, $prior, $shares, $answers);
        self::assertEqualsWithDelta($row->numbers('posterior'), array_values($weighing->posterior()), 1e-4);
        self::assertEqualsWithDelta($row->numbers('spread_dB'), array_values($weighing->spreads()), 1e-4);
        $counted = array_map(static fn(string $key): int => (int) substr($key, 1), array_keys($weighing->counted()));
        sort($counted);
        self::assertSame(array_map(intval(...), $row->numbers('counted')), $counted);
    }

    public function testConfirmedCasesMoveAShareAsABetaDistributionSays(): void
    {
        foreach (Data::rows('confirmed-shares') as $row) {
            $default = $row->number('default_share');
            $now = Likelihoods::confirmed([$default, 1.0 - $default], [(int) $row->number('confirmed_with_sign'), (int) $row->number('confirmed_without')]);
            self::assertEqualsWithDelta($row->number('share_now'), $now[0], 1e-4 * $row->number('share_now'));
            self::assertEqualsWithDelta(1.0, array_sum($now), 1e-12);
        }
    }

    public function testASignFitsAKindPoorlyWhereItIsRareForItAndOftenerElsewhere(): void
    {
        $signs = $shares = [];
        // Of ten cases of the kind, and of ten of anything else: rare for it, common for all, rare for all, and less than twice or more than twice as rare.
        foreach ([
            'slimy' => [0.5, 6.0], 'green' => [7.0, 9.0], 'purple' => [0.4, 0.5], 'long' => [0.9, 1.7], 'thin' => [0.9, 1.9],
        ] as $key => [$with, $without]) {
            $signs[] = Observation::yesNo($key);
            $shares[$key] = ['one' => [$with / 10.0, 1.0 - $with / 10.0], ExclusiveDiagnosis::NONE => [$without / 10.0, 1.0 - $without / 10.0]];
        }
        $answers = array_reduce($signs, static fn(Answers $answers, Observation $sign): Answers => $answers->with($sign, Observation::YES), Answers::none());
        $misfits = (new ExclusiveDiagnosis($signs, ['one' => 0.5, ExclusiveDiagnosis::NONE => 0.5], $shares, $answers))->misfits('one');
        sort($misfits);

        self::assertSame(['slimy', 'thin'], $misfits);
        self::assertSame([], (new ExclusiveDiagnosis($signs, ['one' => 0.5, ExclusiveDiagnosis::NONE => 0.5], $shares, Answers::none()))->misfits('one'));
    }

    public function testTheOrderOfAnswersDoesNotMatter(): void
    {
        $chance = new Randomizer(new Mt19937(3));
        for ($case = 0; $case < 50; ++$case) {
            [$signs, $prior, $shares] = self::random($chance, 5, 7);
            $given = array_map(static fn(): float => $chance->getInt(0, 100) / 100.0, $signs);
            $posteriors = [];
            foreach ([array_keys($signs), array_reverse(array_keys($signs)), $chance->shuffleArray(array_keys($signs))] as $order) {
                $answers = Answers::none();
                foreach ($order as $i) {
                    $answers = $answers->likely($signs[$i], $given[$i]);
                }
                $posteriors[] = (new ExclusiveDiagnosis($signs, $prior, $shares, $answers))->posterior();
            }
            self::assertEqualsWithDelta($posteriors[0], $posteriors[1], 1e-12);
            self::assertEqualsWithDelta($posteriors[0], $posteriors[2], 1e-12);
        }
    }

    public function testASignThatIsEquallyCommonForAllChangesNothing(): void
    {
        [$signs, $prior, $shares] = self::random(new Randomizer(new Mt19937(4)), 4, 3);
        foreach (array_keys($prior) as $kind) {
            $shares['s1'][$kind] = [0.3, 0.7];
        }
        $before = (new ExclusiveDiagnosis($signs, $prior, $shares, Answers::none()->with($signs[0], Observation::YES)))->posterior();
        $after = (new ExclusiveDiagnosis(
            $signs,
            $prior,
            $shares,
            Answers::none()->with($signs[0], Observation::YES)->with($signs[1], Observation::NO),
        ))->posterior();
        self::assertEqualsWithDelta($before, $after, 1e-12);
    }

    public function testWhatIsNotKnownIsNeverANo(): void
    {
        [$signs, $prior, $shares] = self::random(new Randomizer(new Mt19937(5)), 4, 3);
        $sum = array_sum($prior);
        self::assertEqualsWithDelta(
            array_map(static fn(float $p): float => $p / $sum, $prior),
            (new ExclusiveDiagnosis($signs, $prior, $shares, Answers::none()))->posterior(),
            1e-12,
        );
        $said = Answers::none()->with($signs[0], Observation::NO);
        self::assertEqualsWithDelta(
            (new ExclusiveDiagnosis($signs, $prior, $shares, Answers::none()))->posterior(),
            (new ExclusiveDiagnosis($signs, $prior, $shares, $said->without('s0')))->posterior(),
            1e-12,
        );
        self::assertNotEqualsWithDelta(
            (new ExclusiveDiagnosis($signs, $prior, $shares, Answers::none()))->posterior(),
            (new ExclusiveDiagnosis($signs, $prior, $shares, $said))->posterior(),
            1e-3,
        );
        self::assertNull($said->option($signs[1]));
        self::assertSame(Observation::NO, $said->option($signs[0]));
    }

    public function testBarsAddUpToWhatTheSharesBecame(): void
    {
        [$signs, $prior, $shares] = self::random(new Randomizer(new Mt19937(6)), 4, 6, true);
        $answers = Answers::none()->with($signs[0], Observation::YES)->with($signs[2], Observation::NO)->likely($signs[4], 0.7);
        $weighing = new ExclusiveDiagnosis($signs, $prior, $shares, $answers);
        $now = $weighing->posterior();
        foreach (['k0', 'k1', 'k2'] as $kind) {
            $expected = 10.0 * log10($now[$kind] / $now[ExclusiveDiagnosis::NONE]) - 10.0 * log10($prior[$kind] / $prior[ExclusiveDiagnosis::NONE]);
            self::assertEqualsWithDelta($expected, array_sum($weighing->weights($kind)), 1e-9);
        }
    }

    public function testSeveralCausesMayBeLikelyTogetherAndOneDoesNotPushOutTheOther(): void
    {
        $signs = [Observation::yesNo('lamp'), Observation::yesNo('dug'), Observation::yesNo('both')];
        $shares = [
            'lamp' => ['strong' => [[0.8, 0.2], [0.1, 0.9]]],
            'dug' => ['ammonia' => [[0.7, 0.3], [0.05, 0.95]]],
            'both' => ['strong' => [[0.6, 0.4], [0.3, 0.7]], 'ammonia' => [[0.6, 0.4], [0.3, 0.7]]],
        ];
        $prior = ['strong' => 0.2, 'ammonia' => 0.1, 'heat' => 0.05];
        $answers = Answers::none()->with($signs[0], Observation::YES)->with($signs[1], Observation::YES);
        $now = (new IndependentCauses($signs, $prior, $shares, $answers))->posterior();
        // Odds by hand: 1/4 x 8 = 2, 1/9 x 14 = 1.5556.
        self::assertEqualsWithDelta(['strong' => 2 / 3, 'ammonia' => 0.608696, 'heat' => 0.05], $now, 1e-6);
        $then = (new IndependentCauses($signs, $prior, $shares, $answers->with($signs[2], Observation::YES)))->posterior();
        self::assertEqualsWithDelta(['strong' => 0.8, 'ammonia' => 0.756757, 'heat' => 0.05], $then, 1e-6);
        self::assertEqualsWithDelta(['lamp' => 10.0 * log10(8.0)], (new IndependentCauses($signs, $prior, $shares, $answers))->weights('strong'), 1e-9);
    }

    public function testADangerThatIsNotRuledOutIsAskedAfterFirst(): void
    {
        $signs = [Observation::yesNo('film'), Observation::yesNo('ammonium', AnswerEffort::Test)];
        $shares = ['film' => ['dirt' => [[0.9, 0.1], [0.1, 0.9]]], 'ammonium' => ['ammonia' => [[0.9, 0.1], [0.05, 0.95]]]];
        $next = (new IndependentCauses($signs, ['dirt' => 0.5, 'ammonia' => 0.06], $shares, Answers::none(), ['ammonia']))->next();
        self::assertSame(['ammonium', true], [$next?->sign->key, $next?->danger]);
        $next = (new IndependentCauses($signs, ['dirt' => 0.5, 'ammonia' => 0.04], $shares, Answers::none(), ['ammonia']))->next();
        self::assertSame(['film', false], [$next?->sign->key, $next?->danger]);
        $answers = Answers::none()->with($signs[0], Observation::YES)->with($signs[1], Observation::NO);
        self::assertNull((new IndependentCauses($signs, ['dirt' => 0.5, 'ammonia' => 0.06], $shares, $answers, ['ammonia']))->next());
    }

    public function testAskingEndsWhenTheActIsSettledOrTheAnswerCostsMoreThanItTells(): void
    {
        $signs = [Observation::yesNo('a'), Observation::yesNo('b')];
        $shares = [
            'a' => ['x' => [0.95, 0.05], 'y' => [0.05, 0.95], 'none' => [0.5, 0.5]],
            'b' => ['x' => [0.6, 0.4], 'y' => [0.4, 0.6], 'none' => [0.5, 0.5]],
        ];
        $prior = ['x' => 0.6, 'y' => 0.35, 'none' => 0.05];
        self::assertSame('a', (new ExclusiveDiagnosis($signs, $prior, $shares, Answers::none()))->next()?->sign->key);
        self::assertNull((new ExclusiveDiagnosis($signs, $prior, $shares, Answers::none()->with($signs[0], Observation::YES)))->next());
        // A sign that nobody can tell by costs more than it says.
        $signs[1] = Observation::yesNo('b', AnswerEffort::Wait);
        self::assertNull((new ExclusiveDiagnosis([$signs[1]], $prior, ['b' => $shares['b']], Answers::none()))->next());
    }

    public function testOfSignsThatTellTheSameOneCountsWhicheverCameFirst(): void
    {
        $signs = [Observation::yesNo('weak', AnswerEffort::Look, 'same'), Observation::yesNo('strong', AnswerEffort::Look, 'same')];
        $shares = ['weak' => ['x' => [[0.6, 0.4], [0.4, 0.6]]], 'strong' => ['x' => [[0.9, 0.1], [0.3, 0.7]]]];
        $answers = Answers::none()->with($signs[0], Observation::YES)->with($signs[1], Observation::YES);
        $weighing = new IndependentCauses($signs, ['x' => 0.5], $shares, $answers);
        self::assertEqualsWithDelta(0.75, $weighing->posterior()['x'], 1e-12);
        self::assertSame(['strong'], array_keys($weighing->counted()));
    }

    /** @return iterable<string, array{float, Belief}> */
    public static function words(): iterable
    {
        yield 'very likely' => [0.85, Belief::VeryLikely];
        yield 'just not' => [0.849, Belief::Likely];
        yield 'likely' => [0.6, Belief::Likely];
        yield 'possible' => [0.2, Belief::Possible];
        yield 'unlikely' => [0.199, Belief::Unlikely];
    }

    #[DataProvider('words')]
    public function testWordsForAShare(float $share, Belief $word): void
    {
        self::assertSame($word, Belief::of($share));
    }

    public function testNonsenseIsNamed(): void
    {
        $sign = Observation::yesNo('a');
        foreach ([
            static fn() => Answers::none()->likely($sign, 1.2),
            static fn() => Answers::none()->with($sign, 'perhaps'),
            static fn() => Answers::none()->likely(new Observation('c', ['red', 'green']), 0.5),
            static fn() => new ExclusiveDiagnosis([$sign], ['x' => 0.0], [], Answers::none()),
            static fn() => new ExclusiveDiagnosis([$sign], ['x' => 1.0], ['a' => ['x' => [0.5, 0.6]]], Answers::none()->with($sign, Observation::YES)),
            static fn() => new IndependentCauses([$sign], ['x' => 1.0], [], Answers::none()),
            static fn() => Likelihoods::confirmed([0.5, 0.5], [-1, 0]),
        ] as $i => $nonsense) {
            try {
                $nonsense();
                self::fail("Case $i passed.");
            } catch (EvidenceFault $fault) {
                self::assertNotSame('', $fault->getMessage());
            }
        }
    }

    /**
     * @param list<int> $group
     *
     * @return array{list<Observation>, non-empty-array<string, float>, array<string, array<string, list<float>>>}
     */
    private static function catalogue(Row $row, array $group = []): array
    {
        $prior = [];
        foreach ($row->numbers('prior') as $k => $share) {
            $prior["k$k"] = $share;
        }
        $signs = $shares = [];
        for ($i = 0; $row->has("share_yes.$i"); ++$i) {
            $signs[] = Observation::yesNo("s$i", AnswerEffort::Look, in_array($i, $group, true) ? 'g' : '');
            foreach ($row->numbers("share_yes.$i") as $k => $share) {
                $shares["s$i"]["k$k"] = [$share, 1.0 - $share];
            }
        }
        return [$signs, $prior === [] ? ['k0' => 1.0] : $prior, $shares];
    }

    /** @return array{list<Observation>, non-empty-array<string, float>, array<string, array<string, list<float>>>} */
    private static function random(Randomizer $chance, int $kinds, int $count, bool $withNone = false): array
    {
        $names = array_map(static fn(int $k): string => "k$k", range(0, $kinds - 1));
        $prior = $signs = $shares = [];
        foreach ([...$names, ...$withNone ? [ExclusiveDiagnosis::NONE] : []] as $kind) {
            $prior[$kind] = $chance->getInt(1, 9) / 10.0;
        }
        for ($i = 0; $i < $count; ++$i) {
            $signs[] = Observation::yesNo("s$i", AnswerEffort::Look, ['', '', 'g'][$i % 3]);
            foreach (array_keys($prior) as $kind) {
                $share = $chance->getInt(2, 95) / 100.0;
                $shares["s$i"][$kind] = [$share, 1.0 - $share];
            }
        }
        self::assertNotSame([], $prior);

        return [$signs, $prior, $shares];
    }
}
