<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Known\SuppliesOf;
use App\Models\Supply;
use App\Units\Amount;
use Carbon\CarbonImmutable;
use Cresco\Core\Working\Computation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What runs out, and by when more must be on its way. */
final class SupplyController extends Controller
{
    public function index(Request $request): View
    {
        $keeper = $this->keeper($request);
        $lines = SuppliesOf::of($keeper);

        return $this->withWorking(
            $request,
            static fn(string $at): ?Computation => !ctype_digit($at) || !isset($lines[(int) $at]) ? null : $lines[(int) $at]['stock']->working($lines[(int) $at]['name'], $lines[(int) $at]['unit']),
            static fn(): View => view('week.supplies', ['lines' => $lines, 'show' => $keeper->show(), 'today' => CarbonImmutable::now($keeper->timezone)->startOfDay()]),
        );
    }

    public function store(Request $request): RedirectResponse
    {
        $this->keeper($request)->supplies()->create($this->typed($request));

        return redirect('/supplies')->with('status', __('week.chore.kept'));
    }

    /** It was counted again, or more has come. */
    public function update(Request $request, Supply $supply): RedirectResponse
    {
        $supply->update($this->typed($request));

        return redirect('/supplies')->with('status', __('week.chore.kept'));
    }

    public function destroy(Supply $supply): RedirectResponse
    {
        $supply->delete();

        return redirect('/supplies')->with('status', __('week.chore.gone'));
    }

    /** @return array<string, mixed> */
    private function typed(Request $request): array
    {
        $checked = $this->checked($request, [
            'name' => ['required', 'string', 'max:80'], 'unit' => ['required', 'string', 'max:20'], 'left' => ['required', new Amount(0, 1000000, '', '500')], 'weekly' => ['required', new Amount(0, 1000000, '', '20')],
            'lead_days' => ['required', 'integer', 'min:0', 'max:365'], 'expires_on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
        ], ['name' => __('said.give_it_a_name'), 'unit' => __('said.such_as_g_ml'), 'left' => __('said.write_a_number_here'), 'weekly' => __('said.write_a_number_here_0'), 'lead_days' => __('said.days_from_0_to_365'), 'expires_on' => __('said.a_day_such_as_2027')]);
        $number = static fn(string $key): float => Amount::parse($checked[$key] ?? null) ?? 0.0;

        return ['left' => $number('left'), 'weekly' => $number('weekly'), 'counted_on' => CarbonImmutable::now($this->keeper($request)->timezone)->format('Y-m-d')] + $checked;
    }
}
