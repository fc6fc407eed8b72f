@php($content = $sheet->content)
@php($off = $sheet->stillOff())
@php($done = $sheet->step->done_at !== null)
<x-layout :title="$sheet->step->title().' · '.$checklist->tank->name" bare>
<div class="run-desk">
<aside class="run-order" aria-label="{{ __('run.show.all_steps') }}">
    <h2>{{ __($checklist->changes_water ? 'run.show.change_at' : 'run.show.work_at', ['tank' => $checklist->tank->name]) }}</h2>
    <p>{{ $sheet->summary($show) }}</p>
    <ol>
        @foreach($checklist->steps as $step)
            @php($of = $step->content)
            <li @class(['done' => $step->done_at, 'here' => $step->is($sheet->step)])><a href="/checklists/{{ $checklist->id }}?step={{ $step->position }}"
                tabindex="-1"><span class="num">{{ $step->position }}</span> {{ $step->title() }}
                <small>{{ $step->skipped ? __('run.show.skipped_word') : ($step->done_at ? __('run.show.done_at', ['time' => $show->time($step->done_at)])
                : __('run.show.minutes', ['minutes' => $of->minutes])) }}</small></a></li>
        @endforeach
    </ol>
</aside>
<div class="run" data-run data-state="{{ $sheet->state() }}">
    <header class="run-head"><a href="/tanks/{{ $checklist->tank_id }}">{{ $checklist->tank->name }}</a><span
        class="num">{{ __('run.show.of_about', ['minutes' => $format::minutes($sheet->elapsedMinutes()), 'minutes_too' =>
            $format::minutes($sheet->plannedMinutes())]) }}</span></header>
    <ol class="run-progress" aria-label="{{ __('run.show.steps') }}">
        @foreach($checklist->steps as $step)
            <li @class(['done' => $step->done_at, 'here' => $step->is($sheet->step)])><a href="/checklists/{{ $checklist->id }}?step={{ $step->position }}"
                @if($step->is($sheet->step)) aria-current="step" @endif><span
                class="visually-hidden">{{ $step->position }}. {{ $step->title() }}@if($step->skipped)
                {{ __('run.show.skipped') }}@elseif($step->done_at) {{ __('run.show.done') }}@endif</span></a></li>
        @endforeach
    </ol>
    @if($sheet->opensNow())
    <form hx-post="/checklists/{{ $checklist->id }}/steps/{{ $sheet->step->position }}/open" hx-trigger="load" hx-swap="none" hidden>@csrf</form>
    @endif
    <div class="run-body">
    @if(session('status'))<x-finding>{{ session('status') }}</x-finding>@endif
    <form id="step" method="post" action="/checklists/{{ $checklist->id }}/steps/{{ $sheet->step->position }}" novalidate>@csrf
        @if(!$done)<button class="visually-hidden" tabindex="-1" aria-hidden="true"></button>@endif
        <h1>{{ $sheet->step->title() }}</h1>
        @foreach($content->lines as $line)
        <p class="line">{!! preg_replace(
            '/(\d[\d.,]*(?:\s|&nbsp;)?(?:mm|L|%|°C|°F|US gal|imp gal)\b)/u', '<b class="num">$1</b>', e($line)) !!}</p>@endforeach
        @if($content->plantGroups !== [])
        <input type="hidden" name="stands_asked" value="1">
        @foreach($content->plantGroups as $cut)
        @include('checklists.stand', ['cut' => $cut, 'found' => $sheet->found($cut), 'done' => $done])
        @endforeach
        @endif
        @if($content->zones !== [])<div class="patch-ticks" role="group" aria-label="{{ __('run.show.gravel_vac_zones') }}"><input type="hidden"
            name="patches_asked" value="1">@foreach($sheet->zoneNumbers() as $id => $number)<label><input type="checkbox" name="patches[]" value="{{ $id }}"
            @checked(!in_array($id, $content->missed, true)) @disabled($done)> <span>{{ $number }}</span></label> @endforeach <a class="act quiet"
            href="/tanks/{{ $checklist->tank_id }}/gravel-vac">{{ __('run.show.see_the_gravel') }}</a></div>@endif
        @if($content->batch)<p><a class="act quiet" href="/batches/{{ $content->batch }}">{{ __('run.show.batch_card') }}</a></p>@endif
        @if($content->drawing)<div class="run-drawing">@include('parts.section', ['drawing' => $sheet->drawing(), 'show' => $show])</div>@endif
        @if($sheet->rings())<p class="timer" role="timer" data-rings="{{ $sheet->rings() }}"
            data-now="{{ now()->getTimestamp() }}" data-up="{{ __('run.show.time_up') }}"
            >{{ max(0, (int) ceil(($sheet->rings() - now()->getTimestamp()) / 60)) }} min</p>@endif
        @if($others = $sheet->meanwhile())<p class="meanwhile">{{ __('run.show.meanwhile') }} @foreach($others as $other)<a class="act quiet"
            href="/checklists/{{ $checklist->id }}?step={{ $other->position }}">{{ $other->title() }}</a> @endforeach</p>@endif
        @foreach($sheet->otherTimers() as $timer)<p class="meanwhile"><a
            href="/checklists/{{ $checklist->id }}?step={{ $timer['position'] }}">{{ $timer['title'] }}</a>:
            {{ $timer['rings'] <= now()->getTimestamp() ? __('run.show.time_up')
            : __('run.show.until', ['time' => $show->time(Carbon\CarbonImmutable::createFromTimestamp($timer['rings']))]) }}</p>@endforeach
        @if($again?->asksForAnother())<x-finding tone="heed"><b>{{ __('run.show.your_test_calls') }}</b> {{ __('run.show.to_bring_takes', ['goal' =>
            $again->goalInWords(), 'litres' => $show->volume($again->advised), 'litres_too' => $show->volume($again->total)]) }} <a
            href="/checklists/{{ $checklist->id }}/again">{{ __('run.show.plan_again') }}</a></x-finding>@endif
        @foreach($sheet->spells($show) as [$words, $isLong])<p @class(['meanwhile', 'finding beyond' => $isLong])>{{ $words }}</p>@endforeach
        @error('switches')<x-finding tone="beyond" role="alert">{{ $message }}</x-finding>@enderror
        @if($content->switches->value !== 'none')
            <ul class="switches">
            @foreach($checklist->switches as $tick)
                @php($isOff = $tick->isOpen())
                <li>
                @if($content->switches->value === 'off')
                    <button form="tick" formaction="/checklists/{{ $checklist->id }}/switches/{{ $tick->device->value }}" name="to" value="off"
                        @class(['switch', 'ticked' => $tick->off_at]) @if($tick->off_at) aria-pressed="true" disabled @else aria-pressed="false"
                        @endif>{{ label($tick->device) }} <span>{{ $tick->off_at ? __('run.show.off_at', ['time' => $show->time($tick->off_at)]) :
                            __('run.show.off_ask') }}</span></button>
                    @if(!$tick->off_at && !$done)<label class="tick"><input type="checkbox" name="left_on[]" value="{{ $tick->device->value }}"> {{
                        __('run.show.stays_on') }}<span
                        class="visually-hidden">: {{ label($tick->device) }}</span></label>@endif
                @elseif($tick->off_at)
                    <button form="tick" formaction="/checklists/{{ $checklist->id }}/switches/{{ $tick->device->value }}" name="to" value="on"
                        @class(['switch', 'ticked' => $tick->on_at, 'open' => $isOff]) @if($tick->on_at) aria-pressed="true" disabled @else
                        aria-pressed="false" @endif>{{ label($tick->device) }}
                        <span>{{ $tick->on_at ? __('run.show.on_at', ['time' => $show->time($tick->on_at)]) : __('run.show.on_ask') }}</span></button>
                @endif
                </li>
            @endforeach
            </ul>
        @endif
        @if($content->reads !== [])
            <div class="captures">
            @foreach($content->reads as $parameter)
                @php($kept = $sheet->step->readings->firstWhere('parameter', $parameter))
                <div class="capture"><label for="r-{{ $parameter->value }}">{{ label($parameter) }}
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
            @foreach($choices::all('found') as $found)<label><input type="radio" name="found" value="{{ $found->value }}"
                @checked($sheet->step->found === $found) @disabled($done)> <span>{{ __('week.found.'.$found->value) }}</span></label>@endforeach
        </fieldset>
        @endif
        <x-cautions :cautions="$sheet->cautions()"/>
        @if($content->tools !== [])<p class="why">{{ __('run.show.have_ready', ['what' => implode(', ', $sheet->tools())]) }}</p>@endif
        <p class="why">{{ __('run.show.why_now', ['what' => $sheet->step->why()]) }}</p>
        @if(!$done)
        <details class="more"><summary>{{ __('run.show.note_or_skip') }}</summary>
            <label for="note">{{ __('act.note') }}</label><input id="note" name="note" value="{{ is_string(old('note')) ? old('note') : '' }}" maxlength="1000"
                autocomplete="off">
            @if($sheet->step->job === 'condition')<x-finding tone="heed">{{ __('run.skip_conditioner') }}</x-finding>@endif
            <button class="act quiet" name="skip" value="1">{{ __('run.show.skip_this_step') }}</button>
        </details>
        @elseif($sheet->step->note)<p class="why">{{ __('run.show.note', ['what' => $sheet->step->note]) }}</p>@endif
        @if($off !== [] && $content->switches->value === 'none')
            <div class="still-off"><h2>{{ __('run.show.still_off') }}</h2><ul>@foreach($off as $tick)<li>{{ label($tick->device) }}
                <span>{{ __('run.show.since', ['day' => $show->time($tick->off_at)]) }}</span></li>@endforeach</ul></div>
        @endif
    </form>
    <details class="more photo" @error('photo') open @enderror>
    <summary>{{ trans_choice('run.show.photos', $sheet->step->photos->count(), ['count' => $sheet->step->photos->count()]) }}</summary>
        @foreach($sheet->step->photos as $photo)<figure><img src="/photos/{{ $photo->id }}" width="{{ $photo->width }}" height="{{ $photo->height }}"
            alt="{{ __('run.show.photo_of', ['day' => $show->time($photo->taken_at)]) }}" loading="lazy"><figcaption>
        <form method="post" action="/photos/{{ $photo->id }}">@csrf @method('delete')<button class="quiet">{{ __('act.delete') }}</button></form></figcaption>
        </figure>@endforeach
        <form method="post" action="/checklists/{{ $checklist->id }}/steps/{{ $sheet->step->position }}/photo" enctype="multipart/form-data">@csrf<label
            for="photo">{{ __('run.show.a_private_photo') }}</label><input id="photo" type="file" name="photo"
            accept="image/jpeg,image/png,image/webp" capture="environment" aria-describedby="e-photo"><p class="fault"
            id="e-photo">@error('photo'){{ $message }}@enderror</p><button class="act quiet">{{ __('run.show.save_photo') }}</button></form>
    </details>
    @if($beside = $sheet->beside())
    <section class="beside" aria-labelledby="beside-title"><h2 id="beside-title">{{ __('week.beside_head') }}</h2>
        @foreach($beside as $chore)
        <form class="act-line" method="post" action="/tasks/{{ $chore->id }}/done">@csrf<span>{{ $jobWords::chore($chore) }}</span>
            @if($chore->toKind()->comes->value === 'learned' && $chore->every === null)<span class="muted">{{ __('run.show.done_there_was') }}</span>
            @foreach($choices::all('found') as $found)<button class="act quiet" name="found"
                value="{{ $found->value }}">{{ __('week.found.'.$found->value) }}<span class="visually-hidden">:
                {{ $jobWords::chore($chore) }}</span></button>@endforeach
            @else<button class="act quiet">{{ __('act.done') }}<span class="visually-hidden">: {{ $jobWords::chore($chore)
                }}</span></button>@endif</form>
        @endforeach
    </section>
    @endif
    <form id="tick" method="post">@csrf<input type="hidden" name="step" value="{{ $sheet->step->position }}"></form>
    @if($sheet->step->is($sheet->current))
    <p class="why">@if($checklist->changes_water)<a href="/checklists/{{ $checklist->id }}/again">{{ __('run.show.plan_the_rest') }}</a> · @endif <a
        href="/checklists/{{ $checklist->id }}/print">{{ __('act.print') }}</a></p>
    <details class="more drop"><summary>{{ __('run.show.delete_this_checklist') }}</summary>
    <form method="post" action="/checklists/{{ $checklist->id }}">@csrf @method('delete')<p>{{ __('run.show.its_tests_stay') }}</p><button
        class="act beyond">{{ __('act.delete') }}</button></form></details>
    @endif
    </div>
    <footer class="run-foot">
        <p>@if($sheet->nextTitle()){{ __('run.show.then', ['what' => $sheet->nextTitle()]) }}@else {{ __('run.show.then_forecast_check') }} @endif</p>
        <div class="run-acts">
            @if($previous = $sheet->previous())<a class="back" href="/checklists/{{ $checklist->id }}?step={{ $previous->position }}"
                aria-label="{{ __('run.show.back_to', ['what' => $previous->title()]) }}" data-back>‹</a>@else<a class="back"
                href="/tanks/{{ $checklist->tank_id }}/{{ $checklist->changes_water ? 'change' : 'compose?dry=1' }}"
                    aria-label="{{ __('run.show.back_to_the') }}">‹</a>@endif
            @if($done)<a class="go" href="/checklists/{{ $checklist->id }}" data-go>{{ __('run.show.go_to_the') }}</a>
            @else<button form="step" class="go" data-go>{{ $sheet->step->act() }}</button>@endif
        </div>
    </footer>
</div>
</div>
</x-layout>
