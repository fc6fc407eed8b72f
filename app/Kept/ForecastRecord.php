<?php

declare(strict_types=1);

namespace App\Kept;

use App\Models\Run;
use Cresco\Core\Change\Forecast;
use Cresco\Core\Measure\Parameter;

/** A forecast as it is kept with a run sheet, to be held against what is measured later. */
final readonly class ForecastRecord
{
    /** @param array<string, mixed> $kept */
    private function __construct(private array $kept) {}

    /** @param array<string, mixed> $kept */
    public static function kept(array $kept): self
    {
        return new self($kept);
    }

    public static function of(Run $run): self
    {
        return new self($run->forecast);
    }

    /** @return array<string, array<string, list<float>|null>> to be kept as JSON */
    public static function keep(Forecast $forecast): array
    {
        $rows = [];
        foreach (Parameter::cases() as $parameter) {
            $outlook = $forecast->outlook($parameter);
            $rows[$parameter->value] = [
                'now' => BandRecord::from($outlook->now)?->toArray(),
                'source' => BandRecord::from($forecast->plan->source->get($parameter))?->toArray(),
                'after' => BandRecord::from($outlook->after())?->toArray(),
                'next' => BandRecord::from($outlook->nextDay())?->toArray(),
            ];
        }

        return $rows;
    }

    /**
     * A kept forecast when only a part of the change was made: what mixes lies as far on its way as the new water reaches; pH is not said.
     *
     * @param array<string, mixed> $kept
     *
     * @return array<string, array<string, list<float>|null>>
     */
    public static function partly(array $kept, float $share): array
    {
        $rows = [];
        foreach (Parameter::cases() as $parameter) {
            $row = self::kept($kept)->row($parameter);
            $after = $parameter->mixes() && $row->now !== null && $row->source !== null ? $row->now->mixedWith($row->source, $share) : null;
            $rows[$parameter->value] = ['now' => $row->now?->toArray(), 'source' => $row->source?->toArray(), 'after' => $after?->toArray(), 'next' => $after?->toArray()];
        }

        return $rows;
    }

    public function row(Parameter $parameter): ForecastRow
    {
        $row = $this->kept[$parameter->value] ?? [];
        $row = is_array($row) ? $row : [];

        return new ForecastRow(
            $parameter,
            BandRecord::read($row['now'] ?? null),
            BandRecord::read($row['source'] ?? null),
            BandRecord::read($row['after'] ?? null),
            BandRecord::read($row['next'] ?? null),
        );
    }
}
