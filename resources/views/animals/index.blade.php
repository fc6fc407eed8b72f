<x-layout :title="'Livestock in '.$tank->name" :loop="$loop">
    <div class="page-head"><h1>Livestock in {{ $tank->name }}</h1><a class="act" href="/tanks/{{ $tank->id }}/new-arrival">A bag has come</a></div>
    @if($page->animals->isEmpty())<p>{{ __('animals.none') }}</p>@endif
    <ul class="plain-list animals">
    @foreach($page->animals as $animal)
        <li><div><h2>{{ App\View\AnimalsPage::name($animal) }} <b class="num">{{ $page->count($animal) }}</b></h2>
            <p class="muted">{{ $page->size($animal) }}
                @foreach($page->heeds($animal) as $heed)<span class="beyond">{{ $heed }}</span> @endforeach</p></div>
            @if($animal->events->count() > 1)<svg class="count-line" viewBox="0 0 160 28" width="160" height="28" role="img"><title>How many there
                were, from {{ $show->date($animal->events->first()->day) }} to today</title><polyline
                points="{{ $page->line($animal) }}"/></svg>@endif
            <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/livestock/{{ $animal->id }}">@csrf
                <label for="n-{{ $animal->id }}">How many</label><input id="n-{{ $animal->id }}" name="count" inputmode="numeric" size="5"
                    autocomplete="off" class="small-number">
                @foreach(App\View\Choices::all('counts') as $kind)<button class="act quiet" name="event"
                    value="{{ $kind->value }}">{{ __('animals.event.'.$kind->value) }}<span class="visually-hidden">:
                    {{ App\View\AnimalsPage::name($animal) }}</span></button> @endforeach</form>
            <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/livestock/{{ $animal->id }}">@csrf @method('delete')<button
                class="quiet">Take out<span class="visually-hidden">: {{ App\View\AnimalsPage::name($animal) }}</span></button></form></li>
    @endforeach
    </ul>
    @error('count')<p class="fault" role="alert">{{ $message }}</p>@enderror
    @if($nitrate = $page->nitrate())
    <p>{{ __('animals.eats', ['grams' => App\Units\Show::joined(App\Units\Show::plain($page->food(), 2), 'g')]) }} <a
        href="/tanks/{{ $tank->id }}/livestock?working=nitrate" data-working="nitrate">{{ $show->rate(App\View\Choices::parameter('nitrate'),
        $nitrate->value('nitrate')) }}</a> {{ __('animals.eats_a_day') }}
        @if($tank->food_grams !== null){{ __('animals.fed', ['grams' => App\Units\Show::joined(App\Units\Show::plain($tank->food_grams, 2), 'g')]) }}
        @endif</p>
    @if($guess = $page->guess())
    <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/livestock-kinds">@csrf<span>{{ __('animals.begin',
        ['now' => $show->rate(App\View\Choices::parameter('nitrate'), $tank->nitrate_per_day)]) }}</span> <button class="act quiet">{{ __('animals.take',
        ['guess' => $show->rate(App\View\Choices::parameter('nitrate'), $guess)]) }}</button></form>
    @endif
    @endif
    @if($page->doNotMeet())<p class="finding beyond">{{ $page->doNotMeet() }}</p>@endif
    @foreach($page->prey() as $prey)<p class="finding beyond">{{ $prey }}</p>@endforeach
    @if($page->asks() !== '')
    <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/livestock-needs">@csrf<span>{{ __('animals.asks.lead') }} {{ $page->asks() }}.</span>
        <button class="act quiet">{{ __('animals.asks.act') }}</button></form>
    @endif
    @if($page->arrivals->isNotEmpty())
    <section aria-labelledby="came-title"><h2 id="came-title">Came lately</h2><ul class="plain-list">
        @foreach($page->arrivals as $arrival)<li><a
            href="/tanks/{{ $tank->id }}/new-arrivals/{{ $arrival->id }}">{{ $arrival->what }}</a>, {{ $show->day($arrival->arrived_at) }}, by
            {{ mb_strtolower(__('animals.means.'.$arrival->way)) }}@if($arrival->step !== null): {{ __('animals.course.round') }}@endif
            @if($page->apart($arrival))
            <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/new-arrivals/{{ $arrival->id }}">@csrf<span>{{ $page->apart($arrival) }}</span>
            <button class="act quiet">End the quarantine<span class="visually-hidden"> of {{ $arrival->what }}</span></button></form>@endif</li>@endforeach
    </ul></section>
    @endif
    <section aria-labelledby="more-title"><h2 id="more-title">One more kind</h2>
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/livestock" novalidate>@csrf<div class="row-fields">
        <x-choice name="kind" label="What" :options="App\View\AnimalsPage::kinds()"/><x-field name="name" label="Your name for them"/>
        <x-field name="count" label="How many" mode="numeric"/><x-field name="length" label="Length when grown, if you know better"
            :unit="$show->levels()->label" mode="decimal"/></div><button class="act">Keep</button></form></section>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
