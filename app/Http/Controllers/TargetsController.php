<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Tanks\TargetsPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** What the animals of a tank are kept at, and what the tank makes of nitrate. */
final class TargetsController extends Controller
{
    public function show(Request $request, Tank $tank): View
    {
        $tank->setRelation('keeper', $this->keeper($request));

        return view('tanks.needs', ['tank' => $tank, 'page' => new TargetsPage($tank), 'loop' => TankTabs::of($tank, 'look')]);
    }

    public function update(Request $request, Tank $tank): RedirectResponse
    {
        $tank->setRelation('keeper', $this->keeper($request));
        [$limits, $faults] = (new TargetsPage($tank))->parse($request->all());
        if ($faults->isNotEmpty()) {
            throw ValidationException::withMessages($faults->toArray());
        }
        $tank->update(['limits' => $limits]);

        return redirect('/tanks/'.$tank->id.'/targets')->with(
            'status',
            $limits['ranges'] === [] && $limits['swings'] === [] ? __('said.done.needs_usual') : __('said.done.needs'),
        );
    }
}
