<?php

declare(strict_types=1);

namespace App\WaterChange;

/** Which of the amount fields was touched last and so leads the others. */
enum AmountField: string
{
    case Litres = 'litres';
    case Percent = 'percent';
    case Mark = 'mark';
    case Buckets = 'buckets';
}
