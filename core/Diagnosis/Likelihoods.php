<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** Shares of cases that show each answer of a sign, moved by the cases that a keeper confirmed. */
final class Likelihoods
{
    /** Cases that a share of the catalogue counts for beside those that are confirmed. House default. */
    public const DEFAULT_COUNTS = 10.0;

    /** Cases that are counted at most. House limit. */
    private const MOST = 1_000_000;

    /**
     * Mean of a Dirichlet (for two answers: Beta) distribution of that many cases after counts.
     *
     * @param list<float> $default shares of the answers, together 1
     * @param list<int>   $seen    confirmed cases of this cause in which each was the answer
     *
     * @return list<float>
     *
     * @throws EvidenceFault when a count is none
     */
    public static function confirmed(array $default, array $seen): array
    {
        $all = 0;
        foreach ($seen as $count) {
            if ($count < 0 || $count > self::MOST) {
                throw EvidenceFault::cases();
            }
            $all += $count;
        }

        return array_map(
            static fn(float $share, int $count): float => (self::DEFAULT_COUNTS * $share + $count) / (self::DEFAULT_COUNTS + $all),
            $default,
            array_pad(array_slice($seen, 0, count($default)), count($default), 0),
        );
    }

    /**
     * Likelihood of what is known of a sign, where its answers have these shares.
     *
     * @param list<float> $shares
     * @param list<float> $weights
     */
    public static function likelihood(array $shares, array $weights): float
    {
        $sum = 0.0;
        foreach ($weights as $i => $weight) {
            $sum += $weight * ($shares[$i] ?? 0.0);
        }

        return $sum;
    }

    /**
     * Of signs that tell the same thing the one that tells most; all signs of no group. It depends on the answers alone.
     *
     * @param list<Observation>    $signs  in the order of the catalogue
     * @param array<string, float> $spread of each that is known
     *
     * @return array<string, true> keys of those that count
     */
    public static function counted(array $signs, array $spread): array
    {
        $counted = $best = [];
        foreach ($signs as $sign) {
            if (!isset($spread[$sign->key])) {
                continue;
            }
            if ($sign->group === '') {
                $counted[$sign->key] = true;
            } elseif (!isset($best[$sign->group]) || $spread[$sign->key] > $spread[$best[$sign->group]]) {
                $best[$sign->group] = $sign->key;
            }
        }

        return $counted + array_fill_keys(array_values($best), true);
    }

    /**
     * Bits of doubt in shares that add up to 1.
     *
     * @param array<float> $shares
     */
    public static function entropy(array $shares): float
    {
        $bits = 0.0;
        foreach ($shares as $share) {
            $bits -= $share > 0.0 ? $share * log($share, 2.0) : 0.0;
        }

        return $bits;
    }

    /**
     * @param list<float> $shares
     *
     * @throws EvidenceFault
     */
    public static function check(array $shares, Observation $sign, string $cause): void
    {
        if (count($shares) !== count($sign->options) || min($shares) <= 0.0 || abs(array_sum($shares) - 1.0) > 1e-6) {
            throw EvidenceFault::share($sign->key, $cause);
        }
    }
}
