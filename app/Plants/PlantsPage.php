<?php

declare(strict_types=1);

namespace App\Plants;

use App\Drawing\PlantShapes;
use App\Drawing\SectionDrawing;
use App\Models\PlantMeasurement;
use App\Models\Tank;
use App\Tanks\PlantModelQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Planning\UpcomingJob;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Plants\TrimCut;

/** The plants of a tank on a day: how tall each stands, who takes whose light, what is due and how deep to cut. */
final class PlantsPage
{
    /** Days ahead that can be looked at. */
    public const AHEAD = 28;

    /** Days back, at most, when the last cut lies further back. */
    public const BACK = 60;

    /** Plant groups that want nothing are folded where there are more of them. */
    private const FEW = 12;

    private const WIDE = 760.0;

    /** Room for the plan from above, across and from front to back. */
    private const PLAN = [380.0, 190.0];

    public readonly TrimPlan $trim;

    public readonly SectionDrawing $drawing;

    public readonly Show $show;

    public readonly PlantGroupWords $words;

    /** The planting that is drawn, and on which of its days. */
    private readonly PlantModel $drawn;

    private readonly float $on;

    /** Days back to the last cut. */
    public readonly int $back;

    /** @var list<int> stands that want nothing before the next cut, and are not listed */
    public readonly array $folded;

    /**
     * @param int                         $day     from today
     * @param array<int, float|null>|null $asked   cuts, by plant group; null for those that are due
     * @param bool                        $isWhole whether those that want nothing are listed too
     */
    public function __construct(public readonly Tank $tank, public readonly PlantModel $today, public readonly int $day, ?array $asked, bool $isWhole = true)
    {
        $this->show = $tank->keeper->show();
        $this->words = new PlantGroupWords($this->today, $this->show, $tank->keeper->hand);
        $this->trim = TrimPlan::of($tank, $asked, PlantModel::BETWEEN_CUTS, $this->today);
        $this->back = $this->daysBack();
        $this->folded = $isWhole ? [] : $this->thoseToFold();
        $day = max(-$this->back, min(self::AHEAD, $day));
        // What is ahead is drawn as cut; what lies back, as it was.
        [$this->drawn, $this->on] = match (true) {
            $day > 0 => [$this->trim->after(), (float) $day],
            $day < 0 => [PlantModelQuery::tank($tank, CarbonImmutable::now()->addDays($day)), 0.0],
            default => [$this->today, 0.0],
        };
        $this->drawing = new SectionDrawing(
            $tank,
            VesselQuery::tank($tank),
            [],
            null,
            self::WIDE,
            420.0,
            true,
            $tank->water_below_rim,
            false,
            PlantShapes::on($this->drawn, $this->on),
            70.0,
        );
    }

    /** @return list<PlantGroupRow> the earliest due first */
    public function rows(): array
    {
        $numbers = $this->numbers();
        $looks = PlantModelQuery::seen($this->tank);
        $rows = [];
        foreach (array_diff($this->inOrder(), $this->folded) as $key) {
            $plantGroup = $this->today->plantGroups[$key];
            $cut = $this->trim->cuts[$key] ?? TrimPlan::proposed($this->today, $plantGroup);
            $due = $this->today->due($plantGroup);
            $seen = $looks[$key] ?? null;
            $rows[] = new PlantGroupRow(
                $numbers[$key],
                $plantGroup,
                $cut,
                isset($this->trim->cuts[$key]),
                TrimPlan::isDue($this->today, $plantGroup),
                $this->words->typed($cut),
                $this->words->unit($cut),
                $this->words->when($due),
                $this->words->why($due),
                $this->words->height($plantGroup),
                $this->words->seen($seen),
                $this->words->rate($plantGroup),
                $this->words->light($plantGroup, 0.0),
                [...$this->saysOf($cut), ...array_filter([$this->words->woody($plantGroup, $seen->cuts ?? 0)])],
                $this->words->failing($plantGroup),
            );
        }

        return $rows;
    }

    /** @return list<int> stands that want nothing before the next cut, where they are many */
    private function thoseToFold(): array
    {
        $folded = array_values(array_filter(
            $this->inOrder(),
            fn(int $key): bool => !isset($this->trim->cuts[$key])
                && !TrimPlan::isDue($this->today, $this->today->plantGroups[$key])
                && !$this->isShort($this->today->plantGroups[$key]),
        ));

        return count($folded) > self::FEW ? $folded : [];
    }

    public function foldedWords(): string
    {
        return trans_choice('plants.folded', count($this->folded), ['count' => count($this->folded), 'days' => PlantModel::BETWEEN_CUTS]);
    }

    /** @return list<int> all plant groups, the earliest due first */
    private function inOrder(): array
    {
        $numbers = $this->numbers();
        $sum = fn(int $key): int => ($due = $this->today->due($this->today->plantGroups[$key])) === null ? 1998 : $due->due->from + $due->due->until;
        $keys = array_keys($numbers);
        usort($keys, static fn(int $a, int $b): int => [$sum($a), $numbers[$a]] <=> [$sum($b), $numbers[$b]]);

        return $keys;
    }

    /** @return array<int, list<string>> of the cuts that are picked, by plant group */
    public function says(): array
    {
        return array_map($this->saysOf(...), $this->trim->cuts);
    }

    /** @return list<string> */
    private function saysOf(TrimCut $cut): array
    {
        return [...$this->words->cut($cut), ...array_filter([$this->words->gain($cut)])];
    }

    /** @return array<int, int> number on the drawings by plant group */
    public function numbers(): array
    {
        $numbers = [];
        foreach (array_keys($this->today->plantGroups) as $key) {
            $numbers[$key] = count($numbers) + 1;
        }

        return $numbers;
    }

    /**
     * Lines that can be dragged: one for each plant group that is cut by height and picked, on the day itself.
     *
     * @return list<array{key: int, number: int, x: float, width: float, y: float, base: float, cut: TrimCut, most: float, text: string}>
     */
    public function cutLines(): array
    {
        $lines = [];
        $numbers = $this->numbers();
        foreach ($this->day === 0 ? $this->trim->cuts : [] as $key => $cut) {
            if ($cut->plantGroup->isCutByCover()) {
                continue;
            }
            $x = $this->drawing->x(100.0 * $cut->plantGroup->left);
            $base = $this->drawing->bedY($this->today->base($cut->plantGroup));
            $lines[] = [
                'key' => $key, 'number' => $numbers[$key], 'x' => $x, 'width' => round($this->drawing->x(100.0 * $cut->plantGroup->right) - $x, 1),
                'y' => round($base - $this->drawing->length($cut->to), 1), 'base' => $base, 'cut' => $cut, 'most' => $cut->plantGroup
                    ->height, 'text' => $this->show->level($cut->to),
            ];
        }

        return $lines;
    }

    /** @return list<array{y: float, depth: string, light: string}> light in the middle of the tank at some depths */
    public function lightScale(): array
    {
        $scale = [];
        $water = $this->drawing->vessel->waterHeight();
        for ($depth = 0.0; $depth < $water && $this->today->light->lamps !== []; $depth += 100.0) {
            $scale[] = [
                'y' => $this->drawing->y($this->tank->water_below_rim + $depth), 'depth' => $this->show->level($depth),
                'light' => Show::rounded($this->today->light->at($depth), 0),
            ];
        }

        return $scale;
    }

    /**
     * @return list<array{key: int, number: int, x: float, y: float, w: float, h: float, shaded: bool, floats: bool}> from the front to the
     *     back, drawn from above
     */
    public function plan(): array
    {
        $wide = $this->planWidth();
        $high = $this->planHeight();
        $numbers = $this->numbers();
        $rects = $shaded = [];
        foreach ($this->drawing->plants as $plant) {
            $shaded[$plant->key] = $plant->shaded;
        }
        foreach ($this->drawn->plantGroups as $key => $plantGroup) {
            $rects[] = [
                'key' => $key, 'number' => $numbers[$key] ?? 0, 'x' => round($wide * $plantGroup->left, 1), 'y' => round($high * (1.0 - $plantGroup->back), 1),
                'w' => round($wide * ($plantGroup->right - $plantGroup->left), 1), 'h' => round($high * ($plantGroup->back - $plantGroup->front), 1),
                'shaded' => $shaded[$key] ?? false, 'floats' => $plantGroup->floats(),
            ];
        }
        usort($rects, static fn(array $a, array $b): int => [$b['floats'], $b['w'] * $b['h']] <=> [$a['floats'], $a['w'] * $a['h']]);

        return $rects;
    }

    public function planWidth(): float
    {
        return round($this->drawing->vessel->plan->length() * $this->planScale(), 1);
    }

    public function planHeight(): float
    {
        return round($this->drawing->vessel->plan->depth() * $this->planScale(), 1);
    }

    private function planScale(): float
    {
        $plan = $this->drawing->vessel->plan;

        return min(self::PLAN[0] / $plan->length(), self::PLAN[1] / $plan->depth());
    }

    /** Outline of the plan, front pane below, for a polygon. */
    public function outline(): string
    {
        $scale = $this->planScale();

        return implode(
            ' ',
            array_map(
                static fn(array $point): string => round($point[0] * $scale, 1).','.round($point[1] * $scale, 1),
                $this->drawing->vessel->plan->outline(),
            ),
        );
    }

    /** "in 9 days, 5 December" */
    public function dayWords(): string
    {
        $date = $this->show->local(CarbonImmutable::now())->addDays($this->day)->translatedFormat('j F');

        return match (true) {
            $this->day > 0 => trans_choice('plants.day.ahead', $this->day, ['count' => $this->day, 'date' => $date]),
            $this->day < 0 => trans_choice('plants.day.ago', -$this->day, ['count' => -$this->day, 'date' => $date]),
            default => __('plants.day.today'),
        };
    }

    /** @return list<string> what is seen on that day, one line a plant group */
    public function seenOnDay(): array
    {
        $heights = $this->drawn->heights($this->on);
        $shaded = [];
        foreach ($this->drawing->plants as $plant) {
            $shaded[$plant->key] = $plant->shaded;
        }
        $lines = [];
        foreach ($this->numbers() as $key => $number) {
            $plantGroup = $this->drawn->plantGroups[$key] ?? null;
            if ($plantGroup !== null) {
                $height = $plantGroup->floats() ? $this->show->percent($plantGroup->coverIn($this->on)) : $this->show->level($heights[$key]);
                $lines[] = $number.' '.$plantGroup->name.': '.$height.($shaded[$key] ?? false ? ', '.__('plants.in_shade') : '');
            }
        }

        return $lines;
    }

    /** @return list<string> what the picked cuts come to together */
    public function sum(): array
    {
        if ($this->trim->fresh() < 1.0) {
            return [];
        }
        $out = $this->trim->takenOut(VesselQuery::tank($this->tank)->litres());
        $lines = [__('plants.sum.out', [
            'fresh' => Show::rounded($this->trim->fresh(), -1)
                .' g', 'nitrogen' => Show::rounded($out->value('N'), 0), 'phosphorus' => Show::rounded($out
                    ->value('P'), 0), 'nitrate' => Show::rounded($out->value('nitrate'), 1),
        ])];
        $lost = $this->trim->uptakeLost(VesselQuery::tank($this->tank)->litres());
        if ($lost > 0.2) {
            $lines[] = __('plants.sum.uptake', ['nitrate' => Show::rounded($lost, 1)]);
        }
        if ($this->trim->share() > PlantModel::MOST_AT_ONCE) {
            $lines[] = __('plants.sum.much', ['share' => $this->show->percent($this->trim->share())]);
        }
        if ($this->trim->share() > 0.25) {
            $lines[] = __('plants.sum.lamp');
        }

        return $lines;
    }

    public function working(string $name): ?Computation
    {
        $key = (int) substr($name, 6);

        return match (true) {
            $name === 'taken' => $this->trim->takenOut(VesselQuery::tank($this->tank)->litres()),
            $name === 'light' => $this->today->light->working(min(300.0, $this->drawing->vessel->waterHeight())),
            str_starts_with($name, 'rate--') => PlantModelQuery::growth($this->tank, $key),
            str_starts_with($name, 'grown-') => PlantModelQuery::height($this->tank, $key),
            str_starts_with($name, 'light-') && isset($this->today->plantGroups[$key]) => $this->today->working($this->today->plantGroups[$key], 0.0),
            default => null,
        };
    }

    /** @return list<GrowingGroup> with melting leaves to be taken out today */
    public function melting(): array
    {
        $now = array_filter(MeltingQuery::tanks([$this->tank->id], $this->show), static fn(UpcomingJob $job): bool => $job->due->isNow());

        return array_values(array_intersect_key(
            $this->today->plantGroups,
            array_flip(array_map(static fn(UpcomingJob $job): int => $job->key->record(), $now)),
        ));
    }

    /** Whether a plant group has less light today than it asks for. */
    public function isShort(GrowingGroup $plantGroup): bool
    {
        return $this->today->light->lamps !== [] && $this->today->lightAt($plantGroup, 0.0) < $this->today->need($plantGroup);
    }

    private function daysBack(): int
    {
        $last = PlantMeasurement::query()->whereIn('plant_group_id', array_keys($this->today->plantGroups))
            ->where(static fn($looks) => $looks->whereNotNull('before')->orWhereNotNull('cover_before'))->max('happened_at');

        return is_string($last) ? max(0, min(self::BACK, $this->show->daysSince(CarbonImmutable::parse($last, 'UTC')))) : 0;
    }
}
