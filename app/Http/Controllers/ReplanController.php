<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Checklist;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use App\Units\Show;
use App\WaterChange\LimitFindings;
use App\WaterChange\PlanAgain;
use App\WaterChange\Replan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\ValidationException;

/** From the present level on: another amount, less time. */
final class ReplanController extends Controller
{
    public function show(Request $request, Checklist $checklist): View|RedirectResponse
    {
        if (!$checklist->state->isOpen() || !$checklist->changes_water) {
            return redirect('/checklists/'.$checklist->id);
        }
        [$typed, $faults, $new] = $this->plan($request, $checklist);
        $this->shareFaults($faults);

        return view(
            'checklists.again',
            [
                'checklist' => $checklist, 'typed' => $typed, 'new' => $new,
                'findings' => $new === null
                    ? []
                    : LimitFindings::of($checklist->tank, $new->forecast, $new->mark, $new->allowed(), $checklist->tank->keeper->show()),
                'show' => $checklist->tank->keeper->show(), 'volume' => $checklist->tank->keeper->volume_unit,
            ],
        );
    }

    public function store(Request $request, Checklist $checklist, PlanAgain $again): RedirectResponse
    {
        if (!$checklist->changes_water) {
            return redirect('/checklists/'.$checklist->id);
        }
        [, $faults, $new] = $this->plan($request, $checklist);
        if ($new === null) {
            throw ValidationException::withMessages($faults->isEmpty() ? ['litres' => __('said.cannot.no_water')] : $faults->toArray())
                ->redirectTo('/checklists/'.$checklist->id.'/again');
        }
        $again($checklist, $new);

        return redirect('/checklists/'.$checklist->id)->with('status', __('said.done.planned_again'));
    }

    /** @return array{array<string, string>, MessageBag, Replan|null} */
    private function plan(Request $request, Checklist $checklist): array
    {
        $keeper = $this->keeper($request)->loadMissing('waters', 'kits');
        $checklist->load('steps', 'tank.devices');
        $checklist->tank->setRelation('keeper', $keeper);
        $vessel = VesselQuery::tank($checklist->tank);
        $show = $keeper->show();
        $isDrained = $checklist->steps->contains(static fn($step): bool => $step->job === 'drain' && $step->done_at !== null);
        $usual = [
            'litres' => Show::plain($show->volumes()->fromBase($checklist->plan->litres), 1),
            'level' => $show->levelNumber($isDrained ? $checklist->plan->mark : $checklist->plan->waterline ?? 0.0),
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
        $waters = Replan::waters($checklist, $keeper);
        if ($faults->isNotEmpty() || $waters === []) {
            return [$typed, $faults, null];
        }
        $minutes = Amount::parse($typed['minutes']);

        return [$typed, $faults, new Replan(
            $checklist,
            $show->volumes()->parse($typed['litres']) ?? 0.0,
            $show->levels()->parse($typed['level']) ?? 0.0,
            $minutes === null ? null : (int) round($minutes),
            $waters,
            $keeper->show(),
        )];
    }
}
