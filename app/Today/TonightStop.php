<?php

declare(strict_types=1);

namespace App\Today;

use App\Models\Tank;

/** One tank of an evening: what is to be done there, and how long it takes. */
final readonly class TonightStop
{
    /**
     * @param string            $head    why it is its turn
     * @param float             $out     litres that leave
     * @param array<int, float> $drawn   litres that go in, by water
     * @param int               $minutes of the session
     * @param string            $url     of its checklist or its change
     * @param bool              $isDue   whether the round asks for it
     */
    public function __construct(
        public Tank $tank,
        public string $head,
        public float $out,
        public array $drawn,
        public int $minutes,
        public string $url,
        public bool $isDue,
    ) {}

    public function act(): string
    {
        return (string) __('round.act.'.match (true) {
            str_starts_with($this->url, '/checklists/') => 'sheet',
            $this->out > 0.0 => 'plan',
            default => 'session',
        });
    }
}
