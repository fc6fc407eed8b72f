<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChoreRequest;
use App\Models\Chore;
use App\Schedule\ChoresPage;
use App\Schedule\DoChore;
use App\Tanks\ChoresQuery;
use App\View\JobWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Planning\AmountFound;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Jobs that a keeper set up, at tanks and at home. */
final class ChoreController extends Controller
{
    public function index(Request $request): View
    {
        $keeper = $this->keeper($request);
        $page = new ChoresPage($keeper);

        return $this->withWorking(
            $request,
            static fn(string $of): ?Computation => ctype_digit($of) ? $page->working((int) $of) : null,
            static fn(): View => view('week.chores', ['page' => $page]),
        );
    }

    public function store(ChoreRequest $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $typed = $request->fields();
        // What wears by use is new on the day that it is set up.
        $keeper->chores()->create($typed + ($typed['wears_most'] === null ? [] : ['last_at' => CarbonImmutable::now()]));

        return redirect('/tasks')->with('status', __('week.chore.kept'));
    }

    public function update(ChoreRequest $request, Chore $chore): RedirectResponse
    {
        $typed = $request->fields();
        // What was done stays done: a day that is set counts until then.
        if ($typed['wears_most'] !== null && $chore->last_at === null) {
            $typed['last_at'] = CarbonImmutable::now();
        }
        $chore->update($typed);

        return redirect('/tasks')->with('status', __('week.chore.kept'));
    }

    public function done(Request $request, Chore $chore, DoChore $do): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $do(
            $keeper,
            $chore,
            is_string($request->input('found')) ? AmountFound::tryFrom($request->input('found')) : null,
            $chore->name ?? JobWords::kind($chore->kind),
        );
        $chore->refresh()->load('turns');

        return redirect()->back(302, [], '/week')->with('status', __('week.chore.done', ['days' => ChoresQuery::interval($chore)->days()]));
    }

    public function destroy(Chore $chore): RedirectResponse
    {
        $chore->delete();

        return redirect('/tasks')->with('status', __('week.chore.gone'));
    }
}
