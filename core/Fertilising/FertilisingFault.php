<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** What cannot be worked out of the feeding of plants and animals. The message can be shown to a keeper. */
final class FertilisingFault extends Fault
{
    public static function meal(): self
    {
        return new self(Text::of('food.meal'));
    }

    public static function event(): self
    {
        return new self(Text::of('food.event'));
    }

    public static function loss(): self
    {
        return new self(Text::of('food.loss'));
    }

    public static function feed(): self
    {
        return new self(Text::of('food.feed'));
    }

    public static function rootTabs(): self
    {
        return new self(Text::of('food.capsules'));
    }

    public static function soil(): self
    {
        return new self(Text::of('food.soil'));
    }

    public static function routine(): self
    {
        return new self(Text::of('food.routine'));
    }
}
