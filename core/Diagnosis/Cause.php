<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** Something that may be at work, and the signs that speak for and against it. */
final readonly class Cause
{
    /**
     * @param float                     $prior  share of cases in which it is at work, when nothing is known; above 0 and below 1
     * @param array<string, Likelihood> $shares by sign that concerns it
     * @param bool                      $danger whether it can kill before anybody finds out: it is not left unasked
     */
    public function __construct(public string $key, public float $prior, public array $shares, public bool $danger = false) {}

    /**
     * Shares with and without each cause over the answers of each sign that concerns it, ready for weighing.
     *
     * @param array<string, self>                                       $causes
     * @param array<string, Observation>                                $signs
     * @param array<string, list<float>>                                $usually   how common each answer is among all else, by sign; even where it is not said
     * @param array<string, array<string, array{list<int>, list<int>}>> $confirmed by cause and sign: confirmed cases with the cause, by answer, and without
     *
     * @return array<string, array<string, array{list<float>, list<float>}>> by sign and cause
     */
    public static function shares(array $causes, array $signs, array $usually = [], array $confirmed = []): array
    {
        $shares = [];
        foreach ($causes as $key => $cause) {
            foreach ($cause->shares as $name => $share) {
                $sign = $signs[$name] ?? throw EvidenceFault::unknown($name);
                $even = $usually[$name] ?? array_fill(0, count($sign->options), 1.0 / count($sign->options));
                $with = Likelihood::over($sign, $share->with, $even);
                $without = $share->without === [] ? $even : Likelihood::over($sign, $share->without, $even);
                [$seen, $unseen] = $confirmed[$key][$name] ?? [[], []];
                $shares[$name][$key] = [Likelihoods::confirmed($with, $seen), Likelihoods::confirmed($without, $unseen)];
            }
        }

        return $shares;
    }

    /**
     * @param array<string, self> $causes
     *
     * @return list<string>
     */
    public static function dangers(array $causes): array
    {
        return array_keys(array_filter($causes, static fn(self $cause): bool => $cause->danger));
    }
}
