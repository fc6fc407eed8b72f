<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\HelperRequest;
use App\Models\Helper;
use App\Schedule\AskHelper;
use App\Schedule\HelperPage;
use App\Schedule\HelpersPage;
use App\Schedule\Unattended;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** What a keeper asks of a helper while away, and what came of it. */
final class HelperController extends Controller
{
    /** Links of a keeper that work at once. House limit. */
    private const MOST = 50;

    public function index(Request $request): View
    {
        $keeper = $this->keeper($request);
        $keeper->loadMissing('waters', 'kits', 'tanks.devices', 'tanks.topOffs');
        $tank = $keeper->tanks->firstWhere('id', is_numeric($request->query('tank')) ? (int) $request->query('tank') : 0) ?? $keeper->tanks->first();

        $page = new HelpersPage($keeper, $tank);

        return $this->withWorking($request, static function (string $id) use ($keeper, $page): ?Computation {
            $of = ctype_digit($id) ? $keeper->tanks->firstWhere('id', (int) $id) : null;

            return $of === null ? null : (new Unattended($of->setRelation('keeper', $keeper), $page->until))->nitrate;
        }, static fn(): View => view('week.helpers', ['page' => $page, 'link' => session('link')]));
    }

    public function store(HelperRequest $request, AskHelper $ask): RedirectResponse
    {
        $keeper = $this->keeper($request);
        if ($keeper->helpers()->whereNull('revoked_at')->count() >= self::MOST) {
            throw ValidationException::withMessages(['name' => __('helper.most', ['most' => self::MOST])]);
        }
        $jobs = $request->jobs();
        $tank = $keeper->tanks()->whereKey($request->integer('tank_id'))->firstOrFail();
        $secret = $ask(
            $keeper,
            $tank,
            $request->text('name'),
            $request->text('from_day'),
            $request->text('until_day'),
            $request->text('note') ?: null,
            $request->reads(),
            $jobs,
        );

        return redirect('/helpers')->with('link', rtrim(config()->string('app.url'), '/').'/help/'.$secret);
    }

    public function show(Request $request, Helper $helper): View
    {
        $helper->setRelation('keeper', $this->keeper($request));

        return view('week.helper', ['page' => new HelperPage($helper)]);
    }

    /** The same on paper. */
    public function paper(Request $request, Helper $helper): View
    {
        $helper->setRelation('keeper', $this->keeper($request));

        return view('week.helper-paper', ['page' => new HelperPage($helper)]);
    }

    public function destroy(Helper $helper): RedirectResponse
    {
        $helper->update(['revoked_at' => CarbonImmutable::now()]);

        return redirect('/helpers')->with('status', __('helper.gone'));
    }
}
