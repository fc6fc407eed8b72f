<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MixingRequest;
use App\Mixing\DraftBatch;
use App\Mixing\MixingDraft;
use App\Mixing\MixingPage;
use App\Mixing\StockSolutions;
use App\Mixing\WriteBatch;
use App\View\PageQuery;
use Cresco\Core\Fault;
use Cresco\Core\Formula\Computation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

final class MixingController extends Controller
{
    public function __construct(private readonly DraftBatch $draft) {}

    /** The bench; with htmx only what answers to typing. With a fault in a field the last good figures stay. */
    public function show(MixingRequest $request): View|Response
    {
        $keeper = $request->keeper();
        if ($keeper->waters->isEmpty()) {
            return view('mixing.no-water');
        }
        $isPart = $request->header('HX-Request') === 'true';
        $faults = $request->faults();
        $draft = $this->drafted($request);
        if ($isPart && $faults->isNotEmpty()) {
            return response(view('mixing.faults', ['faults' => $faults])->render())->header('HX-Reswap', 'none');
        }
        $sheet = $draft === null ? null : new MixingPage($draft, $keeper->show(), array_values($keeper->reservoirs->all()));
        $this->shareFaults($faults);

        return $this->withWorking(
            $request,
            static fn(string $of): ?Computation => $sheet?->working($of),
            static fn(): View => view('mixing.show', ['keeper' => $keeper, 'input' => $request->toInput(), 'typed' => $request, 'sheet' => $sheet]),
            static fn(): View => view('mixing.answer', ['sheet' => $sheet, 'faults' => $faults]),
        );
    }

    /** The recipe as stock solutions. */
    public function bottles(MixingRequest $request): View|RedirectResponse
    {
        $draft = $this->drafted($request);

        return $draft === null ? redirect('/mix-water') : view('mixing.bottles', [
            'bottles' => StockSolutions::of($draft, $request->query('per_litre'), $request->query('bottle')),
            'show' => $this->keeper($request)->show(),
            'query' => PageQuery::kept($request, ['per_litre', 'bottle']),
        ]);
    }

    /** Writes the card of what the mixing page shows. */
    public function store(MixingRequest $request, WriteBatch $write): RedirectResponse
    {
        $draft = $this->drafted($request);
        $faults = $request->faults();
        if ($draft === null || $faults->isNotEmpty()) {
            throw ValidationException::withMessages($faults->isEmpty() ? ['waters' => __('said.cannot.nothing_to_make')] : $faults->toArray())
                ->redirectTo('/mix-water?'.PageQuery::query($request));
        }

        return redirect('/batches/'.$write($request->keeper(), $draft)->id);
    }

    /** The draft, or null with the reason among the faults. */
    private function drafted(MixingRequest $request): ?MixingDraft
    {
        $input = $request->toInput();
        if ($input->waters === []) {
            return null;
        }
        try {
            return ($this->draft)($input, $request->keeper()->waters);
        } catch (Fault $fault) {
            $request->faults()->add('waters', say($fault));

            return null;
        }
    }
}
