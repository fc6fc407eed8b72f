<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Cresco\Core\Measure\Parameter;

/** One thing that is the case in a tank and asks for something; what it says to a keeper stands in the language files. */
final readonly class Concern
{
    /**
     * @param string         $key       of its words
     * @param Parameter|null $parameter it is read in
     * @param float          $value     as it stands, in the base unit
     * @param float          $limit     that it is held to, in the base unit
     */
    public function __construct(public string $key, public Urgency $urgency, public ?Parameter $parameter, public float $value, public float $limit) {}
}
