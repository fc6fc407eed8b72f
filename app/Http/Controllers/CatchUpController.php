<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Tank;
use App\Schedule\CatchUpPage;
use App\Schedule\TankTabs;
use App\WaterChange\DraftChange;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The way back from weeks of neglect. */
final class CatchUpController extends Controller
{
    public function __invoke(Request $request, Tank $tank, DraftChange $draft): View|RedirectResponse
    {
        $keeper = $this->keeper($request)->loadMissing('waters', 'kits', 'reservoirs');
        $tank->setRelation('keeper', $keeper)->loadMissing('devices');
        if ($keeper->waters->isEmpty()) {
            return redirect('/tanks/'.$tank->id.'/water-change');
        }

        $page = new CatchUpPage($tank, $draft);

        return $this->withWorking(
            $request,
            $page->working(...),
            static fn(): View => view('tanks.catch-up', ['page' => $page, 'tank' => $tank, 'loop' => TankTabs::of($tank, 'change')]),
        );
    }
}
