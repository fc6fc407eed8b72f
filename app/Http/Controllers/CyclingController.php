<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Cycling\CyclingPage;
use App\Models\Tank;
use App\Schedule\TankTabs;
use Carbon\CarbonImmutable;
use Cresco\Core\Cycling\AmmoniaSource;
use Cresco\Core\Cycling\CyclingMethod;
use Cresco\Core\Formula\Computation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A tank that is being started. */
final class CyclingController extends Controller
{
    /** Doses of a cycling at most. House limit. */
    private const MOST = 120;

    /** mg/L of nitrogen of one dose: least and most. House limits. */
    private const DOSE = [0.1, 5.0];

    public function show(Request $request, Tank $tank): View
    {
        $keeper = $this->keeper($request)->loadMissing('kits');
        $tank->setRelation('keeper', $keeper);

        $page = new CyclingPage($tank, $tank->cycling()->first());

        return $this->withWorking(
            $request,
            static fn(string $of): ?Computation => $of === 'first' ? $page->working() : null,
            static fn(): View => view(
                'cycling.show',
                [
                    'page' => $page, 'tank' => $tank, 'show' => $keeper->show(), 'loop' => TankTabs::of($tank, 'look'),
                    'today' => CarbonImmutable::now($keeper->timezone),
                ],
            ),
        );
    }

    public function store(Request $request, Tank $tank): RedirectResponse
    {
        $today = CarbonImmutable::now($this->keeper($request)->timezone);
        $checked = $this->checked($request, [
            'way' => ['required', Rule::enum(CyclingMethod::class)], 'source' => ['required', Rule::enum(AmmoniaSource::class)],
            'begun_on' => [
                'bail', 'required', 'string', 'date_format:Y-m-d', 'after:'.$today->subDays(120)->format('Y-m-d'),
                'before_or_equal:'.$today->format('Y-m-d'),
            ], 'plenty' => ['nullable', 'boolean'],
        ], ['way' => __('said.choose.one'), 'source' => __('said.choose.one'), 'begun_on' => __('said.day.begun')]);
        $tank->cycling()->updateOrCreate(
            [],
            ['way' => $checked['way'], 'source' => $checked['source'], 'begun_on' => $checked['begun_on'], 'plenty' => $request->boolean('plenty')],
        );

        return redirect('/tanks/'.$tank->id.'/cycling')->with('status', __('start.kept'));
    }

    /** Ammonia was given today. */
    public function dose(Request $request, Tank $tank): RedirectResponse
    {
        $start = $tank->cycling()->firstOrFail();
        $this->checked(
            $request,
            ['dose' => ['required', 'numeric', 'min:'.self::DOSE[0], 'max:'.self::DOSE[1]]],
            ['dose' => __('start.dose_between', ['least' => self::DOSE[0], 'most' => self::DOSE[1]])],
        );
        if (count($start->doses) >= self::MOST) {
            throw ValidationException::withMessages(['dose' => __('animals.most', ['most' => self::MOST])]);
        }
        $start->update(['doses' => [$this->keeper($request)->show()->local(CarbonImmutable::now())->format('Y-m-d') => (float) $request->float('dose')] + $start->doses]);

        return redirect('/tanks/'.$tank->id.'/cycling')->with('status', __('start.dosed'));
    }

    public function destroy(Tank $tank): RedirectResponse
    {
        $tank->cycling()->delete();

        return redirect('/tanks/'.$tank->id.'/cycling')->with('status', __('start.ended'));
    }
}
