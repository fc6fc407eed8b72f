<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Today\TonightPage;
use App\WaterChange\DraftChange;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** One evening at several tanks. */
final class TonightController extends Controller
{
    public function __invoke(Request $request, DraftChange $draft): View
    {
        $keeper = $this->keeper($request)->loadMissing('waters', 'kits', 'reservoirs');
        $typed = $request->query('tanks');
        $picked = $request->boolean('chosen') ? array_map(intval(...), array_values(array_filter(is_array($typed) ? $typed : [], is_numeric(...)))) : null;

        // Beside the tanks of today it is shorter.
        return view(
            $request->headers->get('HX-Request') === 'true' ? 'parts.tonight' : 'evening',
            ['evening' => new TonightPage($keeper, $picked, $draft), 'show' => $keeper->show()],
        );
    }
}
