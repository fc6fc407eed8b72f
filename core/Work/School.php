<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

/** Where practice differs: a tank carries one choice for each, the first being Cresco's default with its reason. */
enum School: string
{
    case Bed = 'bed';
    case FlowWhileTrimming = 'flow';
    case GlassBeforeOrAfter = 'glass';
    case RinsingMedia = 'media';
    case Minerals = 'minerals';
    case Conditioner = 'conditioner';
    case FilterOn = 'filter';

    public function label(): string
    {
        return match ($this) {
            self::Bed => 'The bed is vacuumed',
            self::FlowWhileTrimming => 'While trimming, the filter’s flow is',
            self::GlassBeforeOrAfter => 'Panes are cleaned',
            self::RinsingMedia => 'Filter media are rinsed',
            self::Minerals => 'Minerals for new water are',
            self::Conditioner => 'Conditioner is dosed',
            self::FilterOn => 'The filter runs again',
        };
    }

    /** @return non-empty-array<string, string> name of each choice and its words with the reason; the first is the default */
    public function choices(): array
    {
        return match ($this) {
            self::Bed => ['rotate' => 'a part at a time, the longest waiting first', 'all' => 'all of it: gravel without plants, heavy feeding, strong filter', 'leave' => 'not at all: deep or planted soil, surface only'],
            self::FlowWhileTrimming => ['off' => 'off: cuttings do not blow everywhere', 'on' => 'on: it herds cuttings to one corner'],
            self::GlassBeforeOrAfter => ['before' => 'before draining: what comes off leaves with the water', 'after' => 'after draining: the film at the waterline is within reach'],
            self::RinsingMedia => ['same' => 'in this session, in drained tank water', 'conditioned' => 'in this session, in conditioned tap water as warm as the tank', 'next_day' => 'next day, when they have caught what was stirred'],
            self::Minerals => ['dissolved' => 'dissolved outside, added with the inflow: no dips, no salty layers', 'direct' => 'put straight in with the refill, buffer first: no mixing vessel'],
            self::Conditioner => ['new' => 'for the new water, before it goes in', 'tank' => 'for the whole tank, just before tap water runs in'],
            self::FilterOn => ['full' => 'when the tank is full', 'covered' => 'as soon as its intake is covered: it clears faster'],
        };
    }

    public function usual(): string
    {
        return array_key_first($this->choices());
    }

    /** @param array<string, string> $chosen choices by school */
    public function of(array $chosen): string
    {
        $choice = $chosen[$this->value] ?? '';

        return isset($this->choices()[$choice]) ? $choice : $this->usual();
    }
}
