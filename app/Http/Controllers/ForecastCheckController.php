<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\WaterChange\ForecastCheckPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class ForecastCheckController extends Controller
{
    public function latest(Tank $tank): View|RedirectResponse
    {
        $checklist = $tank->checklists()->where('state', ChecklistState::Done)->latest('finished_at')->first();

        return $checklist === null
            ? view('forecast-check.empty', ['tank' => $tank, 'loop' => TankTabs::of($tank, 'look-back')])
            : redirect('/checklists/'.$checklist->id.'/forecast-check');
    }

    public function show(Request $request, Checklist $checklist): View|RedirectResponse
    {
        if ($checklist->state !== ChecklistState::Done) {
            return redirect('/checklists/'.$checklist->id);
        }
        $checklist->load('tank.devices', 'tank.keeper', 'steps', 'switches');

        $page = new ForecastCheckPage($checklist);

        return $this->withWorking($request, $page->working(...), static fn(): View => view('forecast-check.show', [
            'page' => $page,
            'loop' => TankTabs::of($checklist->tank, 'look-back'),
            'show' => $checklist->tank->keeper->show(),
        ]));
    }
}
