<?php

declare(strict_types=1);

namespace App\Data;

use Carbon\CarbonInterface;
use Cresco\Core\Planning\Placing;

/** The minutes that a keeper has on each day of the week, and the hour at which they begin. */
final readonly class WeekHabits implements JsonRecord
{
    use CastsItself;

    private const VERSION = 1;

    /** Minutes from Monday to Sunday until the keeper says otherwise. House defaults. */
    public const MINUTES = [45, 45, 45, 45, 45, 120, 90];

    /** Hours at which work begins, from Monday to Sunday, until the keeper says otherwise. House defaults. */
    public const HOURS = ['18:30', '18:30', '18:30', '18:30', '18:30', '10:00', '10:00'];

    /** The most minutes of a day. House limit. */
    public const MOST = 720;

    /**
     * @param list<int>    $minutes from Monday to Sunday
     * @param list<string> $hours   as 18:30
     * @param int          $setUp   minutes to lay out and clear up at a tank
     */
    public function __construct(public array $minutes, public array $hours, public int $setUp) {}

    public static function read(mixed $kept): static
    {
        $kept = is_array($kept) ? $kept : [];
        $minutes = is_array($kept['minutes'] ?? null) ? array_values($kept['minutes']) : [];
        $hours = is_array($kept['hours'] ?? null) ? array_values($kept['hours']) : [];
        $at = static fn(mixed $hour, string $else): string => is_string($hour) && self::isHour($hour) ? $hour : $else;

        return new self(
            array_map(
                static fn(int $day): int => is_numeric($minutes[$day] ?? null) ? max(0, min(self::MOST, (int) $minutes[$day])) : self::MINUTES[$day],
                range(0, 6),
            ),
            array_map(static fn(int $day): string => $at($hours[$day] ?? null, self::HOURS[$day]), range(0, 6)),
            is_numeric($kept['set_up'] ?? null) ? max(0, min(120, (int) $kept['set_up'])) : Placing::SET_UP,
        );
    }

    public static function isHour(string $hour): bool
    {
        return preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $hour) === 1;
    }

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        return ['v' => self::VERSION, 'minutes' => $this->minutes, 'hours' => $this->hours, 'set_up' => $this->setUp];
    }

    public function minutesOn(CarbonInterface $day): int
    {
        return $this->minutes[$day->dayOfWeekIso - 1];
    }

    /** @return array{int, int} hour and minute at which work begins */
    public function begins(CarbonInterface $day): array
    {
        [$hour, $minute] = explode(':', $this->hours[$day->dayOfWeekIso - 1]);

        return [(int) $hour, (int) $minute];
    }
}
