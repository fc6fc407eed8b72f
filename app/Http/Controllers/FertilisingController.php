<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Devices;
use App\Exchange\FileFault;
use App\Exchange\ImportProgress;
use App\Fertilising\CheckDoses;
use App\Fertilising\DoseFile;
use App\Fertilising\DoseTrial;
use App\Fertilising\FertilisingPage;
use App\Fertilising\FertilisingQuery;
use App\Fertilising\GiveDose;
use App\Fertilising\PlanDoses;
use App\Fertilising\RootTabsQuery;
use App\Livestock\MealFile;
use App\Livestock\WeighPinches;
use App\Models\Dose;
use App\Models\DosePlan;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use App\Units\Show;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\DosingMethod;
use Cresco\Core\Fertilising\RootTabKind;
use Cresco\Core\Measure\Parameter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** What plants and animals of a tank are fed with: courses, doses, meals. */
final class FertilisingController extends Controller
{
    private const MOST_BYTES = 512 * 1024;

    public function show(Request $request, Tank $tank): View
    {
        $tank->setRelation('keeper', $this->keeper($request)->loadMissing('products'));
        $this->shareFaults($faults = self::faults($request));
        $food = FertilisingQuery::tank($tank);
        $page = new FertilisingPage($tank, $food, self::trial($request, $tank), self::drawn($request));

        return $this->withWorking(
            $request,
            $page->working(...),
            static fn(): View => view('fertilising.show', ['tank' => $tank, 'page' => $page, 'loop' => TankTabs::of($tank, 'food')]),
            static fn(): View => view('fertilising.courses', ['tank' => $tank, 'page' => $page, 'faults' => $faults]),
        );
    }

    /** The dosing method of a tank, and what its animals are given. */
    public function update(Request $request, Tank $tank): RedirectResponse
    {
        $this->checked($request, [
            'dosing_method' => ['required', Rule::enum(DosingMethod::class)], 'food_grams' => ['nullable', new Amount(0, 500, 'g', '0.5')], 'food_pinches' => ['nullable', new Amount(0, 500, 'pinches', '4')],
            'food_protein' => ['nullable', new Amount(1, 80, '%', '42')], 'fasting_day' => ['nullable', 'integer', 'between:0,6'],
        ], ['dosing_method' => __('said.choose.listed'), 'dosing_method.required' => __('said.choose.listed'), 'fasting_day.*' => __('said.choose.weekday')]);
        $pinches = Amount::parse($request->input('food_pinches'));
        if ($pinches !== null && $tank->pinch() === null) {
            throw ValidationException::withMessages(['food_pinches' => __('food.pinch.unknown')]);
        }
        $tank->update([
            'dosing_method' => (string) $request->string('dosing_method'), 'food_pinches' => $pinches,
            'food_grams' => $pinches === null ? Amount::parse($request->input('food_grams')) : WeighPinches::grams($tank, $pinches),
            'food_protein' => Amount::parse($request->input('food_protein')) ?? 42.0, 'fasting_day' => $request->filled('fasting_day')
                ? $request->integer('fasting_day')
                : null,
        ]);

        return self::back($tank, __('said.done.kept'));
    }

    /** One more dose to be given again and again. */
    public function plan(Request $request, Tank $tank): RedirectResponse
    {
        $fields = $this->planFields($request, $tank);
        DB::transaction(static function () use ($tank, $fields): void {
            // The same bottle is planned once: another amount takes the place of the one before.
            $tank->dosePlans()->where('product_id', $fields['product_id'])->delete();
            $tank->dosePlans()->create($fields);
            // What is changed meanwhile is waited for once more.
            CheckDoses::changed($tank, CarbonImmutable::parse($fields['starts_on']));
        });

        return self::back($tank, __('said.done.planned'));
    }

    /** The doses that Cresco proposes, in place of all that are planned. */
    public function adopt(Request $request, Tank $tank): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper->loadMissing('products'));
        $food = FertilisingQuery::tank($tank);
        $trial = new DoseTrial();
        $advice = $trial->advised($food, (new FertilisingPage($tank, $food, $trial))->feeds());
        if ($advice->doses === []) {
            throw ValidationException::withMessages(['adopt' => __('said.cannot.nothing_proposed')]);
        }
        $ends = $advice->ends($tank->dosePlans);
        if ($ends !== [] && !$request->boolean('end_others')) {
            throw ValidationException::withMessages(['end_others' => trans_choice(
                'food.ends.ask',
                count($ends),
                ['names' => Names::list(array_map(static fn(DosePlan $plan): string => $plan->product->name, $ends))],
            )]);
        }
        DB::transaction(static fn() => app(PlanDoses::class)($tank, $advice->doses));

        return self::back($tank, trans_choice('food.adopted', count($advice->doses), ['count' => count($advice->doses)]));
    }

    /** Whether what was changed of the doses did anything. */
    public function looked(Request $request, Tank $tank, CheckDoses $keep): RedirectResponse
    {
        $this->checked(
            $request,
            ['helped' => ['required', Rule::in(['yes', 'no', 'later'])]],
            ['helped' => __('said.choose.three'), 'helped.*' => __('said.choose.three')],
        );
        $tank->setRelation('keeper', $this->keeper($request));
        $said = (string) $request->string('helped');
        $keep($tank, ['yes' => true, 'no' => false, 'later' => null][$said]);

        return $said === 'no'
            ? redirect('/tanks/'.$tank->id.'/problems')->with('status', __('food.look.was_not'))
            : self::back($tank, __($said === 'yes' ? 'food.look.was_helped' : 'food.look.was_later'));
    }

    public function unplan(Tank $tank, int $dosePlan): RedirectResponse
    {
        DB::transaction(static function () use ($tank, $dosePlan): void {
            $tank->dosePlans()->whereKey($dosePlan)->firstOrFail()->delete();
            CheckDoses::changed($tank, CarbonImmutable::now($tank->keeper->timezone));
        });

        return self::back($tank, __('said.done.unplanned'));
    }

    /** A pump gives a dose: its bottle was filled, or it was run into a cylinder. */
    public function doser(Request $request, Tank $tank, int $dosePlan): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $plan = $tank->dosePlans()->whereKey($dosePlan)->firstOrFail();
        $today = CarbonImmutable::now($keeper->timezone)->format('Y-m-d');
        $this->checked($request, [
            'ran' => [
                'nullable', 'required_with:measured', new Amount(1, 1000, 'mL', '50'),
            ], 'measured' => ['nullable', new Amount(0.1, 2000, 'mL', '46')], 'bottle' => ['nullable', new Amount(1, 20000, 'mL', '500')], 'at' => ['bail', 'nullable', 'string', 'date_format:H:i'],
        ], ['at' => __('food.doser.hour'), 'ran.required_with' => __('said.write.set_to_give')]);
        $simulated = $request->input('from') === 'device' ? Devices::doser($keeper, $plan)?->run(Amount::parse($request->input('ran')) ?? 50.0) : null;
        [$ran, $measured, $bottle] = [
            Amount::parse($request->input('ran')) ?? ($simulated === null ? null : 50.0), $simulated ?? Amount::parse($request->input('measured')),
            Amount::parse($request->input('bottle')),
        ];
        if ($measured !== null && $ran !== null && ($measured > 3.0 * $ran || $measured < 0.1 * $ran)) {
            throw ValidationException::withMessages(['measured' => __('said.look.cylinder')]);
        }
        // A pump gives all steps of a dose.
        $tank->dosePlans()->where('product_id', $plan->product_id)
            ->update(['by_doser' => !$request->boolean('by_hand')] + ($measured === null || $ran === null ? [] : [
                'delivers' => $measured / $ran, 'measured_on' => $today,
            ]) + ($bottle === null
            ? []
            : ['bottle' => $bottle, 'filled_on' => $today]) + ($request->has('at')
                ? ['at' => $request->filled('at') ? (string) $request->string('at') : null]
                : []));

        return self::back(
            $tank,
            $measured === null || $ran === null
                ? __('said.done.kept')
                : __('food.doser.measured', ['measured' => Show::plain($measured, 1), 'ran' => Show::plain($ran, 1)]),
        );
    }

    /** Root tabs were set at a plant group. */
    public function rootTabs(Request $request, Tank $tank, int $plantGroup): RedirectResponse
    {
        $record = $tank->plantGroups()->whereKey($plantGroup)->firstOrFail();
        $most = RootTabsQuery::most(VesselQuery::tank($tank)->litres());
        $this->checked($request, ['number' => ['required', 'integer', 'between:1,'.$most], 'kind' => ['required', Rule::enum(RootTabKind::class)]], [
            'number.*' => trans_choice('food.capsules.most', $most, ['count' => $most]), 'kind.*' => __('said.choose.listed'), 'kind' => __('said.choose.listed'),
        ]);
        $record->rootTabs()->create([
            'kind' => (string) $request->string('kind'), 'number' => $request->integer('number'),
            'placed_on' => CarbonImmutable::now($this->keeper($request)->timezone)->format('Y-m-d'),
        ]);

        return self::back($tank, __('food.capsules.kept', ['days' => RootTabKind::CHECK]));
    }

    /** Given or left out, of what falls on today or of anything else in stock. */
    public function give(Request $request, Tank $tank, GiveDose $give): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper);
        $fields = $this->checked($request, [
            'product_id' => [
                'required', 'integer', Rule::exists('products', 'id')->where('keeper_id', $keeper->id),
            ], 'amount' => ['required', new Amount(0.001, 5000, '', '2.5')],
            'state' => ['required', Rule::in(['given', 'missed'])],
        ], ['product_id.*' => __('said.choose.bottle'), 'amount.required' => __('said.write.was'), 'state.*' => __('said.write.given')]);
        $product = $keeper->products()->whereKey($fields['product_id'])->firstOrFail();
        if ($product->toFeed($keeper->scale_step) === null) {
            throw ValidationException::withMessages(['product_id' => __('said.cannot.no_food')]);
        }
        $give($tank, $product, Amount::parse($request->input('amount')) ?? 0.0, CarbonImmutable::now(), $fields['state'] === 'missed');

        return self::back($tank, $fields['state'] === 'missed' ? __('food.left_out') : __('food.given'));
    }

    /** All doses as CSV, oldest first, with what each brought. */
    public function export(Request $request, Tank $tank): StreamedResponse
    {
        $show = $this->keeper($request)->show();
        $encoder = new CsvEncoder([CsvEncoder::ESCAPE_FORMULAS_KEY => true]);

        return response()->streamDownload(static function () use ($tank, $show, $encoder): void {
            $nutrients = array_map(static fn(Parameter $nutrient): string => $nutrient->value, Parameter::nutrients());
            echo implode(
                ',',
                ['given_at', 'name', 'amount', 'unit', 'left_out', ...array_map(static fn(string $name): string => $name.'_mg_L', $nutrients)],
            )."\n";
            Dose::query()->where('tank_id', $tank->id)->chunkById(2000, static function ($doses) use ($show, $encoder, $nutrients): void {
                $rows = [];
                foreach ($doses as $dose) {
                    $row = [
                        'given_at' => $show->local($dose->given_at)->toIso8601String(), 'name' => $dose->name, 'amount' => round($dose->amount, 6),
                        'unit' => $dose->unit, 'left_out' => $dose->missed ? 1 : 0,
                    ];
                    foreach ($nutrients as $name) {
                        $row[$name] = $dose->missed ? 0.0 : round($dose->brings[$name] ?? 0.0, 6);
                    }
                    $rows[] = $row;
                }
                echo $encoder->encode($rows, 'csv', [CsvEncoder::NO_HEADERS_KEY => true]);
            });
        }, 'doses.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** Doses of the past from a file, as they are given out. */
    public function import(Request $request, Tank $tank): RedirectResponse
    {
        $count = $this->takenIn($request, $tank, 'file', DoseFile::import(...));

        return self::back($tank, trans_choice('food.taken_in', $count, ['count' => $count]));
    }

    /** What the animals were given where that was not the usual, as CSV. */
    public function meals(Tank $tank): Response
    {
        return response(MealFile::export($tank), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename=meals.csv']);
    }

    public function importMeals(Request $request, Tank $tank): RedirectResponse
    {
        $count = $this->takenIn($request, $tank, 'meals', MealFile::import(...));

        return self::back($tank, trans_choice('food.meals_taken_in', $count, ['count' => $count]));
    }

    /** @param callable(Tank, string, ImportProgress): int $import */
    private function takenIn(Request $request, Tank $tank, string $field, callable $import): int
    {
        $tank->setRelation('keeper', $this->keeper($request));
        $file = $request->file($field);
        try {
            if (!$file instanceof UploadedFile || !$file->isValid()) {
                throw new FileFault(__('said.choose.file'));
            }
            if ($file->getSize() > self::MOST_BYTES) {
                throw new FileFault(__('said.file.size'));
            }
            $text = $file->getContent();

            return ImportProgress::of($this->keeper($request), static fn(ImportProgress $in): int => $import($tank, $text, $in));
        } catch (FileFault $fault) {
            throw ValidationException::withMessages([$field => $fault->getMessage()])->redirectTo('/tanks/'.$tank->id.'/fertilising#in-and-out');
        }
    }

    public function take(Tank $tank, int $dose, GiveDose $give): RedirectResponse
    {
        $give->takeBack($tank->doses()->whereKey($dose)->firstOrFail());

        return self::back($tank, __('said.done.taken_back'));
    }

    /** Days on which the animals are given more or less. */
    /** So many pinches of food were weighed together. */
    public function weigh(Request $request, Tank $tank, WeighPinches $keep): RedirectResponse
    {
        $this->checked($request, ['pinches' => ['required', 'integer', 'between:1,200'], 'pinch_grams' => ['required', new Amount(0.005, 200, 'g', '0.42')]], [
            'pinches.*' => __('food.pinch.whole'), 'pinch_grams.required' => __('food.pinch.grams'),
        ]);
        $keep->add($tank, $request->integer('pinches'), Amount::parse($request->input('pinch_grams')) ?? 0.0);

        return self::back($tank, __('food.pinch.kept'));
    }

    public function unweigh(Tank $tank, int $pinch, WeighPinches $keep): RedirectResponse
    {
        $keep->takeOut($tank, $pinch);

        return self::back($tank, __('said.done.taken_out'));
    }

    public function spell(Request $request, Tank $tank): RedirectResponse
    {
        $fields = $this->checked($request, [
            'from_day' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'], 'until_day' => [
                'bail', 'required', 'string', 'date_format:Y-m-d', 'after_or_equal:from_day', 'before:2100-01-01',
            ],
            'grams' => ['required', new Amount(0, 500, 'g', '0')], 'spell_note' => ['nullable', 'string', 'max:120'],
        ], [
            'from_day.*' => __('said.day.needed'), 'until_day.*' => __('said.day.not_before'), 'grams.required' => __('said.write.food'),
            'spell_note.*' => __('said.text.most', ['max' => 120]),
        ]);
        $tank->feedingOverrides()->create([
            'from_day' => $fields['from_day'], 'until_day' => $fields['until_day'], 'grams' => Amount::parse($request->input('grams')) ?? 0.0,
            'note' => $fields['spell_note'] ?? null,
        ]);

        return self::back($tank, __('said.done.kept'));
    }

    public function unspell(Tank $tank, int $foodSpell): RedirectResponse
    {
        $tank->feedingOverrides()->whereKey($foodSpell)->firstOrFail()->delete();

        return self::back($tank, __('said.done.taken_out'));
    }

    /** @return array{product_id: int, amount: float, every: int, starts_on: string} */
    private function planFields(Request $request, Tank $tank): array
    {
        $keeper = $this->keeper($request);
        $fields = $this->checked($request, [
            'plan_jar' => [
                'required', 'integer', Rule::exists('products', 'id')->where('keeper_id', $keeper->id),
            ], 'plan_amount' => ['required', new Amount(0.001, 5000, '', '2.5')],
            'every' => ['required', 'integer', 'between:1,60'], 'starts_on' => [
                'bail', 'required', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01',
            ],
        ], [
            'plan_jar.*' => __('said.choose.jar'), 'plan_amount.required' => __('said.write.each'), 'every.*' => __('said.whole.every'),
            'starts_on.*' => __('said.day.needed'),
        ]);
        $product = $keeper->products()->whereKey($fields['plan_jar'])->firstOrFail();
        $feed = $product->toFeed($keeper->scale_step) ?? throw ValidationException::withMessages(['plan_jar' => __('said.cannot.no_food')]);
        $amount = Amount::parse($request->input('plan_amount')) ?? 0.0;
        $times = $feed->timesLabel($amount, $request->integer('every'), VesselQuery::tank($tank)->litres());
        $hasShrimp = $tank->needs()->hasShrimp();
        if (
            $times !== null
            && $times > $feed->timesAtMost($hasShrimp) * 1.001
            && mb_strtolower(trim((string) $request->string('consent'))) !== __('food.consent.word')
        ) {
            throw ValidationException::withMessages(['consent' => __(
                $hasShrimp && $feed->mayHoldCopper() ? 'food.consent.shrimp' : 'food.consent.ask',
                ['times' => Show::plain($times, 1), 'name' => $product->name, 'word' => __('food.consent.word')],
            )]);
        }

        return [
            'product_id' => $product->id, 'amount' => $amount, 'every' => $request->integer('every'),
            'starts_on' => (string) $request->string('starts_on'),
        ];
    }

    /** What cannot be read of what is tried; it is left out, and said at its field. */
    private static function faults(Request $request): MessageBag
    {
        if ($request->query->count() === 0) {
            return new MessageBag();
        }

        return Validator::make($request->query(), [
            'what' => ['nullable', 'array'], 'what.*' => ['nullable', new Amount(0, 5000, '', '2.5')], 'share' => ['nullable', new Amount(1, 100, '%', '35')], 'meals' => ['nullable', new Amount(0, 1000, '%', '50')],
        ], ['what' => __('said.write.amounts')])->errors();
    }

    /**
     * What the last answer drew of something tried, by parameter value; null for a page that has nothing of it yet.
     *
     * @return list<string>|null
     */
    private static function drawn(Request $request): ?array
    {
        $drawn = $request->query('drawn');

        return $request->header('HX-Request') === 'true' && $request->query->has('drawn') && !is_array($drawn) ? explode(' ', (string) $drawn) : null;
    }

    private static function trial(Request $request, Tank $tank): DoseTrial
    {
        $amounts = [];
        $typed = $request->query('what');
        foreach (is_array($typed) ? $typed : [] as $plan => $amount) {
            $number = Amount::parse($amount);
            if (is_int($plan) && $number !== null && $number >= 0.0 && $number <= 5000.0) {
                $amounts[$plan] = $number;
            }
        }
        $plans = $tank->dosePlans->pluck('amount', 'id');
        $amounts = array_filter(
            $amounts,
            static fn(float $amount, int $plan): bool => is_numeric($plans[$plan] ?? null) && abs($amount - (float) $plans[$plan]) > 1e-9,
            ARRAY_FILTER_USE_BOTH,
        );
        $share = Amount::parse($request->query('share'));
        $meals = Amount::parse($request->query('meals'));
        $share = $share === null || $share < 1.0 || $share > 100.0 ? null : $share / 100.0;

        return new DoseTrial(
            $amounts,
            $share !== null && abs($share - $tank->routine_share) < 1e-9 ? null : $share,
            $meals === null || $meals < 0.0 || $meals > 1000.0 ? 1.0 : $meals / 100.0,
        );
    }

    private static function back(Tank $tank, string $said): RedirectResponse
    {
        return redirect('/tanks/'.$tank->id.'/fertilising')->with('status', $said);
    }
}
