<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlantGroupRequest;
use App\Models\Keeper;
use App\Models\PlantGroup;
use App\Models\Tank;
use App\Plants\HeightsPage;
use App\Plants\PlantGroupForm;
use App\Plants\RecordPlantMeasurements;
use App\Schedule\TankTabs;
use App\Tanks\PlantModelQuery;
use App\Units\Amount;
use Carbon\CarbonImmutable;
use Cresco\Core\Plants\Emersed;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Stands of plants: set up, put right, measured, cut and taken out. */
final class PlantGroupController extends Controller
{
    public function create(Request $request, Tank $tank): View
    {
        return $this->form($request, $tank, null);
    }

    public function store(PlantGroupRequest $request, Tank $tank): RedirectResponse
    {
        $plantGroup = DB::transaction(static function () use ($request, $tank): PlantGroup {
            $plantGroup = $tank->plantGroups()->create($request->toKind() + $request->toFields());
            if ($request->height() !== null || $plantGroup->toKind()->form->entry()->floats) {
                $plantGroup->looks()->create(['happened_at' => CarbonImmutable::now(), 'height' => $request->height() ?? 20.0, 'cover' => $request->cover()]);
            }

            return $plantGroup;
        });

        return redirect('/tanks/'.$tank->id.'/plants')->with('status', __('said.done.stand_drawn', ['name' => $plantGroup->toKind()->name]));
    }

    public function edit(Request $request, Tank $tank, int $plantGroup): View
    {
        return $this->form($request, $tank, $tank->plantGroups()->whereKey($plantGroup)->firstOrFail());
    }

    public function update(PlantGroupRequest $request, Tank $tank, int $plantGroup): RedirectResponse
    {
        $record = $tank->plantGroups()->whereKey($plantGroup)->firstOrFail();
        DB::transaction(static fn() => $record->update($request->toKind() + $request->toFields($record) + ['looked_at' => CarbonImmutable::now()]));

        return redirect('/tanks/'.$tank->id.'/plants')->with('status', __('said.done.kept'));
    }

    /** It was taken out; what was seen of it stays in the record. */
    public function destroy(Tank $tank, int $plantGroup): RedirectResponse
    {
        $tank->plantGroups()->whereKey($plantGroup)->firstOrFail()->update(['gone_at' => CarbonImmutable::now()]);

        return redirect('/tanks/'.$tank->id.'/plants')->with('status', __('said.done.taken_out'));
    }

    /** All heights in one pass. */
    public function heights(Request $request, Tank $tank): View
    {
        $tank->setRelation('keeper', $this->keeper($request))->load(PlantModelQuery::WITH);

        return view('plants.heights', ['tank' => $tank, 'page' => new HeightsPage($tank), 'loop' => TankTabs::of($tank, 'plants')]);
    }

    public function measure(Request $request, Tank $tank, RecordPlantMeasurements $keep): RedirectResponse
    {
        $tank->setRelation('keeper', $this->keeper($request))->load(PlantModelQuery::WITH);
        $page = new HeightsPage($tank);
        $this->checked($request, $page->rules(), []);
        $this->keepHand($request, $tank->keeper);
        $found = [];
        foreach ($tank->plantGroups as $plantGroup) {
            $typed = $request->input('height.'.$plantGroup->id);
            $floats = $plantGroup->toKind()->form->entry()->floats;
            $covered = Amount::parse($request->input('cover.'.$plantGroup->id));
            $height = is_string($typed) && $typed !== '' ? $tank->keeper->show()->levels()->parse($typed) : null;
            if ($height !== null || ($floats && $covered !== null)) {
                $core = $page->planting->plantGroups[$plantGroup->id];
                $found[$plantGroup->id] = [
                    'height' => $height ?? $core->height, 'cover' => $covered === null ? $core->cover : $covered / 100.0, 'before' => null,
                    'coverBefore' => null, 'guessed' => $request->boolean('guessed.'.$plantGroup->id), 'replanted' => 0,
                ];
            }
        }
        if ($found === []) {
            throw ValidationException::withMessages(['heights' => __('said.write.height')]);
        }
        $count = $keep($tank, $found, CarbonImmutable::now());

        return redirect('/tanks/'.$tank->id.'/plants')->with('status', trans_choice('plants.kept', $count, ['count' => $count]));
    }

    /** How broad a hand is, which is asked until it was once said. */
    private function keepHand(Request $request, Keeper $keeper): void
    {
        if ($request->filled('hand')) {
            $keeper->update(['hand' => $keeper->show()->levels()->keep($request->input('hand'), $keeper->hand) ?? $keeper->hand, 'hand_told' => true]);
        }
    }

    /** Melting leaves were taken out of one. */
    public function melt(Tank $tank, int $plantGroup): RedirectResponse
    {
        $tank->plantGroups()->settling()->whereKey($plantGroup)->firstOrFail()->update(['melted_at' => CarbonImmutable::now()]);

        return redirect('/tanks/'.$tank->id.'/plants')->with('status', __('plants.melt.kept', ['days' => Emersed::EVERY]));
    }

    /** One plant group was cut, outside a session. */
    public function cut(Request $request, Tank $tank, int $plantGroup, RecordPlantMeasurements $keep): RedirectResponse
    {
        $tank->setRelation('keeper', $this->keeper($request))->load(PlantModelQuery::WITH);
        $record = $tank->plantGroups()->whereKey($plantGroup)->firstOrFail();
        $core = PlantModelQuery::tank($tank)->plantGroups[$record->id];
        $levels = $tank->keeper->show()->levels();
        $byCover = $core->isCutByCover();
        $rule = $byCover ? new Amount(1, 100, '%', '40') : $levels->rule(1.0, 3000.0, 200.0);
        $this->checked(
            $request,
            ['before' => ['required', $rule], 'after' => ['required', $rule], 'replanted' => ['nullable', 'integer', 'between:0,2000']],
            ['required' => __('said.number.needed'), 'replanted.*' => __('said.whole.tops')],
        );
        $read = static fn(string $field): float => $byCover
            ? (Amount::parse($request->input($field)) ?? 1.0) / 100.0
            : ($levels->parse($request->input($field)) ?? 1.0);
        [$before, $after] = [$read('before'), $read('after')];
        if ($after > $before) {
            throw ValidationException::withMessages(['after' => __('said.cannot.cut_taller')]);
        }
        $keep($tank, [$record->id => [
            'height' => $byCover
                ? $core->height
                : $after, 'cover' => $byCover ? $after : $core->cover, 'before' => $byCover ? null : $before, 'coverBefore' => $byCover ? $before : null,
            'guessed' => false, 'replanted' => $request->integer('replanted'),
        ]], CarbonImmutable::now());

        return redirect('/tanks/'.$tank->id.'/plants')->with('status', __('said.done.kept'));
    }

    private function form(Request $request, Tank $tank, ?PlantGroup $plantGroup): View
    {
        $tank->setRelation('keeper', $this->keeper($request))->load(PlantModelQuery::WITH);

        return view('plants.stand', ['tank' => $tank, 'form' => new PlantGroupForm($tank, $plantGroup), 'loop' => TankTabs::of($tank, 'plants')]);
    }
}
