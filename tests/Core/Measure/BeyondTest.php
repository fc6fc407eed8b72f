<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Cresco\Core\Measure\Beyond;
use Cresco\Core\Measure\Exact;
use Cresco\Core\Measure\Normal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What lies beyond a range is said where nine cases of ten do. */
final class BeyondTest extends TestCase
{
    /** @return iterable<string, array{float, float, Beyond|null}> */
    public static function ranges(): iterable
    {
        // A tenth of a normal curve lies below its middle less 1.2816 of its deviation: 8.718 and 11.282 of 10 and 1.
        yield 'within' => [9.0, 11.0, null];
        yield 'as likely as not above' => [0.0, 10.0, null];
        yield 'not quite nine of ten above' => [0.0, 8.73, null];
        yield 'nine of ten above' => [0.0, 8.70, Beyond::High];
        yield 'not quite nine of ten below' => [11.27, 20.0, null];
        yield 'nine of ten below' => [11.30, 20.0, Beyond::Low];
    }

    #[DataProvider('ranges')]
    public function testItIsSaidWhereNineOfTenCasesLieBeyond(float $low, float $high, ?Beyond $beyond): void
    {
        self::assertSame($beyond, Beyond::of(new Normal(10.0, 1.0), [$low, $high]));
    }

    public function testHowFarNineOfTenCasesLieBeyond(): void
    {
        self::assertEqualsWithDelta(8.71845 - 8.0, Beyond::High->by(new Normal(10.0, 1.0), [0.0, 8.0]), 1e-3);
        self::assertEqualsWithDelta(13.0 - 11.28155, Beyond::Low->by(new Normal(10.0, 1.0), [13.0, 20.0]), 1e-3);
    }

    public function testWhatIsKnownExactlyIsBeyondAtOnceAndNotAtTheEnd(): void
    {
        self::assertNull(Beyond::of(new Exact(10.0), [10.0, 10.0]));
        self::assertSame(Beyond::High, Beyond::of(new Exact(10.001), [0.0, 10.0]));
        self::assertSame(Beyond::Low, Beyond::of(new Exact(9.999), [10.0, 20.0]));
    }
}
