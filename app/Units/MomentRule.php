<?php

declare(strict_types=1);

namespace App\Units;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A day, or a day and an hour, written out, between two others; anything else is said to be none. */
final readonly class MomentRule implements ValidationRule
{
    private const FORMATS = ['Y-m-d', 'Y-m-d\TH:i', 'Y-m-d\TH:i:s', 'Y-m-d H:i', 'Y-m-d H:i:s'];

    public function __construct(private string $timezone, private string $after = '2000-01-01', private string $before = '+1 day') {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $moment = self::parse($value, $this->timezone);
        if (
            $moment === null
            || $moment->lessThan(CarbonImmutable::parse($this->after, $this->timezone))
            || $moment->greaterThan(CarbonImmutable::parse($this->before, $this->timezone))
        ) {
            $fail((string) __('said.day.past_hour_such'));
        }
    }

    /** The moment in universal time; null when the text is none. */
    public static function parse(mixed $value, string $timezone): ?CarbonImmutable
    {
        if (!is_string($value) || strlen($value) > 19) {
            return null;
        }
        foreach (self::FORMATS as $format) {
            $moment = CarbonImmutable::hasFormat($value, $format) ? CarbonImmutable::createFromFormat('!'.$format, $value, $timezone) : null;
            // A day that never comes is not the one after it; an hour that summer time leaps over is the next.
            if ($moment !== null && str_starts_with($value, $moment->format('Y-m-d'))) {
                return $moment->utc();
            }
        }

        return null;
    }
}
