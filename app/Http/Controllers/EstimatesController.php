<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\EstimatesPage;
use App\Http\Requests\OwnFiguresRequest;
use App\Models\Chore;
use App\Models\LearningReset;
use App\Tanks\ChoresQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Measure\Parameter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What Cresco assumes, what a keeper puts right of it, and what is learned again. */
final class EstimatesController extends Controller
{
    public function show(Request $request): View
    {
        return view('assumed', ['page' => new EstimatesPage($this->keeper($request))]);
    }

    public function update(OwnFiguresRequest $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $keeper->update(['figures' => $keeper->figures->with($request->figures())]);

        return redirect('/estimates#own')->with('status', __('ledger.own.kept'));
    }

    public function anew(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $made = array_map(static fn(Parameter $parameter): string => LearningReset::MADE.$parameter->value, Parameter::balanced());
        $often = array_map(static fn(Task $task): string => LearningReset::OFTEN.$task->value, Task::cases());
        $ofTank = [...$made, ...$often, LearningReset::EVAPORATION, LearningReset::MINUTES];
        $turns = ChoresQuery::of($keeper)->map(static fn(Chore $chore): string => LearningReset::TURNS.$chore->id)->all();
        $typed = $this->checked($request, [
            'what' => ['required', 'string', Rule::in([...$ofTank, ...$turns, LearningReset::SPOON, LearningReset::PEN])],
            'tank' => [
                Rule::excludeIf(!in_array($request->input('what'), $ofTank, true)), 'required', 'integer',
                Rule::in($keeper->tanks()->pluck('id')->all()),
            ],
            'jar' => [
                Rule::excludeIf($request->input('what') !== LearningReset::SPOON), 'required', 'integer',
                Rule::in($keeper->products()->pluck('id')->all()),
            ],
        ], ['*' => __('ledger.anew.gone')]);
        $keeper->learningResets()->create([
            'what' => $typed['what'], 'tank_id' => $typed['tank'] ?? null, 'product_id' => $typed['jar'] ?? null, 'since' => CarbonImmutable::now(),
        ]);

        return redirect('/estimates#replaced')->with('status', __('ledger.anew.kept'));
    }

    public function back(Request $request, int $fresh): RedirectResponse
    {
        $this->keeper($request)->learningResets()->whereKey($fresh)->delete();

        return redirect('/estimates#replaced')->with('status', __('ledger.anew.back'));
    }
}
