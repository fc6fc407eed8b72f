<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Checklist;
use App\Models\FollowUp;
use App\Testing\RecordResults;
use App\WaterChange\DechlorinatorDose;
use App\WaterChange\FinishFollowUp;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Measure\Parameter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A small job that a finished session left for later: what to look at, and how it was. */
final class FollowUpController extends Controller
{
    /** What can be read in passing. */
    private const READS = [Parameter::Temperature, Parameter::Acidity];

    public function show(Request $request, Checklist $checklist, string $job): View|RedirectResponse
    {
        $after = $this->job($checklist, $job);
        if ($after->done_at !== null) {
            return redirect('/checklists/'.$checklist->id.'/forecast-check')->with('status', __('said.twice.done'));
        }
        $checklist->tank->setRelation('keeper', $this->keeper($request));

        return view(
            'checklists.after',
            [
                'checklist' => $checklist, 'after' => $after, 'reads' => self::READS,
                'dose' => $after->job === FollowUpKind::Conditioner ? DechlorinatorDose::ofTank($checklist->tank) : null,
                'show' => $checklist->tank->keeper->show(),
            ],
        );
    }

    public function store(Request $request, Checklist $checklist, string $job, RecordResults $record, FinishFollowUp $finish): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $checked = $this->checked(
            $request,
            ['readings' => ['nullable', 'array'], 'note' => ['nullable', 'string', 'max:1000']],
            ['note.max' => __('said.text.note')],
        );
        $readings = array_intersect_key(
            is_array($checked['readings'] ?? null) ? $checked['readings'] : [],
            array_flip(array_map(static fn(Parameter $parameter): string => $parameter->value, self::READS)),
        );
        $first = $finish(
            $keeper,
            $this->job($checklist, $job),
            $record->parse($keeper, $readings),
            is_string($checked['note'] ?? null) ? $checked['note'] : null,
        );

        return redirect('/')->with('status', $first ? __('said.done.noted_for', ['tank' => $checklist->tank->name]) : __('said.twice.counted_once'));
    }

    private function job(Checklist $checklist, string $job): FollowUp
    {
        $checklist->load('tank');

        return $checklist->followUps()->where('job', $job)->firstOrFail()->setRelation('checklist', $checklist);
    }
}
