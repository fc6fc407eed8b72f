<?php

declare(strict_types=1);

namespace Tests\Core\WaterChange;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Level;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Inhabitants;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Water\Minerals;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\ChangePlan;
use Cresco\Core\WaterChange\Sizing;
use Cresco\Core\WaterChange\Untested;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A figure that would limit a change and was not read is no leave to change as much as one likes. */
final class UntestedTest extends TestCase
{
    private const ALL = ['general_hardness' => 1.25, 'carbonate_hardness' => 1.43, 'conductivity' => 330.0, 'temperature' => 25.0];

    /** @return iterable<string, array{list<string>, list<string>, list<string>}> what was not read of the tank, of the source, and what is asked for */
    public static function gaps(): iterable
    {
        yield 'all is read' => [[], [], []];
        yield 'KH of the tank' => [['carbonate_hardness'], [], ['tank carbonate_hardness']];
        yield 'KH of the source' => [[], ['carbonate_hardness'], ['source carbonate_hardness']];
        yield 'no meter, but strips' => [['conductivity'], ['conductivity'], []];
        yield 'a meter, but no GH' => [['general_hardness'], ['general_hardness'], []];
        yield 'neither' => [['general_hardness', 'conductivity'], ['conductivity'], ['tank general_hardness']];
        yield 'a meter for the one, GH for the other' => [['conductivity'], ['general_hardness'], []];
        yield 'how warm the tank is' => [['temperature'], [], ['tank temperature']];
        yield 'nothing' => [
            array_keys(self::ALL), array_keys(self::ALL),
            ['tank carbonate_hardness', 'tank general_hardness', 'source carbonate_hardness', 'source general_hardness', 'tank temperature'],
        ];
    }

    /**
     * @param list<string> $ofTank
     * @param list<string> $ofSource
     * @param list<string> $asked
     */
    #[DataProvider('gaps')]
    public function testWhatWasNotReadCapsTheChangeAndIsAskedFor(array $ofTank, array $ofSource, array $asked): void
    {
        // Waters that are alike: nothing else limits.
        $plan = self::plan(array_diff_key(self::ALL, array_flip($ofTank)), array_diff_key(self::ALL, array_flip($ofSource)));
        $name = static fn(Untested $one): string => ($one->inSource ? 'source ' : 'tank ').$one->parameter->value;
        foreach ([
            [AnimalGroup::Community, new Inhabitants(), 1.0 / 3.0], [AnimalGroup::HardyShrimp, new Inhabitants(), 0.25],
            [AnimalGroup::Community, new Inhabitants(fry: true), 0.25],
        ] as [$group, $living, $most]) {
            $allowance = Sizing::largestByMixing($plan, (new Needs($group, living: $living))->swingLimits());
            self::assertSame($asked, array_map($name, $allowance->unread));
            if ($asked !== []) {
                self::assertEqualsWithDelta($most, $allowance->share, 1e-9);
            } elseif ($ofTank === [] && $ofSource === []) {
                self::assertSame(1.0, $allowance->share);
            }
        }
        // A tank that was left alone is held to the smaller share, whoever lives in it.
        self::assertLessThanOrEqual(
            $asked === [] ? 1.0 : 0.25,
            Sizing::largestByMixing($plan, (new Needs(AnimalGroup::Community))->swingLimits()->ofNeglected())->share,
        );
    }

    public function testAWaterThatIsFarOffBindsBeforeTheCap(): void
    {
        // GH may move 4 degrees of the 20 between them: a fifth, although KH is not known.
        $degree = 0.178324;
        $allowance = Sizing::largestByMixing(
            self::plan(['general_hardness' => 5.0 * $degree, 'temperature' => 25.0], ['general_hardness' => 25.0 * $degree]),
            (new Needs(AnimalGroup::Community))->swingLimits(),
        );
        self::assertEqualsWithDelta(0.2, $allowance->share, 1e-4);
        self::assertSame(Parameter::GeneralHardness, $allowance->by);
        self::assertSame([], $allowance->unread);
    }

    public function testStripsTellConductivityWithItsBand(): void
    {
        // 9 dGH and 6 dKH: 1.605 mmol/L and 2.140 meq/L. By limiting conductivities, CRC Handbook: calcium 1.043 * 118.94, magnesium 0.562 * 106,
        // bicarbonate 2.14 * 44.5, chloride 0.535 * 76.31 and sulfate 0.2675 * 160 are 362 uS/cm in endless dilution, less about a tenth at this strength.
        $middle = Minerals::conductivity(1.605, 2.140);
        self::assertEqualsWithDelta(362.0 * 0.89 * 1.15, $middle->central(), 12.0);
        self::assertEqualsWithDelta(0.2 * $middle->central(), $middle->spread(), 0.5);
        self::assertLessThan(2.0, Minerals::conductivity(0.0, 0.0)->central());
        // Soda alone: 2 mmol/L of sodium bicarbonate, 50.08 + 44.5.
        self::assertEqualsWithDelta(2.0 * 94.6 * 0.955 * 1.15, Minerals::conductivity(0.0, 2.0)->central(), 6.0);
    }

    /**
     * @param array<string, float> $tank
     * @param array<string, float> $source
     */
    private static function plan(array $tank, array $source): ChangePlan
    {
        $water = static function (string $name, array $known): WaterState {
            $state = new WaterState($name, []);
            foreach ($known as $parameter => $value) {
                $state = $state->with(Parameter::from((string) $parameter), new ExactValue(is_float($value) ? $value : NAN));
            }

            return $state;
        };

        return new ChangePlan(ForecastTest::vessel(), $water('the tank', $tank), $water('the tap', $source), 30.0);
    }

    public function testWhereItIsOpenWhichOfTwoLevelsItIsTheOneThatLeavesLessCounts(): void
    {
        $limits = (new Needs(AnimalGroup::Community))->swingLimits();
        $share = static function (Distribution $conductivity) use ($limits): float {
            $plan = self::plan(
                ['general_hardness' => 1.0, 'carbonate_hardness' => 1.0, 'temperature' => 25.0],
                ['general_hardness' => 1.0, 'carbonate_hardness' => 1.0, 'conductivity' => 300.0],
            );
            $tank = $plan->tank->with(Parameter::Conductivity, $conductivity);

            return Sizing::largestByMixing(new ChangePlan($plan->vessel, $tank, $plan->source, 0.0, 1, 0.0, null, 25.0), $limits)->share;
        };
        // Read as 300 all along, and once as 900: it may be either, so that no more is changed than 900 would allow.
        $open = $share(new Level([[0.8, 300.0, 6.0], [0.2, 900.0, 18.0]]));
        self::assertEqualsWithDelta($share(new Level([[1.0, 900.0, 18.0]])), $open, 1e-9);
        self::assertLessThan($share(new Level([[1.0, 300.0, 6.0]])), $open);
    }
}
