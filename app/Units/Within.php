<?php

declare(strict_types=1);

namespace App\Units;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A quantity as keepers type it, in their unit or with another one written behind it, within a range; says what would be right. */
final readonly class Within implements ValidationRule
{
    /** A limit that was rounded for the eye may be typed as it is shown. */
    private const ROUNDED = 1e-6;

    /**
     * @param float $least   in the base unit
     * @param float $most    in the base unit
     * @param float $example in the base unit
     */
    public function __construct(private Scale $scale, private float $least, private float $most, private float $example) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $base = $this->scale->parse($value);
        $eye = 0.5 * 10.0 ** -$this->scale->decimals * abs($this->scale->toBase(1.0) - $this->scale->toBase(0.0)) + self::ROUNDED;
        if (($asked = Amount::asked($value)) !== null) {
            $fail($asked);
        } elseif ($base === null) {
            $fail((string) __(
                $this->scale->label === '' ? 'said.number.such' : 'said.number.such_in',
                ['unit' => $this->scale->label === 'in' ? 'inches' : $this->scale->label, 'example' => $this->scale->show($this->example)],
            ));
        } elseif ($base < $this->least - $eye || $base > $this->most + $eye) {
            $fail((string) __(
                $this->scale->label === '' ? 'said.number.between' : 'said.number.between_in',
                ['least' => $this->scale->show($this->least), 'most' => $this->scale->show($this->most), 'unit' => $this->scale->label],
            ));
        }
    }
}
