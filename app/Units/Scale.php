<?php

declare(strict_types=1);

namespace App\Units;

use Cresco\Core\Measure\Length;
use Cresco\Core\Measure\Volume;

/**
 * How a keeper types and reads one kind of quantity. Everything is kept in the base unit; only here is it converted. A unit that is
 * typed with a number counts, whichever unit the field has: "48 in", "4 ft 2 in", "20 gal".
 */
final readonly class Scale
{
    private const POUND = 0.45359237;

    /** mL */
    private const US_FLUID_OUNCE = 29.5735295625;

    private const IMPERIAL_FLUID_OUNCE = 28.4130625;

    /**
     * @param string               $label    of the unit that is shown
     * @param float                $per      base units in one of it
     * @param float                $offset   base value at its zero
     * @param int                  $decimals that are shown at most
     * @param array<string, float> $words    base units in one of each unit that is understood
     */
    public function __construct(public string $label, private float $per, public int $decimals, private array $words = [], private float $offset = 0.0) {}

    /** Sizes of tanks and stones, kept in mm. */
    public static function sizes(LengthUnit $unit): self
    {
        return $unit === LengthUnit::Inches ? new self('in', Length::MILLIMETRES_PER_INCH, 2, self::lengths()) : new self('cm', 10.0, 1, self::lengths());
    }

    /** Levels, marks, glass and bores, kept in mm. */
    public static function levels(LengthUnit $unit): self
    {
        return $unit === LengthUnit::Inches ? new self('in', Length::MILLIMETRES_PER_INCH, 2, self::lengths()) : new self('mm', 1.0, 1, self::lengths());
    }

    /** Hoses, kept in m. */
    public static function hoseLengths(LengthUnit $unit): self
    {
        $words = array_map(static fn(float $mm): float => $mm / 1000.0, self::lengths());

        return $unit === LengthUnit::Inches ? new self('ft', 12.0 * Length::MILLIMETRES_PER_INCH / 1000.0, 1, $words) : new self('m', 1.0, 2, $words);
    }

    /** Stones, wood and buckets, kept in kg. */
    public static function weights(LengthUnit $unit): self
    {
        $words = ['kg' => 1.0, 'g' => 0.001, 'lb' => self::POUND, 'lbs' => self::POUND, 'oz' => self::POUND / 16.0];

        return $unit === LengthUnit::Inches ? new self('lb', self::POUND, 1, $words) : new self('kg', 1.0, 1, $words);
    }

    /** Water, kept in litres. */
    public static function volumes(VolumeUnit $unit): self
    {
        $gallon = $unit === VolumeUnit::ImperialGallon ? Volume::LITRES_PER_IMPERIAL_GALLON : Volume::LITRES_PER_US_GALLON;

        return new self($unit->label(), $unit->toLitres(1.0), 2, [
            'l' => 1.0, 'litre' => 1.0, 'litres' => 1.0, 'ml' => 0.001, 'gal' => $gallon, 'gallon' => $gallon, 'gallons' => $gallon,
            'us gal' => Volume::LITRES_PER_US_GALLON, 'imp gal' => Volume::LITRES_PER_IMPERIAL_GALLON,
        ]);
    }

    /** Doses of liquids, kept in mL: spoons and ounces are understood, by the gallon that is set. */
    public static function liquids(VolumeUnit $unit): self
    {
        $ounce = $unit === VolumeUnit::ImperialGallon ? self::IMPERIAL_FLUID_OUNCE : self::US_FLUID_OUNCE;
        // Measuring spoons: a sixth of a US ounce where that is used, 5 mL elsewhere.
        $tea = $unit === VolumeUnit::UsGallon ? self::US_FLUID_OUNCE / 6.0 : 5.0;

        return new self(
            'mL',
            1.0,
            2,
            [
                'ml' => 1.0, 'l' => 1000.0, 'fl oz' => $ounce, 'oz' => $ounce, 'tsp' => $tea, 'teaspoon' => $tea, 'teaspoons' => $tea,
                'tbsp' => 3.0 * $tea, 'drops' => 0.05, 'drop' => 0.05,
            ],
        );
    }

    /** @return array<string, float> mm */
    private static function lengths(): array
    {
        $inch = Length::MILLIMETRES_PER_INCH;

        return [
            'mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0, 'in' => $inch, 'inch' => $inch, 'inches' => $inch, '"' => $inch, "\u{2033}" => $inch,
            'ft' => 12.0 * $inch, 'foot' => 12.0 * $inch, 'feet' => 12.0 * $inch, "'" => 12.0 * $inch, "\u{2032}" => 12.0 * $inch,
        ];
    }

    public function fromBase(float $base): float
    {
        return ($base - $this->offset) / $this->per;
    }

    public function toBase(float $shown): float
    {
        return $shown * $this->per + $this->offset;
    }

    /** As it stands in a field: no more decimals than it needs. */
    public function show(?float $base): string
    {
        return $base === null ? '' : Show::plain($this->fromBase($base), $this->decimals);
    }

    /** As it stands in a text, with its unit. */
    public function text(float $base, ?int $decimals = null): string
    {
        return Show::joined($decimals === null ? $this->show($base) : Show::rounded($this->fromBase($base), $decimals), $this->label);
    }

    /** What was typed, in the base unit; null when it is no such quantity. */
    public function parse(mixed $typed): ?float
    {
        $number = Amount::parse($typed);
        if ($number !== null) {
            return $this->toBase($number);
        }
        $text = is_string($typed) ? trim(mb_strtolower($typed)) : '';
        if ($text === '' || mb_strlen($text) > 40 || Amount::asked($text) !== null) {
            return null;
        }
        // One or more numbers, each with a unit: "4 ft 2 in".
        $sum = 0.0;
        $rest = $text;
        while ($rest !== '') {
            if (!preg_match('/^(\d{1,9}(?:[.,]\d{1,9})?|[.,]\d{1,9})\s*([^\d.,\s][^\d.,]*)\s*/u', $rest, $match)) {
                return null;
            }
            $word = trim($match[2]);
            if (!isset($this->words[$word])) {
                return null;
            }
            $sum += (float) str_replace(',', '.', $match[1]) * $this->words[$word];
            $rest = substr($rest, strlen($match[0]));
        }

        return $sum;
    }

    /** What was typed, or what is kept when its text was left as it stood: a rounded text changes no kept figure. */
    public function keep(mixed $typed, ?float $kept): ?float
    {
        return $kept !== null && is_string($typed) && trim($typed) === $this->show($kept) ? $kept : $this->parse($typed);
    }

    /**
     * @param float $least   in the base unit
     * @param float $most    in the base unit
     * @param float $example in the base unit
     */
    public function rule(float $least, float $most, float $example): Within
    {
        return new Within($this, $least, $most, $example);
    }
}
