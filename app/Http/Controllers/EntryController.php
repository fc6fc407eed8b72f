<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\CorrectEntry;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\WaterChange;
use App\Schedule\TankTabs;
use App\Tanks\VesselQuery;
use App\Testing\RecordResults;
use App\Units\MomentRule;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** An entry of the log is put right: what was read, how much was changed, when it was, what was written. */
final class EntryController extends Controller
{
    public function edit(Request $request, Entry $entry): View
    {
        $keeper = $this->keeper($request);
        $entry->load('readings', 'tank', 'water');

        return view('entry', [
            'entry' => $entry,
            'show' => $keeper->show(),
            'change' => self::change($entry),
            'when' => $keeper->show()->local($entry->happened_at)->format('Y-m-d\TH:i'),
            'loop' => $entry->tank === null ? null : TankTabs::of($entry->tank->setRelation('keeper', $keeper), 'diary'),
        ]);
    }

    public function update(Request $request, Entry $entry, RecordResults $record, CorrectEntry $correct): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $entry->load('readings', 'tank', 'water');
        $change = self::change($entry);
        $volumes = $keeper->show()->volumes();
        $net = $entry->tank === null ? 0.0 : VesselQuery::tank($entry->tank->setRelation('keeper', $keeper))->litres();
        $isWritten = in_array($entry->kind, EntryKind::written(), true);
        $this->checked($request, [
            'happened_at' => ['required', $change === null ? new MomentRule($keeper->timezone) : new MomentRule($keeper->timezone, before: '+5 minutes')],
            'title' => [$isWritten ? 'required' : 'nullable', 'string', 'max:'.max(160, mb_strlen($entry->title))],
            'body' => ['nullable', 'string', 'max:5000'],
            'readings' => ['nullable', 'array'],
            'litres' => [$change === null ? 'nullable' : 'required', ...($change === null ? [] : [$volumes->rule(0.1, 4.0 * max(1.0, $net), 30.0)])],
        ], [
            'required' => __('said.write.needed'),
            'title.max' => __('said.text.title'),
            'body.max' => __('said.text.most'),
        ]);
        $typed = is_array($request->input('readings'))
            ? array_intersect_key(
                $request->input('readings'),
                array_flip($entry->readings->map(static fn($reading): string => $reading->parameter->value)->all()),
            )
            : [];
        // A field that was left as it stood is not read again: its spread stays what it was.
        foreach ($entry->readings as $reading) {
            if (($typed[$reading->parameter->value] ?? null) === $keeper->show()->typed($reading->toCore())) {
                unset($typed[$reading->parameter->value]);
            }
        }
        $when = MomentRule::parse($request->input('happened_at'), $keeper->timezone) ?? $entry->happened_at;
        $readings = $record->parse($keeper, array_filter($typed, static fn(mixed $text): bool => $text !== null), $when);
        $gone = array_keys(array_filter($typed, static fn(mixed $text): bool => $text === null || (is_string($text) && trim($text) === '')));
        if ($entry->kind === EntryKind::Reading && count($gone) === $entry->readings->count()) {
            throw ValidationException::withMessages(['readings.'.$gone[0] => __('said.write.one_reading_stays')]);
        }
        $correct(
            $entry,
            $when,
            $isWritten ? (string) $request->string('title') : null,
            $request->filled('body') ? (string) $request->string('body') : null,
            $readings,
            $gone,
            $change === null ? null : $volumes->keep($request->input('litres'), $change->litres),
        );

        return redirect(($entry->tank_id === null ? '' : '/tanks/'.$entry->tank_id).'/log')->with('status', __('said.done.put_right'));
    }

    private static function change(Entry $entry): ?WaterChange
    {
        return $entry->kind === EntryKind::Change ? WaterChange::query()->where('entry_id', $entry->id)->first() : null;
    }
}
