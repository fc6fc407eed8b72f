<?php

declare(strict_types=1);

namespace Cresco\Core\Learning;

use Cresco\Core\Measure\Balance;
use Cresco\Core\Measure\Method;
use Cresco\Core\Measure\Reading;
use Cresco\Core\Numeric\NormalTail;

/**
 * A reading as a balance looks at it: it speaks for all values within its field, drop or digit alike, with soft edges for what the balance
 * does not know, and may be a slip.
 */
final readonly class Sighting
{
    /** Share of readings that are slips: another tank, another test, a wrong digit. House default. */
    private const SLIPS = 1.0 / 30.0;

    /** Of the bell curve, by definition. */
    private const ROOT_OF_TWO_PI = 2.5066282746310002;

    /** Deviations beyond its field from which on nothing is left of a bell, to the last digit beside a slip. */
    private const FAR = 9.0;

    /**
     * @param float      $high     INF where the truth may lie anywhere above
     * @param float|null $variance of a bell; null for what is flat between its ends
     * @param float      $least    the least difference that counts
     * @param float      $slip     share of the slips that show this
     */
    private function __construct(
        public float $value,
        public float $low,
        private float $high,
        private ?float $variance,
        private float $width,
        private float $least,
        private float $slip,
        private Balance $balance,
    ) {}

    public static function of(Balance $balance, Reading $reading): self
    {
        $width = $reading->high - $reading->low;
        $isPen = $reading->method === Method::Pen;
        $least = $balance->span / 100.0;

        return new self(
            $reading->value,
            $reading->low,
            $reading->isCensored() ? INF : $reading->high,
            $isPen || $width <= 1e-9 ? $width ** 2 / 12.0 + ($isPen ? $reading->parameter->penAccuracy($reading->value) ** 2 : 0.0) : null,
            $width,
            $least,
            // A slip may show anything that kits show: as much for each field as its share of that.
            self::SLIPS * max(0.01, min(1.0, max($least, $width) / $balance->span)),
            $balance,
        );
    }

    /** How well it goes with a level, a slip being possible always. */
    public function likelihood(float $level): float
    {
        return $this->slip + (1.0 - self::SLIPS) * $this->fit($level);
    }

    /** Whether it is likelier a slip than not, were the level so. */
    public function isOdd(float $level): bool
    {
        return (1.0 - self::SLIPS) * $this->fit($level) < $this->slip;
    }

    /** What the balance does not know of a level like this one, a standard deviation. */
    public function loose(): float
    {
        return $this->balance->loose + $this->balance->looseShare * $this->value;
    }

    private function fit(float $level): float
    {
        if (!is_finite($level)) {
            return 0.0;
        }
        $level = $level > 0.0 ? $level : 0.0;
        $soft = $this->balance->loose + $this->balance->looseShare * $level;
        if ($this->variance !== null) {
            $soft = sqrt($soft * $soft + $this->variance);
            $z = ($level - $this->value) / $soft;

            return exp(-0.5 * $z * $z) / ($soft * self::ROOT_OF_TWO_PI) * max($this->least, $this->width);
        }

        if ($level < $this->low - self::FAR * $soft || $level > $this->high + self::FAR * $soft) {
            return 0.0;
        }

        return ($this->high === INF ? 1.0 : NormalTail::below(($this->high - $level) / $soft)) - NormalTail::below(($this->low - $level) / $soft);
    }

    /** The highest value that it speaks for, the end of a field that has one. */
    public function top(): float
    {
        return $this->low + $this->width;
    }
}
