<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/**
 * Which of several causes are at work, where any number may be: each is on or off by itself, with its share to begin with, and for each
 * sign the shares of its answers with the cause and without it.
 */
final class IndependentCauses
{
    /** Share above which a danger is asked after before all else. House default. */
    private const DANGER = 0.05;

    /** Share from which a cause needs no more asking. House default. */
    private const SURE = 0.8;

    /** Bits below which a sign tells nothing of a cause. House limit. */
    private const NOTHING = 1e-6;

    /** @var array<string, array<string, array{float, float}>> likelihood with and without, by sign and cause that it concerns */
    private array $likelihoods = [];

    /** @var non-empty-array<string, float>|null */
    private ?array $posterior = null;

    /** @var array<string, array<string, float>> bits by sign and cause */
    private array $gains = [];

    /**
     * @param list<Observation>                                             $signs   in the order of the catalogue
     * @param non-empty-array<string, float>                                $prior   above 0 and below 1 each
     * @param array<string, array<string, array{list<float>, list<float>}>> $shares  by sign and cause: over its answers with the cause, and without
     * @param list<string>                                                  $dangers causes that are not left unasked
     *
     * @throws EvidenceFault when a share is none
     */
    public function __construct(
        private readonly array $signs,
        private readonly array $prior,
        private readonly array $shares,
        private readonly Answers $answers,
        private readonly array $dangers = [],
    ) {
        if (!(min($prior) > 0.0 && max($prior) < 1.0)) {
            throw EvidenceFault::prior();
        }
        foreach ($signs as $sign) {
            if ($answers->isKnown($sign->key)) {
                $this->likelihoods[$sign->key] = $this->likelihood($sign, $answers->weights[$sign->key]);
            }
        }
    }

    /** @return non-empty-array<string, float> how likely each cause is at work, 0 to 1 */
    public function posterior(): array
    {
        return $this->posterior ??= $this->weighed($this->likelihoods);
    }

    /** @return array<string, float> the same, most likely first */
    public function ranked(): array
    {
        $ranked = $this->posterior();
        arsort($ranked);

        return $ranked;
    }

    /** Bits of doubt about all causes together. */
    public function entropy(): float
    {
        return self::doubt($this->posterior());
    }

    /** @return array<string, true> keys of the signs that count */
    public function counted(): array
    {
        return Likelihoods::counted($this->signs, array_map(self::spread(...), $this->likelihoods));
    }

    /**
     * What each known sign weighs for a cause against its absence, decibans (Good, 1950); those that count and concern it.
     *
     * @return array<string, float> by sign
     *
     * @throws EvidenceFault when there is no such cause
     */
    public function weights(string $cause): array
    {
        if (!isset($this->prior[$cause])) {
            throw EvidenceFault::unknown($cause);
        }
        $weights = [];
        foreach (array_keys($this->counted()) as $sign) {
            if (isset($this->likelihoods[$sign][$cause])) {
                [$with, $without] = $this->likelihoods[$sign][$cause];
                $weights[$sign] = 10.0 * log10($with / $without);
            }
        }

        return $weights;
    }

    /** Bits that asking for a sign is expected to tell of all causes together; 0 for one that is known. */
    public function gain(Observation $sign): float
    {
        return array_sum($this->gains($sign));
    }

    /**
     * The question that tells most for what it costs; null when none is worth asking any more. A danger that is not ruled out comes first.
     *
     * @param list<string> $skipped signs that the keeper cannot tell
     */
    public function next(array $skipped = []): ?NextQuestion
    {
        $now = $this->posterior();
        $best = $urgent = null;
        foreach ($this->signs as $sign) {
            $gains = $this->answers->isKnown($sign->key) || in_array($sign->key, $skipped, true) ? [] : $this->gains($sign);
            $danger = 0.0;
            foreach ($this->dangers as $cause) {
                $danger += ($now[$cause] ?? 0.0) > self::DANGER ? $gains[$cause] ?? 0.0 : 0.0;
            }
            if ($danger > self::NOTHING && $danger > ($urgent === null ? 0.0 : $urgent->gain)) {
                $urgent = new NextQuestion($sign, $danger, true);
            }
            // What is sure enough is not asked after again.
            $open = array_filter($gains, static fn(string $cause): bool => $now[$cause] < self::SURE, ARRAY_FILTER_USE_KEY);
            $next = new NextQuestion($sign, array_sum($open));
            $best = $next->worth() > max(0.0, $best?->worth() ?? 0.0) ? $next : $best;
        }

        return $urgent ?? $best;
    }

    /** @return array<string, float> bits by cause */
    private function gains(Observation $sign): array
    {
        if ($this->answers->isKnown($sign->key)) {
            return [];
        }
        if (isset($this->gains[$sign->key])) {
            return $this->gains[$sign->key];
        }
        $now = $this->posterior();
        $after = [];
        foreach (array_keys($sign->options) as $option) {
            $like = $this->likelihood($sign, array_map(static fn(int $i): float => $i === $option ? 1.0 : 0.0, array_keys($sign->options)));
            $then = $this->weighed($this->likelihoods + [$sign->key => $like]);
            foreach ($like as $cause => [$with, $without]) {
                $chance = $now[$cause] * $with + (1.0 - $now[$cause]) * $without;
                $after[$cause] = ($after[$cause] ?? 0.0) + $chance * self::doubt([$then[$cause]]);
            }
        }

        foreach ($after as $cause => $bits) {
            $after[$cause] = max(0.0, self::doubt([$now[$cause]]) - $bits);
        }

        return $this->gains[$sign->key] = $after;
    }

    /**
     * @param list<float> $weights
     *
     * @return array<string, array{float, float}>
     */
    private function likelihood(Observation $sign, array $weights): array
    {
        $like = [];
        foreach ($this->shares[$sign->key] ?? [] as $cause => [$with, $without]) {
            if (isset($this->prior[$cause])) {
                Likelihoods::check($with, $sign, $cause);
                Likelihoods::check($without, $sign, $cause);
                $like[$cause] = [Likelihoods::likelihood($with, $weights), Likelihoods::likelihood($without, $weights)];
            }
        }

        return $like;
    }

    /**
     * @param array<string, array<string, array{float, float}>> $likelihoods
     *
     * @return non-empty-array<string, float>
     */
    private function weighed(array $likelihoods): array
    {
        $odds = array_map(static fn(float $share): float => log($share / (1.0 - $share)), $this->prior);
        foreach (array_keys(Likelihoods::counted($this->signs, array_map(self::spread(...), $likelihoods))) as $sign) {
            foreach ($likelihoods[$sign] as $cause => [$with, $without]) {
                $odds[$cause] += log($with / $without);
            }
        }

        return array_map(static fn(float $log): float => 1.0 / (1.0 + exp(-$log)), $odds);
    }

    /** @param array<string, array{float, float}> $likelihoods */
    private static function spread(array $likelihoods): float
    {
        return $likelihoods === [] ? 0.0 : max(array_map(static fn(array $pair): float => abs(10.0 * log10($pair[0] / $pair[1])), $likelihoods));
    }

    /** @param array<float> $shares */
    private static function doubt(array $shares): float
    {
        return array_sum(array_map(static fn(float $share): float => Likelihoods::entropy([$share, 1.0 - $share]), $shares));
    }
}
