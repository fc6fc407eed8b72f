<?php

declare(strict_types=1);

namespace Tests\Core\Checklist;

use Cresco\Core\Checklist\ExposureTimes;
use Cresco\Core\Checklist\Lane;
use Cresco\Core\Checklist\Minutes;
use Cresco\Core\Checklist\OrderRule;
use Cresco\Core\Checklist\OrderRules;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Checklist\Session;
use Cresco\Core\Checklist\StepCatalogue;
use Cresco\Core\Checklist\StepDefinition;
use Cresco\Core\Checklist\StepOrder;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Checklist\Timetable;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\DeviceKind;
use Cresco\Core\Tank\DeviceLevel;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Tank\Rectangle;
use Cresco\Core\Tank\SubstrateLayer;
use Cresco\Core\Tank\Vessel;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\ChangePlan;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The order of work: rules are kept or named, hands work while water runs, minutes are learned. */
final class StepOrderTest extends TestCase
{
    public function testAnySetOfTasksOnAnyTankKeepsEveryRule(): void
    {
        $chance = new Randomizer(new Mt19937(11));
        $maybe = static fn(): bool => $chance->getInt(0, 1) === 1;
        for ($i = 0; $i < 400; ++$i) {
            $schools = [];
            foreach (PracticeChoice::cases() as $school) {
                $choices = $school->choices();
                $schools[$school->value] = $choices[$chance->getInt(0, count($choices) - 1)];
            }
            $session = self::session(
                array_values(array_filter(Task::cases(), $maybe)),
                array_values(array_filter(DeviceKind::cases(), $maybe)),
                $schools,
                $chance->getInt(1, 3),
                60.0 + $chance->getInt(0, 250),
                $maybe() ? 40.0 : 0.0,
                $maybe() ? 0.5 : 0.0,
            );
            $order = $session->order();
            $place = array_flip($order->keys());

            self::assertSame([], $order->broken);
            self::assertSame(count($order->jobs), count($place));
            foreach (OrderRules::of($session) as $rule) {
                if (isset($place[$rule->first], $place[$rule->then])) {
                    self::assertLessThan($place[$rule->then], $place[$rule->first], "$rule->first before $rule->then: $rule->because");
                }
            }
            foreach (StepCatalogue::steps() as $job) {
                self::assertSame($job->isNeededIn($session), isset($place[$job->key]));
            }
        }
    }

    public function testRulesThatLeadInACircleAreNamed(): void
    {
        $job = static fn(string $key): StepDefinition => new StepDefinition($key, []);
        $circle = [new OrderRule('a', 'b', 'one'), new OrderRule('b', 'c', 'two'), new OrderRule('c', 'a', 'three')];
        $order = StepOrder::sorted([$job('a'), $job('b'), $job('c'), $job('d')], $circle);

        self::assertSame(['d', 'a', 'b', 'c'], $order->keys());
        self::assertSame(['three'], array_map(static fn(OrderRule $rule): string => $rule->because, $order->broken));
    }

    public function testAnOrderOfTheKeepersOwnIsTakenAndWhatItBreaksIsSaid(): void
    {
        $session = self::session([Task::Trim, Task::Glass], [DeviceKind::Heater]);
        $order = $session->order();
        self::assertLessThan(array_search('drain', $order->keys(), true), array_search('trim', $order->keys(), true));
        $keys = array_values(array_diff($order->keys(), ['trim']));
        array_splice($keys, (int) array_search('refill', $keys, true) + 1, 0, ['trim']);
        $own = $order->as($keys, $session);

        self::assertSame($keys, $own->keys());
        self::assertNotSame([], $own->broken);
        self::assertContains('loose_bits_leave_with_the', array_map(static fn(OrderRule $rule): string => $rule->because, $own->broken));
        self::assertSame($order->keys(), $order->as(['nonsense'], $session)->keys());
    }

    public function testSchoolsMoveTheSteps(): void
    {
        $before = self::keysOf([Task::Glass], []);
        $after = self::keysOf([Task::Glass], ['glass' => 'after']);

        self::assertLessThan(array_search('drain', $before, true), array_search('glass', $before, true));
        self::assertGreaterThan(array_search('drain', $after, true), array_search('glass', $after, true));
        self::assertContains('media', self::keysOf([Task::Media], []));
        self::assertNotContains('media', self::keysOf([Task::Media], ['media' => 'next_day']));
        self::assertNotContains('flow_off', self::keysOf([Task::Trim], []));
        $herded = self::keysOf([Task::Trim], ['flow' => 'on']);
        self::assertGreaterThan(array_search('net', $herded, true), array_search('flow_off', $herded, true));
        self::assertLessThan(array_search('drain', $herded, true), array_search('flow_off', $herded, true));
        self::assertSame(self::keysOf([Task::Trim], []), self::keysOf([Task::Trim], ['flow' => 'sideways']));
    }

    /**
     * @param list<Task>            $tasks
     * @param array<string, string> $schools
     *
     * @return list<string>
     */
    private static function keysOf(array $tasks, array $schools): array
    {
        return self::session($tasks, [DeviceKind::Canister], $schools)->order()->keys();
    }

    public function testHandsWorkWhileWaterDoes(): void
    {
        $session = self::session([Task::CoverGlass, Task::Glass, Task::Hardscape], [DeviceKind::Heater], [], 1, 200.0);
        $order = $session->order();
        $table = Timetable::of($order->jobs, OrderRules::of($session));
        $at = [];
        foreach ($table->steps as $step) {
            $at[$step['job']->key] = $step;
        }

        // While the heater cools for a quarter of an hour, cover glass (4) and panes (6) are done: ten minutes saved at least.
        self::assertGreaterThanOrEqual($at['off']['to'], $at['cool']['from']);
        self::assertLessThan($at['cool']['to'], $at['glass']['from']);
        self::assertLessThanOrEqual($table->oneAfterTheOther() - 10, $table->minutes());
        self::assertContains('glass', array_map(static fn(StepDefinition $job): string => $job->key, $table->meanwhile('cool')));
        self::assertSame([], $table->meanwhile('glass'));
        foreach (OrderRules::of($session) as $rule) {
            if (isset($at[$rule->first], $at[$rule->then])) {
                self::assertLessThanOrEqual($at[$rule->then]['from'], $at[$rule->first]['to'], "$rule->first ends before $rule->then begins");
            }
        }
    }

    public function testNoLaneDoesTwoThingsAtOnce(): void
    {
        $chance = new Randomizer(new Mt19937(3));
        for ($i = 0; $i < 100; ++$i) {
            $session = self::session(array_values(array_filter(Task::cases(), static fn(): bool => $chance->getInt(0, 1) === 1)), DeviceKind::cases());
            $table = Timetable::of($session->order()->jobs, OrderRules::of($session), ['drain' => $chance->getInt(1, 40)]);
            foreach (Lane::cases() as $lane) {
                $end = 0;
                foreach ($table->steps as $step) {
                    if ($step['job']->lane === $lane) {
                        self::assertGreaterThanOrEqual($end, $step['from']);
                        $end = $step['to'];
                    }
                }
            }
            self::assertLessThanOrEqual($table->oneAfterTheOther(), $table->minutes());
        }
    }

    public function testMinutesAreLearnedAndOneLongSupperDoesNotCount(): void
    {
        self::assertSame(10, Minutes::learned(10, []));
        // Two of 10 and three of 16, multiplied: (10² · 16³)^(1/5).
        self::assertSame(13, Minutes::learned(10, [16.0, 16.0, 16.0]));
        // Eight hours count as sixty minutes: (10² · 60)^(1/3).
        self::assertSame(18, Minutes::learned(10, [480.0]));
        // Once three others agree, they count for nothing.
        self::assertSame(Minutes::learned(10, [11.0, 12.0, 11.0]), Minutes::learned(10, [11.0, 12.0, 480.0, 11.0]));
        self::assertSame([3, [2.0]], [Minutes::posterior(10, [11.0, 12.0, 480.0, 11.0])->count, Minutes::posterior(10, [11.0, 12.0, 480.0, 11.0])->aside]);
        self::assertSame(1, Minutes::learned(1, [0.0, 0.0]));
    }

    public function testWhatStandsOutOfItsPlaceIsTimed(): void
    {
        // Off at 9; drained 19, dechlorinator 20, full 30, looked over 32, on 35.
        $spells = static fn(Session $session): ExposureTimes => ExposureTimes::of($session, Timetable::of($session->jobs(), OrderRules::of($session)));
        $usual = $spells(self::session([], [DeviceKind::Canister], [], mark: 100.0));
        self::assertSame([26, 26, 1, null, false], [$usual->off, $usual->filter, $usual->low, $usual->plants, $usual->isStale]);
        self::assertSame(21, $spells(self::session([], [DeviceKind::Canister], ['filter' => 'covered'], mark: 100.0))->filter);

        // Three drains stand at the mark the last time only until their refill.
        $long = $spells(self::session([], [DeviceKind::Canister], [], 3, 100.0));
        self::assertSame([26 + 2 * 21, 1], [$long->off, $long->low]);
        self::assertTrue($long->isStale);
        self::assertFalse($spells(self::session([], [DeviceKind::AirPump], [], 3))->isStale);

        // Out after 12 with the filter off at 9: drained at 22, full at 33, back at 37, on only then.
        self::assertSame(25, $spells(self::session([Task::Floaters], [DeviceKind::Canister], [], 1, 100.0))->plants);
    }

    public function testWhatTreatmentsWaitForIsUsedByTheHands(): void
    {
        $session = self::session([Task::Spot, Task::Media, Task::Planting], [DeviceKind::Canister]);
        $table = Timetable::of($session->jobs(), OrderRules::of($session));
        $keys = array_map(static fn(StepDefinition $job): string => $job->key, $session->jobs());

        self::assertLessThan(array_search('contact', $keys, true), array_search('spot', $keys, true));
        self::assertLessThan(array_search('refill', $keys, true), array_search('contact', $keys, true));
        self::assertContains('media', array_map(static fn(StepDefinition $job): string => $job->key, $table->meanwhile('contact')));
    }

    public function testAGuessIsHeldAgainstWhatItTook(): void
    {
        self::assertNull(Minutes::timesTheGuess([[30.0, 45.0], [40.0, 60.0]]));
        // Ten times as long is set aside; what is left weighs 6.25 each against 4 of "as long as guessed".
        self::assertEqualsWithDelta(1.5 ** (12.5 / 16.5), Minutes::timesTheGuess([[30.0, 45.0], [40.0, 60.0], [60.0, 600.0]]), 1e-9);
        self::assertEqualsWithDelta(1.5 ** (6.25 / 22.75), Minutes::timesTheGuess([[30.0, 30.0], [40.0, 60.0], [60.0, 60.0], [10.0, 90.0]]), 1e-9);
        self::assertNull(Minutes::timesTheGuess([[0.0, 45.0], [40.0, 0.0], [60.0, 60.0], [10.0, 10.0]]));
    }

    public function testEveryRuleNamesStepsOfTheCatalogueAndItsReason(): void
    {
        $keys = array_map(static fn(StepDefinition $job): string => $job->key, StepCatalogue::steps());
        self::assertSame($keys, array_values(array_unique($keys)));
        foreach (OrderRules::all() as $rule) {
            self::assertContains($rule->first, $keys);
            self::assertContains($rule->then, $keys);
            self::assertNotSame('', $rule->because);
        }
        foreach (Task::cases() as $task) {
            self::assertNotSame([], array_filter(StepCatalogue::steps(), static fn(StepDefinition $job): bool => $job->of === $task), $task->value);
        }
    }

    /**
     * @param list<Task>            $tasks
     * @param list<DeviceKind>      $devices
     * @param array<string, string> $schools
     */
    private static function session(
        array $tasks,
        array $devices,
        array $schools = [],
        int $drains = 1,
        float $mark = 200.0,
        float $litres = 40.0,
        float $inflow = 0.0,
    ): Session {
        $vessel = new Vessel(new Rectangle(500, 500), 420, 20, SubstrateLayer::none());
        $levels = array_map(
            static fn(DeviceKind $device): DeviceLevel => new DeviceLevel($device, $device->value, 150, 300),
            array_values(array_filter($devices, static fn(DeviceKind $d): bool => $d->hangsInWater())),
        );

        return new Session(
            new ChangePlan($vessel, new WaterState('the tank', []), new WaterState('tap', []), $litres, $inflow > 0.0 ? 1 : $drains, inflow: $inflow),
            new Needs(AnimalGroup::PlantsFirst),
            $devices,
            $levels,
            $mark,
            true,
            true,
            $tasks,
            $schools,
        );
    }
}
