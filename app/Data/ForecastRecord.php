<?php

declare(strict_types=1);

namespace App\Data;

use Cresco\Core\Measure\Parameter;
use Cresco\Core\WaterChange\Forecast;

/** A forecast as it is kept with a checklist or a change, to be held against what is measured later. */
final readonly class ForecastRecord implements JsonRecord
{
    use CastsItself;

    private const VERSION = 1;

    /** @param array<mixed> $kept its rows are read when they are asked for: a log has hundreds of forecasts, and most rows are never looked at */
    private function __construct(private array $kept) {}

    public static function read(mixed $kept): static
    {
        return new self(is_array($kept) ? $kept : []);
    }

    /** Of work that changes no water. */
    public static function none(): self
    {
        return new self([]);
    }

    public static function of(Forecast $forecast): self
    {
        return self::from(static function (Parameter $parameter) use ($forecast): ForecastRow {
            $outlook = $forecast->outlook($parameter);

            return new ForecastRow(
                $parameter,
                BandRecord::from($outlook->now),
                BandRecord::from($forecast->plan->source->isUsual($parameter) ? null : $forecast->plan->source->get($parameter)),
                BandRecord::from($outlook->after()),
                BandRecord::from($outlook->nextDay()),
            );
        });
    }

    /** When only a part of the change was made: what mixes lies as far on its way as the new water reaches; pH is not said. */
    public function partly(float $share): self
    {
        return self::from(function (Parameter $parameter) use ($share): ForecastRow {
            $row = $this->row($parameter);
            $after = $parameter->mixes() && $row->now !== null && $row->source !== null ? $row->now->mixedWith($row->source, $share) : null;

            return new ForecastRow($parameter, $row->now, $row->source, $after, $after);
        });
    }

    /** The same, but for the state before: that of another forecast, where it says one. */
    public function withNowOf(self $other): self
    {
        return self::from(function (Parameter $parameter) use ($other): ForecastRow {
            $row = $this->row($parameter);

            return new ForecastRow($parameter, $other->row($parameter)->now ?? $row->now, $row->source, $row->after, $row->next);
        });
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

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        $rows = ['v' => self::VERSION];
        foreach (Parameter::cases() as $parameter) {
            if (isset($this->kept[$parameter->value])) {
                $rows[$parameter->value] = $this->row($parameter)->toKeep();
            }
        }

        return $rows;
    }

    /** @param callable(Parameter): ForecastRow $row */
    private static function from(callable $row): self
    {
        $rows = [];
        foreach (Parameter::cases() as $parameter) {
            $rows[$parameter->value] = $row($parameter)->toKeep();
        }

        return new self($rows);
    }
}
