<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** A sign of a catalogue, and how common each of its answers is among all else. */
final readonly class SignEntry
{
    /** @param list<float> $usually over the answers, together 1 */
    private function __construct(public Observation $sign, public array $usually) {}

    /** A plain question: yes in so many of ten cases of all else. */
    public static function plain(string $key, float $tenths, AnswerEffort $effort = AnswerEffort::Look, string $group = ''): self
    {
        return new self(Observation::yesNo($key, $effort, $group), [$tenths / 10.0, 1.0 - $tenths / 10.0]);
    }

    /** @param non-empty-array<string, float> $tenths of ten cases of all else, by answer */
    public static function among(string $key, array $tenths, AnswerEffort $effort = AnswerEffort::Look, string $group = ''): self
    {
        $sum = max(1e-9, array_sum($tenths));

        return new self(
            new Observation($key, array_keys($tenths), $effort, $group),
            array_map(static fn(float $share): float => $share / $sum, array_values($tenths)),
        );
    }

    /**
     * @param non-empty-list<self> $entries
     *
     * @return non-empty-array<string, self> by key of the sign
     */
    public static function keyed(array $entries): array
    {
        return array_combine(array_map(static fn(self $entry): string => $entry->sign->key, $entries), $entries);
    }
}
