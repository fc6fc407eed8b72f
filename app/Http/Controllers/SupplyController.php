<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SupplyRequest;
use App\Models\Supply;
use App\Supplies\SuppliesQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What runs out, and by when more must be on its way. */
final class SupplyController extends Controller
{
    public function index(Request $request): View
    {
        $keeper = $this->keeper($request);
        $lines = SuppliesQuery::of($keeper);

        return $this->withWorking(
            $request,
            static fn(string $at): ?Computation => !ctype_digit($at) || !isset($lines[(int) $at]) ? null : $lines[(int) $at]['stock']->working($lines[(int) $at]['name'], $lines[(int) $at]['unit']),
            static fn(): View => view(
                'week.supplies',
                ['lines' => $lines, 'lead' => SuppliesQuery::LEAD, 'show' => $keeper->show(), 'today' => CarbonImmutable::now($keeper->timezone)->startOfDay()],
            ),
        );
    }

    public function store(SupplyRequest $request): RedirectResponse
    {
        $this->keeper($request)->supplies()->create($request->fields());

        return redirect('/supplies')->with('status', __('week.chore.kept'));
    }

    /** It was counted again, or more has come. */
    public function update(SupplyRequest $request, Supply $supply): RedirectResponse
    {
        $supply->update($request->fields());

        return redirect('/supplies')->with('status', __('week.chore.kept'));
    }

    public function destroy(Supply $supply): RedirectResponse
    {
        $supply->delete();

        return redirect('/supplies')->with('status', __('week.chore.gone'));
    }
}
