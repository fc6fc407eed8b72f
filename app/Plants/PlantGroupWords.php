<?php

declare(strict_types=1);

namespace App\Plants;

use App\Models\PlantGroup;
use App\Tanks\GroupSeen;
use App\Units\Show;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Plants\Canopy;
use Cresco\Core\Plants\CutRule;
use Cresco\Core\Plants\FailingGroup;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\GrowthForm;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Plants\PlantSpecies;
use Cresco\Core\Plants\TrimCut;
use Cresco\Core\Plants\TrimDue;
use Cresco\Core\Plants\TrimReason;

/** What is said of stands, in the keeper's units. */
final readonly class PlantGroupWords
{
    public function __construct(private PlantModel $planting, private Show $show, private float $hand) {}

    /** "back left" */
    public static function place(GrowingGroup|PlantGroup $plantGroup): string
    {
        [$left, $right, $front, $back] = $plantGroup instanceof PlantGroup
            ? [
                $plantGroup->left_edge, $plantGroup->right_edge, $plantGroup->front_edge, $plantGroup->back_edge,
            ] : [$plantGroup->left, $plantGroup->right, $plantGroup->front, $plantGroup->back];
        if ($plantGroup instanceof GrowingGroup && $plantGroup->floats()) {
            return __('plants.place.floating');
        }

        return self::placeAt(($left + $right) / 2.0, ($front + $back) / 2.0);
    }

    private static function placeAt(float $across, float $deep): string
    {
        return __('plants.place.'.($deep > 0.62 ? 'back' : ($deep < 0.36 ? 'front' : 'middle'))).' '
            .__('plants.place.'.($across < 0.36 ? 'left' : ($across > 0.64 ? 'right' : 'centre')));
    }

    public function name(GrowingGroup $plantGroup): string
    {
        return $plantGroup->name.', '.self::place($plantGroup);
    }

    public function height(GrowingGroup $plantGroup): string
    {
        if ($plantGroup->floats()) {
            return __('plants.height.cover', ['value' => $this->show->percent($plantGroup->cover)]);
        }
        $half = 1.2816 * $plantGroup->off;

        $number = fn(float $mm): string => $this->show->levels()->label === 'mm' ? Show::rounded($mm, 0) : $this->show->levelNumber($mm);

        return __(
            'plants.height.band',
            [
                'value' => $this->mm($plantGroup->height), 'low' => $number(max(1.0, $plantGroup->height - $half)),
                'high' => $number($plantGroup->height + $half),
            ],
        );
    }

    public function seen(?GroupSeen $seen): string
    {
        return $seen === null
            ? __('plants.height.unseen')
            : __($seen->guessed ? 'plants.height.guessed' : 'plants.height.read', ['day' => $this->show->day($seen->at())]);
    }

    /** Stems that were cut again and again are bare below. */
    public function woody(GrowingGroup $plantGroup, int $cuts): string
    {
        return $plantGroup->form === GrowthForm::Stem && $cuts >= PlantModel::WOODY ? trans_choice('plants.woody', $cuts, ['count' => $cuts]) : '';
    }

    public function rate(GrowingGroup $plantGroup): string
    {
        if ($plantGroup->floats()) {
            return __('plants.rate.spreads', ['days' => Show::rounded($plantGroup->doubling, 0)]);
        }
        $rate = $plantGroup->rate;
        $words = $rate->count === 0
            ? __('plants.rate.guess', ['usual' => $this->mm($rate->usual)])
            : trans_choice(
                'plants.rate.learned',
                $rate->count,
                ['value' => $this->mm($rate->median), 'usual' => $this->mm($rate->usual), 'count' => $rate->count],
            );

        return $rate->aside === [] ? $words : $words.'; '.trans_choice('plants.rate.aside', count($rate->aside), ['count' => count($rate->aside)]);
    }

    public function when(?TrimDue $due): string
    {
        if ($due === null) {
            return __('plants.when.never');
        }
        [$from, $until] = [$due->due->from, $due->due->until];

        return match (true) {
            $until <= 0 => __('plants.when.now'),
            $from <= 0 => __('plants.when.until', ['until' => $this->date($until)]),
            $until >= 365 => __('plants.when.after', ['from' => $this->date($from)]),
            $until - $from <= 1 => __('plants.when.on', ['from' => $this->date($from)]),
            default => __('plants.when.between', ['from' => $this->days($from, $until), 'until' => $this->date($until)]),
        };
    }

    public function why(?TrimDue $due): string
    {
        return $due === null ? '' : __('plants.why.'.$due->reason->value, [
            'limit' => match ($due->reason) {
                TrimReason::Cover, TrimReason::Dense => $this->show->percent($due->limit),
                TrimReason::Surface => $this->mm(PlantModel::UNDER_SURFACE),
                TrimReason::Wish => $this->mm($due->limit / (1.0 + PlantModel::PASSED)),
                default => $this->mm($due->limit),
            },
            'other' => $due->shaded === null ? '' : $this->name($this->planting->plantGroups[$due->shaded]),
        ]);
    }

    /** @return list<string> what light it has after so many days, and who takes of it */
    public function light(GrowingGroup $plantGroup, float $day): array
    {
        if ($this->planting->light->lamps === []) {
            return [__('plants.light.unknown')];
        }
        $light = $this->planting->lightAt($plantGroup, $day);
        $need = $this->planting->need($plantGroup);
        $words = [__(
            'plants.light.'.($light >= $need ? 'enough' : ($light >= PlantModel::ALIVE * $need ? 'short' : 'starves')),
            ['light' => Show::rounded($light, 0), 'need' => Show::rounded($need, 0)],
        )];
        $short = $light < $need && $day === 0.0 && $this->planting->shades($plantGroup, 0.0) !== [] ? $this->planting->shortFor($plantGroup) : 0;
        $words[0] .= $short === 0 ? '' : ', '.($short === null ? __('plants.light.long') : trans_choice('plants.light.since', $short, ['count' => $short]));
        $floating = $this->planting->floating($plantGroup, $day);
        if ($floating > 0.05 && !$plantGroup->floats()) {
            $words[] = __('plants.light.floating', ['share' => $this->show->percent(1.0 - Canopy::under($floating))]);
        }
        foreach ($this->planting->shades($plantGroup, $day) as $key => $shade) {
            if ($shade->lets() < 0.9) {
                $words[] = __(
                    'plants.light.by',
                    ['other' => $this->name($this->planting->plantGroups[$key]), 'share' => $this->show->percent(1.0 - $shade->lets())],
                );
            }
        }

        return $words;
    }

    /** @return list<string> how it is cut, and what follows */
    public function cut(TrimCut $cut): array
    {
        $by = $cut->plantGroup->form->entry()->cutBy;
        if ($cut->share < 0.02) {
            return [__('plants.cut.none')];
        }
        $words = [__('plants.cut.'.$by->value, [
            'to' => $by->isByCover()
                ? $this->show->percent($cut->cover)
                : $this->mm($cut->to), 'hands' => $this->hands($cut->to), 'share' => $this->show->percent($cut->share),
        ])];
        if ($cut->tops > 0) {
            $words[] = __('plants.cut.replant', ['tops' => $cut->tops, 'spacing' => $this->mm($cut->plantGroup->form->spacing())]);
        }
        if ($by === CutRule::Leaves) {
            return $words;
        }
        $words[] = $cut->full === null ? __('plants.cut.never_full')
            : __(
                'plants.cut.full',
                ['when' => __('plants.when.between', ['from' => $this->days($cut->full[0], $cut->full[1]), 'until' => $this->date($cut->full[1])])],
            );

        return $words;
    }

    /** What a cut is to leave, as it is typed: whole millimetres, tenths of an inch, or percent of its place. */
    public function typed(TrimCut $cut): string
    {
        $levels = $this->show->levels();

        return match (true) {
            $cut->plantGroup->isCutByCover() => Show::plain(100.0 * $cut->cover, 0),
            $levels->label === 'mm' => Show::plain($cut->to, 0),
            default => $levels->show($cut->to),
        };
    }

    public function unit(TrimCut $cut): string
    {
        return $cut->plantGroup->isCutByCover() ? '%' : $this->show->levels()->label;
    }

    /** @return list<string> why a plant group fails and what may be done, the best first; none where it does well */
    public function failing(GrowingGroup $plantGroup): array
    {
        $failing = FailingGroup::of($this->planting, $plantGroup);
        if ($failing === null) {
            return [];
        }
        $words = [__($failing->isDark ? ($failing->isSlow ? 'plants.fails.both' : 'plants.fails.dark') : 'plants.fails.slow')];
        foreach (array_slice($failing->options, 0, 3) as $i => $option) {
            $words[] = ($i === 0 ? __('plants.fails.best').' ' : '').__('plants.fails.'.$option->way->value, [
                'light' => Show::rounded($option->light, 0),
                'place' => $option->across === null || $option->deep === null ? '' : self::placeAt($option->across, $option->deep),
                'kinds' => Names::list(array_map(static fn(PlantSpecies $kind): string => $kind->name, $option->kinds)),
                'other' => $option->other === null ? '' : $this->name($this->planting->plantGroups[$option->other]),
            ]);
        }

        return $words;
    }

    /** What the shaded ones gain by cuts, in words. */
    public function gain(TrimCut $cut): string
    {
        if ($cut->due?->shaded === null || $this->planting->light->lamps === []) {
            return '';
        }
        $other = $this->planting->plantGroups[$cut->due->shaded];

        return __(
            'plants.light.gain',
            [
                'before' => Show::rounded($this->planting->lightAt($other, 0.0), 0),
                'after' => Show::rounded($this->planting->gained($other, $cut), 0), 'other' => $this->name($other),
            ],
        );
    }

    /** A height in breadths of a hand, to the half. */
    public function hands(float $mm): string
    {
        $halves = (int) round(2.0 * $mm / max(20.0, $this->hand));

        return trans_choice('plants.cut.hands', $halves, ['whole' => intdiv($halves, 2), 'half' => $halves % 2 === 1 ? __('plants.cut.half') : '']);
    }

    /** A day so many days from today. */
    public function date(int $days): string
    {
        return $this->show->local(CarbonImmutable::now())->addDays($days)->translatedFormat('j M');
    }

    /** The first of two days, without the month where it is that of the second. */
    private function days(int $from, int $until): string
    {
        $now = $this->show->local(CarbonImmutable::now());
        [$first, $last] = [$now->addDays($from), $now->addDays($until)];

        return $first->format('Y-m') === $last->format('Y-m') ? $first->format('j') : $first->translatedFormat('j M');
    }

    private function mm(float $mm): string
    {
        return $this->show->level($mm);
    }
}
