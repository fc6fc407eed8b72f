<?php

declare(strict_types=1);

namespace Tests\Core\Fertilising;

use Cresco\Core\Fertilising\Chelate;
use Cresco\Core\Fertilising\Doses;
use Cresco\Core\Fertilising\DoseSchedule;
use Cresco\Core\Fertilising\FertilisingFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Iron stays in the water as long as what holds it. */
final class ChelateTest extends TestCase
{
    /** @return iterable<string, array{Chelate, float, float, float}> chelate, pH, least and most days in which half is lost */
    public static function lives(): iterable
    {
        yield 'gluconate is gone within the day' => [Chelate::Gluconate, 6.5, 0.3, 0.99];
        yield 'in hard water as well' => [Chelate::Gluconate, 7.8, 0.3, 0.99];
        yield 'EDTA lasts in acidic water' => [Chelate::Edta, 6.3, 4.0, 8.0];
        yield 'above 6.5 it holds one to four days' => [Chelate::Edta, 7.0, 1.0, 4.0];
        yield 'and never less than one' => [Chelate::Edta, 9.0, 1.0, 1.0];
        yield 'DTPA lasts about a week' => [Chelate::Dtpa, 7.5, 6.0, 8.0];
    }

    #[DataProvider('lives')]
    public function testHowLongItHolds(Chelate $chelate, float $ph, float $least, float $most): void
    {
        self::assertGreaterThanOrEqual($least, $chelate->halfLife($ph));
        self::assertLessThanOrEqual($most, $chelate->halfLife($ph));
        // Half of what was there is left after it.
        self::assertEqualsWithDelta(0.5, exp(-Chelate::loss([[$chelate, 0.1]], $ph) * $chelate->halfLife($ph)), 1e-12);
    }

    public function testWhatIsInTheWaterOfTwoBottlesLastsAsItsParts(): void
    {
        // Steady daily doses of 0.03 and 0.01: each leaves its dose times its life over ln 2; 0.03 x 0.7 and 0.01 x 7.
        $loss = Chelate::loss([[Chelate::Gluconate, 0.03], [Chelate::Dtpa, 0.01]], 7.0);
        self::assertEqualsWithDelta((0.03 * 0.7 + 0.01 * 7.0) / log(2.0), 0.04 / $loss, 1e-12);
        // Where no label says, and where nothing is given, the usual days count.
        self::assertEqualsWithDelta(log(2.0) / 3.0, Chelate::loss([], 7.0), 1e-12);
        self::assertEqualsWithDelta(log(2.0) / 3.0, Chelate::loss([[null, 0.1]], 7.0), 1e-12);
    }

    public function testPhOutOfAllWaterIsAFault(): void
    {
        $this->expectException(FertilisingFault::class);
        Chelate::Edta->halfLife(NAN);
    }

    public function testIronAndPhosphateAreGivenApart(): void
    {
        $iron = ['iron' => 0.05];
        $phosphate = ['phosphate' => 0.1, 'nitrate' => 1.0];
        self::assertSame(['Red', 'Mix', 1.0], DoseSchedule::tooClose([['Mix', 9.0, $phosphate], ['Red', 8.0, $iron]]));
        self::assertNull(DoseSchedule::tooClose([['Mix', 9.0, $phosphate], ['Red', 13.0, $iron]]));
        // Round the clock: eleven at night and two in the morning are three hours apart.
        self::assertSame(['Red', 'Mix', 3.0], DoseSchedule::tooClose([['Mix', 23.0, $phosphate], ['Red', 2.0, $iron]]));
        // One bottle with both is the business of whoever made it, and what brings neither is none of theirs.
        self::assertNull(DoseSchedule::tooClose([['Both', 9.0, $iron + $phosphate], ['Potash', 9.0, ['potassium' => 2.0]]]));
        $this->expectException(FertilisingFault::class);
        DoseSchedule::tooClose([['Mix', 25.0, $phosphate]]);
    }

    public function testNoneOfSeveralDosesPassesALimit(): void
    {
        // Ten of room, seven daily doses and nothing taken up: ten sevenths each; with one at once all ten.
        self::assertEqualsWithDelta(10.0 / 7.0, Doses::mostOfEach(10.0, 0.0, 1, 7), 1e-12);
        self::assertEqualsWithDelta(10.0, Doses::mostOfEach(10.0, 0.0, 7, 7), 1e-12);
        // What the tank makes until the next change takes its part; where more is made than there is room, nothing is given.
        self::assertEqualsWithDelta(3.0, Doses::mostOfEach(10.0, 1.0, 7, 7), 1e-12);
        self::assertSame([0.0, 0.0], [Doses::mostOfEach(5.0, 1.0, 7, 7), Doses::mostOfEach(-2.0, -1.0, 1, 7)]);
        // Followed day by day, with what is made and what is taken up: never above, and once at it.
        foreach ([[10.0, -0.8, 1, 7], [10.0, 0.4, 1, 7], [6.0, -0.2, 3, 10], [4.0, -5.0, 2, 14]] as [$room, $rate, $every, $days]) {
            $each = Doses::mostOfEach($room, $rate, $every, $days);
            [$level, $highest] = [0.0, 0.0];
            for ($day = 0; $day < $days; ++$day) {
                $level += $day % $every === 0 ? $each : 0.0;
                $highest = max($highest, $level);
                $level += $rate;
                $highest = max($highest, $level);
            }
            self::assertEqualsWithDelta($room, $highest, 1e-9);
        }
    }
}
