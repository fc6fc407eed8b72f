<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Formula\Grade;

/** In how many of ten cases a sign is answered so: with something, and without it, and how well that is known. */
final readonly class Likelihood
{
    /** Of ten; no answer is ever certain. House limits. */
    private const CASES = [0.2, 9.8];

    /**
     * @param array<string, float> $with    of ten cases with it, by answer; what is not named shares the rest as it does without
     * @param array<string, float> $without of ten cases of all else; empty: as common as the catalogue of the sign says
     */
    private function __construct(public array $with, public array $without, public Grade $grade) {}

    /** A plain question: yes in so many of ten with it, and in so many without. */
    public static function of(float $with, float $without, Grade $grade = Grade::Guess): self
    {
        return new self([Observation::YES => $with], [Observation::YES => $without], $grade);
    }

    /** @param array<string, float> $with by answer */
    public static function among(array $with, Grade $grade = Grade::Guess): self
    {
        return new self($with, [], $grade);
    }

    /**
     * Shares over all answers of a sign, together 1.
     *
     * @param array<string, float> $tenths  of ten, by answer
     * @param list<float>          $usually over all answers, how common each is among all else
     *
     * @return list<float>
     */
    public static function over(Observation $sign, array $tenths, array $usually): array
    {
        $named = array_sum($tenths);
        [$least, $most] = self::CASES;
        $isWhole = count($tenths) === count($sign->options);
        // What is named takes at most nearly all, so that the rest stays possible.
        $scale = $isWhole ? 10.0 / max($named, 1e-9) : ($named > $most ? $most / $named : ($named < $least && $named > 0.0 ? $least / $named : 1.0));
        $others = 0.0;
        foreach ($sign->options as $i => $option) {
            $others += isset($tenths[$option]) ? 0.0 : $usually[$i] ?? 0.0;
        }
        $rest = 10.0 - min($most, max($least, $named * $scale));

        return array_map(
            static fn(string $option, int $i): float => isset($tenths[$option])
                ? $tenths[$option] * $scale / 10.0
                : $rest / 10.0 * ($usually[$i] ?? 0.0) / max(1e-9, $others),
            $sign->options,
            array_keys($sign->options),
        );
    }
}
