<?php

declare(strict_types=1);

namespace App\Units;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A number as keepers type it, with a decimal point or comma, within a range; says what would be right. */
final readonly class Amount implements ValidationRule
{
    public function __construct(private float $least, private float $most, private string $unit = '', private string $example = '24') {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $number = self::parse($value);
        if ($number === null) {
            $fail(sprintf('Write a number%s, such as %s.', $this->unit === '' ? '' : ' in '.$this->unit, $this->example));
        } elseif ($number < $this->least - 1e-9 || $number > $this->most + 1e-9) {
            $fail(trim(sprintf('It must lie between %s and %s %s', Show::plain($this->least, 2), Show::plain($this->most, 2), $this->unit)).'.');
        }
    }

    /** The number, or null when the text is not one. */
    public static function parse(mixed $value): ?float
    {
        if (is_int($value) || is_float($value)) {
            return is_finite((float) $value) ? (float) $value : null;
        }
        $text = is_string($value) ? str_replace([',', "\u{2212}"], ['.', '-'], trim($value)) : '';

        return preg_match('/^-?(\d{1,9}(\.\d{0,9})?|\.\d{1,9})$/', $text) ? (float) $text : null;
    }
}
