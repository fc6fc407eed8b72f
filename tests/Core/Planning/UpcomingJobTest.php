<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Cresco\Core\Planning\DueBand;
use Cresco\Core\Planning\JobKey;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\JobType;
use Cresco\Core\Planning\PlanningFault;
use Cresco\Core\Planning\UpcomingJob;
use Cresco\Core\Planning\Urgency;
use PHPUnit\Framework\TestCase;

final class UpcomingJobTest extends TestCase
{
    private static function job(JobType $type, Urgency $urgency, int $day, string $of = '1', int $every = 0): UpcomingJob
    {
        return new UpcomingJob(new JobKey($type, 12, $of), DueBand::on($day), $urgency, JobKinds::of('glass'), every: $every);
    }

    public function testWorkThatComesAgainFallsDueOnItsDayAndIsLateFromTheNext(): void
    {
        self::assertFalse(DueBand::again(7, 6)->isNow());
        $today = DueBand::again(7, 7);
        self::assertTrue($today->isNow());
        self::assertFalse($today->isLate());
        self::assertTrue(DueBand::again(7, 8)->isLate());
        self::assertSame(3, DueBand::again(7, 10)->over());
    }

    public function testABandIsLateOnlyWhenAllOfItIsGone(): void
    {
        $band = new DueBand(-3, 2);
        self::assertTrue($band->isNow());
        self::assertFalse($band->isLate());
        self::assertSame([-0.5, -1], [$band->middle(), $band->day()]);
    }

    public function testABandThatEndsBeforeItBeginsIsAFault(): void
    {
        $this->expectException(PlanningFault::class);
        new DueBand(3, 2);
    }

    public function testTheMostUrgentStandsFirstThenWhatItIsOfThenTheLongestOverdue(): void
    {
        $jobs = UpcomingJob::inOrder([
            self::job(JobType::Task, Urgency::Due, 0, 'glass'), self::job(JobType::Chore, Urgency::Due, -20), self::job(JobType::Task, Urgency::Due, -9, 'trim'),
            self::job(JobType::Change, Urgency::Late, -1, ''), self::job(JobType::Concern, Urgency::Alarm, 0, 'ammonium'), self::job(JobType::Concern, Urgency::Next, 0, 'nitrate'),
        ]);

        self::assertSame(
            ['12.concern.ammonium', '12.change', '12.concern.nitrate', '12.task.trim', '12.task.glass', 'chore.1'],
            array_map(static fn(UpcomingJob $job): string => (string) $job->key, $jobs),
        );
    }

    public function testALaterTimeIsTheSameJobOnItsDay(): void
    {
        $again = self::job(JobType::Task, Urgency::Due, -2, 'glass', 7)->taking(9)->again(2, 12, 13);

        self::assertSame(['12.task.glass@2', 12, 13, 9, Urgency::Ahead], [$again->id(), $again->day(), $again->laid, $again->minutes, $again->urgency]);
        // By a third of its days sooner, by half later.
        self::assertSame([2, 4], [$again->early(), $again->late()]);
    }
}
