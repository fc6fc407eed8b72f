<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Tank;
use App\View\Term;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What the words of the hobby mean. */
final class GlossaryController extends Controller
{
    public function index(): View
    {
        return view('glossary.index', ['terms' => Term::all()]);
    }

    public function show(Request $request, string $term): View|RedirectResponse
    {
        $found = Term::find($term) ?? abort(404);
        $tank = is_numeric($request->query('tank')) ? $this->keeper($request)->tanks()->find((int) $request->query('tank')) : null;

        return $request->header('HX-Request') === 'true'
            ? view(
                'glossary.term',
                ['term' => $found, 'range' => $tank instanceof Tank ? $found->rangeIn($tank->setRelation('keeper', $this->keeper($request))) : null],
            )
            : redirect('/glossary#'.$found->key);
    }
}
