<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Keeper;
use App\Models\MeterTrial;
use App\Units\Amount;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\MeterFactor;
use Cresco\Core\Mixing\MixingFault;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The factor of the keeper's TDS meter, learned from pairs. */
final class MeterController extends Controller
{
    public function show(Request $request): View
    {
        $keeper = $this->keeper($request);

        return view(
            'products.pen',
            ['keeper' => $keeper, 'trials' => $keeper->meterTrials()->latest('taken_at')->latest('id')->get(), 'learned' => self::learned($keeper, [])],
        );
    }

    public function store(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $this->checked($request, [
            'shown' => ['required', new Amount(1, 20000, 'mg/L', '207')],
            'known' => ['required', new Amount(1, 20000, 'µS/cm', '413')],
        ], ['required' => __('said.number.needed')]);
        $pair = [Amount::parse($request->input('shown')) ?? 0.0, Amount::parse($request->input('known')) ?? 0.0];
        try {
            // One pair must be a meter's by itself: a slip may not hide among the good ones.
            MeterFactor::learned([$pair, $pair, $pair, $pair, $pair, $pair, $pair, $pair], $keeper->pen_factor);
            $learned = self::learned($keeper, [$pair]);
        } catch (MixingFault $fault) {
            throw ValidationException::withMessages(['shown' => say($fault)]);
        }
        $keeper->meterTrials()->create(['shown' => $pair[0], 'known' => $pair[1], 'taken_at' => CarbonImmutable::now()]);
        if ($keeper->coreKit(Parameter::Conductivity)->isSet()) {
            $keeper->setPen(Parameter::Conductivity, CarbonImmutable::now());
        }

        return redirect('/pen')->with('status', __('said.done.factor', ['factor' => sprintf('%.3f', $learned->factor)]));
    }

    /** Takes what was learned for the keeper's factor. */
    public function adopt(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $keeper->update(['pen_factor' => round(self::learned($keeper, [])->factor, 3)]);

        return redirect('/pen')->with('status', __('said.done.pen_factor'));
    }

    public function destroy(Request $request, int $trial): RedirectResponse
    {
        $this->keeper($request)->meterTrials()->whereKey($trial)->delete();

        return redirect('/pen')->with('status', __('said.done.taken_out'));
    }

    /** @param list<array{float, float}> $more */
    private static function learned(Keeper $keeper, array $more): MeterFactor
    {
        $pairs = $keeper->meterTrials()->get()->map(static fn(MeterTrial $trial): array => [$trial->shown, $trial->known])->values()->all();

        return MeterFactor::learned(array_values([...$pairs, ...$more]), $keeper->pen_factor);
    }
}
