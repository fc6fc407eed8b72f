<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Data\ForecastRecord;
use App\Data\Phrase;
use App\Http\Requests\PastChangeRequest;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Tanks\VesselQuery;
use App\WaterChange\LogWaterChange;
use App\WaterChange\PastChange;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** A change that was made without a checklist is noted, for whichever day it was. */
final class PastChangeController extends Controller
{
    public function create(Request $request, Tank $tank): View
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper->loadMissing('waters', 'kits'));

        return view('water-change.changed', [
            'tank' => $tank, 'show' => $keeper->show(), 'loop' => TankTabs::of($tank, 'change'),
            'litres' => $keeper->show()->volumes()->show($tank->routine_share * VesselQuery::tank($tank)->litres()),
            'now' => CarbonImmutable::now($keeper->timezone)->format('Y-m-d\TH:i'),
        ]);
    }

    public function store(PastChangeRequest $request, Tank $tank, LogWaterChange $note): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper->loadMissing('waters', 'kits'));
        $show = $keeper->show();
        $at = $request->changedAt();
        $first = $keeper->waters->firstWhere('id', $request->integer('water')) ?? abort(404);
        $second = $keeper->waters->firstWhere('id', $request->integer('second_water'));
        $change = PastChange::of($tank, $first, $second instanceof SourceWater ? $second : null, $request->secondShare(), $request->litres(), $at);
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
            Phrase::of('run.entry.changed', ['litres' => $show->volume($change->litres), 'share' => $show->percent($change->share)]),
            Phrase::joined(
                'run.entry.sentences',
                [Phrase::of('run.entry.no_sheet', ['source' => $change->source]), ...($request->note() === '' ? [] : [Phrase::written($request->note())])],
            ),
        );

        return redirect('/tanks/'.$tank->id)->with('status', __('said.done.change'));
    }
}
