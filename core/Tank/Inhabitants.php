<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** What is noted to live and grow in a tank and asks for more care than others do. */
final readonly class Inhabitants
{
    /**
     * @param bool $tenderPlants mosses, liverworts, Vallisneria and others that peroxide and liquid carbon harm
     */
    public function __construct(public bool $shrimp = false, public bool $fry = false, public bool $tenderPlants = false) {}
}
