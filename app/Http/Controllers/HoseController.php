<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Tank;
use App\Rules\Amount;
use App\View\HosePage;
use App\View\TankLoop;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The hose of a tank beside another one, a pump, and warm water for the refill. */
final class HoseController extends Controller
{
    public function show(Request $request, Tank $tank): View
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper);
        $page = new HosePage($tank, $request->query());
        $this->shareFaults($page->faults);
        $working = is_string($request->query('working')) ? $request->query('working') : null;
        if ($request->header('HX-Request') === 'true') {
            return view('parts.working', ['working' => $working === null ? null : $page->working($working)]);
        }

        return view('tanks.hose', [
            'tank' => $tank, 'page' => $page, 'show' => $keeper->show(), 'volume' => $keeper->volume_unit, 'loop' => TankLoop::of($tank, ''),
            'working' => $working === null ? null : $page->working($working), 'isWorkingAsked' => $working !== null,
        ]);
    }

    public function update(Request $request, Tank $tank): RedirectResponse
    {
        $this->checked($request, [
            'bore' => ['required', new Amount(2, 60, 'mm', '12')],
            'length' => ['required', new Amount(0.2, 50, 'm', '2')],
            'drop' => ['required', new Amount(50, 5000, 'mm', '900')],
        ], ['required' => 'Write a number here.']);
        $tank->update([
            'hose_bore' => Amount::parse($request->input('bore')), 'hose_length' => Amount::parse($request->input('length')), 'hose_drop' => Amount::parse($request->input('drop')),
        ]);

        return redirect('/tanks/'.$tank->id.'/hose')->with('status', 'This is the hose that the sheets reckon with now.');
    }
}
