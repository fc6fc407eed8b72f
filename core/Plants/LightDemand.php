<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** How much light a kind asks for. */
enum LightDemand: string
{
    case Shade = 'shade';
    case Middling = 'middling';
    case Much = 'much';

    /** Light in which growth bends off, µmol/m2s. House default, in the form of Jassby and Platt (1976). */
    public function bend(): float
    {
        return match ($this) {
            self::Shade => 30.0,
            self::Middling => 60.0,
            self::Much => 120.0,
        };
    }

    /**
     * Light at its top above which slow leaves gather algae before they make use of it, µmol/m2s over eight hours: twice where growth has
     * bent off. Null where none is too bright. House default.
     */
    public function most(): ?float
    {
        return $this === self::Much ? null : 2.0 * $this->bend();
    }

    /** Light at its top that keeps it in good form, µmol/m2s over eight hours. House default. */
    public function need(): float
    {
        return match ($this) {
            self::Shade => 15.0,
            self::Middling => 30.0,
            self::Much => 60.0,
        };
    }
}
