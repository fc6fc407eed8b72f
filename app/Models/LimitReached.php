<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use RuntimeException;

/** One record more than Cresco keeps for one keeper or one tank; the message can be shown to a keeper. */
final class LimitReached extends RuntimeException
{
    /** @param class-string<Model> $kind */
    public static function of(string $kind, int $most): self
    {
        return new self(__('limits.reached', ['most' => number_format($most), 'what' => __('limits.kinds.'.class_basename($kind))]));
    }
}
