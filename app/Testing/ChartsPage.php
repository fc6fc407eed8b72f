<?php

declare(strict_types=1);

namespace App\Testing;

use App\Drawing\Chart;
use App\Drawing\ChartPoint;
use App\Drawing\ChartTime;
use App\Models\EntryKind;
use App\Models\Tank;
use App\Models\TopOff;
use App\Tanks\CarbonDioxideQuery;
use App\Tanks\LightQuery;
use App\Tanks\PlantGrowthQuery;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\DiagnosticSigns;
use Cresco\Core\Diagnosis\Gauge;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\Water\DissolvedGas;
use Illuminate\Support\Facades\DB;

/** What was read, given and done in a tank on one axis of time, so that the eye finds what the computation says. */
final class ChartsPage
{
    /** Days that can be looked at at once. */
    public const SPANS = [28, 91, 182, 365, 1095];

    /** Marks that are drawn and told at most, and bars of one series. */
    private const MOST = [60, 1500];

    /** Days above which it is years, and the series that are shown then. */
    private const LONG = 365;

    private const OVER_YEARS = ['nitrate', 'ph', 'carbonate_hardness', 'conductivity', 'light', 'doses', 'top_offs'];

    /** Stretches of time of which the lowest and the highest reading are drawn. */
    private const STRETCHES = 90;

    public readonly Show $show;

    public readonly CarbonImmutable $from;

    public readonly ChartTime $time;

    /** @var list<Chart>|null */
    private ?array $charts = null;

    /** @var list<array{at: CarbonImmutable, x: float, kind: EntryKind, title: string}>|null */
    private ?array $marks = null;

    /**
     * @param CarbonImmutable $until  end of the last day that is shown
     * @param list<string>    $picked series; the usual ones when none is
     */
    public function __construct(
        public readonly Tank $tank,
        public readonly int $span,
        public readonly CarbonImmutable $until,
        public readonly array $picked = [],
        public readonly ?string $sign = null,
        private readonly bool $isSmall = false,
    ) {
        $this->show = $tank->keeper->show();
        $this->from = $until->subDays($span);
        $this->time = new ChartTime((float) $this->from->getTimestamp(), (float) $until->getTimestamp(), $this->show, $isSmall ? 170.0 : 90.0);
    }

    /** @return array<string, Chart> of three months, small ones for beside a figure, by parameter value */
    public static function small(Tank $tank): array
    {
        $tested = array_map(static fn(Parameter $parameter): string => $parameter->value, Parameter::ofTanks());
        $charts = [];
        foreach ((new self($tank, self::SPANS[1], CarbonImmutable::now(), $tested, null, true))->charts() as $chart) {
            $charts[$chart->key] = $chart;
        }

        return $charts;
    }

    /** @return array<string, string> names of all series that there are, by key */
    public function series(): array
    {
        $names = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $names[$parameter->value] = label($parameter);
        }

        return $names + [
            'gas' => __('course.gas'), 'light' => __('course.light'), 'doses' => __('course.doses'), 'top_offs' => __('course.top_offs'),
            'growth' => __('course.growth'), 'film' => __('course.film'),
        ] + array_combine(
            array_map(static fn(Gauge $gauge): string => $gauge->value, Gauge::cases()),
            array_map(static fn(Gauge $gauge): string => (string) __('gauge.'.$gauge->value.'.label'), Gauge::cases()),
        );
    }

    public function isShown(string $key): bool
    {
        // Over years the four that tell most stand there until others are picked.
        return $this->picked === [] ? $this->span <= self::LONG || in_array($key, self::OVER_YEARS, true) : in_array($key, $this->picked, true);
    }

    /** @return list<Chart> */
    public function charts(): array
    {
        if ($this->charts !== null) {
            return $this->charts;
        }
        $readings = $this->readings();
        $charts = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $found = $readings[$parameter->value] ?? [];
            if ($found !== [] && (count($found) > 1 || $this->picked !== [])) {
                $charts[] = $this->tested($parameter, $found);
            }
        }

        return $this->charts = array_values(array_filter([
            ...$charts, $this->gas(), $this->light(), $this->doses(), $this->topOffs(), $this->growth(), $this->film(), ...$this->gauges(),
        ]));
    }

    /** @return array<string, list<array{int, TestResult}>> second and reading by parameter value; of many within a stretch the lowest and the highest */
    private function readings(): array
    {
        $shown = array_values(array_filter(Parameter::ofTanks(), fn(Parameter $parameter): bool => $this->isShown($parameter->value)));
        $stretch = max(1.0, $this->span * 86400.0 / self::STRETCHES);
        $kept = [];
        foreach (DB::table('readings')->where('tank_id', $this->tank->id)->whereIn('parameter', $shown)
            ->whereBetween('taken_at', [$this->from, $this->until])->orderBy('parameter')->orderBy('taken_at')->get([
                'parameter', 'method', 'value', 'low', 'high', 'taken_at',
            ]) as $row) {
            if (
                !is_string($row->parameter)
                || !is_string($row->method)
                || !is_string($row->taken_at)
                || !is_numeric($row->value)
                || !is_numeric($row->low)
                || !is_numeric($row->high)
            ) {
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
                foreach ($lowest === $highest
                    ? [$lowest]
                    : ($lowest[0] <= $highest[0] ? [$lowest, $highest] : [$highest, $lowest]) as [$at, $method, $value, $low, $high]) {
                    $readings[$name][] = [$at, TestResult::kept(Parameter::from($name), ReadingMethod::from($method), $value, $low, $high)];
                }
            }
        }

        return $readings;
    }

    /** @param non-empty-list<array{int, TestResult}> $readings */
    private function tested(Parameter $parameter, array $readings): Chart
    {
        $unit = $this->show->unit($parameter);
        $points = array_map(fn(array $one): ChartPoint => TestedPoint::of($one[1], $one[0], $this->show), $readings);
        $values = array_map(fn(array $one): float => $one[1]->distribution()->central(), $readings);
        $range = $this->tank->needs()->range($parameter);

        return new Chart(
            $parameter->value,
            label($parameter),
            $unit->label,
            __(
                'course.said',
                [
                    'what' => label($parameter), 'count' => count($readings), 'from' => $this->show->value($parameter, $values[0]),
                    'to' => $this->show->value($parameter, $values[count($values) - 1]), 'low' => $this->show->value($parameter, min($values)),
                    'high' => $this->show->value($parameter, max($values)),
                ],
            ),
            $this->time,
            tests: $points,
            range: $range === null ? null : [$unit->fromBase($range[0]), $unit->fromBase($range[1])],
            steps: $this->isSmall ? 2 : 4,
        );
    }

    /** @return list<Chart> what the equipment did */
    private function gauges(): array
    {
        $charts = [];
        foreach ($this->gaugesNoted() as $name => $noted) {
            $gauge = Gauge::from($name);
            $words = static fn(float $value): string => GaugeLine::value($gauge, $value);
            $charts[] = new Chart(
                $name,
                (string) __('gauge.'.$name.'.label'),
                GaugeLine::unit($gauge),
                __(
                    'course.said',
                    [
                        'what' => __('gauge.'.$name.'.label'), 'count' => count($noted), 'from' => $words($noted[0][1]),
                        'to' => $words($noted[count($noted) - 1][1]), 'low' => $words(min(array_column($noted, 1))),
                        'high' => $words(max(array_column($noted, 1))),
                    ],
                ),
                $this->time,
                tests: array_map(
                    fn(array $one): ChartPoint => new ChartPoint((float) $one[0], $one[1], null, null, $this->at($one[0], $words($one[1]))),
                    $noted,
                ),
            );
        }

        return $charts;
    }

    /** @return array<string, non-empty-list<array{int, float}>> second and value, by gauge */
    public function gaugesNoted(): array
    {
        $shown = array_values(array_filter(Gauge::cases(), fn(Gauge $gauge): bool => $this->isShown($gauge->value)));
        $noted = [];
        foreach ($shown === [] ? [] : $this->tank->gaugeNotes()->whereIn('gauge', $shown)->whereDate(
            'day',
            '>=',
            $this->show->local($this->from)->format('Y-m-d'),
        )->whereDate(
            'day',
            '<=',
            $this->show->local($this->until)->format('Y-m-d'),
        )->reorder()->orderBy('day')->limit(self::MOST[1])->get() as $note) {
            $noted[$note->gauge->value][] = [$note->day->setTime(12, 0)->getTimestamp(), $note->value];
        }

        return $noted;
    }

    /** CO2 by pH and KH. */
    private function gas(): ?Chart
    {
        $found = $this->gasFound();
        if (count($found) < ($this->picked === [] ? 2 : 1)) {
            return null;
        }
        $words = static fn(float $gas): string => Show::plain($gas, $gas < 10.0 ? 1 : 0);

        return new Chart(
            'gas',
            __('course.gas'),
            'mg/L',
            __(
                'course.gas_said',
                [
                    'count' => count($found), 'from' => $words($found[0]['gas']->level), 'to' => $words($found[count($found) - 1]['gas']->level),
                    'harms' => Show::plain(DissolvedGas::HARMS, 0),
                ],
            ),
            $this->time,
            tests: array_map(
                fn(array $one): ChartPoint => new ChartPoint(
                    (float) $one['at'],
                    $one['gas']->level,
                    $one['gas']->low,
                    $one['gas']->high,
                    (string) __(
                        'chart.band',
                        [
                            'day' => $this->day($one['at']), 'value' => $words($one['gas']->level).' mg/L', 'low' => $words($one['gas']->low),
                            'high' => $words($one['gas']->high),
                        ],
                    ),
                ),
                $found,
            ),
            limit: DissolvedGas::HARMS,
        );
    }

    /** @return list<array{at: int, gas: DissolvedGas}> on days on which it can be said */
    public function gasFound(): array
    {
        return $this->isShown('gas') ? once(fn(): array => CarbonDioxideQuery::of($this->tank, $this->from, $this->until)) : [];
    }

    /** Hours of light that were noted, against what the lamps are set to. */
    private function light(): ?Chart
    {
        $this->tank->loadMissing(['lamps', 'lightReadings']);
        if (!$this->isShown('light') || ($this->tank->lamps->isEmpty() && $this->picked === [])) {
            return null;
        }
        $set = LightQuery::tank($this->tank)->day();
        $noted = $this->tank->lightDays()->whereDate('day', '>=', $this->show->local($this->from)->format('Y-m-d'))
            ->whereDate('day', '<=', $this->show->local($this->until)->format('Y-m-d'))->reorder()->orderBy('day')->limit(self::MOST[1])->get();
        $bars = [];
        foreach ($noted as $day) {
            $at = $day->day->setTime(12, 0)->getTimestamp();
            $bars[] = new ChartPoint((float) $at, $day->hours, null, null, $this->at($at, Show::plain($day->hours, 1).' h'));
        }

        return new Chart(
            'light',
            __('course.light'),
            'h',
            __('course.light_said', ['set' => Show::plain($set, 1), 'count' => $noted->count()]),
            $this->time,
            planned: [new ChartPoint($this->time->from, $set), new ChartPoint($this->time->to, $set)],
            bars: $bars,
        );
    }

    /** Doses of each day, and those that were left out. */
    private function doses(): ?Chart
    {
        $rows = !$this->isShown('doses')
            ? []
            : DB::table('doses')->where('tank_id', $this->tank->id)->whereBetween('given_at', [$this->from, $this->until])->groupBy('day')
                ->orderBy('day')->limit(self::MOST[1])
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
        $bars = [];
        foreach ($stretches as [$at, $many, $left]) {
            $bars[] = new ChartPoint(
                (float) $at,
                (float) $many,
                null,
                null,
                (string) __($left > 0 ? 'chart.missed' : 'chart.amount', ['day' => $this->day($at), 'value' => $many]),
                $left > 0,
            );
        }

        return new Chart(
            'doses',
            __('course.doses'),
            '',
            __(
                'course.doses_said',
                ['count' => array_sum(array_map(static fn($row): int => $number($row->many), $rows)), 'missed' => array_sum(array_column($stretches, 2))],
            ),
            $this->time,
            bars: $bars,
        );
    }

    private function topOffs(): ?Chart
    {
        $found = !$this->isShown('top_offs')
            ? null
            : $this->tank->topOffs()->whereBetween('taken_at', [$this->from, $this->until])->reorder()->orderBy('taken_at')->limit(self::MOST[1])->get();
        if ($found === null || $found->isEmpty()) {
            return null;
        }
        $volumes = $this->show->volumes();
        $most = max(0.0, ...$found->map(static fn(TopOff $topOff): float => $topOff->litres)->all());
        $bars = [];
        foreach ($found as $topOff) {
            $at = $topOff->taken_at->getTimestamp();
            $bars[] = new ChartPoint((float) $at, $volumes->fromBase($topOff->litres), null, null, $this->at($at, $this->show->volume($topOff->litres)));
        }

        return new Chart(
            'top_offs',
            __('course.top_offs'),
            $volumes->label,
            __('course.top_ups_said', ['count' => $found->count(), 'most' => $this->show->volume($most)]),
            $this->time,
            bars: $bars,
        );
    }

    /** What the plant groups grew in a day between two looks, the mean of those that were measured; each stands where it was measured. */
    private function growth(): ?Chart
    {
        $grown = $this->grown();
        if ($grown === []) {
            return null;
        }
        $unit = $this->show->levels();
        $words = static fn(float $mm): string => Show::joined(Show::rounded($unit->fromBase($mm), 1), $unit->label);
        $bars = array_map(
            fn(array $one): ChartPoint => new ChartPoint((float) $one[0], $unit->fromBase(max(0.0, $one[1])), null, null, $this->at($one[0], $words($one[1]))),
            $grown,
        );

        return new Chart(
            'growth',
            __('course.growth'),
            $unit->label,
            __('course.growth_said', ['count' => count($grown), 'most' => $words(max(array_column($grown, 1)))]),
            $this->time,
            bars: $bars,
        );
    }

    /** @return list<array{int, float}> second and mm a day, by day of the looks */
    public function grown(): array
    {
        if (!$this->isShown('growth')) {
            return [];
        }
        $days = [];
        foreach (PlantGrowthQuery::of($this->tank, $this->from, $this->until) as [, $at, $grown]) {
            $days[gmdate('Y-m-d', $at)][] = [$at, $grown];
        }
        ksort($days);

        return array_slice(
            array_values(array_map(static fn(array $day): array => [$day[0][0], array_sum(array_column($day, 1)) / count($day)], $days)),
            0,
            self::MOST[1],
        );
    }

    /** How much film there was on the panes whenever they were cleaned. */
    private function film(): ?Chart
    {
        $found = $this->wiped();
        if ($found === []) {
            return null;
        }
        $words = [1 => (string) __('week.found.little'), 2 => (string) __('week.found.expected'), 3 => (string) __('week.found.much')];
        $bars = array_map(
            fn(array $one): ChartPoint => new ChartPoint((float) $one[0], (float) $one[1], null, null, $this->at($one[0], $words[$one[1]])),
            $found,
        );

        return new Chart(
            'film',
            __('course.film'),
            '',
            __('course.film_said', ['count' => count($found), 'much' => count(array_filter($found, static fn(array $one): bool => $one[1] === 3))]),
            $this->time,
            bars: $bars,
            words: $words,
        );
    }

    /** @return list<array{int, int}> second, and 1 for little, 2 for as expected, 3 for much */
    public function wiped(): array
    {
        $worth = ['little' => 1, 'expected' => 2, 'much' => 3];
        $found = [];
        foreach (!$this->isShown('film') ? [] : DB::table('checklist_steps')->join(
            'checklists',
            'checklists.id',
            '=',
            'checklist_steps.checklist_id',
        )->where('checklists.tank_id', $this->tank->id)->where('checklist_steps.job', 'glass')->where('checklist_steps.skipped', false)
            ->whereNotNull('checklist_steps.found')
            ->whereBetween('checklist_steps.done_at', [$this->from, $this->until])->orderBy('checklist_steps.done_at')->limit(self::MOST[1])
            ->get(['checklist_steps.done_at', 'checklist_steps.found']) as $row) {
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
        foreach ($this->tank->entries()->whereIn(
            'kind',
            [EntryKind::Event, EntryKind::Work, EntryKind::Change, EntryKind::Note],
        )->whereBetween('happened_at', [$this->from, $this->until])->reorder()->orderByDesc('happened_at')->limit(self::MOST[0])
            ->get(['id', 'kind', 'title', 'happened_at']) as $entry) {
            $this->marks[] = [
                'at' => $entry->happened_at, 'x' => $this->time->at((float) $entry->happened_at->getTimestamp()), 'kind' => $entry->kind,
                'title' => $entry->title,
            ];
        }

        return $this->marks;
    }

    /** @return array{float, float}|null the window of a sign: where it was looked for */
    public function window(): ?array
    {
        $days = $this->sign === null ? null : DiagnosticSigns::window($this->sign);
        if ($days === null) {
            return null;
        }
        $from = $this->time->at((float) CarbonImmutable::now()->subDays($days)->getTimestamp());

        return [$from, max(0.0, $this->time->today() - $from)];
    }

    private function day(int $second): string
    {
        return $this->show->day(CarbonImmutable::createFromTimestamp($second));
    }

    private function at(int $second, string $value): string
    {
        return (string) __('chart.at', ['day' => $this->day($second), 'value' => $value]);
    }

    /**
     * The same sheet with something else.
     *
     * @param array<string, mixed> $other
     */
    public function url(array $other = [], string $file = ''): string
    {
        $query = array_filter(
            $other + ['span' => $this->span, 'until' => $this->show->local($this->until)->format('Y-m-d'), 'series' => $this->picked, 'sign' => $this->sign],
            static fn(mixed $value): bool => $value !== null && $value !== [],
        );

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
            'later' => $later <= $this->until->getTimestamp()
                ? null
                : $this->url(['until' => $this->show->local(CarbonImmutable::createFromTimestamp($later))->format('Y-m-d')]),
            'closer' => $at === 0 ? null : $this->url(['span' => self::SPANS[$at - 1]]),
            'wider' => $at === count(self::SPANS) - 1 ? null : $this->url(['span' => self::SPANS[$at + 1]]),
        ]);
    }
}
