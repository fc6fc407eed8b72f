<?php

declare(strict_types=1);

namespace Tests\Core\Checklist;

use Cresco\Core\Checklist\Caution;
use Cresco\Core\Checklist\Lane;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Checklist\Session;
use Cresco\Core\Checklist\StepCatalogue;
use Cresco\Core\Checklist\StepDefinition;
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

/** What the steps say, and the cautions they carry where they bite. */
final class StepCatalogueTest extends TestCase
{
    public function testEveryStepHasSomethingToDoAndItsTime(): void
    {
        $session = self::session();
        foreach (StepCatalogue::steps() as $job) {
            self::assertGreaterThanOrEqual(1, $job->minutes, $job->key);
            self::assertNotSame([], $job->linesIn($session), $job->key);
            // Only what the water does by itself leaves the hands free.
            self::assertSame(in_array($job->key, ['cool', 'drain', 'refill', 'contact'], true), $job->lane === Lane::Water);
        }
    }

    /** @return iterable<string, array{Caution, list<string>}> the caution and every step that must carry it */
    public static function bites(): iterable
    {
        yield 'mains' => [Caution::Mains, ['off', 'on', 'cover_glass', 'media']];
        yield 'by mouth' => [Caution::NoMouth, ['drain', 'vacuum']];
        yield 'who watches the hose' => [Caution::WatchHose, ['drain', 'vacuum', 'refill']];
        yield 'lifting' => [Caution::Lifting, ['drain']];
        yield 'back into the supply' => [Caution::BackSiphon, ['refill']];
        yield 'scalds' => [Caution::Scald, ['refill']];
        yield 'copper and softener salt for shrimp' => [Caution::HotTap, ['refill']];
        yield 'wet floors' => [Caution::WetFloor, ['refill', 'outside']];
        yield 'blades' => [Caution::Blades, ['glass', 'trim', 'trim_high']];
        yield 'skin' => [Caution::Skin, ['hands', 'close']];
        yield 'waste' => [Caution::Waste, ['drain']];
        yield 'peroxide' => [Caution::Peroxide, ['spot']];
        yield 'medicine' => [Caution::Medicine, ['spot']];
        yield 'a cold jet' => [Caution::ColdJet, ['refill']];
        yield 'conditioner' => [Caution::Conditioner, ['condition']];
        yield 'a filter that stands still' => [Caution::FilterStill, ['valves', 'media']];
        yield 'gas without movement' => [Caution::CarbonDioxide, ['off']];
    }

    /** @param list<string> $steps */
    #[DataProvider('bites')]
    public function testACautionStandsInEveryStepWhereItBites(Caution $caution, array $steps): void
    {
        $session = self::session();
        foreach (StepCatalogue::steps() as $job) {
            if (in_array($job->key, $steps, true)) {
                self::assertContains($caution, $session->cautionsOf($job), $job->key);
            }
        }
        $keys = array_map(static fn(StepDefinition $job): string => $job->key, $session->order()->jobs);
        self::assertSame([], array_diff($steps, $keys));
    }

    public function testWaysAddTheirLines(): void
    {
        self::assertStringContainsString('filter_stays', self::lines('off', ['flow' => 'on']));
        self::assertStringNotContainsString('filter_stays', self::lines('off', []));
        self::assertStringContainsString('dose_tank', self::lines('condition', ['conditioner' => 'tank']));
        self::assertStringContainsString('filter_early', self::lines('refill', ['filter' => 'covered']));
        self::assertStringContainsString('only_top', self::lines('vacuum', ['bed' => 'leave']));
        self::assertStringContainsString('media_tomorrow', self::lines('close', ['media' => 'next_day']));
        self::assertStringContainsString('rest_cuttings', self::lines('trim', []));
        self::assertStringContainsString('rinse_drained', self::lines('media', []));
        self::assertStringContainsString('rinse_treated', self::lines('media', ['media' => 'conditioned']));
        // Minerals that go straight in have a step of their own, between dechlorinator and refill.
        self::assertStringContainsString('dissolve', self::lines('minerals', ['minerals' => 'direct']));
    }

    /** @param array<string, string> $schools */
    private static function lines(string $key, array $schools): string
    {
        foreach (StepCatalogue::steps() as $job) {
            if ($job->key === $key) {
                return implode(' ', $job->linesIn(self::session($schools)));
            }
        }

        return '';
    }

    public function testEveryWayHasAReasonedDefaultAndForgetsNonsense(): void
    {
        foreach (PracticeChoice::cases() as $school) {
            self::assertGreaterThanOrEqual(2, count($school->choices()));
            self::assertSame($school->usual(), $school->of([]));
            self::assertSame($school->usual(), $school->of([$school->value => 'nonsense']));
            foreach ($school->choices() as $choice) {
                self::assertSame($choice, $school->of([$school->value => $choice]));
            }
        }
    }

    /** @param array<string, string> $schools */
    private static function session(array $schools = []): Session
    {
        $vessel = new Vessel(new Rectangle(500, 500), 420, 20, SubstrateLayer::none());
        $levels = array_map(
            static fn(DeviceKind $device): DeviceLevel => new DeviceLevel($device, $device->value, 150, 300),
            array_values(array_filter(DeviceKind::cases(), static fn(DeviceKind $d): bool => $d->hangsInWater())),
        );

        return new Session(
            new ChangePlan($vessel, new WaterState('the tank', []), new WaterState('tap', []), 40, 1),
            new Needs(AnimalGroup::HardyShrimp),
            DeviceKind::cases(),
            $levels,
            200.0,
            true,
            true,
            Task::cases(),
            $schools,
        );
    }
}
