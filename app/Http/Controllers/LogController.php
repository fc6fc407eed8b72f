<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\UndoEntry;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\Reading;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Units\MomentRule;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

final class LogController extends Controller
{
    private const PER_PAGE = 25;

    public function index(Request $request): View
    {
        return $this->page($request, $this->keeper($request), null);
    }

    public function tank(Request $request, Tank $tank): View
    {
        return $this->page($request, $this->keeper($request), $tank);
    }

    public function store(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $checked = $this->checked($request, [
            'tank_id' => ['nullable', 'integer', Rule::exists('tanks', 'id')->where('keeper_id', $keeper->id)],
            'kind' => ['required', Rule::in(array_map(static fn(EntryKind $kind): string => $kind->value, EntryKind::written()))],
            'title' => ['required', 'string', 'max:160'],
            'body' => ['nullable', 'string', 'max:5000'],
            'happened_at' => ['nullable', new MomentRule($keeper->timezone, before: '+1 day')],
        ], [
            'tank_id.*' => __('said.choose.tank'),
            'kind.*' => __('said.choose.kind'),
            'title.required' => __('said.text.words'),
            'title.max' => __('said.text.title'),
            'body.max' => __('said.text.most'),
            'happened_at.*' => __('said.day.past_hour'),
        ]);
        $when = $checked['happened_at'] ?? null;
        $checked['happened_at'] = MomentRule::parse($when, $keeper->timezone) ?? CarbonImmutable::now();
        $keeper->entries()->create($checked);
        $tank = $checked['tank_id'] ?? null;

        return redirect(is_numeric($tank) ? '/tanks/'.$tank.'/log' : '/log')->with('status', __('said.done.written'));
    }

    public function destroy(Entry $entry, UndoEntry $takeBack): RedirectResponse
    {
        $isChange = $entry->kind === EntryKind::Change;
        $takeBack($entry);

        // The page of the entry itself is gone with it.
        $diary = $entry->tank_id === null ? '/log' : '/tanks/'.$entry->tank_id.'/log';
        $answer = str_ends_with((string) parse_url(url()->previous(), PHP_URL_PATH), '/entries/'.$entry->id.'/edit') ? redirect($diary) : back();

        return $answer->with('status', $isChange ? __('said.done.change_out') : __('said.done.out_of_diary'));
    }

    /** All readings as CSV, oldest first, in the units of the keeper and with their bands. */
    public function export(Request $request): StreamedResponse
    {
        $keeper = $this->keeper($request);
        $show = $keeper->show();
        $encoder = new CsvEncoder([CsvEncoder::ESCAPE_FORMULAS_KEY => true]);
        $names = $keeper->tanks()->get(['id', 'name'])->mapWithKeys(static fn(Tank $tank): array => [$tank->id => $tank->name])->all();
        $waters = $keeper->waters()->get(['id', 'name'])->mapWithKeys(static fn(SourceWater $water): array => [$water->id => $water->name])->all();

        return response()->streamDownload(function () use ($keeper, $show, $encoder, $names, $waters): void {
            $isFirst = true;
            Reading::query()
                ->join('entries', 'entries.id', '=', 'readings.entry_id')
                ->where('entries.keeper_id', $keeper->id)
                ->select('readings.*')
                ->chunkById(2000, function ($readings) use ($show, $encoder, $names, $waters, &$isFirst): void {
                    $rows = [];
                    foreach ($readings as $reading) {
                        $unit = $show->unit($reading->parameter);
                        $rows[] = [
                            'taken_at' => $show->local($reading->taken_at)->toIso8601String(),
                            'tank' => $names[$reading->tank_id ?? 0] ?? '',
                            'water' => $waters[$reading->source_water_id ?? 0] ?? '',
                            'parameter' => $reading->parameter->value,
                            'method' => $reading->method->value,
                            'value' => round($unit->fromBase($reading->value), 6),
                            'low' => round($unit->fromBase($reading->low), 6),
                            'high' => round($unit->fromBase($reading->high), 6),
                            'unit' => $unit->label,
                        ];
                    }
                    echo $encoder->encode($rows, 'csv', [CsvEncoder::NO_HEADERS_KEY => !$isFirst]);
                    $isFirst = false;
                }, 'readings.id', 'id');
            if ($isFirst) {
                echo "taken_at,tank,water,parameter,method,value,low,high,unit\n";
            }
        }, 'readings.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    private static function isCursor(mixed $text): bool
    {
        $cursor = is_string($text) ? json_decode((string) base64_decode(strtr($text, '-_', '+/'), true), true) : null;

        return is_array($cursor) && is_string($cursor['happened_at'] ?? null) && strtotime($cursor['happened_at']) !== false
            && is_int($cursor['id'] ?? null) && is_bool($cursor['_pointsToNextItems'] ?? null);
    }

    private function page(Request $request, Keeper $keeper, ?Tank $tank): View
    {
        // A forged or worn-out cursor leads to the first page.
        if (!self::isCursor($request->query('cursor'))) {
            $request->query->remove('cursor');
        }
        $kind = EntryKind::tryFrom(is_string($request->query('kind')) ? $request->query('kind') : '');
        $entries = Entry::query()
            ->where($tank === null ? 'keeper_id' : 'tank_id', $tank === null ? $keeper->id : $tank->id)
            ->when($kind !== null, static fn($query) => $query->where('kind', $kind))
            ->with(['readings', 'tank', 'water'])
            ->orderByDesc('happened_at')->orderByDesc('id')
            ->cursorPaginate(self::PER_PAGE)
            ->withQueryString();

        return view('diary', [
            'entries' => $entries,
            'kind' => $kind,
            'tank' => $tank,
            'tanks' => $keeper->tanks()->orderBy('name')->get(),
            'loop' => $tank === null ? null : TankTabs::of($tank, 'diary'),
            'show' => $keeper->show(),
        ]);
    }
}
