<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Formula\Computation;

/** What a meter reading of a batch says to do. */
final readonly class BatchReading
{
    /** Share of every product to add once more when the meter reads low: the lack is put down to all of them alike. */
    public const MORE = 'share = (expected - read) / (read - start)';

    /** Litres of soft water to add when it reads high. */
    public const WATER = 'litres = V * (read - expected) / (expected - soft)';

    /** Share of the expected reading within which a batch is good: meters and spoons are no better. House default. */
    private const GOOD = 0.03;

    /** uS/cm that no meter tells apart. House default. */
    private const LEAST = 3.0;

    /** Deviations of what is expected that a good batch may be off: one in twenty is further. */
    private const SURE = 1.96;

    /**
     * @param float $read     uS/cm
     * @param float $expected uS/cm
     * @param float $more     share of each weighed amount to add once more; 0 when nothing
     * @param float $water    litres of soft water to add; 0 when none
     * @param bool  $isOdd    too far off for a correction: look for the mistake instead
     */
    private function __construct(
        public float $read,
        public float $expected,
        public float $more,
        public float $water,
        public bool $isOdd,
        public ?Computation $working,
    ) {}

    /**
     * @param float $read     uS/cm at 25 degC
     * @param float $expected of the batch, uS/cm
     * @param float $start    of the waters before any product, uS/cm
     * @param float $litres   of the batch
     * @param float $soft     of the water to thin with, uS/cm
     * @param float $doubt    standard deviation of what is expected, uS/cm, beyond that of meters and spoons
     *
     * @throws MixingFault when one of them is no ordinary number
     */
    public static function of(float $read, float $expected, float $start, float $litres, float $soft, float $doubt = 0.0): self
    {
        if (!(min($read, $expected, $start, $soft, $doubt) >= 0.0 && $litres > 0.0 && max($read, $expected, $start, $litres, $soft, $doubt) < INF)) {
            throw MixingFault::trial('recipe.batch_check');
        }
        if (abs($read - $expected) <= self::reach($expected, $doubt)) {
            return new self($read, $expected, 0.0, 0.0, false, null);
        }
        $working = Computation::of('pen_check.title')
            ->given('read', 'pen_check.read', $read, 'µS/cm')
            ->given('expected', 'pen_check.expected', $expected, 'µS/cm');
        if ($read < $expected) {
            // Next to nothing dissolved, or a batch without products: no share of what is in can make it up.
            if ($read <= $start || $read - $start < 0.05 * max(1.0, $expected - $start)) {
                return new self($read, $expected, 0.0, 0.0, true, null);
            }
            $working->given('start', 'pen_check.waters_alone', $start, 'µS/cm')->line(self::MORE, 'pen_check.of_each_jar_once_more', '');
            $share = $working->value('share');

            return new self($read, $expected, min(1.0, $share), 0.0, $share > 1.0, $working);
        }
        if ($soft >= $expected) {
            return new self($read, $expected, 0.0, 0.0, true, null);
        }
        $working->given('V', 'pen_check.litres_of_batch', $litres, 'L')->given('soft', 'pen_check.water_to_thin_with', $soft, 'µS/cm')
            ->line(self::WATER, 'pen_check.ro_or_rain_to_add', 'L');
        $water = $working->value('litres');

        return new self($read, $expected, 0.0, $water, $water > $litres, $working);
    }

    /** How far a reading of a good batch may lie from what is expected, uS/cm. */
    public static function reach(float $expected, float $doubt): float
    {
        return max(self::LEAST, self::GOOD * $expected, self::SURE * $doubt);
    }

    public function isGood(): bool
    {
        return $this->more <= 0.0 && $this->water <= 0.0 && !$this->isOdd;
    }
}
