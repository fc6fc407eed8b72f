<?php

declare(strict_types=1);

namespace Tests\Core\Checklist;

use Cresco\Core\Checklist\Caution;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Checklist\Session;
use Cresco\Core\Checklist\StepDefinition;
use Cresco\Core\Checklist\SwitchWork;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\DeviceKind;
use Cresco\Core\Tank\DeviceLevel;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Tank\Rectangle;
use Cresco\Core\Tank\SubstrateLayer;
use Cresco\Core\Tank\Vessel;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\ChangePlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SessionTest extends TestCase
{
    /**
     * @param list<DeviceKind>      $devices
     * @param list<Task>            $tasks
     * @param array<string, string> $schools
     */
    private static function session(
        array $devices = [],
        float $mark = 200,
        bool $tap = true,
        AnimalGroup $animals = AnimalGroup::Community,
        int $drains = 1,
        array $tasks = [],
        array $schools = [],
        float $litres = 40.0,
        float $inflow = 0.0,
    ): Session {
        $vessel = new Vessel(new Rectangle(500, 500), 420, 20, SubstrateLayer::none());
        $levels = array_map(
            static fn(DeviceKind $device): DeviceLevel => new DeviceLevel($device, $device->value, 150, 300),
            array_values(array_filter($devices, static fn(DeviceKind $d): bool => $d->hangsInWater())),
        );

        return new Session(
            new ChangePlan($vessel, new WaterState('the tank', []), new WaterState('tap', []), $litres, $drains, inflow: $inflow),
            new Needs($animals),
            $devices,
            $levels,
            $mark,
            $tap,
            !$tap,
            $tasks,
            $schools,
        );
    }

    /** @return list<string> */
    private static function keys(Session $session): array
    {
        return array_map(static fn(StepDefinition $job): string => $job->key, $session->jobs());
    }

    /** @return iterable<string, array{string, string}> what comes before what, always */
    public static function order(): iterable
    {
        yield 'looking before hands go in' => ['look', 'hands'];
        yield 'reading before draining' => ['read', 'drain'];
        yield 'hands before the switches' => ['hands', 'off'];
        yield 'switching off before draining' => ['off', 'drain'];
        yield 'the heater cools before draining' => ['cool', 'drain'];
        yield 'valves before draining' => ['valves', 'drain'];
        yield 'conditioner before the water runs in' => ['condition', 'refill'];
        yield 'the refill before the filter' => ['refill', 'on'];
        yield 'a look over before the filter' => ['check', 'on'];
        yield 'devices on before the sheet closes' => ['on', 'close'];
    }

    #[DataProvider('order')]
    public function testOneThingComesBeforeTheOther(string $first, string $then): void
    {
        $keys = self::keys(self::session(DeviceKind::cases()));

        self::assertLessThan(array_search($then, $keys, true), array_search($first, $keys, true));
        self::assertContains($first, $keys);
    }

    public function testEachDrainIsFollowedByItsRefill(): void
    {
        $keys = self::keys(self::session([DeviceKind::Heater], drains: 3));
        $water = array_values(array_filter($keys, static fn(string $key): bool => in_array($key, ['drain', 'condition', 'refill'], true)));

        self::assertSame(array_merge(...array_fill(0, 3, ['drain', 'condition', 'refill'])), $water);
    }

    public function testWithoutAChangeNoStepIsAboutWater(): void
    {
        $session = self::session(DeviceKind::cases(), tasks: Task::cases(), litres: 0.0);
        $keys = self::keys($session);

        self::assertSame(
            [],
            array_intersect($keys, ['read', 'new_water', 'cool', 'vacuum', 'drain', 'spot', 'condition', 'refill', 'trim_high', 'read_after', 'flow_off']),
        );
        self::assertSame(
            ['look', 'hands', 'off', 'valves', 'glass', 'trim', 'media', 'check', 'on', 'close'],
            array_values(array_intersect($keys, ['look', 'hands', 'off', 'valves', 'glass', 'trim', 'media', 'check', 'on', 'close'])),
        );
        self::assertFalse($session->does(Task::Vacuum));
    }

    public function testWhereNoHandGoesInNothingGoesOff(): void
    {
        self::assertSame(
            ['look', 'hands', 'cover_glass', 'fertilise', 'lid', 'close'],
            self::keys(self::session([DeviceKind::Heater, DeviceKind::Canister], tasks: [Task::CoverGlass, Task::Fertilise], litres: 0.0)),
        );
        // Its lens is wiped with the lamp off, and nothing else.
        self::assertSame([DeviceKind::Lamp], self::session(DeviceKind::cases(), tasks: [Task::CoverGlass], litres: 0.0)->switchList());
        self::assertSame(count(DeviceKind::cases()) - 1, count(self::session(DeviceKind::cases())->switchList()));
        self::assertSame(['look', 'outside', 'close'], self::keys(self::session(DeviceKind::cases(), tasks: [Task::Outside], litres: 0.0)));
        self::assertContains('off', self::keys(self::session(DeviceKind::cases(), tasks: [Task::Leaves], litres: 0.0)));
    }

    public function testTapWaterThatRunsInMeanwhileIsConditionedFirst(): void
    {
        $session = self::session([DeviceKind::Heater], tasks: [Task::Vacuum, Task::Planting], inflow: 0.5);
        $keys = self::keys($session);

        self::assertSame(
            ['condition', 'vacuum', 'drain', 'planting', 'refill'],
            array_values(array_intersect($keys, ['condition', 'vacuum', 'drain', 'planting', 'refill'])),
        );
        self::assertSame([], $session->order()->broken);
        $drain = array_values(array_filter($session->jobs(), static fn(StepDefinition $job): bool => $job->key === 'drain'))[0];
        self::assertContains(Caution::Scald, $session->cautionsOf($drain));
        self::assertContains(Caution::BackSiphon, $session->cautionsOf($drain));
    }

    /** @return iterable<string, array{list<FollowUpKind>, Session}> */
    public static function after(): iterable
    {
        yield 'a change is looked at in the evening' => [[FollowUpKind::Evening], self::session()];
        yield 'so is work with the hands in' => [[FollowUpKind::Evening], self::session(tasks: [Task::Trim], litres: 0.0)];
        yield 'a wiped pane is not' => [[], self::session(tasks: [Task::Outside], litres: 0.0)];
        yield 'media wait for what was stirred' => [[FollowUpKind::Evening, FollowUpKind::Media], self::session(
            tasks: [Task::Media],
            schools: ['media' => 'next_day'],
        )];
        yield 'media are rinsed already' => [[FollowUpKind::Evening], self::session(tasks: [Task::Media])];
    }

    /** @param list<FollowUpKind> $jobs */
    #[DataProvider('after')]
    public function testWhatIsLeftForLater(array $jobs, Session $session): void
    {
        self::assertSame($jobs, $session->after());
        foreach (FollowUpKind::cases() as $job) {
            self::assertLessThan($job->untilHours(), $job->fromHours());
        }
    }

    public function testEachSignAsksForWorkAndNoWorkIsAskedForByNone(): void
    {
        $asked = array_merge(...array_map(static fn(TankSign $sign): array => $sign->tasks(), TankSign::cases()));
        foreach ([Task::Glass, Task::Algae, Task::Vacuum, Task::Trim, Task::Floaters, Task::Media, Task::Planting] as $task) {
            self::assertContains($task, $asked);
        }
    }

    public function testAHeaterThatStaysCoveredNeedNotCool(): void
    {
        self::assertNotContains('cool', self::keys(self::session([DeviceKind::Heater], mark: 140)));
        self::assertContains('cool', self::keys(self::session([DeviceKind::Heater], mark: 151)));
    }

    public function testATankWithoutDevicesHasNoSwitchList(): void
    {
        $keys = self::keys(self::session([DeviceKind::AirPump]));

        self::assertNotContains('off', $keys);
        self::assertNotContains('on', $keys);
    }

    public function testWaterWithoutChlorineNeedsNoConditioner(): void
    {
        self::assertNotContains('condition', self::keys(self::session(tap: false)));
        self::assertContains('new_water', self::keys(self::session(tap: false)));
    }

    public function testWhatGoesOffIsAskedForAgain(): void
    {
        $work = array_map(static fn(StepDefinition $job): SwitchWork => $job->switches, self::session(DeviceKind::cases())->jobs());

        self::assertContains(SwitchWork::Off, $work);
        self::assertContains(SwitchWork::On, $work);
    }

    /** @return iterable<string, array{string, Caution, Session, bool}> */
    public static function cautions(): iterable
    {
        yield 'mains before hands go in' => ['off', Caution::Mains, self::session([DeviceKind::Heater]), true];
        yield 'no siphon by mouth' => ['drain', Caution::NoMouth, self::session(), true];
        yield 'a bare heater' => ['drain', Caution::BareHeater, self::session([DeviceKind::Heater]), true];
        yield 'a covered heater' => ['drain', Caution::BareHeater, self::session([DeviceKind::Heater], mark: 100), false];
        yield 'heavy buckets' => ['drain', Caution::Lifting, self::session(), true];
        yield 'back into the supply' => ['refill', Caution::BackSiphon, self::session(), true];
        yield 'no supply, no way back' => ['refill', Caution::BackSiphon, self::session(tap: false), false];
        yield 'hot tap water and shrimp' => ['refill', Caution::HotTap, self::session(animals: AnimalGroup::HardyShrimp), true];
        yield 'hot tap water and fish' => ['refill', Caution::HotTap, self::session(), false];
        yield 'a canister that stands still' => ['valves', Caution::FilterStill, self::session([DeviceKind::Canister]), true];
        yield 'carbon dioxide left on' => ['off', Caution::CarbonDioxide, self::session([DeviceKind::CarbonDioxide]), true];
        yield 'open skin' => ['hands', Caution::Skin, self::session(), true];
        yield 'blades' => ['trim', Caution::Blades, self::session(tasks: [Task::Trim]), true];
        yield 'waste water' => ['drain', Caution::Waste, self::session(), true];
    }

    /** @return iterable<string, array{string, Caution, Session}> what may kill or burn is among the two that stand open */
    public static function gravest(): iterable
    {
        yield 'a bare heater cracks or burns' => ['drain', Caution::BareHeater, self::session([DeviceKind::Heater])];
        yield 'copper kills shrimp' => ['refill', Caution::HotTap, self::session(animals: AnimalGroup::HardyShrimp)];
        yield 'a hot or cold hose' => ['refill', Caution::Scald, self::session(animals: AnimalGroup::HardyShrimp)];
    }

    #[DataProvider('gravest')]
    public function testTheGravestCautionsComeFirst(string $key, Caution $caution, Session $session): void
    {
        $job = array_values(array_filter($session->jobs(), static fn(StepDefinition $job): bool => $job->key === $key))[0];

        self::assertContains($caution, array_slice($session->cautionsOf($job), 0, 2));
    }

    #[DataProvider('cautions')]
    public function testACautionStandsWhereItBites(string $key, Caution $caution, Session $session, bool $plantGroups): void
    {
        foreach ($session->jobs() as $job) {
            if ($job->key === $key) {
                self::assertSame($plantGroups, in_array($caution, $session->cautionsOf($job), true));

                return;
            }
        }
        self::fail('There is no such step.');
    }
}
