<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Devices;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Gauge;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What the equipment of a tank does: asked of a plug, or taken out again. Typed it is with the readings. */
final class GaugeController extends Controller
{
    /** Minutes of the heater, from its plug: those of yesterday, the last whole day. */
    public function ask(Request $request, Tank $tank): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $day = CarbonImmutable::now($keeper->timezone)->subDay()->startOfDay();
        $plug = Devices::plug($keeper, $tank, $day);
        if ($plug === null) {
            return self::back($request, $tank, __('gauge.no_plug'));
        }
        $minutes = $plug->minutes();
        $tank->note(Gauge::Heater, $day, $minutes);

        return self::back($request, $tank, trans_choice('gauge.told', (int) $minutes, ['count' => (int) $minutes]));
    }

    public function destroy(Request $request, Tank $tank, int $gaugeNote): RedirectResponse
    {
        $tank->gaugeNotes()->whereKey($gaugeNote)->firstOrFail()->delete();

        return self::back($request, $tank, __('said.done.taken_out'));
    }

    /** What was typed meanwhile stays in its fields. */
    private static function back(Request $request, Tank $tank, string $said): RedirectResponse
    {
        return redirect('/tanks/'.$tank->id.'/test')->with('status', $said)->withInput($request->except('_token', '_method'));
    }
}
