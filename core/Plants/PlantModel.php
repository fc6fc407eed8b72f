<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Light\LampModel;
use Cresco\Core\Light\LightField;
use Cresco\Core\Planning\DueBand;
use Cresco\Core\Tank\SubstrateLayer;

/** All stands of a tank in its light: how tall each is on a day, who takes whose light, what is due and how deep to cut. */
final class PlantModel
{
    /** mm under the surface at which a stand is due. House default. */
    public const UNDER_SURFACE = 30.0;

    /** A stand that the water stops grows to this times the height of the water, lying over. House default. */
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
    public readonly array $stands;

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
     * @param list<GrowingGroup> $stands in any order
     * @param float       $water  height of the water over the floor, mm
     *
     * @throws PlantsFault
     */
    public function __construct(array $stands, public readonly LightField $light, public readonly float $water, public readonly SubstrateLayer $bed)
    {
        if (!($water > 1.0 && $water < 1e5)) {
            throw PlantsFault::light();
        }
        $byKey = [];
        foreach ($stands as $stand) {
            $byKey[$stand->key] = $stand;
        }
        ksort($byKey);
        $this->stands = $byKey;
    }

    /** mm over the floor that a stand stands on; floating plants hang from the surface. */
    public function base(GrowingGroup $stand): float
    {
        return ($this->stands[$stand->key] ?? null) === $stand ? $this->bases[$stand->key] ??= $this->baseOf($stand) : $this->baseOf($stand);
    }

    private function baseOf(GrowingGroup $stand): float
    {
        return $stand->floats() ? $this->water : min($this->water - 1.0, $this->bed->front + ($this->bed->back - $this->bed->front) * $stand->deep() + $stand->perch);
    }

    /** mm of water over what it stands on. */
    public function room(GrowingGroup $stand): float
    {
        return max(1.0, $this->water - $this->base($stand));
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

    /** @return array<int, float> mm above its base of each stand after so many days */
    public function heights(float $days): array
    {
        return $this->heights[(int) round(1000.0 * max(-1e5, min(1e5, $days)))] ??= array_map(static fn(GrowingGroup $stand): float => $stand->heightIn($days), $this->stands);
    }

    /** Cover of the surface over a stand after so many days, 0 to 1. */
    public function floating(GrowingGroup $stand, float $days): float
    {
        $open = 1.0;
        foreach ($this->stands as $other) {
            if ($other->floats() && $other->key !== $stand->key) {
                $open *= 1.0 - self::overlap([$other->left, $other->right, $other->front, $other->back], $stand) * $other->coverIn($days);
            }
        }

        return 1.0 - $open;
    }

    /**
     * Who takes light at the top of a stand.
     *
     * @param array<int, float>|null $heights of all, where they are not those of the day
     *
     * @return array<int, Shade> by the key of the taller one
     */
    public function shades(GrowingGroup $stand, float $days, ?array $heights = null): array
    {
        return $days === 0.0 && $heights === null && $this->isOwn($stand) ? $this->shadesToday[$stand->key] ??= $this->shadesOf($stand, 0.0, $this->heights(0.0)) : $this->shadesOf($stand, $days, $heights ?? $this->heights($days));
    }

    /** Whether it is one of these as it stands, so that what was found of it once holds. */
    private function isOwn(GrowingGroup $stand): bool
    {
        return ($this->stands[$stand->key] ?? null) === $stand;
    }

    /**
     * @param array<int, float> $heights
     *
     * @return array<int, Shade>
     */
    private function shadesOf(GrowingGroup $stand, float $days, array $heights): array
    {
        $top = $this->base($stand) + min($this->room($stand), $heights[$stand->key]);
        $shades = [];
        foreach ($stand->floats() ? [] : $this->stands as $key => $other) {
            if ($key === $stand->key || $other->floats()) {
                continue;
            }
            $tall = $this->base($other) + min($this->room($other), $heights[$key]);
            $overlap = $tall > $top ? self::overlap($this->stretch($other, $heights[$key]), $stand) : 0.0;
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
     * Light at the top of a stand after so many days, µmol/m2s.
     *
     * @param array<int, float>|null $heights of all, where they are not those of the day
     */
    public function lightAt(GrowingGroup $stand, float $days, ?array $heights = null): float
    {
        return $days === 0.0 && $heights === null && $this->isOwn($stand) ? $this->lightToday[$stand->key] ??= $this->lightOf($stand, 0.0, null) : $this->lightOf($stand, $days, $heights);
    }

    /** @param array<int, float>|null $heights */
    private function lightOf(GrowingGroup $stand, float $days, ?array $heights): float
    {
        return Canopy::at($this->open($stand, ($heights ?? $this->heights($days))[$stand->key]), $this->floating($stand, $days), array_values($this->shades($stand, $days, $heights)));
    }

    /**
     * Days for which a stand has had less light than it asks for, as the curves of all stands lead back; 0 where it has enough, null where that is longer
     * ago than is looked back.
     *
     * @param int $back days that are looked back at most
     */
    public function shortFor(GrowingGroup $stand, int $back = 60): ?int
    {
        $need = $this->need($stand);
        for ($days = 0; $days <= max(0, min(365, $back)); $days += 3) {
            if ($this->lightAt($stand, (float) -$days) >= $need) {
                return $days;
            }
        }

        return null;
    }

    /** The same, as a working. */
    public function working(GrowingGroup $stand, float $days): Computation
    {
        return Canopy::working($this->open($stand, $this->heights($days)[$stand->key]), $this->floating($stand, $days), array_values($this->shades($stand, $days)));
    }

    /** Light with no plant above it, µmol/m2s, at so many mm above its base. */
    public function open(GrowingGroup $stand, float $height): float
    {
        $depth = max(0.0, $this->room($stand) - max(0.0, $height));

        return $this->light->atPlace($stand->across(), $stand->deep(), $stand->floats() ? 0.0 : $depth);
    }

    /** Light that a stand asks for at its top, µmol/m2s, the lamps being on for as long as they are. */
    public function need(GrowingGroup $stand): float
    {
        return self::asks($stand->demand, $this->light->hours());
    }

    /** Light at its top that is too bright for a stand, µmol/m2s; null where none is. */
    public function most(GrowingGroup $stand): ?float
    {
        $most = $stand->demand->most();
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

    /** Dry mass of a stand as it is, g. */
    public function dryMass(GrowingGroup $stand, ?float $height = null, ?float $cover = null): float
    {
        $full = $stand->form->entry()->reachesSurface ? $this->room($stand) : $stand->ceiling;
        $part = $stand->floats() ? 1.0 : min(self::LIES_OVER, ($height ?? $stand->height) / $full);

        return $stand->form->dryMass() * $stand->area() * $this->light->plan->length() * $this->light->plan->depth() / 1e6 * $part * ($cover ?? $stand->cover);
    }

    /** When a stand is next due, and why; null when nothing is foreseen within a year. */
    public function due(GrowingGroup $stand): ?TrimDue
    {
        if (!$this->isOwn($stand)) {
            return $this->dueOf($stand);
        }
        if (!array_key_exists($stand->key, $this->dues)) {
            $this->dues[$stand->key] = $this->dueOf($stand);
        }

        return $this->dues[$stand->key];
    }

    private function dueOf(GrowingGroup $stand): ?TrimDue
    {
        $first = null;
        foreach ($this->limits($stand) as [$reason, $limit, $shaded]) {
            $found = $this->dueAt($stand, $reason, $limit, $shaded);
            if ($found !== null && ($first === null || $found->due->middle() < $first->due->middle())) {
                $first = $found;
            }
        }

        return $first;
    }

    /** Works out what is asked of it most, once for all who ask. */
    public function prepared(): self
    {
        foreach ($this->stands as $stand) {
            $this->lightAt($stand, 0.0);
            $this->due($stand);
        }

        return $this;
    }

    /** @return list<TrimDue> of all stands, the earliest first */
    public function dues(): array
    {
        $dues = array_values(array_filter(array_map($this->due(...), $this->stands)));
        usort($dues, static fn(TrimDue $a, TrimDue $b): int => [$a->due->middle(), $a->stand->key] <=> [$b->due->middle(), $b->stand->key]);

        return $dues;
    }

    /**
     * The cut that brings a stand back to its limit on a wished day.
     *
     * @param int        $days   until then
     * @param float|null $height to cut to, where the keeper wants another, mm; of floating plants the cover, 0 to 1
     */
    public function cut(GrowingGroup $stand, int $days = self::BETWEEN_CUTS, ?float $height = null): TrimCut
    {
        if ($days < 1 || $days > 3650) {
            throw PlantsFault::cut();
        }
        $due = $this->due($stand);
        $entry = $stand->form->entry();
        [$to, $cover] = [$stand->height, $stand->cover];
        if ($stand->isCutByCover()) {
            $limit = $this->goal($stand, $due);
            $least = $entry->cutBy === CutRule::Thinning ? max($entry->least, (1.0 - self::MOST_LEAVES) * $stand->cover) : $entry->least;
            $cover = $height ?? min($stand->cover, max($least, $stand->doubling <= 0.0 || $limit >= 1.0 ? $limit : (new Spread($stand->doubling))->after($limit, -$days)));
            if (!($cover > 0.0 && $cover <= $stand->cover + 1e-9)) {
                throw PlantsFault::cut();
            }
        } else {
            $to = $height ?? $this->height($stand, $days, $due);
            if (!($to >= 1.0 && $to <= $stand->height + 1e-9)) {
                throw PlantsFault::cut();
            }
        }
        $goal = $this->goal($stand, $due);
        $share = $stand->isCutByCover() ? 1.0 - $cover / $stand->cover : 1.0 - $to / $stand->height;
        $dry = $this->dryMass($stand) - $this->dryMass($stand, $to, $cover);
        $tops = $entry->cutBy === CutRule::Height && $entry->reachesSurface && $entry->spacing > 0.0 && $share > 0.05
            ? (int) round($stand->area() * $this->light->plan->length() * $this->light->plan->depth() * $stand->cover / $entry->spacing ** 2) : 0;

        return new TrimCut($stand, $to, $cover, max(0.0, $share), max(0.0, $dry) / ($entry->perches && $stand->form === GrowthForm::Epiphyte ? self::LEATHERY : Trimmings::DRY), $tops, $this->back($stand, $goal, $to, $cover), $due);
    }

    /** What the light of a stand becomes when others are cut, µmol/m2s before and after. */
    public function gained(GrowingGroup $shaded, TrimCut ...$cuts): float
    {
        $heights = $this->heights(0.0);
        $thinned = [];
        foreach ($cuts as $cut) {
            $heights[$cut->stand->key] = $cut->to;
            $thinned[$cut->stand->key] = $cut->stand->at($cut->to, $cut->cover);
        }

        return (new self(array_values($thinned + $this->stands), $this->light, $this->water, $this->bed))->lightAt($shaded, 0.0, $heights);
    }

    /**
     * Heights or covers at which a stand is due.
     *
     * @return list<array{TrimReason, float, int|null}>
     */
    private function limits(GrowingGroup $stand): array
    {
        return $this->isOwn($stand) ? $this->limits[$stand->key] ??= $this->limitsOf($stand) : $this->limitsOf($stand);
    }

    /** @return list<array{TrimReason, float, int|null}> */
    private function limitsOf(GrowingGroup $stand): array
    {
        $entry = $stand->form->entry();
        $limits = match (true) {
            $entry->cutBy === CutRule::Cover => [[TrimReason::Cover, $entry->limit, null]],
            $entry->cutBy === CutRule::Thickness => [[TrimReason::Thick, $entry->limit, null]],
            default => [],
        };
        if ($entry->floats) {
            return $limits;
        }
        if ($entry->reachesSurface && $entry->cutBy !== CutRule::Thinning) {
            $limits[] = [TrimReason::Surface, max(20.0, $this->room($stand) - self::UNDER_SURFACE), null];
        }
        if ($stand->wished !== null && !in_array($entry->cutBy, [CutRule::Thickness, CutRule::Thinning], true)) {
            $limits[] = [TrimReason::Wish, $stand->wished * (1.0 + self::PASSED), null];
        }
        if ($stand->planted !== null && $stand->form === GrowthForm::Stem) {
            $limits[] = [TrimReason::Branch, 2.0 * $stand->planted, null];
        }

        return [...$limits, ...$this->shading($stand)];
    }

    /**
     * Heights at which it takes a neighbour below its need; of what is thinned the covers.
     *
     * @return list<array{TrimReason, float, int}>
     */
    private function shading(GrowingGroup $stand): array
    {
        $heights = $this->heights(0.0);
        $limits = [];
        foreach ($this->stands as $key => $other) {
            if ($key === $stand->key || $other->floats()) {
                continue;
            }
            $over = min(1.0, self::overlap($this->stretch($stand, $heights[$stand->key]), $other));
            $overlap = $over * $stand->cover;
            if ($overlap <= 0.0) {
                continue;
            }
            // What it takes of the light is one factor: without it the light is as much more.
            $lets = isset($this->shades($other, 0.0)[$stand->key]) ? $this->shades($other, 0.0)[$stand->key]->lets() : 1.0;
            $without = $this->lightAt($other, 0.0) / $lets;
            $need = $this->need($other);
            if ($without <= $need) {
                // It is short of light whatever this one does.
                continue;
            }
            if ($stand->form->entry()->cutBy === CutRule::Thinning) {
                // What it takes goes with its cover: of 1 - lets at this cover the neighbour can spare 1 - need / without.
                if ($lets < 1.0) {
                    $limits[] = [TrimReason::Dense, max(0.01, $stand->cover * (1.0 - $need / $without) / (1.0 - $lets)), $key];
                }
                continue;
            }
            $lets = 1.0 - (1.0 - $need / $without) / $overlap;
            if ($lets <= 0.0) {
                continue;
            }
            $layers = -log($lets) / $stand->form->shade();
            $top = $this->base($other) + min($this->room($other), $heights[$key]);
            $limit = max(0.0, $top - $this->base($stand)) + $layers / $stand->form->layers() * $this->room($stand);
            if ($limit > 0.0 && $limit < $this->room($stand)) {
                $limits[] = [TrimReason::Shade, max(10.0, $limit), $key];
            }
        }

        return $limits;
    }

    private function dueAt(GrowingGroup $stand, TrimReason $reason, float $limit, ?int $shaded): ?TrimDue
    {
        if ($reason === TrimReason::Cover || $reason === TrimReason::Dense) {
            if ($limit > 1.0 || ($limit >= 0.99 && $stand->cover < $limit)) {
                return null;
            }
            if ($stand->doubling <= 0.0 && $stand->cover < $limit) {
                return null;
            }
            $days = $stand->doubling <= 0.0 ? 0.0 : (new Spread($stand->doubling))->daysTo($stand->cover, $limit);
            [$from, $until] = [$days / self::SPREADS, $days * self::SPREADS];
        } else {
            $weeks = static fn(float $height, float $rate): float => (new Regrowth($stand->ceiling, $rate))->weeksTo(max(1.0, $height), $limit);
            $from = 7.0 * $weeks($stand->height + 1.2816 * $stand->off, $stand->rate->next()->high);
            $until = 7.0 * $weeks($stand->height - 1.2816 * $stand->off, $stand->rate->next()->low);
            // What stands above its limit as it was read is due now.
            $until = $stand->height >= $limit ? 0.0 : $until;
        }
        [$from, $until] = [$from > 0.0 ? $from + $stand->pause : 0.0, $until > 0.0 ? $until + $stand->pause : 0.0];
        if ($from > self::HORIZON) {
            return null;
        }
        $from = (int) floor($from);

        return new TrimDue($stand, new DueBand($from, max($from, (int) ceil(min((float) self::HORIZON, $until)))), $reason, $limit, $shaded);
    }

    /** Height or cover that a cut is to bring back, which is no limit passed. */
    private function goal(GrowingGroup $stand, ?TrimDue $due): float
    {
        if ($stand->isCutByCover()) {
            $limits = array_column(array_filter($this->limits($stand), static fn(array $limit): bool => $limit[0] === TrimReason::Dense), 1);

            return min([1.0, ...$stand->form->entry()->cutBy === CutRule::Cover ? [$stand->form->entry()->limit] : $limits]);
        }
        $goals = array_map(static fn(array $limit): float => $limit[0] === TrimReason::Wish ? $limit[1] / (1.0 + self::PASSED) : $limit[1], array_filter($this->limits($stand), static fn(array $limit): bool => $limit[0] !== TrimReason::Branch));

        return min([$stand->ceiling, ...array_values($goals), ...($due !== null && $due->reason !== TrimReason::Wish && $due->reason !== TrimReason::Branch ? [$due->limit] : [])]);
    }

    private function height(GrowingGroup $stand, int $days, ?TrimDue $due): float
    {
        $entry = $stand->form->entry();
        $goal = $this->goal($stand, $due);
        $to = (new Regrowth($stand->ceiling, $stand->rate->median))->cutFor($goal, $days / 7.0);
        // A row that has only just doubled is pinched back to where it was planted, so that it branches.
        $to = $due?->reason === TrimReason::Branch && $due->due->isNow() ? min($to, (float) $stand->planted) : $to;
        $to = max(min($entry->least, $stand->height), $to);
        if ($entry->cutBy === CutRule::Leaves) {
            $to = max($to, (1.0 - self::MOST_LEAVES) * $stand->height);
        }
        if ($entry->cutBy === CutRule::Thickness) {
            $to = max($to, $stand->height / 2.0);
        }

        return min($stand->height, $to);
    }

    /** @return array{int, int}|null */
    private function back(GrowingGroup $stand, float $goal, float $to, float $cover): ?array
    {
        if ($stand->isCutByCover()) {
            $days = $stand->doubling <= 0.0 || $goal >= 1.0 ? INF : (new Spread($stand->doubling))->daysTo($cover, $goal);

            return $days > self::HORIZON ? null : [(int) floor($days / self::SPREADS), (int) ceil($days * self::SPREADS)];
        }
        $weeks = static fn(float $rate): float => (new Regrowth($stand->ceiling, $rate))->weeksTo($to, min($goal, 0.98 * $stand->ceiling));
        $fast = 7.0 * $weeks($stand->rate->next()->high);

        return $fast > self::HORIZON ? null : [(int) floor($fast), (int) ceil(min((float) self::HORIZON, 7.0 * $weeks($stand->rate->next()->low)))];
    }

    /**
     * The plan of a stand with what lies over at the surface: as much as it is longer than the water is deep, toward the lamps.
     *
     * @return array{float, float, float, float} left, right, front, back
     */
    private function stretch(GrowingGroup $stand, float $height): array
    {
        $over = $stand->form->entry()->reachesSurface ? max(0.0, $height - $this->room($stand)) / $this->light->plan->length() : 0.0;

        return $this->leansLeft($stand) ? [$stand->left - $over, $stand->right, $stand->front, $stand->back] : [$stand->left, $stand->right + $over, $stand->front, $stand->back];
    }

    /** Whether what lies over at the surface lies to the left, toward the lamps. */
    public function leansLeft(GrowingGroup $stand): bool
    {
        $lamps = $this->light->lamps;

        return $stand->across() > ($lamps === [] ? 0.5 : array_sum(array_map(static fn(LampModel $lamp): float => $lamp->across, $lamps)) / count($lamps));
    }

    /**
     * Share of the plan of a stand that lies under a rectangle.
     *
     * @param array{float, float, float, float} $above left, right, front, back
     */
    public static function overlap(array $above, GrowingGroup $stand): float
    {
        $across = max(0.0, min($above[1], $stand->right) - max($above[0], $stand->left));
        $deep = max(0.0, min($above[3], $stand->back) - max($above[2], $stand->front));

        return min(1.0, $across * $deep / $stand->area());
    }
}
