<?php

declare(strict_types=1);

namespace Tests\Core\State;

use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Numeric\Median;
use Cresco\Core\State\Course;
use Cresco\Core\State\CoursePoint;
use Cresco\Core\State\Event;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/**
 * A hundred and twenty diaries of simulated tanks, a third with an event that nobody wrote down, held against the truth and against a particle
 * filter of 12,000 particles that knows the rules of the simulation.
 */
final class DiariesTest extends TestCase
{
    /** An order within a day: the dose, the change, the test. */
    private const LATER = 0.01;

    /** @return array<string, list<array{held: bool, score: float, theirs: float, off: float, theirOff: float, since: int|null}>> by what is asked */
    private static function results(): array
    {
        /**
         * @var array{cases: list<array{days: int, start: array{mean: float, sd: float}, rate: array{mean: float, sd: float}, eye_sd: float|null, events: list<array<string, mixed>>, planned: array{change_every: int, share: float, source: float, dose: float, dose_every: int}, unnoted: array{readings_since: int}|null, truth: array<string, float>, reference: array<string, array{float, float, float}>}>} $all
         */
        $all = json_decode((string) file_get_contents(dirname(__DIR__).'/data/diaries.json'), true, 64, JSON_THROW_ON_ERROR);
        $balance = Parameter::Nitrate->entry()->balance ?? throw new RuntimeException('Nitrate is conserved.');
        $found = [];
        foreach ($all['cases'] as $case) {
            $now = $case['days'] + 5.0 * self::LATER;
            $course = Course::fitted(
                $balance,
                new NormalValue($case['start']['mean'], $case['start']['sd']),
                new NormalValue($case['rate']['mean'], $case['rate']['sd']),
                0.0,
                array_map(static fn(array $event): Event => self::event($event, $case['eye_sd'] ?? 0.0), $case['events']),
                0.0,
                $now,
            );
            $planned = [];
            foreach (range($case['days'] + 1, $case['days'] + 28) as $day) {
                if ($case['planned']['dose'] > 0.0 && $day % $case['planned']['dose_every'] === 0) {
                    $planned[] = Event::added($day, $case['planned']['dose']);
                }
                if ($case['planned']['change_every'] > 0 && $day % $case['planned']['change_every'] === 0) {
                    $planned[] = Event::changed($day + self::LATER, $case['planned']['share'], $case['planned']['source']);
                }
            }
            $ahead = $course->ahead($planned, $now + 28.0);
            $rate = $course->rate();
            foreach (['now' => $course->level(), 'in_7' => $ahead->at($now + 7.0), 'in_28' => $ahead->level(), 'rate' => new CoursePoint(
                $now,
                $rate->central(),
                $rate->quantile(0.1),
                $rate->quantile(0.9),
            )] as $what => $point) {
                if ($point === null || ($what === 'now' && ($case['unnoted']['readings_since'] ?? null) === 0)) {
                    continue;
                }
                $truth = $case['truth'][$what];
                [$low, $middle, $high] = $case['reference'][$what];
                $score = static fn(float $low, float $high): float => $high - $low + 10.0 * max(0.0, $low - $truth, $truth - $high);
                $found[$what][] = [
                    'held' => $truth >= $point->low && $truth <= $point->high, 'score' => $score($point->low, $point->high), 'theirs' => $score($low, $high),
                    'off' => abs($point->level - $truth), 'theirOff' => abs($middle - $truth), 'since' => $case['unnoted']['readings_since'] ?? null,
                ];
            }
        }

        return $found;
    }

    /** @param array<string, mixed> $event */
    private static function event(array $event, float $eye): Event
    {
        $number = static fn(string $key): float => is_numeric($event[$key] ?? null) ? (float) $event[$key] : INF;
        $day = $number('day');

        return match (true) {
            $event['kind'] === 'change' => Event::changed($day + self::LATER, $number('share'), $number('source')),
            $event['kind'] === 'dose' => Event::added($day, $number('adds')),
            isset($event['value']) => Event::read($day + 2.0 * self::LATER, $number('value'), $number('sd')),
            default => Event::field($day + 2.0 * self::LATER, $number('low'), $number('high'), $eye),
        };
    }

    public function testItsBandsHoldTheTruthAndAreNoWiderThanTheyMustBe(): void
    {
        $share = static fn(array $rows): float => count(array_filter(array_column($rows, 'held'))) / max(1, count($rows));
        $results = self::results();
        foreach (['now' => [0.73, 0.89], 'rate' => [0.70, 0.91], 'in_7' => [0.70, 0.91], 'in_28' => [0.70, 0.91]] as $what => [$least, $most]) {
            $rows = $results[$what];
            self::assertThat($share($rows), self::logicalAnd(self::greaterThan($least), self::lessThan($most)), "$what: bands of 80 %");
            self::assertLessThan(1.15, array_sum(array_column($rows, 'score')) / array_sum(array_column($rows, 'theirs')), "$what: interval score");
            [$ours, $theirs] = [array_column($rows, 'off'), array_column($rows, 'theirOff')];
            self::assertTrue($ours !== [] && $theirs !== []);
            self::assertLessThan(1.26, Median::of($ours) / Median::of($theirs), "$what: middle");
        }
        // After something that nobody wrote down: half of them at the first reading, most from the second on.
        $after = array_filter($results['now'], static fn(array $row): bool => $row['since'] !== null);
        self::assertGreaterThan(0.55, $share(array_filter($after, static fn(array $row): bool => $row['since'] === 1)));
        self::assertGreaterThan(0.70, $share(array_filter($after, static fn(array $row): bool => $row['since'] > 1)));
    }
}
