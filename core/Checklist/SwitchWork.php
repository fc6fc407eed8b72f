<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** Whether a step switches devices off, or on again. */
enum SwitchWork: string
{
    case None = 'none';
    case Off = 'off';
    case On = 'on';
}
