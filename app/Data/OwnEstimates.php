<?php

declare(strict_types=1);

namespace App\Data;

use Cresco\Core\Checklist\Task;
use Cresco\Core\Planning\JobKind;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\WaterChange\TopOffDrift;

/** Guesses of Cresco that a keeper put right; the log goes on from them. */
final readonly class OwnEstimates implements JsonRecord
{
    use CastsItself;

    private const VERSION = 1;

    /** Minutes between two tanks of an evening, to carry the gear over and rinse it. House default. */
    public const BETWEEN = 5.0;

    /** Hours before work by which water must be ready, to be read and brought to temperature. House default. */
    public const BEFORE = 1.0;

    /** Least and most of what may be said: days of work, its minutes, minutes between tanks, hours before work, millimetres a day. House limits. */
    private const RANGES = [
        'days' => [1.0, 400.0], 'minutes' => [1.0, 240.0], 'between' => [0.0, 120.0], 'before' => [0.0, 48.0], 'evaporation' => [0.2, 20.0],
    ];

    /** @param array<string, float> $own by key */
    private function __construct(public array $own) {}

    /** Reads what was kept, and leaves out what is no figure or out of its range. */
    public static function read(mixed $kept): static
    {
        $own = [];
        $usual = self::usual();
        foreach (is_array($kept) && is_array($kept['own'] ?? null) ? $kept['own'] : [] as $key => $value) {
            if (is_string($key) && is_numeric($value) && isset($usual[$key]) && $value >= self::range($key)[0] && $value <= self::range($key)[1]) {
                $own[$key] = (float) $value;
            }
        }

        return new self($own);
    }

    /** @return array<string, float> what Cresco begins with, by key */
    public static function usual(): array
    {
        $usual = ['between' => self::BETWEEN, 'before' => self::BEFORE, 'evaporation' => TopOffDrift::MILLIMETRES];
        foreach (self::kinds() as $kind) {
            $usual[$kind->task.'.days'] = (float) $kind->days;
            $usual[$kind->task.'.minutes'] = (float) $kind->minutes;
        }

        return $usual;
    }

    /** @return list<JobKind> work of sessions that comes again */
    public static function kinds(): array
    {
        return array_values(array_filter(JobKinds::all(), static fn(JobKind $kind): bool => $kind->task !== null && $kind->key === $kind->task));
    }

    /** @return array{float, float} */
    public static function range(string $key): array
    {
        return self::RANGES[(string) preg_replace('/^.*\./', '', $key)] ?? [0.0, 0.0];
    }

    public function get(string $key): float
    {
        return $this->own[$key] ?? self::usual()[$key] ?? 0.0;
    }

    /** Days after which work of a session is due again, until something is found. */
    public function days(Task $task): int
    {
        return (int) round($this->own[$task->value.'.days'] ?? $task->days());
    }

    /** Minutes that work of a session takes, until the log says better; null where the keeper said nothing. */
    public function minutes(string $task): ?int
    {
        return isset($this->own[$task.'.minutes']) ? (int) round($this->own[$task.'.minutes']) : null;
    }

    /** @param array<string, float|null> $typed by key; null goes back to what Cresco begins with */
    public function with(array $typed): self
    {
        $usual = self::usual();
        $own = array_filter(
            [...$this->own, ...$typed],
            static fn(?float $value, string $key): bool => $value !== null && abs($value - ($usual[$key] ?? $value)) > 1e-9,
            ARRAY_FILTER_USE_BOTH,
        );

        return self::read(['own' => $own]);
    }

    /** @return array<string, mixed>|null */
    public function toKeep(): ?array
    {
        return $this->own === [] ? null : ['v' => self::VERSION, 'own' => $this->own];
    }
}
