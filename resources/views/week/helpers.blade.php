@php($show = $page->show)
<x-layout :title="__('helper.list.going_away')">
    <div class="page-head"><h1>{{ __('helper.list.going_away') }}</h1><a class="act quiet" href="/week">{{ __('helper.list.week') }}</a></div>
    @if(is_string($link))<div class="finding heed feed-shown"><p>{{ __('helper.made') }}</p><p><input id="feed-address" readonly value="{{ $link }}"
        aria-label="{{ __('helper.list.link_for_the') }}"></p></div>@endif
    @if($page->tank === null)
    <div class="empty"><h2>{{ __('helper.list.no_tank_yet') }}</h2><p><a class="act" href="/tanks/new">{{ __('helper.list.add_the_first') }}</a></p></div>
    @else
    <section aria-labelledby="nobody-title"><h2 id="nobody-title">{{ __('helper.list.if_nobody_does', ['day' => $page->until->translatedFormat('l j F')])
        }}</h2>
        @php($lines = fn ($one, bool $beyond): array => array_filter($one->lines, fn (array $line): bool => $line['beyond'] === $beyond))
        @foreach([true, false] as $beyond)
        @unless($beyond)<details class="more" id="else"><summary>{{ __('helper.all') }}</summary>@endunless
        <dl class="nobody">@foreach($page->nobody() as $one)@continue($lines($one, $beyond) === [])<div><dt>{{ $one->tank->name }}</dt>
            <dd>@foreach($lines($one, $beyond) as $line)<span
            @class(['beyond' => $line['beyond']])>@if($line['opens'] ?? false)<a data-working="{{ $one->tank->id }}"
            href="/helpers?working={{ $one->tank->id }}">{{ $line['text'] }}</a>@else{{ $line['text'] }}@endif</span> @endforeach</dd></div>@endforeach</dl>
        @unless($beyond)</details>@endunless
        @endforeach
        <p class="muted">{{ __('helper.list.healthy_fish_can') }} <a
            href="/week">{{ __('helper.list.week') }}</a>: {{ __('helper.list.nothing_is_scheduled') }}</p></section>
    @php($helpers = $page->helpers())
    @if($helpers->isNotEmpty())
    <section aria-labelledby="links-title"><h2 id="links-title">{{ __('helper.list.who_helps') }}</h2><ul class="plain-list">
        @foreach($helpers as $helper)
        @php($of = $page->asked($helper))
        @php($count = $of->count())
        <li><a href="/helpers/{{ $helper->id }}">{{ __('helper.list.at', ['name' => $helper->name, 'tank' => $helper->tank->name]) }}</a>, {{
            __('helper.list.to', ['day' => $helper->from_day->translatedFormat('j M'), 'until' => $helper->until_day->translatedFormat('j M'), 'what' =>
                __('helper.report.by',
            ['done' => $count[0], 'asked' => $count[1]])]) }}@if($of->isOver()), {{ __('helper.list.over') }} @endif</li>
        @endforeach
    </ul></section>
    @endif
    <section aria-labelledby="ask-title"><h2 id="ask-title">{{ __('helper.list.ask_somebody') }}</h2>
    <form class="plain-form" method="get" action="/helpers"><div class="field"><label for="f-tank">{{ __('helper.list.for_which_tank') }}</label><select
        id="f-tank"
        name="tank" data-reload>
        @foreach($page->keeper->tanks as $tank)<option value="{{ $tank->id }}" @selected($tank->id === $page->tank->id)>{{ $tank->name }}
            </option>@endforeach</select></div>
        <button class="act quiet no-script">{{ __('helper.list.show') }}</button></form>
    <form class="plain-form" method="post" action="/helpers" novalidate>@csrf<input type="hidden" name="tank_id" value="{{ $page->tank->id }}">
        <div class="row-fields"><x-field name="name" :label="__('helper.list.who_helps')"/><x-field name="from_day" :label="__('helper.list.from')" type="date"
            :value="$page->from->format('Y-m-d')"/>
            <x-field name="until_day" :label="__('helper.list.until_then_the')" type="date" :value="$page->until->format('Y-m-d')"/></div>
        @error('jobs')<p class="fault">{{ $message }}</p>@enderror
        <p class="muted">{{ __('helper.list.in_plain_words') }}</p>
        @foreach($page->proposed() as $n => $job)
        @if($n === $page->filled())<details class="more"
            @if($page->isMoreTyped() || $errors->has('jobs.*')) open @endif><summary>{{ __('helper.list.add_tasks') }}</summary>@endif
        <fieldset class="ask-row"><legend>{{ $n + 1 }}</legend><x-field :name="'jobs['.$n.'][text]'" :label="__('helper.list.what_to_do')"
            :value="$job['text']" rows="3"/>
            <x-field :name="'jobs['.$n.'][caution]'" :label="__('helper.list.warning')" :value="$job['caution']" rows="3"/>
            <x-field :name="'jobs['.$n.'][every]'" :label="__('helper.list.every')" :unit="__('names.days')" :value="$job['every']" mode="numeric"
                small/></fieldset>
        @if($loop->last && $page->filled() <= $n)</details>@endif
        @endforeach
        <fieldset><legend>{{ __('helper.list.tests_to_do') }}</legend>@foreach($page->reads() as $parameter)<label class="tick"><input type="checkbox"
            name="reads[]"
            value="{{ $parameter->value }}" @checked(in_array($parameter->value, (array) old('reads', []), true))> {{ label($parameter) }}
                </label> @endforeach</fieldset>
        <div class="field"><label for="f-note">{{ __('helper.list.a_note_for') }}</label><textarea id="f-note" name="note" rows="2"
            maxlength="500">{{ is_string(old('note')) ? old('note') : '' }}</textarea><p class="fault">@error('note'){{ $message }}@enderror</p></div>
        <button class="act">{{ __('helper.list.create_the_link') }}</button>
        <p class="muted">{{ __('helper.list.the_link_shows') }}</p>
    </form></section>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
