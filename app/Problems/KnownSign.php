<?php

declare(strict_types=1);

namespace App\Problems;

/** A sign that the log tells of by itself, and where it was read. */
final readonly class KnownSign
{
    /**
     * @param float                     $chance that it is there, 0 to 1; one half says nothing
     * @param string                    $from   key of the words that say where it was read
     * @param array<string, string|int> $words  that go in there
     */
    public function __construct(public string $sign, public float $chance, public string $from, public array $words = []) {}
}
