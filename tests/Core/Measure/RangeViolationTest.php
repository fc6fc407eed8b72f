<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\RangeViolation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What lies beyond a range is said where nine cases of ten do. */
final class RangeViolationTest extends TestCase
{
    /** @return iterable<string, array{float, float, RangeViolation|null}> */
    public static function ranges(): iterable
    {
        // A tenth of a normal curve lies below its middle less 1.2816 of its deviation: 8.718 and 11.282 of 10 and 1.
        yield 'within' => [9.0, 11.0, null];
        yield 'as likely as not above' => [0.0, 10.0, null];
        yield 'not quite nine of ten above' => [0.0, 8.73, null];
        yield 'nine of ten above' => [0.0, 8.70, RangeViolation::High];
        yield 'not quite nine of ten below' => [11.27, 20.0, null];
        yield 'nine of ten below' => [11.30, 20.0, RangeViolation::Low];
    }

    #[DataProvider('ranges')]
    public function testItIsSaidWhereNineOfTenCasesLieBeyond(float $low, float $high, ?RangeViolation $beyond): void
    {
        self::assertSame($beyond, RangeViolation::of(new NormalValue(10.0, 1.0), [$low, $high]));
    }

    public function testHowFarNineOfTenCasesLieBeyond(): void
    {
        self::assertEqualsWithDelta(8.71845 - 8.0, RangeViolation::High->by(new NormalValue(10.0, 1.0), [0.0, 8.0]), 1e-3);
        self::assertEqualsWithDelta(13.0 - 11.28155, RangeViolation::Low->by(new NormalValue(10.0, 1.0), [13.0, 20.0]), 1e-3);
    }

    public function testWhatIsKnownExactlyIsBeyondAtOnceAndNotAtTheEnd(): void
    {
        self::assertNull(RangeViolation::of(new ExactValue(10.0), [10.0, 10.0]));
        self::assertSame(RangeViolation::High, RangeViolation::of(new ExactValue(10.001), [0.0, 10.0]));
        self::assertSame(RangeViolation::Low, RangeViolation::of(new ExactValue(9.999), [10.0, 20.0]));
    }
}
