<?php

declare(strict_types=1);

namespace Tests\Core\Diagnosis;

use Cresco\Core\Diagnosis\AlgaeType;
use Cresco\Core\Diagnosis\AlgaeTypes;
use Cresco\Core\Diagnosis\Answers;
use Cresco\Core\Diagnosis\AppearanceSigns;
use Cresco\Core\Diagnosis\Causes;
use Cresco\Core\Diagnosis\DiagnosticSigns;
use Cresco\Core\Diagnosis\ExclusiveDiagnosis;
use Cresco\Core\Diagnosis\FindingKind;
use Cresco\Core\Diagnosis\KindDiagnosis;
use Cresco\Core\Diagnosis\Observation;
use Cresco\Core\Diagnosis\Technique;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class KindDiagnosisTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(AlgaeTypes::all()) as $key) {
            yield $key => [$key];
        }
    }

    /** Asked what Cresco asks, and shown what such a case shows most often. */
    #[DataProvider('kinds')]
    public function testATypicalCaseIsFoundWithinEightQuestions(string $key): void
    {
        $kind = AlgaeTypes::all()[$key];
        $answers = Answers::none();
        for ($asked = 0; $asked < 8 && ($next = KindDiagnosis::of($answers)->next(KindDiagnosis::acts())) !== null; ++$asked) {
            $shares = KindDiagnosis::share($kind, $next->sign);
            $answers = $answers->with($next->sign, $next->sign->options[(int) array_search($shares === [] ? 0.0 : max($shares), $shares, true)]);
        }
        $ranked = KindDiagnosis::of($answers)->ranked();
        self::assertSame($key, array_key_first($ranked));
        self::assertGreaterThan(0.75, reset($ranked));
    }

    /** @return iterable<string, array{string, string, string, float, float}> kind, sign, answer, of ten such cases, and of ten of all else */
    public static function published(): iterable
    {
        yield 'brown dust that wipes off' => ['diatoms', 'off', 'wipe', 9.0, 3.0];
        yield 'a tank under twelve weeks' => ['diatoms', 'young', 'yes', 7.0, 3.0];
        yield 'hard dots' => ['green_spot', 'off', 'blade', 8.0, 1.0];
        yield 'phosphate under 0.2' => ['green_spot', 'phosphate_low', 'yes', 4.0, 3.0];
        yield 'black brush reddens' => ['black_brush', 'reddens', 'yes', 9.0, 1.0];
        yield 'staghorn reddens' => ['staghorn', 'reddens', 'yes', 8.0, 1.0];
        yield 'unsteady gas' => ['black_brush', 'gas_unsteady', 'yes', 6.0, 4.0];
        yield 'filter or bed overdue' => ['staghorn', 'dirty', 'yes', 6.0, 4.0];
        yield 'rough' => ['cladophora', 'feel', 'rough', 9.0, 1.4];
        yield 'musty' => ['cyanobacteria', 'musty', 'yes', 7.0, 1.0];
        yield 'peels' => ['cyanobacteria', 'off', 'peels', 9.0, 1.0];
        yield 'nitrate under 2' => ['cyanobacteria', 'nitrate_low', 'yes', 4.0, 3.0];
        yield 'milky after an upset' => ['milky', 'upset', 'yes', 8.0, 2.0];
        yield 'new wood' => ['wood_fluff', 'wood_new', 'yes', 9.0, 1.0];
        yield 'fanned' => ['settled_dirt', 'fanned', 'yes', 9.0, 2.0];
    }

    #[DataProvider('published')]
    public function testSharesAreWhatPractitionersSay(string $kind, string $sign, string $answer, float $with, float $among): void
    {
        $looks = AppearanceSigns::all()[$sign];
        $at = (int) array_search($answer, $looks->options, true);
        self::assertEqualsWithDelta($with / 10.0, KindDiagnosis::share(AlgaeTypes::all()[$kind], $looks)[$at], 1e-9);
        self::assertEqualsWithDelta($among / 10.0, AppearanceSigns::usually($sign)[$at], 0.01);
    }

    public function testCoinFlipsEndAtNoneOfThese(): void
    {
        $chance = new Randomizer(new Mt19937(8));
        $none = 0;
        for ($case = 0; $case < 200; ++$case) {
            $answers = Answers::none();
            foreach (AppearanceSigns::all() as $sign) {
                $answers = $answers->with($sign, $sign->options[$chance->getInt(0, count($sign->options) - 1)]);
            }
            $none += array_key_first(KindDiagnosis::of($answers)->ranked()) === ExclusiveDiagnosis::NONE ? 1 : 0;
        }
        self::assertGreaterThan(160, $none);
    }

    public function testWhatIsSaidToBeLikelyIsSoThatOften(): void
    {
        $chance = new Randomizer(new Mt19937(21));
        $said = $was = 0;
        for ($case = 0; $case < 2000; ++$case) {
            $kind = self::drawn($chance, (new ExclusiveDiagnosis([], self::priors(), [], Answers::none()))->posterior());
            $answers = Answers::none();
            foreach (AppearanceSigns::all() as $sign) {
                // Signs that tell the same thing would count once and be drawn twice.
                if ($sign->key !== 'length' && $chance->getInt(0, 9) < 2) {
                    $answers = $answers->with(
                        $sign,
                        self::drawn(
                            $chance,
                            array_combine(
                                $sign->options,
                                $kind === ExclusiveDiagnosis::NONE ? self::others($sign) : KindDiagnosis::share(AlgaeTypes::all()[$kind], $sign),
                            ),
                        ),
                    );
                }
            }
            $ranked = KindDiagnosis::of($answers)->ranked();
            $first = array_key_first($ranked);
            if ($ranked[$first] >= 0.7 && $ranked[$first] < 0.9) {
                ++$said;
                $was += $first === $kind ? 1 : 0;
            }
        }
        self::assertGreaterThan(150, $said);
        self::assertGreaterThan(0.7, $was / $said);
        self::assertLessThan(0.9, $was / $said);
    }

    public function testConfirmedCasesOfAKeeperMakeAKindAndItsSignsLikelier(): void
    {
        $brown = Answers::none()->with(AppearanceSigns::all()['colour'], 'brown');
        $before = KindDiagnosis::of($brown)->posterior()['staghorn'];
        $seen = array_map(static fn(string $option): int => $option === 'brown' ? 4 : 0, AppearanceSigns::all()['colour']->options);
        self::assertGreaterThan(3.0 * $before, KindDiagnosis::of($brown, ['staghorn' => ['colour' => $seen]])->posterior()['staghorn']);
    }

    public function testTheCatalogueIsWholeAndKnowsItsOwnNames(): void
    {
        self::assertGreaterThanOrEqual(24, count(AlgaeTypes::all()));
        self::assertGreaterThanOrEqual(20, count(Causes::all()));
        self::assertGreaterThanOrEqual(50, count(AppearanceSigns::all() + DiagnosticSigns::all()));
        foreach (AlgaeTypes::all() as $kind) {
            self::assertNotSame([], $kind->techniques);
            foreach ($kind->shares as $sign => $share) {
                self::assertSame([], array_diff(array_keys($share->with), AppearanceSigns::all()[$sign]->options), "$kind->key $sign");
            }
            self::assertSame([], array_diff(array_keys($kind->suspects), array_keys(Causes::all())), $kind->key);
        }
        foreach (Causes::all() as $cause) {
            self::assertSame([], array_diff(array_keys($cause->shares), array_keys(DiagnosticSigns::all())), $cause->key);
            self::assertNotSame([], Causes::remedies($cause->key));
        }
    }

    public function testTwoThatComeToTheSameActNeedNotBeToldApart(): void
    {
        $acts = KindDiagnosis::acts();
        self::assertNotSame($acts['diatoms'], $acts['green_dust']);
        self::assertSame((new AlgaeType('a', FindingKind::Dirt, 1.0, 'dust', [], [Technique::Leave]))->act(), $acts['tea_tint']);
    }

    /** @return non-empty-array<string, float> */
    private static function priors(): array
    {
        return array_map(static fn(AlgaeType $kind): float => $kind->parts, AlgaeTypes::all()) + [ExclusiveDiagnosis::NONE => AlgaeTypes::NONE_PARTS];
    }

    /** @return list<float> */
    private static function others(Observation $sign): array
    {
        $even = 1.0 / count($sign->options);

        return array_map(static fn(float $share): float => $share + ExclusiveDiagnosis::SOFTENED * ($even - $share), AppearanceSigns::usually($sign->key));
    }

    /** @param array<string, float> $shares */
    private static function drawn(Randomizer $chance, array $shares): string
    {
        $at = $chance->getInt(0, 999_999) / 1e6;
        foreach ($shares as $key => $share) {
            $at -= $share;
            if ($at < 0.0) {
                return $key;
            }
        }

        return (string) array_key_last($shares);
    }
}
