<?php

declare(strict_types=1);

namespace App\View;

use App\Change\Draft;
use App\Change\Reason;
use App\Known\DrainOf;
use App\Units\Show;
use Cresco\Core\Change\Dilution;
use Cresco\Core\Change\Sizing;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Reading;
use Cresco\Core\Tank\StandingDepth;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Estimate;

/** The change sheet in the keeper's units and words. */
final class ChangeSheet
{
    /** A reading older than this many days is asked for again. House default. */
    private const STALE_DAYS = 7;

    /** mg/L of carbon dioxide that pH and KH may come to together: less is in no water that air touches, more is in no tank. House defaults. */
    private const LEAST_CARBON_DIOXIDE = 0.02;

    private const MOST_CARBON_DIOXIDE = 200.0;

    public readonly SectionDrawing $drawing;

    /** @var list<FigureRow>|null */
    private ?array $rows = null;

    public function __construct(public readonly Draft $draft, public readonly Show $show)
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
            DrawnStands::now($draft->tank),
        );
    }

    /** Whether plants are drawn that a dose would be for. */
    public function feedsPlants(): bool
    {
        return $this->draft->tank->stands()->exists();
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
        $drain = DrainOf::tank($this->draft->tank, $plan->drained, $this->draft->input->waterline);
        if ($plan->isWhileFilling()) {
            return $drain->arrives ? sprintf('about %d min by hose', max(1, (int) round($drain->minutes() / (1.0 - $plan->inflow)))) : 'not to the mark by hose';
        }
        $each = $plan->drains > 1 ? ' each time' : '';

        return sprintf('%d %s or %s by hose%s', $buckets, $buckets === 1 ? 'bucket' : 'buckets', $drain->arrives ? 'about '.max(1, (int) round($drain->minutes())).' min' : 'not to the mark', $each);
    }

    /** @return list<FigureRow> */
    public function rows(): array
    {
        return $this->rows ??= $this->makeRows();
    }

    /** @return list<FigureRow> */
    private function makeRows(): array
    {
        $rows = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $outlook = $this->draft->forecast->outlook($parameter);
            $range = $this->draft->tank->needs()->range($parameter);
            $goal = match ([$parameter, $this->draft->input->reason]) {
                [Parameter::Nitrate, Reason::Nitrate] => $this->draft->input->nitrateGoal,
                [Parameter::Conductivity, Reason::Conductivity] => $this->draft->input->conductivityGoal,
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
            $rows[] = new FigureRow(
                $outlook,
                [$low - $margin, $high + $margin],
                $range,
                $goal,
                $allowed !== null && abs((float) $outlook->swing()) > $allowed * 1.001,
                match (true) {
                    $range === null || $outlook->after() === null => null,
                    $outlook->after()->central() > $range[1] => 'high',
                    $outlook->after()->central() < $range[0] => 'low',
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
        foreach ([Parameter::Acidity, Parameter::CarbonateHardness, Parameter::GeneralHardness, Parameter::Conductivity, Parameter::Temperature] as $parameter) {
            $limits[] = [$parameter->label(), $parameter === Parameter::Conductivity
                ? '± '.$this->show->percent($swing->ecShare)
                : '± '.$this->show->width($parameter, (float) $swing->allowed($parameter, 1.0))];
        }
        if ($this->draft->tank->fish_height > 0.0) {
            $limits[] = ['Standing depth', '≥ '.$this->show->level(StandingDepth::needed($this->draft->tank->fish_height))];
        }

        return $limits;
    }

    /** @return list<string> the source in figures, for the side of the sheet */
    public function sourceFacts(): array
    {
        $facts = [];
        foreach ([Parameter::Nitrate, Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Acidity, Parameter::Conductivity] as $parameter) {
            $value = $this->draft->plan->source->get($parameter);
            if ($value !== null) {
                $facts[] = $parameter->label().' '.$this->show->value($parameter, $value->central()).($this->draft->plan->source->isAssumed($parameter) ? ' (assumed)' : '');
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
        $query = ['tank' => $tank->id, 'litres' => Show::plain($tank->keeper->volume_unit->fromLitres(max(1.0, $plan->outflow())), 1), 'share' => Show::plain(max(1.0, 100.0 * $this->draft->share()), 1)];
        $now = $this->draft->forecast->outlook(Parameter::Conductivity)->now;
        if ($this->draft->input->reason === Reason::Conductivity && $this->draft->input->conductivityGoal !== null && $now !== null && $this->draft->share() > 0.01) {
            $query['ec'] = Show::plain($this->show->unit(Parameter::Conductivity)->fromBase(max(0.0, Dilution::corrective($now->central(), $this->draft->input->conductivityGoal, $this->draft->share()))), 0);
        }

        return '/bench?'.http_build_query($query);
    }

    /** @return list<Finding> most serious first */
    public function findings(): array
    {
        return once($this->found(...));
    }

    /** @return list<Finding> */
    private function found(): array
    {
        $findings = [
            ...$this->impossible(),
            ...BeyondLimits::of($this->draft->tank, $this->draft->forecast, $this->draft->mark, $this->draft->allowedShare, $this->show),
            ...$this->uncovered(),
            ...$this->dry(),
            ...$this->ammonia(),
            ...$this->series(),
            ...$this->readings(),
            ...$this->away(),
            ...$this->together(),
            ...$this->hinge(),
            ...$this->acidity(),
            ...$this->routine(),
            ...$this->flowing(),
            ...$this->refill(),
        ];
        usort($findings, static fn(Finding $a, Finding $b): int => $a->rank() <=> $b->rank());

        return $findings;
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
            return $this->draft->plan->addShare(Computation::of('Share of new water'));
        }
        if ($what === 'needed') {
            return $this->draft->needed;
        }
        if ($what === 'stream') {
            return $this->draft->warmth->working;
        }
        if ($what === 'depth') {
            return StandingDepth::working($this->draft->plan->vessel, $this->draft->mark);
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

    /** @return list<Finding> low plants that the mark leaves in the air; tall ones lie down with the water and are wetted by it */
    private function dry(): array
    {
        $names = [];
        foreach ($this->drawing->plants as $plant) {
            if ($plant->isLow && $this->drawing->isDry($plant)) {
                $names[] = $plant->name;
            }
        }

        return $names === [] || $this->draft->plan->drained <= 0.05 ? [] : [new Finding(Finding::HEED, __('plants.dry_head'), trans_choice('plants.dry', count($names), ['names' => Words::list($names)]))];
    }

    /** @return list<Finding> */
    private function impossible(): array
    {
        return $this->draft->impossible === null ? [] : [
            new Finding(Finding::BEYOND, 'It cannot be done with this water.', ucfirst($this->draft->impossible).'. Shown instead: the usual share.'),
        ];
    }

    /** @return list<Finding> */
    private function uncovered(): array
    {
        $found = [];
        foreach ($this->draft->levels as $level) {
            $cover = $level->coverAt($this->draft->mark);
            if ($cover < 0.0 && $this->draft->plan->drained > 0.0) {
                $found[] = new Finding(Finding::HEED, sprintf('%s bare at this mark.', ucfirst($level->name)), sprintf(
                    'It begins %s below the rim, the mark is at %s: %s. The run sheet has it off first.',
                    $this->show->level($level->top),
                    $this->show->level($this->draft->mark),
                    $level->device->whenBare(),
                ));
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

        return [new Finding(Finding::HEED, 'New water leaves with the old.', sprintf(
            'The level falls to %s only, but %s leave. Drained first and filled up after, %s would do the same, down to %s.',
            $this->show->level($this->draft->mark),
            $this->show->volume($plan->outflow()),
            $this->show->volume($litres),
            $this->show->level($plan->vessel->markFor($litres + $plan->evaporated)),
        ))];
    }

    /** @return list<Finding> */
    private function ammonia(): array
    {
        $found = [];
        $alarm = $this->draft->tank->animals->ammoniaAlarm();
        foreach ([['right after', $this->draft->forecast->ammoniaAfter()], ['next day', $this->draft->forecast->ammoniaNextDay()]] as [$when, $free]) {
            // Far from the alarm the band need not be worked out.
            $high = $free === null || $free->value('NH3_N') < 0.1 * $alarm ? 0.0 : $free->estimate()->high();
            if ($high >= $alarm && $found === []) {
                $found[] = new Finding(Finding::BEYOND, 'Free ammonia reaches the alarm.', sprintf(
                    'Up to %s mg/L NH₃-N %s, alarm at %s. Ammonium turns into ammonia as pH rises: change less, or water of lower pH, and find where it comes from.',
                    Show::plain($high, 3),
                    $when,
                    Show::plain($alarm, 2),
                ));
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private function series(): array
    {
        $aim = $this->draft->neededShare;
        if ($aim === null || $aim <= $this->draft->allowedShare + 1e-6) {
            return [];
        }
        $by = match (true) {
            $this->draft->depthLimits => 'the depth the fish stand in',
            $this->draft->allowedBy !== null => $this->draft->allowedBy->word(),
            default => 'the tank',
        };
        $text = sprintf('All at once would take %s of the water; %s allows %s.', $this->show->percent($aim), $by, $this->show->percent($this->draft->allowedShare));
        $text .= match (true) {
            $this->draft->series > 12, $this->draft->series < 1 => ' With this source that is no way to get there: a softer or closer-matched water is.',
            default => sprintf(' %d changes of this size get there, %d days apart.', $this->draft->series, $this->draft->tank->animals->daysBetween()),
        };
        if ($this->draft->input->reason === Reason::Treatment && $this->draft->depthLimits) {
            $text .= ' Draining twice or three times in one session gets further: two drains of one half leave a quarter.';
        }

        return [new Finding(Finding::HEED, 'Not in one change.', $text)];
    }

    /** @return list<Finding> what is missing, old, censored or carried over */
    private function readings(): array
    {
        $found = [];
        $missing = $stale = $carried = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $reading = $this->draft->waters->now->readings[$parameter->value] ?? null;
            if ($this->draft->plan->tank->isAssumed($parameter)) {
                $carried[] = $parameter->word();
            } elseif ($reading === null && !$parameter->entry()->isSideline) {
                $missing[] = $parameter->word();
            } elseif ($reading !== null && $parameter === Parameter::Nitrate && $reading->taken_at->diffInDays(now()) > self::STALE_DAYS) {
                $stale[] = sprintf('%s (%s)', $parameter->word(), $this->show->day($reading->taken_at));
            }
            $core = $reading?->toCore();
            if ($core instanceof Reading && $core->isCensored() && !$this->draft->plan->tank->isAssumed($parameter)) {
                $found[] = new Finding(Finding::HEED, sprintf('%s is only known to be over %s.', ucfirst($parameter->word()), $this->show->value($parameter, $core->value)), $parameter->entry()->isDissolved
                    ? 'The chart ends there. Mix the sample half and half with RO or distilled water, test again and double what you read.'
                    : 'The chart ends there. A pen, or a kit for a higher range, tells how far beyond it is.');
            }
        }
        if ($missing !== []) {
            $found[] = new Finding(Finding::HEED, 'Not read yet.', ucfirst(implode(', ', $missing)).' of the tank: no forecast for '.(count($missing) === 1 ? 'it' : 'them').'.');
        }
        if ($carried !== []) {
            $found[] = new Finding(Finding::HEED, 'Carried over from the last forecast.', ucfirst(implode(', ', $carried)).' '.(count($carried) === 1 ? 'was' : 'were').' not read since the last change.');
        }
        if ($stale !== []) {
            $found[] = new Finding(Finding::HEED, 'Read a while ago.', 'A fresh reading would do more for this forecast than anything else: '.implode(', ', $stale).'.');
        }
        $unknown = array_values(array_filter(
            [Parameter::Nitrate, Parameter::CarbonateHardness, Parameter::GeneralHardness, Parameter::Conductivity],
            fn(Parameter $parameter): bool => !$this->draft->plan->source->has($parameter),
        ));
        if ($unknown !== []) {
            $found[] = new Finding(Finding::HEED, sprintf('%s is not fully known.', ucfirst($this->draft->plan->source->name)), 'Not read: '.implode(', ', array_map(static fn(Parameter $p): string => $p->word(), $unknown)).'.');
        }

        return $found;
    }

    /** @return list<Finding> whether the answer hangs on the reading */
    private function hinge(): array
    {
        $needed = $this->draft->needed;
        if ($needed === null || $this->draft->input->reason !== Reason::Nitrate) {
            return [];
        }
        $estimate = $needed->estimate();
        $even = max(0.0, $estimate->quantile(0.5));
        $sure = max(0.0, $estimate->quantile(0.9));
        if ($sure <= 0.0) {
            return [new Finding(Finding::GOOD, 'Nitrate is under the goal already.', 'Even if the test reads low: nine times out of ten it is. A change is not needed for its sake.')];
        }
        $goal = $this->draft->input->nitrateGoal;
        $share = $this->draft->forecast->outlook(Parameter::Nitrate)->after()?->shareAtMost($goal) ?? 0.0;
        $text = sprintf('%s would do if the reading is right, %s nine times out of ten, as far off as it may be. ', $this->show->volume($even), $this->show->volume($sure));
        $hinges = $sure - $even > 0.05 * $this->draft->plan->vessel->litres();
        $text .= $hinges
            ? 'The difference is the reading: a second test, or one with finer steps, settles it.'
            : 'The reading is sharp enough.';

        return [new Finding($share >= 0.85 ? Finding::GOOD : Finding::HEED, sprintf('Under %s, %s times out of ten.', $this->show->value(Parameter::Nitrate, $goal), $this->tenths($share)), $text)];
    }

    /** @return list<Finding> */
    private function acidity(): array
    {
        $outlook = $this->draft->forecast->outlook(Parameter::Acidity);
        if ($outlook->now === null || $outlook->after() === null || $outlook->nextDay() === null) {
            return [];
        }
        if (!$outlook->isForetold()) {
            $band = fn(Estimate $estimate): string => Show::rounded($estimate->low(), 1).' to '.Show::rounded($estimate->high(), 1);

            return [new Finding(Finding::HEED, 'pH cannot be foretold.', sprintf(
                'So little KH holds it that humic acids, soil and CO₂ decide: anything from %s right after, %s tomorrow, and one time in five beyond even that. Change little, and read it.',
                $band($outlook->after()),
                $band($outlook->nextDay()),
            ))];
        }
        $first = $outlook->after()->central() - $outlook->now->central();
        $lasting = $outlook->nextDay()->central() - $outlook->now->central();
        $soft = $this->draft->plan->tank->central(Parameter::CarbonateHardness, 1.0) < Carbonate::SOFT;
        $head = match (true) {
            abs($first) < 0.05 && abs($lasting) < 0.05 => 'pH hardly moves.',
            abs($lasting) < 0.5 * abs($first) => 'pH comes back by tomorrow.',
            default => sprintf('pH settles near %s.', Show::rounded($outlook->nextDay()->central(), 1)),
        };
        $text = $this->draft->plan->setPoint !== null
            ? 'The controller brings it back; CO₂ follows KH.'
            : sprintf('Right after it is %s, because the new water brings its own CO₂. Overnight CO₂ returns to its level, and KH alone decides.', Show::rounded($outlook->after()->central(), 2));
        if ($soft) {
            $text .= ' Under 1 degree of KH other buffers count as much, so the band is wide.';
        }

        return [new Finding(Finding::GOOD, $head, $text)];
    }

    /** @return list<Finding> */
    private function routine(): array
    {
        if ($this->draft->input->reason !== Reason::Routine) {
            return [];
        }
        $peak = $this->working('routine');
        if ($peak === null) {
            return [];
        }

        return [new Finding(Finding::GOOD, sprintf('Kept up, nitrate peaks at %s.', $this->show->band(Parameter::Nitrate, $this->base($peak))), sprintf('Before each change, %s, once the routine has settled.', Words::every($this->draft->tank->routine_days)))];
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
        $head = sprintf('Let it in at %s.', $degrees($warmth->stream));
        if ($this->draft->input->landing === null) {
            return [new Finding(Finding::GOOD, $head, $warmth->isRead
                ? 'As warm as the tank is: its animals notice nothing.'
                : 'The tank was not read; this is what its heater is to hold. Hold a thermometer in it first.')];
        }
        $changes = $warmth->changes();
        $text = sprintf('Then the tank stands at %s at once.', $degrees($warmth->lands));
        if ($changes > 1) {
            $text .= sprintf(' For %s it takes %d changes like this one: no more at once than these animals stand, and no water that shocks those at the inlet.', $degrees($warmth->wish), $changes);
        } elseif ($changes === 0) {
            $text .= sprintf(' So small a change does not bring it to %s.', $degrees($warmth->wish));
        }

        return [new Finding($changes === 1 ? Finding::GOOD : Finding::HEED, $head, $text)];
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
                $names[] = sprintf('%s %s, kept at %s to %s', $parameter->label(), $this->show->value($parameter, $source), $this->show->number($parameter, $range[0]), $this->show->value($parameter, $range[1]));
            }
        }

        return $names === [] ? [] : [new Finding(Finding::HEED, 'This water leads away from the range.', ucfirst($this->draft->plan->source->name).': '.implode('; ', $names).'. Change after change the tank becomes what goes in: mix it on the bench, or choose another water.')];
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
        $carbonDioxide = Carbonate::carbonDioxide($ph, $kh, max(0.0, min(45.0, $now->central(Parameter::Temperature, 24.0))), max(0.0, $now->central(Parameter::Conductivity, 250.0)));

        return $kh >= Carbonate::SOFT && ($carbonDioxide > self::MOST_CARBON_DIOXIDE || $carbonDioxide < self::LEAST_CARBON_DIOXIDE) ? [new Finding(Finding::HEED, 'pH and KH do not go together.', sprintf(
            'pH %s with KH %s would mean %s mg/L of CO₂. One of the two tests is off, or the pen wants calibrating: what pH will do is a guess until then.',
            $this->show->number(Parameter::Acidity, $ph),
            $this->show->value(Parameter::CarbonateHardness, $kh),
            Show::plain($carbonDioxide, $carbonDioxide < 1 ? 2 : 0),
        ))] : [];
    }

    private function base(Computation $working): Distribution
    {
        $unit = $this->show->unit(Parameter::Nitrate);

        return $working->estimate()->scaled($unit->widthToBase(1.0), $unit->toBase(0.0));
    }

    private function tenths(float $share): string
    {
        return ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'nine'][(int) min(10, floor($share * 10.0 + 0.1))];
    }
}
