<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Data\BatchCheck;
use App\Devices\Devices;
use App\Mixing\BatchPage;
use App\Mixing\MakeBatch;
use App\Models\Batch;
use App\Tanks\BatchContent;
use App\Units\Amount;
use App\Units\Show;
use Cresco\Core\Measure\Conductivity;
use Cresco\Core\Measure\Parameter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

final class BatchController extends Controller
{
    public function show(Request $request, Batch $batch): View
    {
        $keeper = $this->keeper($request);
        $card = new BatchPage($batch, $keeper->show());

        return $this->withWorking($request, $card->working(...), static fn(): View => view('mixing.card', [
            'card' => $card,
            'batch' => $batch,
            'show' => $keeper->show(),
            'keeper' => $keeper,
        ]));
    }

    /** Keeps what the meter read, typed or taken from the meter itself. */
    public function check(Request $request, Batch $batch): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $unit = $keeper->show()->unit(Parameter::Conductivity);
        $degrees = $keeper->show()->unit(Parameter::Temperature);
        $fromPen = $request->input('from') === 'pen';
        if ($fromPen) {
            $pen = Devices::pen($keeper, $batch) ?? throw ValidationException::withMessages(['read' => __('said.cannot.no_pen')]);
            $reading = $pen->read();
            $read = $reading->compensated();
            $celsius = $reading->celsius;
            $ph = Devices::acidityPen($keeper, $batch)?->read();
        } else {
            $this->checked($request, [
                'read' => ['required', new Amount(0, round($unit->fromBase(10000.0)), $unit->label, Show::plain($unit->fromBase(212.0), 0))],
                'ph' => ['nullable', new Amount(2, 12, '', '6.4')],
                'celsius' => ['nullable', new Amount(
                    round($degrees->fromBase(0.0), 1),
                    round($degrees->fromBase(45.0), 1),
                    $degrees->label,
                    Show::plain($degrees->fromBase(19.0), 1),
                )],
            ], ['required' => __('said.write.pen')]);
            $typed = Amount::parse($request->input('celsius'));
            $celsius = $typed === null ? null : $degrees->toBase($typed);
            $shown = $unit->toBase(Amount::parse($request->input('read')) ?? 0.0);
            $read = $celsius === null ? $shown : Conductivity::uncompensated($shown, $celsius)->microsiemensPerCentimetre;
            $ph = Amount::parse($request->input('ph'));
        }
        DB::transaction(function () use ($request, $batch, $read, $ph, $celsius, $fromPen): void {
            $fresh = Batch::query()->whereKey($batch->id)->lockForUpdate()->firstOrFail();
            // The same press from two devices, or twice, is one look.
            if ($request->integer('looks', count($fresh->checks->all)) !== count($fresh->checks->all)) {
                return;
            }
            $check = BatchCheck::by((new BatchContent($fresh))->check($read), $ph, $celsius, $fromPen);
            $fresh->update(['checks' => $fresh->checks->with($check)]);
        });

        return redirect('/batches/'.$batch->id.'#pen');
    }

    /** What the last look asked for was added. */
    public function added(Request $request, Batch $batch): RedirectResponse
    {
        DB::transaction(function () use ($batch): void {
            $fresh = Batch::query()->whereKey($batch->id)->lockForUpdate()->firstOrFail();
            $last = $fresh->checks->last();
            if ($last !== null && !$last->isGood() && !$last->odd) {
                $fresh->update(['checks' => $fresh->checks->withLastAdded()]);
            }
        });

        return redirect('/batches/'.$batch->id.'#pen')->with('status', __('said.done.acid'));
    }

    public function made(Request $request, Batch $batch, MakeBatch $make): RedirectResponse
    {
        $make($this->keeper($request), $batch);

        return redirect('/batches/'.$batch->id)->with('status', __('said.done.batch'));
    }

    public function destroy(Batch $batch): RedirectResponse
    {
        if ($batch->made_at !== null) {
            return redirect('/batches/'.$batch->id)->with('status', __('said.cannot.made'));
        }
        $batch->delete();

        return redirect('/mix-water')->with('status', __('said.done.card_gone'));
    }
}
