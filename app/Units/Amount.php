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
        if (($asked = self::asked($value)) !== null) {
            $fail($asked);
        } elseif ($number === null) {
            $fail((string) __($this->unit === '' ? 'said.number.such' : 'said.number.such_in', ['unit' => $this->unit, 'example' => $this->example]));
        } elseif ($number < $this->least - 1e-9 || $number > $this->most + 1e-9) {
            $fail((string) __(
                $this->unit === '' ? 'said.number.between' : 'said.number.between_in',
                ['least' => Show::plain($this->least, 2), 'most' => Show::plain($this->most, 2), 'unit' => $this->unit],
            ));
        }
    }

    /** The number, or null when the text is not one. */
    public static function parse(mixed $value): ?float
    {
        if (is_int($value) || is_float($value)) {
            return is_finite((float) $value) ? (float) $value : null;
        }
        $text = is_string($value) ? str_replace([',', "\u{2212}"], ['.', '-'], trim($value)) : '';

        // A comma before three digits parts thousands for some and tenths for others: it is asked, not guessed.
        if (self::asked($value) !== null) {
            return null;
        }

        return preg_match('/^-?(\d{1,9}(\.\d{0,9})?|\.\d{1,9})$/', $text) ? (float) $text : null;
    }

    /** What is asked back of a number that can be read in two ways; null for one that cannot. */
    public static function asked(mixed $value): ?string
    {
        return is_string($value) && preg_match('/(?<![\d.,])[1-9]\d{0,2}(?:,\d{3})+(?![\d.,])/', $value, $found) === 1
            ? (string) __('said.number.comma', ['many' => str_replace(',', '', $found[0]), 'few' => str_replace(',', '.', $found[0])]) : null;
    }
}
