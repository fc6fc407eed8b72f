<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** How likely something is, in a word. */
enum Belief: string
{
    case VeryLikely = 'very_likely';
    case Likely = 'likely';
    case Possible = 'possible';
    case Unlikely = 'unlikely';

    /**
     * @param float $share 0 to 1
     *
     * @throws EvidenceFault when it is no share
     */
    public static function of(float $share): self
    {
        if (!($share >= 0.0 && $share <= 1.0 + 1e-9)) {
            throw EvidenceFault::chance();
        }
        foreach (self::cases() as $belief) {
            if ($share >= $belief->least()) {
                return $belief;
            }
        }

        return self::Unlikely;
    }

    /** Share from which it is said. House defaults. */
    public function least(): float
    {
        return match ($this) {
            self::VeryLikely => 0.85,
            self::Likely => 0.6,
            self::Possible => 0.2,
            self::Unlikely => 0.0,
        };
    }
}
