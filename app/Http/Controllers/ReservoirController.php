<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Devices;
use App\Http\Requests\ReservoirRequest;
use App\Models\Reservoir;
use App\Models\SourceWaterKind;
use App\Supplies\ReservoirPage;
use App\Units\Amount;
use App\WaterChange\DraftChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\Membrane;
use Cresco\Core\Mixing\StoreFault;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Stores of reverse-osmosis water: level, production, membrane, and an evening's tanks. */
final class ReservoirController extends Controller
{
    public function create(Request $request): View
    {
        return view(
            'reservoirs.form',
            [
                'reservoir' => new Reservoir(['name' => '', 'capacity' => 60.0, 'level' => 0.0, 'litres_per_day' => 150.0, 'waste' => 3.0]),
                'waters' => $this->waters($request), 'show' => $this->keeper($request)->show(), 'volume' => $this->keeper($request)->volume_unit,
            ],
        );
    }

    public function store(ReservoirRequest $request): RedirectResponse
    {
        $reservoir = $this->keeper($request)->reservoirs()->create($request->fields());

        return redirect('/ro-reservoirs/'.$reservoir->id)->with('status', __('said.done.kept'));
    }

    public function show(Request $request, Reservoir $reservoir, DraftChange $draft): View
    {
        $keeper = $this->keeper($request);
        $page = new ReservoirPage($reservoir->load('rejections', 'water'), $keeper, $request->query('need'), $draft);

        return $this->withWorking(
            $request,
            $page->working(...),
            static fn(): View => view(
                'reservoirs.show',
                ['reservoir' => $reservoir, 'page' => $page, 'show' => $keeper->show(), 'volume' => $keeper->volume_unit, 'keeper' => $keeper],
            ),
        );
    }

    public function edit(Request $request, Reservoir $reservoir): View
    {
        return view(
            'reservoirs.form',
            [
                'reservoir' => $reservoir, 'waters' => $this->waters($request), 'show' => $this->keeper($request)->show(),
                'volume' => $this->keeper($request)->volume_unit,
            ],
        );
    }

    public function update(ReservoirRequest $request, Reservoir $reservoir): RedirectResponse
    {
        $reservoir->update($request->fields());

        return redirect('/ro-reservoirs/'.$reservoir->id)->with('status', __('said.done.kept'));
    }

    public function destroy(Reservoir $reservoir): RedirectResponse
    {
        $reservoir->delete();

        return redirect('/source-waters')->with('status', __('said.done.gone', ['name' => $reservoir->name]));
    }

    /** The level alone, as the keeper sees it. */
    public function level(Request $request, Reservoir $reservoir): RedirectResponse
    {
        $volumes = $this->keeper($request)->show()->volumes();
        $this->checked($request, ['level' => ['required', $volumes->rule(0.0, $reservoir->capacity, 40.0)]], ['required' => __('said.number.needed')]);
        $reservoir->update(['level' => $volumes->parse($request->input('level')) ?? 0.0]);
        $reservoir->touch();

        return redirect('/ro-reservoirs/'.$reservoir->id)->with('status', __('said.done.level'));
    }

    public function keepRejection(Request $request, Reservoir $reservoir): RedirectResponse
    {
        $scale = $this->keeper($request)->show()->values(Parameter::Conductivity);
        $this->checked($request, [
            'in' => ['required', $scale->rule(1.0, 5000.0, 388.0)],
            'out' => ['required', $scale->rule(0.0, 5000.0, 14.0)],
            'output' => ['nullable', new Amount(1, 10_000, 'mL', '130')],
        ], ['required' => __('said.number.needed')]);
        [$in, $out] = [$scale->parse($request->input('in')) ?? 0.0, $scale->parse($request->input('out')) ?? 0.0];
        try {
            Membrane::rejection($in, $out);
        } catch (StoreFault $fault) {
            throw ValidationException::withMessages(['out' => say($fault)]);
        }
        $reservoir->rejections()->create([
            'conductivity_in' => $in, 'conductivity_out' => $out, 'millilitres_a_minute' => Amount::parse($request->input('output')),
            'is_first' => $request->boolean('first'), 'taken_at' => CarbonImmutable::now(),
        ]);

        return redirect('/ro-reservoirs/'.$reservoir->id)->with('status', __('said.done.kept'));
    }

    public function dropRejection(Reservoir $reservoir, int $rejection): RedirectResponse
    {
        $reservoir->rejections()->whereKey($rejection)->delete();

        return redirect('/ro-reservoirs/'.$reservoir->id)->with('status', __('said.done.taken_out'));
    }

    /** Level and both conductivities from the unit itself. */
    public function ask(Request $request, Reservoir $reservoir): RedirectResponse
    {
        $unit = Devices::unit($this->keeper($request), $reservoir);
        if ($unit === null) {
            return redirect('/ro-reservoirs/'.$reservoir->id)->with('status', __('said.cannot.no_unit'));
        }
        DB::transaction(function () use ($reservoir, $unit): void {
            [$in, $out] = $unit->conductivities();
            $reservoir->update(['level' => $unit->level()]);
            $reservoir->touch();
            $reservoir->rejections()->create(['conductivity_in' => $in, 'conductivity_out' => $out, 'is_first' => false, 'taken_at' => CarbonImmutable::now()]);
        });

        return redirect('/ro-reservoirs/'.$reservoir->id)->with('status', __('said.done.unit'));
    }

    /** @return array<int, string> waters of reverse osmosis, by id */
    private function waters(Request $request): array
    {
        return $this->keeper($request)->waters()->where('kind', SourceWaterKind::ReverseOsmosis)->pluck('name', 'id')
            ->mapWithKeys(static fn(mixed $name, mixed $id): array => [is_numeric($id) ? (int) $id : 0 => is_string($name) ? $name : ''])->all();
    }
}
