<x-layout :title="'A session at '.$tank->name" :loop="$loop">
    <div class="page-head"><h1>A session at {{ $tank->name }}</h1><a class="act quiet" href="/tanks/{{ $tank->id }}/change?{{ http_build_query($asked) }}">Back to the change</a></div>
    <p class="lead-line">{{ $page->change() }}</p>
    <form id="compose" method="get" action="/tanks/{{ $tank->id }}/compose" novalidate>
        @foreach($asked as $name => $value)@if(is_scalar($value) || $value === null)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endif @endforeach
        <div class="two-halves compose">
        <fieldset class="picks"><legend>What else, while hands are wet?</legend>
            @foreach($page->tasks() as $row)
                <label class="tick"><input type="checkbox" name="tasks[]" value="{{ $row['task']->value }}" @checked($row['picked']) data-recompose> <span>{{ $row['task']->label() }} <small @class(['due' => $row['due']])>{{ $row['due'] ? 'due, ' : '' }}{{ $row['last'] }}</small></span></label>
            @endforeach
            <p class="fault" id="e-f-tasks">{{ $errors->first('tasks') ?: $errors->first('order') }}</p>
            <div class="field small"><label for="f-day">On</label><input id="f-day" type="date" name="day" value="{{ $page->work->day?->format('Y-m-d') }}" aria-describedby="e-f-day"><p class="fault" id="e-f-day">{{ $errors->first('day') }}</p></div>
            <button class="act quiet">Sort it</button>
        </fieldset>
        <section aria-labelledby="sheet-title"><h2 id="sheet-title">The sheet</h2>
            <p><b>{{ ucfirst($page->time()) }}.</b> Begun now, it ends at {{ $page->ends() }}.</p>
            @foreach($page->broken() as $line)<p class="finding beyond"><b>Against the usual order.</b> {{ $line }}</p>@endforeach
            @if($page->work->own !== [])<input type="hidden" name="order" value="{{ implode(',', $page->order->keys()) }}"><p><button class="act quiet" name="order" value="">Back to the usual order</button></p>@endif
            <ol class="sheet-steps">
                @foreach($page->steps() as $row)
                <li @class(['of-water' => $row['water']])><span class="num">{{ $row['from'] }}</span><div><b>{{ $row['job']->title }}</b> <small>{{ $row['minutes'] }}{{ $row['learned'] ? ' as it went here' : '' }}{{ $row['water'] ? ' · the water’s' : '' }}</small><small class="why">{{ $row['job']->why }}</small></div>
                    <span class="moves">@if($row['up'])<button class="quiet" name="order" value="{{ $row['up'] }}" aria-label="{{ $row['job']->title }} earlier">↑</button>@endif @if($row['down'])<button class="quiet" name="order" value="{{ $row['down'] }}" aria-label="{{ $row['job']->title }} later">↓</button>@endif</span></li>
                @endforeach
            </ol>
            <p class="muted">{{ $page->litresOut() }} Not onto beds when it is salty or medicated.</p>
            @if($page->tools() !== [])<p class="muted">To hand: {{ implode(', ', $page->tools()) }}.</p>@endif
        </section>
        </div>
    </form>
    <form class="acts stay" method="post" action="/tanks/{{ $tank->id }}/runs">@csrf
        @foreach($asked as $name => $value)@if(is_scalar($value) || $value === null)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endif @endforeach
        @foreach($page->work->tasks as $task)<input type="hidden" name="tasks[]" value="{{ $task->value }}">@endforeach
        @if($page->work->own !== [])<input type="hidden" name="order" value="{{ implode(',', $page->order->keys()) }}">@endif
        @if($page->work->day)<input type="hidden" name="day" value="{{ $page->work->day->format('Y-m-d') }}">@endif
        <button class="act large">Write the run sheet</button>
    </form>
    <details class="more"><summary>Where practice differs</summary>
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/schools">@csrf @method('put')
            <input type="hidden" name="back" value="{{ App\Support\Asked::query(request()) }}">
            @foreach(Cresco\Core\Work\School::cases() as $school)
                <div class="field"><label for="f-school-{{ $school->value }}">{{ $school->label() }}</label><select id="f-school-{{ $school->value }}" name="schools[{{ $school->value }}]">@foreach($school->choices() as $key => $words)<option value="{{ $key }}" @selected($page->session->school($school) === $key)>{{ $words }}</option>@endforeach</select><p class="fault">@error('schools.'.$school->value){{ $message }}@enderror</p></div>
            @endforeach
            <button class="act quiet">Keep for this tank</button>
        </form>
    </details>
</x-layout>
