<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** What is known of signs: for each of them how likely each of its answers is the true one. Signs that are not in it are not known. */
final readonly class Answers
{
    /** @param array<string, list<float>> $weights by sign, over its options, together 1 */
    private function __construct(public array $weights = []) {}

    public static function none(): self
    {
        return new self();
    }

    /** @throws EvidenceFault when the sign has no such answer */
    public function with(Observation $sign, string $option): self
    {
        $at = array_search($option, $sign->options, true);
        if ($at === false) {
            throw EvidenceFault::unknown($option);
        }

        return new self([$sign->key => array_map(static fn(int $i): float => $i === $at ? 1.0 : 0.0, array_keys($sign->options))] + $this->weights);
    }

    /**
     * A sign that can only be said to be likely, such as a reading near its limit (virtual evidence; Pearl, 1988).
     *
     * @param float $chance that it is there, 0 to 1, from what was read alone; one half says nothing
     *
     * @throws EvidenceFault when it is no chance, or the sign is no plain question
     */
    public function likely(Observation $sign, float $chance): self
    {
        if (!($chance >= 0.0 && $chance <= 1.0)) {
            throw EvidenceFault::chance();
        }
        if (!$sign->isYesNo()) {
            throw EvidenceFault::unknown($sign->key);
        }

        return new self([$sign->key => [$chance, 1.0 - $chance]] + $this->weights);
    }

    public function without(string $sign): self
    {
        return new self(array_diff_key($this->weights, [$sign => 0]));
    }

    public function isKnown(string $sign): bool
    {
        return isset($this->weights[$sign]);
    }

    /** The answer that is held for true; null where it is not known or none is likelier than another. */
    public function option(Observation $sign): ?string
    {
        $weights = $this->weights[$sign->key] ?? [];
        $most = $weights === [] ? 0.0 : max($weights);
        $at = array_keys($weights, $most, true);

        return count($at) === 1 ? $sign->options[$at[0]] : null;
    }
}
