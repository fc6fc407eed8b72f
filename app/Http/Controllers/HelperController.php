<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AskHelper;
use App\Models\Helper;
use App\View\HelperPage;
use App\View\HelpersPage;
use App\View\Unattended;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Working\Computation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What a keeper asks of a helper while away, and what came of it. */
final class HelperController extends Controller
{
    /** Links of a keeper, and jobs of one. House limits. */
    private const MOST = [50, 12];

    /** Days that a link works at most. House limit. */
    private const LONGEST = 120;

    public function index(Request $request): View
    {
        $keeper = $this->keeper($request);
        $keeper->loadMissing('waters', 'kits', 'tanks.devices', 'tanks.topUps');
        $tank = $keeper->tanks->firstWhere('id', is_numeric($request->query('tank')) ? (int) $request->query('tank') : 0) ?? $keeper->tanks->first();

        $page = new HelpersPage($keeper, $tank);

        return $this->withWorking($request, static function (string $id) use ($keeper, $page): ?Computation {
            $of = ctype_digit($id) ? $keeper->tanks->firstWhere('id', (int) $id) : null;

            return $of === null ? null : (new Unattended($of->setRelation('keeper', $keeper), $page->until))->nitrate;
        }, static fn(): View => view('week.helpers', ['page' => $page, 'link' => session('link')]));
    }

    public function store(Request $request, AskHelper $ask): RedirectResponse
    {
        $keeper = $this->keeper($request);
        if ($keeper->helpers()->whereNull('revoked_at')->count() >= self::MOST[0]) {
            throw ValidationException::withMessages(['name' => __('helper.most', ['most' => self::MOST[0]])]);
        }
        $today = CarbonImmutable::now($keeper->timezone)->startOfDay();
        $checked = $this->checked($request, [
            'tank_id' => ['required', 'integer', Rule::exists('tanks', 'id')->where('keeper_id', $keeper->id)], 'name' => ['required', 'string', 'max:80'],
            'from_day' => ['required', 'date_format:Y-m-d', 'after_or_equal:'.$today->subYear()->format('Y-m-d')],
            'until_day' => ['required', 'date_format:Y-m-d', 'after_or_equal:from_day', 'after_or_equal:'.$today->format('Y-m-d'), 'before_or_equal:'.$today->addDays(self::LONGEST)->format('Y-m-d')],
            'note' => ['nullable', 'string', 'max:500'], 'reads' => ['nullable', 'array', 'max:10'], 'reads.*' => [Rule::in(array_map(static fn(Parameter $parameter): string => $parameter->value, Parameter::ofAnimals()))],
            'jobs' => ['required', 'array', 'max:'.self::MOST[1]], 'jobs.*' => ['array'], 'jobs.*.text' => ['nullable', 'string', 'max:200'], 'jobs.*.caution' => ['nullable', 'string', 'max:200'], 'jobs.*.every' => ['nullable', 'integer', 'min:0', 'max:60'],
        ], [
            'tank_id' => __('said.choose_one_of_your_tanks'), 'name' => __('said.say_who_helps'), 'from_day' => __('said.a_day_such_as_2026'), 'until_day' => 'A day from the first one on, at most '.self::LONGEST.' days ahead.', 'note' => __('said.at_most_500_letters'),
            'jobs.*.text' => __('said.at_most_200_letters'), 'jobs.*.caution' => __('said.at_most_200_letters'), 'jobs.*.every' => __('said.days_from_0_to_60'),
        ]);
        $jobs = [];
        foreach (is_array($checked['jobs']) ? $checked['jobs'] : [] as $job) {
            if (is_array($job) && is_string($job['text'] ?? null) && trim($job['text']) !== '') {
                $jobs[] = ['text' => trim($job['text']), 'caution' => is_string($job['caution'] ?? null) && trim($job['caution']) !== '' ? trim($job['caution']) : null, 'every' => is_numeric($job['every'] ?? null) ? (int) $job['every'] : 1];
            }
        }
        if ($jobs === []) {
            throw ValidationException::withMessages(['jobs' => __('said.ask_for_one_thing')]);
        }
        $tank = $keeper->tanks()->whereKey($request->integer('tank_id'))->firstOrFail();
        $text = static fn(string $key): string => is_string($checked[$key] ?? null) ? $checked[$key] : '';
        $secret = $ask($keeper, $tank, $text('name'), $text('from_day'), $text('until_day'), $text('note') ?: null, array_values(array_filter(is_array($checked['reads'] ?? null) ? $checked['reads'] : [], is_string(...))), $jobs);

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
