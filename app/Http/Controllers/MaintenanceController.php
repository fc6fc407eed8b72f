<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WaterChangeRequest;
use App\Models\Tank;
use App\Plants\TrimInput;
use App\Plants\TrimPlan;
use App\Schedule\TankTabs;
use App\Tanks\PlantModelQuery;
use App\WaterChange\DraftChange;
use App\WaterChange\MaintenancePage;
use App\WaterChange\SessionInput;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Plants\PlantModel;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** A session put together: the change, and what else is done while hands are wet. */
final class MaintenanceController extends Controller
{
    public function show(WaterChangeRequest $request, Tank $tank, DraftChange $draft): View|RedirectResponse
    {
        $tank->load('devices')->setRelation('keeper', $this->keeper($request)->loadMissing('waters', 'kits'));
        if ($tank->keeper->waters->isEmpty()) {
            return redirect('/tanks/'.$tank->id.'/water-change');
        }
        $work = SessionInput::of($request);
        $this->shareFaults($work->faults);
        $input = $request->toInput($tank);

        $planting = PlantModelQuery::orNone($tank);
        $trim = $planting === null ? null : TrimInput::of($request, $planting, $tank->keeper->show());
        if ($trim !== null) {
            $this->shareFaults($work->faults->merge($trim->faults));
        }
        $page = new MaintenancePage(
            $draft($tank, $work->isDry ? $input->dry() : $input),
            $work,
            $tank->keeper->show(),
            $planting === null ? null : TrimPlan::of($tank, $trim?->asked, PlantModel::BETWEEN_CUTS, $planting),
        );

        return view('water-change.compose', [
            'tank' => $tank,
            'page' => $page,
            'loop' => TankTabs::of($tank, 'session', $page->draft->waters->now),
            'asked' => array_intersect_key($request->query(), array_flip(self::CHANGE)),
        ]);
    }

    /** Fields of the change that go along. */
    private const CHANGE = [
        'reason', 'way', 'nitrate_goal', 'conductivity_goal', 'treatment_out', 'litres', 'percent', 'mark', 'buckets', 'drains', 'water',
        'second_water', 'second_share', 'waterline', 'stream', 'landing', 'inflow',
    ];

    /** The tank's choices where practice differs. */
    public function schools(Request $request, Tank $tank): RedirectResponse
    {
        $rules = ['schools' => ['required', 'array']];
        foreach (PracticeChoice::cases() as $school) {
            $rules['schools.'.$school->value] = ['required', Rule::in($school->choices())];
        }
        $this->checked($request, $rules, ['*' => __('said.choose.listed')]);
        $chosen = [];
        foreach (PracticeChoice::cases() as $school) {
            $chosen[$school->value] = (string) $request->string('schools.'.$school->value);
        }
        $tank->update(['schools' => $chosen]);

        return redirect('/tanks/'.$tank->id.'/maintenance?'.(is_string($request->input('back')) ? ltrim($request->input('back'), '?') : ''))
            ->with('status', __('said.done.ways'));
    }
}
