<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** What cannot be weighed. The message can be shown to a keeper. */
final class EvidenceFault extends Fault
{
    public static function chance(): self
    {
        return new self(Text::of('evidence.chance'));
    }

    public static function share(string $sign, string $cause): self
    {
        return new self(Text::of('evidence.share', sign: $sign, cause: $cause));
    }

    public static function prior(): self
    {
        return new self(Text::of('evidence.prior'));
    }

    public static function unknown(string $name): self
    {
        return new self(Text::of('evidence.unknown', name: mb_substr($name, 0, 40)));
    }

    public static function cases(): self
    {
        return new self(Text::of('evidence.cases'));
    }
}
