<?php

declare(strict_types=1);

namespace Cresco\Core\Evidence;

use Cresco\Core\Fault;

/** What cannot be weighed. The message can be shown to a keeper. */
final class EvidenceFault extends Fault
{
    public static function chance(): self
    {
        return new self('A chance lies between 0 and 1.');
    }

    public static function share(string $sign, string $cause): self
    {
        return new self(sprintf('The shares of %s for %s are above 0 and add up to 1.', $sign, $cause));
    }

    public static function prior(): self
    {
        return new self('Shares that one begins with are above 0, and of single causes below 1.');
    }

    public static function unknown(string $name): self
    {
        return new self(sprintf('Nothing is known of "%s".', mb_substr($name, 0, 40)));
    }

    public static function cases(): self
    {
        return new self('Confirmed cases are counted from 0 to a million.');
    }
}
