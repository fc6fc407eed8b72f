<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** Where practice differs: a tank carries one choice for each, the first being Cresco's default with its reason. */
enum PracticeChoice: string
{
    case Bed = 'bed';
    case FlowWhileTrimming = 'flow';
    case GlassBeforeOrAfter = 'glass';
    case RinsingMedia = 'media';
    case Minerals = 'minerals';
    case Conditioner = 'conditioner';
    case FilterOn = 'filter';

    /** @return non-empty-list<string> name of each choice; the first is the default */
    public function choices(): array
    {
        return match ($this) {
            self::Bed => ['rotate', 'all', 'leave'],
            self::FlowWhileTrimming => ['off', 'on'],
            self::GlassBeforeOrAfter => ['before', 'after'],
            self::RinsingMedia => ['same', 'conditioned', 'next_day'],
            self::Minerals => ['dissolved', 'direct'],
            self::Conditioner => ['new', 'tank'],
            self::FilterOn => ['full', 'covered'],
        };
    }

    public function usual(): string
    {
        return $this->choices()[0];
    }

    /** @param array<string, string> $chosen choices by practice */
    public function of(array $chosen): string
    {
        $choice = $chosen[$this->value] ?? '';

        return in_array($choice, $this->choices(), true) ? $choice : $this->usual();
    }
}
