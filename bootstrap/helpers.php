<?php

declare(strict_types=1);

use App\Words\Texts;
use Cresco\Core\Fault;
use Cresco\Core\Measure\Sentence;
use Cresco\Core\Text;

/** What one of the choices is called, at the head of a line or in a list; nothing for none. */
function label(?BackedEnum $one): string
{
    return $one === null ? '' : Texts::label($one);
}

/** What it is called within a sentence. */
function word(?BackedEnum $one): string
{
    return $one === null ? '' : Texts::word($one);
}

/**
 * What the core has to say, in the keeper's language.
 *
 * @param string $group of lang that a text's key lies in; that of a fault is its own
 */
function say(Text|Fault|string $what, string $group = 'working'): string
{
    return $what instanceof Fault ? Sentence::from(Texts::of($what->text, 'fault')) : Texts::of($what, $group);
}
