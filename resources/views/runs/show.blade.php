@php($content = $sheet->content)
@php($off = $sheet->stillOff())
@php($done = $sheet->step->done_at !== null)
<x-layout :title="$content->title.' · '.$run->tank->name" bare>
<div class="run-desk">
<aside class="run-order" aria-label="The whole sheet">
    <h2>{{ $run->changes_water ? 'Water change' : 'Work' }} at {{ $run->tank->name }}</h2>
    <p>{{ $sheet->summary($show) }}</p>
    <ol>
        @foreach($run->steps as $step)
            @php($of = $step->content)
            <li @class(['done' => $step->done_at, 'here' => $step->is($sheet->step)])><a href="/checklists/{{ $run->id }}?step={{ $step->position }}"
                tabindex="-1"><span class="num">{{ $step->position }}</span> {{ $of->title }}
                <small>{{ $step->skipped ? 'skipped' : ($step->done_at ? 'done '.$show->time($step->done_at) : $of->minutes.' min') }}</small></a></li>
        @endforeach
    </ol>
</aside>
<div class="run" data-run data-state="{{ $sheet->state() }}">
    <header class="run-head"><a href="/tanks/{{ $run->tank_id }}">{{ $run->tank->name }}</a><span
        class="num">{{ App\Units\Show::minutes($sheet->elapsedMinutes()) }} of about {{ App\Units\Show::minutes($sheet->plannedMinutes()) }}</span></header>
    <ol class="run-progress" aria-label="Steps">
        @foreach($run->steps as $step)
            <li @class(['done' => $step->done_at, 'here' => $step->is($sheet->step)])><a href="/checklists/{{ $run->id }}?step={{ $step->position }}"
                @if($step->is($sheet->step)) aria-current="step" @endif><span
                class="visually-hidden">{{ $step->position }}. {{ $step->content->title }}@if($step->skipped)
                (skipped)@elseif($step->done_at) (done)@endif</span></a></li>
        @endforeach
    </ol>
    @if($sheet->opensNow())
    <form hx-post="/checklists/{{ $run->id }}/steps/{{ $sheet->step->position }}/open" hx-trigger="load" hx-swap="none" hidden>@csrf</form>
    @endif
    <div class="run-body">
    @if(session('status'))<p class="finding heed">{{ session('status') }}</p>@endif
    <form id="step" method="post" action="/checklists/{{ $run->id }}/steps/{{ $sheet->step->position }}" novalidate>@csrf
        @if(!$done)<button class="visually-hidden" tabindex="-1" aria-hidden="true"></button>@endif
        <h1>{{ $content->title }}</h1>
        @foreach($content->lines as $line)
        <p class="line">{!! preg_replace(
            '/(\d[\d.,]*(?:\s|&nbsp;)?(?:mm|L|%|°C|°F|US gal|imp gal)\b)/u', '<b class="num">$1</b>', e($line)) !!}</p>@endforeach
        @if($content->stands !== [])
        <input type="hidden" name="stands_asked" value="1">
        @foreach($content->stands as $cut)
        @include('runs.stand', ['cut' => $cut, 'found' => $sheet->found($cut), 'done' => $done])
        @endforeach
        @endif
        @if($content->patches !== [])<div class="patch-ticks" role="group" aria-label="Patches of the bed that were reached"><input type="hidden"
            name="patches_asked" value="1">@foreach($sheet->patchNumbers() as $id => $number)<label><input type="checkbox" name="patches[]" value="{{ $id }}"
            @checked(!in_array($id, $content->missed, true)) @disabled($done)> <span>{{ $number }}</span></label> @endforeach <a class="act quiet"
            href="/tanks/{{ $run->tank_id }}/gravel-vac">on the plan of the bed</a></div>@endif
        @if($content->batch)<p><a class="act quiet" href="/batches/{{ $content->batch }}">Its batch card</a></p>@endif
        @if($content->drawing)<div class="run-drawing">@include('parts.section', ['drawing' => $sheet->drawing(), 'show' => $show])</div>@endif
        @if($sheet->rings())<p class="timer" role="timer" data-rings="{{ $sheet->rings() }}"
            data-now="{{ now()->getTimestamp() }}">{{ max(0, (int) ceil(($sheet->rings() - now()->getTimestamp()) / 60)) }} min</p>@endif
        @if($others = $sheet->meanwhile())<p class="meanwhile">Meanwhile: @foreach($others as $other)<a class="act quiet"
            href="/checklists/{{ $run->id }}?step={{ $other->position }}">{{ $other->content->title }}</a> @endforeach</p>@endif
        @foreach($sheet->otherTimers() as $timer)<p class="meanwhile"><a
            href="/checklists/{{ $run->id }}?step={{ $timer['position'] }}">{{ $timer['title'] }}</a>:
            {{ $timer['rings'] <= now()->getTimestamp() ? 'time is up' :
            'until '.$show->time(Carbon\CarbonImmutable::createFromTimestamp($timer['rings'])) }}</p>@endforeach
        @if($again?->asksForAnother())<p class="finding heed"><b>What you read asks for another amount.</b> To bring {{ $again->goalInWords() }} takes
            {{ $show->volume($again->advised) }}, {{ $show->volume($again->total) }} are planned. <a
            href="/checklists/{{ $run->id }}/again">Plan again</a></p>@endif
        @foreach($sheet->spells($show) as [$words, $isLong])<p @class(['meanwhile', 'finding beyond' => $isLong])>{{ $words }}</p>@endforeach
        @error('switches')<p class="finding beyond" role="alert">{{ $message }}</p>@enderror
        @if($content->switches->value !== 'none')
            <ul class="switches">
            @foreach($run->switches as $tick)
                @php($isOff = $tick->isOpen())
                <li>
                @if($content->switches->value === 'off')
                    <button form="tick" formaction="/checklists/{{ $run->id }}/switches/{{ $tick->device->value }}" name="to" value="off"
                        @class(['switch', 'ticked' => $tick->off_at]) @if($tick->off_at) aria-pressed="true" disabled @else aria-pressed="false"
                        @endif>{{ $tick->device->label() }} <span>{{ $tick->off_at ? 'off '.$show->time($tick->off_at) : 'off?' }}</span></button>
                    @if(!$tick->off_at && !$done)<label class="tick"><input type="checkbox" name="left_on[]" value="{{ $tick->device->value }}"> stays on<span
                        class="visually-hidden">: {{ $tick->device->label() }}</span></label>@endif
                @elseif($tick->off_at)
                    <button form="tick" formaction="/checklists/{{ $run->id }}/switches/{{ $tick->device->value }}" name="to" value="on"
                        @class(['switch', 'ticked' => $tick->on_at, 'open' => $isOff]) @if($tick->on_at) aria-pressed="true" disabled @else
                        aria-pressed="false" @endif>{{ $tick->device->label() }}
                        <span>{{ $tick->on_at ? 'on '.$show->time($tick->on_at) : 'runs?' }}</span></button>
                @endif
                </li>
            @endforeach
            </ul>
        @endif
        @if($content->reads !== [])
            <div class="captures">
            @foreach($content->reads as $parameter)
                @php($kept = $sheet->step->readings->firstWhere('parameter', $parameter))
                <div class="capture"><label for="r-{{ $parameter->value }}">{{ $parameter->label() }}
                    <small>{{ $show->unit($parameter)->label }}</small></label>
                @if($kept)<output id="r-{{ $parameter->value }}" class="num">{{ $show->reading($kept->toCore()) }}</output>
                @else<input id="r-{{ $parameter->value }}" name="readings[{{ $parameter->value }}]"
                    value="{{ is_string(old('readings.'.$parameter->value)) ? old('readings.'.$parameter->value) : '' }}"
                    inputmode="{{ $show->kit($parameter)->isChart() ? 'text' : 'decimal' }}" autocomplete="off" maxlength="60" placeholder="–"
                    aria-describedby="e-r-{{ $parameter->value }}" @error('readings.'.$parameter->value) aria-invalid="true" @enderror>@endif
                <p class="fault" id="e-r-{{ $parameter->value }}">@error('readings.'.$parameter->value){{ $message }}@enderror</p></div>
            @endforeach
            </div>
        @endif
        @if($sheet->asksWhatWasFound())
        <fieldset class="found-how"><legend>{{ __('week.found.ask') }}</legend>
            @foreach(App\View\Choices::all('found') as $found)<label><input type="radio" name="found" value="{{ $found->value }}"
                @checked($sheet->step->found === $found) @disabled($done)> <span>{{ __('week.found.'.$found->value) }}</span></label>@endforeach
        </fieldset>
        @endif
        @foreach($content->cautions as $caution)<p class="caution"><x-icon name="exclamation-triangle"/> {{ $caution }}</p>@endforeach
        @if($content->tools !== [])<p class="why">To hand: {{ implode(', ', $content->tools) }}</p>@endif
        <p class="why">Why now: {{ $content->why }}</p>
        @if(!$done)
        <details class="more"><summary>Note, or skip this step</summary>
            <label for="note">Note</label><input id="note" name="note" value="{{ is_string(old('note')) ? old('note') : '' }}" maxlength="1000"
                autocomplete="off">
            @if($sheet->step->job === 'condition')<p class="finding heed">{{ __('run.skip_conditioner') }}</p>@endif
            <button class="act quiet" name="skip" value="1">Skip this step</button>
        </details>
        @elseif($sheet->step->note)<p class="why">Noted: {{ $sheet->step->note }}</p>@endif
        @if($off !== [] && $content->switches->value === 'none')
            <div class="still-off"><h2>Still off</h2><ul>@foreach($off as $tick)<li>{{ $tick->device->label() }}
                <span>since {{ $show->time($tick->off_at) }}</span></li>@endforeach</ul></div>
        @endif
    </form>
    <details class="more photo" @error('photo') open @enderror>
    <summary>Photo{{ $sheet->step->photos->isEmpty() ? '' : 's: '.$sheet->step->photos->count() }}</summary>
        @foreach($sheet->step->photos as $photo)<figure><img src="/photos/{{ $photo->id }}" width="{{ $photo->width }}" height="{{ $photo->height }}"
            alt="Photo of {{ $show->time($photo->taken_at) }}" loading="lazy"><figcaption>
        <form method="post" action="/photos/{{ $photo->id }}">@csrf @method('delete')<button class="quiet">Take out</button></form></figcaption>
        </figure>@endforeach
        <form method="post" action="/checklists/{{ $run->id }}/steps/{{ $sheet->step->position }}/photo" enctype="multipart/form-data">@csrf<label
            for="photo">A photo, kept for you alone; where it was taken is left out</label><input id="photo" type="file" name="photo"
            accept="image/jpeg,image/png,image/webp" capture="environment" aria-describedby="e-photo"><p class="fault"
            id="e-photo">@error('photo'){{ $message }}@enderror</p><button class="act quiet">Keep photo</button></form>
    </details>
    @if($beside = $sheet->beside())
    <section class="beside" aria-labelledby="beside-title"><h2 id="beside-title">{{ __('week.beside_head') }}</h2>
        @foreach($beside as $chore)
        <form class="act-line" method="post" action="/tasks/{{ $chore->id }}/done">@csrf<span>{{ App\View\WeekWords::chore($chore) }}</span>
            @if($chore->toKind()->comes->value === 'learned' && $chore->every === null)<span class="muted">Done, found</span>
            @foreach(App\View\Choices::all('found') as $found)<button class="act quiet" name="found"
                value="{{ $found->value }}">{{ __('week.found.'.$found->value) }}<span class="visually-hidden">:
                {{ App\View\WeekWords::chore($chore) }}</span></button>@endforeach
            @else<button class="act quiet">Done<span class="visually-hidden">: {{ App\View\WeekWords::chore($chore) }}</span></button>@endif</form>
        @endforeach
    </section>
    @endif
    <form id="tick" method="post">@csrf<input type="hidden" name="step" value="{{ $sheet->step->position }}"></form>
    @if($sheet->step->is($sheet->current))
    <p class="why">@if($run->changes_water)<a href="/checklists/{{ $run->id }}/again">Plan again from here</a> · @endif <a
        href="/checklists/{{ $run->id }}/print">On paper</a></p>
    <details class="more drop"><summary>Drop this checklist</summary>
    <form method="post" action="/checklists/{{ $run->id }}">@csrf @method('delete')<p>What was read in it stays in the diary.</p><button
        class="act beyond">Drop it</button></form></details>
    @endif
    </div>
    <footer class="run-foot">
        <p>@if($sheet->nextTitle())Then: {{ lcfirst($sheet->nextTitle()) }}@else Then: the look-back @endif</p>
        <div class="run-acts">
            @if($previous = $sheet->previous())<a class="back" href="/checklists/{{ $run->id }}?step={{ $previous->position }}"
                aria-label="Back to {{ $previous->content->title }}" data-back>‹</a>@else<a class="back"
                href="/tanks/{{ $run->tank_id }}/{{ $run->changes_water ? 'change' : 'compose?dry=1' }}" aria-label="Back to the plan">‹</a>@endif
            @if($done)<a class="go" href="/checklists/{{ $run->id }}" data-go>To the open step</a>
            @else<button form="step" class="go" data-go>{{ $content->act }}</button>@endif
        </div>
    </footer>
</div>
</div>
</x-layout>
