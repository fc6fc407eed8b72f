<?php

declare(strict_types=1);

namespace App\Models;

/** What kind of thing happened. */
enum EntryKind: string
{
    case Reading = 'reading';
    case Change = 'change';
    case Dose = 'dose';
    case Work = 'work';
    case Event = 'event';
    case Note = 'note';

    /**
     * Kinds a keeper writes by hand; the others come from readings and checklists.
     *
     * @return list<self>
     */
    public static function written(): array
    {
        return [self::Note, self::Event, self::Dose, self::Work];
    }

    public function isWritten(): bool
    {
        return in_array($this, self::written(), true);
    }
}
