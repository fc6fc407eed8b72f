<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** What it costs a keeper to answer. */
enum AnswerEffort: string
{
    case Look = 'look';
    case Wipe = 'wipe';
    case Test = 'test';
    case Wait = 'wait';

    /** Bits that an answer must be expected to tell to be worth it. House defaults. */
    public function bits(): float
    {
        return match ($this) {
            self::Look => 0.02,
            self::Wipe => 0.04,
            self::Test => 0.1,
            self::Wait => 0.4,
        };
    }
}
