<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Mixing\AddAcid;
use App\Mixing\LowerKhPage;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Words\StepWords;
use Cresco\Core\Checklist\Caution;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Acid in the water for a tank. */
final class LowerKhController extends Controller
{
    public function show(Request $request, Tank $tank): View
    {
        $page = $this->page($request, $tank, $request->query());
        $this->shareFaults($page->faults);

        return view(
            'tanks.acid',
            ['tank' => $tank, 'page' => $page, 'show' => $page->show, 'caution' => StepWords::caution(Caution::Acid), 'loop' => TankTabs::of($tank, '')],
        );
    }

    public function store(Request $request, Tank $tank, AddAcid $add): RedirectResponse
    {
        $page = $this->page($request, $tank, (array) $request->input());
        $acid = $page->acid($request->boolean('batch'));
        if ($acid === null) {
            throw ValidationException::withMessages($page->faults->isEmpty() ? ['acid' => __('said.write.acid')] : $page->faults->toArray());
        }
        $inBatch = $add($this->keeper($request), $tank, $acid);

        return redirect('/tanks/'.$tank->id.'/log')->with('status', __($inBatch ? 'acid.in_batch' : 'acid.kept'));
    }

    /** @param array<mixed> $typed */
    private function page(Request $request, Tank $tank, array $typed): LowerKhPage
    {
        $tank->setRelation('keeper', $this->keeper($request)->loadMissing('waters', 'kits', 'products'));

        return new LowerKhPage($tank, $typed);
    }
}
