<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\AnswerFirst;
use App\Drawing\PlantShapes;
use App\Drawing\SectionDrawing;
use App\Http\Requests\TankRequest;
use App\Models\Device;
use App\Models\Keeper;
use App\Models\Tank;
use App\Plants\SavePhoto;
use App\Schedule\TankTabs;
use App\Tanks\TankWaterQuery;
use App\Tanks\UsualWaterQuery;
use App\Tanks\VesselQuery;
use App\Today\OverviewPage;
use Cresco\Core\Tank\AnimalGroup;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;

final class TankController extends Controller
{
    public function create(Request $request): View
    {
        return $this->form($this->keeper($request), Tank::usual(AnimalGroup::Community)->setRelation('devices', new Collection()));
    }

    public function store(TankRequest $request): RedirectResponse
    {
        $tank = new Tank();
        $tank->keeper_id = $this->keeper($request)->id;
        $this->save($tank, $request);
        // Where no water was named yet, it is the tap's.
        if (!$this->keeper($request)->waters()->exists()) {
            AnswerFirst::tap($this->keeper($request));
        }
        if ($tank->source_water_id === null) {
            $tank->update(['source_water_id' => UsualWaterQuery::for($this->keeper($request), $tank->needs())?->id]);
        }

        return redirect('/tanks/'.$tank->id)->with('status', __('said.done.tank_stands', ['name' => $tank->name]));
    }

    public function show(Request $request, Tank $tank): View
    {
        $water = TankWaterQuery::of($tank);
        $page = new OverviewPage($tank->load('devices'), $water);

        return $this->withWorking(
            $request,
            $page->working(...),
            static fn(): View => view('tanks.show', ['loop' => TankTabs::of($tank, 'look', $water), 'page' => $page]),
        );
    }

    /** The section as a file of its own. */
    public function svg(Tank $tank): Response
    {
        $drawing = new SectionDrawing(
            $tank->load('devices'),
            VesselQuery::tank($tank),
            VesselQuery::levels($tank),
            null,
            760.0,
            480.0,
            false,
            $tank->water_below_rim,
            false,
            PlantShapes::now($tank),
        );

        return response(view('parts.section', ['drawing' => $drawing, 'show' => $tank->keeper->show(), 'file' => true])->render(), 200, [
            'Content-Type' => 'image/svg+xml; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="section.svg"',
        ]);
    }

    public function edit(Request $request, Tank $tank): View
    {
        return $this->form($this->keeper($request), $tank->load('devices'));
    }

    public function update(TankRequest $request, Tank $tank): RedirectResponse
    {
        $this->save($tank, $request);

        return redirect('/tanks/'.$tank->id)->with('status', __('said.done.kept'));
    }

    public function destroy(Tank $tank, SavePhoto $photos): RedirectResponse
    {
        $photos->dropFilesOf($tank);
        $tank->delete();

        return redirect('/')->with('status', __('said.done.gone_with_diary', ['name' => $tank->name]));
    }

    /** The drawing that answers while a tank is typed; with a fault it says so at its field and leaves the drawing alone. */
    public function draw(Request $request): View
    {
        $keeper = $this->keeper($request);
        $typed = TankRequest::createFrom($request)->setUserResolver(fn(): Keeper => $keeper);
        $validator = Validator::make($typed->all(), $typed->rules(), $typed->messages())->after($typed->after()[0]);
        $drawing = null;
        if ($validator->passes()) {
            $tank = $typed->fill(new Tank());
            $tank->setRelation('devices', new Collection(array_map(static fn(array $d): Device => new Device($d), $typed->devices())));
            $tank->setRelation('keeper', $keeper);
            $drawing = new SectionDrawing($tank, VesselQuery::tank($tank), VesselQuery::levels($tank), null, 560.0, 340.0, false, $tank->water_below_rim);
        }

        return view('tanks.drawn', ['drawing' => $drawing, 'faults' => $validator->errors(), 'show' => $keeper->show()]);
    }

    private function form(Keeper $keeper, Tank $tank): View
    {
        $tank->setRelation('keeper', $keeper);

        return view('tanks.form', [
            'tank' => $tank,
            'waters' => $keeper->waters()->orderBy('name')->get(),
            'show' => $keeper->show(),
            'drawing' => new SectionDrawing($tank, VesselQuery::tank($tank), VesselQuery::levels($tank), null, 560.0, 340.0, false, $tank->water_below_rim),
            'loop' => $tank->exists ? TankTabs::of($tank, 'look') : null,
        ]);
    }

    private function save(Tank $tank, TankRequest $request): void
    {
        DB::transaction(function () use ($tank, $request): void {
            $request->fill($tank)->save();
            $devices = $request->devices();
            $kinds = array_map(static fn(array $device): string => $device['kind']->value, $devices);
            $tank->devices()->whereNotIn('kind', $kinds)->delete();
            foreach ($devices as $device) {
                $tank->devices()->updateOrCreate(['kind' => $device['kind']], $device);
            }
        });
    }
}
