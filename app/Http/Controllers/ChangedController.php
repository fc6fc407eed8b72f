<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteChange;
use App\Change\PastChange;
use App\Kept\ForecastRecord;
use App\Known\VesselOf;
use App\Models\Tank;
use App\Models\Water;
use App\Units\Amount;
use App\Units\Moment;
use App\View\TankLoop;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** A change that was made without a sheet is noted, for whichever day it was. */
final class ChangedController extends Controller
{
    public function create(Request $request, Tank $tank): View
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper->loadMissing('waters', 'kits'));

        return view('change.changed', [
            'tank' => $tank, 'show' => $keeper->show(), 'loop' => TankLoop::of($tank, 'change'),
            'litres' => $keeper->show()->volumes()->show($tank->routine_share * VesselOf::tank($tank)->litres()),
            'now' => CarbonImmutable::now($keeper->timezone)->format('Y-m-d\TH:i'),
        ]);
    }

    public function store(Request $request, Tank $tank, NoteChange $note): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper->loadMissing('waters', 'kits'));
        $show = $keeper->show();
        $net = VesselOf::tank($tank)->litres();
        $checked = $this->checked($request, [
            'litres' => ['required', $show->volumes()->rule(0.1, $net, 0.3 * $net)],
            'water' => ['required', 'integer', Rule::in($keeper->waters->modelKeys())],
            'second_water' => ['nullable', 'integer', Rule::in($keeper->waters->modelKeys())],
            'second_share' => ['nullable', new Amount(0, 100, '%', '40')],
            'changed_at' => ['required', new Moment($keeper->timezone, before: '+5 minutes')],
            'note' => ['nullable', 'string', 'max:1000'],
        ], [
            'required' => __('said.this_is_needed'),
            'water.*' => __('said.choose_one_of_your'),
            'second_water.*' => __('said.choose_one_of_your'),
            'changed_at.*' => __('said.write_a_day_and'),
            'note.max' => __('said.a_note_of_at'),
        ]);
        $at = Moment::parse($checked['changed_at'] ?? null, $keeper->timezone) ?? CarbonImmutable::now();
        $first = $keeper->waters->firstWhere('id', $request->integer('water')) ?? abort(404);
        $second = $keeper->waters->firstWhere('id', $request->integer('second_water'));
        $change = PastChange::of($tank, $first, $second instanceof Water ? $second : null, (Amount::parse($request->input('second_share')) ?? 0.0) / 100.0, $show->volumes()->parse($request->input('litres')) ?? 0.0, $at);
        $note(
            $keeper->id,
            $tank->id,
            null,
            $second === null ? $first->id : null,
            $change->source,
            $change->litres,
            $change->share,
            ForecastRecord::of($change->forecast),
            $at,
            sprintf('Changed %s (%s)', $show->volume($change->litres), $show->percent($change->share)),
            implode(' ', array_filter(['With '.$change->source.', without a sheet.', is_string($checked['note'] ?? null) ? $checked['note'] : ''])),
        );

        return redirect('/tanks/'.$tank->id)->with('status', __('said.noted_every_page_reckons'));
    }
}
