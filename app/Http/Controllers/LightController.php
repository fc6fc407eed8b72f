<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LampRequest;
use App\Models\Tank;
use App\Plants\LightPage;
use App\Schedule\TankTabs;
use App\Tanks\LightQuery;
use App\Tanks\PlantModelQuery;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Light\GlassCover;
use Cresco\Core\Light\LampReading;
use Cresco\Core\Light\LightColour;
use Cresco\Core\Light\WaterTint;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** The lamps of a tank, what lies between them and the plants, and what was read of their light. */
final class LightController extends Controller
{
    public function show(Request $request, Tank $tank): View
    {
        $tank->setRelation('keeper', $this->keeper($request))->load(PlantModelQuery::WITH);
        $page = new LightPage($tank);

        return $this->withWorking(
            $request,
            static fn(string $of): ?Computation => $of === 'light' ? LightQuery::tank($tank)->working($page->middle()) : null,
            static fn(): View => view('plants.light', ['tank' => $tank, 'page' => $page, 'loop' => TankTabs::of($tank, 'plants')]),
        );
    }

    /** What lies between the lamps and the plants, and the carbon dioxide. */
    public function update(Request $request, Tank $tank): RedirectResponse
    {
        $this->checked($request, [
            'glass_cover' => ['required', Rule::enum(GlassCover::class)], 'water_tint' => ['required', Rule::enum(WaterTint::class)], 'carbon_dioxide' => ['nullable', new Amount(0, 100, 'mg/L', '25')],
        ], ['required' => __('said.choose.one'), 'glass_cover' => __('said.choose.listed'), 'water_tint' => __('said.choose.listed')]);
        $tank->update([
            'glass_cover' => (string) $request->string('glass_cover'), 'water_tint' => (string) $request->string('water_tint'),
            'carbon_dioxide' => Amount::parse($request->input('carbon_dioxide')),
        ]);

        return self::back($tank);
    }

    public function store(LampRequest $request, Tank $tank): RedirectResponse
    {
        $fields = $request->fields(null);
        $tank->lamps()->create($fields);

        return self::back($tank);
    }

    public function replace(LampRequest $request, Tank $tank, int $lamp): RedirectResponse
    {
        $kept = $tank->lamps()->whereKey($lamp)->firstOrFail();
        $kept->update($request->fields($kept));

        return self::back($tank);
    }

    public function destroy(Tank $tank, int $lamp): RedirectResponse
    {
        $tank->lamps()->whereKey($lamp)->firstOrFail()->delete();

        return self::back($tank);
    }

    /** A sensor or a phone under the lamps. */
    public function read(Request $request, Tank $tank): RedirectResponse
    {
        $tank->setRelation('keeper', $this->keeper($request));
        $levels = $tank->keeper->show()->levels();
        $this->checked($request, [
            'by' => ['required', Rule::in(['sensor', 'air_sensor', 'phone'])],
            'value' => ['required', $request->input('by') === 'phone' ? new Amount(10, 300000, 'lux', '4500') : new Amount(0.5, 3000, 'µmol/m²s', '60')],
            'across' => ['required', new Amount(0, 100, '%', '50')], 'front' => ['required', new Amount(0, 100, '%', '50')],
            'depth' => ['required', $levels->rule(0.0, VesselQuery::tank($tank)->waterHeight(), 300.0)],
        ], ['required' => __('said.number.needed'), 'by.*' => __('said.choose.meter')]);
        $value = Amount::parse($request->input('value')) ?? 1.0;
        $place = [
            (Amount::parse($request->input('across')) ?? 50.0) / 100.0, (Amount::parse($request->input('front')) ?? 50.0) / 100.0,
            $levels->parse($request->input('depth')) ?? 0.0,
        ];
        $reading = match ($request->input('by')) {
            'phone' => LampReading::lux($value, $tank->lamps()->first()->colour ?? LightColour::White, ...$place),
            'air_sensor' => LampReading::inAir($value, ...$place),
            default => LampReading::sensor($value, ...$place),
        };
        $tank->lightReadings()->create([
            'light' => $reading->light, 'across' => $reading->across, 'front' => $reading->front, 'depth' => $reading->depth,
            'band' => $reading->band, 'taken_at' => CarbonImmutable::now(),
        ]);

        return self::back($tank);
    }

    public function forget(Tank $tank, int $lightReading): RedirectResponse
    {
        $tank->lightReadings()->whereKey($lightReading)->firstOrFail()->delete();

        return self::back($tank);
    }

    /** The lamps were on for longer or shorter than they are set. */
    public function noteDay(Request $request, Tank $tank): RedirectResponse
    {
        $tank->setRelation('keeper', $this->keeper($request));
        $today = CarbonImmutable::now($tank->keeper->timezone);
        $this->checked($request, [
            'day' => [
                'bail', 'required', 'string', 'date_format:Y-m-d', 'after:'.$today->subDays(60)->format('Y-m-d'),
                'before_or_equal:'.$today->format('Y-m-d'),
            ], 'day_hours' => ['required', new Amount(0, 24, 'h', '14')],
        ], ['required' => __('said.number.needed'), 'day' => __('said.day.light')]);
        $tank->lightDays()->updateOrCreate(
            ['day' => CarbonImmutable::parse((string) $request->string('day'))->startOfDay()],
            ['hours' => Amount::parse($request->input('day_hours')) ?? 0.0],
        );

        return self::back($tank);
    }

    public function forgetDay(Tank $tank, int $lightDay): RedirectResponse
    {
        $tank->lightDays()->whereKey($lightDay)->firstOrFail()->delete();

        return self::back($tank);
    }

    private static function back(Tank $tank): RedirectResponse
    {
        return redirect('/tanks/'.$tank->id.'/light')->with('status', __('said.done.kept'));
    }
}
