<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;

/** Root tabs, by how long they last. */
enum RootTabKind: string
{
    case Clay = 'clay';
    case Coated = 'coated';

    /** Degrees at which the usual lives hold. House default. */
    private const WARMTH = 24.0;

    /** Water for each root tab that goes in on one day, litres: more at once shows as ammonium. House default. */
    public const LITRES_EACH = 22.5;

    /** Days after which ammonium is read. House default. */
    public const CHECK = 2;

    /** @return array{float, float} days that they last at the usual temperature. House defaults. */
    private function lasts(): array
    {
        return match ($this) {
            self::Clay => [30.0, 90.0],
            self::Coated => [90.0, 120.0],
        };
    }

    /**
     * Days until they are to be renewed, at the earliest and at the latest: shorter when it is warm, and at the short end for what feeds by its roots alone.
     *
     * @param float $celsius of the water, 0 to 45
     * @param float $roots   share of its food that the plant takes by the roots, 0 to 1
     *
     * @return array{int, int}
     *
     * @throws FertilisingFault
     */
    public function days(float $celsius, float $roots): array
    {
        if (!($celsius >= 0.0 && $celsius <= 45.0 && $roots >= 0.0 && $roots <= 1.0)) {
            throw FertilisingFault::rootTabs();
        }
        $working = $this->working($celsius, $roots);

        return [(int) round($working->value('first')), (int) round($working->value('last'))];
    }

    /**
     * The working of that.
     *
     * @param float $celsius of the water, 0 to 45
     * @param float $roots   share of its food that the plant takes by the roots, 0 to 1
     */
    public function working(float $celsius, float $roots): Computation
    {
        [$least, $most] = $this->lasts();

        return Computation::of('capsule_kind.title')
            ->given('T', 'capsule_kind.water', $celsius, '°C')
            ->given('r', 'capsule_kind.share_that_plant_takes_by_its', $roots, '×')
            ->constant('a', 'capsule_kind.shortest_life', $least, 'd', 'house_default', Grade::Guess)
            ->constant('b', 'capsule_kind.longest_life', $most, 'd', 'house_default', Grade::Guess)
            ->constant('w', 'capsule_kind.warmth_at_which_they_last_so', self::WARMTH, '°C', 'house_default', Grade::Guess)
            ->line('p = 2 ^ ((w - T) / 10)', 'capsule_kind.longer_in_cool_half_as_long', '×')
            ->line('first = a * p', 'capsule_kind.renewed_at_earliest_after', 'd')
            ->line('last = (b - r / 2 * (b - a)) * p', 'capsule_kind.at_latest_sooner_where_they_eaten', 'd');
    }

    /** The most of them that go in on one day. @param float $litres of the water */
    public static function most(float $litres): int
    {
        if (!($litres > 0.0 && $litres < 1e6)) {
            throw FertilisingFault::rootTabs();
        }

        return max(1, (int) floor($litres / self::LITRES_EACH));
    }
}
