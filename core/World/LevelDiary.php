<?php

declare(strict_types=1);

namespace Cresco\Core\World;

use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\State\Event;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The log of one level of a simulated tank, and its truth. The truth goes by other equations than whoever estimates it: animals that eat
 * more on some days than on others, plants whose uptake grows until they are cut, a hand that is off at each change, a kit that ages, and
 * now and then a reading that is a slip.
 */
final readonly class LevelDiary
{
    /** Fields of the chart. */
    private const FIELDS = [0.0, 5.0, 10.0, 20.0, 40.0, 80.0];

    /** Share by which a hand, a dose and the food of a day are off, and by which a kit ages in a month. House defaults. */
    private const OFF = ['hand' => 0.03, 'dose' => 0.02, 'food' => 0.2, 'ages' => 0.01];

    /** Chance of a slip. House default. */
    private const SLIP = 0.03;

    /** Days that are looked ahead. */
    private const AHEAD = 28;

    /**
     * @param list<Event>       $events  as they were written down
     * @param list<Event>       $planned for the weeks ahead
     * @param NormalValue       $rate    what was held of the rate at first
     * @param float             $now     day on which it ends
     * @param array<int, float> $truth   level by days from now: 0, 7 and 28
     * @param float             $rateNow true rate on that day
     * @param int|null          $since   readings since something that nobody wrote down; null where there was nothing
     */
    private function __construct(
        public array $events,
        public array $planned,
        public NormalValue $rate,
        public float $now,
        public array $truth,
        public float $rateNow,
        public ?int $since,
    ) {}

    /** @param bool $isUnnoted whether something happens that nobody writes down */
    public static function of(Instrument $instrument, bool $isUnnoted, int $seed): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $even = static fn(float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1e6;
        $bell = static fn(): float => NormalValue::standardQuantile($even(1e-6, 1.0 - 1e-6));
        // A meter reads hundreds where a kit reads tens.
        $scale = $instrument === Instrument::Pen ? 10.0 : 1.0;
        $every = $chance->getInt(6, 12);
        $share = $even(0.2, 0.5);
        $source = $scale * $even(0.0, 10.0);
        $days = $chance->getInt(50, 110);
        $guess = $scale * $even(0.0, 1.5);
        $spread = $scale * 0.5;
        $made = $scale * $even(0.5, 2.5);
        // What plants take at first is what is left of the true rate.
        $taken = max(0.0, $made - ($guess + $spread * $bell()));
        [$cut, $grows] = [$chance->getInt(25, 45), $even(0.004, 0.012)];
        $dose = $even(0.0, 1.0) < 0.4 ? $scale * $even(1.0, 5.0) : 0.0;
        $doseEvery = $chance->getInt(2, 7);
        $kit = match ($instrument) {
            Instrument::Chart, Instrument::Photometer => 0.08,
            Instrument::Drops => 0.04,
            Instrument::Pen => 0.02,
        } * $bell();
        $ages = self::OFF['ages'] * $bell();
        // The new water was read with the same kit.
        $read = $source * (1.0 + $kit);
        $happens = $isUnnoted ? $chance->getInt(intdiv($days, 2), $days - 3) : null;
        $more = $even(0.0, 1.0) < 0.6;
        [$level, $events, $planned, $truth, $since] = [$scale * $even(5.0, 35.0), [], [], [], null];
        $next = 0;
        $rateNow = 0.0;
        for ($day = 0; $day <= $days + self::AHEAD; ++$day) {
            $isPast = $day <= $days;
            $taken *= 1.0 + $grows;
            if ($isPast && $day > 0 && $day % $cut === 0) {
                $taken *= $even(0.5, 0.8);
                $events[] = Event::turned($day, 0.5 * $taken);
            }
            if ($day === $days) {
                $rateNow = $level > 0.0 ? $made - $taken : max(0.0, $made - $taken);
            }
            $level = max(0.0, $level + $made * (1.0 + self::OFF['food'] * $bell()) - $taken);
            if ($dose > 0.0 && $day % $doseEvery === 0 && $day !== $days) {
                $level += $dose * (1.0 + self::OFF['dose'] * $bell());
                $isPast ? $events[] = Event::dosed($day, $dose) : $planned[] = Event::added($day, $dose);
            }
            if ($day % $every === 0 && $day > 0 && $day !== $days) {
                $really = max(0.0, min(1.0, $share * (1.0 + self::OFF['hand'] * $bell())));
                $level += $really * ($source * (1.0 + 0.1 * $bell()) - $level);
                $written = Event::changed($day + 0.01, $share, $read, 0.1 * $source);
                $isPast ? $events[] = $written : $planned[] = $written;
            }
            if ($day === $happens) {
                $level = $more ? $level + $scale * $even(15.0, 50.0) : 0.5 * $level + 0.5 * $source;
                $since = 0;
            }
            if ($isPast && $day >= $next) {
                $next = $day + $chance->getInt(4, 9);
                $since = $since === null ? null : $since + 1;
                $shown = $even(0.0, 1.0) < self::SLIP
                    ? $scale * $even(0.0, 80.0)
                    : $level * (1.0 + $kit) * (1.0 + $ages * ($instrument === Instrument::Pen ? $day % 30 : $day) / 30.0);
                $events[] = self::read($instrument, $day + 0.02, $shown, $bell);
            }
            if (in_array($day - $days, [0, 7, self::AHEAD], true)) {
                $truth[$day - $days] = $level;
            }
        }

        return new self($events, $planned, new NormalValue($guess, $spread), $days + 0.03, $truth, $rateNow, $since);
    }

    /** @param callable(): float $bell */
    private static function read(Instrument $instrument, float $day, float $shown, callable $bell): Event
    {
        return match ($instrument) {
            Instrument::Photometer => Event::read($day, max(0.0, $shown + hypot(0.04 * $shown, 0.3) * $bell()), hypot(0.04 * $shown, 0.3)),
            Instrument::Drops => Event::field($day, max(0.0, ceil($shown) - 1.0), max(1.0, ceil($shown)), 0.0, ReadingMethod::Drops->kitOff()),
            Instrument::Pen => Event::read($day, max(0.0, round($shown * (1.0 + 0.005 * $bell()))), hypot(0.3, 0.005 * $shown), ReadingMethod::Pen->kitOff()),
            Instrument::Chart => self::field($day, $shown * (1.0 + 0.08 * $bell())),
        };
    }

    private static function field(float $day, float $seen): Event
    {
        $nearest = 0;
        foreach (self::FIELDS as $i => $field) {
            $nearest = abs($field - $seen) < abs(self::FIELDS[$nearest] - $seen) ? $i : $nearest;
        }
        $low = $nearest === 0 ? 0.0 : (self::FIELDS[$nearest - 1] + self::FIELDS[$nearest]) / 2.0;
        $high = isset(self::FIELDS[$nearest + 1]) ? (self::FIELDS[$nearest] + self::FIELDS[$nearest + 1]) / 2.0 : INF;

        return Event::field($day, $low, $high, 0.08);
    }
}
