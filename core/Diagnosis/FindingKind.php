<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** What sort of thing it is. */
enum FindingKind: string
{
    case Alga = 'alga';
    case Bacteria = 'bacteria';
    case Fungus = 'fungus';
    case Animal = 'animal';
    case Mineral = 'mineral';
    case Dirt = 'dirt';

    /** Share of its fresh, drained mass that is dry matter. House defaults. */
    public function dry(): float
    {
        return $this === self::Bacteria ? 0.1 : 0.07;
    }

    /** Nitrogen in its dry matter, as a share. House defaults. */
    public function nitrogen(): float
    {
        return $this === self::Bacteria ? 0.08 : 0.04;
    }
}
