<?php

declare(strict_types=1);

namespace Cresco\Core;

use InvalidArgumentException;

/**
 * Something of the job that cannot be, or cannot be done. Each room names its own; whoever catches one of them, catches this.
 * Its text can be shown to a keeper; its message is for the log of the server.
 */
abstract class Fault extends InvalidArgumentException
{
    public function __construct(public readonly Text $text)
    {
        parent::__construct(trim($text->key.' '.json_encode($text->figures, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_UNESCAPED_UNICODE)));
    }
}
