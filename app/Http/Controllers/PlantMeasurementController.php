<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Fertilising\RootTabsQuery;
use App\Models\PlantGroup;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use App\Units\MomentRule;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** What was noted of a plant group is put right or taken back: heights, cuts and root tabs. */
final class PlantMeasurementController extends Controller
{
    public function look(Request $request, Tank $tank, int $plantGroup, int $look): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $record = $this->plantGroup($tank, $plantGroup);
        $one = $record->looks()->whereKey($look)->firstOrFail();
        $byCover = $one->isOfCover($record->toKind()->form);
        $levels = $keeper->show()->levels();
        $rule = $byCover ? new Amount(1, 100, '%', '40') : $levels->rule(1.0, 3000.0, 200.0);
        $this->checked(
            $request,
            [
                'happened_at' => ['required', new MomentRule($keeper->timezone, before: '+5 minutes')], 'after' => ['required', $rule],
                'before' => ['nullable', $rule],
            ],
            ['required' => __('said.number.needed')],
        );
        $read = static fn(string $field): ?float => !$request->filled($field) ? null : ($byCover ? (Amount::parse($request->input($field)) ?? 1.0) / 100.0 : $levels->parse($request->input($field)));
        [$before, $after] = [$read('before'), $read('after') ?? 1.0];
        if ($before !== null && $after > $before) {
            throw ValidationException::withMessages(['after' => __('said.cannot.cut_taller')]);
        }
        DB::transaction(static function () use ($request, $keeper, $record, $one, $byCover, $before, $after): void {
            $one->update(['happened_at' => MomentRule::parse(
                $request->input('happened_at'),
                $keeper->timezone,
            ) ?? $one->happened_at] + ($byCover ? ['cover' => $after, 'cover_before' => $before] : ['height' => $after, 'before' => $before]));
            $record->update(['looked_at' => CarbonImmutable::now()]);
        });

        return self::back($tank, $plantGroup, __('said.done.put_right'));
    }

    public function dropLook(Tank $tank, int $plantGroup, int $look): RedirectResponse
    {
        $record = $this->plantGroup($tank, $plantGroup);
        if ($record->looks()->count() < 2) {
            throw ValidationException::withMessages(['look' => __('plants.records.last')]);
        }
        DB::transaction(static function () use ($record, $look): void {
            $record->looks()->whereKey($look)->firstOrFail()->delete();
            $record->update(['looked_at' => CarbonImmutable::now()]);
        });

        return self::back($tank, $plantGroup, __('plants.records.gone'));
    }

    public function rootTab(Request $request, Tank $tank, int $plantGroup, int $rootTab): RedirectResponse
    {
        $most = RootTabsQuery::most(VesselQuery::tank($tank)->litres());
        $this->checked($request, [
            'number' => ['required', 'integer', 'between:1,'.$most],
            'placed_on' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before_or_equal:tomorrow'],
        ], [
            'number.*' => trans_choice('food.capsules.most', $most, ['count' => $most]), 'placed_on.*' => __('said.day.needed'),
        ]);
        $this->plantGroup($tank, $plantGroup)->rootTabs()->whereKey($rootTab)->firstOrFail()
            ->update(['number' => $request->integer('number'), 'placed_on' => (string) $request->string('placed_on')]);

        return self::back($tank, $plantGroup, __('said.done.put_right'));
    }

    public function dropRootTab(Tank $tank, int $plantGroup, int $rootTab): RedirectResponse
    {
        $this->plantGroup($tank, $plantGroup)->rootTabs()->whereKey($rootTab)->firstOrFail()->delete();

        return self::back($tank, $plantGroup, __('plants.records.gone'));
    }

    private function plantGroup(Tank $tank, int $plantGroup): PlantGroup
    {
        return $tank->plantGroups()->whereKey($plantGroup)->firstOrFail();
    }

    private static function back(Tank $tank, int $plantGroup, string $status): RedirectResponse
    {
        return redirect('/tanks/'.$tank->id.'/plant-groups/'.$plantGroup.'#records')->with('status', $status);
    }
}
