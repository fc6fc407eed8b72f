<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Drawing\SectionDrawing;
use App\Models\SourceWater;
use App\Units\Show;
use App\Units\TimeDifference;
use App\View\Finding;
use App\View\Names;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Estimate;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Sentence;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\WaterChange\Sizing;
use Cresco\Core\WaterChange\Untested;

/** What is to be said of a planned change, beside its figures. */
final readonly class ChangeFindings
{
    /** A reading older than this many days is asked for again. House default. */
    private const STALE_DAYS = 7;

    /** mg/L of carbon dioxide that pH and KH may come to together: less is in no water that air touches, more is in no tank. House defaults. */
    private const LEAST_CARBON_DIOXIDE = 0.02;

    private const MOST_CARBON_DIOXIDE = 200.0;

    public function __construct(private ChangeDraft $draft, private Show $show, private SectionDrawing $drawing) {}

    /** @return list<Finding> the most serious first */
    public function all(): array
    {
        $findings = [
            ...$this->impossible(),
            ...LimitFindings::of($this->draft->tank, $this->draft->forecast, $this->draft->mark, $this->draft->allowed->share, $this->show),
            ...$this->uncovered(),
            ...$this->dry(),
            ...$this->ammonia(),
            ...$this->unread(),
            ...$this->lately(),
            ...$this->series(),
            ...$this->readings(),
            ...$this->away(),
            ...$this->together(),
            ...$this->hinge(),
            ...$this->acidity(),
            ...$this->routine(),
            ...$this->flowing(),
            ...$this->refill(),
            ...$this->chlorine(),
        ];
        usort($findings, static fn(Finding $a, Finding $b): int => $a->rank() <=> $b->rank());

        return $findings;
    }

    /** @return list<Finding> low plants that the mark leaves in the air; tall ones lie down with the water and are wetted by it */
    private function dry(): array
    {
        $names = [];
        foreach ($this->drawing->plants as $plant) {
            if ($plant->isLow && $this->drawing->isDry($plant)) {
                $names[] = $plant->name;
            }
        }

        return $names === [] || $this->draft->plan->drained <= 0.05
            ? []
            : [new Finding(Finding::HEED, __('plants.dry_head'), trans_choice('plants.dry', count($names), ['names' => Names::list($names)]))];
    }

    /** @return list<Finding> */
    private function impossible(): array
    {
        return $this->draft->impossible === null ? [] : [
            new Finding(
                Finding::BEYOND,
                __($this->draft->isUntested ? 'change.impossible.untested' : 'change.impossible.head'),
                __('change.impossible.why', ['why' => $this->draft->impossible]),
            ),
        ];
    }

    /** @return list<Finding> */
    private function uncovered(): array
    {
        $found = [];
        foreach ($this->draft->levels as $level) {
            $cover = $level->coverAt($this->draft->mark);
            if ($cover < 0.0 && $this->draft->plan->drained > 0.0) {
                $found[] = new Finding(Finding::HEED, __('change.bare.head', ['what' => Sentence::from($level->name)]), __('change.bare.why', [
                    'top' => $this->show->level($level->top), 'mark' => $this->show
                        ->level($this->draft->mark), 'then' => __('names.when_bare.'.$level->device->value),
                ]), true);
            }
        }

        return $found;
    }

    /** @return list<Finding> what water costs that runs in and leaves again */
    private function flowing(): array
    {
        $plan = $this->draft->plan;
        if (!$plan->isWhileFilling() || $plan->drained <= 0.0) {
            return [];
        }
        $still = $plan->withInflow(0.0);
        $litres = $still->litresForShare($this->draft->share());

        return [new Finding(Finding::HEED, __('change.flowing.head'), __('change.flowing.why', [
            'mark' => $this->show->level($this->draft->mark), 'out' => $this->show->volume($plan->outflow()), 'litres' => $this->show->volume($litres),
            'lower' => $this->show->level($plan->vessel->markFor($litres + $plan->evaporated)),
        ]))];
    }

    /** @return list<Finding> */
    private function ammonia(): array
    {
        $found = [];
        $alarm = $this->draft->tank->needs()->ammoniaAlarm();
        foreach ([['after', $this->draft->forecast->ammoniaAfter()], ['next', $this->draft->forecast->ammoniaNextDay()]] as [$when, $free]) {
            // Far from the alarm the band need not be worked out.
            $high = $free === null || $free->value('NH3_N') < 0.1 * $alarm ? 0.0 : $free->estimate()->high();
            if ($high >= $alarm && $found === []) {
                $found[] = new Finding(
                    Finding::BEYOND,
                    __('change.ammonia.head'),
                    __('change.ammonia.why', ['high' => Show::plain($high, 3), 'when' => __('change.ammonia.'.$when), 'alarm' => Show::plain($alarm, 2)]),
                );
            }
        }

        return $found;
    }

    /** @return list<Finding> what nobody has read, so that nobody knows how far a change moves the water */
    private function unread(): array
    {
        $allowed = $this->draft->allowed;
        $aim = $this->draft->neededShare;
        if ($allowed->unread === [] || $this->draft->share() < 0.02) {
            return [];
        }
        $isBeyond = $aim === null && $this->draft->share() > $allowed->share + 1e-3;
        $of = fn(bool $inSource): string => implode(
            ', ',
            array_map(
                static fn(Untested $one): string => word($one->parameter),
                array_filter($allowed->unread, static fn(Untested $one): bool => $one->inSource === $inSource),
            ),
        );
        $tests = array_filter([
            $of(false) === '' ? '' : (string) __('change.unread.tank', ['what' => $of(false)]),
            $of(true) === '' ? '' : (string) __('change.unread.source', ['what' => $of(true), 'water' => $this->draft->plan->source->name]),
        ]);

        return [new Finding(
            $isBeyond ? Finding::BEYOND : Finding::HEED,
            __('change.unread.head', ['share' => $this->show->percent($allowed->share)]),
            __('change.unread.why', ['tests' => Names::list(array_values($tests))]),
            acts: ($of(false) === '' ? [] : ['/tanks/'.$this->draft->tank->id.'/test' => (string) __(
                'change.unread.test',
                ['name' => $this->draft->tank->name],
            )])
                + ($of(true) === '' ? [] : array_column(
                    array_map(
                        fn(SourceWater $water): array => [
                            '/source-waters/'.$water->id.'/test?tank='.$this->draft->tank->id,
                            (string) __('change.unread.test', ['name' => $water->name]),
                        ],
                        array_filter([$this->draft->input->first, $this->draft->input->second]),
                    ),
                    1,
                    0,
                )),
        )];
    }

    /** @return list<Finding> a change that was made a short time ago */
    private function lately(): array
    {
        $change = $this->draft->lately;
        if ($change === null || $this->draft->share() <= 0.0) {
            return [];
        }
        $days = $this->draft->tank->needs()->daysBetween();

        return [new Finding(Finding::HEED, __(
            'change.lately.head',
            ['share' => $this->show->percent($change->share), 'day' => $this->show->day($change->changed_at)],
        ), trans_choice('change.lately.why', $days, [
            'count' => $days, 'day' => $this->show->day($change->changed_at->addDays($days)),
        ]))];
    }

    /** @return list<Finding> */
    private function series(): array
    {
        $aim = $this->draft->neededShare;
        $allowed = $this->draft->allowed;
        if ($aim === null || $aim <= $allowed->share + 1e-6) {
            return [];
        }
        $by = match (true) {
            $this->draft->depthLimits => (string) __('change.series.depth'),
            $allowed->by !== null => word($allowed->by),
            $allowed->unread !== [] => (string) __('change.series.unread'),
            default => (string) __('change.series.tank'),
        };
        $text = [
            __('change.series.why', ['share' => $this->show->percent($aim), 'by' => $by, 'allowed' => $this->show->percent($allowed->share)]),
            match (true) {
                $this->draft->lately !== null => '',
                $this->draft->series > 12 || $this->draft->series < 1 => __('change.series.never'),
                default => trans_choice(
                    'change.series.many',
                    $this->draft->series,
                    ['count' => $this->draft->series, 'days' => $this->draft->tank->needs()->daysBetween()],
                ),
            },
            $this->draft->input->reason === ChangeReason::Treatment && $this->draft->depthLimits ? __('change.series.twice') : '',
        ];

        return [new Finding(Finding::HEED, __('change.series.head'), implode(' ', array_filter($text)))];
    }

    /** @return list<Finding> what is missing, old, censored or carried over */
    private function readings(): array
    {
        $found = [];
        $missing = $stale = $carried = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $reading = $this->draft->waters->now->readings[$parameter->value] ?? null;
            if ($this->draft->plan->tank->isAssumed($parameter)) {
                $carried[] = word($parameter);
            } elseif ($reading === null && !$parameter->entry()->isSideline) {
                $missing[] = word($parameter);
            } elseif ($reading !== null && $parameter === Parameter::Nitrate && TimeDifference::days($reading->taken_at, now()) > self::STALE_DAYS) {
                $stale[] = word($parameter).' ('.$this->show->day($reading->taken_at).')';
            }
            $core = $reading?->toCore();
            if ($core instanceof TestResult && $core->isCensored() && !$this->draft->plan->tank->isAssumed($parameter)) {
                $found[] = new Finding(
                    Finding::HEED,
                    __('change.over.head', ['what' => Sentence::from(word($parameter)), 'value' => $this->show->value($parameter, $core->value)]),
                    __($parameter->entry()->isDissolved ? 'change.over.dissolved' : 'change.over.other'),
                );
            }
        }
        // What is unread and caps the change is said already.
        $isCapped = $this->draft->allowed->unread !== [];
        if ($missing !== [] && !$isCapped) {
            $found[] = new Finding(
                Finding::HEED,
                __('change.missing.head'),
                trans_choice('change.missing.why', count($missing), ['what' => Sentence::from(implode(', ', $missing))]),
            );
        }
        if ($carried !== []) {
            $found[] = new Finding(
                Finding::HEED,
                __('change.carried.head'),
                trans_choice('change.carried.why', count($carried), ['what' => Sentence::from(implode(', ', $carried))]),
            );
        }
        if ($stale !== []) {
            $found[] = new Finding(Finding::HEED, __('change.stale.head'), __('change.stale.why', ['what' => implode(', ', $stale)]));
        }
        $unknown = array_values(array_filter(
            [Parameter::Nitrate, Parameter::CarbonateHardness, Parameter::GeneralHardness, Parameter::Conductivity],
            fn(Parameter $parameter): bool => !$this->draft->plan->source->has($parameter) || $this->draft->plan->source->isUsual($parameter),
        ));
        if ($unknown !== [] && !$isCapped) {
            $found[] = new Finding(
                Finding::HEED,
                __('change.unknown.head', ['water' => Sentence::from($this->draft->plan->source->name)]),
                __('change.unknown.why', ['what' => implode(', ', array_map(static fn(Parameter $p): string => word($p), $unknown))]),
            );
        }

        return $found;
    }

    /** @return list<Finding> whether the answer hangs on the reading */
    private function hinge(): array
    {
        $needed = $this->draft->needed;
        if ($needed === null || $this->draft->input->reason !== ChangeReason::Nitrate) {
            return [];
        }
        $estimate = $needed->estimate();
        $even = max(0.0, $estimate->quantile(0.5));
        $sure = max(0.0, $estimate->quantile(0.9));
        if ($sure <= 0.0) {
            return [new Finding(Finding::GOOD, __('change.hinge.under'), __('change.hinge.under_why'))];
        }
        $goal = $this->draft->input->nitrateGoal;
        $share = $this->draft->forecast->outlook(Parameter::Nitrate)->after()?->shareAtMost($goal) ?? 0.0;
        $text = __('change.hinge.why', ['even' => $this->show->volume($even), 'sure' => $this->show->volume($sure)]).' '
            .__($sure - $even > 0.05 * $this->draft->plan->vessel->litres() ? 'change.hinge.hinges' : 'change.hinge.sharp');

        return [new Finding(
            $share >= 0.85 ? Finding::GOOD : Finding::HEED,
            __(
                $share >= 0.5 ? 'change.hinge.head' : 'change.hinge.unlikely',
                ['goal' => $this->show->limit(Parameter::Nitrate, $goal), 'chance' => $this->show->percent($this->inTwentieths($share))],
            ),
            $text,
        )];
    }

    /** @return list<Finding> */
    private function acidity(): array
    {
        $outlook = $this->draft->forecast->outlook(Parameter::Acidity);
        if ($outlook->now === null || $outlook->after() === null || $outlook->nextDay() === null) {
            return [];
        }
        if (!$outlook->isForetold()) {
            $band = fn(Estimate $estimate): string => (string) __(
                'change.acidity.band',
                ['low' => Show::rounded($estimate->low(), 1), 'high' => Show::rounded($estimate->high(), 1)],
            );

            return [new Finding(
                Finding::HEED,
                __('change.acidity.open'),
                __('change.acidity.open_why', ['after' => $band($outlook->after()), 'next' => $band($outlook->nextDay())]),
            )];
        }
        $first = $outlook->after()->central() - $outlook->now->central();
        $lasting = $outlook->nextDay()->central() - $outlook->now->central();
        $soft = $this->draft->plan->tank->central(Parameter::CarbonateHardness, 1.0) < Carbonate::SOFT;
        $head = match (true) {
            abs($first) < 0.05 && abs($lasting) < 0.05 => __('change.acidity.stays'),
            abs($lasting) < 0.5 * abs($first) => __('change.acidity.back'),
            default => __('change.acidity.settles', ['ph' => Show::rounded($outlook->nextDay()->central(), 1)]),
        };
        $text = $this->draft->plan->setPoint !== null
            ? __('change.acidity.controlled')
            : __('change.acidity.why', ['ph' => Show::rounded($outlook->after()->central(), 2)]);

        return [new Finding(Finding::GOOD, $head, $text.($soft ? ' '.__('change.acidity.soft') : ''))];
    }

    /** @return list<Finding> */
    private function routine(): array
    {
        $source = $this->draft->plan->source;
        if ($this->draft->input->reason !== ChangeReason::Routine || $source->isUsual(Parameter::Nitrate)) {
            return [];
        }
        $peak = Sizing::routinePeak($this->draft->plan, $this->draft->share(), $this->draft->tank->routine_days);
        if ($peak === null) {
            return [];
        }

        $limit = $this->draft->tank->needs()->range(Parameter::Nitrate)[1] ?? null;
        if ($limit !== null && $this->base($peak)->central() > $limit) {
            return [new Finding(
                Finding::BEYOND,
                __(
                    'change.routine.over',
                    ['peak' => $this->show->band(Parameter::Nitrate, $this->base($peak)), 'limit' => $this->show->limit(Parameter::Nitrate, $limit)],
                ),
                __('change.routine.over_why'),
            )];
        }

        return [new Finding(
            Finding::GOOD,
            __('change.routine.head', ['peak' => $this->show->band(Parameter::Nitrate, $this->base($peak))]),
            __('change.routine.why', ['every' => Names::every($this->draft->tank->routine_days)]),
        )];
    }

    /** @return list<Finding> */
    private function refill(): array
    {
        $warmth = $this->draft->warmth;
        if ($this->draft->share() < 0.02) {
            return [];
        }
        $degrees = fn(float $celsius): string => $this->show->value(Parameter::Temperature, $celsius);
        if ($this->draft->input->stream !== null) {
            return [];
        }
        $head = __('change.refill.head', ['warmth' => $degrees($warmth->stream)]);
        if ($this->draft->input->landing === null) {
            return [new Finding(Finding::GOOD, $head, __($warmth->isRead ? 'change.refill.same' : 'change.refill.unread'))];
        }
        $changes = $warmth->changes();
        $text = [
            __('change.refill.lands', ['warmth' => $degrees($warmth->lands)]),
            $changes === 1 ? '' : trans_choice('change.refill.changes', $changes, ['warmth' => $degrees($warmth->wish), 'count' => $changes]),
        ];

        return [new Finding($changes === 1 ? Finding::GOOD : Finding::HEED, $head, implode(' ', array_filter($text)))];
    }

    /** @return list<Finding> what tap water takes before it goes in */
    private function chlorine(): array
    {
        $tap = SessionPlan::tapShare($this->draft);
        $plan = $this->draft->plan;
        if ($tap <= 0.0 || $this->draft->share() < 0.02) {
            return [];
        }

        return [new Finding(Finding::HEED, __('change.chlorine.head'), __('change.chlorine.why', [
            'new' => (string) DechlorinatorDose::words($this->draft, $tap * $plan->refill() / $plan->drains), 'tap' => $this->show
                ->volume($tap * $plan->refill() / $plan->drains, 1),
            'tank' => (string) DechlorinatorDose::words($this->draft, $plan->vessel->litres()),
        ]), true)];
    }

    /** @return list<Finding> waters that lead away from what the animals are kept at */
    private function away(): array
    {
        $names = [];
        foreach ([Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Conductivity] as $parameter) {
            $range = $this->draft->tank->needs()->range($parameter);
            $outlook = $this->draft->forecast->outlook($parameter);
            $source = $this->draft->plan->source->get($parameter)?->central();
            $after = $outlook->after()?->central();
            if ($range === null || $source === null || $after === null || $outlook->now === null || $this->draft->share() < 0.02) {
                continue;
            }
            $out = static fn(float $value): float => max(0.0, $range[0] - $value, $value - $range[1]);
            // Changed often enough, the tank becomes what goes in.
            if ($out($source) > 0.02 * $range[1] && $out($after) >= $out($outlook->now->central()) - 1e-9) {
                $names[] = __(
                    'change.away.one',
                    [
                        'what' => label($parameter), 'value' => $this->show->value($parameter, $source),
                        'low' => $this->show->limitNumber($parameter, $range[0]), 'high' => $this->show->limit($parameter, $range[1]),
                    ],
                );
            }
        }

        return $names === []
            ? []
            : [new Finding(
                Finding::HEED,
                __('change.away.head'),
                __('change.away.why', ['water' => Sentence::from($this->draft->plan->source->name), 'what' => implode('; ', $names)]),
            )];
    }

    /** @return list<Finding> readings of pH and KH that cannot both be true */
    private function together(): array
    {
        $now = $this->draft->plan->tank;
        $kh = $now->get(Parameter::CarbonateHardness)?->central();
        $ph = $now->get(Parameter::Acidity)?->central();
        if ($kh === null || $ph === null || $now->isAssumed(Parameter::Acidity)) {
            return [];
        }
        $carbonDioxide = Carbonate::carbonDioxide(
            $ph,
            $kh,
            max(0.0, min(45.0, $now->central(Parameter::Temperature, 24.0))),
            max(0.0, $now->central(Parameter::Conductivity, 250.0)),
        );

        return $kh >= Carbonate::SOFT && ($carbonDioxide > self::MOST_CARBON_DIOXIDE || $carbonDioxide < self::LEAST_CARBON_DIOXIDE) ? [new Finding(Finding::HEED, __('change.together.head'), __('change.together.why', [
            'ph' => $this->show->number(Parameter::Acidity, $ph), 'kh' => $this->show
                ->value(Parameter::CarbonateHardness, $kh), 'gas' => Show::plain($carbonDioxide, $carbonDioxide < 1 ? 2 : 0),
        ]))] : [];
    }

    private function base(Computation $working): Distribution
    {
        $unit = $this->show->unit(Parameter::Nitrate);

        return $working->estimate()->scaled($unit->widthToBase(1.0), $unit->toBase(0.0));
    }

    /** No share is surer than the tests that it rests on. */
    private function inTwentieths(float $share): float
    {
        return min(0.95, floor($share * 20.0 + 0.1) / 20.0);
    }
}
