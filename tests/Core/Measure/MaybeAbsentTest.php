<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Cresco\Core\Measure\Density;
use Cresco\Core\Measure\MaybeAbsent;
use PHPUnit\Framework\TestCase;

final class MaybeAbsentTest extends TestCase
{
    public function testHalfOfTheCasesHaveNoneAndTheOthersAsMuchAsIsSaid(): void
    {
        $perhaps = new MaybeAbsent(Density::flat(0.0, 8.0));
        self::assertSame([0.0, 0.0, 0.0], [$perhaps->quantile(0.1), $perhaps->quantile(0.5), $perhaps->central()]);
        // Nine tenths of all are eight tenths of the half that has it.
        self::assertEqualsWithDelta(6.4, $perhaps->quantile(0.9), 1e-9);
        // Half at 0, half even to 8: mean 2, mean square 64 / 6.
        self::assertEqualsWithDelta(sqrt(64.0 / 6.0 - 4.0), $perhaps->spread(), 1e-9);
        self::assertEqualsWithDelta(2.0 * 6.4 + 1.0, $perhaps->scaled(2.0, 1.0)->quantile(0.9), 1e-9);
        self::assertSame(1.0, $perhaps->scaled(2.0, 1.0)->central());
    }
}
