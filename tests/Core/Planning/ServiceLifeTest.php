<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Cresco\Core\Planning\PlanningFault;
use Cresco\Core\Planning\ServiceLife;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ServiceLifeTest extends TestCase
{
    /** @return iterable<string, array{ServiceLife, int|null, int|null}> days until it is worn, and that a new one lasts */
    public static function parts(): iterable
    {
        // A bottle of reagent reads 100 times; 40 are gone at three a week: 60 / (3 / 7) = 140, and a new one 233.
        yield 'reagents' => [new ServiceLife(40.0, 100.0, 3.0 / 7.0, 93), 140, 233];
        yield 'worn out today' => [new ServiceLife(100.0, 100.0, 0.5, 200), 0, 200];
        yield 'long worn out' => [new ServiceLife(250.0, 100.0, 0.5, 500), 0, 200];
        yield 'nothing is taken of it' => [new ServiceLife(10.0, 100.0, 0.0, 30), null, null];
        yield 'worn out, and nothing is taken any more' => [new ServiceLife(100.0, 100.0, 0.0, 30), 0, null];
        yield 'just one more day' => [new ServiceLife(98.0, 100.0, 1.9, 60), 1, 52];
        yield 'more in a day than it stands' => [new ServiceLife(0.0, 100.0, 250.0, 0), 0, 1];
        yield 'hardly anything: ten years are as far as is looked' => [new ServiceLife(0.0, 100.0, 1e-6, 3), 3650, 3650];
    }

    #[DataProvider('parts')]
    public function testAPartIsWornWhenItHasDoneAsMuchAsItStands(ServiceLife $wear, ?int $days, ?int $lasts): void
    {
        self::assertSame([$days, $lasts], [$wear->days(), $wear->lasts()]);
        if ($days !== null && $days < 3650 && $wear->aDay > 0.0) {
            self::assertSame($days, (int) floor($wear->working('A part', 'readings')->value('left')));
        }
    }

    /** @return iterable<string, array{callable(): ServiceLife}> */
    public static function wrong(): iterable
    {
        yield 'less than nothing done' => [static fn(): ServiceLife => new ServiceLife(-1.0, 100.0, 1.0, 3)];
        yield 'that stands nothing' => [static fn(): ServiceLife => new ServiceLife(1.0, 0.0, 1.0, 3)];
        yield 'that gives back' => [static fn(): ServiceLife => new ServiceLife(1.0, 100.0, -0.1, 3)];
        yield 'of tomorrow' => [static fn(): ServiceLife => new ServiceLife(1.0, 100.0, 1.0, -1)];
        yield 'without end' => [static fn(): ServiceLife => new ServiceLife(1.0, INF, 1.0, 3)];
    }

    /** @param callable(): ServiceLife $make */
    #[DataProvider('wrong')]
    public function testAPartThatCannotBeIsAFault(callable $make): void
    {
        $this->expectException(PlanningFault::class);
        $make();
    }
}
