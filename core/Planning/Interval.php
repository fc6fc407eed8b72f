<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\State\Average;
use Cresco\Core\State\Posterior;
use Cresco\Core\Text;

/**
 * Days after which a job is due again: the usual ones until it was done, then what was found each time. Days multiply, so that all is
 * weighed in logarithms.
 */
final readonly class Interval
{
    /** Deviation of the usual days, as a logarithm: two tanks of three lie within a factor of one and a half. House default. */
    public const PRIOR = 0.405;

    /** Deviation of what one turn tells, as a logarithm. House default. */
    public const TURN = 0.35;

    /** Days between turns that tell anything, and the most that any job waits. House limits. */
    private const DAYS = [0.5, 1500.0];

    private function __construct(public int $usual, public Posterior $log) {}

    /**
     * @param int                                    $usual days, above 0
     * @param list<array{float, AmountFound, float}> $turns days since the turn before, what was found, and the day
     */
    public static function learned(int $usual, array $turns): self
    {
        if ($usual < 1) {
            throw PlanningFault::interval();
        }
        $seen = [];
        foreach ($turns as [$days, $found, $day]) {
            if ($days >= self::DAYS[0] && $days <= self::DAYS[1]) {
                $seen[] = [log($days * $found->times()), self::TURN, $day];
            }
        }

        return new self($usual, Average::learned(new NormalValue(log($usual), self::PRIOR), $seen));
    }

    /** Days, at least one. */
    public function days(): int
    {
        return (int) max(1, min(self::DAYS[1], round(exp($this->log->value))));
    }

    /** @return array{int, int} days that eight of ten cases lie within */
    public function band(): array
    {
        return [(int) max(1, round(exp($this->log->distribution()->quantile(0.1)))), (int) max(
            1,
            round(min(self::DAYS[1], exp($this->log->distribution()->quantile(0.9)))),
        )];
    }

    /** Turns that it was learned from. */
    public function count(): int
    {
        return $this->log->count;
    }

    public function working(string $name): Computation
    {
        $weight = self::TURN ** 2 / self::PRIOR ** 2;
        $sum = $this->log->value * ($weight + $this->log->count) - $weight * log($this->usual);

        return Computation::of(Text::of('interval.title', name: $name))
            ->given('usual', 'interval.usual_days', new ExactValue((float) $this->usual), 'd')
            ->given('n', 'interval.times_that_something_was_said_of', new ExactValue((float) $this->log->count), '')
            ->given(
                'seen',
                'interval.middle_of_what_those_told',
                new ExactValue($this->log->count === 0 ? (float) $this->usual : exp($sum / $this->log->count)),
                'd',
            )
            ->constant('w', 'interval.times_that_usual_days_count', $weight, '', 'house_default')
            ->line('days = exp((w * ln(usual) + n * ln(seen)) / (w + n))', 'interval.due_again_after', 'd');
    }
}
