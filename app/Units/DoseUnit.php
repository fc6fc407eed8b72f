<?php

declare(strict_types=1);

namespace App\Units;

/** What a dechlorinator is measured with, as its label says. Only a millilitre is the same everywhere: the others stay what they are. */
enum DoseUnit: string
{
    case Millilitre = 'mL';
    case Gram = 'g';
    case Drop = 'drop';
    case Cap = 'cap';
    case Scoop = 'scoop';
    case Teaspoon = 'teaspoon';
    case Tablespoon = 'tablespoon';

    public static function of(mixed $kept): self
    {
        return (is_string($kept) ? self::tryFrom($kept) : null) ?? self::Millilitre;
    }

    /** How a dose is typed. */
    public function scale(Show $show): Scale
    {
        return $this === self::Millilitre ? $show->liquids() : new Scale($this === self::Gram ? 'g' : $this->label(), 1.0, 2);
    }

    public function label(): string
    {
        return $this === self::Millilitre || $this === self::Gram ? $this->value : trans_choice('shelf.dose_units.'.$this->value, 2);
    }

    /** A dose in words. Drops are counted, and nobody fills a cap to a tenth: to the quarter, and never to nothing. */
    public function text(float $dose, Show $show): string
    {
        $counted = match ($this) {
            self::Drop => max(1.0, round($dose)),
            self::Millilitre, self::Gram => $dose,
            default => max(0.25, round(4.0 * $dose) / 4.0),
        };

        return match ($this) {
            self::Millilitre => $show->liquid($dose),
            self::Gram => Show::joined(Show::rounded($dose, $dose < 10.0 ? 1 : 0), 'g'),
            default => Show::joined(Show::plain($counted, 2), trans_choice('shelf.dose_units.'.$this->value, $counted <= 1.0 ? 1 : 2)),
        };
    }
}
