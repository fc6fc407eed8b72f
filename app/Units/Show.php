<?php

declare(strict_types=1);

namespace App\Units;

use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestKit;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\Measure\Unit;
use DateTimeZone;

/** Numbers and times as one keeper reads them. It rounds for the eye; nothing is computed with what it returns. */
final class Show
{
    /** @var array<string, Scale> */
    private array $scales = [];

    /** @var array<string, TestKit> */
    private array $kits = [];

    private ?DateTimeZone $zone = null;

    public function __construct(private readonly Habits $habits) {}

    public function kit(Parameter $parameter): TestKit
    {
        return $this->kits[$parameter->value] ??= $this->habits->coreKit($parameter);
    }

    public function unit(Parameter $parameter): Unit
    {
        return $this->kit($parameter)->unit;
    }

    /** @return array<string, Unit> */
    public function units(): array
    {
        $units = [];
        foreach (Parameter::cases() as $parameter) {
            $units[$parameter->value] = $this->unit($parameter);
        }

        return $units;
    }

    /** A base value as a number in the keeper's unit, without the unit. */
    public function number(Parameter $parameter, float $base, ?float $halfWidth = null): string
    {
        $unit = $this->unit($parameter);

        return self::rounded($unit->fromBase($base), $this->decimals($parameter, $halfWidth));
    }

    public function value(Parameter $parameter, float $base, ?float $halfWidth = null): string
    {
        return self::joined($this->number($parameter, $base, $halfWidth), $this->unit($parameter)->label);
    }

    /** A limit: no reading, so with no more decimals than it needs. */
    public function limit(Parameter $parameter, float $base): string
    {
        return self::joined($this->limitNumber($parameter, $base), $this->unit($parameter)->label);
    }

    /** The same without its unit. */
    public function limitNumber(Parameter $parameter, float $base): string
    {
        $unit = $this->unit($parameter);

        return self::plain($unit->fromBase($base), max(1, $unit->decimals));
    }

    /** Half of a band's width, with as many decimals as the value beside it. */
    public function plusMinus(Parameter $parameter, float $halfWidth): string
    {
        return self::rounded($this->unit($parameter)->widthFromBase($halfWidth), $this->decimals($parameter, $halfWidth));
    }

    /** A width such as a swing or a limit, in the keeper's unit. */
    public function width(Parameter $parameter, float $base): string
    {
        $unit = $this->unit($parameter);

        return self::joined(self::plain($unit->widthFromBase($base), max($unit->decimals, 1)), $unit->label);
    }

    /** A reading the way it was read: "20 – 40, nearer 20", "over 80", "6.8". */
    public function reading(TestResult $reading): string
    {
        $parameter = $reading->parameter;
        $number = fn(float $x): string => self::short($this->unit($parameter)->fromBase($x), $this->unit($parameter)->decimals + 1);
        $label = $this->unit($parameter)->label;
        $text = match ($reading->method) {
            ReadingMethod::Between => $this->between($reading, $number),
            ReadingMethod::AtLeast => $reading->low < $reading->value
                ? (string) __('names.or_more', ['value' => $number($reading->value)])
                : (string) __('names.over', ['value' => $number($reading->value)]),
            default => $number($reading->value),
        };

        return self::joined($text, $label);
    }

    /** A reading as a keeper would type it again: "20-40 nearer 20", "over 80", "6.8". */
    public function typed(TestResult $reading): string
    {
        $unit = $this->unit($reading->parameter);
        $number = static fn(float $x): string => str_replace("\u{2212}", '-', self::short($unit->fromBase($x), $unit->decimals + 1));
        $share = $reading->method === ReadingMethod::Between ? ($reading->value - $reading->low) / max(1e-12, $reading->high - $reading->low) : 0.5;

        return match ($reading->method) {
            ReadingMethod::Between => $number($reading->low).'-'.$number($reading->high).match (true) {
                $share < 0.4 => ' nearer '.$number($reading->low),
                $share > 0.6 => ' nearer '.$number($reading->high),
                default => '',
            },
            ReadingMethod::AtLeast => ($reading->low < $reading->value ? '' : 'over ').$number($reading->value),
            default => $number($reading->value),
        };
    }

    /** A value with its band in words for screen readers and tables. */
    public function band(Parameter $parameter, Distribution $value): string
    {
        $half = ($value->quantile(0.9) - $value->quantile(0.1)) / 2.0;

        return $this->number($parameter, $value->central(), $half).($half > 0.0 ? ' ± '.$this->plusMinus($parameter, $half) : '');
    }

    /** The same with its unit. */
    public function joinedBand(Parameter $parameter, Distribution $value): string
    {
        return self::joined($this->band($parameter, $value), $this->unit($parameter)->label);
    }

    /** What moves in a day, with its band and one digit more than the parameter is read in. */
    public function rate(Parameter $parameter, float $base, ?float $halfWidth = null): string
    {
        return self::joined($this->rateNumber($parameter, $base, $halfWidth), $this->unit($parameter)->label);
    }

    /** The same without its unit. */
    public function rateNumber(Parameter $parameter, float $base, ?float $halfWidth = null): string
    {
        $unit = $this->unit($parameter);
        $digits = $unit->decimals + 1;

        return self::rounded($unit->widthFromBase($base), $digits).($halfWidth === null ? '' : ' ± '.self::rounded($unit->widthFromBase($halfWidth), $digits));
    }

    public function volume(float $litres, ?int $decimals = null): string
    {
        return self::joined($this->volumeNumber($litres, $decimals), $this->habits->volumeUnit()->label());
    }

    /** A volume with no more decimals than it needs. */
    public function volumePlain(float $litres): string
    {
        return self::joined(self::plain($this->habits->volumeUnit()->fromLitres($litres), 2), $this->habits->volumeUnit()->label());
    }

    /** Kilograms or pounds. */
    public function weight(float $kilograms): string
    {
        $scale = $this->weights();

        return $scale->text($kilograms, $scale->fromBase($kilograms) < 10 && $scale->label === 'kg' ? 1 : 0);
    }

    /** Sizes of tanks and stones; kept in mm. */
    public function sizes(): Scale
    {
        return $this->scales['sizes'] ??= Scale::sizes($this->habits->lengthUnit());
    }

    /** Levels, marks and bores; kept in mm. */
    public function levels(): Scale
    {
        return $this->scales['levels'] ??= Scale::levels($this->habits->lengthUnit());
    }

    public function doses(): Scale
    {
        return $this->scales['doses'] ??= new Scale('g', 1.0, 3);
    }

    /** Numbers without a unit. */
    public function numbers(): Scale
    {
        return $this->scales['numbers'] ??= new Scale('', 1.0, 3);
    }

    /** Lengths of hoses; kept in m. */
    public function hoseLengths(): Scale
    {
        return $this->scales['hoses'] ??= Scale::hoseLengths($this->habits->lengthUnit());
    }

    /** Kept in kg. */
    public function weights(): Scale
    {
        return $this->scales['weights'] ??= Scale::weights($this->habits->volumeUnit() === VolumeUnit::Litre
            ? $this->habits->lengthUnit()
            : LengthUnit::Inches);
    }

    /** Kept in litres. */
    public function volumes(): Scale
    {
        return $this->scales['volumes'] ??= Scale::volumes($this->habits->volumeUnit());
    }

    /** Doses, kept in mL. */
    public function liquids(): Scale
    {
        return $this->scales['liquids'] ??= Scale::liquids($this->habits->volumeUnit());
    }

    /** A parameter as it is typed and shown; kept in its base unit. */
    public function values(Parameter $parameter, ?int $decimals = null): Scale
    {
        $unit = $this->unit($parameter);

        return new Scale($unit->label, $unit->widthToBase(1.0), $decimals ?? $unit->decimals + 1, [], $unit->toBase(0.0));
    }

    /** A rise, a swing or a rate of a parameter; kept in its base unit. */
    public function widths(Parameter $parameter, int $decimals = 2): Scale
    {
        $unit = $this->unit($parameter);

        return new Scale($unit->label, $unit->widthToBase(1.0), $decimals);
    }

    /** A dose of a liquid. */
    public function liquid(float $millilitres): string
    {
        return $this->liquids()->text($millilitres, $millilitres < 10.0 ? 1 : 0);
    }

    /** What a figure of a working is in the keeper's own unit; null where that is the same, or it has none. */
    public function own(float $value, string $unit): ?string
    {
        return match ($unit) {
            'L' => $this->volumes()->label === 'L' ? null : $this->volume($value),
            'mm' => $this->levels()->label === 'mm' ? null : $this->level($value),
            '°C' => $this->unit(Parameter::Temperature)->key === 'celsius' ? null : $this->value(Parameter::Temperature, $value),
            default => null,
        };
    }

    public function volumeNumber(float $litres, ?int $decimals = null): string
    {
        $shown = $this->habits->volumeUnit()->fromLitres($litres);

        return self::rounded($shown, $decimals ?? (abs($shown) < 10 ? 1 : 0));
    }

    public function percent(float $share): string
    {
        return self::joined(self::rounded(100.0 * $share, 0), '%');
    }

    /** A level or a mark. */
    public function level(float $mm): string
    {
        return $this->levels()->text($mm, $this->levels()->label === 'mm' ? 0 : 1);
    }

    /** An area. @param float $mm2 mm2 */
    public function area(float $mm2): string
    {
        $side = $this->sizes()->toBase(1.0);

        return self::joined(self::rounded($mm2 / $side ** 2, 0), $this->sizes()->label.'²');
    }

    /** A flow. @param float $perMinute L/min */
    public function flow(float $perMinute): string
    {
        return self::joined(self::rounded($this->volumes()->fromBase($perMinute), 1), $this->habits->volumeUnit()->label().'/min');
    }

    /** The same without its unit. */
    public function levelNumber(float $mm): string
    {
        return self::rounded($this->levels()->fromBase($mm), $this->levels()->label === 'mm' ? 0 : 1);
    }

    public function local(CarbonInterface $time): CarbonImmutable
    {
        return CarbonImmutable::instance($time)->setTimezone($this->habits->timeZone());
    }

    public function day(CarbonInterface $time): string
    {
        $days = $this->daysSince($time);

        return match (true) {
            $days === 0 => (string) __('names.today'),
            $days === 1 => (string) __('names.yesterday'),
            $days === -1 => (string) __('names.tomorrow'),
            $days > 1 && $days < 7 => $this->local($time)->translatedFormat('l'),
            default => $this->local($time)->translatedFormat(abs($days) < 300 ? 'j M' : 'j M Y'),
        };
    }

    /** Days of the keeper's calendar from a moment to today; negative for what is to come. */
    public function daysSince(CarbonInterface $time): int
    {
        return $this->dayNumber(CarbonImmutable::now()) - $this->dayNumber($time);
    }

    /** Days from a day of the calendar, whatever zone it is held in, to today; negative for what is to come. */
    public function daysSinceDate(CarbonInterface $date): int
    {
        return $this->dayNumber(CarbonImmutable::now()) - intdiv(CarbonImmutable::parse($date->format('Y-m-d'), 'UTC')->getTimestamp(), 86400);
    }

    /** A day of the calendar in words, as day() has them. */
    public function date(CarbonInterface $date): string
    {
        return $this->day(CarbonImmutable::parse($date->format('Y-m-d').' 12:00', $this->habits->timeZone()));
    }

    /** Days since 1970 by the keeper's clock. */
    private function dayNumber(CarbonInterface $time): int
    {
        $this->zone ??= new DateTimeZone($this->habits->timeZone());

        return (int) floor(($time->getTimestamp() + $this->zone->getOffset($time)) / 86400);
    }

    public function time(CarbonInterface $time): string
    {
        return $this->local($time)->format('H:i');
    }

    public function when(CarbonInterface $time): string
    {
        return $this->day($time).' '.$this->time($time);
    }

    /** Minutes as "1 h 20" or "45 min". */
    public static function minutes(int $minutes): string
    {
        return $minutes < 60 ? $minutes.' min' : intdiv($minutes, 60).' h '.str_pad((string) ($minutes % 60), 2, '0', STR_PAD_LEFT);
    }

    /** An amount with the decimals that the scale has. */
    public static function grams(float $amount, float $step): string
    {
        return self::rounded($amount, match (true) {
            $step >= 1.0 => 0,
            $step >= 0.1 => 1,
            $step >= 0.01 => 2,
            default => 3,
        });
    }

    public static function rounded(float $value, int $decimals): string
    {
        if (!is_finite($value)) {
            return '–';
        }
        $text = number_format($value, $decimals, '.', '');

        return str_starts_with($text, '-') ? ((float) $text === 0.0 ? substr($text, 1) : "\u{2212}".substr($text, 1)) : $text;
    }

    /** A number and its unit, which no line break may part; a degree sign stands close. */
    public static function joined(string $number, string $unit): string
    {
        return match (true) {
            $unit === '' => $number,
            $unit === '°' => $number.$unit,
            default => $number."\u{00A0}".$unit,
        };
    }

    /** A number of three digits at most, where it is none of thousands: what another unit adds behind them nobody has read. */
    public static function short(float $value, int $decimals): string
    {
        return self::plain($value, $value === 0.0 || !is_finite($value) ? 0 : max(0, min($decimals, 2 - (int) floor(log10(abs($value))))));
    }

    /** As many decimals as needed, at most so many. */
    public static function plain(float $value, int $decimals): string
    {
        $text = self::rounded($value, $decimals);

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    private function decimals(Parameter $parameter, ?float $halfWidth): int
    {
        $decimals = $this->unit($parameter)->decimals;
        if ($halfWidth === null || $halfWidth <= 0.0) {
            return $decimals;
        }
        $width = $this->unit($parameter)->widthFromBase($halfWidth);

        return $width >= 2.0 ? 0 : $decimals;
    }

    /** @param callable(float): string $number */
    private function between(TestResult $reading, callable $number): string
    {
        $range = $number($reading->low).' – '.$number($reading->high);
        $share = ($reading->value - $reading->low) / ($reading->high - $reading->low);

        return $share >= 0.4 && $share <= 0.6
            ? $range
            : (string) __('names.nearer', ['range' => $range, 'value' => $number($share < 0.4 ? $reading->low : $reading->high)]);
    }
}
