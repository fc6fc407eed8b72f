<?php

declare(strict_types=1);

namespace App\Console;

use Cresco\Core\Cycling\CyclingForecast;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Estimate;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\LevelPrior;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Plants\LearnedRate;
use Cresco\Core\State\Course;
use Cresco\Core\State\Level;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\World\CyclingDiary;
use Cresco\Core\World\GrowthDiary;
use Cresco\Core\World\Instrument;
use Cresco\Core\World\LevelDiary;
use Cresco\Core\World\PhCase;
use RuntimeException;

/** Bands of 80 % against the truth of simulated tanks: how often they hold it, and how wide they are for that. */
final class Calibration
{
    public const NOW = 'now';

    public const WEEK = 'in 7 days';

    public const FOUR_WEEKS = 'in 28 days';

    public const RATE = 'rate';

    public const AFTER = 'right after';

    public const NEXT_DAY = 'next day';

    public const NITRITE_PEAK = 'peak of nitrite, day';

    public const NEXT_STRETCH = 'next stretch';

    public const FIRST = 'first reading after';

    /** A kit reads tens where a meter reads hundreds. */
    private const PEN = 10.0;

    /** What a meter is off in all that it reads, as a share, a standard deviation. */
    private const ACCURACY = 0.02;

    /** @var array<string, list<array{bool, float}>> whether each band held, and its interval score, by what was asked */
    private array $rows = [];

    /** Diaries of one instrument, with something that nobody wrote down or without. */
    public static function of(Instrument $instrument, bool $isUnnoted, int $count, int $seed = 1): self
    {
        $found = new self();
        for ($n = 0; $n < $count; ++$n) {
            $found->hold($instrument, LevelDiary::of($instrument, $isUnnoted, $seed * 1_000_003 + $n));
        }

        return $found;
    }

    /** pH of changes of firm or of soft water. */
    public static function ofPh(bool $isSoft, int $count, int $seed = 1): self
    {
        $found = new self();
        for ($n = 0; $n < $count; ++$n) {
            $case = PhCase::of($isSoft, $seed * 1_000_003 + $n);
            $working = Carbonate::mixed(
                'carbonate.title_ph',
                $case->tank,
                $case->source,
                Unit::usual(Parameter::CarbonateHardness),
                static fn(Computation $of): Computation => $of->given('f', 'change_plan.share_of_new_water', $case->share, ''),
            );
            Carbonate::settled($working);
            $found->note(self::AFTER, $working->estimate('pH'), $case->after);
            $found->note(self::NEXT_DAY, $working->estimate('pH_next'), $case->nextDay);
        }

        return $found;
    }

    /** Ammonia and nitrite of tanks that are cycled. */
    public static function ofCycling(int $count, int $seed = 1): self
    {
        $found = new self();
        for ($n = 0; $n < $count; ++$n) {
            $diary = CyclingDiary::of($seed * 1_000_003 + $n);
            $expected = CyclingForecast::of($diary->guess, $diary->readings, CyclingDiary::DAYS);
            $found->keep(self::NITRITE_PEAK, $expected->nitritePeak, $diary->truth->nitrite->day);
            foreach ([self::NOW => 0, self::WEEK => 7] as $what => $days) {
                $found->keep($what, array_slice($expected->days[$diary->now + $days][2], 0, 3), $diary->truth->points[$diary->now + $days]->nitrite);
            }
        }

        return $found;
    }

    /** Rates of plant groups that were looked at so often. */
    public static function ofHeights(int $pairs, int $count, int $seed = 1): self
    {
        $found = new self();
        for ($n = 0; $n < $count; ++$n) {
            $diary = GrowthDiary::of($pairs, $seed * 1_000_003 + $n);
            $learned = LearnedRate::of($diary->usual, GrowthDiary::CEILING, $diary->pairs, GrowthDiary::TAPE);
            $found->keep(self::RATE, [$learned->low, $learned->median, $learned->high], $diary->rate);
            $found->keep(self::NEXT_STRETCH, [$learned->next()->low, $learned->next()->median, $learned->next()->high], $diary->next);
        }

        return $found;
    }

    private function hold(Instrument $instrument, LevelDiary $diary): void
    {
        $course = Course::fitted(self::balance($instrument), null, $diary->rate, 0.0, $diary->events, 0.0, $diary->now, INF);
        $real = static fn(Course $course): Level => $instrument === Instrument::Pen ? $course->now()->widened(self::ACCURACY) : $course->now();
        // Before the next reading nothing can be known of what nobody wrote down.
        if ($diary->since !== 0) {
            $this->note($diary->since === 1 ? self::FIRST : self::NOW, $real($course), $diary->truth[0]);
            $this->note(self::WEEK, $real($course->ahead($diary->planned, $diary->now + 7.0)), $diary->truth[7]);
            $this->note(self::FOUR_WEEKS, $real($course->ahead($diary->planned, $diary->now + 28.0)), $diary->truth[28]);
            $this->note(self::RATE, $course->rate(), $diary->rateNow);
        }
    }

    private function note(string $what, Distribution|Estimate $said, float $truth): void
    {
        $this->keep($what, [$said->quantile(0.1), $said->quantile(0.5), $said->quantile(0.9)], $truth);
    }

    /** @param array{float, float, float}|list<float> $band its lower end, its middle and its upper end */
    private function keep(string $what, array $band, float $truth): void
    {
        [$low, , $high] = $band;
        $this->rows[$what][] = [$truth >= $low && $truth <= $high, $high - $low + 10.0 * max(0.0, $low - $truth, $truth - $high)];
    }

    /** Share of the bands that held the truth, 0 to 1; null where none was asked. */
    public function held(string $what): ?float
    {
        $rows = $this->rows[$what] ?? [];

        return $rows === [] ? null : count(array_filter(array_column($rows, 0))) / count($rows);
    }

    /** Mean interval score: the width of a band, and ten times what the truth lies outside. */
    public function score(string $what): ?float
    {
        $rows = $this->rows[$what] ?? [];

        return $rows === [] ? null : array_sum(array_column($rows, 1)) / count($rows);
    }

    private static function balance(Instrument $instrument): LevelPrior
    {
        $nitrate = Parameter::Nitrate->entry()->balance ?? throw new RuntimeException('Nitrate is conserved.');

        return $instrument === Instrument::Pen
            ? new LevelPrior(self::PEN * $nitrate->source, self::PEN * $nitrate->sourceOff, 1.0, self::PEN * $nitrate->rate, self::PEN * $nitrate->top)
            : $nitrate;
    }
}
