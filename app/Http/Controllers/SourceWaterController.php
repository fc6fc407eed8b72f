<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Disinfectant;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use App\Supplies\BatchLeftQuery;
use App\Tanks\LatestResultsQuery;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class SourceWaterController extends Controller
{
    public function index(Request $request): View
    {
        $waters = $this->keeper($request)->waters()->orderBy('name')->get();

        return view('source-waters.index', [
            'waters' => $waters,
            'reservoirs' => $this->keeper($request)->reservoirs()->orderBy('name')->get(),
            'latest' => LatestResultsQuery::ofWaters(array_values(array_map(intval(...), $waters->modelKeys()))),
            'left' => BatchLeftQuery::of($this->keeper($request)),
            'show' => $this->keeper($request)->show(),
        ]);
    }

    public function create(): View
    {
        return view('source-waters.form', ['water' => new SourceWater(['name' => '', 'kind' => SourceWaterKind::Tap, 'note' => ''])]);
    }

    public function store(Request $request): RedirectResponse
    {
        $water = $this->keeper($request)->waters()->create($this->fields($request));

        return redirect('/source-waters/'.$water->id.'/test')->with('status', __('said.done.water'));
    }

    public function edit(SourceWater $water): View
    {
        return view('source-waters.form', ['water' => $water]);
    }

    public function update(Request $request, SourceWater $water): RedirectResponse
    {
        $water->update($this->fields($request));

        return redirect('/source-waters')->with('status', __('said.done.kept'));
    }

    public function destroy(SourceWater $water): RedirectResponse
    {
        $water->delete();

        return redirect('/source-waters')->with('status', __('said.done.gone', ['name' => $water->name]));
    }

    /** @return array<string, mixed> */
    private function fields(Request $request): array
    {
        return $this->checked($request, [
            'name' => ['required', 'string', 'max:60'],
            'kind' => ['required', Rule::enum(SourceWaterKind::class)],
            'note' => ['nullable', 'string', 'max:500'],
            'disinfectant' => ['nullable', Rule::enum(Disinfectant::class)],
        ], [
            'name.required' => __('said.text.water'),
            'name.max' => __('said.text.name'),
            'note.max' => __('said.text.note'),
            'kind' => __('said.choose.water_kind'),
            'disinfectant' => __('said.choose.listed'),
        ]);
    }
}
