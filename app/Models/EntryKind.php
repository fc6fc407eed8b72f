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

    public function label(): string
    {
        return match ($this) {
            self::Reading => 'Tests',
            self::Change => 'Water changes',
            self::Dose => 'Doses',
            self::Work => 'Maintenance',
            self::Event => 'Events',
            self::Note => 'Notes',
        };
    }

    public function one(): string
    {
        return match ($this) {
            self::Reading => 'Test',
            self::Change => 'Water change',
            self::Dose => 'Dose',
            self::Work => 'Work',
            self::Event => 'Event',
            self::Note => 'Note',
        };
    }

    /**
     * Kinds a keeper writes by hand; the others come from readings and checklists.
     *
     * @return list<self>
     */
    public static function written(): array
    {
        return [self::Note, self::Event, self::Dose, self::Work];
    }
}
