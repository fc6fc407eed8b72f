<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Reading;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Testing\ChartsPage;
use App\Testing\GaugeLine;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\DiagnosticSigns;
use Cresco\Core\Diagnosis\Gauge;
use Cresco\Core\Measure\Parameter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** What was read, given and done in a tank on one axis of time. */
final class ChartsController extends Controller
{
    public function show(Request $request, Tank $tank): View
    {
        return view('course.show', ['tank' => $tank, 'page' => $this->page($request, $tank), 'loop' => TankTabs::of($tank, 'diary')]);
    }

    public function svg(Request $request, Tank $tank): Response
    {
        return response(view('course.sheet', ['page' => $this->page($request, $tank), 'file' => true])->render(), 200, [
            'Content-Type' => 'image/svg+xml; charset=utf-8', 'Content-Disposition' => 'attachment; filename="course.svg"',
        ]);
    }

    /** The readings that are shown, each with its band. */
    public function csv(Request $request, Tank $tank): StreamedResponse
    {
        $page = $this->page($request, $tank);
        $encoder = new CsvEncoder([CsvEncoder::ESCAPE_FORMULAS_KEY => true]);

        return response()->streamDownload(static function () use ($tank, $page, $encoder): void {
            echo "day,series,value,low,high,unit\n";
            $shown = array_values(array_filter(Parameter::ofTanks(), static fn(Parameter $parameter): bool => $page->isShown($parameter->value)));
            Reading::query()->where('tank_id', $tank->id)->whereIn('parameter', $shown)->whereBetween('taken_at', [$page->from, $page->until])
                ->chunkById(2000, static function ($readings) use ($page, $encoder): void {
                    $rows = [];
                    foreach ($readings as $reading) {
                        $unit = $page->show->unit($reading->parameter);
                        $distribution = $reading->toCore()->distribution();
                        $rows[] = [
                            'day' => $page->show->local($reading->taken_at)
                                ->toIso8601String(), 'series' => $reading->parameter->value, 'value' => round($unit->fromBase($distribution->central()), 4),
                            'low' => round($unit->fromBase($distribution->quantile(0.1)), 4), 'high' => round($unit->fromBase($distribution->quantile(0.9)), 4), 'unit' => $unit->label,
                        ];
                    }
                    echo $encoder->encode($rows, 'csv', [CsvEncoder::NO_HEADERS_KEY => true]);
                });
            // What is read from looks and sessions, and what follows from readings, stands at the end, in the keeper's units.
            $level = $page->show->levels();
            $rows = [
                ...array_map(static fn(array $one): array => ['growth', $one[0], round($level->fromBase($one[1]), 4), '', '', $level->label], $page->grown()),
                ...array_map(static fn(array $one): array => ['film', $one[0], $one[1], '', '', ''], $page->wiped()),
                ...array_map(
                    static fn(array $one): array => [
                        'gas', $one['at'], round($one['gas']->level, 4), round($one['gas']->low, 4), round($one['gas']->high, 4), 'mg/L',
                    ],
                    $page->gasFound(),
                ),
            ];
            foreach ($page->gaugesNoted() as $gauge => $noted) {
                foreach ($noted as [$at, $value]) {
                    $rows[] = [$gauge, $at, $value, '', '', GaugeLine::unit(Gauge::from($gauge))];
                }
            }
            foreach ($rows as [$series, $at, $value, $low, $high, $unit]) {
                echo $encoder->encode(
                    [[$page->show->local(CarbonImmutable::createFromTimestamp($at))->toIso8601String(), $series, $value, $low, $high, $unit]],
                    'csv',
                    [CsvEncoder::NO_HEADERS_KEY => true],
                );
            }
        }, 'course.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    private function page(Request $request, Tank $tank): ChartsPage
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper);
        $span = is_numeric($request->query('span')) ? (int) $request->query('span') : 91;
        $day = is_string($request->query('until'))
            && preg_match('/^(19|20)\d\d-\d\d-\d\d$/', $request->query('until')) === 1
            && strtotime($request->query('until')) !== false
            ? CarbonImmutable::parse($request->query('until'), $keeper->timezone) : CarbonImmutable::now($keeper->timezone);
        $until = $day->endOfDay()->utc();
        $last = CarbonImmutable::now($keeper->timezone)->endOfDay()->utc();
        $series = array_values(array_filter((array) $request->query('series'), is_string(...)));
        $page = new ChartsPage(
            $tank,
            in_array($span, ChartsPage::SPANS, true) ? $span : 91,
            $until->greaterThan($last) ? $last : $until,
            [],
            self::sign($request),
        );
        $known = array_values(array_intersect($series, array_keys($page->series())));

        return $known === [] ? $page : new ChartsPage($tank, $page->span, $page->until, $known, $page->sign);
    }

    private static function sign(Request $request): ?string
    {
        $sign = $request->query('sign');

        return is_string($sign) && isset(DiagnosticSigns::all()[$sign]) ? $sign : null;
    }
}
