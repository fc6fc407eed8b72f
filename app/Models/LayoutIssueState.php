<?php

declare(strict_types=1);

namespace App\Models;

/** What a keeper decided about something that is off. */
enum LayoutIssueState: string
{
    case Restore = 'restore';
    case Restored = 'restored';
    case Kept = 'kept';
    case Against = 'against';
}
