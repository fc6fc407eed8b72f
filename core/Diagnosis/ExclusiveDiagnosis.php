<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/**
 * Which of several it is, where one excludes the others: shares to begin with, weighed by what each sign's answer is worth for each
 * (Bayes' rule; signs independent given the kind; of a group of signs one counts).
 */
final class ExclusiveDiagnosis
{
    /** What is none of those that have a name. */
    public const NONE = 'none';

    /** Share of the first from which asking ends when the next act would not change. House default. */
    private const SURE = 0.8;

    /** Share of an answer among all else that is drawn toward an even share, so that coin flips end at none of these. House default. */
    public const SOFTENED = 0.5;

    /** Share of its cases in which a kind shows an answer below which the answer does not fit it. House default. */
    private const MISFIT = 0.1;

    /** @var array<string, non-empty-array<string, float>> likelihood by sign and kind */
    private array $likelihoods = [];

    /** @var non-empty-array<string, float>|null */
    private ?array $posterior = null;

    /** @var non-empty-array<string, float> */
    private readonly array $prior;

    /**
     * @param list<Observation>                         $signs  in the order of the catalogue
     * @param non-empty-array<string, float>            $prior  above 0 each; made to add up to 1
     * @param array<string, array<string, list<float>>> $shares by sign and kind, over the answers of the sign
     *
     * @throws EvidenceFault when a share is none
     */
    public function __construct(private readonly array $signs, array $prior, private readonly array $shares, private readonly Answers $answers)
    {
        if (min($prior) <= 0.0 || !is_finite(array_sum($prior))) {
            throw EvidenceFault::prior();
        }
        $sum = array_sum($prior);
        $this->prior = array_map(static fn(float $share): float => $share / $sum, $prior);
        foreach ($signs as $sign) {
            if ($answers->isKnown($sign->key)) {
                $this->likelihoods[$sign->key] = $this->likelihood($sign, $answers->weights[$sign->key]);
            }
        }
    }

    /** @return non-empty-array<string, float> share of each kind now, together 1 */
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

    /** Bits of doubt. */
    public function entropy(): float
    {
        return Likelihoods::entropy($this->posterior());
    }

    /** @return array<string, true> keys of the signs that count; another of the same group tells more than the rest */
    public function counted(): array
    {
        return Likelihoods::counted($this->signs, array_map(self::spread(...), $this->likelihoods));
    }

    /** @return array<string, float> 10 log10 of the largest over the smallest likelihood, by sign that is known */
    public function spreads(): array
    {
        return array_map(self::spread(...), $this->likelihoods);
    }

    /**
     * What each known sign weighs for a kind against none of these, decibans (Good, 1950); those that count alone.
     *
     * @return array<string, float> by sign
     *
     * @throws EvidenceFault when there is no such kind
     */
    public function weights(string $kind, string $against = self::NONE): array
    {
        if (!isset($this->prior[$kind], $this->prior[$against])) {
            throw EvidenceFault::unknown($kind);
        }
        $weights = [];
        foreach (array_keys($this->counted()) as $sign) {
            $weights[$sign] = 10.0 * log10($this->likelihoods[$sign][$kind] / $this->likelihoods[$sign][$against]);
        }

        return $weights;
    }

    /**
     * Signs whose answer a kind hardly ever shows, and all else shows oftener: what it explains poorly.
     *
     * @return list<string>
     */
    public function misfits(string $kind): array
    {
        $misfits = [];
        foreach (array_keys($this->counted()) as $sign) {
            $like = $this->likelihoods[$sign];
            if (($like[$kind] ?? 1.0) <= self::MISFIT && ($like[$kind] ?? 1.0) < ($like[self::NONE] ?? 0.0) / 2.0) {
                $misfits[] = $sign;
            }
        }

        return $misfits;
    }

    /** Bits that asking for a sign is expected to tell (Lindley, 1956); 0 for one that is known. */
    public function gain(Observation $sign): float
    {
        if ($this->answers->isKnown($sign->key)) {
            return 0.0;
        }
        $now = $this->posterior();
        $after = 0.0;
        foreach (array_keys($sign->options) as $option) {
            $like = $this->likelihood($sign, array_map(static fn(int $i): float => $i === $option ? 1.0 : 0.0, array_keys($sign->options)));
            $chance = 0.0;
            foreach ($now as $kind => $share) {
                $chance += $share * $like[$kind];
            }
            $after += $chance * Likelihoods::entropy($this->weighed($this->likelihoods + [$sign->key => $like]));
        }

        return max(0.0, Likelihoods::entropy($now) - $after);
    }

    /**
     * The question that tells most for what it costs; null when nothing is worth asking any more.
     *
     * @param array<string, string> $acts    what would be done about each kind: it is asked on while that is open
     * @param list<string>          $skipped signs that the keeper cannot tell
     */
    public function next(array $acts = [], array $skipped = []): ?NextQuestion
    {
        $shares = [];
        foreach ($this->posterior() as $kind => $share) {
            $act = $acts[$kind] ?? $kind;
            $shares[$act] = ($shares[$act] ?? 0.0) + $share;
        }
        if (max($shares) > self::SURE && max($this->posterior()) > self::SURE) {
            return null;
        }
        $best = null;
        foreach ($this->signs as $sign) {
            if (!$this->answers->isKnown($sign->key) && !in_array($sign->key, $skipped, true)) {
                $next = new NextQuestion($sign, $this->gain($sign));
                $best = $next->worth() > max(0.0, $best?->worth() ?? 0.0) ? $next : $best;
            }
        }

        return $best;
    }

    /**
     * @param list<float> $weights
     *
     * @return non-empty-array<string, float>
     */
    private function likelihood(Observation $sign, array $weights): array
    {
        $like = [];
        foreach (array_keys($this->prior) as $kind) {
            $shares = $this->shares[$sign->key][$kind] ?? throw EvidenceFault::share($sign->key, $kind);
            Likelihoods::check($shares, $sign, $kind);
            $like[$kind] = Likelihoods::likelihood($shares, $weights);
        }

        return $like;
    }

    /**
     * @param array<string, non-empty-array<string, float>> $likelihoods
     *
     * @return non-empty-array<string, float>
     */
    private function weighed(array $likelihoods): array
    {
        $shares = $this->prior;
        foreach (array_keys(Likelihoods::counted($this->signs, array_map(self::spread(...), $likelihoods))) as $sign) {
            foreach ($shares as $kind => $share) {
                $shares[$kind] = $share * $likelihoods[$sign][$kind];
            }
        }
        $sum = array_sum($shares);

        return array_map(static fn(float $share): float => $share / $sum, $shares);
    }

    /** @param non-empty-array<string, float> $likelihoods */
    private static function spread(array $likelihoods): float
    {
        return 10.0 * log10(max($likelihoods) / min($likelihoods));
    }
}
