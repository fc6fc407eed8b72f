<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Analysis;
use App\Models\Keeper;
use App\Models\SourceWater;
use App\Supplies\SourceWaterPage;
use App\Units\Amount;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\WaterFault;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** One water in full: its analysis, how it balances, and how its readings go. */
final class AnalysisController extends Controller
{
    public function show(Request $request, SourceWater $water): View
    {
        $keeper = $this->keeper($request);
        $page = new SourceWaterPage($water, $keeper->show());

        return $this->withWorking($request, $page->working(...), static fn(): View => view('source-waters.show', [
            'water' => $water, 'page' => $page, 'show' => $keeper->show(), 'now' => CarbonImmutable::now($keeper->timezone),
        ]));
    }

    public function store(Request $request, SourceWater $water): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $analysis = new Analysis($this->fields($request, $keeper) + ['source_water_id' => $water->id]);
        $analysis->keeper_id = $keeper->id;
        try {
            $analysis->toCore();
        } catch (WaterFault $fault) {
            throw ValidationException::withMessages(['hardness' => say($fault)]);
        }
        $analysis->save();

        return redirect('/source-waters/'.$water->id)->with('status', __('said.done.analysis'));
    }

    public function destroy(Analysis $analysis): RedirectResponse
    {
        $analysis->delete();

        return redirect('/source-waters/'.$analysis->source_water_id)->with('status', __('said.done.taken_out'));
    }

    /** @return array<string, mixed> */
    private function fields(Request $request, Keeper $keeper): array
    {
        $gh = $keeper->show()->unit(Parameter::GeneralHardness);
        $kh = $keeper->show()->unit(Parameter::CarbonateHardness);
        $ec = $keeper->show()->unit(Parameter::Conductivity);
        $rules = [
            'sampled_on' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:+1 day'],
            'hardness' => ['nullable', new Amount(0, round($gh->fromBase(20.0), 1), $gh->label, '9')],
            'alkalinity' => ['nullable', new Amount(0, round($kh->fromBase(30.0), 1), $kh->label, '6')],
            'ph' => ['nullable', new Amount(2, 12, '', '7.6')],
            'conductivity' => ['nullable', new Amount(0, round($ec->fromBase(10000.0)), $ec->label, '388')],
            'note' => ['nullable', 'string', 'max:500'],
            'ions' => ['nullable', 'array'],
        ];
        foreach (Ion::cases() as $ion) {
            $rules['ions.'.$ion->value] = ['nullable', new Amount(0, 3000, 'mg/L', '48')];
        }
        $this->checked($request, $rules, [
            'sampled_on.*' => __('said.day.sample'),
            'note.max' => __('said.text.note'),
        ]);
        $milligrams = [];
        foreach (Ion::cases() as $ion) {
            $value = Amount::parse($request->input('ions.'.$ion->value));
            if ($value !== null) {
                $milligrams[$ion->value] = $value;
            }
        }
        $in = static fn(string $field, Unit $unit): ?float => ($n = Amount::parse($request->input($field))) === null ? null : $unit->toBase($n);
        $fields = [
            'sampled_on' => (string) $request->string('sampled_on'),
            'milligrams' => $milligrams,
            'hardness' => $in('hardness', $gh),
            'alkalinity' => $in('alkalinity', $kh),
            'ph' => Amount::parse($request->input('ph')),
            'conductivity' => $in('conductivity', $ec),
            'note' => $request->filled('note') ? (string) $request->string('note') : null,
        ];
        if ($milligrams === [] && $fields['hardness'] === null && $fields['alkalinity'] === null && $fields['conductivity'] === null) {
            throw ValidationException::withMessages(['ions.Ca' => __('said.write.figure')]);
        }

        return $fields;
    }
}
