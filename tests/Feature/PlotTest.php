<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\Axis;
use App\Drawing\Plot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where values stand in drawings. */
final class PlotTest extends TestCase
{
    /** @return iterable<string, array{Axis, float, float}> */
    public static function places(): iterable
    {
        yield 'at the beginning' => [new Axis(2.0, 4.0, 10.0, 110.0), 2.0, 10.0];
        yield 'in between, to a tenth' => [new Axis(0.0, 3.0, 0.0, 100.0), 1.0, 33.3];
        yield 'upwards' => [new Axis(0.0, 4.0, 80.0, 0.0), 1.0, 60.0];
        yield 'beyond the end it stands at the end' => [new Axis(0.0, 4.0, 80.0, 0.0), 9.0, 0.0];
        yield 'or a little outside, where that is wanted' => [new Axis(0.0, 4.0, 0.0, 100.0, 0.05), 9.0, 105.0];
        yield 'an axis without length has a place too' => [new Axis(5.0, 5.0, 0.0, 100.0), 5.0, 0.0];
    }

    #[DataProvider('places')]
    public function testEachValueHasItsPlace(Axis $axis, float $value, float $place): void
    {
        self::assertSame($place, $axis->at($value));
    }

    public function testALineGoesFromPointToPointAndABandThereAndBack(): void
    {
        $plot = new Plot(new Axis(0.0, 10.0, 0.0, 100.0), new Axis(0.0, 2.0, 40.0, 0.0));
        self::assertSame('0,40 50,20 100,0', $plot->line([[0.0, 0.0], [5.0, 1.0], [10.0, 2.0]]));
        self::assertSame('0,30 100,0 100,20 0,40', $plot->band([[0.0, 0.0, 0.5], [10.0, 1.0, 2.0]]));
        self::assertSame('', $plot->line([]));
    }
}
