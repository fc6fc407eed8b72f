<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Run;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use App\Units\Show;
use App\WaterChange\PlanAgain;
use App\WaterChange\Replan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\ValidationException;

/** From the present level on: another amount, less time. */
final class PlanAgainController extends Controller
{
    public function show(Request $request, Run $run): View|RedirectResponse
    {
        if (!$run->state->isOpen() || !$run->changes_water) {
            return redirect('/checklists/'.$run->id);
        }
        [$typed, $faults, $new] = $this->plan($request, $run);
        $this->shareFaults($faults);

        return view('runs.again', ['run' => $run, 'typed' => $typed, 'new' => $new, 'show' => $run->tank->keeper->show(), 'volume' => $run->tank->keeper->volume_unit]);
    }

    public function store(Request $request, Run $run, PlanAgain $again): RedirectResponse
    {
        if (!$run->changes_water) {
            return redirect('/checklists/'.$run->id);
        }
        [, $faults, $new] = $this->plan($request, $run);
        if ($new === null) {
            throw ValidationException::withMessages($faults->isEmpty() ? ['litres' => __('said.cannot.no_water')] : $faults->toArray())->redirectTo('/checklists/'.$run->id.'/again');
        }
        $again($run, $new);

        return redirect('/checklists/'.$run->id)->with('status', __('said.done.planned_again'));
    }

    /** @return array{array<string, string>, MessageBag, Replan|null} */
    private function plan(Request $request, Run $run): array
    {
        $keeper = $this->keeper($request)->loadMissing('waters', 'kits');
        $run->load('steps', 'tank.devices');
        $run->tank->setRelation('keeper', $keeper);
        $vessel = VesselQuery::tank($run->tank);
        $show = $keeper->show();
        $isDrained = $run->steps->contains(static fn($step): bool => $step->job === 'drain' && $step->done_at !== null);
        $usual = [
            'litres' => Show::plain($show->volumes()->fromBase($run->plan->litres), 1),
            'level' => $show->levelNumber($isDrained ? $run->plan->mark : $run->plan->waterline ?? 0.0),
            'minutes' => '',
        ];
        $typed = [];
        foreach ($usual as $field => $value) {
            $given = $request->input($field);
            $typed[$field] = $request->has($field) ? (is_scalar($given) ? (string) $given : '') : $value;
        }
        $faults = Validator::make($typed, [
            'litres' => ['required', $show->volumes()->rule(0.0, $vessel->litres(), 40.0)],
            'level' => ['required', $show->levels()->rule(0.0, floor($vessel->rim - 20.0), 120.0)],
            'minutes' => ['nullable', new Amount(1, 600, 'min', '30')],
        ], ['required' => __('said.number.needed')])->errors();
        $waters = Replan::waters($run, $keeper);
        if ($faults->isNotEmpty() || $waters === []) {
            return [$typed, $faults, null];
        }
        $minutes = Amount::parse($typed['minutes']);

        return [$typed, $faults, new Replan($run, $show->volumes()->parse($typed['litres']) ?? 0.0, $show->levels()->parse($typed['level']) ?? 0.0, $minutes === null ? null : (int) round($minutes), $waters, $keeper->show())];
    }
}
