<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Calibration;
use Cresco\Core\State\EventKind;
use Cresco\Core\World\Instrument;
use Cresco\Core\World\LevelDiary;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Bands of 80 % against the truth of simulated tanks, at a size that runs in seconds. */
#[Group('long')]
final class CalibrationTest extends TestCase
{
    /** @return iterable<string, array{Instrument, bool}> what it is read with, and whether something happens that nobody writes down */
    public static function rows(): iterable
    {
        foreach (Instrument::cases() as $instrument) {
            yield $instrument->value => [$instrument, false];
            yield $instrument->value.', something unnoted' => [$instrument, true];
        }
    }

    #[DataProvider('rows')]
    public function testABandOfEightyPerCentHoldsTheTruth(Instrument $instrument, bool $isUnnoted): void
    {
        $found = Calibration::of($instrument, $isUnnoted, 150);
        foreach ([Calibration::NOW, Calibration::WEEK, Calibration::FOUR_WEEKS, Calibration::RATE] as $what) {
            $held = $found->held($what);
            self::assertGreaterThan(0.68, $held, $what);
            // Rates are held more widely than they would have to be.
            self::assertLessThan($what === Calibration::RATE ? 0.99 : 0.92, $held, $what);
        }
        // At once after something that nobody wrote down, half of them and more.
        self::assertSame($isUnnoted, $found->held(Calibration::FIRST) !== null);
        self::assertGreaterThan(0.45, $found->held(Calibration::FIRST) ?? 1.0);
    }

    /** @return iterable<string, array{bool}> */
    public static function waters(): iterable
    {
        yield 'firm water' => [false];
        yield 'soft water, where other acids count' => [true];
    }

    #[DataProvider('waters')]
    public function testTheBandOfPhHoldsItRightAfterAndTheNextDay(bool $isSoft): void
    {
        $found = Calibration::ofPh($isSoft, 200);
        foreach ([Calibration::AFTER, Calibration::NEXT_DAY] as $what) {
            self::assertGreaterThan(0.72, $found->held($what), $what);
            self::assertLessThan(0.90, $found->held($what), $what);
            // And is narrow enough to be of use.
            self::assertLessThan(0.35, $found->score($what), $what);
        }
    }

    public function testADiaryIsTheSameForTheSameSeedAndKeepsItsTruthToItself(): void
    {
        [$one, $other] = [LevelDiary::of(Instrument::Chart, true, 5), LevelDiary::of(Instrument::Chart, true, 5)];
        self::assertEquals($one, $other);
        self::assertNotEquals($one, LevelDiary::of(Instrument::Chart, true, 6));
        self::assertSame([0, 7, 28], array_keys($one->truth));
        self::assertGreaterThan(5, count(array_filter($one->events, static fn($event): bool => $event->kind === EventKind::Read)));
        self::assertGreaterThanOrEqual(0.0, $one->truth[28] ?? -1.0);
    }
}
