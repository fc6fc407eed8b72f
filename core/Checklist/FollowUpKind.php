<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** Small jobs that a session leaves for later: each is due for some hours after its end, and then past. */
enum FollowUpKind: string
{
    case Evening = 'evening';
    case Media = 'media';

    /** Tap water went in, and nothing that takes its chlorine. */
    case Conditioner = 'conditioner';

    /** @return list<Caution> */
    public function cautions(): array
    {
        return match ($this) {
            self::Evening => [],
            self::Conditioner => [Caution::Conditioner],
            self::Media => [Caution::Mains, Caution::FilterStill],
        };
    }

    /** Hours after the end of the session from which it is due. The tank has been turned over by then. House default. */
    public function fromHours(): float
    {
        return match ($this) {
            self::Evening => 2.0,
            self::Media => 16.0,
            self::Conditioner => 0.0,
        };
    }

    /** Hours after the end of the session from which it would say no more. House default. */
    public function untilHours(): float
    {
        return match ($this) {
            self::Evening => 12.0,
            self::Media => 96.0,
            self::Conditioner => 168.0,
        };
    }

    public function isNeededAfter(Session $session): bool
    {
        return match ($this) {
            self::Evening => $session->isWet(),
            self::Media => $session->does(Task::Media) && $session->school(PracticeChoice::RinsingMedia) === 'next_day',
            // It is left by what was skipped, and never planned.
            self::Conditioner => false,
        };
    }
}
