<?php

declare(strict_types=1);

namespace Cresco\Core\Livestock;

/** A kind of animal as keepers stock them: how large it grows, how many live together, what it eats. */
final readonly class AnimalKind
{
    /** g of a fish for each cm of its length to the third. Middle of length-weight relations of small fish, Froese 2006, J. Appl. Ichthyol. 22, 241-253. */
    public const FORM = 0.012;

    /** Share of its weight that a small fish is fed of dry food in a day. House default. */
    public const FED = 0.02;

    /** mm of a fish, grown, that a large mouth takes. House default. */
    private const SMALL = 30.0;

    /**
     * @param string              $sort     fish, shrimp or snail
     * @param float               $length   mm when grown
     * @param int                 $least    that live together
     * @param array{float, float} $celsius  that it is kept at
     * @param array{float, float} $hardness dGH that it is kept at
     * @param float|null          $food     mg of dry food a day where that is not by its weight: grazers find most of theirs
     * @param bool                $grazes   whether it may be among the first, while diatoms grow
     * @param list<string>        $eats     what it takes of those that live with it: shrimp, small_fish
     * @param bool                $alone    whether two of them fight
     * @param int                 $weeks    after its filling until a tank has the film that it lives on; 0 where it lives on what it is fed
     */
    public function __construct(
        public string $key,
        public string $sort,
        public float $length,
        public int $least,
        public array $celsius,
        public array $hardness,
        public ?float $food = null,
        public bool $grazes = false,
        public array $eats = [],
        public bool $alone = false,
        public int $weeks = 0,
    ) {}

    /** Whether it may eat the other kind when grown. */
    public function mayEat(self $other): bool
    {
        return ($other->sort === 'shrimp' && in_array('shrimp', $this->eats, true))
            || ($other->sort === 'fish' && $other->length <= self::SMALL && $other->key !== $this->key && in_array('small_fish', $this->eats, true));
    }

    /** g of one when grown. */
    public function grams(?float $length = null): float
    {
        return self::FORM * (($length ?? $this->length) / 10.0) ** 3;
    }

    /** mg of dry food that one is given in a day. */
    public function food(?float $length = null): float
    {
        return $this->food ?? 1000.0 * self::FED * $this->grams($length);
    }
}
