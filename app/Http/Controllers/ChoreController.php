<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DoChore;
use App\Known\ChoresOf;
use App\Models\Chore;
use App\Units\Amount;
use App\View\ChoresPage;
use App\View\WeekWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Rhythm\Found;
use Cresco\Core\Rhythm\JobKind;
use Cresco\Core\Rhythm\JobKinds;
use Cresco\Core\Working\Computation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Jobs that a keeper set up, at tanks and at home. */
final class ChoreController extends Controller
{
    public function index(Request $request): View
    {
        $keeper = $this->keeper($request);
        $page = new ChoresPage($keeper);

        return $this->withWorking($request, static fn(string $of): ?Computation => ctype_digit($of) ? $page->working((int) $of) : null, static fn(): View => view('week.chores', ['page' => $page]));
    }

    public function store(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $typed = $this->typed($request);
        // What wears by use is new on the day that it is set up.
        $keeper->chores()->create($typed + ($typed['wears_most'] === null ? [] : ['last_at' => CarbonImmutable::now()]));

        return redirect('/jobs')->with('status', __('week.chore.kept'));
    }

    public function update(Request $request, Chore $chore): RedirectResponse
    {
        $typed = $this->typed($request);
        // What was done stays done: a day that is set counts until then.
        if ($typed['wears_most'] !== null && $chore->last_at === null) {
            $typed['last_at'] = CarbonImmutable::now();
        }
        $chore->update($typed);

        return redirect('/jobs')->with('status', __('week.chore.kept'));
    }

    public function done(Request $request, Chore $chore, DoChore $do): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $do($keeper, $chore, is_string($request->input('found')) ? Found::tryFrom($request->input('found')) : null, $chore->name ?? WeekWords::kind($chore->kind));
        $chore->refresh()->load('turns');

        return redirect()->back(302, [], '/week')->with('status', __('week.chore.done', ['days' => ChoresOf::interval($chore)->days()]));
    }

    public function destroy(Chore $chore): RedirectResponse
    {
        $chore->delete();

        return redirect('/jobs')->with('status', __('week.chore.gone'));
    }

    /** @return array<string, mixed> */
    private function typed(Request $request): array
    {
        $keeper = $this->keeper($request);
        $checked = $this->checked($request, [
            'kind' => ['required', Rule::in(array_map(static fn(JobKind $kind): string => $kind->key, JobKinds::offered()))],
            'tank_id' => ['nullable', 'integer', Rule::exists('tanks', 'id')->where('keeper_id', $keeper->id)],
            'name' => ['nullable', 'string', 'max:80', 'required_if:kind,own'], 'every' => ['nullable', 'integer', 'min:1', 'max:1500'], 'minutes' => ['nullable', 'integer', 'min:1', 'max:480'],
            'next_on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'wears_most' => ['nullable', new Amount(1, 1_000_000, '', '50')], 'wears_of' => ['nullable', Rule::enum(Parameter::class)],
        ], [
            'wears_of' => __('week.wears.which'),
            'kind' => __('said.choose_what_it_is'), 'tank_id' => __('said.choose_one_of_your_tanks'), 'name.required_if' => __('said.give_it_a_name'), 'name' => __('said.at_most_80_letters'), 'every' => __('said.days_from_1_to'),
            'minutes' => __('said.minutes_from_1_to'), 'next_on' => __('said.a_day_such_as'),
        ]);
        $kind = JobKinds::of(is_string($checked['kind']) ? $checked['kind'] : 'own');
        if ($kind->atTank && $kind->key !== 'own' && ($checked['tank_id'] ?? null) === null) {
            throw ValidationException::withMessages(['tank_id' => __('said.say_at_which_tank')]);
        }

        $most = Amount::parse(is_scalar($checked['wears_most'] ?? null) ? (string) $checked['wears_most'] : null);
        if ($most !== null && $kind->wears === null) {
            throw ValidationException::withMessages(['wears_most' => __('week.wears.none')]);
        }
        if ($most !== null && $kind->wears === 'readings' && ($checked['wears_of'] ?? null) === null) {
            throw ValidationException::withMessages(['wears_of' => __('week.wears.which')]);
        }

        return ['wears_most' => $most, 'wears_of' => $most !== null && $kind->wears === 'readings' ? $checked['wears_of'] : null, 'tank_id' => $kind->atTank ? ($checked['tank_id'] ?? null) : null, 'kind' => $kind->key, 'name' => $checked['name'] ?? null, 'every' => $checked['every'] ?? null, 'minutes' => $checked['minutes'] ?? null, 'next_on' => $checked['next_on'] ?? null];
    }
}
