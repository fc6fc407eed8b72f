<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\SubstrateZone;
use App\Models\Tank;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\Tanks\ZoneRotationQuery;
use App\Units\Show;
use App\View\Finding;
use App\View\Names;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Estimate;
use Cresco\Core\Substrate\Zone;
use Cresco\Core\Substrate\ZoneRotation;

/** The substrate from above, zone by zone. */
final class ZonesPage
{
    private const WIDE = 620.0;

    /** @var list<SubstrateZone> numbered from the front left */
    public readonly array $zones;

    /** @var list<int> */
    private readonly array $next;

    private readonly ZoneRotation $rotation;

    private readonly Show $show;

    public function __construct(private readonly Tank $tank)
    {
        $this->show = $tank->keeper->show();
        $water = TankWaterQuery::of($tank);
        $this->rotation = ZoneRotationQuery::tank($tank, $water);
        $this->zones = array_values(ZoneRotationQuery::numbered($tank));
        $this->next = array_map(static fn(Zone $zone): int => $zone->key, ZoneRotationQuery::next($tank, $water));
    }

    public function height(): float
    {
        $plan = VesselQuery::tank($this->tank)->plan;

        return round(self::WIDE * $plan->depth() / $plan->length(), 1);
    }

    public function wide(): float
    {
        return self::WIDE;
    }

    /** Outline of the plan, front pane below, for a polygon. */
    public function outline(): string
    {
        $plan = VesselQuery::tank($this->tank)->plan;
        $scale = self::WIDE / $plan->length();

        return implode(' ', array_map(static fn(array $point): string => round($point[0] * $scale, 1).','.round($point[1] * $scale, 1), $plan->outline()));
    }

    /** @return array{float, float, float, float} x, y, width and height in the drawing */
    public function rectangle(SubstrateZone $zone): array
    {
        return [
            round(self::WIDE * $zone->left_edge, 1), round($this->height() * (1.0 - $zone->back_edge), 1),
            round(self::WIDE * ($zone->right_edge - $zone->left_edge), 1), round($this->height() * ($zone->back_edge - $zone->front_edge), 1),
        ];
    }

    public function isNext(SubstrateZone $zone): bool
    {
        return in_array($zone->id, $this->next, true);
    }

    public function lastVacuumed(SubstrateZone $zone): string
    {
        return (string) ($zone->cleaned_at === null ? __('bed.page.never') : __('bed.page.cleaned', ['day' => $this->show->day($zone->cleaned_at)]));
    }

    /** "12 d" */
    public function days(SubstrateZone $zone): string
    {
        return $zone->cleaned_at === null ? (string) __('names.never') : $this->show->daysSince($zone->cleaned_at).' d';
    }

    /** Density of the hatching: 0 just cleaned to 3 long ago. */
    public function wear(SubstrateZone $zone): int
    {
        $days = $zone->cleaned_at === null ? 999 : $this->show->daysSince($zone->cleaned_at);

        return match (true) {
            $days < 8 => 0,
            $days < 22 => 1,
            $days < 43 => 2,
            default => 3,
        };
    }

    /** @return list<SubstrateZone> that make a rectangle with this one */
    public function partners(SubstrateZone $zone): array
    {
        return array_values(array_filter(
            $this->zones,
            static fn(SubstrateZone $other): bool => !$other->is($zone) && $zone->toCore()->with($other->toCore()) !== null,
        ));
    }

    public function number(SubstrateZone $zone): int
    {
        return (int) array_search($zone, $this->zones, true) + 1;
    }

    /** What cleaning the next zones brings, in words; null when there are none. */
    public function finding(): ?Finding
    {
        $working = $this->working('next');
        if ($working === null) {
            return $this->zones === [] ? null : new Finding(Finding::HEED, __('bed.none.head'), __('bed.none.why'));
        }
        $free = $working->endingAt('free')->estimate();
        $numbers = [];
        foreach ($this->zones as $zone) {
            if ($this->isNext($zone)) {
                $numbers[] = (string) $this->number($zone);
            }
        }

        return new Finding(Finding::GOOD, trans_choice('bed.next', count($numbers), ['patches' => Names::list($numbers)]), __('bed.stirred', [
            'total' => Names::figure($working->value('total'), 2), 'free' => $free->high() < 0.001 ? __('bed.trace') : self::band($free).' mg/L',
            'alarm' => Names::figure($this->rotation->alarm, 2), 'oxygen' => self::band($working->endingAt('oxygen')->estimate()),
        ]));
    }

    private static function band(Estimate $estimate): string
    {
        return Names::figure(max(0.0, $estimate->low()), 2).' to '.Names::figure($estimate->high(), 2);
    }

    public function working(string $name): ?Computation
    {
        $next = array_values(array_filter(
            array_map(static fn(SubstrateZone $zone): Zone => $zone->toCore(), $this->zones),
            fn(Zone $zone): bool => in_array($zone->key, $this->next, true),
        ));

        return $name !== 'next' || $next === [] ? null : $this->rotation->working($next);
    }
}
