<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Data\GivenAnswers;
use App\Models\Photo;
use App\Models\Problem;
use App\Models\ProblemAim;
use App\Models\ProblemSubject;
use App\Models\Tank;
use App\Models\TreatmentResult;
use App\Plants\SavePhoto;
use App\Problems\DiagnosisQuery;
use App\Problems\ProblemPage;
use App\Problems\ProblemsPage;
use App\Problems\WorkOnProblem;
use App\Schedule\TankTabs;
use App\Units\Amount;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Diagnosis\AlgaeTypes;
use Cresco\Core\Diagnosis\Causes;
use Cresco\Core\Diagnosis\LeafCauses;
use Cresco\Core\Diagnosis\Remedy;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Something that grows or looks wrong in a tank: what it is, why, and what is done about it. */
final class ProblemController extends Controller
{
    /** Inquiries that are open in one tank, all that it keeps, and plans of one. */
    private const MOST = [20, 30];

    public function index(Request $request, Tank $tank): View
    {
        $tank->setRelation('keeper', $this->keeper($request));

        return view('problems.index', ['tank' => $tank, 'page' => new ProblemsPage($tank), 'loop' => TankTabs::of($tank, 'trouble')]);
    }

    public function store(Request $request, Tank $tank, WorkOnProblem $look): RedirectResponse
    {
        $seen = is_string($request->input('seen')) ? TankSign::tryFrom($request->input('seen')) : null;
        if ($seen?->about() !== null) {
            $request->merge(['about' => $seen->about()]);
        }
        $this->checked($request, [
            'seen' => ['nullable', Rule::enum(TankSign::class)], 'about' => ['required', Rule::enum(ProblemSubject::class)], 'place' => ['nullable', 'string', 'max:80'], 'aim' => ['nullable', Rule::enum(ProblemAim::class)],
            'stand' => ['nullable', 'integer', Rule::exists('plant_groups', 'id')->where('tank_id', $tank->id)],
        ], [
            'about' => __('said.choose.one'), 'about.required' => __('said.choose.one'), 'place.max' => __('said.text.most'),
            'aim' => __('said.choose.listed'), 'stand.*' => __('said.choose.listed'),
        ]);
        if ($tank->problems()->open()->count() >= self::MOST[0]) {
            throw ValidationException::withMessages(['about' => __('said.cannot.findings')]);
        }
        $about = ProblemSubject::from((string) $request->string('about'));
        $tank->setRelation('keeper', $this->keeper($request));
        $problem = $look->open($tank, [
            'about' => $about, 'place' => $about === ProblemSubject::Growth && $request->filled('place')
                ? (string) $request->string('place')
                : null, 'aim' => ProblemAim::tryFrom((string) $request->string('aim')) ?? ProblemAim::None,
            'plant_group_id' => $about === ProblemSubject::Leaves && $request->filled('stand') ? $request->integer('stand') : null,
        ]);

        if ($seen !== null) {
            $look->seen($problem, $seen);
        }

        return redirect('/tanks/'.$tank->id.'/problems/'.$problem->id);
    }

    public function show(Request $request, Tank $tank, int $problem): View
    {
        return $this->page($request, $tank, $problem, 'what');
    }

    public function why(Request $request, Tank $tank, int $problem): View
    {
        return $this->page($request, $tank, $problem, 'why');
    }

    public function now(Request $request, Tank $tank, int $problem): View
    {
        return $this->page($request, $tank, $problem, 'now');
    }

    /** The aim of the keeper for what grows there. */
    public function update(Request $request, Tank $tank, int $problem): RedirectResponse
    {
        $this->checked(
            $request,
            ['aim' => ['required', Rule::enum(ProblemAim::class)]],
            ['aim' => __('said.choose.listed'), 'aim.required' => __('said.choose.listed')],
        );
        $this->found($request, $tank, $problem, true)->update(['aim' => ProblemAim::from((string) $request->string('aim'))]);

        return redirect('/tanks/'.$tank->id.'/problems/'.$problem.'/now');
    }

    public function destroy(Request $request, Tank $tank, int $problem, SavePhoto $keep): RedirectResponse
    {
        $record = $this->found($request, $tank, $problem);
        $photos = $record->photos()->get();
        $record->delete();
        $photos->each($keep->drop(...));

        return redirect('/tanks/'.$tank->id.'/problems')->with('status', __('said.done.forgotten'));
    }

    /** One answer; nothing chosen takes it back. */
    public function answer(Request $request, Tank $tank, int $problem, WorkOnProblem $look): View|RedirectResponse
    {
        $record = $this->found($request, $tank, $problem, true);
        $of = DiagnosisQuery::of($record, $tank);
        $sign = $of->signs()[(string) $request->string('sign')] ?? $of->causeSigns()[(string) $request->string('sign')] ?? null;
        $part = $request->input('part') === 'why' ? 'why' : 'what';
        $this->checked($request, ['sign' => ['required', 'string']], ['sign' => __('said.cannot.no_question')]);
        $option = $request->filled('option') ? (string) $request->string('option') : null;
        if ($sign === null || ($option !== null && $option !== GivenAnswers::UNKNOWN && !in_array($option, $sign->options, true))) {
            throw ValidationException::withMessages(['sign' => __('said.cannot.no_such_answer')]);
        }
        $look->answer($record, $sign->key, $option);
        if ($request->header('HX-Request') === 'true') {
            return view('problems.asking', ['page' => new ProblemPage(DiagnosisQuery::of($record, $tank), $part), 'tank' => $tank]);
        }

        return redirect('/tanks/'.$tank->id.'/problems/'.$problem.($part === 'why' ? '/why' : ''));
    }

    public function photo(Request $request, Tank $tank, int $problem, SavePhoto $keep): RedirectResponse
    {
        $record = $this->found($request, $tank, $problem);
        if (Photo::query()->where('tank_id', $tank->id)->whereNull('checklist_id')->count() >= SavePhoto::MOST) {
            throw ValidationException::withMessages(['photo' => __('said.photo.tank_most')]);
        }
        $record->photos()->attach($keep->outside($tank, $request->file('photo'))->id);

        return redirect('/tanks/'.$tank->id.'/problems/'.$problem.($request->input('part') === 'now' ? '/now' : ''))->with('status', __('said.done.photo'));
    }

    public function plan(Request $request, Tank $tank, int $problem, WorkOnProblem $look): RedirectResponse
    {
        $record = $this->found($request, $tank, $problem, true);
        $this->checked(
            $request,
            ['remedies' => ['required', 'array', 'max:10'], 'remedies.*' => [Rule::enum(Remedy::class)]],
            ['remedies' => __('inquiry.now.nothing'), 'remedies.*' => __('said.choose.listed')],
        );
        $of = DiagnosisQuery::of($record, $tank);
        $causes = [];
        foreach ((new ProblemPage($of, 'now'))->proposals() as $proposal) {
            $causes[$proposal->remedy->value] = $proposal->cause;
        }
        $remedies = [];
        foreach (array_filter((array) $request->input('remedies'), is_string(...)) as $name) {
            $remedies[$name] = $causes[$name] ?? null;
        }
        if ($record->treatments()->count() + count($remedies) > self::MOST[1]) {
            throw ValidationException::withMessages(['remedies' => __('inquiry.now.most')]);
        }
        $look->plan($of, $remedies);

        return redirect('/tanks/'.$tank->id.'/problems/'.$problem.'/now')->with('status', __('said.done.planned'));
    }

    public function check(Request $request, Tank $tank, int $problem, int $treatment, WorkOnProblem $look): RedirectResponse
    {
        $record = $this->found($request, $tank, $problem, true);
        $this->checked(
            $request,
            ['result' => ['required', Rule::enum(TreatmentResult::class)]],
            ['result' => __('said.choose.one'), 'result.required' => __('said.choose.one')],
        );
        $look->check(
            $record,
            $record->treatments()->whereKey($treatment)->firstOrFail(),
            TreatmentResult::from((string) $request->string('result')),
            $request->boolean('goes_on') && $record->treatments()->count() < self::MOST[1],
        );

        return redirect('/tanks/'.$tank->id.'/problems/'.$problem.'/now')->with('status', __('said.done.noted'));
    }

    public function end(Request $request, Tank $tank, int $problem, WorkOnProblem $look): RedirectResponse
    {
        $record = $this->found($request, $tank, $problem, true);
        $isLeaves = $record->about === ProblemSubject::Leaves;
        $this->checked($request, [
            'kind' => ['nullable', Rule::in($isLeaves ? [] : array_keys(AlgaeTypes::all()))], 'cause' => [
                'nullable', Rule::in(array_keys($isLeaves ? LeafCauses::all() : Causes::all())),
            ], 'outcome' => ['required', Rule::enum(TreatmentResult::class)],
        ], [
            'kind' => __('said.choose.listed'), 'cause' => __('said.choose.listed'), 'outcome' => __('said.choose.one'),
            'outcome.required' => __('said.choose.one'),
        ]);
        $text = static fn(string $field): ?string => $request->filled($field) ? (string) $request->string($field) : null;
        $look->end(DiagnosisQuery::of($record, $tank), $text('kind'), $text('cause'), TreatmentResult::from((string) $request->string('outcome')));

        return redirect('/tanks/'.$tank->id.'/problems')->with('status', __('said.done.ended'));
    }

    /** It came back: the same problem goes on with all that is known. */
    public function again(Request $request, Tank $tank, int $problem): RedirectResponse
    {
        $this->found($request, $tank, $problem)->update(['ended_at' => null, 'outcome' => null]);

        return redirect('/tanks/'.$tank->id.'/problems/'.$problem.'/now');
    }

    private function page(Request $request, Tank $tank, int $problem, string $part): View
    {
        $record = $this->found($request, $tank, $problem);
        $record->loadMissing(['treatments']);
        $grams = Amount::parse($request->query('grams'));
        $faults = Validator::make(['grams' => $request->query('grams')], ['grams' => ['nullable', new Amount(0, 10000, 'g', '30')]])->errors();
        $this->shareFaults($faults);
        $page = new ProblemPage(DiagnosisQuery::of($record, $tank), $part, $faults->has('grams') ? ProblemPage::HANDFUL : $grams ?? ProblemPage::HANDFUL);

        return $this->withWorking(
            $request,
            $page->working(...),
            static fn(): View => view('problems.show', ['page' => $page, 'tank' => $tank, 'loop' => TankTabs::of($tank, 'trouble')]),
            static fn(): View => view($part === 'now' ? 'problems.plan' : 'problems.asking', ['page' => $page, 'tank' => $tank]),
        );
    }

    private function found(Request $request, Tank $tank, int $problem, bool $open = false): Problem
    {
        $tank->setRelation('keeper', $this->keeper($request));
        $record = $tank->problems()->whereKey($problem)->with('plantGroup.plantKind')->firstOrFail();
        if ($open && $record->ended_at !== null) {
            throw ValidationException::withMessages(['ended' => __('said.cannot.ended')]);
        }
        $record->setRelation('tank', $tank);

        return $record;
    }
}
