<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Light\LampModel;
use Cresco\Core\Light\LightField;
use Cresco\Core\Planning\DueBand;
use Cresco\Core\Tank\SubstrateLayer;

/** All plant groups of a tank in its light: how tall each is on a day, who takes whose light, what is due and how deep to cut. */
final class PlantModel
{
    /** mm under the surface at which a plant group is due. House default. */
    public const UNDER_SURFACE = 30.0;

    /** A plant group that the water stops grows to this times the height of the water, lying over. House default. */
    public const LIES_OVER = 1.4;

    /** A height wished is passed when it is exceeded by this share. House default. */
    public const PASSED = 0.1;

    /** Days between two cuts, as long as nothing else is asked. House default. */
    public const BETWEEN_CUTS = 14;

    /** Cuts after which stems are bare and woody below. House default. */
    public const WOODY = 5;

    /** Share of all leaves that go in one session at most when animals are sensitive, food is short or algae is about. House default. */
    public const MOST_AT_ONCE = 0.5;

    /** Share of sound leaves taken from a rosette, ribbon or epiphyte at once, at most. House default. */
    public const MOST_LEAVES = 0.33;

    /** Share of the light needed for good form that keeps a plant alive. House default. */
    public const ALIVE = 0.67;

    /** Hours of light that the needs are said for. House default. */
    private const HOURS = 8.0;

    /** Nothing is foreseen beyond so many days. House limit. */
    private const HORIZON = 365;

    /** A doubling of cover may be faster or slower by this factor in 80 % of cases. House default. */
    private const SPREADS = 1.4;

    /** Dry over fresh of leathery leaves. House default. */
    private const LEATHERY = 0.15;

    /** @var array<int, GrowingGroup> by key */
    public readonly array $plantGroups;

    /** @var array<int, array<int, float>> heights by thousandths of a day */
    private array $heights = [];

    /** @var array<int, array<int, Shade>> who shades whom today, by the shaded one */
    private array $shadesToday = [];

    /** @var array<int, float> light at the top of each today */
    private array $lightToday = [];

    /** @var array<int, list<array{TrimReason, float, int|null}>> */
    private array $limits = [];

    /** @var array<int, TrimDue|null> */
    private array $dues = [];

    /** @var array<int, float> mm over the floor */
    private array $bases = [];

    /**
     * @param list<GrowingGroup> $plantGroups in any order
     * @param float              $water       height of the water over the floor, mm
     *
     * @throws PlantsFault
     */
    public function __construct(array $plantGroups, public readonly LightField $light, public readonly float $water, public readonly SubstrateLayer $bed)
    {
        if (!($water > 1.0 && $water < 1e5)) {
            throw PlantsFault::light();
        }
        $byKey = [];
        foreach ($plantGroups as $plantGroup) {
            $byKey[$plantGroup->key] = $plantGroup;
        }
        ksort($byKey);
        $this->plantGroups = $byKey;
    }

    /** mm over the floor that a plant group stands on; floating plants hang from the surface. */
    public function base(GrowingGroup $plantGroup): float
    {
        return ($this->plantGroups[$plantGroup->key] ?? null) === $plantGroup
            ? $this->bases[$plantGroup->key] ??= $this->baseOf($plantGroup)
            : $this->baseOf($plantGroup);
    }

    private function baseOf(GrowingGroup $plantGroup): float
    {
        return $plantGroup->floats()
            ? $this->water
            : min($this->water - 1.0, $this->bed->front + ($this->bed->back - $this->bed->front) * $plantGroup->deep() + $plantGroup->perch);
    }

    /** mm of water over what it stands on. */
    public function room(GrowingGroup $plantGroup): float
    {
        return max(1.0, $this->water - $this->base($plantGroup));
    }

    /** Ceiling of a kind at a place, mm. */
    public static function ceiling(PlantSpecies $kind, float $room): float
    {
        return match (true) {
            $kind->ceiling !== null => $kind->ceiling,
            $kind->form->entry()->ceiling !== null => $kind->form->entry()->ceiling,
            !($room > 0.0 && $room < 1e5) => throw PlantsFault::stand(),
            default => min(GrowingGroup::TALLEST, max(20.0, self::LIES_OVER * $room)),
        };
    }

    /** @return array<int, float> mm above its base of each plant group after so many days */
    public function heights(float $days): array
    {
        return $this->heights[(int) round(1000.0 * max(-1e5, min(1e5, $days)))] ??= array_map(
            static fn(GrowingGroup $plantGroup): float => $plantGroup->heightIn($days),
            $this->plantGroups,
        );
    }

    /** Cover of the surface over a plant group after so many days, 0 to 1. */
    public function floating(GrowingGroup $plantGroup, float $days): float
    {
        $open = 1.0;
        foreach ($this->plantGroups as $other) {
            if ($other->floats() && $other->key !== $plantGroup->key) {
                $open *= 1.0 - self::overlap([$other->left, $other->right, $other->front, $other->back], $plantGroup) * $other->coverIn($days);
            }
        }

        return 1.0 - $open;
    }

    /**
     * Who takes light at the top of a plant group.
     *
     * @param array<int, float>|null $heights of all, where they are not those of the day
     *
     * @return array<int, Shade> by the key of the taller one
     */
    public function shades(GrowingGroup $plantGroup, float $days, ?array $heights = null): array
    {
        return $days === 0.0 && $heights === null && $this->isOwn($plantGroup)
            ? $this->shadesToday[$plantGroup->key] ??= $this->shadesOf($plantGroup, 0.0, $this->heights(0.0))
            : $this->shadesOf($plantGroup, $days, $heights ?? $this->heights($days));
    }

    /** Whether it is one of these as it stands, so that what was found of it once holds. */
    private function isOwn(GrowingGroup $plantGroup): bool
    {
        return ($this->plantGroups[$plantGroup->key] ?? null) === $plantGroup;
    }

    /**
     * @param array<int, float> $heights
     *
     * @return array<int, Shade>
     */
    private function shadesOf(GrowingGroup $plantGroup, float $days, array $heights): array
    {
        $top = $this->base($plantGroup) + min($this->room($plantGroup), $heights[$plantGroup->key]);
        $shades = [];
        foreach ($plantGroup->floats() ? [] : $this->plantGroups as $key => $other) {
            if ($key === $plantGroup->key || $other->floats()) {
                continue;
            }
            $tall = $this->base($other) + min($this->room($other), $heights[$key]);
            $overlap = $tall > $top ? self::overlap($this->stretch($other, $heights[$key]), $plantGroup) : 0.0;
            if ($overlap > 0.0) {
                $overlap *= $other->coverIn($days);
                // Its leaves stand between what it stands on and its top.
                $base = $this->base($other);
                $shades[$key] = Shade::of($other->name, $other->form, $tall - $base, max(0.0, $top - $base), $this->room($other), min(1.0, $overlap));
            }
        }

        return $shades;
    }

    /**
     * Light at the top of a plant group after so many days, µmol/m2s.
     *
     * @param array<int, float>|null $heights of all, where they are not those of the day
     */
    public function lightAt(GrowingGroup $plantGroup, float $days, ?array $heights = null): float
    {
        return $days === 0.0 && $heights === null && $this->isOwn($plantGroup)
            ? $this->lightToday[$plantGroup->key] ??= $this->lightOf($plantGroup, 0.0, null)
            : $this->lightOf($plantGroup, $days, $heights);
    }

    /** @param array<int, float>|null $heights */
    private function lightOf(GrowingGroup $plantGroup, float $days, ?array $heights): float
    {
        return Canopy::at(
            $this->open($plantGroup, ($heights ?? $this->heights($days))[$plantGroup->key]),
            $this->floating($plantGroup, $days),
            array_values($this->shades($plantGroup, $days, $heights)),
        );
    }

    /**
     * Days for which a plant group has had less light than it asks for, as the curves of all plant groups lead back; 0 where it has enough, null where that is longer
     * ago than is looked back.
     *
     * @param int $back days that are looked back at most
     */
    public function shortFor(GrowingGroup $plantGroup, int $back = 60): ?int
    {
        $need = $this->need($plantGroup);
        for ($days = 0; $days <= max(0, min(365, $back)); $days += 3) {
            if ($this->lightAt($plantGroup, (float) -$days) >= $need) {
                return $days;
            }
        }

        return null;
    }

    /** The same, as a working. */
    public function working(GrowingGroup $plantGroup, float $days): Computation
    {
        return Canopy::working(
            $this->open($plantGroup, $this->heights($days)[$plantGroup->key]),
            $this->floating($plantGroup, $days),
            array_values($this->shades($plantGroup, $days)),
        );
    }

    /** Light with no plant above it, µmol/m2s, at so many mm above its base. */
    public function open(GrowingGroup $plantGroup, float $height): float
    {
        $depth = max(0.0, $this->room($plantGroup) - max(0.0, $height));

        return $this->light->atPlace($plantGroup->across(), $plantGroup->deep(), $plantGroup->floats() ? 0.0 : $depth);
    }

    /** Light that a plant group asks for at its top, µmol/m2s, the lamps being on for as long as they are. */
    public function need(GrowingGroup $plantGroup): float
    {
        return self::asks($plantGroup->demand, $this->light->hours());
    }

    /** Light at its top that is too bright for a plant group, µmol/m2s; null where none is. */
    public function most(GrowingGroup $plantGroup): ?float
    {
        $most = $plantGroup->demand->most();
        $hours = $this->light->hours();

        return $most === null || $hours <= 0.0 ? null : $most * self::HOURS / $hours;
    }

    /**
     * Light that a kind asks for where the lamps are on for so long, µmol/m2s; INF in the dark.
     *
     * @param float $hours at full light a day
     */
    public static function asks(LightDemand $demand, float $hours): float
    {
        return $hours > 0.0 ? $demand->need() * self::HOURS / $hours : INF;
    }

    /** Dry mass of a plant group as it is, g. */
    public function dryMass(GrowingGroup $plantGroup, ?float $height = null, ?float $cover = null): float
    {
        $full = $plantGroup->form->entry()->reachesSurface ? $this->room($plantGroup) : $plantGroup->ceiling;
        $part = $plantGroup->floats() ? 1.0 : min(self::LIES_OVER, ($height ?? $plantGroup->height) / $full);

        return $plantGroup->form->dryMass() * $plantGroup->area() * $this->light->plan->length() * $this->light->plan
            ->depth() / 1e6 * $part * ($cover ?? $plantGroup->cover);
    }

    /** When a plant group is next due, and why; null when nothing is foreseen within a year. */
    public function due(GrowingGroup $plantGroup): ?TrimDue
    {
        if (!$this->isOwn($plantGroup)) {
            return $this->dueOf($plantGroup);
        }
        if (!array_key_exists($plantGroup->key, $this->dues)) {
            $this->dues[$plantGroup->key] = $this->dueOf($plantGroup);
        }

        return $this->dues[$plantGroup->key];
    }

    private function dueOf(GrowingGroup $plantGroup): ?TrimDue
    {
        $first = null;
        foreach ($this->limits($plantGroup) as [$reason, $limit, $shaded]) {
            $found = $this->dueAt($plantGroup, $reason, $limit, $shaded);
            if ($found !== null && ($first === null || $found->due->middle() < $first->due->middle())) {
                $first = $found;
            }
        }

        return $first;
    }

    /** Works out what is asked of it most, once for all who ask. */
    public function prepared(): self
    {
        foreach ($this->plantGroups as $plantGroup) {
            $this->lightAt($plantGroup, 0.0);
            $this->due($plantGroup);
        }

        return $this;
    }

    /** @return list<TrimDue> of all plant groups, the earliest first */
    public function dues(): array
    {
        $dues = array_values(array_filter(array_map($this->due(...), $this->plantGroups)));
        usort($dues, static fn(TrimDue $a, TrimDue $b): int => [$a->due->middle(), $a->plantGroup->key] <=> [$b->due->middle(), $b->plantGroup->key]);

        return $dues;
    }

    /**
     * The cut that brings a plant group back to its limit on a wished day.
     *
     * @param int        $days   until then
     * @param float|null $height to cut to, where the keeper wants another, mm; of floating plants the cover, 0 to 1
     */
    public function cut(GrowingGroup $plantGroup, int $days = self::BETWEEN_CUTS, ?float $height = null): TrimCut
    {
        if ($days < 1 || $days > 3650) {
            throw PlantsFault::cut();
        }
        $due = $this->due($plantGroup);
        $entry = $plantGroup->form->entry();
        [$to, $cover] = [$plantGroup->height, $plantGroup->cover];
        if ($plantGroup->isCutByCover()) {
            $limit = $this->goal($plantGroup, $due);
            $least = $entry->cutBy === CutRule::Thinning ? max($entry->least, (1.0 - self::MOST_LEAVES) * $plantGroup->cover) : $entry->least;
            $cover = $height ?? min(
                $plantGroup->cover,
                max($least, $plantGroup->doubling <= 0.0 || $limit >= 1.0 ? $limit : (new Spread($plantGroup->doubling))->after($limit, -$days)),
            );
            if (!($cover > 0.0 && $cover <= $plantGroup->cover + 1e-9)) {
                throw PlantsFault::cut();
            }
        } else {
            $to = $height ?? $this->height($plantGroup, $days, $due);
            if (!($to >= 1.0 && $to <= $plantGroup->height + 1e-9)) {
                throw PlantsFault::cut();
            }
        }
        $goal = $this->goal($plantGroup, $due);
        $share = $plantGroup->isCutByCover() ? 1.0 - $cover / $plantGroup->cover : 1.0 - $to / $plantGroup->height;
        $dry = $this->dryMass($plantGroup) - $this->dryMass($plantGroup, $to, $cover);
        $tops = $entry->cutBy === CutRule::Height && $entry->reachesSurface && $entry->spacing > 0.0 && $share > 0.05
            ? (int) round($plantGroup->area() * $this->light->plan->length() * $this->light->plan->depth() * $plantGroup->cover / $entry->spacing ** 2) : 0;

        return new TrimCut(
            $plantGroup,
            $to,
            $cover,
            max(0.0, $share),
            max(0.0, $dry) / ($entry->perches && $plantGroup->form === GrowthForm::Epiphyte ? self::LEATHERY : Trimmings::DRY),
            $tops,
            $this->back($plantGroup, $goal, $to, $cover),
            $due,
        );
    }

    /** What the light of a plant group becomes when others are cut, µmol/m2s before and after. */
    public function gained(GrowingGroup $shaded, TrimCut ...$cuts): float
    {
        $heights = $this->heights(0.0);
        $thinned = [];
        foreach ($cuts as $cut) {
            $heights[$cut->plantGroup->key] = $cut->to;
            $thinned[$cut->plantGroup->key] = $cut->plantGroup->at($cut->to, $cut->cover);
        }

        return (new self(array_values($thinned + $this->plantGroups), $this->light, $this->water, $this->bed))->lightAt($shaded, 0.0, $heights);
    }

    /**
     * Heights or covers at which a plant group is due.
     *
     * @return list<array{TrimReason, float, int|null}>
     */
    private function limits(GrowingGroup $plantGroup): array
    {
        return $this->isOwn($plantGroup) ? $this->limits[$plantGroup->key] ??= $this->limitsOf($plantGroup) : $this->limitsOf($plantGroup);
    }

    /** @return list<array{TrimReason, float, int|null}> */
    private function limitsOf(GrowingGroup $plantGroup): array
    {
        $entry = $plantGroup->form->entry();
        $limits = match (true) {
            $entry->cutBy === CutRule::Cover => [[TrimReason::Cover, $entry->limit, null]],
            $entry->cutBy === CutRule::Thickness => [[TrimReason::Thick, $entry->limit, null]],
            default => [],
        };
        if ($entry->floats) {
            return $limits;
        }
        if ($entry->reachesSurface && $entry->cutBy !== CutRule::Thinning) {
            $limits[] = [TrimReason::Surface, max(20.0, $this->room($plantGroup) - self::UNDER_SURFACE), null];
        }
        if ($plantGroup->wished !== null && !in_array($entry->cutBy, [CutRule::Thickness, CutRule::Thinning], true)) {
            $limits[] = [TrimReason::Wish, $plantGroup->wished * (1.0 + self::PASSED), null];
        }
        if ($plantGroup->planted !== null && $plantGroup->form === GrowthForm::Stem) {
            $limits[] = [TrimReason::Branch, 2.0 * $plantGroup->planted, null];
        }

        return [...$limits, ...$this->shading($plantGroup)];
    }

    /**
     * Heights at which it takes a neighbour below its need; of what is thinned the covers.
     *
     * @return list<array{TrimReason, float, int}>
     */
    private function shading(GrowingGroup $plantGroup): array
    {
        $heights = $this->heights(0.0);
        $limits = [];
        foreach ($this->plantGroups as $key => $other) {
            if ($key === $plantGroup->key || $other->floats()) {
                continue;
            }
            $over = min(1.0, self::overlap($this->stretch($plantGroup, $heights[$plantGroup->key]), $other));
            $overlap = $over * $plantGroup->cover;
            if ($overlap <= 0.0) {
                continue;
            }
            // What it takes of the light is one factor: without it the light is as much more.
            $lets = isset($this->shades($other, 0.0)[$plantGroup->key]) ? $this->shades($other, 0.0)[$plantGroup->key]->lets() : 1.0;
            $without = $this->lightAt($other, 0.0) / $lets;
            $need = $this->need($other);
            if ($without <= $need) {
                // It is short of light whatever this one does.
                continue;
            }
            if ($plantGroup->form->entry()->cutBy === CutRule::Thinning) {
                // What it takes goes with its cover: of 1 - lets at this cover the neighbour can spare 1 - need / without.
                if ($lets < 1.0) {
                    $limits[] = [TrimReason::Dense, max(0.01, $plantGroup->cover * (1.0 - $need / $without) / (1.0 - $lets)), $key];
                }
                continue;
            }
            $lets = 1.0 - (1.0 - $need / $without) / $overlap;
            if ($lets <= 0.0) {
                continue;
            }
            $layers = -log($lets) / $plantGroup->form->shade();
            $top = $this->base($other) + min($this->room($other), $heights[$key]);
            $limit = max(0.0, $top - $this->base($plantGroup)) + $layers / $plantGroup->form->layers() * $this->room($plantGroup);
            if ($limit > 0.0 && $limit < $this->room($plantGroup)) {
                $limits[] = [TrimReason::Shade, max(10.0, $limit), $key];
            }
        }

        return $limits;
    }

    private function dueAt(GrowingGroup $plantGroup, TrimReason $reason, float $limit, ?int $shaded): ?TrimDue
    {
        if ($reason === TrimReason::Cover || $reason === TrimReason::Dense) {
            if ($limit > 1.0 || ($limit >= 0.99 && $plantGroup->cover < $limit)) {
                return null;
            }
            if ($plantGroup->doubling <= 0.0 && $plantGroup->cover < $limit) {
                return null;
            }
            $days = $plantGroup->doubling <= 0.0 ? 0.0 : (new Spread($plantGroup->doubling))->daysTo($plantGroup->cover, $limit);
            [$from, $until] = [$days / self::SPREADS, $days * self::SPREADS];
        } else {
            $weeks = static fn(float $height, float $rate): float => (new Regrowth($plantGroup->ceiling, $rate))->weeksTo(max(1.0, $height), $limit);
            $from = 7.0 * $weeks($plantGroup->height + 1.2816 * $plantGroup->off, $plantGroup->rate->next()->high);
            $until = 7.0 * $weeks($plantGroup->height - 1.2816 * $plantGroup->off, $plantGroup->rate->next()->low);
            // What stands above its limit as it was read is due now.
            $until = $plantGroup->height >= $limit ? 0.0 : $until;
        }
        [$from, $until] = [$from > 0.0 ? $from + $plantGroup->pause : 0.0, $until > 0.0 ? $until + $plantGroup->pause : 0.0];
        if ($from > self::HORIZON) {
            return null;
        }
        $from = (int) floor($from);

        return new TrimDue($plantGroup, new DueBand($from, max($from, (int) ceil(min((float) self::HORIZON, $until)))), $reason, $limit, $shaded);
    }

    /** Height or cover that a cut is to bring back, which is no limit passed. */
    private function goal(GrowingGroup $plantGroup, ?TrimDue $due): float
    {
        if ($plantGroup->isCutByCover()) {
            $limits = array_column(array_filter($this->limits($plantGroup), static fn(array $limit): bool => $limit[0] === TrimReason::Dense), 1);

            return min([1.0, ...$plantGroup->form->entry()->cutBy === CutRule::Cover ? [$plantGroup->form->entry()->limit] : $limits]);
        }
        $goals = array_map(
            static fn(array $limit): float => $limit[0] === TrimReason::Wish ? $limit[1] / (1.0 + self::PASSED) : $limit[1],
            array_filter($this->limits($plantGroup), static fn(array $limit): bool => $limit[0] !== TrimReason::Branch),
        );

        return min([
            $plantGroup->ceiling, ...array_values($goals),
            ...($due !== null && $due->reason !== TrimReason::Wish && $due->reason !== TrimReason::Branch ? [$due->limit] : []),
        ]);
    }

    private function height(GrowingGroup $plantGroup, int $days, ?TrimDue $due): float
    {
        $entry = $plantGroup->form->entry();
        $goal = $this->goal($plantGroup, $due);
        $to = (new Regrowth($plantGroup->ceiling, $plantGroup->rate->median))->cutFor($goal, $days / 7.0);
        // A row that has only just doubled is pinched back to where it was planted, so that it branches.
        $to = $due?->reason === TrimReason::Branch && $due->due->isNow() ? min($to, (float) $plantGroup->planted) : $to;
        $to = max(min($entry->least, $plantGroup->height), $to);
        if ($entry->cutBy === CutRule::Leaves) {
            $to = max($to, (1.0 - self::MOST_LEAVES) * $plantGroup->height);
        }
        if ($entry->cutBy === CutRule::Thickness) {
            $to = max($to, $plantGroup->height / 2.0);
        }

        return min($plantGroup->height, $to);
    }

    /** @return array{int, int}|null */
    private function back(GrowingGroup $plantGroup, float $goal, float $to, float $cover): ?array
    {
        if ($plantGroup->isCutByCover()) {
            $days = $plantGroup->doubling <= 0.0 || $goal >= 1.0 ? INF : (new Spread($plantGroup->doubling))->daysTo($cover, $goal);

            return $days > self::HORIZON ? null : [(int) floor($days / self::SPREADS), (int) ceil($days * self::SPREADS)];
        }
        $weeks = static fn(float $rate): float => (new Regrowth($plantGroup->ceiling, $rate))->weeksTo($to, min($goal, 0.98 * $plantGroup->ceiling));
        $fast = 7.0 * $weeks($plantGroup->rate->next()->high);

        return $fast > self::HORIZON ? null : [(int) floor($fast), (int) ceil(min((float) self::HORIZON, 7.0 * $weeks($plantGroup->rate->next()->low)))];
    }

    /**
     * The plan of a plant group with what lies over at the surface: as much as it is longer than the water is deep, toward the lamps.
     *
     * @return array{float, float, float, float} left, right, front, back
     */
    private function stretch(GrowingGroup $plantGroup, float $height): array
    {
        $over = $plantGroup->form->entry()->reachesSurface ? max(0.0, $height - $this->room($plantGroup)) / $this->light->plan->length() : 0.0;

        return $this->leansLeft($plantGroup)
            ? [$plantGroup->left - $over, $plantGroup->right, $plantGroup->front, $plantGroup->back]
            : [$plantGroup->left, $plantGroup->right + $over, $plantGroup->front, $plantGroup->back];
    }

    /** Whether what lies over at the surface lies to the left, toward the lamps. */
    public function leansLeft(GrowingGroup $plantGroup): bool
    {
        $lamps = $this->light->lamps;

        return $plantGroup->across() > ($lamps === [] ? 0.5 : array_sum(array_map(static fn(LampModel $lamp): float => $lamp->across, $lamps)) / count($lamps));
    }

    /**
     * Share of the plan of a plant group that lies under a rectangle.
     *
     * @param array{float, float, float, float} $above left, right, front, back
     */
    public static function overlap(array $above, GrowingGroup $plantGroup): float
    {
        $across = max(0.0, min($above[1], $plantGroup->right) - max($above[0], $plantGroup->left));
        $deep = max(0.0, min($above[3], $plantGroup->back) - max($above[2], $plantGroup->front));

        return min(1.0, $across * $deep / $plantGroup->area());
    }
}
