<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Tank;
use App\Plants\PlantsPage;
use App\Plants\TrimInput;
use App\Schedule\TankTabs;
use App\Tanks\PlantModelQuery;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The plants of a tank from the front and from above, on any day from the last cut to four weeks on. */
final class PlantsController extends Controller
{
    public function show(Request $request, Tank $tank): View|Response
    {
        $tank->setRelation('keeper', $this->keeper($request))->loadMissing('devices');
        $isPart = $request->header('HX-Request') === 'true';
        $planting = PlantModelQuery::tank($tank);
        $trim = TrimInput::of($request, $planting, $tank->keeper->show());
        if ($isPart && $trim->faults->isNotEmpty()) {
            return response(view('plants.faults', ['plantGroups' => array_keys($planting->plantGroups), 'faults' => $trim->faults])->render())
                ->header('HX-Reswap', 'none');
        }
        $day = $request->query('day');
        $page = new PlantsPage(
            $tank,
            $planting,
            is_numeric($day) ? (int) max(-400, min(400, (float) $day)) : 0,
            $trim->asked,
            $isPart || $request->query('all') === '1',
        );
        $this->shareFaults($trim->faults);

        return $this->withWorking(
            $request,
            $page->working(...),
            static fn(): View => view('plants.show', ['tank' => $tank, 'page' => $page, 'loop' => TankTabs::of($tank, 'plants')]),
            static fn(): View => view('plants.answer', ['page' => $page, 'tank' => $tank, 'isPart' => true]),
        );
    }
}
