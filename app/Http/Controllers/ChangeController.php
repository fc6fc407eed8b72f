<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WriteRunSheet;
use App\Change\DraftChange;
use App\Change\SessionInput;
use App\Http\Requests\ChangeRequest;
use App\Models\Run;
use App\Models\Tank;
use App\Support\Asked;
use App\Support\RunState;
use App\View\ChangeSheet;
use App\View\TankLoop;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

final class ChangeController extends Controller
{
    public function __construct(private readonly DraftChange $draft) {}

    /** The sheet; with htmx only what answers to typing. With a fault in a field the last good figures stay. */
    public function show(ChangeRequest $request, Tank $tank): View|Response
    {
        $this->prepare($request, $tank);
        $working = is_string($request->query('working')) ? $request->query('working') : null;
        $isPart = $request->header('HX-Request') === 'true';
        if ($tank->keeper->waters->isEmpty()) {
            return view('change.no-water', ['tank' => $tank, 'loop' => TankLoop::of($tank, 'decide')]);
        }
        $faults = $request->faults($tank);
        if ($isPart && $faults->isNotEmpty()) {
            return response(view('change.faults', ['faults' => $faults])->render())->header('HX-Reswap', 'none');
        }
        $sheet = new ChangeSheet(($this->draft)($tank, $request->toInput($tank)), $tank->keeper->show());
        if ($isPart && $working !== null) {
            return view('parts.working', ['working' => $sheet->working($working)]);
        }
        if ($isPart) {
            return view('change.answer', ['sheet' => $sheet, 'faults' => $faults]);
        }
        $this->shareFaults($faults);

        return view('change.show', [
            'tank' => $tank,
            'loop' => TankLoop::of($tank, 'decide'),
            'sheet' => $sheet,
            'typed' => $request,
            'working' => $working === null ? null : $sheet->working($working),
        ]);
    }

    /** Writes the run sheet for what the sheet shows. */
    public function store(ChangeRequest $request, Tank $tank, WriteRunSheet $write): RedirectResponse
    {
        $this->prepare($request, $tank);
        $faults = $request->faults($tank);
        if ($tank->keeper->waters->isEmpty()) {
            return redirect('/waters/new');
        }
        if ($faults->isNotEmpty()) {
            throw ValidationException::withMessages($faults->toArray())->redirectTo('/tanks/'.$tank->id.'/change?'.Asked::query($request));
        }
        $open = Run::query()->where('tank_id', $tank->id)->whereIn('state', [RunState::Planned, RunState::Running])->first();
        if ($open?->state === RunState::Running) {
            return redirect('/runs/'.$open->id)->with('status', 'This tank’s run sheet is under way: finish or drop it first.');
        }
        $draft = ($this->draft)($tank, $request->toInput($tank));
        if ($draft->plan->drained <= 0.05) {
            throw ValidationException::withMessages(['litres' => 'There is nothing to change at this mark.'])->redirectTo('/tanks/'.$tank->id.'/change');
        }
        $work = SessionInput::of($request);
        if ($work->faults->isNotEmpty()) {
            throw ValidationException::withMessages($work->faults->toArray())->redirectTo('/tanks/'.$tank->id.'/compose?'.Asked::query($request));
        }
        $open?->delete();

        return redirect('/runs/'.$write($draft, $work->tasks, $work->own, $work->day)->id);
    }

    /** The keeper is signed in already and need not be read again. */
    private function prepare(ChangeRequest $request, Tank $tank): void
    {
        $tank->load('devices')->setRelation('keeper', $this->keeper($request)->loadMissing('waters', 'kits'));
    }
}
