<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** What one taller stand takes of the light of another. */
final readonly class Shade
{
    /**
     * @param string $name     of the taller one
     * @param float  $overlap  share of the plan of the shaded one that it stands over, 0 to 1
     * @param float  $perLayer ln of the light lost in a layer of leaves
     * @param float  $layers   of its leaves above the top of the shaded one
     *
     * @throws PlantsFault
     */
    public function __construct(public string $name, public float $overlap, public float $perLayer, public float $layers)
    {
        if (!($overlap >= 0.0 && $overlap <= 1.0 && $perLayer >= 0.0 && $layers >= 0.0 && max($perLayer, $layers) < 1e4)) {
            throw PlantsFault::light();
        }
    }

    /** Leaves spread evenly over the height. */
    public static function of(string $name, GrowthForm $form, float $height, float $top, float $water, float $overlap): self
    {
        if (!($water > 0.1 && max($height, $top, $water) < 1e5 && min($height, $top) >= 0.0)) {
            throw PlantsFault::light();
        }

        return new self($name, $overlap, $form->shade(), $form->layers() * max(0.0, min($height, $water) - $top) / $water);
    }

    public function lets(): float
    {
        return 1.0 - $this->overlap * (1.0 - exp(-$this->perLayer * $this->layers));
    }
}
