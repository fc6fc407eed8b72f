<?php

declare(strict_types=1);

namespace Tests\Core\State;

use Cresco\Core\Fertilising\FertilisingFault;
use Cresco\Core\Fertilising\NutrientTargets;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Event;
use Cresco\Core\State\MassBalance;
use Cresco\Core\State\StateFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;
use Tests\Core\Row;

final class MassBalanceTest extends TestCase
{
    /** @return iterable<string, array{Row}> */
    public static function settled(): iterable
    {
        foreach (Data::rows('steady') as $i => $row) {
            if (in_array($row->text('kind'), ['nutrient build-up', 'nitrate, steady saw-tooth'], true)) {
                yield $i.' '.$row->text('kind') => [$row];
            }
        }
    }

    /** Within 0.5 %, by running it for two hundred changes. */
    #[DataProvider('settled')]
    public function testWithoutLossesItSettlesOnTheClosedForms(Row $row): void
    {
        $g = static fn(string $field): float => $row->number('given.'.$field);
        $e = static fn(string $field): float => $row->number('expected.'.$field);
        $isDosed = $row->text('kind') === 'nutrient build-up';
        $days = $g('days_between');
        $rate = $isDosed ? -$g('uptake_mg_L_per_day') : $g('production_mg_L_per_day');
        $events = [];
        for ($i = 1; $i <= 200; ++$i) {
            $events[] = Event::changed($i * $days, $g('fraction'), $g('source_mg_L'));
            if ($isDosed) {
                $events[] = Event::added($i * $days, $g('dose_mg_L_right_after_each_change'));
            }
        }
        $after = MassBalance::run(10.0, $events, $rate, 0.0, 0.0, 200.0 * $days)->level;
        $before = MassBalance::run(10.0, $events, $rate, 0.0, 0.0, 200.0 * $days - 1e-6)->level;

        self::assertEqualsWithDelta($e($isDosed ? 'after_change_and_dose_mg_L' : 'trough_after_change_mg_L'), $after, 0.005 * $after);
        self::assertEqualsWithDelta($e($isDosed ? 'before_change_mg_L' : 'peak_before_change_mg_L'), $before, 0.005 * $before);
    }

    public function testADoseThatIsAllTakenUpRunsOutAndUptakeStops(): void
    {
        // 5 mg/L, 2 a day: gone on the third day, and half of the next day's wish stays unmet.
        $balance = MassBalance::run(0.0, [Event::added(0.0, 5.0)], -2.0, 0.0, 0.0, 7.0);

        self::assertSame(0.0, $balance->level);
        self::assertEqualsWithDelta(-5.0, $balance->made, 1e-12);
    }

    public function testIronHalvesInItsHalfLife(): void
    {
        self::assertEqualsWithDelta(0.05, MassBalance::run(0.1, [], 0.0, log(2.0) / 3.0, 0.0, 3.0)->level, 1e-12);
        // Against uptake: dC/dt = -0.01 - 0.2 C from 0.2, by hand: (0.2 + 0.05) e^-0.4 - 0.05 after two days.
        self::assertEqualsWithDelta(0.25 * exp(-0.4) - 0.05, MassBalance::run(0.2, [], -0.01, 0.2, 0.0, 2.0)->level, 1e-12);
    }

    public function testNothingComesFromNowhereAndNothingGoesUnseen(): void
    {
        $chance = new Randomizer(new Mt19937(11));
        $number = static fn(float $most): float => $most * $chance->getInt(0, 10 ** 6) / 1e6;
        for ($case = 0; $case < 300; ++$case) {
            $events = [];
            for ($i = 0; $i < 30; ++$i) {
                $day = $number(60.0);
                $events[] = $i % 2 === 0 ? Event::changed($day, $number(1.0), $number(40.0)) : Event::added($day, $number(5.0));
            }
            [$start, $rate, $loss] = [$number(40.0), $number(4.0) - 2.0, $number(0.5)];
            $balance = MassBalance::run($start, $events, $rate, $loss, 0.0, 60.0);

            self::assertEqualsWithDelta($balance->level, $start + $balance->brought - $balance->removed - $balance->lost + $balance->made, 1e-9);
            self::assertGreaterThanOrEqual(0.0, $balance->level);
            self::assertGreaterThanOrEqual(-1e-12, $balance->lost);
            // What is made is what the rate says; what is taken up may be less, never more.
            $rate >= 0.0
                ? self::assertEqualsWithDelta(60.0 * $rate, $balance->made, 1e-9)
                : self::assertGreaterThanOrEqual(60.0 * $rate - 1e-9, $balance->made);
        }
    }

    public function testTheOrderInWhichEventsAreWrittenDownDoesNotMatter(): void
    {
        $events = [Event::changed(3.0, 0.4, 5.0), Event::added(3.0, 2.0), Event::added(1.5, 1.0), Event::changed(6.0, 0.2, 5.0)];

        self::assertSame(MassBalance::run(8.0, $events, 0.3, 0.05, 0.0, 9.0)->level, MassBalance::run(8.0, array_reverse($events), 0.3, 0.05, 0.0, 9.0)->level);
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function wild(): iterable
    {
        yield 'a share above one' => [static fn() => Event::changed(1.0, 1.2, 5.0)];
        yield 'a level that is no number' => [static fn() => Event::added(1.0, NAN)];
        yield 'an end before the beginning' => [static fn() => MassBalance::run(1.0, [], 0.0, 0.0, 5.0, 4.0)];
        yield 'a gain called a loss' => [static fn() => MassBalance::run(1.0, [], 0.0, -0.1, 0.0, 4.0)];
        yield 'a level below nothing' => [static fn() => MassBalance::run(-1.0, [], 0.0, 0.0, 0.0, 4.0)];
    }

    #[DataProvider('wild')]
    public function testWhatCannotBeIsRefused(callable $try): void
    {
        $this->expectException(StateFault::class);
        $try();
    }

    public function testADoseAfterAChangeLeavesTheLevelAtItsAimBeforeTheNext(): void
    {
        $need = NutrientTargets::afterChange(
            Parameter::Nitrate,
            5.0,
            new NormalValue(6.0, 0.5),
            new NormalValue(-0.9, 0.1),
            0.4,
            7.0,
            new NormalValue(2.0, 0.3),
        );
        // After: 0.6 x 6 + 0.4 x 2 = 4.4; seven days take 6.3; 5 - 4.4 + 6.3.
        self::assertEqualsWithDelta([4.4, 6.9], [$need->value('A'), $need->value('D')], 1e-9);
        // Carried on day by day it is there: the aim is met, whatever the share.
        foreach ([0.0, 0.25, 0.9] as $share) {
            $level = (1.0 - $share) * 6.0 + $share * 2.0 + NutrientTargets::afterChange(
                Parameter::Nitrate,
                5.0,
                new NormalValue(6.0, 0.5),
                new NormalValue(-0.9, 0.1),
                $share,
                7.0,
                new NormalValue(2.0, 0.3),
            )->value('D');
            for ($day = 0; $day < 7; ++$day) {
                $level -= 0.9;
            }
            self::assertEqualsWithDelta(5.0, $level, 1e-9);
        }
        // At once and for good it is what the steady form says: the level before is then the aim.
        self::assertEqualsWithDelta(
            NutrientTargets::between(Parameter::Nitrate, 5.0, new NormalValue(-0.9, 0.1), 0.4, 7.0, new NormalValue(2.0, 0.3))->value('D'),
            NutrientTargets::afterChange(
                Parameter::Nitrate,
                5.0,
                new NormalValue(5.0, 0.5),
                new NormalValue(-0.9, 0.1),
                0.4,
                7.0,
                new NormalValue(2.0, 0.3),
            )->value('D'),
            1e-9,
        );
        self::assertSame(
            0.0,
            NutrientTargets::afterChange(
                Parameter::Nitrate,
                5.0,
                new NormalValue(40.0, 0.5),
                new NormalValue(0.5, 0.1),
                0.4,
                7.0,
                new NormalValue(2.0, 0.3),
            )->value('D'),
        );
        $this->expectException(FertilisingFault::class);
        NutrientTargets::afterChange(Parameter::Nitrate, 5.0, new NormalValue(40.0, 0.5), new NormalValue(0.5, 0.1), 1.4, 7.0, new NormalValue(2.0, 0.3));
    }
}
