<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Data\Phrase;
use App\Livestock\ArrivalPage;
use App\Livestock\FinishArrivalStep;
use App\Livestock\LivestockPage;
use App\Models\Animal;
use App\Models\AnimalEvent;
use App\Models\EntryKind;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Units\Amount;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Livestock\AnimalKinds;
use Cresco\Core\Livestock\CountKind;
use Cresco\Core\Measure\Parameter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Animals of a tank, what came and went, and how a bag is let in. */
final class LivestockController extends Controller
{
    /** Kinds of a tank, events of a kind, arrivals of a tank. House limits. */
    private const MOST = 2000;

    public function index(Request $request, Tank $tank): View
    {
        $tank->setRelation('keeper', $this->keeper($request));
        $page = new LivestockPage($tank);

        return $this->withWorking(
            $request,
            static fn(string $of): ?Computation => $of === 'nitrate' ? $page->nitrate() : null,
            static fn(): View => view('livestock.index', ['page' => $page, 'tank' => $tank, 'show' => $page->show, 'loop' => TankTabs::of($tank, 'look')]),
        );
    }

    public function store(Request $request, Tank $tank): RedirectResponse
    {
        $sizes = $this->keeper($request)->show()->levels();
        $this->checked($request, [
            'kind' => [
                'required', Rule::in(array_keys(AnimalKinds::all())),
            ], 'name' => ['nullable', 'string', 'max:80'], 'length' => ['nullable', $sizes->rule(2.0, 1000.0, 40.0)],
            'count' => ['required', 'integer', 'min:0', 'max:10000'],
        ], ['kind' => __('said.choose.animals'), 'name' => __('said.text.most', ['max' => 80]), 'count' => __('said.whole.up_to')]);
        DB::transaction(function () use ($request, $tank, $sizes): void {
            $animal = $tank->animalKinds()->create([
                'kind' => $request->string('kind')->toString(), 'name' => $request->string('name')->trim()->toString() ?: null,
                'length' => $sizes->parse($request->input('length')),
            ]);
            if ($request->integer('count') > 0) {
                $this->write($request, $tank, $animal, CountKind::Counted, $request->integer('count'));
            }
        });

        return redirect('/tanks/'.$tank->id.'/livestock')->with('status', __('animals.kept'));
    }

    /** Some came, went, were born or counted. */
    public function note(Request $request, Tank $tank, int $animal): RedirectResponse
    {
        $one = $tank->animalKinds()->whereKey($animal)->with('events')->firstOrFail();
        $this->checked(
            $request,
            ['event' => ['required', Rule::enum(CountKind::class)], 'count' => ['required', 'integer', 'min:0', 'max:10000']],
            ['event' => __('said.choose.happened'), 'count' => __('said.whole.up_to')],
        );
        $kind = CountKind::from($request->string('event')->toString());
        $count = $request->integer('count');
        $fault = match (true) {
            $one->events->count() >= self::MOST => __('animals.most', ['most' => self::MOST]),
            in_array($kind, [CountKind::Died, CountKind::Went], true) && $count > $one->count() => __('animals.less', ['count' => $one->count()]),
            $count === 0 && $kind !== CountKind::Counted => __('said.whole.positive'),
            default => null,
        };
        if ($fault !== null) {
            throw ValidationException::withMessages(['count' => $fault]);
        }
        DB::transaction(fn() => $this->write($request, $tank, $one, $kind, $count));

        return redirect('/tanks/'.$tank->id.'/livestock')->with('status', __('animals.kept'));
    }

    public function destroy(Tank $tank, int $animal): RedirectResponse
    {
        $tank->animalKinds()->whereKey($animal)->firstOrFail()->delete();

        return redirect('/tanks/'.$tank->id.'/livestock')->with('status', __('animals.gone'));
    }

    private function write(Request $request, Tank $tank, Animal $animal, CountKind $kind, int $count): void
    {
        $keeper = $this->keeper($request);
        $now = CarbonImmutable::now();
        $entry = $keeper->entries()->create(['tank_id' => $tank->id, 'kind' => EntryKind::Note, 'title' => Phrase::of(
            'animals.entry.'.$kind->value,
            ['count' => $count, 'name' => Names::inside(LivestockPage::name($animal))],
        ), 'happened_at' => $now]);
        $animal->events()->save(new AnimalEvent([
            'kind' => $kind, 'count' => $count, 'day' => $keeper->show()->local($now)->format('Y-m-d'), 'entry_id' => $entry->id,
        ]));
    }

    /** What the animals come to is what Cresco begins with, until the log says better. */
    public function made(Request $request, Tank $tank): RedirectResponse
    {
        $tank->setRelation('keeper', $this->keeper($request));
        $nitrate = (new LivestockPage($tank))->guess();
        if ($nitrate !== null) {
            $tank->update(['nitrate_per_day' => $nitrate]);
        }

        return redirect('/tanks/'.$tank->id.'/livestock')->with('status', __('animals.kept'));
    }

    /** The limits of the tank follow what lives there. */
    public function needs(Request $request, Tank $tank): RedirectResponse
    {
        $tank->setRelation('keeper', $this->keeper($request));
        $tank->update(['limits' => (new LivestockPage($tank))->limits()]);

        return redirect('/tanks/'.$tank->id.'/livestock')->with('status', __('animals.asks.kept'));
    }

    /** How a bag is let in; nothing is kept until it was. */
    public function arrival(Request $request, Tank $tank): View
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper);
        $bag = $request->query('litres') === null ? null : $this->bag($request);
        $page = new ArrivalPage($tank, $bag);
        $whole = static fn(): View => view(
            'livestock.arrival',
            ['page' => $page, 'tank' => $tank, 'show' => $keeper->show(), 'loop' => TankTabs::of($tank, 'look'), 'working' => null, 'isWorkingAsked' => false],
        );

        return $this->withWorking($request, $page->working(...), $whole, $whole);
    }

    /** A bag is begun with: its plan stays as it is now. */
    public function begin(Request $request, Tank $tank): RedirectResponse
    {
        $tank->setRelation('keeper', $this->keeper($request));
        $this->checked($request, ['what' => ['required', 'string', 'max:80']], ['what' => __('said.write.came')]);
        $page = new ArrivalPage($tank, $this->bag($request));
        abort_if($page->plan === null, 422);
        $now = CarbonImmutable::now();
        $arrival = $tank->arrivals()->create([
            'what' => $request->string('what')->toString(), 'group' => $page->sort(), 'bag' => $page->toKeep(), 'way' => $page->plan->means->value,
            'arrived_at' => $now, 'step' => 0, 'step_at' => $now,
        ]);

        return redirect('/tanks/'.$tank->id.'/new-arrivals/'.$arrival->id);
    }

    /** Where a bag stands that is being let in, or how long those that are in stay apart. */
    public function course(Request $request, Tank $tank, int $arrival): View
    {
        $keeper = $this->keeper($request);
        $one = $tank->setRelation('keeper', $keeper)->arrivals()->whereKey($arrival)->firstOrFail();

        return view(
            'livestock.course',
            [
                'page' => ArrivalPage::ofArrival($tank, $one), 'tank' => $tank, 'arrival' => $one, 'show' => $keeper->show(),
                'loop' => TankTabs::of($tank, 'look'),
            ],
        );
    }

    /** A step is done; the last one lets them in. A second tap does no more than the first. */
    public function step(Request $request, Tank $tank, int $arrival, FinishArrivalStep $letIn): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $one = $tank->setRelation('keeper', $keeper)->arrivals()->whereKey($arrival)->firstOrFail();
        $typed = $this->checked($request, [
            'step' => ['required', 'integer', 'min:0', 'max:20'], 'days' => ['nullable', 'integer', 'min:0', 'max:90'], 'pen' => [
                'nullable', $keeper->show()->values(Parameter::Conductivity)->rule(0.0, 20000.0, 400.0),
            ],
        ], ['step' => __('said.write.step'), 'days' => __('said.days.ahead')]);
        $page = ArrivalPage::ofArrival($tank, $one);
        $pen = $keeper->show()->values(Parameter::Conductivity)->parse($request->input('pen'));
        $left = $pen === null || $request->boolean('anyway') ? 0 : $page->plan?->minutesLeft($pen) ?? 0;
        if ($left > 0) {
            throw ValidationException::withMessages(['pen' => trans_choice('animals.course.more', $left, ['count' => $left])]);
        }
        $isIn = $letIn(
            $keeper,
            $one,
            is_numeric($typed['step'] ?? null) ? (int) $typed['step'] : 0,
            $page->isLast(),
            is_numeric($typed['days'] ?? null) ? (int) $typed['days'] : $page->days(),
            Phrase::of('animals.arrived', ['what' => $one->what, 'means' => Names::inside($page->title())]),
        );

        return $isIn ? redirect('/tanks/'.$tank->id.'/livestock')->with('status', __('animals.kept')) : redirect('/tanks/'.$tank->id.'/new-arrivals/'.$arrival);
    }

    /** One that was begun and came to nothing. */
    public function stop(Tank $tank, int $arrival): RedirectResponse
    {
        $tank->arrivals()->whereKey($arrival)->whereNotNull('step')->delete();

        return redirect('/tanks/'.$tank->id.'/livestock')->with('status', __('animals.course.stopped'));
    }

    /** The end of a quarantine. */
    public function release(Request $request, Tank $tank, int $arrival): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $one = $tank->arrivals()->whereKey($arrival)->firstOrFail();
        if ($one->ended_at === null && $one->step === null) {
            $one->update(['ended_at' => CarbonImmutable::now()]);
            $keeper->entries()->create([
                'tank_id' => $tank->id, 'kind' => EntryKind::Note, 'title' => Phrase::of('animals.ended', ['what' => $one->what]),
                'happened_at' => CarbonImmutable::now(),
            ]);
        }

        return redirect('/tanks/'.$tank->id.'/livestock')->with('status', __('animals.kept'));
    }

    /**
     * What was read of a bag, in base units.
     *
     * @return array<string, float|string|null>
     */
    private function bag(Request $request): array
    {
        $show = $this->keeper($request)->show();
        $this->checked($request, [
            'sort' => ['required', 'in:fish,shrimp,snail,plant'], 'conductivity' => [
                'nullable', $show->values(Parameter::Conductivity)->rule(0.0, 20000.0, 400.0),
            ], 'hardness' => ['nullable', $show->values(Parameter::GeneralHardness)->rule(0.0, 20.0, 1.4)], 'litres' => ['required', $show->volumes()
                ->rule(0.05, 200.0, 1.5)],
            'hours' => ['nullable', new Amount(0, 500, 'h', '3')], 'ammonium' => [
                'nullable', $show->values(Parameter::Ammonium)->rule(0.0, 200.0, 0.5),
            ], 'ph' => ['nullable', new Amount(3, 11, '', '7.2')],
        ], ['sort' => __('said.choose.bag'), 'required' => __('said.number.needed')]);

        return [
            'sort' => $request->string('sort')->toString(), 'conductivity' => $show->values(Parameter::Conductivity)
                ->parse($request->input('conductivity')), 'hardness' => $show->values(Parameter::GeneralHardness)
                ->parse($request->input('hardness')), 'litres' => $show->volumes()->parse($request->input('litres')),
            'hours' => Amount::parse($request->input('hours')), 'ammonium' => $show->values(Parameter::Ammonium)
                ->parse($request->input('ammonium')), 'ph' => Amount::parse($request->input('ph')),
        ];
    }
}
