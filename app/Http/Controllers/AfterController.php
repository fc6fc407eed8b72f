<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\AfterJob;
use App\Models\Run;
use App\Testing\RecordResults;
use App\WaterChange\DechlorinatorDose;
use App\WaterChange\FinishFollowUp;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Measure\Parameter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A small job that a finished session left for later: what to look at, and how it was. */
final class AfterController extends Controller
{
    /** What can be read in passing. */
    private const READS = [Parameter::Temperature, Parameter::Acidity];

    public function show(Request $request, Run $run, string $job): View|RedirectResponse
    {
        $after = $this->job($run, $job);
        if ($after->done_at !== null) {
            return redirect('/checklists/'.$run->id.'/forecast-check')->with('status', __('said.twice.done'));
        }
        $run->tank->setRelation('keeper', $this->keeper($request));

        return view('runs.after', ['run' => $run, 'after' => $after, 'reads' => self::READS, 'dose' => $after->job === FollowUpKind::Conditioner ? DechlorinatorDose::ofTank($run->tank) : null, 'show' => $run->tank->keeper->show()]);
    }

    public function store(Request $request, Run $run, string $job, RecordResults $record, FinishFollowUp $finish): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $checked = $this->checked($request, ['readings' => ['nullable', 'array'], 'note' => ['nullable', 'string', 'max:1000']], ['note.max' => __('said.text.note')]);
        $readings = array_intersect_key(is_array($checked['readings'] ?? null) ? $checked['readings'] : [], array_flip(array_map(static fn(Parameter $parameter): string => $parameter->value, self::READS)));
        $first = $finish($keeper, $this->job($run, $job), $record->parse($keeper, $readings), is_string($checked['note'] ?? null) ? $checked['note'] : null);

        return redirect('/')->with('status', $first ? __('said.done.noted_for', ['tank' => $run->tank->name]) : __('said.twice.counted_once'));
    }

    private function job(Run $run, string $job): AfterJob
    {
        $run->load('tank');

        return $run->afterJobs()->where('job', $job)->firstOrFail()->setRelation('run', $run);
    }
}
