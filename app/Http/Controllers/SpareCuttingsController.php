<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\PlantMeasurement;
use App\Plants\SpareCuttingsPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What cuts left over. */
final class SpareCuttingsController extends Controller
{
    public function index(Request $request): View
    {
        return view('plants.surplus', ['page' => new SpareCuttingsPage($this->keeper($request))]);
    }

    /** It found a place. */
    public function gone(Request $request, int $look): RedirectResponse
    {
        PlantMeasurement::query()->whereKey($look)->whereHas('plantGroup.tank', fn($tanks) => $tanks->where('keeper_id', $this->keeper($request)->id))
            ->firstOrFail()->update(['surplus' => 0]);

        return redirect('/spare-cuttings')->with('status', __('said.done.off_list'));
    }
}
