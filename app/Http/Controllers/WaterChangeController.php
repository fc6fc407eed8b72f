<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Fertilising\FertilisingQuery;
use App\Http\Requests\WaterChangeRequest;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\Tank;
use App\Plants\TrimInput;
use App\Plants\TrimPlan;
use App\Schedule\TankTabs;
use App\Tanks\PlantModelQuery;
use App\View\PageQuery;
use App\WaterChange\DosesAfterChange;
use App\WaterChange\DosesAfterRows;
use App\WaterChange\DraftChange;
use App\WaterChange\SessionInput;
use App\WaterChange\SessionPlan;
use App\WaterChange\WaterChangePage;
use App\WaterChange\WriteChecklist;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Plants\PlantModel;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\ValidationException;

final class WaterChangeController extends Controller
{
    public function __construct(private readonly DraftChange $draft) {}

    /** The checklist; with htmx only what answers to typing. With a fault in a field the last good figures stay. */
    public function show(WaterChangeRequest $request, Tank $tank): View|Response
    {
        $this->prepare($request, $tank);
        $isPart = $request->header('HX-Request') === 'true';
        if ($tank->keeper->waters->isEmpty()) {
            return view('water-change.no-water', ['tank' => $tank, 'loop' => TankTabs::of($tank, 'change')]);
        }
        $faults = $request->faults($tank);
        if ($isPart && $faults->isNotEmpty()) {
            return response(view('water-change.faults', ['faults' => $faults])->render())->header('HX-Reswap', 'none');
        }
        $sheet = new WaterChangePage(($this->draft)($tank, $request->toInput($tank)), $tank->keeper->show());
        $this->shareFaults($faults);

        return $this->withWorking(
            $request,
            fn(string $of): ?Computation => str_starts_with($of, 'dose.') ? $this->doses($request, $tank)->working(substr($of, 5)) : $sheet->working($of),
            static fn(): View => view(
                'water-change.show',
                ['tank' => $tank, 'loop' => TankTabs::of($tank, 'change', $sheet->draft->waters->now), 'sheet' => $sheet, 'typed' => $request],
            ),
            static fn(): View => view('water-change.answer', ['sheet' => $sheet, 'faults' => $faults]),
        );
    }

    /** What is given after the change that the checklist shows; a part of it that comes once the keeper has stopped typing. */
    public function dose(WaterChangeRequest $request, Tank $tank): View|RedirectResponse
    {
        $this->prepare($request, $tank);
        if ($tank->keeper->waters->isEmpty() || $request->faults($tank)->isNotEmpty()) {
            return redirect('/tanks/'.$tank->id.'/water-change');
        }

        return view(
            $request->header('HX-Request') === 'true' ? 'water-change.dose' : 'water-change.dose-page',
            ['tank' => $tank, 'doses' => $this->doses($request, $tank), 'loop' => TankTabs::of($tank, 'change')],
        );
    }

    private function doses(WaterChangeRequest $request, Tank $tank): DosesAfterRows
    {
        $tank->keeper->loadMissing('products');

        return new DosesAfterRows(new DosesAfterChange(FertilisingQuery::tank($tank), ($this->draft)($tank, $request->toInput($tank))), $tank);
    }

    /** Writes the checklist of the change that the page shows. */
    public function store(WaterChangeRequest $request, Tank $tank, WriteChecklist $write): RedirectResponse
    {
        $this->prepare($request, $tank);
        $work = SessionInput::of($request);
        $faults = $work->isDry ? new MessageBag() : $request->faults($tank);
        if ($tank->keeper->waters->isEmpty()) {
            return redirect('/source-waters/new');
        }
        if ($faults->isNotEmpty()) {
            throw ValidationException::withMessages($faults->toArray())->redirectTo('/tanks/'.$tank->id.'/water-change?'.PageQuery::query($request));
        }
        $running = Checklist::query()->where('tank_id', $tank->id)->where('state', ChecklistState::Running)->first();
        if ($running !== null) {
            return redirect('/checklists/'.$running->id)->with('status', __('said.cannot.own_sheet'));
        }
        $input = $request->toInput($tank);
        $draft = ($this->draft)($tank, $work->isDry ? $input->dry() : $input);
        if (!$work->isDry && $draft->plan->drained <= 0.05) {
            throw ValidationException::withMessages(['litres' => __('said.cannot.nothing_to_change')])->redirectTo('/tanks/'.$tank->id.'/water-change');
        }
        if ($work->isDry && SessionPlan::draft($draft, $work->tasks)->tasks === []) {
            $work->faults->add('tasks', __('said.choose.one_job'));
        }
        if ($work->faults->isNotEmpty()) {
            throw ValidationException::withMessages($work->faults->toArray())->redirectTo('/tanks/'.$tank->id.'/maintenance?'.PageQuery::query($request));
        }
        $planting = array_intersect([Task::Trim->value, Task::Floaters->value], array_column($work->tasks, 'value')) === []
            ? null
            : PlantModelQuery::orNone($tank);
        $trim = $planting === null ? null : TrimInput::of($request, $planting, $tank->keeper->show());
        if ($trim?->faults->isNotEmpty() === true) {
            throw ValidationException::withMessages($trim->faults->toArray())->redirectTo('/tanks/'.$tank->id.'/maintenance?'.PageQuery::query($request));
        }
        [$checklist, $said] = $write($draft, $work, $planting === null ? null : TrimPlan::of($tank, $trim?->asked, PlantModel::BETWEEN_CUTS, $planting));

        return $said === null ? redirect('/checklists/'.$checklist->id) : redirect('/checklists/'.$checklist->id)->with('status', $said);
    }

    /** The keeper is signed in already and need not be read again. */
    private function prepare(WaterChangeRequest $request, Tank $tank): void
    {
        $tank->load('devices')->setRelation('keeper', $this->keeper($request)->loadMissing('waters', 'kits'));
    }
}
