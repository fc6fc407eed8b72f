<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TrimsFound;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\ChecklistStep;
use App\Testing\RecordResults;
use App\WaterChange\ChecklistPage;
use App\WaterChange\FinishStep;
use App\WaterChange\Replan;
use Carbon\CarbonImmutable;
use Cresco\Core\Planning\AmountFound;
use Cresco\Core\Tank\DeviceKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class ChecklistController extends Controller
{
    /** Longest piece of a paper strip, mm: fits on A4 and on Letter. */
    private const PIECE = 240.0;

    public function show(Request $request, Checklist $checklist): View|RedirectResponse
    {
        $checklist->load('steps.readings', 'steps.photos', 'switches', 'tank.devices', 'tank.keeper');
        if ($checklist->state === ChecklistState::Done) {
            return redirect('/checklists/'.$checklist->id.'/forecast-check');
        }
        if ($checklist->state === ChecklistState::Dropped) {
            return redirect('/tanks/'.$checklist->tank_id)->with('status', __('said.cannot.dropped'));
        }
        $asked = $request->query('step');
        $sheet = new ChecklistPage($checklist, is_numeric($asked) ? (int) $asked : null);
        return view(
            'checklists.show',
            [
                'checklist' => $checklist, 'sheet' => $sheet, 'show' => $checklist->tank->keeper->show(),
                'again' => $sheet->isReadAgain() ? $this->again($request, $checklist) : null,
            ],
        );
    }

    /** What the readings of this session ask for; null without a water that could go in. */
    private function again(Request $request, Checklist $checklist): ?Replan
    {
        $keeper = $this->keeper($request)->loadMissing('waters', 'kits');
        $checklist->tank->setRelation('keeper', $keeper);
        $waters = Replan::waters($checklist, $keeper);

        return $waters === []
            ? null
            : new Replan(
                $checklist,
                $checklist->plan->litres,
                $checklist->plan->waterline ?? $checklist->tank->water_below_rim,
                null,
                $waters,
                $keeper->show(),
            );
    }

    /** What another device asks for to see whether anything has changed. */
    public function state(Checklist $checklist): Response
    {
        $checklist->load('steps', 'switches', 'tank');

        return response((new ChecklistPage($checklist, null))->state(), 200, ['Content-Type' => 'text/plain']);
    }

    /** The whole sheet on a page of paper. */
    public function paper(Checklist $checklist): View
    {
        $checklist->load('steps', 'switches', 'tank.devices', 'tank.keeper');

        $sheet = new ChecklistPage($checklist, null);

        return view(
            'checklists.print',
            [
                'checklist' => $checklist, 'sheet' => $sheet, 'show' => $checklist->tank->keeper->show(),
                'drawing' => $sheet->hasPlants() ? $sheet->drawing() : null,
            ],
        );
    }

    /** Its marks on a strip of paper, to scale. */
    public function strip(Checklist $checklist): View
    {
        $checklist->load('steps', 'switches', 'tank.devices', 'tank.keeper');
        $marks = (new ChecklistPage($checklist, null))->marks();
        $heights = array_map(static fn(array $mark): float => $mark[0], $marks);

        $bottom = max([110.0, ...$heights]) + 10.0;
        $pieces = [];
        for ($from = 0.0; $from < $bottom; $from += self::PIECE) {
            $pieces[] = [$from, min($bottom, $from + self::PIECE)];
        }

        return view('checklists.strip', ['checklist' => $checklist, 'marks' => $marks, 'pieces' => $pieces]);
    }

    /** A timer runs from the moment its step is first seen, on whichever device; the page says so of its own accord. */
    public function open(Checklist $checklist, int $position): Response
    {
        $step = $checklist->steps()->where('position', $position)->firstOrFail();
        if ($checklist->state->isOpen()) {
            ChecklistStep::query()->whereKey($step->id)->whereNull('done_at')->whereNull('opened_at')->update(['opened_at' => CarbonImmutable::now()]);
        }

        return response()->noContent();
    }

    public function finish(Request $request, Checklist $checklist, int $position, RecordResults $record, FinishStep $finish): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $step = $checklist->steps()->where('position', $position)->firstOrFail();
        $checked = $this->checked($request, [
            'readings' => ['nullable', 'array'],
            'note' => ['nullable', 'string', 'max:1000'],
            'left_on' => ['nullable', 'array', 'max:20'],
            'left_on.*' => ['string', 'max:20'],
            'patches' => ['nullable', 'array', 'max:200'],
            'patches.*' => ['integer'],
        ], ['note.max' => __('said.text.note')]);
        $checklist->setRelation('tank', $checklist->tank()->firstOrFail());
        $readings = $record->parse($keeper, is_array($checked['readings'] ?? null) ? $checked['readings'] : []);
        $cuts = TrimsFound::of($request, $checklist, $step, $keeper->show());
        $leftOn = is_array($checked['left_on'] ?? null) ? array_values(array_filter($checked['left_on'], is_string(...))) : [];
        $reached = $request->boolean('patches_asked')
            ? array_values(array_map(intval(...), array_filter(is_array($checked['patches'] ?? null) ? $checked['patches'] : [], is_numeric(...))))
            : null;
        $first = $finish(
            $keeper,
            $checklist,
            $step,
            $readings,
            is_string($checked['note'] ?? null) ? $checked['note'] : null,
            $request->boolean('skip'),
            $leftOn,
            $reached,
            $cuts,
            is_string($request->input('found')) ? AmountFound::tryFrom($request->input('found')) : null,
        );

        $answer = redirect('/checklists/'.$checklist->id);

        return $first ? $answer : $answer->with('status', __('said.twice.step'));
    }

    /** Ticks a device off or on; ticking it the same way again changes nothing. */
    public function toggle(Request $request, Checklist $checklist, string $device): RedirectResponse
    {
        $kind = DeviceKind::tryFrom($device);
        abort_if($kind === null, 404);
        $checked = $this->checked($request, ['to' => ['required', 'in:off,on'], 'step' => ['nullable', 'integer']], []);
        if ($checklist->state->isOpen()) {
            $column = $checked['to'] === 'off' ? 'off_at' : 'on_at';
            $checklist->switches()->where('device', $kind)->whereNull($column)
                ->when($column === 'on_at', static fn($query) => $query->whereNotNull('off_at'))
                ->update([$column => CarbonImmutable::now()]);
        }

        return redirect('/checklists/'.$checklist->id.(isset($checked['step']) ? '?step='.(int) $request->integer('step') : ''));
    }

    public function drop(Checklist $checklist): RedirectResponse
    {
        $checklist->load('switches');
        if ($checklist->switches->contains(static fn($tick): bool => $tick->isOpen())) {
            return redirect('/checklists/'.$checklist->id)->withErrors(['switches' => __('said.cannot.switched_off')]);
        }
        Checklist::query()->whereKey($checklist->id)->whereIn('state', [ChecklistState::Planned, ChecklistState::Running])
            ->update(['state' => ChecklistState::Dropped, 'holds' => null]);

        return redirect('/tanks/'.$checklist->tank_id)->with('status', __('said.done.sheet_dropped'));
    }
}
