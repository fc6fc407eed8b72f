<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Data\Phrase;
use App\Models\EntryKind;
use App\Models\Reading;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Tanks\LatestResultsQuery;
use App\Testing\GaugeLine;
use App\Testing\RecordResults;
use App\Units\Amount;
use App\Units\MomentRule;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Gauge;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\TestResult;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

final class ResultController extends Controller
{
    /** Times that hardness or conductivity may differ from the last reading before it is asked back: mostly a decimal that slipped. House default. */
    private const ODD = 5.0;

    public function __construct(private readonly RecordResults $record) {}

    public function createForTank(Request $request, Tank $tank): View
    {
        return $this->form(
            $request,
            $tank,
            '/tanks/'.$tank->id.'/test',
            LatestResultsQuery::ofTanks([$tank->id])[$tank->id] ?? [],
            TankTabs::of($tank, 'read'),
        );
    }

    public function storeForTank(Request $request, Tank $tank): RedirectResponse
    {
        $this->keep($request, $tank);

        return redirect('/tanks/'.$tank->id.'/water-change')->with('status', __('said.done.readings'));
    }

    public function createForWater(Request $request, SourceWater $water): View
    {
        return $this->form(
            $request,
            $water,
            '/source-waters/'.$water->id.'/test'.(is_numeric($request->query('tank')) ? '?tank='.(int) $request->query('tank') : ''),
            LatestResultsQuery::ofWaters([$water->id])[$water->id] ?? [],
            null,
        );
    }

    public function storeForWater(Request $request, SourceWater $water): RedirectResponse
    {
        $this->keep($request, $water);

        $tank = $this->tankFor($request, $water);

        return redirect($tank === null ? '/source-waters/'.$water->id : '/tanks/'.$tank->id.'/water-change')->with('status', __('said.done.readings'));
    }

    /** The tank whose change asked for the test, or the only one that this water goes into. */
    private function tankFor(Request $request, SourceWater $water): ?Tank
    {
        $tanks = $this->keeper($request)->tanks();
        $asked = $request->query('tank');
        $into = is_numeric($asked) ? $tanks->whereKey((int) $asked)->get() : $tanks->where('source_water_id', $water->id)->limit(2)->get();

        return $into->count() === 1 ? $into->first() : null;
    }

    /** @param array<string, Reading> $latest */
    private function form(Request $request, Tank|SourceWater $of, string $url, array $latest, ?TankTabs $loop): View
    {
        return view('read', [
            'of' => $of,
            'tank' => $of instanceof Tank ? $of : null,
            'url' => $url,
            'latest' => $latest,
            'loop' => $loop,
            'show' => $this->keeper($request)->show(),
            'parameters' => $of instanceof Tank ? Parameter::ofTanks() : Parameter::cases(),
            'gauges' => $of instanceof Tank ? GaugeLine::all($of, $this->keeper($request)) : [],
            'now' => CarbonImmutable::now($this->keeper($request)->timezone),
        ]);
    }

    private function keep(Request $request, Tank|SourceWater $of): void
    {
        $keeper = $this->keeper($request);
        $checked = $this->checked($request, [
            'readings' => ['required', 'array'],
            'taken_at' => ['nullable', new MomentRule($keeper->timezone, before: '+1 day')],
            'note' => ['nullable', 'string', 'max:1000'],
            'gauges' => ['nullable', 'array'],
        ] + array_merge(...array_map(
            static fn(Gauge $gauge): array => ['gauges.'.$gauge->value => ['nullable', new Amount(
                0.0,
                $gauge->most(),
                GaugeLine::unit($gauge),
                (string) __('gauge.'.$gauge->value.'.example'),
            )]],
            Gauge::cases(),
        )), [
            'taken_at.*' => __('said.day.past_hour_such'),
            'note.max' => __('said.text.note'),
            'readings.*' => __('said.write.reading'),
        ]);
        $typed = is_array($checked['readings'] ?? null) ? $checked['readings'] : [];
        $when = MomentRule::parse($checked['taken_at'] ?? null, $keeper->timezone) ?? CarbonImmutable::now();
        $readings = $this->record->parse($keeper, $typed, $when);
        $tank = $of instanceof Tank ? $of : null;
        $gauges = $tank === null ? [] : self::gauges($checked['gauges'] ?? []);
        if ($readings === [] && $gauges === []) {
            throw ValidationException::withMessages(['readings.nitrate' => __('said.write.reading')]);
        }
        $this->askBack($request, $of, $readings);
        DB::transaction(function () use ($keeper, $of, $tank, $readings, $gauges, $when, $checked): void {
            $note = is_string($checked['note'] ?? null) ? $checked['note'] : null;
            $entry = $this->record->keep($keeper, $of, $readings, $when, $note);
            if ($entry === null && $note !== null) {
                // Nothing of the water was read that it could stand with.
                $keeper->entries()->create([
                    'tank_id' => $tank?->id, 'kind' => EntryKind::Note, 'title' => Phrase::of('gauge.head'), 'body' => $note, 'happened_at' => $when,
                ]);
            }
            foreach ($gauges as $gauge => $value) {
                $tank?->note(Gauge::from($gauge), $when->setTimezone($keeper->timezone), $value);
            }
        });
    }

    /** @return array<string, float> what was typed of the equipment, by gauge */
    private static function gauges(mixed $typed): array
    {
        $found = [];
        foreach (Gauge::cases() as $gauge) {
            $value = Amount::parse(is_array($typed) ? $typed[$gauge->value] ?? null : null);
            if ($value !== null) {
                $found[$gauge->value] = $value;
            }
        }

        return $found;
    }

    /**
     * What hardly happens to one water is asked back at its field, and kept when the keeper says that it is so.
     *
     * @param array<string, TestResult> $readings
     */
    private function askBack(Request $request, Tank|SourceWater $of, array $readings): void
    {
        $show = $this->keeper($request)->show();
        $latest = $of instanceof Tank ? LatestResultsQuery::ofTanks([$of->id]) : LatestResultsQuery::ofWaters([$of->id]);
        $sure = (array) $request->input('sure', []);
        $messages = [];
        foreach ([Parameter::Conductivity, Parameter::GeneralHardness, Parameter::CarbonateHardness] as $parameter) {
            $last = ($latest[$of->id] ?? [])[$parameter->value] ?? null;
            $new = $readings[$parameter->value] ?? null;
            if ($last === null || $new === null || min($last->value, $new->value) <= 0.0 || in_array($parameter->value, $sure, true)) {
                continue;
            }
            if (max($new->value / $last->value, $last->value / $new->value) > self::ODD) {
                $messages['readings.'.$parameter->value] = __('said.look.last_read', ['value' => $show->reading($last->toCore())]);
                $messages['ask.readings.'.$parameter->value] = '1';
            }
        }
        if ($messages !== []) {
            throw ValidationException::withMessages($messages);
        }
    }
}
