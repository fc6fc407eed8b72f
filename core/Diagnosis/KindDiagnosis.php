<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** The catalogue of kinds, made ready for weighing. */
final class KindDiagnosis
{
    /**
     * @param array<string, array<string, list<int>>> $confirmed by kind and sign: how many confirmed cases of this keeper gave each answer
     */
    public static function of(Answers $answers, array $confirmed = []): ExclusiveDiagnosis
    {
        $prior = array_map(static fn(AlgaeType $kind): float => $kind->parts, AlgaeTypes::all());
        // Each case that a keeper confirmed counts as one beside ten of the default.
        $all = array_sum($prior) + AlgaeTypes::NONE_PARTS;
        foreach ($prior as $key => $parts) {
            $prior[$key] = Likelihoods::DEFAULT_COUNTS * $parts / $all + self::cases($confirmed[$key] ?? []);
        }
        $prior[ExclusiveDiagnosis::NONE] = Likelihoods::DEFAULT_COUNTS * AlgaeTypes::NONE_PARTS / $all;

        return new ExclusiveDiagnosis(array_values(AppearanceSigns::all()), $prior, self::shares($confirmed), $answers);
    }

    /** @return array<string, string> what is done about each kind, for telling when asking may end */
    public static function acts(): array
    {
        return array_map(static fn(AlgaeType $kind): string => $kind->act(), AlgaeTypes::all());
    }

    /**
     * Shares of the answers of a sign among cases of a kind, together 1.
     *
     * @param list<int> $seen confirmed cases, by answer
     *
     * @return list<float>
     */
    public static function share(AlgaeType $kind, Observation $sign, array $seen = []): array
    {
        $usually = AppearanceSigns::usually($sign->key);
        $share = $kind->shares[$sign->key] ?? null;
        $default = $share === null ? $usually : Likelihood::over($sign, $share->with, $usually);

        return $seen === [] ? $default : Likelihoods::confirmed($default, $seen);
    }

    /**
     * @param array<string, array<string, list<int>>> $confirmed
     *
     * @return array<string, array<string, list<float>>>
     */
    private static function shares(array $confirmed): array
    {
        $shares = [];
        foreach (AppearanceSigns::all() as $key => $sign) {
            foreach (AlgaeTypes::all() as $name => $kind) {
                $shares[$key][$name] = self::share($kind, $sign, $confirmed[$name][$key] ?? []);
            }
            $even = 1.0 / count($sign->options);
            $shares[$key][ExclusiveDiagnosis::NONE] = array_map(
                static fn(float $share): float => $share + ExclusiveDiagnosis::SOFTENED * ($even - $share),
                AppearanceSigns::usually($key),
            );
        }

        return $shares;
    }

    /** @param array<string, list<int>> $signs */
    private static function cases(array $signs): int
    {
        return $signs === [] ? 0 : max(array_map(static fn(array $seen): int => array_sum($seen), $signs));
    }
}
