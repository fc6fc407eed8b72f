<?php

declare(strict_types=1);

namespace Cresco\Core\Food;

use Cresco\Core\Fault;

/** What cannot be reckoned of the feeding of plants and animals. The message can be shown to a keeper. */
final class FoodFault extends Fault
{
    public static function meal(): self
    {
        return new self('A meal is 0 to 1,000 g a day with 0 to 100 % protein, in more than a hundredth of a litre.');
    }

    public static function event(): self
    {
        return new self('What happens to a nutrient is an ordinary number, and a share lies between 0 and 1.');
    }

    public static function loss(): self
    {
        return new self('A loss is a share of 0 to 5 a day.');
    }

    public static function feed(): self
    {
        return new self('A feed brings nothing less than nothing, and a step that can be measured is above 0.');
    }

    public static function capsules(): self
    {
        return new self('Capsules lie in water of 0 to 45 degrees, at plants that take a share of 0 to 1 by the roots.');
    }

    public static function soil(): self
    {
        return new self('Soil is 0 to 40,000 days old.');
    }

    public static function routine(): self
    {
        return new self('A routine changes a share above 0 and up to 1 every 1 to 365 days.');
    }
}
