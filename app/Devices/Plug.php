<?php

declare(strict_types=1);

namespace App\Devices;

/** A plug between the mains and the heater of a tank. */
interface Plug
{
    /** Minutes for which the heater was on in the last whole day. */
    public function minutes(): float;
}
