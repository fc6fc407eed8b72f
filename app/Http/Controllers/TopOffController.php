<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Tanks\VesselQuery;
use App\WaterChange\TopOffPage;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What top-off does to a tank over a year, and what evaporates. */
final class TopOffController extends Controller
{
    /** Share of the tank from which on a top-off is asked back. House default. */
    private const ODD = 0.25;

    public function show(Request $request, Tank $tank): View
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper->loadMissing('waters', 'kits'));
        $page = new TopOffPage(
            $tank,
            is_numeric($request->query('top_up')) ? (int) $request->query('top_up') : null,
            is_numeric($request->query('change')) ? (int) $request->query('change') : null,
        );

        return $this->withWorking($request, $page->working(...), static fn(): View => view('tanks.top-up', [
            'tank' => $tank, 'page' => $page, 'show' => $keeper->show(), 'volume' => $keeper->volume_unit, 'loop' => TankTabs::of($tank, ''),
        ]));
    }

    public function store(Request $request, Tank $tank): RedirectResponse
    {
        $tank->setRelation('keeper', $this->keeper($request));
        $show = $tank->keeper->show();
        $net = VesselQuery::tank($tank)->litres();
        $this->checked(
            $request,
            [
                'source_water_id' => ['nullable', 'integer', Rule::exists('source_waters', 'id')->where('keeper_id', $tank->keeper_id)],
                'litres' => ['required', $show->volumes()->rule(0.01, $net, 2.5)],
            ],
            ['required' => __('said.number.needed'), 'source_water_id' => __('said.choose.water')],
        );
        $litres = $show->volumes()->parse($request->input('litres')) ?? 0.0;
        if ($litres > self::ODD * $net && !in_array('litres', (array) $request->input('sure', []), true)) {
            throw ValidationException::withMessages([
                'litres' => __('said.look.top_up', ['share' => $show->percent($litres / $net), 'litres' => $show->volume($net)]),
                'ask.litres' => '1',
            ]);
        }
        $tank->topOffs()->create([
            'litres' => $litres, 'taken_at' => CarbonImmutable::now(), 'source_water_id' => $request->integer('source_water_id') ?: null,
        ]);

        return redirect()->back(302, [], '/tanks/'.$tank->id.'/top-off')->with('status', __('said.done.kept'));
    }

    public function destroy(Tank $tank, int $topOff): RedirectResponse
    {
        $tank->topOffs()->whereKey($topOff)->delete();

        return redirect('/tanks/'.$tank->id.'/top-off')->with('status', __('said.done.taken_out'));
    }
}
