<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Drawing\PlantShapes;
use App\Drawing\SectionDrawing;
use App\Tanks\DrainQuery;
use App\Units\Show;
use App\View\Finding;
use App\View\Names;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Sentence;
use Cresco\Core\Tank\SwimmingDepth;
use Cresco\Core\WaterChange\Dilution;
use Cresco\Core\WaterChange\Sizing;

/** The water change page in the keeper's units and words. */
final class WaterChangePage
{
    /** Cautions beside the litres at most; the rest folds. House default. */
    private const CAUTIONS = 2;

    /** K by which water may differ from the tank and count as warm as it. House default. */
    private const SAME_WARMTH = 0.5;

    public readonly SectionDrawing $drawing;

    /** @var list<OutlookRow>|null */
    private ?array $rows = null;

    public function __construct(public readonly ChangeDraft $draft, public readonly Show $show)
    {
        $this->drawing = new SectionDrawing(
            $draft->tank,
            $draft->plan->vessel,
            $draft->levels,
            $draft->mark,
            640.0,
            420.0,
            false,
            $draft->input->waterline,
            true,
            PlantShapes::now($draft->tank),
        );
    }

    /** Whether plants are drawn that a dose would be for. */
    public function feedsPlants(): bool
    {
        return $this->draft->tank->plantGroups()->exists();
    }

    public function litres(): string
    {
        return $this->show->volumeNumber($this->draft->plan->outflow());
    }

    /** @return array<string, string> what stands in the amount fields */
    public function amounts(): array
    {
        $plan = $this->draft->plan;
        $keeper = $this->draft->tank->keeper;

        return [
            'litres' => Show::plain($this->show->volumes()->fromBase($plan->drained), 1),
            'percent' => Show::plain(100.0 * $this->draft->share(), 1),
            'mark' => $this->show->levelNumber($this->draft->mark),
            'buckets' => Show::plain($plan->drained / max(0.1, $keeper->bucket_litres), 1),
        ];
    }

    /** Free ammonia is mostly next to nothing: say so instead of a row of zeros. */
    public static function trace(float $milligram): string
    {
        return $milligram < 0.001 ? '< 0.001' : Show::rounded($milligram, 3);
    }

    /** "6 buckets · about 8 min" */
    public function effort(): string
    {
        $plan = $this->draft->plan;
        $buckets = (int) ceil($plan->drained / max(0.1, $this->draft->tank->keeper->bucket_litres) - 1e-6);
        $drain = DrainQuery::tank($this->draft->tank, $plan->drained, $this->draft->input->waterline);
        if ($plan->isWhileFilling()) {
            return (string) __(
                $drain->arrives ? 'change.effort.filling' : 'change.effort.filling_short',
                ['minutes' => max(1, (int) round($drain->minutes() / (1.0 - $plan->inflow)))],
            );
        }

        return trans_choice(
            $drain->arrives ? 'change.effort.buckets' : 'change.effort.buckets_short',
            $buckets,
            ['count' => $buckets, 'minutes' => max(1, (int) round($drain->minutes())), 'each' => $plan->drains > 1 ? (string) __('change.effort.each') : ''],
        );
    }

    /** "35 % new water." */
    public function shareLine(): string
    {
        $plan = $this->draft->plan;
        $share = $this->show->percent($this->draft->share());

        return match (true) {
            $plan->drains > 1 => (string) __('change.page.drains', ['share' => $share, 'count' => $plan->drains]),
            $plan->isWhileFilling() => (string) __(
                'change.page.flowing',
                ['share' => $share, 'litres' => $this->show->volume($plan->outflow() - $plan->drained)],
            ),
            default => (string) __('change.page.share', ['share' => $share]),
        };
    }

    /** How warm the water goes in, and whether it is treated: "As warm as the tank, with dechlorinator." */
    public function howLine(): string
    {
        $warmth = $this->draft->warmth;
        $isSame = abs($warmth->stream - $warmth->tank) < self::SAME_WARMTH;
        $isTap = SessionPlan::tapShare($this->draft) > 0.0;

        return (string) __(
            'change.page.'.($isSame ? ($isTap ? 'same_dechlorinated' : 'same') : ($isTap ? 'dechlorinated' : 'how')),
            ['warmth' => $this->show->value(Parameter::Temperature, $warmth->stream)],
        );
    }

    /** @return array{list<Finding>, list<Finding>} what stands beside the litres: all that harms, and at most two cautions; and the rest */
    public function sorted(): array
    {
        $first = $rest = [];
        $cautions = 0;
        foreach ($this->findings() as $finding) {
            $isFirst = $finding->tone === Finding::BEYOND || ($finding->tone === Finding::HEED && !$finding->isInChecklist && $cautions < self::CAUTIONS);
            $cautions += $isFirst && $finding->tone === Finding::HEED ? 1 : 0;
            $isFirst ? $first[] = $finding : $rest[] = $finding;
        }

        return [$first, $rest];
    }

    /** @return list<OutlookRow> what the change moves, or leaves out of its target range */
    public function moving(): array
    {
        return array_values(array_filter($this->rows(), static fn(OutlookRow $row): bool => $row->isForetold() && $row->moves()));
    }

    /** Names what hardly moves and is in its target range; nothing when there is none. */
    public function still(): ?string
    {
        $words = array_values(array_map(
            static fn(OutlookRow $row): string => word($row->outlook->parameter),
            array_filter($this->rows(), static fn(OutlookRow $row): bool => $row->isForetold() && !$row->moves()),
        ));

        return $words === [] ? null : trans_choice('change.page.still', count($words), ['what' => Sentence::from(Names::list($words))]);
    }

    /** @return list<OutlookRow> */
    public function rows(): array
    {
        return $this->rows ??= $this->makeRows();
    }

    /** @return list<OutlookRow> */
    private function makeRows(): array
    {
        $rows = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $outlook = $this->draft->forecast->outlook($parameter);
            $range = $this->draft->tank->needs()->range($parameter);
            $goal = match ([$parameter, $this->draft->input->reason]) {
                [Parameter::Nitrate, ChangeReason::Nitrate] => $this->draft->input->nitrateGoal,
                [Parameter::Conductivity, ChangeReason::Conductivity] => $this->draft->input->conductivityGoal,
                default => null,
            };
            $points = array_filter([
                $outlook->now?->quantile(0.1), $outlook->now?->quantile(0.9), $outlook->after()?->low(), $outlook->after()?->high(),
                $outlook->nextDay()?->low(), $outlook->nextDay()?->high(), $goal, ...($range ?? []),
            ], static fn(?float $x): bool => $x !== null);
            $low = $points === [] ? 0.0 : min($points);
            $high = $points === [] ? 1.0 : max($points);
            $margin = 0.08 * max($high - $low, 1e-6);
            $allowed = $outlook->now === null ? null : $this->draft->tank->needs()->swingLimits()->allowed($parameter, $outlook->now->central());
            $rows[] = new OutlookRow(
                $outlook,
                [$low - $margin, $high + $margin],
                $range,
                $goal,
                $allowed !== null && abs((float) $outlook->swing()) > $allowed * 1.001,
                match (true) {
                    $range === null || $outlook->after() === null => null,
                    $outlook->after()->central() > $range[1] => (string) __('names.high'),
                    $outlook->after()->central() < $range[0] => (string) __('names.low'),
                    default => null,
                },
                $this->draft->plan->tank->isAssumed($parameter) || $this->draft->waters->now->isCarriedOn($parameter),
            );
        }

        return $rows;
    }

    /** @return list<array{string, string}> what the animals allow at once: name and width */
    public function limits(): array
    {
        $limits = [];
        $swing = $this->draft->tank->needs()->swingLimits();
        foreach ([
            Parameter::Acidity, Parameter::CarbonateHardness, Parameter::GeneralHardness, Parameter::Conductivity, Parameter::Temperature,
        ] as $parameter) {
            $limits[] = [label($parameter), $parameter === Parameter::Conductivity
                ? '± '.$this->show->percent($swing->ecShare)
                : '± '.$this->show->width($parameter, (float) $swing->allowed($parameter, 1.0))];
        }
        if ($this->draft->tank->fish_height > 0.0) {
            $limits[] = [(string) __('change.page.swimming_depth'), '≥ '.$this->show->level(SwimmingDepth::needed($this->draft->tank->fish_height))];
        }

        return $limits;
    }

    /** @return list<string> the source in figures, for the side of the checklist */
    public function sourceFacts(): array
    {
        $facts = [];
        foreach ([Parameter::Nitrate, Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Acidity, Parameter::Conductivity] as $parameter) {
            $value = $this->draft->plan->source->get($parameter);
            if ($value !== null) {
                $source = $this->draft->plan->source;
                $key = match (true) {
                    $source->isUsual($parameter) => 'change.source.usual',
                    $source->isAssumed($parameter) => 'change.source.assumed',
                    default => 'change.source.tested',
                };
                $facts[] = (string) __($key, ['what' => label($parameter), 'value' => $this->show->value($parameter, $value->central())]);
            }
        }

        return $facts;
    }

    /**
     * The bench with the litres of this change, and with the water it takes when conductivity is to land somewhere. What
     * evaporated left its minerals behind, so the litres are those that are drained.
     */
    public function benchLink(): string
    {
        $plan = $this->draft->plan;
        $tank = $this->draft->tank;
        $query = ['tank' => $tank->id, 'litres' => Show::plain(
            $tank->keeper->volume_unit->fromLitres(max(1.0, $plan->outflow())),
            1,
        ), 'share' => Show::plain(max(1.0, 100.0 * $this->draft->share()), 1)];
        $now = $this->draft->forecast->outlook(Parameter::Conductivity)->now;
        if (
            $this->draft->input->reason === ChangeReason::Conductivity
            && $this->draft->input->conductivityGoal !== null
            && $now !== null
            && $this->draft->share() > 0.01
        ) {
            $query['ec'] = Show::plain(
                $this->show->unit(Parameter::Conductivity)->fromBase(max(
                    0.0,
                    Dilution::newWater(Parameter::Conductivity, $now->central(), $this->draft->input->conductivityGoal, $this->draft->share()),
                )),
                0,
            );
        }

        return '/mix-water?'.http_build_query($query);
    }

    /** @return list<Finding> most serious first */
    public function findings(): array
    {
        return once(fn(): array => (new ChangeFindings($this->draft, $this->show, $this->drawing))->all());
    }

    /** The working of one figure, by the name used in the page; null for an unknown name. */
    public function working(string $name): ?Computation
    {
        [$what, $when] = explode('.', $name.'.');
        $forecast = $this->draft->forecast;
        if ($what === 'volume') {
            return $this->draft->plan->vessel->volume();
        }
        if ($what === 'share') {
            return $this->draft->plan->addShare(Computation::of('change_sheet.title'));
        }
        if ($what === 'needed') {
            return $this->draft->needed;
        }
        if ($what === 'stream') {
            return $this->draft->warmth->working;
        }
        if ($what === 'depth') {
            return SwimmingDepth::working($this->draft->plan->vessel, $this->draft->mark);
        }
        if ($what === 'routine') {
            return Sizing::routinePeak($this->draft->plan, $this->draft->share(), $this->draft->tank->routine_days);
        }
        if ($what === 'ammonia') {
            return $when === 'next' ? $forecast->ammoniaNextDay() : $forecast->ammoniaAfter();
        }
        $parameter = Parameter::tryFrom($what);
        $outlook = $parameter === null ? null : $forecast->outlook($parameter);

        return $when === 'next' ? $outlook?->nextDayWorking() : $outlook?->afterWorking();
    }

    /** @return list<ChangeReason> that may be picked */
    public function reasons(): array
    {
        return ChangeReason::cases();
    }
}
