<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Run;
use App\Models\RunState;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\WaterChange\ForecastCheckPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class LookBackController extends Controller
{
    public function latest(Tank $tank): View|RedirectResponse
    {
        $run = $tank->runs()->where('state', RunState::Done)->latest('finished_at')->first();

        return $run === null
            ? view('look-back.empty', ['tank' => $tank, 'loop' => TankTabs::of($tank, 'look-back')])
            : redirect('/checklists/'.$run->id.'/forecast-check');
    }

    public function show(Request $request, Run $run): View|RedirectResponse
    {
        if ($run->state !== RunState::Done) {
            return redirect('/checklists/'.$run->id);
        }
        $run->load('tank.devices', 'tank.keeper', 'steps', 'switches');

        $page = new ForecastCheckPage($run);

        return $this->withWorking($request, $page->working(...), static fn(): View => view('look-back.show', [
            'page' => $page,
            'loop' => TankTabs::of($run->tank, 'look-back'),
            'show' => $run->tank->keeper->show(),
        ]));
    }
}
