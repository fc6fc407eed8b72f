<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\RootTabKind;
use Cresco\Core\Fertilising\SlowRelease;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Substrate\Cover;
use Cresco\Core\Tank\PassiveSource;
use Illuminate\Support\Facades\DB;

/** What soil and root tabs of a tank give its water by themselves. */
final class SlowReleaseQuery
{
    /** Capsules that were set longer ago than this are empty, days: the longest life in cool water. House limit. */
    private const LONGEST = 400;

    /** Day as a number on which the soil went in; null for a substrate that gives nothing, or nobody knows since when. */
    private readonly ?float $soil;

    /** @var list<array{RootTabKind, int, float, float}>|null kind, number, first and last day as numbers */
    private ?array $rootTabs = null;

    private ?bool $isCoarse = null;

    /** @var array<string, list<array{float, float, float}>> by nutrient */
    private array $given = [];

    public function __construct(private readonly Tank $tank, private readonly float $litres)
    {
        $this->soil = $tank->passive === PassiveSource::Soil && $tank->started_on !== null ? self::day($tank->started_on) : null;
    }

    /** mg/L that come on a day. @param float $day as a number */
    public function gives(Parameter $nutrient, float $day): float
    {
        $gives = 0.0;
        if ($nutrient === Parameter::Nitrate && $this->isYoung($day)) {
            $gives = SlowRelease::soil($day - (float) $this->soil)->value('nitrate');
        }
        foreach ($this->given[$nutrient->value] ??= $this->givenBy($nutrient) as [$from, $until, $each]) {
            $gives += $from <= $day && $day < $until ? $each : 0.0;
        }

        return $gives;
    }

    /** @return list<array{float, float, float}> first and last day of each set of root tabs, and mg/L that it gives on each */
    private function givenBy(Parameter $nutrient): array
    {
        return array_map(
            fn(array $set): array => [$set[2], $set[3], SlowRelease::rootTabs(
                [[$set[0], $set[1], $set[3] - $set[2]]],
                $nutrient,
                $this->isCoarse(),
                $this->litres,
            )->value('c')],
            $this->rootTabs ??= $this->set(),
        );
    }

    /** Whether the soil gives the water something that counts. */
    public function isYoung(float $day): bool
    {
        return $this->soil !== null && $day >= $this->soil && $day - $this->soil < SlowRelease::SOIL_ENDS;
    }

    /** Share of what the soil held for roots that is left; null without soil of a known age. */
    public function left(float $day): ?float
    {
        return $this->soil === null ? null : SlowRelease::left(max(0.0, $day - $this->soil));
    }

    public function soilWorking(float $day): ?Computation
    {
        return $this->soil === null ? null : SlowRelease::soil(max(0.0, $day - $this->soil));
    }

    /** How what all root tabs give on a day is worked out; null where none is left. */
    public function rootTabWorking(Parameter $nutrient, float $day): ?Computation
    {
        $sets = array_values(array_filter($this->rootTabs ??= $this->set(), static fn(array $set): bool => $set[2] <= $day && $day < $set[3]));

        return $sets === []
            ? null
            : SlowRelease::rootTabs(
                array_map(static fn(array $set): array => [$set[0], $set[1], $set[3] - $set[2]], $sets),
                $nutrient,
                $this->isCoarse(),
                $this->litres,
            );
    }

    /** @return list<array{RootTabKind, int, float, float}> */
    private function set(): array
    {
        $found = [];
        $rows = DB::table('root_tabs')->join('plant_groups', 'plant_groups.id', '=', 'root_tabs.plant_group_id')->where('plant_groups.tank_id', $this->tank->id)
            ->where('placed_on', '>=', CarbonImmutable::now()->subDays(self::LONGEST)->format('Y-m-d'))->orderBy('placed_on')
            ->get(['root_tabs.kind', 'root_tabs.number', 'placed_on']);
        foreach ($rows as $row) {
            $kind = is_string($row->kind) ? RootTabKind::tryFrom($row->kind) : null;
            if ($kind !== null && is_numeric($row->number) && is_string($row->placed_on)) {
                [$least, $most] = $kind->days(max(0.0, min(45.0, $this->tank->warmth)), 1.0);
                $from = self::day(CarbonImmutable::parse($row->placed_on, 'UTC'));
                $found[] = [$kind, max(1, (int) $row->number), $from, $from + max(1.0, ($least + $most) / 2.0)];
            }
        }

        return $found;
    }

    /** More of a root tab leaks through coarse grain. */
    private function isCoarse(): bool
    {
        return $this->isCoarse ??= $this->tank->loadMissing('zones')->zones->where('cover', Cover::Gravel)->count() * 2 > $this->tank->zones->count();
    }

    private static function day(CarbonImmutable $at): float
    {
        return floor($at->getTimestamp() / 86400.0);
    }
}
