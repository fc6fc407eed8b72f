<?php

declare(strict_types=1);

namespace Tests\Core;

use Cresco\Core\Rhythm\Agenda;
use Cresco\Core\Rhythm\Due;
use Cresco\Core\Rhythm\RhythmFault;
use PHPUnit\Framework\TestCase;

final class AgendaTest extends TestCase
{
    public function testWorkThatComesAgainFallsDueOnItsDayAndIsLateFromTheNext(): void
    {
        self::assertFalse(Due::again('task.glass', 7, 6)->isNow());
        $today = Due::again('task.glass', 7, 7);
        self::assertTrue($today->isNow());
        self::assertFalse($today->isLate());
        self::assertTrue(Due::again('task.glass', 7, 8)->isLate());
        self::assertSame(3, Due::again('task.glass', 7, 10)->over());
    }

    public function testABandIsLateOnlyWhenAllOfItIsGone(): void
    {
        $band = new Due('stand.1', -3, 2);
        self::assertTrue($band->isNow());
        self::assertFalse($band->isLate());
        self::assertSame(-0.5, $band->middle());
    }

    public function testTheLongestOverdueStandsFirstAndKindsStayApart(): void
    {
        $agenda = new Agenda([new Due('task.glass', 0, 0), new Due('stand.4', -2, 3), new Due('task.trim', -9, -9), new Due('task.media', 4, 4)]);

        self::assertSame(['task.trim', 'task.glass'], array_map(static fn(Due $due): string => $due->key, $agenda->now('task.')));
        self::assertSame(['stand.4'], array_map(static fn(Due $due): string => $due->key, $agenda->kind('stand.')));
        self::assertSame(4, $agenda->of('task.media')?->from);
        self::assertNull($agenda->of(Agenda::CHANGE));
    }

    public function testABandThatEndsBeforeItBeginsIsAFault(): void
    {
        $this->expectException(RhythmFault::class);
        new Due('x', 3, 2);
    }
}
