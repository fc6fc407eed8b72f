<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Formula\Grade;

/** Something that can be found in a tank: an alga, or what is taken for one. */
final readonly class AlgaeType
{
    /**
     * @param float                     $parts      how often it is met, in parts of all that is asked about
     * @param string                    $drawing    which drawing shows it
     * @param array<string, Likelihood> $shares     by sign
     * @param list<Technique>           $techniques how it is taken out, the usual first
     * @param list<Remedy>              $remedies   what is done beside, the usual first
     * @param array<string, Grade>      $suspects   causes that practitioners hold for likely with it
     * @param bool                      $takesSpot  whether a spot treatment is of any use on it
     * @param bool                      $takesDark  whether darkness is of any use against it
     */
    public function __construct(
        public string $key,
        public FindingKind $sort,
        public float $parts,
        public string $drawing,
        public array $shares,
        public array $techniques,
        public array $remedies = [],
        public array $suspects = [],
        public bool $takesSpot = false,
        public bool $takesDark = false,
    ) {}

    /** What is done first, for telling whether two kinds come to the same. */
    public function act(): string
    {
        return $this->sort->value.' '.implode(
            ' ',
            array_map(static fn(Technique $technique): string => $technique->value, $this->techniques),
        ).' '.implode(' ', array_keys($this->suspects));
    }
}
