<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** What is noted to live and grow in a tank and asks for more care than others do. */
final readonly class Inhabitants
{
    /**
     * @param bool $tenderPlants mosses, liverworts, Vallisneria and others that peroxide and liquid carbon harm
     * @param bool $eatsShrimp   a kind that eats shrimp
     * @param bool $carpets      carpets that ask for much light: they die back in days of darkness
     */
    public function __construct(
        public bool $shrimp = false,
        public bool $fry = false,
        public bool $tenderPlants = false,
        public bool $eatsShrimp = false,
        public bool $carpets = false,
    ) {}
}
