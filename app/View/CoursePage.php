<?php

declare(strict_types=1);

namespace App\View;

use App\Known\GasOf;
use App\Known\LightOf;
use App\Known\StandGrowth;
use App\Models\EntryKind;
use App\Models\Tank;
use App\Models\TopUp;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Algae\Hints;
use Cresco\Core\Measure\Method;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Reading as CoreReading;
use Cresco\Core\Watch\Gauge;
use Cresco\Core\Water\DissolvedGas;
use Illuminate\Support\Facades\DB;

/** What was read, given and done in a tank on one axis of time, so that the eye finds what the reckoning says. */
final class CoursePage
{
    /** Days that can be looked at at once. */
    public const SPANS = [28, 91, 182, 365, 1095];

    /** Width of the sheet, where its strips begin, and the height of one. */
    public const WIDTH = 1000.0;

    public const LEFT = 128.0;

    public const RIGHT = 12.0;

    public const HIGH = 76.0;

    public const GAP = 14.0;

    /** Room for the marks above the strips. */
    public const TOP = 26.0;

    /** Marks that are drawn and told at most, and bars of one series. */
    private const MOST = [60, 1500];

    /** Days above which it is years, and the series that are shown then. */
    private const LONG = 365;

    private const OVER_YEARS = ['nitrate', 'ph', 'carbonate_hardness', 'conductivity', 'light', 'doses', 'top_ups'];

    /** Stretches of time of which the lowest and the highest reading are drawn. */
    private const STRETCHES = 90;

    public readonly Show $show;

    public readonly CarbonImmutable $from;

    /** @var list<TimeLine>|null */
    private ?array $lines = null;

    /** @var list<array{at: CarbonImmutable, x: float, kind: EntryKind, title: string}>|null */
    private ?array $marks = null;

    private ?Axis $time = null;

    /**
     * @param CarbonImmutable $until  end of the last day that is shown
     * @param list<string>    $picked series; the usual ones when none is
     */
    public function __construct(public readonly Tank $tank, public readonly int $span, public readonly CarbonImmutable $until, public readonly array $picked = [], public readonly ?string $sign = null)
    {
        $this->show = $tank->keeper->show();
        $this->from = $until->subDays($span);
    }

    /** @return array<string, string> names of all series that there are, by key */
    public function series(): array
    {
        $names = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $names[$parameter->value] = $parameter->label();
        }

        return $names + ['gas' => __('course.gas'), 'light' => __('course.light'), 'doses' => __('course.doses'), 'top_ups' => __('course.top_ups'), 'growth' => __('course.growth'), 'film' => __('course.film')] + array_combine(array_map(static fn(Gauge $gauge): string => $gauge->value, Gauge::cases()), array_map(static fn(Gauge $gauge): string => (string) __('gauge.'.$gauge->value.'.label'), Gauge::cases()));
    }

    public function isShown(string $key): bool
    {
        // Over years the four that tell most stand there until others are picked.
        return $this->picked === [] ? $this->span <= self::LONG || in_array($key, self::OVER_YEARS, true) : in_array($key, $this->picked, true);
    }

    /** @return list<TimeLine> */
    public function lines(): array
    {
        if ($this->lines !== null) {
            return $this->lines;
        }
        $readings = $this->readings();
        $lines = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $found = $readings[$parameter->value] ?? [];
            if ($found !== [] && (count($found) > 1 || $this->picked !== [])) {
                $lines[] = $this->line($parameter, $found);
            }
        }

        return $this->lines = array_values(array_filter([...$lines, $this->gas(), $this->light(), $this->doses(), $this->topUps(), $this->growth(), $this->film(), ...$this->gauges()]));
    }

    /** @return array<string, list<array{int, CoreReading}>> second and reading by parameter value; of many within a stretch the lowest and the highest */
    private function readings(): array
    {
        $shown = array_values(array_filter(Parameter::ofTanks(), fn(Parameter $parameter): bool => $this->isShown($parameter->value)));
        $stretch = max(1.0, $this->span * 86400.0 / self::STRETCHES);
        $kept = [];
        foreach (DB::table('readings')->where('tank_id', $this->tank->id)->whereIn('parameter', $shown)->whereBetween('taken_at', [$this->from, $this->until])->orderBy('parameter')->orderBy('taken_at')->get(['parameter', 'method', 'value', 'low', 'high', 'taken_at']) as $row) {
            if (!is_string($row->parameter) || !is_string($row->method) || !is_string($row->taken_at) || !is_numeric($row->value) || !is_numeric($row->low) || !is_numeric($row->high)) {
                continue;
            }
            $at = (int) strtotime($row->taken_at.' UTC');
            $one = [$at, $row->method, (float) $row->value, (float) $row->low, (float) $row->high];
            $of = (int) floor(($at - $this->from->getTimestamp()) / $stretch);
            $ends = $kept[$row->parameter][$of] ?? null;
            $kept[$row->parameter][$of] = $ends === null ? [$one, $one] : [$one[2] < $ends[0][2] ? $one : $ends[0], $one[2] >= $ends[1][2] ? $one : $ends[1]];
        }
        $readings = [];
        foreach ($kept as $name => $stretches) {
            foreach ($stretches as [$lowest, $highest]) {
                foreach ($lowest === $highest ? [$lowest] : ($lowest[0] <= $highest[0] ? [$lowest, $highest] : [$highest, $lowest]) as [$at, $method, $value, $low, $high]) {
                    $readings[$name][] = [$at, CoreReading::kept(Parameter::from($name), Method::from($method), $value, $low, $high)];
                }
            }
        }

        return $readings;
    }

    /** @param non-empty-list<array{int, CoreReading}> $readings */
    private function line(Parameter $parameter, array $readings): TimeLine
    {
        $unit = $this->show->unit($parameter);
        $values = [];
        foreach ($readings as [$at, $reading]) {
            $distribution = $reading->distribution();
            $values[] = [$this->x($at), $distribution->central(), $distribution->quantile(0.1), $distribution->quantile(0.9)];
        }
        $low = min(INF, ...array_column($values, 2));
        $high = max(-INF, ...array_column($values, 3));
        $room = max(1e-9, $high - $low, 0.02 * abs($high));
        [$bottom, $top] = [$low - 0.08 * $room, $high + 0.08 * $room];
        $y = (new Axis($bottom, $top, self::HIGH, 0.0))->at(...);
        $range = $this->tank->needs()->range($parameter);

        return new TimeLine(
            $parameter->value,
            $parameter->label(),
            $unit->label,
            array_map(static fn(array $value): array => [$value[0], $y($value[1]), $y($value[2]), $y($value[3])], $values),
            [],
            $range === null ? null : [$y($range[1]), $y($range[0])],
            [$this->show->number($parameter, $high), $this->show->number($parameter, $low)],
            __('course.said', ['what' => $parameter->label(), 'count' => count($readings), 'from' => $this->show->value($parameter, $values[0][1]), 'to' => $this->show->value($parameter, $values[count($values) - 1][1]), 'low' => $this->show->value($parameter, $low), 'high' => $this->show->value($parameter, $high)]),
        );
    }

    /** @return list<TimeLine> what the equipment did */
    private function gauges(): array
    {
        $lines = [];
        foreach ($this->gaugesNoted() as $name => $noted) {
            $gauge = Gauge::from($name);
            $high = max(1.0, ...array_column($noted, 1));
            $y = (new Axis(0.0, 1.05 * $high, self::HIGH, 0.0))->at(...);
            $words = static fn(float $value): string => GaugeLine::value($gauge, $value);
            $lines[] = new TimeLine(
                $name,
                (string) __('gauge.'.$name.'.label'),
                GaugeLine::unit($gauge),
                array_map(fn(array $one): array => [$this->x($one[0]), $y($one[1]), $y($one[1]), $y($one[1])], $noted),
                [],
                null,
                [Show::plain($high, 0), '0'],
                __('course.said', ['what' => __('gauge.'.$name.'.label'), 'count' => count($noted), 'from' => $words($noted[0][1]), 'to' => $words($noted[count($noted) - 1][1]), 'low' => $words(min(array_column($noted, 1))), 'high' => $words($high)]),
            );
        }

        return $lines;
    }

    /** @return array<string, non-empty-list<array{int, float}>> second and value, by gauge */
    public function gaugesNoted(): array
    {
        $shown = array_values(array_filter(Gauge::cases(), fn(Gauge $gauge): bool => $this->isShown($gauge->value)));
        $noted = [];
        foreach ($shown === [] ? [] : $this->tank->gaugeNotes()->whereIn('gauge', $shown)->whereDate('day', '>=', $this->show->local($this->from)->format('Y-m-d'))->whereDate('day', '<=', $this->show->local($this->until)->format('Y-m-d'))->reorder()->orderBy('day')->limit(self::MOST[1])->get() as $note) {
            $noted[$note->gauge->value][] = [$note->day->setTime(12, 0)->getTimestamp(), $note->value];
        }

        return $noted;
    }

    /** Carbon dioxide by pH and KH. */
    private function gas(): ?TimeLine
    {
        $found = $this->gasFound();
        if (count($found) < ($this->picked === [] ? 2 : 1)) {
            return null;
        }
        $most = 1.08 * max(array_map(static fn(array $one): float => $one['gas']->high, $found));
        $y = (new Axis(0.0, $most, self::HIGH, 0.0))->at(...);
        $words = static fn(float $gas): string => Show::plain($gas, $gas < 10.0 ? 1 : 0);

        return new TimeLine(
            'gas',
            __('course.gas'),
            'mg/L',
            array_map(fn(array $one): array => [$this->x($one['at']), $y($one['gas']->level), $y($one['gas']->low), $y($one['gas']->high)], $found),
            [],
            [$y(min($most, DissolvedGas::HARMS)), $y(0.0)],
            [$words($most), '0'],
            __('course.gas_said', ['count' => count($found), 'from' => $words($found[0]['gas']->level), 'to' => $words($found[count($found) - 1]['gas']->level), 'harms' => Show::plain(DissolvedGas::HARMS, 0)]),
        );
    }

    /** @return list<array{at: int, gas: DissolvedGas}> on days on which it can be said */
    public function gasFound(): array
    {
        return $this->isShown('gas') ? once(fn(): array => GasOf::of($this->tank, $this->from, $this->until)) : [];
    }

    /** Hours of light that were noted, against what the lamps are set to. */
    private function light(): ?TimeLine
    {
        $this->tank->loadMissing(['lamps', 'lightReadings']);
        if (!$this->isShown('light') || ($this->tank->lamps->isEmpty() && $this->picked === [])) {
            return null;
        }
        $set = LightOf::tank($this->tank)->day();
        $noted = $this->tank->lightDays()->whereDate('day', '>=', $this->show->local($this->from)->format('Y-m-d'))->whereDate('day', '<=', $this->show->local($this->until)->format('Y-m-d'))->reorder()->orderBy('day')->limit(self::MOST[1])->get();
        $most = max(1.0, $set, ...$noted->map(static fn($day): float => $day->hours)->all());
        $bars = [];
        foreach ($noted as $day) {
            $bars[] = [$this->x($day->day->setTime(12, 0)), round(self::HIGH * $day->hours / $most, 1), false];
        }
        $y = (new Axis(0.0, $most, self::HIGH, 0.0))->at($set);

        return new TimeLine('light', __('course.light'), 'h', [[self::LEFT, $y, $y, $y], [self::WIDTH - self::RIGHT, $y, $y, $y]], $bars, null, [Show::plain($most, 1), '0'], __('course.light_said', ['set' => Show::plain($set, 1), 'count' => $noted->count()]));
    }

    /** Doses of each day, and those that were left out. */
    private function doses(): ?TimeLine
    {
        $rows = !$this->isShown('doses') ? [] : DB::table('doses')->where('tank_id', $this->tank->id)->whereBetween('given_at', [$this->from, $this->until])->groupBy('day')->orderBy('day')->limit(self::MOST[1])
            ->selectRaw('day, count(*) as many, sum(case when missed then 1 else 0 end) as missed')->get()->all();
        if ($rows === []) {
            return null;
        }
        $number = static fn(mixed $value): int => is_numeric($value) ? (int) $value : 0;
        // Over years the days of a stretch stand as one bar.
        $stretch = max(86400.0, $this->span * 86400.0 / self::STRETCHES);
        $stretches = [];
        foreach ($rows as $row) {
            $at = (int) strtotime(is_string($row->day) ? substr($row->day, 0, 10).' 12:00 UTC' : 'now');
            $of = (int) floor(($at - $this->from->getTimestamp()) / $stretch);
            [$first, $many, $left] = $stretches[$of] ?? [$at, 0, 0];
            $stretches[$of] = [$first, $many + $number($row->many), $left + $number($row->missed)];
        }
        $most = max(1, ...array_column($stretches, 1));
        $missed = array_sum(array_column($stretches, 2));
        $bars = [];
        foreach ($stretches as [$at, $many, $left]) {
            $bars[] = [$this->x($at), round(self::HIGH * $many / $most, 1), $left > 0];
        }

        return new TimeLine('doses', __('course.doses'), '', [], $bars, null, [(string) $most, '0'], __('course.doses_said', ['count' => array_sum(array_map(static fn($row): int => $number($row->many), $rows)), 'missed' => $missed]));
    }

    private function topUps(): ?TimeLine
    {
        $found = !$this->isShown('top_ups') ? null : $this->tank->topUps()->whereBetween('taken_at', [$this->from, $this->until])->reorder()->orderBy('taken_at')->limit(self::MOST[1])->get();
        if ($found === null || $found->isEmpty()) {
            return null;
        }
        $most = max(0.01, ...$found->map(static fn(TopUp $topUp): float => $topUp->litres)->all());
        $bars = [];
        foreach ($found as $topUp) {
            $bars[] = [$this->x($topUp->taken_at), round(self::HIGH * $topUp->litres / max(0.01, $most), 1), false];
        }

        return new TimeLine('top_ups', __('course.top_ups'), $this->show->volumes()->label, [], $bars, null, [$this->show->volumeNumber($most), '0'], __('course.top_ups_said', ['count' => $found->count(), 'most' => $this->show->volume($most)]));
    }

    /** What the stands grew in a day between two looks, the mean of those that were measured; each stands where it was measured. */
    private function growth(): ?TimeLine
    {
        $grown = $this->grown();
        if ($grown === []) {
            return null;
        }
        $most = max(0.1, ...array_column($grown, 1));
        $bars = array_map(fn(array $one): array => [$this->x($one[0]), round(self::HIGH * max(0.0, $one[1]) / $most, 1), false], $grown);
        $unit = $this->show->levels();

        return new TimeLine('growth', __('course.growth'), $unit->label, [], $bars, null, [Show::rounded($unit->fromBase($most), 1), '0'], __('course.growth_said', ['count' => count($grown), 'most' => Show::joined(Show::rounded($unit->fromBase($most), 1), $unit->label)]));
    }

    /** @return list<array{int, float}> second and mm a day, by day of the looks */
    public function grown(): array
    {
        if (!$this->isShown('growth')) {
            return [];
        }
        $days = [];
        foreach (StandGrowth::of($this->tank, $this->from, $this->until) as [, $at, $grown]) {
            $days[gmdate('Y-m-d', $at)][] = [$at, $grown];
        }
        ksort($days);

        return array_slice(array_values(array_map(static fn(array $day): array => [$day[0][0], array_sum(array_column($day, 1)) / count($day)], $days)), 0, self::MOST[1]);
    }

    /** How much film there was on the panes whenever they were cleaned. */
    private function film(): ?TimeLine
    {
        $found = $this->wiped();
        if ($found === []) {
            return null;
        }
        $bars = array_map(fn(array $one): array => [$this->x($one[0]), round(self::HIGH * $one[1] / 3.0, 1), false], $found);

        return new TimeLine('film', __('course.film'), '', [], $bars, null, [__('week.found.much'), ''], __('course.film_said', ['count' => count($found), 'much' => count(array_filter($found, static fn(array $one): bool => $one[1] === 3))]));
    }

    /** @return list<array{int, int}> second, and 1 for little, 2 for as expected, 3 for much */
    public function wiped(): array
    {
        $worth = ['little' => 1, 'expected' => 2, 'much' => 3];
        $found = [];
        foreach (!$this->isShown('film') ? [] : DB::table('run_steps')->join('runs', 'runs.id', '=', 'run_steps.run_id')->where('runs.tank_id', $this->tank->id)->where('run_steps.job', 'glass')->where('run_steps.skipped', false)->whereNotNull('run_steps.found')
            ->whereBetween('run_steps.done_at', [$this->from, $this->until])->orderBy('run_steps.done_at')->limit(self::MOST[1])->get(['run_steps.done_at', 'run_steps.found']) as $row) {
            if (is_string($row->done_at) && is_string($row->found) && isset($worth[$row->found])) {
                $found[] = [(int) strtotime($row->done_at.' UTC'), $worth[$row->found]];
            }
        }

        return $found;
    }

    /** @return list<array{at: CarbonImmutable, x: float, kind: EntryKind, title: string}> what happened, the newest first */
    public function marks(): array
    {
        if ($this->marks !== null) {
            return $this->marks;
        }
        $this->marks = [];
        foreach ($this->tank->entries()->whereIn('kind', [EntryKind::Event, EntryKind::Work, EntryKind::Change, EntryKind::Note])->whereBetween('happened_at', [$this->from, $this->until])->reorder()->orderByDesc('happened_at')->limit(self::MOST[0])->get(['id', 'kind', 'title', 'happened_at']) as $entry) {
            $this->marks[] = ['at' => $entry->happened_at, 'x' => $this->x($entry->happened_at), 'kind' => $entry->kind, 'title' => $entry->title];
        }

        return $this->marks;
    }

    /** @return list<array{float, string}> where the axis is lettered */
    public function ticks(): array
    {
        $ticks = [];
        $each = $this->span / 6.0;
        for ($i = 0; $i <= 6; ++$i) {
            $at = $this->from->addSeconds((int) round($i * $each * 86400.0));
            $ticks[] = [$this->x($at), $this->show->local($at)->format($this->span > 400 ? 'M Y' : 'j M')];
        }

        return $ticks;
    }

    /** @return array{float, float}|null the window of a sign: where it was looked for */
    public function window(): ?array
    {
        $days = $this->sign === null ? null : Hints::window($this->sign);
        if ($days === null) {
            return null;
        }
        $from = max(self::LEFT, $this->x(CarbonImmutable::now()->subDays($days)));

        return [$from, max(0.0, $this->x(CarbonImmutable::now()) - $from)];
    }

    public function height(): float
    {
        return self::TOP + count($this->lines()) * (self::HIGH + self::GAP) + 22.0;
    }

    /** Where the strip of a line begins. */
    public function top(int $line): float
    {
        return self::TOP + $line * (self::HIGH + self::GAP);
    }

    private function x(CarbonImmutable|int $at): float
    {
        $this->time ??= new Axis((float) $this->from->getTimestamp(), (float) max($this->from->getTimestamp() + 1, $this->until->getTimestamp()), self::LEFT, self::WIDTH - self::RIGHT);

        return $this->time->at((float) (is_int($at) ? $at : $at->getTimestamp()));
    }

    /**
     * The same sheet with something else.
     *
     * @param array<string, mixed> $other
     */
    public function url(array $other = [], string $file = ''): string
    {
        $query = array_filter($other + ['span' => $this->span, 'until' => $this->show->local($this->until)->format('Y-m-d'), 'series' => $this->picked, 'sign' => $this->sign], static fn(mixed $value): bool => $value !== null && $value !== []);

        return '/tanks/'.$this->tank->id.'/charts'.$file.'?'.http_build_query($query);
    }

    /** @return array<string, string> addresses by what they do: earlier, later, closer, wider */
    public function moves(): array
    {
        $at = (int) array_search($this->span, self::SPANS, true);
        $half = (int) ceil($this->span / 2);
        $later = min(CarbonImmutable::now()->endOfDay()->getTimestamp(), $this->until->addDays($half)->getTimestamp());

        return array_filter([
            'earlier' => $this->url(['until' => $this->show->local($this->until->subDays($half))->format('Y-m-d')]),
            'later' => $later <= $this->until->getTimestamp() ? null : $this->url(['until' => $this->show->local(CarbonImmutable::createFromTimestamp($later))->format('Y-m-d')]),
            'closer' => $at === 0 ? null : $this->url(['span' => self::SPANS[$at - 1]]),
            'wider' => $at === count(self::SPANS) - 1 ? null : $this->url(['span' => self::SPANS[$at + 1]]),
        ]);
    }
}
