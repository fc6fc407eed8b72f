<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Product;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestKit;
use Cresco\Core\Tank\Shape;

/** Short names of things that appear on more than one screen. */
final class Names
{
    /** "10 mL", "1.4 g" */
    public static function dose(float $amount, Product $product): string
    {
        return Show::joined($product->unit === 'g' ? Show::plain($amount, 3) : Show::rounded($amount, $amount < 10.0 ? 1 : 0), $product->unit);
    }

    public static function method(ReadingMethod $method): string
    {
        return match ($method) {
            ReadingMethod::Pen, ReadingMethod::Drops, ReadingMethod::AtField => (string) __('names.method.'.$method->value),
            default => (string) __('names.method.exact'),
        };
    }

    /** As it stands within a sentence: begun small, unless it is an abbreviation or a number. */
    public static function inside(string $words): string
    {
        return preg_match('/^\p{Lu}\p{Ll}/u', $words) === 1 ? mb_strtolower(mb_substr($words, 0, 1)).mb_substr($words, 1) : $words;
    }

    /**
     * "a, b and c"
     *
     * @param list<string> $names
     */
    public static function list(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' and '.$last;
    }

    /** @return list<string> names of the days, from Sunday on */
    public static function weekdays(): array
    {
        return array_map(static fn(int $day): string => CarbonImmutable::parse('2026-03-01')->addDays($day)->isoFormat('dddd'), range(0, 6));
    }

    /** What each shape of tank is measured by, for the form. */
    public static function shapes(): string
    {
        $shapes = [];
        foreach (Shape::cases() as $shape) {
            $shapes[$shape->value] = [
                'length' => __('names.first_size.'.$shape->value), 'depth' => $shape->needsDepth(), 'middle' => $shape->needsMiddleDepth(),
                'height' => $shape->needsHeight(), 'table' => $shape->needsTable(),
                'sides' => $shape->needsMiddleDepth() ? __('tank.form.depth_at_sides') : __('tank.form.depth'),
            ];
        }

        return (string) json_encode($shapes);
    }

    public static function kit(TestKit $kit): string
    {
        return match ($kit->method) {
            ReadingMethod::Pen => (string) __('names.method.meter_step', ['step' => Show::plain($kit->step, 3)]),
            ReadingMethod::Drops => (string) __('names.method.drops_step', ['step' => Show::plain($kit->step, 2)]),
            default => self::method($kit->method),
        };
    }

    /** "every day", "every 7 days" */
    public static function every(int $days): string
    {
        return trans_choice('rhythm.every', $days, ['count' => $days]);
    }

    /** How long ago a meter was set against its standard. */
    public static function penAge(TestKit $kit): string
    {
        $days = (int) floor($kit->days ?? 0.0);

        return $kit->days === null ? __('kits.never_set') : trans_choice($kit->isDue() ? 'kits.set_long_ago' : 'kits.set_ago', $days, ['days' => $days]);
    }

    /** A number with so many meaningful digits: enough to check by hand, none that pretends. */
    public static function figure(float $value, int $digits = 4): string
    {
        if ($value === 0.0 || !is_finite($value)) {
            return $value === 0.0 ? '0' : '–';
        }
        $size = (int) floor(log10(abs($value)));

        return $size < -3 || $size > 5
            ? sprintf('%.'.($digits - 1).'e', $value)
            : Show::plain(round($value, $digits - 1 - $size), max(0, $digits - 1 - $size));
    }

    public static function days(int $days): string
    {
        return trans_choice('week.days', $days, ['count' => $days]);
    }

    /** Something that is counted or weighed, with its unit. */
    public static function amount(float $amount, string $unit): string
    {
        return Show::joined(Show::plain($amount, $amount < 10.0 ? 1 : 0), $unit);
    }
}
