<?php

declare(strict_types=1);

namespace App\Supplies;

use App\Drawing\Chart;
use App\Drawing\ChartPoint;
use App\Drawing\ChartTime;
use App\Models\Keeper;
use App\Models\Reservoir;
use App\Problems\ChangeDetectionQuery;
use App\Problems\ChangePoint;
use App\Problems\ChangePointWords;
use App\Units\Show;
use App\View\Finding;
use App\WaterChange\DraftChange;
use App\WaterChange\UsualChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Mixing\Membrane;

/** A store of reverse-osmosis water: how full, how fast, how well the membrane holds back, and an evening's plan. */
final class ReservoirPage
{
    public readonly ?Membrane $membrane;

    private readonly Show $show;

    /** @var array<int, float> litres by tank id */
    public readonly array $needs;

    /** Litres that one tank may take of an evening. House limit. */
    private const MOST = 5000.0;

    /** @var array<int, string> message by tank id */
    public readonly array $faults;

    /** @param mixed $typed litres by tank id, in the keeper's unit */
    public function __construct(private readonly Reservoir $reservoir, private readonly Keeper $keeper, mixed $typed, DraftChange $draft)
    {
        $this->show = $keeper->show();
        $this->membrane = $reservoir->membrane();
        $needs = $faults = [];
        $usual = is_array($typed) || $reservoir->source_water_id === null ? [] : UsualChange::litresOf($keeper, $reservoir->source_water_id, $draft);
        foreach ($keeper->tanks as $tank) {
            $text = is_array($typed) ? $typed[$tank->id] ?? '' : null;
            $number = $this->show->volumes()->parse($text);
            if ($text === null) {
                $needs[$tank->id] = round($usual[$tank->id] ?? 0.0, 1);
            } elseif ($text !== '' && ($number === null || $number < 0.0 || $number > self::MOST)) {
                $faults[$tank->id] = (string) __('store.evening.most', ['most' => $this->show->volumes()->text(self::MOST)]);
            } else {
                $needs[$tank->id] = $number ?? 0.0;
            }
        }
        $this->needs = $needs;
        $this->faults = $faults;
    }

    /**
     * The evening: the smallest need first, and when its water is there.
     *
     * @return list<array{name: string, litres: string, ready: string, left: string}>
     */
    public function evening(): array
    {
        $names = [];
        foreach ($this->needs as $id => $litres) {
            $tank = $this->keeper->tanks->firstWhere('id', $id);
            if ($litres > 0.0 && $tank !== null) {
                $names[$tank->name.' '.$id] = $litres;
            }
        }
        $lines = [];
        foreach ($this->reservoir->supply()->evening($names) as $step) {
            $lines[] = [
                'name' => (string) preg_replace('/ \d+$/', '', $step['name']),
                'litres' => $this->show->volume($step['litres'], 1),
                'ready' => (string) __(
                    $step['ready'] <= 0.0 ? 'store.evening.now' : 'store.evening.in',
                    [
                        'when' => $this->show->when(CarbonImmutable::now()->addMinutes((int) ceil(60.0 * $step['ready']))),
                        'minutes' => Show::minutes((int) ceil(60.0 * $step['ready'])),
                    ],
                ),
                'left' => $this->show->volume($step['left']),
            ];
        }

        return $lines;
    }

    public function total(): float
    {
        return array_sum($this->needs);
    }

    public function filled(): float
    {
        return max(0.0, min(1.0, $this->reservoir->level / max(0.1, $this->reservoir->capacity)));
    }

    /** "full in 7 h 12" */
    public function fullIn(): string
    {
        $hours = $this->reservoir->supply()->hoursFor($this->reservoir->capacity);

        return (string) __(
            $hours <= 0.0 ? 'store.full' : 'store.full_in',
            [
                'time' => Show::minutes((int) ceil(60.0 * $hours)),
                'drained' => $this->show->volume($this->reservoir->supply()->wasteFor($this->reservoir->capacity)),
            ],
        );
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $findings = [];
        $membrane = $this->membrane;
        $moved = ChangeDetectionQuery::store($this->reservoir);
        if ($membrane === null) {
            $findings[] = new Finding(Finding::HEED, __('store.unknown.head'), __('store.unknown.why'));
        } elseif ($membrane->daysLeft !== null || array_filter($moved, static fn(ChangePoint $one): bool => $one->what === ChangePoint::REJECTION) === []) {
            $findings[] = match (true) {
                $membrane->daysLeft === 0.0 => new Finding(
                    Finding::BEYOND,
                    __('store.due.head'),
                    __('store.due.why', ['now' => $this->percent($membrane->now), 'due' => $this->percent(Membrane::DUE)]),
                ),
                $membrane->daysLeft !== null => new Finding(
                    Finding::GOOD,
                    __('store.falls.head', ['day' => $this->show->day(CarbonImmutable::now()->addDays((int) $membrane->daysLeft))]),
                    __(
                        'store.falls.why',
                        [
                            'now' => $this->percent($membrane->now), 'points' => Show::rounded(-100.0 * $membrane->perMonth, 2),
                            'readings' => self::readings($membrane->readings),
                        ],
                    ),
                ),
                default => new Finding(
                    Finding::GOOD,
                    __('store.steady.head', ['now' => $this->percent($membrane->now)]),
                    __('store.steady.why', ['readings' => self::readings($membrane->readings)]),
                ),
            };
        }
        foreach ($moved as $one) {
            $findings[] = new Finding(Finding::HEED, ChangePointWords::line($one, $this->show).'.', __('store.moved.'.$one->what));
        }
        if ($this->reservoir->resin_on !== null) {
            $due = $this->reservoir->resin_on->addDays(Reservoir::RESIN_DAYS);
            $findings[] = $due->isPast()
                ? new Finding(Finding::HEED, __('store.resin_due.head'), __('store.resin_due.why', ['day' => $this->show->day($this->reservoir->resin_on)]))
                : new Finding(Finding::GOOD, __('store.resin.head', ['day' => $this->show->day($due)]), __('store.resin.why'));
        }

        return $findings;
    }

    /** How much the membrane held back; what came out first after it stood still is left out. Null where nothing was measured. */
    public function chart(): ?Chart
    {
        $tests = [];
        foreach ($this->reservoir->rejections as $rejection) {
            // What was kept before it was asked back does not break the page.
            if (!$rejection->is_first && $rejection->conductivity_in > 0.0 && $rejection->conductivity_out <= $rejection->conductivity_in) {
                $share = Membrane::rejection($rejection->conductivity_in, $rejection->conductivity_out);
                $tests[] = new ChartPoint(
                    (float) $rejection->taken_at->getTimestamp(),
                    100.0 * $share,
                    said: (string) __('chart.at', ['day' => $this->show->day($rejection->taken_at), 'value' => $this->percent($share)]),
                );
            }
        }
        if ($tests === []) {
            return null;
        }
        $now = (float) CarbonImmutable::now()->getTimestamp();
        $trend = [];
        if ($this->membrane !== null) {
            $from = max($tests[0]->at, $this->reservoir->membrane_on === null ? 0.0 : (float) $this->reservoir->membrane_on->getTimestamp());
            $trend = [new ChartPoint(
                $from,
                100.0 * ($this->membrane->now - ($now - $from) / 86_400.0 * $this->membrane->perMonth / 30.0),
            ), new ChartPoint($now, 100.0 * $this->membrane->now)];
        }

        return new Chart(
            'rejection',
            (string) __('store.chart.title'),
            '%',
            trans_choice('store.chart.said', count($tests), ['count' => count($tests)]),
            new ChartTime($tests[0]->at, $now, $this->show),
            tests: $tests,
            planned: $trend,
            range: [100.0 * Membrane::DUE, null],
            steps: 3,
        );
    }

    public function percent(float $share): string
    {
        return Show::rounded(100.0 * $share, 1).' %';
    }

    public function working(string $name): ?Computation
    {
        return $name === 'run' ? $this->reservoir->supply()->working(max($this->total(), $this->reservoir->capacity)) : null;
    }

    private static function readings(int $count): string
    {
        return trans_choice('rhythm.readings', $count, ['count' => $count]);
    }
}
