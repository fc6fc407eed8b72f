<x-layout :title="'Plan again · '.$run->tank->name" bare>
<div class="run again">
    <header class="run-head"><a href="/checklists/{{ $run->id }}">{{ $run->tank->name }}</a><span>plan again from here</span></header>
    <div class="run-body">
    <h1>From here on</h1>
    <form method="get" action="/checklists/{{ $run->id }}/again" novalidate>
        <div class="row-fields">
            <x-change-entry name="level" label="waterline now, below the rim" :value="$typed['level']" :unit="$show->levels()->label"/>
            <x-change-entry name="litres" label="out in all" :value="$typed['litres']" :unit="$volume->label()"/>
            <x-change-entry name="minutes" label="minutes left, if few" :value="$typed['minutes']" unit="min"/>
        </div>
        <button class="act quiet">Work it out</button>
    </form>
    @if($new)
    @if($new->asksForAnother())<p class="finding heed"><b>By what is known now another amount.</b> To bring {{ $new->goalInWords() }} takes
        {{ $show->volume($new->advised) }}{{ $new->isUnderWay ? ' each time' : '' }}, within what the animals stand. <a
        href="/checklists/{{ $run->id }}/again?{{ http_build_query(['litres' => App\Units\Show::plain($volume->fromLitres($new->advised), 1)] + $typed) }}">Take
        it</a></p>@endif
    <x-findings :findings="App\View\BeyondLimits::of($run->tank, $new->forecast, $new->mark, $new->allowed(), $show)"/>
    <p class="line">@if($new->toFill !== null)<b class="num">{{ __('run.to_fill', ['litres' => $show->volume($new->toFill, 1)]) }}</b>
        @elseif($new->left < 0.1)Nothing more to drain. @else<b class="num">{{ $show->volume($new->left, 1) }}</b> still to drain, to <b
        class="num">{{ $show->level($new->mark) }}</b> below the rim.
        @endif {{ $show->percent($new->share) }} new water in all; {{ $show->volume($new->refill) }} go in.</p>
    <p class="why">The rest takes about {{ App\Units\Show::minutes($new->minutes) }}.
        @if($run->tank->fish_height > 0)Fish stand in {{ $show->level($new->depth()) }} at that mark. @endif</p>
    <p class="why">After it: @foreach($new->after() as [$name, $value]){{ $name }} {{ $value }}@if(!$loop->last) · @endif @endforeach</p>
    @if($fallen = $new->fallen())<p
        class="finding heed"><b>Left for next time:</b>
        {{ App\View\Words::list(array_map(fn ($s) => lcfirst($s->content->title), $fallen)) }}.</p>@endif
    <form method="post" action="/checklists/{{ $run->id }}/again">@csrf
        @foreach($typed as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
        <button class="act large">Go on with this</button>
    </form>
    @endif
    </div>
</div>
</x-layout>
