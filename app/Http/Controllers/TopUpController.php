<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Tank;
use App\Rules\Amount;
use App\View\CreepPage;
use App\View\TankLoop;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What topping up does to a tank over a year, and what evaporates. */
final class TopUpController extends Controller
{
    public function show(Request $request, Tank $tank): View
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper->loadMissing('waters', 'kits'));
        $page = new CreepPage($tank, is_numeric($request->query('top_up')) ? (int) $request->query('top_up') : null, is_numeric($request->query('change')) ? (int) $request->query('change') : null);
        $working = is_string($request->query('working')) ? $request->query('working') : null;
        if ($request->header('HX-Request') === 'true') {
            return view('parts.working', ['working' => $working === null ? null : $page->working($working)]);
        }

        return view('tanks.top-up', [
            'tank' => $tank, 'page' => $page, 'show' => $keeper->show(), 'volume' => $keeper->volume_unit, 'loop' => TankLoop::of($tank, ''),
            'working' => $working === null ? null : $page->working($working), 'isWorkingAsked' => $working !== null,
        ]);
    }

    public function store(Request $request, Tank $tank): RedirectResponse
    {
        $volume = $this->keeper($request)->volume_unit;
        $this->checked($request, ['litres' => ['required', new Amount(0.01, round($volume->fromLitres(500.0), 1), $volume->label(), '2.5')]], ['required' => 'Write a number here.']);
        $tank->topUps()->create(['litres' => $volume->toLitres(Amount::parse($request->input('litres')) ?? 0.0), 'taken_at' => CarbonImmutable::now()]);

        return redirect('/tanks/'.$tank->id.'/top-up')->with('status', 'Kept.');
    }

    public function destroy(Tank $tank, int $topUp): RedirectResponse
    {
        $tank->topUps()->whereKey($topUp)->delete();

        return redirect('/tanks/'.$tank->id.'/top-up')->with('status', 'Taken out.');
    }
}
