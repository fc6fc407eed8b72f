<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\LayoutIssue;
use App\Models\LayoutIssueState;
use App\Models\Photo;
use App\Models\Tank;
use App\Plants\PhotoSpotPage;
use App\Plants\SavePhoto;
use App\Schedule\TankTabs;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\LayoutIssueKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A tank from its fixed spot, against what it is meant to look like. */
final class PhotoSpotController extends Controller
{
    /** Things that are off at once. */
    private const MOST = 30;

    public function show(Request $request, Tank $tank): View
    {
        $tank->setRelation('keeper', $this->keeper($request));
        $id = static fn(string $field): ?int => is_numeric($request->query($field)) ? (int) $request->query($field) : null;

        return view('plants.spot', [
            'tank' => $tank, 'page' => new PhotoSpotPage($tank, $id('then'), $id('now'), $request->query('way') !== 'beside'), 'show' => $tank->keeper
                ->show(), 'loop' => TankTabs::of($tank, 'plants'),
        ]);
    }

    public function store(Request $request, Tank $tank, SavePhoto $keep): RedirectResponse
    {
        if (Photo::query()->where('tank_id', $tank->id)->whereNull('checklist_id')->count() >= SavePhoto::MOST) {
            throw ValidationException::withMessages(['photo' => __('said.photo.tank_most')]);
        }
        $keep->outside($tank, $request->file('photo'));

        return redirect('/tanks/'.$tank->id.'/fixed-spot')->with('status', __('said.done.photo'));
    }

    /** The picture that the tank is held against; the same again takes the pin out. */
    public function pin(Tank $tank, int $photo): RedirectResponse
    {
        $record = Photo::query()->where('tank_id', $tank->id)->whereKey($photo)->firstOrFail();
        DB::transaction(static function () use ($tank, $record): void {
            $was = $record->is_intent;
            Photo::query()->where('tank_id', $tank->id)->update(['is_intent' => false]);
            $record->update(['is_intent' => !$was]);
        });

        return redirect('/tanks/'.$tank->id.'/fixed-spot');
    }

    /** Something is off. */
    public function note(Request $request, Tank $tank): RedirectResponse
    {
        $this->checked(
            $request,
            ['kinds' => ['required', 'array', 'max:10'], 'kinds.*' => [Rule::enum(LayoutIssueKind::class)], 'place' => ['nullable', 'string', 'max:80']],
            ['kinds*' => __('said.choose.off'), 'place.max' => __('said.text.most')],
        );
        $kinds = array_unique(array_filter((array) $request->input('kinds'), is_string(...)));
        DB::transaction(static function () use ($request, $tank, $kinds): void {
            if (LayoutIssue::query()->where('tank_id', $tank->id)->where('state', LayoutIssueState::Restore)->count() + count($kinds) > self::MOST) {
                throw ValidationException::withMessages(['kinds' => __('spot.most')]);
            }
            foreach ($kinds as $kind) {
                $tank->layoutIssues()->create(['kind' => $kind, 'place' => $request->input('place'), 'noted_at' => CarbonImmutable::now()]);
            }
        });

        return redirect('/tanks/'.$tank->id.'/fixed-spot');
    }

    public function settle(Request $request, Tank $tank, int $spot): RedirectResponse
    {
        $this->checked($request, ['state' => ['required', Rule::enum(LayoutIssueState::class)]], ['state' => __('said.choose.one')]);
        $state = LayoutIssueState::from((string) $request->string('state'));
        $tank->layoutIssues()->whereKey($spot)->firstOrFail()
            ->update(['state' => $state, 'settled_at' => $state === LayoutIssueState::Restore ? null : CarbonImmutable::now()]);

        return redirect('/tanks/'.$tank->id.'/fixed-spot');
    }
}
