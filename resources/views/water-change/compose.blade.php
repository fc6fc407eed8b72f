<x-layout :title="__('change.compose.title', ['tank' => $tank->name])" :loop="$loop" act>
    <div class="page-head"><h1>{{ __('change.compose.maintenance_at', ['tank' => $tank->name]) }}</h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/water-change?{{ http_build_query($asked) }}">{{ __('change.compose.back_to_water') }}</a></div>
    <form id="compose" method="get" action="/tanks/{{ $tank->id }}/maintenance" novalidate>
        <fieldset class="either"><legend class="visually-hidden">{{ __('change.compose.water') }}</legend>
            <label><input id="dry-0" type="radio" name="dry" value="0" @checked(!$page->work->isDry) data-recompose> <span>{{
                __('change.compose.with_a_water') }}</span></label>
            <label><input id="dry-1" type="radio" name="dry" value="1" @checked($page->work->isDry) data-recompose> <span>{{ __('change.compose.without')
                }}</span></label>
            <p class="lead-line">{{ $page->change() }}</p>
        </fieldset>
        @foreach($asked as $name => $value)@if(is_scalar($value) || $value === null)<input type="hidden" name="{{ $name }}"
            value="{{ $value }}">@endif @endforeach
        <fieldset class="signs"><legend>{{ __('change.compose.what_do_you') }}</legend>
            @foreach($page->signs() as $row)<label><input id="sign-{{ $row['sign']->value }}" type="checkbox" name="signs[]" value="{{ $row['sign']->value }}"
                @checked($row['seen']) data-recompose> <span>{{ $stepWords::sign($row['sign']) }}</span></label>@if($row['seen'])<input type="hidden"
                name="signs_was[]" value="{{ $row['sign']->value }}">@if($row['sign']->about() !== null) <button form="look-into"
                class="link" name="seen" value="{{ $row['sign']->value }}">{{ __('inquiry.look_into') }}<span class="visually-hidden">:
                {{ $stepWords::sign($row['sign']) }}</span></button>@endif @endif @endforeach
            <p class="fault" id="e-f-signs">{{ $errors->first('signs') }}</p>
            <p class="ask-why mt-2 mb-0"><a href="/tanks/{{ $page->draft->tank->id }}/problems">{{ __('inquiry.from_compose') }}</a></p>
        </fieldset>
        <div class="two-halves compose">
        <fieldset class="picks"><legend>{{ __('change.compose.what_will_you') }}</legend>
            @foreach($page->tasks() as $row)
                <label class="tick"><input id="task-{{ $row['task']->value }}" type="checkbox" name="tasks[]" value="{{ $row['task']->value }}"
                    @checked($row['picked']) @disabled(!$row['open']) data-recompose> <span>{{ $stepWords::task($row['task']) }} <small
                    @class(['due' => $row['due']])>{{ implode(', ', array_filter([$row['due'] ? __('change.compose.due') : '', $row['open'] ? $row['last'] :
                    __('change.compose.with_change')])) }}</small></span></label>
                @if($plantGroups = $page->plantGroupsUnder($row['task']))
                @include('water-change.stands')
                @endif
            @endforeach
            <p class="fault" id="e-f-tasks">{{ $errors->first('tasks') ?: $errors->first('order') }}</p>
            <div class="field small"><label for="f-day">{{ __('change.compose.on') }}</label><input id="f-day" type="date" name="day" data-recompose
                value="{{ $page->work->day?->format('Y-m-d') }}" aria-describedby="e-f-day"><p class="fault" id="e-f-day">{{ $errors->first('day') }}</p></div>
            <button class="act quiet no-script">{{ __('change.compose.update') }}</button>
        </fieldset>
        <section aria-labelledby="sheet-title"><h2 id="sheet-title">{{ __('change.compose.the_checklist') }}</h2>
            @foreach($page->planned() as $checklist)<p class="muted">{{ __('change.compose.already_planned') }} <a
                href="/checklists/{{ $checklist->id }}">{{ $checklist->planned_for ? __('change.compose.for_day', ['day' =>
                    $checklist->planned_for->translatedFormat('l, j M')]) :
                    __('change.compose.for_no_day') }}</a>{{ $checklist->planned_for?->format('Y-m-d')
                === $page->work->day?->format('Y-m-d') ? '; a new one takes its place' : '' }}</p>@endforeach
            <p><b>{{ ucfirst($page->time()) }}.</b> {{ __('change.compose.if_you_start', ['what' => $page->ends()]) }}</p>
            <div class="write">
                <button class="act large" id="do" form="write">{{ __('change.compose.start_the_checklist') }}</button>
                <div class="guess"><label for="f-guess">{{ __('change.compose.your_own_guess') }}</label> <span class="entry"><input id="f-guess"
                    form="write" name="guess" data-keep
                    value="{{ is_string(old('guess', request()->query('guess'))) ? old('guess', request()->query('guess')) : '' }}" inputmode="numeric"
                    autocomplete="off" maxlength="20" aria-describedby="e-f-guess guesses"><span class="unit">min</span></span> <small
                    id="guesses">{{ $page->guesses() }}</small><p class="fault" id="e-f-guess">{{ $errors->first('guess') }}</p></div>
            </div>
            @foreach($page->strains() as $strain)
            <x-finding :tone="$strain['finding']->tone"><b>{{ $strain['finding']->head }}</b> {{ $strain['finding']->text }}
                <a href="?{{ http_build_query($page->withTasks($strain['without']) + $asked) }}">{{ __('compose.strain.without') }}</a>
                @if($strain['waits'] !== []) · <a
                href="?{{ http_build_query($page->nextDay($strain['waits']) + $asked) }}">{{ __('compose.strain.tomorrow') }}</a>@endif</x-finding>
            @endforeach
            @foreach($page->broken() as $line)<x-finding tone="beyond"><b>{{ __('change.compose.not_the_usual') }}</b> {{ $line }}</x-finding>@endforeach
            @if($page->work->own !== [])<input type="hidden" name="order" value="{{ implode(',', $page->order->keys()) }}"><p><button class="act quiet"
                name="order" value="">{{ __('change.compose.back_to_the') }}</button></p>@endif
            <ol class="sheet-steps">
                @foreach($page->steps() as $row)
                <li @class(['of-water' => $row['water']])><span class="num">{{ $row['from'] }}</span><div><b>{{ $stepWords::title($row['job']) }}</b>
                    <small>{{ $row['minutes'] }}{{ $row['learned'] ? ' '.__('change.compose.as_before') : '' }}{{ $row['water'] ?
                        ' · '.__('change.compose.water_runs') : '' }}</small><small
                    class="why">{{ $stepWords::why($row['job']) }}</small></div>
                    <span class="moves">@if($row['up'])<button class="quiet" name="order" value="{{ $row['up'] }}"
                        aria-label="{{ __('change.compose.earlier', ['what' => $stepWords::title($row['job'])]) }}">↑</button>@endif
                            @if($row['down'])<button
                            class="quiet" name="order"
                        value="{{ $row['down'] }}" aria-label="{{ __('change.compose.later', ['what'
                            => $stepWords::title($row['job'])]) }}">↓</button>@endif</span></li>
                @endforeach
            </ol>
            <ul class="spells">@foreach($page->spells() as [$words, $isLong])<li @class(['due' => $isLong])>{{ $words }}</li>@endforeach</ul>
            @if($page->beside() !== '')<p>{{ $page->beside() }}</p>@endif
            @if($page->litresOut())<p class="muted">{{ __('change.compose.never_onto_garden', ['litres' => $page->litresOut()]) }}</p>@endif
            @if($page->tools() !== [])<p class="muted">{{ __('change.compose.have_ready', ['what' => implode(', ', $page->tools())]) }}</p>@endif
        </section>
        </div>
    </form>
    <form id="look-into" method="post" action="/tanks/{{ $tank->id }}/problems">@csrf</form>
    <form id="write" method="post" action="/tanks/{{ $tank->id }}/checklists">@csrf
        @foreach($asked as $name => $value)@if(is_scalar($value) || $value === null)<input type="hidden" name="{{ $name }}"
            value="{{ $value }}">@endif @endforeach
        @foreach($page->work->tasks as $task)<input type="hidden" name="tasks[]" value="{{ $task->value }}">@endforeach
        @if($page->work->own !== [])<input type="hidden" name="order" value="{{ implode(',', $page->order->keys()) }}">@endif
        @if($page->work->day)<input type="hidden" name="day" value="{{ $page->work->day->format('Y-m-d') }}">@endif
        @foreach($page->work->signs as $sign)<input type="hidden" name="signs[]" value="{{ $sign->value }}"><input type="hidden" name="signs_was[]"
            value="{{ $sign->value }}">@endforeach
        @if($page->work->isDry)<input type="hidden" name="dry" value="1">@endif
        @if($plantGroups = $page->plantGroups())
        <input type="hidden" name="trim" value="1">
        @foreach($plantGroups as $plantGroup)
        @if($plantGroup['picked'])
        <input type="hidden" name="stands[]" value="{{ $plantGroup['key'] }}">
        <input type="hidden" name="cut[{{ $plantGroup['key'] }}]" value="{{ $plantGroup['to'] }}">
        @endif
        @endforeach
        @endif
    </form>
    <details class="more"><summary>{{ __('change.compose.how_you_do') }}</summary>
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/methods">@csrf @method('put')
            <input type="hidden" name="back" value="{{ $pageQuery::query(request()) }}">
            @foreach($choices::all('school') as $school)
                <div class="field"><label for="f-school-{{ $school->value }}">{{ $stepWords::method($school) }}</label>
                <select id="f-school-{{ $school->value }}" name="schools[{{ $school->value }}]">@foreach($stepWords::choices($school) as $key =>
                    $words)<option
                    value="{{ $key }}" @selected($page->session->school($school) === $key)>{{ $words }}</option>@endforeach</select>
                <p class="fault">@error('schools.'.$school->value){{ $message }}@enderror</p></div>
            @endforeach
            <button class="act quiet">{{ __('change.compose.save_for_this') }}</button>
        </form>
    </details>
</x-layout>
