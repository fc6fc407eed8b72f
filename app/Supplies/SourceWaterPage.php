<?php

declare(strict_types=1);

namespace App\Supplies;

use App\Drawing\Chart;
use App\Drawing\ChartPoint;
use App\Drawing\ChartTime;
use App\Mixing\IonsQuery;
use App\Models\Analysis;
use App\Models\Reading;
use App\Models\SourceWater;
use App\Testing\TestedPoint;
use App\Units\Show;
use App\View\Finding;
use App\View\Names;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\IonAnalysis;

/** One water in full, in the keeper's units and words. */
final class SourceWaterPage
{
    /** Ions that an analysis asks for. */
    public const IONS = IonsQuery::SHOWN;

    /** Readings that a trend is drawn from. */
    private const TREND = 24;

    public readonly IonsQuery $known;

    /** @var list<Analysis> newest first */
    public readonly array $analyses;

    public function __construct(private readonly SourceWater $water, private readonly Show $show)
    {
        $this->known = IonsQuery::all([$water])[$water->id];
        $this->analyses = array_values($water->analyses()->orderByDesc('sampled_on')->orderByDesc('id')->limit(20)->get()->all());
    }

    /**
     * Every ion as it is used.
     *
     * @return list<array{ion: Ion, milligrams: string, given: bool, spread: string|null}>
     */
    public function ions(): array
    {
        $rows = [];
        $analysis = $this->known->analysis;
        if ($analysis === null) {
            return [];
        }
        foreach (Ion::cases() as $ion) {
            $value = $analysis->ions->milligramsOf($ion);
            $given = isset($this->analyses[0]->milligrams[$ion->value]);
            if ($value < 0.005 && !$given) {
                continue;
            }
            $spread = ($analysis->spreads[$ion->value] ?? 0.0) * $ion->molarMass();
            $rows[] = [
                'ion' => $ion, 'milligrams' => Names::figure($value, 3), 'given' => $given,
                'spread' => $spread > 0.0 ? Names::figure($spread, 2) : null,
            ];
        }

        return $rows;
    }

    /** @return list<Finding> how the figures hold together */
    public function findings(): array
    {
        $analysis = $this->known->analysis;
        if ($analysis === null) {
            return [new Finding(Finding::HEED, __('water.ions.head'), __('water.ions.why'))];
        }
        $findings = [];
        if ($analysis->isBad) {
            $text = array_filter([
                abs($analysis->imbalance) > IonAnalysis::GOOD_BALANCE
                    ? __(
                        'water.odd.charges',
                        ['off' => Show::plain(100.0 * abs($analysis->imbalance), 0), 'good' => Show::plain(100.0 * IonAnalysis::GOOD_BALANCE, 0)],
                    )
                    : '',
                $analysis->misfit !== null && abs($analysis->misfit) > 0.1
                    ? __($analysis->misfit > 0 ? 'water.odd.higher' : 'water.odd.lower', ['off' => Show::plain(100.0 * abs($analysis->misfit), 0)])
                    : '',
                __('water.odd.look'),
            ]);
            $findings[] = new Finding(Finding::BEYOND, __('water.odd.head'), implode(' ', $text));
        } else {
            $findings[] = new Finding(
                Finding::GOOD,
                __('water.agree.head'),
                __(
                    $analysis->misfit === null ? 'water.agree.alone' : 'water.agree.both',
                    ['charges' => Show::plain(100.0 * abs($analysis->imbalance), 0), 'conductivity' => Show::plain(100.0 * abs($analysis->misfit ?? 0.0), 0)],
                ),
            );
        }
        foreach ($analysis->assumptions as $assumption) {
            $findings[] = new Finding(Finding::HEED, __('water.assumed'), say($assumption, 'analysis'));
        }

        return $findings;
    }

    /** @return list<Chart> one for each parameter that was tested twice or more */
    public function charts(): array
    {
        $charts = [];
        foreach ([Parameter::Conductivity, Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Nitrate, Parameter::Acidity] as $parameter) {
            $readings = array_values($this->water->readings()->where('parameter', $parameter)->orderByDesc('taken_at')->orderByDesc('id')
                ->limit(self::TREND)->get()->reverse()->all());
            if (count($readings) < 2) {
                continue;
            }
            [$first, $last] = [$readings[0], $readings[count($readings) - 1]];
            $values = array_map(static fn(Reading $reading): float => $reading->toCore()->distribution()->central(), $readings);
            $charts[] = new Chart(
                $parameter->value,
                label($parameter),
                $this->show->unit($parameter)->label,
                __(
                    'course.said',
                    [
                        'what' => label($parameter), 'count' => count($readings), 'from' => $this->show->value($parameter, $values[0]),
                        'to' => $this->show->value($parameter, $values[count($values) - 1]), 'low' => $this->show->value($parameter, min($values)),
                        'high' => $this->show->value($parameter, max($values)),
                    ],
                ),
                new ChartTime(
                    (float) $first->taken_at->getTimestamp(),
                    (float) max($first->taken_at->getTimestamp() + 86_400, $last->taken_at->getTimestamp()),
                    $this->show,
                ),
                tests: array_map(
                    fn(Reading $reading): ChartPoint => TestedPoint::of($reading->toCore(), $reading->taken_at->getTimestamp(), $this->show),
                    $readings,
                ),
                steps: 3,
            );
        }

        return $charts;
    }

    public function working(string $name): ?Computation
    {
        $analysis = $this->known->analysis;

        return $name !== 'ec' || $analysis === null ? null : Conductance::of($analysis->ions)->working($analysis->ions);
    }

    /** What the ions give, and what was read. */
    public function conductivity(): ?string
    {
        return $this->known->analysis === null
            ? null
            : $this->show->value(Parameter::Conductivity, Conductance::of($this->known->analysis->ions)->microsiemens);
    }

    public function read(): ?string
    {
        return $this->known->source->measured === null ? null : $this->show->value(Parameter::Conductivity, $this->known->source->measured);
    }
}
