<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Tank;
use App\Schedule\TankTabs;
use App\WaterChange\HosePage;
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

        return $this->withWorking($request, $page->working(...), static fn(): View => view('tanks.hose', [
            'tank' => $tank, 'page' => $page, 'show' => $keeper->show(), 'volume' => $keeper->volume_unit, 'loop' => TankTabs::of($tank, ''),
        ]));
    }

    public function update(Request $request, Tank $tank): RedirectResponse
    {
        $show = $this->keeper($request)->show();
        $fields = [
            'bore' => [$show->levels(), 'hose_bore', [2.0, 60.0, 12.0]], 'length' => [$show->hoseLengths(), 'hose_length', [0.2, 50.0, 2.0]],
            'drop' => [$show->levels(), 'hose_drop', [50.0, 5000.0, 900.0]],
        ];
        $this->checked(
            $request,
            array_map(static fn(array $field): array => ['required', $field[0]->rule(...$field[2])], $fields),
            ['required' => __('said.number.needed')],
        );
        foreach ($fields as $name => [$scale, $column]) {
            $kept = $tank->getAttribute($column);
            $tank->setAttribute($column, $scale->keep($request->input($name), is_numeric($kept) ? (float) $kept : null));
        }
        $tank->save();

        return redirect('/tanks/'.$tank->id.'/hose')->with('status', __('said.done.hose'));
    }
}
