@php($show = $page->show)
<x-layout title="Going away">
    <div class="page-head"><h1>Going away</h1><a class="act quiet" href="/week">To the week</a></div>
    @if(is_string($link))<div class="finding heed feed-shown"><p>{{ __('helper.made') }}</p><p><input id="feed-address" readonly value="{{ $link }}"
        aria-label="Link for the helper"></p></div>@endif
    @if($page->tank === null)
    <div class="empty"><h2>No tank yet</h2><p><a class="act" href="/tanks/new">Measure the first tank</a></p></div>
    @else
    <section aria-labelledby="nobody-title"><h2 id="nobody-title">If nobody does anything until {{ $page->until->format('l j F') }}</h2>
        @php($lines = fn ($one, bool $beyond): array => array_filter($one->lines, fn (array $line): bool => $line['beyond'] === $beyond))
        @foreach([true, false] as $beyond)
        @unless($beyond)<details class="more" id="else"><summary>{{ __('helper.all') }}</summary>@endunless
        <dl class="nobody">@foreach($page->nobody() as $one)@continue($lines($one, $beyond) === [])<div><dt>{{ $one->tank->name }}</dt>
            <dd>@foreach($lines($one, $beyond) as $line)<span
            @class(['beyond' => $line['beyond']])>@if($line['opens'] ?? false)<a data-working="{{ $one->tank->id }}"
            href="/helpers?working={{ $one->tank->id }}">{{ $line['text'] }}</a>@else{{ $line['text'] }}@endif</span> @endforeach</dd></div>@endforeach</dl>
        @unless($beyond)</details>@endunless
        @endforeach
        <p class="muted">Fish in good condition stand a week or two without food. Say how long you are away on <a
            href="/week">the week</a>: no job is laid on those
            days.</p></section>
    @php($helpers = $page->helpers())
    @if($helpers->isNotEmpty())
    <section aria-labelledby="links-title"><h2 id="links-title">Who helps</h2><ul class="plain-list">
        @foreach($helpers as $helper)
        @php($of = new App\View\HelperPage($helper))
        @php($count = $of->count())
        <li><a href="/helpers/{{ $helper->id }}">{{ $helper->name }} at {{ $helper->tank->name }}</a>, {{ $helper->from_day->format('j M') }} to
            {{ $helper->until_day->format('j M') }}: {{ __('helper.report.by',
                ['done' => $count[0], 'asked' => $count[1]]) }}@if($of->isOver()), over @endif</li>
        @endforeach
    </ul></section>
    @endif
    <section aria-labelledby="ask-title"><h2 id="ask-title">Ask somebody</h2>
    <form class="plain-form" method="get" action="/helpers"><div class="field"><label for="f-tank">For which tank</label><select id="f-tank"
        name="tank" data-reload>
        @foreach($page->keeper->tanks as $tank)<option value="{{ $tank->id }}" @selected($tank->id === $page->tank->id)>{{ $tank->name }}
            </option>@endforeach</select></div>
        <button class="act quiet no-script">Show</button></form>
    <form class="plain-form" method="post" action="/helpers" novalidate>@csrf<input type="hidden" name="tank_id" value="{{ $page->tank->id }}">
        <div class="row-fields"><x-field name="name" label="Who helps"/><x-field name="from_day" label="From" type="date"
            :value="$page->from->format('Y-m-d')"/>
            <x-field name="until_day" label="Until, then the link ends" type="date" :value="$page->until->format('Y-m-d')"/></div>
        @error('jobs')<p class="fault">{{ $message }}</p>@enderror
        <p class="muted">In plain words, with amounts that are packed or marked beforehand. Empty rows are left out.</p>
        @foreach($page->proposed() as $n => $job)
        @if($n === $page->filled())<details class="more"
            @if($page->isMoreTyped() || $errors->has('jobs.*')) open @endif><summary>More to do</summary>@endif
        <fieldset class="ask-row"><legend>{{ $n + 1 }}</legend><x-field :name="'jobs['.$n.'][text]'" label="What to do" :value="$job['text']" rows="3"/>
            <x-field :name="'jobs['.$n.'][caution]'" label="What to heed" :value="$job['caution']" rows="3"/>
            <x-field :name="'jobs['.$n.'][every]'" label="every" unit="days" :value="$job['every']" mode="numeric" small/></fieldset>
        @if($loop->last && $page->filled() <= $n)</details>@endif
        @endforeach
        <fieldset><legend>To be read</legend>@foreach($page->reads() as $parameter)<label class="tick"><input type="checkbox" name="reads[]"
            value="{{ $parameter->value }}" @checked(in_array($parameter->value, (array) old('reads', []), true))> {{ $parameter->label() }}
                </label> @endforeach</fieldset>
        <div class="field"><label for="f-note">A word to them: where the jug stands, whom to call</label><textarea id="f-note" name="note" rows="2"
            maxlength="500">{{ is_string(old('note')) ? old('note') : '' }}</textarea><p class="fault">@error('note'){{ $message }}@enderror</p></div>
        <button class="act">Make the link</button>
        <p class="muted">The link shows
            this tank's name and what is asked, and nothing else. It works without an account until its last day, or until you take it
            back.</p>
    </form></section>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
