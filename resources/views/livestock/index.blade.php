<x-layout :title="__('animals.page.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ __('animals.page.title', ['tank' => $tank->name]) }}</h1><a class="act" href="/tanks/{{ $tank->id }}/new-arrival">{{
        __('animals.page.arrivals') }}</a></div>
    @if($page->animals->isEmpty())<p>{{ __('animals.none') }}</p>@endif
    <ul class="plain-list animals">
    @foreach($page->animals as $animal)
        <li><div><h2>{{ $page::name($animal) }} <b class="num">{{ $page->count($animal) }}</b></h2>
            <p class="muted">{{ $page->size($animal) }}
                @foreach($page->heeds($animal) as $heed)<span class="beyond">{{ $heed }}</span> @endforeach</p></div>
            @if($chart = $page->chart($animal))<div class="count"><x-chart :chart="$chart" :high="84"/></div>@endif
            <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/livestock/{{ $animal->id }}">@csrf
                <label for="n-{{ $animal->id }}">{{ __('animals.page.count') }}</label><input id="n-{{ $animal->id }}" name="count" inputmode="numeric" size="5"
                    autocomplete="off" class="small-number">
                @foreach($choices::all('counts') as $kind)<button class="act quiet" name="event"
                    value="{{ $kind->value }}">{{ __('animals.event.'.$kind->value) }}<span class="visually-hidden">:
                    {{ $page::name($animal) }}</span></button> @endforeach</form>
            <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/livestock/{{ $animal->id }}">@csrf @method('delete')<button
                class="quiet">{{ __('act.delete') }}<span class="visually-hidden">: {{ $page::name($animal) }}</span></button></form></li>
    @endforeach
    </ul>
    @error('count')<p class="fault" role="alert">{{ $message }}</p>@enderror
    @if($nitrate = $page->nitrate())
    <p>{{ __('animals.eats', ['grams' => $format::joined($format::plain($page->food(), 2), 'g')]) }} <a
        href="/tanks/{{ $tank->id }}/livestock?working=nitrate" data-working="nitrate">{{ $show->rate($choices::parameter('nitrate'),
        $nitrate->value('nitrate')) }}</a> {{ __('animals.eats_a_day') }}
        @if($tank->food_grams !== null){{ __('animals.fed', ['grams' => $format::joined($format::plain($tank->food_grams, 2), 'g')]) }}
        @endif</p>
    @if($guess = $page->guess())
    <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/livestock-kinds">@csrf<span>{{ __('animals.begin',
        ['now' => $show->rate($choices::parameter('nitrate'), $tank->nitrate_per_day)]) }}</span> <button class="act quiet">{{ __('animals.take',
        ['guess' => $show->rate($choices::parameter('nitrate'), $guess)]) }}</button></form>
    @endif
    @endif
    @if($page->doNotMeet())<x-finding tone="beyond">{{ $page->doNotMeet() }}</x-finding>@endif
    @foreach($page->prey() as $prey)<x-finding tone="beyond">{{ $prey }}</x-finding>@endforeach
    @if($page->asks() !== '')
    <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/livestock-needs">@csrf<span>{{ __('animals.asks.lead') }} {{ $page->asks() }}.</span>
        <button class="act quiet">{{ __('animals.asks.act') }}</button></form>
    @endif
    @if($page->arrivals->isNotEmpty())
    <section aria-labelledby="came-title"><h2 id="came-title">{{ __('animals.page.recent') }}</h2><ul class="plain-list">
        @foreach($page->arrivals as $arrival)<li><a
            href="/tanks/{{ $tank->id }}/new-arrivals/{{ $arrival->id }}">{{ $arrival->what }}</a>, {{ $show->day($arrival->arrived_at) }}:
            {{ __($arrival->step !== null ? 'animals.course.round' : 'animals.means.'.$arrival->way) }}
            @if($page->apart($arrival))
            <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/new-arrivals/{{ $arrival->id }}">@csrf<span>{{ $page->apart($arrival) }}</span>
            <button class="act quiet">{{ __('animals.page.end') }}<span class="visually-hidden">: {{ $arrival->what
                }}</span></button></form>@endif</li>@endforeach
    </ul></section>
    @endif
    <section aria-labelledby="more-title"><h2 id="more-title">{{ __('animals.page.add') }}</h2>
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/livestock" novalidate>@csrf<div class="row-fields">
        <x-choice name="kind" :label="__('animals.page.kind')" :options="$page::kinds()"/>
        <x-field name="name" :label="__('animals.page.name')"/>
        <x-field name="count" :label="__('animals.page.count')" mode="numeric"/><x-field name="length" :label="__('animals.page.length')"
            :unit="$show->levels()->label" mode="decimal"/></div><button class="act">{{ __('act.add') }}</button></form></section>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
