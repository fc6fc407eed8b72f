<x-layout :title="'Maintenance at '.$tank->name" :loop="$loop" act>
    <div class="page-head"><h1>Maintenance at {{ $tank->name }}</h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/water-change?{{ http_build_query($asked) }}">Back to the change</a></div>
    <form id="compose" method="get" action="/tanks/{{ $tank->id }}/maintenance" novalidate>
        <fieldset class="either"><legend class="visually-hidden">Water</legend>
            <label><input id="dry-0" type="radio" name="dry" value="0" @checked(!$page->work->isDry) data-recompose> <span>With a water change</span></label>
            <label><input id="dry-1" type="radio" name="dry" value="1" @checked($page->work->isDry) data-recompose> <span>Without</span></label>
            <p class="lead-line">{{ $page->change() }}</p>
        </fieldset>
        @foreach($asked as $name => $value)@if(is_scalar($value) || $value === null)<input type="hidden" name="{{ $name }}"
            value="{{ $value }}">@endif @endforeach
        <fieldset class="signs"><legend>What do you see?</legend>
            @foreach($page->signs() as $row)<label><input id="sign-{{ $row['sign']->value }}" type="checkbox" name="signs[]" value="{{ $row['sign']->value }}"
                @checked($row['seen']) data-recompose> <span>{{ $row['sign']->label() }}</span></label>@if($row['seen'])<input type="hidden"
                name="signs_was[]" value="{{ $row['sign']->value }}">@if($row['sign']->about() !== null) <button form="look-into"
                class="link" name="seen" value="{{ $row['sign']->value }}">{{ __('inquiry.look_into') }}<span class="visually-hidden">:
                {{ $row['sign']->label() }}</span></button>@endif @endif @endforeach
            <p class="fault" id="e-f-signs">{{ $errors->first('signs') }}</p>
            <p class="ask-why mt-2 mb-0"><a href="/tanks/{{ $page->draft->tank->id }}/problems">{{ __('inquiry.from_compose') }}</a></p>
        </fieldset>
        <div class="two-halves compose">
        <fieldset class="picks"><legend>What will you do?</legend>
            @foreach($page->tasks() as $row)
                <label class="tick"><input id="task-{{ $row['task']->value }}" type="checkbox" name="tasks[]" value="{{ $row['task']->value }}"
                    @checked($row['picked']) @disabled(!$row['open']) data-recompose> <span>{{ $row['task']->label() }} <small
                    @class(['due' => $row['due']])>{{ implode(', ', array_filter([$row['due'] ? 'due' : '', $row['open'] ? $row['last'] :
                    'with a water change only'])) }}</small></span></label>
                @if($stands = $page->standsUnder($row['task']))
                @include('change.stands')
                @endif
            @endforeach
            <p class="fault" id="e-f-tasks">{{ $errors->first('tasks') ?: $errors->first('order') }}</p>
            <div class="field small"><label for="f-day">On</label><input id="f-day" type="date" name="day" data-recompose
                value="{{ $page->work->day?->format('Y-m-d') }}" aria-describedby="e-f-day"><p class="fault" id="e-f-day">{{ $errors->first('day') }}</p></div>
            <button class="act quiet no-script">Sort it</button>
        </fieldset>
        <section aria-labelledby="sheet-title"><h2 id="sheet-title">The checklist</h2>
            @foreach($page->planned() as $run)<p class="muted">Already written: <a
                href="/checklists/{{ $run->id }}">the checklist
                {{ $run->planned_for ? 'for '.$run->planned_for->format('l, j M') : 'for no day' }}</a>{{ $run->planned_for?->format('Y-m-d')
                === $page->work->day?->format('Y-m-d') ? '; a new one takes its place' : '' }}</p>@endforeach
            <p><b>{{ ucfirst($page->time()) }}.</b> Begun now, it ends at {{ $page->ends() }}.</p>
            <div class="write">
                <button class="act large" id="do" form="write">Write the checklist</button>
                <div class="guess"><label for="f-guess">Your own guess</label> <span class="entry"><input id="f-guess" form="write" name="guess" data-keep
                    value="{{ is_string(old('guess', request()->query('guess'))) ? old('guess', request()->query('guess')) : '' }}" inputmode="numeric"
                    autocomplete="off" maxlength="20" aria-describedby="e-f-guess guesses"><span class="unit">min</span></span> <small
                    id="guesses">{{ $page->guesses() }}</small><p class="fault" id="e-f-guess">{{ $errors->first('guess') }}</p></div>
            </div>
            @foreach($page->strains() as $strain)
            <p class="finding {{ $strain['finding']->tone }}"><b>{{ $strain['finding']->head }}</b> {{ $strain['finding']->text }}
                <a href="?{{ http_build_query($page->withTasks($strain['without']) + $asked) }}">{{ __('compose.strain.without') }}</a>
                @if($strain['waits'] !== []) · <a
                href="?{{ http_build_query($page->nextDay($strain['waits']) + $asked) }}">{{ __('compose.strain.tomorrow') }}</a>@endif</p>
            @endforeach
            @foreach($page->broken() as $line)<p class="finding beyond"><b>Against the usual order.</b> {{ $line }}</p>@endforeach
            @if($page->work->own !== [])<input type="hidden" name="order" value="{{ implode(',', $page->order->keys()) }}"><p><button class="act quiet"
                name="order" value="">Back to the usual order</button></p>@endif
            <ol class="sheet-steps">
                @foreach($page->steps() as $row)
                <li @class(['of-water' => $row['water']])><span class="num">{{ $row['from'] }}</span><div><b>{{ $row['job']->title }}</b>
                    <small>{{ $row['minutes'] }}{{ $row['learned'] ? ' as it went here' : '' }}{{ $row['water'] ? ' · the water’s' : '' }}</small><small
                    class="why">{{ $row['job']->why }}</small></div>
                    <span class="moves">@if($row['up'])<button class="quiet" name="order" value="{{ $row['up'] }}"
                        aria-label="{{ $row['job']->title }} earlier">↑</button>@endif @if($row['down'])<button class="quiet" name="order"
                        value="{{ $row['down'] }}" aria-label="{{ $row['job']->title }} later">↓</button>@endif</span></li>
                @endforeach
            </ol>
            <ul class="spells">@foreach($page->spells() as [$words, $isLong])<li @class(['due' => $isLong])>{{ $words }}</li>@endforeach</ul>
            @if($page->beside() !== '')<p>{{ $page->beside() }}</p>@endif
            @if($page->litresOut())<p class="muted">{{ $page->litresOut() }} Not onto beds when it is salty or medicated.</p>@endif
            @if($page->tools() !== [])<p class="muted">To hand: {{ implode(', ', $page->tools()) }}.</p>@endif
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
        @if($stands = $page->stands())
        <input type="hidden" name="trim" value="1">
        @foreach($stands as $stand)
        @if($stand['picked'])
        <input type="hidden" name="stands[]" value="{{ $stand['key'] }}">
        <input type="hidden" name="cut[{{ $stand['key'] }}]" value="{{ $stand['to'] }}">
        @endif
        @endforeach
        @endif
    </form>
    <details class="more"><summary>Where practice differs</summary>
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/methods">@csrf @method('put')
            <input type="hidden" name="back" value="{{ App\View\Asked::query(request()) }}">
            @foreach(App\View\Choices::all('school') as $school)
                <div class="field"><label for="f-school-{{ $school->value }}">{{ $school->label() }}</label>
                <select id="f-school-{{ $school->value }}" name="schools[{{ $school->value }}]">@foreach($school->choices() as $key => $words)<option
                    value="{{ $key }}" @selected($page->session->school($school) === $key)>{{ $words }}</option>@endforeach</select>
                <p class="fault">@error('schools.'.$school->value){{ $message }}@enderror</p></div>
            @endforeach
            <button class="act quiet">Keep for this tank</button>
        </form>
    </details>
</x-layout>
