<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Water\Ion;

/** The water that is wanted. What is null is left to fall where it may. */
final readonly class Target
{
    /**
     * @param float|null           $gh           mmol/L calcium and magnesium
     * @param float|null           $kh           meq/L alkalinity
     * @param float|null           $ratio        calcium to magnesium by mass
     * @param float|null           $conductivity uS/cm at 25 degC
     * @param array<string, float> $caps         mg/L at most, by ion
     */
    public function __construct(
        public ?float $gh,
        public ?float $kh,
        public ?float $ratio = null,
        public ?float $conductivity = null,
        public array $caps = [],
    ) {}

    /** @param array<string, float> $caps mg/L by ion */
    public static function degrees(?float $gh, ?float $kh, ?float $ratio = null, ?float $conductivity = null, array $caps = []): self
    {
        return new self(
            $gh === null ? null : Hardness::fromDegrees($gh)->millimolePerLitre,
            $kh === null ? null : Alkalinity::fromDegrees($kh)->milliequivalentPerLitre,
            $ratio,
            $conductivity,
            $caps,
        );
    }

    public function value(RecipeAim $aim): ?float
    {
        return match ($aim) {
            RecipeAim::Hardness => $this->gh,
            RecipeAim::Alkalinity => $this->kh,
            RecipeAim::Ratio => $this->ratio,
            RecipeAim::Conductivity => $this->conductivity,
        };
    }

    public function without(RecipeAim $aim): self
    {
        return new self(
            $aim === RecipeAim::Hardness ? null : $this->gh,
            $aim === RecipeAim::Alkalinity ? null : $this->kh,
            $aim === RecipeAim::Ratio ? null : $this->ratio,
            $aim === RecipeAim::Conductivity ? null : $this->conductivity,
            $this->caps,
        );
    }

    public function only(RecipeAim ...$aims): self
    {
        $target = $this;
        foreach (RecipeAim::cases() as $aim) {
            $target = in_array($aim, $aims, true) ? $target : $target->without($aim);
        }

        return $target;
    }

    public function uncapped(?Ion $ion = null): self
    {
        return new self($this->gh, $this->kh, $this->ratio, $this->conductivity, $ion === null ? [] : array_diff_key($this->caps, [$ion->value => 0.0]));
    }

    /** @return list<RecipeAim> that are named, first things first */
    public function aims(): array
    {
        return array_values(array_filter(RecipeAim::cases(), fn(RecipeAim $aim): bool => $this->value($aim) !== null));
    }
}
