<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Data\Phrase;
use App\Models\EntryKind;
use App\Models\Helper;
use App\Models\Photo;
use App\Plants\SavePhoto;
use App\Schedule\AskHelper;
use App\Schedule\HelperPage;
use App\Testing\RecordResults;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** What a helper sees, who has no account but a link. */
final class HelpController extends Controller
{
    /** Readings and photos that a helper may send in a day. House limits. */
    private const A_DAY = [10, 5];

    public function show(string $secret): Response
    {
        return response()->view('help.show', ['page' => new HelperPage($this->helper($secret)), 'secret' => $secret])->header('X-Robots-Tag', 'noindex');
    }

    public function tick(Request $request, string $secret, int $ask): RedirectResponse
    {
        $helper = $this->helper($secret);
        $job = $helper->jobs()->whereKey($ask)->first();
        abort_if($job === null, 404);
        $today = $helper->keeper->show()->local(CarbonImmutable::now())->format('Y-m-d');
        $isBack = $request->boolean('back');
        if ($isBack) {
            $job->ticks()->whereDate('day', $today)->delete();
        } else {
            $job->ticks()->firstOrCreate(['day' => $today], ['ticked_at' => CarbonImmutable::now()]);
        }

        return $this->back($secret, (string) __($isBack ? 'helper.unticked' : 'helper.ticked'));
    }

    public function read(Request $request, string $secret, RecordResults $record): RedirectResponse
    {
        $helper = $this->helper($secret);
        $typed = $request->input('readings');
        try {
            $readings = $record->parse($helper->keeper, array_intersect_key(is_array($typed) ? $typed : [], array_flip($helper->reads)));
        } catch (ValidationException $fault) {
            throw $fault->redirectTo('/help/'.$secret);
        }
        $note = is_string($request->input('note')) ? mb_substr(trim($request->input('note')), 0, 500) : '';
        $title = Phrase::of('helper.entry', ['name' => $helper->name]);
        if ($helper->keeper->entries()->where('tank_id', $helper->tank_id)->where('title', $title->toColumn())->where(
            'happened_at',
            '>=',
            CarbonImmutable::now()->subDay(),
        )->count() >= self::A_DAY[0]) {
            throw ValidationException::withMessages(['readings' => __('helper.enough')])->redirectTo('/help/'.$secret);
        }
        if ($readings !== []) {
            $record->keep($helper->keeper, $helper->tank, $readings, CarbonImmutable::now(), (string) $title);
        }
        if ($note !== '' || $readings !== []) {
            $helper->keeper->entries()->create([
                'tank_id' => $helper->tank_id, 'kind' => EntryKind::Note, 'title' => $title, 'body' => $note === '' ? null : $note,
                'happened_at' => CarbonImmutable::now(),
            ]);
        }

        return $this->back($secret, (string) __('helper.kept'));
    }

    public function photo(Request $request, string $secret, SavePhoto $keep): RedirectResponse
    {
        $helper = $this->helper($secret);
        if (Photo::query()->where('tank_id', $helper->tank_id)->whereNull('checklist_id')->where(
            'taken_at',
            '>=',
            CarbonImmutable::now()->subDay(),
        )->count() >= self::A_DAY[1]) {
            throw ValidationException::withMessages(['photo' => __('helper.enough')])->redirectTo('/help/'.$secret);
        }
        try {
            $keep->outside($helper->tank, $request->file('photo'));
        } catch (ValidationException $fault) {
            throw $fault->redirectTo('/help/'.$secret);
        }

        return $this->back($secret, (string) __('helper.kept'));
    }

    /** Whoever guesses, and whoever comes too late, finds the same. */
    private function helper(string $secret): Helper
    {
        $helper = Helper::query()->where('hash', AskHelper::hash($secret))->whereNull('revoked_at')->with(['keeper', 'tank', 'jobs.ticks'])->first();
        $isOver = $helper === null || $helper->until_day->format('Y-m-d') < $helper->keeper->show()->local(CarbonImmutable::now())->format('Y-m-d');
        abort_if($helper === null || $isOver, 404);
        $helper->tank->setRelation('keeper', $helper->keeper);

        return $helper;
    }

    private function back(string $secret, string $status): RedirectResponse
    {
        return redirect('/help/'.$secret)->with('status', $status);
    }
}
