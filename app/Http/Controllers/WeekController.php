<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Data\WeekHabits;
use App\Exchange\CalendarFile;
use App\Exchange\FileFault;
use App\Models\Keeper;
use App\Schedule\CalendarFeed;
use App\Schedule\JobsQuery;
use App\Schedule\WeekPage;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** The week over all tanks: jobs on the days of their keeper. */
final class WeekController extends Controller
{
    /** kB of a calendar file at most. House limit. */
    private const FILE = 1024;

    public function show(Request $request): View
    {
        $from = is_numeric($request->query('from')) ? max(0, min(JobsQuery::DAYS - WeekPage::DAYS, (int) $request->query('from'))) : 0;
        $keeper = $this->keeper($request)->loadMissing('waters', 'reservoirs.water');

        return view('week.show', ['page' => new WeekPage($keeper, $from), 'keeper' => $keeper, 'feed' => session('feed')]);
    }

    /** The days to which a job may go, and what each costs. */
    public function move(Request $request): View|RedirectResponse
    {
        $from = is_numeric($request->query('from')) ? max(0, min(JobsQuery::DAYS - WeekPage::DAYS, (int) $request->query('from'))) : 0;
        $page = new WeekPage($this->keeper($request), $from);
        $id = $request->query('job');
        $job = is_string($id) ? $page->movable($id) : null;
        $isPart = $request->header('HX-Request') === 'true';

        return match (true) {
            $job !== null => view($isPart ? 'week.move' : 'week.move-page', ['page' => $page, 'job' => $job]),
            $isPart => abort(404),
            default => redirect('/week')->with('status', __('week.no_job')),
        };
    }

    /** A job to another day; or back to the day that is found for it. */
    public function lay(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $checked = $this->checked($request, [
            'job' => [
                'required', 'string', 'max:60', 'regex:/^[a-z0-9_.]+$/',
            ], 'day' => [
                'bail', 'nullable', 'string', 'date_format:Y-m-d',
            ], 'was' => [
                'bail', 'nullable', 'string', 'date_format:Y-m-d',
            ], 'due' => ['bail', 'nullable', 'string', 'date_format:Y-m-d'], 'from' => ['nullable', 'integer', 'min:0', 'max:60'],
        ], ['day' => __('said.choose.day'), 'job' => __('said.cannot.job'), 'was' => __('said.choose.day'), 'due' => __('said.choose.day')]);
        $job = is_string($checked['job']) ? $checked['job'] : '';
        $day = is_string($checked['day'] ?? null) ? $checked['day'] : null;
        $today = CarbonImmutable::now($keeper->timezone)->startOfDay();
        if ($day !== null && ($day < $today->format('Y-m-d') || $day > $today->addDays(JobsQuery::DAYS)->format('Y-m-d'))) {
            throw ValidationException::withMessages(['day' => __('said.choose.day')]);
        }
        DB::transaction(function () use ($keeper, $job, $day, $checked, $today): void {
            $keeper->pinnedJobs()->whereDate('day', '<', $today->format('Y-m-d'))->delete();
            if (is_string($checked['was'] ?? null)) {
                $keeper->pinnedJobs()->where('job', $job)->whereDate('day', $checked['was'])->delete();
            }
            if ($day !== null) {
                $keeper->pinnedJobs()->firstOrCreate(['job' => $job, 'day' => $day], ['due_on' => $checked['due'] ?? null]);
            }
        });

        return redirect('/week'.(($checked['from'] ?? 0) > 0 ? '?from='.$request->integer('from') : ''))
            ->with(
                'status',
                $day === null ? __('week.unlaid') : __('week.moved', ['day' => $keeper->show()->date(CarbonImmutable::parse($day, $keeper->timezone))]),
            );
    }

    /** The minutes and hours of a usual week. */
    public function habits(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $checked = $this->checked($request, [
            'minutes' => ['required', 'array', 'size:7'], 'minutes.*' => [
                'required', 'integer', 'min:0', 'max:'.WeekHabits::MOST,
            ], 'hours' => ['required', 'array', 'size:7'],
            'hours.*' => ['required', 'regex:/^([01]?\d|2[0-3]):[0-5]\d$/'], 'set_up' => ['required', 'integer', 'min:0', 'max:120'],
        ], ['minutes.*' => __('said.minutes.free', ['most' => WeekHabits::MOST]), 'hours.*' => __('said.day.hour'), 'set_up' => __('said.minutes.set_up')]);
        $minutes = is_array($checked['minutes'])
            ? array_values(array_map(static fn(mixed $one): int => is_numeric($one) ? (int) $one : 0, $checked['minutes']))
            : [];
        $hours = is_array($checked['hours'])
            ? array_values(array_map(static fn(mixed $one): string => is_string($one) ? str_pad($one, 5, '0', STR_PAD_LEFT) : '', $checked['hours']))
            : [];
        $keeper->update(['week' => new WeekHabits($minutes, $hours, $request->integer('set_up'))]);

        return redirect('/week')->with('status', __('week.chore.kept'));
    }

    public function away(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $checked = $this->checked($request, [
            'from_day' => ['bail', 'required', 'string', 'date_format:Y-m-d'],
            'until_day' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after_or_equal:from_day'],
            'note' => ['nullable', 'string', 'max:120'],
        ], [
            'from_day' => __('said.day.such'), 'until_day.after_or_equal' => __('said.day.last'), 'until_day' => __('said.day.such'), 'note.max' => __('said.text.most'),
        ]);
        $keeper->absences()->create($checked);

        return redirect('/week')->with('status', __('week.chore.kept'));
    }

    public function back(Request $request, int $away): RedirectResponse
    {
        $this->keeper($request)->absences()->whereKey($away)->firstOrFail()->delete();

        return redirect('/week')->with('status', __('week.chore.gone'));
    }

    /** Hours that are taken, from a calendar file; those of the last file go. */
    public function busy(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $this->checked($request, ['file' => ['required', 'file', 'max:'.self::FILE]], ['file.required' => __('week.busy.none'), 'file' => __('week.busy.big')]);
        $file = $request->file('file');
        try {
            $days = $file instanceof UploadedFile ? self::taken($keeper, (string) $file->get()) : [];
        } catch (FileFault $fault) {
            throw ValidationException::withMessages(['file' => $fault->getMessage()]);
        }
        DB::transaction(function () use ($keeper, $days): void {
            $keeper->calendarBlocks()->delete();
            foreach ($days as $day => [$minutes, $title]) {
                $keeper->calendarBlocks()->create(['day' => $day, 'minutes' => $minutes, 'title' => mb_substr(
                    implode(', ', array_unique(array_filter($title))),
                    0,
                    120,
                )]);
            }
        });

        return redirect('/week')->with('status', trans_choice('week.busy.kept', count($days), ['count' => count($days)]));
    }

    public function free(Request $request): RedirectResponse
    {
        $this->keeper($request)->calendarBlocks()->delete();

        return redirect('/week')->with('status', __('week.chore.gone'));
    }

    /**
     * Minutes that events take of those that the keeper has for the tanks, by day.
     *
     * @return array<string, array{int, list<string>}>
     *
     * @throws FileFault
     */
    private static function taken(Keeper $keeper, string $text): array
    {
        $habits = $keeper->week;
        $today = CarbonImmutable::now($keeper->timezone)->startOfDay();
        $days = [];
        foreach (CalendarFile::busy($text, $keeper->timezone, $today, $today->addDays(2 * JobsQuery::DAYS)) as $event) {
            for ($day = $event['from']->startOfDay(), $n = 0; $day->lessThan($event['until']) && $n < 2 * JobsQuery::DAYS; $day = $day->addDay(), ++$n) {
                $begins = $day->setTime(...$habits->begins($day));
                $ends = $begins->addMinutes($habits->minutesOn($day));
                $minutes = $event['whole']
                    ? $habits->minutesOn($day)
                    : (int) max(0, ($event['until']->min($ends)->getTimestamp() - $event['from']->max($begins)->getTimestamp()) / 60);
                if ($minutes > 0 && $day->greaterThanOrEqualTo($today)) {
                    $key = $day->format('Y-m-d');
                    $days[$key] = [min($habits->minutesOn($day), ($days[$key][0] ?? 0) + $minutes), [...($days[$key][1] ?? []), $event['title']]];
                }
            }
        }

        return $days;
    }

    /** A new secret address of the calendar; one that was given before works no more. */
    public function makeFeed(Request $request): RedirectResponse
    {
        $secret = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
        $this->keeper($request)->forceFill(['feed_hash' => hash('sha256', $secret)])->save();

        return redirect('/week')->with('feed', rtrim(config()->string('app.url'), '/').'/calendar/'.$secret.'.ics');
    }

    public function dropFeed(Request $request): RedirectResponse
    {
        $this->keeper($request)->forceFill(['feed_hash' => null])->save();

        return redirect('/week')->with('status', __('week.feed.gone'));
    }

    /** The calendar itself, for whoever has its address. */
    public function feed(string $secret): Response
    {
        $keeper = Keeper::query()->where('feed_hash', hash('sha256', $secret))->first();
        abort_if($keeper === null, 404);
        $keeper->loadMissing('waters', 'reservoirs.water');

        return response(CalendarFeed::of($keeper), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'X-Robots-Tag' => 'noindex']);
    }
}
